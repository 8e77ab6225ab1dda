import {
  isBatter,
  USUAL_FLOUR_BASIS_GRAMS,
  type Formula,
  type FormulaLine,
  type WeighedPart,
} from '../formula/index.js';
import { roleOf } from '../../kitchen/ingredients/index.js';
import { PLAIN_KITCHEN, type Kitchen } from '../../kitchen/kitchen/index.js';
import { EIGHT_IN_TEN } from '../../ground/numerics/index.js';
import type { Region } from '../../ground/units/index.js';
import { middle } from './amounts.js';
import { problem } from './problem.js';
import { kitchenWithPot } from './pots.js';
import { readLine, type ReadEntry } from './read-line.js';
import type { Weight } from './weigh.js';

/** Fruit that is a part of its own beside a shortcake is served with it, and no part of the dough. */
const WITH_FRUIT = /shortcakes?\b/i;
const FRUIT_PART = /^(?:for )?(?:the )?(?:fresh )?(?:berries|strawberries|raspberries|fruit|peaches)$/i;

/** A line of a formula with what was read from it. */
export interface WeighedLine {
  readonly line: FormulaLine;
  readonly entries: readonly ReadEntry[];
  readonly grams: number | undefined;
  /** Left out of the balance: the line, or the baker, says that it may be. */
  readonly optional: boolean;
}

export interface WeighedComponent {
  readonly id: string;
  readonly name: string;
  readonly inBatter: boolean;
  readonly lines: readonly WeighedLine[];
}

export interface WeighedFormula {
  readonly components: readonly WeighedComponent[];
  /** What goes into the batter, for the balance. */
  readonly batter: readonly WeighedPart[];
  /** Flour that percentages and parts were counted for, grams; absent where there are none. */
  readonly flourBasis?: { readonly grams: number; readonly assumed: boolean };
}

/** Whose words and measures a formula is read with, and the other formulas that its lines may take from. */
export interface Surroundings {
  readonly kitchen: Kitchen;
  formula(id: string): Formula | undefined;
}

export const NO_SURROUNDINGS: Surroundings = { kitchen: PLAIN_KITCHEN, formula: () => undefined };

/** Lines read before: reading is pure, so a line that did not change need not be read again while another is typed. */
const MOST_REMEMBERED = 2000;
const rememberedIn = new WeakMap<Kitchen, Map<string, readonly ReadEntry[]>>();

function readOnce(line: FormulaLine, region: Region, kitchen: Kitchen): readonly ReadEntry[] {
  const remembered = rememberedIn.get(kitchen) ?? new Map<string, readonly ReadEntry[]>();
  rememberedIn.set(kitchen, remembered);
  const key = `${region}\n${line.ingredientId ?? ''}\n${line.grams ?? ''}\n${line.text}`;
  const before = remembered.get(key);
  if (before) return before;
  if (remembered.size >= MOST_REMEMBERED) remembered.clear();
  const correction = {
    ...(line.ingredientId !== undefined && { ingredientId: line.ingredientId }),
    ...(line.grams !== undefined && { grams: line.grams }),
  };
  const entries = readLine(line.text, { region, kitchen }, correction);
  remembered.set(key, entries);
  return entries;
}

const sum = (weights: readonly number[]) => weights.reduce((total, grams) => total + grams, 0);
const isFlour = ({ ingredient }: ReadEntry) => ingredient !== undefined && roleOf(ingredient).flour > 0;

/** Grams of one percent of the flour, and of one part, in a formula that is written as shares. */
interface Basis {
  readonly flourGrams: number;
  readonly gramsOfPercent: number;
  readonly gramsOfPart: number;
  readonly assumed: boolean;
}

/** What percentages and parts are of: the flour that is weighed, or so much as the baker says, or the usual basis. */
function basisOf(formula: Formula, entries: readonly ReadEntry[]): Basis | undefined {
  const shares = entries.filter(({ unit }) => unit === 'percent' || unit === 'part');
  if (shares.length === 0) return undefined;
  const weighed = sum(entries.filter(isFlour).map(({ weight }) => weight?.grams ?? 0));
  const assumed = weighed === 0 && formula.flourBasisGrams === undefined;
  const flourGrams = weighed > 0 ? weighed : (formula.flourBasisGrams ?? USUAL_FLOUR_BASIS_GRAMS);
  const ofFlour = (unit: string) =>
    sum(
      shares
        .filter((entry) => entry.unit === unit && isFlour(entry))
        .map(({ quantity }) => (quantity ? middle(quantity) : 0)),
    );
  const flourParts = ofFlour('part');
  const flourPercent = weighed > 0 ? 100 : ofFlour('percent') || 100;
  const allParts = sum(
    shares.filter(({ unit }) => unit === 'part').map(({ quantity }) => (quantity ? middle(quantity) : 0)),
  );
  return {
    flourGrams,
    gramsOfPercent: flourGrams / flourPercent,
    // a ratio without flour, such as a spice mix, is counted for so much in all
    gramsOfPart: flourGrams / (flourParts > 0 ? flourParts : Math.max(allParts, 1)),
    assumed,
  };
}

function weighedByShare(entry: ReadEntry, basis: Basis | undefined): ReadEntry {
  if (basis === undefined || entry.quantity === undefined || entry.weight !== undefined) return entry;
  const gramsOfOne =
    entry.unit === 'percent' ? basis.gramsOfPercent : entry.unit === 'part' ? basis.gramsOfPart : undefined;
  if (gramsOfOne === undefined) return entry;
  const { low, high } = entry.quantity;
  const weight: Weight = {
    grams: gramsOfOne * middle(entry.quantity),
    low: gramsOfOne * low,
    high: gramsOfOne * high,
    certain: true,
  };
  return { ...entry, weight };
}

