import type { Style } from '../../batter/balance/index.js';
import { withoutUndefined } from '../../ground/records/index.js';
import { bandUnits, type Band } from '../../ground/verdict/index.js';
import type { SignalCode, Signals } from './signals.js';

/*
 * What somebody may know of a bake, by names that say their unit: one table, from which the check at every door and the signals follow.
 * Shares are percent of flour. Whatever is absent is not known.
 */

/** Figures, and what they may be. */
export const FACT_FIGURES = {
  sugar: [0, 2000], fat: [0, 2000], egg: [0, 2000], water: [0, 2000], inclusions: [0, 5000],
  /** g CO₂ for 100 g flour */
  gas: [0, 20],
  /** soda that met no acid, percent of flour */
  leftoverSoda: [-5, 20],
  /** acid that met no soda, as soda, percent of flour */
  spareAcid: [-5, 30],
  crumbPh: [3, 12],
  /** powder, percent of flour */
  powder: [0, 100],
  /** g/ml */
  batterDensity: [0.1, 2],
  coreAtOut: [0, 130],
  /** over the minutes foreseen, percent; below zero sooner */
  minutesOver: [-100, 500],
  weightLoss: [-5, 80],
  ovenError: [-150, 150], ovenErrorSpread: [0, 60], setAboveUsual: [-150, 150],
  /** heat that the pan takes, against light metal */
  panHeat: [0.1, 3],
  /** how full the pan was, 0–1 */
  fill: [0, 2],
  /** after which share of the bake the door was opened first, 0–1 */
  doorOpened: [0, 1],
  preheatMinutes: [0, 600], sideDifference: [-100, 100], metresAboveSea: [-430, 6000],
  waitMinutes: [0, 10_000], mixSeconds: [0, 7200], folds: [0, 2000], creamingMinutes: [0, 120], eggAdditions: [1, 50],
  eggCelsius: [-20, 60], batterCelsius: [-20, 80], butterCelsius: [-20, 80], doughCelsius: [-20, 60],
  cupGrams: [50, 300], flourProtein: [0, 30], binder: [0, 100], restMinutes: [0, 10_000], minutesInPan: [0, 10_000],
  gapCm: [0, 50], humidity: [0, 100], wrapCelsius: [-20, 120], thicknessCm: [0, 30], powderMonths: [0, 600], fruitPieceMm: [0, 300],
  cakeCelsius: [-20, 120], roomCelsius: [-20, 60], frostingButterCelsius: [-20, 80], frostingCheeseCelsius: [-20, 80], frostingSyrupCelsius: [-20, 130],
  frostingSugar: [0, 50], frostingMinutes: [0, 600],
} as const satisfies Readonly<Record<string, readonly [number, number]>>; // prettier-ignore
/** Yes or no. */
export const FACT_TRUTHS = [
  'weighed', 'fruitWet', 'plantColour', 'sodaSieved', 'fizzWeak', 'fan', 'fanLowered', 'turned', 'topShelf', 'tented', 'dryStreaks', 'glutenFree',
  'lined', 'levelled', 'dividedByEye', 'coarseSugar', 'cutterTwisted', 'rerolled', 'liquidAtOnce', 'softCheese', 'sugarSifted',
] as const; // prettier-ignore
export const FACT_CHOICES = {
  cocoa: ['natural', 'alkalised'],
  flourBy: ['weighed', 'scooped', 'spooned'],
  powderKind: ['tartrate', 'mcp', 'sas', 'sapp', 'sas-mcp', 'sapp-mcp'],
} as const;
type Choices = { readonly [K in keyof typeof FACT_CHOICES]?: (typeof FACT_CHOICES)[K][number] };

export type BakeFacts = Readonly<Partial<Record<keyof typeof FACT_FIGURES, number>>> &
  Readonly<Partial<Record<(typeof FACT_TRUTHS)[number], boolean>>> &
  Choices & {
    /** Swaps that were made, by their names in swap-odds.csv. */
    readonly swaps?: readonly string[];
  };

