import type { ForeseenTime } from '../../batch/snapshots/index.js';
import { simulateBake, specOf, type BakeJob, type BakeSpec, type OvenCourse } from '../../oven/baking/index.js';
import { LiveBake, type LiveEstimate } from './live-bake.js';
import type { PriorStates } from './place-fit.js';
import { learnBake, SIGMA, type LiveModel } from './surrogate.js';

/* From a bake that was foreseen to one that is followed: the same minutes, with the same doubt, to begin with. */

/** What happened in the oven that changes its course, minutes from going in. */
export type LiveEvent =
  | { readonly kind: 'probe-moved'; readonly minute: number }
  | { readonly kind: 'tented' | 'uncovered'; readonly minute: number }
  | { readonly kind: 'set-to'; readonly minute: number; readonly celsius: number }
  | { readonly kind: 'power-back'; readonly minute: number };
export interface LiveReading {
  readonly minute: number;
  readonly core?: number;
  readonly air?: number;
}
export interface LiveJob {
  /** Of this set of pans in this bake. */
  readonly key: string;
  readonly job: BakeJob;
  readonly foreseen: Pick<ForeseenTime, 'minutes' | 'spread'>;
  readonly readings: readonly LiveReading[];
  readonly events: readonly LiveEvent[];
  readonly now: number;
}

/** d ln(time) / d ln(heat). @source heat.md, section 7 */
const TIME_BY_HEAT = -0.7;
const TIME_BY_CELSIUS = 0.0089;
const MOST_TRIES = 4;
const CLOSE_ENOUGH = 0.003;
const LEAST_HEAT_SPREAD = 0.03;
const LONGEST_MINUTES = 300;

/** The simulation that is done when the prediction says: its heat is moved until the two agree. */
export function foreseenSpec({ batter, pans, setting, course }: BakeJob, likelyMinutes: number): BakeSpec {
  let lnHeat = 0;
  const at = () => specOf(batter, pans, setting.celsius, setting.fan, Math.exp(lnHeat), course);
  for (let tried = 0; tried < MOST_TRIES; tried++) {
    const done = simulateBake(at(), { longestMinutes: LONGEST_MINUTES }).doneMinute;
    if (done === undefined) break;
    const off = Math.log(likelyMinutes / done);
    if (Math.abs(off) < CLOSE_ENOUGH) break;
    lnHeat = Math.max(-1, Math.min(1, lnHeat + off / TIME_BY_HEAT));
  }
  return at();
}

/** What is doubted of the kitchen: of the window's spread the oven takes its part, uptake of heat the rest. */
export function priorOf(spread: number, ovenSpreadCelsius: number = SIGMA.offset): PriorStates {
  const rest = Math.sqrt(Math.max(0, spread ** 2 - (TIME_BY_CELSIUS * ovenSpreadCelsius) ** 2)) / -TIME_BY_HEAT;
  const heat = Math.max(LEAST_HEAT_SPREAD, rest) / SIGMA.lnHeat;
  return { mean: [0, 0, 0, 0, 0], spread: [ovenSpreadCelsius / SIGMA.offset, heat, 1, 1, 1] };
}

/** A course with what has happened to it. */
export function courseWith(course: OvenCourse, events: readonly LiveEvent[]): OvenCourse {
  const covers = [...(course.covers ?? [])];
  const stages = [...(course.stages ?? [])];
  for (const event of events) {
    if (event.kind === 'tented') covers.push({ kind: 'foil', fromMinute: event.minute });
    else if (event.kind === 'uncovered')
      for (const [i, cover] of covers.entries()) covers[i] = { ...cover, toMinute: Math.max(cover.fromMinute + 0.1, event.minute) }; // prettier-ignore
    else if (event.kind === 'set-to') stages.push({ fromMinute: event.minute, celsius: event.celsius });
  }
  return { ...course, ...(covers.length > 0 && { covers }), ...(stages.length > 0 && { stages }) };
}

/** Follows one set of pans: what it is told twice it takes once. */
export class FollowedBake {
  private readonly live: LiveBake;
  private readonly spec: BakeSpec;
  private told = 0;
  private happened = 0;

  private constructor(job: LiveJob, spec: BakeSpec, model: LiveModel) {
    this.spec = spec;
    this.live = new LiveBake(model, { prior: priorOf(job.foreseen.spread, job.job.oven?.spreadCelsius) });
  }
  /** One to five seconds. Undefined where the bake never sets. */
  static learned(job: LiveJob): FollowedBake | undefined {
    const spec = foreseenSpec(job.job, job.foreseen.minutes.likely);
    const model = learnBake(spec);
    return model && new FollowedBake(job, spec, model);
  }
  /** Takes what is new, and says what it comes to. */
  follow({ readings, events, now, job }: LiveJob): LiveEstimate {
    for (const event of events.slice(this.happened)) this.happen(event, events);
    this.happened = events.length;
    for (const { minute, core, air } of readings.slice(this.told)) {
      if (air !== undefined) this.live.readAir(minute, air, setPointAt(job, events, minute));
      if (core !== undefined) this.live.readCore(minute, core);
    }
    this.told = readings.length;
    return this.live.estimate(now);
  }
  private happen(event: LiveEvent, all: readonly LiveEvent[]): void {
    if (event.kind === 'probe-moved') this.live.probeMoved();
    else if (event.kind === 'power-back') this.live.learnFromAir();
    else {
      const model = learnBake({ ...this.spec, ...courseWith(this.spec, all) });
      if (model) this.live.relearned(model);
    }
  }
}

function setPointAt({ setting, course }: BakeJob, events: readonly LiveEvent[], minute: number): number {
  let { celsius } = setting;
  for (const stage of course?.stages ?? []) if (minute >= stage.fromMinute) ({ celsius } = stage);
  for (const event of events) if (event.kind === 'set-to' && minute >= event.minute) ({ celsius } = event);
  return celsius;
}
