import type { BakingState } from './baking-state.js';

/*
 * One probe, and it may be that two sets of pans are in the oven: it stands in the one that went in first until the baker says that it was
 * put into another. Where it was taken out of, nothing is known of the middle any more.
 */

interface Said {
  readonly at: number;
  readonly core?: number;
  readonly air?: number;
}

/** The set of pans that the probe stood in at an instant; undefined before anything was in. */
export function probedAt({ ovens }: Pick<BakingState, 'ovens'>, at: number): number | undefined {
  let put: { readonly portion: number; readonly at: number } | undefined;
  let first: { readonly portion: number; readonly at: number } | undefined;
  for (const [portion, { inAt, did }] of ovens) {
    if (inAt !== undefined && inAt <= at && inAt < (first?.at ?? Infinity)) first = { portion, at: inAt };
    for (const told of did)
      if (told.what === 'probe-here' && told.at <= at && told.at >= (put?.at ?? -Infinity))
        put = { portion, at: told.at };
  }
  return (put ?? first)?.portion;
}

/** What instruments said of a set of pans while it was in: the air always, the middle while the probe stood in it. */
export function readingsOf(
  state: Pick<BakingState, 'ovens'>,
  portion: number,
  readings: readonly Said[],
): readonly Said[] {
  const { inAt, outAt = Infinity } = state.ovens.get(portion) ?? {};
  if (inAt === undefined) return [];
  return readings.flatMap(({ at, core, air }) => {
    if (at < inAt || at > outAt) return [];
    const isHere = core !== undefined && probedAt(state, at) === portion;
    return isHere || air !== undefined ? [{ at, ...(isHere && { core }), ...(air !== undefined && { air }) }] : [];
  });
}
