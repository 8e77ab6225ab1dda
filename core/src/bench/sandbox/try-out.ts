import { crumbTextureOf } from '../../batter/crumb-texture/index.js';
import { judgeAgainst, measuredWith, type BandVerdict, type Style } from '../../batter/balance/index.js';
import { bandQuantities, mustBeIngredient, type WeighedPart } from '../../formula/formula/index.js';
import { roleOf, type Ingredient } from '../../kitchen/ingredients/index.js';
import type { Place } from '../../kitchen/kitchen/index.js';
import { behaviourOf, liftOf, waitingOf, type BatterBehaviour } from '../../batter/rising/index.js';
import { isFreeLeavener } from '../../batter/leavening-methods/index.js';
import { leaveningLedger } from '../../batter/leavening/index.js';

/** What a learner can turn. Grams for leaveners and the added acid, times what is there for the rest, a share for whole grain. */
export interface Knobs {
  readonly sodaGrams: number;
  readonly powderGrams: number;
  /** Vinegar beside what is sour already, g. */
  readonly acidGrams: number;
  readonly liquid: number;
  readonly fat: number;
  readonly sugar: number;
  readonly egg: number;
  /** Share of the white wheat flour that is wholemeal, 0–1. */
  readonly wholeGrain: number;
  /** The fat goes in melted: no air is creamed into it. */
  readonly melted: boolean;
  /** Minutes the batter waits. */
  readonly waitMinutes: number;
}

/** What a bake cut in half looks like: shares and ramps for a drawing. An ordering, not a measurement. */
export interface Section {
  /** Height at the side over that of the style's usual bake. */
  readonly side: number;
  /** Height in the middle over the same; below `side` it has sunk. */
  readonly middle: number;
  /** 0 fine and even … 1 large holes. */
  readonly openness: number;
  /** Tall narrow holes of overworked lean batter, 0–1. */
  readonly tunnels: number;
  /** Crust, 0 pale … 1 black. */
  readonly crust: number;
  /** A dense wet line at the foot, 0–1. */
  readonly gummy: number;
  /** 0 falls apart … 1 tough. */
  readonly toughness: number;
}

export interface TriedOut {
  readonly parts: readonly WeighedPart[];
  readonly verdicts: readonly BandVerdict[];
  readonly crumbPh: number;
  readonly crumbPhLow: number;
  readonly crumbPhHigh: number;
  readonly gasGramsPer100gFlour: number;
  readonly leftoverSodaGrams: number;
  readonly usableGasShare: number;
  readonly specificVolume: number;
  readonly sinkingRisk: number;
  readonly moistness: number;
  readonly tenderness: number;
  readonly section: Section;
}

const WHITE: ReadonlySet<string> = new Set(['all-purpose-flour', 'bread-flour', 'cake-flour', 'pastry-flour']);
const LIQUIDS: ReadonlySet<string> = new Set(['dairy', 'cultured dairy', 'plant milk', 'liquid']);
const isPowder = ({ behavesAs }: Ingredient) => behavesAs.includes('baking-powder');
const gramsOf = (parts: readonly WeighedPart[], test: (ingredient: Ingredient) => boolean) =>
  parts.reduce((sum, { ingredient, grams }) => sum + (test(ingredient) ? grams : 0), 0);

/** The knobs as a batter stands. */
export function knobsOf(parts: readonly WeighedPart[]): Knobs {
  const white = gramsOf(parts, ({ behavesAs }) => WHITE.has(behavesAs));
  const whole = gramsOf(parts, ({ behavesAs }) => behavesAs === 'whole-wheat-flour');
  return {
    sodaGrams: gramsOf(parts, (ingredient) => isFreeLeavener(ingredient) && !isPowder(ingredient)),
    powderGrams: gramsOf(parts, (ingredient) => isFreeLeavener(ingredient) && isPowder(ingredient)),
    acidGrams: 0,
    liquid: 1,
    fat: 1,
    sugar: 1,
    egg: 1,
    wholeGrain: white + whole > 0 ? whole / (white + whole) : 0,
    melted: false,
    waitMinutes: 0,
  };
}

/** The batter with its knobs turned. Flour of a mix keeps its sum. */
export function turned(parts: readonly WeighedPart[], knobs: Knobs, powder: Ingredient): readonly WeighedPart[] {
  const part = (ingredient: Ingredient, grams: number): WeighedPart => ({ ingredient, grams, preparation: 'none' });
  const wheat = gramsOf(parts, ({ behavesAs }) => WHITE.has(behavesAs) || behavesAs === 'whole-wheat-flour');
  const white = gramsOf(parts, ({ behavesAs }) => WHITE.has(behavesAs));
  const whiteShare = white > 0 ? ((1 - knobs.wholeGrain) * wheat) / white : 0;
  const kept = parts.flatMap((weighedPart): readonly WeighedPart[] => {
    const { ingredient, grams } = weighedPart;
    if (isFreeLeavener(ingredient) || ingredient.behavesAs === 'whole-wheat-flour') return [];
    if (WHITE.has(ingredient.behavesAs)) return [{ ...weighedPart, grams: grams * whiteShare }];
    if (roleOf(ingredient).egg > 0) return [{ ...weighedPart, grams: grams * knobs.egg }];
    if (ingredient.category === 'fat') return [{ ...weighedPart, grams: grams * knobs.fat }];
    if (ingredient.category === 'sugar' || ingredient.category === 'syrup')
      return [{ ...weighedPart, grams: grams * knobs.sugar }];
    if (LIQUIDS.has(ingredient.category) && ingredient.composition.water > 0.6)
      return [{ ...weighedPart, grams: grams * knobs.liquid }];
    return [weighedPart];
  });
  const whole = white > 0 ? knobs.wholeGrain * wheat : wheat;
  return [
    ...kept,
    part(mustBeIngredient('whole-wheat-flour'), whole),
    part(mustBeIngredient('baking-soda'), knobs.sodaGrams),
    part(powder, knobs.powderGrams),
    part(mustBeIngredient('white-vinegar'), knobs.acidGrams),
  ].filter(({ grams }) => grams > 0);
}

