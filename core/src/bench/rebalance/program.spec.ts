import { mustBeStyle } from '../../batter/balance/must-be-style.spec-help.js';
import { batterOf } from '../../doors/samples/index.js';
import { functionalTotals } from '../../formula/formula/index.js';
import { chanceFrom } from '../../ground/numerics/index.js';
import { bandRows } from './band-rows.js';
import type { OpenLine } from './open-line.js';
import { newLine } from './open-lines.spec-help.js';
import { boundsOf, scaleOf, solve, weightOf, type Problem, type Solved } from './program.js';

/* What the program finds is the least change there is: nothing near it that holds the bands changes less. Its price is summed here anew. */

const STYLE = mustBeStyle('muffin');
const LINES = ['all-purpose-flour', 'granulated-sugar', 'unsalted-butter', 'egg', 'whole-milk', 'table-salt', 'baking-powder'] as const; // prettier-ignore
const AMOUNTS = [250, 130, 85, 100, 200, 3, 10];
/** What is wrong with it, each out of a band. */
const WRONG: Readonly<Record<string, readonly number[]>> = {
  sweet: [250, 290, 85, 100, 200, 3, 10],
  dry: [300, 130, 85, 50, 70, 3, 10],
  wet: [200, 110, 85, 100, 330, 3, 10],
  'rich and salt': [250, 130, 190, 100, 200, 9, 10],
  'risen by far too much': [250, 130, 85, 100, 200, 3, 30],
};
function problemOf(amounts: readonly number[], more: Partial<Problem> = {}): Problem {
  const written = batterOf(Object.fromEntries(LINES.map((id, i) => [id, amounts[i] ?? 0])));
  const lines: readonly OpenLine[] = [...written.map((part): OpenLine => ({ id: part.ingredient.id, part, locked: false })), newLine('baking-soda')]; // prettier-ignore
  const { flour } = functionalTotals(written);
  return {
    lines,
    start: lines.map(({ part }) => part.grams),
    scale: lines.map((line) => (line.part.grams > 0 ? line.part.grams : scaleOf(line, flour))),
    target: lines.map(({ part }) => (part.grams > 0 ? 1 : 0)),
    weight: lines.map(weightOf),
    style: STYLE,
    limits: [],
    holdMass: true,
    leavenNear: true,
    outOfReach: new Set(),
    ...more,
  };
}
const PH = 7;
const NONE = new Map<number, number>();
const solvedOf = (problem: Problem, fixed = NONE, elastic?: ReadonlySet<number>): Solved => {
  const solved = solve(problem, fixed, PH, elastic);
  if (!solved) throw new Error('not solved');
  return solved;
};
const sumOf = (list: readonly number[]) => list.reduce((sum, one) => sum + one, 0);
const priceOf = ({ scale, target, weight }: Problem, grams: readonly number[]) =>
  sumOf(grams.map((amount, i) => (weight[i] ?? NaN) * (amount / (scale[i] ?? NaN) - (target[i] ?? NaN)) ** 2));
/** The least of all rows of bands, over grams. */
const leastRow = ({ lines, start, style }: Problem, grams: readonly number[]) =>
  Math.min(
    ...bandRows(lines.map(({ part }, i) => ({ ...part, grams: start[i] ?? 0 })), style, PH).map(({ perGram }) => sumOf(grams.map((amount, i) => amount * (perGram[i] ?? 0)))),
  ); // prettier-ignore
const massOf = (problem: Problem, grams: readonly number[]) => sumOf(grams) / sumOf(problem.start);

