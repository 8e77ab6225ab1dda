import { CdkFixedSizeVirtualScroll, CdkVirtualForOf, CdkVirtualScrollViewport } from '@angular/cdk/scrolling';
import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { BakePicture } from './bake-picture';
import type { StoredBake } from '../store/records';
import { seasonRow, type SeasonRow } from './season-view';

const ROW = 62;
/** The window column: pixels wide, and how many of them a percent is. */
const WIDE = 250;
/** So far back a window is looked for where the bake before has none. */
const LOOKED_BACK = 12;
const PER_PERCENT = WIDE / 36;

/** All bakes, the latest first, with the window foreseen in one column: a funnel that narrows as the oven is learned. */
@Component({
  selector: 'orv-season',
  imports: [CdkFixedSizeVirtualScroll, CdkVirtualForOf, CdkVirtualScrollViewport, RouterLink, BakePicture],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="row head" aria-hidden="true">
      <span></span><span i18n>bake</span><span class="middle" i18n>foreseen, and when it was done</span
      ><span i18n>minutes</span><span class="score" i18n>score</span>
    </div>
    <cdk-virtual-scroll-viewport
      [itemSize]="height"
      [minBufferPx]="500"
      [maxBufferPx]="900"
      role="list"
      i18n-aria-label
      aria-label="Bakes"
    >
      <div role="listitem" *cdkVirtualFor="let bake of bakes(); let i = index; trackBy: byId">
        @let row = rowOf(bake);
        <a class="row" [routerLink]="['/book', row.id]" [class.out]="row.record.leftOut !== undefined">
          <orv-bake-picture [record]="row.record" />
          <span class="what">
            <b>{{ row.title }}</b>
            <span>{{ row.date }}{{ row.record.leftOut === undefined ? '' : texts.leftOut }}</span>
          </span>
          <svg [attr.viewBox]="box" aria-hidden="true">
            @if (row.window; as window) {
              <rect
                class="window"
                [attr.x]="at(window.low)"
                y="0"
                [attr.width]="at(window.high) - at(window.low)"
                [attr.height]="height"
              />
              <path class="edge" [attr.d]="edges(i)" />
            }
            <line class="likely" [attr.x1]="at(0)" [attr.x2]="at(0)" y1="0" [attr.y2]="height" />
            @if (row.window; as window) {
              @if (beyond(window.out)) {
                <path class="dot far" [attr.d]="arrow(window.out)" />
              } @else {
                <circle
                  class="dot"
                  [class.newest]="i === 0"
                  [attr.cx]="at(window.out)"
                  [attr.cy]="height / 2"
                  r="7.5"
                />
              }
            }
          </svg>
          <span class="took"
            ><b>{{ row.minutes }}</b> {{ row.foreseen }}</span
          >
          <b class="score"
            ><span class="unseen">{{ row.score === '' ? '' : texts.score }} </span>{{ row.score }}</b
          >
        </a>
      </div>
    </cdk-virtual-scroll-viewport>
    <p class="row foot" aria-hidden="true">
      <span></span><span></span>
      <span class="scale"><span>−15 %</span><b i18n>likely</b><span>+15 %</span></span>
    </p>
  `,
  styleUrl: './season.css',
})
export class Season {
  protected readonly texts = {
    leftOut: $localize`, left out`,
    score: $localize`score`,
  };
  readonly bakes = input.required<readonly StoredBake[]>();
  /** Rows are worked out as they come into sight, once for each bake. */
  private readonly rows = new WeakMap<StoredBake, SeasonRow>();
  protected rowOf(bake: StoredBake): SeasonRow {
    const row = this.rows.get(bake) ?? seasonRow(bake);
    this.rows.set(bake, row);
    return row;
  }
  protected readonly height = ROW;
  protected readonly box = `0 0 ${WIDE} ${ROW}`;
  protected readonly byId = (_: number, { id }: StoredBake) => id;
  protected at(percent: number): number {
    return Math.max(2, Math.min(WIDE - 2, WIDE / 2 + percent * PER_PERCENT));
  }
  protected beyond(percent: number): boolean {
    return Math.abs(percent * PER_PERCENT) > WIDE / 2 - 8;
  }
  protected arrow(percent: number): string {
    const [x, side, y] = [percent < 0 ? 3 : WIDE - 3, percent < 0 ? 1 : -1, ROW / 2];
    return `M${x} ${y}l${side * 13} -8v16z`;
  }
  /** Both sides of the window, and the steps to that of the bake before. */
  protected edges(i: number): string {
    const bakes = this.bakes();
    const [here, older] = [bakes[i], bakes.slice(i + 1, i + 1 + LOOKED_BACK).find(({ record }) => record.foreseen)];
    const window = here && this.rowOf(here).window;
    const before = older && this.rowOf(older).window;
    if (!window) return '';
    const side = (percent: number, older: number | undefined) =>
      `M${this.at(percent)} 0V${ROW}${older === undefined ? '' : `H${this.at(older)}`}`;
    return side(window.low, before?.low) + side(window.high, before?.high);
  }
}
