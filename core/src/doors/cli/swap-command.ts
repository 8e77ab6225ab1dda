import { means, openLines } from '../../bench/open-lines/index.js';
import { besideBatter, ingredientIn, swappedBeside } from '../../bench/adapt/index.js';
import { matchIngredient, roleOf, type Ingredient } from '../../kitchen/ingredients/index.js';
import { swapLine, waysFor, type SwapWay } from '../../bench/swaps/index.js';
import type { OpenLine } from '../../bench/rebalance/index.js';
import type { Region } from '../../ground/units/index.js';
import { inOneLine } from '../../words/figures/index.js';
import { swapNoteInWords } from '../../words/explaining/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, wrongUse, type Outcome } from './outcome.js';
import { readInput } from './read-input.js';

/** The known way whose incoming ingredients are those that were named, each once. */
function knownWay(
  from: Ingredient,
  names: readonly string[],
  region: Region,
  ingredientOf: (id: string) => Ingredient,
): SwapWay | undefined {
  return waysFor(from).find(({ to }) => {
    const left = [...names];
    const met = to.filter(({ id }) => {
      const at = left.findIndex((name) => means(name, ingredientOf(id), region));
      if (at >= 0) left.splice(at, 1);
      return at >= 0;
    });
    // water and a binder may go unsaid: "flax" is flax and water
    const unsaid = to.filter((wish) => !met.includes(wish));
    return (
      left.length === 0 && met.length > 0 && unsaid.every(({ id }) => /^water$|psyllium|starch|baking-powder/.test(id))
    );
  });
}

const bringsFlour = ({ part: { ingredient } }: OpenLine) =>
  ingredient.behavesAs === 'sourdough-discard' || roleOf(ingredient).flour > 0.2;

/** `swap`: replaces an ingredient and puts right what that disturbs. */
export function swapCommand(text: string, options: Options, name: string): Outcome {
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { formula, audit, around } = input;
  const { fromWords, toWords, share } = options;
  if (fromWords === undefined || toWords === undefined)
    return wrongUse('swap needs --from and --to, such as --from buttermilk --to "milk+vinegar"');
  const lines = openLines(formula, audit, around.kitchen, new Set());
  const isMeant = ({ part }: OpenLine) => means(fromWords, part.ingredient, formula.region);
  // what only brushes or soaks is swapped there; the batter's own comes first
  const beside = audit.lines.flatMap(({ lineId }) => besideBatter(formula, audit, lineId) ?? []).find((other) => isMeant(other.line)); // prettier-ignore
  const line = lines.find(isMeant) ?? beside?.line;
  if (!line) return refused(`no line has "${fromWords}"`);
  const names = toWords.split('+').map((name) => name.trim()).filter(Boolean); // prettier-ignore
  const known = knownWay(line.part.ingredient, names, formula.region, ingredientIn(around.kitchen));
  const incoming = names.map((name) => ({ name, match: matchIngredient(name, formula.region) }));
  const unknown = incoming.find(({ match }) => match.kind !== 'matched');
  if (!known && unknown) return refused(`"${unknown.name}" is no ingredient of the table`);
  const way: SwapWay = known ?? {
    id: 'as-asked',
    from: [line.part.ingredient.behavesAs],
    to: incoming.flatMap(({ match }) => (match.kind === 'matched' ? [{ id: match.ingredient.id }] : [])),
    // the flour of a starter is put back by the formula's own
    helpers: ['liquid', 'fat', 'leaven', 'salt', ...(bringsFlour(line) ? (['flour'] as const) : [])],
    acidMost: 0.12,
    notes: ['flavour-changes'],
  };
  const [only, second] = way.to;
  const isBeside = line === beside?.line;
  if (isBeside && (!only || second)) return refused(`"${fromWords}" is beside the batter: swap it for one thing`);
  const swapped =
    isBeside && only
      ? swappedBeside(line, way, ingredientIn(around.kitchen)(only.id), beside.note)
      : swapLine(lines, line.id, way, share ?? 1, audit.style);
  if (!swapped) return refused('nothing solves this swap: there is no flour to balance by');
  const grams = (which: 'before' | 'after') =>
    swapped.lines
      .filter((swappedLine) => swappedLine[which] > 0)
      .map((part) => ({ ingredient: part.ingredient.id, grams: rounded(part[which], 2) }));
  return done({
    title: formula.title,
    before: grams('before'),
    after: grams('after'),
    residualPercent: Object.fromEntries(
      Object.entries(swapped.residualPercent).map(([key, value]) => [key, rounded(value, 2)]),
    ),
    crumbPhBefore: rounded(swapped.crumbPhBefore, 2),
    crumbPhAfter: rounded(swapped.crumbPhAfter, 2),
    notes: swapped.notes.map((code) => inOneLine(swapNoteInWords(code))),
  });
}
