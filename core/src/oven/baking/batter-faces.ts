import type { BatterGrid } from './batter-grid.js';
import type { Body } from './body.js';
import type { HeatParameters } from './parameters.js';
import { DIRECTIONS, GAS_CONSTANT, ZERO_CELSIUS_KELVIN, type Direction, type Three } from './physics.js';

/** What the first or last cell of a line touches there: nothing (a middle), the pan, or the air. */
export const NO_BOUNDARY = 0;
export const WALL = 1;
const OPEN = 2;
/** Which face of the cake that is. */
export const TOP = 0;
export const SIDE = 1;
export const BOTTOM = 2;

const NO_KINDS = new Uint8Array(0);
const NO_VALUES = new Float64Array(0);
/** Temperature at which the rate of browning is as given, K. */
const BROWNING_REFERENCE_KELVIN = 423.15;

/**
 * The outside of the batter: two ends for each line of cells in each direction, number 2·line and 2·line + 1. For each end what it touches,
 * which face it belongs to, how much heat reaches it over an even face, its temperature, and how brown it is by now.
 */
export class BatterFaces {
  readonly kinds: Three<Uint8Array>;
  readonly faces: Three<Uint8Array>;
  readonly factors: Three<Float64Array>;
  readonly celsius: Three<Float64Array>;
  private readonly browned: Three<Float64Array>;

  constructor(
    private readonly grid: BatterGrid,
    private readonly body: Body,
    private readonly heat: HeatParameters,
    startCelsius: number,
  ) {
    const ends = <T>(make: (n: number) => T): Three<T> => [
      make(2 * grid.lines[0]),
      make(2 * grid.lines[1]),
      make(2 * grid.lines[2]),
    ];
    this.kinds = ends((n) => new Uint8Array(n));
    this.faces = ends((n) => new Uint8Array(n));
    this.factors = ends((n) => new Float64Array(n).fill(1));
    this.celsius = ends((n) => new Float64Array(n).fill(startCelsius));
    this.browned = ends((n) => new Float64Array(n));
    this.settle();
  }

  /** Which faces touch the pan and which the air: sides above the rim are open, and everything but the base of what stands free. */
  settle(): void {
    const { grid, body, kinds, faces, factors, heat } = this;
    const dome = body.kind === 'dome';
    const sideFactor = { plain: 1, fluted: heat.fluteFactor, close: heat.closeFactor }[body.sides];
    for (let l = 0; l < grid.lines[0]; l++) {
      const last = 2 * l + 1;
      kinds[0][last] = body.free || grid.aboveRim[Math.floor(l / grid.ny)] ? OPEN : WALL;
      faces[0][last] = dome ? TOP : SIDE;
      factors[0][last] = sideFactor;
      if (body.innerRadius > 0) {
        kinds[0][2 * l] = WALL;
        faces[0][2 * l] = SIDE;
        factors[0][2 * l] = heat.tubeFactor;
      }
    }
    if (grid.ny > 1) {
      for (let l = 0; l < grid.lines[1]; l++) {
        kinds[1][2 * l + 1] = grid.aboveRim[Math.floor(l / grid.nx)] ? OPEN : WALL;
        faces[1][2 * l + 1] = SIDE;
      }
    }
    for (let l = 0; l < grid.lines[2]; l++) {
      kinds[2][2 * l] = WALL;
      faces[2][2 * l] = BOTTOM;
      factors[2][2 * l] = body.free ? heat.sheetFactor : 1;
      if (dome) continue;
      kinds[2][2 * l + 1] = OPEN;
      faces[2][2 * l + 1] = TOP;
    }
  }

  /** Turned out of its pan: from now on every face is open. */
  open(): void {
    for (const d of DIRECTIONS) {
      const kinds = this.kinds[d];
      for (let b = 0; b < kinds.length; b++) if (kinds[b] === WALL) kinds[b] = OPEN;
    }
  }

  /** The cell at an end of a line. */
  cellAt(d: Direction, line: number, end: number): number {
    const { grid } = this;
    return (grid.starts[d][line] ?? 0) + end * (grid.counts[d] - 1) * grid.strides[d];
  }

  /** The pan's heat capacity, lumped into the cells that touch it. @param stretch by which side walls are higher when risen */
  lumpThePan(panCapacity: Float64Array, arealHeatCapacity: number, stretch: number): void {
    const { grid } = this;
    for (const d of DIRECTIONS) {
      const n = grid.counts[d];
      for (let l = 0; l < grid.lines[d]; l++) {
        for (const end of [0, 1]) {
          if (this.kinds[d][2 * l + end] !== WALL) continue;
          const cell = this.cellAt(d, l, end);
          const area = (grid.area[d][l * (n + 1) + end * n] ?? 0) * (d === 2 ? 1 : stretch);
          panCapacity[cell] = (panCapacity[cell] ?? 0) + area * arealHeatCapacity;
        }
      }
    }
  }

  /** Mean temperature of all faces, °C. */
  meanCelsius(): number {
    let sum = 0;
    let count = 0;
    for (let d = 0; d < 3; d++) {
      const kinds = this.kinds[d] ?? NO_KINDS;
      const surfaces = this.celsius[d] ?? NO_VALUES;
      for (let b = 0; b < kinds.length; b++) {
        if (kinds[b] === NO_BOUNDARY) continue;
        sum += surfaces[b] ?? 0;
        count++;
      }
    }
    return sum / Math.max(1, count);
  }

  /** Every face browns by how hot it is: a rate after Arrhenius, from a threshold on. @param sugar a factor on the rate */
  brown(stepSeconds: number, sugar: number): void {
    const { heat } = this;
    for (const d of DIRECTIONS) {
      if (this.grid.counts[d] === 1) continue;
      const surfaces = this.celsius[d];
      const browned = this.browned[d];
      for (let b = 0; b < browned.length; b++) {
        const t = surfaces[b] ?? 0;
        if (t <= heat.browningFromCelsius || this.kinds[d][b] === NO_BOUNDARY) continue;
        const rate =
          heat.browningRate *
          sugar *
          Math.exp(
            (-heat.browningEnergy / GAS_CONSTANT) * (1 / (t + ZERO_CELSIUS_KELVIN) - 1 / BROWNING_REFERENCE_KELVIN),
          );
        browned[b] = (browned[b] ?? 0) + rate * stepSeconds;
      }
    }
  }

  /** Mean of something over a face of the cake. */
  private meanOver(face: number, values: Three<Float64Array>): number {
    let sum = 0;
    let area = 0;
    for (const d of DIRECTIONS) {
      const n = this.grid.counts[d];
      if (n === 1) continue;
      for (let b = 0; b < values[d].length; b++) {
        if (this.kinds[d][b] === NO_BOUNDARY || this.faces[d][b] !== face) continue;
        const faceArea = this.grid.area[d][(b >> 1) * (n + 1) + (b & 1) * n] ?? 0;
        sum += (values[d][b] ?? 0) * faceArea;
        area += faceArea;
      }
    }
    return area > 0 ? sum / area : 0;
  }
  /** Mean temperature of a face, °C. */
  celsiusOf(face: number): number {
    return this.meanOver(face, this.celsius);
  }
  /** Mean colour index of a face: 1 is golden. */
  colourOf(face: number): number {
    return this.meanOver(face, this.browned) ** this.heat.browningPower;
  }
}
