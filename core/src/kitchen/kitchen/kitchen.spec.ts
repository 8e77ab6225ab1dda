import { forget, heatingMinutes, learn, mergedKitchens, PLAIN_KITCHEN } from './index.js';
import { pantryOf, unitsOf, weighedCup } from '../equipment/index.js';

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
  it('keeps what the same measure weighed before, and begins anew with another', () => {
    const flour = pantryOf(PLAIN_KITCHEN).byId('bread-flour');
    if (!flour) throw new Error('no flour');
    const cup = (kitchen: typeof PLAIN_KITCHEN, grams: number, unitId = 'cup') =>
      learn.weighed(kitchen, { ingredientId: 'bread-flour', unitId, region: 'UK', grams });
    const once = cup(PLAIN_KITCHEN, 150);
    // who weighed it once has said what it weighs
    expect(weighedCup(once, flour)?.grams).toBe(150);
    const thrice = cup(cup(once, 148), 152);
    expect(thrice.weighed.length).toBe(1);
    expect(weighedCup(thrice, flour)?.weighings).toBe(3);
    expect(weighedCup(thrice, flour)?.grams).toBeGreaterThan(140);
    expect(weighedCup(thrice, flour)?.grams).toBeLessThan(150.1);
    expect(cup(thrice, 9, 'tablespoon').weighed).toEqual([{ ingredientId: 'bread-flour', unitId: 'tablespoon', region: 'UK', grams: 9 }]); // prettier-ignore
  });
  it('holds weighings of packed sugar against packed sugar, and keeps no more of them than tell something', () => {
    const sugar = pantryOf(PLAIN_KITCHEN).byId('light-brown-sugar');
    if (!sugar) throw new Error('no sugar');
    const packed = (sugar.gramsPerMillilitre.packed ?? 0) * 236.588;
    const weighings = Array.from({ length: 60 }, () => packed);
    const kitchen = weighings.reduce((now, grams) => learn.weighed(now, { ingredientId: sugar.id, unitId: 'cup', region: 'US', grams }), PLAIN_KITCHEN); // prettier-ignore
    // exactly what the table says of a packed cup: nothing to be drawn to
    expect(weighedCup(kitchen, sugar)?.grams).toBeCloseTo(packed, 1);
    expect(kitchen.weighed[0]?.again?.length).toBeLessThanOrEqual(50);
  });
  it('heats as bakes have told, else as the baker says', () => {
    const oven = { readings: [], heatsInMinutes: 12 };
    expect(heatingMinutes(PLAIN_KITCHEN)).toBeUndefined();
    expect(heatingMinutes({ ...PLAIN_KITCHEN, oven })).toBe(12);
    expect(heatingMinutes({ ...PLAIN_KITCHEN, oven, routine: { heating: { minutesTo180: 19, spread: 0.1, timed: 3 } } })).toBe(19); // prettier-ignore
  });
  it('forgets what it is told to, and only that', () => {
    expect(forget.name(taught, 'our flour')).toEqual({ ...taught, names: [] });
    expect(forget.measure(taught, "Gran's cup")).toEqual({ ...taught, measures: [] });
  });
});

describe('mergedKitchens', () => {
  const kitchen = learn.measure({ ...PLAIN_KITCHEN, filling: 'scooped' }, "Gran's cup", 210);
  const brought = learn.weighed(learn.measure(learn.measure({ ...PLAIN_KITCHEN, filling: 'sifted' }, "gran's cup", 180), 'mug', 300), {
    ingredientId: 'baking-soda', unitId: 'teaspoon', region: 'UK', grams: 5.1,
  }); // prettier-ignore
  it('lets the own word stand and adds what is new', () => {
    const both = mergedKitchens(kitchen, brought);
    expect(both.filling).toBe('scooped');
    expect(both.measures.map(({ name, millilitres }) => [name, millilitres])).toEqual([["Gran's cup", 210], ['mug', 300]]); // prettier-ignore
    expect(both.weighed.length).toBe(1);
  });
  it('changes nothing when there is nothing new, and takes all when there was nothing', () => {
    expect(mergedKitchens(kitchen, PLAIN_KITCHEN)).toEqual(kitchen);
    expect(mergedKitchens(PLAIN_KITCHEN, kitchen)).toEqual(kitchen);
    expect(mergedKitchens(kitchen, kitchen)).toEqual(kitchen);
  });
});

describe('what adapting learns', () => {
  it('keeps bands, prices and the cupboard, replaces by name, and forgets', () => {
    const style = { id: 'muffin', name: 'muffin', basedOn: 'muffin', bands: {} };
    const price = { ingredientId: 'egg', packGrams: 600, price: 2 };
    let kitchen = learn.inCupboard(learn.price(learn.style(PLAIN_KITCHEN, style), price), 'egg');
    kitchen = learn.price(learn.inCupboard(kitchen, 'egg'), { ...price, price: 3 });
    expect(kitchen.prices).toEqual([{ ...price, price: 3 }]);
    expect(kitchen.cupboard).toEqual(['egg']);
    const emptied = forget.inCupboard(forget.price(forget.style(kitchen, 'muffin'), 'egg'), 'egg');
    expect([emptied.styles, emptied.prices, emptied.cupboard]).toEqual([[], [], []]);
  });
  it('is merged so that what the baker knows stands', () => {
    const own = learn.price(
      { ...PLAIN_KITCHEN, place: { celsius: 18, metresAboveSea: 40 } },
      { ingredientId: 'egg', packGrams: 600, price: 2 },
    );
    const brought = learn.price(
      { ...PLAIN_KITCHEN, place: { celsius: 30, metresAboveSea: 0 } },
      { ingredientId: 'egg', packGrams: 600, price: 9 },
    );
    const merged = mergedKitchens(own, learn.inCupboard(brought, 'oat-milk'));
    expect(merged.place?.celsius).toBe(18);
    expect(merged.prices?.[0]?.price).toBe(2);
    expect(merged.cupboard).toEqual(['oat-milk']);
  });
});
