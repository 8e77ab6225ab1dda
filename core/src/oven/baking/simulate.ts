import {
  checkBake,
  type BakeFrame,
  type BakeResult,
  type BakeSpec,
  type Cooling,
  type CoolOptions,
  type SimulateOptions,
} from './bake-spec.js';
import { BatterGrid } from './batter-grid.js';
import { bodyOf } from './body.js';
import { OvenAir } from './oven-air.js';
import { HEAT_MODEL, HEAT_STYLES, WALLS, type HeatModel } from './parameters.js';
import { airAt, saturationFromTable, saturationPascals, saturationSlope } from './water-vapour.js';

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

type Direction = 0 | 1 | 2;
type Three<T> = readonly [T, T, T];
const DIRECTIONS: readonly Direction[] = [0, 1, 2];
const NO_BOUNDARY = 0;
const WALL = 1;
const OPEN = 2;
const TOP = 0;
const SIDE = 1;
const BOTTOM = 2;

const NO_KINDS = new Uint8Array(0);
const NO_VALUES = new Float64Array(0);

/** Share of the freezable water that is ice at a temperature, °C. */
const iceAt = (celsius: number) =>
  celsius >= MELTED_ABOVE ? 0 : celsius <= FROZEN_BELOW ? 1 : (MELTED_ABOVE - celsius) / (MELTED_ABOVE - FROZEN_BELOW);

const smooth = (u: number) => {
  const v = u < 0 ? 0 : u > 1 ? 1 : u;
  return v * v * (3 - 2 * v);
};

/**
 * Simulates a bake from the moment the pan goes in.
 * @throws DomainError for a spec outside the range of validity
 */
export function simulateBake(spec: BakeSpec, options: SimulateOptions = {}, model: HeatModel = HEAT_MODEL): BakeResult {
  checkBake(spec);
  return new Bake(spec, options, model).run();
}

const USUAL_BATTER_CELSIUS = 21;
/** Share of the water that freezes, between which temperatures it melts, °C, and the heat of melting, J/kg. */
const FREEZABLE = 0.75;
const FROZEN_BELOW = -12;
const MELTED_ABOVE = -1;
const MELTING_HEAT = 334_000;
/** Steps while it cools are this long. */
const COOLING_STEP_SECONDS = 40;
const SLOW_COOLING_MINUTES = 30;
const LONGEST_COOLING_MINUTES = 900;
/** A frosting stands on what is so little warmer than the room, °C. */
const FROST_ABOVE_ROOM = 6;

/** What changes in the course of a bake, but for the browning. */
interface Snapshot {
  readonly celsius: Float64Array;
  readonly waterMass: Float64Array;
  readonly surfaces: Three<Float64Array>;
  readonly volume: number;
  readonly heatIn: number;
  readonly heatOut: number;
  readonly steam: number;
}

class Bake {
  private readonly style;
  private readonly heat;
  private readonly water: number;
  private readonly fat: number;
  private readonly sugar: number;
  private readonly body;
  private readonly grid: BatterGrid;
  private readonly air: OvenAir;
  private readonly boilingCelsius: number;
  private readonly settingCelsius: number;
  private readonly startVolume: number;
  private readonly riseRatio: number;
  private stepSeconds: number;
  /** Convection before the buoyancy of the air is taken into account, W/m²K. */
  private readonly baseConvection: number;
  private convection: number;
  private readonly baseHeatScale: number;
  private heatScale: number;
  private readonly wallEmissivity: number;
  private readonly wallResistance: number;
  private readonly liningResistance: number;
  private readonly boundWaterRatio: number;
  private readonly c0: number;
  private readonly c1: number;
  private readonly poreVapour: Float64Array;
  private readonly sugarBrowning: number;
  private readonly batterMass: number;
  private readonly fluid: number;
  private readonly frozen: boolean;

