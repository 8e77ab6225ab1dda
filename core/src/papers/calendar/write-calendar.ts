import ical, { ICalAlarmType } from 'ical-generator';

/** An event of the baker's day. */
export interface CalendarTask {
  /** The same in every plan of the same day, so that a changed plan updates the event. */
  readonly uid: string;
  readonly summary: string;
  readonly description?: string;
  /** Milliseconds since 1970. */
  readonly from: number;
  readonly to: number;
  /** Minutes before, for an alarm. */
  readonly alarmMinutes?: number;
}

/** Events as iCalendar (RFC 5545), in UTC, so that no time zone has to travel with them. @param stamp milliseconds since 1970 */
export function writeCalendar(name: string, tasks: readonly CalendarTask[], stamp: number): string {
  const calendar = ical({ name, prodId: { company: 'Orvin', product: 'Day' } });
  for (const { uid, summary, description, from, to, alarmMinutes } of tasks) {
    const event = calendar.createEvent({
      id: uid,
      summary,
      start: new Date(from),
      end: new Date(to),
      stamp: new Date(stamp),
      ...(description !== undefined && { description }),
    });
    if (alarmMinutes !== undefined)
      event.createAlarm({ type: ICalAlarmType.display, triggerBefore: alarmMinutes * 60, description: summary });
  }
  return calendar.toString();
}
