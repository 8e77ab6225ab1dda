import { without } from '../../ground/records/index.js';
import { epochAt, lessonOf, lessonsOf, outcomesOf, recipeOf, routineOf, type BakeRecord } from './index.js';
import { bakeRecordSchema } from '../record-schema/index.js';

const RECORD: BakeRecord = {
  title: 'Pear and cardamom loaf',
  at: Date.UTC(2026, 10, 21, 10),
  size: 'one loaf',
  pan: '9 x 5 in loaf',
  celsius: 177,
  fan: false,
  outMinutes: 62,
  word: 'just',
  foreseen: { low: 50, likely: 57, high: 65, unlearned: 57, reckonedCelsius: 0 },
  formulaId: 'pear',
  readings: {},
};

describe('outcomesOf', () => {
  it('puts the taps on scales of five, worst word first, and leaves out what nobody said', () => {
    expect(outcomesOf({ top: 'gold', shape: 'sank', crumb: 'fine', wrong: ['tough'], score: 8 })).toEqual({ rise: 1, crust: 3, moisture: 3, crumb: 1.5, taste: 4 }); // prettier-ignore
    expect(outcomesOf({ crumb: 'gummy', wrong: ['dry'] }).moisture).toBe(5);
    expect(outcomesOf({})).toEqual({});
  });
});

describe('what a record teaches', () => {
  it('is nothing where it is left out, simulated, not foreseen, or contradicts itself; and says which', () => {
    const lesson = (more: Partial<BakeRecord>) => lessonOf({ id: 'a', record: { ...RECORD, ...more } }, {});
    expect(lesson({ leftOut: 'door ajar' })).toBe('left-out');
    expect(lesson({ simulated: true })).toBe('simulated');
    expect(lessonOf({ id: 'a', record: without(RECORD, 'foreseen') }, {})).toBe('not-foreseen');
    expect(lesson({ word: 'over', outMinutes: 30, looks: [{ minutes: 60, seen: 'not-done' }] })).toBe('contradicts-itself'); // prettier-ignore
    expect(lesson({})).toEqual(jasmine.objectContaining({ recipe: 'pear', predictedMinutes: 57, epoch: 0 }));
  });
  it('goes by the changes of the oven, whatever the order of the records', () => {
    const records = [3, 1, 2].map((day) => ({ id: `d${day}`, record: { ...RECORD, at: day * 86_400_000 } }));
    const { bakes, epoch, readings } = lessonsOf(records, { readings: [{ setCelsius: 180, readCelsius: 170, at: 0 }, { setCelsius: 180, readCelsius: 176, at: 3 * 86_400_000 }], changes: [{ at: 2 * 86_400_000, what: 'element' }] }); // prettier-ignore
    expect(bakes.map(({ id, epoch: e }) => [id, e])).toEqual([['d1', 0], ['d2', 1], ['d3', 1]]); // prettier-ignore
    expect(epoch).toBe(1);
    expect(readings?.map(({ epoch: e }) => e)).toEqual([0, 1]);
    expect(epochAt(0, [])).toBe(0);
  });
  it('is, of the oven’s heating and its hotter side, what was seen since it was changed; of hands, all of it', () => {
    const day = (nth: number, more: Partial<BakeRecord> = {}): BakeRecord => ({
      ...RECORD,
      at: nth * 86_400_000,
      took: [{ task: 'weigh', minutes: 12, usual: 10 }],
      heated: { celsius: 180, minutes: nth < 3 ? 40 : 25, by: 'thermometer' },
      browned: { side: nth < 3 ? 'front' : 'back', steps: 2 },
      ...more,
    });
    const oven = { changes: [{ at: 2.5 * 86_400_000, what: 'The oven' }] };
    const { pace, heating, hotSide } = routineOf([day(1), day(2), day(3), day(4), day(5, { turned: true })], oven);
    expect(pace?.bakes).toBe(5);
    expect(heating?.timed).toBe(3);
    expect(heating?.minutesTo180).toBeLessThan(20.1);
    // the turned one tells nothing of sides
    expect(hotSide?.bakes).toBe(2);
    expect(hotSide?.backOverFront.celsius).toBeGreaterThan(0);
    const silent = routineOf([day(3, { leftOut: 'no' }), day(4, { simulated: true })], oven);
    expect(silent).toEqual({});
    // the baker's own word counts beside what was timed, and alone it is used as it stands
    expect(routineOf([day(3)], { ...oven, heatsInMinutes: 14 }).heating?.timed).toBe(2);
    expect(routineOf([], { heatsInMinutes: 14 }).heating).toBeUndefined();
  });
  it('is remembered by the formula, or by its name where there is none', () => {
    expect(recipeOf(RECORD)).toBe('pear');
    expect(recipeOf({ title: ' Sunday Loaf ' })).toBe('sunday loaf');
  });
});

describe('bakeRecordSchema', () => {
  it('takes a record and refuses what is none, and says what', () => {
    expect(bakeRecordSchema.validate(RECORD).error).toBeUndefined();
    for (const [more, words] of [
      [{ score: 11 }, /score/],
      [{ outMinutes: -3 }, /outMinutes/],
      [{ word: 'burnt' }, /word/],
      [{ readings: { luck: 3 } }, /luck/],
      [{ photos: 'all' }, /photos/],
      [{ colour: 'brown' }, /colour/],
    ] as const)
      expect(bakeRecordSchema.validate({ ...RECORD, ...more }).error?.message).toMatch(words);
  });
});
