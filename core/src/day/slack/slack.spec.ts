import { planDay } from '../planner/index.js';
import { generatedDay } from '../works/generated-days.spec-help.js';
import { slackOf } from './index.js';

const days = [101, 103, 104, 107].map((seed) => {
  const day = generatedDay(seed, 4);
  const plan = planDay(day.batches, day.kitchen, { seconds: 1 });
  if (plan.kind !== 'planned') throw new Error(`day ${seed}`);
  return { ...day, tasks: plan.tasks };
});
const laterBy = <T extends { readonly dueMinute: number }>(batches: readonly T[], minutes: number): readonly T[] =>
  batches.map((batch) => ({ ...batch, dueMinute: batch.dueMinute + minutes }));

describe('what may slip in a plan', () => {
  it('is never less than nothing, has a chain, and the chain is what has least', () => {
    for (const { batches, tasks } of days) {
      const { ofTasks, inHand, chain } = slackOf(batches, tasks);
      expect(ofTasks.length).toBe(tasks.length);
      expect(Math.min(...ofTasks)).toBeGreaterThanOrEqual(0);
      expect(chain.length).toBeGreaterThan(0);
      for (const i of chain) expect(ofTasks[i]).toBe(inHand);
      expect(inHand).toBe(Math.min(...ofTasks));
    }
  });
  it('is of a batch what its tightest task has', () => {
    for (const { batches, tasks } of days) {
      const { ofTasks, ofBatches } = slackOf(batches, tasks);
      for (const [batch, slack] of ofBatches.entries()) {
        const own = ofTasks.filter((_, i) => tasks[i]?.batch === batch);
        expect(slack).toBe(Math.min(...own));
      }
    }
  });
  it('grows minute by minute with deadlines that are moved', () => {
    for (const { batches, tasks } of days) {
      const now = slackOf(batches, tasks);
      for (const minutes of [1, 25])
        expect(slackOf(laterBy(batches, minutes), tasks).inHand).toBe(now.inHand + minutes);
    }
  });
  it('holds: a plan moved as late as it says, all of it, still keeps every deadline', () => {
    for (const { batches, tasks } of days) {
      const { inHand } = slackOf(batches, tasks);
      const moved = tasks.map((task) => ({ ...task, from: task.from + inHand, to: task.to + inHand }));
      expect(slackOf(batches, moved).inHand).toBe(0);
    }
  });
});
