import { DomainError } from '../domain-error.js';
import type { Pan } from '../pans/index.js';
import { BatterGrid, insideOf } from './batter-grid.js';
import { HEAT, HEAT_STYLES, WALLS, type HeatStyleId } from './parameters.js';
import { airAt, saturationPascals, saturationSlope } from './water-vapour.js';

/*
 * The bake: enthalpy finite volumes on a grid that rises with the batter, one implicit tridiagonal sweep per direction and step, order
 * alternated. Heat enters through pan walls (convection, radiation, wall, lining and contact resistances) and the open top (a surface
 * balance with evaporation solved by Newton steps); inside, conduction in the walls of the crumb and vapour in its pores (Maxwell–Eucken
 * mixture); water above its boiling point leaves as steam. Inside this file: metres, kilograms, seconds, watts, joules, pascals, °C.
 * The equations, their sources and their known misfits: docs/model/baking.md.
 */

const STEFAN_BOLTZMANN = 5.67e-8;
const LATENT_HEAT = 2.26e6;
const WATER_HEAT_CAPACITY = 4190;
const GAS_CONSTANT = 8.314;
const WATER_MOLAR_KILOGRAMS = 0.018015;
const ZERO_CELSIUS_KELVIN = 273.15;
/** Heat capacity of dry matter c0 + c1·T: c0 of fat and of the rest, c1, J/kgK and J/kgK². */
const FAT_HEAT_CAPACITY = 1980;
const SOLIDS_HEAT_CAPACITY = 1600;
const SOLIDS_HEAT_SLOPE = 1.7;
const AIR_HEAT_CAPACITY = 1010;
const TRUE_DENSITY = 1250;
/** Ebullioscopic slope of 1/T against ln a_w for water, 1/K. */
const EBULLIOSCOPIC = 2.04e-4;
const CRUST_DIFFUSION = 4.5e-11;

export interface OvenStage {
  readonly fromMinute: number;
  readonly celsius: number;
}

/** One bake to simulate. */
export interface BakeSpec {
  readonly pan: Pan;
  /** Pans of this kind in the oven together, and all their batter. */
  readonly panCount: number;
  readonly gramsPerPan: number;
  readonly heatStyle: HeatStyleId;
  /** Mass fractions of the batter; the style's own where the formula is unknown. */
  readonly water?: number;
  readonly fat?: number;
  readonly sugar?: number;
  readonly ovenCelsius: number;
  /** Later set points; the first is `ovenCelsius`. */
  readonly stages?: readonly OvenStage[];
  readonly fan: boolean;
  readonly batterCelsius?: number;
  readonly altitudeMetres?: number;
  /** What the oven gives above its set point, °C. */
  readonly ovenOffsetCelsius?: number;
  /** Anchoring: a factor on convection and radiation. */
  readonly heatScale?: number;
}

/** One moment of a bake. */
export interface BakeFrame {
  readonly minute: number;
  readonly coreCelsius: number;
  /** Colour index of top, side and bottom: 1 is golden, 1.2 deep, 1.4 too dark. */
  readonly topColour: number;
  readonly sideColour: number;
  readonly bottomColour: number;
  readonly heightCm: number;
  readonly ovenCelsius: number;
  /** Share of the batter's mass lost as steam. */
  readonly massLost: number;
  /** Temperatures of the middle section, row by row from the bottom, each row from the centre outward, °C. */
  readonly sectionCelsius: readonly number[];
  /** Upper edges of the rows, cm. */
  readonly rowTopsCm: readonly number[];
}

export interface BakeResult {
  /** Minute at which it is done: set in the core and, where the style asks, coloured. Undefined when it never was within `longestMinutes`. */
  readonly doneMinute: number | undefined;
  readonly coreSetMinute: number | undefined;
  readonly frames: readonly BakeFrame[];
  /** Outer edges of the columns of a row, as shares of the half width; the last is 1. */
  readonly columnEdges: readonly number[];
  /** Energy in less energy stored and carried off, over energy in. */
  readonly energyError: number;
  readonly steps: number;
}

export interface SimulateOptions {
  readonly longestMinutes?: number;
  /** Goes on for so long after done, as a share of the time until done. */
  readonly runOnShare?: number;
  /** Minutes between frames; none are kept when undefined. */
  readonly frameEveryMinutes?: number;
}

type Direction = 0 | 1 | 2;
type Three<T> = readonly [T, T, T];
const DIRECTIONS: readonly Direction[] = [0, 1, 2];
const NO_BOUNDARY = 0;
const WALL = 1;
const OPEN = 2;
const TOP = 0;
const SIDE = 1;
const BOTTOM = 2;

const smooth = (u: number) => {
  const v = u < 0 ? 0 : u > 1 ? 1 : u;
  return v * v * (3 - 2 * v);
};

