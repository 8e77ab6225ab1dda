import { batterOf } from '../../doors/samples/index.js';
import { functionalTotals } from '../../formula/formula/index.js';
import { perGramIn, type PerGram } from './index.js';

describe('perGramIn', () => {
  const parts = batterOf({
    'all-purpose-flour': 200,
    'granulated-sugar': 150,
    'unsalted-butter': 100,
    egg: 100,
    'whole-milk': 120,
    'table-salt': 2,
    'baking-soda': 4,
  });
  const perGram = perGramIn(parts);
  const sum = (of: keyof PerGram) => parts.reduce((total, part) => total + part.grams * perGram(part)[of], 0);

  it('adds up to what the whole batter holds', () => {
    const totals = functionalTotals(parts);
    expect(sum('flour')).toBeCloseTo(totals.flour, 9);
    expect(sum('water')).toBeCloseTo(totals.water, 9);
    expect(sum('fat')).toBeCloseTo(totals.fat, 9);
    expect(sum('sugar')).toBeCloseTo(totals.sugar, 9);
    expect(sum('eggSolids')).toBeCloseTo(totals.eggSolids, 9);
    expect(sum('salt')).toBeCloseTo(totals.salt, 9);
    expect(sum('thirst')).toBeCloseTo(totals.thirst, 9);
  });
  it('counts a gram of pure soda as 11.9 millimoles of bicarbonate, and flour as none', () => {
    const soda = parts.find(({ ingredient }) => ingredient.id === 'baking-soda');
    const flour = parts.find(({ ingredient }) => ingredient.id === 'all-purpose-flour');
    // 1000 / 84.007 g/mol
    expect(soda && perGram(soda).bicarbonate).toBeCloseTo(11.9, 1);
    expect(flour && perGram(flour).bicarbonate).toBe(0);
  });
});
