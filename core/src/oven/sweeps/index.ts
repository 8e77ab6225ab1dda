export { bakeAt, besideOf, between, sweptAt, SWEEP_CELSIUS, type SweepPoint } from './sweep.js';
export { sweepPointSchema } from './sweep-schema.js';
