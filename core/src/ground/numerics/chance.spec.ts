import { chanceFrom } from './index.js';

describe('numbers by chance', () => {
  const many = (seed: number, count = 20_000) => {
    const next = chanceFrom(seed);
    return Array.from({ length: count }, next);
  };
  it('are the same for the same seed, and others for another', () => {
    expect(many(7, 50)).toEqual(many(7, 50));
    expect(many(7, 50)).not.toEqual(many(8, 50));
  });
  it('lie between 0 and 1, evenly: a tenth in each tenth, a mean of a half', () => {
    const list = many(7);
    expect(Math.min(...list)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...list)).toBeLessThan(1);
    const tenths = Array.from(
      { length: 10 },
      (_, i) => list.filter((x) => Math.floor(10 * x) === i).length / list.length,
    );
    for (const share of tenths) expect(Math.abs(share - 0.1)).toBeLessThan(0.01);
    expect(Math.abs(list.reduce((sum, x) => sum + x, 0) / list.length - 0.5)).toBeLessThan(0.01);
  });
  it('do not stick at a seed of nothing', () => {
    expect(new Set(many(0, 100)).size).toBe(100);
  });
});
