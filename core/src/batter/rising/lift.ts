import { functionalTotals, type WeighedPart } from '../../formula/formula/index.js';
import { isInclusion, roleOf } from '../../kitchen/ingredients/index.js';
import { airAt, saturationPascals } from '../../ground/steam/index.js';
import type { BatterBehaviour } from './batter-behaviour.js';
import type { Ledger } from '../leavening/index.js';

/** What the style usually holds, percent of flour: what the structure of a batter is compared with. */
export interface UsualShares {
  readonly sugar: number;
  readonly fat: number;
  readonly egg: number;
}

/**
 * How far a batter lifts. Good for ordering two batters of one style, not for millilitres: retention and capacity were set to land on
 * typical volumes, and a crumb without eggs is not judged at all.
 */
export interface Lift {
  /** Millilitres of gas in a gram when the crumb sets. */
  readonly gasMillilitresPerGram: number;
  /** What a gram can carry before it gives way. */
  readonly carriesMillilitresPerGram: number;
  /** Specific volume, ml/g, sinking counted by its odds. */
  readonly specificVolume: number;
  /** 0–1, the odds of sinking by a rule of our own. */
  readonly sinkingRisk: number;
  readonly setsAtCelsius: number;
  /** Where the volume of gas at set comes from; shares of 1. */
  readonly shares: Readonly<Record<'carbonDioxide' | 'air' | 'heat' | 'steam', number>>;
}

const SOLID_FAT = /butter|margarine|shortening|lard|spread|suet|dripping|ghee/;
const BATTER_GRAMS_PER_MILLILITRE = 1.25;
const BAKED_SHARE = 0.9;
const GAS_CONSTANT = 8.314;
const MIXED_AT_KELVIN = 295;
const EGG_SOLIDS = 0.24;

/** @source leavening.md 1.4: a heuristic, clipped; weak evidence */
function structureIndex(parts: readonly WeighedPart[], usual: UsualShares): number {
  const { flour, fat, sugar, eggSolids } = functionalTotals(parts);
  if (!(flour > 0)) return 1;
  const gluten = parts.reduce((sum, { ingredient, grams }) => {
    const wheat = ingredient.category === 'flour' || ingredient.category === 'whole-grain flour';
    return sum + (wheat ? roleOf(ingredient).flour * ingredient.composition.protein * grams : 0);
  }, 0);
  const build = (gluten / 0.105 + 0.25 * (flour - gluten / 0.105)) / flour + (1.6 * eggSolids) / flour;
  const weak = (0.25 * fat + 0.18 * sugar) / flour;
  const usualBuild = 1 + (1.6 * EGG_SOLIDS * usual.egg) / 100;
  const usualWeak = (0.25 * usual.fat + 0.18 * usual.sugar) / 100;
  return Math.min(1.3, Math.max(0.65, (build / usualBuild) ** 0.6 * ((1 + usualWeak) / (1 + weak)) ** 0.8));
}

/**
 * Lift of a batter that goes into the oven with so much usable gas.
 * @param usableMillimoles carbon dioxide that is still there, of `waitingOf`
 * @source leavening.md 1.4
 */
export function liftOf(
  parts: readonly WeighedPart[],
  ledger: Pick<Ledger, 'gas' | 'flourGrams'>,
  behaviour: BatterBehaviour,
  usual: UsualShares,
  usableMillimoles: number,
  metresAboveSea = 0,
): Lift {
  // what lies in pieces rises with nothing and holds nothing
  const batter = parts.filter(({ ingredient, preparation }) => !isInclusion(ingredient, preparation));
  const total = functionalTotals(batter);
  const mass = Math.max(total.grams, 1e-9);
  const water = batter.reduce((sum, { ingredient, grams }) => sum + grams * ingredient.composition.water, 0);
  const sweet = total.sugar / Math.max(total.sugar + water, 1e-9);
  const outside = airAt(metresAboveSea);
  const pressure = outside.pressurePascals / 1000;
  const setsAt = Math.min(78 + 22 * sweet, outside.boilingCelsius - 2.5);
  const waterActivity = Math.max(0.85, 1 - 0.22 * sweet ** 2);
  const kelvin = setsAt + 273.15;

  const tooLate = ledger.gas.byPhase.above80 * Math.min(0.8, Math.max(0, (95 - setsAt) / 20));
  const carbonDioxide = Math.max(0, usableMillimoles - tooLate);
  const solidFat = batter.reduce(
    (sum, { ingredient, grams }) => sum + (SOLID_FAT.test(ingredient.behavesAs) ? grams : 0),
    0,
  );
  const held = behaviour.creamed ? 0.4 + 0.6 * Math.min(1, solidFat / Math.max(0.35 * ledger.flourGrams, 1e-9)) : 1;
  const airMillilitres = behaviour.air * held * mass;
  const air = (pressure * airMillilitres) / (GAS_CONSTANT * MIXED_AT_KELVIN);
  const dryPressure = Math.max(8, pressure - (waterActivity * saturationPascals(setsAt)) / 1000);
  const millilitres = (millimoles: number, kiloPascals: number, temperature: number) =>
    (millimoles * GAS_CONSTANT * temperature) / kiloPascals;
  const gas = millilitres(carbonDioxide + air, dryPressure, kelvin);
  const dry = millilitres(carbonDioxide + air, pressure, kelvin);
  const cold = millilitres(carbonDioxide + air, pressure, MIXED_AT_KELVIN);

  const gasMillilitresPerGram = gas / mass;
  const carries = behaviour.carriesMillilitresPerGram * structureIndex(batter, usual);
  const load = gasMillilitresPerGram / carries;
  const keeps = (1.06 * behaviour.retention) / (1 + load ** 6) ** (1 / 6);
  const holding = (mass / BATTER_GRAMS_PER_MILLILITRE + keeps * gas) / (BAKED_SHARE * mass);
  const sinkingRisk = 1 / (1 + Math.exp(-9 * (load - 1.1)));
  const share = (part: number) => (gas > 0 ? part / gas : 0);
  return {
    gasMillilitresPerGram,
    carriesMillilitresPerGram: carries,
    specificVolume: holding * (1 - 0.35 * sinkingRisk),
    sinkingRisk,
    setsAtCelsius: setsAt,
    shares: {
      carbonDioxide: share(millilitres(carbonDioxide, pressure, MIXED_AT_KELVIN)),
      air: share(airMillilitres),
      heat: share(dry - cold),
      steam: share(gas - dry),
    },
  };
}
