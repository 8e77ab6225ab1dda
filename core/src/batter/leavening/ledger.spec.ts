import { batterOf as batter, PUBLISHED_BATTERS } from '../../doors/samples/index.js';
import { acidPerGram, leaveningLedger, MOLAR_MASS, PHASES, SODA_MEQ_PER_GRAM, GRAMS_PER_TEASPOON } from './index.js';

describe('leaveningLedger', () => {
  for (const one of PUBLISHED_BATTERS) {
    it(`agrees with the published figures of the ${one.name}`, () => {
      const ledger = leaveningLedger(batter(one.batter));
      expect(ledger.sodaMeq).toBeCloseTo(one.soda, 0.5);
      expect(Math.abs(ledger.foodAcidMeq - one.acid)).toBeLessThan(0.06);
      expect(Math.abs(ledger.gas.gramsPer100gFlour - one.gas)).toBeLessThan(0.006);
      expect(Math.abs(ledger.crumbPh.likely - one.ph)).toBeLessThan(0.02);
      expect(Math.abs(ledger.rawBatterPh - one.raw)).toBeLessThan(0.06);
      const left = ledger.sodaMeq === 0 ? 0 : (100 * ledger.leftoverSodaGrams * SODA_MEQ_PER_GRAM) / ledger.sodaMeq;
      expect(Math.abs(left - one.leftPercent)).toBeLessThan(0.6);
    });
    it(`holds the sampled spread of the ${one.name}'s pH, widened by the model's own ± 0.2`, () => {
      const { crumbPh } = leaveningLedger(batter(one.batter));
      // the published percentiles come from sampling, to one decimal
      expect(Math.abs(crumbPh.likely - crumbPh.low - Math.hypot(one.ph - one.low, 0.2))).toBeLessThan(0.1);
      expect(Math.abs(crumbPh.high - crumbPh.likely - Math.hypot(one.high - one.ph, 0.2))).toBeLessThan(0.1);
    });
  }

  /** Crumb pH of nine products as the trade writes them; recalled. @source leavening.md A.3 */
  const TYPICAL = {
    'pound cake': [6.6, 7.1], 'yellow cake': [6.7, 7.5], 'devil’s food': [7.5, 8.4], 'Dutch cocoa cake': [7.2, 7.6], 'fruit cake': [4.4, 5.4], biscuit: [6.6, 7.3],
    'soda bread': [7.2, 8.3], 'banana loaf': [7.3, 8.5], muffin: [6.6, 7.2],
  } as const; // prettier-ignore
  for (const [name, [low, high]] of Object.entries(TYPICAL))
    it(`puts the crumb of ${name} where the trade finds it, within the model’s own ± 0.2`, () => {
      const one = PUBLISHED_BATTERS.find((published) => published.name === name);
      const { crumbPh } = leaveningLedger(batter(one?.batter ?? {}));
      expect(crumbPh.likely).toBeGreaterThan(low - 0.2);
      expect(crumbPh.likely).toBeLessThan(high + 0.2);
    });

  it('turns all bicarbonate into gas when acid is in excess: 44/84 of the soda', () => {
    const { gas } = leaveningLedger(
      batter({ 'all-purpose-flour': 100, water: 100, 'white-vinegar': 60, 'baking-soda': 2 }),
    );
    expect(Math.abs(gas.grams - (2 * MOLAR_MASS.carbonDioxide) / MOLAR_MASS.soda)).toBeLessThan(0.03);
  });
  it('gives at most half of it by heat alone, where nothing is sour', () => {
    const { gas } = leaveningLedger(batter({ cornstarch: 100, water: 100, 'baking-soda': 4 }));
    expect(gas.grams).toBeLessThan((4 * MOLAR_MASS.carbonDioxide) / MOLAR_MASS.soda / 2 + 0.02);
    expect(gas.grams).toBeGreaterThan(0);
    expect(gas.mostPer100gFlour).toBeCloseTo(4 * 0.262, 1);
  });
  it('accounts for every millimole: the phases add up, and soda is either met or left', () => {
    for (const one of PUBLISHED_BATTERS) {
      const ledger = leaveningLedger(batter(one.batter));
      const sum = PHASES.reduce((total, phase) => total + ledger.gas.byPhase[phase], 0);
      expect(sum).toBeCloseTo(ledger.gas.millimoles, 6);
      expect((ledger.neutralisedSodaGrams + ledger.leftoverSodaGrams) * SODA_MEQ_PER_GRAM).toBeCloseTo(
        ledger.sodaMeq,
        6,
      );
    }
  });
  it('is linear in the size of the batch', () => {
    const once = leaveningLedger(batter(PUBLISHED_BATTERS[1].batter));
    const tripled = leaveningLedger(
      batter(PUBLISHED_BATTERS[1].batter).map((part) => ({ ...part, grams: part.grams * 3 })),
    );
    expect(tripled.leftoverSodaGrams).toBeCloseTo(once.leftoverSodaGrams * 3, 6);
    expect(tripled.gas.gramsPer100gFlour).toBeCloseTo(once.gas.gramsPer100gFlour, 6);
    expect(tripled.crumbPh.likely).toBeCloseTo(once.crumbPh.likely, 3);
  });
  it('raises the pH with every pinch of soda and lowers it with every spoon of vinegar', () => {
    const base = PUBLISHED_BATTERS[0].batter;
    let before = 0;
    for (const soda of [0.5, 1, 2, 4, 8]) {
      const { likely } = leaveningLedger(batter({ ...base, 'baking-soda': soda })).crumbPh;
      expect(likely).toBeGreaterThan(before);
      before = likely;
    }
    for (const vinegar of [5, 15, 45]) {
      const { likely } = leaveningLedger(batter({ ...base, 'baking-soda': 8, 'white-vinegar': vinegar })).crumbPh;
      expect(likely).toBeLessThan(before);
      before = likely;
    }
  });
  it('expands a self-raising flour into flour, soda and acid', () => {
    const raised = leaveningLedger(batter({ 'self-raising-flour': 100, 'whole-milk': 70 }));
    expect(raised.flourGrams).toBe(100);
    // a British self-raising flour gives at least 0.4 % of its weight in gas
    expect(raised.gas.gramsPer100gFlour).toBeGreaterThan(0.4);
    expect(raised.gas.gramsPer100gFlour).toBeLessThan(0.7);
  });
  it('frees both gases of baker’s ammonia and leaves no base behind', () => {
    const ledger = leaveningLedger(batter({ 'all-purpose-flour': 100, water: 20, 'bakers-ammonia': 2 }));
    expect(ledger.gas.millimoles).toBeCloseTo(2000 / MOLAR_MASS.ammoniumBicarbonate, 3);
    expect(ledger.leftoverSodaGrams).toBe(0);
  });
  it('is silent about an empty bowl', () => {
    const ledger = leaveningLedger([]);
    expect(ledger.gas.millimoles).toBe(0);
    expect(ledger.gas.gramsPer100gFlour).toBe(0);
  });
});

describe('acidPerGram', () => {
  /** Teaspoons of soda that a measure neutralises. @source leavening.md, table A.1 */
  const RULES = [
    { of: 'buttermilk', grams: 245, teaspoons: 0.328 },
    { of: 'plain-yogurt', grams: 245, teaspoons: 0.427 },
    { of: 'sour-cream', grams: 235, teaspoons: 0.251 },
    { of: 'white-vinegar', grams: 15, teaspoons: 0.216 },
    { of: 'lemon-juice', grams: 15.3, teaspoons: 0.204 },
    { of: 'molasses', grams: 337, teaspoons: 0.398 },
    { of: 'honey', grams: 340, teaspoons: 0.197 },
    { of: 'applesauce', grams: 122, teaspoons: 0.103 },
  ];
  for (const { of, grams, teaspoons } of RULES) {
    it(`lets ${grams} g of ${of} meet ${teaspoons} tsp of soda`, () => {
      const [part] = batter({ [of]: grams });
      const meq = part ? acidPerGram(part.ingredient, 'none') * grams : 0;
      expect(Math.abs(meq / SODA_MEQ_PER_GRAM / GRAMS_PER_TEASPOON.soda / teaspoons - 1)).toBeLessThan(0.03);
    });
  }
});
