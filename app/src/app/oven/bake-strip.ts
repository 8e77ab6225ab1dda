import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import type { BakePrediction } from '@orvin/core/oven/baking';
import { capitalised, minutesInWords } from '@orvin/core/words/figures';
import { Width } from '../parts/width';
import { OwnDial } from '../parts/own-dial';
import { afterwards, roughMinutes } from '@orvin/core/words/oven-words';
import { crustColour, placeMarks, stripMarks } from './bake-view';

const STRIP_HEIGHT = 26;
const ROW = 18;
/** The bake's own part ends a little after the window. */
const BEYOND = 1.06;
/** Shares of the width for heating the oven and for cooling: each has a clock of its own. */
const HEATING = 0.17;
const COOLING = 0.2;
/** Below this many pixels the bake has all the room, and the rest is said beneath. */
const ROOM_FOR_ALL = 560;

/** The bake along its time: heating, what to do when, the window in which it is done, coloured as the top browns; then cooling. */
@Component({
  selector: 'orv-bake-strip',
  changeDetection: ChangeDetectionStrategy.OnPush,
  hostDirectives: [Width],
  // a shortcut for the pointer: the slider beneath does the same by keyboard
  host: { '(click)': 'scrub($event)' },
  template: `
    @if (width() > 40) {
      <svg
        i18n-data-picture
        data-picture="The bake in time"
        [attr.width]="width()"
        [attr.height]="height()"
        role="img"
        [attr.aria-label]="spoken()"
      >
        @if (wide()) {
          @if (preheat() > 0) {
            <rect x="0" [attr.y]="top() + 3" [attr.width]="from()" [attr.height]="strip - 6" class="heating" />
            <text x="8" [attr.y]="top() + 18" class="inside" i18n>heat {{ preheatWords() }}</text>
          }
          <rect
            [attr.x]="until()"
            [attr.y]="top() + 3"
            [attr.width]="width() - until()"
            [attr.height]="strip - 6"
            class="cooling"
          />
          <text [attr.x]="until() + 8" [attr.y]="top() + 18" class="inside" i18n>cool {{ coolWords() }}</text>
        }
        @for (part of browning(); track $index) {
          <rect
            [attr.x]="part.x"
            [attr.y]="top()"
            [attr.width]="part.width"
            [attr.height]="strip"
            [style.fill]="part.fill"
            shape-rendering="crispEdges"
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
          i18n
        >
          done window
        </text>
        @for (mark of marks(); track mark.code) {
          <line
            [attr.x1]="from() + mark.x"
            [attr.x2]="from() + mark.x"
            [attr.y1]="labelY(mark.row) + 4"
            [attr.y2]="top() + strip"
            [class.strong]="mark.strong"
            class="mark-line"
          />
        }
        @for (mark of marks(); track mark.code) {
          <text
            class="said"
            [attr.x]="from() + mark.labelX"
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
      <p class="after">{{ afterWords() }}</p>
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
    .heating {
      fill: var(--rim-wash);
      stroke: var(--rim-2);
    }
    .cooling {
      fill: var(--ground);
      stroke: var(--hair);
    }
    .inside {
      fill: var(--ink-2);
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
    /* another's line behind its words gives way to them */
    .said {
      paint-order: stroke;
      stroke: var(--enamel);
      stroke-width: 4px;
      stroke-linejoin: round;
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
    .after {
      color: var(--ink-2);
      margin: 2px 0 0;
    }
  `,
})
export class BakeStrip {
  readonly bake = input.required<BakePrediction>();
  readonly minute = input.required<number>();
  readonly minuteChange = output<number>();

  protected readonly strip = STRIP_HEIGHT;
  protected readonly width = inject(Width).pixels;
  private readonly dial = inject(OwnDial);
  protected readonly wide = computed(() => this.width() >= ROOM_FOR_ALL);
  protected readonly preheat = computed(() => this.bake().timeline.preheatMinutes);
  /** Where going in and the end of the bake's own clock stand. */
  protected readonly from = computed(() => (this.wide() && this.preheat() > 0 ? HEATING * this.width() : 0));
  protected readonly until = computed(() => (this.wide() ? (1 - COOLING) * this.width() : this.width()));
  private readonly room = computed(() => this.until() - this.from());
  private readonly lasts = computed(() => this.bake().minutes.high * BEYOND);
  protected readonly marks = computed(() =>
    placeMarks(stripMarks(this.bake(), this.dial.scale()), this.lasts(), this.room()),
  );
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
      const next = i + 1 < frames.length ? this.xOf(frames[i + 1]?.minute ?? 0) : this.until();
      return { x, width: Math.max(0, next - x) + 0.5, fill: crustColour(frame.topColour) };
    });
  });
  protected readonly preheatWords = computed(() => minutesInWords(this.preheat()));
  protected readonly coolWords = computed(() => {
    const { slice, frost } = this.bake().timeline.coolMinutes;
    const longest = frost ?? slice;
    return longest === undefined ? '' : roughMinutes(longest);
  });
  /** After the oven, and before it where the strip has no room for it. */
  protected readonly afterWords = computed(() => {
    const bake = this.bake();
    const { carryOverCelsius } = bake.timeline;
    const before =
      this.preheat() === 0
        ? [$localize`into the cold oven`]
        : this.wide()
          ? []
          : [$localize`heat the oven ${this.preheatWords()}`];
    const carries =
      carryOverCelsius >= 1 ? [$localize`the middle gains about ${this.dial.apart(carryOverCelsius)} once out`] : [];
    const words = [...before, ...carries, ...afterwards(bake).map(({ words: after }) => after)];
    const [first = '', ...rest] = words;
    return words.length === 0 ? '' : `${[capitalised(first), ...rest].join(' · ')}.`;
  });
  protected readonly spoken = computed(() => {
    const { low, high, first } = this.bake().minutes;
    return $localize`Look first at ${minutesInWords(first)}; done between ${minutesInWords(low)} and ${minutesInWords(high)}`;
  });

  protected xOf(minute: number): number {
    return this.from() + (minute / this.lasts()) * this.room();
  }
  /** The first row is nearest to the strip. */
  protected labelY(row: number): number {
    return this.top() - 10 - row * ROW;
  }
  protected scrub(event: MouseEvent): void {
    const target = event.target as Element;
    const svg = target.closest('svg');
    if (!svg) return;
    const box = svg.getBoundingClientRect();
    const minute = ((event.clientX - box.left - this.from()) / this.room()) * this.lasts();
    this.minuteChange.emit(Math.min(this.bake().minutes.high, Math.max(0, minute)));
  }
}
