export {
  airAt,
  saturationFromTable,
  saturationPascals,
  saturationSlope,
  SEA_LEVEL_PASCALS,
  type Air,
} from './steam.js';
