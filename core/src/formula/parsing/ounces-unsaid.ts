import { pantryOf, unitsOf } from '../../kitchen/equipment/index.js';
import { readAmount } from './amounts.js';
import type { ReadingContext } from './context.js';
import { isCounted } from './counted.js';
import { normalise } from './normalise.js';

const BARE = /^(\d{1,2}|[½¼¾]) ([a-z][a-z .-]{1,30})$/i;

/** "8 oz flour, 4 butter, 4 sugar, 2 eggs": what the thing before was weighed in, where a bare number counts nothing. */
export function inOunces(thing: string, before: string | undefined, { region, kitchen }: ReadingContext): string {
  const [bare, number = '', name = ''] = BARE.exec(thing) ?? [];
  if (bare === undefined || before === undefined) return thing;
  const units = unitsOf(kitchen);
  if (readAmount(before, units)?.parts[0]?.unit?.id !== 'ounce') return thing;
  // "1 tblsp coffee", "½ cup butter" has its measure
  if (readAmount(normalise(thing), units)?.parts[0]?.unit !== undefined) return thing;
  const named = pantryOf(kitchen).match(name, region);
  return named.kind === 'matched' && !isCounted(named.ingredient) ? `${number} oz ${name}` : thing;
}
