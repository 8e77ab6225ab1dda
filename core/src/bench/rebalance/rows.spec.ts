import { mustBeStyle } from '../../batter/balance/must-be-style.spec-help.js';
import { batterOf, PUBLISHED_BATTERS } from '../../doors/samples/index.js';
import { leaveningLedger } from '../../batter/leavening/index.js';
import { bandQuantities, type WeighedPart } from '../../formula/formula/index.js';
import { bandRows } from './band-rows.js';
import { verdictsOf } from './index.js';

/* A row is the distance of a batter from one end of a band, in widths of that band: what a search goes by is what the Bench shows. */

const STYLE = mustBeStyle('muffin');
/** Fruit in it, ammonia that is all gas, hardly any soda: what a plain batter has not. */
const BATTERS: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  plain: { 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, 'whole-milk': 200, 'table-salt': 3, 'baking-powder': 10 },
  fruit: { 'all-purpose-flour': 250, 'granulated-sugar': 110, 'unsalted-butter': 60, egg: 100, 'whole-milk': 180, raisins: 150, 'table-salt': 3, 'baking-powder': 9 },
  ammonia: { 'all-purpose-flour': 300, 'granulated-sugar': 150, 'unsalted-butter': 90, egg: 50, 'whole-milk': 150, 'bakers-ammonia': 4, 'baking-soda': 2, buttermilk: 60 },
  'hardly any soda': { 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, 'whole-milk': 200, 'baking-soda': 0.4 },
}; // prettier-ignore
const along = (perGram: readonly number[], parts: readonly WeighedPart[]) =>
  parts.reduce((sum, { grams }, i) => sum + grams * (perGram[i] ?? 0), 0);

describe('a row of the program', () => {
  for (const [name, amounts] of Object.entries(BATTERS))
    it(`is the distance from an end of the band in its widths, for what flour carries and for gas: ${name}`, () => {
      const parts = batterOf(amounts);
      const verdicts = verdictsOf(parts, STYLE);
      const pH = verdicts.find(({ quantity }) => quantity === 'crumb-ph')?.value ?? NaN;
      const rows = bandRows(parts, STYLE, pH, 0);
      for (const { quantity, value, band } of verdicts) {
        if (quantity === 'crumb-ph') continue;
        const is = rows.filter((row) => row.quantity === quantity).map(({ perGram }) => along(perGram, parts));
        const width = band.high - band.low;
        const ends = [...(band.low > 0 ? [(value - band.low) / width] : []), (band.high - value) / width];
        // of flour in the dry and wet the row is in grams of flour, of which all there is makes the whole
        const share = quantity === 'flour' ? 100 / value : 1;
        expect(is.length).withContext(quantity).toBe(ends.length);
        for (const [i, end] of ends.entries())
          expect((is[i] ?? NaN) / share)
            .withContext(`${quantity} ${value} of ${band.low}–${band.high}`)
            .toBeCloseTo(end, 2);
      }
    });
  it('of the pH is nothing at that end, and in the way of the charges: acid below, soda above', () => {
    const parts = batterOf(BATTERS['plain'] ?? {});
    const pH = verdictsOf(parts, STYLE).find(({ quantity }) => quantity === 'crumb-ph')?.value ?? NaN;
    const at = (low: number, high: number, of = parts) =>
      bandRows(of, { ...STYLE, bands: { ...STYLE.bands, 'crumb-ph': { low, typical: low, high } } }, pH, 0)
        .filter(({ quantity }) => quantity === 'crumb-ph')
        .map(({ perGram }) => along(perGram, of));
    const [low = NaN, high = NaN] = at(pH, pH);
    expect(low).toBeCloseTo(0, 2);
    expect(high).toBeCloseTo(0, 2);
    const [above = NaN, below = NaN] = at(pH - 0.4, pH + 0.4);
    expect(Math.min(above, below)).toBeGreaterThan(0.02);
    // a gram of soda takes it away from the upper end, one of cream of tartar from the lower
    const more = (id: string) => at(pH - 0.4, pH + 0.4, [...parts, ...batterOf({ [id]: 1 })]);
    expect(more('baking-soda')[0]).toBeGreaterThan(above);
    expect(more('baking-soda')[1]).toBeLessThan(below);
    expect(more('cream-of-tartar')[0]).toBeLessThan(above);
    expect(more('cream-of-tartar')[1]).toBeGreaterThan(below);
    // twice the batter is no further away: a row is in shares of the flour
    const twice = at(pH - 0.4, pH + 0.4, parts.map((part) => ({ ...part, grams: 2 * part.grams }))); // prettier-ignore
    expect(twice[0]).toBeCloseTo(above, 6);
    expect(twice[1]).toBeCloseTo(below, 6);
  });
  it('is finite where there is nothing yet', () => {
    const none = batterOf({ 'all-purpose-flour': 250, egg: 50, 'baking-soda': 3 }).map((part) => ({ ...part, grams: 0 }));
    for (const { perGram } of bandRows(none, STYLE, 7)) expect(perGram.every(Number.isFinite)).toBeTrue();
  }); // prettier-ignore
});

describe('the verdicts of a search', () => {
  it('count the gas of ammonia, all of it, as the ledger does', () => {
    for (const batter of [...PUBLISHED_BATTERS.map((one) => one.batter), ...Object.values(BATTERS)]) {
      const parts = batterOf(batter);
      if (!bandQuantities(parts)) continue;
      const gas = verdictsOf(parts, STYLE).find(({ quantity }) => quantity === 'gas')?.value;
      expect(gas).toBeCloseTo(leaveningLedger(parts).gas.gramsPer100gFlour, 3);
    }
  });
});