function checked(spec: BakeSpec): void {
  const allow = (ok: boolean, name: string, value: number, range: string) => {
    if (!ok) throw new DomainError('simulateBake', name, value, range);
  };
  allow(spec.gramsPerPan >= 10 && spec.gramsPerPan <= 50_000, 'gramsPerPan', spec.gramsPerPan, '10–50 000 g');
  allow(spec.ovenCelsius >= 100 && spec.ovenCelsius <= 300, 'ovenCelsius', spec.ovenCelsius, '100–300 °C');
  allow(spec.panCount >= 1 && spec.panCount <= 24, 'panCount', spec.panCount, '1–24');
  allow(spec.pan.depthCm > 0.5 && spec.pan.bottomWidthCm > 1, 'pan.depthCm', spec.pan.depthCm, 'more than 0.5 cm');
  allow(
    (spec.batterCelsius ?? 21) > 0 && (spec.batterCelsius ?? 21) < 60,
    'batterCelsius',
    spec.batterCelsius ?? 21,
    '1–60 °C',
  );
}

/**
 * Simulates a bake from the moment the pan goes in.
 * @throws DomainError for a spec outside the range of validity
 */
export function simulateBake(spec: BakeSpec, options: SimulateOptions = {}): BakeResult {
  checked(spec);
  return new Bake(spec).run(options);
}

/** An open surface as just solved, per m²: heat into the batter and its slope, vapour leaving and its slope, temperature. */
interface OpenSurface {
  readonly flow: number;
  readonly flowSlope: number;
  readonly vapour: number;
  readonly vapourSlope: number;
  readonly celsius: number;
}
const NO_SURFACE: OpenSurface = { flow: 0, flowSlope: 0, vapour: 0, vapourSlope: 0, celsius: 0 };

class Bake {
  private readonly style;
  private readonly water: number;
  private readonly fat: number;
  private readonly sugar: number;
  private readonly inside;
  private readonly grid: BatterGrid;
  private readonly boilingCelsius: number;
  private readonly settingCelsius: number;
  private readonly startVolume: number;
  private readonly riseRatio: number;
  private readonly stepSeconds: number;
  private readonly convection: number;
  private readonly heatScale: number;
  private readonly wallEmissivity: number;
  private readonly wallResistance: number;
  private readonly liningResistance: number;
  private readonly boundWaterRatio: number;
  private readonly c0: number;
  private readonly poreVapour: Float64Array;
  private readonly sugarBrowning: number;
  private readonly batterMass: number;

  // state of the cells
  private readonly celsius: Float64Array;
  private readonly celsiusBefore: Float64Array;
  private readonly waterMass: Float64Array;
  private readonly waterStart: Float64Array;
  private readonly dryMass: Float64Array;
  private readonly leanMass: Float64Array;
  private readonly panCapacity: Float64Array;
  private readonly capacity: Float64Array;
  private readonly conductivity: Float64Array;
  private readonly evaporated: Float64Array;
  private readonly rise: Float64Array;
  // state of the boundaries, two for each line: the first and the last face
  private readonly boundary: Three<Uint8Array>;
  private readonly boundaryFace: Three<Uint8Array>;
  private readonly surfaceCelsius: Three<Float64Array>;
  private readonly browned: Three<Float64Array>;
  // the oven now
  private ovenCelsius: number;
  private headspace = 1;
  private volume: number;
  // books
  private heatIn = 0;
  private heatOut = 0;
  private steam = 0;
  private readonly sub: Float64Array;
  private readonly diagonal: Float64Array;
  private readonly upper: Float64Array;
  private readonly right: Float64Array;

