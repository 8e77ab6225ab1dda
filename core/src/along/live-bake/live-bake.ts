import { EIGHT_IN_TEN, normalCumulative } from '../../ground/numerics/index.js';
import { ovenSag } from '../../oven/baking/index.js';
import { Alarms, type Alarm } from './alarms.js';
import { OvenWatch } from './oven-watch.js';
import { expectedAt, fitPlace, slackAt, thinned, type Above, type FitInput, type PlaceFit, type PriorStates } from './place-fit.js'; // prettier-ignore
import { ProbeWatch } from './probe-watch.js';
import { atNode, learnBake, STATES, type LiveModel } from './surrogate.js';

/*
 * The done time, re-estimated while it bakes. Not a line through the last readings, but the same simulation: which oven, which uptake of
 * heat, which place of the probe would have shown this curve? Two dozen places are fitted side by side and weighed by how well they explain
 * what was read. The windows are those of the simulation's world, not of kitchens: never narrower than ±5 %, and "about".
 * @source shared/science/along.md, section 1
 */

export interface LiveEstimate {
  /** Minutes from going in; eight in ten are done between low and high. */
  readonly likely: number;
  readonly low: number;
  readonly high: number;
  /** Chance that done has been passed, 0–1. */
  readonly passed: number;
  /** When to look next. */
  readonly lookAt: number;
  /** The oven lags (below 0) or leads, °C. */
  readonly oven: { readonly celsius: number; readonly spread: number };
  readonly probe: { readonly aheadCelsius: number; readonly spread: number; readonly offCentre: boolean };
  readonly alarms: readonly Alarm[];
  /** The middle from going in to the end of the window, as it is seen now. */
  readonly course: readonly { readonly minute: number; readonly celsius: number }[];
}

export interface LiveOptions {
  readonly prior?: PriorStates;
  /** Share of the spread that stands in a window; set from simulated muffins. @source along.md */
  readonly calibration?: number;
  /** No window is narrower, either way, as a share. 0 only to measure the filter in its own world. */
  readonly leastHalfWidth?: number;
}
const NO_PRIOR: PriorStates = { mean: [0, 0, 0, 0, 0], spread: [1, 1, 1, 1, 1] };
const CALIBRATION = 0.64;
const LEAST_HALF_WIDTH = 0.05;
const OFF_CENTRE_CELSIUS = 4;
const OFF_CENTRE_SURE = 0.9;
const ENOUGH_READINGS = 30;
/** A place below this weight is tried only every sixth time. */
const ALIVE = 1e-3;
const LONGEST_MINUTES = 300;
const COURSE_POINTS = 40;

interface Weighed extends PlaceFit {
  readonly place: number;
  readonly weight: number;
  /** ln of the minute by the clock, and its spread. */
  readonly ln: number;
  readonly clockSpread: number;
}

export class LiveBake {
  private readonly alarms = new Alarms();
  private readonly oven = new OvenWatch(this.alarms);
  private readonly probe: ProbeWatch;
  private readonly sag: number;
  private starts: (Float64Array | undefined)[] = [];
  private live: boolean[] = [];
  private segmentSeen = -1;
  private fixedPlaces: (readonly number[])[] = [];
  private best: { readonly fit: PlaceFit; readonly place: number; readonly above: Above; readonly input: FitInput } | undefined; // prettier-ignore
  private count = 0;
  private model: LiveModel;

  constructor(
    model: LiveModel,
    private readonly options: LiveOptions = {},
  ) {
    this.model = model;
    this.sag = ovenSag(model.spec);
    this.probe = new ProbeWatch(this.alarms, {
      at: (minute) => this.expected(minute),
      slackAt: (minute) => slackAt(this.model, minute / (this.best?.fit.course.tau ?? 1)),
    });
  }

  /** One reading in 15 s, minutes from going in. */
  readAir(minute: number, celsius: number, setPoint: number): void {
    this.oven.read(minute, celsius, setPoint);
  }
  readCore(minute: number, celsius: number): void {
    this.probe.read(minute, celsius);
  }
  /** The baker moved the probe. */
  probeMoved(): void {
    this.probe.moved();
  }
  /** A known event changed the course: foil, a lower set point. The readings stay. */
  relearned(model: LiveModel): void {
    this.model = model;
    this.segmentSeen = -1;
    this.best = undefined;
    this.fixedPlaces = [];
  }
  /** After a power cut the clock cannot be corrected: the bake is learned again with the air as it was measured. A second or more. */
  learnFromAir(): boolean {
    const air = this.oven.course(LONGEST_MINUTES);
    const model = air && learnBake({ ...this.model.spec, air });
    if (!model) return false;
    this.oven.forgetDoors();
    this.relearned(model);
    return true;
  }

