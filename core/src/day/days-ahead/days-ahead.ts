import { dateShifted, daysBetween } from '../dates/index.js';

/** Something on a day before. */
export interface AheadTask {
  readonly date: string;
  readonly kind: 'soak' | 'bake' | 'feed' | 'wrap' | 'thaw';
  readonly title: string;
  readonly minutes: number;
}

const WRAPPED_BEFORE = 7;

/**
 * The weeks of a cake that matures: soaked the evening before its bake, baked, fed until a week before it is cut, wrapped.
 * @param madeOn the date of its bake
 */
export function daysAhead(
  title: string,
  madeOn: string,
  date: string,
  { fedEveryDays, soaks }: { readonly fedEveryDays?: number; readonly soaks: boolean },
): readonly AheadTask[] {
  const whole = daysBetween(madeOn, date);
  const list: AheadTask[] = [];
  if (soaks) list.push({ date: dateShifted(madeOn, -1), kind: 'soak', title, minutes: 10 });
  list.push({ date: madeOn, kind: 'bake', title, minutes: 45 });
  if (fedEveryDays !== undefined) {
    for (let day = fedEveryDays; day <= whole - WRAPPED_BEFORE; day += fedEveryDays)
      list.push({ date: dateShifted(madeOn, day), kind: 'feed', title, minutes: 5 });
    if (whole > WRAPPED_BEFORE)
      list.push({ date: dateShifted(date, -WRAPPED_BEFORE), kind: 'wrap', title, minutes: 5 });
  }
  return list.sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : 0));
}
