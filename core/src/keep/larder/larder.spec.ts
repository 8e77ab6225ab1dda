import { byUrgency, eaten, freshnessOf, goodUntil, moved, putAwaySchema, type PutAway } from './index.js';

const DAY = 86_400_000;
const LOAF: PutAway = {
  title: 'Pear loaf',
  madeAt: 100 * DAY,
  place: 'room',
  since: 100 * DAY,
  portions: 10,
  left: 10,
  promised: { roomDays: 3, fridgeDays: 7, freezerMonths: 3, mustBeCold: false },
};

describe('what was put away', () => {
  it('is good for its days from when it was baked, in the freezer from when it was frozen', () => {
    expect(goodUntil(LOAF)).toBe(103 * DAY);
    expect(goodUntil(moved(LOAF, 'fridge', 101 * DAY))).toBe(107 * DAY);
    expect(goodUntil(moved(LOAF, 'freezer', 102 * DAY))).toBeCloseTo(102 * DAY + 3 * 30.4 * DAY, 0);
  });
  it('keeps as fresh from the hour it is thawed, and no longer', () => {
    const thawed = moved(moved(LOAF, 'freezer', 101 * DAY), 'room', 140 * DAY);
    expect(goodUntil(thawed)).toBe(143 * DAY);
    // from tin to fridge nothing begins anew
    expect(moved(LOAF, 'fridge', 102 * DAY).madeAt).toBe(LOAF.madeAt);
  });
  it('is good, soon to be eaten, then past', () => {
    expect([101, 102.5, 103.5].map((day) => freshnessOf(LOAF, day * DAY))).toEqual(['good', 'soon', 'past']);
  });
  it('is eaten down to none, never further, and never to more than there was', () => {
    expect(eaten(eaten(LOAF, 7), 7).left).toBe(0);
    expect(eaten({ ...LOAF, left: 9 }, -4).left).toBe(10);
  });
  it('stands in order of urgency, what is eaten last', () => {
    const old = { ...LOAF, madeAt: 99 * DAY, title: 'older' };
    expect(byUrgency([LOAF, { ...old, left: 0 }, old], (item) => item).map(({ title, left }) => `${title} ${left}`)).toEqual(['older 10', 'Pear loaf 10', 'older 0']); // prettier-ignore
  });
  it('is checked at the door', () => {
    expect(putAwaySchema.validate(LOAF).error).toBeUndefined();
    expect(putAwaySchema.validate({ ...LOAF, place: 'cellar' }).error?.message).toMatch(/place/);
    expect(putAwaySchema.validate({ ...LOAF, left: -1 }).error?.message).toMatch(/left/);
  });
});