  constructor(private readonly spec: BakeSpec) {
    const style = HEAT_STYLES[spec.heatStyle];
    this.style = style;
    this.water = spec.water ?? style.water;
    this.fat = spec.fat ?? style.fat;
    this.sugar = spec.sugar ?? style.sugar;
    const { pan } = spec;
    this.inside = insideOf(pan);
    const air = airAt(spec.altitudeMetres ?? 0);
    this.boilingCelsius = air.boilingCelsius;
    this.settingCelsius =
      HEAT.settingBaseCelsius +
      (HEAT.settingSugarCelsius * this.sugar) / (this.sugar + this.water) -
      Math.max(0, 100 - air.boilingCelsius) * 0.95;
    this.heatScale = (spec.heatScale ?? 1) * style.heatFactor;
    const mass = spec.gramsPerPan / 1000 / pan.cavities;
    this.startVolume = mass / style.rawDensity;
    this.volume = this.startVolume;
    this.riseRatio = style.rawDensity / style.bakedDensity;
    this.grid = new BatterGrid(this.inside, this.inside.heightOf(this.startVolume * this.riseRatio), HEAT.crustMetres);
    const { grid, inside } = this;
    grid.stretchTo(this.startVolume);

    const array = () => new Float64Array(grid.cells);
    const start = spec.batterCelsius ?? 21;
    this.celsius = array().fill(start);
    this.celsiusBefore = array();
    this.capacity = array();
    this.conductivity = array();
    this.evaporated = array();
    this.rise = array();
    this.panCapacity = array();
    const cellMass = grid.volume.map((v) => v * style.rawDensity);
    this.waterMass = cellMass.map((m) => m * this.water);
    this.waterStart = this.waterMass.slice();
    this.dryMass = cellMass.map((m) => m * (1 - this.water));
    this.leanMass = cellMass.map((m) => m * (1 - this.water - this.fat));
    this.batterMass = cellMass.reduce((sum, m) => sum + m, 0);
    const lean = 1 - this.water - this.fat;
    this.boundWaterRatio = 0.05 + 0.1 * (this.sugar / Math.max(0.1, lean));
    const fatOfDry = this.fat / (1 - this.water);
    this.c0 = fatOfDry * FAT_HEAT_CAPACITY + (1 - fatOfDry) * SOLIDS_HEAT_CAPACITY;

    const both = <T>(make: (n: number) => T): Three<T> => [
      make(2 * grid.lines[0]),
      make(2 * grid.lines[1]),
      make(2 * grid.lines[2]),
    ];
    this.boundary = both((n) => new Uint8Array(n));
    this.boundaryFace = both((n) => new Uint8Array(n));
    this.surfaceCelsius = both((n) => new Float64Array(n).fill(start));
    this.browned = both((n) => new Float64Array(n));
    this.setBoundaries();

    const wall = WALLS[pan.material];
    this.wallEmissivity = (wall.emissivity ?? HEAT.lightMetalEmissivity) * HEAT.panRadiationShare;
    this.wallResistance = wall.resistance;
    this.liningResistance = style.lined ? HEAT.liningResistance : 0;
    this.lumpThePan(wall.arealHeatCapacity);

    this.poreVapour = this.tabulatePoreVapour(air.pressurePascals, lean);
    this.sugarBrowning = 0.75 + 0.25 * Math.min(2, this.sugar / 0.2);
    const kilograms = (spec.gramsPerPan / 1000) * spec.panCount;
    this.ovenCelsius =
      spec.ovenCelsius + (spec.ovenOffsetCelsius ?? 0) - (HEAT.doorDrop + HEAT.dropPerKilogram * kilograms);
    const top = inside.area(inside.depth);
    const crowd = 1 - HEAT.crowding * Math.min(1, (top * pan.cavities * spec.panCount) / HEAT.rackSquareMetres);
    const size = Math.min(1.6, Math.max(0.7, (HEAT.sizeReferenceMetres / Math.sqrt(top)) ** HEAT.sizeExponent * crowd));
    this.convection = (spec.fan ? HEAT.convectionFan : HEAT.convectionStill) * size * this.heatScale;
    const smallest = Math.min(
      inside.heightOf(this.startVolume),
      inside.kind === 'box' ? inside.halfWidth(0) : inside.radius(0),
    );
    this.stepSeconds = Math.min(12, Math.max(3, smallest * 240));
    const longest = Math.max(grid.nx, grid.ny, grid.nz) + 2;
    this.sub = new Float64Array(longest);
    this.diagonal = new Float64Array(longest);
    this.upper = new Float64Array(longest);
    this.right = new Float64Array(longest);
  }

  run(options: SimulateOptions): BakeResult {
    const { spec, style, stepSeconds } = this;
    const longest = (options.longestMinutes ?? 400) * 60;
    const stages = [{ fromMinute: 0, celsius: spec.ovenCelsius }, ...(spec.stages ?? [])];
    const stored = this.enthalpyOfAll();
    const frames: BakeFrame[] = [];
    const every = options.frameEveryMinutes === undefined ? Infinity : options.frameEveryMinutes * 60;
    let nextFrame = 0;
    let seconds = 0;
    let steps = 0;
    let dose = 0;
    let coreBefore = spec.batterCelsius ?? 21;
    let coreSet: number | undefined;
    let coloured: number | undefined;
    let done: number | undefined;
    if (every < Infinity) frames.push(this.frame(0));
    while (seconds < longest) {
      this.driveOven(stages, seconds);
      this.setProperties();
      for (const d of steps & 1 ? ([2, 1, 0] as const) : DIRECTIONS) this.sweep(d);
      this.settleEnthalpy();
      this.moveMoisture();
      this.boil();
      this.brown();
      if ((steps & 3) === 0) this.riseNow();
      seconds += stepSeconds;
      steps++;

      const core = this.coreCelsius();
      const rate =
        (10 ** (((core + coreBefore) / 2 - this.settingCelsius) / HEAT.settingDecadeCelsius) * stepSeconds) / 60;
      if (coreSet === undefined && dose + rate >= HEAT.settingMinutes)
        coreSet = seconds - stepSeconds * (1 - (HEAT.settingMinutes - dose) / rate);
      dose += rate;
      coreBefore = core;
      if (
        style.leastColour > 0 &&
        coloured === undefined &&
        coreSet !== undefined &&
        this.colour(TOP) >= style.leastColour
      )
        coloured = seconds;
      if (seconds >= nextFrame + every) {
        nextFrame += every;
        frames.push(this.frame(seconds / 60));
      }
      if (done === undefined && coreSet !== undefined) {
        const waitedLongEnough = seconds >= coreSet * HEAT.longestColourWait;
        if (style.leastColour === 0) done = coreSet;
        else if (coloured !== undefined || waitedLongEnough)
          done = Math.max(coreSet, Math.min(coloured ?? Infinity, coreSet * HEAT.longestColourWait));
      }
      if (done !== undefined && seconds >= done * (1 + (options.runOnShare ?? 0))) break;
    }
    const change = this.enthalpyOfAll() - stored;
    return {
      doneMinute: done === undefined ? undefined : done / 60,
      coreSetMinute: coreSet === undefined ? undefined : coreSet / 60,
      frames,
      columnEdges: this.grid.columnEdges(),
      energyError: (this.heatIn - change - this.heatOut) / Math.max(1, this.heatIn),
      steps,
    };
  }

