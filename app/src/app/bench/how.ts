import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { derivationOf, type Figure } from '@orvin/core/words/explaining';
import { BatterOutlook } from './outlook';

let nextId = 0;

/** Opens a figure to where it comes from: the equation in words, what went in, the source, how sure it is. */
@Component({
  selector: 'orv-how',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <button
      type="button"
      [attr.aria-expanded]="open()"
      [attr.aria-controls]="id"
      [attr.aria-label]="texts.howIsWorkedOut(of())"
      (click)="open.set(!open())"
      i18n
    >
      how
    </button>
    @if (open()) {
      @if (derivation(); as derivation) {
        <div class="how" [id]="id">
          <p i18n>
            <b>{{ derivation.title }}</b> is {{ derivation.equation }}.
          </p>
          <dl>
            @for (entry of derivation.inputs; track entry[0]) {
              <div>
                <dt>{{ entry[0] }}</dt>
                <dd>{{ entry[1] }}</dd>
              </div>
            }
          </dl>
          <p class="sure">{{ derivation.sure }}</p>
          <p class="caption" i18n>Source: {{ derivation.source }}.</p>
        </div>
      }
    }
  `,
  styles: `
    :host {
      display: contents;
    }
    button {
      border: 0;
      background: none;
      padding: 0 4px;
      min-height: 26px;
      min-width: 32px;
      color: var(--rim);
      font-size: var(--step--1);
      font-weight: 500;
      text-decoration: underline dotted;
      text-underline-offset: 3px;
      cursor: pointer;
    }
    .how {
      flex: 1 1 100%;
      width: 100%;
      grid-column: 1 / -1;
      margin: 4px 0 8px;
      padding: 8px 12px;
      border-left: 4px solid var(--rim-2);
      background: var(--enamel-2);
      color: var(--ink-2);
      font-size: var(--step--1);
      font-weight: 450;
    }
    dl {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
      gap: 2px 16px;
      margin: 6px 0;
    }
    div > dt {
      display: inline;
    }
    dt::after {
      content: ': ';
    }
    dd {
      display: inline;
      color: var(--ink);
      font-weight: 600;
    }
    .sure {
      color: var(--ink);
    }
    @media (pointer: coarse) {
      button {
        min-height: var(--finger);
        min-width: var(--finger);
      }
    }
  `,
})
export class How {
  protected readonly texts = {
    howIsWorkedOut: (of: string | number) => $localize`How ${of} is worked out`,
  };
  readonly figure = input.required<Figure>();
  /** What it is, in words, for those who hear it. */
  readonly of = input.required<string>();
  private readonly judging = inject(BatterOutlook);
  protected readonly id = `how-${nextId++}`;
  protected readonly open = signal(false);
  protected readonly derivation = computed(() => {
    const audit = this.judging.audit();
    const judged = this.judging.judged();
    return audit && judged && derivationOf(this.figure(), audit, judged);
  });
}
