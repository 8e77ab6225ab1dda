import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal, viewChild } from '@angular/core';
import { amountInWords, unweighedInWords } from '@orvin/core/words/batch-words';
import { Popover } from 'primeng/popover';
import type { Candidate } from '@orvin/core/batch/amounts';
import type { BatchLine, MeasuredBatch } from '@orvin/core/batch/batch';
import { exactForHands, isWeight } from './amount-words';
import { ThisBatch } from './this-batch';

const SCALE_ONLY: ReadonlySet<string> = new Set(['scale-1g', 'scale-0.1g']);

/** Every line as hands will measure it, and in grams; each amount can be traded for another that the kit can measure. */
@Component({
  selector: 'orv-amount-table',
  imports: [Popover],
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
    <p-popover #popover i18n-ariaLabel ariaLabel="Other amounts">
      @if (open(); as line) {
        <div class="choices" role="group" [attr.aria-label]="texts.otherAmountsOf(line.name)">
          <p class="caption" i18n>{{ line.name }}: exactly {{ exact(line.exactGrams) }}</p>
          @for (choice of line.choices; track choice.amount) {
            <button
              type="button"
              [attr.aria-pressed]="isNow(choice, line)"
              (click)="hold(line, choice); popover.hide()"
            >
              <span>{{ words(choice.amount) }}</span>
              <span class="off">{{ off(choice, line) }}</span>
            </button>
          }
          @if (line.held) {
            <button type="button" class="back" (click)="release(line); popover.hide()" i18n>As worked out</button>
          }
        </div>
      }
    </p-popover>
  `,
  styleUrl: './amount-table.css',
})
export class AmountTable {
  protected readonly texts = {
    batter: $localize`Batter`,
    otherAmountsOf: (name: string | number) => $localize`Other amounts of ${name}`,
  };
  readonly measured = input.required<MeasuredBatch>();
  /** Of the batter, to say which parts have another. */
  private readonly settings = inject(ThisBatch);
  private readonly popover = viewChild.required<Popover>('popover');
  protected readonly open = signal<BatchLine | undefined>(undefined);

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

  protected readonly words = amountInWords;
  protected exact = (grams: number) => `${exactForHands(grams, 2)} g`;
  protected isNow = (choice: Candidate, line: BatchLine) => Math.abs(choice.grams - line.grams) < 1e-6;
  protected off(choice: Candidate, line: BatchLine): string {
    const percent = 100 * (choice.grams / line.exactGrams - 1);
    const grams = `${exactForHands(choice.grams)} g`;
    return Math.abs(percent) < 0.05 ? grams : `${grams}, ${percent > 0 ? '+' : '−'}${decimal(Math.abs(percent), 1)} %`;
  }

  protected trade(line: BatchLine, event: Event): void {
    this.open.set(line);
    this.popover().toggle(event);
  }
  protected hold(line: BatchLine, { grams, amount, with: tool }: Candidate): void {
    this.settings.set($localize`the amount of ${line.name}`, {
      held: { ...this.settings.sheet().held, [line.id]: { grams, amount, with: tool } },
    });
  }
  protected release(line: BatchLine): void {
    const held = Object.fromEntries(Object.entries(this.settings.sheet().held ?? {}).filter(([id]) => id !== line.id));
    this.settings.set($localize`the amount of ${line.name}`, { held: Object.keys(held).length > 0 ? held : undefined });
  }
}
