import type { Audit } from '../audit/index.js';
import { lineOf, mustBeIngredient, type Formula } from '../../formula/formula/index.js';
import { shortIngredientName, type Ingredient } from '../../kitchen/ingredients/index.js';
import { type Kitchen } from '../../kitchen/kitchen/index.js';
import { pantryOf } from '../../kitchen/equipment/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import type { OpenLine } from '../rebalance/index.js';
import {
  alternativesFor,
  forbids,
  serves,
  waysFor,
  type Diet,
  type Swapped,
  type SwapNoteCode,
  type SwapWay,
  type Wanted,
} from '../swaps/index.js';
import { joinedLines, lineIdOf, openLines, writtenApart } from '../open-lines/index.js';
import { renameInSteps, rewrite, type Addition } from './rewrite.js';

export const ingredientIn =
  (kitchen: Kitchen) =>
  (id: string): Ingredient =>
    pantryOf(kitchen).byId(id) ?? mustBeIngredient(id);

/** A line beside the batter, or one that only brushes it, as a swap sees it: replaced gram for gram, for there is no balance to keep. */
export function besideBatter(
  formula: Formula,
  audit: Audit,
  lineId: string,
): { readonly line: OpenLine; readonly note: SwapNoteCode | undefined } | undefined {
  const line = audit.lines.find((auditLine) => auditLine.lineId === lineId);
  const entry = line?.entries.length === 1 ? line.entries[0] : undefined;
  if (!line || (line.inBatter && !line.optional) || !entry?.read.ingredient || !entry.grams) return undefined;
  const component = formula.components.find(({ lines }) => lines.some(({ id }) => id === lineId));
  const words = `${component?.name ?? ''} ${line.text}`;
  return {
    line: {
      id: lineId,
      part: { ingredient: entry.read.ingredient, grams: entry.grams, preparation: entry.read.preparation },
      locked: false,
    },
    note: SOAKS.test(words) ? 'only-soaks' : BRUSHES.test(words) ? 'only-brushes' : undefined,
  };
}
const SOAKS = /\b(?:soak\w*|syrup|feed\w*|drizzle)\b/i;
const BRUSHES = /\b(?:brush\w*|glaz\w*|wash)\b/i;

/** A swap beside the batter: the first of what comes in, gram for gram or by its ratio. */
export function swappedBeside(line: OpenLine, way: SwapWay, incoming: Ingredient, note?: SwapNoteCode): Swapped {
  const notes = note ? [note, ...way.notes.filter((code) => TASTES.has(code))] : way.notes;
  return {
    way,
    share: 1,
    lines: [
      { id: line.id, ingredient: line.part.ingredient, before: line.part.grams, after: 0, isNew: false },
      {
        id: `new ${incoming.id}`,
        ingredient: incoming,
        before: 0,
        after: line.part.grams * (way.to[0]?.perGram ?? 1),
        isNew: true,
        insteadOf: line.id,
      },
    ],
    residualPercent: { water: 0, fat: 0, sugar: 0, flour: 0, salt: 0, gas: 0, eggSolids: 0 },
    crumbPhBefore: 7,
    crumbPhAfter: 7,
    gasBefore: 0,
    gasAfter: 0,
    notes,
    disturbance: notes.length,
  };
}
/** Of what only brushes or soaks, the notes on the crumb mean nothing. */
const TASTES: ReadonlySet<SwapNoteCode> = new Set(['flavour-changes', 'nuts-still']);

function besideAlternatives(
  { line, note }: { readonly line: OpenLine; readonly note: SwapNoteCode | undefined },
  { diets, cupboard }: Wanted,
  kitchen: Kitchen,
): readonly Swapped[] {
  const ingredientOf = ingredientIn(kitchen);
  const allowed = ({ to }: SwapWay) =>
    to.length > 0 &&
    to.every(
      ({ id }) =>
        diets.every((diet) => !forbids(diet, ingredientOf(id))) && (!cupboard || id === 'water' || cupboard.has(id)),
    );
  return waysFor(line.part.ingredient)
    .filter(allowed)
    .filter(({ to, losesSet }) => to.length === 1 && !losesSet)
    .map((way) => swappedBeside(line, way, ingredientOf(way.to[0]?.id ?? ''), note));
}

/** The ways to replace a line of a formula, the least disturbing first. */
export function swapsFor(
  formula: Formula,
  audit: Audit,
  kitchen: Kitchen,
  lineId: string,
  wanted: Wanted,
  share?: number,
  locked: ReadonlySet<string> = new Set(),
): readonly Swapped[] {
  const beside = besideBatter(formula, audit, lineId);
  if (beside) return besideAlternatives(beside, wanted, kitchen);
  const lines = openLines(formula, audit, kitchen, locked);
  return alternativesFor(lines, lineId, wanted, ingredientIn(kitchen), share, audit.style);
}

