import fc from 'fast-check';
import { styleById } from '../../batter/balance/index.js';
import { mustBeIngredient } from '../../formula/formula/index.js';
import { ingredientById } from '../../kitchen/ingredients/index.js';
import type { OpenLine } from '../rebalance/index.js';
import { batterOf } from '../../doors/samples/index.js';
import {
  alternativesFor,
  DIETS,
  forbids,
  RESIDUALS,
  SWAP_NOTE_CODES,
  SWAP_WAYS,
  swapLine,
  type Swapped,
} from './index.js';

/** Notes that no way bears: what is swapped, and how much of it, says them. */
const SAID_BY_AMOUNT: ReadonlySet<string> = new Set(['more-than-two-eggs', 'only-brushes', 'only-soaks']);

const linesOf = (amounts: Readonly<Record<string, number>>): OpenLine[] =>
  batterOf(amounts).map((part) => ({ id: part.ingredient.id, part, locked: false }));
const wayOf = (id: string) => {
  const way = SWAP_WAYS.find((swapWay) => swapWay.id === id);
  if (!way) throw new Error(`no way ${id}`);
  return way;
};
const swapped = (amounts: Readonly<Record<string, number>>, lineId: string, way: string, share?: number): Swapped => {
  const done = swapLine(linesOf(amounts), lineId, wayOf(way), share);
  if (!done) throw new Error(`${way} did not solve`);
  return done;
};
const gramsOf = ({ lines }: Swapped, id: string) =>
  lines.filter(({ ingredient }) => ingredient.id === id).reduce((sum, { after }) => sum + after, 0);

const MUFFIN = { 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, 'whole-milk': 220, 'table-salt': 3, 'aluminium-free-baking-powder': 11.5 }; // prettier-ignore
const BUTTERMILK_MUFFIN = { 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, buttermilk: 245, 'table-salt': 3, 'baking-soda': 2.4, 'aluminium-free-baking-powder': 4.6, blueberries: 150 }; // prettier-ignore
const YELLOW = { 'cake-flour': 220, 'granulated-sugar': 220, 'unsalted-butter': 150, egg: 150, 'whole-milk': 160, 'table-salt': 3, 'aluminium-free-baking-powder': 9.2 }; // prettier-ignore
const DEVILS = { 'all-purpose-flour': 220, 'granulated-sugar': 350, 'natural-cocoa': 60, 'vegetable-oil': 110, egg: 100, buttermilk: 240, water: 230, 'table-salt': 5, 'baking-soda': 7.2 }; // prettier-ignore
const DISCARD = { 'all-purpose-flour': 200, 'sourdough-discard': 120, 'granulated-sugar': 110, 'unsalted-butter': 80, egg: 100, 'whole-milk': 140, 'table-salt': 3, 'baking-soda': 1.8, 'aluminium-free-baking-powder': 4.6 }; // prettier-ignore

/** Amounts after, g, as published. Our ingredient table differs a little from the prototype's. @source leavening.md B.3 */
const PUBLISHED: readonly (readonly [string, Readonly<Record<string, number>>, string, string, number | undefined, Readonly<Record<string, readonly [number, number]>>])[] = [
  ['buttermilk by milk and vinegar', BUTTERMILK_MUFFIN, 'buttermilk', 'buttermilk-to-milk-and-vinegar', 1, { 'whole-milk': [228, 12], 'white-vinegar': [21, 4], 'unsalted-butter': [78, 5], 'baking-soda': [2.4, 0.4] }],
  ['sugar by honey', MUFFIN, 'granulated-sugar', 'sugar-to-honey', 1, { honey: [161, 6], 'whole-milk': [186, 8], 'aluminium-free-baking-powder': [9.8, 1.2], 'baking-soda': [0.5, 0.3] }],
  ['half the sugar by honey', MUFFIN, 'granulated-sugar', 'sugar-to-honey', 0.5, { honey: [81, 4], 'whole-milk': [203, 6], 'granulated-sugar': [65, 0.1] }],
  ['butter by oil', YELLOW, 'unsalted-butter', 'butter-to-oil', 1, { 'vegetable-oil': [120, 4], 'whole-milk': [191, 8] }],
  ['egg by aquafaba', MUFFIN, 'egg', 'egg-to-aquafaba', 1, { aquafaba: [90, 0.1], 'unsalted-butter': [98, 4], 'whole-milk': [192, 12] }],
  ['egg by flax', MUFFIN, 'egg', 'egg-to-flax', 1, { 'ground-flaxseed': [14, 0.1] }],
  ['half the flour by wholemeal', BUTTERMILK_MUFFIN, 'all-purpose-flour', 'white-to-wholemeal', 0.5, { 'all-purpose-flour': [125, 0.1], 'whole-wheat-flour': [125, 0.1], water: [33, 12] }],
  ['natural by Dutch cocoa', DEVILS, 'natural-cocoa', 'natural-to-dutch-cocoa', 1, { 'dutch-cocoa': [60, 0.1] }],
  ['milk by oat drink', MUFFIN, 'whole-milk', 'milk-to-oat-milk', 1, { 'oat-milk': [207, 14], 'unsalted-butter': [90, 5] }],
  ['starter by flour', DISCARD, 'sourdough-discard', 'starter-to-flour', 1, { 'all-purpose-flour': [260, 4], water: [50, 12], 'white-vinegar': [11.2, 3] }],
]; // prettier-ignore

