import { LOCALE } from '@orvin/core/ground/language';
const TIME = new Intl.DateTimeFormat(LOCALE, { hour: '2-digit', minute: '2-digit' });

/** An instant as the kitchen clock shows it: 14:05. */
export const clockAt = (instant: number): string => TIME.format(instant);

const DAY = new Intl.DateTimeFormat(LOCALE, { day: 'numeric', month: 'short' });
/** The day of an instant: 28 Nov. */
export const dayOf = (instant: number): string => DAY.format(instant);

/** The instant at which a date, YYYY-MM-DD, begins where the page is read. */
export const midnightOf = (date: string): number => new Date(`${date}T00:00`).getTime();

/** The date of an instant where the page is read: "2026-11-28". */
export const dateOf = (instant: number): string => {
  const at = new Date(instant);
  const two = (figure: number) => String(figure).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
};
