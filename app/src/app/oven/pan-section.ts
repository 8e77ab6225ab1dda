import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { BakeFrame, BakePrediction } from '@orvin/core/baking';
import { DOME_RISE, sectionAt, type PanSet } from '@orvin/core/pans';
import { Width } from '../parts/width';
import { crustColour, heatColour, middleInWords } from './bake-view';

const TALLEST = 210;
const MARGIN = 18;
const LABEL_WIDTH = 118;

/** The pan to scale, cut through: raw batter level, risen and browned crumb, temperature inside, at one minute of the bake. */
@Component({
  selector: 'orv-pan-section',
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  template: `
    @if (frame(); as now) {
      <svg [attr.width]="width()" [attr.height]="height()" role="img" [attr.aria-label]="spoken()">
        @for (cell of cells(); track $index) {
          <polygon [attr.points]="cell.points" [style.fill]="cell.fill" shape-rendering="crispEdges" />
        }
        <path [attr.d]="topLine()" class="crust" [style.stroke]="topColour()" />
        <path [attr.d]="sideLine()" class="crust side" [style.stroke]="sideColour()" />
        <path [attr.d]="panLine()" class="pan" />
        <line
          [attr.x1]="batter().x1"
          [attr.x2]="batter().x2"
          [attr.y1]="batter().y"
          [attr.y2]="batter().y"
          class="level"
        />
        @for (label of labels(); track label.text) {
          <text [attr.x]="labelX()" [attr.y]="label.y" [class.quiet]="label.quiet">{{ label.text }}</text>
        }
        <line [attr.x1]="base().x1" [attr.x2]="base().x2" [attr.y1]="base().y" [attr.y2]="base().y" class="measure" />
        <text [attr.x]="base().middle" [attr.y]="base().y + 15" text-anchor="middle" class="quiet">
          {{ base().text }}
        </text>
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
    .crust {
      fill: none;
      stroke-width: 4;
      stroke-linecap: round;
      stroke-linejoin: round;
    }
    .side {
      stroke-width: 2.5;
    }
    .pan {
      fill: none;
      stroke: var(--ink);
      stroke-width: 3;
      stroke-linejoin: round;
      stroke-linecap: round;
    }
    .level {
      stroke: var(--rim);
      stroke-width: 1.5;
      stroke-dasharray: 4 3;
    }
    .measure {
      stroke: var(--ink-3);
    }
    .quiet {
      fill: var(--ink-2);
    }
  `,
})
export class PanSection {
  readonly bake = input.required<BakePrediction>();
  readonly pans = input.required<PanSet>();
  readonly minute = input.required<number>();

  protected readonly width = inject(Width).pixels;
  protected readonly frame = computed<BakeFrame | undefined>(() => {
    const { frames } = this.bake();
    const at = this.minute();
    return frames.reduce<BakeFrame | undefined>(
      (best, frame) => (best && Math.abs(best.minute - at) <= Math.abs(frame.minute - at) ? best : frame),
      undefined,
    );
  });
  private readonly pan = computed(() => this.pans().pan);
  /** The tallest thing in the picture, cm: the same all through the bake, so that scrubbing does not rescale. */
  private readonly tallestCm = computed(() =>
    Math.max(this.pan().depthCm, (this.bake().frames.at(-1)?.heightCm ?? 0) * (1 + DOME_RISE)),
  );
  private readonly scale = computed(() => {
    const wide = this.width() - LABEL_WIDTH - 2 * MARGIN;
    return Math.max(1, Math.min(wide / this.pan().topWidthCm, TALLEST / this.tallestCm()));
  });
  private readonly centre = computed(() => MARGIN + (this.pan().topWidthCm * this.scale()) / 2);
  private readonly floor = computed(() => 12 + this.tallestCm() * this.scale());
  protected readonly height = computed(() => this.floor() + 30);

  private readonly rise = computed(() => {
    const start = this.bake().fill.batterHeightCm;
    const end = this.bake().fill.risenHeightCm;
    return end > start ? Math.min(1, Math.max(0, ((this.frame()?.heightCm ?? start) - start) / (end - start))) : 0;
  });

  /** Picture coordinates of a point: share of the half width (−1…1) and height in cm, with the dome put in. */
  private point(share: number, heightCm: number): readonly [number, number] {
    const half = sectionAt(this.pan(), heightCm).widthCm / 2;
    const domed = heightCm * (1 + DOME_RISE * this.rise() * (1 - share * share));
    return [this.centre() + share * half * this.scale(), this.floor() - domed * this.scale()];
  }

