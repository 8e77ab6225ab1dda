import { chanceFrom, normalFrom } from '../../ground/numerics/index.js';

/** Small seeds would begin alike. */
const SEEDS = 75_161_927;

/** How slow, how noisy and how fine. @source along.md, section 2 */
export const THERMOMETERS = {
  bimetal: { seconds: 120, noise: 0.3, resolution: 2 },
  digital: { seconds: 12, noise: 0.2, resolution: 0.1 },
  probe: { seconds: 10, noise: 0.15, resolution: 0.1 },
} as const;
export type ThermometerKind = keyof typeof THERMOMETERS;

/** A thermometer that is not there: it lags, it is off, it may stand still. */
export class ThermometerStandIn {
  frozen = false;
  offset = 0;
  private value: number | undefined;
  private shown: number | undefined;
  private readonly chance: () => number;

  constructor(
    private readonly kind: ThermometerKind,
    seed = 2,
  ) {
    this.chance = chanceFrom(SEEDS + seed);
  }
  /** @param seconds of lag where it stands, when not its own */
  step(truth: number, dt: number, seconds: number = THERMOMETERS[this.kind].seconds): number {
    const { noise, resolution } = THERMOMETERS[this.kind];
    this.value = this.value === undefined ? truth : this.value + (truth - this.value) * (1 - Math.exp(-dt / seconds));
    const read = this.value + this.offset + noise * normalFrom(this.chance);
    if (!this.frozen || this.shown === undefined) this.shown = Math.round(read / resolution) * resolution;
    return this.shown;
  }
}