  // state of the cells
  private readonly celsius: Float64Array;
  private readonly celsiusBefore: Float64Array;
  private readonly waterMass: Float64Array;
  private readonly waterStart: Float64Array;
  private readonly dryMass: Float64Array;
  private readonly leanMass: Float64Array;
  private readonly panCapacity: Float64Array;
  private readonly capacity: Float64Array;
  /** 1 over the conductivity, mK/W. */
  private readonly resistivity: Float64Array;
  private readonly evaporated: Float64Array;
  private readonly rise: Float64Array;
  // state of the boundaries, two for each line: the first and the last face
  private readonly boundary: Three<Uint8Array>;
  private readonly boundaryFace: Three<Uint8Array>;
  private readonly boundaryFactor: Three<Float64Array>;
  private readonly surfaceCelsius: Three<Float64Array>;
  private readonly browned: Three<Float64Array>;
  private headspace = 1;
  private volume: number;
  private unpanned = false;
  // an open surface as last solved, per m²: heat into the batter and its slope, vapour leaving and its slope, temperature
  private openFlow = 0;
  private openFlowSlope = 0;
  private openVapour = 0;
  private openVapourSlope = 0;
  private openCelsius = 0;
  // what a line meets at an end: added to its diagonal and right side; resistance to the oven, 0 where open
  private endDiagonal = 0;
  private endRight = 0;
  private endOut = 0;
  // books
  private heatIn = 0;
  private heatOut = 0;
  private steam = 0;
  private readonly upper: Float64Array;
  private readonly right: Float64Array;

  constructor(
    private readonly spec: BakeSpec,
    private readonly options: SimulateOptions,
    model: HeatModel,
  ) {
    const style = HEAT_STYLES[spec.heatStyle];
    const { heat } = model;
    this.style = style;
    this.heat = heat;
    const { constant } = options;
    this.water = constant ? 0 : (spec.water ?? style.water);
    this.fat = constant ? 0 : (spec.fat ?? style.fat);
    this.sugar = spec.sugar ?? style.sugar;
    const { pan } = spec;
    this.body = bodyOf(pan);
    const { body } = this;
    const atmosphere = airAt(spec.altitudeMetres ?? 0);
    this.boilingCelsius = atmosphere.boilingCelsius;
    this.settingCelsius =
      heat.settingBaseCelsius +
      (heat.settingSugarCelsius * this.sugar) / (this.sugar + this.water) -
      Math.max(0, 100 - atmosphere.boilingCelsius) * 0.95;
    this.baseHeatScale = (spec.heatScale ?? 1) * model.heatFactors[spec.heatStyle];
    this.heatScale = this.baseHeatScale;
    const mass = (spec.gramsPerPan / 1000 / pan.cavities) * body.massFactor;
    const rawDensity = spec.rawDensity === undefined ? style.rawDensity : spec.rawDensity * 1000;
    const bakedDensity = spec.bakedDensity === undefined ? style.bakedDensity : spec.bakedDensity * 1000;
    this.startVolume = mass / rawDensity;
    this.volume = this.startVolume;
    this.riseRatio = constant ? 1 : rawDensity / bakedDensity;
    const risenVolume = this.startVolume * this.riseRatio;
    this.grid = new BatterGrid(body, {
      risenHeight: body.kind === 'dome' ? 0.8 * Math.cbrt(risenVolume) : body.heightOf(risenVolume),
      crustMetres: heat.crustMetres,
      withoutCrust: constant !== undefined,
      ...(options.refinement !== undefined && { refinement: options.refinement }),
    });
    const { grid } = this;
    grid.stretchTo(this.startVolume);

    const array = () => new Float64Array(grid.cells);
    const start = spec.batterCelsius ?? USUAL_BATTER_CELSIUS;
    this.frozen = start < MELTED_ABOVE && constant === undefined;
    this.celsius = array().fill(start);
    this.celsiusBefore = array();
    this.capacity = array();
    this.resistivity = array();
    this.evaporated = array();
    this.rise = array();
    this.panCapacity = array();
    const cellMass = grid.volume.map((v) => v * rawDensity);
    this.waterMass = cellMass.map((m) => m * this.water);
    this.waterStart = this.waterMass.slice();
    this.dryMass = cellMass.map((m) => m * (1 - this.water));
    this.leanMass = cellMass.map((m) => m * (1 - this.water - this.fat));
    this.batterMass = cellMass.reduce((sum, m) => sum + m, 0);
    const lean = 1 - this.water - this.fat;
    this.boundWaterRatio = 0.05 + 0.1 * (this.sugar / Math.max(0.1, lean));
    const fatOfDry = this.fat / (1 - this.water);
    this.c0 = constant?.heatCapacity ?? fatOfDry * FAT_HEAT_CAPACITY + (1 - fatOfDry) * SOLIDS_HEAT_CAPACITY;
    this.c1 = constant ? 0 : SOLIDS_HEAT_SLOPE;

    const both = <T>(make: (n: number) => T): Three<T> => [
      make(2 * grid.lines[0]),
      make(2 * grid.lines[1]),
      make(2 * grid.lines[2]),
    ];
    this.boundary = both((n) => new Uint8Array(n));
    this.boundaryFace = both((n) => new Uint8Array(n));
    this.boundaryFactor = both((n) => new Float64Array(n).fill(1));
    this.surfaceCelsius = both((n) => new Float64Array(n).fill(start));
    this.browned = both((n) => new Float64Array(n));
    this.setBoundaries();

    const wall = WALLS[pan.material];
    this.wallEmissivity = (wall.emissivity ?? heat.lightMetalEmissivity) * heat.panRadiationShare;
    this.wallResistance = wall.resistance;
    this.liningResistance = style.lined ? heat.liningResistance : 0;
    if (!constant) this.lumpThePan(wall.arealHeatCapacity);

    this.poreVapour = this.tabulatePoreVapour(atmosphere.pressurePascals, lean);
    this.sugarBrowning = 0.75 + 0.25 * Math.min(2, this.sugar / 0.2);
    const besides = spec.beside ?? { grams: 0, squareCm: 0 };
    this.air = new OvenAir(spec, heat, (spec.gramsPerPan * spec.panCount + besides.grams) / 1000);
    const top =
      body.kind === 'dome'
        ? Math.PI * body.domeRadius(risenVolume) ** 2
        : body.kind === 'box'
          ? body.area(body.depth)
          : Math.PI * body.radius(body.depth) ** 2;
    const rack = top * pan.cavities * spec.panCount + besides.squareCm / 10_000;
    const crowd = 1 - heat.crowding * Math.min(1, rack / heat.rackSquareMetres);
    const size = Math.min(1.6, Math.max(0.7, (heat.sizeReferenceMetres / Math.sqrt(top)) ** heat.sizeExponent * crowd));
    this.baseConvection = (spec.fan ? heat.convectionFan : heat.convectionStill) * size * this.baseHeatScale;
    this.convection = this.baseConvection;
    const startHeight = body.kind === 'dome' ? Math.cbrt(this.startVolume) * 0.5 : body.heightOf(this.startVolume);
    const smallest =
      body.kind === 'dome'
        ? startHeight
        : Math.min(startHeight, body.kind === 'box' ? body.halfWidth(0) : body.radius(0) - body.innerRadius);
    this.fluid =
      style.fluidity *
      heat.fluidMixing *
      Math.min(3, Math.max(0.3, startHeight / heat.mixingDepthMetres)) ** heat.mixingDepthExponent;
    this.stepSeconds = options.stepSeconds ?? Math.min(12, Math.max(3, smallest * 240));
    const longest = Math.max(grid.nx, grid.ny, grid.nz) + 2;
    this.upper = new Float64Array(longest);
    this.right = new Float64Array(longest);
  }

