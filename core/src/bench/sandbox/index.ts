export { knobsOf, tryOut, turned, type Knobs, type Section, type TriedOut } from './try-out.js';
export {
  answerOf,
  EXPERIMENTS,
  experimentOf,
  experimentsFor,
  type Answer,
  type Answered,
  type Asked,
  type Experiment,
  type ExperimentId,
} from './experiments.js';
export { takenOver, type TakenOver } from './take-over.js';