  /** Which faces touch the pan and which the air: sides above the rim are open. */
  private setBoundaries(): void {
    const { grid, boundary, boundaryFace } = this;
    for (let l = 0; l < grid.lines[0]; l++) {
      boundary[0][2 * l + 1] = grid.aboveRim[Math.floor(l / grid.ny)] ? OPEN : WALL;
      boundaryFace[0][2 * l + 1] = SIDE;
    }
    if (grid.ny > 1) {
      for (let l = 0; l < grid.lines[1]; l++) {
        boundary[1][2 * l + 1] = grid.aboveRim[Math.floor(l / grid.nx)] ? OPEN : WALL;
        boundaryFace[1][2 * l + 1] = SIDE;
      }
    }
    for (let l = 0; l < grid.lines[2]; l++) {
      boundary[2][2 * l] = WALL;
      boundaryFace[2][2 * l] = BOTTOM;
      boundary[2][2 * l + 1] = OPEN;
      boundaryFace[2][2 * l + 1] = TOP;
    }
  }

  private cellAt(d: Direction, line: number, end: number): number {
    const { grid } = this;
    return (grid.starts[d][line] ?? 0) + end * (grid.counts[d] - 1) * grid.strides[d];
  }

  /** The pan's heat capacity, lumped into the cells that touch it. */
  private lumpThePan(arealHeatCapacity: number): void {
    const { grid } = this;
    for (const d of DIRECTIONS) {
      const n = grid.counts[d];
      for (let l = 0; l < grid.lines[d]; l++) {
        for (const end of [0, 1]) {
          if (this.boundary[d][2 * l + end] !== WALL) continue;
          const cell = this.cellAt(d, l, end);
          const area = (grid.area[d][l * (n + 1) + end * n] ?? 0) * (d === 2 ? 1 : Math.sqrt(this.riseRatio));
          this.panCapacity[cell] = (this.panCapacity[cell] ?? 0) + area * arealHeatCapacity;
        }
      }
    }
  }

  /** Apparent conductivity of vapour in a pore, W/mK, every half degree from 0 to 149.5 °C. */
  private tabulatePoreVapour(pressure: number, lean: number): Float64Array {
    const dryRatio = this.water / Math.max(0.05, lean);
    const activity = dryRatio / (dryRatio + this.boundWaterRatio);
    return Float64Array.from({ length: 300 }, (_, i) => {
      const t = i * 0.5;
      const kelvin = t + ZERO_CELSIUS_KELVIN;
      const vapour = activity * saturationPascals(t);
      const diffusion = (2.2e-5 * (kelvin / ZERO_CELSIUS_KELVIN) ** 1.81 * 101_325) / pressure;
      const stefan = pressure / (pressure - Math.min(vapour, 0.85 * pressure));
      return (
        ((diffusion * WATER_MOLAR_KILOGRAMS) / (GAS_CONSTANT * kelvin)) *
        stefan *
        Math.min(vapour, pressure) *
        saturationSlope(t) *
        LATENT_HEAT
      );
    });
  }

  private enthalpyOf(i: number): number {
    const t = this.celsius[i] ?? 0;
    return (
      (this.dryMass[i] ?? 0) * (this.c0 * t + (SOLIDS_HEAT_SLOPE * t * t) / 2) +
      ((this.waterMass[i] ?? 0) * WATER_HEAT_CAPACITY + (this.panCapacity[i] ?? 0)) * t
    );
  }
  private enthalpyOfAll(): number {
    let sum = 0;
    for (let i = 0; i < this.grid.cells; i++) sum += this.enthalpyOf(i);
    return sum;
  }

