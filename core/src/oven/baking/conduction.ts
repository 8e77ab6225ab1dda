import type { ConstantSolid } from './bake-spec.js';
import type { BatterCells } from './batter-cells.js';
import { NO_BOUNDARY, SIDE, TOP, WALL, type BatterFaces } from './batter-faces.js';
import type { HeatExchange, PanWall } from './heat-exchange.js';
import type { OvenAir } from './oven-air.js';
import { LATENT_HEAT, WATER_HEAT_CAPACITY, type Direction, type HeatBooks } from './physics.js';

/**
 * Conduction through the batter, one direction at a time. Along a line of cells the implicit step
 *   C_i (T_i' − T_i)/Δt = G_(i−½) (T_(i−1)' − T_i') + G_(i+½) (T_(i+1)' − T_i')
 * is a tridiagonal system: it is built and eliminated in one pass along the line, and solved in a second one back (Thomas). G is the
 * area between two cells over the resistance of their halves. At its two ends a line meets the oven: through the pan a fixed
 * resistance, at an open face the heat of `HeatExchange` made linear around the temperature that the cell had.
 *
 * What the ends were found to be before the solve holds for the books after it: so heat that came in is heat that is inside.
 */
export class Conduction {
  private readonly upper: Float64Array;
  private readonly right: Float64Array;
  // what a line meets at an end: added to its diagonal and right side; resistance to the oven, 0 where open
  private endDiagonal = 0;
  private endRight = 0;
  private endOut = 0;

  constructor(
    private readonly cells: BatterCells,
    private readonly faces: BatterFaces,
    private readonly exchange: HeatExchange,
    private readonly air: OvenAir,
    private readonly wall: PanWall,
    private readonly books: HeatBooks,
    private readonly constant: ConstantSolid | undefined,
  ) {
    const { nx, ny, nz } = cells.grid;
    const longest = Math.max(nx, ny, nz) + 2;
    this.upper = new Float64Array(longest);
    this.right = new Float64Array(longest);
  }

  /** One implicit step along every line of a direction. */
  sweep(d: Direction, stepSeconds: number): void {
    const { upper, right, exchange } = this;
    const { grid, celsius, capacity, resistivity } = this.cells;
    const n = grid.counts[d];
    if (n === 1) return;
    const stride = grid.strides[d];
    const half = grid.half[d];
    const area = grid.area[d];
    const starts = grid.starts[d];
    const lines = grid.lines[d];
    const perStep = 1 / stepSeconds;
    for (let l = 0; l < lines; l++) {
      const first = starts[l] ?? 0;
      const firstFace = l * (n + 1);
      const lastCell = first + (n - 1) * stride;
      const firstBefore = celsius[first] ?? 0;
      const lastBefore = celsius[lastCell] ?? 0;
      this.meet(d, 2 * l, first, area[firstFace] ?? 0);
      const firstDiagonal = this.endDiagonal;
      const firstRight = this.endRight;
      const firstOut = this.endOut;
      const firstVapour = exchange.openVapour;
      const firstVapourSlope = exchange.openVapourSlope;
      const firstFlow = exchange.openFlow;
      const firstFlowSlope = exchange.openFlowSlope;
      this.meet(d, 2 * l + 1, lastCell, area[firstFace + n] ?? 0);
      const lastOut = this.endOut;

      // along the line: build and eliminate
      let resistance = (half[first] ?? 0) * (resistivity[first] ?? 0);
      let towards = 0;
      let upperBefore = 0;
      let rightBefore = 0;
      let cell = first;
      for (let q = 0; q < n; q++) {
        const next = cell + stride;
        const inertia = (capacity[cell] ?? 0) * perStep;
        let onwards = 0;
        if (q < n - 1) {
          const resistanceNext = (half[next] ?? 0) * (resistivity[next] ?? 0);
          onwards = (area[firstFace + q + 1] ?? 0) / (resistance + resistanceNext);
          resistance = resistanceNext;
        }
        let diagonal = inertia + towards + onwards;
        let rightNow = inertia * (celsius[cell] ?? 0);
        if (q === 0) {
          diagonal += firstDiagonal;
          rightNow += firstRight;
        }
        if (q === n - 1) {
          diagonal += this.endDiagonal;
          rightNow += this.endRight;
        }
        const scale = 1 / (diagonal - towards * upperBefore);
        upperBefore = onwards * scale;
        rightBefore = (rightNow + towards * rightBefore) * scale;
        upper[q] = upperBefore;
        right[q] = rightBefore;
        towards = onwards;
        cell = next;
      }
      // and back: solve
      let solved = rightBefore;
      cell = lastCell;
      celsius[cell] = solved;
      for (let q = n - 2; q >= 0; q--) {
        cell -= stride;
        solved = (right[q] ?? 0) + (upper[q] ?? 0) * solved;
        celsius[cell] = solved;
      }
      this.book(d, 2 * l + 1, lastCell, area[firstFace + n] ?? 0, lastOut, lastBefore, stepSeconds);
      exchange.openVapour = firstVapour;
      exchange.openVapourSlope = firstVapourSlope;
      exchange.openFlow = firstFlow;
      exchange.openFlowSlope = firstFlowSlope;
      this.book(d, 2 * l, first, area[firstFace] ?? 0, firstOut, firstBefore, stepSeconds);
    }
  }

