import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { RisksNow } from '../work/risks-now';

/** What this formula risks before anything is baked, by the model that finds causes afterwards. */
@Component({
  selector: 'orv-could-go-wrong',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (risks().length > 0) {
      <h2 i18n>What could go wrong</h2>
      <ul>
        @for (risk of risks(); track risk.fault) {
          <li>
            <b>{{ risk.name }}</b> {{ risk.by }}
          </li>
        }
      </ul>
      <a class="quiet" routerLink="/book" [queryParams]="{ at: 'why', ids: 'at-hand' }" i18n>Ask the Book why</a>
    }
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    ul {
      margin: 4px 0;
      padding: 0;
      list-style: none;
    }
    li {
      padding: 4px 0;
      border-top: 1px solid var(--hair);
      color: var(--ink-2);
    }
    .quiet {
      display: inline-flex;
      align-items: center;
      padding: 0;
      text-decoration: none;
    }
  `,
})
export class CouldGoWrong {
  readonly formulaId = input.required<string>();
  private readonly now = inject(RisksNow);
  protected readonly risks = computed(() => this.now.of(this.formulaId()));
}
