export { OPTION_KINDS, runCommand, USAGE } from './run-command.js';
export type { Outcome } from './outcome.js';
