import { simulateBake, specOf, type BakeJob, type BakeResult, type BakeSpec } from '../../oven/baking/index.js';
import { Section } from '../live-bake/index.js';

/** The bake is worked out again when this much of it has gone by, and so far ahead, s. */
const AGAIN_SECONDS = 45;
const AHEAD_MINUTES = 4;
const AIR_EVERY = 5;
const ROOM_CELSIUS = 21;

/** What stands in the stand-in's oven: the core's own simulation, driven by the oven's air as it was. */
export class BakedField {
  private readonly air: number[] = [];
  private readonly spec: BakeSpec;
  private seconds = 0;
  private workedOutAt = -Infinity;
  private result: BakeResult | undefined;
  private section: Section | undefined;

  constructor({ batter, pans, setting, course }: BakeJob) {
    this.spec = specOf(batter, pans, setting.celsius, setting.fan, 1, course);
  }
  get minutes(): number {
    return this.seconds / 60;
  }
  /** The oven went on by so many seconds and felt like this. */
  step(felt: number, dt: number): void {
    this.seconds += dt;
    while (this.air.length * AIR_EVERY <= this.seconds) this.air.push(felt);
    if (this.seconds - this.workedOutAt < AGAIN_SECONDS) return;
    this.workedOutAt = this.seconds;
    this.result = simulateBake(
      { ...this.spec, ovenCelsius: Math.min(300, Math.max(100, felt)), air: { everySeconds: AIR_EVERY, celsius: this.air } },
      { frameEveryMinutes: 0.5, longestMinutes: this.minutes + AHEAD_MINUTES, runOnShare: 10 },
    );
    this.section = new Section(this.result, this.spec.pan);
  } // prettier-ignore
  private frameAt(minute: number) {
    const { frames = [] } = this.result ?? {};
    const after = frames.findIndex((frame) => frame.minute >= minute);
    const high = after < 0 ? frames.length - 1 : after;
    return { low: frames[Math.max(0, high - 1)], high: frames[high] };
  }
  /** Temperature of a place, mm from the middle and from the bottom. */
  at(across: number, up: number): number {
    const { low, high } = this.frameAt(this.minutes);
    if (!low || !high || !this.section) return this.spec.batterCelsius ?? ROOM_CELSIUS;
    const share = high.minute > low.minute ? Math.min(1, (this.minutes - low.minute) / (high.minute - low.minute)) : 0;
    const height = high.heightCm * 10 - 1;
    const place = [Math.abs(across), Math.min(up, height)] as const;
    return this.section.at(low, ...place) * (1 - share) + this.section.at(high, ...place) * share;
  }
  /** Where a careful baker puts the tip. */
  coldest(): { readonly across: number; readonly up: number } {
    const { high } = this.frameAt(this.minutes);
    return high && this.section ? this.section.coldest(high) : { across: 0, up: 20 };
  }
  get core(): number {
    const { low, high } = this.frameAt(this.minutes);
    return high?.coreCelsius ?? low?.coreCelsius ?? ROOM_CELSIUS;
  }
  /** Its outside, which cools the air. */
  get surface(): number {
    return this.frameAt(this.minutes).high?.topCelsius ?? ROOM_CELSIUS;
  }
}