export const FACT_NAMES: readonly string[] = [
  ...Object.keys(FACT_FIGURES),
  ...FACT_TRUTHS,
  ...Object.keys(FACT_CHOICES),
  'swaps',
];

const inBand = (value: number | undefined, band: Band): number | undefined => value === undefined ? undefined : bandUnits(value, band); // prettier-ignore

/** Grams of flour in a US cup, by how it is filled. @source measures.csv */
const CUP_GRAMS = { weighed: 110, scooped: 148, spooned: 124 } as const;
/** Spare acid that is worth a unit, percent of flour as soda; powder and pieces likewise. @source book.md, prototype */
const SPARE_UNIT = 1.2;
const POWDER_MUCH = 6;
const POWDER_UNIT = 2;
const ALUMINIUM_POWDER = 4.5;
const FRUIT_UNIT = 50;
const LEAST_FILL = 0.45;
const FREE_SODA = 0.1;
const ROLLED = /scone|rolled_biscuit/;
const CREAMED = /creamed|pound|yellow|white|red|tray|cupcake|fruit_cake|high_ratio/;
const CHOCOLATE = /chocolate|red_cocoa/;

const bit = (value: boolean | undefined): number | undefined => (value === undefined ? undefined : value ? 1 : 0);
const not = (value: boolean | undefined): number | undefined => (value === undefined ? undefined : value ? 0 : 1);
const over = (value: number | undefined, unit: number): number | undefined => value === undefined ? undefined : value / unit; // prettier-ignore

/** Aluminium or pyrophosphate in the powder, in what is much of it; nothing where neither kind nor amount is known. */
function aluminium({ powder, powderKind }: BakeFacts): number | undefined {
  if (powder === undefined && powderKind === undefined) return undefined;
  return powderKind?.startsWith('sa') ? (powder ?? ALUMINIUM_POWDER) / ALUMINIUM_POWDER : 0;
}
function widest(values: readonly (number | undefined)[]): number | undefined {
  const known = values.filter((value) => value !== undefined);
  return known.length > 1 ? Math.max(...known) - Math.min(...known) : undefined;
}
const hasFrosting = (facts: BakeFacts) =>
  [facts.cakeCelsius, facts.roomCelsius, facts.frostingButterCelsius, facts.frostingSugar, facts.frostingMinutes].some((known) => known !== undefined); // prettier-ignore

function inTheBowl(facts: BakeFacts, style: Style): Partial<Record<SignalCode, number | undefined>> {
  const { bands } = style;
  const { cocoa, glutenFree } = facts;
  return {
    sugar: inBand(facts.sugar, bands.sugar),
    fat: inBand(facts.fat, bands.fat),
    egg: inBand(facts.egg, bands.egg),
    water: inBand(facts.water, bands.water),
    gas: inBand(facts.gas, bands.gas),
    inclusions: inBand(facts.inclusions, style.inclusions),
    'batter-density': inBand(facts.batterDensity, style.batterGramsPerMillilitre),
    'crumb-ph-band': inBand(facts.crumbPh, bands['crumb-ph']),
    'crumb-ph': facts.crumbPh,
    'soda-left': over(facts.leftoverSoda, style.leftoverSodaMost),
    'spare-acid': over(facts.spareAcid, SPARE_UNIT),
    'powder-over-six': facts.powder === undefined ? undefined : Math.max(0, (facts.powder - POWDER_MUCH) / POWDER_UNIT),
    'aluminium-powder': aluminium(facts),
    'fruit-load': over(facts.inclusions, FRUIT_UNIT),
    'fruit-piece': facts.fruitPieceMm,
    'fruit-wet': bit(facts.fruitWet),
    'plant-colour': bit(facts.plantColour),
    'alkalised-cocoa-with-soda': cocoa === undefined ? undefined : bit(cocoa === 'alkalised' && (facts.leftoverSoda ?? 1) > FREE_SODA),
    cocoa: CHOCOLATE.test(style.basedOn) || cocoa !== undefined ? 1 : 0,
    'flour-cup': facts.cupGrams ?? (facts.flourBy && CUP_GRAMS[facts.flourBy]),
    'flour-protein': facts.flourProtein,
    'gluten-free': bit(glutenFree ?? style.basedOn === 'gluten_free_loaf'),
    binder: facts.binder,
    'binder-rest': glutenFree ? facts.restMinutes : undefined,
    'powder-age': facts.powderMonths,
    'weak-fizz': bit(facts.fizzWeak),
    'coarse-sugar': bit(facts.coarseSugar),
  };
} // prettier-ignore

