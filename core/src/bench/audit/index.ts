export {
  auditFormula,
  sortedOut,
  type Audit,
  type AuditEntry,
  type AuditLine,
  type SetAside,
} from './audit-formula.js';
export { bakeFindings } from './audit-bake.js';
export { applyFix } from './apply-fix.js';
export { RULE_CODES, type Finding, type FindingCode, type Fix, type RuleCode } from './finding.js';
export type { ReadStep } from './evidence.js';
