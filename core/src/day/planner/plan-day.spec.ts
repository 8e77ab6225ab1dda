import { checkDay } from '../checking/index.js';
import { generatedDay, tinyDay } from '../works/generated-days.spec-help.js';
import { preheatMinutes } from '../../oven/baking/index.js';
import { changeMinutes, type BatchWork } from '../works/index.js';
import { planDay, type DayPlan } from './index.js';
import { cheapestByTrying } from './trying-everything.spec-help.js';

/** What the third prototype found for its own days: another program's figures. @source science/prototypes/planning, measured 27 November */
const PROTOTYPE: readonly (readonly [bakes: number, pairs: number, seed: number, cost: number])[] = [
  [6, 1, 101, 386.6], [6, 1, 103, 315.4], [6, 1, 104, 320.8], [6, 1, 107, 279.9], [6, 1, 108, 372.8],
  [6, 2, 101, 347.0], [6, 2, 102, 389.2], [6, 2, 104, 298.2], [6, 2, 107, 223.1], [6, 2, 108, 361.8],
]; // prettier-ignore

function planned(
  day: { readonly batches: readonly BatchWork[]; readonly kitchen: Parameters<typeof planDay>[1] },
  options: Parameters<typeof planDay>[2] = {},
): DayPlan {
  // prettier-ignore
  const plan = planDay(day.batches, day.kitchen, options);
  if (plan.kind !== 'planned') throw new Error('no plan');
  return plan;
}

