import type { KnownBake } from '../../formula/formula/index.js';
import { type Kitchen } from '../../kitchen/kitchen/index.js';
import { vesselSaid } from '../../kitchen/equipment/index.js';
import type { VesselSet } from '../../kitchen/pans/index.js';
import type { KnownTime, OvenStage } from '../../oven/baking/index.js';

/** The pans that a known bake names, the baker's own by their names; and whether their size is a guess at a usual one. */
export function knownPansOf(
  { pan }: KnownBake,
  kitchen: Kitchen,
): { readonly pans: VesselSet; readonly sizeAssumed: boolean } | undefined {
  const parsed = pan === undefined ? undefined : vesselSaid(pan, kitchen.pans);
  return parsed?.kind === 'vessel' ? { pans: parsed.set, sizeAssumed: parsed.assumed.includes('size') } : undefined;
}

/** The set points of a written bake after the first. */
function laterStages({ stages = [] }: KnownBake): readonly OvenStage[] {
  let minute = 0;
  return stages.flatMap(({ celsius, lowMinutes, highMinutes }, i) => {
    const fromMinute = minute;
    minute += Math.round(Math.sqrt(lowMinutes * highMinutes));
    return i === 0 ? [] : [{ fromMinute, celsius }];
  });
}

/** A formula's stages, moved by as much as its first set point was. */
export function movedStages(known: KnownBake, celsius: number): readonly OvenStage[] | undefined {
  if (!known.stages || known.celsius === undefined) return undefined;
  const moved = celsius - known.celsius;
  return laterStages(known).map((stage) => ({ ...stage, celsius: stage.celsius + moved }));
}

/**
 * The written bake as a time to lean on; undefined where no time or no pan with a size is written.
 * @param celsius its set point, °C, as far as it is said or follows
 * @param assumedCelsius taken where it is not
 * @param grams all the batter of that bake, g; undefined when it was this one's
 */
export function knownTimeOf(
  known: KnownBake,
  kitchen: Kitchen,
  celsius: number | undefined,
  assumedCelsius: number,
  grams: number | undefined,
): KnownTime | undefined {
  const named = knownPansOf(known, kitchen);
  const { lowMinutes } = known;
  if (!named || lowMinutes === undefined) return undefined;
  const highMinutes = known.highMinutes ?? lowMinutes;
  return {
    pans: named.pans,
    ovenCelsius: celsius ?? assumedCelsius,
    fan: known.fan,
    ...((known.stages ?? known.covers) && {
      course: {
        ...(known.stages && { stages: laterStages(known) }),
        ...(known.covers && { covers: known.covers }),
      },
    }),
    ...(grams !== undefined && grams > 0 && { grams }),
    lowMinutes,
    highMinutes,
    from:
      celsius === undefined || named.sizeAssumed
        ? 'remembered'
        : highMinutes > lowMinutes
          ? 'printed-range'
          : 'printed-time',
  };
}
