import {
  insertLines,
  lineOf,
  linesOf,
  mustBeIngredient,
  removeLine,
  replaceLine,
  replaceStep,
  splitLine,
  withFacts,
  type Formula,
  type FormulaLine,
} from '../../formula/formula/index.js';
import { nameInLine, type Ingredient } from '../../kitchen/ingredients/index.js';
import { type Kitchen } from '../../kitchen/kitchen/index.js';
import { millilitresIn, pantryOf, weighedDensity } from '../../kitchen/equipment/index.js';
import {
  methodOf,
  middle,
  namedAmount,
  normalise,
  readLine,
  retyped,
  weighFormula,
  withAmount,
  type ReadEntry,
  type ReadingContext,
} from '../../formula/parsing/index.js';
import { gramsForHands, unitById } from '../../ground/units/index.js';

/** An amount that a line is to have; 0 takes it out. */
export interface AmountChange {
  readonly lineId: string;
  readonly grams: number;
}

/** A line that comes in. */
export interface Addition {
  readonly ingredientId: string;
  readonly grams: number;
  /** The line it goes behind; absent means the end of the first component. */
  readonly behindLineId?: string;
}

const EIGHTHS = ['', '1/8', '1/4', '3/8', '1/2', '5/8', '3/4', '7/8'] as const;
/** A text may say an amount so far from the one meant; beyond that the grams are told beside it. */
const CLOSE_ENOUGH = 0.012;
/** Spoons say an amount where they meet it as well as a level spoon meets itself. @source leavening.md 1.6, ± 7 % */
const SPOON_MEETS = 0.06;
const SPOONED: ReadonlySet<string> = new Set(['leavener', 'salt', 'spice', 'thickener/gum', 'flavouring']);

/** "1 3/8": whole and eighths, as a line is typed. */
function eighthsTyped(value: number): string | undefined {
  const eighths = Math.round(value * 8);
  if (eighths === 0) return undefined;
  const whole = Math.floor(eighths / 8);
  return [whole > 0 ? String(whole) : '', EIGHTHS[eighths % 8] ?? ''].filter((part) => part !== '').join(' ');
}

/** Grams as a line says them. */
const gramsTyped = (grams: number) => `${gramsForHands(grams).replace(/\.0$/, '')} g`;

/** The amount of a line that is read as an entry, in the measure it is written in where that can say it. */
function amountTyped({ unit, quantity, weight }: ReadEntry, grams: number): string {
  if (unit === undefined || !quantity || !weight) return gramsTyped(grams);
  const value = (grams / weight.grams) * middle(quantity);
  if (unit === 'piece') {
    const count = Math.round(value);
    return Math.abs(count - value) < 0.02 ? String(count) : gramsTyped(grams);
  }
  if (unit === 'percent') return `${Number(value.toFixed(value < 10 ? 2 : 1))}%`;
  if (unit === 'teaspoon' || unit === 'tablespoon') {
    const teaspoons = unit === 'teaspoon' ? value : value * 3;
    const written = eighthsTyped(teaspoons);
    const met = Math.abs(Math.round(teaspoons * 8) / 8 / teaspoons - 1) < SPOON_MEETS;
    if (written !== undefined && met && teaspoons <= 12) return `${written} tsp`;
  }
  return gramsTyped(grams);
}

/** A line with another amount. Where its words cannot say it, the grams are told beside them, and win. */
function withGrams(line: FormulaLine, grams: number, context: ReadingContext): FormulaLine {
  const correction = line.ingredientId === undefined ? {} : { ingredientId: line.ingredientId };
  const [entry] = readLine(line.text, context, correction);
  if (!entry) return withFacts(line, { grams });
  for (const amount of new Set([amountTyped(entry, grams), gramsTyped(grams)])) {
    const written = retyped(line, withAmount(line.text, amount, context), context);
    const heldIngredient = written.ingredientId === undefined ? {} : { ingredientId: written.ingredientId };
    const [read, more] = readLine(written.text, context, heldIngredient);
    const same = read?.ingredient?.id === entry.ingredient?.id && !more;
    // a share of the flour is weighed by the formula, not by the line
    const shares = read?.unit === 'percent' || read?.unit === 'part';
    if (same && (shares || Math.abs((read?.weight?.grams ?? 0) / grams - 1) < Math.max(CLOSE_ENOUGH, 0.06 / grams)))
      return written;
  }
  return withFacts(line, { grams: Number(grams.toFixed(2)) });
}

/** "baking powder", where a region's own kind is what that means there. */
function plainName(ingredient: Ingredient, context: ReadingContext): string {
  const whole = nameInLine(ingredient, context.region).replace(/ *\([^)]*\)/g, '');
  const plain = /\bbaking powder$/.exec(whole)?.[0];
  return plain !== undefined && readLine(`1 tsp ${plain}`, context)[0]?.ingredient?.id === ingredient.id
    ? plain
    : whole;
}

