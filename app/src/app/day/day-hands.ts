import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { heatingOf, type DaySheet, type SheetOven, type SheetPair, type SheetSpan } from '@orvin/core/day/sheets';
import { PLAIN_DAY } from '@orvin/core/day/works';
import { withoutUndefined } from '@orvin/core/ground/records';
import { learnedOvenInWords } from '@orvin/core/words/oven-words';
import { paceSaid } from '@orvin/core/words/book-words';
import { FigureField, HeatField, WordsField } from '../parts/kept-field';
import { Learning } from '../work/learning';
import { ThisDay } from './this-day';

const MOST_PAIRS = 3;
const MOST_OVENS = 2;
const SPAN = /(\d{1,2})[:.h]?(\d{2})?\s*(?:-|–|to|until|till|bis)\s*(\d{1,2})[:.h]?(\d{2})?/gi;
const NAMES = [$localize`you`, $localize`second pair`, $localize`third pair`];

const time = (hours: string | undefined, minutes: string | undefined): string | undefined => {
  const [h, m] = [Number(hours), Number(minutes ?? 0)];
  return h >= 0 && h < 25 && m < 60
    ? `${String(Math.min(h, 23)).padStart(2, '0')}:${String(h > 23 ? 59 : m).padStart(2, '0')}`
    : undefined;
};
/** "12–12:30, 14 to 15": when somebody is away. */
export function readSpans(words: string): readonly SheetSpan[] {
  return [...words.slice(0, 200).matchAll(SPAN)].flatMap(
    ([, fromHours, fromMinutes, toHours, toMinutes]): SheetSpan[] => {
      const [from, to] = [time(fromHours, fromMinutes), time(toHours, toMinutes)];
      return from !== undefined && to !== undefined && from < to ? [{ from, to }] : [];
    },
  );
}
export const spansInWords = (spans: readonly SheetSpan[]): string =>
  spans.map(({ from, to }) => `${from}–${to}`).join(', ');

