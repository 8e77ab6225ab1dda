import { afterFix, findings, found, muffinsWith } from './audit-fixtures.spec-help.js';

const bakeAt = (words: string) => muffinsWith(['at 200 °C', `at ${words}`]);

describe('temperatures', () => {
  it('lets every common way to say one oven stand', () => {
    for (const words of [
      '350F/180C',
      '180 °C (350 °F)',
      '180C/160C fan/gas 4',
      '180 °C (fan 160 °C)',
      'gas mark 4 (180°C)',
      '200C or 180C fan',
      '425°F/220°C',
    ])
      expect(findings(bakeAt(words)).map(({ code }) => code))
        .withContext(words)
        .not.toContain('temperatures-disagree');
  });
  it('finds Celsius and Fahrenheit that are not the same, and puts the second right', () => {
    const text = bakeAt('180 °C (400 °F)');
    expect(found(text, 'temperatures-disagree')?.facts.apart).toBe(24);
    const { formula, stillFound } = afterFix(text, 'temperatures-disagree');
    expect(stillFound).toBeFalse();
    expect(formula.steps.at(-1)?.text).toContain('180 °C (355 °F)');
  });
  it('finds a fan figure that is not 15 to 25 °C below', () => {
    expect(found(bakeAt('180 °C (fan 180 °C)'), 'fan-not-below')?.facts.below).toBe(0);
    expect(found(bakeAt('200C/160C fan'), 'fan-not-below')?.facts.below).toBe(40);
    expect(found(bakeAt('200C/180C fan'), 'fan-not-below')).toBeUndefined();
    expect(afterFix(bakeAt('200C/160C fan'), 'fan-not-below').formula.steps.at(-1)?.text).toContain('200C/180C fan');
  });
  it('takes a hotter start for what it is', () => {
    const text = muffinsWith([
      'Bake in a 12-cup muffin tin at 200 °C for 18 to 20 minutes.',
      'Bake for 10 min at 220 °C, then 10 min at 160 °C fan.',
    ]);
    expect(findings(text).filter(({ code }) => code === 'temperatures-disagree' || code === 'fan-not-below')).toEqual(
      [],
    );
  });
});
