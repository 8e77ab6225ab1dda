import { functionalTotals, type WeighedPart } from '../../formula/formula/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import { EIGHT_IN_TEN } from '../../ground/numerics/index.js';
import type { Range } from '../../ground/verdict/index.js';
import {
  acidPerGram,
  chargeSpread,
  CRUMB_CO2_ATM,
  crumbBalance,
  crumbPhRange,
  RAW_BATTER_CO2_ATM,
  rawBalance,
  settledPh,
  sodaGrams,
} from './charge-balance.js';
import { acidProfile } from './acid-groups.js';
import {
  ACIDS, AMMONIUM_PHASES, bicarbonatePerGram, FOOD_ACID_PHASES, LATE_PHASES, LEAVENERS, LEAVENING_ACIDS, MOLAR_MASS, PHASES, type LeaveningAcidId, type Phase, type PhaseShares,
} from './leaveners.js'; // prettier-ignore

/** An ingredient that faces the soda: sour (positive) or alkaline (negative). */
export interface AcidSource {
  readonly ingredient: Ingredient;
  readonly grams: number;
  /** Acid to pH 7 that reaches the batter, meq. */
  readonly meq: number;
  /** Whether its own acid groups are known, or only its titratable acidity. */
  readonly source: 'groups' | 'titratable-acidity' | 'none';
}

export interface SodaSource {
  readonly ingredient: Ingredient;
  readonly grams: number;
  /** Bicarbonate it brings, meq. */
  readonly meq: number;
}

/** How much of an acid the soda used, in the order in which the acids get it. */
export interface AcidUse {
  readonly acid: 'food' | LeaveningAcidId;
  readonly availableMeq: number;
  readonly usedMeq: number;
}

export interface Ledger {
  readonly flourGrams: number;
  readonly foodAcids: readonly AcidSource[];
  /** Food that takes acid itself: egg white, Dutch-processed cocoa. */
  readonly foodBases: readonly AcidSource[];
  readonly sodas: readonly SodaSource[];
  readonly foodAcidMeq: number;
  readonly leaveningAcidMeq: number;
  /** All acid that could meet soda: food to pH 7 and the acids of powders. */
  readonly acidMeq: number;
  /** Bicarbonate of all leaveners. */
  readonly sodaMeq: number;
  readonly uses: readonly AcidUse[];
  readonly neutralisedSodaGrams: number;
  readonly leftoverSodaGrams: number;
  readonly leftoverAcidMeq: number;
  /** Soda less what the acids could meet, grams of soda: above zero it is left over, below there is room for so much more. */
  readonly sodaBalanceGrams: Range;
  readonly gas: {
    readonly millimoles: number;
    readonly grams: number;
    /** Grams of carbon dioxide per 100 g flour; 0 without flour. */
    readonly gramsPer100gFlour: number;
    /** The same, were half the carbon of all soda that no acid met driven out by the heat, which is all that heat can do. */
    readonly mostPer100gFlour: number;
    /** Millimoles released in each phase; they add up to `millimoles`. */
    readonly byPhase: Readonly<Record<Phase, number>>;
  };
  readonly crumbPh: Range;
  readonly rawBatterPh: number;
}

/** Share of its carbon that bicarbonate gives to the heat alone. @source leavening.md 1.2: 0.262 of 0.524 g for a gram of soda */
const DRIVEN_OUT_AT_MOST = 0.5;

/** Food acids smaller than this are not worth a name in the ledger, meq. */
const WORTH_NAMING_MEQ = 0.15;

/**
 * Sets the acids of a batter against its soda: what meets, what is left over, how much gas comes when, and the pH of the crumb.
 * Soda goes to the fastest acid first. Linear in the size of the batch.
 * @source leavening.md 1.2
 */
