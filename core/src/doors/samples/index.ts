export { CORPUS_LINES, type CorpusLine, type Meant } from './corpus-lines.table.js';
export { CORPUS_TEXTS, type CorpusText } from './corpus-texts.table.js';
export { DEMO_SEASON, ELEMENT_CHANGED_DAYS_AGO, THERMOMETER_READ } from './demo-season.table.js';
export { DEMO_FORMULAS, type SampleFormula } from './demo-formulas.js';
export { PASTED_FORMULAS, type PastedFormula } from './pasted-formulas.js';
export { batterOf, PUBLISHED_BATTERS } from './published-batters.js';
export { TOLD_TEXTS, type ToldText } from './told-texts.table.js';
export { SOUND_FORMULAS } from './sound-formulas.table.js';
export { SECOND_TEXTS } from './second-texts.table.js';