  private driveOven(stages: readonly OvenStage[], seconds: number): void {
    const { grid, inside } = this;
    let set = stages[0]?.celsius ?? 0;
    for (const stage of stages) if (seconds >= stage.fromMinute * 60) set = stage.celsius;
    set += this.spec.ovenOffsetCelsius ?? 0;
    const tau = set < this.ovenCelsius - 1 ? HEAT.ovenCoolingSeconds : HEAT.ovenHeatingSeconds;
    this.ovenCelsius += (set - this.ovenCelsius) * (1 - Math.exp(-this.stepSeconds / tau));
    const space = Math.max(0, inside.depth - grid.height);
    const half = inside.kind === 'box' ? inside.halfWidth(inside.depth) : inside.radius(inside.depth);
    this.headspace = 1 - 0.35 * Math.min(1, space / half);
  }
  private get radiantCelsius(): number {
    return this.spec.fan ? this.ovenCelsius - HEAT.fanRadiantDrop : this.ovenCelsius;
  }

  /** Heat capacity and conductivity of every cell at its present temperature, water and porosity. */
  private setProperties(): void {
    const {
      grid,
      celsius,
      celsiusBefore,
      waterMass,
      waterStart,
      dryMass,
      panCapacity,
      capacity,
      conductivity,
      evaporated,
      poreVapour,
      c0,
    } = this;
    const porosity = Math.min(0.85, Math.max(0, 1 - this.batterMass / (this.volume * grid.share) / TRUE_DENSITY));
    const fluid = this.style.fluidity * HEAT.fluidMixing;
    for (let i = 0; i < grid.cells; i++) {
      const t = celsius[i] ?? 0;
      celsiusBefore[i] = t;
      const w = waterMass[i] ?? 0;
      const dry = dryMass[i] ?? 0;
      const x = t < 0 ? 0 : t > 149 ? 298 : t * 2;
      const xi = x | 0;
      const wet = w / (0.35 * (waterStart[i] ?? 1));
      const walls = HEAT.conductivity * (0.18 + (0.45 * w) / (w + dry)) * (1 + fluid * smooth((80 - t) / 25));
      const table = poreVapour[xi] ?? 0;
      const pores =
        0.03 + HEAT.poreVapour * (table + (x - xi) * ((poreVapour[xi + 1] ?? table) - table)) * (wet < 1 ? wet : 1);
      conductivity[i] =
        (walls * (2 * walls + pores - 2 * porosity * (walls - pores))) /
        (2 * walls + pores + porosity * (walls - pores));
      capacity[i] = dry * (c0 + SOLIDS_HEAT_SLOPE * t) + w * WATER_HEAT_CAPACITY + (panCapacity[i] ?? 0);
      evaporated[i] = 0;
    }
  }

  /** Resistance from the oven to the batter through the pan, m²K/W. */
  private throughThePan(wallCelsius: number, face: number): number {
    const wall = wallCelsius + ZERO_CELSIUS_KELVIN;
    const radiant = this.radiantCelsius + ZERO_CELSIUS_KELVIN;
    const radiation =
      this.wallEmissivity * STEFAN_BOLTZMANN * (wall * wall + radiant * radiant) * (wall + radiant) * this.heatScale;
    return (
      1 / (this.convection + radiation) +
      this.wallResistance +
      this.liningResistance +
      (face === BOTTOM ? HEAT.bottomResistance : HEAT.sideResistance)
    );
  }

  /** Balance of an open surface above a cell at `t`: convection and radiation in, conduction and evaporation away. Per m². */
  private solveSurface(
    t: number,
    conductance: number,
    guess: number,
    cell: number,
    halfThickness: number,
  ): OpenSurface {
    const w = this.waterMass[cell] ?? 0;
    const ratio = w / (this.leanMass[cell] ?? 1);
    const activity = w > 0 ? ratio / (ratio + this.boundWaterRatio) : 0;
    const dried = Math.max(0, 1 - w / (this.waterStart[cell] ?? 1)) * 2 * halfThickness;
    const air = this.ovenCelsius;
    const radiantCelsius = this.radiantCelsius;
    const radiant = radiantCelsius + ZERO_CELSIUS_KELVIN;
    const convection = this.convection * this.headspace;
    const massTransfer =
      ((((HEAT.evaporation * this.convection * this.headspace) / (0.86 * AIR_HEAT_CAPACITY)) * WATER_MOLAR_KILOGRAMS) /
        (GAS_CONSTANT * 390)) *
      1.1;
    // the convection already carries the headspace once; the lumped factor of the surface balance carries it for the vapour as well
    const permeance = activity > 0 ? 1 / (1 / massTransfer + dried / (CRUST_DIFFUSION * HEAT.evaporation)) : 0;
    let ts = guess;
    let slope = 0;
    let vapourSlope = 0;
    for (let i = 0; i < 3; i++) {
      const kelvin = ts + ZERO_CELSIUS_KELVIN;
      const radiation =
        HEAT.foodEmissivity *
        STEFAN_BOLTZMANN *
        (kelvin * kelvin + radiant * radiant) *
        (kelvin + radiant) *
        this.headspace *
        this.heatScale;
      const pressure = saturationPascals(ts);
      let vapour = permeance * (activity * pressure - HEAT.ovenVapourPascals);
      vapourSlope = permeance * activity * pressure * saturationSlope(ts);
      if (vapour < 0) {
        vapour = 0;
        vapourSlope = 0;
      }
      slope = convection + radiation + LATENT_HEAT * vapourSlope;
      ts +=
        (convection * (air - ts) + radiation * (radiantCelsius - ts) - LATENT_HEAT * vapour - conductance * (ts - t)) /
        (slope + conductance);
    }
    return {
      flow: conductance * (ts - t),
      flowSlope: (-conductance * slope) / (slope + conductance),
      vapour: Math.max(0, permeance * (activity * saturationPascals(ts) - HEAT.ovenVapourPascals)),
      vapourSlope: (vapourSlope * conductance) / (slope + conductance),
      celsius: ts,
    };
  }