/** Who bakes, and with what: hands and when they are away, ovens, bowls, the fridge, the room. */
@Component({
  selector: 'orv-day-hands',
  imports: [FigureField, HeatField, WordsField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (day.sheet(); as sheet) {
      <section class="panel" aria-labelledby="hands">
        <h2 id="hands" i18n>Hands</h2>
        @for (pair of sheet.pairs; track pair.id; let i = $index) {
          <div class="row">
            <label
              ><span class="unseen" i18n>Name</span
              ><input
                class="line-input name"
                [orvWords]="pair.name"
                [refuses]="noName"
                [keptAs]="key('pair ' + pair.id)"
                (wordsSaid)="setPair(pair, { name: $event })"
            /></label>
            <label
              ><ng-container i18n>away</ng-container>&ngsp;
              <input
                class="line-input"
                size="25"
                [orvWords]="spans(pair)"
                [refuses]="noSpans"
                [keptAs]="key('away ' + pair.id)"
                (wordsSaid)="setAway(pair, $event)"
                placeholder="12:00–12:30"
            /></label>
            @if (sheet.pairs.length > 1) {
              <button
                type="button"
                class="quiet"
                (click)="removePair(pair)"
                [attr.aria-label]="texts.without(pair.name)"
              >
                ✕
              </button>
            }
          </div>
        }
        @if (sheet.pairs.length < most) {
          <button type="button" class="quiet" (click)="addPair(sheet)" i18n>Another pair of hands</button>
        }
        @if (paceSaid(); as said) {
          <p class="said">{{ said }}</p>
        }
        <div class="row">
          <label for="not-before" i18n>nobody before</label>
          <input #begin id="not-before" type="time" [value]="sheet.notBefore" (change)="setBegin(begin.value)" />
        </div>
        <h2 i18n>Ovens</h2>
        @for (oven of sheet.ovens; track oven.id) {
          <div class="row">
            <label
              ><span class="unseen" i18n>Name</span
              ><input
                class="line-input name"
                [orvWords]="oven.name"
                [refuses]="noName"
                [keptAs]="key('oven ' + oven.id)"
                (wordsSaid)="setOven(oven, { name: $event })"
            /></label>
            <label
              ><ng-container i18n>racks</ng-container>&ngsp;
              <input
                class="line-input figure"
                size="2"
                [orvFigure]="oven.racks"
                [lowest]="1"
                [highest]="4"
                unit=""
                [keptAs]="key('racks ' + oven.id)"
                (figureSaid)="setOven(oven, { racks: whole($event, oven.racks) })"
            /></label>
            <label
              ><ng-container i18n>at {{ day.dial.heat(180) }} in</ng-container>&ngsp;
              <input
                class="line-input figure"
                size="3"
                [orvFigure]="heatsIn(oven, $index)"
                [lowest]="3"
                [highest]="60"
                unit="min"
                [keptAs]="key('heats ' + oven.id)"
                (figureSaid)="setHeating(oven, $event)"
              />
              min</label
            >
            @if (sheet.ovens.length > 1) {
              <button
                type="button"
                class="quiet"
                (click)="removeOven(oven)"
                [attr.aria-label]="texts.without(oven.name)"
              >
                ✕
              </button>
            }
          </div>
        }
        @if (ovenSaid(); as said) {
          <p class="said">{{ said }}</p>
        }
        @if (sheet.ovens.length < mostOvens) {
          <button type="button" class="quiet" (click)="addOven(sheet)" i18n>Borrow an oven</button>
        }
        <h2 i18n>Kitchen</h2>
        <div class="row">
          <label
            ><ng-container i18n>bowls</ng-container>&ngsp;
            <input
              class="line-input figure"
              size="2"
              [orvFigure]="sheet.bowls"
              [lowest]="1"
              [highest]="20"
              unit=""
              [keptAs]="key('bowls')"
              (figureSaid)="set('bowls', { bowls: whole($event, sheet.bowls) })"
          /></label>
          <label
            ><ng-container i18n>mixers</ng-container>&ngsp;
            <input
              class="line-input figure"
              size="2"
              [orvFigure]="sheet.mixers"
              [lowest]="1"
              [highest]="5"
              unit=""
              [keptAs]="key('mixers')"
              (figureSaid)="set('mixers', { mixers: whole($event, sheet.mixers) })"
          /></label>
          <label
            ><ng-container i18n>fridge</ng-container>&ngsp;
            <input
              class="line-input figure"
              size="3"
              [orvFigure]="sheet.fridgeLitres"
              [lowest]="0"
              [highest]="500"
              unit="l"
              [keptAs]="key('fridge')"
              (figureSaid)="set(texts.roomInTheFridge, { fridgeLitres: $event ?? sheet.fridgeLitres })"
            />
            l</label
          >
          <label
            ><ng-container i18n>freezer</ng-container>&ngsp;
            <input
              class="line-input figure"
              size="3"
              [orvFigure]="sheet.freezerLitres ?? usualFreezer"
              [lowest]="0"
              [highest]="500"
              unit="l"
              [keptAs]="key('freezer')"
              (figureSaid)="set(texts.roomInTheFreezer, { freezerLitres: $event ?? usualFreezer })"
            />
            l</label
          >
          <label
            ><ng-container i18n>room</ng-container>&ngsp;
            <input
              class="line-input figure"
              size="3"
              #room="orvHeat"
              [orvHeat]="sheet.roomCelsius"
              [lowest]="10"
              [highest]="40"
              [read]="true"
              [keptAs]="key('room')"
              (heatSaid)="set(texts.theRoom, { roomCelsius: $event ?? sheet.roomCelsius })"
            />
            {{ room.unit() }}</label
          >
        </div>
        @if (changed(sheet)) {
          <p class="said">
            {{ changed(sheet) }}
            <button
              type="button"
              class="quiet"
              (click)="set(texts.allAsPlanned, { locks: {}, skipped: [], minutes: {} })"
              i18n
            >
              Let all go
            </button>
          </p>
        }
      </section>
    }
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    .row {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 4px 16px;
      min-height: 42px;
      color: var(--ink-2);
    }
    .name {
      width: 7.5rem;
      color: var(--ink);
      font-weight: 620;
    }
    .figure {
      width: 3rem;
      text-align: right;
    }
    h2:not(:first-child) {
      margin-top: 12px;
    }
    input[type='time'] {
      font: inherit;
      min-height: 34px;
      border: 1.5px solid var(--rim-2);
      border-radius: var(--corner);
      background: var(--enamel);
      color: var(--ink);
      padding: 2px 6px;
    }
    @media (pointer: coarse) {
      .line-input,
      .quiet,
      input[type='time'] {
        min-height: var(--finger);
      }
    }
  `,
})
export class DayHands {
  protected readonly texts = {
    without: (name: string | number) => $localize`Without ${name}`,
    roomInTheFridge: $localize`room in the fridge`,
    roomInTheFreezer: $localize`room in the freezer`,
    theRoom: $localize`the room`,
    allAsPlanned: $localize`all as planned`,
  };
  protected readonly day = inject(ThisDay);
  private readonly learning = inject(Learning);
  protected readonly usualFreezer = PLAIN_DAY.freezerLitres;
  protected readonly paceSaid = computed(() => paceSaid(this.learning.kitchen().routine?.pace));
  /** Whose oven it plans around: what bakes taught of it. */
  protected readonly ovenSaid = computed(() => {
    const { learned } = this.learning.kitchen();
    return learned && learnedOvenInWords(learned, this.day.dial.scale());
  });
  protected readonly heatsIn = (oven: SheetOven, nth: number): number =>
    Math.round(heatingOf(oven, nth, this.learning.kitchen()));
  protected readonly most = MOST_PAIRS;
  protected readonly mostOvens = MOST_OVENS;
  protected readonly noName = (words: string): string => (words.trim() === '' ? $localize`Give it a name.` : '');
  protected readonly noSpans = (words: string): string =>
    words.trim() === '' || readSpans(words).length > 0 ? '' : $localize`Write it like 12:00–12:30.`;
  protected readonly spans = (pair: SheetPair): string => spansInWords(pair.away);
  protected readonly key = (name: string): string => `day ${this.day.id()} ${name}`;
  protected readonly whole = (value: number | undefined, usual: number): number =>
    Math.max(1, Math.round(value ?? usual));

  protected set(what: string, change: Partial<DaySheet>): void {
    this.day.set(what, change);
  }
  protected setBegin(notBefore: string): void {
    if (/^\d{2}:\d{2}$/.test(notBefore)) this.day.set($localize`when the day begins`, { notBefore });
  }
  protected setPair(pair: SheetPair, change: Partial<SheetPair>): void {
    this.day.change($localize`hands: ${pair.name}`, (sheet) => ({
      ...sheet,
      pairs: sheet.pairs.map((one) => (one.id === pair.id ? { ...one, ...change } : one)),
    }));
  }
  protected setAway(pair: SheetPair, words: string): void {
    this.setPair(pair, { away: readSpans(words) });
  }
  protected addPair({ pairs }: DaySheet): void {
    const name = NAMES[pairs.length] ?? $localize`another pair`;
    this.day.set($localize`another pair of hands`, {
      pairs: [...pairs, { id: crypto.randomUUID().slice(0, 8), name, away: [] }],
    });
  }
  protected removePair(pair: SheetPair): void {
    this.day.change($localize`without ${pair.name}`, (sheet) => ({
      ...sheet,
      pairs: sheet.pairs.filter(({ id }) => id !== pair.id),
    }));
  }
  protected setOven(oven: SheetOven, change: Partial<SheetOven>): void {
    this.day.change($localize`the oven: ${oven.name}`, (sheet) => ({
      ...sheet,
      ovens: sheet.ovens.map((one) => (one.id === oven.id ? { ...one, ...change } : one)),
    }));
  }
  /** Emptied, it is as the kitchen's own again. */
  protected setHeating(oven: SheetOven, minutesTo180: number | undefined): void {
    this.day.change($localize`the oven: ${oven.name}`, (sheet) => ({
      ...sheet,
      ovens: sheet.ovens.map((one) =>
        one.id === oven.id ? withoutUndefined<SheetOven>({ ...one, minutesTo180 }) : one,
      ),
    }));
  }
  protected addOven({ ovens }: DaySheet): void {
    this.day.set($localize`a borrowed oven`, {
      ovens: [...ovens, { id: crypto.randomUUID().slice(0, 8), name: $localize`borrowed`, racks: 2 }],
    });
  }
  protected removeOven(oven: SheetOven): void {
    this.day.change($localize`without ${oven.name}`, (sheet) => ({
      ...sheet,
      ovens: sheet.ovens.filter(({ id }) => id !== oven.id),
    }));
  }
  /** What of the plan is the baker's own. */
  protected changed({ locks, skipped, minutes }: DaySheet): string {
    const said = (count: number, one: string) =>
      count === 0 ? [] : [`${count} ${count === 1 ? $localize`task` : $localize`tasks`} ${one}`];
    const list = [
      ...said(Object.keys(locks).length, 'held'),
      ...said(skipped.length, $localize`left out`),
      ...said(Object.keys(minutes).length, $localize`with minutes of your own`),
    ];
    return list.length === 0 ? '' : `${list.join(', ')}.`;
  }
}
