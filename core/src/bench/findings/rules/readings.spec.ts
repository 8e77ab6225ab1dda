import { afterFix, findings, found, MUFFINS, muffinsWith, textsOf } from './audit-fixtures.spec-help.js';

describe('readings', () => {
  it('finds nothing in a sound formula', () => expect(findings(MUFFINS)).toEqual([]));
  it('takes the measure instead, where measure and weight disagree', () => {
    const text = muffinsWith(['250 g all-purpose flour', '1 cup (250 g) all-purpose flour']);
    expect(found(text, 'amounts-disagree')?.severity).toBe('warning');
    const { formula, stillFound } = afterFix(text, 'amounts-disagree');
    expect(stillFound).toBeFalse();
    expect(formula.components[0]?.lines[0]?.grams).toBeCloseTo(125.4, 0);
  });
  it('lets two amounts stand that the way of filling explains', () => {
    expect(
      found(muffinsWith(['250 g all-purpose flour', '2 cups (270 g) all-purpose flour']), 'amounts-disagree'),
    ).toBeUndefined();
  });
  it('offers the nearest name for one that is unknown', () => {
    const text = muffinsWith(['220 g milk', '220 g mylk']);
    const finding = findings(text).find(({ fix }) => fix?.kind === 'tell-line');
    expect(finding?.place).not.toBe('');
  });
  it('says what is missing, and writes an egg size', () => {
    expect(found(muffinsWith(['130 g sugar', 'sugar']), 'amount-missing')?.facts.name).toBe('sugar');
    expect(textsOf(afterFix(muffinsWith(['2 large eggs', '2 eggs']), 'egg-size-assumed').formula)).toContain(
      '2 large eggs',
    );
  });
});
