import { chanceFrom } from '../../ground/numerics/index.js';
import { planDay } from '../planner/index.js';
import { generatedDay } from '../works/generated-days.spec-help.js';
import { playThrough, planSafely } from './index.js';

const day = generatedDay(103, 4);
const planned = planDay(day.batches, day.kitchen, { seconds: 1 });
if (planned.kind !== 'planned') throw new Error('no plan');
const { tasks } = planned;
const played = (minutes: number, seed = 7) =>
  playThrough(
    day.batches.map((batch) => ({ ...batch, dueMinute: batch.dueMinute + minutes })),
    day.kitchen,
    tasks,
    chanceFrom(seed),
    200,
  );

describe('a plan played many times', () => {
  it('is the same for the same chances, and a share of days', () => {
    expect(played(0)).toEqual(played(0));
    const { onTime, allOnTime } = played(0);
    for (const share of [...onTime, allOnTime]) {
      expect(share).toBeGreaterThanOrEqual(0);
      expect(share).toBeLessThanOrEqual(1);
    }
    expect(allOnTime).toBeLessThanOrEqual(Math.min(...onTime));
  });
  it('is on time no less often the later it is due: always in the end, never when it was due before it began', () => {
    let before = played(-600).allOnTime;
    expect(before).toBe(0);
    for (const minutes of [-30, 0, 10, 30, 90, 600]) {
      const now = played(minutes).allOnTime;
      expect(now).toBeGreaterThanOrEqual(before);
      before = now;
    }
    expect(before).toBe(1);
  });
  it('of likely minutes alone is late on many days: what the margins are for', () => {
    expect(played(0).allOnTime).toBeLessThan(0.9);
    const { played: safely, safe } = planSafely(day.batches, day.kitchen, { seconds: 1 });
    expect(safe).toBeTrue();
    expect(Math.min(...(safely?.onTime ?? [0]))).toBeGreaterThanOrEqual(0.9);
  });
  it('is late by minutes that agree with its share of days', () => {
    const { ninthLate, onTime } = played(0);
    for (const [i, late] of ninthLate.entries()) expect(late <= 0.5).toBe((onTime[i] ?? 0) >= 0.9);
  });
});
