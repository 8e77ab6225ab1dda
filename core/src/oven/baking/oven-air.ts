import type { AirCourse, BakeSpec } from './bake-spec.js';
import { ovenSag } from './oven-load.js';
import type { HeatParameters } from './parameters.js';

const ROOM_CELSIUS = 21;
/** To how many degrees an oven's heating-up is told. */
const HEATED_CELSIUS = 180;
/** Convection, W/m²K, and vapour pressure, Pa, of a kitchen. @source heat.md, reference implementation */
const ROOM_CONVECTION = 5;
const ROOM_VAPOUR_PASCALS = 1200;

/** The share of the heat that each cover lets through. */
const HEAT_UNDER = { lid: 'lidHeat', bowl: 'bowlHeat', foil: 'foilHeat' } as const;

/** Between two values of a course the air goes straight. */
function airAt({ everySeconds, celsius }: AirCourse, seconds: number): number {
  const place = Math.max(0, seconds / everySeconds);
  const before = Math.min(celsius.length - 1, Math.floor(place));
  const here = celsius[before] ?? ROOM_CELSIUS;
  const next = celsius[before + 1] ?? here;
  return here + (next - here) * Math.min(1, place - before);
}

/** The air around the bake, from moment to moment: the oven's temperature and what a cover does; the room's once it is out. */
export class OvenAir {
  celsius: number;
  radiantCelsius: number;
  vapourPascals: number;
  /** Share of the heat and of the evaporation that open faces get. */
  openHeat = 1;
  evaporation = 1;
  covered = false;
  out = false;
  /** Fixed convection once out, W/m²K. */
  readonly roomConvection = ROOM_CONVECTION;
  private readonly stages;
  private readonly offset: number;
  private readonly cold: number | undefined;

  constructor(
    private readonly spec: BakeSpec,
    private readonly heat: HeatParameters,
  ) {
    this.stages = [{ fromMinute: 0, celsius: spec.ovenCelsius }, ...(spec.stages ?? [])].sort(
      (a, b) => a.fromMinute - b.fromMinute,
    );
    this.offset = spec.ovenOffsetCelsius ?? 0;
    this.cold = spec.coldOvenMinutes;
    this.celsius = this.cold === undefined ? spec.ovenCelsius + this.offset - ovenSag(spec, heat) : ROOM_CELSIUS;
    this.radiantCelsius = this.celsius;
    this.vapourPascals = heat.ovenVapourPascals;
  }

  private setAt(minute: number): number {
    let set = this.stages[0]?.celsius ?? this.spec.ovenCelsius;
    for (const stage of this.stages) if (minute >= stage.fromMinute) set = stage.celsius;
    return set + this.offset;
  }

  /** Moves on by a step in the oven. */
  drive(seconds: number, stepSeconds: number): void {
    const { heat } = this;
    const minute = seconds / 60;
    if (this.spec.air) this.celsius = airAt(this.spec.air, seconds);
    else this.follow(minute, stepSeconds);
    this.radiantCelsius = this.spec.fan ? this.celsius - heat.fanRadiantDrop : this.celsius;
    const cover = (this.spec.covers ?? []).findLast(
      ({ fromMinute, toMinute }) => minute >= fromMinute && minute < (toMinute ?? Infinity),
    );
    this.covered = cover !== undefined;
    this.openHeat = cover === undefined ? 1 : heat[HEAT_UNDER[cover.kind]];
    this.evaporation = cover?.kind === 'foil' ? heat.foilEvaporation : 1;
    this.vapourPascals = cover && cover.kind !== 'foil' ? heat.lidVapourPascals : heat.ovenVapourPascals;
  }

  /** The oven by itself, after its set point. */
  private follow(minute: number, stepSeconds: number): void {
    const { heat } = this;
    const set = this.setAt(minute);
    const tau = set < this.celsius - 1 ? heat.ovenCoolingSeconds : heat.ovenHeatingSeconds;
    const next = this.celsius + (set - this.celsius) * (1 - Math.exp(-stepSeconds / tau));
    if (this.cold === undefined) this.celsius = next;
    else {
      // the elements give what they can until the set point is reached
      const perSecond = (HEATED_CELSIUS - ROOM_CELSIUS) / (this.cold * 60);
      this.celsius = this.celsius < set - 1 ? Math.min(set, this.celsius + perSecond * stepSeconds) : next;
    }
  }

  /** Takes it out into a room. */
  comeOut(roomCelsius: number): void {
    this.out = true;
    this.celsius = roomCelsius;
    this.radiantCelsius = roomCelsius;
    this.vapourPascals = ROOM_VAPOUR_PASCALS;
    this.openHeat = 1;
    this.evaporation = 1;
    this.covered = false;
  }
}
