import { forget, learn, mergedKitchens, pantryOf, PLAIN_KITCHEN, unitsOf } from './index.js';

describe('Kitchen', () => {
  const taught = learn.measure(learn.name(PLAIN_KITCHEN, 'our flour', 'bread-flour'), "Gran's cup", 210);
  it('reads a taught word and a taught measure, whatever the case', () => {
    const match = pantryOf(taught).match('Our Flour', 'UK');
    expect(match.kind === 'matched' && match.ingredient.id).toBe('bread-flour');
    expect(unitsOf(taught).startOf("gran's cup of milk")?.unit.kind).toBe('volume');
    expect(unitsOf(PLAIN_KITCHEN).startOf("gran's cup of milk")).toBeUndefined();
  });
  it('learns anew instead of twice', () => {
    const again = learn.measure(learn.name(taught, 'OUR FLOUR', 'cake-flour'), "gran's cup", 200);
    expect(again.names).toEqual([{ words: 'OUR FLOUR', ingredientId: 'cake-flour' }]);
    expect(again.measures).toEqual([{ name: "gran's cup", millilitres: 200 }]);
  });
  it('forgets what it is told to, and only that', () => {
    expect(forget.name(taught, 'our flour')).toEqual({ ...taught, names: [] });
    expect(forget.measure(taught, "Gran's cup")).toEqual({ ...taught, measures: [] });
  });
});

describe('mergedKitchens', () => {
  const own = learn.measure({ ...PLAIN_KITCHEN, filling: 'scooped' }, "Gran's cup", 210);
  const brought = learn.weighed(learn.measure(learn.measure({ ...PLAIN_KITCHEN, filling: 'sifted' }, "gran's cup", 180), 'mug', 300), {
    ingredientId: 'baking-soda', unitId: 'teaspoon', region: 'UK', grams: 5.1,
  }); // prettier-ignore
  it('lets the own word stand and adds what is new', () => {
    const both = mergedKitchens(own, brought);
    expect(both.filling).toBe('scooped');
    expect(both.measures.map(({ name, millilitres }) => [name, millilitres])).toEqual([["Gran's cup", 210], ['mug', 300]]); // prettier-ignore
    expect(both.weighed.length).toBe(1);
  });
  it('changes nothing when there is nothing new, and takes all when there was nothing', () => {
    expect(mergedKitchens(own, PLAIN_KITCHEN)).toEqual(own);
    expect(mergedKitchens(PLAIN_KITCHEN, own)).toEqual(own);
    expect(mergedKitchens(own, own)).toEqual(own);
  });
});