describe('the least change', () => {
  for (const [what, amounts] of Object.entries(WRONG)) {
    it(`holds every band, its mass and its bounds, and its price is that of the changes: ${what}`, () => {
      const problem = problemOf(amounts);
      const { grams, cost, outside, slack } = solvedOf(problem);
      expect(outside).toBeLessThan(1e-4);
      expect([...slack.values()].every((missed) => missed >= 0 && missed < 1e-4)).toBeTrue();
      expect(leastRow(problem, grams)).toBeGreaterThan(-1e-4);
      expect(massOf(problem, grams)).toBeGreaterThan(0.9 - 1e-3);
      expect(massOf(problem, grams)).toBeLessThan(1.15 + 1e-3);
      expect(cost).toBeCloseTo(priceOf(problem, grams), 2);
      for (const [i, amount] of grams.entries()) {
        const { least, most } = boundsOf(problem, i);
        expect(amount / (problem.scale[i] ?? NaN)).toBeGreaterThan(least - 1e-6);
        expect(amount / (problem.scale[i] ?? NaN)).toBeLessThan(most + 1e-6);
      }
    });
    it(`is the least: whatever is changed by a little more or less costs more, or leaves the bands: ${what}`, () => {
      const problem = problemOf(amounts);
      const { grams } = solvedOf(problem);
      const least = priceOf(problem, grams);
      const chance = chanceFrom(3);
      let held = 0;
      for (let run = 0; run < 4000; run++) {
        const step = run % 2 === 0 ? 0.02 : 0.08;
        const tried = grams.map((amount, i) =>
          Math.max(0, amount + step * (2 * chance() - 1) * (chance() < 0.5 ? (problem.scale[i] ?? 0) : 0)),
        );
        const mass = massOf(problem, tried);
        const isBounded = tried.every((amount, i) => {
          const { least: from, most: to } = boundsOf(problem, i);
          const share = amount / (problem.scale[i] ?? NaN);
          return share >= from && share <= to;
        });
        if (leastRow(problem, tried) < 0 || mass < 0.9 || mass > 1.15 || !isBounded) continue;
        held++;
        expect(priceOf(problem, tried)).toBeGreaterThan(least - 1e-3);
      }
      expect(held).toBeGreaterThan(0);
    });
  }
  it('is none where nothing is wrong', () => {
    const { grams, cost } = solvedOf(problemOf(AMOUNTS));
    expect(cost).toBeLessThan(1e-9);
    for (const [i, amount] of grams.entries()) expect(amount).toBeCloseTo(AMOUNTS[i] ?? 0, 4);
  });
  it('is no more than with a line held, and what is held stays; a held line that is no lock costs its change', () => {
    const problem = problemOf(WRONG['wet'] ?? []);
    const free = solvedOf(problem);
    const held = solvedOf(problem, new Map([[4, 300], [7, 0]])); // prettier-ignore
    expect([held.grams[4], held.grams[7]]).toEqual([300, 0]);
    expect(held.cost).toBeGreaterThan(free.cost);
    expect(held.cost).toBeCloseTo(priceOf(problem, held.grams), 2);
    const locked = {
      ...problem,
      lines: problem.lines.map((line, i) => (i === 4 ? { ...line, locked: true } : line)),
    };
    const withLock = solvedOf(locked, new Map([[4, 300], [7, 0]])); // prettier-ignore
    expect(withLock.cost).toBeCloseTo(held.cost - (300 / 330 - 1) ** 2, 6);
  });
  it('may take the batch anywhere where its mass is not held', () => {
    const heavy = problemOf(WRONG['risen by far too much'] ?? [], { target: [1, 1, 1, 1, 1, 1, 1, 0].map((aim) => 0.5 * aim) }); // prettier-ignore
    const half = solvedOf(heavy);
    expect(massOf(heavy, half.grams)).toBeLessThan(0.5 * 1.15 + 1e-3);
    const held = solvedOf(problemOf(WRONG['dry'] ?? [], { target: [1, 1, 1, 1, 1.9, 1, 1, 0] }));
    const loose = solvedOf(problemOf(WRONG['dry'] ?? [], { target: [1, 1, 1, 1, 1.9, 1, 1, 0], holdMass: false }));
    expect(loose.cost).toBeLessThanOrEqual(held.cost + 1e-6);
  });
  it('keeps to what there is, of lines together', () => {
    const limits = [{ lineIds: ['granulated-sugar', 'whole-milk'], mostGrams: 220, said: '' }];
    const { grams, outside } = solvedOf(problemOf(AMOUNTS, { limits }));
    expect((grams[1] ?? NaN) + (grams[4] ?? NaN)).toBeLessThanOrEqual(220 + 1e-3);
    expect((grams[1] ?? NaN) + (grams[4] ?? NaN)).toBeGreaterThan(215);
    expect(outside).toBeLessThan(1e-4);
  });
});

