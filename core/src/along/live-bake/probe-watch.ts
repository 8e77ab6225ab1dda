import type { Alarms } from './alarms.js';

/** What the probe showed, and where it stood: a moved probe begins a new segment. */
export interface ProbeReading {
  readonly minute: number;
  readonly celsius: number;
  readonly segment: number;
  use: boolean;
}
/** What the last fit expects of the probe. */
export interface Expected {
  /** °C; undefined before the first fit. */
  at(minute: number): number | undefined;
  /** What the model may be off by then, °C. */
  slackAt(minute: number): number;
}
interface Pending {
  readonly minute: number;
  readonly celsius: number;
  readonly jump?: number;
}

/** No middle of a batter is hotter. */
const CEILING_CELSIUS = 103.5;
const EQUAL_READINGS = 7;
const EQUAL_AT_LAST = 15;
const MINUTES_A_READING = 0.25;
const MOVED_BY = 3;
const MOVED_FOR = 5;
const BACK_AFTER = 6;

/** Lets in what may be the temperature of a middle, and notices what is not: fallen out, frozen, moved. @source along.md, section 1 */
export class ProbeWatch {
  readonly readings: ProbeReading[] = [];
  private state: 'in' | 'out' | 'frozen' = 'in';
  private equal = 0;
  private last: number | undefined;
  private drift = 0;
  private pending: Pending[] = [];

  constructor(
    private readonly alarms: Alarms,
    private readonly expected: Expected,
  ) {}

  get segment(): number {
    return this.alarms.segment;
  }
  /** The baker moved it: from now on it stands elsewhere. */
  moved(): void {
    this.alarms.segment++;
    this.pending = [];
    this.drift = 0;
    this.state = 'in';
  }

  read(minute: number, celsius: number): void {
    this.equal = this.last !== undefined && Math.abs(celsius - this.last) < 1e-9 ? this.equal + 1 : 0;
    this.last = celsius;
    if (this.freezes(minute)) return;
    if (this.state === 'frozen') {
      if (this.equal > 0) return;
      this.state = 'in';
    }
    if (this.state === 'out' && !this.comesBack(minute, celsius)) return;
    const expect = this.expected.at(minute);
    const jump = expect === undefined ? 0 : celsius - expect - this.drift;
    const hot = celsius > CEILING_CELSIUS && (expect === undefined || Math.abs(jump) > 3);
    const far = expect !== undefined && Math.abs(jump) > Math.max(MOVED_BY, 2.5 * this.expected.slackAt(minute));
    if (hot || far) {
      this.pending.push({ minute, celsius, jump });
      if (hot || this.pending.length >= MOVED_FOR) this.judge(minute, hot, jump, expect);
      return;
    }
    for (const each of this.pending) this.take(each, Math.abs(each.jump ?? 0) < 4);
    this.pending = [];
    if (expect !== undefined) this.drift = 0.85 * this.drift + 0.15 * (celsius - expect);
    this.take({ minute, celsius }, true);
  }
  private take({ minute, celsius }: Pending, use: boolean): void {
    this.readings.push({ minute, celsius, segment: this.segment, use });
  }
  private freezes(minute: number): boolean {
    if (this.equal < EQUAL_READINGS || this.state === 'frozen') return false;
    const since = minute - (this.equal + 1) * MINUTES_A_READING;
    const before = this.expected.at(since);
    const now = this.expected.at(minute);
    if (before === undefined || now === undefined || !(now - before > 0.5 || this.equal >= EQUAL_AT_LAST)) return false;
    this.state = 'frozen';
    this.alarms.raise('frozen', minute);
    for (const reading of this.readings) if (reading.minute >= since - 0.01) reading.use = false;
    return true;
  }
  /** Steady and plausible again: a new place. */
  private comesBack(minute: number, celsius: number): boolean {
    this.pending.push({ minute, celsius });
    const recent = this.pending.slice(-BACK_AFTER);
    const expect = this.expected.at(minute);
    const first = recent[0]?.celsius ?? celsius;
    const plausible = expect !== undefined && celsius > expect - 25;
    const steady = recent.length === BACK_AFTER && Math.abs(celsius - first) < 6;
    if (!steady || !plausible || Math.max(...recent.map((each) => each.celsius)) >= CEILING_CELSIUS) return false;
    this.state = 'in';
    this.alarms.segment++;
    this.pending = [];
    return true;
  }
  /** Fallen out is hot and fast; else it stands elsewhere now. */
  private judge(minute: number, hot: boolean, jump: number, expect: number | undefined): void {
    const [first] = this.pending;
    const last = this.pending.at(-1);
    if (!first || !last) return;
    const rate = (last.celsius - first.celsius) / Math.max(MINUTES_A_READING, last.minute - first.minute);
    const expectedRate =
      expect === undefined
        ? 0
        : (expect - (this.expected.at(first.minute) ?? expect)) / Math.max(MINUTES_A_READING, minute - first.minute);
    if (hot || (Math.abs(rate - expectedRate) > 8 && Math.abs(jump) > 8)) {
      this.state = 'out';
      this.alarms.raise('fallen-out', minute);
      for (const reading of this.readings) if (reading.minute > first.minute - 0.3) reading.use = false;
    } else {
      this.alarms.segment++;
      this.alarms.raise('moved', minute);
      for (const each of this.pending) this.take(each, true);
      this.drift = 0;
    }
    this.pending = [];
  }
}