  private expected(minute: number): number | undefined {
    if (!this.best) return undefined;
    const { fit, above, input } = this.best;
    // nothing is expected of a place that was only just come to
    if (this.probe.segment >= input.segments) return undefined;
    return expectedAt(input, above, fit, minute, this.probe.segment);
  }
  /** Above the coldest point, segment by segment: where it stood before is settled. */
  private aboveAt(place: number): Above {
    const last = this.probe.segment;
    return Array.from({ length: last + 1 }, (_, segment) => {
      const known = segment === last ? this.model.places[place]?.above : this.fixedPlaces[segment];
      return known ?? this.model.meanPlace;
    });
  }
  private input(): FitInput {
    return {
      model: this.model,
      probe: thinned(this.probe.readings),
      air: thinned(this.oven.readings),
      oven: this.oven,
      segments: this.probe.segment + 1,
      prior: this.options.prior ?? NO_PRIOR,
      sag: this.sag,
    };
  }

  /** The estimate at a minute; some milliseconds. */
  estimate(now: number): LiveEstimate {
    const { places } = this.model;
    if (this.segmentSeen !== this.probe.segment) {
      if (this.segmentSeen >= 0 && this.best)
        this.fixedPlaces[this.segmentSeen] = places[this.best.place]?.above ?? this.model.meanPlace;
      this.segmentSeen = this.probe.segment;
      this.starts = places.map(() => undefined);
      this.live = places.map(() => true);
    }
    const states = this.best?.fit.p.slice(0, STATES);
    const input = this.input();
    const fits = places.flatMap((_, place) => {
      if (this.live[place] === false && this.count % 6 !== place % 6) return [];
      const fit = fitPlace(input, this.aboveAt(place), this.starts[place], states);
      this.starts[place] = fit.p;
      return [{ ...fit, place }];
    });
    this.count++;
    const least = Math.min(...fits.map(({ cost }) => cost));
    const raw = fits.map(({ place, cost }) => (places[place]?.prior ?? 0) * Math.exp(-0.5 * (cost - least)));
    const sum = raw.reduce((total, weight) => total + weight, 0);
    const weighed = fits.map((fit, i): Weighed => ({
      ...fit,
      weight: (raw[i] ?? 0) / sum,
      ...this.onTheClock(fit, now),
    }));
    for (const { place, weight } of weighed) this.live[place] = weight > ALIVE;
    const best = weighed.reduce((a, b) => (b.weight > a.weight ? b : a));
    this.best = { fit: best, place: best.place, above: this.aboveAt(best.place), input };
    return this.mixed(weighed, best, now);
  }

  /** Minutes lost at the door, and to be lost, on top of the bake's own clock; far off the middle less is sure. */
  private onTheClock(fit: PlaceFit, now: number): { readonly ln: number; readonly clockSpread: number } {
    const done = Math.exp(fit.lnDone);
    const { sure, ahead, spread } = this.oven.lostInAll(now, done);
    const minutes = done + sure + ahead;
    const far = Math.max(0, Math.min(0.12, 0.018 * (fit.ahead.mean - 4))) * Math.max(0, 1 - now / minutes) * 2;
    return { ln: Math.log(minutes), clockSpread: Math.hypot((fit.spread * done) / minutes, spread / minutes, far) };
  }

  private mixed(fits: readonly Weighed[], best: Weighed, now: number): LiveEstimate {
    const mean = (value: (fit: Weighed) => number) => fits.reduce((sum, fit) => sum + fit.weight * value(fit), 0);
    const spread = (value: (fit: Weighed) => number, own: (fit: Weighed) => number) => {
      const middle = mean(value);
      return Math.sqrt(Math.max(0, mean((fit) => own(fit) ** 2 + value(fit) ** 2) - middle ** 2));
    };
    const { calibration = CALIBRATION, leastHalfWidth = LEAST_HALF_WIDTH } = this.options;
    const ln = mean((fit) => fit.ln);
    const own = calibration * spread((fit) => fit.ln, (fit) => fit.clockSpread); // prettier-ignore
    const half = Math.max(EIGHT_IN_TEN * own, Math.log(1 + leastHalfWidth));
    const [likely, low, high] = [Math.exp(ln), Math.exp(ln - half), Math.exp(ln + half)];
    const passed = mean((fit) =>
      normalCumulative((Math.log(Math.max(now, 0.1)) - fit.ln) / Math.max(1e-6, fit.clockSpread * calibration)),
    );
    const offCentre = mean((fit) =>
      normalCumulative((fit.ahead.mean - OFF_CENTRE_CELSIUS) / Math.max(0.3, fit.ahead.spread)),
    );
    return {
      likely,
      low,
      high,
      passed,
      lookAt: Math.max(now, low),
      oven: { celsius: mean((fit) => fit.oven.mean), spread: spread((fit) => fit.oven.mean, (fit) => fit.oven.spread) },
      probe: {
        aheadCelsius: mean((fit) => fit.ahead.mean),
        spread: spread((fit) => fit.ahead.mean, (fit) => fit.ahead.spread),
        offCentre: offCentre > OFF_CENTRE_SURE && this.probe.readings.length > ENOUGH_READINGS,
      },
      alarms: [...this.alarms.list],
      course: this.courseTo(best, high),
    }; // prettier-ignore
  }
  private courseTo({ course }: Weighed, high: number): LiveEstimate['course'] {
    return Array.from({ length: COURSE_POINTS + 1 }, (_, i) => {
      const minute = (i * high) / COURSE_POINTS;
      const s = (minute - this.oven.lostBy(minute, course.tau)) / course.tau;
      return { minute, celsius: atNode(course.core, s) };
    });
  }
}
