import { DomainError } from '../domain-error.js';
import type { Pan } from '../pans/index.js';

/*
 * The grid that moves with the rising batter: every cell keeps its dry mass, its volume follows the rise. Round pans and cups are (r, z),
 * boxes are a quarter (x, y, z). Directions are 0 = outward along x or r, 1 = outward along y, 2 = up. Lengths in metres.
 */

const METRES = 0.01;
/** The wall is tabulated to this multiple of the depth, so that a risen dome finds its height too. */
const TABLE_STEPS = 240;
const TABLE_DEPTHS = 2.5;
/** Share of production resolution against the reference grid. */
const REFINEMENT = 0.75;

/** The inside of a pan in metres: section by height, volume by height, and back. */
export interface Inside {
  readonly kind: 'cylinder' | 'box';
  readonly depth: number;
  radius(height: number): number;
  halfWidth(height: number): number;
  halfLength(height: number): number;
  area(height: number): number;
  heightOf(volume: number): number;
}

/** Rings are not built yet: heat comes in from the tube too. */
export const canBakeIn = ({ shape }: Pick<Pan, 'shape'>): boolean => shape !== 'ring';

export function insideOf(pan: Pan): Inside {
  if (!canBakeIn(pan)) throw new DomainError('insideOf', 'shape', pan.shape, 'a pan without a tube');
  const depth = pan.depthCm * METRES;
  const lean = (bottom: number, top: number) => (height: number) =>
    (bottom + (top - bottom) * Math.min(1, height / depth)) * METRES * 0.5;
  const kind = pan.shape === 'round' || pan.shape === 'muffin' ? 'cylinder' : 'box';
  const halfLength = lean(pan.bottomLengthCm, pan.topLengthCm);
  const halfWidth = lean(pan.bottomWidthCm, pan.topWidthCm);
  const area =
    kind === 'cylinder' ? (h: number) => Math.PI * halfLength(h) ** 2 : (h: number) => 4 * halfLength(h) * halfWidth(h);
  const top = depth * TABLE_DEPTHS;
  const volumes = new Float64Array(TABLE_STEPS + 1);
  for (let i = 0; i < TABLE_STEPS; i++) {
    const a = (top * i) / TABLE_STEPS;
    const b = (top * (i + 1)) / TABLE_STEPS;
    volumes[i + 1] = (volumes[i] ?? 0) + ((b - a) / 6) * (area(a) + 4 * area((a + b) / 2) + area(b));
  }
  const most = volumes[TABLE_STEPS] ?? 0;
  const heightOf = (volume: number) => {
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
  return { kind, depth, radius: halfLength, halfWidth, halfLength, area, heightOf };
}

/** Cell edges on 0…1, finer towards 0 for `towardsZero` > 1 and towards 1 for `towardsOne` > 1. */
function graded(cells: number, towardsZero: number, towardsOne: number): Float64Array {
  const widths = Array.from({ length: cells }, (_, i) => {
    const u = (i + 0.5) / cells;
    return towardsZero ** -Math.exp(-u * 5) * towardsOne ** -Math.exp(-(1 - u) * 5);
  });
  const total = widths.reduce((sum, width) => sum + width, 0);
  const edges = new Float64Array(cells + 1);
  widths.forEach((width, i) => (edges[i + 1] = (edges[i] ?? 0) + width / total));
  edges[cells] = 1;
  return edges;
}

/** The same, with one last cell of a fixed thickness: the crust. */
function withCrust(cells: number, towardsZero: number, towardsOne: number, thickness: number): Float64Array {
  const crust = Math.min(0.15, thickness);
  const inner = graded(cells - 1, towardsZero, towardsOne);
  const edges = new Float64Array(cells + 1);
  for (let i = 0; i < cells; i++) edges[i] = (inner[i] ?? 0) * (1 - crust);
  edges[cells] = 1;
  return edges;
}

export class BatterGrid {
  readonly nx: number;
  readonly ny: number;
  readonly nz: number;
  readonly cells: number;
  readonly counts: readonly [number, number, number];
  readonly strides: readonly [number, number, number];
  /** Lines of cells in each direction, and the first cell of each. */
  readonly lines: readonly [number, number, number];
  readonly starts: readonly [Int32Array, Int32Array, Int32Array];
  /** Cell volume, m³ (a quarter of the cake for boxes). */
  readonly volume: Float64Array;
  /** Half the thickness of a cell in each direction, m. */
  readonly half: readonly [Float64Array, Float64Array, Float64Array];
  /** Face areas in each direction, m²: one more than cells on every line. */
  readonly area: readonly [Float64Array, Float64Array, Float64Array];
  /** 1 for a layer that has risen above the rim. */
  readonly aboveRim: Uint8Array;
  /** Share of the whole cake that the grid holds. */
  readonly share: number;
  /** Height of the batter now, m. */
  height = 0;
  /** Edges of the layers, m. */
  readonly levels: Float64Array;
  private readonly edgesX: Float64Array;
  private readonly edgesY: Float64Array;
  private readonly edgesZ: Float64Array;
  /** Share of the mass inside each radius. */
  private readonly massInside: Float64Array;

  constructor(
    readonly inside: Inside,
    risenHeight: number,
    crustMetres: number,
  ) {
    const box = inside.kind === 'box';
    this.nx = Math.round((box ? 9 : 12) * REFINEMENT);
    this.ny = box ? Math.round(9 * REFINEMENT) : 1;
    this.nz = Math.round((box ? 12 : 16) * REFINEMENT);
    const { nx, ny, nz } = this;
    this.cells = nx * ny * nz;
    this.counts = [nx, ny, nz];
    this.strides = [1, nx, nx * ny];
    this.lines = [ny * nz, nx * nz, nx * ny];
    this.share = box ? 0.25 : 1;
    this.edgesX = graded(nx, 1, 2.5);
    this.edgesY = graded(ny, 1, 2.5);
    this.edgesZ = withCrust(nz, 2.2, 2.2, crustMetres / risenHeight);
    this.massInside = this.edgesX.map((edge) => edge * edge);
    this.volume = new Float64Array(this.cells);
    const cellArray = () => new Float64Array(this.cells);
    this.half = [cellArray(), cellArray(), cellArray()];
    const faceArray = (d: 0 | 1 | 2) => new Float64Array(this.lines[d] * (this.counts[d] + 1));
    this.area = [faceArray(0), faceArray(1), faceArray(2)];
    this.starts = [new Int32Array(ny * nz), new Int32Array(nx * nz), new Int32Array(nx * ny)];
    let line = 0;
    for (let k = 0; k < nz; k++) for (let j = 0; j < ny; j++) this.starts[0][line++] = (k * ny + j) * nx;
    line = 0;
    for (let k = 0; k < nz; k++) for (let i = 0; i < nx; i++) this.starts[1][line++] = k * ny * nx + i;
    line = 0;
    for (let j = 0; j < ny; j++) for (let i = 0; i < nx; i++) this.starts[2][line++] = j * nx + i;
    this.levels = new Float64Array(nz + 1);
    this.aboveRim = new Uint8Array(nz);
  }

  /** Outer edges of the columns, shares of the half width. */
  columnEdges(): readonly number[] {
    return Array.from(this.edgesX.subarray(1));
  }

  /** Lays the cells out for a total volume, m³. */
  stretchTo(totalVolume: number): void {
    const { nx, ny, nz, inside, volume, area, levels, edgesX, edgesY, edgesZ, massInside, share } = this;
    for (let k = 0; k <= nz; k++) levels[k] = inside.heightOf((edgesZ[k] ?? 0) * totalVolume);
    this.height = levels[nz] ?? 0;
    for (let k = 0; k < nz; k++) {
      const low = levels[k] ?? 0;
      const high = levels[k + 1] ?? 0;
      const middle = (low + high) / 2;
      const thick = high - low;
      const layer = ((edgesZ[k + 1] ?? 0) - (edgesZ[k] ?? 0)) * totalVolume * share;
      this.aboveRim[k] = middle > inside.depth ? 1 : 0;
      if (inside.kind === 'cylinder') {
        const radius = inside.radius(middle);
        for (let i = 0; i <= nx; i++) {
          area[0][k * (nx + 1) + i] = 2 * Math.PI * radius * Math.sqrt(massInside[i] ?? 0) * thick;
          if (i < nx) volume[k * nx + i] = layer * ((massInside[i + 1] ?? 0) - (massInside[i] ?? 0));
        }
        continue;
      }
      const halfWidth = inside.halfWidth(middle);
      const halfLength = inside.halfLength(middle);
      for (let j = 0; j < ny; j++) {
        const wide = (edgesY[j + 1] ?? 0) - (edgesY[j] ?? 0);
        for (let i = 0; i < nx; i++)
          volume[(k * ny + j) * nx + i] = layer * ((edgesX[i + 1] ?? 0) - (edgesX[i] ?? 0)) * wide;
        for (let i = 0; i <= nx; i++) area[0][(k * ny + j) * (nx + 1) + i] = halfLength * wide * thick;
      }
      for (let i = 0; i < nx; i++) {
        const wide = (edgesX[i + 1] ?? 0) - (edgesX[i] ?? 0);
        for (let j = 0; j <= ny; j++) area[1][(k * nx + i) * (ny + 1) + j] = halfWidth * wide * thick;
      }
    }
    for (let k = 0; k <= nz; k++) {
      const whole = inside.area(levels[k] ?? 0) * share;
      for (let i = 0; i < nx; i++) {
        const ring = (massInside[i + 1] ?? 0) - (massInside[i] ?? 0);
        const wideX = (edgesX[i + 1] ?? 0) - (edgesX[i] ?? 0);
        for (let j = 0; j < ny; j++) {
          const part = inside.kind === 'cylinder' ? ring : wideX * ((edgesY[j + 1] ?? 0) - (edgesY[j] ?? 0));
          area[2][(j * nx + i) * (nz + 1) + k] = whole * part;
        }
      }
    }
    for (const d of [0, 1, 2] as const) {
      const n = this.counts[d];
      if (n === 1) continue;
      const faces = area[d];
      const half = this.half[d];
      const stride = this.strides[d];
      for (let l = 0; l < this.lines[d]; l++) {
        let cell = this.starts[d][l] ?? 0;
        let face = l * (n + 1);
        for (let q = 0; q < n; q++, cell += stride, face++)
          half[cell] = (volume[cell] ?? 0) / ((faces[face] ?? 0) + (faces[face + 1] ?? 0));
      }
    }
  }
}
