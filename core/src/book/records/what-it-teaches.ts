import { doneEvidence, type Lessons, type TaughtBake } from '../learning/index.js';
import { learnHeating, learnHotSide, learnPace, type HeatedOnce } from '../routine/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import type { LearnedRoutine } from '../../kitchen/learned/index.js';
import { recipeOf, type BakeRecord } from './bake-record.js';

/* What a record teaches: of the oven and its recipe by its minutes, of hands and oven besides. */

/** How often something was changed in this kitchen by then. */
export const epochAt = (at: number, changes: readonly { readonly at: number }[]): number =>
  changes.filter((change) => change.at <= at).length;

export interface NamedRecord {
  readonly id: string;
  readonly record: BakeRecord;
}

/** Where the baker says how long the oven heats, it is said of this set point. */
const LAMP_CELSIUS = 180;
/** A thermometer held into the middle, and where most take such a bake out, are each so sure, °C. */
const CORE_READ = 1.5;
const CORE_USUAL = 1.5;
/** A middle that hardly warms any more, °C per ln(minutes), does not tell how long it was baked. */
const TELLS_FROM = 5;

/** How much longer than most a bake was in, by its middle as it came out. */
export function coreAtOutOf({ coreCelsius, foreseen }: BakeRecord): TaughtBake['coreAtOut'] {
  const core = foreseen?.core;
  if (coreCelsius === undefined || !core || core.perLnMinutes < TELLS_FROM) return undefined;
  const { usualCelsius, perLnMinutes } = core;
  return {
    over: (coreCelsius - usualCelsius) / perLnMinutes,
    spread: Math.hypot(CORE_READ, CORE_USUAL) / perLnMinutes,
  };
}

/** Why a bake teaches nothing of the oven. */
export type NoLesson = 'left-out' | 'not-foreseen' | 'contradicts-itself' | 'simulated';
export function lessonOf(
  { id, record }: NamedRecord,
  { rough, changes }: Pick<NonNullable<Kitchen['oven']>, 'rough' | 'changes'>,
): TaughtBake | NoLesson {
  if (record.leftOut !== undefined) return 'left-out';
  if (record.simulated) return 'simulated';
  const { foreseen, pan, celsius, fan, outMinutes, word, looks = [] } = record;
  if (!foreseen) return 'not-foreseen';
  const done = doneEvidence({ outMinutes, word, looks, rough: rough ?? false });
  if (!done) return 'contradicts-itself';
  const coreAtOut = coreAtOutOf(record);
  return {
    id,
    recipe: recipeOf(record),
    pan,
    celsius,
    fan,
    reckonedCelsius: foreseen.reckonedCelsius,
    predictedMinutes: foreseen.unlearned,
    done,
    epoch: epochAt(record.at, changes ?? []),
    ...(coreAtOut && { coreAtOut }),
  };
}

/**
 * All that the Book teaches, in the order it was baked.
 * @param lessonFrom for a caller that remembers the lesson of each record
 */
export function lessonsOf(
  records: readonly NamedRecord[],
  oven: NonNullable<Kitchen['oven']>,
  lessonFrom: typeof lessonOf = lessonOf,
): Lessons {
  const { changes = [], rough = false, readings } = oven;
  const inOrder = [...records].sort((a, b) => a.record.at - b.record.at);
  return {
    bakes: inOrder.flatMap((record) => {
      const lesson = lessonFrom(record, oven);
      return typeof lesson === 'string' ? [] : [lesson];
    }),
    readings: readings.map(({ at = 0, ...reading }) => ({ ...reading, epoch: epochAt(at, changes) })),
    rough,
    epoch: changes.length,
  };
}

/** What the Book teaches besides baking times; nothing of what is left out or was simulated, and of the oven only since it was changed last. */
export function routineOf(
  records: readonly BakeRecord[],
  { heatsInMinutes, changes = [] }: Pick<NonNullable<Kitchen['oven']>, 'heatsInMinutes' | 'changes'>,
): LearnedRoutine {
  const own = records.filter(({ leftOut, simulated }) => leftOut === undefined && !simulated);
  const inThisOven = own.filter(({ at }) => epochAt(at, changes) === changes.length);
  const lamp: readonly HeatedOnce[] =
    heatsInMinutes === undefined ? [] : [{ celsius: LAMP_CELSIUS, minutes: heatsInMinutes, by: 'lamp' }];
  const pace = learnPace(own.map(({ took = [] }) => took));
  const heated = inThisOven.flatMap((record) => record.heated ?? []);
  // what the baker says alone is used as it is said
  const heating = heated.length > 0 ? learnHeating([...lamp, ...heated]) : undefined;
  const hotSide = learnHotSide(inThisOven.flatMap(({ browned, turned }) => (browned && !turned ? [browned] : [])));
  return { ...(pace && { pace }), ...(heating && { heating }), ...(hotSide && { hotSide }) };
}
