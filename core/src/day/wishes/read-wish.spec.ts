import { readOwnTask, readWish, readWishes } from './index.js';

const titles = ['Pear and cardamom loaf', 'Rhubarb & ginger muffins', 'Gingerbread with dark treacle', 'Thyme and sweet-potato scones', 'Coconut and passion-fruit layer cake', 'Marmalade and almond loaf']; // prettier-ignore
const context = { titles, date: '2026-11-28', usualTime: '14:30' };
const read = (text: string) => readWish(text, context);

describe('a batch and its hour in words', () => {
  for (const [said, formula, amount, due, served] of [
    ['24 muffins warm at 10', 1, '24 muffins', '2026-11-28T10:00', 'warm'],
    ['two loaves by Friday night', undefined, 'two loaves', '2026-11-27T21:00', 'fresh'],
    ['coconut layer cake, 12, at 15:00, cold', 4, '', '2026-11-28T15:00', 'cold'],
    ['scones at 3 pm', 3, '', '2026-11-28T15:00', 'fresh'],
    ['a pear loaf for Saturday lunch', 0, '', '2026-11-28T12:30', 'fresh'],
    ['gingerbread', 2, '', '2026-11-28T14:30', 'fresh'],
    ['marmalade loaf by 9.30', 5, '', '2026-11-28T09:30', 'fresh'],
    ['18 scones at 4', 3, '18 scones', '2026-11-28T16:00', 'fresh'],
    ['muffins Sunday morning', 1, '', '2026-11-29T10:00', 'fresh'],
    ['two dozen rhubarb muffins for 3pm', 1, 'two dozen muffins', '2026-11-28T15:00', 'fresh'],
    ['3 dozen scones ready by half past ten', 3, '3 dozen scones', '2026-11-28T10:30', 'fresh'],
    ['40 scones warm at quarter to four', 3, '40 scones', '2026-11-28T15:45', 'warm'],
    ['pear loaf x2 for 11am', 0, 'x2', '2026-11-28T11:00', 'fresh'],
    ['2x marmalade loaf', 5, '2x', '2026-11-28T14:30', 'fresh'],
    ['double gingerbread at 4', 2, 'double', '2026-11-28T16:00', 'fresh'],
    ['half the gingerbread by 2 o’clock', 2, 'half', '2026-11-28T14:00', 'fresh'],
    ['layer cake for eight people at 7 in the evening', 4, 'for eight people', '2026-11-28T19:00', 'fresh'],
    ['scones for 12 people', 3, 'for 12 people', '2026-11-28T14:30', 'fresh'],
    ['scones by 16h', 3, '', '2026-11-28T16:00', 'fresh'],
    ['muffins at 1500', 1, '', '2026-11-28T15:00', 'fresh'],
    ['scones at twenty past nine', 3, '', '2026-11-28T09:20', 'fresh'],
    ['12 muffins, tea time', 1, '12 muffins', '2026-11-28T15:30', 'fresh'],
    ['scones by ten', 3, '', '2026-11-28T10:00', 'fresh'],
    ['scones on 5 December at 3', 3, '', '2026-12-05T15:00', 'fresh'],
    ['scones for the 2nd of January', 3, '', '2027-01-02T14:30', 'fresh'],
    ['scones next Friday', 3, '', '2026-12-04T14:30', 'fresh'],
    ['scones for elevenses', 3, '', '2026-11-28T11:00', 'fresh'],
    ['24 scones warm for 4pm Sat', 3, '24 scones', '2026-11-28T16:00', 'warm'],
    ['two trays of muffins at half 3', 1, 'x2', '2026-11-28T15:30', 'fresh'],
    ['a batch of scones by midday', 3, '', '2026-11-28T12:00', 'fresh'],
    ['muffins, 2 dozen, 10am', 1, '2 dozen muffins', '2026-11-28T10:00', 'fresh'],
    ['scones - 40 - 3pm', 3, '40 scones', '2026-11-28T15:00', 'fresh'],
    ['sweet potato scones x30 14:00', 3, '30 scones', '2026-11-28T14:00', 'fresh'],
    ['scones 3ish', 3, '', '2026-11-28T15:00', 'fresh'],
    ['scones just out of the oven at 15:30', 3, '', '2026-11-28T15:30', 'warm'],
    ['gingerbread (2 tins) Saturday morning', 2, '2x', '2026-11-28T10:00', 'fresh'],
    ['marmalade loaf for 8 at 7', 5, 'for 8 people', '2026-11-28T07:00', 'fresh'],
    ['scones @ 3', 3, '', '2026-11-28T15:00', 'fresh'],
    ['muffins for breakfast', 1, '', '2026-11-28T08:00', 'fresh'],
  ] as const)
    it(`“${said}”`, () => {
      const wish = read(said);
      if (formula !== undefined) expect(wish.formulas[0]).toBe(formula);
      expect([wish.amount, wish.due, wish.served]).toEqual([amount, due, served]);
    });
  it('may be in the freezer already', () => {
    for (const said of [
      'a pear loaf from the freezer at 4',
      'frozen muffins at 11',
      'the pear loaf, out of the freezer',
    ])
      expect(read(said).frozen).withContext(said).toBeTrue();
    expect(read('a pear loaf from the freezer at 4').formulas[0]).toBe(0);
    expect(read('scones at 3 pm').frozen).toBeUndefined();
  });
  it('that may be several formulas says all of them', () => {
    expect(read('two loaves by Friday night').formulas).toEqual([0, 5]);
  });
  it('of nothing on the shelf says so', () => {
    expect(read('a dozen brandy snaps at 11').formulas).toEqual([]);
  });
});

