import { simulateBake } from '../../oven/baking/index.js';
import {
  courseWith,
  FollowedBake,
  foreseenSpec,
  LiveBake,
  learnBake,
  priorOf,
  type LiveJob,
  type LiveModel,
} from './index.js';
import { follow, type Measured } from './measure-live.spec-help.js';
import { Symmetric } from './linear.js';
import { halton, probit } from './design.js';
import { deviatedSpec, doneMinuteOf, SIGMA } from './surrogate.js';
import { SHAPES } from './simulated-truth.spec-help.js';

let learned: LiveModel | undefined;
/** One round, learned once for all specs. */
const round = (): LiveModel => {
  learned ??= learnBake(SHAPES.round);
  if (!learned) throw new Error('never done');
  return learned;
};
const mean = (list: readonly number[]) => list.reduce((sum, value) => sum + value, 0) / list.length;

describe('the quadratics of a bake', () => {
  it('give the done time of bakes that they never saw, within half a percent', () => {
    for (const z of [[0.7, -0.8, 0.5, -0.6, 0.4], [-1, 0.5, -0.3, 0.8, -0.5], [1.2, 1, 0, 0, 0]]) {
      const [offset = 0, heat = 0, width = 0, mass = 0, start = 0] = z;
      const by = { offset: offset * SIGMA.offset, lnHeat: heat * SIGMA.lnHeat, lnWidth: width * SIGMA.lnWidth, lnMass: mass * SIGMA.lnMass, start: start * SIGMA.start };
      const direct = simulateBake(deviatedSpec(SHAPES.round, by)).doneMinute ?? NaN;
      expect(Math.abs(doneMinuteOf(round(), z) / direct - 1)).toBeLessThan(0.005);
    }
    expect(round().fitError.worst).toBeLessThan(0.005);
  }); // prettier-ignore
  it('say nothing of a bake that never sets', () => {
    expect(learnBake({ ...SHAPES.loaf, gramsPerPan: 20_000, ovenCelsius: 100 })).toBeUndefined();
  });
});

describe('the done time, while it bakes', () => {
  let followed: readonly Measured[] | undefined;
  const bakes = () =>
    (followed ??= Array.from({ length: 10 }, (_, i) => follow(SHAPES.round, round(), 900 + i, [0.5, 0.67])));
  it('is at half time at most half as wrong as the prediction, at two thirds a third', () => {
    const all = bakes();
    const predicted = mean(all.map(({ truth }) => Math.abs(round().nominal.doneMinute / truth.done - 1)));
    const wrong = (nth: number) => mean(all.map(({ truth, at }) => Math.abs((at[nth]?.likely ?? NaN) / truth.done - 1))); // prettier-ignore
    expect(wrong(0)).toBeLessThan(predicted / 2);
    expect(wrong(1)).toBeLessThan(predicted / 3);
    for (const { at } of all)
      for (const { low, likely, high, passed } of at) {
        expect(low).toBeLessThan(likely);
        expect(likely).toBeLessThan(high);
        expect(passed).toBeLessThan(0.5);
      }
  });
  it('is so for muffins too, where a probe stands off the middle; and about eight windows in ten hold', () => {
    const model = learnBake(SHAPES.muffins);
    if (!model) throw new Error('never done');
    const all = Array.from({ length: 40 }, (_, i) => follow(SHAPES.muffins, model, i + 1, [0.5, 0.67]));
    const predicted = mean(all.map(({ truth }) => Math.abs(model.nominal.doneMinute / truth.done - 1)));
    const wrong = (nth: number) => mean(all.map(({ truth, at }) => Math.abs((at[nth]?.likely ?? NaN) / truth.done - 1))); // prettier-ignore
    expect(wrong(0)).toBeLessThan(predicted / 2);
    expect(wrong(1)).toBeLessThan(predicted / 3);
    const held = mean(all.flatMap(({ truth, at }) => at.map(({ low, high }) => Number(low <= truth.done && truth.done <= high)))); // prettier-ignore
    expect(held).toBeGreaterThan(0.7);
    expect(held).toBeLessThan(0.95);
  });
  it('shows no window narrower than five percent either way', () => {
    const { at } = follow(SHAPES.round, round(), 907, [0.5, 0.85], { options: { leastHalfWidth: 0.05 } });
    for (const { low, likely, high } of at) {
      expect(high / likely).toBeGreaterThanOrEqual(1.05 - 1e-9);
      expect(likely / low).toBeGreaterThanOrEqual(1.05 - 1e-9);
    }
  });
  it('learns which way the oven errs', () => {
    const signs = bakes()
      .filter(({ truth }) => Math.abs(truth.offset) > 8)
      .map(({ truth, at }) => Math.sign(truth.offset) * (at[1]?.oven.celsius ?? 0));
    expect(signs.length).toBeGreaterThan(3);
    expect(mean(signs)).toBeGreaterThan(3);
  });
  it('has nothing to say against a probe that stands still in the middle', () => {
    for (const { last } of bakes()) expect(last.alarms.filter(({ code }) => code === 'fallen-out' || code === 'frozen')).toEqual([]);
  }); // prettier-ignore
});

