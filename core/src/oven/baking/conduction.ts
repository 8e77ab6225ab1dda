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
 * So a sweep has three passes: every end is met, every line is solved, every end is booked. What the ends were found to be before the
 * solve holds for the books after it: so heat that came in is heat that is inside.
 */
export class Conduction {
  private readonly upper: Float64Array;
  private readonly right: Float64Array;
  private readonly ends: Ends;

  constructor(
    private readonly cells: BatterCells,
    private readonly faces: BatterFaces,
    private readonly exchange: HeatExchange,
    private readonly air: OvenAir,
    private readonly wall: PanWall,
    private readonly books: HeatBooks,
    private readonly constant: ConstantSolid | undefined,
  ) {
    const { nx, ny, nz, lines } = cells.grid;
    const longest = Math.max(nx, ny, nz) + 2;
    this.upper = new Float64Array(longest);
    this.right = new Float64Array(longest);
    this.ends = endsOf(2 * Math.max(...lines));
  }

  /** One implicit step along every line of a direction. */
  sweep(d: Direction, stepSeconds: number): void {
    if (this.cells.grid.counts[d] === 1) return;
    this.meet(d);
    this.solve(d, 1 / stepSeconds);
    this.book(d, stepSeconds);
  }

  /** What every line meets at its ends: added to the diagonal and the right side there. */
  private meet(d: Direction): void {
    const { exchange, constant, ends } = this;
    const { grid, celsius, resistivity } = this.cells;
    const n = grid.counts[d];
    const toLast = (n - 1) * grid.strides[d];
    const starts = grid.starts[d];
    const area = grid.area[d];
    const halves = grid.half[d];
    const kinds = this.faces.kinds[d];
    const surfaces = this.faces.celsius[d];
    const factors = this.faces.factors[d];
    const which = this.faces.faces[d];
    const airCelsius = this.air.celsius;
    const { diagonal, right, out, before, flow, flowSlope, vapour, vapourSlope } = ends;
    for (let b = 0; b < kinds.length; b++) {
      const kind = kinds[b] ?? NO_BOUNDARY;
      diagonal[b] = 0;
      right[b] = 0;
      if (kind === NO_BOUNDARY) continue;
      const line = b >> 1;
      const cell = (starts[line] ?? 0) + (b & 1) * toLast;
      const faceArea = area[line * (n + 1) + (b & 1) * n] ?? 0;
      const half = halves[cell] ?? 0;
      const inner = half * (resistivity[cell] ?? 0);
      const t = celsius[cell] ?? 0;
      if (kind === WALL || constant) {
        const face = which[b] ?? TOP;
        const outer = constant
          ? 1 / Math.max(face === TOP ? constant.top : face === SIDE ? constant.side : constant.bottom, 1e-30)
          : exchange.throughThePan(surfaces[b] ?? 0, face, factors[b] ?? 1);
        const conductance = faceArea / (outer + inner);
        out[b] = outer + inner;
        diagonal[b] = conductance;
        right[b] = conductance * airCelsius;
        continue;
      }
      exchange.solveOpenFace(t, 1 / inner, surfaces[b] ?? 0, cell, half, factors[b] ?? 1);
      const { openFlow, openFlowSlope } = exchange;
      out[b] = 0;
      before[b] = t;
      flow[b] = openFlow;
      flowSlope[b] = openFlowSlope;
      vapour[b] = exchange.openVapour;
      vapourSlope[b] = exchange.openVapourSlope;
      surfaces[b] = exchange.openCelsius;
      diagonal[b] = -openFlowSlope * faceArea;
      right[b] = (openFlow - openFlowSlope * t) * faceArea;
    }
  }

