import {
  conflictOf,
  marginedWorks,
  planSheet,
  waysOutOf,
  worksOfSheet,
  type SheetOrder,
  type SheetPlan,
  type SheetWorks,
} from '@orvin/core/day/planned-sheets';
import type { Conflict, WayOut, WaysOutPart } from '@orvin/core/day/ways-out';
import { runBakeJob, type BakeJob, type PredictionResult } from '@orvin/core/oven/baking';

/** What a day that does not fit is asked: why, or for ways out of one kind. */
export interface LoosenJob {
  readonly order: SheetOrder;
  readonly part: 'why' | WaysOutPart;
}
export interface Loosened {
  readonly of: SheetWorks;
  readonly conflict?: Conflict;
  readonly ways: readonly WayOut[];
}

/** What was worked out last, by what was asked: a day is planned again and again with the same bakes and batches. */
function remembering(most: number): <T>(question: unknown, workOut: () => T) => T {
  const known = new Map<string, unknown>();
  return <T>(question: unknown, workOut: () => T): T => {
    const key = JSON.stringify(question);
    if (known.has(key)) return known.get(key) as T;
    const answer = workOut();
    const [oldest] = known.keys();
    if (known.size >= most && oldest !== undefined) known.delete(oldest);
    known.set(key, answer);
    return answer;
  };
}
const bakes = remembering(60);
const rememberedBake = (job: BakeJob): PredictionResult => bakes(job, () => runBakeJob(job));
const hooks = { run: rememberedBake, remember: remembering(60) };

/** The margins of the day asked about last: each kind of ways asks for the same. */
let margined: { readonly key: string; readonly of: SheetWorks } | undefined;
const WHY_SECONDS = 1.2;
const WAYS_SECONDS = 2;

function loosen({ order, part }: LoosenJob): Loosened | null {
  const key = JSON.stringify(order);
  if (margined?.key !== key) {
    const of = marginedWorks(order, hooks);
    if (!of) return null;
    margined = { key, of };
  }
  const { of } = margined;
  return part === 'why'
    ? { of, conflict: conflictOf(of, WHY_SECONDS), ways: [] }
    : { of, ways: waysOutOf(of, WAYS_SECONDS, [part]) };
}

/** What the planning worker can be asked for: a worker of its own, so that a plan being proved holds up nobody's bake. */
export const planJobs = {
  // nothing is answered: the bakes are remembered for the plan
  'foresee-batch': (order: SheetOrder): null => {
    worksOfSheet(order, hooks.run, hooks.remember);
    return null;
  },
  'plan-day': (order: SheetOrder): SheetPlan => planSheet(order, hooks),
  'loosen-day': loosen,
} as const;
