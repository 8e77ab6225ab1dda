import fc from 'fast-check';
import { batterOf as batter, PUBLISHED_BATTERS } from '../../doors/samples/index.js';
import { INGREDIENTS } from '../../kitchen/ingredients/index.js';
import { mustBeIngredient } from '../../formula/formula/index.js';
import {
  ACID_GROUPS,
  acidPerGram,
  acidProfile,
  chargePerGram,
  crumbBalance,
  CRUMB_CO2_ATM,
  heldByWater,
  LEAVENERS,
  leaveningLedger,
  openBalance,
  rawBalance,
  settledPh,
} from './index.js';

const ADDED = ['baking-soda', 'white-vinegar', 'whole-milk', 'cream-of-tartar'] as const;

describe('the balance of charges', () => {
  const amounts = fc.record({
    base: fc.constantFrom(...PUBLISHED_BATTERS),
    'baking-soda': fc.double({ min: 0, max: 8, noNaN: true }),
    'white-vinegar': fc.double({ min: 0, max: 40, noNaN: true }),
    'whole-milk': fc.double({ min: 0, max: 200, noNaN: true }),
    'cream-of-tartar': fc.double({ min: 0, max: 8, noNaN: true }),
  });

  it('settles open amounts where the whole batter, weighed out, settles, and gives off the same gas', () => {
    fc.assert(
      fc.property(amounts, ({ base, ...added }) => {
        const parts = batter(base.batter);
        const open = openBalance(parts, ADDED.map(mustBeIngredient));
        const settled = open(ADDED.map((id) => added[id]));
        const whole = leaveningLedger([...parts, ...batter(added)]);
        expect(Math.abs(settled.pH - whole.crumbPh.likely)).toBeLessThan(0.005);
        expect(Math.abs(settled.gasMillimoles - whole.gas.millimoles)).toBeLessThan(0.1);
      }),
      { numRuns: 60 },
    );
  });

  it('is nought where the crumb settles: what the parts bring is what the water holds', () => {
    for (const { name, batter: grams } of PUBLISHED_BATTERS) {
      const parts = batter(grams);
      const balance = crumbBalance(parts);
      const pH = settledPh(balance, CRUMB_CO2_ATM);
      // a crumb with less carbonate than its water would hold is another case
      const held = heldByWater(pH);
      const water = parts.reduce((sum, part) => sum + part.grams * part.ingredient.composition.water, 0);
      if (water * held.millimoles > balance.bicarbonate) continue;
      const brought = parts.reduce((sum, part) => sum + part.grams * chargePerGram(part, pH), 0);
      expect(Math.abs(brought - water * (held.charge - held.ions)))
        .withContext(name)
        .toBeLessThan(0.05);
    }
  });

  it('falls as the pH rises, raw and baked, and spreads more with less known', () => {
    for (const { batter: grams } of PUBLISHED_BATTERS) {
      for (const balance of [rawBalance(batter(grams)), crumbBalance(batter(grams))]) {
        const residuals = [4, 5, 6, 7, 8, 9].map((pH) => balance.residual(pH, CRUMB_CO2_ATM));
        expect([...residuals].sort((a, b) => b - a)).toEqual(residuals);
      }
      const unknown = crumbBalance(batter(grams)).spread(7, CRUMB_CO2_ATM, 1);
      const weighed = crumbBalance(batter(grams).map((part) => ({ ...part, massSpread: 0.001 })));
      expect(weighed.spread(7, CRUMB_CO2_ATM, 1)).toBeLessThanOrEqual(unknown * 1.01);
    }
  });

  it('holds carbon as the constants of water at 25 °C have it: pH 6.15 is half acid, half bicarbonate', () => {
    // Henry 0.033 mol/l/atm at 0.012 atm; 0.9 of the water stays
    const dissolved = 0.9 * 0.033 * 0.012;
    expect(heldByWater(6.15).millimoles).toBeCloseTo(2 * dissolved, 6);
    expect(heldByWater(6.15).charge).toBeCloseTo(dissolved, 6);
    expect(heldByWater(6.9).ions).toBeCloseTo(0, 12);
    expect(heldByWater(2).ions).toBeCloseTo(0.9 * 0.01, 6);
    expect(heldByWater(11).ions).toBeCloseTo(-0.9 * 10 ** -2.8, 6);
  });

  it('never settles outside 2 to 11.5, whatever is in the bowl', () => {
    expect(leaveningLedger(batter({ 'citric-acid': 500, water: 10 })).crumbPh.likely).toBeGreaterThanOrEqual(2);
    expect(leaveningLedger(batter({ 'baking-soda': 500, water: 10 })).crumbPh.likely).toBeLessThanOrEqual(11.5);
  });
});

