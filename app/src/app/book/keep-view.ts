import { tableWords } from '@orvin/core/words/table-words';
import { inSentence } from '@orvin/core/ground/language';
import type { Keeps } from '@orvin/core/keep/keeping';
import type { HeatScale, Region } from '@orvin/core/ground/units';
import { heatOn } from '@orvin/core/words/figures';
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
  { days: 1, name: $localize`a day` },
  { days: 7, name: $localize`a week` },
  { days: 30, name: $localize`a month` },
  { days: 91, name: $localize`3 months` },
  { days: 365, name: $localize`a year` },
] as const;

/** One bar for each place it can be kept in. */
export function keepBars({ whole, parts }: Keeps, region: Region, scale: HeatScale = 'C'): readonly KeepBar[] {
  const shortest = (of: (part: Keeps['parts'][number]) => number) => [...parts].sort((a, b) => of(a) - of(b))[0];
  const why = (of: (part: Keeps['parts'][number]) => number) => {
    const part = shortest(of);
    const reason = part?.reasons.at(-1);
    return part && reason ? `${parts.length > 1 ? `${inSentence(part.name)}: ` : ''}${keepReasonInWords(reason, region)}` : ''; // prettier-ignore
  };
  const freezerDays = whole.freezerMonths * 30;
  return [
    { name: $localize`in the room`, how: tableWords(whole.wrap), length: atDays(whole.roomDays), words: daysInWords(whole.roomDays), why: why(({ roomDays }) => roomDays) },
    { name: $localize`fridge`, how: $localize`${heatOn(scale, 4)} or below`, length: atDays(whole.fridgeDays), words: daysInWords(whole.fridgeDays), why: whole.mustBeCold ? '' : $localize`cold stales a crumb sooner, and keeps mould off longer` },
    { name: $localize`freezer`, how: $localize`${heatOn(scale, -18)}, wrapped twice`, length: atDays(freezerDays), words: monthsInWords(whole.freezerMonths), why: whole.freezerMonths > 0 ? $localize`frozen on the day it was baked; thawed in its wrapping` : $localize`it does not freeze well` },
  ];
} // prettier-ignore