/** What a new line of an ingredient says: spoons where they meet the amount, grams otherwise. */
export function writtenLine(ingredient: Ingredient, grams: number, context: ReadingContext): string {
  const name = plainName(ingredient, context);
  const teaspoon = unitById('teaspoon');
  const millilitres = teaspoon && millilitresIn(context.kitchen, teaspoon, context.region);
  const density = weighedDensity(context.kitchen, ingredient) ?? ingredient.gramsPerMillilitre.spooned;
  if (SPOONED.has(ingredient.category) && millilitres && density) {
    const teaspoons = grams / (millilitres * density);
    const written = eighthsTyped(teaspoons);
    if (
      written !== undefined &&
      teaspoons < 6 &&
      Math.abs(Math.round(teaspoons * 8) / 8 / teaspoons - 1) < 2 * SPOON_MEETS
    ) {
      const text = `${written} tsp ${name}`;
      const [read] = readLine(text, context);
      if (read?.ingredient?.id === ingredient.id) return text;
    }
  }
  return `${gramsTyped(grams)} ${name}`;
}

function newLine({ ingredientId, grams }: Addition, formula: Formula, kitchen: Kitchen, id: string): FormulaLine {
  const context = { region: formula.region, kitchen };
  const ingredient = pantryOf(kitchen).byId(ingredientId) ?? mustBeIngredient(ingredientId);
  const text = writtenLine(ingredient, grams, context);
  const [read, more] = readLine(text, context);
  const known = read?.ingredient?.id === ingredient.id && !more;
  return { id, text, ...(!known && { ingredientId: ingredient.id }) };
}

/**
 * A formula with other amounts: each line in its own words, new ones behind the line they go with.
 * @param newId gives the id of a line that is added
 */
export function rewrite(
  formula: Formula,
  changes: readonly AmountChange[],
  additions: readonly Addition[],
  kitchen: Kitchen,
  newId: () => string,
): Formula {
  const context = { region: formula.region, kitchen };
  let result = formula;
  for (const addition of [...additions].reverse()) {
    const line = newLine(addition, formula, kitchen, newId());
    const behind = addition.behindLineId;
    const component = formula.components[0]?.id ?? '';
    result = insertLines(
      result,
      behind !== undefined && lineOf(result, behind) ? { lineId: behind } : { componentId: component },
      [line],
    );
  }
  for (const { lineId, grams } of changes) {
    const line = lineOf(result, lineId);
    if (!line) continue;
    result = grams > 0 ? replaceLine(result, withGrams(line, grams, context)) : removeLine(result, lineId);
  }
  return withStepsFollowing(formula, result, changes, kitchen);
}

/** What steps and the baker take of a line, where they name an amount, follows the line: lines and steps still add up. */
function withStepsFollowing(
  before: Formula,
  after: Formula,
  changes: readonly AmountChange[],
  kitchen: Kitchen,
): Formula {
  if (before.steps.length === 0 || changes.length === 0) return after;
  const { takings } = methodOf(before, weighFormula(before, { kitchen, formula: () => undefined }), kitchen);
  let result = after;
  for (const { lineId, grams } of changes) {
    const line = lineOf(result, lineId);
    if (!line) continue;
    for (const taking of takings.filter((candidate) => candidate.lineId === lineId)) {
      const named = namedAmount(taking);
      if (!named) continue;
      const amount = gramsTyped(named.share * grams);
      if (taking.said === 'by-baker') {
        const split = (lineOf(result, lineId)?.split ?? []).map((share) =>
          share.stepId === taking.stepId && share.amount === taking.words
            ? { ...share, amount: share.amount.replace(named.amount, amount) }
            : share,
        );
        result = splitLine(result, lineId, split);
      } else {
        const step = result.steps.find(({ id }) => id === taking.stepId);
        if (step) result = replaceStep(result, { ...step, text: step.text.replace(named.amount, amount) });
      }
    }
  }
  return result;
}

/** Words that stand for an ingredient in a method, the longest first. */
function wordsFor(ingredient: Ingredient, read: string): readonly string[] {
  const names = [read, ingredient.nameUs, ingredient.nameUk, ...ingredient.aliases].map((name) =>
    normalise(name).replace(/\s*\(.*\)/, ''),
  );
  return [...new Set(names.filter((name) => name.length > 2))].sort((a, b) => b.length - a.length);
}

const escaped = (words: string) => words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** The steps with what came in named in the place of what went out. A name that another line still bears is left alone. */
export function renameInSteps(
  formula: Formula,
  out: Ingredient,
  read: string,
  incoming: readonly string[],
  stays: boolean,
): Formula {
  const put =
    incoming.length < 2 ? (incoming[0] ?? '') : `${incoming.slice(0, -1).join(', ')} and ${incoming.at(-1) ?? ''}`;
  if (put === '') return formula;
  const others = linesOf(formula).map(({ text }) => text.toLowerCase());
  return formula.steps.reduce((result, step) => {
    for (const words of wordsFor(out, read)) {
      const pattern = new RegExp(`(?<![\\p{L}-])${escaped(words)}(?![\\p{L}-])`, 'iu');
      if (!pattern.test(step.text)) continue;
      if (!stays && others.some((text) => pattern.test(text))) continue;
      return replaceStep(result, { ...step, text: step.text.replace(pattern, stays ? `$& and ${put}` : put) });
    }
    return result;
  }, formula);
}
