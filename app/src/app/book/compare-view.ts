import { inSentence, decimal } from '@orvin/core/ground/language';
import { compare, readingsOf, type Compared, type Comparison } from '@orvin/core/book/comparing';
import { READING_CODES, recipeOf, type BakeRecord, type ReadingCode } from '@orvin/core/book/records';
import type { HeatScale } from '@orvin/core/ground/units';
import { OUTCOME_NAMES, READING_NAMES, readingInWords } from '@orvin/core/words/book-words';
import { capitalised } from '@orvin/core/words/figures';
import type { StoredBake } from '../store/records';

/** One thing that differed, in each of the bakes. */
export interface DifferenceRow {
  readonly code: ReadingCode;
  readonly name: string;
  readonly worth: string;
  /** Of each bake: in words, and where it lies between the least and the most of them, 0–1. */
  readonly cells: readonly { readonly words: string; readonly at: number | undefined }[];
}
export interface ComparedBakes {
  readonly comparison: Comparison | undefined;
  readonly moved: string;
  readonly rows: readonly DifferenceRow[];
  readonly same: string;
  readonly unexplained: string;
}

const percent = (share: number) => `${Math.round(100 * Math.abs(share))} %`;
/** As little of the difference is nothing to be told. */
const WORTH_TELLING = 0.03;

/** The bakes to compare unless others are chosen: the latest of the recipe baked most, and that which came out most unlike it. */
export function usualChoice(bakes: readonly StoredBake[]): readonly string[] {
  const byRecipe = new Map<string, StoredBake[]>();
  for (const bake of bakes) byRecipe.set(recipeOf(bake.record), [...(byRecipe.get(recipeOf(bake.record)) ?? []), bake]);
  const most = [...byRecipe.values()].sort((a, b) => b.length - a.length)[0] ?? [];
  const [latest] = most;
  if (!latest) return [];
  const score = ({ record }: StoredBake) => record.score ?? 0;
  const others = most.slice(1).filter(({ record }) => record.score !== undefined);
  const unlike = others.sort((a, b) => Math.abs(score(b) - score(latest)) - Math.abs(score(a) - score(latest)))[0];
  return unlike ? [unlike.id, latest.id] : [latest.id];
}

/** What is held against others: a bake, or a version with or without bakes. */
export interface Side {
  readonly compared: Compared;
  /** One bake alone. */
  readonly record?: BakeRecord;
}

/** Which two are held against one another: the worst and the best, or the best and what was never baked. */
function heldAgainst(sides: readonly Side[]): readonly [Side, Side] | undefined {
  const byTaste = sides
    .filter(({ compared }) => compared.bakes > 0)
    .sort((a, b) => (a.compared.outcomes.taste ?? 0) - (b.compared.outcomes.taste ?? 0));
  const unbaked = sides.findLast(({ compared }) => compared.bakes === 0);
  const best = byTaste.at(-1) ?? sides.find((side) => side !== unbaked);
  if (unbaked) return best ? [best, unbaked] : undefined;
  const [worst] = byTaste;
  return worst && best && worst !== best ? [worst, best] : undefined;
}

/** Two of them held against one another, and every one beside them. */
export function comparedSides(sides: readonly Side[], scale: HeatScale = 'C'): ComparedBakes {
  const [before, after] = heldAgainst(sides) ?? [];
  const comparison = before && after && compare(before.compared, after.compared);
  const told = comparison?.differences.filter(({ share }) => Math.abs(share) >= WORTH_TELLING) ?? [];
  const [low, high] = [before?.record?.heightMm, after?.record?.heightMm];
  const heights = low !== undefined && high !== undefined ? high - low : 0;
  const all = sides.map(({ compared }) => compared);
  const rows = told.map(({ code, share, shareSpread }): DifferenceRow => {
    const against = share < 0 ? $localize`pulled the other way` : $localize`${percent(share)} of it`;
    const inHeight = comparison?.outcome === 'rise' && share > 0 && Math.abs(heights) >= 2 ? $localize`, about ${Math.round(Math.abs(share * heights))} of the ${Math.abs(heights)} mm` : ''; // prettier-ignore
    return { code, name: READING_NAMES[code], worth: `${against}, ± ${percent(shareSpread)}${inHeight}`, cells: cellsOf(code, all, scale) }; // prettier-ignore
  });
  const differing = new Set(told.map(({ code }) => code));
  const same = READING_CODES.filter((code) => !differing.has(code) && readingsOf(code, all).every((value) => value !== undefined)); // prettier-ignore
  const kept = sameGrams(
    sides.flatMap(({ record }) => record ?? []),
    sides.length,
  );
  return {
    comparison,
    moved: comparison ? movedInWords(comparison, before, after) : '',
    rows,
    same: [...same.map((code) => READING_NAMES[code]), ...kept].join(', '),
    unexplained: comparison && comparison.foreseenSpread === undefined ? percent(comparison.unexplained) : '',
  };
}
/** How good it was, of ten, to a tenth; undefined where nobody said. */
export function scoreOf({ outcomes }: Compared): number | undefined {
  return outcomes.taste === undefined ? undefined : Math.round(20 * outcomes.taste) / 10;
}
function movedInWords({ outcome, moved, foreseenSpread }: Comparison, before: Side, after: Side): string {
  if (foreseenSpread !== undefined)
    return $localize`Not baked yet. By the models ${OUTCOME_NAMES[outcome]} would move by ${moved < 0 ? '−' : '+'}${decimal(Math.abs(moved), 1)} ± ${decimal(foreseenSpread, 1)} of five steps`;
  if (outcome === 'taste')
    return $localize`${scoreOf(before.compared) ?? '?'} of ten became ${scoreOf(after.compared) ?? '?'}`;
  const steps = Math.round(10 * Math.abs(moved)) / 10;
  return $localize`${capitalised(OUTCOME_NAMES[outcome])} moved by ${steps} of five steps`;
}
function cellsOf(code: ReadingCode, sides: readonly Compared[], scale: HeatScale): DifferenceRow['cells'] {
  const all = readingsOf(code, sides);
  const values = all.flatMap((value) => value ?? []);
  const [least, most] = [Math.min(...values), Math.max(...values)];
  return all.map((value) => {
    return value === undefined
      ? { words: $localize`not known`, at: undefined }
      : { words: readingInWords(code, value, scale), at: most > least ? (value - least) / (most - least) : 0.5 };
  });
}
/** What was weighed alike in all of them, within a hundredth. */
function sameGrams(records: readonly BakeRecord[], of: number): readonly string[] {
  if (records.length < of) return [];
  const [first, ...others] = records.map(({ grams }) => grams ?? {});
  return Object.entries(first ?? {}).flatMap(([name, grams]) =>
    others.every((each) => Math.abs((each[name] ?? -1) - grams) <= 0.01 * grams) ? [inSentence(name)] : [],
  );
}