export function leaveningLedger(parts: readonly WeighedPart[]): Ledger {
  const flourGrams = functionalTotals(parts).flour;
  const sources: AcidSource[] = [];
  const sodas: SodaSource[] = [];
  const leaveningAcids = new Map<LeaveningAcidId, number>();
  let food = 0;
  let ammonium = 0;
  let variance = 0;
  for (const part of parts) {
    const { ingredient, grams, preparation } = part;
    const leavener = LEAVENERS[ingredient.behavesAs];
    const meq = acidPerGram(ingredient, preparation) * grams;
    food += meq;
    if (Math.abs(meq) > WORTH_NAMING_MEQ)
      sources.push({ ingredient, grams, meq, source: acidProfile(ingredient).source });
    let net = -meq;
    if (leavener) {
      ammonium += (1000 * leavener.ammoniumBicarbonate * grams) / MOLAR_MASS.ammoniumBicarbonate;
      const bicarbonate = bicarbonatePerGram(leavener) * grams;
      if (bicarbonate > 0) sodas.push({ ingredient, grams, meq: bicarbonate });
      net += bicarbonate;
      for (const id of LEAVENING_ACIDS) {
        const share = leavener.acids[id];
        if (share === undefined) continue;
        const acid = (grams * share * ACIDS[id].neutralisingValue * 10) / MOLAR_MASS.soda;
        net -= acid;
        leaveningAcids.set(id, (leaveningAcids.get(id) ?? 0) + acid);
      }
    }
    variance += (chargeSpread(part) * net) ** 2;
  }
  const foodAcidMeq = Math.max(0, food);
  const sodaMeq = sodas.reduce((sum, soda) => sum + soda.meq, 0);

  let left = sodaMeq;
  const use = (acid: AcidUse['acid'], availableMeq: number): AcidUse => {
    const usedMeq = Math.min(left, availableMeq);
    left -= usedMeq;
    return { acid, availableMeq, usedMeq };
  };
  const uses = [
    use('food', foodAcidMeq),
    ...LEAVENING_ACIDS.filter((id) => leaveningAcids.has(id)).map((id) => use(id, leaveningAcids.get(id) ?? 0)),
  ];
  const neutralised = sodaMeq - left;
  const leaveningAcidMeq = [...leaveningAcids.values()].reduce((sum, meq) => sum + meq, 0);

  const baked = crumbBalance(parts);
  const crumbPh = crumbPhRange(baked);
  const givenOff = Math.max(0, sodaMeq - baked.carbonateAt(crumbPh.likely, CRUMB_CO2_ATM));
  const byPhase = gasByPhase(uses, neutralised, givenOff, ammonium);
  const millimoles = givenOff + ammonium;
  const grams = (millimoles * MOLAR_MASS.carbonDioxide) / 1000;
  const mostMillimoles = Math.max(givenOff, neutralised + DRIVEN_OUT_AT_MOST * left) + ammonium;
  const inFlour = (mmol: number) => (flourGrams > 0 ? (mmol * MOLAR_MASS.carbonDioxide) / (10 * flourGrams) : 0);
  return {
    flourGrams,
    foodAcids: sources.filter((source) => source.meq > 0).sort((a, b) => b.meq - a.meq),
    foodBases: sources.filter((source) => source.meq < 0).sort((a, b) => a.meq - b.meq),
    sodas: sodas.sort((a, b) => b.meq - a.meq),
    foodAcidMeq,
    leaveningAcidMeq,
    acidMeq: foodAcidMeq + leaveningAcidMeq,
    sodaMeq,
    uses,
    neutralisedSodaGrams: sodaGrams(neutralised),
    leftoverSodaGrams: sodaGrams(left),
    leftoverAcidMeq: foodAcidMeq + leaveningAcidMeq - neutralised,
    sodaBalanceGrams: aroundIn(sodaGrams(sodaMeq - foodAcidMeq - leaveningAcidMeq), sodaGrams(Math.sqrt(variance))),
    gas: {
      millimoles,
      grams,
      gramsPer100gFlour: inFlour(millimoles),
      mostPer100gFlour: inFlour(mostMillimoles),
      byPhase,
    },
    crumbPh,
    rawBatterPh: settledPh(rawBalance(parts), RAW_BATTER_CO2_ATM),
  };
}

const aroundIn = (likely: number, deviation: number): Range => ({
  low: likely - EIGHT_IN_TEN * deviation,
  likely,
  high: likely + EIGHT_IN_TEN * deviation,
});

/** Millimoles by phase: each acid releases at its own pace what it neutralised, heat drives out the rest. */
function gasByPhase(
  uses: readonly AcidUse[],
  neutralised: number,
  givenOff: number,
  ammonium: number,
): Record<Phase, number> {
  const phases: Record<Phase, number> = { mixing: 0, waiting: 0, under60: 0, to80: 0, above80: 0 };
  const add = (amount: number, shares: PhaseShares) =>
    PHASES.forEach((phase, i) => (phases[phase] += amount * (shares[i] ?? 0)));
  const released = neutralised > 0 ? Math.min(1, givenOff / neutralised) : 1; // a little stays dissolved even when acid suffices
  for (const { acid, usedMeq } of uses)
    add(usedMeq * released, acid === 'food' ? FOOD_ACID_PHASES : ACIDS[acid].phases);
  add(Math.max(0, givenOff - neutralised), LATE_PHASES);
  add(ammonium, AMMONIUM_PHASES);
  return phases;
}
