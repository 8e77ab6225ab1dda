export { leastQuadratic, type Inequality } from './quadratic.js';