describe('swapLine', () => {
  for (const [name, amounts, from, way, share, expected] of PUBLISHED) {
    it(`puts right what it disturbs, as published: ${name}`, () => {
      const done = swapped(amounts, from, way, share);
      for (const [id, [grams, tolerance]] of Object.entries(expected))
        expect(Math.abs(gramsOf(done, id) - grams)).withContext(`${id}: ${gramsOf(done, id).toFixed(1)}, published ${grams}`).toBeLessThanOrEqual(tolerance); // prettier-ignore
    });
  }
  it('turns the soda of natural cocoa into powder for Dutch', () => {
    const done = swapped({ ...DEVILS, 'baking-powder': 2 }, 'natural-cocoa', 'natural-to-dutch-cocoa');
    expect(gramsOf(done, 'baking-soda')).toBeLessThan(4);
    expect(gramsOf(done, 'baking-powder')).toBeGreaterThan(4);
    expect(done.crumbPhAfter).toBeLessThan(7.6);
  });
  it('keeps water, fat, sugar, flour and gas within 4.5 % and the crumb within 0.2 pH, whatever the amounts and the share; only the fat of bran and the salt of dairy may stray to 9 %', () => {
    const KEPT = ['buttermilk-to-milk-and-vinegar', 'sugar-to-honey', 'butter-to-oil', 'milk-to-oat-milk', 'white-to-brown-sugar', 'white-to-wholemeal', 'buttermilk-to-yogurt'] as const; // prettier-ignore
    fc.assert(
      fc.property(
        fc.constantFrom(...KEPT),
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        fc.double({ min: 0.3, max: 6, noNaN: true }),
        fc.double({ min: 0.8, max: 1.2, noNaN: true }),
        (way, share, times, sweet) => {
          const base = way.startsWith('buttermilk') ? BUTTERMILK_MUFFIN : MUFFIN;
          const amounts = Object.fromEntries(Object.entries(base).map(([id, grams]) => [id, grams * times * (id === 'granulated-sugar' ? sweet : 1)])); // prettier-ignore
          const from = Object.keys(amounts).find((id) => wayOf(way).from.includes(id)) ?? '';
          const done = swapped(amounts, from, way, share);
          for (const residual of RESIDUALS.filter((one) => one !== 'eggSolids'))
            expect(Math.abs(done.residualPercent[residual])).withContext(`${way} ${share} ${residual}`).toBeLessThan(residual === 'salt' || (residual === 'fat' && way === 'white-to-wholemeal') ? 9 : 4.5); // prettier-ignore
          expect(Math.abs(done.crumbPhAfter - done.crumbPhBefore)).toBeLessThan(0.2);
        },
      ),
      { numRuns: 120 },
    );
  });
  it('scales with the batch: a double batter swaps to double amounts', () => {
    const one = swapped(MUFFIN, 'egg', 'egg-to-aquafaba');
    const two = swapped(Object.fromEntries(Object.entries(MUFFIN).map(([id, grams]) => [id, 2 * grams])), 'egg', 'egg-to-aquafaba'); // prettier-ignore
    for (const { ingredient, after } of one.lines)
      expect(Math.abs(gramsOf(two, ingredient.id) - 2 * after)).toBeLessThan(0.02 * after + 0.2);
  });
  it('never hides the loss of egg: it says so and predicts no lift', () => {
    const done = swapped(MUFFIN, 'egg', 'egg-to-aquafaba');
    expect(done.residualPercent.eggSolids).toBeLessThan(-90);
    expect(done.notes).toContain('lift-not-predicted');
  });
  it('does not move a lock', () => {
    const lines = linesOf(MUFFIN).map((line) => (line.id === 'whole-milk' ? { ...line, locked: true } : line));
    const done = swapLine(lines, 'granulated-sugar', wayOf('sugar-to-honey'), 1);
    expect(done?.lines.find(({ id }) => id === 'whole-milk')?.after).toBe(220);
  });
});

