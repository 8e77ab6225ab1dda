export { groupedBy, isSame, ownOf, without, withoutUndefined } from './records.js';
export { mergeThree, type Merged } from './merge.js';
