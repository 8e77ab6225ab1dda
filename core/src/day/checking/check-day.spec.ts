import { planDay } from '../planner/index.js';
import { generatedDay } from '../works/generated-days.spec-help.js';
import type { BatchWork, PlannedTask } from '../works/index.js';
import { checkDay, type DayFaultCode } from './index.js';

/* Faults planted into good plans, one at a time: a reader that passes them would let the planner pass them. */

const day = generatedDay(504, 6, { pairs: 2, away: [{ from: 600, to: 640 }], handsWash: true });
const layered: BatchWork = {
  ...(generatedDay(1, 1).batches[0] ?? day.batches[0]),
  id: 'layered',
  title: 'layered',
  handwork: [
    { kind: 'weigh', what: '', minutes: 9 },
    { kind: 'prepare', what: 'grate', minutes: 6 },
  ],
  waiting: [{ kind: 'take-out', what: 'butter', leastMinutes: 75, mostMinutes: 240 }],
  mixing: { minutes: 14, restMinutes: 5, holdMinutes: 15, bowls: 1, mixer: true },
  oven: {
    celsius: 175, low: 26, likely: 30, high: 35, racks: 1, loadMinutes: 4, unloadMinutes: 1, during: [{ kind: 'turn', share: 0.65, slack: 0.05 }],
    quietShare: 0.4, inPanMinutes: 10, inPanSlackMinutes: 10, coolMinutes: 80, pan: 'round', pans: 2,
  }, // prettier-ignore
  finishing: [
    { kind: 'frost', minutes: 20, waitMinutes: 30, fridgeLitres: 8 },
    { kind: 'slice', minutes: 5, waitMinutes: 0, fridgeLitres: 0 },
  ],
  makeFrostingMinutes: 12,
  dueMinute: 870,
  marginMinutes: 0,
  freshMinutes: 1440,
  freshnessWeight: 0.003,
};
const batches = [...day.batches.map((work) => ({ ...work, oven: work.oven && { ...work.oven, quietShare: 0 } })), layered] as BatchWork[]; // prettier-ignore
const kitchen = { ...day.kitchen, pans: { ...day.kitchen.pans, round: 2 }, bowls: 2, fridgeLitres: 10 };
const plan = planDay(batches, kitchen, { seconds: 1 });
const good = plan.kind === 'planned' ? plan.tasks : [];
const moved = (id: string, minutes: number) =>
  good.map((task) => (task.id === id ? { ...task, from: task.from + minutes, to: task.to + minutes } : task));
const changed = (id: string, change: Partial<PlannedTask>) =>
  good.map((task) => (task.id === id ? { ...task, ...change } : task));
const other = (kind: PlannedTask['kind']) => good.find((task) => task.kind === kind && !task.id.startsWith('layered'));
const idOf = (kind: PlannedTask['kind']) => other(kind)?.id ?? '';
const startOf = (id: string) => good.find((task) => task.id === id)?.from ?? 0;

/** [what is planted, the plan with it, what the reader has to say, what it is read against] */
const PLANTED: readonly (readonly [string, readonly PlannedTask[], DayFaultCode, Parameters<typeof checkDay>[3]?])[] = [
  ['a bake begins after its loading', moved('layered:bake', 3), 'not-loaded-in-time'],
  ['nobody takes it out in time', moved('layered:out', 2), 'not-out-in-time'],
  ['a batter is loaded without its rest', moved('layered:mix', 12), 'rests-too-short'],
  ['a batter waits too long', moved('layered:mix', -40), 'waits-too-long'],
  ['something is never mixed', good.filter(({ id }) => id !== 'layered:mix'), 'task-missing'],
  ['a bake is cut short', changed('layered:bake', { to: startOf('layered:bake') + 20 }), 'wrong-length'],
  ['half of the weighing is forgotten', good.filter(({ id }) => id !== 'layered:weigh'), 'beforehand-missing'],
  ['grating comes after mixing', moved('layered:prepare-1', 400), 'beforehand-too-late'],
  ['butter comes out of the fridge at the last minute', moved('layered:take-out butter', 70), 'taken-out-wrong'],
  ['a cake is turned out while it breaks', moved('layered:turn-out', -25), 'turned-out-wrong'],
  ['nobody turns the tin at its minute', moved('layered:turn', 8), 'watched-wrong'],
  ['a warm cake is frosted', moved('layered:frost', -300), 'finished-too-early'],
  ['the frosting is made after it goes on', moved('layered:make-frosting', 400), 'frosting-late'],
  ['the cake is cut after it was due', moved('layered:slice', 200), 'late'],
  ['the day begins before it begins', good, 'before-the-day', { now: startOf('layered:mix') + 30 }],
  ['a lock is passed over', good, 'lock-moved', { locks: { 'layered:mix': startOf('layered:mix') - 5 } }],
  ['the past is changed', good, 'past-moved', { done: { 'layered:mix': startOf('layered:mix') - 5 } }],
  ['the oven is never heated', good.filter(({ kind }) => kind !== 'preheat'), 'oven-cold'],
  ['it goes into an oven that is not there', changed('layered:bake', { oven: 3 }), 'oven-wrong'],
  [
    'one pair does two things at once',
    good.map((task) => (task.hands > 0 ? { ...task, pair: 0 } : task)),
    'pair-twice',
  ],
  ['somebody works while away', good.map((task) => (task.hands > 0 ? { ...task, pair: 1 } : task)), 'pair-away'],
  ['a pan is used again unwashed', moved(idOf('wash'), -60), 'wash-missing'],
];

describe('the independent reader of plans', () => {
  it('finds nothing in a good plan', () => {
    expect(plan.kind).toBe('planned');
    expect(checkDay(batches, kitchen, good)).toEqual([]);
  });
  for (const [what, tasks, code, against] of PLANTED)
    it(`sees that ${what}`, () => {
      expect(checkDay(batches, kitchen, tasks, against).map((fault) => fault.code)).toContain(code);
    });
  it('sees two heats at once, a full oven, an open door, too many hands, a full fridge', () => {
    const bakes = batches.map(({ id }) => good.find((task) => task.id === `${id}:bake`));
    const at = startOf('layered:bake');
    const together = good.map((task) => {
      const [id, name] = task.id.split(':');
      const bake = bakes.find((each) => each?.id === `${id ?? ''}:bake`);
      if (!bake || !['bake', 'load', 'out'].includes(name ?? '')) return task;
      const by = at + 5 - bake.from;
      return id === 'layered' ? task : { ...task, from: task.from + by, to: task.to + by };
    });
    const codes = new Set(checkDay(batches, kitchen, together).map(({ code }) => code));
    for (const code of ['oven-temperature', 'oven-full', 'door-opened', 'too-many-hands'] as const)
      expect(codes).toContain(code);
    const small = checkDay(batches, { ...kitchen, fridgeLitres: 4 }, good).map(({ code }) => code);
    expect(small).toContain('not-enough');
  });
  it('sees what is stale', () => {
    const fresh = batches.map((work) => (work.id === 'layered' ? { ...work, freshMinutes: 0, dueMinute: 1100 } : work));
    expect(checkDay(fresh, kitchen, good).map(({ code }) => code)).toContain('stale');
  });
});
