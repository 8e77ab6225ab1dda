import { chanceFrom, normalFrom } from '../../ground/numerics/index.js';

/*
 * A scale that is not there: a load cell under a bowl, with a stream that starts late, is still falling when it is shut, and drips. What is
 * poured, what is in flight and what lies on the pan are kept apart, so that nothing is lost. Kilograms and seconds.
 * @source shared/science/along.md, section 2
 */

/** Small seeds would begin alike. */
const SEEDS = 75_161_927;

export const SCALE = {
  stepSeconds: 0.02,
  resolution: 0.001,
  capacity: 5,
  overloadShare: 1.02,
  noise: 0.00025,
  filterSeconds: 0.25,
  settleBand: 0.0007,
  settleSeconds: 0.8,
  creepShare: 3e-4,
  creepSeconds: 600,
  driftPerHour: 0.0008,
  batteryHours: 60,
  lowVolts: 2.4,
  pour: { lagSeconds: 0.4, riseSeconds: 0.5, fallMetres: 0.2, dribble: 0.12, dribbleSeconds: 0.8 },
  tap: { least: 0.002, most: 0.006, everySeconds: 0.7, fallMetres: 0.05 },
} as const;
const GRAVITY = 9.81;
const DEFAULT_RATE = 0.04;

export interface ScaleReading {
  /** Undefined while overloaded. */
  readonly kilograms: number | undefined;
  readonly stable: boolean;
  readonly overload: boolean;
  readonly volts: number;
  readonly low: boolean;
}
type Stream =
  | { readonly kind: 'pour'; left: number; readonly rate: number; readonly from: number }
  | { readonly kind: 'spoon'; left: number; next: number };

export class ScaleStandIn {
  /** On the pan, kg. */
  mass = 0;
  frozen = false;
  private seconds = 0;
  private readonly chance: () => number;
  private flight: { readonly at: number; readonly kilograms: number; readonly fall: number }[] = [];
  private streams: Stream[] = [];
  private zero = 0;
  private shown = 0;
  private creep = 0;
  private drift = 0;
  private filtered = 0;
  private anchor = -1;
  private stableFor = 0;
  private liftedUntil = 0;

  constructor(seed = 1) {
    this.chance = chanceFrom(SEEDS + seed);
  }
  pour(kilograms: number, perSecond = DEFAULT_RATE): void {
    this.streams.push({ kind: 'pour', left: kilograms, rate: perSecond, from: this.seconds + SCALE.pour.lagSeconds });
  }
  spoon(kilograms: number): void {
    this.streams.push({ kind: 'spoon', left: kilograms, next: this.seconds + 0.3 });
  }
  /** Set down at once: a bowl. */
  put(kilograms: number): void {
    this.mass += kilograms;
  }
  /** Out with a spoon; never more than there is. */
  take(kilograms: number): number {
    const taken = Math.min(kilograms, this.mass);
    this.mass -= taken;
    return taken;
  }
  /** Refused while overloaded. */
  tare(): boolean {
    if (this.overload) return false;
    this.zero = this.load;
    this.filtered = 0;
    return true;
  }
  lift(seconds: number): void {
    this.liftedUntil = this.seconds + seconds;
  }
  get inFlight(): number {
    return this.flight.reduce((sum, { kilograms }) => sum + kilograms, 0);
  }
  get pouring(): boolean {
    return this.streams.length > 0 || this.flight.length > 0;
  }
  get overload(): boolean {
    return this.mass > SCALE.capacity * SCALE.overloadShare;
  }
  private get load(): number {
    return (this.seconds < this.liftedUntil ? 0 : this.mass) + this.creep + this.drift;
  }

  step(dt: number = SCALE.stepSeconds): ScaleReading {
    this.seconds += dt;
    for (const stream of this.streams) this.run(stream, dt);
    this.streams = this.streams.filter(({ left }) => left > 1e-12);
    const landed = this.flight.filter(({ at }) => at <= this.seconds);
    this.flight = this.flight.filter(({ at }) => at > this.seconds);
    let push = 0;
    for (const { kilograms, fall } of landed) {
      this.mass += kilograms;
      // the stream's momentum, as kilograms
      push += ((kilograms / dt) * Math.sqrt(2 * GRAVITY * fall)) / GRAVITY;
    }
    const on = this.seconds < this.liftedUntil ? 0 : this.mass;
    this.creep += (SCALE.creepShare * on - this.creep) * (1 - Math.exp(-dt / SCALE.creepSeconds));
    this.drift += normalFrom(this.chance) * SCALE.driftPerHour * Math.sqrt(dt / 3600);
    const raw = this.load - this.zero + push + SCALE.noise * normalFrom(this.chance);
    this.filtered += (raw - this.filtered) * (1 - Math.exp(-dt / SCALE.filterSeconds));
    if (Math.abs(this.filtered - this.anchor) > SCALE.settleBand) {
      this.anchor = this.filtered;
      this.stableFor = 0;
    } else this.stableFor += dt;
    if (!this.frozen) this.shown = Math.round(this.filtered / SCALE.resolution) * SCALE.resolution;
    return this.reading();
  }
  private run(stream: Stream, dt: number): void {
    const falls = (kilograms: number, fall: number) => {
      stream.left -= kilograms;
      this.flight.push({ at: this.seconds + Math.sqrt((2 * fall) / GRAVITY), kilograms, fall });
    };
    if (stream.kind === 'spoon') {
      if (this.seconds < stream.next) return;
      const { least, most, everySeconds, fallMetres } = SCALE.tap;
      stream.next = this.seconds + everySeconds * (0.6 + 0.8 * this.chance());
      falls(Math.min(stream.left, least + (most - least) * this.chance()), fallMetres);
      return;
    }
    if (this.seconds < stream.from) return;
    const { riseSeconds, dribble, dribbleSeconds, fallMetres } = SCALE.pour;
    const swollen = 1 - Math.exp(-(this.seconds - stream.from) / riseSeconds);
    const end = stream.rate * dribbleSeconds;
    const full = stream.rate * swollen;
    const rate = stream.left > end ? full : Math.max(dribble * stream.rate, (full * stream.left) / end);
    falls(Math.min(stream.left, rate * dt), fallMetres);
  }
  reading(): ScaleReading {
    const volts = 3 - 0.7 * (this.seconds / 3600 / SCALE.batteryHours) ** 1.5;
    return {
      kilograms: this.overload ? undefined : this.shown,
      stable: this.stableFor >= SCALE.settleSeconds,
      overload: this.overload,
      volts,
      low: volts < SCALE.lowVolts,
    };
  }
}
