import { rewrite, settingsFor, takeSetting, type Addition, type AmountChange } from '../../bench/adapt/index.js';
import type { Audit } from '../../bench/audit/index.js';
import { altitudeAdvice } from '../../batter/rising/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import { bandShares, flourShares, type Formula } from '../../formula/formula/index.js';
import type { Surroundings } from '../../formula/parsing/index.js';
import { unitById } from '../../ground/units/index.js';
import type { Category, Ingredient } from '../../kitchen/ingredients/index.js';
import type { Quantity } from '../../kitchen/kitchen/index.js';

/* What a cause changes in a formula: the smallest change that takes it away, one line where one line does, everything else as it was. */

export interface Task {
  readonly formula: Formula;
  readonly audit: Audit;
  readonly around: Surroundings;
  readonly newId: () => string;
}
export type Changing = (task: Task) => Formula | undefined;

/** Lines of one ingredient that can be changed, with what they weigh. */
function openLines({ audit }: Task): readonly { readonly lineId: string; readonly ingredient: Ingredient; readonly grams: number }[] {
  return audit.lines.flatMap(({ lineId, inBatter, optional, entries, grams }) => {
    const [entry, more] = entries;
    return inBatter && !optional && !more && entry?.read.ingredient && grams ? [{ lineId, ingredient: entry.read.ingredient, grams }] : [];
  });
} // prettier-ignore

/** What a quantity is usually made of: where it is changed first. */
const FIRST_OF: Readonly<Partial<Record<Quantity, readonly Category[]>>> = {
  sugar: ['sugar', 'syrup'],
  fat: ['fat'],
  egg: ['egg'],
  water: ['plant milk', 'liquid', 'dairy', 'cultured dairy', 'fruit puree', 'vegetable', 'egg'],
};
/** No line is cut or grown by more than this in one change. */
const LEAST_LEFT = 0.3;
const MOST_GROWN = 2;

/** One line of a quantity moved until it lies at a place of its band. */
const towards = (quantity: 'sugar' | 'fat' | 'egg' | 'water', edge: 'low' | 'high'): Changing => (task) => {
  const verdict = task.audit.verdicts.find((each) => each.quantity === quantity);
  if (!verdict) return undefined;
  const { value, band } = verdict;
  const beyond = edge === 'high' ? value > band.high : value < band.low;
  const past = edge === 'high' ? value > band.typical : value < band.typical;
  // out of its band: to the edge; within it: half of the way to the usual
  const wanted = beyond ? band[edge] : past ? (value + band.typical) / 2 : undefined;
  if (wanted === undefined) return undefined;
  const shareOf = flourShares(task.audit.weighed.batter);
  const lines = openLines(task)
    .map((line) => ({ ...line, of: bandShares({ ...line, preparation: 'none' }, shareOf({ ...line, preparation: 'none' }))[quantity] }))
    .filter(({ ingredient, of }) => of > 0.2 && (FIRST_OF[quantity] ?? []).includes(ingredient.category))
    .sort((one, other) => (FIRST_OF[quantity] ?? []).indexOf(one.ingredient.category) - (FIRST_OF[quantity] ?? []).indexOf(other.ingredient.category) || other.grams * other.of - one.grams * one.of);
  const [line] = lines;
  if (!line) return undefined;
  const needed = line.grams + ((wanted - value) * task.audit.ledger.flourGrams) / 100 / line.of;
  const grams = Math.min(MOST_GROWN * line.grams, Math.max(LEAST_LEFT * line.grams, needed));
  return rewritten(task, [{ lineId: line.lineId, grams }]);
}; // prettier-ignore

const rewritten = ({ formula, around, newId }: Task, changes: readonly AmountChange[], additions: readonly Addition[] = []) =>
  rewrite(formula, changes, additions, around.kitchen, newId); // prettier-ignore

/** Soda for the acid that is there and powder for the rest, to the gas of the style. */
const setLeavening: Changing = ({ formula, audit, around, newId }) => {
  const setting = settingsFor(formula, audit, around.kitchen, { school: 'acid-only', fineness: 'tenths' })[0];
  return setting && takeSetting(formula, audit, setting, around.kitchen, newId);
};
/** All leaveners in the same proportion, to the gas of the style. */
const scaleLeavening: Changing = (task) => {
  const gas = task.audit.verdicts.find(({ quantity }) => quantity === 'gas');
  if (!gas || gas.value <= gas.band.typical) return setLeavening(task);
  const factor = gas.band.typical / gas.value;
  const free = openLines(task).filter(({ ingredient }) => isFreeLeavener(ingredient));
  return free.length === 0 ? undefined : rewritten(task, free.map(({ lineId, grams }) => ({ lineId, grams: grams * factor }))); // prettier-ignore
};

