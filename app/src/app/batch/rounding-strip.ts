import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { FUNCTION_NAMES, howRounded } from '@orvin/core/words/batch-words';
import { ROUNDED_FUNCTIONS } from '@orvin/core/batch/amounts';
import type { MeasuredBatch } from '@orvin/core/batch/batch';
import { HowWords } from '../parts/how-words';

/** The picture reaches so far to either side, percent. */
const REACH = 12;
const WORTH_SAYING = 0.15;
const signed = (value: number, digits = 1) => `${value < 0 ? '−' : '+'}${decimal(Math.abs(value), digits)}`;

/** What rounding to these amounts costs, function by function, with what measuring itself adds beside it. */
@Component({
  selector: 'orv-rounding-strip',
  imports: [HowWords],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 i18n>What rounding costs <span class="caption">tick: rounded off; band: what measuring adds, 8 in 10</span></h2>
    <ul>
      @for (row of rows(); track row.name) {
        <li [class.notable]="row.notable">
          <span class="name">{{ row.name }}</span>
          <span class="track" role="img" [attr.aria-label]="row.spoken">
            <span class="band" [style.left.%]="row.bandFrom" [style.width.%]="row.bandWidth"></span>
            <span class="zero"></span>
            <span class="tick" [style.left.%]="row.tick"></span>
          </span>
          <b>{{ row.error }}</b>
          <span class="caption">± {{ row.spread }}</span>
        </li>
      }
    </ul>
    <p class="caption">{{ acid() }} {{ advice() }}</p>
    <orv-how-words [lines]="how" />
  `,
  styles: `
    :host {
      display: block;
    }
    h2 .caption {
      font-weight: 450;
      margin-left: 6px;
    }
    ul {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(13.5rem, 1fr));
      column-gap: 24px;
      margin: 4px 0;
    }
    li {
      display: grid;
      grid-template-columns: 3.1rem minmax(0, 1fr) 3.6rem 2.9rem;
      align-items: center;
      gap: 8px;
      min-height: 26px;
    }
    .name {
      color: var(--ink-2);
    }
    .track {
      position: relative;
      height: 12px;
      background: var(--enamel-2);
      border: 1px solid var(--hair);
      overflow: hidden;
    }
    .band {
      position: absolute;
      inset-block: 0;
      background: var(--rim-2);
    }
    .zero {
      position: absolute;
      inset-block: 0;
      left: 50%;
      width: 1px;
      background: var(--ink-3);
    }
    .tick {
      position: absolute;
      inset-block: 0;
      width: 3px;
      margin-left: -1.5px;
      background: var(--ink);
    }
    b {
      text-align: right;
      font-weight: 640;
      white-space: nowrap;
    }
    .notable b {
      color: var(--alert);
    }
    .caption {
      white-space: nowrap;
    }
    p.caption {
      white-space: normal;
    }
  `,
})
export class RoundingStrip {
  readonly measured = input.required<MeasuredBatch>();
  protected readonly how = howRounded();

  protected readonly rows = computed(() => {
    const { errorPercent, spreadPercent } = this.measured().rounding;
    const at = (percent: number) => 50 + (50 * Math.max(-REACH, Math.min(REACH, percent))) / REACH;
    return ROUNDED_FUNCTIONS.map((roundedFunction) => {
      const [error, spread] = [errorPercent[roundedFunction], spreadPercent[roundedFunction]];
      return {
        name: FUNCTION_NAMES[roundedFunction],
        tick: at(error),
        bandFrom: at(error - spread),
        bandWidth: at(error + spread) - at(error - spread),
        error: Math.abs(error) < WORTH_SAYING ? '0 %' : `${signed(error)} %`,
        spread: `${spread < 9.95 ? decimal(spread, 1) : Math.round(spread)} %`,
        notable: Math.abs(error) > (roundedFunction === 'salt' ? 12 : 5),
        spoken: $localize`${FUNCTION_NAMES[roundedFunction]}:roundedFunction:: rounding ${signed(error)} percent, measuring ${decimal(spread, 1)} percent to either side`,
      };
    });
  });
  protected readonly acid = computed(() => {
    const shift = this.measured().rounding.acidBalanceShiftMeq;
    return Math.abs(shift) < 0.02
      ? $localize`The acid balance stays as it is.`
      : $localize`The acid balance moves by ${signed(shift, 2)} meq per 100 g of flour.`;
  });
  protected readonly advice = computed(() => {
    const { errorPercent, spreadPercent } = this.measured().rounding;
    if (spreadPercent.flour > 6 && spreadPercent.flour > 2 * Math.abs(errorPercent.flour))
      return $localize`A cup of flour alone is further off than all rounding: weigh the flour.`;
    return '';
  });
}
