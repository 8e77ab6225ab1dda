import { shortDecimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, output } from '@angular/core';
import { capitalised } from '@orvin/core/words/figures';
import { nextInWords } from '@orvin/core/words/along-words';
import { ThisBaking } from './this-baking';
import { OwnDial } from '../parts/own-dial';

/** All steps, to jump to any of them; what was weighed stands beside it. */
@Component({
  selector: 'orv-step-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 i18n>All steps</h2>
    <ol>
      @for (step of steps(); track step.id) {
        <li>
          <button
            type="button"
            [class.done]="step.done"
            [attr.aria-current]="step.here ? 'step' : null"
            (click)="chosen.emit(step.id)"
          >
            <span class="number">{{ step.number }}</span> <span>{{ step.words }}</span> <b>{{ step.told }}</b>
          </button>
        </li>
      }
    </ol>
  `,
  styles: `
    :host {
      flex: 1;
      min-height: 0;
      overflow-y: auto;
      padding: 20px 32px;
    }
    ol {
      columns: 22rem 3;
      column-gap: 36px;
      margin: 10px 0 0;
      padding: 0;
      list-style: none;
    }
    li {
      break-inside: avoid;
      border-bottom: 1px solid var(--hair);
    }
    button {
      display: flex;
      align-items: baseline;
      gap: 12px;
      width: 100%;
      min-height: 48px;
      padding: 10px 6px;
      border: 0;
      background: none;
      color: var(--ink);
      font: inherit;
      font-size: var(--step-1);
      text-align: start;
      cursor: pointer;
    }
    button:hover {
      background: var(--rim-wash);
    }
    .number {
      flex: none;
      width: 1.8rem;
      color: var(--ink-3);
    }
    b {
      margin-left: auto;
      white-space: nowrap;
    }
    .done {
      color: var(--ink-2);
    }
    [aria-current] {
      background: var(--butter-wash);
    }
  `,
})
export class StepList {
  readonly chosen = output<string>();
  private readonly dial = inject(OwnDial);
  private readonly baking = inject(ThisBaking);
  protected readonly steps = computed(() => {
    const { at, weighed } = this.baking.state();
    return this.baking.walk().map((step, i) => {
      const pans = 'portion' in step ? this.baking.pansOf(step.portion) : '';
      const grams = weighed.get(step.id)?.grams;
      const words = nextInWords(step, pans, this.baking.wordsOf(step), this.dial.scale());
      return {
        id: step.id,
        number: i + 1,
        words: capitalised(words),
        told: grams === undefined ? '' : $localize`${shortDecimal(grams, 1)} g in`,
        here: i === at,
        done: i < at,
      };
    });
  });
}
