import { DomainError } from '../../ground/errors/index.js';
import { cavityMillilitres, isFree, type FreePieces, type Pan, type Vessel } from '../../kitchen/pans/index.js';

/*
 * What is baked, in metres: how wide and long it is at each height, and what stands at which height. Boxes are baked as a quarter,
 * everything round as a slice from the middle outward, a free-standing loaf as half an ellipsoid.
 */

const METRES = 0.01;
const CUBIC_CM_PER_CUBIC_METRE = 1e6;
/** The wall is tabulated to this multiple of the depth, so that a risen dome finds its height too. */
const TABLE_STEPS = 240;
const TABLE_DEPTHS = 2.5;
const SHALLOWEST_TABLE = 0.02;
/** A free-standing loaf stands about so high over its radius. @source heat.md, section 1 */
const DOME_ASPECT = 0.55;

export interface Body {
  readonly kind: 'cylinder' | 'box' | 'dome';
  /** Depth of the pan; 0 for what stands free. */
  readonly depth: number;
  readonly free: boolean;
  /** Half across: radius, half width or half length, at a height. */
  radius(height: number): number;
  halfWidth(height: number): number;
  halfLength(height: number): number;
  /** Of the tube; 0 without one. */
  readonly innerRadius: number;
  area(height: number): number;
  heightOf(volume: number): number;
  /** Radius of a dome of that volume, and how high it stands over its radius. */
  domeRadius(volume: number): number;
  readonly aspect: number;
  /** Flutes give more wall; wedges of one round stand close and shade each other. */
  readonly sides: 'plain' | 'fluted' | 'close';
  /** The simulated cylinder over the real piece: a wedge is baked as the cylinder with its ratio of area to edge. */
  readonly massFactor: number;
}

function tabulated(depth: number, area: (height: number) => number): (volume: number) => number {
  const top = Math.max(depth, SHALLOWEST_TABLE) * TABLE_DEPTHS;
  const volumes = new Float64Array(TABLE_STEPS + 1);
  for (let i = 0; i < TABLE_STEPS; i++) {
    const a = (top * i) / TABLE_STEPS;
    const b = (top * (i + 1)) / TABLE_STEPS;
    volumes[i + 1] = (volumes[i] ?? 0) + ((b - a) / 6) * (area(a) + 4 * area((a + b) / 2) + area(b));
  }
  const most = volumes[TABLE_STEPS] ?? 0;
  return (volume) => {
    if (volume >= most) return top + (volume - most) / area(top);
    let low = 0;
    let high = TABLE_STEPS;
    while (high - low > 1) {
      const middle = (low + high) >> 1;
      if ((volumes[middle] ?? 0) <= volume) low = middle;
      else high = middle;
    }
    const below = volumes[low] ?? 0;
    return (top / TABLE_STEPS) * (low + (volume - below) / ((volumes[high] ?? 1) - below));
  };
}

const constantly = (value: number) => () => value;

/** Height over radius of a free-standing loaf: as shaped, or as soda breads stand. */
const aspectOf = ({ shape, diameterCm, heightCm }: FreePieces) =>
  shape === 'dome' && diameterCm !== undefined && heightCm !== undefined
    ? Math.min(1.5, Math.max(0.2, heightCm / (diameterCm / 2)))
    : DOME_ASPECT;

/** The body that a pan gives its batter, or that pieces have without one. */
export function bodyOf(vessel: Vessel): Body {
  if (!isFree(vessel)) return bodyInPan(vessel);
  const aspect = aspectOf(vessel);
  const common = { free: true, depth: 0, innerRadius: 0, aspect, sides: 'plain' as const, massFactor: 1 };
  if (vessel.shape === 'dome') {
    const domeRadius = (volume: number) => Math.cbrt(volume / ((2 / 3) * Math.PI * aspect));
    return {
      ...common,
      kind: 'dome',
      radius: constantly(0),
      halfWidth: constantly(0),
      halfLength: constantly(0),
      area: constantly(0),
      heightOf: (volume) => aspect * domeRadius(volume),
      domeRadius,
    };
  }
  const { diameterCm } = vessel;
  if (diameterCm === undefined)
    throw new DomainError('bodyOf', 'diameterCm', Number.NaN, 'a diameter for discs and wedges', 'missing');
  const outer = (diameterCm / 2) * METRES;
  let radius = outer;
  let massFactor = 1;
  if (vessel.shape === 'wedge') {
    const area = (Math.PI * outer * outer) / vessel.cavities;
    radius = (2 * area) / (2 * outer + (2 * Math.PI * outer) / vessel.cavities);
    massFactor = (Math.PI * radius * radius) / area;
  }
  const area = Math.PI * radius * radius;
  return {
    ...common,
    sides: vessel.shape === 'wedge' ? 'close' : 'plain',
    kind: 'cylinder',
    radius: constantly(radius),
    halfWidth: constantly(radius),
    halfLength: constantly(radius),
    area: constantly(area),
    heightOf: (volume) => volume / area,
    domeRadius: constantly(0),
    massFactor,
  };
}

function bodyInPan(pan: Pan): Body {
  const depth = pan.depthCm * METRES;
  const kind = pan.shape === 'round' || pan.shape === 'muffin' || pan.shape === 'ring' ? 'cylinder' : 'box';
  const innerRadius = kind === 'cylinder' ? ((pan.tubeDiameterCm ?? 0) / 2) * METRES : 0;
  const lean = (bottom: number, top: number) => (height: number) =>
    (bottom + (top - bottom) * Math.min(1, height / depth)) * METRES * 0.5;
  // rounded corners, flutes, or water measured: the plain section is made smaller by as much
  const plainArea = (h: number) => {
    const [length, width] = [lean(pan.bottomLengthCm, pan.topLengthCm)(h), lean(pan.bottomWidthCm, pan.topWidthCm)(h)];
    return kind === 'cylinder' ? Math.PI * (length * width - innerRadius ** 2) : 4 * length * width;
  };
  const plainVolume = (depth / 6) * (plainArea(0) + 4 * plainArea(depth / 2) + plainArea(depth));
  const trueness = cavityMillilitres(pan) / CUBIC_CM_PER_CUBIC_METRE / plainVolume;
  const narrowed =
    Math.abs(trueness - 1) < 1e-6
      ? (half: (height: number) => number) => half
      : (half: (height: number) => number) => (height: number) =>
          Math.sqrt(innerRadius ** 2 + trueness * (half(height) ** 2 - innerRadius ** 2));
  const halfLength = narrowed(lean(pan.bottomLengthCm, pan.topLengthCm));
  const halfWidth = narrowed(lean(pan.bottomWidthCm, pan.topWidthCm));
  const area =
    kind === 'cylinder'
      ? (h: number) => Math.PI * (halfLength(h) ** 2 - innerRadius ** 2)
      : (h: number) => 4 * halfLength(h) * halfWidth(h);
  return {
    kind,
    depth,
    free: false,
    radius: halfLength,
    halfWidth,
    halfLength,
    innerRadius,
    area,
    heightOf: tabulated(depth, area),
    domeRadius: constantly(0),
    aspect: 0,
    sides: pan.shape === 'ring' && pan.shapeFactor !== undefined ? 'fluted' : 'plain',
    massFactor: 1,
  };
}