describe('something else to do', () => {
  const context = { date: '2026-11-28', usualTime: '14:30' };
  for (const [said, what, minutes, due] of [
    ['clear the tables, 20 min, by 13:30', 'clear the tables', 20, '2026-11-28T13:30'],
    ['fetch the urn by noon 45 minutes', 'fetch the urn', 45, '2026-11-28T12:00'],
    ['lay out plates 10 min', 'lay out plates', 10, '2026-11-28T14:30'],
    ['wash up for half an hour at 3', 'wash up', 30, '2026-11-28T15:00'],
    ['set up tables 1h by 2pm', 'set up tables', 60, '2026-11-28T14:00'],
    ['press the cloths, an hour and a half, by noon', 'press the cloths', 90, '2026-11-28T12:00'],
    ['fetch the children 3-4pm', 'fetch the children', 60, '2026-11-28T16:00'],
    ['school run 8.30 to 9.15', 'school run', 45, '2026-11-28T09:15'],
    ['away 11-2', 'away', 180, '2026-11-28T14:00'],
    ['9am-10am post', 'post', 60, '2026-11-28T10:00'],
    ['load van: 25 min by quarter past one', 'load van', 25, '2026-11-28T13:15'],
  ] as const)
    it(`“${said}”`, () => {
      expect(readOwnTask(said, context)).toEqual({ what, minutes, due });
    });
  it('needs its minutes and a name', () => {
    expect(readOwnTask('clear the tables by noon', context)).toBeUndefined();
    expect(readOwnTask('20 min', context)).toBeUndefined();
  });
});

describe('several batches said at once', () => {
  const several = (text: string) => readWishes(text, context).map(({ formulas, amount, due }) => [formulas[0], amount, due.slice(11)]); // prettier-ignore
  it('are a wish each, the hour said last for those that have none', () => {
    expect(several('3 pear loaves and 24 scones for 3pm')).toEqual([[0, '3 loaves', '15:00'], [3, '24 scones', '15:00']]); // prettier-ignore
    expect(several('muffins at 10, two marmalade loaves; gingerbread by noon').map(([formula, , at]) => [formula, at])).toEqual([[1, '10:00'], [5, '12:00'], [2, '12:00']]); // prettier-ignore
  });
  it('are each what they are, known or not, where each is counted', () => {
    const said = readWishes('24 rhubarb muffins and 12 zorblaxes at 3ish', context);
    expect(said.map(({ said: words, formulas }) => [words, formulas.length])).toEqual([['24 rhubarb muffins', 1], ['12 zorblaxes at 3ish', 0]]); // prettier-ignore
    expect(several('12 scones at 10 and 24 scones at 3').map(([formula, , at]) => [formula, at])).toEqual([[3, '10:00'], [3, '15:00']]); // prettier-ignore
    expect(read('12 layer cakes').formulas).toEqual([4]);
  });
  it('may be another of the same, and have their hours first', () => {
    expect(several('marmalade loaf at 10 and another at 2')).toEqual([[5, '', '10:00'], [5, '', '14:00']]);
    expect(several('by 3: marmalade loaf, by 4: 24 scones')).toEqual([[5, '', '15:00'], [3, '24 scones', '16:00']]);
  }); // prettier-ignore
  it('are one where an “and” is of a title, or a piece is of no formula alone', () => {
    for (const text of ['pear and cardamom loaf at 3', 'rhubarb & ginger muffins, noon', 'thyme and sweet-potato scones', 'scones and jam at 4', 'coconut and passion-fruit layer cake, iced and sliced by 5'])
      expect(several(text).length).withContext(text).toBe(1);
  }); // prettier-ignore
});
