import { bakeJobSchema } from '../../oven/baking/index.js';
import type { DeviceCommand, WireReading } from '../wire/index.js';
import { BakedField } from './baked-field.js';
import { OvenStandIn } from './oven.js';
import { SCALE, ScaleStandIn } from './scale.js';
import { ThermometerStandIn } from './thermometer.js';

/*
 * The instruments of a kitchen that is not there, told by commands and read as packs. Time is what it is given: the server gives it the
 * wall's, or a faster one.
 */

export const DEVICES = ['scale', 'oven', 'thermometer', 'probe'] as const;
export type Device = (typeof DEVICES)[number];

const AIR_LAG_SECONDS = 25;
const HOT_STEP_SECONDS = 1;
const ROOM_CELSIUS = 21;
/** Of a bowl on the scale when it is first switched on, kg. */
const BOWL_KILOGRAMS = 0.412;

export interface StandInState {
  readonly scale: { readonly grams: number | undefined; readonly stable: boolean; readonly pouring: boolean; readonly low: boolean };
  readonly oven: { readonly set: number; readonly air: number; readonly thermometer: number; readonly door: boolean; readonly fan: boolean; readonly power: boolean };
  readonly probe: { readonly shown: number | undefined; readonly core: number | undefined; readonly x: number; readonly z: number; readonly where: 'in' | 'fallen' | 'out' };
  readonly unplugged: readonly Device[];
} // prettier-ignore

export class StandInKitchen {
  private readonly scale: ScaleStandIn;
  private readonly oven = new OvenStandIn();
  private readonly thermometer: ThermometerStandIn;
  private readonly probe: ThermometerStandIn;
  private readonly unplugged = new Set<Device>();
  private field: BakedField | undefined;
  private place: { x: number; z: number } | undefined;
  private where: 'in' | 'fallen' | 'out' = 'out';
  private fineSeconds = 0;
  private hotSeconds = 0;
  private doorSeconds = 0;
  private airShown: number = ROOM_CELSIUS;
  private coreShown: number | undefined;

  constructor({ seed = 1, ovenError = -6 }: { readonly seed?: number; readonly ovenError?: number } = {}) {
    this.scale = new ScaleStandIn(seed);
    this.scale.put(BOWL_KILOGRAMS);
    this.scale.step();
    this.scale.tare();
    this.thermometer = new ThermometerStandIn('digital', seed + 1);
    this.probe = new ThermometerStandIn('probe', seed + 2);
    this.oven.offset = ovenError;
  }

  /** Lets so much time go by. */
  step(seconds: number): void {
    this.fineSeconds += seconds;
    const fine = this.scale.pouring ? SCALE.stepSeconds : Math.max(SCALE.stepSeconds, seconds / 10);
    while (this.fineSeconds >= fine) {
      this.scale.step(fine);
      this.fineSeconds -= fine;
    }
    this.hotSeconds += seconds;
    while (this.hotSeconds >= HOT_STEP_SECONDS) {
      this.stepHot(HOT_STEP_SECONDS);
      this.hotSeconds -= HOT_STEP_SECONDS;
    }
  }
  private stepHot(dt: number): void {
    this.oven.food = this.field?.surface;
    this.oven.step(dt);
    this.doorSeconds = this.oven.door ? this.doorSeconds + dt : 0;
    this.airShown = this.thermometer.step(this.oven.air, dt);
    this.field?.step(this.oven.felt, dt);
    if (this.where === 'out') this.coreShown = this.probe.step(ROOM_CELSIUS, dt, AIR_LAG_SECONDS);
    else if (this.where === 'fallen') this.coreShown = this.probe.step(this.oven.air, dt, AIR_LAG_SECONDS);
    else {
      const coldest = this.field?.coldest();
      const x = this.place?.x ?? coldest?.across ?? 0;
      const z = this.place?.z ?? coldest?.up ?? 0;
      this.coreShown = this.probe.step(this.field?.at(x, z) ?? ROOM_CELSIUS, dt);
    }
  }

