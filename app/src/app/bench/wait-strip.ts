import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Waiting } from '@orvin/core/batter/rising';
import { Width } from '../parts/width';

const HEIGHT = 74;
const TOP = 8;
const FOOT = 56;
const SHOWN_MINUTES = 60;

/** Usable gas along an hour of waiting: where a tenth and where a fifth of it is gone. */
@Component({
  selector: 'orv-wait-strip',
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  template: `
    <svg
      i18n-data-picture
      data-picture="Gas while it waits"
      [attr.width]="width()"
      [attr.height]="height"
      role="img"
      [attr.aria-label]="spoken()"
    >
      <rect x="0" [attr.y]="top" [attr.width]="drawn().advice" [attr.height]="foot - top" class="good" />
      <path [attr.d]="drawn().area" class="gas" />
      <line x1="0" [attr.x2]="width()" [attr.y1]="foot" [attr.y2]="foot" class="axis" />
      @if (drawn().mark; as mark) {
        <line [attr.x1]="mark.x" [attr.x2]="mark.x" [attr.y1]="top" [attr.y2]="foot" class="limit" />
      }
      @for (tick of drawn().ticks; track tick.minutes) {
        <text [attr.x]="tick.x" [attr.y]="foot + 15" [attr.text-anchor]="tick.anchor">{{ tick.text }}</text>
      }
    </svg>
  `,
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
    }
    .good {
      fill: var(--rim-wash);
    }
    .gas {
      fill: var(--soda);
      opacity: 0.75;
    }
    .axis {
      stroke: var(--ink-3);
    }
    .limit {
      stroke: var(--ink);
      stroke-width: 1.5;
      stroke-dasharray: 4 3;
    }
    text {
      fill: var(--ink-2);
    }
  `,
})
export class WaitStrip {
  readonly waiting = input.required<Waiting>();
  protected readonly width = inject(Width).pixels;
  protected readonly height = HEIGHT;
  protected readonly top = TOP;
  protected readonly foot = FOOT;

  protected readonly spoken = computed(() => {
    const share = (minutes: number) => Math.round(100 * this.waiting().usableShare(minutes));
    return $localize`Usable gas after 15 minutes ${share(15)} %, after 30 minutes ${share(30)} %, after an hour ${share(60)} %.`;
  });
  protected readonly drawn = computed(() => {
    const wide = this.width();
    const waiting = this.waiting();
    const { adviceMinutes } = waiting;
    const x = (minutes: number) => (wide * minutes) / SHOWN_MINUTES;
    const y = (share: number) => FOOT - (FOOT - TOP) * share;
    const points = Array.from({ length: 31 }, (_, i) => 2 * i).map(
      (t) => `${x(t).toFixed(1)},${y(waiting.usableShare(t)).toFixed(1)}`,
    );
    const advice = Math.min(SHOWN_MINUTES, adviceMinutes);
    return {
      area: `M0,${FOOT} L${points.join(' L')} L${wide},${FOOT} Z`,
      advice: x(advice),
      mark: adviceMinutes < SHOWN_MINUTES ? { x: x(adviceMinutes) } : undefined,
      ticks: [0, 15, 30, 45, 60].map((minutes) => ({
        minutes,
        x: Math.min(x(minutes), wide - 1),
        anchor: minutes === 0 ? 'start' : minutes === 60 ? 'end' : 'middle',
        text: minutes === 0 ? $localize`at once` : minutes === 60 ? '60 min' : `${minutes}`,
      })),
    };
  });
}
