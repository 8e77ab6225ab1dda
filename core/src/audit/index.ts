export { auditFormula, type Audit, type AuditEntry, type AuditLine } from './audit-formula.js';
