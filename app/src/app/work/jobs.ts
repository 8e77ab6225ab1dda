import {
  anchorOn,
  runBakeJob,
  type Anchor,
  type BakedBatter,
  type BakeJob,
  type KnownTime,
  type PredictionResult,
} from '@orvin/core/baking';

/** The last known bake worked out: while the baker tries pans, it stays the same and need not be searched for again. */
let lastAnchor: { readonly key: string; readonly anchor: Anchor } | undefined;

function rememberedAnchor(batter: BakedBatter, known: KnownTime): Anchor {
  const key = JSON.stringify([batter, known]);
  if (lastAnchor?.key !== key) lastAnchor = { key, anchor: anchorOn(batter, known) };
  return lastAnchor.anchor;
}

/** The whole list of what the worker can be asked for: pure functions of the core, by name. */
export const jobs = {
  bake: (job: BakeJob): PredictionResult => runBakeJob(job, rememberedAnchor),
} as const;

export type Jobs = typeof jobs;
export type JobName = keyof Jobs;
