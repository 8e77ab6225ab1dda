export { bandUnits, standing, type Band, type Range, type Standing } from './verdict.js';
