import { EIGHT_IN_TEN } from '../../ground/numerics/index.js';
import type { VesselSet } from '../../kitchen/pans/index.js';
import type { BakeSpec, OvenCourse } from './bake-spec.js';
import { HEAT_MODEL, type HeatModel, type HeatStyleId } from './parameters.js';
import { simulateBake } from './simulate.js';

/** A batter as the oven sees it. Mass fractions of the whole; absent where the formula is unknown. */
export interface BakedBatter {
  /** All the batter, g. */
  readonly grams: number;
  readonly heatStyle: HeatStyleId;
  readonly water?: number;
  readonly fat?: number;
  readonly sugar?: number;
}

/** How the time of a known bake is known: it decides how far it is trusted. */
export type KnownFrom = 'own-bake' | 'printed-range' | 'printed-time' | 'remembered';

/** A bake of the same batter whose time is known. */
export interface KnownTime {
  readonly pans: VesselSet;
  readonly ovenCelsius: number;
  readonly fan: boolean;
  /** What else the oven did in the known bake: its stages, its lid. */
  readonly course?: OvenCourse;
  /** All the batter of the known bake, g, when it was not this one's. */
  readonly grams?: number;
  readonly lowMinutes: number;
  readonly highMinutes: number;
  readonly from: KnownFrom;
}

/** Standard deviation of ln(time) of what bakes of that kind scatter by. @source heat.md, section 7 */
const SPREAD_OF_KNOWN: Readonly<Record<KnownFrom, number>> = {
  'own-bake': 0.06,
  'printed-range': 0.06,
  'printed-time': 0.08,
  remembered: 0.15,
};
/** What formula and kitchen scatter by around the model: the prior that the known time is weighed against. */
const SPREAD_OF_KITCHENS = 0.12;
/** Beyond a heat factor of 2, time, pan, mass and temperature do not belong together. */
const LARGEST_FACTOR = 2;
/** d ln(time) / d ln(heat), to start the search. */
const FIRST_SLOPE = -0.75;
const CLOSE_ENOUGH = 0.004;
const MOST_RUNS = 6;

/** What a known bake says about this batter in this kitchen. */
export type Anchor =
  | {
      readonly kind: 'anchored';
      readonly known: KnownTime;
      readonly knownMinutes: number;
      /** Factor on the heat that would make the model agree fully. */
      readonly fullFactor: number;
      /** The factor taken: shrunk towards 1 by how well the time is known. */
      readonly heatFactor: number;
      /** Minutes the model says for the known bake with the factor taken. */
      readonly modelMinutes: number;
      readonly spreadOfKnown: number;
    }
  | {
      readonly kind: 'refused';
      readonly known: KnownTime;
      readonly knownMinutes: number;
      /** What the model says for that bake, minutes; undefined when it would never be done. */
      readonly modelMinutes: number | undefined;
    };

/** The batter of a known bake: as much of it as was baked then. */
export const batterOfKnown = (batter: BakedBatter, { grams }: Pick<KnownTime, 'grams'>): BakedBatter =>
  grams === undefined ? batter : { ...batter, grams };

export function specOf(
  batter: BakedBatter,
  pans: VesselSet,
  ovenCelsius: number,
  fan: boolean,
  heatScale: number,
  course: OvenCourse = {},
): BakeSpec {
  return {
    ...course,
    pan: pans.pan,
    panCount: pans.count,
    gramsPerPan: batter.grams / pans.count,
    heatStyle: batter.heatStyle,
    ovenCelsius,
    fan,
    heatScale,
    ...(batter.water !== undefined && { water: batter.water }),
    ...(batter.fat !== undefined && { fat: batter.fat }),
    ...(batter.sugar !== undefined && { sugar: batter.sugar }),
  };
}

/**
 * Learns from a known bake how much more or less heat this batter takes up than the model thinks. The factor is found by a secant in
 * logarithms and shrunk, because a printed time scatters too.
 * @throws DomainError for a bake outside the range of the simulation
 * @source heat.md, section 7: heat scalar, shrunk
 */
