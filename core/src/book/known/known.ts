import { bakingState, targetOf, type Baking } from '../../along/baking/index.js';
import type { OneBake } from '../../batch/bakes/index.js';
import { EMPTY_BATCH, type BatchSettings } from '../../batch/plan/index.js';
import type { Audit } from '../../bench/audit/index.js';
import { isSame } from '../../ground/records/index.js';
import { bandUnits } from '../../ground/verdict/index.js';
import type { Quantity } from '../../kitchen/kitchen/index.js';
import { coreAtDone, type BakeJob, type BakePrediction, type CoreAtDone } from '../../oven/baking/index.js';
import {
  HALVES,
  type BakeReadings,
  type BakeRecord,
  type Half,
  type ReadingCode,
  type RecordedForesight,
} from '../records/index.js';
import { heatingOfBaking, workOfBaking } from './on-the-way.js';

/* What is known of a bake before anybody is asked: from the bake along, or from Batch and Oven as they stand. */

const MINUTE = 60_000;
/** Minutes are noted to a tenth. */
const TENTHS = 10;
/** A core read so long before it came out still counts. */
const CORE_WITHIN = 3 * MINUTE;
const IN_BANDS: Readonly<Partial<Record<Quantity, ReadingCode>>> = { gas: 'gas', water: 'water', sugar: 'sugar', fat: 'fat', egg: 'egg' }; // prettier-ignore

/** What the formula itself says of a bake. */
export function formulaReadings({
  verdicts,
  ledger,
  totals,
}: Pick<Audit, 'verdicts' | 'ledger' | 'totals'>): BakeReadings {
  const bands = verdicts.flatMap(({ quantity, value, band }) => {
    const code = IN_BANDS[quantity];
    return code && Number.isFinite(value) ? [[code, bandUnits(value, band)] as const] : [];
  });
  const soda = totals.flour > 0 ? { 'soda-left': (100 * ledger.leftoverSodaGrams) / totals.flour } : {};
  return { ...Object.fromEntries(bands), ...soda };
}

const foresightOf = (
  minutes: BakePrediction['minutes'],
  job: BakeJob,
  core: CoreAtDone | undefined,
): RecordedForesight => ({
  low: minutes.low,
  likely: minutes.likely,
  high: minutes.high,
  unlearned: minutes.likely / (job.lesson?.factor ?? 1),
  reckonedCelsius: job.course?.ovenOffsetCelsius ?? 0,
  ...(core && { core }),
});
const overForeseen = (outMinutes: number, likely: number) => 100 * (outMinutes / likely - 1);

/** The halves of a day of two half batches, by what their wishes are called. */
export const HALF_WISHES: Readonly<Record<Half, string>> = { 'as-it-is': 'half-a', changed: 'half-b' };
const HALF_OF_WISH: Readonly<Partial<Record<string, Half>>> = Object.fromEntries(
  HALVES.map((half) => [HALF_WISHES[half], half]),
);

/** A batch of which anything was decided. */
const isDecided = (batch: BatchSettings | undefined): batch is BatchSettings =>
  batch !== undefined && !isSame(batch, EMPTY_BATCH);

/** What only the caller knows. */
export interface OfBake {
  readonly formulaId?: string;
  readonly versionNumber?: number;
  /** When it came out, milliseconds since 1970. */
  readonly at: number;
}

