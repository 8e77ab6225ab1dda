import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { CutChoice, CutResult } from '@orvin/core/batch/plan';

const MOST_DISCS = 6;

/** A slab from above with its first cut, or discs with their wedges: to scale. */
@Component({
  selector: 'orv-cut-picture',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (picture(); as picture) {
      <svg
        i18n-data-picture
        data-picture="Cutting plan"
        [attr.width]="picture.width"
        [attr.height]="picture.height"
        role="img"
        [attr.aria-label]="texts.cuttingPlan(words())"
      >
        @if (picture.slab; as slab) {
          <rect x="1" y="1" [attr.width]="slab.width" [attr.height]="slab.height" class="slab" />
          @for (one of picture.pieces; track $index) {
            @if (by().shape === 'round') {
              <circle [attr.cx]="one.x" [attr.cy]="one.y" [attr.r]="picture.half" class="piece" />
            } @else {
              <rect
                [attr.x]="one.x - picture.half"
                [attr.y]="one.y - picture.half"
                [attr.width]="2 * picture.half"
                [attr.height]="2 * picture.half"
                class="piece"
              />
            }
          }
        }
        @for (disc of picture.discs; track $index) {
          <circle [attr.cx]="disc.x" [attr.cy]="disc.y" [attr.r]="picture.half" class="piece" />
          <path [attr.d]="disc.cuts" class="cutline" />
        }
      </svg>
    }
  `,
  styles: `
    svg {
      display: block;
      margin: 8px 0 4px;
    }
    .slab {
      fill: var(--enamel-2);
      stroke: var(--ink-3);
      stroke-dasharray: 4 3;
    }
    .piece {
      fill: var(--crust-0);
      stroke: var(--ink);
      stroke-width: 1.5;
    }
    .cutline {
      stroke: var(--ink);
      stroke-width: 1.5;
      fill: none;
    }
  `,
})
export class CutPicture {
  protected readonly texts = {
    cuttingPlan: (words: string | number) => $localize`Cutting plan: ${words}`,
  };
  readonly cut = input.required<CutResult>();
  readonly by = input.required<Pick<CutChoice, 'shape' | 'sizeCm'>>();
  /** Pixels that there are, across and down. */
  readonly room = input.required<number>();
  readonly tallest = input(190);
  /** No larger than this however much room there is, pixels to the centimetre. */
  readonly largest = input(9);
  readonly words = input('');

  protected readonly picture = computed(() => {
    const [cut, room] = [this.cut(), this.room()];
    if (!(room > 50)) return undefined;
    if (cut.kind === 'wedges') {
      const shown = Math.min(cut.discs, MOST_DISCS);
      const scale = Math.min(this.tallest() / cut.diameterCm, room / (shown * cut.diameterCm + shown), this.largest());
      const half = (cut.diameterCm / 2) * scale;
      const discs = Array.from({ length: shown }, (_, i) => {
        const x = 2 + half + i * (2 * half + 10);
        const y = half + 2;
        const cuts = Array.from({ length: cut.wedgesEach }, (_unused, k) => {
          const angle = (2 * Math.PI * k) / cut.wedgesEach - Math.PI / 2;
          return `M${x.toFixed(1)} ${y.toFixed(1)}L${(x + half * Math.cos(angle)).toFixed(1)} ${(y + half * Math.sin(angle)).toFixed(1)}`;
        }).join('');
        return { x, y, cuts };
      });
      return { width: room, height: 2 * half + 4, half, discs, pieces: [], slab: undefined };
    }
    if (cut.firstCut === 0) return undefined;
    const scale = Math.min(this.tallest() / cut.slabWidthCm, room / cut.slabLengthCm, this.largest());
    return {
      width: cut.slabLengthCm * scale + 2,
      height: cut.slabWidthCm * scale + 2,
      half: (this.by().sizeCm / 2) * scale,
      slab: { width: cut.slabLengthCm * scale, height: cut.slabWidthCm * scale },
      pieces: cut.centres.map(({ xCm, yCm }) => ({ x: xCm * scale + 1, y: yCm * scale + 1 })),
      discs: [],
    };
  });
}
