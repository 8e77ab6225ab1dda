/*
 * An oven that is not there: a thermostat over element, air and walls, with a door. Every joule is booked. Watts, kelvins, seconds.
 * @source shared/science/along.md, section 2
 */

export const OVEN = {
  watts: 2400,
  elementCapacity: 500,
  airCapacity: 130,
  wallCapacity: 19_000,
  elementToAir: 2.2,
  elementEmissivityArea: 0.045,
  airToWall: 14,
  wallToRoom: 3,
  doorWattsPerKelvin: 8,
  foodConductance: 1.6,
  hysteresis: 2,
  sensorSeconds: 12,
  sensorWallShare: 0.6,
  trim: -11,
  room: 21,
  fanFactor: 2.2,
} as const;
const STEFAN_BOLTZMANN = 5.67e-8;
const KELVIN = 273.15;
const LONGEST_STEP = 0.5;
/** What a pan feels of the air and of the walls. */
const FELT_AIR = 0.6;

export class OvenStandIn {
  set = 0;
  /** What it gives beyond what it is set to, °C. */
  offset = 0;
  door = false;
  fan = false;
  power = true;
  /** Surface of what is baked, °C; undefined when empty. */
  food: number | undefined = undefined;
  readonly joules = { in: 0, room: 0, door: 0, food: 0 };
  air: number = OVEN.room;
  wall: number = OVEN.room;
  private element: number = OVEN.room;
  private sensor: number = OVEN.room;
  private heating = false;

  /** Heat that it holds, J above 0 °C. */
  get stored(): number {
    return OVEN.elementCapacity * this.element + OVEN.airCapacity * this.air + OVEN.wallCapacity * this.wall;
  }
  get felt(): number {
    return FELT_AIR * this.air + (1 - FELT_AIR) * this.wall;
  }
  /** Whether the element is on. */
  get isHeating(): boolean {
    return this.heating && this.power && this.set > 0;
  }

  step(dt = 1): void {
    const goal = this.set + this.offset + OVEN.trim;
    const seen = (1 - OVEN.sensorWallShare) * this.air + OVEN.sensorWallShare * this.wall;
    this.sensor += (seen - this.sensor) * (1 - Math.exp(-dt / OVEN.sensorSeconds));
    if (this.sensor < goal - OVEN.hysteresis / 2) this.heating = true;
    else if (this.sensor > goal + OVEN.hysteresis / 2) this.heating = false;
    const n = Math.max(1, Math.ceil(dt / LONGEST_STEP));
    for (let i = 0; i < n; i++) this.heat(dt / n);
  }
  private heat(h: number): void {
    const watts = this.isHeating ? OVEN.watts : 0;
    const f = this.fan ? OVEN.fanFactor : 1;
    const toAir = OVEN.elementToAir * f;
    const airToWall = OVEN.airToWall * f;
    const door = this.door ? OVEN.doorWattsPerKelvin : 0;
    const food = this.food === undefined ? 0 : OVEN.foodConductance;
    const radiated =
      STEFAN_BOLTZMANN * OVEN.elementEmissivityArea * ((this.element + KELVIN) ** 4 - (this.wall + KELVIN) ** 4);
    const toRoom = OVEN.wallToRoom * (this.wall - OVEN.room);
    // air is light: its step is exact between neighbours that stand still, and its mean is what is booked
    const conductance = toAir + airToWall + door + food;
    const pull = toAir * this.element + airToWall * this.wall + door * OVEN.room + food * (this.food ?? 0);
    const goal = pull / conductance;
    const kept = Math.exp((-conductance * h) / OVEN.airCapacity);
    const before = this.air;
    this.air = goal + (before - goal) * kept;
    const mean = goal + ((before - goal) * (1 - kept) * OVEN.airCapacity) / (conductance * h);
    const fromElement = toAir * (this.element - mean);
    const toWall = airToWall * (mean - this.wall);
    const outOfDoor = door * (mean - OVEN.room);
    const intoFood = food * (mean - (this.food ?? 0));
    this.element += (h * (watts - radiated - fromElement)) / OVEN.elementCapacity;
    this.wall += (h * (radiated + toWall - toRoom)) / OVEN.wallCapacity;
    this.joules.in += h * watts;
    this.joules.room += h * toRoom;
    this.joules.door += h * outOfDoor;
    this.joules.food += h * intoFood;
  }
}
