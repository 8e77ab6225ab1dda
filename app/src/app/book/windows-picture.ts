import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { PROMISED, WINDOW_PARTS, type WindowPart, type WindowsHeld } from '@orvin/core/book/records';
import { Width } from '../parts/width';

const HEIGHT = 96;
const FLOOR = 72;
const NAMES: Readonly<Record<WindowPart, string>> = { sooner: $localize`sooner`, 'first-half': $localize`in its window`, 'second-half': '', later: $localize`later` }; // prettier-ignore
/** As wide as the window is to them. */
const SHARES: Readonly<Record<WindowPart, number>> = { sooner: 1, 'first-half': 1.5, 'second-half': 1.5, later: 1 };
const GAP = 3;

/** When bakes were done, against their windows: as many as were promised on each side of the likely minute, or not. */
@Component({
  selector: 'orv-windows-picture',
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  template: `
    @if (width() > 60) {
      <svg
        i18n-data-picture
        data-picture="Bakes against their windows"
        [attr.width]="width()"
        [attr.height]="height"
        role="img"
        [attr.aria-label]="spoken()"
      >
        @for (bar of bars(); track bar.part) {
          <rect
            class="bar"
            [class.inside]="bar.inside"
            [attr.x]="bar.x"
            [attr.width]="bar.width"
            [attr.y]="bar.y"
            [attr.height]="floor - bar.y"
          />
          <text class="count" [attr.x]="bar.x + bar.width / 2" [attr.y]="bar.above">{{ bar.count }}</text>
          <line
            class="promised"
            [attr.x1]="bar.x"
            [attr.x2]="bar.x + bar.width"
            [attr.y1]="bar.due"
            [attr.y2]="bar.due"
          />
        }
        <line class="floor" x1="0" [attr.x2]="width()" [attr.y1]="floor" [attr.y2]="floor" />
        @for (name of names(); track name.words) {
          <text class="name" [attr.x]="name.x" [attr.y]="height - 6">{{ name.words }}</text>
        }
      </svg>
    }
  `,
  styles: `
    :host,
    svg {
      display: block;
    }
    .bar {
      fill: var(--rim-2);
    }
    .bar.inside {
      fill: var(--rim);
    }
    .promised {
      stroke: var(--ink);
      stroke-width: 2;
      stroke-dasharray: 5 3;
    }
    .floor {
      stroke: var(--hair);
    }
    text {
      text-anchor: middle;
      font-size: 13px;
      fill: var(--ink-2);
    }
    .count {
      font-weight: 680;
      fill: var(--ink);
    }
  `,
})
export class WindowsPicture {
  readonly windows = input.required<WindowsHeld>();
  protected readonly width = inject(Width).pixels;
  protected readonly height = HEIGHT;
  protected readonly floor = FLOOR;

  protected readonly bars = computed(() => {
    const { parts, of } = this.windows();
    const most = Math.max(...WINDOW_PARTS.map((part) => Math.max(parts[part], PROMISED[part] * of)), 1);
    const up = (count: number) => FLOOR - (count / most) * (FLOOR - 20);
    const unit = (this.width() - GAP * (WINDOW_PARTS.length - 1)) / WINDOW_PARTS.reduce((sum, part) => sum + SHARES[part], 0); // prettier-ignore
    let x = 0;
    return WINDOW_PARTS.map((part) => {
      const bar = { part, x, width: SHARES[part] * unit, y: up(parts[part]), due: up(PROMISED[part] * of), above: Math.min(up(parts[part]), up(PROMISED[part] * of)) - 5, count: parts[part], inside: part !== 'sooner' && part !== 'later' }; // prettier-ignore
      x += bar.width + GAP;
      return bar;
    });
  });
  protected readonly names = computed(() =>
    this.bars().flatMap(({ part, x, width }) =>
      NAMES[part] === ''
        ? []
        : [{ words: NAMES[part], x: part === 'first-half' ? x + width + GAP / 2 : x + width / 2 }],
    ),
  );
  protected readonly spoken = computed(() => {
    const { parts, held, of } = this.windows();
    return $localize`Of ${of} bakes ${held} were done in their window, ${parts.sooner} sooner, ${parts.later} later; eight in ten are promised inside, one on each side`;
  });
}
