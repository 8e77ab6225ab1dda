import type { Formula } from '../../formula/formula/index.js';
import { NO_SURROUNDINGS, type Severity, type Surroundings } from '../../formula/parsing/index.js';
import { auditFormula, auditSafely, largestPart, type Audit } from '../audit/index.js';
import { evidenceOf } from './evidence.js';
import type { Finding } from './finding.js';
import { RULES } from './rules/index.js';

/** A finding that the baker set aside. */
export interface SetAside {
  readonly finding: Finding;
  readonly reason: string;
}

/** What does not add up in a formula. */
export interface Findings {
  /** The gravest first; what was set aside is not among it. */
  readonly findings: readonly Finding[];
  readonly setAside: readonly SetAside[];
}

/**
 * Looks a formula over for what does not add up. A line that cannot be computed is marked as not understood, and the others are looked over
 * without it.
 * @param audit what the formula comes to, where that is known already
 */
export function findingsIn(
  formula: Formula,
  around: Surroundings = NO_SURROUNDINGS,
  audit: Audit = auditSafely(formula, around),
): Findings {
  const { made: found, without } = largestPart(formula, (part) => {
    const evidence = evidenceOf(part, around, part === formula ? audit : auditFormula(part, around));
    return RULES.flatMap((rule) => rule(evidence));
  });
  const damaged = [...new Set([...audit.leftOut, ...without])];
  const notUnderstood = damaged.map((place): Finding => ({ code: 'not-understood', severity: 'error', place, facts: {} })); // prettier-ignore
  return sortedOut([...notUnderstood, ...found], formula);
}

const GRAVITY: Readonly<Record<Severity, number>> = { error: 0, warning: 1, note: 2 };

/** Findings with the gravest first, and those that the baker set aside by themselves. */
export function sortedOut(unsorted: readonly Finding[], { dismissed = [] }: Pick<Formula, 'dismissed'>): Findings {
  const findings: Finding[] = [];
  const setAside: SetAside[] = [];
  for (const finding of unsorted) {
    const dismissal = dismissed.find(({ code, place }) => code === finding.code && place === finding.place);
    if (dismissal) setAside.push({ finding, reason: dismissal.reason });
    else findings.push(finding);
  }
  findings.sort((a, b) => GRAVITY[a.severity] - GRAVITY[b.severity]);
  return { findings, setAside };
}
