import {
  looseningsOf,
  planSheet,
  type SheetOrder,
  type SheetPlan,
  type SheetWorks,
} from '@orvin/core/day/planned-sheets';
import type { Conflict, WayOut } from '@orvin/core/day/ways-out';
import { runBakeJob, type BakeJob, type PredictionResult } from '@orvin/core/oven/baking';

export interface Loosened {
  readonly conflict: Conflict;
  readonly ways: readonly WayOut[];
  readonly of: SheetWorks;
}

/** Bakes worked out last: a day is planned again and again with the same ones. */
const known = new Map<string, PredictionResult>();
const MOST_KNOWN = 60;

function rememberedBake(job: BakeJob): PredictionResult {
  const key = JSON.stringify(job);
  const kept = known.get(key);
  if (kept) return kept;
  const result = runBakeJob(job);
  const [oldest] = known.keys();
  if (known.size >= MOST_KNOWN && oldest !== undefined) known.delete(oldest);
  known.set(key, result);
  return result;
}

/** What the planning worker can be asked for: a worker of its own, so that a plan being proved holds up nobody's bake. */
export const planJobs = {
  'plan-day': (order: SheetOrder): SheetPlan => planSheet(order, { run: rememberedBake }),
  'loosen-day': (order: SheetOrder): Loosened | null => looseningsOf(order, { run: rememberedBake }) ?? null,
} as const;
