import {
  checkBake,
  type BakeFrame,
  type BakeResult,
  type BakeSpec,
  type Cooling,
  type SimulateOptions,
} from './bake-spec.js';
import { BatterCells } from './batter-cells.js';
import { BatterFaces, BOTTOM, SIDE, TOP } from './batter-faces.js';
import { BatterGrid } from './batter-grid.js';
import { bodyOf, type Body } from './body.js';
import { compositionOf } from './composition.js';
import { Conduction } from './conduction.js';
import { coolDown } from './cooling.js';
import { HeatExchange } from './heat-exchange.js';
import { loadConvection, moistureWays, rawSize, risenHeight } from './oven-load.js';
import { OvenAir } from './oven-air.js';
import { HEAT_MODEL, HEAT_STYLES, WALLS, type HeatModel, type HeatStyle } from './parameters.js';
import { DIRECTIONS, type HeatBooks, type Three } from './physics.js';

/*
 * The bake: enthalpy finite volumes on a grid that rises with the batter, one implicit tridiagonal sweep per direction and step, order
 * alternated. Each subject has its file:
 *
 *   physics        constants            composition    what the batter is made of
 *   body           what is baked        batter-grid    its cells, and how they stretch
 *   batter-cells   temperature, water, boiling, rise of every cell
 *   batter-faces   what its outside touches, how brown it is
 *   oven-air       the oven from moment to moment       oven-load   what else is in it
 *   heat-exchange  from the oven to a face              conduction  from face to middle
 *   cooling        out of the oven
 *
 * This file puts them together, runs the clock, and decides when it is done: when the middle has been hot enough for long enough to set,
 * and, where the style asks, when the top has its colour. Metres, kilograms, seconds, watts, joules, pascals, °C.
 * The equations, their sources and their known misfits: docs/model/baking.md.
 */

const USUAL_BATTER_CELSIUS = 21;
const LONGEST_MINUTES = 400;
/** Seconds of a step: so many for a metre of the smallest measure, within these. */
const SECONDS_PER_METRE = 240;
const SHORTEST_STEP = 3;
const LONGEST_STEP = 12;
/** Between two looks at how far it has risen, in steps less one. */
const RISE_EVERY = 3;

/**
 * Simulates a bake from the moment the pan goes in.
 * @throws DomainError for a spec outside the range of validity
 */
export function simulateBake(spec: BakeSpec, options: SimulateOptions = {}, model: HeatModel = HEAT_MODEL): BakeResult {
  checkBake(spec);
  return new Bake(spec, options, model).run();
}

/** What changes in the course of a bake, but for the browning. */
interface Moment {
  readonly celsius: Float64Array;
  readonly waterMass: Float64Array;
  readonly faces: Three<Float64Array>;
  readonly volume: number;
  readonly books: HeatBooks;
}

/** When the middle sets: a dose that grows tenfold with every `settingDecadeCelsius`, full when it has been at the setting temperature for long enough. */
class Setting {
  /** Seconds after going in. */
  set: number | undefined;
  private dose = 0;
  private before: number;

  constructor(
    private readonly settingCelsius: number,
    private readonly heat: HeatModel['heat'],
    startCelsius: number,
  ) {
    this.before = startCelsius;
  }

  /** After a step that ended at `seconds` with the middle at `celsius`. */
  follow(celsius: number, seconds: number, stepSeconds: number): void {
    const { heat } = this;
    const middle = (celsius + this.before) / 2;
    const rate = (10 ** ((middle - this.settingCelsius) / heat.settingDecadeCelsius) * stepSeconds) / 60;
    if (this.set === undefined && this.dose + rate >= heat.settingMinutes)
      this.set = seconds - stepSeconds * (1 - (heat.settingMinutes - this.dose) / rate);
    this.dose += rate;
    this.before = celsius;
  }
}

class Bake {
  private readonly style: HeatStyle;
  private readonly body: Body;
  private readonly grid: BatterGrid;
  private readonly cells: BatterCells;
  private readonly faces: BatterFaces;
  private readonly air: OvenAir;
  private readonly exchange: HeatExchange;
  private readonly conduction: Conduction;
  private readonly books: HeatBooks = { heatIn: 0, heatOut: 0, steam: 0 };
  private readonly stepSeconds: number;
  private readonly startCelsius: number;
  private readonly moisture;

