import { DomainError } from '../../ground/errors/index.js';
import { isFree, type Vessel } from '../../kitchen/pans/index.js';
import type { HeatStyleId } from './parameters.js';

/** The oven's set point from a minute on. */
export interface OvenStage {
  readonly fromMinute: number;
  readonly celsius: number;
}

export const COVER_KINDS = ['foil', 'lid', 'bowl'] as const;
export type CoverKind = (typeof COVER_KINDS)[number];

/** Something over the bake for a while: foil laid on, or the lid of a pot. */
export interface Cover {
  readonly kind: CoverKind;
  readonly fromMinute: number;
  /** Undefined: until it comes out. */
  readonly toMinute?: number;
}

/** What the pan feels from moment to moment, one value every so many seconds; the last one holds on. */
export interface AirCourse {
  readonly everySeconds: number;
  readonly celsius: readonly number[];
}

/** What the oven does in the course of a bake, beyond its one set point. */
export interface OvenCourse {
  /** Later set points; the first is the bake's own. */
  readonly stages?: readonly OvenStage[];
  readonly covers?: readonly Cover[];
  /** Below 0 it goes in frozen. */
  readonly batterCelsius?: number;
  readonly altitudeMetres?: number;
  /** What the oven gives above its set point, °C. */
  readonly ovenOffsetCelsius?: number;
  /** Minutes this oven needs from cold to 180 °C, when the batter goes into the cold oven; undefined for a hot one. */
  readonly coldOvenMinutes?: number;
  /** The air as it was measured, or as a stand-in gives it, from going in on: in place of the oven's own course. */
  readonly air?: AirCourse;
  /** Other food in the oven at the same time: its mass cools the oven, its area holds back the air. */
  readonly beside?: { readonly grams: number; readonly squareCm: number };
}

/** One bake to simulate. */
export interface BakeSpec extends OvenCourse {
  readonly pan: Vessel;
  /** Pans of this kind in the oven together, and all their batter. */
  readonly panCount: number;
  readonly gramsPerPan: number;
  readonly heatStyle: HeatStyleId;
  /** Mass fractions of the batter; the style's own where the formula is unknown. */
  readonly water?: number;
  readonly fat?: number;
  readonly sugar?: number;
  /** g/ml, raw and baked; the style's own where unknown. */
  readonly rawDensity?: number;
  readonly bakedDensity?: number;
  readonly ovenCelsius: number;
  readonly fan: boolean;
  /** Anchoring: a factor on convection and radiation. */
  readonly heatScale?: number;
}

/** One moment of a bake. */
export interface BakeFrame {
  readonly minute: number;
  readonly coreCelsius: number;
  /** Mean temperature of the open top. */
  readonly topCelsius: number;
  /** Colour index of top, side and bottom: 1 is golden, 1.2 deep, 1.4 too dark. */
  readonly topColour: number;
  readonly sideColour: number;
  readonly bottomColour: number;
  readonly heightCm: number;
  readonly ovenCelsius: number;
  /** Share of the batter's mass lost as steam. */
  readonly massLost: number;
  /** Temperatures of the middle section, row by row from the bottom, each row from the centre outward, °C. Of a dome: from the base up around its middle. */
  readonly sectionCelsius: readonly number[];
  /** Upper edges of the rows, cm; of a dome the sines of their height above the base, 0–1. */
  readonly rowTopsCm: readonly number[];
}

/** How it cools once out of the oven. */
export interface Cooling {
  /** Hottest the core gets after it came out, above what it was then, °C. */
  readonly carryOverCelsius: number;
  /** Minutes after coming out at which its hottest part has cooled enough to slice or eat, and to frost; undefined when not within the time simulated. */
  readonly minutesTo: { readonly slice: number | undefined; readonly frost: number | undefined };
  /** Share of the batter's mass lost, oven and cooling together. */
  readonly massLost: number;
}

export interface BakeResult {
  /** Minute at which it is done: set in the core and, where the style asks, coloured. Undefined when it never was within `longestMinutes`. */
  readonly doneMinute: number | undefined;
  readonly coreSetMinute: number | undefined;
  /** Temperature at which the middle sets in the model's setting time, °C: its own scale, not a probe's. */
  readonly settingCelsius: number;
  readonly frames: readonly BakeFrame[];
  /** Outer edges of the columns of a row, as shares of the half width; the last is 1. In a ring from the tube outward. */
  readonly columnEdges: readonly number[];
  /** Energy in less energy stored and carried off, over energy in; cooling included when asked for. */
  readonly energyError: number;
  readonly steps: number;
  readonly cooling?: Cooling;
}

