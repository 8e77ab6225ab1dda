import { isFree, soMany, type Vessel, type VesselSet } from '../../kitchen/pans/index.js';
import type { BakeJob } from '../../oven/baking/index.js';

/** More than these are not simulated on one sheet. */
const MOST_PIECES = 100;

/** Whether more dough makes more pieces, or wider wedges, of the same height: it bakes no longer. */
export const isCutThin = (pan: Vessel): boolean => isFree(pan) && pan.shape !== 'dome';

function pansFor({ pan, count }: VesselSet, factor: number): VesselSet {
  if (!isFree(pan) || !isCutThin(pan)) return { pan, count };
  const { cavities, diameterCm } = pan;
  if (pan.shape === 'disc' || pan.shape === 'mound')
    return { pan: soMany(pan, Math.min(MOST_PIECES, Math.max(1, Math.round(cavities * factor)))), count };
  return { pan: { ...pan, ...(diameterCm !== undefined && { diameterCm: diameterCm * Math.sqrt(factor) }) }, count };
}

/**
 * A bake with so many times its batter: what is poured stands higher in its pans, what is cut makes more pieces.
 * @param factor more than 0; 1 for what was planned
 */
export const withBatter = (job: BakeJob, factor: number): BakeJob =>
  factor === 1
    ? job
    : {
        ...job,
        batter: { ...job.batter, grams: job.batter.grams * factor },
        pans: pansFor(job.pans, factor),
      };