  run(): BakeResult {
    const { spec, style, heat, stepSeconds, options, air } = this;
    const { constant } = options;
    const longest = (options.longestMinutes ?? 400) * 60;
    const stored = this.enthalpyOfAll();
    const frames: BakeFrame[] = [];
    const every = options.frameEveryMinutes === undefined ? Infinity : options.frameEveryMinutes * 60;
    let nextFrame = 0;
    let seconds = 0;
    let steps = 0;
    let dose = 0;
    let coreBefore = spec.batterCelsius ?? USUAL_BATTER_CELSIUS;
    let coreSet: number | undefined;
    let coloured: number | undefined;
    let done: number | undefined;
    let cooling: Cooling | undefined;
    let comesOut: Snapshot | undefined;
    if (constant) air.celsius = spec.ovenCelsius;
    if (every < Infinity) frames.push(this.frame(0));
    while (seconds < longest) {
      if (!constant) {
        air.drive(seconds, stepSeconds);
        this.takeHeat();
      }
      this.step(steps);
      if (!constant) {
        this.brown();
        if ((steps & 3) === 0) this.riseNow();
      }
      seconds += stepSeconds;
      steps++;
      if (constant) {
        constant.each(seconds, this.coldest());
        continue;
      }
      const core = this.coreCelsius();
      const rate =
        (10 ** (((core + coreBefore) / 2 - this.settingCelsius) / heat.settingDecadeCelsius) * stepSeconds) / 60;
      if (coreSet === undefined && dose + rate >= heat.settingMinutes)
        coreSet = seconds - stepSeconds * (1 - (heat.settingMinutes - dose) / rate);
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
        const waitedLongEnough = seconds >= coreSet * heat.longestColourWait;
        if (style.leastColour === 0) done = coreSet;
        else if (coloured !== undefined || waitedLongEnough)
          done = Math.max(coreSet, Math.min(coloured ?? Infinity, coreSet * heat.longestColourWait));
        if (done !== undefined && options.cool) comesOut = this.snapshot();
      }
      if (done !== undefined && seconds >= done * (1 + (options.runOnShare ?? 0))) break;
    }
    if (options.cool && comesOut) {
      // the frames went on past done; what cools is what came out when it was done
      this.restore(comesOut);
      cooling = this.cool(options.cool, steps);
    }
    const change = this.enthalpyOfAll() - stored;
    return {
      doneMinute: done === undefined ? undefined : done / 60,
      coreSetMinute: coreSet === undefined ? undefined : coreSet / 60,
      settingCelsius: this.settingCelsius,
      frames,
      columnEdges: this.grid.columnEdges(),
      energyError: (this.heatIn - change - this.heatOut) / Math.max(1, this.heatIn),
      steps,
      ...(cooling && { cooling }),
    };
  }

  /** One step of heat and moisture. */
  private step(count: number): void {
    this.setProperties();
    if (count & 1) {
      this.sweep(2);
      this.sweep(1);
      this.sweep(0);
    } else {
      this.sweep(0);
      this.sweep(1);
      this.sweep(2);
    }
    if (this.options.constant) return;
    this.settleEnthalpy();
    const { grid, body } = this;
    if (body.kind !== 'dome') this.moveMoisture(2, grid.nz - 1 - (grid.nz >> 1));
    if (body.free) this.moveMoisture(0, grid.nx >> 1);
    this.boil();
  }

  private snapshot(): Snapshot {
    return {
      celsius: this.celsius.slice(),
      waterMass: this.waterMass.slice(),
      surfaces: [this.surfaceCelsius[0].slice(), this.surfaceCelsius[1].slice(), this.surfaceCelsius[2].slice()],
      volume: this.volume,
      heatIn: this.heatIn,
      heatOut: this.heatOut,
      steam: this.steam,
    };
  }
  private restore(was: Snapshot): void {
    this.celsius.set(was.celsius);
    this.waterMass.set(was.waterMass);
    for (const d of DIRECTIONS) this.surfaceCelsius[d].set(was.surfaces[d]);
    this.volume = was.volume;
    this.grid.stretchTo(was.volume);
    this.setBoundaries();
    this.heatIn = was.heatIn;
    this.heatOut = was.heatOut;
    this.steam = was.steam;
  }

  /** Out of the oven: in its pan for a while, then on a rack. */
  private cool({ inPanMinutes, roomCelsius, sliceCelsius }: CoolOptions, steps: number): Cooling {
    const { air, grid } = this;
    const coreOut = this.coreCelsius();
    let hottestCore = coreOut;
    const until = { slice: sliceCelsius, frost: roomCelsius + FROST_ABOVE_ROOM };
    const minutesTo: { slice: number | undefined; frost: number | undefined } = { slice: undefined, frost: undefined };
    air.comeOut(roomCelsius);
    this.convection = air.roomConvection;
    this.heatScale = 1;
    this.headspace = 1;
    this.stepSeconds = COOLING_STEP_SECONDS;
    let before = Infinity;
    for (let minute = 0; minute < LONGEST_COOLING_MINUTES;) {
      if (!this.unpanned && minute >= inPanMinutes) this.turnOut();
      this.step(steps++);
      minute += this.stepSeconds / 60;
      hottestCore = Math.max(hottestCore, this.coreCelsius());
      let hottest = -Infinity;
      for (let i = 0; i < grid.cells; i++) {
        const t = this.celsius[i] ?? 0;
        if (t > hottest) hottest = t;
      }
      for (const to of ['slice', 'frost'] as const) {
        if (minutesTo[to] !== undefined || hottest > until[to]) continue;
        const share = before === Infinity ? 0 : (until[to] - hottest) / (before - hottest);
        minutesTo[to] = minute - (this.stepSeconds / 60) * share;
      }
      before = hottest;
      if (minutesTo.frost !== undefined && minutesTo.slice !== undefined) break;
      // what still changes, changes slowly now
      if (minute > SLOW_COOLING_MINUTES) this.stepSeconds = 2 * COOLING_STEP_SECONDS;
    }
    return { carryOverCelsius: hottestCore - coreOut, minutesTo, massLost: this.steam / this.batterMass };
  }

  /** From now on all faces are open; the pan keeps the heat it has. */
  private turnOut(): void {
    this.unpanned = true;
    for (let i = 0; i < this.grid.cells; i++) {
      this.heatOut += (this.panCapacity[i] ?? 0) * (this.celsius[i] ?? 0);
      this.panCapacity[i] = 0;
    }
    for (const d of DIRECTIONS) {
      const kinds = this.boundary[d];
      for (let b = 0; b < kinds.length; b++) if (kinds[b] === WALL) kinds[b] = OPEN;
    }
  }

  /** Which faces touch the pan and which the air: sides above the rim are open, and everything but the base of what stands free. */
  private setBoundaries(): void {
    const { grid, body, boundary, boundaryFace, boundaryFactor, heat } = this;
    const dome = body.kind === 'dome';
    const sideFactor = { plain: 1, fluted: heat.fluteFactor, close: heat.closeFactor }[body.sides];
    for (let l = 0; l < grid.lines[0]; l++) {
      const last = 2 * l + 1;
      boundary[0][last] = body.free || grid.aboveRim[Math.floor(l / grid.ny)] ? OPEN : WALL;
      boundaryFace[0][last] = dome ? TOP : SIDE;
      boundaryFactor[0][last] = sideFactor;
      if (body.innerRadius > 0) {
        boundary[0][2 * l] = WALL;
        boundaryFace[0][2 * l] = SIDE;
        boundaryFactor[0][2 * l] = heat.tubeFactor;
      }
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
      boundaryFactor[2][2 * l] = body.free ? heat.sheetFactor : 1;
      if (dome) continue;
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
      (this.dryMass[i] ?? 0) * (this.c0 * t + (this.c1 * t * t) / 2) +
      ((this.waterMass[i] ?? 0) * WATER_HEAT_CAPACITY + (this.panCapacity[i] ?? 0)) * t -
      (this.frozen ? this.meltingHeat(i) * iceAt(t) : 0)
    );
  }
  private enthalpyOfAll(): number {
    let sum = 0;
    for (let i = 0; i < this.grid.cells; i++) sum += this.enthalpyOf(i);
    return sum;
  }
  /** Heat to melt what can freeze in a cell, J. */
  private meltingHeat(i: number): number {
    return (this.waterStart[i] ?? 0) * FREEZABLE * MELTING_HEAT;
  }

  /** How much heat the oven gives just now: the air over a cold batter moves faster, a deep empty pan shades it. */
  private takeHeat(): void {
    const { grid, body, heat, air } = this;
    if (!this.spec.fan) {
      const over = Math.max(10, air.celsius - this.meanSurface());
      this.convection = this.baseConvection * (over / heat.buoyancyReferenceCelsius) ** heat.buoyancyExponent;
    }
    if (body.free || air.covered) {
      this.headspace = 1;
      return;
    }
    const space = Math.max(0, body.depth - grid.height);
    const half = body.kind === 'box' ? body.halfWidth(body.depth) : body.radius(body.depth) - body.innerRadius;
    this.headspace = 1 - 0.35 * Math.min(1, space / half);
  }

  private meanSurface(): number {
    let sum = 0;
    let count = 0;
    for (let d = 0; d < 3; d++) {
      const kinds = this.boundary[d] ?? NO_KINDS;
      const surfaces = this.surfaceCelsius[d] ?? NO_VALUES;
      for (let b = 0; b < kinds.length; b++) {
        if (kinds[b] === NO_BOUNDARY) continue;
        sum += surfaces[b] ?? 0;
        count++;
      }
    }
    return sum / Math.max(1, count);
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
      resistivity,
      evaporated,
      poreVapour,
      c0,
      c1,
      fluid,
    } = this;
    const { constant } = this.options;
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
    if (!this.frozen) return;
    for (let i = 0; i < grid.cells; i++) {
      const t = celsius[i] ?? 0;
      if (t < MELTED_ABOVE && t >= FROZEN_BELOW)
        capacity[i] = (capacity[i] ?? 0) + this.meltingHeat(i) / (MELTED_ABOVE - FROZEN_BELOW);
    }
  }

  /** Resistance from the oven to the batter through the pan, m²K/W. */
  private throughThePan(wallCelsius: number, face: number, factor: number): number {
    const wall = wallCelsius + ZERO_CELSIUS_KELVIN;
    const radiant = this.air.radiantCelsius + ZERO_CELSIUS_KELVIN;
    const radiation =
      this.wallEmissivity * STEFAN_BOLTZMANN * (wall * wall + radiant * radiant) * (wall + radiant) * this.heatScale;
    return (
      1 / ((this.convection + radiation) * factor) +
      this.wallResistance +
      this.liningResistance +
      (face === BOTTOM ? this.heat.bottomResistance : this.heat.sideResistance)
    );
  }

  /** Balance of an open surface above a cell at `t`: convection and radiation in, conduction and evaporation away. Per m². */
  private solveSurface(
    t: number,
    conductance: number,
    guess: number,
    cell: number,
    halfThickness: number,
    factor: number,
  ): void {
    const { air, heat } = this;
    const w = this.waterMass[cell] ?? 0;
    const ratio = w / (this.leanMass[cell] ?? 1);
    const activity = w > 0 ? ratio / (ratio + this.boundWaterRatio) : 0;
    const dried = Math.max(0, 1 - w / (this.waterStart[cell] ?? 1)) * 2 * halfThickness;
    const airCelsius = air.celsius;
    const radiantCelsius = air.radiantCelsius;
    const radiant = radiantCelsius + ZERO_CELSIUS_KELVIN;
    const openHeat = air.covered ? air.openHeat : this.headspace;
    const convection = this.convection * openHeat * factor;
    const massTransfer =
      ((((heat.evaporation * this.convection * openHeat * air.evaporation) / (0.86 * AIR_HEAT_CAPACITY)) *
        WATER_MOLAR_KILOGRAMS) /
        (GAS_CONSTANT * 390)) *
      1.1;
    const permeance = activity > 0 ? 1 / (1 / massTransfer + dried / (CRUST_DIFFUSION * heat.evaporation)) : 0;
    const radiationFactor = heat.foodEmissivity * STEFAN_BOLTZMANN * openHeat * factor * this.heatScale;
    const { vapourPascals } = air;
    let ts = guess;
    let slope = 0;
    let vapourSlope = 0;
    for (let i = 0; i < 3; i++) {
      const kelvin = ts + ZERO_CELSIUS_KELVIN;
      const radiation = radiationFactor * (kelvin * kelvin + radiant * radiant) * (kelvin + radiant);
      const pressure = saturationFromTable(ts);
      let vapour = permeance * (activity * pressure - vapourPascals);
      vapourSlope = permeance * activity * pressure * saturationSlope(ts);
      if (vapour < 0) {
        vapour = 0;
        vapourSlope = 0;
      }
      slope = convection + radiation + LATENT_HEAT * vapourSlope;
      ts +=
        (convection * (airCelsius - ts) +
          radiation * (radiantCelsius - ts) -
          LATENT_HEAT * vapour -
          conductance * (ts - t)) /
        (slope + conductance);
    }
    this.openFlow = conductance * (ts - t);
    this.openFlowSlope = (-conductance * slope) / (slope + conductance);
    this.openVapour = Math.max(0, permeance * (activity * saturationFromTable(ts) - vapourPascals));
    this.openVapourSlope = (vapourSlope * conductance) / (slope + conductance);
    this.openCelsius = ts;
  }

  /**
   * One implicit step of conduction along every line of a direction: the tridiagonal equations are built and eliminated in one pass and
   * solved in a second one back. What the two ends of a line were found to be before the solve holds for the books after it.
   */
  private sweep(d: Direction): void {
    const { grid, celsius, capacity, resistivity, upper, right } = this;
    const n = grid.counts[d];
    if (n === 1) return;
    const stride = grid.strides[d];
    const half = grid.half[d];
    const area = grid.area[d];
    const starts = grid.starts[d];
    const lines = grid.lines[d];
    const perStep = 1 / this.stepSeconds;
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
      const firstVapour = this.openVapour;
      const firstVapourSlope = this.openVapourSlope;
      const firstFlow = this.openFlow;
      const firstFlowSlope = this.openFlowSlope;
      this.meet(d, 2 * l + 1, lastCell, area[firstFace + n] ?? 0);
      const lastOut = this.endOut;

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
      let solved = rightBefore;
      cell = lastCell;
      celsius[cell] = solved;
      for (let q = n - 2; q >= 0; q--) {
        cell -= stride;
        solved = (right[q] ?? 0) + (upper[q] ?? 0) * solved;
        celsius[cell] = solved;
      }
      this.book(d, 2 * l + 1, lastCell, area[firstFace + n] ?? 0, lastOut, lastBefore);
      this.openVapour = firstVapour;
      this.openVapourSlope = firstVapourSlope;
      this.openFlow = firstFlow;
      this.openFlowSlope = firstFlowSlope;
      this.book(d, 2 * l, first, area[firstFace] ?? 0, firstOut, firstBefore);
    }
  }

  /** What a line meets at one of its ends: adds to its diagonal and its right side, and how what flows there is to be booked. */
  private meet(d: Direction, b: number, cell: number, faceArea: number): void {
    const kind = this.boundary[d][b] ?? NO_BOUNDARY;
    this.endOut = 0;
    if (kind === NO_BOUNDARY) {
      this.endDiagonal = 0;
      this.endRight = 0;
      return;
    }
    const half = this.grid.half[d][cell] ?? 0;
    const inner = half * (this.resistivity[cell] ?? 0);
    const { constant } = this.options;
    if (kind === WALL || constant) {
      const face = this.boundaryFace[d][b] ?? TOP;
      const outer = constant
        ? 1 / Math.max(face === TOP ? constant.top : face === SIDE ? constant.side : constant.bottom, 1e-30)
        : this.throughThePan(this.surfaceCelsius[d][b] ?? 0, face, this.boundaryFactor[d][b] ?? 1);
      const resistance = outer + inner;
      this.endOut = resistance;
      this.endDiagonal = faceArea / resistance;
      this.endRight = this.endDiagonal * this.air.celsius;
      return;
    }
    const t = this.celsius[cell] ?? 0;
    this.solveSurface(t, 1 / inner, this.surfaceCelsius[d][b] ?? 0, cell, half, this.boundaryFactor[d][b] ?? 1);
    this.surfaceCelsius[d][b] = this.openCelsius;
    this.endDiagonal = -this.openFlowSlope * faceArea;
    this.endRight = (this.openFlow - this.openFlowSlope * t) * faceArea;
  }

  /** Books what flowed at an end: `resistance` to the oven through a pan, or 0 for an open face. */
  private book(d: Direction, b: number, cell: number, faceArea: number, resistance: number, before: number): void {
    if (this.boundary[d][b] === NO_BOUNDARY) return;
    const now = this.celsius[cell] ?? 0;
    if (resistance > 0) {
      const flow = (this.air.celsius - now) / resistance;
      this.heatIn += flow * faceArea * this.stepSeconds;
      const contact = this.boundaryFace[d][b] === BOTTOM ? this.heat.bottomResistance : this.heat.sideResistance;
      this.surfaceCelsius[d][b] =
        now + flow * ((this.grid.half[d][cell] ?? 0) * (this.resistivity[cell] ?? 0) + this.liningResistance + contact);
      return;
    }
    const change = now - before;
    const w = this.waterMass[cell] ?? 0;
    const leaving = (this.openVapour + this.openVapourSlope * change) * faceArea * this.stepSeconds;
    const leaves = Math.min(Math.max(0, leaving), w * 0.5);
    this.heatIn += (this.openFlow + this.openFlowSlope * change) * faceArea * this.stepSeconds + leaves * LATENT_HEAT;
    this.heatOut += leaves * (LATENT_HEAT + WATER_HEAT_CAPACITY * now);
    this.steam += leaves;
    this.waterMass[cell] = w - leaves;
    this.evaporated[cell] = (this.evaporated[cell] ?? 0) + leaves;
  }

  /** Temperature of a cell that holds a given enthalpy. */
  private celsiusOf(i: number, enthalpy: number): number {
    const a = ((this.dryMass[i] ?? 0) * this.c1) / 2;
    let linear =
      (this.dryMass[i] ?? 0) * this.c0 + (this.waterMass[i] ?? 0) * WATER_HEAT_CAPACITY + (this.panCapacity[i] ?? 0);
    let held = enthalpy;
    if (this.frozen && enthalpy < a * MELTED_ABOVE ** 2 + linear * MELTED_ABOVE) {
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

  /** The sweeps used the heat capacity at the start of the step: put the same heat into the exact enthalpy. */
  private settleEnthalpy(): void {
    const { celsius, celsiusBefore, capacity, waterMass, dryMass, panCapacity, evaporated, c0, c1, frozen } = this;
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

  /** Liquid moisture moves out towards the open surface in the outer half of a direction and carries its heat. */
  private moveMoisture(d: Direction, from: number): void {
    const { grid, celsius, waterMass, waterStart, dryMass, panCapacity, c0, c1, stepSeconds } = this;
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
        moved = Math.min(Math.abs(moved), 0.1 * (waterMass[source] ?? 0));
        const t = celsius[to] ?? 0;
        const holds =
          (dryMass[to] ?? 0) * (c0 + c1 * t) + (waterMass[to] ?? 0) * WATER_HEAT_CAPACITY + (panCapacity[to] ?? 0);
        if (!this.frozen || t > MELTED_ABOVE)
          celsius[to] =
            t + (moved * WATER_HEAT_CAPACITY * ((celsius[source] ?? 0) - t)) / (holds + moved * WATER_HEAT_CAPACITY);
        else moved = 0;
        waterMass[source] = (waterMass[source] ?? 0) - moved;
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
      const holds = (dryMass[i] ?? 0) * (c0 + this.c1 * t) + w * WATER_HEAT_CAPACITY + (panCapacity[i] ?? 0);
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
    const { heat } = this;
    for (const d of DIRECTIONS) {
      if (this.grid.counts[d] === 1) continue;
      const surfaces = this.surfaceCelsius[d];
      const browned = this.browned[d];
      for (let b = 0; b < browned.length; b++) {
        const t = surfaces[b] ?? 0;
        if (t <= heat.browningFromCelsius || this.boundary[d][b] === NO_BOUNDARY) continue;
        const rate =
          heat.browningRate *
          this.sugarBrowning *
          Math.exp((-heat.browningEnergy / GAS_CONSTANT) * (1 / (t + ZERO_CELSIUS_KELVIN) - 1 / 423.15));
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

  private coldest(): number {
    let coldest = Infinity;
    for (let i = 0; i < this.grid.cells; i++) coldest = Math.min(coldest, this.celsius[i] ?? Infinity);
    return coldest;
  }

  /** Mean of something over a face. */
  private meanOver(face: number, values: Three<Float64Array>): number {
    let sum = 0;
    let area = 0;
    for (const d of DIRECTIONS) {
      const n = this.grid.counts[d];
      if (n === 1) continue;
      for (let b = 0; b < values[d].length; b++) {
        if (this.boundary[d][b] === NO_BOUNDARY || this.boundaryFace[d][b] !== face) continue;
        const faceArea = this.grid.area[d][(b >> 1) * (n + 1) + (b & 1) * n] ?? 0;
        sum += (values[d][b] ?? 0) * faceArea;
        area += faceArea;
      }
    }
    return area > 0 ? sum / area : 0;
  }
  /** Mean colour index of a face. */
  private colour(face: number): number {
    return this.meanOver(face, this.browned) ** this.heat.browningPower;
  }

  private frame(minute: number): BakeFrame {
    const { grid } = this;
    const section: number[] = [];
    for (let k = 0; k < grid.nz; k++)
      for (let i = 0; i < grid.nx; i++) section.push(this.celsius[k * grid.ny * grid.nx + i] ?? 0);
    return {
      minute,
      coreCelsius: this.coreCelsius(),
      topCelsius: this.meanOver(TOP, this.surfaceCelsius),
      topColour: this.colour(TOP),
      sideColour: this.colour(SIDE),
      bottomColour: this.colour(BOTTOM),
      heightCm: grid.height * 100,
      ovenCelsius: this.air.celsius,
      massLost: this.steam / this.batterMass,
      sectionCelsius: section,
      rowTopsCm: Array.from(grid.levels.subarray(1), (level) => (this.body.kind === 'dome' ? level : level * 100)),
    };
  }
}
