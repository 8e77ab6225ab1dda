export { groupedBy, isSame, LAST_MOMENT, ownOf, without, withoutUndefined } from './records.js';
export { mergeThree, type Merged } from './merge.js';
