import { isoOf, instantOf, minuteOf, type DayClock } from '../../day/clock/index.js';
import { EMPTY_SHEET, type DaySheet, type Wish } from '../../day/sheets/index.js';
import {
  conflictOf,
  marginedWorks,
  planSheet,
  waysOutOf,
  type SheetOrder,
  type SheetPlan,
} from '../../day/planned-sheets/index.js';
import type { PlannedTask, TaskKind } from '../../day/works/index.js';
import { writeCalendar } from '../../papers/calendar/index.js';
import { dayEvents } from '../../papers/day-papers/index.js';
import { conflictInWords, sheetProblemInWords, wayOutInWords } from '../../words/day-words/index.js';
import { inOneLine } from '../../words/figures/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, wrongUse, type Outcome } from './outcome.js';
import { kitchenOf, readInput } from './read-input.js';

/** What a plan on the command line knows of now: the zone of the machine, and the moment. */
export interface Now {
  readonly zone: string;
  /** Milliseconds since 1970. */
  readonly instant: number;
}

const USUAL_SECONDS = 5;
/** Without --not-before nobody begins more than so many hours before the table. */
const LONGEST_DAY_HOURS = 18;

/** The names that the command line has for kinds of tasks: fewer than there are. */
const KINDS: Partial<Readonly<Record<TaskKind, string>>> = {
  soak: 'prepare',
  uncover: 'tent',
  'turn-down': 'turn',
  'set-oven': 'preheat',
  'from-store': 'take-out',
  thaw: 'take-out',
  'make-frosting': 'prepare',
  'crumb-coat': 'frost',
  fill: 'frost',
  own: 'prepare',
  griddle: 'bake',
};

/** `plan`: one formula a batch, all on the table by one hour; backwards around the ovens and hands there are. */
export function planCommand(
  files: readonly { readonly name: string; readonly text: string }[],
  options: Options,
  now: Now | undefined,
): Outcome {
  const { by } = options;
  if (by === undefined) return wrongUse('plan needs --by, such as --by "2026-11-28T15:00"');
  const clock: DayClock = { date: by.slice(0, 10), zone: now?.zone ?? 'UTC' };
  const due = minuteOf(clock, by);
  if (due === undefined) return wrongUse(`--by: "${by}" is no moment; write it as "2026-11-28T15:00"`);
  const nowMinute = now && minuteOfInstant(clock, now.instant);
  const formulas: Record<string, SheetOrder['formulas'][string]> = {};
  const wishes: Wish[] = [];
  for (const [i, { name, text }] of files.entries()) {
    const input = readInput(text, options, name);
    if ('refusal' in input) return input.refusal.code === 0 ? refused(name) : refusedIn(name, input.refusal);
    const id = `batch-${i + 1}`;
    formulas[id] = { formula: input.formula, ...(input.oven && { oven: input.oven }) };
    wishes.push({
      id,
      formulaId: id,
      title: input.formula.title,
      amount: '',
      due: isoOf(clock, due),
      served: 'fresh',
      ...(input.batch && { batch: input.batch }),
    });
  }
  const begins = options.notBefore === undefined ? due - LONGEST_DAY_HOURS * 60 : minuteOf(clock, options.notBefore);
  if (begins === undefined)
    return wrongUse(`--not-before: "${options.notBefore ?? ''}" is no moment; write it as "2026-11-28T09:15"`);
  if (begins >= due)
    return refused('the day begins after everything is due: give an earlier --not-before or a later --by');
  const order: SheetOrder = {
    sheet: sheetOf(clock, wishes, options),
    formulas,
    kitchen: kitchenOf(options),
    seconds: options.seconds ?? USUAL_SECONDS,
    begins,
    ...(nowMinute !== undefined && { now: nowMinute }),
  };
  const planned = planSheet(order);
  if (planned.kind === 'refused')
    return refused(planned.problems.map((problem) => inOneLine(sheetProblemInWords(problem))).join(' '));
  return done(planned.kind === 'none' ? infeasible(planned, order, clock) : feasible(planned, order, clock), {
    ...(options.ics !== undefined &&
      planned.kind === 'planned' && { [options.ics]: calendarOf(planned, clock, by, now) }),
  });
}
const minuteOfInstant = (clock: DayClock, instant: number): number =>
  Math.floor((instant - instantOf(clock, 0)) / 60_000);
const refusedIn = (name: string, refusal: Outcome): Outcome =>
  'message' in refusal ? { ...refusal, message: `${name === '' ? '' : `${name}: `}${refusal.message}` } : refusal;

