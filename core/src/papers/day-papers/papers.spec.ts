import Papa from 'papaparse';
import { shoppingList } from '../../day/shopping/index.js';
import type { PlannedTask } from '../../day/works/index.js';
import { dayEvents, dayMarkdown, shoppingCsv, shoppingMarkdown, shoppingText } from './index.js';
import { buyInWords } from '../../words/day-words/index.js';

const list = shoppingList(
  [
    { ingredientId: 'all-purpose-flour', name: 'plain flour', grams: 700 },
    { ingredientId: 'lime-zest', name: 'lime zest', grams: 8 },
    { ingredientId: 'buttermilk', name: 'Buttermilk', grams: 300 },
    { ingredientId: 'canola-oil', name: 'rapeseed oil', grams: 147 },
    { ingredientId: 'rhubarb', name: '=Rhubarb, "red"', grams: 160 },
    { ingredientId: 'baking-soda', name: 'bicarbonate of soda', grams: 6 },
  ],
  { 'baking-soda': 40 },
  'UK',
);
const buys = list.flatMap(({ items }) => items.map(buyInWords));

describe('a shopping list on paper', () => {
  it('names what goes into the basket: packs, pieces in their plural, litres as the label has them', () => {
    expect(buys).toContain('2 limes');
    expect(buys).toContain('1 l rapeseed oil');
    expect(buys).toContain('300 ml buttermilk');
    expect(buys.some((words) => words.endsWith('g plain flour'))).toBeTrue();
  });
  it('leaves out what there is enough of, in every file', () => {
    for (const paper of [shoppingText(list), shoppingMarkdown(list), shoppingCsv(list)]) {
      expect(paper).toContain('2 limes');
      expect(paper).not.toContain('bicarbonate');
    }
  });
  it('is a table that another reader takes apart, with nothing in it that a spreadsheet would run', () => {
    const { data, errors } = Papa.parse<Record<string, string>>(shoppingCsv(list).trim(), { header: true });
    expect(errors).toEqual([]);
    expect(data.length).toBe(5);
    for (const row of data) expect(row['buy']).not.toMatch(/^[=+@-]/);
    expect(data.find(({ aisle }) => aisle === 'flour and sugar')?.['needed g']).toBe('700');
  });
  it('is a list to tick in Markdown, one heading an aisle', () => {
    const paper = shoppingMarkdown(list);
    expect(paper.match(/^## /gm)?.length).toBe(4);
    expect(paper.match(/^- \[ \] /gm)?.length).toBe(5);
  });
});

const tasks: readonly PlannedTask[] = [
  { id: 'a:weigh', kind: 'weigh', batch: 0, from: 600, to: 606, hands: 1, pair: 0, mayBeCut: true },
  { id: 'a:weigh', kind: 'weigh', batch: 0, from: 610, to: 616, hands: 1, pair: 1, mayBeCut: true },
  { id: 'a:bake', kind: 'bake', batch: 0, from: 640, to: 690, hands: 0, oven: 0, celsius: 175 },
  { id: 'a:out', kind: 'out', batch: 0, from: 690, to: 691, hands: 1, pair: 0 },
  { id: 'a:cool', kind: 'cool', batch: 0, from: 691, to: 790, hands: 0 },
  { id: 'a:take-out butter', kind: 'take-out', batch: 0, from: 500, to: 500, hands: 0, what: 'butter' },
];
const day = { name: 'Tea tent', date: '2026-11-28', tasks, titleOf: () => 'Pear loaf', scale: 'C' as const, clock: (minute: number) => String(minute), pairs: ['you', 'second pair'] }; // prettier-ignore

describe('a day on paper', () => {
  const events = dayEvents('d1', day, (minute) => minute * 60_000);
  it('is an event for each thing that hands do, and none for what happens by itself', () => {
    expect(events.map(({ summary }) => summary)).toEqual([
      'Weigh: pear loaf',
      'Weigh: pear loaf',
      'Out: pear loaf',
      'Butter out of the fridge: pear loaf',
    ]);
  });
  it('has one name for each event, that a later plan of the day gives again', () => {
    const later = { ...day, tasks: tasks.map((task) => ({ ...task, from: task.from + 20, to: task.to + 20 })) };
    const names = (list: typeof events) => list.map(({ uid }) => uid);
    expect(new Set(names(events)).size).toBe(events.length);
    expect(names(dayEvents('d1', later, (minute) => minute))).toEqual(names(events));
  });
  it('alarms where somebody is needed at the minute, and lasts at least one', () => {
    expect(events.map(({ alarmMinutes }) => alarmMinutes)).toEqual([undefined, undefined, 2, 2]);
    for (const { from, to } of events) expect(to - from).toBeGreaterThanOrEqual(60_000);
    expect(dayEvents('d1', day, (minute) => minute, true).length).toBe(2);
  });
  it('is a list to tick, with who does it where there are several', () => {
    const paper = dayMarkdown(day);
    expect(paper).toContain('# Tea tent, 2026-11-28');
    expect(paper).toContain('- [ ] **610** Weigh: pear loaf (second pair)');
    expect(paper).not.toContain('Cools');
    expect(dayMarkdown({ ...day, pairs: ['you'] })).not.toContain('(you)');
  });
});
