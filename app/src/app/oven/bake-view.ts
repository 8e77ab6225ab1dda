import type { BakeAdvice, BakePrediction } from '@orvin/core/oven/baking';
import { ADVICE_LABELS } from '@orvin/core/words/names';
import type { HeatScale } from '@orvin/core/ground/units';
import { parsePan, SHELF_PANS } from '@orvin/core/kitchen/pans';
import { heatOn, minutesInWords } from '@orvin/core/words/figures';

/** A moment on the bake strip. */
export interface StripMark {
  readonly code: string;
  readonly minute: number;
  readonly label: string;
  readonly strong: boolean;
}

function markWord({ code, facts }: BakeAdvice, scale: HeatScale): string | undefined {
  return code === 'turn-oven' ? $localize`${heatOn(scale, facts.celsius)} at` : ADVICE_LABELS[code];
}

/** What to do when, in the order of the clock. */
export function stripMarks(bake: BakePrediction, scale: HeatScale = 'C'): readonly StripMark[] {
  const timed = bake.advice.flatMap((advice): StripMark[] => {
    const word = markWord(advice, scale);
    if (word === undefined || advice.minute === undefined) return [];
    return [
      {
        code: `${advice.code}-${advice.minute}`,
        minute: advice.minute,
        label: `${word} ${minutesInWords(advice.minute).replace(' min', '')}`,
        strong: advice.code === 'first-look',
      },
    ];
  });
  const out: StripMark = {
    code: 'out',
    minute: bake.minutes.high,
    label: $localize`by ${minutesInWords(bake.minutes.high).replace(' min', '')}`,
    strong: false,
  };
  return [{ code: 'in', minute: 0, label: $localize`in`, strong: true }, ...timed, out].sort(
    (a, b) => a.minute - b.minute,
  );
}

/** A label with its place: row 0 above the strip, row 1 below, further rows further out where labels would touch. */
export interface PlacedMark extends StripMark {
  readonly x: number;
  readonly labelX: number;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly row: number;
}

const LETTER = 7.1;
const GAP = 10;
const MOST_ROWS = 4;

/** Places labels so that none touches another: each takes the first row where it has room. */
export function placeMarks(marks: readonly StripMark[], minutes: number, width: number): readonly PlacedMark[] {
  const ends: number[] = Array.from({ length: MOST_ROWS }, () => -Infinity);
  return marks.map((mark) => {
    const x = (mark.minute / minutes) * width;
    const half = (mark.label.length * LETTER) / 2;
    const anchor = x - half < 0 ? 'start' : x + half > width ? 'end' : 'middle';
    const from = anchor === 'start' ? x : anchor === 'end' ? x - 2 * half : x - half;
    let row = ends.findIndex((end) => from >= end + GAP);
    if (row < 0) row = ends.indexOf(Math.min(...ends));
    ends[row] = from + 2 * half;
    return { ...mark, x, labelX: x, anchor, row };
  });
}

/** From pale to black: the only ramp for heat and browning. Index 1 is golden, 1.2 deep, 1.4 too dark. */
const CRUST_STOPS: readonly (readonly [number, string])[] = [
  [0, 'var(--crust-0)'],
  [0.8, 'var(--crust-1)'],
  [1.1, 'var(--crust-2)'],
  [1.4, 'var(--crust-3)'],
  [1.9, 'var(--crust-4)'],
];

function ramp(stops: readonly (readonly [number, string])[], value: number): string {
  const upper = stops.findIndex(([at]) => value <= at);
  if (upper === 0) return stops[0]?.[1] ?? '';
  if (upper < 0) return stops.at(-1)?.[1] ?? '';
  const [from, below] = stops[upper - 1] ?? [0, ''];
  const [to, above] = stops[upper] ?? [1, ''];
  const percent = Math.round((100 * (value - from)) / (to - from));
  return `color-mix(in oklab, ${above} ${percent}%, ${below})`;
}

/** Colour of a crust of that browning index. */
export const crustColour = (index: number): string => ramp(CRUST_STOPS, index);

const HEAT_STOPS: readonly (readonly [number, string])[] = [
  [20, 'var(--crust-0)'],
  [100, 'var(--crust-1)'],
  [150, 'var(--crust-2)'],
];
/** Colour of crumb at a temperature, °C. */
export const heatColour = (celsius: number): string => ramp(HEAT_STOPS, celsius);

/** What can stand on a sheet without a pan, as it is written. */
const WITHOUT_PAN: readonly string[] = ['12 scones of 6 cm', 'disc 5x2.5 cm x 16', 'wedge 18 cm round x 8', 'dome'];
/** Pans of the table that can be baked in: a dish that the simulation does not know is not proposed. */
const PROPOSED_PANS = SHELF_PANS.filter(({ name }) => parsePan(name).kind === 'pan');
/** Pans that match what is typed. */
export function panSuggestions(query: string, first?: string): readonly string[] {
  const words = query.toLowerCase().split(/\s+/).filter(Boolean);
  const matches = (text: string) => words.every((word) => text.toLowerCase().includes(word));
  const names = PROPOSED_PANS.filter((pan) => matches(`${pan.name} ${pan.aliases.join(' ')}`)).map(({ name }) => name);
  const free = WITHOUT_PAN.filter(matches);
  return [...new Set([...(first && words.length === 0 ? [first] : []), ...names, ...free])].slice(0, 14);
}
