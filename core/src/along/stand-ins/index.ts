export { SCALE, ScaleStandIn, type ScaleReading } from './scale.js';
export { OVEN, OvenStandIn } from './oven.js';
export { THERMOMETERS, ThermometerStandIn, type ThermometerKind } from './thermometer.js';
export { BakedField } from './baked-field.js';
export { DEVICES, StandInKitchen, type Device, type StandInState } from './kitchen.js';
