import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import type { BakePrediction } from '@orvin/core/baking';
import { minutesInWords } from '@orvin/core/wording';
import { Width } from '../parts/width';
import { crustColour, placeMarks, stripMarks } from './bake-view';

const STRIP_HEIGHT = 26;
const ROW = 18;
/** The strip ends a little after the window. */
const BEYOND = 1.06;

/** The bake along its time: what to do when, the window in which it is done, coloured as the top browns. */
@Component({
  selector: 'orv-bake-strip',
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  // a shortcut for the pointer: the slider beneath does the same by keyboard
  host: { '(click)': 'scrub($event)' },
  template: `
    @if (width() > 40) {
      <svg [attr.width]="width()" [attr.height]="height()" role="img" [attr.aria-label]="spoken()">
        @for (part of browning(); track $index) {
          <rect
            [attr.x]="part.x"
            [attr.y]="top()"
            [attr.width]="part.width"
            [attr.height]="strip"
            [style.fill]="part.fill"
          />
        }
        <rect
          [attr.x]="windowX().from"
          [attr.y]="top() - 4"
          [attr.width]="windowX().to - windowX().from"
          [attr.height]="strip + 8"
          class="window"
        />
        <text
          [attr.x]="(windowX().from + windowX().to) / 2"
          [attr.y]="top() + strip + 18"
          text-anchor="middle"
          class="done"
        >
          done window
        </text>
        @for (mark of marks(); track mark.code) {
          <line
            [attr.x1]="mark.x"
            [attr.x2]="mark.x"
            [attr.y1]="labelY(mark.row) + 4"
            [attr.y2]="top() + strip"
            [class.strong]="mark.strong"
            class="mark-line"
          />
          <text
            [attr.x]="mark.labelX"
            [attr.y]="labelY(mark.row)"
            [attr.text-anchor]="mark.anchor"
            [class.strong]="mark.strong"
          >
            {{ mark.label }}
          </text>
        }
        <line
          [attr.x1]="xOf(minute())"
          [attr.x2]="xOf(minute())"
          [attr.y1]="top() - 7"
          [attr.y2]="top() + strip + 7"
          class="now"
        />
      </svg>
    }
  `,
  styles: `
    :host {
      display: block;
    }
    svg {
      display: block;
      cursor: pointer;
      overflow: visible;
    }
    .window {
      fill: none;
      stroke: var(--rim);
      stroke-width: 2.5;
      rx: 2px;
    }
    .done {
      fill: var(--rim);
      font-weight: 660;
    }
    .mark-line {
      stroke: var(--ink-3);
      stroke-width: 1.2;
    }
    .mark-line.strong {
      stroke: var(--ink);
      stroke-width: 2;
    }
    text.strong {
      font-weight: 680;
    }
    .now {
      stroke: var(--butter);
      stroke-width: 4;
      stroke-linecap: round;
      paint-order: stroke;
    }
  `,
})
export class BakeStrip {
  readonly bake = input.required<BakePrediction>();
  readonly minute = input.required<number>();
  readonly minuteChange = output<number>();

  protected readonly strip = STRIP_HEIGHT;
  protected readonly width = inject(Width).pixels;
  private readonly lasts = computed(() => this.bake().minutes.high * BEYOND);
  protected readonly marks = computed(() => placeMarks(stripMarks(this.bake()), this.lasts(), this.width()));
  private readonly rows = computed(() => 1 + Math.max(...this.marks().map(({ row }) => row)));
  protected readonly top = computed(() => this.rows() * ROW + 6);
  protected readonly height = computed(() => this.top() + STRIP_HEIGHT + 24);
  protected readonly windowX = computed(() => ({
    from: this.xOf(this.bake().minutes.low),
    to: this.xOf(this.bake().minutes.high),
  }));
  protected readonly browning = computed(() => {
    const { frames } = this.bake();
    return frames.map((frame, i) => {
      const x = this.xOf(frame.minute);
      const next = i + 1 < frames.length ? this.xOf(frames[i + 1]?.minute ?? 0) : this.width();
      return { x, width: Math.max(0, next - x) + 0.5, fill: crustColour(frame.topColour) };
    });
  });
  protected readonly spoken = computed(() => {
    const { low, high, first } = this.bake().minutes;
    return `Look first at ${minutesInWords(first)}; done between ${minutesInWords(low)} and ${minutesInWords(high)}`;
  });

  protected xOf(minute: number): number {
    return (minute / this.lasts()) * this.width();
  }
  /** The first row is nearest to the strip. */
  protected labelY(row: number): number {
    return this.top() - 10 - row * ROW;
  }
  protected scrub(event: MouseEvent): void {
    const box = (event.currentTarget as Element).getBoundingClientRect();
    const share = (event.clientX - box.left) / box.width;
    this.minuteChange.emit(Math.min(this.bake().minutes.high, Math.max(0, share * this.lasts())));
  }
}
