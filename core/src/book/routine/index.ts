export { learnHeating, learnHotSide, type Browned, type HeatedOnce } from './oven-habits.js';
export { learnPace, type WorkDone } from './pace.js';
