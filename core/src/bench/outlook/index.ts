export { judgementOf, type Judgement } from './judgement.js';
export { portionsOf, type Portions } from './portions.js';
