import { MOST_GRAMS } from '../../ground/units/index.js';
import { batchOf, type BatchLine } from '../../batch/batch/index.js';
import { oneBake } from '../../batch/bakes/index.js';
import type { BatchTarget } from '../../batch/plan/index.js';
import { portionsOf } from '../../formula/parsing/index.js';
import { mixingInWords, NOTES } from '../../words/batch-words/index.js';
import { inOneLine } from '../../words/figures/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, wrongUse, type Outcome } from './outcome.js';
import { readInput, type ReadInput } from './read-input.js';

const UNSAID_PIECES =
  'The formula does not say how many it makes: pieces were counted as slices of 80 g. Write "makes 12" into it to count its own.';

/** From a spoonful to a stall's day; beyond that somebody mistyped. */
const LEAST_GRAMS = 20;

/** The target of the options, or what is wrong with them. */
function targetOf({ formula, audit }: ReadInput, options: Options): BatchTarget | Outcome {
  const { factor, pieces, grams, inPans, limit, fill } = options;
  const wishes = [factor, pieces, grams, inPans, limit].filter((wish) => wish !== undefined).length;
  if (wishes !== 1) return wrongUse('scale needs one of --factor, --pieces, --grams, --pan and --limit');
  if (factor !== undefined) return { kind: 'times', times: factor };
  if (grams !== undefined) return { kind: 'grams', grams };
  if (pieces !== undefined) {
    // cups are filled by their size where nobody says how many it makes; else slices are counted
    const ownCount = portionsOf(formula, audit.totals.grams).said;
    const inCups = /muffin|cupcake/.test(audit.style?.basedOn ?? '');
    return !ownCount && inCups ? { kind: 'pans', pans: `${pieces} muffins` } : { kind: 'pieces', count: pieces };
  }
  if (inPans !== undefined)
    return { kind: 'pans', pans: inPans, ...(fill !== undefined && { fill: { by: 'fraction', value: fill } }) };
  return { kind: 'limit', said: limit ?? '' };
}

const lineAsJson = ({ ingredient, exactGrams, amount, grams }: BatchLine) => ({
  ingredient: ingredient.id,
  exactGrams: rounded(exactGrams, 2),
  amount,
  grams: rounded(grams, 2),
});

/** `scale`: another size, in amounts that the kit can measure; the same batch as the Batch station makes of it. */
export function scaleCommand(text: string, options: Options, name: string): Outcome {
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { formula, audit, around } = input;
  if (!(audit.totals.grams > 0)) return refused('there is nothing weighed in it to scale');
  const target = targetOf(input, options);
  if ('code' in target) return target;
  const bake = oneBake({
    formula,
    audit,
    kitchen: around.kitchen,
    batch: { targets: [target], kit: options.kit ?? 'metric-spoons' },
  });
  const { plan } = bake;
  if (target.kind === 'limit' && plan.problems.length > 0)
    return wrongUse(`--limit: "${target.said}" is no amount of this formula; write it as "banana=412 g"`);
  const isMade = plan.sizedBy !== 'formula' && plan.batterGrams >= LEAST_GRAMS && plan.batterGrams <= MOST_GRAMS;
  if (!isMade)
    return refused(`that batch cannot be mixed: ask for ${LEAST_GRAMS} g to ${MOST_GRAMS / 1000} kg of batter`);
  const { measured, mixing, notes } = batchOf(bake);
  const lines = measured.components.flatMap((component) => component.lines);
  const { errorPercent, acidBalanceShiftMeq } = measured.rounding;
  return done({
    title: formula.title,
    factor: rounded(plan.factor, 4),
    lines: lines.filter(({ inBatter, optional }) => inBatter && !optional).map(lineAsJson),
    beside: lines.filter(({ inBatter, optional }) => !inBatter || optional).map(lineAsJson),
    errorPercent: Object.fromEntries(Object.entries(errorPercent).map(([of, error]) => [of, rounded(error, 2)])),
    acidBalanceShiftMeqPer100gFlour: rounded(acidBalanceShiftMeq),
    perPan:
      target.kind === 'pans'
        ? plan.portions.flatMap(({ set, fill }) =>
            Array.from({ length: set.count }, () => rounded(fill.gramsPerPan, 0)),
          )
        : [],
    leftoverGrams: rounded(plan.leftoverGrams, 0),
    notes: [
      ...(mixing && mixing.goes > 1 ? [inOneLine(mixingInWords(mixing))] : []),
      ...notes.map((note) => NOTES[note]),
      ...(target.kind === 'pieces' && !portionsOf(formula, audit.totals.grams).said ? [UNSAID_PIECES] : []),
    ],
  });
}
