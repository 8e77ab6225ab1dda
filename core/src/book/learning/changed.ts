import { learnedBake } from '../../kitchen/learned/index.js';
import { learnFrom } from './learn.js';
import type { Lessons, TaughtBake } from './lessons.js';

/** A bake misses when it lies so many standard deviations off, and clearly does not below the second. @source book.md, section 2 */
const MISS = 1.6;
const NO_MISS = 0.8;
/** Misses in a row on one side that are asked about. */
const MISSES = 2;
/** Older bakes were asked about when they were made. */
const LOOKED_AT = 6;

/** How far a bake lies from what all before it foresaw, in standard deviations: more than 0 took longer. */
export function surprise(before: Lessons, bake: TaughtBake): number {
  const { kitchen } = learnFrom(before);
  const { factor, window } = learnedBake(kitchen, bake);
  return (bake.done.ln - Math.log(bake.predictedMinutes) - Math.log(factor)) / Math.hypot(window, bake.done.spread);
}

/**
 * The last bakes that missed in a row on one side: learning takes them for absurd, so the baker is asked whether oven, thermometer or tin
 * have changed. Empty where nothing needs to be asked.
 * @param lessons in the order they were baked
 */
export function missesInARow(lessons: Lessons): readonly string[] {
  const { bakes, epoch = 0 } = lessons;
  const { scatter } = learnFrom(lessons).kitchen;
  let run: readonly string[] = [];
  let side = 0;
  for (let i = Math.max(1, bakes.length - LOOKED_AT); i < bakes.length; i++) {
    const bake = bakes[i];
    if (!bake || (bake.epoch ?? 0) !== epoch) continue;
    const z = surprise({ ...lessons, bakes: bakes.slice(0, i), scatter: Math.min(scatter, 0.07) }, bake);
    if (Math.abs(z) > MISS) {
      run = Math.sign(z) === side ? [...run, bake.id] : [bake.id];
      side = Math.sign(z);
    } else if (Math.abs(z) < NO_MISS) [run, side] = [[], 0];
  }
  return run.length >= MISSES ? run : [];
}
