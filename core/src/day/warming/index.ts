export { THINGS_FROM_FRIDGE, warmUpMinutes, type ThingFromFridge, type WarmUp } from './warm-up.js';
export { thawHours, type Thawing } from './thawing.js';
