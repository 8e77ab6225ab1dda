import type { ConstantSolid } from './bake-spec.js';
import type { BatterGrid } from './batter-grid.js';
import type { Body } from './body.js';
import type { Composition } from './composition.js';
import type { HeatParameters } from './parameters.js';
import {
  EBULLIOSCOPIC,
  FREEZABLE,
  FROZEN_BELOW,
  iceAt,
  LATENT_HEAT,
  MELTED_ABOVE,
  MELTING_HEAT,
  smooth,
  TRUE_DENSITY,
  WATER_HEAT_CAPACITY,
  ZERO_CELSIUS_KELVIN,
  type Direction,
  type HeatBooks,
} from './physics.js';

/*
 * The batter itself, cell by cell: its temperature, its water, its dry matter, and what happens inside it that is no conduction. Every
 * cell keeps its dry mass for good; water moves and leaves; the volume follows the rise.
 *
 * What holds a step together is the enthalpy of a cell: dry matter with a heat capacity that grows with temperature, water, the part of
 * the pan that touches the cell, less the heat that ice still needs to melt,
 *   H(T) = m_dry (c0 T + c1 T²/2) + (m_water c_w + C_pan) T − L_melt ice(T).
 * Conduction works with the slope of H at the start of a step. Afterwards `settleEnthalpy` puts exactly the heat that flowed into the
 * exact H, so that no energy is lost to the curvature; `boil` then takes the heat above the boiling point of the dissolved water, and
 * turns it into steam that leaves.
 */
export class BatterCells {
  readonly celsius: Float64Array;
  readonly waterMass: Float64Array;
  readonly waterStart: Float64Array;
  readonly dryMass: Float64Array;
  /** Dry matter that holds water: without the fat. */
  readonly leanMass: Float64Array;
  /** Heat capacity of the pan at the cells that touch it, J/K. */
  readonly panCapacity: Float64Array;
  /** Of this step: heat capacity, J/K, and 1 over the conductivity, mK/W. */
  readonly capacity: Float64Array;
  readonly resistivity: Float64Array;
  /** Water that left through open faces in this step, kg. */
  readonly evaporated: Float64Array;
  readonly batterMass: number;
  /** Of one whole cake, m³. */
  volume: number;
  private readonly celsiusBefore: Float64Array;
  /** How far each cell has risen, 0–1: what has risen stays. */
  private readonly rise: Float64Array;

  constructor(
    readonly grid: BatterGrid,
    readonly composition: Composition,
    private readonly body: Body,
    private readonly heat: HeatParameters,
    private readonly start: {
      readonly celsius: number;
      readonly density: number;
      readonly volume: number;
      /** Baked volume over raw. */
      readonly riseRatio: number;
    },
    /** How much a fluid batter is stirred by its own convection: a factor on conduction. */
    private readonly fluid: number,
    private readonly constant: ConstantSolid | undefined,
  ) {
    const array = () => new Float64Array(grid.cells);
    const { water, fat } = composition;
    this.volume = start.volume;
    this.celsius = array().fill(start.celsius);
    this.celsiusBefore = array();
    this.capacity = array();
    this.resistivity = array();
    this.evaporated = array();
    this.rise = array();
    this.panCapacity = array();
    const cellMass = grid.volume.map((v) => v * start.density);
    this.waterMass = cellMass.map((m) => m * water);
    this.waterStart = this.waterMass.slice();
    this.dryMass = cellMass.map((m) => m * (1 - water));
    this.leanMass = cellMass.map((m) => m * (1 - water - fat));
    this.batterMass = cellMass.reduce((sum, m) => sum + m, 0);
  }

  /** Heat to melt what can freeze in a cell, J. */
  private meltingHeat(i: number): number {
    return (this.waterStart[i] ?? 0) * FREEZABLE * MELTING_HEAT;
  }

