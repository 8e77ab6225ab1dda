import { mustBeStyle } from '../../batter/balance/must-be-style.spec-help.js';
import type { Quantity } from '../../kitchen/kitchen/index.js';
import { batterOf } from '../../doors/samples/index.js';
import { rebalance, verdictsOf } from './index.js';
import { afterOf, limit, linesOf, movedIn, MUFFIN, newLine } from './open-lines.spec-help.js';
import { missedIn } from './verdicts.js';

/* Where not every band can be had, and where something goes in whole or runs short: what is still offered, and what is said of it. */

type Amounts = Readonly<Record<string, number>>;
const CAKE = { 'all-purpose-flour': 225, 'granulated-sugar': 225, 'unsalted-butter': 180, egg: 200, 'whole-milk': 60, 'table-salt': 2, 'baking-powder': 8 }; // prettier-ignore
const STYLE = mustBeStyle('muffin');
const CAKE_STYLE = mustBeStyle('creamed_butter_cake');
const lockedIn = (amounts: Amounts, free: readonly string[] = []) =>
  Object.fromEntries(Object.keys(amounts).map((id) => [id, { locked: !free.includes(id) }]));

describe('what can still be baked', () => {
  /** The amount of one thing at which a quantity lies so many widths of its band over an end of it. */
  const amountAt = (quantity: Quantity, id: string, end: 'low' | 'high', widths: number): number => {
    let [from, to] = [0, 3000];
    for (let i = 0; i < 50; i++) {
      const middle = (from + to) / 2;
      const is = verdictsOf(batterOf({ ...MUFFIN, [id]: middle }), STYLE).find((one) => one.quantity === quantity);
      const { low, high } = is?.band ?? { low: NaN, high: NaN };
      const wanted = end === 'low' ? low - widths * (high - low) : high + widths * (high - low);
      if ((is?.value ?? NaN) < wanted) from = middle;
      else to = middle;
    }
    return from;
  };
  const missingBy = (quantity: Quantity, id: string, end: 'low' | 'high', widths: number) =>
    rebalance(linesOf({ ...MUFFIN, [id]: amountAt(quantity, id, end, widths) }, lockedIn(MUFFIN)), STYLE);
  for (const [quantity, id, end, reach] of [
    ['water', 'whole-milk', 'high', 0.75],
    ['gas', 'baking-powder', 'low', 0.75],
    ['gas', 'baking-powder', 'high', 0.75],
    ['fat', 'unsalted-butter', 'high', 2],
  ] as const)
    it(`misses the ${end} end of its ${quantity} by no more than ${reach} widths of the band`, () => {
      const near = missingBy(quantity, id, end, 0.9 * reach);
      expect(missedIn(near.after)).toContain(quantity);
      expect([near.feasible, near.bakeable, movedIn(near)]).toEqual([false, true, []]);
      const far = missingBy(quantity, id, end, 1.1 * reach);
      expect([far.feasible, far.bakeable, movedIn(far)]).toEqual([false, false, []]);
    });
  it('may be as sweet, salt or rich in egg as it likes', () => {
    for (const [quantity, id, widths] of [['sugar', 'granulated-sugar', 1.5], ['salt', 'table-salt', 6]] as const) {
      const result = missingBy(quantity, id, 'high', widths);
      expect(missedIn(result.after)).toContain(quantity);
      expect(result.bakeable).withContext(quantity).toBeTrue();
    }
  }); // prettier-ignore
  it('is proposed with the rest in order: a cake without egg has its other bands, and is not bent for the egg', () => {
    const { egg, ...eggless } = CAKE;
    const result = rebalance([...linesOf({ ...eggless, 'whole-milk': 60 + egg }), newLine('baking-soda')], CAKE_STYLE);
    expect([result.feasible, result.bakeable]).toEqual([false, true]);
    expect(missedIn(result.after)).toEqual(['egg']);
    expect(result.outOfReach).toContain('egg');
    for (const { before, after, id, isNew } of result.lines)
      if (!isNew && !['baking-powder', 'table-salt'].includes(id))
        expect(Math.abs(Math.log(after / before))).withContext(id).toBeLessThan(0.4);
  }); // prettier-ignore
  it('is not proposed where it is none: what has no gas stays as it is written', () => {
    const flat = linesOf({ ...MUFFIN, 'baking-powder': 0.5, 'granulated-sugar': 240 }, { 'baking-powder': { locked: true } });
    const result = rebalance(flat, STYLE);
    expect([result.feasible, result.bakeable, movedIn(result)]).toEqual([false, false, []]);
    expect(result.after).toEqual(result.before);
    expect(result.conflicts.map(({ lineId }) => lineId)).toEqual(['baking-powder']);
  }); // prettier-ignore
});

