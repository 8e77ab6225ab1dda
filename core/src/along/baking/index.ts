export {
  DONE_AT_OVEN,
  LOOKS,
  TOLD_BY,
  type DoneAtOven,
  type Happening,
  type HappeningKind,
  type Look,
  type ToldBy,
} from './happenings.js';
export {
  bakingState,
  batterFactor,
  bowlOf,
  gramsBefore,
  isByItself,
  isOver,
  targetOf,
  timeFactor,
  timersAt,
  unevenness,
  type AtOven,
  type BakingState,
  type Timer,
  type Weighed,
} from './baking-state.js';
export { probedAt, readingsOf } from './probe.js';
export { READING_EVERY, type Baking, type Reading } from './baking.js';