export interface SimulateOptions {
  readonly longestMinutes?: number;
  /** Goes on for so long after done, as a share of the time until done. */
  readonly runOnShare?: number;
  /** Minutes between frames; none are kept when undefined. */
  readonly frameEveryMinutes?: number;
  /** Then takes it out and lets it cool: so long in the pan, in a room of so many °C. The frames keep the bake only. */
  readonly cool?: CoolOptions;
  /** Grid cells over the usual number, and a fixed step: for checks of convergence. */
  readonly refinement?: number;
  readonly stepSeconds?: number;
  /** Solid of constant properties in air of constant temperature: for checks against analytic solutions only. */
  readonly constant?: ConstantSolid;
}

/** How it cools: so long in the pan, in a room, until its hottest part is so warm. */
export interface CoolOptions {
  readonly inPanMinutes: number;
  readonly roomCelsius: number;
  readonly sliceCelsius: number;
}

/** W/mK, J/kgK, and W/m²K at the faces; 0 insulates. */
export interface ConstantSolid {
  readonly conductivity: number;
  readonly heatCapacity: number;
  readonly top: number;
  readonly side: number;
  readonly bottom: number;
  /** Called after every step with the coldest cell. */
  readonly each: (seconds: number, coldestCelsius: number) => void;
}

/** Ranges of validity of a bake. */
const RANGES = {
  gramsPerPan: [10, 50_000, '10–50 000 g'],
  ovenCelsius: [100, 300, '100–300 °C'],
  panCount: [1, 24, '1–24'],
  batterCelsius: [-30, 60, '−30 to 60 °C'],
  ovenOffsetCelsius: [-60, 60, '−60 to 60 °C'],
  heatScale: [0.2, 5, '0.2–5'],
  coldOvenMinutes: [2, 60, '2–60 min'],
} as const;
const THINNEST_CM = 0.5;

/** @throws DomainError for a spec outside the range of validity */
export function checkBake(spec: BakeSpec): void {
  const allow = (ok: boolean, name: string, value: number, range: string) => {
    if (!ok) throw new DomainError('simulateBake', name, value, range);
  };
  const within = (name: keyof typeof RANGES, value: number | undefined) => {
    if (value === undefined) return;
    const [low, high, words] = RANGES[name];
    allow(value >= low && value <= high, name, value, words);
  };
  within('gramsPerPan', spec.gramsPerPan);
  within('ovenCelsius', spec.ovenCelsius);
  within('panCount', spec.panCount);
  within('batterCelsius', spec.batterCelsius);
  within('ovenOffsetCelsius', spec.ovenOffsetCelsius);
  within('heatScale', spec.heatScale);
  within('coldOvenMinutes', spec.coldOvenMinutes);
  for (const { fromMinute, celsius } of spec.stages ?? []) {
    within('ovenCelsius', celsius);
    allow(fromMinute >= 0 && fromMinute <= 600, 'stages.fromMinute', fromMinute, '0–600 min');
  }
  for (const { fromMinute, toMinute } of spec.covers ?? []) {
    allow(fromMinute >= 0 && fromMinute <= 600, 'covers.fromMinute', fromMinute, '0–600 min');
    allow(
      toMinute === undefined || toMinute > fromMinute,
      'covers.toMinute',
      toMinute ?? 0,
      'later than its beginning',
    );
  }
  if (spec.air) {
    allow(spec.air.everySeconds > 0, 'air.everySeconds', spec.air.everySeconds, 'more than 0 s');
    for (const celsius of spec.air.celsius)
      allow(celsius >= -30 && celsius <= 400, 'air.celsius', celsius, '−30 to 400 °C');
  }
  const { pan } = spec;
  if (isFree(pan)) {
    const { diameterCm = 10, cavities } = pan;
    allow(diameterCm >= 2 && diameterCm <= 50, 'pan.diameterCm', diameterCm, '2–50 cm');
    allow(cavities >= 1 && cavities <= 100, 'pan.cavities', cavities, '1–100 pieces');
    return;
  }
  allow(pan.depthCm > THINNEST_CM, 'pan.depthCm', pan.depthCm, 'more than 0.5 cm');
  allow(pan.bottomWidthCm > 1, 'pan.bottomWidthCm', pan.bottomWidthCm, 'more than 1 cm');
  const tube = pan.tubeDiameterCm ?? 0;
  allow(tube === 0 || tube < pan.bottomWidthCm - 2, 'pan.tubeDiameterCm', tube, 'a tube that leaves room for batter');
}