  constructor(
    private readonly spec: BakeSpec,
    private readonly options: SimulateOptions,
    private readonly model: HeatModel,
  ) {
    const style = HEAT_STYLES[spec.heatStyle];
    const { heat } = model;
    const { constant } = options;
    const { pan } = spec;
    const body = bodyOf(pan);
    const start = spec.batterCelsius ?? USUAL_BATTER_CELSIUS;
    const composition = compositionOf(spec, style, heat, start, constant);
    const density = spec.rawDensity === undefined ? style.rawDensity : spec.rawDensity * 1000;
    const bakedDensity = spec.bakedDensity === undefined ? style.bakedDensity : spec.bakedDensity * 1000;
    const volume = ((spec.gramsPerPan / 1000 / pan.cavities) * body.massFactor) / density;
    const riseRatio = constant ? 1 : density / bakedDensity;
    const risenVolume = volume * riseRatio;
    this.style = style;
    this.body = body;
    this.startCelsius = start;
    this.grid = new BatterGrid(body, {
      risenHeight: risenHeight(body, risenVolume),
      crustMetres: heat.crustMetres,
      withoutCrust: constant !== undefined,
      ...(options.refinement !== undefined && { refinement: options.refinement }),
    });
    this.grid.stretchTo(volume);
    const raw = rawSize(body, volume);
    const mixing = Math.min(3, Math.max(0.3, raw.height / heat.mixingDepthMetres)) ** heat.mixingDepthExponent;
    const fluid = style.fluidity * heat.fluidMixing * mixing;
    const filled = { celsius: start, density, volume, riseRatio };
    this.cells = new BatterCells(this.grid, composition, body, heat, filled, fluid, constant);
    this.faces = new BatterFaces(this.grid, body, heat, start);
    const material = WALLS[pan.material];
    if (!constant) this.faces.lumpThePan(this.cells.panCapacity, material.arealHeatCapacity, Math.sqrt(riseRatio));
    this.air = new OvenAir(spec, heat);
    const heatScale = (spec.heatScale ?? 1) * model.heatFactors[spec.heatStyle];
    const wall = {
      emissivity: (material.emissivity ?? heat.lightMetalEmissivity) * heat.panRadiationShare,
      resistance: material.resistance,
      liningResistance: style.lined ? heat.liningResistance : 0,
    };
    const convection = loadConvection(spec, body, heat, risenVolume) * heatScale;
    this.exchange = new HeatExchange(spec, body, heat, this.air, this.cells, this.faces, wall, convection, heatScale);
    this.conduction = new Conduction(this.cells, this.faces, this.exchange, this.air, wall, this.books, constant);
    this.moisture = moistureWays(body, this.grid);
    this.stepSeconds =
      options.stepSeconds ?? Math.min(LONGEST_STEP, Math.max(SHORTEST_STEP, raw.smallest * SECONDS_PER_METRE));
  }

  run(): BakeResult {
    if (this.options.constant) this.air.celsius = this.spec.ovenCelsius;
    const stored = this.cells.enthalpyOfAll();
    const baked = this.options.constant ? this.heatThrough() : this.bakeThrough();
    let cooling: Cooling | undefined;
    if (this.options.cool && baked.comesOut) {
      // the frames went on past done; what cools is what came out when it was done
      this.returnTo(baked.comesOut);
      const { cells, faces, air, exchange, books } = this;
      const step = (count: number, seconds: number) => this.step(count, seconds);
      cooling = coolDown({ cells, faces, air, exchange, books, step }, this.options.cool, baked.steps);
    }
    const change = this.cells.enthalpyOfAll() - stored;
    const { heatIn, heatOut } = this.books;
    return {
      doneMinute: baked.done === undefined ? undefined : baked.done / 60,
      coreSetMinute: baked.coreSet === undefined ? undefined : baked.coreSet / 60,
      settingCelsius: this.cells.composition.settingCelsius,
      frames: baked.frames,
      columnEdges: this.grid.columnEdges(),
      energyError: (heatIn - change - heatOut) / Math.max(1, heatIn),
      steps: baked.steps,
      ...(cooling && { cooling }),
    };
  }

  /** A solid of constant properties: for checks against analytic solutions. */
  private heatThrough() {
    const longest = (this.options.longestMinutes ?? LONGEST_MINUTES) * 60;
    let seconds = 0;
    let steps = 0;
    while (seconds < longest) {
      this.step(steps, this.stepSeconds);
      seconds += this.stepSeconds;
      steps++;
      this.options.constant?.each(seconds, this.cells.coldest());
    }
    return { steps, frames: [], done: undefined, coreSet: undefined, comesOut: undefined };
  }

