import { AT_THE_MINUTE, BY_ITSELF, type PlannedTask } from '../../day/works/index.js';
import type { HeatScale } from '../../ground/units/index.js';
import { taskInWords } from '../../words/day-words/index.js';
import type { CalendarTask } from '../calendar/index.js';

/** A planned day as papers need it. */
export interface DayOnPaper {
  readonly name: string;
  readonly date: string;
  readonly tasks: readonly PlannedTask[];
  /** The name of a batch; '' for the oven's own. */
  readonly titleOf: (batch: number) => string;
  /** What the baker's oven goes by. */
  readonly scale: HeatScale;
  /** The wall's time of a minute. */
  readonly clock: (minute: number) => string;
  /** Names of hands, where there are several. */
  readonly pairs: readonly string[];
}

const ALARM_MINUTES = 2;

/**
 * What hands do as events; the same task has the same name in every plan of the day, so that a changed plan moves its event.
 * @param day a name that no other day has
 * @param instantOf milliseconds since 1970 of a minute
 * @param onlyAtTheMinute leaves out what has no minute of its own
 */
export function dayEvents(
  day: string,
  { tasks, titleOf, scale }: Pick<DayOnPaper, 'tasks' | 'titleOf' | 'scale'>,
  instantOf: (minute: number) => number,
  onlyAtTheMinute = false,
): readonly CalendarTask[] {
  const pieces = new Map<string, number>();
  return tasks
    .filter(({ kind }) => !BY_ITSELF.has(kind) && (!onlyAtTheMinute || AT_THE_MINUTE.has(kind)))
    .map((task): CalendarTask => {
      const piece = (pieces.get(task.id) ?? 0) + 1;
      pieces.set(task.id, piece);
      return {
        uid: `${day}-${task.id}-${piece}@orvin`.replaceAll(' ', '_'),
        summary: taskInWords(task, titleOf(task.batch), scale),
        from: instantOf(task.from),
        to: instantOf(Math.max(task.to, task.from + 1)),
        ...(AT_THE_MINUTE.has(task.kind) && { alarmMinutes: ALARM_MINUTES }),
      };
    });
}

/** The day as a list to tick. */
export function dayMarkdown({ name, date, tasks, titleOf, scale, clock, pairs }: DayOnPaper): string {
  const rows = tasks
    .filter(({ kind }) => kind !== 'cool' && kind !== 'rest' && kind !== 'from-store')
    .map((task) => {
      const who = task.hands > 0 && pairs.length > 1 ? ` (${pairs[task.pair ?? 0] ?? ''})` : '';
      return `- [ ] **${clock(task.from)}** ${taskInWords(task, titleOf(task.batch), scale)}${who}`;
    });
  return `# ${[name, date].filter(Boolean).join(', ')}\n\n${rows.join('\n')}\n`;
}
