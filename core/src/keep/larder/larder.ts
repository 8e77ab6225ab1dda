import { LAST_MOMENT } from '../../ground/records/index.js';
import Joi from 'joi';
import type { Feed } from '../feeding/index.js';

/*
 * What was baked and put away: where, since when, how many portions are left, how long it keeps there, what it was fed and what it weighed.
 * What it is promised was worked out when it was put there, so that a changed formula moves nothing that stands in the tin.
 */

export const PLACES = ['room', 'fridge', 'freezer'] as const;
export type KeepPlace = (typeof PLACES)[number];

/** How long it keeps, as it was worked out. */
export interface Promised {
  readonly roomDays: number;
  readonly fridgeDays: number;
  readonly freezerMonths: number;
  readonly mustBeCold: boolean;
}
export interface Weighing {
  readonly at: number;
  readonly grams: number;
}
export interface PutAway {
  readonly title: string;
  readonly formulaId?: string;
  /** The bake on record that it is of. */
  readonly bakeId?: string;
  /** When it was baked, or shaped where it is raw; milliseconds since 1970. */
  readonly madeAt: number;
  readonly place: KeepPlace;
  /** When it came to where it is. */
  readonly since: number;
  readonly portions: number;
  readonly left: number;
  /** Shaped and frozen, to be baked. */
  readonly raw?: boolean;
  readonly promised: Promised;
  readonly feeds?: readonly Feed[];
  readonly weighings?: readonly Weighing[];
}

const moment = Joi.number().min(0).max(LAST_MOMENT);
export const putAwaySchema = Joi.object<PutAway>({
  title: Joi.string().allow('').max(300).required(),
  formulaId: Joi.string().min(1).max(300),
  bakeId: Joi.string().min(1).max(300),
  madeAt: moment.required(),
  place: Joi.string().valid(...PLACES).required(),
  since: moment.required(),
  portions: Joi.number().integer().min(1).max(10_000).required(),
  left: Joi.number().integer().min(0).max(10_000).required(),
  raw: Joi.boolean(),
  promised: Joi.object({
    roomDays: Joi.number().min(0).max(3650).required(),
    fridgeDays: Joi.number().min(0).max(3650).required(),
    freezerMonths: Joi.number().min(0).max(120).required(),
    mustBeCold: Joi.boolean().required(),
  }).required(),
  feeds: Joi.array().items(Joi.object({ at: moment.required(), millilitres: Joi.number().min(0.1).max(5000).required(), strength: Joi.number().min(0).max(1).required() })).max(500),
  weighings: Joi.array().items(Joi.object({ at: moment.required(), grams: Joi.number().min(1).max(100_000).required() })).max(500),
}); // prettier-ignore

const DAY = 86_400_000;
const MONTH = 30.4 * DAY;
/** Raw shaped scones and biscuits, frozen. @source keeping.csv, raw_scones_frozen */
const RAW_MONTHS = 1.5;

/** Until when it is good where it is: from the day it was baked, and in the freezer from the day it was frozen. */
export function goodUntil({ madeAt, since, place, promised, raw }: PutAway): number {
  if (place === 'freezer') return since + (raw ? RAW_MONTHS : promised.freezerMonths) * MONTH;
  return madeAt + (place === 'fridge' ? promised.fridgeDays : promised.roomDays) * DAY;
}
export type Freshness = 'good' | 'soon' | 'past';
const SOON_DAYS: Readonly<Record<KeepPlace, number>> = { room: 1, fridge: 1, freezer: 14 };
export function freshnessOf(item: PutAway, now: number): Freshness {
  const until = goodUntil(item);
  if (now > until) return 'past';
  return now > until - SOON_DAYS[item.place] * DAY ? 'soon' : 'good';
}

/** What is left of it, elsewhere: from the freezer it keeps as it would have fresh, from the hour it was thawed. */
export function moved(item: PutAway, place: KeepPlace, now: number): PutAway {
  const thawed = item.place === 'freezer' && place !== 'freezer';
  return { ...item, place, since: now, ...(thawed && { madeAt: now }) };
}
/** Some of it eaten, or given away; never less than none. */
export const eaten = (item: PutAway, portions: number): PutAway => ({ ...item, left: Math.max(0, Math.min(item.portions, item.left - portions)) }); // prettier-ignore

/** What goes bad first stands first; what is all eaten last. */
export const byUrgency = <T>(things: readonly T[], itemOf: (thing: T) => PutAway): readonly T[] =>
  [...things].sort((one, other) => {
    const [a, b] = [itemOf(one), itemOf(other)];
    return Number(a.left === 0) - Number(b.left === 0) || goodUntil(a) - goodUntil(b);
  });
