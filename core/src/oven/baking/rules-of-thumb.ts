import type { VesselSet } from '../../kitchen/pans/index.js';
import { bodyOf } from './body.js';
import type { BakedBatter } from './known-bake.js';
import { HEAT_STYLES, type HeatStyleId } from './parameters.js';

/*
 * What bakers go by without a model, worked out for the same case, so that the difference can be seen. Each takes the known bake's time.
 */

export const RULES_OF_THUMB = ['surface-and-heat', 'surface', 'depth', 'depth-squared', 'same-time'] as const;
export type RuleOfThumbId = (typeof RULES_OF_THUMB)[number];

/** What each misses by on average, and the model, in percent: over the reference conversions, each without its family. A spec holds them. */
export const RULES_MISS: Readonly<Record<RuleOfThumbId | 'model', number>> = {
  model: 6,
  'surface-and-heat': 10,
  surface: 12,
  depth: 20,
  'depth-squared': 42,
  'same-time': 38,
};

export interface RuleOfThumb {
  readonly id: RuleOfThumbId;
  readonly minutes: number;
}

/** What a rule needs to know of a bake. */
export interface PlainBake {
  readonly batter: BakedBatter;
  readonly pans: VesselSet;
  readonly celsius: number;
  readonly fan: boolean;
}

const CUBIC_CM_PER_CUBIC_METRE = 1e6;

interface Bulk {
  /** Depth of the raw batter, cm. */
  readonly depthCm: number;
  /** Volume over surface of the raw batter, cm. */
  readonly volumeOverSurfaceCm: number;
}

/** Depth of the batter and its volume over its surface, all faces, raw. */
function bulkOf(heatStyle: HeatStyleId, gramsPerPan: number, pan: VesselSet['pan']): Bulk {
  const body = bodyOf(pan);
  const volume =
    ((gramsPerPan / pan.cavities) * body.massFactor) /
    (HEAT_STYLES[heatStyle].rawDensity / 1000) /
    CUBIC_CM_PER_CUBIC_METRE;
  if (body.kind === 'dome') {
    const radius = body.domeRadius(volume);
    const height = body.aspect * radius;
    // half an ellipsoid by Thomsen's formula, and its base
    const p = 1.6075;
    const whole = 4 * Math.PI * ((radius ** (2 * p) + 2 * (radius * height) ** p) / 3) ** (1 / p);
    const surface = whole / 2 + Math.PI * radius ** 2;
    return { depthCm: height * 100, volumeOverSurfaceCm: (100 * volume) / surface };
  }
  const depth = body.heightOf(volume);
  const middle = depth / 2;
  const edge =
    body.kind === 'cylinder'
      ? 2 * Math.PI * (body.radius(middle) + body.innerRadius)
      : 4 * (body.halfWidth(middle) + body.halfLength(middle));
  const surface = body.area(0) + body.area(depth) + edge * depth;
  return { depthCm: depth * 100, volumeOverSurfaceCm: (100 * volume) / surface };
}

/** Oven as the rules take it: a fan and a dark or glass pan count as so much hotter, °C. @source heat.md, section 4 */
const FAN_COUNTS = 20;
const DARK_COUNTS = 11;
function countedCelsius({ celsius, fan, pans }: PlainBake): number {
  const { material } = pans.pan;
  return celsius + (fan ? FAN_COUNTS : 0) + (material === 'dark' || material === 'glass' ? DARK_COUNTS : 0);
}
const HEAT_POWER = 0.9;

const bulk = ({ batter, pans }: PlainBake) => bulkOf(batter.heatStyle, batter.grams / pans.count, pans.pan);

/** What each rule of thumb says of a bake, from a known one of the same batter. */
export function rulesOfThumb(known: PlainBake, knownMinutes: number, here: PlainBake): readonly RuleOfThumb[] {
  const [was, is] = [bulk(known), bulk(here)];
  const depth = is.depthCm / was.depthCm;
  const surface = is.volumeOverSurfaceCm / was.volumeOverSurfaceCm;
  const heat = ((countedCelsius(known) - 100) / (countedCelsius(here) - 100)) ** HEAT_POWER;
  const factor: Readonly<Record<RuleOfThumbId, number>> = {
    'surface-and-heat': surface * heat,
    surface,
    depth,
    'depth-squared': depth ** 2,
    'same-time': 1,
  };
  return RULES_OF_THUMB.map((id) => ({ id, minutes: knownMinutes * factor[id] }));
}

/**
 * ln(minutes) = a + b ln(volume over surface, m) + c ln(°C counted − 100): least squares over the reference bakes that are neither staged
 * nor covered; a spec holds it to them.
 */
const PLAIN_LAW = { a: 13.557, b: 1.2114, c: -0.9944 } as const;

/** Minutes by the plain law of all bakes alike: no physics, no style; a check of the model. */
export function plainLawMinutes(here: PlainBake): number {
  const { volumeOverSurfaceCm } = bulk(here);
  const { a, b, c } = PLAIN_LAW;
  return Math.exp(a + b * Math.log(volumeOverSurfaceCm / 100) + c * Math.log(Math.max(5, countedCelsius(here) - 100)));
}

/** Beyond this distance in ln(minutes) model and plain law do not agree, and one of them is wrong. @source heat.md, section 4: 40 % */
const PLAIN_LAW_APART = 0.4;
export const isApart = (modelMinutes: number, here: PlainBake): boolean =>
  Math.abs(Math.log(modelMinutes / plainLawMinutes(here))) > PLAIN_LAW_APART;