/** A bake that was made along, as far as it is known: the first set of pans that came out. Undefined while nothing has. */
export function recordOfBaking(id: string, baking: Baking, audit: Audit | undefined): BakeRecord | undefined {
  const { walk, happenings, snapshot, title, size, readings: said, dayId } = baking;
  const state = bakingState(walk, happenings);
  const out = [...state.ovens].find(([, { inAt, outAt }]) => inAt !== undefined && outAt !== undefined);
  const portion = out && snapshot.portions[out[0]];
  if (!out || !portion) return undefined;
  const { inAt = 0, outAt = 0, looks } = out[1];
  const outMinutes = Math.max(1, Math.round((TENTHS * (outAt - inAt)) / MINUTE) / TENTHS);
  const { job, foreseen } = portion;
  const combined = walk.flatMap((step) => step.kind === 'mix' && step.phase === 'combine' ? [step.id] : []);
  const mixing = combined.reduce((sum, step) => sum + (state.mixedSeconds.get(step) ?? 0), 0);
  const mixedAt = happenings.findLast((each) => each.kind === 'mixed' && combined.includes(each.step) && each.at <= inAt)?.at;
  const core = said.findLast(({ at, core: celsius }) => celsius !== undefined && at <= outAt && at > outAt - CORE_WITHIN)?.core;
  const half = HALF_OF_WISH[baking.wishId ?? ''];
  const took = state.simulated ? [] : workOfBaking(baking);
  const heated = state.simulated ? undefined : heatingOfBaking(baking);
  const grams = new Map<string, number>();
  for (const step of walk)
    if (step.kind === 'weigh' && step.by !== 'as-written')
      grams.set(step.name, (grams.get(step.name) ?? 0) + (state.weighed.get(step.id)?.grams ?? targetOf(step, state)));
  const readings: BakeReadings = {
    ...(audit && formulaReadings(audit)),
    ...(mixing > 0 && { mixing }),
    ...(mixedAt !== undefined && { waiting: (inAt - mixedAt) / MINUTE }),
    ...(state.ovenRead && { oven: state.ovenRead.celsius }),
    ...(foreseen && { time: overForeseen(outMinutes, foreseen.minutes.likely) }),
    ...(snapshot.metresAboveSea !== 0 && { altitude: snapshot.metresAboveSea }),
  };
  return {
    title,
    at: outAt,
    size,
    pan: job.pans.pan.name,
    celsius: job.setting.celsius,
    fan: job.setting.fan,
    outMinutes,
    looks: looks
      .filter(({ at }) => at > inAt && at <= outAt)
      .map(({ at, seen }) => ({ minutes: Math.max(1, (at - inAt) / MINUTE), seen })),
    ...(foreseen && { foreseen: foresightOf(foreseen.minutes, job, foreseen.core) }),
    formulaId: snapshot.formulaId,
    ...(snapshot.versionNumber !== undefined && { versionNumber: snapshot.versionNumber }),
    bakingId: id,
    ...(dayId !== undefined && { dayId }),
    ...(isDecided(snapshot.batch) && { batch: snapshot.batch }),
    ...(half && dayId !== undefined && { half: { trial: dayId, of: half } }),
    ...(out[1].did.some(({ what }) => what === 'turned') && { turned: true }),
    ...(took.length > 0 && { took }),
    ...(heated && { heated }),
    readings,
    grams: Object.fromEntries(grams),
    ...(core !== undefined && { coreCelsius: core }),
    ...(state.simulated && { simulated: true }),
  };
} // prettier-ignore

/** A bake of which only the formula is known, and what was foreseen of it: minutes are those foreseen until they are said. */
export function recordOfBake(bake: OneBake, foreseen: BakePrediction | undefined, { at, ...of }: OfBake): BakeRecord {
  const [first] = bake.portions;
  const job = first?.job ?? bake.atOven.job;
  const fill = foreseen?.fill?.fraction;
  const outMinutes = Math.round(foreseen?.minutes.likely ?? 40);
  return {
    title: bake.order.formula.title || 'Without a name',
    at,
    size: bake.portions.map(({ pans }) => `${pans.count > 1 ? `${pans.count} × ` : ''}${pans.pan.name}`).join(' and '),
    pan: job?.pans.pan.name ?? '',
    celsius: job?.setting.celsius ?? 180,
    fan: job?.setting.fan ?? false,
    outMinutes,
    ...(foreseen && job && { foreseen: foresightOf(foreseen.minutes, job, coreAtDone(foreseen)) }),
    ...of,
    ...(isDecided(bake.order.batch) && { batch: bake.order.batch }),
    readings: { ...formulaReadings(bake.audit), ...(fill !== undefined && { filling: fill }) },
  };
}

/** The same with other minutes: what was foreseen stays, and by how much they differ follows. */
export function withMinutes(record: BakeRecord, outMinutes: number): BakeRecord {
  const { foreseen, readings } = record;
  return {
    ...record,
    outMinutes,
    ...(foreseen && { readings: { ...readings, time: overForeseen(outMinutes, foreseen.likely) } }),
  };
}
