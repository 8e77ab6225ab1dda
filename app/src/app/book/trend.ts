import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { BEST_SCORE } from '@orvin/core/book/records';
import { dayOf } from '../parts/wall-clock';
import { Width } from '../parts/width';
import type { StoredBake } from '../store/records';

const HEIGHT = 120;
const [LEFT, RIGHT, TOP, BOTTOM] = [26, 12, 10, 22];
const GRID = [2, 4, 6, 8, 10];
/** Two points are no trend; more than these are drawn as means of as many as it takes. */
const FEWEST = 3;
const MOST = 60;

/** How good the bakes that are shown were, one after another. */
@Component({
  selector: 'orv-trend',
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  template: `
    @if (points().length >= fewest) {
      <h2 i18n>How good, over time</h2>
      @if (each() > 1) {
        <p i18n>Each point is the mean of {{ each() }} bakes.</p>
      }
      @if (width() > 60) {
        <svg
          i18n-data-picture
          data-picture="How good, bake by bake"
          [attr.width]="width()"
          [attr.height]="height"
          role="img"
          [attr.aria-label]="spoken()"
        >
          @for (line of grid; track line) {
            <line class="grid" [attr.x1]="left" [attr.x2]="width()" [attr.y1]="y(line)" [attr.y2]="y(line)" />
            <text class="tick" [attr.x]="left - 7" [attr.y]="y(line) + 4">{{ line }}</text>
          }
          <path class="course" [attr.d]="line()" />
          @for (point of points(); track point.id) {
            <circle [attr.cx]="x(point.at)" [attr.cy]="y(point.score)" r="5" />
          }
          <text [attr.x]="left" [attr.y]="height - 4">{{ ends().first }}</text>
          <text class="tick" [attr.x]="width() - 4" [attr.y]="height - 4">{{ ends().last }}</text>
        </svg>
      }
    }
  `,
  styles: `
    :host {
      display: block;
      margin-bottom: 14px;
    }
    h2 {
      font-size: var(--step-0);
    }
    p {
      color: var(--ink-2);
    }
    svg {
      display: block;
    }
    text {
      fill: var(--ink-2);
      font-size: 13px;
    }
    .tick {
      text-anchor: end;
    }
    .grid {
      stroke: var(--hair);
    }
    .course {
      fill: none;
      stroke: var(--rim);
      stroke-width: 2;
    }
    circle {
      fill: var(--ink);
    }
  `,
})
export class Trend {
  readonly bakes = input.required<readonly StoredBake[]>();
  protected readonly width = inject(Width).pixels;
  protected readonly height = HEIGHT;
  protected readonly left = LEFT;
  protected readonly grid = GRID;
  protected readonly fewest = FEWEST;

  /** The oldest first. */
  private readonly scored = computed(() =>
    this.bakes()
      .flatMap(({ id, record }) => (record.score === undefined ? [] : [{ id, at: record.at, score: record.score }]))
      .sort((a, b) => a.at - b.at),
  );
  /** Bakes that a point is the mean of. */
  protected readonly each = computed(() => Math.ceil(this.scored().length / MOST));
  protected readonly points = computed(() => {
    const [all, each] = [this.scored(), this.each()];
    if (each <= 1) return all;
    const mean = (of: readonly number[]) => of.reduce((sum, value) => sum + value, 0) / of.length;
    return Array.from({ length: Math.ceil(all.length / each) }, (_, i) => {
      const some = all.slice(i * each, (i + 1) * each);
      return { id: some[0]?.id ?? '', at: mean(some.map(({ at }) => at)), score: mean(some.map(({ score }) => score)) };
    });
  });
  protected readonly ends = computed(() => {
    const points = this.points();
    const [first, last] = [points[0], points.at(-1)];
    return { first: first ? dayOf(first.at) : '', last: last ? dayOf(last.at) : '' };
  });
  protected y(score: number): number {
    return TOP + (1 - score / BEST_SCORE) * (HEIGHT - TOP - BOTTOM);
  }
  protected x(at: number): number {
    const points = this.points();
    const [from, to] = [points[0]?.at ?? at, points.at(-1)?.at ?? at];
    return LEFT + 8 + (to > from ? (at - from) / (to - from) : 0.5) * (this.width() - LEFT - RIGHT - 8);
  }
  protected readonly line = computed(() => this.points().map(({ at, score }, i) => `${i === 0 ? 'M' : 'L'}${this.x(at).toFixed(1)} ${this.y(score).toFixed(1)}`).join('')); // prettier-ignore
  protected readonly spoken = computed(() => {
    const scored = this.scored();
    return $localize`Scores of ${scored.length} bakes, from ${scored[0]?.score ?? ''} to ${scored.at(-1)?.score ?? ''}`;
  });
}