describe('what goes wrong with instruments', () => {
  it('notices a probe that fell out, within a minute, and goes on', () => {
    const fallen = [3, 5, 8].map((seed) => follow(SHAPES.round, round(), seed, [0.9], { fault: 'fallen' }));
    for (const { truth, last } of fallen) {
      const alarm = last.alarms.find(({ code }) => code === 'fallen-out');
      expect((alarm?.minute ?? Infinity) - truth.faultAt).toBeLessThan(1.5);
      expect(Math.abs(last.likely / truth.done - 1)).toBeLessThan(0.12);
    }
  });
  it('notices a reading that stands still', () => {
    for (const seed of [3, 5]) {
      const { truth, last } = follow(SHAPES.round, round(), seed, [], { fault: 'frozen' });
      const alarm = last.alarms.find(({ code }) => code === 'frozen');
      expect((alarm?.minute ?? Infinity) - truth.faultAt).toBeLessThan(5);
    }
  });
  it('takes a place that the baker told of as a new one', () => {
    const told = [1, 2, 4, 6].map((seed) =>
      follow(SHAPES.round, round(), seed, [0.85], { fault: 'moved', told: true }),
    );
    for (const { truth, at } of told) expect(Math.abs((at[0]?.likely ?? NaN) / truth.done - 1)).toBeLessThan(0.08);
  });
  it('learns the bake again with the air as it was measured, once the power is back', () => {
    const cut = follow(SHAPES.round, round(), 4, [0.9], { fault: 'power' });
    expect(cut.last.alarms.map(({ code }) => code)).toContain('oven-off');
    expect(Math.abs(cut.last.likely / cut.truth.done - 1)).toBeLessThan(0.08);
  });
  it('says what is known without a probe and without a thermometer: the prediction', () => {
    const live = new LiveBake(round());
    const { likely, low, high } = live.estimate(0);
    expect(Math.abs(likely / round().nominal.doneMinute - 1)).toBeLessThan(0.06);
    expect(high / low).toBeGreaterThan(1.15);
  });
});

describe('its tools', () => {
  it('solve what a person can check', () => {
    const matrix = [[4, 2, 0], [2, 5, 1], [0, 1, 3]];
    const x = [1, -2, 3];
    const right = matrix.map((row) => row.reduce((sum, value, i) => sum + value * (x[i] ?? 0), 0));
    const normal = new Symmetric(3);
    matrix.forEach((row, i) => row.slice(0, i + 1).forEach((value, j) => normal.add(i, j, value)));
    const factor = normal.factor();
    factor.solve(right).forEach((value, i) => expect(value).toBeCloseTo(x[i] ?? 0, 12));
    expect(factor.lower[0]).toBe(2);
  }); // prettier-ignore
  it('draw the published quantiles and the first points of the sequence', () => {
    expect(probit(0.9)).toBeCloseTo(1.2816, 3);
    expect(probit(0.025)).toBeCloseTo(-1.96, 2);
    expect([1, 2, 3, 4].map((i) => halton(i, 2))).toEqual([0.5, 0.25, 0.75, 0.125]);
  });
});

describe('a bake that was foreseen, followed', () => {
  const job = (likely: number): LiveJob => ({
    key: 'one',
    job: {
      batter: { grams: 800, heatStyle: 'layer' },
      pans: { pan: SHAPES.round.pan, count: 1 },
      setting: { celsius: 175, fan: false, reasons: [] },
    },
    foreseen: { minutes: { first: likely * 0.8, low: likely * 0.85, likely, high: likely * 1.18 }, spread: 0.12 },
    readings: [],
    events: [],
    now: 0,
  });
  it('begins with the minutes that were foreseen, whatever the simulation alone would say', () => {
    for (const likely of [26, 40]) {
      const done = simulateBake(foreseenSpec(job(likely).job, likely)).doneMinute ?? NaN;
      expect(Math.abs(done / likely - 1))
        .withContext(String(likely))
        .toBeLessThan(0.01);
    }
  });
  it('takes what it is told twice once, and says later when the middle is behind', () => {
    const followed = FollowedBake.learned(job(32));
    if (!followed) throw new Error('never done');
    const first = followed.follow(job(32));
    const slow = Array.from({ length: 60 }, (_, i) => ({ minute: i / 4, core: 21 + 0.5 * i * (i / 60) }));
    const behind = followed.follow({ ...job(32), readings: slow, now: 15 });
    expect(behind.likely).toBeGreaterThan(first.likely);
    const again = followed.follow({ ...job(32), readings: slow, now: 15 });
    expect(Math.abs(again.likely / behind.likely - 1)).toBeLessThan(0.03);
  });
  it('doubts the oven and the uptake of heat as much as the window did', () => {
    const { spread } = priorOf(0.12, 12);
    const both = Math.hypot(0.0089 * 12 * (spread[0] ?? 0), 0.7 * 0.1 * (spread[1] ?? 0));
    expect(both).toBeCloseTo(0.12, 6);
  });
  it('lays foil on from when it was laid on, and lifts a lid when it was lifted', () => {
    const lid = { covers: [{ kind: 'lid', fromMinute: 0, toMinute: 30 }] } as const;
    expect(courseWith(lid, [{ kind: 'uncovered', minute: 25 }]).covers?.[0]?.toMinute).toBe(25);
    expect(
      courseWith({}, [
        { kind: 'tented', minute: 40 },
        { kind: 'set-to', minute: 41, celsius: 160 },
      ]),
    ).toEqual({
      covers: [{ kind: 'foil', fromMinute: 40 }],
      stages: [{ fromMinute: 41, celsius: 160 }],
    });
  });
});