  enthalpyOf(i: number): number {
    const t = this.celsius[i] ?? 0;
    const { c0, c1, frozen } = this.composition;
    return (
      (this.dryMass[i] ?? 0) * (c0 * t + (c1 * t * t) / 2) +
      ((this.waterMass[i] ?? 0) * WATER_HEAT_CAPACITY + (this.panCapacity[i] ?? 0)) * t -
      (frozen ? this.meltingHeat(i) * iceAt(t) : 0)
    );
  }
  enthalpyOfAll(): number {
    let sum = 0;
    for (let i = 0; i < this.grid.cells; i++) sum += this.enthalpyOf(i);
    return sum;
  }

  /** Temperature of a cell that holds a given enthalpy: the root of a quadratic; below the melting range and in it of a shifted one. */
  private celsiusOf(i: number, enthalpy: number): number {
    const { c0, c1, frozen } = this.composition;
    const a = ((this.dryMass[i] ?? 0) * c1) / 2;
    let linear =
      (this.dryMass[i] ?? 0) * c0 + (this.waterMass[i] ?? 0) * WATER_HEAT_CAPACITY + (this.panCapacity[i] ?? 0);
    let held = enthalpy;
    if (frozen && enthalpy < a * MELTED_ABOVE ** 2 + linear * MELTED_ABOVE) {
      const melting = this.meltingHeat(i);
      if (enthalpy < a * FROZEN_BELOW ** 2 + linear * FROZEN_BELOW - melting) held = enthalpy + melting;
      else {
        const perDegree = melting / (MELTED_ABOVE - FROZEN_BELOW);
        linear += perDegree;
        held = enthalpy + perDegree * MELTED_ABOVE;
      }
    }
    return (-linear + Math.sqrt(linear * linear + 4 * a * held)) / (2 * a);
  }

  /**
   * Heat capacity and conductivity of every cell at its present temperature, water and porosity. Two media conduct side by side: the
   * moist walls of the crumb, and its pores, in which vapour evaporates on the hot side and condenses on the cold one; mixed by
   * Maxwell and Eucken for pores in a continuous wall.
   */
  setProperties(): void {
    const { grid, celsius, celsiusBefore, waterMass, waterStart, dryMass, panCapacity, capacity, resistivity } = this;
    const { evaporated, fluid, constant } = this;
    const { c0, c1, poreVapour, frozen } = this.composition;
    const multiplier = this.heat.conductivity;
    const vapourShare = this.heat.poreVapour;
    const porosity = Math.min(0.85, Math.max(0, 1 - this.batterMass / (this.volume * grid.share) / TRUE_DENSITY));
    for (let i = 0; i < grid.cells; i++) {
      const t = celsius[i] ?? 0;
      celsiusBefore[i] = t;
      evaporated[i] = 0;
      const w = waterMass[i] ?? 0;
      const dry = dryMass[i] ?? 0;
      capacity[i] = dry * (c0 + c1 * t) + w * WATER_HEAT_CAPACITY + (panCapacity[i] ?? 0);
      if (constant) {
        resistivity[i] = 1 / constant.conductivity;
        continue;
      }
      // the table of the pores has two entries for a degree
      const x = t < 0 ? 0 : t > 149 ? 298 : t * 2;
      const xi = x | 0;
      const wet = w / (0.35 * (waterStart[i] ?? 1));
      const walls = multiplier * (0.18 + (0.45 * w) / (w + dry)) * (1 + fluid * smooth((80 - t) / 25));
      const table = poreVapour[xi] ?? 0;
      const pores =
        0.03 + vapourShare * (table + (x - xi) * ((poreVapour[xi + 1] ?? table) - table)) * (wet < 1 ? wet : 1);
      resistivity[i] =
        (2 * walls + pores + porosity * (walls - pores)) /
        (walls * (2 * walls + pores - 2 * porosity * (walls - pores)));
    }
    if (!frozen) return;
    for (let i = 0; i < grid.cells; i++) {
      const t = celsius[i] ?? 0;
      if (t < MELTED_ABOVE && t >= FROZEN_BELOW)
        capacity[i] = (capacity[i] ?? 0) + this.meltingHeat(i) / (MELTED_ABOVE - FROZEN_BELOW);
    }
  }

