import { decimal } from '@orvin/core/ground/language';
import type { Portion } from '@orvin/core/batch/plan';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { DOME_RISE } from '@orvin/core/kitchen/pans';
import { fillPath, tubePath, wallPath } from '../parts/pan-shapes';
import { Width } from '../parts/width';

const TALLEST = 128;
const GAP = 26;
const MARGIN = 14;
/** More pans of a kind than this are told, not drawn. */
const MOST_DRAWN = 3;

/** The pans of a batch in section, all to one scale: batter as poured, and how high it rises. */
@Component({
  selector: 'orv-pans-picture',
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  template: `
    @if (width() > 0) {
      <svg
        i18n-data-picture
        data-picture="Pans"
        [attr.width]="width()"
        [attr.height]="height()"
        role="img"
        [attr.aria-label]="spoken()"
      >
        @for (pan of drawn(); track $index) {
          <g [attr.transform]="'translate(' + pan.x + ' ' + floor() + ')'">
            <path [attr.d]="pan.risen" class="risen" [class.over]="pan.over" />
            <path [attr.d]="pan.batter" class="batter" />
            @if (pan.tube) {
              <path [attr.d]="pan.tube" class="tube" />
            }
            <path [attr.d]="pan.wall" class="wall" />
          </g>
        }
        <g [attr.transform]="'translate(' + MARGIN + ' ' + (floor() + 20) + ')'">
          <path [attr.d]="'M0 0h' + 5 * scale()" class="measure" />
          <text [attr.x]="5 * scale() + 6" y="4">5 cm</text>
        </g>
      </svg>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
    }
    .batter {
      fill: var(--crust-0);
    }
    .risen {
      fill: none;
      stroke: var(--crust-2);
      stroke-width: 2.5;
      stroke-linejoin: round;
    }
    .over {
      stroke: var(--alert);
      stroke-dasharray: 5 3;
    }
    .wall {
      fill: none;
      stroke: var(--ink);
      stroke-width: 2.5;
      stroke-linejoin: round;
      stroke-linecap: round;
    }
    .tube {
      fill: var(--enamel);
      stroke: var(--ink);
      stroke-width: 2;
    }
    .measure {
      stroke: var(--ink-3);
      stroke-width: 2;
    }
    text {
      fill: var(--ink-2);
    }
  `,
})
export class PansPicture {
  readonly portions = input.required<readonly Portion[]>();
  protected readonly MARGIN = MARGIN;
  protected readonly width = inject(Width).pixels;

  private readonly pans = computed(() =>
    this.portions().flatMap((portion) => {
      const { pan, count } = portion.set;
      return Array.from({ length: Math.min(MOST_DRAWN, count * pan.cavities) }, () => portion);
    }),
  );
  private readonly tallestCm = computed(() =>
    Math.max(1, ...this.portions().map(({ set: { pan }, fill }) => Math.max(pan.depthCm, fill.risenTopCm))),
  );
  protected readonly scale = computed(() => {
    const pans = this.pans();
    const wideCm = pans.reduce((sum, { set: { pan } }) => sum + pan.topWidthCm, 0);
    const room = this.width() - 2 * MARGIN - GAP * (pans.length - 1);
    return Math.max(0.5, Math.min(room / Math.max(1, wideCm), TALLEST / this.tallestCm()));
  });
  protected readonly floor = computed(() => 8 + Math.ceil(this.tallestCm() * this.scale()));
  protected readonly height = computed(() => this.floor() + 30);
  protected readonly drawn = computed(() => {
    const scale = this.scale();
    let left = MARGIN;
    return this.pans().map(({ set: { pan }, fill }) => {
      const x = left + (pan.topWidthCm * scale) / 2;
      left += pan.topWidthCm * scale + GAP;
      return {
        x: x.toFixed(1),
        wall: wallPath(pan, scale),
        batter: fillPath(pan, fill.batterHeightCm, 0, scale),
        risen: fillPath(pan, fill.risenHeightCm, fill.risenHeightCm * DOME_RISE, scale),
        tube: tubePath(pan, scale),
        over: fill.verdict === 'overflows',
      };
    });
  });
  protected readonly spoken = computed(
    () =>
      $localize`Pans to scale: ${this.portions()
        .map(
          ({ set, fill }) =>
            $localize`${set.pan.name}, batter ${decimal(fill.batterHeightCm, 1)} cm high, risen ${decimal(fill.risenTopCm, 1)}, rim ${decimal(set.pan.depthCm, 1)}`,
        )
        .join('; ')}`,
  );
}
