export {
  auditFormula,
  sortedOut,
  type Audit,
  type AuditEntry,
  type AuditLine,
  type SetAside,
} from './audit-formula.js';
export { auditSafely } from './audit-safely.js';
export { bakeFindings } from './audit-bake.js';
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
export type { ReadStep } from './evidence.js';
