import { snapshotOf } from '../../batch/snapshots/index.js';
import { ingredientById } from '../../kitchen/ingredients/index.js';
import { bakingSchema } from '../baking-schema/index.js';
import { demoWalks, type DemoWalk } from '../walk/demo-walks.spec-help.js';
import type { WalkStep, WeighStep } from '../walk/index.js';
import {
  bakingState,
  batterFactor,
  bowlOf,
  gramsBefore,
  isByItself,
  isOver,
  timeFactor,
  timersAt,
  unevenness,
  type Baking,
  type Happening,
} from './index.js';

const NOW = 1_795_000_000_000;
const begun = ({ bake, foreseen, walk, id }: DemoWalk, happenings: readonly Happening[] = []): Baking => ({
  title: id,
  size: 'a tin',
  snapshot: snapshotOf(bake, { formulaId: id }, foreseen),
  walk,
  words: {},
  happenings: [{ kind: 'step', to: walk[0]?.id ?? '', at: NOW }, ...happenings],
  readings: [{ at: NOW, core: 41.5, air: 176, by: 'simulated' }],
});
const loaf = () => {
  const found = demoWalks().find(({ id }) => id === 'pear-cardamom-loaf');
  if (!found) throw new Error('no loaf');
  return found;
};
const weighings = (walk: readonly WalkStep[]) => walk.filter((step): step is WeighStep => step.kind === 'weigh');
/** One of everything that can happen. */
const everything = (walk: readonly WalkStep[]): readonly Happening[] => {
  const [line] = weighings(walk);
  const step = line?.id ?? '';
  return [
    { kind: 'step', to: step, at: NOW + 1 },
    { kind: 'weighed', step, grams: 209.4, by: 'device', at: NOW + 2 },
    { kind: 'retargeted', targets: { [step]: 215 }, because: 'Make all of it 1.03 times', at: NOW + 3 },
    { kind: 'divided', step: 'divide:0', piece: 0, grams: 924, by: 'simulated', at: NOW + 4 },
    { kind: 'mixed', step: 'mix:s1', seconds: 32, at: NOW + 5 },
    { kind: 'oven-read', celsius: 171, by: 'hand', at: NOW + 6 },
    { kind: 'in', portion: 0, at: NOW + 7 },
    { kind: 'look', portion: 0, seen: 'nearly', at: NOW + 8 },
    { kind: 'did', portion: 0, what: 'turned', at: NOW + 9 },
    { kind: 'timer', id: 'heat', name: 'oven to 175 °C', until: NOW + 60_000, at: NOW + 10 },
    { kind: 'timer-off', id: 'heat', at: NOW + 11 },
    { kind: 'out', portion: 0, at: NOW + 12 },
    { kind: 'ended', at: NOW + 13 },
    { kind: 'resumed', at: NOW + 14 },
  ];
};

describe('a bake on the disk', () => {
  it('is whole for every formula of the demo, with all that can happen in it', () => {
    for (const demo of demoWalks()) {
      const baking = begun(demo, everything(demo.walk));
      const { error } = bakingSchema.validate(JSON.parse(JSON.stringify(baking)));
      expect(error?.message).withContext(demo.id).toBeUndefined();
    }
  });
  it('is refused where something in it is none', () => {
    const baking = begun(loaf());
    for (const broken of [
      { ...baking, happenings: [{ kind: 'exploded', at: NOW }] },
      { ...baking, happenings: [{ kind: 'weighed', step: 'x', grams: 'much', by: 'hand', at: NOW }] },
      { ...baking, walk: [{ kind: 'weigh', id: 'x' }] },
      { ...baking, readings: [{ at: NOW, core: 9000, by: 'hand' }] },
    ])
      expect(bakingSchema.validate(JSON.parse(JSON.stringify(broken))).error).toBeDefined();
  });
});

