import type { HotterBy, LearnedHeating, LearnedHotSide, Side } from '../../kitchen/learned/index.js';
import { heatingFrom, USUAL_HEATING_MINUTES } from '../../oven/baking/index.js';

/* How long this oven heats, and which of its sides is hotter: each a mean drawn towards what is usual by how little was seen. */

/** Ovens heat so differently, and so sure is a lamp, and a thermometer in the air, ln(minutes). @source book.md, section 2: judged */
const HEATING = 0.35;
const BY = { lamp: 0.25, thermometer: 0.1 } as const;

/** From cold until it was ready: by a thermometer at its set point, or by its lamp at 180 °C, as the baker says it. */
export interface HeatedOnce {
  readonly celsius: number;
  readonly minutes: number;
  readonly by: keyof typeof BY;
}
export function learnHeating(seen: readonly HeatedOnce[]): LearnedHeating | undefined {
  if (seen.length === 0) return undefined;
  let precision = 1 / HEATING ** 2;
  let sum = Math.log(USUAL_HEATING_MINUTES) * precision;
  for (const { celsius, minutes, by } of seen) {
    const weight = 1 / BY[by] ** 2;
    precision += weight;
    sum += weight * Math.log(by === 'lamp' ? minutes : heatingFrom(minutes, celsius));
  }
  return { minutesTo180: Math.exp(sum / precision), spread: 1 / Math.sqrt(precision), timed: seen.length };
}

/** Sides of an oven differ by so much, °C; a step of colour from one side to the other is so many °C, seen so surely. @source book.md, section 2: judged from the kinetics of browning */
const AXIS = 6;
const STEP = 12;
const SEEN = 10;

/** Which side of a bake that was never turned came out browner, and by how many steps of colour. */
export interface Browned {
  readonly side: Side | 'even';
  readonly steps: number;
}
export function learnHotSide(seen: readonly Browned[]): LearnedHotSide | undefined {
  if (seen.length === 0) return undefined;
  const axis = (over: Side, under: Side): HotterBy => {
    const precision = 1 / AXIS ** 2 + seen.length / SEEN ** 2;
    const sum = seen.reduce((total, { side, steps }) => total + (side === over ? steps : side === under ? -steps : 0) * STEP, 0); // prettier-ignore
    return { celsius: sum / SEEN ** 2 / precision, spread: 1 / Math.sqrt(precision) };
  };
  return { backOverFront: axis('back', 'front'), rightOverLeft: axis('right', 'left'), bakes: seen.length };
}
