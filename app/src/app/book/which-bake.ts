import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { faultsOf } from '@orvin/core/book/diagnosing';
import { faultName } from '@orvin/core/words/why-words';
import { dayOf } from '../parts/wall-clock';
import { BookStore } from '../store/book-store';
import { OnBench } from '../work/on-bench';

/** The formula at hand, without a bake on record. */
export const AT_HAND = 'at-hand';

/** Which bake is spoken of: one on record, or the formula at hand. */
@Component({
  selector: 'orv-which-bake',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label class="unseen" for="which" i18n>Which bake</label>
    <select id="which" class="pick" #which (change)="choose.emit(which.value)">
      @for (one of choices(); track one.id) {
        <option [value]="one.id" [selected]="one.id === chosen()">{{ one.words }}</option>
      }
    </select>
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    .pick {
      width: 100%;
      max-width: 26rem;
      font-weight: 620;
    }
  `,
})
export class WhichBake {
  readonly chosen = input.required<string>();
  readonly choose = output<string>();
  private readonly book = inject(BookStore);
  private readonly onBench = inject(OnBench);
  protected readonly choices = computed(() => {
    const atHand = this.onBench.record();
    const named = (faults: readonly string[]) => faults.map(faultName).join(', ');
    return [
      ...this.book.bakes().map(({ id, record }) => {
        const faults = faultsOf(record);
        return { id, words: `${record.title}, ${dayOf(record.at)}${faults.length > 0 ? `: ${named(faults)}` : ''}` };
      }),
      ...(atHand
        ? [
            {
              id: AT_HAND,
              words: $localize`${atHand.formula.title || $localize`The formula at hand`}, without a bake on record`,
            },
          ]
        : []),
    ];
  });
}
