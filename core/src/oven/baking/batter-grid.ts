import type { Body } from './body.js';

/*
 * The grid that moves with the rising batter: every cell keeps its dry mass, its volume follows the rise. Round pans, rings, cups and
 * cut pieces are (r, z), boxes are a quarter (x, y, z), a free-standing loaf is half an ellipsoid (s, sine of the height). Directions are
 * 0 = outward along x, r or s, 1 = outward along y, 2 = up. Lengths in metres.
 */

/** Share of production resolution against the reference grid. */
const REFINEMENT = 0.75;

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

/** Cells across, along and up, at full resolution. @source heat.md, section 2 */
const CELLS: Readonly<Record<Body['kind'], readonly [number, number, number]>> = {
  box: [9, 9, 12],
  cylinder: [12, 0, 16],
  dome: [16, 0, 8],
};

export interface GridOptions {
  /** Height or, of a dome, radius scale when baked, m: the crust is so thin against it. */
  readonly risenHeight: number;
  readonly crustMetres: number;
  /** Cells over the usual number. */
  readonly refinement?: number;
  /** Without crust, evenly fine: for checks against analytic solutions. */
  readonly withoutCrust?: boolean;
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
  /** Edges of the layers, m; of a dome the sines of the height, 0–1. */
  readonly levels: Float64Array;
  private readonly edgesX: Float64Array;
  private readonly edgesY: Float64Array;
  private readonly edgesZ: Float64Array;
  /** Share of the mass inside each radius. */
  private readonly massInside: Float64Array;

  constructor(
    readonly body: Body,
    { risenHeight, crustMetres, refinement = 1, withoutCrust = false }: GridOptions,
  ) {
    const box = body.kind === 'box';
    const dome = body.kind === 'dome';
    const [across, along, up] = CELLS[body.kind];
    const cells = (count: number) => Math.round(count * REFINEMENT * refinement);
    this.nx = cells(across);
    this.ny = box ? cells(along) : 1;
    this.nz = cells(up);
    const { nx, ny, nz } = this;
    this.cells = nx * ny * nz;
    this.counts = [nx, ny, nz];
    this.strides = [1, nx, nx * ny];
    this.lines = [ny * nz, nx * nz, nx * ny];
    this.share = box ? 0.25 : 1;
    const crust = crustMetres / risenHeight;
    if (withoutCrust) this.edgesX = graded(nx, 1, 2.5);
    else if (body.innerRadius > 0) this.edgesX = graded(nx, 2, 2);
    else if (dome) this.edgesX = withCrust(nx, 1, 1.8, crust);
    else if (body.free) this.edgesX = withCrust(nx, 1, 1.6, crustMetres / body.radius(0));
    else this.edgesX = graded(nx, 1, 2.5);
    this.edgesY = graded(ny, 1, 2.5);
    this.edgesZ = dome ? graded(nz, 2, 1) : withoutCrust ? graded(nz, 2.5, 2.5) : withCrust(nz, 2.2, 2.2, crust);
    const outer = body.radius(body.depth / 2);
    const hole = outer > 0 ? body.innerRadius / outer : 0;
    this.massInside = this.edgesX.map((edge) => {
      const radius = hole + (1 - hole) * edge;
      return (radius * radius - hole * hole) / (1 - hole * hole);
    });
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
    if (this.body.kind === 'dome') this.layDome(totalVolume);
    else this.layColumns(totalVolume);
    for (const d of [0, 1, 2] as const) {
      const n = this.counts[d];
      if (n === 1) continue;
      const faces = this.area[d];
      const half = this.half[d];
      const stride = this.strides[d];
      for (let l = 0; l < this.lines[d]; l++) {
        let cell = this.starts[d][l] ?? 0;
        let face = l * (n + 1);
        for (let q = 0; q < n; q++, cell += stride, face++)
          half[cell] = (this.volume[cell] ?? 0) / ((faces[face] ?? 0) + (faces[face + 1] ?? 0));
      }
    }
  }

