import { demoWalks } from '../../along/walk/demo-walks.spec-help.js';
import type { LearnedPace } from '../../kitchen/learned/index.js';
import { usualWorksOf, worksOf, type BatchToPlan } from './index.js';

const SLOW: LearnedPace = { hands: Math.log(1.5), tasks: { weigh: Math.log(2) }, spread: 0.1, bakes: 5 };
const batchIn = (pace?: LearnedPace): BatchToPlan => {
  const walk = demoWalks().find(({ id }) => id === 'parsnip-hazelnut-cake');
  if (!walk) throw new Error('no cake');
  const { bake, batch, foreseen } = walk;
  const kitchen = { ...bake.order.kitchen, ...(pace && { routine: { pace } }) };
  return { id: 'cake', title: 'Cake', bake: { ...bake, order: { ...bake.order, kitchen } }, batch, foreseen, dueMinute: 900, served: 'cold', roomCelsius: 21, racks: 2 }; // prettier-ignore
};
const workOf = (read: ReturnType<typeof worksOf>) => {
  const [work] = read.kind === 'works' ? read.works : [];
  if (!work) throw new Error('no work');
  return work;
};

describe('a batch in the minutes of these hands', () => {
  it('is as usual where nothing was learned', () => {
    expect(worksOf(batchIn())).toEqual(usualWorksOf(batchIn(SLOW)));
  });
  it('takes slow hands longer, a slow task longer still, and nothing else', () => {
    const [usual, own] = [workOf(usualWorksOf(batchIn())), workOf(worksOf(batchIn(SLOW)))];
    const minutes = (work: typeof usual, kind: string) => work.handwork.find((each) => each.kind === kind)?.minutes ?? 0; // prettier-ignore
    expect(minutes(own, 'weigh')).toBe(Math.round(minutes(usual, 'weigh') * 3));
    expect(minutes(own, 'line')).toBe(Math.round(minutes(usual, 'line') * 1.5));
    expect(own.mixing?.minutes).toBe(Math.round((usual.mixing?.minutes ?? 0) * 1.5));
    expect(own.finishing.map((each) => each.minutes)).toEqual(usual.finishing.map((each) => Math.round(each.minutes * 1.5))); // prettier-ignore
    // the oven does not know whose hands they are
    expect(own.oven?.likely).toBe(usual.oven?.likely ?? 0);
    expect(own.waiting).toEqual(usual.waiting);
  });
});
