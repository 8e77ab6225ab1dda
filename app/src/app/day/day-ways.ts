import { inSentence } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { WayOut } from '@orvin/core/day/ways-out';
import { conflictInWords, wayOutInWords } from '@orvin/core/words/day-words';
import { hoursOf, ovenBlocks, ovenHeat, shortTitle } from './day-view';
import { ThisDay } from './this-day';
import { OwnDial } from '../parts/own-dial';

const WIDTH = 220;
const HEIGHT = 86;
/** Half of an hour's words, pixels. */
const TICK = 18;
const HOTTEST = 250;

/** Why the day does not fit, and ways out, each one solved and drawn as a small oven day. */
@Component({
  selector: 'orv-day-ways',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (conflict(); as why) {
      <div class="why" role="status">
        <h2><span class="mark mark-warning" aria-hidden="true">▲</span> {{ why.say }}</h2>
        <p>{{ why.why }}</p>
      </div>
      <ul class="ways">
        @for (way of ways(); track way.key) {
          <li>
            <h3>{{ way.words.say }}</h3>
            <p class="when">{{ way.when }}</p>
            <svg
              [attr.viewBox]="'0 0 ' + width + ' ' + (height + 16)"
              role="img"
              [attr.aria-label]="texts.theOven(way.words.say)"
            >
              <rect [attr.width]="width" [attr.height]="height" class="oven" />
              @for (block of way.blocks; track block.id) {
                <rect
                  [attr.x]="block.x"
                  [attr.y]="block.y"
                  [attr.width]="block.width"
                  [attr.height]="block.height"
                  class="bake"
                  [class.moved]="block.moved"
                />
              }
              <path [attr.d]="way.line" class="level" />
              @for (tick of way.ticks; track tick.words) {
                <text [attr.x]="tick.x" [attr.y]="height + 13">{{ tick.words }}</text>
              }
            </svg>
            <p class="said">{{ way.words.why }}</p>
            <button type="button" class="act" [class.take]="$first" (click)="take(way.way)" i18n>Take this</button>
          </li>
        }
      </ul>
      @if (day.loosened()?.under) {
        <p role="status" i18n>Looking for more ways out …</p>
      } @else if (ways().length === 0) {
        <p i18n>No way out was found. Take something off, or give it more hours.</p>
      }
      @if (day.loosened()?.cutShort) {
        <p i18n>Some kinds of ways took too long to look for on this machine.</p>
      }
    } @else if (day.answer()?.kind === 'none') {
      <p role="status">
        @if (proven()) {
          <ng-container i18n>This does not fit into the day. Looking for ways out …</ng-container>
        } @else {
          <ng-container i18n
            >No plan was found yet; that does not say there is none. Looking for ways out …</ng-container
          >
        }
      </p>
    } @else {
      <p i18n>The day fits: there is nothing to get out of.</p>
    }
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    .why {
      border-left: 6px solid var(--alert);
      padding: 4px 0 6px 14px;
      margin-bottom: 14px;
    }
    .why h2 {
      font-size: var(--step-2);
    }
    .ways {
      display: grid;
      grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
      gap: 16px;
    }
    .ways li {
      display: flex;
      flex-direction: column;
      gap: 6px;
      border: 1px solid var(--hair);
      border-top: 3px solid var(--rim);
      background: var(--enamel);
      padding: 10px 14px 14px;
    }
    .ways h3 {
      margin: 0;
      font-size: var(--step-1);
    }
    .when {
      font-weight: 640;
      font-size: var(--step--1);
    }
    .ways .said {
      flex: 1;
    }
    .act {
      min-height: 44px;
    }
    .oven {
      fill: var(--ground);
    }
    .bake {
      fill: var(--crust-1);
    }
    .moved {
      fill: var(--butter);
      stroke: var(--ink);
      stroke-width: 1.5;
    }
    .level {
      fill: none;
      stroke: var(--crust-3);
      stroke-width: 1.6;
    }
    :host-context([data-theme='night']) .level {
      stroke: var(--crust-1);
    }
    text {
      font-size: 12px;
      fill: var(--ink-2);
      text-anchor: middle;
    }
  `,
})
export class DayWays {
  protected readonly texts = {
    theOven: (say: string | number) => $localize`The oven: ${say}`,
  };
  private readonly dial = inject(OwnDial);
  protected readonly day = inject(ThisDay);
  readonly titleOf = input.required<(batch: number) => string>();
  protected readonly width = WIDTH;
  protected readonly height = HEIGHT;

  private readonly titles = computed(() => this.day.loosened()?.of?.works.map(({ title }) => shortTitle(title)) ?? []);
  protected readonly proven = computed(() => {
    const answer = this.day.answer();
    return answer?.kind === 'none' && answer.proven;
  });
  protected readonly conflict = computed(() => {
    const loosened = this.day.loosened();
    return loosened?.conflict ? conflictInWords(loosened.conflict, this.titles()) : undefined;
  });
  protected readonly ways = computed(() => {
    const loosened = this.day.loosened();
    return (loosened?.ways ?? []).slice(0, 9).map((way) => {
      const hours = hoursOf(way.plan.tasks, Math.max(...way.works.map(({ dueMinute }) => dueMinute)));
      const x = (minute: number) => ((minute - hours.from) / (hours.to - hours.from)) * WIDTH;
      const { curve } = ovenHeat(way.plan.tasks, 0, hours);
      const middle = Math.round((hours.from + hours.to) / 120) * 60;
      return {
        way,
        key: `${way.code} ${way.batches.join()}`,
        words: wayOutInWords(way, this.titles(), this.dial.scale()),
        when: $localize`begin ${this.day.clock(way.plan.startsAt)}${way.evening ? $localize`; that evening from ${this.day.clock(way.evening.plan.startsAt)}` : ''}`,
        blocks: way.kitchen.ovens.flatMap((_, oven) =>
          ovenBlocks(way.plan.tasks, oven).map((block) => ({
            id: block.id,
            x: x(block.from),
            width: Math.max(2, x(block.to) - x(block.from)),
            y: HEIGHT - (block.row + 1 + oven) * 20,
            height: 18,
            moved: way.batches.includes(block.batch) || oven > 0,
          })),
        ),
        line: `M${curve.map(({ minute, celsius }) => `${x(minute).toFixed(1)} ${(HEIGHT - (celsius / HOTTEST) * (HEIGHT - 6)).toFixed(1)}`).join('L')}`,
        ticks: [hours.from + 30, middle, hours.to - 30].map((minute) => ({
          x: Math.min(WIDTH - TICK, Math.max(TICK, x(minute))),
          words: this.day.clock(minute),
        })),
      };
    });
  });

  /** Taking one is one edit. */
  protected take(way: WayOut): void {
    const of = this.day.loosened()?.of;
    const wishIds = new Set(way.batches.map((batch) => of?.wishes[batch] ?? -1));
    this.day.change(inSentence(wayOutInWords(way, this.titles(), this.dial.scale()).say), (sheet) => {
      const wishes = (change: (due: string) => Partial<(typeof sheet.wishes)[number]>) =>
        sheet.wishes.map((wish, i) => (wishIds.has(i) ? { ...wish, ...change(wish.due) } : wish));
      switch (way.code) {
        case 'let-go':
          return { ...sheet, locks: {} };
        case 'earlier':
          return { ...sheet, notBefore: this.day.clock(way.kitchen.notBefore) };
        case 'second-pair':
          return {
            ...sheet,
            pairs: way.kitchen.pairs.map(({ id, name }, i) => sheet.pairs[i] ?? { id, name, away: [] }),
          };
        case 'borrowed-oven':
          return { ...sheet, ovens: way.kitchen.ovens.map((oven, i) => sheet.ovens[i] ?? oven) };
        case 'evening':
          return { ...sheet, wishes: wishes(() => ({ eveningBefore: true })) };
        case 'share-heat':
          return { ...sheet, wishes: wishes(() => ({ ...(way.celsius !== undefined && { celsius: way.celsius }) })) };
        case 'later':
          return {
            ...sheet,
            wishes: wishes((due) => ({
              due: `${due.slice(0, 10)}T${this.day.clock(this.day.minuteOf(due) + way.minutes)}`,
            })),
          };
      }
    });
  }
}
