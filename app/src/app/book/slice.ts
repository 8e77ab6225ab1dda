import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Crumb, Shape, Top } from '@orvin/core/book/records';
import { chanceFrom } from '@orvin/core/ground/numerics';
import { drawnWith } from './fault-drawings.table';

/* One drawing of a slice stands for a bake: its height and dome, the colour of its crust, its crumb. */

const [WIDTH, HEIGHT] = [104, 66];
/** Where the crust meets the tin, and how high its middle is drawn, from the top of the picture. */
const OUTLINES: Readonly<Record<Shape, readonly [edge: number, middle: number]>> = {
  sank: [39, 47],
  flat: [35, 33],
  'low-dome': [32, 19],
  cracked: [29, 8],
  peaked: [29, 0],
};
/** The foot of the slice; a bake so high is drawn as its shape usually is, mm; and so far others may be drawn from it. */
const FOOT = 63;
const USUAL_MILLIMETRES = 70;
const [LOWEST, HIGHEST] = [0.5, 1.25];

/** Holes of a crumb: how many, how large at least and at most. */
const HOLES: Readonly<Record<Crumb, readonly [count: number, least: number, most: number]>> = {
  tight: [30, 0.4, 0.9],
  fine: [46, 0.7, 1.9],
  open: [34, 1.2, 4.4],
  tunnels: [30, 0.8, 1.8],
  gummy: [22, 0.4, 0.9],
};
export const CRUST_COLOURS: Readonly<Record<Top, string>> = {
  pale: '#e3c383',
  straw: '#d5a052',
  gold: '#bd7b35',
  chestnut: '#7d4519',
  'too-dark': '#442611',
};

/** The holes of a crumb as one path: always the same for the same crumb. */
function holesOf(crumb: Crumb): string {
  const [count, least, most] = HOLES[crumb];
  const chance = chanceFrom(count * 7 + 5);
  for (let i = 0; i < 12; i++) chance();
  return Array.from({ length: count }, () => {
    const [x, y, r] = [3 + chance() * (WIDTH - 6), 3 + chance() * (HEIGHT - 8), least + (most - least) * chance() ** 2];
    const round = r * 0.7;
    return `M${(x - r).toFixed(1)} ${y.toFixed(1)}a${r.toFixed(1)} ${round.toFixed(1)} 0 1 0 ${(2 * r).toFixed(1)} 0a${r.toFixed(1)} ${round.toFixed(1)} 0 1 0 ${(-2 * r).toFixed(1)} 0`;
  }).join('');
}
const HOLE_PATHS = new Map<Crumb, string>();
function holes(crumb: Crumb): string {
  const known = HOLE_PATHS.get(crumb) ?? holesOf(crumb);
  HOLE_PATHS.set(crumb, known);
  return known;
}

let drawn = 0;

/** A slice, drawn from what was said of a bake; what nobody said is drawn as usual. */
@Component({
  selector: 'orv-slice',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { 'aria-hidden': 'true' },
  template: `
    <svg viewBox="0 0 104 66">
      <clipPath [attr.id]="clip"><path [attr.d]="outline()" /></clipPath>
      <g [attr.clip-path]="'url(#' + clip + ')'">
        <rect class="crumb" width="104" height="66" />
        <path class="holes" [attr.d]="holePath()" />
        @if (hasCrumb() === 'tunnels') {
          <path
            class="tunnel"
            d="M25 56C20 43 29 28 37 22M44 56C41 43 46 28 48 22M62 56C60 43 62 28 58 22M81 56C80 43 79 28 69 22"
          />
        }
        @if (hasCrumb() === 'gummy') {
          <rect class="gummy" y="51" width="104" height="14" />
        }
      </g>
      <path class="crust" [class.thick]="drawn().thick" [attr.d]="outline()" [style.stroke]="colour()" />
      @for (over of drawn().over; track $index) {
        <path [class]="'over ' + over.tone" [attr.d]="over.d" />
      }
    </svg>
  `,
  styles: `
    :host,
    svg {
      display: block;
    }
    svg {
      width: 100%;
    }
    .crumb {
      fill: #efd9ac;
    }
    .holes,
    .gummy {
      fill: #c99d5c;
    }
    .gummy {
      fill: #b98a48;
    }
    .tunnel {
      fill: none;
      stroke: #9d6c30;
      stroke-width: 4;
      stroke-linecap: round;
    }
    .crust.thick {
      stroke-width: 9;
    }
    .dark {
      fill: #8d6430;
    }
    .wet {
      fill: #b98a48;
    }
    .burnt {
      fill: #2f1a0c;
    }
    .white,
    .cream {
      fill: #fffaf0;
      stroke: #b9a988;
      stroke-width: 0.5;
    }
    .shine {
      fill: #cfe3ee;
      fill-opacity: 0.9;
      stroke: #7b98ab;
      stroke-width: 0.6;
    }
    .green,
    .crack {
      fill: none;
      stroke: #2f7d6a;
      stroke-width: 4;
      stroke-linecap: round;
    }
    .crack {
      stroke: #5a3413;
      stroke-width: 2.4;
      stroke-linejoin: round;
    }
    .rust {
      fill: #7c4a2a;
      fill-opacity: 0.75;
    }
    .fruit {
      fill: #7a2840;
    }
    .tin {
      fill: #8796a8;
    }
    .crust {
      fill: none;
      stroke-width: 5;
      stroke-linejoin: round;
    }
  `,
})
export class Slice {
  readonly shape = input<Shape | undefined>();
  readonly crumb = input<Crumb | undefined>();
  readonly top = input<Top | undefined>();
  /** In its middle, where it was measured. */
  readonly heightMm = input<number | undefined>();
  /** Faults that are drawn into it, by their ids. */
  readonly faults = input<readonly string[]>([]);
  protected readonly drawn = computed(() => drawnWith(this.faults()));
  protected readonly hasCrumb = computed(() => this.drawn().crumb ?? this.crumb());
  protected readonly clip = `slice-${++drawn}`;
  protected readonly outline = computed(() => {
    const { outline, shape } = this.drawn();
    if (outline !== undefined) return outline;
    const height = Math.max(LOWEST, Math.min(HIGHEST, (this.heightMm() ?? USUAL_MILLIMETRES) / USUAL_MILLIMETRES));
    const [edge, middle] = OUTLINES[shape ?? this.shape() ?? 'low-dome'];
    const raised = (y: number) => Math.round(FOOT - (FOOT - y) * height);
    const [side, top] = [raised(edge), raised(middle)];
    return `M5 ${FOOT}L2 ${side}C26 ${top} 78 ${top} 102 ${side}L99 ${FOOT}Z`;
  });
  protected readonly holePath = computed(() => holes(this.hasCrumb() ?? 'fine'));
  protected readonly colour = computed(() => CRUST_COLOURS[this.drawn().top ?? this.top() ?? 'gold']);
}