  /** The sweeps used the heat capacity at the start of the step: put the same heat into the exact enthalpy. */
  settleEnthalpy(): void {
    const { celsius, celsiusBefore, capacity, waterMass, dryMass, panCapacity, evaporated } = this;
    const { c0, c1, frozen } = this.composition;
    for (let i = 0; i < this.grid.cells; i++) {
      const t = celsius[i] ?? 0;
      const before = celsiusBefore[i] ?? 0;
      const gone = (evaporated[i] ?? 0) * WATER_HEAT_CAPACITY;
      const linear = (dryMass[i] ?? 0) * c0 + (waterMass[i] ?? 0) * WATER_HEAT_CAPACITY + (panCapacity[i] ?? 0);
      const held =
        (((dryMass[i] ?? 0) * c1) / 2) * before * before +
        (linear + gone) * before -
        (frozen ? this.meltingHeat(i) * iceAt(before) : 0);
      celsius[i] = this.celsiusOf(i, held + (capacity[i] ?? 0) * (t - before) - gone * t);
    }
  }

  /** Liquid moisture moves out towards the open surface in the outer part of a direction, from the cell `from` on, and carries its heat. */
  moveMoisture(d: Direction, from: number, stepSeconds: number): void {
    const { grid, celsius, waterMass, waterStart, dryMass, panCapacity } = this;
    const { c0, c1, frozen } = this.composition;
    const n = grid.counts[d];
    const stride = grid.strides[d];
    const half = grid.half[d];
    const area = grid.area[d];
    const { moistureDiffusion } = this.heat;
    for (let l = 0; l < grid.lines[d]; l++) {
      let i = (grid.starts[d][l] ?? 0) + from * stride;
      for (let q = from; q < n - 1; q++, i += stride) {
        const j = i + stride;
        const density = ((dryMass[i] ?? 0) + (dryMass[j] ?? 0)) / ((grid.volume[i] ?? 1) + (grid.volume[j] ?? 1));
        const wet = Math.min(1, (waterMass[j] ?? 0) / (waterStart[j] ?? 1));
        const drive = (waterMass[i] ?? 0) / (dryMass[i] ?? 1) - (waterMass[j] ?? 0) / (dryMass[j] ?? 1);
        let moved =
          ((moistureDiffusion * density * (area[l * (n + 1) + q + 1] ?? 0)) / ((half[i] ?? 0) + (half[j] ?? 1))) *
          stepSeconds *
          wet *
          wet *
          drive;
        const to = moved > 0 ? j : i;
        const source = moved > 0 ? i : j;
        // never so much in one step that a cell runs dry
        moved = Math.min(Math.abs(moved), 0.1 * (waterMass[source] ?? 0));
        const t = celsius[to] ?? 0;
        const holds =
          (dryMass[to] ?? 0) * (c0 + c1 * t) + (waterMass[to] ?? 0) * WATER_HEAT_CAPACITY + (panCapacity[to] ?? 0);
        if (!frozen || t > MELTED_ABOVE)
          celsius[to] =
            t + (moved * WATER_HEAT_CAPACITY * ((celsius[source] ?? 0) - t)) / (holds + moved * WATER_HEAT_CAPACITY);
        else moved = 0;
        waterMass[source] = (waterMass[source] ?? 0) - moved;
        waterMass[to] = (waterMass[to] ?? 0) + moved;
      }
    }
  }