describe('the acid of a food', () => {
  it('is nought at the pH it has by itself, and more the further a base takes it', () => {
    for (const id of ['buttermilk', 'honey', 'banana', 'all-purpose-flour', 'molasses']) {
      const ingredient = mustBeIngredient(id);
      const at = (pH: number) => acidPerGram(ingredient, 'mashed', pH);
      const { nativePh } = acidProfile(ingredient);
      expect(Math.abs(at(nativePh)))
        .withContext(id)
        .toBeLessThan(0.0002);
      expect(at(nativePh + 1))
        .withContext(id)
        .toBeGreaterThan(at(nativePh));
      expect(at(8)).withContext(id).toBeGreaterThan(at(7));
    }
  });

  it('is as strong as its own titration says, in the groups of what it is like', () => {
    for (const id of ['buttermilk', 'honey', 'molasses', 'egg-white']) {
      const usual = mustBeIngredient(id);
      const twice = { ...usual, id: `own ${id}`, acidMeqPerGram: 2 * usual.acidMeqPerGram };
      const same = { ...usual, id: `same ${id}` };
      expect(acidProfile(same)).toEqual(acidProfile(usual));
      acidProfile(twice).groups.forEach(([pKa, amount], i) => {
        const [likePKa = 0, likeAmount = 0] = acidProfile(usual).groups[i] ?? [];
        expect(pKa).toBe(likePKa);
        expect(amount / likeAmount)
          .withContext(id)
          .toBeCloseTo(2, 9);
      });
      // sour where the other is alkaline: its groups are of no use
      const other = { ...usual, id: `other ${id}`, acidMeqPerGram: -usual.acidMeqPerGram };
      expect(acidProfile(other).source).withContext(id).toBe('titratable-acidity');
    }
  });

  it('known only by titration is titrated from its own pH, or from far enough off neutral to have room', () => {
    const like = mustBeIngredient('buttermilk');
    const own = (acidMeqPerGram: number, nativePh: number) =>
      acidProfile({ ...like, id: 'own', behavesAs: 'own', acidMeqPerGram, nativePh });
    expect(own(0.1, 4).nativePh).toBe(4);
    expect(own(0.1, 6.9).nativePh).toBeCloseTo(6.4, 9);
    expect(own(-0.1, 9).nativePh).toBe(9);
    expect(own(-0.1, 7.1).nativePh).toBeCloseTo(7.6, 9);
    // three equal groups at a sixth, a half and five sixths of the way
    expect(own(0.1, 4).groups.map(([pKa]) => pKa)).toEqual([4.5, 5.5, 6.5]);
    expect(new Set(own(0.1, 4).groups.map(([, amount]) => amount)).size).toBe(1);
  });

  it('of what is neither sour nor alkaline is none', () => {
    const neutral = INGREDIENTS.filter(
      ({ id, behavesAs, acidMeqPerGram }) => acidMeqPerGram === 0 && !(behavesAs in ACID_GROUPS) && !(id in LEAVENERS),
    );
    expect(neutral.length).toBeGreaterThan(5);
    for (const ingredient of neutral) {
      expect(acidProfile(ingredient).groups).toEqual([]);
      expect(acidProfile(ingredient).source).toBe('none');
    }
  });

  it('of a leavener is none: its acids are counted with its soda', () => {
    expect(acidPerGram(mustBeIngredient('baking-powder'), 'none')).toBe(0);
    expect(acidPerGram(mustBeIngredient('cream-of-tartar'), 'none')).toBe(0);
    // a flour that carries its raising agents is flour besides
    expect(acidPerGram(mustBeIngredient('self-raising-flour'), 'none')).toBeGreaterThan(0);
  });
});

