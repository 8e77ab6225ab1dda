import { heatingMinutes, type Kitchen } from '../../kitchen/kitchen/index.js';
import { USUAL_HEATING_MINUTES } from '../../oven/baking/index.js';
import type { BatchSettings } from '../../batch/plan/index.js';
import type { ServedAs } from '../tasks/index.js';
import type { PlannedTask } from '../works/index.js';

/*
 * A day as the baker says it: what is to be on the table when, who bakes, with what. Plain data, stored and exchanged; the plan that was
 * found last is kept beside it, so that it opens at once and without a network.
 */

export interface SheetSpan {
  /** "12:00". */
  readonly from: string;
  readonly to: string;
}
export interface SheetPair {
  readonly id: string;
  readonly name: string;
  readonly away: readonly SheetSpan[];
}
export interface SheetOven {
  readonly id: string;
  readonly name: string;
  readonly racks: number;
  /** As the kitchen's own oven heats, or as most do, where nobody says. */
  readonly minutesTo180?: number;
}

/** One batch and its hour. */
export interface Wish {
  readonly id: string;
  readonly formulaId: string;
  readonly title: string;
  /** What is made; the formula as it stands when absent. */
  readonly batch?: BatchSettings;
  /** How many of what, in words, as the baker said them. */
  readonly amount: string;
  /** Local, "2026-11-28T15:00". */
  readonly due: string;
  readonly served: ServedAs;
  readonly sliced?: boolean;
  readonly packed?: boolean;
  /** Of it the evening before does what can be done. */
  readonly eveningBefore?: boolean;
  /** Another set point than its own, to share the oven. */
  readonly celsius?: number;
  /** Made long before: on this date, "2026-10-24"; only finishing is left. */
  readonly madeOn?: string;
  /** Baked before, and in the freezer: it is taken out in time to thaw. */
  readonly frozen?: boolean;
}

/** Something that has to be done besides baking, by an hour. */
export interface OwnTask {
  readonly id: string;
  readonly what: string;
  readonly minutes: number;
  /** Local, "2026-11-28T13:30". */
  readonly due: string;
}

export interface DaySheet {
  readonly name: string;
  /** "2026-11-28", the day of the deadlines. */
  readonly date: string;
  readonly zone: string;
  readonly wishes: readonly Wish[];
  readonly own: readonly OwnTask[];
  readonly pairs: readonly SheetPair[];
  readonly ovens: readonly SheetOven[];
  readonly mixers: number;
  readonly bowls: number;
  readonly fridgeLitres: number;
  /** A drawer where nobody says. */
  readonly freezerLitres?: number;
  readonly roomCelsius: number;
  /** No hands before, "07:00". */
  readonly notBefore: string;
  /** Starts that the baker put, by task, minutes from midnight. */
  readonly locks: Readonly<Record<string, number>>;
  /** Starts of what is done, by task. */
  readonly done: Readonly<Record<string, number>>;
  /** Planned again from this minute on: what is done stays. */
  readonly plannedFrom?: number;
  /** Tasks that are left out. */
  readonly skipped: readonly string[];
  /** Minutes of tasks that the baker knows better, by task. */
  readonly minutes: Readonly<Record<string, number>>;
  /** Tasks given to a pair of hands, by its id. */
  readonly givenTo: Readonly<Record<string, string>>;
  /** What is ticked on the shopping list, by ingredient. */
  readonly ticked: readonly string[];
  /** Two half batches that differ in one thing: which. */
  readonly trial?: { readonly change: string };
  readonly kept?: KeptPlan;
}

/** The plan found last. */
export interface KeptPlan {
  readonly proven: boolean;
  readonly safe: boolean;
  readonly cost: number;
  readonly bound: number;
  readonly startsAt: number;
  readonly ovenMinutes: number;
  readonly tasks: readonly PlannedTask[];
  /** Share of days on time, by wish. */
  readonly onTime: readonly number[];
}

/** Minutes to 180 °C of an oven of the day: as the day says, as the kitchen's own heats where it is the first, else as most do. */
export const heatingOf = ({ minutesTo180 }: SheetOven, nth: number, kitchen: Kitchen): number =>
  minutesTo180 ?? (nth === 0 ? heatingMinutes(kitchen) : undefined) ?? USUAL_HEATING_MINUTES;

export const EMPTY_SHEET: Omit<DaySheet, 'date' | 'zone'> = {
  name: '',
  wishes: [],
  own: [],
  pairs: [{ id: 'you', name: 'you', away: [] }],
  ovens: [{ id: 'oven', name: 'oven', racks: 2 }],
  mixers: 1,
  bowls: 3,
  fridgeLitres: 40,
  roomCelsius: 21,
  notBefore: '07:00',
  locks: {},
  done: {},
  skipped: [],
  minutes: {},
  givenTo: {},
  ticked: [],
};
