/** "14:05" of "2026-11-28T14:05". */
export const timeOf = (iso: string): string => iso.slice(11, 16);

/** "8 min", "1 h 26", "2 h". */
export function minutesInWords(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  const rest = whole % 60;
  return `${Math.floor(whole / 60)} h${rest === 0 ? '' : ` ${String(rest).padStart(2, '0')}`}`;
}
