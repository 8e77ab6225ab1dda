import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { EIGHT_IN_TEN } from '@orvin/core/ground/numerics';
import { groupedBy } from '@orvin/core/ground/records';
import { Width } from '../parts/width';
import type { OvenStep } from '../work/learn-jobs';
import type { HeatScale } from '@orvin/core/ground/units';
import { degreesApart, signedApart } from '@orvin/core/words/figures';
import { OwnDial } from '../parts/own-dial';

const HEIGHT = 190;
const [LEFT, RIGHT, TOP, BOTTOM] = [44, 14, 26, 26];
/** Lines of so many degrees off, by scale. */
const GRID: Readonly<Record<HeatScale, readonly number[]>> = {
  C: [-40, -30, -20, -10, 0, 10, 20, 30, 40],
  F: [-80, -60, -40, -20, 0, 20, 40, 60, 80],
};

/** How the oven came to be known, bake by bake: its error, eight in ten inside the band. */
@Component({
  selector: 'orv-oven-course',
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  template: `
    @if (width() > 60) {
      <svg
        i18n-data-picture
        data-picture="What this oven does"
        [attr.width]="width()"
        [attr.height]="height"
        role="img"
        [attr.aria-label]="spoken()"
      >
        <text x="2" y="14" i18n>error, {{ dial.degrees() }}; eight in ten inside</text>
        @for (line of grid(); track line.celsius) {
          <line
            class="grid"
            [class.zero]="line.celsius === 0"
            [attr.x1]="left"
            [attr.x2]="width() - 14"
            [attr.y1]="line.y"
            [attr.y2]="line.y"
          />
          <text class="tick" [attr.x]="left - 7" [attr.y]="line.y + 4">{{ line.words }}</text>
        }
        @for (part of parts(); track $index) {
          <path class="band" [attr.d]="part.band" />
          <path class="course" [attr.d]="part.line" />
          @if (part.changedAt !== undefined) {
            <line
              class="changed"
              [attr.x1]="part.changedAt"
              [attr.x2]="part.changedAt"
              y1="22"
              [attr.y2]="height - 22"
            />
            <text class="changed-words" [attr.x]="part.changedAt + 5" y="34" i18n>changed</text>
          }
        }
        <text [attr.x]="left" [attr.y]="height - 6" i18n>no bake</text>
        <text class="end" [attr.x]="width() - 14" [attr.y]="height - 6">{{ last() }}</text>
      </svg>
    }
  `,
  styles: `
    :host,
    svg {
      display: block;
      width: 100%;
    }
    text {
      fill: var(--ink-2);
      font-size: 13px;
    }
    .tick,
    .end {
      text-anchor: end;
    }
    .grid {
      stroke: var(--hair);
    }
    .grid.zero {
      stroke: var(--rim-2);
    }
    .band {
      fill: var(--rim-wash);
    }
    .changed {
      stroke: var(--ink);
      stroke-dasharray: 2 4;
    }
    .changed-words {
      fill: var(--ink);
    }
    .course {
      fill: none;
      stroke: var(--rim);
      stroke-width: 3;
      stroke-linejoin: round;
    }
  `,
})
export class OvenCoursePicture {
  readonly steps = input.required<readonly OvenStep[]>();
  protected readonly width = inject(Width).pixels;
  protected readonly dial = inject(OwnDial);
  protected readonly height = HEIGHT;
  protected readonly left = LEFT;

  private readonly reach = computed(() => {
    const ends = this.steps().flatMap(({ celsius, spread }) => [celsius - EIGHT_IN_TEN * spread, celsius + EIGHT_IN_TEN * spread]); // prettier-ignore
    return { low: Math.min(-10, ...ends), high: Math.max(10, ...ends) };
  });
  private y(celsius: number): number {
    const { low, high } = this.reach();
    return TOP + ((high - celsius) / (high - low)) * (HEIGHT - TOP - BOTTOM);
  }
  private x(bakes: number): number {
    const most = Math.max(1, this.steps().at(-1)?.bakes ?? 1);
    return LEFT + (bakes / most) * (this.width() - LEFT - RIGHT);
  }
  protected readonly grid = computed(() => {
    const { low, high } = this.reach();
    const scale = this.dial.scale();
    return GRID[scale].flatMap((degrees) => {
      const celsius = scale === 'C' ? degrees : degrees / 1.8;
      const words = signedApart(scale, celsius);
      return celsius >= low && celsius <= high ? [{ celsius, y: this.y(celsius), words }] : [];
    });
  });
  /** From change to change: the oven is another one after it. */
  protected readonly parts = computed(() =>
    [...groupedBy(this.steps(), ({ epoch }) => epoch).values()].map((steps, i) => ({
      line: this.path(({ celsius }) => celsius, steps),
      band: `${this.path(({ celsius, spread }) => celsius + EIGHT_IN_TEN * spread, steps)}${this.path(({ celsius, spread }) => celsius - EIGHT_IN_TEN * spread, [...steps].reverse()).replace('M', 'L')}Z`,
      changedAt: i === 0 ? undefined : this.x((steps[0]?.bakes ?? 0) - 0.5),
    })),
  );
  private path(of: (step: OvenStep) => number, steps: readonly OvenStep[]): string {
    return steps.map((step, i) => `${i === 0 ? 'M' : 'L'}${this.x(step.bakes).toFixed(1)} ${this.y(of(step)).toFixed(1)}`).join(''); // prettier-ignore
  }
  protected readonly last = computed(() => {
    const bakes = this.steps().at(-1)?.bakes ?? 0;
    return bakes === 1 ? $localize`1 bake` : $localize`${bakes} bakes`;
  });
  protected readonly spoken = computed(() => {
    const last = this.steps().at(-1);
    return last ? $localize`The oven’s error after ${this.last()}:last:: ${signedApart(this.dial.scale(), last.celsius)} ${this.dial.degrees()}, give or take ${degreesApart(this.dial.scale(), EIGHT_IN_TEN * last.spread)}` : ''; // prettier-ignore
  });
}
