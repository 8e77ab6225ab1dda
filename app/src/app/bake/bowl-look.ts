import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { BowlLook } from '@orvin/core/along/mixing';

/** A blot: where, how large, which way, and of what. */
interface Blot {
  readonly x: number;
  readonly y: number;
  readonly rx: number;
  readonly ry: number;
  readonly turn: number;
  readonly of: 'flour' | 'wet' | 'light' | 'dark';
}
/** How a look is strewn: how many blots of what, and how large. */
interface Strewn {
  readonly count: number;
  readonly size: number;
  readonly flat: number;
  readonly of: readonly Blot['of'][];
}
const STREWN: Readonly<Record<Exclude<BowlLook, 'swirled' | 'ribbon' | 'even'>, Strewn>> = {
  streaks: { count: 12, size: 15, flat: 0.55, of: ['flour', 'wet', 'flour'] },
  lumpy: { count: 26, size: 6, flat: 0.8, of: ['light', 'wet', 'light'] },
  grainy: { count: 60, size: 3, flat: 0.9, of: ['wet', 'light'] },
  fluffy: { count: 14, size: 13, flat: 0.75, of: ['light'] },
  split: { count: 34, size: 5, flat: 0.6, of: ['wet', 'dark', 'light'] },
  crumbs: { count: 22, size: 9, flat: 0.85, of: ['light', 'flour', 'wet'] },
  sandy: { count: 110, size: 2, flat: 0.9, of: ['light', 'wet', 'flour'] },
};
const GOLDEN = 2.399963;

/** A bowl from above, drawn: how it looks when it is not yet, right, or too far. */
@Component({
  selector: 'orv-bowl-look',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <svg viewBox="0 0 200 200" aria-hidden="true">
      <circle class="bowl" cx="100" cy="100" r="96" />
      <circle class="batter" cx="100" cy="100" r="84" />
      @for (blot of blots(); track $index) {
        <ellipse
          [attr.class]="blot.of"
          [attr.cx]="blot.x"
          [attr.cy]="blot.y"
          [attr.rx]="blot.rx"
          [attr.ry]="blot.ry"
          [attr.transform]="'rotate(' + blot.turn + ' ' + blot.x + ' ' + blot.y + ')'"
        />
      }
      @if (look() === 'swirled' || look() === 'ribbon') {
        @for (path of swirls; track path) {
          <path class="swirl" [attr.d]="path" />
        }
      }
    </svg>
  `,
  styles: `
    :host,
    svg {
      display: block;
    }
    .bowl {
      fill: var(--enamel-2);
      stroke: var(--rim);
      stroke-width: 6;
    }
    .batter {
      fill: var(--crust-0);
    }
    .flour {
      fill: #fffdf6;
    }
    .light {
      fill: #fff4d8;
    }
    .wet {
      fill: var(--crust-1);
    }
    .dark {
      fill: var(--crust-2);
    }
    .swirl {
      fill: none;
      stroke: var(--crust-1);
      stroke-width: 5;
      stroke-linecap: round;
    }
  `,
})
export class BowlLookView {
  readonly look = input.required<BowlLook>();
  protected readonly swirls = [
    'M40 110c20-60 100-70 118-10 8 40-50 62-78 34-16-22 14-46 34-30',
    'M52 138c34 32 86 26 104-12',
    'M62 66c22-24 62-26 84-4',
  ];
  protected readonly blots = computed<readonly Blot[]>(() => {
    const look = this.look();
    if (look === 'swirled' || look === 'ribbon' || look === 'even') return [];
    const { count, size, flat, of } = STREWN[look];
    // a sunflower's turns: even, and the same every time
    return Array.from({ length: count }, (_, i): Blot => {
      const radius = 74 * Math.sqrt((i + 0.6) / count);
      const uneven = 0.6 + 0.8 * ((i * 7919) % 13) / 13; // prettier-ignore
      return {
        x: 100 + radius * Math.cos(i * GOLDEN),
        y: 100 + radius * Math.sin(i * GOLDEN),
        rx: size * uneven,
        ry: size * uneven * flat,
        turn: (i * 47) % 180,
        of: of[i % of.length] ?? 'light',
      };
    });
  });
}
