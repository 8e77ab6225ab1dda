import { recipeOf, type BakeRecord } from '@orvin/core/book/records';
import { isDate } from '@orvin/core/day/dates';
import { dateOf } from '../parts/wall-clock';

/* What of a season is shown: one formula, one kind of bake, one day or month. */

export const SEASON_KINDS = ['just', 'too-soon', 'too-long', 'wrong', 'good', 'photo', 'left-out'] as const;
export type SeasonKind = (typeof SEASON_KINDS)[number];
/** From here on a bake was a good one, of ten. */
const GOOD = 8;
export const KIND_NAMES: Readonly<Record<SeasonKind, string>> = {
  just: $localize`done just right`,
  'too-soon': $localize`taken out too soon`,
  'too-long': $localize`in for too long`,
  wrong: $localize`something was wrong`,
  good: $localize`scored ${GOOD} or more`,
  photo: $localize`with a photo`,
  'left-out': $localize`left out of learning`,
};
const IS: Readonly<Record<SeasonKind, (record: BakeRecord) => boolean>> = {
  just: ({ word }) => word === 'just',
  'too-soon': ({ word }) => word === 'raw' || word === 'under',
  'too-long': ({ word }) => word === 'bit-over' || word === 'over',
  wrong: ({ wrong = [], faults = [] }) => wrong.length + faults.length > 0,
  good: ({ score = 0 }) => score >= GOOD,
  photo: ({ photos = [] }) => photos.length > 0,
  'left-out': ({ leftOut }) => leftOut !== undefined,
};

export interface SeasonFilter {
  /** A formula, by what its bakes are remembered together under. */
  readonly recipe?: string | undefined;
  readonly kind?: string | undefined;
  /** "2026-11" or "2026-11-28". */
  readonly on?: string | undefined;
}
const isKind = (kind: string | undefined): kind is SeasonKind => SEASON_KINDS.some((each) => each === kind);

/** A month or a day as the address has it; undefined where it is none. */
export function monthOrDay(on: string | undefined): string | undefined {
  if (on === undefined) return undefined;
  return isDate(on) || isDate(`${on}-01`) ? on : undefined;
}

/** Whether a bake is one of those that are asked for. */
export function isShown({ recipe, kind, on }: SeasonFilter): (record: BakeRecord) => boolean {
  const isOf = isKind(kind) ? IS[kind] : undefined;
  return (record) =>
    (recipe === undefined || recipeOf(record) === recipe) &&
    (!isOf || isOf(record)) &&
    (on === undefined || dateOf(record.at).startsWith(on));
}
