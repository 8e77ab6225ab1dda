import { unitsOf } from '../../kitchen/equipment/index.js';
import { unitNamed, type Unit } from '../../ground/units/index.js';
import type { ReadingContext } from '../parsing/index.js';
import type { Words } from './tokens.js';

/** Measures by their spoken names: short ones, and the kitchen's own. */
export type UnitsSaid = ReadonlyMap<string, Unit>;

/** The measure named at a place, and the place behind it. A word that is a measure only before a name – a tin, a square – is none. */
export function unitAt(
  words: Words,
  units: UnitsSaid,
  at: number,
): { readonly unit: Unit; readonly to: number } | undefined {
  if (words.at(at) === '%') return undefined;
  const two = `${words.word(at)} ${words.word(at + 1)}`;
  const twoWords = words.word(at) === '' || words.word(at + 1) === '' ? undefined : (units.get(two) ?? unitNamed(two));
  if (twoWords) return { unit: twoWords, to: at + 2 };
  if (
    words.word(at) === '' ||
    /^(?:tins?|cans?|squares?|bars?|balls?|pots?|pan|slices?|parts?|h|m|el|tl|ts)$/.test(words.word(at))
  )
    return undefined;
  const unit = units.get(words.word(at)) ?? unitNamed(words.slice(at, at + 1));
  if (!unit || unit.kind === 'share') return undefined;
  const short = words.at(at + 1) === '.' && words.word(at).length <= 5 && words.word(at + 2) !== '';
  return { unit, to: short ? at + 2 : at + 1 };
}

/** Measures that hold what they hold: told of, they are taken, and the line asks how much that is. */
const ASKED_ABOUT = ['mug', 'mugs', 'beaker', 'beakers', 'tumbler', 'tumblers', 'scoop', 'scoops', 'ladle', 'ladles', 'wineglass', 'wineglasses']; // prettier-ignore

export function unitsSaid({ kitchen }: ReadingContext): UnitsSaid {
  const extra: readonly (readonly [string, string])[] = [['c', 'cup'], ['mil', 'ml'], ['mils', 'ml'], ['spoonful', 'tablespoon'], ['spoon', 'tablespoon'], ['spoons', 'tablespoon'], ['spoonfuls', 'tablespoon']]; // prettier-ignore
  const known = new Map<string, Unit>();
  for (const [word, unit] of extra) {
    const meant = unitNamed(unit);
    if (meant) known.set(word, meant);
  }
  for (const word of ASKED_ABOUT)
    if (!unitNamed(word)) known.set(word, { id: word, kind: 'volume', spread: 0.3, words: [word] });
  for (const { name } of kitchen.measures) {
    const unit = unitsOf(kitchen).startOf(name)?.unit;
    if (unit) known.set(name.toLowerCase(), unit);
  }
  return known;
}