  private bakeThrough() {
    const { options, stepSeconds, cells, faces, air } = this;
    const longest = (options.longestMinutes ?? LONGEST_MINUTES) * 60;
    const every = options.frameEveryMinutes === undefined ? Infinity : options.frameEveryMinutes * 60;
    const setting = new Setting(cells.composition.settingCelsius, this.model.heat, this.startCelsius);
    const frames: BakeFrame[] = every < Infinity ? [this.frame(0)] : [];
    let nextFrame = 0;
    let seconds = 0;
    let steps = 0;
    let coloured: number | undefined;
    let done: number | undefined;
    let comesOut: Moment | undefined;
    while (seconds < longest) {
      air.drive(seconds, stepSeconds);
      this.exchange.follow();
      this.step(steps, stepSeconds);
      faces.brown(stepSeconds, cells.composition.browning);
      if ((steps & RISE_EVERY) === 0 && cells.swell()) faces.settle();
      seconds += stepSeconds;
      steps++;
      setting.follow(cells.coreCelsius(), seconds, stepSeconds);
      if (coloured === undefined && setting.set !== undefined && this.hasColour()) coloured = seconds;
      if (seconds >= nextFrame + every) {
        nextFrame += every;
        frames.push(this.frame(seconds / 60));
      }
      if (done === undefined && setting.set !== undefined) {
        done = this.doneAt(seconds, setting.set, coloured);
        if (done !== undefined && options.cool) comesOut = this.moment();
      }
      if (done !== undefined && seconds >= done * (1 + (options.runOnShare ?? 0))) break;
    }
    return { steps, frames, done, coreSet: setting.set, comesOut };
  }

  private hasColour(): boolean {
    const { leastColour } = this.style;
    return leastColour > 0 && this.faces.colourOf(TOP) >= leastColour;
  }

  /** When it is done, once its middle has set: at once, or with its colour, which is waited for so long and no longer. */
  private doneAt(seconds: number, coreSet: number, coloured: number | undefined): number | undefined {
    const latest = coreSet * this.model.heat.longestColourWait;
    if (this.style.leastColour === 0) return coreSet;
    if (coloured === undefined && seconds < latest) return undefined;
    return Math.max(coreSet, Math.min(coloured ?? Infinity, latest));
  }

  /** One step of heat and moisture. The order of directions alternates, so that none is favoured. */
  private step(count: number, stepSeconds: number): void {
    const { cells, conduction } = this;
    cells.setProperties();
    if (count & 1) {
      conduction.sweep(2, stepSeconds);
      conduction.sweep(1, stepSeconds);
      conduction.sweep(0, stepSeconds);
    } else {
      conduction.sweep(0, stepSeconds);
      conduction.sweep(1, stepSeconds);
      conduction.sweep(2, stepSeconds);
    }
    if (this.options.constant) return;
    cells.settleEnthalpy();
    for (const [direction, from] of this.moisture) cells.moveMoisture(direction, from, stepSeconds);
    cells.boil(this.books);
  }

  private moment(): Moment {
    const { cells, faces, books } = this;
    return {
      celsius: cells.celsius.slice(),
      waterMass: cells.waterMass.slice(),
      faces: [faces.celsius[0].slice(), faces.celsius[1].slice(), faces.celsius[2].slice()],
      volume: cells.volume,
      books: { ...books },
    };
  }
  private returnTo(was: Moment): void {
    const { cells, faces } = this;
    cells.celsius.set(was.celsius);
    cells.waterMass.set(was.waterMass);
    for (const d of DIRECTIONS) faces.celsius[d].set(was.faces[d]);
    cells.stretchTo(was.volume);
    faces.settle();
    Object.assign(this.books, was.books);
  }

  private frame(minute: number): BakeFrame {
    const { grid, cells, faces, body } = this;
    return {
      minute,
      coreCelsius: cells.coreCelsius(),
      topCelsius: faces.celsiusOf(TOP),
      topColour: faces.colourOf(TOP),
      sideColour: faces.colourOf(SIDE),
      bottomColour: faces.colourOf(BOTTOM),
      heightCm: grid.height * 100,
      ovenCelsius: this.air.celsius,
      massLost: this.books.steam / cells.batterMass,
      sectionCelsius: cells.section(),
      rowTopsCm: Array.from(grid.levels.subarray(1), (level) => (body.kind === 'dome' ? level : level * 100)),
    };
  }
}
