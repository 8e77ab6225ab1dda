import type { PlannedTask, TaskKind } from '@orvin/core/day/works';

/*
 * What a bake along tells the day it is planned in: once a batch is in the oven everything before that is done, and it went in when it went
 * in; the same when it comes out. The day then plans what is left from there.
 */

const BEFORE_OVEN: ReadonlySet<TaskKind> = new Set<TaskKind>([
  'take-out',
  'chill',
  'soak',
  'prepare',
  'line',
  'weigh',
  'mix',
  'portion',
]);
const IN_OVEN: ReadonlySet<TaskKind> = new Set<TaskKind>(['turn', 'tent', 'uncover', 'turn-down', 'out']);
/** These have their own moment. */
const AT_ITS_MINUTE = { in: 'portion', out: 'out' } as const;

/**
 * @param wishId of the day's batch; a batch that is baked in several goes has tasks of `wishId.1`, `wishId.2`
 * @param minute of the day, now
 * @returns when each task was done, by its id
 */
export function dayTicks(
  tasks: readonly Pick<PlannedTask, 'id' | 'kind' | 'from'>[],
  wishId: string,
  what: 'in' | 'out',
  minute: number,
): Readonly<Record<string, number>> {
  const kinds = what === 'in' ? BEFORE_OVEN : IN_OVEN;
  const ticks: Record<string, number> = {};
  for (const { id, kind, from } of tasks) {
    const isIts = id.startsWith(`${wishId}:`) || id.startsWith(`${wishId}.`);
    if (isIts && kinds.has(kind)) ticks[id] = kind === AT_ITS_MINUTE[what] ? minute : Math.min(from, minute);
  }
  return ticks;
}
