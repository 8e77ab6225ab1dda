import { auditFormula } from '../../audit/index.js';
import { afterFix, found, muffinsWith, textsOf } from './audit-fixtures.spec-help.js';

describe('leavening', () => {
  it('finds soda with nothing sour, and puts powder in its place that lifts the batter', () => {
    const text = muffinsWith(['2 1/2 tsp baking powder', '1 tsp baking soda']);
    expect(found(text, 'soda-without-acid')?.severity).toBe('warning');
    const { formula, stillFound } = afterFix(text, 'soda-without-acid');
    expect(stillFound).toBeFalse();
    expect(textsOf(formula).at(-1)).toMatch(/tsp baking powder$/);
    expect(auditFormula(formula).verdicts.find(({ quantity }) => quantity === 'gas')?.verdict).toBe('within');
  });
  it('finds soda left over, and takes off what is too much', () => {
    const text = muffinsWith(['220 g milk', '220 g buttermilk'], ['2 1/2 tsp baking powder', '1 1/2 tsp baking soda']);
    expect(Number(found(text, 'soda-left-over')?.facts.percent)).toBeGreaterThan(0.3);
    expect(afterFix(text, 'soda-left-over').stillFound).toBeFalse();
  });
  it('finds no leavening at all, and a leavener without amount', () => {
    expect(found(muffinsWith(['2 1/2 tsp baking powder\n', '']), 'leavening-missing')).toBeDefined();
    const text = muffinsWith(['2 1/2 tsp baking powder', 'baking powder']);
    expect(found(text, 'leavener-without-amount')?.severity).toBe('error');
    expect(found(text, 'leavening-missing')).toBeUndefined();
    const { formula } = afterFix(text, 'leavener-without-amount');
    expect(auditFormula(formula).verdicts.find(({ quantity }) => quantity === 'gas')?.verdict).toBe('within');
  });
  it('finds acid that nothing meets', () => {
    const text = muffinsWith(['220 g milk', '160 g milk\n60 g lemon juice']);
    expect(found(text, 'acid-left-over')?.facts.sour).toContain('lemon juice');
    expect(afterFix(text, 'acid-left-over').stillFound).toBeFalse();
  });
  it('finds gas beyond what the style lives on, both ways, and corrects the powder', () => {
    const much = muffinsWith(['2 1/2 tsp baking powder', '3 tbsp baking powder']);
    expect(found(much, 'gas-above-band')?.severity).toBe('warning');
    expect(afterFix(much, 'gas-above-band').stillFound).toBeFalse();
    const little = muffinsWith(['2 1/2 tsp baking powder', '1/4 tsp baking powder']);
    expect(afterFix(little, 'gas-below-band').stillFound).toBeFalse();
  });
});
