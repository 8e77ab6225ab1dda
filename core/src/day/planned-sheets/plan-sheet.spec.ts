import { USUAL_FROSTING } from '../../batch/plan/index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';
import { readText } from '../../formula/reading/index.js';
import type { BatchWork, PlannedTask } from '../works/index.js';
import { checkDay } from '../checking/index.js';
import { isoOf } from '../clock/index.js';
import { daySheetSchema } from '../sheet-schema/index.js';
import { conflictOf, marginedWorks, planSheet, waysOutOf, worksOfSheet, type SheetPlan } from './index.js';
import { orderOf, REGATTA_FORMULAS, sheetOf, wishFor } from './regatta.spec-help.js';

const worksFor = (...ids: readonly string[]): readonly BatchWork[] => {
  const of = worksOfSheet(orderOf(sheetOf(ids.map((id) => wishFor(id)))));
  if ('problems' in of) throw new Error(JSON.stringify(of.problems));
  return of.works;
};
const plannedOf = (plan: SheetPlan) => {
  if (plan.kind !== 'planned') throw new Error(plan.kind);
  return plan;
};

describe('what a batch asks of the day', () => {
  it('is read from its formula, not from a list: what is grated, browned, toasted, zested and frosted', () => {
    const [parsnip] = worksFor('parsnip-hazelnut-cake');
    const prepared = parsnip?.handwork.filter(({ kind }) => kind === 'prepare').map(({ what }) => what) ?? [];
    expect(prepared.join()).toContain('grate the parsnip');
    expect(prepared.join()).toContain('toast the hazelnuts');
    expect(prepared).toContain('brown the butter');
    expect(parsnip?.finishing.map(({ kind }) => kind)).toEqual(['frost', 'slice']);
    expect(parsnip?.makeFrostingMinutes).toBeGreaterThan(0);
    expect(parsnip?.oven?.pans).toBe(2);
  });
  it('is mixed by the method of its steps: creamed with soft butter, rubbed in with cold', () => {
    const [marmalade, scones] = worksFor('marmalade-almond-loaf', 'thyme-sweet-potato-scones');
    expect(marmalade?.mixing?.mixer).toBeTrue();
    expect(marmalade?.waiting.map(({ kind, what }) => `${kind} ${what}`)).toContain('take-out butter');
    expect(scones?.mixing?.mixer).toBeFalse();
    expect(scones?.waiting.map(({ kind }) => kind)).toEqual(['chill']);
  });
  it('takes what its method says over every default: minutes in the pan, a soaking overnight', () => {
    const [pear, fruit, coconut] = worksFor('pear-cardamom-loaf', 'cider-fed-harvest-fruit-cake', 'coconut-passion-fruit-layer-cake'); // prettier-ignore
    expect(pear?.oven?.inPanMinutes).toBe(10);
    expect(coconut?.oven?.inPanMinutes).toBe(15);
    expect(fruit?.waiting.find(({ kind }) => kind === 'soak')?.leastMinutes).toBeGreaterThanOrEqual(480);
  });
  it('lets a thin batter of soda wait less than a stiff dough', () => {
    const [gingerbread, scones] = worksFor('gingerbread-dark-treacle', 'thyme-sweet-potato-scones');
    expect(gingerbread?.mixing?.holdMinutes ?? 0).toBeLessThan(scones?.mixing?.holdMinutes ?? 0);
  });
  it('stands soft before its frosting is made; a crumb coat sets in the cold before the frosting goes on', () => {
    const frosting = { ...USUAL_FROSTING, crumbCoat: true };
    const cake = wishFor('parsnip-hazelnut-cake', { batch: { targets: [], frosting } });
    const plan = plannedOf(planSheet(orderOf(sheetOf([cake]))));
    const { tasks } = plan.plan;
    const at = (kind: PlannedTask['kind'], what = '') => tasks.find((task) => task.kind === kind && (task.what ?? '') === what); // prettier-ignore
    const [cheese, made, coat, frost] = [at('take-out', 'cream cheese'), at('make-frosting'), at('crumb-coat'), at('frost')]; // prettier-ignore
    // an hour and more in a room of 21 °C
    expect((made?.to ?? 0) - (cheese?.from ?? NaN)).toBeGreaterThan(60);
    expect((frost?.from ?? 0) - (coat?.to ?? NaN)).toBeGreaterThanOrEqual(20);
    expect(made?.to ?? NaN).toBeLessThanOrEqual(coat?.from ?? 0);
    expect(checkDay(plan.of.works, plan.of.kitchen, tasks)).toEqual([]);
    const late = tasks.map((task) => (task === cheese ? { ...task, from: task.from + 60, to: task.to + 60 } : task));
    expect(checkDay(plan.of.works, plan.of.kitchen, late).map(({ code }) => code)).toContain('taken-out-wrong');
  });
  it('is taken out of the freezer in time to thaw: pieces sooner than a loaf, a loaf sooner than what is deep', () => {
    const out = (id: string) => {
      const plan = plannedOf(planSheet(orderOf(sheetOf([wishFor(id, { frozen: true })]))));
      const task = plan.plan.tasks.find(({ kind }) => kind === 'thaw');
      expect(plan.plan.tasks.some(({ kind }) => kind === 'bake' || kind === 'mix')).toBeFalse();
      expect(checkDay(plan.of.works, plan.of.kitchen, plan.plan.tasks)).toEqual([]);
      return task?.from ?? NaN;
    };
    const [pieces, loaf, deep] = [out('rhubarb-ginger-muffins'), out('pear-cardamom-loaf'), out('cider-fed-harvest-fruit-cake')]; // prettier-ignore
    expect(loaf).toBeLessThanOrEqual(pieces - 120);
    expect(deep).toBeLessThanOrEqual(loaf - 120);
  });
  it('takes room in the freezer, raw the evening before too: more than there is, is refused', () => {
    const wishes = [wishFor('pear-cardamom-loaf', { frozen: true }), wishFor('thyme-sweet-potato-scones', { eveningBefore: true })]; // prettier-ignore
    const codes = (freezerLitres: number) => {
      const of = worksOfSheet(orderOf(sheetOf(wishes, { freezerLitres })));
      return 'problems' in of ? of.problems : [];
    };
    const [problem] = codes(1);
    expect(problem?.code).toBe('freezer-full');
    const wanted = problem?.wanted ?? 0;
    expect(codes(wanted)).toEqual([]);
    expect(codes(wanted - 1).length).toBe(1);
  });
  it('stands on a griddle where its method says so, go after go, and somebody with it', () => {
    const plan = plannedOf(planSheet(orderOf(sheetOf([wishFor('oat-farls', { served: 'warm' })]))));
    const onGriddle = plan.plan.tasks.filter(({ kind }) => kind === 'griddle');
    // nine minutes a side, one round of four
    expect(onGriddle.map(({ from, to, hands }) => [to - from, hands])).toEqual([[18, 1]]);
    expect(plan.plan.tasks.some(({ oven }) => oven !== undefined)).toBeFalse();
    expect(checkDay(plan.of.works, plan.of.kitchen, plan.plan.tasks)).toEqual([]);
    const left = plan.plan.tasks.map((task) => (task.kind === 'griddle' ? { ...task, hands: 0 } : task));
    expect(checkDay(plan.of.works, plan.of.kitchen, left).map(({ code }) => code)).toContain('nobody-at-griddle');
    const twice = worksOfSheet(orderOf(sheetOf([wishFor('oat-farls', { batch: { targets: [{ kind: 'times', times: 2 }] } })]))); // prettier-ignore
    expect('works' in twice && twice.works[0]?.griddle?.minutes).toBe(36);
  });
  it('is left alone in steam, and ready when it has had its time', () => {
    const text = 'Damson pudding\n120 g butter, softened\n120 g caster sugar\n2 eggs\n120 g self-raising flour\n\nMethod\n1. Cream the butter and sugar, beat in the eggs, fold in the flour.\n2. Spoon into a 1 litre pudding basin, cover and steam for 1 1/2 hours.'; // prettier-ignore
    const formulas = { pudding: { formula: formulaRead(readText(text, 'UK')) } };
    const plan = plannedOf(planSheet({ ...orderOf(sheetOf([wishFor('pudding', { served: 'warm' })])), formulas }));
    const [put, ...others] = plan.plan.tasks.filter(({ kind }) => kind === 'griddle');
    expect(others).toEqual([]);
    expect((put?.to ?? NaN) - (put?.from ?? NaN)).toBeLessThanOrEqual(10);
    expect((plan.of.works[0]?.dueMinute ?? NaN) - (put?.to ?? NaN)).toBeGreaterThanOrEqual(90);
    expect(plan.plan.tasks.some(({ oven }) => oven !== undefined)).toBeFalse();
    expect(checkDay(plan.of.works, plan.of.kitchen, plan.plan.tasks)).toEqual([]);
    expect(put?.what).toBe('steam');
  });
  it('is only cut where it was made long before', () => {
    const of = worksOfSheet(orderOf(sheetOf([wishFor('cider-fed-harvest-fruit-cake', { madeOn: '2026-10-24' })])));
    if ('problems' in of) throw new Error('refused');
    expect(of.works[0]?.oven).toBeUndefined();
    expect(of.works[0]?.finishing.map(({ kind }) => kind)).toEqual(['slice']);
    expect(of.ahead[0]?.fedEveryDays).toBe(7);
  });
});

