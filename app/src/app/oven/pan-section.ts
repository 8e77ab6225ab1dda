import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { BakeFrame, BakePrediction } from '@orvin/core/oven/baking';
import { DOME_RISE, isFree, sectionAt, type VesselSet } from '@orvin/core/kitchen/pans';
import { Width } from '../parts/width';
import { middleInWords } from '@orvin/core/words/oven-words';
import { crustColour, heatColour } from './bake-view';
import { OwnDial } from '../parts/own-dial';

const TALLEST = 210;
const MARGIN = 18;
const LABEL_WIDTH = 118;
/** Height over radius of a free-standing loaf, as the simulation has it where nothing is said. */
const DOME_ASPECT = 0.55;

/** The pan to scale, cut through: raw batter level, risen and browned crumb, temperature inside, at one minute of the bake. */
@Component({
  selector: 'orv-pan-section',
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  template: `
    @if (frame(); as now) {
      <svg
        i18n-data-picture
        data-picture="Through the pan"
        [attr.width]="width()"
        [attr.height]="height()"
        role="img"
        [attr.aria-label]="spoken()"
      >
        @for (cell of cells(); track $index) {
          <polygon [attr.points]="cell.points" [style.fill]="cell.fill" shape-rendering="crispEdges" />
        }
        <path [attr.d]="topLine()" class="crust" [style.stroke]="topColour()" />
        <path [attr.d]="sideLine()" class="crust side" [style.stroke]="sideColour()" />
        <path [attr.d]="panLine()" class="pan" />
        @if (tubeLine(); as tube) {
          <path [attr.d]="tube" class="pan" />
        }
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
  private readonly dial = inject(OwnDial);
  readonly bake = input.required<BakePrediction>();
  readonly pans = input.required<VesselSet>();
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
  private readonly dome = computed(() => this.pan().shape === 'dome');
  /** Height over which the crumb stands domed: what stands free has the shape it has. */
  private readonly domeRise = computed(() => (isFree(this.pan()) ? 0 : DOME_RISE));
  /** Half across at a height, and the tube, cm. */
  private halfCm(heightCm: number): number {
    const pan = this.pan();
    if (!isFree(pan)) return sectionAt(pan, heightCm).widthCm / 2;
    if (pan.shape === 'dome') return (this.frame()?.heightCm ?? 0) / this.aspect();
    const round = (pan.diameterCm ?? 0) / 2;
    // a wedge is baked as the cylinder with its area over its edge
    return pan.shape === 'wedge' ? (Math.PI * round) / (pan.cavities + Math.PI) : round;
  }
  private readonly aspect = computed(() => {
    const pan = this.pan();
    return isFree(pan) && pan.heightCm !== undefined && pan.diameterCm !== undefined
      ? pan.heightCm / (pan.diameterCm / 2)
      : DOME_ASPECT;
  });
  private readonly tubeCm = computed(() => {
    const pan = this.pan();
    return isFree(pan) ? 0 : (pan.tubeDiameterCm ?? 0) / 2;
  });
  private readonly depthCm = computed(() => this.bake().panDepthCm);
  /** Widest part of the picture, cm, all through the bake. */
  private readonly widestCm = computed(() => {
    const pan = this.pan();
    if (!isFree(pan)) return pan.topWidthCm;
    return 2 * (this.dome() ? (this.bake().frames.at(-1)?.heightCm ?? 0) / this.aspect() : this.halfCm(0)) + 2;
  });
  /** The tallest thing in the picture, cm: the same all through the bake, so that scrubbing does not rescale. */
  private readonly tallestCm = computed(() =>
    Math.max(this.depthCm(), (this.bake().frames.at(-1)?.heightCm ?? 0) * (1 + this.domeRise())),
  );
  private readonly scale = computed(() => {
    const wide = this.width() - LABEL_WIDTH - 2 * MARGIN;
    return Math.max(1, Math.min(wide / this.widestCm(), TALLEST / this.tallestCm()));
  });
  private readonly centre = computed(() => MARGIN + (this.widestCm() * this.scale()) / 2);
  private readonly floor = computed(() => 12 + this.tallestCm() * this.scale());
  protected readonly height = computed(() => this.floor() + 30);

  private readonly rise = computed(() => {
    const { rawCm, bakedCm } = this.bake().heights;
    return bakedCm > rawCm
      ? Math.min(1, Math.max(0, ((this.frame()?.heightCm ?? rawCm) - rawCm) / (bakedCm - rawCm)))
      : 0;
  });

  /**
   * Picture coordinates of a point of the crumb, with the dome put in: across as a share −1…1 from the middle, or in a ring from the
   * tube, outward; up in cm, or in a dome as the sine of the height.
   */
  private point(across: number, up: number): readonly [number, number] {
    const scale = this.scale();
    if (this.dome()) {
      const height = this.frame()?.heightCm ?? 0;
      const cosine = Math.sqrt(Math.max(0, 1 - up * up));
      return [
        this.centre() + across * (height / this.aspect()) * cosine * scale,
        this.floor() - Math.abs(across) * height * up * scale,
      ];
    }
    const half = this.halfCm(up);
    const tube = this.tubeCm();
    const share = Math.abs(across);
    const side = Math.sign(across) || 1;
    const bulge = tube > 0 ? 1 - (2 * share - 1) ** 2 : 1 - share * share;
    const domed = up * (1 + this.domeRise() * this.rise() * bulge);
    return [this.centre() + side * (tube + share * (half - tube)) * scale, this.floor() - domed * scale];
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
          // the middle of a ring is its tube: a share of nought still has a side
          const near = Math.max(inner, 1e-9);
          const corners = [
            this.point(side * near, below),
            this.point(side * outer, below),
            this.point(side * outer, above),
            this.point(side * near, above),
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
    if (this.dome())
      return this.line(
        Array.from({ length: 37 }, (_, i) => {
          const angle = (Math.PI * i) / 36;
          return this.point(angle <= Math.PI / 2 ? -1 : 1, Math.sin(angle));
        }),
      );
    if (this.tubeCm() > 0)
      return [-1, 1]
        .map((side) => this.line(Array.from({ length: 13 }, (_, i) => this.point(side * Math.max(1e-9, i / 12), top))))
        .join('');
    return this.line(Array.from({ length: 25 }, (_, i) => this.point(i / 12 - 1, top)));
  });
  protected readonly sideLine = computed(() => {
    const top = this.frame()?.heightCm ?? 0;
    if (this.dome()) return this.line([this.point(-1, 0), this.point(1, 0)]);
    if (this.tubeCm() > 0)
      return [-1, 1]
        .map((side) =>
          this.line([
            this.point(side, top),
            this.point(side, 0),
            this.point(side * 1e-9, 0),
            this.point(side * 1e-9, top),
          ]),
        )
        .join('');
    return this.line([this.point(-1, top), this.point(-1, 0), this.point(1, 0), this.point(1, top)]);
  });
  protected readonly topColour = computed(() => crustColour(this.frame()?.topColour ?? 0));
  protected readonly sideColour = computed(() => crustColour(this.frame()?.sideColour ?? 0));

  /** The pan itself, with a small rim turned out; a sheet under what stands free. */
  protected readonly panLine = computed(() => {
    const pan = this.pan();
    const [centre, floor, scale] = [this.centre(), this.floor(), this.scale()];
    if (isFree(pan)) {
      const half = (this.widestCm() / 2) * scale;
      return `M${centre - half} ${floor + 2.5}H${centre + half}`;
    }
    const [top, bottom] = [(pan.topWidthCm / 2) * scale + 2.5, (pan.bottomWidthCm / 2) * scale + 2.5];
    const rim = floor - pan.depthCm * scale;
    return `M${centre - top - 9} ${rim}H${centre - top}L${centre - bottom} ${floor + 2.5}H${centre + bottom}L${centre + top} ${rim}H${centre + top + 9}`;
  });
  protected readonly tubeLine = computed(() => {
    const tube = this.tubeCm();
    if (tube <= 0) return undefined;
    const [centre, floor, scale] = [this.centre(), this.floor(), this.scale()];
    const top = floor - this.depthCm() * scale;
    const half = tube * scale - 2.5;
    return `M${centre - half} ${floor + 2.5}V${top}H${centre + half}V${floor + 2.5}`;
  });
  protected readonly batter = computed(() => {
    const level = this.bake().heights.rawCm;
    const half = (this.dome() ? 0 : this.halfCm(level)) * this.scale();
    return {
      x1: this.centre() - half,
      x2: this.centre() + half + (half > 0 ? 14 : 0),
      y: this.floor() - level * this.scale(),
    };
  });
  protected readonly labelX = computed(() => this.centre() + (this.widestCm() / 2) * this.scale() + 20);

  /** Labels beside the pan, pushed apart where they would touch. */
  protected readonly labels = computed(() => {
    const frame = this.frame();
    if (!frame) return [];
    const { fill, heights, minutes } = this.bake();
    const y = (cm: number) => this.floor() - cm * this.scale() + 4;
    const risen = frame.heightCm * (1 + this.domeRise() * this.rise());
    const wanted = [
      { text: $localize`top ${decimal(risen, 1)} cm`, y: y(risen), quiet: false },
      ...(fill ? [{ text: $localize`rim ${decimal(this.depthCm(), 1)} cm`, y: y(this.depthCm()), quiet: true }] : []),
      {
        text: middleInWords(frame.coreCelsius, frame.minute, minutes.likely, this.dial.scale()),
        y: y(frame.heightCm * 0.52),
        quiet: false,
      },
      {
        text: fill
          ? $localize`batter, ${Math.round(fill.fraction * 100)} % full`
          : $localize`raw, ${decimal(heights.rawCm, 1)} cm`,
        y: y(heights.rawCm),
        quiet: true,
      },
    ].sort((a, b) => a.y - b.y);
    let lowest = -Infinity;
    return wanted.map((label) => {
      lowest = Math.max(label.y, lowest + 16, 12);
      return { ...label, y: lowest };
    });
  });
  protected readonly base = computed(() => {
    const pan = this.pan();
    const bottomCm = isFree(pan) ? 2 * this.halfCm(0) : pan.bottomWidthCm;
    const half = (bottomCm / 2) * this.scale();
    const what = isFree(pan)
      ? {
          disc: $localize`one piece, `,
          mound: $localize`one mound, `,
          wedge: $localize`one wedge, as wide as `,
          dome: $localize`across, `,
        }[pan.shape]
      : pan.cavities > 1
        ? $localize`one cup, `
        : pan.shape === 'round'
          ? ''
          : $localize`across, `;
    return {
      x1: this.centre() - half,
      x2: this.centre() + half,
      middle: this.centre(),
      y: this.floor() + 11,
      text: `${what}${decimal(bottomCm, 1)} cm`,
    };
  });
  protected readonly spoken = computed(() => {
    const frame = this.frame();
    return $localize`Section of the pan at ${Math.round(frame?.minute ?? 0)} minutes: ${this.labels()
      .map(({ text }) => text)
      .join(', ')}`;
  });
}
