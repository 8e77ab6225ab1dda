import { FollowedBake, type LiveEstimate, type LiveJob } from '@orvin/core/along/live-bake';
import { ovenOff, type OvenOff } from '@orvin/core/along/rescue';
import { specOf, type BakeJob } from '@orvin/core/oven/baking';

export interface OvenOffJob {
  readonly job: BakeJob;
  readonly atMinute: number;
  readonly offMinutes: number;
}

/** The bakes followed last: learning one takes seconds, asking it milliseconds. */
const followed = new Map<string, FollowedBake | undefined>();
const MOST_FOLLOWED = 4;

function liveEstimate(job: LiveJob): LiveEstimate | null {
  if (!followed.has(job.key)) {
    const [oldest] = followed.keys();
    if (followed.size >= MOST_FOLLOWED && oldest !== undefined) followed.delete(oldest);
    followed.set(job.key, FollowedBake.learned(job));
  }
  return followed.get(job.key)?.follow(job) ?? null;
}

/** What the worker that follows a bake can be asked for: one of its own, so that learning holds nothing up. */
export const alongJobs = {
  'live-estimate': liveEstimate,
  'oven-off': ({ job, atMinute, offMinutes }: OvenOffJob): OvenOff =>
    ovenOff(specOf(job.batter, job.pans, job.setting.celsius, job.setting.fan, 1, job.course), atMinute, offMinutes),
} as const;