/** One ingredient for another, gram for gram. */
const exchanged = (from: (ingredient: Ingredient) => boolean, to: string): Changing => (task) => {
  const lines = openLines(task).filter(({ ingredient }) => from(ingredient));
  return lines.length === 0 ? undefined : rewritten(
    task,
    lines.map(({ lineId }) => ({ lineId, grams: 0 })),
    lines.map(({ lineId, grams }) => ({ ingredientId: to, grams, behindLineId: lineId })),
  );
}; // prettier-ignore

/** Psyllium, percent of the flour. @source book.md: 2–4 */
const PSYLLIUM = 3;
const withBinder: Changing = (task) => {
  const flour = openLines(task).find(({ ingredient }) => /flour|starch/.test(ingredient.category));
  const grams = (PSYLLIUM * task.audit.ledger.flourGrams) / 100;
  return flour && rewritten(task, [], [{ ingredientId: 'psyllium-powder', grams, behindLineId: flour.lineId }]);
};
/** Leavening, sugar and liquid as the height asks for. */
const forTheHeight: Changing = (task) => {
  const advice = altitudeAdvice(task.around.kitchen.place?.metresAboveSea ?? 0);
  const changes = openLines(task).flatMap(({ lineId, ingredient, grams }) => {
    if (isFreeLeavener(ingredient)) return [{ lineId, grams: grams * advice.leavenerFactor.likely }];
    if (ingredient.category === 'sugar') return [{ lineId, grams: grams * (1 - advice.sugarPercentLess.likely / 100) }];
    return [];
  });
  return advice.metres > 0 && changes.length > 0 ? rewritten(task, changes) : undefined;
};
/** Flour that was measured by volume, by its weight. */
const flourByWeight: Changing = (task) => {
  const lines = task.audit.lines.filter(({ inBatter, entries }) => inBatter && entries.length === 1 && entries[0]?.read.ingredient?.category === 'flour' && entries[0].read.unit !== undefined && unitById(entries[0].read.unit)?.kind === 'volume');
  if (lines.length === 0) return undefined;
  const grams = new Map(lines.map((line) => [line.lineId, line.grams ?? 0]));
  return {
    ...task.formula,
    components: task.formula.components.map((component) => ({
      ...component,
      lines: component.lines.map((line) => {
        const known = grams.get(line.id);
        return known === undefined ? line : { ...line, grams: Math.round(known) };
      }),
    })),
  };
}; // prettier-ignore
/** Pieces down to what the style carries. */
const fewerPieces: Changing = (task) => {
  const pieces = openLines(task).filter(({ ingredient }) => /fruit|nut/.test(ingredient.category) && ingredient.category !== 'fruit puree'); // prettier-ignore
  const sum = pieces.reduce((grams, line) => grams + line.grams, 0);
  const most = ((task.audit.style?.inclusions.high ?? 0) * task.audit.ledger.flourGrams) / 100;
  return sum > most && most > 0 ? rewritten(task, pieces.map(({ lineId, grams }) => ({ lineId, grams: (grams * most) / sum }))) : undefined; // prettier-ignore
};

/** What a cause changes in the formula. */
export const FORMULA_CHANGES: Readonly<Record<string, Changing>> = {
  leavener_high: scaleLeavening,
  leavener_low: setLeavening,
  soda_excess: setLeavening,
  acid_spare: setLeavening,
  alkaline_pigment: setLeavening,
  sugar_high: towards('sugar', 'high'),
  sugar_low: towards('sugar', 'low'),
  fat_high: towards('fat', 'high'),
  fat_low: towards('fat', 'low'),
  egg_high: towards('egg', 'high'),
  egg_low: towards('egg', 'low'),
  liquid_high: towards('water', 'high'),
  batter_thin: towards('water', 'high'),
  liquid_low: towards('water', 'low'),
  strong_flour: exchanged(({ behavesAs }) => behavesAs === 'bread-flour', 'all-purpose-flour'),
  cocoa_swap: exchanged(({ behavesAs }) => behavesAs === 'dutch-cocoa' || behavesAs === 'black-cocoa', 'natural-cocoa'),
  alum_powder: exchanged((one) => isFreeLeavener(one) && one.behavesAs === 'baking-powder', 'tartrate-baking-powder'),
  no_binder: withBinder,
  altitude: forTheHeight,
  flour_heavy: flourByWeight,
  fruit_heavy: fewerPieces,
};
