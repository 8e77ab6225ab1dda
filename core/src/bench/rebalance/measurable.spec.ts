import { batterOf } from '../../doors/samples/index.js';
import { mustBeStyle } from '../../batter/balance/must-be-style.spec-help.js';
import { mustBeIngredient } from '../../formula/formula/index.js';
import { isCrumb, leastWorth, partsOf, type OpenLine } from './open-line.js';
import { measurable } from './measurable.js';
import { distanceOutside, verdictsOf } from './verdicts.js';

/* What a search finds is 231.4172 g of milk; what a baker can measure is 231. */

const MUFFIN = { 'all-purpose-flour': 250, 'granulated-sugar': 130, 'unsalted-butter': 85, egg: 100, 'whole-milk': 200, 'table-salt': 3, 'baking-powder': 10 }; // prettier-ignore
const STYLE = mustBeStyle('muffin');
type Id = keyof typeof MUFFIN;
const IDS = Object.keys(MUFFIN) as readonly Id[];
const linesOf = (more: Readonly<Partial<Record<Id, Partial<OpenLine>>>> = {}): OpenLine[] =>
  batterOf(MUFFIN).map((part) => ({ id: part.ingredient.id, part, locked: false, ...more[part.ingredient.id as Id] }));
const START = linesOf().map(({ part }) => part.grams);
const found = (amounts: Readonly<Partial<Record<Id, number>>>) => IDS.map((id, i) => amounts[id] ?? START[i] ?? NaN);
const measured = (lines: readonly OpenLine[], grams: readonly number[], absent?: ReadonlySet<number>) => {
  const result = measurable(lines, grams, START, STYLE, absent);
  return (id: Id) => result[IDS.indexOf(id)] ?? NaN;
};
const outsideOf = (lines: readonly OpenLine[], grams: readonly number[]) =>
  distanceOutside(verdictsOf(partsOf(lines, grams), STYLE));

