import { chanceFrom } from '../../ground/numerics/index.js';
import { planDay, type DayPlan, type DayPlanned, type PlanOptions } from '../planner/index.js';
import type { BatchWork, DayKitchen } from '../works/index.js';
import { playThrough, type Played } from './play-through.js';

/** A plan whose margins keep every deadline on nine days in ten, or the best that was found. */
export interface SafePlan {
  readonly planned: DayPlanned;
  /** The batches with the margins that they were planned with. */
  readonly batches: readonly BatchWork[];
  readonly played?: Played;
  /** Whether each deadline is kept in nine days of ten. */
  readonly safe: boolean;
}

const PLAYED_SEED = 7;
const WANTED = 0.9;
/** A little above, since the days that are played are by chance. */
const AIMED = 0.91;
const MOST_ROUNDS = 12;
const DAYS = 600;
/** The margins are found with a part of the effort, the plan with the rest. */
const ROUND_SHARE = 0.06;
const LEAST_ROUND_SECONDS = 0.03;
const ROUND_DAYS = 300;

/** The same days are played every time, so that the same input gives the same plan. */
function playedDays(): () => number {
  const next = chanceFrom(PLAYED_SEED);
  for (let i = 0; i < 20; i++) next();
  return next;
}

/** A plan with the margins that the batches have, and how it plays. */
export function planOnce(batches: readonly BatchWork[], kitchen: DayKitchen, options: PlanOptions = {}): SafePlan {
  const planned = planDay(batches, kitchen, options);
  if (planned.kind === 'none') return { planned, batches, safe: false };
  const played = playThrough(batches, kitchen, planned.tasks, playedDays(), ROUND_DAYS);
  return { planned, batches, played, safe: Math.min(...played.onTime) >= WANTED };
}

/** The latest plan that is on time nine days in ten: planned with likely minutes, played, and given what it was late by. */
export function planSafely(batches: readonly BatchWork[], kitchen: DayKitchen, options: PlanOptions = {}): SafePlan {
  const seconds = options.seconds ?? 2;
  const quick: PlanOptions = {
    ...options,
    seconds: Math.max(LEAST_ROUND_SECONDS, seconds * ROUND_SHARE),
    onBetter: () => undefined,
  };
  let with_ = batches;
  let found: { readonly plan: DayPlan; readonly played: Played; readonly batches: readonly BatchWork[] } | undefined;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const planned = planDay(with_, kitchen, quick);
    if (planned.kind === 'none') break;
    const played = playThrough(with_, kitchen, planned.tasks, playedDays(), ROUND_DAYS);
    found = { plan: planned, played, batches: with_ };
    if (Math.min(...played.onTime) >= AIMED) break;
    with_ = with_.map((work, i) =>
      (played.onTime[i] ?? 1) < AIMED
        ? { ...work, marginMinutes: Math.ceil(work.marginMinutes + Math.max(2, (played.ninthLate[i] ?? 0) + 1)) }
        : work,
    );
  }
  const margined = found?.batches ?? batches;
  const planned = planDay(margined, kitchen, options);
  if (planned.kind === 'none') {
    const plain = found
      ? { planned: found.plan, batches: found.batches, played: found.played, safe: false }
      : undefined;
    return plain ?? { planned, batches: margined, safe: false };
  }
  // more effort may have moved it: it is played again, and where it is less safe than the quick one, that one stands
  const played = playThrough(margined, kitchen, planned.tasks, playedDays(), DAYS);
  const least = Math.min(...played.onTime);
  if (found && least < WANTED && Math.min(...found.played.onTime) >= WANTED)
    return { planned: found.plan, batches: found.batches, played: found.played, safe: true };
  return { planned, batches: margined, played, safe: least >= WANTED };
}
