import type { Quantity } from '@orvin/core/kitchen/kitchen';
import { ChangeDetectionStrategy, Component, computed, input, signal } from '@angular/core';
import type { BandVerdict, Style } from '@orvin/core/batter/balance';
import type { Region } from '@orvin/core/ground/units';
import { MARKS } from '../parts/marks';
import { BandEditor } from './band-editor';
import { How } from './how';
import { QUANTITY_NAMES, VERDICT_NAMES, quantityInWords, verdictInWords } from '@orvin/core/words/wording';

/** Each quantity a thin track with the style's band marked and the reading as a tick; the last kept version's tick as a ghost. */
@Component({
  selector: 'orv-band-list',
  imports: [BandEditor, How],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (row of rows(); track row.quantity) {
      <button
        type="button"
        [class]="'row ' + row.severity"
        [attr.aria-expanded]="open() === row.quantity"
        (click)="toggle(row.quantity)"
      >
        <span class="name">{{ row.name }}</span>
        <span class="track" aria-hidden="true">
          <i class="band" [style.left.%]="row.low" [style.width.%]="row.width"></i>
          @if (row.ghost !== undefined) {
            <i class="ghost" [style.left.%]="row.ghost"></i>
          }
          <i class="tick" [style.left.%]="row.at"></i>
        </span>
        <span class="value">{{ row.value }}</span>
        <span class="word">
          @if (row.severity !== 'none') {
            <span [class]="'mark mark-' + row.severity" aria-hidden="true">{{ marks[row.severity].shape }}</span>
          }
          {{ names[row.verdict] }}
        </span>
      </button>
      @if (open() === row.quantity) {
        <p class="why">
          <b>{{ row.why.say }}</b> {{ row.why.why }}
          <orv-how [figure]="row.figure" [of]="row.name" />
        </p>
        <orv-band-editor [verdict]="row.judged" [ofStyle]="ofStyle()" [region]="region()" />
      }
    }
  `,
  styleUrl: './band-list.css',
})
export class BandList {
  readonly verdicts = input.required<readonly BandVerdict[]>();
  readonly before = input<readonly BandVerdict[]>([]);
  readonly ofStyle = input.required<Style>();
  readonly region = input.required<Region>();

  protected readonly names = VERDICT_NAMES;
  protected readonly marks = MARKS;
  protected readonly open = signal<Quantity | undefined>(undefined);
  protected readonly rows = computed(() =>
    this.verdicts().map((verdict) => {
      const { band, value, quantity } = verdict;
      const span = Math.max(band.high - band.low, 1e-6);
      // the band takes the middle of the track; what lies far outside stays at its ends
      const from = band.low - 0.75 * span;
      const to = band.high + 0.75 * span;
      const at = (x: number) => Math.min(100, Math.max(0, (100 * (x - from)) / (to - from)));
      const was = this.before().find((verdict) => verdict.quantity === quantity)?.value;
      return {
        quantity,
        judged: verdict,
        figure: `band-${quantity}` as const,
        name: QUANTITY_NAMES[quantity],
        verdict: verdict.verdict,
        severity: verdict.severity,
        low: at(band.low),
        width: at(band.high) - at(band.low),
        at: at(value),
        ghost: was !== undefined && Math.abs(was - value) > 0.01 * span ? at(was) : undefined,
        value: quantityInWords(verdict, value),
        why: verdictInWords(verdict, this.ofStyle(), this.region()),
      };
    }),
  );

  protected toggle(quantity: Quantity): void {
    this.open.update((open) => (open === quantity ? undefined : quantity));
  }
}
