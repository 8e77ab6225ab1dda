import '@angular/localize/init';
import { checkDay } from '../core/src/day/checking/index.js';
import { planDay } from '../core/src/day/planner/index.js';
import { generatedDay } from '../core/src/day/works/generated-days.spec-help.js';

/*
 * The planner on generated days: on the third prototype's own against what that one found, its oven never resting, and on days that
 * nothing was tuned on. @source shared/science/prototypes/planning, measured on this machine on 28 November
 */

interface DaySet {
  readonly bakes: number;
  readonly pairs: number;
  readonly seconds: number;
  /** The prototype's costs, of the seeds from 101. */
  readonly costs: readonly number[];
  /** So many days from seed 301 besides. */
  readonly others: number;
}
const SETS: readonly DaySet[] = [
  { bakes: 6, pairs: 1, seconds: 2, costs: [386.6, 400.1, 315.4, 320.8, 327.3, 300.5, 279.9, 372.8, 377.7, 240.1], others: 30 },
  { bakes: 8, pairs: 1, seconds: 2, costs: [472.6, 382.4, 438.6, 437.9, 420.4, 364.8, 485.0, 463.1, 484.9, 434.5], others: 30 },
  { bakes: 6, pairs: 2, seconds: 4, costs: [347.0, 389.2, 261.7, 298.2, 302.1, 282.1, 223.1, 361.8], others: 20 },
  { bakes: 8, pairs: 2, seconds: 4, costs: [454.9, 348.5, 383.0, 417.5, 386.2, 318.3], others: 20 },
  { bakes: 12, pairs: 1, seconds: 10, costs: [724.1, 530.1, 665.0, 478.3, 617.4, 620.4], others: 6 },
  { bakes: 20, pairs: 1, seconds: 10, costs: [992.8, 992.5, 912.9, 1040.7], others: 4 },
]; // prettier-ignore
const FIRST = 101;
const OTHERS = 301;

function planned(seed: number, { bakes, pairs, seconds }: DaySet) {
  const { batches, kitchen } = generatedDay(seed, bakes, { pairs });
  const began = performance.now();
  const plan = planDay(batches, kitchen, { seconds });
  const took = (performance.now() - began) / 1000;
  if (plan.kind === 'none') return { cost: Infinity, gap: 100, proven: false, took, faults: 0 };
  const { cost, bound, proven, tasks } = plan;
  const faults = checkDay(batches, kitchen, tasks).length;
  return { cost, gap: proven ? 0 : (100 * (cost - bound)) / cost, proven, took, faults };
}

export function benchPlans(): void {
  for (const set of SETS) {
    const own = set.costs.map((_, i) => planned(FIRST + i, set));
    const others = Array.from({ length: set.others }, (_, i) => planned(OTHERS + i, set));
    const count = (plans: readonly { readonly proven: boolean }[]) => `${plans.filter(({ proven }) => proven).length} of ${plans.length}`; // prettier-ignore
    const most = (values: readonly number[]) => Math.max(...values).toFixed(1);
    const all = [...own, ...others];
    const dearer = most(own.map(({ cost }, i) => cost - (set.costs[i] ?? 0)));
    const cheaper = most(own.map(({ cost }, i) => (set.costs[i] ?? 0) - cost));
    console.log(`${set.bakes} bakes, ${set.pairs === 1 ? 'one pair' : 'two pairs'}, ${set.seconds} s asked: proven ${count(own)} of the prototype's and ${count(others)} others, ${most(all.map(({ took }) => took))} s at most; furthest from the bound ${most(own.map(({ gap }) => gap))} and ${most(others.map(({ gap }) => gap))} %; against the prototype dearer by ${dearer} at most, cheaper by ${cheaper}; faults ${all.reduce((sum, { faults }) => sum + faults, 0)}`); // prettier-ignore
  }
}
