import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';

const TOP = 12;
const BOTTOM = 184;
/** The bowl is drawn so full when everything is in, share of its height. */
const FULL = 0.8;

/** The bowl as a gauge: what was in it, what comes, where to stop, what is over. */
@Component({
  selector: 'orv-bowl-gauge',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg viewBox="0 0 340 196" aria-hidden="true" preserveAspectRatio="xMidYMid meet">
      <defs>
        <clipPath id="bowl-inside"><path d="M12 12h316c0 108-50 172-112 172h-92c-62 0-112-64-112-172z" /></clipPath>
      </defs>
      <g clip-path="url(#bowl-inside)">
        <rect class="air" x="0" y="0" width="340" height="196" />
        <rect class="before" x="0" [attr.y]="at().before" width="340" [attr.height]="196 - at().before" />
        <rect class="now" x="0" [attr.y]="at().now" width="340" [attr.height]="at().before - at().now" />
        <rect class="stop" x="0" [attr.y]="at().high" width="340" [attr.height]="at().low - at().high" />
        @if (at().over < at().high) {
          <rect class="over" x="0" [attr.y]="at().over" width="340" [attr.height]="at().high - at().over" />
        }
      </g>
      <path class="rim" d="M12 12c0 108 50 172 112 172h92c62 0 112-64 112-172" />
      <path class="lip" d="M2 12h20M318 12h20" />
    </svg>
  `,
  styles: `
    :host {
      display: block;
      min-height: 0;
    }
    svg {
      display: block;
      width: 100%;
      height: 100%;
    }
    .air {
      fill: var(--enamel-2);
    }
    .before {
      fill: var(--rim-2);
    }
    .now {
      fill: var(--rim);
    }
    .stop {
      fill: var(--butter);
    }
    .over {
      fill: var(--alert);
    }
    .rim {
      fill: none;
      stroke: var(--ink);
      stroke-width: 5;
    }
    .lip {
      stroke: var(--rim);
      stroke-width: 7;
      stroke-linecap: round;
    }
  `,
})
export class BowlGauge {
  /** In the bowl before this line, g. */
  readonly before = input.required<number>();
  readonly target = input.required<number>();
  readonly tolerance = input.required<number>();
  readonly grams = input.required<number>();

  protected readonly at = computed(() => {
    const [before, target, tolerance] = [this.before(), this.target(), this.tolerance()];
    const grams = Math.max(0, this.grams());
    // a line is at least a third of what is drawn, however full the bowl is
    const shownBefore = Math.min(before, 2 * target);
    const most = Math.max(shownBefore + target + tolerance, shownBefore + Math.min(grams, 2 * target)) / FULL;
    const y = (value: number) => BOTTOM - ((BOTTOM - TOP) * Math.min(value, most)) / most;
    const band = Math.max(tolerance, 0.012 * most);
    return {
      before: y(shownBefore),
      now: y(shownBefore + grams),
      low: y(shownBefore + target - band),
      high: y(shownBefore + target + band),
      over: y(shownBefore + grams),
    };
  });
}