describe('a lock in the way', () => {
  const dry = { ...MUFFIN, 'whole-milk': 40 };
  for (const [what, amounts, locked] of [
    ['milk in a dry muffin', dry, ['whole-milk', 'egg', 'all-purpose-flour']],
    ['every line of it', dry, Object.keys(dry)],
    ['too much powder', { ...MUFFIN, 'baking-powder': 40 }, ['baking-powder']],
    ['too little butter and too much sugar', { ...MUFFIN, 'unsalted-butter': 5, 'granulated-sugar': 330 }, ['unsalted-butter', 'granulated-sugar', 'all-purpose-flour']],
  ] as const) // prettier-ignore
    it(`is named with what would be enough: ${what}`, () => {
      const held = linesOf(amounts, Object.fromEntries(locked.map((id) => [id, { locked: true }])));
      const { feasible, conflicts } = rebalance(held, STYLE);
      expect(feasible).toBeFalse();
      expect(conflicts.length).toBeGreaterThan(0);
      for (const { lineId, heldGrams, ingredient } of conflicts) {
        expect(locked).toContain(lineId as never);
        expect(ingredient.id).toBe(lineId);
        expect(heldGrams).toBe(amounts[lineId as keyof typeof amounts]);
      }
      const given = (share: number) =>
        conflicts.map(({ lineId, heldGrams, wantedGrams }) => [lineId, heldGrams + share * (wantedGrams - heldGrams)] as const);
      const feasibleAt = (share: number) =>
        rebalance(linesOf({ ...amounts, ...Object.fromEntries<number>(given(share)) }, Object.fromEntries(locked.map((id) => [id, { locked: true }]))), STYLE).feasible;
      // enough to a hair, and not much more: three quarters of the way are not
      expect(feasibleAt(1.02)).toBeTrue();
      expect(feasibleAt(0.75)).toBeFalse();
    }); // prettier-ignore
  it('is not one that moves nothing: a lock on the salt is not named for the milk', () => {
    const held = linesOf(dry, { 'whole-milk': { locked: true }, 'all-purpose-flour': { locked: true }, egg: { locked: true }, 'table-salt': { locked: true } }); // prettier-ignore
    expect(rebalance(held, STYLE).conflicts.map(({ lineId }) => lineId)).not.toContain('table-salt');
  });
});

