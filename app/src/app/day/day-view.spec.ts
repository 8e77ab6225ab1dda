import type { BatchWork, PlannedTask, TaskKind } from '@orvin/core/day/works';
import {
  coldLabels,
  coldThings,
  coolings,
  fitting,
  handBlocks,
  hoursOf,
  nextActs,
  ovenBlocks,
  ovenHeat,
  shortTitle,
  titlesFor,
  waits,
} from './day-view';

const task = (kind: TaskKind, from: number, to: number, more: Partial<PlannedTask> = {}): PlannedTask => ({
  id: `b${more.batch ?? 0}:${kind}`,
  kind,
  batch: 0,
  from,
  to,
  hands: 0,
  ...more,
});
const bake = (batch: number, from: number, to: number, celsius = 180) => task('bake', from, to, { batch, oven: 0, celsius }); // prettier-ignore

describe('the picture of a day', () => {
  it('names a batch in the room there is: whole, in two words, in one', () => {
    const title = 'Parsnip and hazelnut cake, browned-butter frosting';
    expect(shortTitle(title)).toBe('Parsnip, hazelnut cake');
    const ways = titlesFor(title);
    expect([30, 14, 6, 2].map((letters) => fitting(ways, letters))).toEqual(['Parsnip, hazelnut cake', 'hazelnut cake', 'cake', '']); // prettier-ignore
  });
  it('puts bakes that are in at once above one another, and one after another in one row', () => {
    const blocks = ovenBlocks([bake(0, 600, 640), bake(1, 610, 630), bake(2, 650, 700)], 0);
    expect(blocks.map(({ row, rows }) => [row, rows])).toEqual([
      [0, 2],
      [1, 2],
      [0, 1],
    ]);
  });
  it('heats before the first bake, holds while something bakes, and cools when all is out', () => {
    const tasks = [
      task('preheat', 580, 600, { id: 'oven:preheat', batch: -1, oven: 0, celsius: 180 }),
      bake(0, 600, 640),
    ];
    const { curve, marks } = ovenHeat(tasks, 0, { from: 540, to: 720 });
    const at = (minute: number) => curve.find((point) => point.minute === minute)?.celsius ?? 0;
    expect(at(560)).toBeLessThan(30);
    expect(at(590)).toBeGreaterThan(60);
    for (const minute of [600, 620, 639]) expect(at(minute)).toBe(180);
    expect(at(700)).toBeLessThan(120);
    expect(marks.map(({ words }) => words)).toEqual(['180 °C', 'off']);
  });
  it('holds its heat from bake to bake where it stays on, and lets it go where it is off in between', () => {
    const heat = task('preheat', 580, 600, { id: 'oven:preheat', batch: -1, oven: 0, celsius: 180 });
    const again = task('preheat', 690, 700, { id: 'oven:preheat-1', batch: -1, oven: 0, celsius: 180 });
    const bakes = [bake(0, 600, 640), bake(1, 700, 740)];
    const at = (tasks: readonly PlannedTask[], minute: number) =>
      ovenHeat(tasks, 0, { from: 540, to: 780 }).curve.find((point) => point.minute === minute)?.celsius ?? 0;
    expect(at([heat, ...bakes], 680)).toBe(180);
    expect(at([heat, again, ...bakes], 680)).toBeLessThan(100);
    for (const tasks of [
      [heat, ...bakes],
      [heat, again, ...bakes],
    ])
      expect(at(tasks, 710)).toBe(180);
    expect(ovenHeat([heat, again, ...bakes], 0, { from: 540, to: 780 }).marks.map(({ words }) => words)).toContain(
      'on',
    );
  });
  it('says what leaves the fridge in as many words as there is room for, and what leaves together in one', () => {
    const out = (from: number, what: string) => ({ batch: 0, from, to: from, what, kind: 'out' as const });
    const things = [out(600, 'eggs'), out(604, 'milk'), out(625, 'butter, for the frosting'), out(631, 'cream cheese')];
    const said = coldLabels(things, (words) => words.length, () => '10:00'); // prettier-ignore
    expect(said.map(({ words }) => words)).toEqual(['', 'eggs, milk out 10:00', 'butter', 'cream cheese out 10:00']);
  });
  it('tells of what comes out of the freezer: drawn, and said as the next thing to do', () => {
    const thaw = task('thaw', 500, 500);
    expect(coldThings([thaw], []).map(({ what, kind }) => `${what} ${kind}`)).toEqual(['frozen out']);
    expect(nextActs([thaw, task('from-store', 520, 520)], {}).map(({ kind }) => kind)).toEqual(['thaw']);
  });
  it('joins what touches and is of one batch into one block, but not mixing', () => {
    const hands = { hands: 1, pair: 0 };
    const blocks = handBlocks(
      [task('weigh', 600, 610, hands), task('line', 610, 614, hands), task('mix', 614, 622, hands)],
      new Set(['b0:mix']),
      { 'b0:mix': 614 },
      {},
    );
    expect(blocks.map(({ kinds, from, to, chain, locked }) => [kinds.join(), from, to, chain, locked])).toEqual([
      ['weigh,line', 600, 614, false, false],
      ['mix', 614, 622, true, true],
    ]);
  });
  it('shows how long a batter may wait, when it goes in, and what cools until what', () => {
    const work = { mixing: { minutes: 8, restMinutes: 0, holdMinutes: 20, bowls: 1, mixer: false } } as BatchWork;
    expect(waits([task('mix', 600, 608), task('portion', 612, 615)], [work])).toEqual([{ batch: 0, from: 608, to: 628, loaded: 612, pair: 0 }]); // prettier-ignore
    expect(coolings([task('cool', 660, 720), task('slice', 740, 745)])).toEqual([{ batch: 0, from: 660, to: 720, until: 740 }]); // prettier-ignore
  });
  it('spans the hours of the work and of the table', () => {
    const hours = hoursOf([task('weigh', 583, 595, { hands: 1 }), bake(0, 610, 640)], 870);
    expect(hours.from).toBeLessThanOrEqual(583);
    expect(hours.to).toBeGreaterThanOrEqual(870);
    expect([hours.from % 30, hours.to % 30]).toEqual([0, 0]);
  });
  it('says next what is not done, reminders too, and nothing that does itself', () => {
    const acts = nextActs([task('cool', 500, 600), task('take-out', 540, 540), task('mix', 600, 608, { hands: 1 }), bake(0, 610, 640)], { 'b0:take-out': 540 }); // prettier-ignore
    expect(acts.map(({ kind }) => kind)).toEqual(['mix']);
  });
});
