export { readTargets, TARGET_FAULTS, type TargetFault, type TargetsRead } from './read-targets.js';
