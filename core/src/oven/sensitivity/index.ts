export { sensitivitiesOf, UNKNOWNS, type Sensitivity, type Unknown } from './sensitivity.js';
export { sensitivitiesSchema } from './sensitivity-schema.js';
