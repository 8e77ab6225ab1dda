import { afterFix, found, MUFFINS, muffinsWith, textsOf } from './audit-fixtures.spec-help.js';

describe('saltKind', () => {
  it('asks which salt where a spoon of another kind would be tasted', () => {
    const text = muffinsWith(['3 g salt', '1 tsp salt']);
    const facts = found(text, 'salt-kind-unclear')?.facts;
    expect(Number(facts?.fine)).toBeGreaterThan(1.7 * Number(facts?.flakes));
    expect(textsOf(afterFix(text, 'salt-kind-unclear').formula)).toContain('1 tsp fine salt');
  });
  it('does not ask for a weight, a pinch or a kind that is said', () => {
    for (const salt of ['3 g salt', 'a pinch of salt', '1 tsp fine salt', '1 tsp kosher salt', '1/4 tsp salt'])
      expect(found(muffinsWith(['3 g salt', salt]), 'salt-kind-unclear'))
        .withContext(salt)
        .toBeUndefined();
  });
});

describe('cupRegion', () => {
  const bare =
    'Loaf\n2 cups flour\n1 cup sugar\n2 large eggs\n1 cup milk\n100 g butter\n10 g baking powder\nMix and bake at 180 C.';
  it('asks whose cup it is where no word tells', () => {
    const facts = found(bare, 'cup-region-unclear')?.facts;
    expect(facts?.least).toBeCloseTo(200, 0);
    expect(facts?.most).toBeCloseTo(250, 0);
  });
  it('does not ask where the words tell, or where there is no cup', () => {
    expect(found(bare.replace('2 cups flour', '2 cups all-purpose flour'), 'cup-region-unclear')).toBeUndefined();
    expect(found(MUFFINS, 'cup-region-unclear')).toBeUndefined();
  });
});