  /** One implicit step of conduction along every line of a direction. */
  private sweep(d: Direction): void {
    const { grid, celsius, capacity, conductivity, stepSeconds, sub, diagonal, upper, right, waterMass, evaporated } =
      this;
    const n = grid.counts[d];
    if (n === 1) return;
    const stride = grid.strides[d];
    const half = grid.half[d];
    const area = grid.area[d];
    const boundary = this.boundary[d];
    const face = this.boundaryFace[d];
    const surfaces = this.surfaceCelsius[d];
    // what the two ends of a line were found to be before the solve holds for the books after it
    const wallResistance = [0, 0];
    const opened = [NO_SURFACE, NO_SURFACE];
    for (let l = 0; l < grid.lines[d]; l++) {
      const first = grid.starts[d][l] ?? 0;
      const firstFace = l * (n + 1);
      const lastCell = first + (n - 1) * stride;
      let before = 0;
      let cell = first;
      for (let q = 0; q < n; q++, cell += stride) {
        const resistance = (half[cell] ?? 0) / (conductivity[cell] ?? 1);
        const conductance = q ? (area[firstFace + q] ?? 0) / (before + resistance) : 0;
        const inertia = (capacity[cell] ?? 0) / stepSeconds;
        diagonal[q] = inertia + conductance;
        right[q] = inertia * (celsius[cell] ?? 0);
        sub[q] = -conductance;
        if (q) {
          diagonal[q - 1] = (diagonal[q - 1] ?? 0) + conductance;
          upper[q - 1] = -conductance;
        }
        before = resistance;
      }
      for (let end = 0; end < 2; end++) {
        const b = 2 * l + end;
        const kind = boundary[b];
        if (kind === NO_BOUNDARY) continue;
        const q = end ? n - 1 : 0;
        const at = end ? lastCell : first;
        const faceArea = area[firstFace + end * n] ?? 0;
        const inner = (conductivity[at] ?? 1) / (half[at] ?? 1);
        if (kind === WALL) {
          const resistance = this.throughThePan(surfaces[b] ?? 0, face[b] ?? 0) + 1 / inner;
          wallResistance[end] = resistance;
          const through = faceArea / resistance;
          diagonal[q] = (diagonal[q] ?? 0) + through;
          right[q] = (right[q] ?? 0) + through * this.ovenCelsius;
        } else {
          const t = celsius[at] ?? 0;
          const open = this.solveSurface(t, inner, surfaces[b] ?? 0, at, half[at] ?? 0);
          opened[end] = open;
          diagonal[q] = (diagonal[q] ?? 0) - open.flowSlope * faceArea;
          right[q] = (right[q] ?? 0) + (open.flow - open.flowSlope * t) * faceArea;
        }
      }
      for (let q = 1; q < n; q++) {
        const w = (sub[q] ?? 0) / (diagonal[q - 1] ?? 1);
        diagonal[q] = (diagonal[q] ?? 0) - w * (upper[q - 1] ?? 0);
        right[q] = (right[q] ?? 0) - w * (right[q - 1] ?? 0);
      }
      const firstBefore = celsius[first] ?? 0;
      const lastBefore = celsius[lastCell] ?? 0;
      let solved = (right[n - 1] ?? 0) / (diagonal[n - 1] ?? 1);
      cell = lastCell;
      celsius[cell] = solved;
      for (let q = n - 2; q >= 0; q--) {
        cell -= stride;
        solved = ((right[q] ?? 0) - (upper[q] ?? 0) * solved) / (diagonal[q] ?? 1);
        celsius[cell] = solved;
      }
      for (let end = 0; end < 2; end++) {
        const b = 2 * l + end;
        const kind = boundary[b];
        if (kind === NO_BOUNDARY) continue;
        const at = end ? lastCell : first;
        const faceArea = area[firstFace + end * n] ?? 0;
        const inner = (conductivity[at] ?? 1) / (half[at] ?? 1);
        if (kind === WALL) {
          const flow = (this.ovenCelsius - (celsius[at] ?? 0)) / (wallResistance[end] ?? 1);
          this.heatIn += flow * faceArea * stepSeconds;
          const contact = face[b] === BOTTOM ? HEAT.bottomResistance : HEAT.sideResistance;
          surfaces[b] = (celsius[at] ?? 0) + flow * (1 / inner + this.liningResistance + contact);
        } else {
          const open = opened[end] ?? NO_SURFACE;
          const change = (celsius[at] ?? 0) - (end ? lastBefore : firstBefore);
          const w = waterMass[at] ?? 0;
          const leaves = Math.min(
            Math.max(0, open.vapour + open.vapourSlope * change) * faceArea * stepSeconds,
            w * 0.5,
          );
          this.heatIn += (open.flow + open.flowSlope * change) * faceArea * stepSeconds + leaves * LATENT_HEAT;
          this.heatOut += leaves * (LATENT_HEAT + WATER_HEAT_CAPACITY * (celsius[at] ?? 0));
          this.steam += leaves;
          waterMass[at] = w - leaves;
          evaporated[at] = (evaporated[at] ?? 0) + leaves;
          surfaces[b] = open.celsius;
        }
      }
    }
  }

