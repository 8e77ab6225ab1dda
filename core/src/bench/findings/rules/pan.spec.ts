import { afterFix, findings, found, MUFFINS, muffinsWith } from './audit-fixtures.spec-help.js';

const into = (pan: string) => muffinsWith(['in a 12-cup muffin tin', `in a ${pan}`]);

describe('panSize', () => {
  it('asks for the size and offers the usual one of the region', () => {
    expect(found(into('loaf pan'), 'pan-without-size')?.facts.shape).toBe('loaf');
    expect(afterFix(into('loaf pan'), 'pan-without-size').formula.bake.pan).toBe('9x5 inch loaf pan');
  });
  it('says which pans cannot be simulated', () => {
    expect(found(into('10 inch pie dish'), 'pan-not-built')).toBeDefined();
    for (const text of [MUFFINS, into('10 inch bundt pan')]) expect(found(text, 'pan-not-built')).toBeUndefined();
  });
});

describe('panFit', () => {
  it('finds batter that cannot fit, and a pan of the shape that holds it', () => {
    const text = into('12 cm round tin, 5 cm deep');
    expect(Number(found(text, 'pan-too-small')?.facts.fillPercent)).toBeGreaterThan(90);
    expect(afterFix(text, 'pan-too-small').stillFound).toBeFalse();
  });
  it('asks whether a tin is a deep one, where nobody says and only that would hold the batter', () => {
    const text =
      'Regatta madeira\n175 g butter\n175 g caster sugar\n3 medium eggs\n250 g self-raising flour\n45 ml milk\nCream butter and sugar, beat in the eggs, fold in flour and milk. Bake in an 18 cm round tin at 180C for 40 minutes.';
    expect(found(text, 'pan-too-small')?.severity).toBe('note');
    const { formula, stillFound } = afterFix(text, 'pan-too-small');
    expect(formula.bake.pan).toBe('18 cm deep round tin');
    expect(stillFound).toBeFalse();
  });
  it('asks so of a loaf tin too, which is measured at its rim or at its base', () => {
    const text =
      'Regatta drizzle loaf\n215 g butter\n215 g caster sugar\n4 medium eggs\n215 g self-raising flour\nCream butter and sugar, beat in the eggs, fold in the flour. Bake in a loaf tin (8 x 21 cm) at 180C for 45 minutes.';
    expect(found(text, 'pan-too-small')?.severity).toBe('note');
    expect(found(text.replace('8 x 21 cm', '8 x 21 x 6 cm'), 'pan-too-small')?.severity).toBe('warning');
  });
  it('finds batter that lies lost', () => {
    expect(found(into('40 x 30 x 5 cm tin'), 'pan-too-large')).toBeDefined();
    expect(findings(into('20 cm square tin, 5 cm deep')).filter(({ code }) => code.startsWith('pan-'))).toEqual([]);
  });
});
