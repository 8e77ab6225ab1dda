export { CAUTION_CODES, cautionsFor, type Caution, type CautionCode } from './cautions.js';
