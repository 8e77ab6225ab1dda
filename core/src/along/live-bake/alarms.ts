export const ALARM_CODES = ['fallen-out', 'frozen', 'moved', 'oven-off'] as const;
export type AlarmCode = (typeof ALARM_CODES)[number];
export interface Alarm {
  readonly code: AlarmCode;
  readonly minute: number;
}
/** What was noticed of the instruments, each thing once for each place the probe stood at. */
export class Alarms {
  readonly list: Alarm[] = [];
  segment = 0;
  private readonly raised = new Set<string>();

  raise(code: AlarmCode, minute: number): void {
    const key = `${code} ${this.segment}`;
    if (this.raised.has(key)) return;
    this.raised.add(key);
    this.list.push({ code, minute });
  }
}
