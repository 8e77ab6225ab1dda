// The database library as browsers of today run it: a kilobyte less of every first visit than what the package names first.
export { Dexie, RangeSet } from 'dexie/dist/modern/dexie.mjs';
