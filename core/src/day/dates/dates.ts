/* Dates without a clock: "2026-11-28". What needs the hour of a place is in the clock. */

const DAY_MILLISECONDS = 86_400_000;
const DATE = /^(\d{4})-(\d{2})-(\d{2})$/;

/** Milliseconds of its midnight in UTC; NaN for what is no date. */
function utc(date: string): number {
  const parts = DATE.exec(date);
  if (!parts) return NaN;
  const [year, month, day] = [Number(parts[1]), Number(parts[2]), Number(parts[3])];
  const at = new Date(Date.UTC(year, month - 1, day));
  // Date rolls the 31st of November, and a month 99, on to another day
  return at.getUTCDate() === day && at.getUTCMonth() === month - 1 ? at.getTime() : NaN;
}

export const isDate = (date: string): boolean => Number.isFinite(utc(date));
/** So many days later, or earlier. */
export const dateShifted = (date: string, days: number): string =>
  new Date(utc(date) + days * DAY_MILLISECONDS).toISOString().slice(0, 10);
export const daysBetween = (from: string, to: string): number => Math.round((utc(to) - utc(from)) / DAY_MILLISECONDS);
/** 0 Sunday … 6 Saturday. */
export const weekdayOf = (date: string): number => new Date(utc(date)).getUTCDay();
