import type { Caution, CautionCode } from '../../keep/cautions/index.js';
import { keepingRow, type KeepReason, type KeptPart } from '../../keep/keeping/index.js';
import type { Region } from '../../ground/units/index.js';
import { shortIngredientName, TABLE_PANTRY } from '../../kitchen/ingredients/index.js';

/* How long something keeps, why no longer, and what has to be known of it. */

const plural = (count: number, one: string) => `${count} ${one}${count === 1 ? '' : 's'}`;
/** "4 days", "10 days", "3 months". */
export function daysInWords(days: number): string {
  if (days >= 60) return plural(Math.round(days / 30), 'month');
  if (days >= 21 && days % 7 === 0) return plural(days / 7, 'week');
  return days === 0 ? 'not at all' : plural(days, 'day');
}
export const monthsInWords = (months: number): string =>
  months === 0 ? 'not at all' : months < 2 ? `${Math.round(months * 30)} days` : plural(Math.floor(months), 'month');

const nameOf = (id: string, region: Region) => {
  const ingredient = TABLE_PANTRY.byId(id);
  return ingredient ? shortIngredientName(ingredient, region) : id;
};
/** Why so long and no longer. */
export function keepReasonInWords(reason: KeepReason, region: Region): string {
  switch (reason.code) {
    case 'row': {
      const row = keepingRow(reason.row);
      return `${row?.name ?? reason.row}: ${row?.why ?? ''}`.replace(/: $/, '');
    }
    case 'no-row':
      return 'no kind of bake that is known by its keeping: the cautious end';
    case 'perishable':
      return `${nameOf(reason.ingredient, region)} belongs in the cold`;
    case 'unread-filling':
      return `“${reason.text}” was not understood, so it counts as perishable`;
    case 'moulds-sooner':
      return `as wet and as little sweet as it is, mould comes sooner: ${daysInWords(reason.days)}`;
    case 'warm-room':
      return `a warm room: ${daysInWords(reason.days)}`;
    case 'damp-room':
      return `damp air: ${daysInWords(reason.days)}`;
    case 'unwrapped':
      return `not wrapped, it is stale after ${daysInWords(reason.days)}`;
    case 'wrapped-warm':
      return `wrapped while warm, it moulds sooner: ${daysInWords(reason.days)}`;
    case 'fed-with-spirit':
      return 'alcohol in its water keeps it';
    case 'fed-weakly':
      return 'fed with what is too weak to keep it: it only gets wetter';
  }
}

/** The headline of keeping. */
export function keepsInWords({ roomDays, fridgeDays, mustBeCold }: Pick<KeptPart, 'roomDays' | 'fridgeDays' | 'mustBeCold'>): string {
  return mustBeCold ? `${daysInWords(fridgeDays)}, in the fridge` : `${daysInWords(roomDays)}, wrapped`;
} // prettier-ignore

const CAUTIONS: Readonly<Record<CautionCode, (about: string, note: string) => string>> = {
  cold: () => 'Keep it at 4 °C or below; no more than two hours out of the fridge in all, one where it is above 32 °C.',
  'unread-filling': () => 'A part of it was not understood: treat it as perishable.',
  'raw-egg': (about) => `Raw ${about}: pasteurised where it stays raw; not for the very young, the old, or anybody who is ill or pregnant.`,
  'alcohol-stays': () => 'It contains alcohol, and the alcohol stays.',
  'honey-infants': () => 'Honey: not for infants under twelve months.',
  infants: (about, note) => `Not for infants: ${about}${note === '' ? '' : ` (${note})`}.`,
  choking: (about, note) => `Small children can choke on it: ${about}${note === '' ? '' : ` (${note})`}.`,
  toxic: (about, note) => `${about}: ${note}.`,
  'freeze-once': () => 'Freeze it once, on the day it was baked; thaw it wrapped, and do not freeze it again.',
  'draft-label': () => 'The label is a draft and no legal or medical advice: rules differ by place, registration comes first, packets decide.',
}; // prettier-ignore
export function cautionInWords({ code, about, note }: Caution, region: Region): string {
  const names = about.map((ingredient) => shortIngredientName(ingredient, region));
  const said = names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}` : (names[0] ?? '');
  const words = CAUTIONS[code](said, note);
  return words.charAt(0).toUpperCase() + words.slice(1);
}
