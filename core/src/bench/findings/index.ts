export { findingsIn, sortedOut, type Findings, type SetAside } from './find.js';
export { bakeFindings } from './bake-findings.js';
export { applyFix } from './apply-fix.js';
export {
  nameIn,
  type Finding,
  type FindingCode,
  type FindingFacts,
  type Fix,
  type RuleCode,
  type RuleFacts,
} from './finding.js';
