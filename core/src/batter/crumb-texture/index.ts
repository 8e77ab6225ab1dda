export { FORCES, forcesOf, type Force, type ForceShare, type Forces } from './forces.js';
export { classicalRules, CLASSICAL_RULE_CODES, type ClassicalRule, type ClassicalRuleCode } from './classical-rules.js';