function sheetOf(clock: DayClock, wishes: readonly Wish[], { hands = 1, ovens = 1, room }: Options): DaySheet {
  return {
    ...EMPTY_SHEET,
    ...clock,
    wishes,
    pairs: Array.from({ length: hands }, (_, i) => ({
      id: `pair-${i + 1}`,
      name: i === 0 ? 'you' : `pair ${i + 1}`,
      away: [],
    })),
    ovens: Array.from({ length: ovens }, (_, i) => ({ id: i === 0 ? 'oven' : `oven-${i + 1}`, name: i === 0 ? 'oven' : `oven ${i + 1}`, racks: 2 })), // prettier-ignore
    ...(room !== undefined && { roomCelsius: room }),
  };
}

type Feasible = Extract<SheetPlan, { kind: 'planned' }>;
function feasible({ plan, of, played }: Feasible, order: SheetOrder, clock: DayClock): object {
  const ovenOf = (task: PlannedTask) =>
    task.oven === undefined ? null : { id: order.sheet.ovens[task.oven]?.id ?? '', celsius: task.celsius ?? null };
  return {
    feasible: true,
    proven: plan.proven,
    cost: rounded(plan.cost),
    bound: rounded(plan.bound),
    startsAt: isoOf(clock, plan.startsAt),
    ovenMinutes: plan.ovenMinutes,
    tasks: plan.tasks.map((task) => ({
      id: task.id,
      batch: of.works[task.batch]?.title ?? '',
      kind: KINDS[task.kind] ?? task.kind,
      startsAt: isoOf(clock, task.from),
      endsAt: isoOf(clock, task.to),
      hands: task.hands,
      oven: ovenOf(task),
      evening: task.from < 0,
    })),
    deadlines: of.works.map((work, i) => ({
      batch: work.title,
      by: isoOf(clock, work.dueMinute),
      readyAt: isoOf(clock, readyOf(of.works, plan.tasks, i)),
      onTimeShare: rounded(played.onTime[i] ?? 0, 3),
    })),
    conflict: [],
    waysOut: [],
  };
}
/** When a batch is ready, as planned. */
function readyOf(works: Feasible['of']['works'], tasks: readonly PlannedTask[], batch: number): number {
  const work = works[batch];
  const last = work?.finishing.at(-1);
  const end = (kind: TaskKind) => tasks.findLast((task) => task.batch === batch && task.kind === kind)?.to ?? 0;
  if (last) return end(last.kind) + last.waitMinutes;
  if (work?.griddle) return end('griddle') + work.griddle.coolMinutes;
  if (work?.oven) return end('out') + work.oven.coolMinutes;
  return work?.thawMinutes === undefined ? end('from-store') : end('thaw') + work.thawMinutes;
}

function infeasible({ proven, of }: Extract<SheetPlan, { kind: 'none' }>, order: SheetOrder, clock: DayClock): object {
  const margined = marginedWorks(order);
  const loosened = margined && {
    conflict: conflictOf(margined, Math.min(2, order.seconds / 2)),
    ways: waysOutOf(margined, order.seconds),
  };
  const titles = of.works.map(({ title }) => title);
  return {
    feasible: false,
    proven,
    cost: null,
    bound: null,
    startsAt: null,
    ovenMinutes: null,
    tasks: [],
    deadlines: of.works.map((work) => ({
      batch: work.title,
      by: isoOf(clock, work.dueMinute),
      readyAt: null,
      onTimeShare: null,
    })),
    conflict: loosened
      ? [
          {
            batches: loosened.conflict.batches.map((i) => titles[i] ?? ''),
            short: loosened.conflict.short,
            earlierMinutes: loosened.conflict.earlierMinutes ?? null,
            message: inOneLine(conflictInWords(loosened.conflict, titles)),
          },
        ]
      : [],
    waysOut: (loosened?.ways ?? []).map((way) => ({
      code: way.code,
      startsAt: isoOf(clock, way.evening?.plan.startsAt ?? way.plan.startsAt),
      message: inOneLine(wayOutInWords(way, titles)),
    })),
  };
}

/** The tasks of hands as events. */
const calendarOf = ({ plan, of }: Feasible, clock: DayClock, by: string, now: Now | undefined): string =>
  writeCalendar(
    `Baking for ${by.replace('T', ' ')}`,
    dayEvents(
      clock.date,
      { tasks: plan.tasks, titleOf: (batch) => of.works[batch]?.title ?? '', scale: 'C' },
      (minute) => instantOf(clock, minute),
    ),
    now?.instant ?? 0,
  );