export function anchorOn(batter: BakedBatter, known: KnownTime, model: HeatModel = HEAT_MODEL): Anchor {
  const knownMinutes = Math.sqrt(known.lowMinutes * known.highMinutes);
  const timeAt = (logFactor: number) =>
    simulateBake(
      specOf(batterOfKnown(batter, known), known.pans, known.ovenCelsius, known.fan, Math.exp(logFactor), known.course),
      {},
      model,
    ).doneMinute;
  const refused = (modelMinutes: number | undefined): Anchor => ({
    kind: 'refused',
    known,
    knownMinutes,
    modelMinutes,
  });

  const first = timeAt(0);
  if (first === undefined) return refused(undefined);
  let slope = FIRST_SLOPE;
  let at = 0;
  let off = Math.log(first / knownMinutes);
  for (let run = 1; run < MOST_RUNS && Math.abs(off) > CLOSE_ENOUGH; run++) {
    const next = at - off / slope;
    if (Math.abs(next) > 1.5 * Math.log(LARGEST_FACTOR)) return refused(first);
    const minutes = timeAt(next);
    if (minutes === undefined) return refused(first);
    const offNext = Math.log(minutes / knownMinutes);
    if (next !== at) slope = Math.min(-0.2, (offNext - off) / (next - at));
    at = next;
    off = offNext;
  }
  if (Math.abs(at) > Math.log(LARGEST_FACTOR)) return refused(first);

  const range = Math.log(known.highMinutes / known.lowMinutes) / 2 / EIGHT_IN_TEN;
  const spreadOfKnown =
    known.from === 'printed-range' ? Math.max(SPREAD_OF_KNOWN['printed-range'], range) : SPREAD_OF_KNOWN[known.from];
  const weight = SPREAD_OF_KITCHENS ** 2 / (SPREAD_OF_KITCHENS ** 2 + spreadOfKnown ** 2);
  const modelMinutes = timeAt(weight * at);
  if (modelMinutes === undefined) return refused(first);
  return {
    kind: 'anchored',
    known,
    knownMinutes,
    fullFactor: Math.exp(at),
    heatFactor: Math.exp(weight * at),
    modelMinutes,
    spreadOfKnown,
  };
}

/** Standard deviation of ln(time) after anchoring on another pan. @source heat.md, section 7 */
export const SPREAD_ANCHORED = { sameShape: 0.088, otherShape: 0.1, remembered: 0.125 } as const;
/** Distance in ln(time) over which the known bake's own leftover fades. Ours: keeps the answer at the known bake equal to it. */
const KINSHIP_REACH = 0.2;

/** How a prediction leans on a known bake. */
export interface Kinship {
  /** Share of the leftover between model and known time that still holds here: 1 for the very same bake. */
  readonly share: number;
  readonly spread: number;
}

/**
 * How much of what the known bake says beyond the shrunk factor still holds for another one. The same pan, oven and batter keep the
 * known time as it stands ("do not model: use the log"); with distance the leftover fades and the window widens.
 */
export function kinship(
  anchor: Extract<Anchor, { kind: 'anchored' }>,
  pans: VesselSet,
  modelMinutes: number,
  fan: boolean,
): Kinship {
  const { pan } = anchor.known.pans;
  const sameKind = pan.shape === pans.pan.shape && pan.material === pans.pan.material && anchor.known.fan === fan;
  const distance = Math.log(modelMinutes / anchor.modelMinutes);
  const share = sameKind ? Math.exp(-((distance / KINSHIP_REACH) ** 2)) : 0;
  const sameShape = pan.shape === pans.pan.shape;
  const far = Math.max(
    sameShape ? SPREAD_ANCHORED.sameShape : SPREAD_ANCHORED.otherShape,
    anchor.known.from === 'remembered' ? SPREAD_ANCHORED.remembered : 0,
  );
  return { share, spread: Math.min(far, Math.hypot(anchor.spreadOfKnown, far * (1 - share))) };
}
