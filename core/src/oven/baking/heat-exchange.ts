import type { BakeSpec } from './bake-spec.js';
import type { BatterCells } from './batter-cells.js';
import { BOTTOM, type BatterFaces } from './batter-faces.js';
import type { Body } from './body.js';
import type { OvenAir } from './oven-air.js';
import type { HeatParameters } from './parameters.js';
import {
  AIR_HEAT_CAPACITY,
  CRUST_DIFFUSION,
  GAS_CONSTANT,
  LATENT_HEAT,
  STEFAN_BOLTZMANN,
  WATER_MOLAR_KILOGRAMS,
  ZERO_CELSIUS_KELVIN,
} from './physics.js';
import { saturationFromTable, saturationSlope } from '../../ground/steam/index.js';

/** Coldest the oven's air is taken to stand over the cake's surface, °C: the buoyancy of nothing is nothing. */
const LEAST_DIFFERENCE_CELSIUS = 10;
/** A deep, half-empty pan takes so much of the heat from its batter at most. */
const SHADE_OF_THE_WALL = 0.35;

/** What a pan is, as the heat that passes it sees it. */
export interface PanWall {
  readonly emissivity: number;
  /** Of the wall, and of its lining, m²K/W. */
  readonly resistance: number;
  readonly liningResistance: number;
}

/**
 * How heat gets from the oven to a face. Through the pan it is one resistance after the other: air and radiation, wall, lining, contact.
 * At an open face convection and radiation bring heat, and part of it turns water into vapour at once: the temperature of such a face is
 * where what comes in equals what goes on into the crumb and what leaves as vapour, found by Newton steps. The vapour must pass the dried
 * crust first, so that a crust forms and gets hotter than 100 °C.
 *
 * An open face leaves its answer in the `open…` fields, per m²: the innermost loop makes no objects.
 */
export class HeatExchange {
  /** Heat into the batter and its slope against the cell's temperature, W/m² and W/m²K; vapour leaving and its slope, kg/m²s. */
  openFlow = 0;
  openFlowSlope = 0;
  openVapour = 0;
  openVapourSlope = 0;
  openCelsius = 0;
  private convection: number;
  private heatScale: number;
  /** Share of the heat that reaches a batter low in its pan. */
  private headspace = 1;

  constructor(
    private readonly spec: BakeSpec,
    private readonly body: Body,
    private readonly heat: HeatParameters,
    private readonly air: OvenAir,
    private readonly cells: BatterCells,
    private readonly faces: BatterFaces,
    private readonly wall: PanWall,
    /** Convection before the buoyancy of the air is taken into account, W/m²K. */
    private readonly baseConvection: number,
    heatScale: number,
  ) {
    this.convection = baseConvection;
    this.heatScale = heatScale;
  }

  /** How much heat the oven gives just now: the air over a cold batter moves faster, a deep empty pan shades it. */
  follow(): void {
    const { body, heat, air } = this;
    if (!this.spec.fan) {
      const over = Math.max(LEAST_DIFFERENCE_CELSIUS, air.celsius - this.faces.meanCelsius());
      this.convection = this.baseConvection * (over / heat.buoyancyReferenceCelsius) ** heat.buoyancyExponent;
    }
    if (body.free || air.covered) {
      this.headspace = 1;
      return;
    }
    const space = Math.max(0, body.depth - this.cells.grid.height);
    const half = body.kind === 'box' ? body.halfWidth(body.depth) : body.radius(body.depth) - body.innerRadius;
    this.headspace = 1 - SHADE_OF_THE_WALL * Math.min(1, space / half);
  }

  /** Out of the oven: the still air of a room all round. */
  comeOut(roomConvection: number): void {
    this.convection = roomConvection;
    this.heatScale = 1;
    this.headspace = 1;
  }

  /** Between the pan, or the sheet, and the batter, m²K/W. */
  contact(face: number): number {
    return face === BOTTOM ? this.heat.bottomResistance : this.heat.sideResistance;
  }

  /** Resistance from the oven to the batter through the pan, m²K/W. */
  throughThePan(wallCelsius: number, face: number, factor: number): number {
    const wall = wallCelsius + ZERO_CELSIUS_KELVIN;
    const radiant = this.air.radiantCelsius + ZERO_CELSIUS_KELVIN;
    const radiation =
      this.wall.emissivity * STEFAN_BOLTZMANN * (wall * wall + radiant * radiant) * (wall + radiant) * this.heatScale;
    return (
      1 / ((this.convection + radiation) * factor) +
      this.wall.resistance +
      this.wall.liningResistance +
      this.contact(face)
    );
  }

  /**
   * The balance of an open face above a cell: convection and radiation in, conduction and evaporation away.
   * @param t temperature of the cell, °C
   * @param conductance from the face to the cell's middle, W/m²K
   * @param guess temperature of the face before, °C
   * @param halfThickness of the cell, m
   * @param factor on the heat that reaches this face
   */
  solveOpenFace(
    t: number,
    conductance: number,
    guess: number,
    cell: number,
    halfThickness: number,
    factor: number,
  ): void {
    const { air, heat, cells } = this;
    const { boundWaterRatio } = cells.composition;
    const w = cells.waterMass[cell] ?? 0;
    const ratio = w / (cells.leanMass[cell] ?? 1);
    const activity = w > 0 ? ratio / (ratio + boundWaterRatio) : 0;
    const dried = Math.max(0, 1 - w / (cells.waterStart[cell] ?? 1)) * 2 * halfThickness;
    const airCelsius = air.celsius;
    const radiantCelsius = air.radiantCelsius;
    const radiant = radiantCelsius + ZERO_CELSIUS_KELVIN;
    const openHeat = air.covered ? air.openHeat : this.headspace;
    const convection = this.convection * openHeat * factor;
    // heat and mass go the same way from a wet face: Lewis
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
    // three steps from the temperature of the step before are closer than the model is
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
}
