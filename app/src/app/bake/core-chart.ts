import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { LiveEstimate, LiveReading } from '@orvin/core/along/live-bake';
import type { ForeseenTime } from '@orvin/core/batch/snapshots';
import { celsiusFrom, type HeatScale } from '@orvin/core/ground/units';
import { OwnDial } from '../parts/own-dial';

const WIDTH = 820;
const HEIGHT = 400;
const LEFT = 52;
const BOTTOM = 348;
const TOP = 16;
const LOWEST = 20;
const HIGHEST = 105;
/** The scale of the minutes grows by so many at a time. */
const LONGER_BY = 2;

/** Degrees with a line, by scale. */
const GRID: Readonly<Record<HeatScale, readonly number[]>> = { C: [20, 40, 60, 80, 100], F: [80, 120, 160, 200] };

/** The middle's temperature: what was foreseen as a band, what the probe shows on it, and where it goes from here. */
@Component({
  selector: 'orv-core-chart',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      i18n-data-picture
      data-picture="The core"
      [attr.viewBox]="'0 0 ' + width + ' ' + height"
      role="img"
      [attr.aria-label]="words()"
    >
      @for (line of degreeLines(); track line.degrees) {
        <path class="grid" [attr.d]="'M' + left + ' ' + line.y + 'H' + width" />
        <text class="tick" [attr.x]="left - 10" [attr.y]="line.y + 6" text-anchor="end">{{ line.degrees }}</text>
      }
      <text class="tick" x="4" y="12" i18n>{{ dial.degrees() }} in the middle</text>
      <rect
        class="window"
        [attr.x]="window().from"
        [attr.y]="top"
        [attr.width]="window().wide"
        [attr.height]="bottom - top"
      />
      <text class="done" [attr.x]="window().from + window().wide / 2" [attr.y]="bottom - 14" text-anchor="middle" i18n>
        done
      </text>
      <path class="band" [attr.d]="band()" />
      @if (course(); as course) {
        <path class="course" [attr.d]="course" />
      }
      <path class="probe" [attr.d]="curve()" />
      @if (last(); as last) {
        <circle class="tip" [attr.cx]="last.x" [attr.cy]="last.y" r="9" />
        <text class="shown" [attr.x]="last.textX" [attr.y]="last.y + 42" [attr.text-anchor]="last.anchor">
          {{ last.words }}
        </text>
      }
      <path class="now" [attr.d]="'M' + nowX() + ' ' + top + 'V' + bottom" />
      @for (tick of minuteTicks(); track tick.minute) {
        <text class="tick" [attr.x]="tick.x" [attr.y]="bottom + 24" text-anchor="middle">{{ tick.minute }}</text>
      }
      <text class="tick" [attr.x]="width" [attr.y]="bottom + 44" text-anchor="end" i18n>minutes since it went in</text>
    </svg>
  `,
  styles: `
    :host,
    svg {
      display: block;
      width: 100%;
    }
    .grid {
      stroke: var(--hair);
    }
    .tick {
      fill: var(--ink-2);
      font-size: 17px;
    }
    .window {
      fill: var(--butter-wash);
    }
    .done {
      fill: var(--ink);
      font-size: 18px;
      font-weight: 700;
    }
    .band {
      fill: var(--rim-wash);
      stroke: var(--rim-2);
    }
    .course {
      fill: none;
      stroke: var(--alert);
      stroke-width: 2.5;
      stroke-dasharray: 3 6;
    }
    .probe {
      fill: none;
      stroke: var(--alert);
      stroke-width: 5;
      stroke-linejoin: round;
    }
    .tip {
      fill: var(--alert);
    }
    .shown {
      fill: var(--alert);
      font-size: 24px;
      font-weight: 700;
    }
    .now {
      stroke: var(--ink);
      stroke-width: 2;
      stroke-dasharray: 2 4;
    }
  `,
})
export class CoreChart {
  protected readonly dial = inject(OwnDial);
  readonly foreseen = input.required<ForeseenTime>();
  /** The middle as it was foreseen: minute and °C. */
  readonly nominal = input.required<readonly { readonly minute: number; readonly celsius: number }[]>();
  readonly readings = input.required<readonly LiveReading[]>();
  readonly estimate = input<LiveEstimate | null>(null);
  readonly minute = input(0);

  protected readonly width = WIDTH;
  protected readonly height = HEIGHT;
  protected readonly left = LEFT;
  protected readonly top = TOP;
  protected readonly bottom = BOTTOM;

  /** The clock moves on by what can be seen: all is not drawn again every second. */
  private readonly now = computed(() => Math.round(this.minute() * 10) / 10);
  private readonly longest = computed(() => {
    const most = Math.max(this.foreseen().minutes.high, this.estimate()?.high ?? 0, this.now()) * 1.06;
    return Math.ceil(most / LONGER_BY) * LONGER_BY;
  });
  private readonly x = (minute: number) => LEFT + ((WIDTH - LEFT) * minute) / this.longest();
  private readonly y = (celsius: number) =>
    BOTTOM - ((BOTTOM - TOP) * (Math.min(HIGHEST, Math.max(LOWEST, celsius)) - LOWEST)) / (HIGHEST - LOWEST);
  private readonly path = (points: readonly { readonly minute: number; readonly celsius: number }[]) =>
    points.map(({ minute, celsius }, i) => `${i === 0 ? 'M' : 'L'}${this.x(minute).toFixed(1)} ${this.y(celsius).toFixed(1)}`).join(''); // prettier-ignore

  protected readonly degreeLines = computed(() =>
    GRID[this.dial.scale()].map((degrees) => ({ degrees, y: this.y(celsiusFrom(degrees, this.dial.scale())) })),
  );
  protected readonly minuteTicks = computed(() => {
    const longest = this.longest();
    const every = longest > 90 ? 20 : longest > 40 ? 10 : 5;
    return Array.from({ length: Math.floor((longest * 0.97) / every) + 1 }, (_, i) => ({ minute: i * every, x: this.x(i * every) })); // prettier-ignore
  });
  protected readonly window = computed(() => {
    const { low, high } = this.estimate() ?? this.foreseen().minutes;
    return { from: this.x(low), wide: this.x(high) - this.x(low) };
  });
  /** Eight in ten kitchens: the same course, sooner and later. */
  protected readonly band = computed(() => {
    const { low, likely, high } = this.foreseen().minutes;
    const stretched = (to: number) => this.nominal().map(({ minute, celsius }) => ({ minute: (minute * to) / likely, celsius })); // prettier-ignore
    if (this.nominal().length === 0) return '';
    const back = [...stretched(high)].reverse();
    return `${this.path(stretched(low))}${this.path(back).replace('M', 'L')}z`;
  });
  protected readonly course = computed(() => {
    const now = this.now();
    const ahead = (this.estimate()?.course ?? []).filter(({ minute }) => minute >= now - 1);
    return ahead.length > 1 ? this.path(ahead) : '';
  });
  protected readonly curve = computed(() =>
    this.path(this.readings().flatMap(({ minute, core }) => (core === undefined ? [] : [{ minute, celsius: core }]))),
  );
  protected readonly last = computed(() => {
    const reading = this.readings().findLast(({ core }) => core !== undefined);
    if (reading?.core === undefined) return undefined;
    const x = this.x(reading.minute);
    const late = x > WIDTH * 0.6;
    return { x, y: this.y(reading.core), words: this.dial.reading(reading.core, 1), anchor: late ? 'end' : 'start', textX: late ? x - 6 : x + 10 }; // prettier-ignore
  });
  protected readonly nowX = computed(() => this.x(this.now()));
  protected readonly words = computed(() => {
    const { low, high } = this.estimate() ?? this.foreseen().minutes;
    return $localize`The middle over time; done between ${Math.round(low)} and ${Math.round(high)} minutes`;
  });
}
