import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import type { Formula } from '../formula/index.js';
import { withPartsOfTheMethod } from './after-the-bake.js';

const LINES = ['150 g butter', '150 g caster sugar', '3 eggs', '200 g self-raising flour', '1 tsp baking powder', '100 g icing sugar', '2 tbsp lemon juice']; // prettier-ignore
const formulaOf = (steps: readonly string[], lines: readonly string[] = LINES): Formula => ({
  title: 'Loaf',
  region: 'UK',
  components: [{ id: 'c1', name: 'Batter', lines: lines.map((text, i) => ({ id: `l${i + 1}`, text })) }],
  steps: steps.map((text, i) => ({ id: `s${i + 1}`, text })),
  bake: { fan: false },
});
const partsOf = (steps: readonly string[], lines?: readonly string[]) =>
  withPartsOfTheMethod(formulaOf(steps, lines), PLAIN_KITCHEN).components.map(({ name, lines: of }) => [name, of.map(({ text }) => text)]); // prettier-ignore

const MIXED = 'Cream the butter and sugar, beat in the eggs, fold in the flour and baking powder.';
const BAKED = 'Bake at 180 °C for 40 minutes.';

describe('what goes on after the bake', () => {
  it('is a part of its own, called as the steps call it', () => {
    expect(partsOf([MIXED, BAKED, 'Mix the icing sugar and lemon juice and drizzle over the cake.'])).toEqual([
      ['Batter', LINES.slice(0, 5)],
      ['Drizzle', LINES.slice(5)],
    ]);
  });
  it('is told in one paragraph as in several', () => {
    const told = [`${MIXED} ${BAKED} When cold, ice with the icing sugar mixed with the lemon juice.`];
    expect(partsOf(told).map(([name]) => name)).toEqual(['Batter', 'Icing']);
  });
  it('is not what went into the batter too', () => {
    const both = [`${MIXED.slice(0, -1)} and lemon juice.`, BAKED, 'Mix the icing sugar with a little lemon juice.'];
    expect(partsOf(both)[1]).toEqual(['Topping', ['100 g icing sugar']]);
  });
  it('is never flour, leavening or egg, wherever the step stands', () => {
    const late = ['Cream the butter and sugar.', BAKED, 'I forgot: fold in the flour, eggs and baking powder first!'];
    expect(partsOf(late, LINES.slice(0, 5))).toEqual([['Batter', LINES.slice(0, 5)]]);
  });
  it('is not told by a method that only reminds, nor by one that ends with the bake', () => {
    expect(partsOf([BAKED, 'Ice with the icing sugar and lemon juice.'])).toEqual([['Batter', LINES]]);
    expect(partsOf([MIXED, 'Mix icing sugar and lemon juice for later.', BAKED])).toEqual([['Batter', LINES]]);
  });
  it('is the jam and cream of a sandwich cake too, said or not, but not what is swirled in', () => {
    const lines = ['200 g butter', '200 g caster sugar', '4 eggs', '200 g self-raising flour', '170 g jam', '150 ml double cream']; // prettier-ignore
    const parts = (title: string, step: string) => withPartsOfTheMethod({ ...formulaOf([step], lines), title }, PLAIN_KITCHEN).components.map(({ name, lines: of }) => [name, of.length]); // prettier-ignore
    expect(parts('Jam sponge', BAKED)).toEqual([['Batter', 4], ['Filling', 2]]); // prettier-ignore
    expect(parts('Jam sponge', `Fold in the jam. ${BAKED}`)).toEqual([['Batter', 5], ['Filling', 1]]); // prettier-ignore
    expect(parts('Jam sponge', `${BAKED} Whisk the cream and sandwich the cakes with it and the jam.`)).toEqual([['Batter', 4], ['Filling', 2]]); // prettier-ignore
    expect(parts('Jam loaf', BAKED)).toEqual([['Batter', 6]]);
  });
  it('is not another sugar than the one that is named', () => {
    const lines = ['150 g butter', '150 g sugar', '3 eggs', '200 g self-raising flour'];
    expect(partsOf(['Beat the butter, eggs and flour.', BAKED, 'Dust with icing sugar.'], lines)).toEqual([['Batter', lines]]); // prettier-ignore
  });
});