const clamp = (value: number, low = 0, high = 1) => Math.min(high, Math.max(low, value));
/** Air that stirring alone leaves in a batter, ml/g. */
const STIRRED_AIR = 0.1;
/** What makes a crust dark, by rule of thumb: alkali, sugar, milk and syrups. Judged for order only. */
const CRUST = { usual: 0.5, perPh: 0.12, perSugar: 0.3, perMilk: 0.6 } as const;

/**
 * A batter with its knobs turned: readings as everywhere else, and a section of the bake drawn from them.
 * @param usual the style's usual volume is 1 in the section
 */
export function tryOut(
  parts: readonly WeighedPart[],
  style: Style,
  knobs: Knobs,
  powder: Ingredient,
  place: Place,
): TriedOut {
  const batter = turned(parts, knobs, powder);
  const ledger = leaveningLedger(batter);
  const styled = behaviourOf(style.basedOn);
  const behaviour: BatterBehaviour = knobs.melted
    ? { ...styled, creamed: false, air: Math.min(styled.air, STIRRED_AIR) }
    : styled;
  const waiting = waitingOf(ledger.gas.byPhase, behaviour.viscosity, place.celsius);
  const usableShare = waiting.usableShare(knobs.waitMinutes);
  const usual = { sugar: style.bands.sugar.typical, fat: style.bands.fat.typical, egg: style.bands.egg.typical };
  const lift = liftOf(batter, ledger, behaviour, usual, waiting.usableMillimoles * usableShare, place.metresAboveSea);
  const quantities = bandQuantities(batter);
  const forces = crumbTextureOf(batter);
  const verdicts = quantities ? judgeAgainst(style, measuredWith(quantities, ledger)) : [];
  return {
    parts: batter,
    verdicts,
    crumbPh: ledger.crumbPh.likely,
    crumbPhLow: ledger.crumbPh.low,
    crumbPhHigh: ledger.crumbPh.high,
    gasGramsPer100gFlour: ledger.gas.gramsPer100gFlour,
    leftoverSodaGrams: ledger.leftoverSodaGrams,
    usableGasShare: usableShare,
    specificVolume: lift.specificVolume,
    sinkingRisk: lift.sinkingRisk,
    moistness: forces.moistness,
    tenderness: forces.tenderness,
    section: sectionOf(
      style,
      verdicts,
      lift.specificVolume,
      lift.sinkingRisk,
      ledger.crumbPh.likely,
      forces.tenderness,
      milkShare(batter),
    ),
  };
}

const milkShare = (parts: readonly WeighedPart[]) => {
  const all = gramsOf(parts, () => true);
  return all > 0 ? gramsOf(parts, ({ category }) => category === 'dairy' || category === 'syrup') / all : 0;
};

/** How far a quantity stands past an end of its band, in widths of it; 0 inside. */
function past(verdicts: readonly BandVerdict[], quantity: BandVerdict['quantity']): number {
  const verdict = verdicts.find((verdict) => verdict.quantity === quantity);
  if (!verdict) return 0;
  const { value, band } = verdict;
  const width = Math.max(band.high - band.low, 1e-6);
  return value > band.high ? (value - band.high) / width : value < band.low ? (value - band.low) / width : 0;
}

function sectionOf(
  style: Style,
  verdicts: readonly BandVerdict[],
  specificVolume: number,
  sinkingRisk: number,
  ph: number,
  tenderness: number,
  milk: number,
): Section {
  const rise = specificVolume / style.specificVolume.typical;
  const wet = past(verdicts, 'water');
  const sweet = past(verdicts, 'sugar');
  const gas = past(verdicts, 'gas');
  const egg = past(verdicts, 'egg');
  const sunk = clamp(sinkingRisk + 0.35 * Math.max(0, wet) + 0.3 * Math.max(0, sweet) - 0.2 * Math.max(0, egg));
  const dome = 0.2 * clamp(1 - 0.5 * Math.max(0, wet) - 0.4 * Math.max(0, sweet) + 0.4 * Math.max(0, -wet), 0.1, 1.4);
  const sugar = verdicts.find(({ quantity }) => quantity === 'sugar');
  const sugarRatio = sugar && sugar.band.typical > 0 ? sugar.value / sugar.band.typical - 1 : 0;
  const usualPh = style.bands['crumb-ph'].typical;
  return {
    side: clamp(rise * 0.92, 0.25, 1.6),
    middle: clamp(rise * (0.92 + dome) - 0.75 * sunk, 0.15, 1.9),
    openness: clamp(0.3 + 0.5 * gas + 0.12 * (ph - usualPh) + 0.15 * wet),
    tunnels: clamp(-0.5 * past(verdicts, 'fat') - 0.5 * sweet + (tenderness < 0.35 ? 0.35 : 0)),
    crust: clamp(
      CRUST.usual + CRUST.perPh * (ph - usualPh) + CRUST.perSugar * sugarRatio + CRUST.perMilk * (milk - 0.15),
    ),
    gummy: clamp(0.9 * Math.max(0, wet) + 0.6 * sinkingRisk - 0.1),
    toughness: clamp(0.62 - 0.35 * tenderness + 0.2 * Math.max(0, egg)),
  };
}
