import { chanceFrom, normalFrom } from '../../ground/numerics/index.js';
import type { BakeRecord, Half } from '../records/index.js';
import { comparedBake, comparedVersion, compare, readTrials, SENSITIVITIES, UNITS } from './index.js';

const BASE: BakeRecord = { title: 'Pear loaf', formulaId: 'pear', at: 0, size: '', pan: 'loaf', celsius: 177, fan: false, outMinutes: 60, readings: {} }; // prettier-ignore
const half = (trial: string, of: Half, more: Partial<BakeRecord>, change = 'soda'): BakeRecord => ({ ...BASE, at: of === 'changed' ? 2 : 1, half: { trial, of, change }, ...more }); // prettier-ignore
const pair = (trial: string, before: number, after: number) => [
  half(trial, 'as-it-is', { score: before }),
  half(trial, 'changed', { score: after }),
];
const taste = (records: readonly BakeRecord[]) =>
  readTrials(records)[0]?.readings.find(({ outcome }) => outcome === 'taste');

describe('half batches', () => {
  it('are read when both are recorded, and not before', () => {
    const [a, b] = pair('day-1', 5, 8);
    if (!a || !b) throw new Error('no pair');
    expect(readTrials([a])).toEqual([]);
    expect(readTrials([{ ...b, half: { trial: 'day-2', of: 'changed' } }, a])).toEqual([]);
    const reading = taste([b, a]);
    // of ten, in steps of five
    expect(reading?.difference).toBe(1.5);
    expect(reading?.pairs).toBe(1);
    expect(reading?.verdict).toBe('hint');
  });
  it('of the same change are read together, others by themselves', () => {
    const three = [...pair('1', 5, 8), ...pair('2', 6, 8), ...pair('3', 5, 7)];
    const other = [half('4', 'as-it-is', { score: 6 }, 'less sugar'), half('4', 'changed', { score: 5 }, 'less sugar')];
    const trials = readTrials([...three, ...other]);
    expect(trials.map(({ change, pairs }) => [change, pairs.length])).toEqual(jasmine.arrayWithExactContents([['soda', 3], ['less sugar', 1]])); // prettier-ignore
    expect(taste(three)?.difference).toBeCloseTo((1.5 + 1 + 1) / 3, 9);
    expect(taste(three)?.verdict).toBe('better');
  });
  it('say worse by what is best in its outcome: a darker top is no gain', () => {
    const dark = [1, 2, 3].flatMap((i) => [half(`${i}`, 'as-it-is', { top: 'gold' }), half(`${i}`, 'changed', { top: 'too-dark' })]); // prettier-ignore
    const [crust] = readTrials(dark)[0]?.readings ?? [];
    expect(crust?.difference).toBe(2);
    expect(crust?.verdict).toBe('worse');
  });
  it('of two that are really alike are called different about once in ten at most, told apart by a step four times in five', () => {
    const chance = chanceFrom(9);
    const scoreOf = (steps: number) => Math.max(1, Math.min(10, Math.round(2 * (3 + steps + normalFrom(chance) * Math.hypot(0.35, 0.5))))); // prettier-ignore
    const said = (apart: number) => {
      const runs = 400;
      let found = 0;
      for (let run = 0; run < runs; run++) {
        const pairs = Array.from({ length: 5 }, (_, i) => pair(`${i}`, scoreOf(0), scoreOf(apart))).flat();
        if (taste(pairs)?.verdict === 'better') found += 1;
      }
      return found / runs;
    };
    expect(said(0)).toBeLessThan(0.1);
    expect(said(1)).toBeGreaterThan(0.72);
  });
});

describe('versions', () => {
  const readings = { 'soda-left': 0.2, mixing: 40 };
  const scored = (score: number): BakeRecord => ({ ...BASE, score, readings: { mixing: 60, 'soda-left': 9 } });
  it('stand for the mean of their bakes, and their formula for itself', () => {
    const version = comparedVersion({ 'soda-left': 1.2 }, [scored(6), scored(8)]);
    expect(version.outcomes.taste).toBe(3.5);
    expect(version.readings).toEqual({ mixing: 60, 'soda-left': 1.2 });
    expect(version.bakes).toBe(2);
  });
  it('of more bakes are surer: what is a hint of one is none of four', () => {
    const of = (count: number, score: number) => comparedVersion(readings, Array.from({ length: count }, () => scored(score))); // prettier-ignore
    expect(compare(of(1, 6), of(1, 9))?.hint).toBeTrue();
    expect(compare(of(4, 6), of(4, 9))?.hint).toBeFalse();
  });
  it('without a bake are foreseen by the models, and by nothing else', () => {
    const before = comparedBake({ ...BASE, score: 5, readings: { ...readings, 'soda-left': 1.4 } });
    const after = comparedVersion(readings, []);
    const foreseen = compare(before, after);
    const row = SENSITIVITIES.find(({ outcome, reading }) => outcome === 'taste' && reading === 'soda-left');
    const worth = (row?.perUnit ?? 0) * ((0.2 - 1.4) / UNITS['soda-left'].unit);
    expect(foreseen?.outcome).toBe('taste');
    expect(foreseen?.moved).toBeCloseTo(worth, 9);
    expect(foreseen?.foreseenSpread).toBeGreaterThan(0.5);
    expect(foreseen?.hint).toBeTrue();
    expect(compare(after, comparedVersion(readings, []))).toBeUndefined();
  });
});