describe('the ways', () => {
  it('name ingredients that the table has, and say what they change', () => {
    for (const { id, from, to, notes } of SWAP_WAYS) {
      for (const one of [...from, ...to.map((target) => target.id)])
        expect(ingredientById(one)).withContext(`${id}: ${one}`).toBeDefined();
      expect(notes.length).withContext(id).toBeGreaterThan(0);
    }
    expect(new Set(SWAP_WAYS.map(({ id }) => id)).size).toBe(SWAP_WAYS.length);
    for (const code of SWAP_NOTE_CODES)
      expect(SAID_BY_AMOUNT.has(code) || SWAP_WAYS.some(({ notes }) => notes.includes(code)))
        .withContext(code)
        .toBeTrue();
  });
  it('offer every diet something for what it forbids in a muffin', () => {
    const lines = linesOf({ ...BUTTERMILK_MUFFIN, walnuts: 60 });
    for (const diet of DIETS)
      for (const line of lines.filter(({ part }) => forbids(diet, part.ingredient)))
        expect(alternativesFor(lines, line.id, { diets: [diet] }, mustBeIngredient).length)
          .withContext(`${diet}: ${line.id}`)
          .toBeGreaterThan(0);
  });
  it('rank what disturbs least first, and keep to the cupboard', () => {
    const ranked = alternativesFor(linesOf(BUTTERMILK_MUFFIN), 'buttermilk', { diets: [] }, mustBeIngredient);
    expect(ranked.length).toBeGreaterThan(3);
    for (let i = 1; i < ranked.length; i++)
      expect(ranked[i]?.disturbance).toBeGreaterThanOrEqual(ranked[i - 1]?.disturbance ?? 0);
    const cupboard = new Set(['whole-milk', 'lemon-juice']);
    const there = alternativesFor(linesOf(BUTTERMILK_MUFFIN), 'buttermilk', { diets: [], cupboard }, mustBeIngredient);
    expect(there.map(({ way }) => way.id)).toEqual(['buttermilk-to-milk-and-lemon']);
  });
  it('aims at the band of the style, not at an old fault: sour milk for sweet never raises the soda of a bun that has too much', () => {
    const bun = { 'all-purpose-flour': 300, 'granulated-sugar': 90, 'unsalted-butter': 60, egg: 50, 'whole-milk': 180, 'table-salt': 3, 'baking-soda': 5 }; // prettier-ignore
    const style = styleById('british_scone');
    const done = swapLine(linesOf(bun), 'whole-milk', wayOf('milk-to-buttermilk'), 1, style);
    const after = (id: string) => done?.lines.find(({ ingredient }) => ingredient.id === id)?.after ?? 0;
    expect(after('baking-soda')).toBeLessThanOrEqual(5);
    expect(done?.crumbPhAfter).toBeLessThan(done?.crumbPhBefore ?? 0);
    const asItWas = swapLine(linesOf(bun), 'whole-milk', wayOf('milk-to-buttermilk'), 1);
    expect(Math.abs((asItWas?.crumbPhAfter ?? 0) - (asItWas?.crumbPhBefore ?? 0))).toBeLessThan(0.5);
  });
  it('says of more than two eggs that the set is lost, and where to turn; of two only that it is more fragile', () => {
    const cake = (egg: number) => ({ 'all-purpose-flour': 200, 'granulated-sugar': 180, 'unsalted-butter': 150, egg, 'whole-milk': 60, 'table-salt': 2, 'baking-powder': 8 }); // prettier-ignore
    for (const way of ['egg-to-aquafaba', 'egg-to-flax']) {
      expect(swapLine(linesOf(cake(200)), 'egg', wayOf(way), 1)?.notes[0]).toBe('more-than-two-eggs');
      expect(swapLine(linesOf(cake(100)), 'egg', wayOf(way), 1)?.notes).not.toContain('more-than-two-eggs');
    }
  });
  it('brings eggs whole', () => {
    const free = { 'all-purpose-flour': 200, 'granulated-sugar': 120, 'vegetable-oil': 60, 'silken-tofu': 100, 'whole-milk': 120, 'table-salt': 2, 'baking-powder': 9 }; // prettier-ignore
    const done = swapLine(linesOf(free), 'silken-tofu', wayOf('egg-free-to-egg'), 1);
    expect(done?.lines.find(({ ingredient }) => ingredient.id === 'egg')?.after).toBe(100);
  });
});
