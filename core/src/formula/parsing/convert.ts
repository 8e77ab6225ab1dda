import { ingredientName, type Ingredient } from '../../kitchen/ingredients/index.js';
import { unitsOf } from '../../kitchen/equipment/index.js';
import type { Range } from '../../ground/verdict/index.js';
import type { ReadingContext } from './context.js';
import { problem, type Problem } from './problem.js';
import { readLine } from './read-line.js';
import { weighAll, type Weight } from './weigh.js';

/** An amount of an ingredient in another measure. */
export type Converted =
  | {
      readonly kind: 'converted';
      readonly ingredient: Ingredient;
      readonly weight: Weight;
      /** So many of the unit asked for; absent when grams were. */
      readonly amount?: Range & { readonly unit: string };
    }
  | { readonly kind: 'refused'; readonly problem: Problem };

const GRAMS: ReadonlySet<string> = new Set(['g', 'gram', 'grams', 'gramme', 'grammes']);

/**
 * An amount of an ingredient in grams or in a kitchen measure, with the spread that measuring by volume brings.
 * @param words "2 cups plain flour", "250 g caster sugar"
 * @param to "g", or a unit as a baker writes it: "cups", "tbsp", "oz"
 */
export function convertAmount(words: string, to: string, context: ReadingContext): Converted {
  const refused = (reason: Problem): Converted => ({ kind: 'refused', problem: reason });
  const [entry, more] = readLine(words, context);
  if (!entry || more) return refused(problem('not-understood', 'error', words, {}));
  if (!entry.ingredient)
    return refused(
      problem('ingredient-unknown', 'error', words, {
        name: entry.name,
        nearest: entry.others.map((near) => ingredientName(near, 'UK')),
      }),
    );
  if (!entry.weight) {
    const { name, unit = 'piece' } = entry;
    return refused(
      entry.quantity === undefined
        ? problem('amount-missing', 'error', words, { name })
        : problem('cannot-weigh', 'error', words, { name, unit }),
    );
  }
  const { ingredient, weight } = entry;
  if (GRAMS.has(to.trim().toLowerCase())) return { kind: 'converted', ingredient, weight };
  const named = unitsOf(context.kitchen).startOf(to.trim());
  const unit = named?.rest.trim() === '' ? named.unit : undefined;
  const gramsOfOne =
    unit &&
    weighAll([{ quantity: { low: 1, high: 1 }, factor: 1, sign: 1, unit }], ingredient, {
      ...context,
      words: words.toLowerCase(),
    });
  if (!unit || !gramsOfOne) return refused(problem('cannot-weigh', 'error', words, { name: entry.name, unit: to }));
  // a measured amount of the same stuff keeps its own spread; a weighed one gets that of the measure
  const byVolume = weight.high > weight.low * 1.001;
  return {
    kind: 'converted',
    ingredient,
    weight,
    amount: {
      unit: unit.id,
      likely: weight.grams / gramsOfOne.grams,
      low: byVolume ? weight.low / gramsOfOne.grams : weight.grams / gramsOfOne.high,
      high: byVolume ? weight.high / gramsOfOne.grams : weight.grams / gramsOfOne.low,
    },
  };
}
