export { ALARM_CODES, type Alarm, type AlarmCode } from './alarms.js';
export { LiveBake, type LiveEstimate, type LiveOptions } from './live-bake.js';
export type { PriorStates } from './place-fit.js';
export { learnBake, SIGMA, type LiveModel } from './surrogate.js';
export { Section } from './probe-places.js';
export {
  courseWith,
  FollowedBake,
  foreseenSpec,
  priorOf,
  type LiveEvent,
  type LiveJob,
  type LiveReading,
} from './live-job.js';
