import { chanceFrom, normalFrom } from '../../ground/numerics/index.js';
import type { BakeRecord, Outcome } from '../records/index.js';
import { compareBakes, explain, repeatsNeeded, SENSITIVITIES, UNITS } from './index.js';

const BASE: BakeRecord = {
  title: 'Pear loaf', at: 0, size: '', pan: 'loaf', celsius: 177, fan: false, outMinutes: 60,
  readings: { mixing: 40, waiting: 3, 'soda-left': 0.1, gas: 0, oven: 170 }, top: 'gold', shape: 'low-dome', crumb: 'fine', wrong: [], score: 8,
}; // prettier-ignore
const other = (more: Partial<BakeRecord>, readings: BakeRecord['readings'] = {}): BakeRecord => ({ ...BASE, ...more, readings: { ...BASE.readings, ...readings } }); // prettier-ignore

describe('comparing two bakes', () => {
  it('shares out the difference seen: shares and what is unexplained make the whole', () => {
    const comparison = explain(other({ score: 5 }, { 'soda-left': 1.3, mixing: 70, waiting: 11 }), BASE, 'taste');
    expect(comparison?.moved).toBe(1.5);
    const shares = comparison?.differences.reduce((sum, { share }) => sum + share, comparison.unexplained);
    expect(shares).toBeCloseTo(1, 9);
  });
  it('puts first what is worth most: three units of soda left over before a little folding', () => {
    const comparison = explain(other({ score: 4 }, { 'soda-left': 1.3, mixing: 45 }), BASE, 'taste');
    expect(comparison?.differences[0]?.code).toBe('soda-left');
    expect(comparison?.differences[0]?.steps).toBeGreaterThan(0.5);
  });
  it('explains nothing by what was the same', () => {
    const comparison = explain(other({ score: 4 }), BASE, 'taste');
    expect(comparison?.differences).toEqual([]);
    expect(comparison?.unexplained).toBe(1);
    expect(comparison?.hint).toBeFalse();
  });
  it('calls a point of ten a hint, and four of them more than that', () => {
    expect(explain(other({ score: 7 }), BASE, 'taste')?.hint).toBeTrue();
    expect(explain(other({ score: 4 }), BASE, 'taste')?.hint).toBeFalse();
  });
  it('goes by how done both were, where both say it: a gummy loaf was taken out too soon', () => {
    const early = other({ crumb: 'gummy', word: 'under', score: 6 }, { time: -2 });
    const comparison = compareBakes(early, { ...BASE, word: 'just', readings: { ...BASE.readings, time: 6 } });
    expect(comparison?.outcome).toBe('moisture');
    expect(comparison?.differences[0]?.code).toBe('time');
    // nine percent short of done, and just right is a percent past it
    expect(comparison?.differences[0]?.difference).toBeCloseTo(100 * (Math.exp(0.015) - Math.exp(-0.09)), 6);
  });
  it('turns its sign with the order of the two', () => {
    const worse = other({ score: 5 }, { 'soda-left': 1.3 });
    const [there, back] = [explain(worse, BASE, 'taste'), explain(BASE, worse, 'taste')];
    expect(there?.moved).toBe(-(back?.moved ?? 0));
    expect(there?.differences[0]?.steps).toBeCloseTo(-(back?.differences[0]?.steps ?? 0), 9);
    expect(there?.differences[0]?.share).toBeCloseTo(back?.differences[0]?.share ?? 0, 9);
  });
  it('looks at the outcome that moved most, and at none that one of them does not say', () => {
    expect(compareBakes(other({ shape: 'sank', score: 7 }), BASE)?.outcome).toBe('rise');
    const { top, shape, crumb, wrong, score, ...bare } = BASE;
    expect([top, shape, crumb, wrong, score].length).toBe(5);
    expect(compareBakes(bare, BASE)).toBeUndefined();
  });
  it('finds the largest cause of simulated pairs more often than the largest difference does', () => {
    const chance = chanceFrom(11);
    const normal = () => normalFrom(chance);
    const rows = SENSITIVITIES.filter(({ outcome }) => outcome === 'moisture');
    let [found, byDifference, used] = [0, 0, 0];
    for (let k = 0; k < 1500; k++) {
      const units = rows.map(() => (chance() < 0.5 ? 0 : 0.5 * normal()));
      units[Math.floor(chance() * rows.length)] = (chance() < 0.5 ? -1 : 1) * (1.5 + chance());
      const worth = rows.map(({ perUnit, spread }, i) => (perUnit + spread * normal()) * (units[i] ?? 0));
      const moved = Math.round(worth.reduce((sum, each) => sum + each, 0) + 0.85 * normal());
      if (Math.abs(moved) < 1) continue;
      used += 1;
      const largest = (values: readonly number[]) => rows[values.indexOf(Math.max(...values))]?.reading;
      const want = largest(worth.map((each) => each * Math.sign(moved)));
      const readings = Object.fromEntries(
        rows.map(({ reading }, i) => [reading, (units[i] ?? 0) * UNITS[reading].unit]),
      );
      const none = Object.fromEntries(rows.map(({ reading }) => [reading, 0]));
      // the scale has five steps; what is explained is only what moved
      const seen = stepsApart(moved);
      if (!seen) continue;
      const first = explain({ ...seen[0], readings: none }, { ...seen[1], readings }, 'moisture')?.differences[0];
      if (first?.code === want) found += 1;
      if (largest(units.map(Math.abs)) === want) byDifference += 1;
    }
    expect(used).toBeGreaterThan(300);
    expect(found).toBeGreaterThan(byDifference);
  });
});
/** Two bakes whose moisture lies so many steps apart, where the scale has them. */
function stepsApart(moved: number): readonly [BakeRecord, BakeRecord] | undefined {
  const at: Readonly<Record<number, Partial<BakeRecord>>> = { [-1]: { wrong: ['crumbly'] }, 0: { wrong: [] }, 2: { crumb: 'gummy', wrong: [] } }; // prettier-ignore
  const after = at[moved];
  return after && [other({ wrong: [] }), other(after)];
}

describe('repeatsNeeded', () => {
  // hand figures: (1.645 + 0.842)² = 6.18 times the variance of a difference
  const all: readonly (readonly [number, number, boolean, number])[] = [
    [1, 1, false, Math.ceil(6.185 * 2 * (0.36 + 0.25))],
    [1, 1, true, Math.ceil(6.185 * 2 * (0.1225 + 0.25))],
    [1, 3, true, Math.ceil(6.185 * 2 * (0.1225 + 0.25 / 3))],
  ];
  for (const [steps, tasters, paired, want] of all)
    it(`${paired ? 'halves' : 'bakes'}, ${tasters} tasting: ${want}`, () =>
      expect(repeatsNeeded({ steps, tasters, paired })).toBe(want));
  it('is never less than two, and fewer for more', () => {
    expect(repeatsNeeded({ steps: 4, tasters: 3, paired: true })).toBe(2);
    const outcomes: readonly Outcome[] = ['rise', 'taste'];
    expect(outcomes.every((outcome) => SENSITIVITIES.some((row) => row.outcome === outcome))).toBeTrue();
  });
});
