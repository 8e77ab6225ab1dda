export { methodSays, type MethodSays } from './method-words.js';
export { usualMinutes, worksOf } from './at-pace.js';
export { usualWorksOf } from './batch-tasks.js';
export { WORK_PROBLEMS, type BatchToPlan, type ServedAs, type WorkProblem, type WorksRead } from './order.js';
