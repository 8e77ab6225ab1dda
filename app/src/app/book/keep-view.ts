import type { Keeps } from '@orvin/core/keep/keeping';
import type { Region } from '@orvin/core/ground/units';
import { daysInWords, keepReasonInWords, monthsInWords } from '@orvin/core/words/keep-words';

/* What the Keep face draws: days on one scale, from a day to a year. */

export interface KeepBar {
  readonly name: string;
  readonly how: string;
  /** 0–1 of the scale; 0 where it keeps not at all. */
  readonly length: number;
  readonly words: string;
  readonly why: string;
}
const LONGEST = 400;
/** Where a number of days lies: near days wide, far months close. */
export const atDays = (days: number): number => Math.log1p(days) / Math.log1p(LONGEST);
export const TICKS = [
  { days: 1, name: 'a day' },
  { days: 7, name: 'a week' },
  { days: 30, name: 'a month' },
  { days: 91, name: '3 months' },
  { days: 365, name: 'a year' },
] as const;

/** One bar for each place it can be kept in. */
export function keepBars({ whole, parts }: Keeps, region: Region): readonly KeepBar[] {
  const shortest = (of: (part: Keeps['parts'][number]) => number) => [...parts].sort((a, b) => of(a) - of(b))[0];
  const why = (of: (part: Keeps['parts'][number]) => number) => {
    const part = shortest(of);
    const reason = part?.reasons.at(-1);
    return part && reason ? `${parts.length > 1 ? `${part.name.toLowerCase()}: ` : ''}${keepReasonInWords(reason, region)}` : ''; // prettier-ignore
  };
  const freezerDays = whole.freezerMonths * 30;
  return [
    { name: 'in the room', how: whole.wrap, length: atDays(whole.roomDays), words: daysInWords(whole.roomDays), why: why(({ roomDays }) => roomDays) },
    { name: 'fridge', how: '4 °C or below', length: atDays(whole.fridgeDays), words: daysInWords(whole.fridgeDays), why: whole.mustBeCold ? '' : 'cold stales a crumb sooner, and keeps mould off longer' },
    { name: 'freezer', how: '−18 °C, wrapped twice', length: atDays(freezerDays), words: monthsInWords(whole.freezerMonths), why: whole.freezerMonths > 0 ? 'frozen on the day it was baked; thawed in its wrapping' : 'it does not freeze well' },
  ];
} // prettier-ignore