describe('planning a day', () => {
  function costsWhatTryingFinds(seed: number, day: ReturnType<typeof tinyDay>, latestOut?: number): DayPlan | undefined {
    const cheapest = cheapestByTrying(day, latestOut);
    const plan = planDay(day.batches, day.kitchen, { seconds: 4, tolerance: 0.01 });
    if (plan.kind === 'none') {
      expect(cheapest).withContext(`day ${seed}`).toBe(Infinity);
      return undefined;
    }
    expect(plan.cost).withContext(`day ${seed}`).toBeCloseTo(cheapest, 1);
    expect(plan.proven).withContext(`day ${seed}`).toBeTrue();
    expect(plan.bound).withContext(`day ${seed}`).toBeLessThanOrEqual(cheapest + 0.011);
    expect(checkDay(day.batches, day.kitchen, plan.tasks)).withContext(`day ${seed}`).toEqual([]);
    return plan;
  } // prettier-ignore
  it('costs what trying every minute finds, on tiny days of mixed heats, one pair and two, with absences', () => {
    for (let seed = 1; seed <= 40; seed++) costsWhatTryingFinds(seed, tinyDay(seed));
  });
  it('costs what trying every minute finds, where the oven may be switched off and on again', () => {
    let rested = 0;
    for (let seed = 1; seed <= 16; seed++) {
      const plan = costsWhatTryingFinds(seed, tinyDay(seed, true), 95);
      if ((plan?.tasks.filter(({ kind }) => kind === 'preheat').length ?? 0) > 1) rested++;
    }
    // neither never nor always
    expect(rested).toBeGreaterThan(3);
    expect(rested).toBeLessThan(14);
  });
  it("never costs more than the prototype's plans of its own days, and proves it", () => {
    for (const [bakes, pairs, seed, cost] of PROTOTYPE) {
      const day = generatedDay(seed, bakes, { pairs });
      const plan = planned(day, { seconds: 4 });
      expect(plan.cost)
        .withContext(`${bakes} bakes, ${pairs} pairs, seed ${seed}`)
        .toBeLessThanOrEqual(cost + 0.1);
      expect(plan.proven).withContext(`seed ${seed}`).toBeTrue();
    }
  });
  it('keeps every rule that the independent reader knows: one pair and two, two ovens, absences, hands at the sink', () => {
    let seed = 500;
    for (const [bakes, pairs, ovens] of [
      [3, 1, 1],
      [5, 1, 1],
      [5, 2, 1],
      [4, 1, 2],
      [5, 2, 2],
      [7, 1, 1],
      [10, 2, 1],
    ] as const)
      // prettier-ignore
      for (const away of [[], [{ from: 700, to: 740 }]]) {
        seed++;
        const day = generatedDay(seed, bakes, { pairs, ovens, away, handsWash: true });
        const plan = planned(day, { seconds: 0.4 });
        expect(checkDay(day.batches, day.kitchen, plan.tasks)).withContext(`seed ${seed}`).toEqual([]);
        expect(plan.bound).toBeLessThanOrEqual(plan.cost + 1e-6);
      }
  });
  it('is the same for the same input', () => {
    const day = generatedDay(7, 5);
    expect(JSON.stringify(planned(day, { seconds: 0.3 }))).toBe(JSON.stringify(planned(day, { seconds: 0.3 })));
  });
  it('is no worse for more effort', () => {
    const day = generatedDay(31, 9);
    expect(planned(day, { seconds: 2 }).cost).toBeLessThanOrEqual(planned(day, { seconds: 0.2 }).cost + 1e-6);
  });
  it('leaves a lock where it is', () => {
    const day = generatedDay(7, 5);
    const mix = planned(day).tasks.find(({ kind }) => kind === 'mix');
    if (!mix) throw new Error('nothing is mixed');
    const locks = { [mix.id]: mix.from - 10 };
    const plan = planned(day, { locks });
    expect(plan.tasks.find(({ id }) => id === mix.id)?.from).toBe(mix.from - 10);
    expect(checkDay(day.batches, day.kitchen, plan.tasks, { locks })).toEqual([]);
  });
  it('lets nobody hand over in mid task: two who relieve each other have a name on every task', () => {
    for (let seed = 1; seed <= 20; seed++) {
      const day = generatedDay(seed, 4, { pairs: 2, handsWash: true });
      const at = 700 + ((seed * 7) % 120);
      const away = [{ from: at - 40, to: at }, { from: at, to: at + 45 }]; // prettier-ignore
      const pairs = day.kitchen.pairs.map((pair, i) => ({ ...pair, away: away.slice(i, i + 1) }));
      const kitchen = { ...day.kitchen, pairs };
      const { tasks } = planned({ ...day, kitchen }, { seconds: 0.2 });
      const nameless = tasks.filter(({ hands, pair, from, to }) => hands > 0 && to > from && pair === undefined);
      expect(nameless).withContext(`seed ${seed}`).toEqual([]);
      expect(checkDay(day.batches, kitchen, tasks))
        .withContext(`seed ${seed}`)
        .toEqual([]);
    }
  });
  it('gives a task to the pair of hands that it was given to', () => {
    const day = generatedDay(7, 5, { pairs: 2 });
    const free = planned(day).tasks.filter(({ kind }) => kind === 'mix');
    const givenTo = Object.fromEntries(free.map(({ id, pair }) => [id, pair === 0 ? 1 : 0]));
    const plan = planned({ ...day, kitchen: { ...day.kitchen, givenTo } });
    for (const { id, pair } of plan.tasks.filter(({ kind }) => kind === 'mix'))
      expect(pair).withContext(id).toBe(givenTo[id]);
    expect(checkDay(day.batches, day.kitchen, plan.tasks)).toEqual([]);
  });
  it('plans again from what is done, and leaves the past alone', () => {
    const day = generatedDay(9, 5);
    const first = planned(day);
    const now = first.startsAt + 60;
    const open = new Set(first.tasks.filter(({ mayBeCut, to }) => mayBeCut && to > now).map(({ id }) => id));
    const done = Object.fromEntries(
      first.tasks
        .filter(
          ({ batch, from, to, mayBeCut, id }) => batch >= 0 && (mayBeCut ? to <= now && !open.has(id) : from < now),
        )
        .map(({ id, from }) => [id, from]),
    );
    const again = planned(day, { done, now });
    expect(checkDay(day.batches, day.kitchen, again.tasks, { done, now })).toEqual([]);
  });
  it('stops when told, and keeps what it has', () => {
    const day = generatedDay(3, 12);
    let asked = 0;
    const plan = planDay(day.batches, day.kitchen, { seconds: 60, cancelled: () => ++asked > 40 });
    expect(plan.kind).toBe('planned');
    expect(plan.seconds).toBeLessThan(14);
  });
  it('proves two full ovens at one moment impossible, and calls a time-out none of the kind', () => {
    const day = generatedDay(1, 2);
    const batches = day.batches.map((work, i): BatchWork => ({
      ...work,
      id: `b${i}`,
      finishing: [],
      makeFrostingMinutes: 0,
      dueMinute: 900,
      freshMinutes: 5,
      ...(work.oven && { oven: { ...work.oven, racks: 2, coolMinutes: 10, inPanMinutes: 0, celsius: 220 } }),
    }));
    expect(planDay(batches, day.kitchen, {})).toEqual(jasmine.objectContaining({ kind: 'none', proven: true }));
    const large = generatedDay(3, 12);
    const nothing = planDay(large.batches, large.kitchen, { seconds: 0.0001 });
    expect(nothing).toEqual(jasmine.objectContaining({ kind: 'none', proven: false }));
  });
  it('switches the oven off for a long gap, and has it hot again', () => {
    const [early, late] = [generatedDay(1, 1), generatedDay(1, 1)].map(({ batches }, i) =>
      batches.map((work): BatchWork => ({ ...work, id: `b${i}`, dueMinute: i === 0 ? 600 : 1000, freshMinutes: 60 })),
    );
    const day = { batches: [...(early ?? []), ...(late ?? [])], kitchen: generatedDay(1, 1).kitchen };
    const plan = planned(day);
    const heats = plan.tasks.filter(({ kind }) => kind === 'preheat');
    expect(heats.length).toBe(2);
    const bakes = plan.tasks.filter(({ kind }) => kind === 'bake');
    const span = Math.max(...bakes.map(({ to }) => to)) - Math.min(...bakes.map(({ from }) => from));
    expect(plan.ovenMinutes).toBeLessThan(span);
    expect(checkDay(day.batches, day.kitchen, plan.tasks)).toEqual([]);
  });
});

describe('an oven', () => {
  it('is hot and at another heat after the minutes of the table', () => {
    expect([
      preheatMinutes(180, 15),
      changeMinutes(180, 220),
      changeMinutes(220, 180),
      changeMinutes(180, 180),
    ]).toEqual([19, 5, 14, 0]);
  });
});