  protected readonly cells = computed(() => {
    const frame = this.frame();
    if (!frame) return [];
    const edges = [0, ...this.bake().columnEdges];
    const columns = edges.length - 1;
    const rows = [0, ...frame.rowTopsCm];
    const drawn: { points: string; fill: string }[] = [];
    for (let k = 0; k + 1 < rows.length; k++) {
      for (let i = 0; i < columns; i++) {
        const fill = heatColour(frame.sectionCelsius[k * columns + i] ?? 20);
        const [inner = 0, outer = 1, below = 0, above = 0] = [edges[i], edges[i + 1], rows[k], rows[k + 1]];
        for (const side of [1, -1]) {
          const corners = [
            this.point(side * inner, below),
            this.point(side * outer, below),
            this.point(side * outer, above),
            this.point(side * inner, above),
          ];
          drawn.push({ points: corners.map(([x, y]) => `${x.toFixed(1)},${y.toFixed(1)}`).join(' '), fill });
        }
      }
    }
    return drawn;
  });

  private line(points: readonly (readonly [number, number])[]): string {
    return points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');
  }
  protected readonly topLine = computed(() => {
    const top = this.frame()?.heightCm ?? 0;
    return this.line(Array.from({ length: 25 }, (_, i) => this.point(i / 12 - 1, top)));
  });
  protected readonly sideLine = computed(() => {
    const top = this.frame()?.heightCm ?? 0;
    return this.line([this.point(-1, top), this.point(-1, 0), this.point(1, 0), this.point(1, top)]);
  });
  protected readonly topColour = computed(() => crustColour(this.frame()?.topColour ?? 0));
  protected readonly sideColour = computed(() => crustColour(this.frame()?.sideColour ?? 0));

  /** The pan itself, with a small rim turned out. */
  protected readonly panLine = computed(() => {
    const { pan, centre, floor, scale } = {
      pan: this.pan(),
      centre: this.centre(),
      floor: this.floor(),
      scale: this.scale(),
    };
    const [top, bottom] = [(pan.topWidthCm / 2) * scale + 2.5, (pan.bottomWidthCm / 2) * scale + 2.5];
    const rim = floor - pan.depthCm * scale;
    return `M${centre - top - 9} ${rim}H${centre - top}L${centre - bottom} ${floor + 2.5}H${centre + bottom}L${centre + top} ${rim}H${centre + top + 9}`;
  });
  protected readonly batter = computed(() => {
    const level = this.bake().fill.batterHeightCm;
    const half = (sectionAt(this.pan(), level).widthCm / 2) * this.scale();
    return { x1: this.centre() - half, x2: this.centre() + half + 14, y: this.floor() - level * this.scale() };
  });
  protected readonly labelX = computed(() => this.centre() + (this.pan().topWidthCm / 2) * this.scale() + 20);

  /** Labels beside the pan, pushed apart where they would touch. */
  protected readonly labels = computed(() => {
    const frame = this.frame();
    if (!frame) return [];
    const { fill, minutes } = this.bake();
    const y = (cm: number) => this.floor() - cm * this.scale() + 4;
    const risen = frame.heightCm * (1 + DOME_RISE * this.rise());
    const wanted = [
      { text: `top ${risen.toFixed(1)} cm`, y: y(risen), quiet: false },
      { text: `rim ${this.pan().depthCm.toFixed(1)} cm`, y: y(this.pan().depthCm), quiet: true },
      {
        text: middleInWords(frame.coreCelsius, frame.minute, minutes.likely),
        y: y(frame.heightCm * 0.52),
        quiet: false,
      },
      { text: `batter, ${Math.round(fill.fraction * 100)} % full`, y: y(fill.batterHeightCm), quiet: true },
    ].sort((a, b) => a.y - b.y);
    let lowest = -Infinity;
    return wanted.map((label) => {
      lowest = Math.max(label.y, lowest + 16, 12);
      return { ...label, y: lowest };
    });
  });
  protected readonly base = computed(() => {
    const half = (this.pan().bottomWidthCm / 2) * this.scale();
    const { cavities, shape } = this.pan();
    const what = cavities > 1 ? 'one cup, ' : shape === 'round' ? '' : 'across, ';
    return {
      x1: this.centre() - half,
      x2: this.centre() + half,
      middle: this.centre(),
      y: this.floor() + 11,
      text: `${what}${this.pan().bottomWidthCm.toFixed(1)} cm`,
    };
  });
  protected readonly spoken = computed(() => {
    const frame = this.frame();
    return `Section of the pan at ${Math.round(frame?.minute ?? 0)} minutes: ${this.labels()
      .map(({ text }) => text)
      .join(', ')}`;
  });
}