  /** Temperature of a cell that holds a given enthalpy. */
  private celsiusOf(i: number, enthalpy: number): number {
    const linear =
      (this.dryMass[i] ?? 0) * this.c0 + (this.waterMass[i] ?? 0) * WATER_HEAT_CAPACITY + (this.panCapacity[i] ?? 0);
    const a = ((this.dryMass[i] ?? 0) * SOLIDS_HEAT_SLOPE) / 2;
    return (-linear + Math.sqrt(linear * linear + 4 * a * enthalpy)) / (2 * a);
  }

  /** The sweeps used the heat capacity at the start of the step: put the same heat into the exact enthalpy. */
  private settleEnthalpy(): void {
    const { celsius, celsiusBefore, capacity, waterMass, dryMass, panCapacity, evaporated, c0 } = this;
    for (let i = 0; i < this.grid.cells; i++) {
      const t = celsius[i] ?? 0;
      const before = celsiusBefore[i] ?? 0;
      const gone = (evaporated[i] ?? 0) * WATER_HEAT_CAPACITY;
      const linear = (dryMass[i] ?? 0) * c0 + (waterMass[i] ?? 0) * WATER_HEAT_CAPACITY + (panCapacity[i] ?? 0);
      const held = (((dryMass[i] ?? 0) * SOLIDS_HEAT_SLOPE) / 2) * before * before + (linear + gone) * before;
      celsius[i] = this.celsiusOf(i, held + (capacity[i] ?? 0) * (t - before) - gone * t);
    }
  }

  /** Liquid moisture moves up towards the open surface in the upper half and carries its heat. */
  private moveMoisture(): void {
    const { grid, celsius, waterMass, waterStart, dryMass, panCapacity, c0, stepSeconds } = this;
    const n = grid.nz;
    const stride = grid.strides[2];
    const half = grid.half[2];
    const area = grid.area[2];
    for (let l = 0; l < grid.lines[2]; l++) {
      let i = (grid.starts[2][l] ?? 0) + (n - 1 - (n >> 1)) * stride;
      for (let q = n - 1 - (n >> 1); q < n - 1; q++, i += stride) {
        const j = i + stride;
        const density = ((dryMass[i] ?? 0) + (dryMass[j] ?? 0)) / ((grid.volume[i] ?? 1) + (grid.volume[j] ?? 1));
        const wet = Math.min(1, (waterMass[j] ?? 0) / (waterStart[j] ?? 1));
        const drive = (waterMass[i] ?? 0) / (dryMass[i] ?? 1) - (waterMass[j] ?? 0) / (dryMass[j] ?? 1);
        let moved =
          ((HEAT.moistureDiffusion * density * (area[l * (n + 1) + q + 1] ?? 0)) / ((half[i] ?? 0) + (half[j] ?? 1))) *
          stepSeconds *
          wet *
          wet *
          drive;
        const to = moved > 0 ? j : i;
        const from = moved > 0 ? i : j;
        moved = Math.min(Math.abs(moved), 0.1 * (waterMass[from] ?? 0));
        const t = celsius[to] ?? 0;
        const holds =
          (dryMass[to] ?? 0) * (c0 + SOLIDS_HEAT_SLOPE * t) +
          (waterMass[to] ?? 0) * WATER_HEAT_CAPACITY +
          (panCapacity[to] ?? 0);
        celsius[to] =
          t + (moved * WATER_HEAT_CAPACITY * ((celsius[from] ?? 0) - t)) / (holds + moved * WATER_HEAT_CAPACITY);
        waterMass[from] = (waterMass[from] ?? 0) - moved;
        waterMass[to] = (waterMass[to] ?? 0) + moved;
      }
    }
  }

