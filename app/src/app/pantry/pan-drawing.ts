import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Pan } from '@orvin/core/kitchen/pans';
import { planPath, tubePath, wallPath } from '../parts/pan-shapes';

/** A pan to scale: cut through the middle, and from above. */
@Component({
  selector: 'orv-pan-drawing',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      [attr.width]="picture().width"
      [attr.height]="picture().height"
      role="img"
      [attr.aria-label]="picture().spoken"
    >
      <g [attr.transform]="picture().section">
        <path [attr.d]="picture().wall" />
        <path [attr.d]="picture().tube" />
      </g>
      @if (both()) {
        <g [attr.transform]="picture().above">
          <path [attr.d]="picture().plan" />
          @if (picture().hole > 0) {
            <circle [attr.r]="picture().hole" />
          }
        </g>
      }
    </svg>
  `,
  styles: `
    svg {
      display: block;
    }
    path,
    circle {
      fill: var(--enamel-2);
      stroke: var(--ink);
      stroke-width: 2;
      stroke-linejoin: round;
    }
  `,
})
export class PanDrawing {
  readonly pan = input.required<Pan>();
  readonly scale = input(5);
  readonly both = input(false);
  protected readonly picture = computed(() => {
    const [pan, scale] = [this.pan(), this.scale()];
    const wide = pan.topWidthCm * scale;
    const deep = pan.depthCm * scale;
    const [long, across] = [pan.topLengthCm * scale, pan.topWidthCm * scale];
    return {
      width: Math.ceil(this.both() ? wide + long + 40 : wide + 6),
      height: Math.ceil(this.both() ? Math.max(deep, across) + 8 : deep + 6),
      section: `translate(${(wide / 2 + 3).toFixed(1)} ${(deep + 3).toFixed(1)})`,
      above: `translate(${(wide + 30 + long / 2).toFixed(1)} ${(across / 2 + 4).toFixed(1)})`,
      wall: wallPath(pan, scale),
      tube: tubePath(pan, scale),
      plan: planPath(pan, scale),
      hole: ((pan.tubeDiameterCm ?? 0) / 2) * scale,
      spoken: $localize`${decimal(pan.topLengthCm, 1)} by ${decimal(pan.topWidthCm, 1)} cm at the rim, ${decimal(pan.depthCm, 1)} deep`,
    };
  });
}