  /** Half an ellipsoid: shells of equal shape outward, cones of equal sine upward. */
  private layDome(totalVolume: number): void {
    const { nx, nz, body, volume, area, levels, edgesX, edgesZ } = this;
    const radius = body.domeRadius(totalVolume);
    const height = body.aspect * radius;
    this.height = height;
    const cosine = (sine: number) => Math.sqrt(Math.max(0, 1 - sine * sine));
    const beltPerSine = (sine: number) =>
      2 * Math.PI * radius * Math.sqrt((height * cosine(sine)) ** 2 + (radius * sine) ** 2);
    levels.set(edgesZ);
    for (let k = 0; k < nz; k++) {
      const low = edgesZ[k] ?? 0;
      const high = edgesZ[k + 1] ?? 0;
      const belt = ((high - low) / 6) * (beltPerSine(low) + 4 * beltPerSine((low + high) / 2) + beltPerSine(high));
      for (let i = 0; i < nx; i++) {
        const shell = ((edgesX[i + 1] ?? 0) ** 3 - (edgesX[i] ?? 0) ** 3) / 3;
        volume[k * nx + i] = 2 * Math.PI * radius * radius * height * shell * (high - low);
      }
      for (let i = 0; i <= nx; i++) area[0][k * (nx + 1) + i] = belt * (edgesX[i] ?? 0) ** 2;
    }
    for (let i = 0; i < nx; i++) {
      const ring = (edgesX[i + 1] ?? 0) ** 2 - (edgesX[i] ?? 0) ** 2;
      for (let k = 0; k <= nz; k++) {
        const sine = edgesZ[k] ?? 0;
        const slant = Math.sqrt((radius * cosine(sine)) ** 2 + (height * sine) ** 2);
        area[2][i * (nz + 1) + k] = Math.PI * radius * cosine(sine) * slant * ring;
      }
    }
  }

  private layColumns(totalVolume: number): void {
    const { nx, ny, nz, body, volume, area, levels, edgesX, edgesY, edgesZ, massInside, share } = this;
    const inner = body.innerRadius;
    for (let k = 0; k <= nz; k++) levels[k] = body.heightOf((edgesZ[k] ?? 0) * totalVolume);
    this.height = levels[nz] ?? 0;
    for (let k = 0; k < nz; k++) {
      const low = levels[k] ?? 0;
      const high = levels[k + 1] ?? 0;
      const middle = (low + high) / 2;
      const thick = high - low;
      const layer = ((edgesZ[k + 1] ?? 0) - (edgesZ[k] ?? 0)) * totalVolume * share;
      this.aboveRim[k] = body.depth > 0 && middle > body.depth ? 1 : 0;
      if (body.kind === 'cylinder') {
        const radius = body.radius(middle);
        const section = radius * radius - inner * inner;
        for (let i = 0; i <= nx; i++) {
          area[0][k * (nx + 1) + i] = 2 * Math.PI * Math.sqrt(inner * inner + (massInside[i] ?? 0) * section) * thick;
          if (i < nx) volume[k * nx + i] = layer * ((massInside[i + 1] ?? 0) - (massInside[i] ?? 0));
        }
        continue;
      }
      const halfWidth = body.halfWidth(middle);
      const halfLength = body.halfLength(middle);
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
      const whole = body.area(levels[k] ?? 0) * share;
      for (let i = 0; i < nx; i++) {
        const ring = (massInside[i + 1] ?? 0) - (massInside[i] ?? 0);
        const wideX = (edgesX[i + 1] ?? 0) - (edgesX[i] ?? 0);
        for (let j = 0; j < ny; j++) {
          const part = body.kind === 'cylinder' ? ring : wideX * ((edgesY[j + 1] ?? 0) - (edgesY[j] ?? 0));
          area[2][(j * nx + i) * (nz + 1) + k] = whole * part;
        }
      }
    }
  }
}