describe('what goes in whole', () => {
  const pieces = { egg: { pieceGrams: 50 } };
  it('is the number that a try of every number finds: none that is within bands is passed over', () => {
    for (const [amounts, style] of [[{ ...CAKE, egg: 50, 'whole-milk': 160 }, CAKE_STYLE], [{ ...CAKE, egg: 100, 'granulated-sugar': 300 }, CAKE_STYLE], [{ ...MUFFIN, egg: 150, 'granulated-sugar': 260 }, STYLE], [{ ...MUFFIN, egg: 50, 'whole-milk': 90 }, STYLE]] as const) {
      const result = rebalance(linesOf(amounts, pieces), style);
      const possible = [1, 2, 3, 4, 5, 6, 7].filter((count) => {
        const grams = 50 * count;
        if (grams < 0.42 * amounts.egg || grams > 2.4 * amounts.egg) return false;
        return rebalance(linesOf({ ...amounts, egg: grams }, { egg: { locked: true } }), style).feasible;
      });
      expect(result.feasible).withContext(JSON.stringify(amounts)).toBe(possible.length > 0);
      if (result.feasible) expect(possible).withContext(JSON.stringify(amounts)).toContain(afterOf(result, 'egg') / 50);
    }
  }); // prettier-ignore
  it('is beaten and weighed where no whole number is near its share', () => {
    const result = rebalance(linesOf({ ...MUFFIN, egg: 18 }, pieces), STYLE);
    expect(result.feasible).toBeTrue();
    const egg = afterOf(result, 'egg');
    expect(egg).toBeGreaterThan(18);
    expect(egg).toBeLessThan(18 * 2.4 + 0.5);
    expect(Number.isInteger(egg)).toBeTrue();
  });
  it('stays whole in a smaller batch', () => {
    const result = rebalance(linesOf(MUFFIN, pieces), STYLE, [limit(['all-purpose-flour'], 125)]);
    expect(result.feasible).toBeTrue();
    expect(afterOf(result, 'egg')).toBe(50);
  });
});

describe('what runs short', () => {
  const SPICED = { ...MUFFIN, 'ground-cinnamon': 4, raisins: 80 };
  it('takes spices and pieces along by as much as the flour', () => {
    const result = rebalance(linesOf(SPICED), STYLE, [limit(['all-purpose-flour'], 100)]);
    expect(result.feasible).toBeTrue();
    expect([afterOf(result, 'ground-cinnamon'), afterOf(result, 'raisins')]).toEqual([1.6, 32]);
  });
  it('takes them as they are told where they are what runs short, or held', () => {
    const short = rebalance(linesOf(SPICED), STYLE, [limit(['raisins'], 30)]);
    expect([short.feasible, afterOf(short, 'raisins') <= 30]).toEqual([true, true]);
    const held = rebalance(linesOf(SPICED, { raisins: { locked: true } }), STYLE, [limit(['all-purpose-flour'], 200)]);
    expect(afterOf(held, 'raisins')).toBe(80);
  });
  it('does not shrink the batch for what the rest can do without: half the eggs are still a muffin of the same flour', () => {
    const result = rebalance(linesOf(MUFFIN), STYLE, [limit(['egg'], 50)]);
    expect(result.feasible).toBeTrue();
    expect([afterOf(result, 'all-purpose-flour'), afterOf(result, 'egg')]).toEqual([250, 50]);
  });
  it('shrinks it for what the rest cannot do without: powder for a third makes a third', () => {
    const result = rebalance(linesOf(MUFFIN), STYLE, [limit(['baking-powder'], 3)]);
    expect(result.feasible).toBeTrue();
    for (const { before, after, id } of result.lines)
      expect(after / before).withContext(id).toBeCloseTo(0.3, 1);
  }); // prettier-ignore
  it('is none of it where there is none, even of what is held', () => {
    const result = rebalance(linesOf(SPICED, { raisins: { locked: true } }), STYLE, [limit(['raisins'], 0)]);
    expect([result.feasible, afterOf(result, 'raisins')]).toEqual([true, 0]);
  });
  it('is all in the way where neither wish alone is', () => {
    const both = [limit(['egg'], 0), limit(['unsalted-butter'], 0)];
    const result = rebalance(linesOf(CAKE), CAKE_STYLE, both);
    expect(result.feasible).toBeFalse();
    expect(result.wishes).toEqual(both);
    expect(result.outOfReach).toEqual(jasmine.arrayContaining(['egg', 'fat']));
  });
  it('is not in the way where the locks are: with the wish gone it would still not do', () => {
    const wish = limit(['granulated-sugar'], 120);
    const held = linesOf({ ...MUFFIN, 'whole-milk': 40 }, lockedIn(MUFFIN, ['granulated-sugar']));
    const result = rebalance(held, STYLE, [wish]);
    expect([result.feasible, result.wishes]).toEqual([false, []]);
    expect(result.conflicts.length).toBeGreaterThan(0);
  });
});