  /** Heat above the boiling point of the dissolved water turns water into steam that leaves. */
  private boil(): void {
    const { grid, celsius, waterMass, leanMass, dryMass, panCapacity, c0, boilingCelsius, boundWaterRatio } = this;
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
      const rise = (EBULLIOSCOPIC * kelvin * kelvin * boundWaterRatio * lean) / (w * (w + boundWaterRatio * lean));
      const holds = (dryMass[i] ?? 0) * (c0 + SOLIDS_HEAT_SLOPE * t) + w * WATER_HEAT_CAPACITY + (panCapacity[i] ?? 0);
      const leaves = Math.min((holds * (t - boils)) / (LATENT_HEAT + holds * rise), w * 0.4);
      const carried = leaves * (LATENT_HEAT + WATER_HEAT_CAPACITY * t);
      const left = this.enthalpyOf(i) - carried;
      waterMass[i] = w - leaves;
      celsius[i] = this.celsiusOf(i, left);
      this.steam += leaves;
      this.heatOut += carried;
    }
  }

  private brown(): void {
    for (const d of DIRECTIONS) {
      if (this.grid.counts[d] === 1) continue;
      const surfaces = this.surfaceCelsius[d];
      const browned = this.browned[d];
      for (let b = 0; b < browned.length; b++) {
        const t = surfaces[b] ?? 0;
        if (this.boundary[d][b] === NO_BOUNDARY || t <= HEAT.browningFromCelsius) continue;
        const rate =
          HEAT.browningRate *
          this.sugarBrowning *
          Math.exp((-HEAT.browningEnergy / GAS_CONSTANT) * (1 / (t + ZERO_CELSIUS_KELVIN) - 1 / 423.15));
        browned[b] = (browned[b] ?? 0) + rate * this.stepSeconds;
      }
    }
  }

  /** Gas and steam swell the batter between 30 and 92 °C; what has risen stays. */
  private riseNow(): void {
    const { grid, celsius, rise, dryMass } = this;
    let weighted = 0;
    let mass = 0;
    for (let i = 0; i < grid.cells; i++) {
      const u = Math.max(smooth(((celsius[i] ?? 0) - 30) / 62), rise[i] ?? 0);
      rise[i] = u;
      weighted += u * (dryMass[i] ?? 0);
      mass += dryMass[i] ?? 0;
    }
    const volume = this.startVolume * (1 + ((this.riseRatio - 1) * weighted) / mass);
    if (volume > this.volume * 1.002) {
      this.volume = volume;
      grid.stretchTo(volume);
      this.setBoundaries();
    }
  }

  /** The coldest cell away from the surfaces. */
  private coreCelsius(): number {
    const { grid, celsius } = this;
    let coldest = Infinity;
    const toX = Math.ceil(grid.nx * 0.8);
    const toY = Math.ceil(grid.ny * 0.8);
    for (let k = Math.floor(grid.nz * 0.2); k < Math.ceil(grid.nz * 0.85); k++) {
      for (let j = 0; j < toY; j++) {
        for (let i = 0; i < toX; i++) {
          const t = celsius[(k * grid.ny + j) * grid.nx + i] ?? 0;
          if (t < coldest) coldest = t;
        }
      }
    }
    return coldest;
  }

  /** Mean colour index of a face. */
  private colour(face: number): number {
    let sum = 0;
    let area = 0;
    for (const d of DIRECTIONS) {
      const n = this.grid.counts[d];
      for (let b = 0; b < this.browned[d].length; b++) {
        if (this.boundary[d][b] === NO_BOUNDARY || this.boundaryFace[d][b] !== face) continue;
        const faceArea = this.grid.area[d][(b >> 1) * (n + 1) + (b & 1) * n] ?? 0;
        sum += (this.browned[d][b] ?? 0) * faceArea;
        area += faceArea;
      }
    }
    return area > 0 ? (sum / area) ** HEAT.browningPower : 0;
  }

  private frame(minute: number): BakeFrame {
    const { grid } = this;
    const section: number[] = [];
    for (let k = 0; k < grid.nz; k++)
      for (let i = 0; i < grid.nx; i++) section.push(this.celsius[k * grid.ny * grid.nx + i] ?? 0);
    return {
      minute,
      coreCelsius: this.coreCelsius(),
      topColour: this.colour(TOP),
      sideColour: this.colour(SIDE),
      bottomColour: this.colour(BOTTOM),
      heightCm: grid.height * 100,
      ovenCelsius: this.ovenCelsius,
      massLost: this.steam / this.batterMass,
      sectionCelsius: section,
      rowTopsCm: Array.from(grid.levels.subarray(1), (level) => level * 100),
    };
  }
}