  private solve(d: Direction, perStep: number): void {
    const { upper, right, ends } = this;
    const { grid, celsius, capacity, resistivity } = this.cells;
    const n = grid.counts[d];
    const stride = grid.strides[d];
    const half = grid.half[d];
    const area = grid.area[d];
    const starts = grid.starts[d];
    const lines = grid.lines[d];
    for (let l = 0; l < lines; l++) {
      const first = starts[l] ?? 0;
      const last = first + (n - 1) * stride;
      // along the line, build and eliminate: the first cell, those between, the last
      let face = l * (n + 1) + 1;
      let resistance = (half[first] ?? 0) * (resistivity[first] ?? 0);
      let next = first + stride;
      let resistanceNext = (half[next] ?? 0) * (resistivity[next] ?? 0);
      let onwards = (area[face] ?? 0) / (resistance + resistanceNext);
      let inertia = (capacity[first] ?? 0) * perStep;
      let scale = 1 / (inertia + onwards + (ends.diagonal[2 * l] ?? 0));
      let upperBefore = onwards * scale;
      let rightBefore = (inertia * (celsius[first] ?? 0) + (ends.right[2 * l] ?? 0)) * scale;
      upper[0] = upperBefore;
      right[0] = rightBefore;
      for (let q = 1; q < n - 1; q++) {
        const towards = onwards;
        const cell = next;
        next += stride;
        face++;
        resistance = resistanceNext;
        resistanceNext = (half[next] ?? 0) * (resistivity[next] ?? 0);
        onwards = (area[face] ?? 0) / (resistance + resistanceNext);
        inertia = (capacity[cell] ?? 0) * perStep;
        scale = 1 / (inertia + onwards + towards * (1 - upperBefore));
        upperBefore = onwards * scale;
        rightBefore = (inertia * (celsius[cell] ?? 0) + towards * rightBefore) * scale;
        upper[q] = upperBefore;
        right[q] = rightBefore;
      }
      inertia = (capacity[last] ?? 0) * perStep;
      let solved =
        (inertia * (celsius[last] ?? 0) + (ends.right[2 * l + 1] ?? 0) + onwards * rightBefore) /
        (inertia + (ends.diagonal[2 * l + 1] ?? 0) + onwards * (1 - upperBefore));
      // and back: solve
      celsius[last] = solved;
      for (let q = n - 2, cell = last - stride; q >= 0; q--, cell -= stride) {
        solved = (right[q] ?? 0) + (upper[q] ?? 0) * solved;
        celsius[cell] = solved;
      }
    }
  }

  /** Books what flowed at every end, by the temperatures that came out. */
  private book(d: Direction, stepSeconds: number): void {
    const { exchange, books } = this;
    const { grid, celsius, resistivity, waterMass, evaporated } = this.cells;
    const n = grid.counts[d];
    const toLast = (n - 1) * grid.strides[d];
    const starts = grid.starts[d];
    const area = grid.area[d];
    const halves = grid.half[d];
    const kinds = this.faces.kinds[d];
    const surfaces = this.faces.celsius[d];
    const which = this.faces.faces[d];
    const airCelsius = this.air.celsius;
    const { liningResistance } = this.wall;
    const { out, before, flow, flowSlope, vapour, vapourSlope } = this.ends;
    let { heatIn, heatOut, steam } = books;
    for (let b = 0; b < kinds.length; b++) {
      if (kinds[b] === NO_BOUNDARY) continue;
      const line = b >> 1;
      const cell = (starts[line] ?? 0) + (b & 1) * toLast;
      const passes = (area[line * (n + 1) + (b & 1) * n] ?? 0) * stepSeconds;
      const now = celsius[cell] ?? 0;
      const resistance = out[b] ?? 0;
      if (resistance > 0) {
        const through = (airCelsius - now) / resistance;
        heatIn += through * passes;
        const beneath = (halves[cell] ?? 0) * (resistivity[cell] ?? 0) + liningResistance;
        surfaces[b] = now + through * (beneath + exchange.contact(which[b] ?? TOP));
        continue;
      }
      const change = now - (before[b] ?? 0);
      const w = waterMass[cell] ?? 0;
      const leaving = ((vapour[b] ?? 0) + (vapourSlope[b] ?? 0) * change) * passes;
      const leaves = Math.min(Math.max(0, leaving), w * 0.5);
      heatIn += ((flow[b] ?? 0) + (flowSlope[b] ?? 0) * change) * passes + leaves * LATENT_HEAT;
      heatOut += leaves * (LATENT_HEAT + WATER_HEAT_CAPACITY * now);
      steam += leaves;
      waterMass[cell] = w - leaves;
      evaporated[cell] = (evaporated[cell] ?? 0) + leaves;
    }
    books.heatIn = heatIn;
    books.heatOut = heatOut;
    books.steam = steam;
  }
}

/** What was found at the two ends of each line of a direction, number 2·line and 2·line + 1. */
interface Ends {
  /** Added to the diagonal and the right side of the cell there. */
  readonly diagonal: Float64Array;
  readonly right: Float64Array;
  /** Resistance to the oven through a pan, m²K/W; 0 for an open face. */
  readonly out: Float64Array;
  /** Of an open face: the cell before the step, °C; heat and vapour through it and their slopes, as `HeatExchange` found them. */
  readonly before: Float64Array;
  readonly flow: Float64Array;
  readonly flowSlope: Float64Array;
  readonly vapour: Float64Array;
  readonly vapourSlope: Float64Array;
}
function endsOf(count: number): Ends {
  const each = () => new Float64Array(count);
  return {
    diagonal: each(),
    right: each(),
    out: each(),
    before: each(),
    flow: each(),
    flowSlope: each(),
    vapour: each(),
    vapourSlope: each(),
  };
}
