import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import type { Region } from '../../ground/units/index.js';
import { formulaRead } from '../parsing/formula-read.spec-help.js';
import { readLine } from '../parsing/index.js';
import { readText } from './index.js';

/** What is taken and nobody knows: a line to be put right. */
export const UNKNOWN = '?';

/** A text and what a person reads in it. */
export interface Kept {
  readonly is: string;
  readonly region: Region;
  readonly text: string;
  readonly title?: string;
  readonly yield?: string;
  /** The parts it has, by name. */
  readonly parts?: readonly string[];
  /** How many steps. */
  readonly steps?: number;
  /** Ingredients in the order of the sheet, with grams where the card says them outright. */
  readonly takes: readonly (string | readonly [id: string, grams: number])[];
  readonly bake: { readonly celsius?: number; readonly fan?: boolean; readonly minutes?: readonly [number, number]; readonly pan?: string };
} // prettier-ignore

/** Holds the reading of a text to what a person reads in it. */
export function holdTo({ region, text, title, yield: makes, parts, steps, takes, bake }: Kept): void {
  const formula = formulaRead(readText(text, region));
  if (title !== undefined) expect(formula.title).toBe(title);
  if (makes !== undefined) expect(formula.yield).toBe(makes);
  const entries = formula.components.flatMap(({ lines }) =>
    lines.flatMap((line) => readLine(line.text, { region: formula.region, kitchen: PLAIN_KITCHEN })),
  );
  expect(entries.map(({ ingredient }) => ingredient?.id ?? UNKNOWN)).toEqual(
    takes.map((each) => (typeof each === 'string' ? each : each[0])),
  );
  for (const [i, each] of takes.entries())
    if (typeof each !== 'string')
      expect(Math.abs((entries[i]?.weight?.grams ?? 0) / each[1] - 1))
        .withContext(`${each[0]}: ${entries[i]?.weight?.grams ?? 0} g`)
        .toBeLessThan(0.04);
  const { celsius, fan, lowMinutes, highMinutes, pan } = formula.bake;
  if (bake.celsius !== undefined) expect(celsius).toBe(bake.celsius);
  if (bake.fan !== undefined) expect(fan).toBe(bake.fan);
  expect([lowMinutes, highMinutes]).toEqual(bake.minutes ? [...bake.minutes] : [undefined, undefined]);
  if (bake.pan !== undefined) expect(pan).toBe(bake.pan);
  if (parts !== undefined) expect(formula.components.map(({ name }) => name)).toEqual([...parts]);
  if (steps !== undefined) expect(formula.steps.length).toBe(steps);
}
