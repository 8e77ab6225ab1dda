import { auditFormula } from '../../audit/index.js';
import { PLAIN_KITCHEN } from '../../../kitchen/kitchen/index.js';
import { afterFix, found, MUFFINS } from './audit-fixtures.spec-help.js';

const times = (factor: number) =>
  MUFFINS.replace(/^(\d+(?:\.\d+)?) g/gm, (_, grams: string) => `${Number(grams) * factor} g`)
    .replace('2 large eggs', `${2 * factor} large eggs`)
    .replace('2 1/2 tsp', `${2.5 * factor} tsp`);

describe('bowl', () => {
  it('says in how many goes a batch is mixed that no bowl holds', () => {
    expect(found(times(8), 'bowl-too-small')?.facts.goes).toBeGreaterThanOrEqual(2);
    expect(found(times(1), 'bowl-too-small')).toBeUndefined();
  });
  it('goes by the baker’s own bowl and mixer', () => {
    const small = { ...PLAIN_KITCHEN, mixer: { bowlLitres: 1, mostFlourGrams: 1000 } };
    expect(found(times(1), 'bowl-too-small', small)?.facts.mixer).toBe('own');
    const weak = { ...PLAIN_KITCHEN, mixer: { bowlLitres: 40, mostFlourGrams: 400 } };
    expect(found(times(2), 'mixer-too-small', weak)?.facts.goes).toBe(2);
  });
});

describe('flourBasis', () => {
  const sheet = 'Scones\nflour 100%\nbutter 20%\nsugar 15%\nbaking powder 5%\nmilk 60%';
  it('says what bare percentages are counted for, and counts for another', () => {
    expect(found(sheet, 'flour-basis-assumed')?.facts.grams).toBe(1000);
    const { formula, stillFound } = afterFix(sheet, 'flour-basis-assumed');
    expect(stillFound).toBeFalse();
    expect(auditFormula(formula).totals.flour).toBeCloseTo(500, 6);
  });
});
