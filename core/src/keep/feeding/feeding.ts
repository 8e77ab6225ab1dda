import { waterActivity, type BakedComposition } from '../keeping/index.js';

/*
 * Feeding a cake over weeks: what each feed brings, what leaves a wrapped cake, and what stands in it today. Alcohol carries it, not dryness:
 * every feed makes the crumb wetter.
 */

/** One feed. */
export interface Feed {
  /** Milliseconds since 1970. */
  readonly at: number;
  readonly millilitres: number;
  /** Alcohol by volume, 0–1; 0 for juice or tea. */
  readonly strength: number;
}
/** What a cake may be fed with, by school. */
export const FEEDING_SCHOOLS = ['spirit', 'juice', 'nothing'] as const;
export type FeedingSchool = (typeof FEEDING_SCHOOLS)[number];

const ETHANOL = 0.789;
const WATER = 0.998;
const SUGAR_IN_JUICE = 0.1;
/** What a wrapped cake loses of its alcohol in a day. @source book.md: 0–1 %, judged */
const LEAVES = 0.003;
const DAY = 86_400_000;
/** From here on a drink keeps a cake; what is weaker wets it more than it keeps. @source judged, towards caution */
const STRONG = 0.3;

export interface FedState {
  readonly grams: number;
  readonly ethanolGrams: number;
  /** Alcohol in it, percent of its weight. */
  readonly alcoholPercent: number;
  /** Alcohol of the water in it, percent: what keeps it. */
  readonly ofItsWater: number;
  readonly waterPercent: number;
  readonly waterActivity: number;
}

/** A cake of some grams as it stands at a time, fed as it was since it came out. */
export function fedState(cake: BakedComposition, grams: number, bakedAt: number, feeds: readonly Feed[], at: number): FedState {
  const scale = grams / cake.total;
  let [ethanol, water, hexose, all, day] = [cake.ethanol * scale, cake.water * scale, cake.hexose * scale, grams, 0];
  const leave = (until: number) => {
    const left = ethanol * (1 - Math.exp(-LEAVES * Math.max(0, until - day)));
    ethanol -= left;
    all -= left;
    day = Math.max(day, until);
  };
  for (const feed of [...feeds].sort((one, other) => one.at - other.at)) {
    if (feed.at > at) break;
    leave((feed.at - bakedAt) / DAY);
    const [spirit, wet] = [feed.millilitres * feed.strength * ETHANOL, feed.millilitres * (1 - feed.strength) * WATER];
    const sugar = feed.strength < 0.01 ? feed.millilitres * SUGAR_IN_JUICE : 0;
    [ethanol, water, hexose, all] = [ethanol + spirit, water + wet, hexose + sugar, all + spirit + wet + sugar];
  }
  leave((at - bakedAt) / DAY);
  return {
    grams: all,
    ethanolGrams: ethanol,
    alcoholPercent: (100 * ethanol) / all,
    ofItsWater: (100 * ethanol) / (ethanol + water),
    waterPercent: (100 * water) / all,
    waterActivity: waterActivity({ ...cake, sucrose: cake.sucrose * scale, polyol: cake.polyol * scale, salt: cake.salt * scale, leaveningSalts: cake.leaveningSalts * scale, solids: cake.solids * scale, ethanol, water, hexose, total: all }),
  };
} // prettier-ignore

/** Whether feeds keep the cake: with spirit, or only wet it. Undefined without any. */
export function fedWith(feeds: readonly Feed[]): 'spirit' | 'weak' | undefined {
  if (feeds.length === 0) return undefined;
  return feeds.every(({ strength }) => strength >= STRONG) ? 'spirit' : 'weak';
}

/** Millilitres for a feed, and how often, by the cake's weight. @source schools: 15–20 ml for a kilogram each week, judged */
const MILLILITRES_A_KILOGRAM = 17;
const EVERY_DAYS = 7;
const FIVE = 5;
export interface NextFeed {
  readonly at: number;
  readonly millilitres: number;
}
/** Weight may fall by this without being too dry. */
export const MOST_DRYING = 0.02;

/** When it is due next, and how much; the first a day after the bake. */
export function nextFeed(grams: number, bakedAt: number, feeds: readonly Feed[]): NextFeed {
  const last = feeds.reduce((latest, { at }) => Math.max(latest, at), 0);
  return {
    at: last === 0 ? bakedAt + DAY : last + EVERY_DAYS * DAY,
    millilitres: Math.max(FIVE, FIVE * Math.round((MILLILITRES_A_KILOGRAM * grams) / 1000 / FIVE)),
  };
}
