import { checkDay } from '../checking/index.js';
import type { PlannedTask } from '../works/index.js';
import { planSheet } from './index.js';
import { orderOf, sheetOf, wishFor } from './regatta.spec-help.js';

/* A batch that is baked in different pans: mixed once where they find room at one heat, in goes where they do not. */

const wish = wishFor('rhubarb-ginger-muffins', {
  batch: { targets: [{ kind: 'pans', pans: '12-cup muffin tin' }, { kind: 'pans', pans: '6-cup muffin tin' }] },
}); // prettier-ignore
function plannedOf(order: Parameters<typeof planSheet>[0]) {
  const plan = planSheet(order);
  if (plan.kind !== 'planned') throw new Error(JSON.stringify(plan));
  return plan;
}
const of = (tasks: readonly PlannedTask[], kind: PlannedTask['kind']) => tasks.filter((task) => task.kind === kind);

describe('one batch in different pans', () => {
  const { plan, of: works } = plannedOf(orderOf(sheetOf([wish])));
  const { tasks } = plan;

  it('is weighed and mixed once, filled one after another, and goes in together', () => {
    expect(works.works.length).toBe(2);
    expect(of(tasks, 'mix').length).toBe(1);
    expect(new Set(of(tasks, 'weigh').map(({ id }) => id)).size).toBe(1);
    const [first, second] = of(tasks, 'portion');
    expect(first?.to).toBe(second?.from ?? NaN);
    const bakes = of(tasks, 'bake');
    expect(bakes.map(({ from }) => from)).toEqual([second?.to ?? NaN, second?.to ?? NaN]);
    expect(checkDay(works.works, works.kitchen, tasks)).toEqual([]);
  });
  it('is read: one of them that goes in later is a fault', () => {
    const late = tasks.map((task) =>
      task.id === of(tasks, 'bake')[1]?.id ? { ...task, from: task.from + 3, to: task.to + 3 } : task,
    );
    expect(checkDay(works.works, works.kitchen, late).map(({ code }) => code)).toContain('not-together');
  });
  it('is mixed in goes where the oven has room for one of them only', () => {
    const small = sheetOf([wish], { ovens: [{ id: 'small', name: 'small', racks: 1 }] });
    const goes = plannedOf(orderOf(small));
    expect(of(goes.plan.tasks, 'mix').length).toBe(2);
    expect(checkDay(goes.of.works, goes.of.kitchen, goes.plan.tasks)).toEqual([]);
  });
});
