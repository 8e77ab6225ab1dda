import { capitalised, heatOn, listed } from '../figures/index.js';
import { tableWords } from '../table-words/index.js';
import type { Caution, CautionCode } from '../../keep/cautions/index.js';
import { keepingRow, type KeepReason, type KeptPart } from '../../keep/keeping/index.js';
import type { HeatScale, Region } from '../../ground/units/index.js';
import { shortIngredientName, TABLE_PANTRY } from '../../kitchen/ingredients/index.js';

/* How long something keeps, why no longer, and what has to be known of it. */

/** "4 days", "10 days", "3 months". */
export function daysInWords(days: number): string {
  if (days >= 60) return inMonths(Math.round(days / 30));
  if (days >= 21 && days % 7 === 0) return $localize`${days / 7} weeks`;
  if (days === 0) return $localize`not at all`;
  return days === 1 ? $localize`1 day` : $localize`${days} days`;
}
export const monthsInWords = (months: number): string =>
  months === 0
    ? $localize`not at all`
    : months < 2
      ? $localize`${Math.round(months * 30)} days`
      : inMonths(Math.floor(months));
const inMonths = (months: number) => (months === 1 ? $localize`1 month` : $localize`${months} months`);

const nameOf = (id: string, region: Region) => {
  const ingredient = TABLE_PANTRY.byId(id);
  return ingredient ? shortIngredientName(ingredient, region) : id;
};
/** Why so long and no longer. */
export function keepReasonInWords(reason: KeepReason, region: Region): string {
  switch (reason.code) {
    case 'row': {
      const row = keepingRow(reason.row);
      return `${tableWords(row?.name ?? reason.row)}: ${tableWords(row?.why ?? '')}`.replace(/: $/, '');
    }
    case 'no-row':
      return $localize`no kind of bake that is known by its keeping: the cautious end`;
    case 'perishable':
      return $localize`${nameOf(reason.ingredient, region)} belongs in the cold`;
    case 'unread-filling':
      return $localize`“${reason.text}” was not understood, so it counts as perishable`;
    case 'moulds-sooner':
      return $localize`as wet and as little sweet as it is, mould comes sooner: ${daysInWords(reason.days)}`;
    case 'warm-room':
      return $localize`a warm room: ${daysInWords(reason.days)}`;
    case 'damp-room':
      return $localize`damp air: ${daysInWords(reason.days)}`;
    case 'unwrapped':
      return $localize`not wrapped, it is stale after ${daysInWords(reason.days)}`;
    case 'wrapped-warm':
      return $localize`wrapped while warm, it moulds sooner: ${daysInWords(reason.days)}`;
    case 'fed-with-spirit':
      return $localize`alcohol in its water keeps it`;
    case 'fed-weakly':
      return $localize`fed with what is too weak to keep it: it only gets wetter`;
  }
}

/** The headline of keeping. */
export function keepsInWords({ roomDays, fridgeDays, mustBeCold }: Pick<KeptPart, 'roomDays' | 'fridgeDays' | 'mustBeCold'>): string {
  return mustBeCold ? $localize`${daysInWords(fridgeDays)}, in the fridge` : $localize`${daysInWords(roomDays)}, wrapped`;
} // prettier-ignore

const CAUTIONS: Readonly<Record<CautionCode, (about: string, note: string, scale: HeatScale) => string>> = {
  cold: (_about, _note, scale) => $localize`Keep it at ${heatOn(scale, 4)} or below; no more than two hours out of the fridge in all, one where it is above ${heatOn(scale, 32)}.`,
  'unread-filling': () => $localize`A part of it was not understood: treat it as perishable.`,
  'raw-egg': (about) => $localize`Raw ${about}:about:: pasteurised where it stays raw; not for the very young, the old, or anybody who is ill or pregnant.`,
  'alcohol-stays': () => $localize`It contains alcohol, and the alcohol stays.`,
  'honey-infants': () => $localize`Honey: not for infants under twelve months.`,
  infants: (about, note) => $localize`Not for infants: ${about}${note === '' ? '' : ` (${note})`}.`,
  choking: (about, note) => $localize`Small children can choke on it: ${about}${note === '' ? '' : ` (${note})`}.`,
  toxic: (about, note) => `${about}: ${note}.`,
  'freeze-once': () => $localize`Freeze it once, on the day it was baked; thaw it wrapped, and do not freeze it again.`,
  'draft-label': () => $localize`The label is a draft and no legal or medical advice: rules differ by place, registration comes first, packets decide.`,
}; // prettier-ignore
/** @param scale of the baker's oven */
export function cautionInWords({ code, about, note }: Caution, region: Region, scale: HeatScale = 'C'): string {
  const said = listed(about.map((ingredient) => shortIngredientName(ingredient, region)));
  const words = CAUTIONS[code](said, note.split('; ').map(tableWords).join('; '), scale);
  return capitalised(words);
}