describe('what can be measured', () => {
  it('is a step of the scale: tenths of little, grams, fives of much', () => {
    const at = measured(linesOf(), found({ 'table-salt': 3.4172, 'whole-milk': 211.4172, 'unsalted-butter': 97.62 }));
    expect([at('table-salt'), at('whole-milk'), at('unsalted-butter')]).toEqual([3.4, 211, 98]);
    const many = linesOf().map((line): OpenLine => ({ ...line, part: { ...line.part, grams: 9 * line.part.grams } }));
    const start = many.map(({ part }) => part.grams);
    const wanted = start.map((grams, i) => (IDS[i] === 'granulated-sugar' ? 1283 : IDS[i] === 'all-purpose-flour' ? 2264 : grams));
    const steps = measurable(many, wanted, start, STYLE);
    expect([steps[IDS.indexOf('granulated-sugar')], steps[IDS.indexOf('all-purpose-flour')]]).toEqual([1285, 2260]);
  }); // prettier-ignore
  it('is what is written, where that is less than half a step away', () => {
    const milk = IDS.indexOf('whole-milk');
    const lines = linesOf().map((line, i) => (i === milk ? { ...line, part: { ...line.part, grams: 200.3 } } : line));
    const start = lines.map(({ part }) => part.grams);
    for (const [wanted, is] of [[200.7, 200.3], [199.9, 200.3], [201, 201]] as const)
      expect(measurable(lines, start.map((grams, i) => (i === milk ? wanted : grams)), start, STYLE)[milk]).withContext(`${wanted}`).toBe(is);
    // a stand-in begins from an amount that nobody has written
    const standIn = lines.map((line, i) => (i === milk ? { ...line, writtenGrams: 0 } : line));
    expect(measurable(standIn, start, start, STYLE)[milk]).toBe(200);
  }); // prettier-ignore
  it('leaves alone what is locked, what goes in whole, and what there is none of', () => {
    const wanted = found({ 'whole-milk': 205.41, egg: 150.9, 'granulated-sugar': 128.77 });
    const held = linesOf({ 'whole-milk': { locked: true }, egg: { pieceGrams: 50.3 } });
    const at = measured(held, wanted, new Set([IDS.indexOf('granulated-sugar')]));
    expect([at('whole-milk'), at('egg'), at('granulated-sugar')]).toEqual([205.41, 150.9, 128.77]);
  });
  it('weighs an egg that does not go in whole', () => {
    const at = measured(linesOf({ egg: { pieceGrams: 50 } }), found({ egg: 131.3391 }));
    expect(at('egg')).toBe(131);
  });
  it('is eighths of a spoon of all that is written in spoons, the nearest that hold the bands', () => {
    const [powder, salt] = [0.58, 0.75];
    const lines = linesOf({ 'baking-powder': { eighthGrams: powder }, 'table-salt': { eighthGrams: salt } });
    const at = measured(lines, found({ 'baking-powder': 9.11, 'table-salt': 3.61 }));
    // 15.7 eighths and 4.8
    expect(at('baking-powder') / powder).toBeCloseTo(16, 6);
    expect(at('table-salt') / salt).toBeCloseTo(5, 6);
    const exact = measured(lines, found({ 'baking-powder': 14 * powder, 'table-salt': 4 * salt }));
    expect([exact('baking-powder') / powder, exact('table-salt') / salt].map((eighths) => Number(eighths.toFixed(6)))).toEqual([14, 4]); // prettier-ignore
  });
  it('never costs a band that the scale would hold', () => {
    // an eighth of 12 g is no way to measure three grams of salt
    const lines = linesOf({ 'table-salt': { eighthGrams: 12 } });
    const at = measured(lines, found({ 'table-salt': 3.2 }));
    expect(at('table-salt')).toBe(3.2);
  });
  it('moves leaveners by a step or two where rounding left gas or pH a hair outside', () => {
    const lines = linesOf();
    const steps = [-3, -2, -1, 0, 1, 2, 3];
    let moved = 0;
    for (const powder of [5.5, 6, 6.5, 7, 17, 18, 19, 20, 21, 22, 23, 24]) {
      const grams = found({ 'baking-powder': powder });
      const before = outsideOf(lines, grams);
      const after = measured(lines, grams)('baking-powder');
      const best = Math.min(...steps.map((step) => outsideOf(lines, found({ 'baking-powder': powder + step / 10 }))));
      const is = outsideOf(lines, found({ 'baking-powder': after }));
      if (after !== powder) moved++;
      if (before === 0 || before > 0.3)
        expect(after).withContext(`${powder}: ${before}`).toBe(powder);
      else expect(is).withContext(`${powder}: ${before}`).toBeCloseTo(best, 9);
    }
    expect(moved).toBeGreaterThan(0);
    const locked = linesOf({ 'baking-powder': { locked: true } });
    for (const powder of [6, 7, 20, 22]) expect(measured(locked, found({ 'baking-powder': powder }))('baking-powder')).toBe(powder);
  }); // prettier-ignore
});

describe('the least that a new line is worth', () => {
  const line = (id: string, more: Partial<OpenLine> = {}): OpenLine => ({ id, part: { ingredient: mustBeIngredient(id), grams: 0, preparation: 'none' }, locked: false, isNew: true, ...more }); // prettier-ignore
  it('is a pinch of what seasons or raises, a spoonful of what wets, and any amount of the rest', () => {
    expect(['baking-soda', 'baking-powder', 'table-salt', 'water', 'whole-milk', 'granulated-sugar'].map((id) => leastWorth(line(id)))).toEqual([0.4, 0.4, 0.4, 5, 5, 0]); // prettier-ignore
    expect(leastWorth(line('baking-soda', { isNew: false }))).toBe(0);
    expect(leastWorth(line('whole-milk', { insteadOf: 'buttermilk' }))).toBe(0);
  });
  it('is what makes a crumb: more than nothing, less than that', () => {
    const soda = line('baking-soda');
    expect([0, 0.1, 0.39, 0.4, 3].map((grams) => isCrumb(soda, grams))).toEqual([false, true, true, false, false]);
    expect(isCrumb(undefined, 0.1)).toBeFalse();
  });
});