function inTheMaking(facts: BakeFacts, style: Style): Partial<Record<SignalCode, number | undefined>> {
  return {
    waiting: over(facts.waitMinutes, style.holdMinutes),
    mixing: facts.mixSeconds,
    folds: facts.folds,
    'dry-streaks': bit(facts.dryStreaks),
    creaming: facts.creamingMinutes,
    'egg-additions': facts.eggAdditions,
    creamed: bit(CREAMED.test(style.basedOn)),
    'rolled-and-cut': bit(ROLLED.test(style.basedOn)),
    'egg-temperature': facts.eggCelsius,
    'batter-temperature': facts.batterCelsius,
    'butter-temperature': facts.butterCelsius,
    'dough-temperature': facts.doughCelsius,
    'soda-unsieved': not(facts.sodaSieved),
    unlined: not(facts.lined),
    unlevelled: not(facts.levelled),
    'divided-by-eye': bit(facts.dividedByEye),
    gap: facts.gapCm,
    'cutter-twisted': bit(facts.cutterTwisted),
    thickness: facts.thicknessCm,
    rerolled: bit(facts.rerolled),
  };
}

function inTheOven(facts: BakeFacts, style: Style): Partial<Record<SignalCode, number | undefined>> {
  return {
    core: inBand(facts.coreAtOut, style.doneCoreCelsius),
    time: facts.minutesOver,
    'weight-loss': facts.weightLoss,
    'oven-error': facts.ovenError,
    'set-above-usual': facts.setAboveUsual,
    'fan-not-lowered': facts.fan === undefined ? undefined : bit(facts.fan && facts.fanLowered !== true),
    'pan-heat': facts.panHeat,
    filling: over(facts.fill, Math.max(LEAST_FILL, style.fillMost)),
    'door-opened': facts.doorOpened,
    preheating: facts.preheatMinutes,
    'side-difference': facts.sideDifference,
    turned: bit(facts.turned),
    'top-shelf': bit(facts.topShelf),
    tented: bit(facts.tented),
    altitude: facts.metresAboveSea,
    'minutes-in-pan': facts.minutesInPan,
    humidity: facts.humidity,
    'wrapped-at': facts.wrapCelsius,
  };
}

function ofTheFrosting(facts: BakeFacts): Partial<Record<SignalCode, number | undefined>> {
  const { frostingButterCelsius: butter } = facts;
  return {
    'cake-temperature': facts.cakeCelsius,
    'room-temperature': facts.roomCelsius,
    'frosting-sugar': facts.frostingSugar,
    'frosting-gap': widest([butter, facts.frostingCheeseCelsius, facts.frostingSyrupCelsius]),
    'frosting-butter': butter,
    'frosting-liquid-fast': bit(facts.liquidAtOnce),
    'frosting-beating': facts.frostingMinutes,
    'soft-cheese': facts.softCheese === undefined && hasFrosting(facts) ? 0 : bit(facts.softCheese),
    'sugar-unsifted': not(facts.sugarSifted),
  };
}

/** What a bake is held against of which neither formula nor kind is known. */
export const USUAL_STYLE_ID = 'plain_quick_loaf';

/** What is known of a bake, as evidence for a style. */
export function signalsOf(facts: BakeFacts, style: Style): Signals {
  return {
    values: withoutUndefined({ ...inTheBowl(facts, style), ...inTheMaking(facts, style), ...inTheOven(facts, style), ...ofTheFrosting(facts) }),
    ...(facts.ovenErrorSpread !== undefined && { ovenSpread: facts.ovenErrorSpread }),
    ...(facts.weighed === false && { byCups: true }),
    ...(facts.swaps && { swaps: facts.swaps }),
  };
} // prettier-ignore
