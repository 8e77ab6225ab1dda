import fc from 'fast-check';
import { mustBeIngredient } from '../../formula/formula/index.js';
import { batterOf } from '../../doors/samples/index.js';
import { NUTRIENTS, nutritionOf, sodiumMilligrams } from './index.js';

const MUFFIN = batterOf({
  'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, 'whole-milk': 220, 'table-salt': 3, 'baking-powder': 11.5,
}); // prettier-ignore

describe('nutritionOf', () => {
  it('counts energy as a label does: a muffin of this kind is near 210 kcal', () => {
    // flour 889, sugar 520, butter 622, egg 143, milk 139 and powder 13 kcal by food tables: 2326 in all
    const { perPortion } = nutritionOf(MUFFIN, 12);
    expect(Math.abs(perPortion.energy.likely * 12 - 2326)).toBeLessThan(0.04 * 2326);
  });
  it('says salt as sodium × 2.5, and knows what soda brings: 274 mg a gram', () => {
    const soda = [{ ingredient: mustBeIngredient('baking-soda'), grams: 1, preparation: 'none' as const }];
    expect(sodiumMilligrams(soda)).toBeCloseTo(273.7, -0.5);
    const { perPortion } = nutritionOf(MUFFIN, 12);
    expect(perPortion.salt.likely).toBeCloseTo((2.5 * perPortion.sodium.likely) / 1000, 6);
  });
  it('keeps what water does not carry away: a portion is the same before and after the bake', () => {
    const facts = nutritionOf(MUFFIN, 12);
    for (const nutrient of NUTRIENTS) {
      const raw = (facts.per100gRaw[nutrient].likely * facts.grams) / 100;
      const baked = (facts.per100gBaked[nutrient].likely * facts.bakedGrams.likely) / 100;
      expect(baked).toBeCloseTo(raw, 6);
      expect(facts.perPortion[nutrient].likely * 12).toBeCloseTo(raw, 6);
    }
  });
  it('grows with the batch and not with the portion count', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 40, noNaN: true }), fc.integer({ min: 1, max: 80 }), (times, portions) => {
        const one = nutritionOf(MUFFIN, portions);
        const more = nutritionOf(
          MUFFIN.map((part) => ({ ...part, grams: part.grams * times })),
          portions,
        );
        for (const nutrient of NUTRIENTS) {
          expect(more.perPortion[nutrient].likely).toBeCloseTo(times * one.perPortion[nutrient].likely, 5);
          expect(more.per100gRaw[nutrient].likely).toBeCloseTo(one.per100gRaw[nutrient].likely, 6);
          expect(one.perPortion[nutrient].low).toBeLessThanOrEqual(one.perPortion[nutrient].likely);
          expect(one.perPortion[nutrient].likely).toBeLessThanOrEqual(one.perPortion[nutrient].high);
        }
      }),
      { numRuns: 40 },
    );
  });
  it('costs what the packs say, and names what has no price', () => {
    const prices = [
      { ingredientId: 'all-purpose-flour', packGrams: 1500, price: 1.2 },
      { ingredientId: 'unsalted-butter', packGrams: 250, price: 2.5 },
    ];
    const { cost } = nutritionOf(MUFFIN, 10, prices);
    expect(cost.whole).toBeCloseTo(250 * (1.2 / 1500) + 85 * (2.5 / 250), 9);
    expect(cost.perPortion).toBeCloseTo(cost.whole / 10, 9);
    expect(cost.unpriced.map(({ id }) => id)).toContain('egg');
    expect(cost.unpriced.map(({ id }) => id)).not.toContain('all-purpose-flour');
  });
});