describe('what stands of a bake, from what happened', () => {
  it('begins at its first step, goes where it is told, and passes over a step that is none', () => {
    const { walk } = loaf();
    expect(bakingState(walk, []).at).toBe(0);
    const there = bakingState(walk, [{ kind: 'step', to: walk[5]?.id ?? '', at: NOW }, { kind: 'step', to: 'nowhere', at: NOW }]); // prettier-ignore
    expect(there.step?.id).toBe(walk[5]?.id);
  });
  it('is the same whatever is undone and told again', () => {
    const { walk } = loaf();
    const all = everything(walk);
    const again = bakingState(walk, [...all.slice(0, -3), ...all.slice(-3)]);
    expect(again).toEqual(bakingState(walk, all));
    expect(bakingState(walk, all.slice(0, 2)).targets.size).toBe(0);
    expect(bakingState(walk, all.slice(0, 3)).targets.size).toBe(1);
  });
  it('says who spoke: one figure of a stand-in makes the whole bake a simulated one', () => {
    const { walk } = loaf();
    const told = (by: 'hand' | 'simulated'): Happening => ({ kind: 'weighed', step: 'x', grams: 1, by, at: NOW });
    expect(bakingState(walk, [told('hand')]).simulated).toBeFalse();
    expect(bakingState(walk, [told('hand'), told('simulated')]).simulated).toBeTrue();
  });
  it('knows the bowl: what was weighed into it, and what each line is still to be', () => {
    const { walk } = loaf();
    const [flour, wholemeal] = weighings(walk);
    if (!flour || !wholemeal) throw new Error('no lines');
    const state = bakingState(walk, [
      { kind: 'weighed', step: flour.id, grams: 215, by: 'hand', at: NOW },
      { kind: 'retargeted', targets: { [wholemeal.id]: 62 }, because: '', at: NOW },
    ]);
    const bowl = bowlOf(walk, state, ingredientById);
    expect(bowl.find(({ id }) => id === flour.id)?.inBowlGrams).toBe(215);
    expect(bowl.find(({ id }) => id === wholemeal.id)).toEqual(jasmine.objectContaining({ targetGrams: 62, inBowlGrams: 0 })); // prettier-ignore
    expect(gramsBefore(walk, state, wholemeal)).toBe(215);
    expect(gramsBefore(walk, state, flour)).toBe(0);
    // what is strewn on top is no batter
    expect(bowl.some(({ id }) => walk.find((step) => step.id === id && step.kind === 'weigh' && step.part !== ''))).toBeFalse(); // prettier-ignore
  });
  it('knows how much batter there really is, and what that does to the minutes', () => {
    const { walk } = loaf();
    const [flour] = weighings(walk);
    if (!flour) throw new Error('no flour');
    expect(batterFactor(walk, bakingState(walk, []))).toBe(1);
    const all = weighings(walk).filter(({ part }) => part === '');
    const bigger = bakingState(walk, [{ kind: 'retargeted', targets: Object.fromEntries(all.map(({ id, grams }) => [id, 1.15 * grams])), because: '', at: NOW }]); // prettier-ignore
    expect(batterFactor(walk, bigger)).toBeCloseTo(1.15, 9);
    expect(timeFactor(1)).toBe(1);
    // along.md: longer as the power 0.65
    expect(timeFactor(2)).toBeCloseTo(1.569, 3);
    const over = bakingState(walk, [{ kind: 'weighed', step: flour.id, grams: flour.grams + 30, by: 'hand', at: NOW }]);
    const batter = all.reduce((sum, { grams }) => sum + grams, 0);
    expect(batterFactor(walk, over)).toBeCloseTo(1 + 30 / batter, 9);
  });
  it('goes on by itself in the oven, and not before it is in nor once it is out', () => {
    const { walk } = loaf();
    const at = (...happenings: readonly Happening[]) =>
      isByItself(bakingState(walk, [{ kind: 'step', to: 'bake:0', at: NOW }, ...happenings]));
    expect(at()).toBeFalse();
    expect(at({ kind: 'in', portion: 0, at: NOW })).toBeTrue();
    expect(at({ kind: 'in', portion: 0, at: NOW }, { kind: 'out', portion: 0, at: NOW + 1 })).toBeFalse();
    expect(isByItself(bakingState(walk, [{ kind: 'step', to: 'cool:0', at: NOW }]))).toBeTrue();
    expect(isByItself(bakingState(walk, []))).toBeFalse();
  });
  it('is over once it ended, unless it was taken up again', () => {
    expect(isOver([])).toBeFalse();
    expect(isOver([{ kind: 'ended', at: NOW }])).toBeTrue();
    expect(isOver([{ kind: 'ended', at: NOW }, { kind: 'resumed', at: NOW }])).toBeFalse(); // prettier-ignore
  });
});

describe('timers', () => {
  /** Three hours of virtual time, asked at odd moments, with sleep and the change of the clock between. */
  it('ring at their instant, to the millisecond, however seldom anybody asks', () => {
    const { walk } = loaf();
    const timers = [1, 90, 179.5].map((minutes, i): Happening => ({ kind: 'timer', id: `t${i}`, name: `t${i}`, until: NOW + minutes * 60_000, at: NOW })); // prettier-ignore
    const state = bakingState(walk, timers);
    const rangAt = (now: number) => timersAt(state, now).rang.map(({ id }) => id);
    for (const [i, minutes] of [1, 90, 179.5].entries()) {
      const until = NOW + minutes * 60_000;
      expect(rangAt(until - 1)).not.toContain(`t${i}`);
      expect(rangAt(until)).toContain(`t${i}`);
      expect(rangAt(until + 8 * 3_600_000)).toContain(`t${i}`);
    }
    expect(timersAt(state, NOW).running.map(({ id }) => id)).toEqual(['t0', 't1', 't2']);
  });
  it('are put off and put away', () => {
    const { walk } = loaf();
    const first: Happening = { kind: 'timer', id: 'look', name: 'look', until: NOW + 1000, at: NOW };
    const later: Happening = { ...first, until: NOW + 121_000, at: NOW + 1000 };
    const snoozed = bakingState(walk, [first, later]);
    expect(timersAt(snoozed, NOW + 60_000).rang).toEqual([]);
    expect(bakingState(walk, [first, later, { kind: 'timer-off', id: 'look', at: NOW }]).timers).toEqual([]);
  });
});

describe('evenness', () => {
  it('is the largest distance from the middle', () => {
    expect(unevenness([])).toBe(0);
    expect(unevenness([400])).toBe(0);
    expect(unevenness([400, 400])).toBe(0);
    expect(unevenness([380, 420])).toBeCloseTo(0.05, 9);
    expect(unevenness([90, 100, 110, 100])).toBeCloseTo(0.1, 9);
  });
});