describe('what cannot be met', () => {
  const locks = (...ids: readonly number[]) => new Map(ids.map((i) => [i, (WRONG['dry'] ?? [])[i] ?? 0]));
  it('is missed by as little as may be, and counted', () => {
    const problem = problemOf(WRONG['dry'] ?? []);
    const { outside, slack, grams } = solvedOf(problem, locks(0, 3, 4));
    expect(outside).toBeGreaterThan(0.05);
    expect(slack.get('water')).toBeGreaterThan(0.05);
    expect(outside).toBeCloseTo(sumOf([...slack.values()]), 9);
    expect([grams[0], grams[3], grams[4]]).toEqual([300, 50, 70]);
  });
  it('pulls hardly at the rest where it is let go, and is not counted', () => {
    const problem = problemOf(WRONG['dry'] ?? []);
    const bent = solvedOf(problem, locks(0, 3, 4));
    const missed = new Set([...bent.slack].flatMap(([quantity, by]) => (by > 1e-3 ? [quantity] : [])));
    const letGo = solvedOf({ ...problem, outOfReach: missed }, locks(0, 3, 4));
    expect(letGo.outside).toBeLessThan(1e-4);
    expect(priceOf(problem, letGo.grams)).toBeLessThan(priceOf(problem, bent.grams));
    expect(letGo.slack.get('water')).toBeGreaterThanOrEqual((bent.slack.get('water') ?? NaN) - 1e-6);
  });
  it('of the pH pulls least of all', () => {
    const sour = problemOf([250, 130, 85, 100, 200, 3, 10]);
    const style = { ...STYLE, bands: { ...STYLE.bands, 'crumb-ph': { low: 9.5, typical: 9.6, high: 9.7 } } };
    const held = solvedOf({ ...sour, style });
    const letGo = solvedOf({ ...sour, style, outOfReach: new Set(['crumb-ph'] as const) });
    expect(priceOf(sour, letGo.grams)).toBeLessThan(0.05);
    expect(priceOf(sour, held.grams)).toBeGreaterThan(priceOf(sour, letGo.grams));
  });
  it('is had from the locks at a price: as little of them as meets the bands, and of no more than is needed', () => {
    const problem = problemOf(WRONG['dry'] ?? []);
    const given = solvedOf(problem, NONE, new Set([0, 4]));
    expect(given.outside).toBeLessThan(1e-3);
    // either less flour or more milk, not the other way
    expect(given.grams[0]).toBeLessThanOrEqual(300 + 1e-6);
    expect(given.grams[4]).toBeGreaterThanOrEqual(70 - 1e-6);
    expect((300 - (given.grams[0] ?? NaN)) / 300 + ((given.grams[4] ?? NaN) - 70) / 70).toBeGreaterThan(0.01);
    expect(leastRow(problem, given.grams)).toBeGreaterThan(-1e-3);
    // what the free lines can do alone costs no lock
    const sweet = problemOf(WRONG['sweet'] ?? []);
    const untouched = solvedOf(sweet, NONE, new Set([4, 5]));
    expect(untouched.grams[4]).toBeCloseTo(200, 3);
    expect(untouched.grams[5]).toBeCloseTo(3, 3);
  });
  it('takes no lock below nothing', () => {
    const salt = problemOf([250, 130, 85, 100, 200, 60, 10]);
    const { grams } = solvedOf(salt, NONE, new Set([5]));
    expect(grams[5]).toBeGreaterThan(0);
    expect(grams[5]).toBeLessThan(8);
  });
});