  /** @returns what is wrong with it; undefined where it was done */
  do(command: DeviceCommand): string | undefined {
    switch (command.do) {
      case 'pour':
        this.scale.pour(command.grams / 1000, command.rate === undefined ? undefined : command.rate / 1000);
        return undefined;
      case 'spoon':
        this.scale.spoon(command.grams / 1000);
        return undefined;
      case 'take':
        this.scale.take(command.grams / 1000);
        return undefined;
      case 'tare':
        return this.scale.tare() ? undefined : 'tare: the scale is overloaded; take something off';
      case 'lift':
        this.scale.lift(command.seconds);
        return undefined;
      case 'door':
        this.oven.door = command.open;
        return undefined;
      case 'set':
        this.oven.set = command.celsius;
        return undefined;
      case 'fan':
        this.oven.fan = command.on;
        return undefined;
      case 'power':
        this.oven.power = command.on;
        return undefined;
      case 'place':
        this.place = { x: command.x, z: command.z };
        this.where = this.field ? 'in' : 'out';
        return this.field ? undefined : 'place: nothing is in the oven';
      case 'fall':
        this.where = this.field ? 'fallen' : 'out';
        return undefined;
      case 'freeze':
      case 'thaw':
        this[command.what].frozen = command.do === 'freeze';
        return undefined;
      case 'unplug':
        this.unplugged.add(command.what);
        return undefined;
      case 'plug':
        this.unplugged.delete(command.what);
        return undefined;
      case 'load':
        return this.load(command.job);
      case 'unload':
        this.field = undefined;
        this.place = undefined;
        this.where = 'out';
        return undefined;
    }
  }
  private load(job: unknown): string | undefined {
    const checked = bakeJobSchema.validate(job);
    if (checked.error) return `load: ${checked.error.message}`;
    try {
      this.field = new BakedField(checked.value);
      this.field.step(this.oven.felt, 0);
    } catch (problem) {
      this.field = undefined;
      return `load: ${problem instanceof Error ? problem.message : 'it cannot be baked'}`;
    }
    this.where = 'in';
    this.place = undefined;
    return undefined;
  }

  /** What is said now by what is plugged in. @param at milliseconds since 1970 */
  readings(at: number): { readonly scale: readonly WireReading[]; readonly hot: readonly WireReading[] } {
    const plugged = (device: Device, ...list: readonly WireReading[]) => (this.unplugged.has(device) ? [] : list);
    const { kilograms, stable, overload, volts } = this.scale.reading();
    return {
      scale: plugged(
        'scale',
        ...(kilograms === undefined ? [] : [{ name: 'scale:mass' as const, at, value: kilograms }]),
        { name: 'scale:stable', at, flag: stable },
        ...(overload ? [{ name: 'scale:overload' as const, at, flag: true }] : []),
        { name: 'scale:battery', at, value: volts },
      ),
      hot: [
        ...plugged('oven', { name: 'oven:air', at, value: this.oven.air }, { name: 'oven:set', at, value: this.oven.set }, { name: 'oven:door', at, flag: this.oven.door }),
        ...plugged('thermometer', { name: 'thermometer:air', at, value: this.airShown }),
        ...(this.where === 'out' || this.coreShown === undefined ? [] : plugged('probe', { name: 'probe:core', at, value: this.coreShown })),
      ],
    }; // prettier-ignore
  }
  /** For the page that shows the stand-ins: what they do not say on the wire, too. */
  state(): StandInState {
    const { kilograms, stable, low } = this.scale.reading();
    const coldest = this.field?.coldest();
    return {
      scale: {
        grams: kilograms === undefined ? undefined : kilograms * 1000,
        stable,
        pouring: this.scale.pouring,
        low,
      },
      oven: {
        set: this.oven.set,
        air: this.oven.air,
        thermometer: this.airShown,
        door: this.oven.door,
        fan: this.oven.fan,
        power: this.oven.power,
      },
      probe: {
        shown: this.coreShown,
        core: this.field?.core,
        x: this.place?.x ?? coldest?.across ?? 0,
        z: this.place?.z ?? coldest?.up ?? 0,
        where: this.where,
      },
      unplugged: [...this.unplugged],
    };
  }
}
