import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Section } from '@orvin/core/bench/sandbox';

const WIDTH = 320;
const HEIGHT = 160;
const FLOOR = 148;
const LEFT = 46;
const RIGHT = 274;
/** Picture height of a bake that stands as its style does. */
const USUAL = 74;
const HOLES = 54;
const RAMP = ['--crust-0', '--crust-1', '--crust-2', '--crust-3', '--crust-4'] as const;

/** Places of holes: fixed, so that the crumb changes with the knobs and not with the frame. */
const SPOTS = Array.from({ length: HOLES }, (_, i) => {
  // a plastic-number sequence, shaken a little: even, without rows
  const shake = (n: number) => 0.09 * Math.sin(12.9898 * i + 78.233 * n);
  return {
    across: 0.06 + 0.88 * ((((0.7548776662 * i + shake(1)) % 1) + 1) % 1),
    up: 0.04 + 0.9 * ((((0.5698402909 * i + shake(2)) % 1) + 1) % 1),
    size: 0.45 + 1.1 * ((0.3819660113 * i) % 1),
  };
});

function crustOf(share: number): string {
  const at = Math.min(3.999, Math.max(0, share * 4));
  const low = Math.floor(at);
  return `color-mix(in oklab, var(${RAMP[low] ?? '--crust-0'}), var(${RAMP[low + 1] ?? '--crust-4'}) ${Math.round(100 * (at - low))}%)`;
}

/** The bake cut in half as the model draws it; the ghost is what it was before the knobs were turned. */
@Component({
  selector: 'orv-bake-sketch',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg
      i18n-data-picture
      data-picture="How it comes out"
      [attr.viewBox]="viewBox"
      role="img"
      [attr.aria-label]="spoken()"
    >
      <path [attr.d]="shape()" class="crumb" />
      @for (hole of holes(); track $index) {
        <ellipse [attr.cx]="hole.x" [attr.cy]="hole.y" [attr.rx]="hole.rx" [attr.ry]="hole.ry" class="hole" />
      }
      @if (gummy(); as line) {
        <path [attr.d]="line.path" class="gummy" [style.opacity]="line.opacity" />
      }
      <path [attr.d]="shape()" class="crust" [style.stroke]="crust()" />
      <path [attr.d]="ghost()" class="ghost" />
      <path [attr.d]="tin" class="tin" />
    </svg>
  `,
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
      width: 100%;
      max-height: 230px;
    }
    .crumb {
      fill: var(--crust-0);
    }
    .hole {
      fill: var(--crust-1);
      opacity: 0.65;
    }
    .gummy {
      fill: var(--crust-2);
    }
    .crust {
      fill: none;
      stroke-width: 7;
      stroke-linejoin: round;
    }
    .ghost {
      fill: none;
      stroke: var(--rim);
      stroke-width: 1.5;
      stroke-dasharray: 5 4;
    }
    .tin {
      fill: none;
      stroke: var(--ink);
      stroke-width: 3;
      stroke-linecap: round;
      stroke-linejoin: round;
    }
  `,
})
export class BakeSketch {
  readonly section = input.required<Section>();
  readonly before = input.required<Section>();

  protected readonly viewBox = `0 0 ${WIDTH} ${HEIGHT}`;
  protected readonly tin = `M${LEFT - 14},${FLOOR - USUAL * 0.9} L${LEFT - 4},${FLOOR + 4} L${RIGHT + 4},${FLOOR + 4} L${RIGHT + 14},${FLOOR - USUAL * 0.9}`;
  protected readonly shape = computed(() => outline(this.section()));
  protected readonly ghost = computed(() => topLine(this.before()));
  protected readonly crust = computed(() => crustOf(this.section().crust));
  protected readonly holes = computed(() => {
    const { openness, tunnels } = this.section();
    const base = 1.2 + 5 * openness;
    return SPOTS.map(({ across, up, size }, i) => {
      const x = LEFT + across * (RIGHT - LEFT);
      const top = topAt(this.section(), across);
      const tall = tunnels > 0.2 && i % 6 === 0 ? 1 + 6 * tunnels : 1;
      const ry = base * size * tall;
      return {
        x,
        y: Math.max(top + ry + 6, FLOOR - 6 - up * (FLOOR - top - 14)),
        rx: base * size * (tall > 1 ? 0.8 : 1.25),
        ry,
      };
    });
  });
  protected readonly gummy = computed(() => {
    const { gummy } = this.section();
    if (gummy < 0.05) return undefined;
    const height = 4 + 20 * gummy;
    return {
      path: `M${LEFT},${FLOOR} Q${WIDTH / 2},${FLOOR - 2 * height} ${RIGHT},${FLOOR} Z`,
      opacity: 0.3 + 0.5 * gummy,
    };
  });
  protected readonly spoken = computed(() => {
    const { middle, side, openness, crust, gummy } = this.section();
    const stands =
      middle < side - 0.03
        ? $localize`sunk in the middle`
        : middle > side * 1.12
          ? $localize`domed`
          : $localize`nearly level`;
    const colour =
      [$localize`pale`, $localize`light gold`, $localize`golden brown`, $localize`dark`, $localize`very dark`][
        Math.min(4, Math.floor(crust * 5))
      ] ?? '';
    return $localize`The bake cut in half: ${Math.round(100 * middle)} % of the style's height in the middle, ${stands}, ${openness > 0.6 ? $localize`coarse` : openness < 0.25 ? $localize`fine` : $localize`even`} crumb, ${colour} crust${gummy > 0.15 ? $localize`, a wet line at the foot` : ''}.`;
  });
}

const topAt = ({ side, middle }: Section, across: number) => {
  const share = 1 - (2 * across - 1) ** 2;
  return FLOOR - USUAL * (side + (middle - side) * share);
};

function topLine(section: Section): string {
  const points = Array.from({ length: 21 }, (_, i) => i / 20).map(
    (across) => `${(LEFT + across * (RIGHT - LEFT)).toFixed(1)},${topAt(section, across).toFixed(1)}`,
  );
  return `M${points.join(' L')}`;
}

const outline = (section: Section) => `${topLine(section)} L${RIGHT},${FLOOR} L${LEFT},${FLOOR} Z`;