describe('planning a sheet', () => {
  const wishes = [wishFor('pear-cardamom-loaf'), wishFor('rhubarb-ginger-muffins'), wishFor('thyme-sweet-potato-scones', { served: 'warm' })]; // prettier-ignore
  const plan = plannedOf(planSheet(orderOf(sheetOf(wishes))));

  it('keeps every deadline on nine days in ten, and passes the independent reader', () => {
    expect(plan.safe).toBeTrue();
    for (const share of plan.played.onTime) expect(share).toBeGreaterThanOrEqual(0.9);
    expect(checkDay(plan.of.works, plan.of.kitchen, plan.plan.tasks)).toEqual([]);
  });
  it('needs its margins: planned with likely minutes alone, some deadline is kept on fewer days', () => {
    expect(plan.of.works.some(({ marginMinutes }) => marginMinutes > 0)).toBeTrue();
  });
  it('gives every deadline what it may slip, and the chain the least of it', () => {
    const { inHand, ofBatches, chain } = plan.slack;
    expect(Math.min(...ofBatches)).toBe(inHand);
    expect(chain.length).toBeGreaterThan(0);
    // more than the margin of its own batch nothing on the chain can have in hand
    expect(inHand).toBeGreaterThanOrEqual(0);
  });
  it('is a sheet that can be stored', () => {
    expect(daySheetSchema.validate(sheetOf(wishes)).error).toBeUndefined();
  });
  it('keeps its minutes across the change of the clock', () => {
    const night = sheetOf([wishFor('pear-cardamom-loaf', { due: '2026-10-25T09:00' })], { date: '2026-10-25', notBefore: '00:00' }); // prettier-ignore
    const { plan: found } = plannedOf(planSheet({ ...orderOf(night), begins: -300 }));
    const bake = found.tasks.find(({ kind }) => kind === 'bake');
    const usual = plan.plan.tasks.find(({ kind, id }) => kind === 'bake' && id.startsWith('pear'));
    expect((bake?.to ?? 0) - (bake?.from ?? 0)).toBe((usual?.to ?? 0) - (usual?.from ?? 0));
    const slice = found.tasks.find(({ kind }) => kind === 'slice');
    expect(isoOf({ date: '2026-10-25', zone: 'Europe/London' }, slice?.to ?? 0) <= '2026-10-25T09:00').toBeTrue();
  });
  it('refuses in words what cannot be: no hands, no batches, a past hour, too few pans, a formula that is gone', () => {
    const codes = (order: Parameters<typeof planSheet>[0]) => {
      const refused = planSheet(order);
      return refused.kind === 'refused' ? refused.problems.map(({ code }) => code) : [];
    };
    expect(codes(orderOf(sheetOf(wishes, { pairs: [] })))).toEqual(['no-hands']);
    expect(codes(orderOf(sheetOf([])))).toEqual(['no-batches']);
    expect(codes({ ...orderOf(sheetOf(wishes.slice(0, 1))), now: 900 })).toEqual(['due-past']);
    expect(codes(orderOf(sheetOf([wishFor('nothing')])))).toEqual(['formula-gone']);
    const farls = REGATTA_FORMULAS['oat-farls'];
    const untimed = { untimed: { ...farls, formula: { ...farls?.formula, steps: [] } } } as typeof REGATTA_FORMULAS;
    expect(codes({ ...orderOf(sheetOf([wishFor('untimed')])), formulas: untimed })).toEqual(['no-oven-time']);
    expect(codes(orderOf(sheetOf([wishFor('cider-fed-harvest-fruit-cake', { celsius: 100 })])))).toEqual([
      'never-done',
    ]);
    const pan = worksFor('parsnip-hazelnut-cake')[0]?.oven?.pan ?? '';
    const shelf = REGATTA_FORMULAS['parsnip-hazelnut-cake'] && {
      id: 'p', name: pan, count: 1, pan: { name: pan, shape: 'round' as const, topLengthCm: 20, topWidthCm: 20, bottomLengthCm: 20, bottomWidthCm: 20, depthCm: 5, cavities: 1, material: 'light' as const },
    }; // prettier-ignore
    const order = orderOf(sheetOf([wishFor('parsnip-hazelnut-cake')]));
    expect(codes({ ...order, kitchen: { ...order.kitchen, pans: shelf ? [shelf] : [] } })).toEqual(['pans-missing']);
  });
  it('finds room for what else there is to do, before its hour and beside nothing else of that pair', () => {
    const own = [{ id: 'tables', what: 'clear the tables', minutes: 20, due: '2026-11-28T13:30' }];
    const with_ = plannedOf(planSheet(orderOf(sheetOf(wishes, { own }))));
    const task = with_.plan.tasks.find(({ kind }) => kind === 'own');
    expect((task?.to ?? 0) - (task?.from ?? 0)).toBe(20);
    expect(task?.to ?? 0).toBeLessThanOrEqual(13 * 60 + 30);
    expect(checkDay(with_.of.works, with_.of.kitchen, with_.plan.tasks)).toEqual([]);
    expect(with_.of.works.at(-1)?.title).toBe('clear the tables');
  });
  it('plans the evening before too, where a batch is moved there', () => {
    const moved = plannedOf(planSheet(orderOf(sheetOf([wishFor('pear-cardamom-loaf', { eveningBefore: true }), wishes[1] ?? wishFor('')])))); // prettier-ignore
    expect(moved.evening?.tasks.some(({ kind }) => kind === 'bake')).toBeTrue();
    expect(moved.evening?.tasks.every(({ to }) => to <= 0)).toBeTrue();
    expect(moved.plan.tasks.filter(({ kind }) => kind === 'bake').length).toBe(1);
    expect(moved.plan.startsAt).toBeGreaterThan(plan.plan.startsAt);
  });
});

