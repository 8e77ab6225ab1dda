import { NO_SURROUNDINGS, type Surroundings } from '../../formula/parsing/index.js';
import { linesOf, type Formula } from '../../formula/formula/index.js';
import { auditFormula, sortedOut, type Audit, type AuditLine } from './audit-formula.js';
import type { Finding } from './finding.js';

/*
 * One damaged line never takes a station. Where a formula cannot be computed as it stands, the line that stands in the way is looked for,
 * left out of the sums, and said; the rest is computed as ever.
 */

const withLines = (formula: Formula, keep: (lineId: string) => boolean): Formula => ({
  ...formula,
  components: formula.components.map((component) => ({
    ...component,
    lines: component.lines.filter(({ id }) => keep(id)),
  })),
});

function attempt(formula: Formula, around: Surroundings): Audit | undefined {
  try {
    return auditFormula(formula, around);
  } catch {
    return undefined;
  }
}

/** The largest part of a formula that can be computed, and the lines that it is without. */
function largestPart(
  formula: Formula,
  around: Surroundings,
): { readonly audit: Audit; readonly without: readonly string[] } {
  const all = linesOf(formula).map(({ id }) => id);
  for (const id of all) {
    const audit = attempt(
      withLines(formula, (lineId) => lineId !== id),
      around,
    );
    if (audit) return { audit, without: [id] };
  }
  // several are damaged: each is taken in that can be computed with those before it
  const kept = new Set<string>();
  for (const id of all)
    if (
      attempt(
        withLines(formula, (lineId) => lineId === id || kept.has(lineId)),
        around,
      )
    )
      kept.add(id);
  const audit = auditFormula(
    withLines(formula, (lineId) => kept.has(lineId)),
    around,
  );
  return { audit, without: all.filter((id) => !kept.has(id)) };
}

/** Like `auditFormula`; a line that cannot be computed is left out and marked as not understood. */
export function auditSafely(formula: Formula, around: Surroundings = NO_SURROUNDINGS): Audit {
  const whole = attempt(formula, around);
  if (whole) return whole;
  const { audit, without } = largestPart(formula, around);
  const left = new Set(without);
  const unread = formula.components.flatMap(({ id: componentId, lines }) =>
    lines
      .filter(({ id }) => left.has(id))
      .map((line): AuditLine => ({
        lineId: line.id,
        componentId,
        inBatter: true,
        text: line.text,
        grams: undefined,
        bakersPercent: undefined,
        entries: [],
        optional: false,
      })),
  );
  const findings = unread.map(({ lineId }): Finding => ({
    code: 'not-understood',
    severity: 'error',
    place: lineId,
    facts: {},
  }));
  return { ...audit, lines: [...audit.lines, ...unread], ...sortedOut([...findings, ...audit.findings], formula) };
}
