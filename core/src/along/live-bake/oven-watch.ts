import type { AirCourse } from '../../oven/baking/index.js';
import { minutesLost } from '../oven-check/index.js';
import type { Alarms } from './alarms.js';

/** What the thermometer in the oven showed. */
export interface AirReading {
  readonly minute: number;
  readonly celsius: number;
  readonly setPoint: number;
  /** Teaches of the oven's error; not while a door is open. */
  use: boolean;
}
interface Door {
  readonly minute: number;
  lostMinutes: number;
}

/** A door falls so far in 45 s; power off so far in 4 min and does not come back. */
const DOOR_FALL = 8;
const OFF_FALL = 18;
const READINGS_A_MINUTE = 4;
/** A look costs so many minutes, one in ten minutes from about half time on. */
const LOOK_COST = 0.4;
const LOOKS_FROM = 0.47;
const LOOK_EVERY = 10;
const COMES_BACK_IN = 4;
/** What a door took reaches the middle over this share of the way. */
const LET_IN_OVER = 0.15;

/**
 * The oven's air as it is measured. Heat that was not given while the air was cold is counted as minutes lost on the bake's clock: a
 * thermometer's lag does not change that integral.
 */
export class OvenWatch {
  readonly readings: AirReading[] = [];
  private readonly doors: Door[] = [];
  private doorUntil = -Infinity;
  /** Above the set point before the door opened, °C. */
  private level = 0;

  constructor(private readonly alarms: Alarms) {}

  read(minute: number, celsius: number, setPoint: number): void {
    const reading: AirReading = { minute, celsius, setPoint, use: minute > 2 };
    this.readings.push(reading);
    const n = this.readings.length;
    const back = (steps: number) => this.readings[n - steps];
    if (this.doorUntil > minute) this.whileOpen(reading);
    else if (n > 14 && minute > 5 && (back(4)?.celsius ?? celsius) - celsius > DOOR_FALL)
      this.opens(4, minute - 0.5, minute); // prettier-ignore
    else if (
      n > 20 &&
      minute > 9 &&
      back(17)?.setPoint === setPoint &&
      (back(17)?.celsius ?? celsius) - celsius > OFF_FALL
    ) {
      this.opens(17, minute - 4, minute);
      this.alarms.raise('oven-off', minute);
    }
  }
  private opens(readingsBack: number, from: number, minute: number): void {
    const above = (list: readonly AirReading[]) =>
      list.reduce((sum, each) => sum + (each.celsius - each.setPoint) / list.length, 0);
    const before = this.readings.slice(-readingsBack - 10, -readingsBack).filter(({ use }) => use);
    this.level = above(before.length > 0 ? before : this.readings.slice(-readingsBack - 2, -readingsBack));
    this.doorUntil = minute + 4;
    this.doors.push({ minute: from, lostMinutes: 0 });
    for (const reading of this.readings.slice(-readingsBack + 1)) {
      this.lose(reading);
      reading.use = false;
    }
  }
  private whileOpen(reading: AirReading): void {
    const { minute, celsius, setPoint } = reading;
    reading.use = false;
    this.lose(reading);
    if (celsius < setPoint + this.level - 12) this.doorUntil = Math.max(this.doorUntil, minute + 2);
    const door = this.doors.at(-1);
    if (door && minute - door.minute > 5 && celsius < setPoint + this.level - 20) this.alarms.raise('oven-off', minute);
  }
  private lose({ celsius, setPoint }: AirReading): void {
    const door = this.doors.at(-1);
    if (!door) return;
    const missing = Math.max(-5, setPoint + this.level - celsius);
    door.lostMinutes += minutesLost(missing / READINGS_A_MINUTE, setPoint);
  }

  /** Minutes lost that the middle feels by now. */
  lostBy(minute: number, tau: number): number {
    let lost = 0;
    for (const door of this.doors)
      if (minute > door.minute)
        lost += Math.max(0, door.lostMinutes) * (1 - Math.exp(-(minute - door.minute) / (LET_IN_OVER * tau)));
    return lost;
  }
  /** All that was lost, and what looks still to come will cost; how sure, as a standard deviation, minutes. */
  lostInAll(now: number, done: number): { readonly sure: number; readonly ahead: number; readonly spread: number } {
    const looks = Math.max(0, done - Math.max(now, LOOKS_FROM * done)) / LOOK_EVERY;
    const ahead = looks * LOOK_COST + this.stillLosing(now);
    const sure = this.doors.reduce((sum, { lostMinutes }) => sum + Math.max(0, lostMinutes), 0);
    return { sure, ahead, spread: Math.hypot(0.2 * sure, 0.5 * Math.sqrt(ahead * LOOK_COST)) };
  }
  /** What the last look will still cost: the thermometer lags, and the oven comes back slowly. */
  private stillLosing(now: number): number {
    const last = this.doors.at(-1);
    if (!last) return 0;
    const young = Math.max(0, 1 - (now - last.minute) / COMES_BACK_IN);
    return Math.max(0, LOOK_COST - last.lostMinutes) * young;
  }
  /** The doors so far are in the measured course: they count no more. */
  forgetDoors(): void {
    this.doors.length = 0;
    this.doorUntil = -Infinity;
  }
  /** What was measured, from going in on, as a course that the simulation can follow; then the set point and what the oven lags by. */
  course(longestMinutes: number): AirCourse | undefined {
    const [first] = this.readings;
    const last = this.readings.at(-1);
    if (!first || !last) return undefined;
    const used = this.readings.filter(({ use }) => use);
    const lags = used.reduce((sum, each) => sum + (each.celsius - each.setPoint) / used.length, 0);
    const everySeconds = 60 / READINGS_A_MINUTE;
    const celsius: number[] = [];
    let nth = 0;
    let air = first.celsius;
    for (let seconds = 0; seconds <= longestMinutes * 60; seconds += everySeconds) {
      const minute = seconds / 60;
      while ((this.readings[nth + 1]?.minute ?? Infinity) <= minute) nth++;
      const measured = minute <= last.minute ? this.readings[nth]?.celsius : undefined;
      air = measured ?? air + (last.setPoint + lags - air) * (1 - Math.exp(-everySeconds / HEATS_SECONDS));
      celsius.push(air);
    }
    return { everySeconds, celsius };
  }
}
const HEATS_SECONDS = 300;
