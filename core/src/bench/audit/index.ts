export { auditFormula, type Audit, type AuditEntry, type AuditLine } from './audit-formula.js';
export { auditSafely, largestPart, withoutLines } from './audit-safely.js';
export { readStep, type ReadStep } from './steps.js';