/** The entries of another formula's lines, scaled to what this line takes of it. */
function entriesOfFormula(
  line: FormulaLine,
  entries: readonly ReadEntry[],
  formulaId: string,
  around: Surroundings,
  inside: readonly string[],
): readonly ReadEntry[] {
  const other = around.formula(formulaId);
  const [readEntry] = entries;
  const nameless = {
    text: line.text,
    others: [],
    preparation: 'none',
    note: '',
    optional: false,
    divided: false,
  } as const;
  const refused = (code: 'formula-missing' | 'formula-inside-itself'): readonly ReadEntry[] => [
    {
      ...nameless,
      name: other?.title ?? line.text,
      ingredient: undefined,
      confidence: 1,
      quantity: readEntry?.quantity,
      unit: readEntry?.unit,
      weight: undefined,
      problems: [problem(code, 'error', line.text, { name: other?.title ?? '' })],
    },
  ];
  if (!other) return refused('formula-missing');
  if (inside.includes(formulaId)) return refused('formula-inside-itself');
  const whole = weighWithin(other, around, [...inside, formulaId]).components.flatMap(({ lines }) =>
    lines.flatMap((weighedLine) => weighedLine.entries),
  );
  const grams = sum(whole.map(({ weight }) => weight?.grams ?? 0));
  const batches =
    readEntry?.weight !== undefined && readEntry.unit !== 'piece'
      ? readEntry.weight.grams / Math.max(grams, 1e-9)
      : middle(readEntry?.quantity ?? ONE);
  const scaled = line.grams === undefined ? batches : line.grams / Math.max(grams, 1e-9);
  return whole.map((entry): ReadEntry => ({
    ...entry,
    text: line.text,
    weight: entry.weight && {
      grams: entry.weight.grams * scaled,
      low: entry.weight.low * scaled,
      high: entry.weight.high * scaled,
      certain: entry.weight.certain,
    },
  }));
}
const ONE = { low: 1, high: 1 };

function weighWithin(formula: Formula, around: Surroundings, inside: readonly string[]): WeighedFormula {
  const kitchen = kitchenWithPot(formula, around.kitchen);
  const read = formula.components.map((component) => ({
    component,
    lines: component.lines.map((line) => {
      const entries = readOnce(line, formula.region, kitchen);
      return {
        line,
        entries:
          line.formulaId === undefined ? entries : entriesOfFormula(line, entries, line.formulaId, around, inside),
      };
    }),
  }));
  const basis = basisOf(
    formula,
    read.flatMap(({ lines }) => lines.flatMap(({ entries }) => entries)),
  );
  const components = read.map(({ component, lines }): WeighedComponent => ({
    id: component.id,
    name: component.name,
    inBatter: isBatter(component.name) && !(WITH_FRUIT.test(formula.title) && FRUIT_PART.test(component.name)),
    lines: lines.map(({ line, entries: unweighed }) => {
      const entries = basis === undefined ? unweighed : unweighed.map((entry) => weighedByShare(entry, basis));
      const weighed = entries.filter((entry) => entry.weight !== undefined);
      return {
        line,
        entries,
        grams: weighed.length === 0 ? undefined : sum(weighed.map((entry) => entry.weight?.grams ?? 0)),
        // "2 cups flour • 1 egg • butter for brushing": what is only for brushing leaves nothing of the others out
        optional: line.optional ?? (entries.length > 0 && entries.every(({ optional }) => optional)),
      };
    }),
  }));
  const batter = components
    .filter((component) => component.inBatter)
    .flatMap((component) => component.lines.filter(({ optional }) => !optional).flatMap((line) => line.entries))
    .flatMap(({ ingredient, weight, preparation }): WeighedPart[] =>
      ingredient && weight && weight.grams > 0
        ? [{ ingredient, grams: weight.grams, preparation, massSpread: spreadOf(weight) }]
        : [],
    );
  return {
    components,
    batter,
    ...(basis && { flourBasis: { grams: basis.flourGrams, assumed: basis.assumed } }),
  };
}

/** What of some lines was understood and weighed, whatever it is for. */
export const weighedParts = (lines: readonly Pick<WeighedLine, 'entries'>[]): readonly WeighedPart[] =>
  lines.flatMap(({ entries }) =>
    entries.flatMap(({ ingredient, weight, preparation }) =>
      ingredient && weight && weight.grams > 0 ? [{ ingredient, grams: weight.grams, preparation }] : [],
    ),
  );

/** The range of eight in ten as a relative standard deviation. */
const spreadOf = ({ grams, low, high }: Weight) => (high - low) / (2 * EIGHT_IN_TEN * grams);

/** Reads and weighs every line of a formula. What could not be weighed has no grams and does not count in the batter. */
export function weighFormula(formula: Formula, around: Surroundings = NO_SURROUNDINGS): WeighedFormula {
  return weighWithin(formula, around, []);
}

/** Whether a formula takes, directly or through others, from the one of an id: such a line would never end. */
export function takesFrom(formula: Formula, id: string, around: Pick<Surroundings, 'formula'>): boolean {
  const seen = new Set<string>();
  const within = (inner: Formula): boolean =>
    inner.components.some(({ lines }) =>
      lines.some(({ formulaId }) => {
        if (formulaId === undefined || seen.has(formulaId)) return false;
        seen.add(formulaId);
        const other = around.formula(formulaId);
        return formulaId === id || (other !== undefined && within(other));
      }),
    );
  return within(formula);
}