describe('what a ledger names', () => {
  it('is what weighs: sour foods by strength, bases by strength, sodas by strength, and no traces', () => {
    const ledger = leaveningLedger(
      batter({
        'all-purpose-flour': 200,
        honey: 50,
        buttermilk: 240,
        'egg-white': 90,
        'vanilla-extract': 1,
        'aluminium-free-baking-powder': 4,
        'baking-soda': 3,
      }),
    );
    expect(ledger.foodAcids.map(({ ingredient }) => ingredient.id)).toEqual([
      'buttermilk',
      'all-purpose-flour',
      'honey',
    ]);
    expect(ledger.foodBases.map(({ ingredient }) => ingredient.id)).toEqual(['egg-white']);
    expect(ledger.sodas.map(({ ingredient }) => ingredient.id)).toEqual([
      'baking-soda',
      'aluminium-free-baking-powder',
    ]);
    const named = [...ledger.foodAcids, ...ledger.foodBases].reduce((sum, { meq }) => sum + meq, 0);
    expect(Math.abs(named - ledger.foodAcidMeq)).toBeLessThan(0.2);
    expect(ledger.acidMeq).toBeCloseTo(ledger.foodAcidMeq + ledger.leaveningAcidMeq, 9);
    expect(ledger.uses.map(({ acid }) => acid)[0]).toBe('food');
    for (const { usedMeq, availableMeq } of ledger.uses) expect(usedMeq).toBeLessThanOrEqual(availableMeq + 1e-9);
    expect(ledger.leftoverAcidMeq).toBeCloseTo(
      ledger.uses.reduce((sum, { availableMeq, usedMeq }) => sum + availableMeq - usedMeq, 0),
      9,
    );
  });

  it('leaves as much soda as nothing meets, and room for as much as nothing takes', () => {
    const over = leaveningLedger(batter({ 'all-purpose-flour': 200, 'baking-soda': 5, water: 100 }));
    expect(over.sodaBalanceGrams.likely).toBeCloseTo(over.leftoverSodaGrams, 6);
    expect(over.sodaBalanceGrams.low).toBeLessThan(over.sodaBalanceGrams.likely);
    expect(over.sodaBalanceGrams.high - over.sodaBalanceGrams.likely).toBeCloseTo(
      over.sodaBalanceGrams.likely - over.sodaBalanceGrams.low,
      9,
    );
    const under = leaveningLedger(batter({ 'all-purpose-flour': 200, buttermilk: 240, 'baking-soda': 1 }));
    expect(under.leftoverSodaGrams).toBe(0);
    expect(under.sodaBalanceGrams.likely).toBeLessThan(0);
  });

  it('puts gas where its acid works: soda and buttermilk at once, a slow powder in the oven', () => {
    const share = (ids: Readonly<Record<string, number>>) => {
      const { gas } = leaveningLedger(batter({ 'all-purpose-flour': 200, water: 120, ...ids }));
      return (gas.byPhase.mixing + gas.byPhase.waiting) / gas.millimoles;
    };
    expect(share({ 'white-vinegar': 40, 'baking-soda': 2 })).toBeGreaterThan(0.6);
    expect(share({ 'aluminium-free-baking-powder': 8 })).toBeLessThan(0.6);
    expect(share({ 'bakers-ammonia': 2 })).toBeLessThan(0.1);
  });
});
