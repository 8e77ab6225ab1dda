import { runBakeJob, type BakeJob } from '../../oven/baking/index.js';
import { mustBeVessel } from '../../kitchen/pans/must-be-vessel.spec-help.js';
import { isCutThin, withBatter } from './index.js';

const jobOf = (words: string, grams: number, celsius: number): BakeJob => ({
  batter: { grams, heatStyle: 'soda' },
  pans: mustBeVessel(words),
  setting: { celsius, fan: false, reasons: [] },
});
const minutesOf = (job: BakeJob) => {
  const result = runBakeJob(job);
  if (result.kind !== 'foreseen') throw new Error('never done');
  return result.bake.minutes.likely;
};

describe('a bake with more batter than planned', () => {
  it('of cut rounds makes more of them, which take no longer', () => {
    const scones = jobOf('disc 6 cm x 2 cm x 9', 590, 220);
    const more = withBatter(scones, 4 / 3);
    expect(isCutThin(scones.pans.pan)).toBeTrue();
    expect(more.pans.pan.shape === 'disc' && more.pans.pan.cavities).toBe(12);
    expect(Math.abs(minutesOf(more) / minutesOf(scones) - 1)).toBeLessThan(0.05);
  });
  it('of wedges is a wider round of the same height', () => {
    const wedges = jobOf('wedge 18 cm round x 8', 600, 200);
    const { pan } = withBatter(wedges, 1.44).pans;
    expect(pan.shape === 'wedge' && [pan.diameterCm, pan.cavities]).toEqual([18 * 1.2, 8]);
  });
  it('in a tin stands higher and takes longer; nothing changes where it is as planned', () => {
    const loaf = jobOf('900 g loaf tin', 900, 180);
    expect(withBatter(loaf, 1)).toBe(loaf);
    const more = withBatter(loaf, 1.2);
    expect(more.pans).toEqual(loaf.pans);
    expect(minutesOf(more)).toBeGreaterThan(1.05 * minutesOf(loaf));
  });
});