/** Lines that can be replaced by something. */
export function swappable(audit: Audit): readonly { readonly lineId: string; readonly ingredient: Ingredient }[] {
  return audit.lines.flatMap(({ lineId, entries, optional }) => {
    const ingredient = entries.length === 1 && !optional ? entries[0]?.read.ingredient : undefined;
    return ingredient && waysFor(ingredient).length > 0 ? [{ lineId, ingredient }] : [];
  });
}

/** A formula with a swap taken: amounts, lines that come in, and what the method calls them. */
export function takeSwap(formula: Formula, swapped: Swapped, kitchen: Kitchen, newId: () => string): Formula {
  const out = swapped.lines.find((line) => swapped.lines.some(({ insteadOf }) => insteadOf === line.id)) ?? swapped.lines.find(({ before, after, isNew }) => !isNew && after < before * 0.99); // prettier-ignore
  const changes = swapped.lines
    .filter(
      ({ isNew, before, after, ingredient }) =>
        !isNew && Math.abs(after - before) > (isFreeLeavener(ingredient) ? SPOON_VARIES : 0.004) * before,
    )
    .map(({ id, after }) => ({ lineId: lineIdOf(id), grams: measured(after) }));
  const incoming = swapped.lines.filter(({ isNew }) => isNew);
  const additions = incoming.map(({ ingredient, after, insteadOf }): Addition => ({
    ingredientId: ingredient.id,
    grams: measured(after),
    ...((insteadOf ?? out?.id) !== undefined && { behindLineId: lineIdOf(insteadOf ?? out?.id ?? '') }),
  }));
  const amounts = rewrite(formula, changes, additions, kitchen, newId);
  if (!out) return amounts;
  const read = lineOf(formula, lineIdOf(out.id))?.text ?? '';
  const names = swapped.lines
    .filter(({ insteadOf }) => insteadOf !== undefined)
    .map(({ ingredient }) => shortIngredientName(ingredient, formula.region));
  return renameInSteps(amounts, out.ingredient, read, names, out.after > 0);
}

/** Less than a level spoon varies by is no change of a leavener. */
const SPOON_VARIES = 0.06;
/** Tenths for little, whole grams for the rest. */
const measured = (grams: number) => (grams < 20 ? Math.round(grams * 10) / 10 : Math.round(grams));

export interface DietStep {
  readonly lineId: string;
  readonly ingredient: Ingredient;
  /** The way that was taken; absent where nothing serves. */
  readonly taken?: Swapped;
}

export interface Adapted {
  readonly formula: Formula;
  readonly steps: readonly DietStep[];
}

const MOST_SWAPS = 12;

/**
 * A formula made fit for a diet: every line that it forbids is swapped for what disturbs least, one after the other.
 * @param auditOf reads a formula anew after each swap
 */
export function adaptToDiet(
  formula: Formula,
  diet: Diet,
  kitchen: Kitchen,
  auditOf: (formula: Formula) => Audit,
  newId: () => string,
): Adapted {
  const first = auditOf(formula);
  const offending = new Set(forbidden(first, diet).map(({ lineId }) => lineId));
  // what stands joined with others in a line must stand alone to be replaced
  const joined = joinedLines(formula, first, kitchen).filter((lineId) => offending.has(lineId));
  let result = writtenApart(formula, joined, kitchen, newId);
  const steps: DietStep[] = [];
  const done = new Set<string>();
  for (let swaps = 0; swaps < MOST_SWAPS; swaps++) {
    const audit = auditOf(result);
    const next = audit.lines
      .filter(({ lineId, optional }) => !done.has(lineId) && !optional)
      .flatMap(({ lineId, entries }) => {
        const offending = entries.find(({ read }) => read.ingredient && forbids(diet, read.ingredient))?.read
          .ingredient;
        return offending ? [{ lineId, ingredient: offending, single: entries.length === 1 }] : [];
      })[0];
    if (!next) break;
    done.add(next.lineId);
    const [best] = next.single ? swapsFor(result, audit, kitchen, next.lineId, { diets: [diet] }) : [];
    steps.push({ lineId: next.lineId, ingredient: next.ingredient, ...(best && { taken: best }) });
    if (best) result = takeSwap(result, best, kitchen, newId);
  }
  return { formula: result, steps };
}

/** Ingredients that a diet forbids and that nothing known replaces. */
export function withoutSwap(audit: Audit, diet: Diet, kitchen: Kitchen): readonly Ingredient[] {
  const ingredientOf = ingredientIn(kitchen);
  return forbidden(audit, diet)
    .map(({ ingredient }) => ingredient)
    .filter((ingredient) => !waysFor(ingredient).some((way) => serves(way, diet, ingredientOf)));
}

/** Lines that a diet forbids. */
export function forbidden(
  audit: Audit,
  diet: Diet,
): readonly { readonly lineId: string; readonly ingredient: Ingredient }[] {
  return audit.lines.flatMap(({ lineId, entries, optional }) =>
    optional
      ? []
      : entries.flatMap(({ read }) =>
          read.ingredient && forbids(diet, read.ingredient) ? [{ lineId, ingredient: read.ingredient }] : [],
        ),
  );
}
