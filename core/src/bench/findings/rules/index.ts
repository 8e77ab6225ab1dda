import type { Rule } from '../evidence.js';
import { bowl, flourBasis } from './bowl.js';
import { heatLimits } from './heat-limits.js';
import { acidLeftOver, gas, leavenerWithoutAmount, leavening } from './leavening.js';
import { cupRegion, saltKind } from './measures.js';
import { linesAndSteps, unlisted } from './method.js';
import { panFit, panSize } from './pan.js';
import { readings } from './readings.js';
import { denied, eatenRaw, forBabies } from './safety.js';
import { binder, carrying, farOff, thirsty, wholeGrain } from './structure.js';
import { temperatures } from './temperatures.js';
import { warmth } from './warmth.js';

/** What none of the styles is meant for is not judged by what holds for them. */
const ofStyles =
  (...rules: readonly Rule[]): Rule =>
  (evidence) =>
    evidence.beyond === undefined ? rules.flatMap((rule) => rule(evidence)) : [];

const beyond: Rule = ({ beyond: is }) =>
  is === undefined ? [] : [{ code: 'beyond-styles', severity: 'note', place: '', facts: { is } }];

/** Everything a formula is looked over for, in the order in which a baker wants to know. */
export const RULES: readonly Rule[] = [
  readings, beyond, leavenerWithoutAmount, denied, forBabies, eatenRaw, ofStyles(leavening, acidLeftOver, gas), temperatures, heatLimits,
  panSize, ofStyles(panFit), linesAndSteps, unlisted, warmth, ofStyles(farOff, carrying, binder, wholeGrain, thirsty), saltKind, cupRegion,
  bowl, flourBasis,
]; // prettier-ignore
