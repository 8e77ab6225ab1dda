export {
  PLAIN_KITCHEN,
  USUAL_MIXER,
  USUAL_PLACE,
  forget,
  heatingMinutes,
  learn,
  mergedKitchens,
  type Kitchen,
  type MeasuredSet,
  type Mixer,
  type OwnMeasure,
  type OwnPan,
  type PackPrice,
  type Place,
  type WeighedMeasure,
} from './kitchen.js';
export {
  offsetReadOff,
  ovenOffset,
  UNKNOWN_OVEN,
  type OvenChange,
  type OvenOffset,
  type OvenReading,
  type OwnOven,
} from './own-oven.js';
export { QUANTITIES, type OwnStyle, type Quantity } from './own-style.js';
