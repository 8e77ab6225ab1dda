import { without } from '../../ground/records/index.js';
import { planDay, type Settled } from '../planner/index.js';
import type { BatchWork, DayKitchen } from '../works/index.js';

/** Why a day does not fit: the batches that cannot all be, and what of the kitchen would let them. */
export interface Conflict {
  /** Indices of batches none of which can be left out of the reason. */
  readonly batches: readonly number[];
  /** Each by itself would be enough. */
  readonly short: readonly ('hands' | 'oven' | 'pans' | 'start' | 'held')[];
  /** The day would have to begin so much earlier; undefined where that does not help within six hours. */
  readonly earlierMinutes?: number;
  /** Trials that ended without an answer: the reason is then not proved to be the least. */
  readonly unknown: number;
}

const EARLIER = 360;

/** What one pair of hands, one oven, more pans or an earlier morning would do. Every answer is solved. */
export function explainConflict(
  batches: readonly BatchWork[],
  kitchen: DayKitchen,
  {
    seconds = 1.5,
    cancelled = () => false,
    settled = {},
  }: { readonly seconds?: number; readonly cancelled?: () => boolean; readonly settled?: Settled } = {},
): Conflict {
  const each = seconds / (batches.length + 5);
  let unknown = 0;
  const fits = (works: readonly BatchWork[], there: DayKitchen, fixed = settled): boolean => {
    const planned = planDay(works, there, { ...fixed, seconds: each, anyPlan: true, cancelled });
    if (planned.kind === 'none' && !planned.proven) unknown++;
    return planned.kind === 'planned';
  };
  let least = batches.map((_, i) => i);
  for (let i = 0; i < batches.length; i++) {
    const without = least.filter((other) => other !== i);
    const works = without.flatMap((index) => batches[index] ?? []);
    if (without.length > 0 && !fits(works, kitchen)) least = without;
  }
  const works = least.flatMap((index) => batches[index] ?? []);
  const short: Conflict['short'][number][] = [];
  const { pairs, ovens, notBefore } = kitchen;
  if (fits(works, { ...kitchen, pairs: [...pairs, { id: 'more', name: 'more', away: [] }] })) short.push('hands');
  if (fits(works, { ...kitchen, ovens: [...ovens, BORROWED] })) short.push('oven');
  const plenty = Object.fromEntries(works.flatMap(({ oven }) => (oven?.pan === undefined ? [] : [[oven.pan, 99]])));
  if (fits(works, { ...kitchen, bowls: 99, mixers: 9, pans: { ...kitchen.pans, ...plenty } })) short.push('pans');
  const held = Object.keys(settled.locks ?? {}).length > 0;
  if (held && fits(batches, kitchen, without(settled, 'locks'))) short.push('held');
  const early = { ...kitchen, notBefore: notBefore - EARLIER };
  const wide = planDay(batches, early, { ...settled, seconds: each * 3, cancelled });
  if (wide.kind === 'planned') short.push('start');
  return {
    batches: least,
    short,
    ...(wide.kind === 'planned' && { earlierMinutes: Math.max(0, notBefore - wide.startsAt) }),
    unknown,
  };
}

/** A neighbour's, of which nothing is known. */
export const BORROWED = { id: 'borrowed', name: 'borrowed oven', racks: 2, minutesTo180: 15 } as const;