  /** What a line meets at one of its ends: adds to its diagonal and its right side, and how what flows there is to be booked. */
  private meet(d: Direction, b: number, cell: number, faceArea: number): void {
    const { faces, cells, exchange, constant } = this;
    const kind = faces.kinds[d][b] ?? NO_BOUNDARY;
    this.endOut = 0;
    if (kind === NO_BOUNDARY) {
      this.endDiagonal = 0;
      this.endRight = 0;
      return;
    }
    const half = cells.grid.half[d][cell] ?? 0;
    const inner = half * (cells.resistivity[cell] ?? 0);
    if (kind === WALL || constant) {
      const face = faces.faces[d][b] ?? TOP;
      const outer = constant
        ? 1 / Math.max(face === TOP ? constant.top : face === SIDE ? constant.side : constant.bottom, 1e-30)
        : exchange.throughThePan(faces.celsius[d][b] ?? 0, face, faces.factors[d][b] ?? 1);
      const resistance = outer + inner;
      this.endOut = resistance;
      this.endDiagonal = faceArea / resistance;
      this.endRight = this.endDiagonal * this.air.celsius;
      return;
    }
    const t = cells.celsius[cell] ?? 0;
    exchange.solveOpenFace(t, 1 / inner, faces.celsius[d][b] ?? 0, cell, half, faces.factors[d][b] ?? 1);
    faces.celsius[d][b] = exchange.openCelsius;
    this.endDiagonal = -exchange.openFlowSlope * faceArea;
    this.endRight = (exchange.openFlow - exchange.openFlowSlope * t) * faceArea;
  }

  /** Books what flowed at an end: `resistance` to the oven through a pan, or 0 for an open face. */
  private book(
    d: Direction,
    b: number,
    cell: number,
    faceArea: number,
    resistance: number,
    before: number,
    stepSeconds: number,
  ): void {
    const { faces, cells, exchange, books } = this;
    if (faces.kinds[d][b] === NO_BOUNDARY) return;
    const now = cells.celsius[cell] ?? 0;
    if (resistance > 0) {
      const flow = (this.air.celsius - now) / resistance;
      books.heatIn += flow * faceArea * stepSeconds;
      const contact = exchange.contact(faces.faces[d][b] ?? TOP);
      faces.celsius[d][b] =
        now +
        flow *
          ((cells.grid.half[d][cell] ?? 0) * (cells.resistivity[cell] ?? 0) + this.wall.liningResistance + contact);
      return;
    }
    const change = now - before;
    const w = cells.waterMass[cell] ?? 0;
    const leaving = (exchange.openVapour + exchange.openVapourSlope * change) * faceArea * stepSeconds;
    const leaves = Math.min(Math.max(0, leaving), w * 0.5);
    books.heatIn +=
      (exchange.openFlow + exchange.openFlowSlope * change) * faceArea * stepSeconds + leaves * LATENT_HEAT;
    books.heatOut += leaves * (LATENT_HEAT + WATER_HEAT_CAPACITY * now);
    books.steam += leaves;
    cells.waterMass[cell] = w - leaves;
    cells.evaporated[cell] = (cells.evaporated[cell] ?? 0) + leaves;
  }
}