  /** Heat above the boiling point of the dissolved water turns water into steam that leaves. The drier a cell, the hotter it boils. */
  boil(books: HeatBooks): void {
    const { grid, celsius, waterMass, leanMass, dryMass, panCapacity } = this;
    const { c0, c1, boilingCelsius, boundWaterRatio } = this.composition;
    for (let i = 0; i < grid.cells; i++) {
      const t = celsius[i] ?? 0;
      const w = waterMass[i] ?? 0;
      if (!(t > boilingCelsius && w > 0)) continue;
      const lean = leanMass[i] ?? 1;
      const ratio = w / lean;
      const kelvin =
        1 / (1 / (boilingCelsius + ZERO_CELSIUS_KELVIN) + EBULLIOSCOPIC * Math.log(ratio / (ratio + boundWaterRatio)));
      const boils = kelvin > 0 && kelvin < 600 ? kelvin - ZERO_CELSIUS_KELVIN : 327;
      if (t <= boils) continue;
      // how much the boiling point rises for each kilogram that leaves
      const rise = (EBULLIOSCOPIC * kelvin * kelvin * boundWaterRatio * lean) / (w * (w + boundWaterRatio * lean));
      const holds = (dryMass[i] ?? 0) * (c0 + c1 * t) + w * WATER_HEAT_CAPACITY + (panCapacity[i] ?? 0);
      const leaves = Math.min((holds * (t - boils)) / (LATENT_HEAT + holds * rise), w * 0.4);
      const carried = leaves * (LATENT_HEAT + WATER_HEAT_CAPACITY * t);
      const left = this.enthalpyOf(i) - carried;
      waterMass[i] = w - leaves;
      celsius[i] = this.celsiusOf(i, left);
      books.steam += leaves;
      books.heatOut += carried;
    }
  }

  /** Gas and steam swell the batter between 30 and 92 °C; what has risen stays. Returns whether the grid was stretched. */
  swell(): boolean {
    const { grid, celsius, rise, dryMass, start } = this;
    let weighted = 0;
    let mass = 0;
    for (let i = 0; i < grid.cells; i++) {
      const u = Math.max(smooth(((celsius[i] ?? 0) - 30) / 62), rise[i] ?? 0);
      rise[i] = u;
      weighted += u * (dryMass[i] ?? 0);
      mass += dryMass[i] ?? 0;
    }
    const volume = start.volume * (1 + ((start.riseRatio - 1) * weighted) / mass);
    if (volume <= this.volume * 1.002) return false;
    this.stretchTo(volume);
    return true;
  }
  stretchTo(volume: number): void {
    this.volume = volume;
    this.grid.stretchTo(volume);
  }

  /** The coldest cell away from the surfaces: where a skewer goes in. */
  coreCelsius(): number {
    const { grid, celsius, body } = this;
    const dome = body.kind === 'dome';
    let coldest = Infinity;
    const fromX = body.innerRadius > 0 ? Math.floor(grid.nx * 0.2) : 0;
    const toX = Math.ceil(grid.nx * 0.8);
    const toY = Math.ceil(grid.ny * 0.8);
    const fromZ = dome ? 0 : Math.floor(grid.nz * 0.2);
    const toZ = dome ? grid.nz : Math.ceil(grid.nz * 0.85);
    for (let k = fromZ; k < toZ; k++) {
      for (let j = 0; j < toY; j++) {
        for (let i = fromX; i < toX; i++) {
          const t = celsius[(k * grid.ny + j) * grid.nx + i] ?? 0;
          if (t < coldest) coldest = t;
        }
      }
    }
    return coldest;
  }
  coldest(): number {
    let coldest = Infinity;
    for (let i = 0; i < this.grid.cells; i++) coldest = Math.min(coldest, this.celsius[i] ?? Infinity);
    return coldest;
  }
  hottest(): number {
    let hottest = -Infinity;
    for (let i = 0; i < this.grid.cells; i++) {
      const t = this.celsius[i] ?? 0;
      if (t > hottest) hottest = t;
    }
    return hottest;
  }

  /** The middle section, row by row from the bottom, each row from the centre outward, °C. */
  section(): number[] {
    const { grid } = this;
    const section: number[] = [];
    for (let k = 0; k < grid.nz; k++)
      for (let i = 0; i < grid.nx; i++) section.push(this.celsius[k * grid.ny * grid.nx + i] ?? 0);
    return section;
  }
}
