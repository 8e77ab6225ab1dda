export { methodSays, type MethodSays } from './method-words.js';
export {
  WORK_PROBLEMS,
  worksOf,
  type BatchToPlan,
  type ServedAs,
  type WorkProblem,
  type WorksRead,
} from './batch-tasks.js';
