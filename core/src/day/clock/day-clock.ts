import { DateTime, IANAZone } from 'luxon';

/*
 * Minutes of a planned day against the clock on the wall. They run on from midnight as time does, so that a bake across the change of the
 * clock still takes its minutes; the wall's time is worked out at the edges.
 */

/** A day in a place: "2026-11-28" in "Europe/London". */
export interface DayClock {
  readonly date: string;
  readonly zone: string;
}

const midnight = ({ date, zone }: DayClock): DateTime => DateTime.fromISO(date, { zone }).startOf('day');

export const isZone = (zone: string): boolean => IANAZone.isValidZone(zone);

/** Minutes from midnight to a local moment, "2026-11-28T15:00"; undefined for what is no moment. */
export function minuteOf(clock: DayClock, local: string): number | undefined {
  const moment = DateTime.fromISO(local, { zone: clock.zone });
  const start = midnight(clock);
  return moment.isValid && start.isValid ? Math.round(moment.diff(start, 'minutes').minutes) : undefined;
}
/** The wall's time of a minute, "2026-11-28T15:00". */
export const isoOf = (clock: DayClock, minute: number): string =>
  midnight(clock).plus({ minutes: minute }).toFormat("yyyy-MM-dd'T'HH:mm");
/** Milliseconds since 1970. */
export const instantOf = (clock: DayClock, minute: number): number =>
  midnight(clock).plus({ minutes: minute }).toMillis();