describe('a day that does not fit', () => {
  const tight = orderOf(sheetOf([wishFor('pear-cardamom-loaf'), wishFor('gingerbread-dark-treacle'), wishFor('rhubarb-ginger-muffins')], { notBefore: '10:50' }), 2); // prettier-ignore
  const margined = marginedWorks(tight);
  const ways = margined ? waysOutOf(margined, 2) : [];

  it('is no plan, with the reason in minutes', () => {
    expect(planSheet(tight)).toEqual(jasmine.objectContaining({ kind: 'none' }));
    const conflict = margined && conflictOf(margined, 1);
    expect(conflict?.short).toContain('start');
    expect(conflict?.earlierMinutes).toBeGreaterThan(0);
  });
  it('has ways out, each a plan that the independent reader passes', () => {
    expect(ways.map(({ code }) => code)).toContain('earlier');
    expect(ways.length).toBeGreaterThan(1);
    for (const { plan, works, kitchen, code } of ways)
      expect(checkDay(works, kitchen, plan.tasks))
        .withContext(code)
        .toEqual([]);
  });
  it('that only what is held makes impossible says so, and lets it go', () => {
    const loose = orderOf(
      sheetOf([wishFor('pear-cardamom-loaf')], { locks: { 'pear-cardamom-loaf:mix': 13 * 60 } }),
      1,
    );
    expect(planSheet(loose).kind).toBe('none');
    const of = marginedWorks(loose);
    expect(of && conflictOf(of, 1).short).toContain('held');
    const [way] = of ? waysOutOf(of, 1, ['others']).filter(({ code }) => code === 'let-go') : [];
    expect(way?.plan.startsAt).toBeGreaterThan(0);
  });
  it('begins no earlier than the morning in any of them but the one that says so', () => {
    for (const { code, plan } of ways.filter((way) => way.code !== 'earlier'))
      expect(plan.startsAt)
        .withContext(code)
        .toBeGreaterThanOrEqual(10 * 60 + 50);
  });
});
