export { groupedBy, isSame, without, withoutUndefined } from './records.js';
export { mergeThree, type Merged } from './merge.js';
