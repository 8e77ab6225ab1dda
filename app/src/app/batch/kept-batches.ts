import { LOCALE } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { FormulaStore } from '../store/formula-store';
import type { StoredBatch } from '../store/records';

const DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });

/** The sheet of this batch, and the batches that were kept, each with the version it came from. */
@Component({
  selector: 'orv-kept-batches',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" aria-labelledby="sheets">
      <h2 id="sheets" i18n>Sheets to cook from</h2>
      <ul>
        <li>
          <a [routerLink]="['/batch', id(), 'sheet']"><b i18n>This batch as it stands</b></a>
          <span class="said" i18n>print, PDF, Markdown, CSV</span>
        </li>
        @for (one of kept(); track one.batch.id) {
          <li>
            <a [routerLink]="['/batch', id(), 'sheet']" [queryParams]="{ kept: one.batch.id }">{{ one.batch.name }}</a>
            <span class="said" i18n>version {{ one.batch.versionNumber }}, {{ one.when }}</span>
            <button
              type="button"
              class="quiet"
              (click)="forget(one.batch)"
              [attr.aria-label]="texts.forgetTheBatch(one.batch.name)"
            >
              ✕
            </button>
          </li>
        }
      </ul>
    </section>
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    li {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 2px 14px;
      min-height: 36px;
      border-top: 1px solid var(--hair);
    }
    li a {
      flex: 1 1 12rem;
    }
    @media (pointer: coarse) {
      li a {
        min-height: var(--finger);
        display: flex;
        align-items: center;
      }
    }
  `,
})
export class KeptBatches {
  protected readonly texts = {
    forgetTheBatch: (name: string | number) => $localize`Forget the batch ${name}`,
  };
  readonly id = input.required<string>();
  private readonly store = inject(FormulaStore);
  protected readonly kept = computed(() =>
    this.store.batchesOf(this.id()).map((batch) => ({ batch, when: DAY.format(batch.keptAt) })),
  );
  protected forget(batch: StoredBatch): void {
    this.store.forgetBatch(batch);
  }
}
