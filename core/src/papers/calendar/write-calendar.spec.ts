import ical from 'ical.js';
import { writeCalendar } from './index.js';

/* Read back by an independent parser of RFC 5545. */
const eventsOf = (text: string) =>
  new ical.Component(ical.parse(text) as never).getAllSubcomponents('vevent').map((event) => new ical.Event(event));

describe('a calendar', () => {
  const from = Date.UTC(2026, 10, 28, 10, 40);
  const text = writeCalendar('Tea; tent, "first"', [{ uid: 'day-1:bake-1@orvin', summary: 'Out: pear, cardamom\nloaf', from, to: from + 60_000, alarmMinutes: 2 }], 0); // prettier-ignore
  const [event] = eventsOf(text);
  it('says the same moments, words and name to another reader', () => {
    expect(event?.uid).toBe('day-1:bake-1@orvin');
    expect(event?.summary).toBe('Out: pear, cardamom\nloaf');
    expect(event?.startDate.toJSDate().getTime()).toBe(from);
    expect(event?.endDate.toJSDate().getTime()).toBe(from + 60_000);
  });
  it('alarms before the minute', () => {
    expect(text).toContain('TRIGGER:-PT2M');
  });
  it('folds its lines as the format asks: none longer than 75 octets', () => {
    const long = writeCalendar('day', [{ uid: 'x', summary: 'é'.repeat(300), from, to: from }], 0);
    for (const line of long.split('\r\n')) expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
    expect(eventsOf(long)[0]?.summary).toBe('é'.repeat(300));
  });
});
