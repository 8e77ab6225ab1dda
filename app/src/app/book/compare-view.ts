import { compareBakes, readingsOf, type Comparison } from '@orvin/core/book/comparing';
import { outcomesOf, READING_CODES, recipeOf, type BakeRecord, type ReadingCode } from '@orvin/core/book/records';
import { OUTCOME_NAMES, READING_NAMES, readingInWords } from '@orvin/core/words/book-words';
import { capitalised } from '@orvin/core/words/wording';
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

/** The worst and the best of some bakes held against one another, and every bake beside them. */
export function comparedBakes(records: readonly BakeRecord[]): ComparedBakes {
  const byTaste = [...records].sort((a, b) => (outcomesOf(a).taste ?? 0) - (outcomesOf(b).taste ?? 0));
  const [worst, best] = [byTaste[0], byTaste.at(-1)];
  const comparison = worst && best && worst !== best ? compareBakes(worst, best) : undefined;
  const told = comparison?.differences.filter(({ share }) => Math.abs(share) >= WORTH_TELLING) ?? [];
  const heights = worst?.heightMm !== undefined && best?.heightMm !== undefined ? best.heightMm - worst.heightMm : 0;
  const rows = told.map(({ code, share, shareSpread }): DifferenceRow => {
    const against = share < 0 ? 'pulled the other way' : `${percent(share)} of it`;
    const inHeight = comparison?.outcome === 'rise' && share > 0 && Math.abs(heights) >= 2 ? `, about ${Math.round(Math.abs(share * heights))} of the ${Math.abs(heights)} mm` : ''; // prettier-ignore
    return { code, name: READING_NAMES[code], worth: `${against}, ± ${percent(shareSpread)}${inHeight}`, cells: cellsOf(code, records) }; // prettier-ignore
  });
  const differing = new Set(told.map(({ code }) => code));
  const same = READING_CODES.filter((code) => !differing.has(code) && readingsOf(code, records).every((value) => value !== undefined)); // prettier-ignore
  const kept = sameGrams(records);
  return {
    comparison,
    moved: comparison && worst && best ? movedInWords(comparison, worst, best) : '',
    rows,
    same: [...same.map((code) => READING_NAMES[code]), ...kept].join(', '),
    unexplained: comparison ? percent(comparison.unexplained) : '',
  };
}
function movedInWords({ outcome, moved }: Comparison, worst: BakeRecord, best: BakeRecord): string {
  if (outcome === 'taste') return `${worst.score ?? '?'} of ten became ${best.score ?? '?'}`;
  const steps = Math.abs(moved);
  return `${capitalised(OUTCOME_NAMES[outcome])} moved by ${steps} of five steps`;
}
function cellsOf(code: ReadingCode, records: readonly BakeRecord[]): DifferenceRow['cells'] {
  const all = readingsOf(code, records);
  const values = all.flatMap((value) => value ?? []);
  const [least, most] = [Math.min(...values), Math.max(...values)];
  return all.map((value) => {
    return value === undefined
      ? { words: 'not known', at: undefined }
      : { words: readingInWords(code, value), at: most > least ? (value - least) / (most - least) : 0.5 };
  });
}
/** What was weighed alike in all of them, within a hundredth. */
function sameGrams(records: readonly BakeRecord[]): readonly string[] {
  const [first, ...others] = records.map(({ grams }) => grams ?? {});
  return Object.entries(first ?? {}).flatMap(([name, grams]) =>
    others.every((each) => Math.abs((each[name] ?? -1) - grams) <= 0.01 * grams) ? [name.toLowerCase()] : [],
  );
}
