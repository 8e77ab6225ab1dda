import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, input, signal } from '@angular/core';
import { amountInWords, unweighedInWords } from '@orvin/core/words/batch-words';
import type { BatchLine, MeasuredBatch } from '@orvin/core/batch/batch';
import { AmountChoices, type Asked } from './amount-choices';
import { exactForHands, isWeight } from './amount-words';

const SCALE_ONLY: ReadonlySet<string> = new Set(['scale-1g', 'scale-0.1g']);

/** Every line as hands will measure it, and in grams; each amount can be traded for another that the kit can measure. */
@Component({
  selector: 'orv-amount-table',
  imports: [AmountChoices],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <table i18n-aria-label aria-label="Amounts">
      <thead>
        <tr>
          <th scope="col" i18n>what</th>
          @if (kitchenColumn()) {
            <th scope="col" class="kitchen" i18n>kitchen</th>
          }
          <th scope="col" class="grams" i18n>grams</th>
        </tr>
      </thead>
      @for (component of components(); track component.id) {
        <tbody>
          @if (components().length > 1) {
            <tr class="part">
              <th scope="rowgroup" [attr.colspan]="kitchenColumn() ? 3 : 2">
                {{ component.name || texts.batter }}
                @if (component.own) {
                  <span class="caption">{{ component.own }}</span>
                }
              </th>
            </tr>
          }
          @for (line of component.lines; track line.id) {
            <tr [class.held]="line.held">
              <th scope="row">
                {{ line.name }}
                @if (line.note) {
                  <span class="caption">{{ line.note }}</span>
                }
              </th>
              @if (kitchenColumn()) {
                <td class="kitchen">
                  @if (line.amount) {
                    <button
                      type="button"
                      (click)="trade(line.line, $event)"
                      [attr.aria-label]="line.spoken"
                      [title]="line.exact"
                    >
                      {{ line.amount }}
                    </button>
                  }
                </td>
              }
              <td class="grams">
                @if (line.amount && kitchenColumn()) {
                  <b [title]="line.exact">{{ line.grams }}</b>
                } @else {
                  <button
                    type="button"
                    (click)="trade(line.line, $event)"
                    [attr.aria-label]="line.spoken"
                    [title]="line.exact"
                  >
                    <b>{{ line.grams }}</b>
                  </button>
                }
              </td>
            </tr>
          }
          @for (line of component.unweighed; track $index) {
            <tr>
              <th scope="row" [attr.colspan]="kitchenColumn() ? 3 : 2" class="as-written">
                @if (line.alerts) {
                  <span class="mark mark-error" aria-hidden="true">■</span>
                }
                {{ line.text }} <span class="caption">{{ line.how }}</span>
              </th>
            </tr>
          }
        </tbody>
      }
    </table>
    @defer (when asked()) {
      @if (asked(); as asked) {
        <orv-amount-choices [asked]="asked" />
      }
    }
  `,
  styleUrl: './amount-table.css',
})
export class AmountTable {
  protected readonly texts = {
    batter: $localize`Batter`,
  };
  readonly measured = input.required<MeasuredBatch>();
  protected readonly asked = signal<Asked | undefined>(undefined);

  protected readonly kitchenColumn = computed(() => !SCALE_ONLY.has(this.measured().kitId));
  protected readonly components = computed(() =>
    this.measured().components.map((component) => ({
      id: component.id,
      name: component.name,
      own: component.scaledBy === 'surface' ? $localize`${decimal(component.factor, 2)} of its own, by surface` : '',
      unweighed: component.unweighed.map((line) => ({
        ...unweighedInWords(line),
        alerts: line.why !== 'to-taste',
      })),
      lines: component.lines.map((line) => ({
        id: line.id,
        line,
        name: line.name,
        amount: isWeight(line.amount) ? '' : amountInWords(line.amount),
        grams: exactForHands(line.grams),
        held: line.held,
        exact: $localize`exactly ${exactForHands(line.exactGrams, 2)} g, measured within ${exactForHands(line.spreadGrams)} g`,
        spoken: $localize`${line.name}:name:: ${isWeight(line.amount) ? line.amount : amountInWords(line.amount)}, trade it`,
        note: [
          line.optional ? $localize`may be left out` : '',
          line.eggOverGrams === undefined
            ? ''
            : $localize`${Math.round(line.eggOverGrams)} g of an egg left: brush the tops`,
        ]
          .filter(Boolean)
          .join(', '),
      })),
    })),
  );

  protected trade(line: BatchLine, { currentTarget }: Event): void {
    if (currentTarget instanceof HTMLElement) this.asked.set({ line, at: currentTarget });
  }
}
