export {
  entryId,
  joinedLines,
  lineIdOf,
  mayComeIn,
  openLines,
  partOf,
  pieceGrams,
  usualPowderId,
  writtenApart,
} from './open-formula.js';
export { means } from './named.js';
export { readHave, type Had } from './have.js';
