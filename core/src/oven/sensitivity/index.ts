export { sensitivitiesOf, UNKNOWNS, type Sensitivity, type Unknown } from './sensitivity.js';
