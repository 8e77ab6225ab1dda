import { leaveningLedger } from '../../batter/leavening/index.js';
import { demoWalks } from '../walk/demo-walks.spec-help.js';
import type { BowlLine } from '../weighing/index.js';
import { acidFor, ovenOff, rescuesFor, type MishapFacts, type MishapStage } from './index.js';

const loaf = () => {
  const found = demoWalks().find(({ id }) => id === 'pear-cardamom-loaf');
  if (!found) throw new Error('no loaf');
  return found;
};
const linesOf = (filled = 0): readonly BowlLine[] =>
  loaf().bake.audit.weighed.batter.map((part, i) => ({ id: part.ingredient.id, part, targetGrams: part.grams, inBowlGrams: i < filled ? part.grams : 0 })); // prettier-ignore
const facts = (stage: MishapStage, minutesIn = 0): MishapFacts => {
  const { style } = loaf().bake.audit;
  return { lines: linesOf(), at: { stage, minutesIn }, pieces: 1, ...(style && { style }) };
};
const codes = (...args: Parameters<typeof rescuesFor>) => rescuesFor(...args).map(({ code }) => code);
const round = { pan: { name: 'round', shape: 'round', material: 'light', topLengthCm: 23, topWidthCm: 23, bottomLengthCm: 23, bottomWidthCm: 23, depthCm: 5, cavities: 1 }, panCount: 1, gramsPerPan: 800, heatStyle: 'layer', ovenCelsius: 175, fan: false } as const; // prettier-ignore

describe('what can still be saved', () => {
  it('takes a forgotten leavener until the batter has begun to set, and then says what it will lack', () => {
    const forgot = { kind: 'forgot', id: 'baking-soda' } as const;
    expect(codes(forgot, facts('weighing'))).toEqual(['add-now']);
    expect(codes(forgot, facts('mixed'))).toEqual(['add-now', 'bakes-without']);
    expect(codes(forgot, facts('in-oven', 3))).toEqual(['out-and-fold', 'bakes-without']);
    expect(codes(forgot, facts('in-oven', 12))).toEqual(['bakes-without']);
    const without = rescuesFor(forgot, facts('in-oven', 12))[0];
    expect(without?.code === 'bakes-without' && without.gasShare).toBeLessThan(0.6);
    expect(without?.code === 'bakes-without' && without.outside.map(({ quantity }) => quantity)).toContain('gas');
  });
  it('brings doubled soda back with as much acid as the worked example says, and says that it is tasted', () => {
    const { batter } = loaf().bake.audit.weighed;
    const twice = batter.map((part) =>
      part.ingredient.id === 'baking-soda' ? { ...part, grams: 2 * part.grams } : part,
    );
    const aim = leaveningLedger(batter).crumbPh.likely;
    const tartar = acidFor(twice, 'cream-of-tartar', aim);
    const lemon = acidFor(twice, 'lemon-juice', aim);
    expect(tartar?.phAfter).toBeCloseTo(aim, 2);
    expect(lemon?.phAfter).toBeCloseTo(aim, 2);
    // along.md: 10.9 g cream of tartar or 68 g lemon juice, pH 8.49 → 8.90
    expect(Math.abs((tartar?.grams ?? 0) / 10.9 - 1)).toBeLessThan(0.15);
    expect(Math.abs((lemon?.grams ?? 0) / 68 - 1)).toBeLessThan(0.15);
    const answers = rescuesFor({ kind: 'twice', id: 'baking-soda' }, facts('mixed'));
    expect(answers.find(({ code }) => code === 'add-acid')).toEqual(jasmine.objectContaining({ tasted: true }));
    expect(answers.at(-1)?.code).toBe('begin-again');
  });
  it('asks for no acid where there is room already', () => {
    const { batter } = loaf().bake.audit.weighed;
    const now = leaveningLedger(batter).crumbPh.likely;
    expect(acidFor(batter, 'lemon-juice', now + 0.5)?.grams).toBe(0);
  });
  it('makes less only while nothing of more is in the bowl', () => {
    const short = { kind: 'no-more', id: 'yogurt-plain', haveGrams: 30 } as const;
    const id = linesOf().find(({ part }) => part.ingredient.id.includes('yogurt'))?.id ?? '';
    const before = rescuesFor({ ...short, id }, facts('weighing'));
    expect(before.map(({ code }) => code)).toEqual(['swap-it', 'make-less']);
    const after = rescuesFor({ ...short, id }, { ...facts('weighing'), lines: linesOf(3) });
    expect(after.map(({ code }) => code)).toEqual(['swap-it']);
    expect(rescuesFor({ ...short, id, haveGrams: 10_000 }, facts('weighing'))).toEqual([]);
  });
  it('loses gas with every minute a batter waits', () => {
    let before = 1.000001;
    for (const minutes of [0, 10, 30, 60]) {
      const [bake] = rescuesFor({ kind: 'waited', minutes }, facts('mixed'));
      if (bake?.code !== 'bake-now') throw new Error('no answer');
      expect(bake.gasShare).toBeLessThan(before);
      before = bake.gasShare;
    }
  });
  it('fills fewer cups with what is left of a dropped batter', () => {
    const whole = linesOf().reduce((sum, { targetGrams }) => sum + targetGrams, 0);
    const [fewer] = rescuesFor({ kind: 'dropped', leftGrams: whole / 2 }, { ...facts('in-pans'), pieces: 12 });
    expect(fewer).toEqual({ code: 'fewer-pans', grams: whole / 2, pieces: 6 });
    expect(codes({ kind: 'dropped', leftGrams: whole / 2 }, facts('in-pans'))).toEqual(['begin-again']);
  });
  it('costs nothing to be off for nothing, and minutes to be off for ten: more of them early', () => {
    expect(ovenOff(round, 10, 0).delayMinutes).toBeCloseTo(0, 1);
    const early = ovenOff(round, 10, 10);
    const late = ovenOff(round, 20, 10);
    // along.md: a round off for ten minutes at ten is 6.1 min later
    expect(Math.abs((early.delayMinutes ?? 0) - 6.1)).toBeLessThan(2);
    expect(late.delayMinutes ?? 0).toBeLessThan(early.delayMinutes ?? 0);
    expect(early.lowestOvenCelsius).toBeLessThan(140);
    expect(early.coreCelsius.after).toBeGreaterThan(early.coreCelsius.before);
  });
});
