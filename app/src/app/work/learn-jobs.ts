import { learnFrom, missesInARow, type BakeWeight, type Learned, type Lessons } from '@orvin/core/book/learning';
import { learnedOven, type LearnedKitchen, type LearnedOven } from '@orvin/core/kitchen/learned';

/** What the Book teaches, all of it. */
export interface BookLearned {
  readonly kitchen: LearnedKitchen;
  readonly weights: readonly BakeWeight[];
  /** The last bakes that missed on one side. */
  readonly misses: readonly string[];
}
/** How the oven was known after the first so many bakes. */
export interface OvenStep extends LearnedOven {
  readonly bakes: number;
  /** How often something had been changed. */
  readonly epoch: number;
}

/** What was learned last: one more bake is worked into it, which takes a tenth of the time. */
let last: { readonly lessons: Lessons; readonly learned: Learned } | undefined;

/** Whether all that was taught before is taught still, and at most this much more. */
const MORE = 3;
function goesOn(before: Lessons, now: Lessons): boolean {
  const rest = (lessons: Lessons) => JSON.stringify([lessons.readings, lessons.rough, lessons.epoch]);
  const more = now.bakes.length - before.bakes.length;
  if (more < 0 || more > MORE || rest(before) !== rest(now)) return false;
  const known = new Map(now.bakes.map((bake) => [bake.id, JSON.stringify(bake)]));
  return before.bakes.every((bake) => known.get(bake.id) === JSON.stringify(bake));
}

/** Few enough that learning all of them anew is no wait. */
const FEW = 60;
function learnBook(lessons: Lessons): BookLearned {
  const after = last && lessons.bakes.length > FEW && goesOn(last.lessons, lessons) ? last.learned : undefined;
  const learned = learnFrom({ ...lessons, ...(after && { after }) });
  last = { lessons, learned };
  return { kitchen: learned.kitchen, weights: learned.weights, misses: missesInARow(lessons) };
}

/** The oven as it came to be known: after so many bakes, about this many steps. */
const STEPS = 24;
function ovenCourse(lessons: Lessons): readonly OvenStep[] {
  const every = Math.max(1, Math.ceil(lessons.bakes.length / STEPS));
  const counts = Array.from({ length: Math.floor(lessons.bakes.length / every) + 1 }, (_, i) => i * every);
  if (counts.at(-1) !== lessons.bakes.length) counts.push(lessons.bakes.length);
  const { scatter } = learnFrom(lessons).kitchen;
  const epochAt = (bakes: number) =>
    bakes === lessons.bakes.length ? (lessons.epoch ?? 0) : (lessons.bakes[Math.max(0, bakes - 1)]?.epoch ?? 0);
  return counts.map((bakes) => {
    const epoch = epochAt(bakes);
    const readings = (lessons.readings ?? []).filter((reading) => (reading.epoch ?? 0) <= epoch);
    const then = { ...lessons, bakes: lessons.bakes.slice(0, bakes), readings, epoch, scatter };
    return { bakes, epoch, ...learnedOven(learnFrom(then).kitchen) };
  });
}

/** What the worker that learns can be asked for. */
export const learnJobs = { 'learn-book': learnBook, 'oven-course': ovenCourse } as const;
