import type { MixingFamily } from '../../batch/bowl/index.js';
import { ingredientById, type Ingredient } from '../../kitchen/ingredients/index.js';
import { EMPTY_BOWL, mixPhaseOf, withPoured, type MixPhase } from './index.js';

const of = (...ids: readonly string[]): readonly Ingredient[] =>
  ids.map((id) => {
    const ingredient = ingredientById(id);
    if (!ingredient) throw new Error(id);
    return ingredient;
  });
const FLOUR = ['all-purpose-flour', 'baking-powder'] as const;

/** A method as it is taught: what each act takes, and what a baker calls it. */
interface Taught {
  readonly family: MixingFamily;
  readonly acts: readonly (readonly [words: string, takes: readonly string[], phase: MixPhase | undefined])[];
  readonly together?: number;
}
const METHODS: readonly Taught[] = [
  {
    family: 'creaming',
    acts: [
      ['Cream the butter and sugar', ['unsalted-butter', 'granulated-sugar'], 'cream'],
      ['Beat in the eggs one by one', ['egg'], 'eggs'],
      ['Fold in the flour', FLOUR, 'combine'],
      ['Fold in the raisins', ['raisins'], 'fold'],
    ],
  },
  {
    family: 'muffin',
    together: 2,
    acts: [
      ['Whisk the dry things', [...FLOUR, 'granulated-sugar'], 'dry'],
      ['Whisk milk, eggs and oil', ['whole-milk', 'egg', 'sunflower-oil'], 'wet'],
      ['Fold wet into dry', [], 'combine'],
    ],
  },
  {
    family: 'rub-in',
    acts: [
      ['Rub the butter into the flour', [...FLOUR, 'unsalted-butter'], 'rub'],
      ['Stir in the buttermilk', ['buttermilk'], 'combine'],
    ],
  },
  {
    family: 'whisked',
    acts: [
      ['Whisk eggs and sugar until thick', ['egg', 'granulated-sugar'], 'whisk'],
      ['Fold in the flour', FLOUR, 'combine'],
    ],
  },
  {
    family: 'melt',
    acts: [
      ['Melt the butter and treacle', ['unsalted-butter', 'granulated-sugar'], 'melt'],
      ['Stir in milk and egg', ['whole-milk', 'egg'], 'wet'],
      ['Stir in the flour', FLOUR, 'combine'],
    ],
  },
  {
    family: 'paste',
    acts: [
      ['Work the butter into flour and sugar', [...FLOUR, 'granulated-sugar', 'unsalted-butter'], 'paste'],
      ['Beat in milk and eggs', ['whole-milk', 'egg'], 'combine'],
    ],
  },
];

describe('what an act of mixing is', () => {
  for (const { family, acts, together = -1 } of METHODS)
    it(`follows the method as it is taught: ${family}`, () => {
      let before = EMPTY_BOWL;
      for (const [i, [words, ids, phase]] of acts.entries()) {
        const takes = of(...ids);
        expect(mixPhaseOf({ family, words, before, takes, apart: together > i }))
          .withContext(words)
          .toBe(phase);
        before = withPoured(before, takes);
      }
    });
  it('is none where nothing is mixed', () => {
    const mixed = withPoured(EMPTY_BOWL, of(...FLOUR, 'whole-milk'));
    const act = { family: 'muffin' as const, before: mixed, takes: [], apart: false };
    expect(mixPhaseOf({ ...act, words: 'Scrape into the tin' })).toBeUndefined();
    expect(mixPhaseOf({ ...act, words: 'Shape into a round', before: EMPTY_BOWL })).toBeUndefined();
  });
  it('knows a bowl by what it holds, whatever the order', () => {
    const one = withPoured(withPoured(EMPTY_BOWL, of('egg')), of('all-purpose-flour'));
    const other = withPoured(withPoured(EMPTY_BOWL, of('all-purpose-flour')), of('egg'));
    expect(one).toEqual(other);
    expect(one).toEqual({ flour: true, wet: true, fat: false, sugar: false, egg: true });
  });
});
