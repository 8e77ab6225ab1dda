import type { HeatStyleId } from '../../oven/baking/index.js';
import type { MixingFamily } from '../../batch/bowl/index.js';

/*
 * How long hands take, and how long things stay good: defaults, until the baker's own book says better.
 * @source shared/science/planning.md, section 1: general kitchen knowledge or judged, not measured
 */

/** Minutes of mixing one go: of a small bowl, and of a full one. */
export const MIXING_MINUTES: Readonly<Record<MixingFamily, readonly [small: number, full: number]>> = {
  creaming: [12, 18],
  paste: [10, 14],
  whisked: [10, 15],
  muffin: [6, 9],
  'one-bowl': [6, 9],
  melt: [7, 10],
  'rub-in': [9, 13],
  'by-hand': [5, 7],
};
/** Grams of batter in a small bowl and in a full one. */
export const BOWL_GRAMS: readonly [small: number, full: number] = [500, 2000];
/** Batters that a machine turns. */
export const WITH_MIXER: ReadonlySet<MixingFamily> = new Set(['creaming', 'paste', 'whisked']);

/** What a style asks of the clock: the longest it stays at its best, minutes, and what a minute of age costs against one of sleep. */
interface Keeping {
  readonly freshMinutes: number;
  readonly weight: number;
  /** The door stays shut on it for this share of the bake. */
  readonly quietShare: number;
  /** Cut before it is put out. */
  readonly sliceMinutes: number;
  /** Minutes it cools to be eaten warm. */
  readonly warmMinutes: number;
}
// prettier-ignore
export const KEEPING: Readonly<Record<HeatStyleId, Keeping>> = {
  layer: { freshMinutes: 1440, weight: 0.003, quietShare: 0.5, sliceMinutes: 6, warmMinutes: 40 },
  oilcake: { freshMinutes: 1440, weight: 0.003, quietShare: 0.4, sliceMinutes: 6, warmMinutes: 40 },
  sponge: { freshMinutes: 1440, weight: 0.004, quietShare: 0.6, sliceMinutes: 6, warmMinutes: 30 },
  pound: { freshMinutes: 2880, weight: 0.002, quietShare: 0.5, sliceMinutes: 6, warmMinutes: 45 },
  quick: { freshMinutes: 1440, weight: 0.003, quietShare: 0, sliceMinutes: 6, warmMinutes: 40 },
  bundt: { freshMinutes: 1440, weight: 0.003, quietShare: 0.3, sliceMinutes: 6, warmMinutes: 45 },
  fruit: { freshMinutes: 43200, weight: 0, quietShare: 0, sliceMinutes: 10, warmMinutes: 120 },
  muffin: { freshMinutes: 480, weight: 0.03, quietShare: 0, sliceMinutes: 0, warmMinutes: 15 },
  biscuit: { freshMinutes: 240, weight: 0.06, quietShare: 0, sliceMinutes: 0, warmMinutes: 8 },
  scone: { freshMinutes: 240, weight: 0.06, quietShare: 0, sliceMinutes: 0, warmMinutes: 10 },
  soda: { freshMinutes: 600, weight: 0.02, quietShare: 0, sliceMinutes: 4, warmMinutes: 25 },
  brownie: { freshMinutes: 2880, weight: 0.002, quietShare: 0, sliceMinutes: 5, warmMinutes: 45 },
};
/** "warm": no older than this when it is due, and what a minute of age costs then. */
export const WARM = { freshMinutes: 40, weight: 0.15 } as const;

/** Words of a line or a step that are work of their own before mixing, and the minutes of a usual amount. */
export const PREPARING: readonly (readonly [words: RegExp, what: string, minutes: number])[] = [
  [/\bbrown(?:ed)? (?:the )?butter|butter,? browned/i, $localize`:something prepared|:brown the butter`, 10],
  [/\btoast(?:ed|ing)?\b/i, $localize`:something prepared|:toast`, 10],
  [/\bgrate(?:d)?\b|\bshredded\b/i, $localize`:something prepared|:grate`, 6],
  [/\bzest(?: and juice)? of|\bzested\b/i, $localize`:something prepared|:zest`, 3],
  [/\bjuice of\b/i, $localize`:something prepared|:squeeze`, 3],
  [/\bpur[ée]e?d\b/i, $localize`:something prepared|:purée`, 5],
  [/\bmash(?:ed)?\b(?![^,]*\bcooked)/i, $localize`:something prepared|:mash`, 3],
  [/\bchop(?:ped)?\b|\bdiced\b|\bcut into (?:small )?pieces\b|\bfinely sliced\b|\bpeeled\b|\bcored\b/i, $localize`:something prepared|:chop`, 5],
  [/\bmelt(?:ed)?\b/i, $localize`:something prepared|:melt`, 4],
  [/\bseeds ground\b|\bpods?\b/i, $localize`:something prepared|:grind the spice`, 4],
];
/** Other words on the same line that it is bought so: "toasted, bought", "chopped dried apricots". */
export const BOUGHT_SO = /\bbought\b|\bshop\b|\bready\b|(?<!\b(?:the|a|your) )\btin(?:ned)?\b|\bcanned\b|\bcooked\b|\bchopped dried\b|\bnutmeg\b/i;

/** Minutes of lining and greasing, by what it is baked in. */
export const LINING = { sheet: 1, cups: 3, box: 4, round: 3, double: 10, more: 2 } as const;
/** Minutes of filling: by one vessel, by each further one, by each cup, by each cut or dropped piece. */
export const FILLING = { vessel: 2, more: 1, cup: 0.3, piece: 0.5, loaf: 2, most: 12 } as const;
/** Dough or batter that a griddle of 28 cm takes at once. Judged: one round of farls, six drop scones. */
export const GRIDDLE_GRAMS = 550;
/** Covered, tied, and let down into steam. Judged. */
export const INTO_THE_POT_MINUTES = 6;
export const WEIGHING = { base: 4, line: 0.7, least: 5, most: 16 } as const;
export const FINISHING = { frostStack: 22, frostSingle: 10, frostCup: 0.7, fill: 8, chillAfter: 25, makeFrosting: 12, crumbCoat: 8, crumbCoatSets: 20, perLitreInFridge: 8, perKgInFreezer: 3 } as const; // prettier-ignore
