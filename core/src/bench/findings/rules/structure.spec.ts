import { afterFix, found, MUFFINS, muffinsWith, textsOf } from './audit-fixtures.spec-help.js';

describe('carrying', () => {
  it('finds too little flour for the rest', () => {
    expect(
      found(muffinsWith(['130 g sugar', '330 g sugar'], ['220 g milk', '350 g milk']), 'flour-cannot-carry')?.facts
        .because,
    ).toBe('thin');
    expect(found(MUFFINS, 'flour-cannot-carry')).toBeUndefined();
  });
  it('finds more pieces than any crumb holds', () => {
    expect(found(muffinsWith(['3 g salt', '3 g salt\n480 g raisins']), 'flour-cannot-carry')?.facts.because).toBe(
      'laden',
    );
    expect(found(muffinsWith(['3 g salt', '3 g salt\n150 g raisins']), 'flour-cannot-carry')).toBeUndefined();
  });
});

describe('binder', () => {
  const free = muffinsWith(['250 g all-purpose flour', '250 g rice flour'], ['2 large eggs', '1 large egg']);
  it('finds flour without gluten and nothing that binds', () => {
    expect(found(free, 'no-gluten-no-binder')?.facts.share).toBe(100);
    expect(afterFix(free, 'no-gluten-no-binder').stillFound).toBeFalse();
  });
  it('lets egg, gum or wheat bind', () => {
    expect(found(free.replace('3 g salt', '3 g salt\n2 g xanthan gum'), 'no-gluten-no-binder')).toBeUndefined();
    expect(found(free.replace('1 large egg', '3 large eggs'), 'no-gluten-no-binder')).toBeUndefined();
    expect(found(MUFFINS, 'no-gluten-no-binder')).toBeUndefined();
  });
});

describe('wholeGrain', () => {
  const brown = muffinsWith(
    ['250 g all-purpose flour', '250 g whole wheat flour'],
    ['Makes 12', 'Makes 12\nStyle: muffin'],
  );
  it('says when bran makes a light style heavy, and halves it', () => {
    expect(found(brown, 'whole-grain-heavy')?.facts.percent).toBe(100);
    expect(afterFix(brown, 'whole-grain-heavy').stillFound).toBeFalse();
  });
  it('says nothing of a bread that is brown by nature', () => {
    expect(found(brown.replace('Style: muffin', 'Style: soda bread brown'), 'whole-grain-heavy')).toBeUndefined();
  });
});

describe('thirsty', () => {
  it('gives the water that cocoa, oats, bran or coconut will drink', () => {
    const text = muffinsWith(['3 g salt', '3 g salt\n60 g desiccated coconut'], ['220 g milk', '90 g milk']);
    expect(found(text, 'thirsty-ingredients')?.facts.grams).toBeCloseTo(60, 0);
    const { formula, stillFound } = afterFix(text, 'thirsty-ingredients');
    expect(stillFound).toBeFalse();
    expect(textsOf(formula).some((line) => /^(?:1\d\d|2\d\d) g milk/.test(line))).toBeTrue();
  });
  it('says nothing where there is water to spare', () => expect(found(MUFFINS, 'thirsty-ingredients')).toBeUndefined());
});
