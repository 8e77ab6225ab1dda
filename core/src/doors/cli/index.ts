export { OPTION_KINDS, runCommand, USAGE } from './run-command.js';
export type { Outcome } from './outcome.js';
export { decodeText } from '../../ground/text/index.js';
