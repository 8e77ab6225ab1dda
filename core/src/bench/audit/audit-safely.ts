import { linesOf, type Formula } from '../../formula/formula/index.js';
import { NO_SURROUNDINGS, type Surroundings } from '../../formula/parsing/index.js';
import { auditFormula, type Audit, type AuditLine } from './audit-formula.js';

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

/** A formula without some of its lines. */
export const withoutLines = (formula: Formula, lineIds: readonly string[]): Formula =>
  lineIds.length === 0 ? formula : withLines(formula, (id) => !lineIds.includes(id));

function attempt<Made>(make: () => Made): Made | undefined {
  try {
    return make();
  } catch {
    return undefined;
  }
}

/** What can be made of a formula, and the lines that it is made without: none, one, or as few as can be. */
export function largestPart<Made>(
  formula: Formula,
  make: (part: Formula) => Made,
): { readonly made: Made; readonly without: readonly string[] } {
  const whole = attempt(() => make(formula));
  if (whole !== undefined) return { made: whole, without: [] };
  const all = linesOf(formula).map(({ id }) => id);
  for (const id of all) {
    const made = attempt(() => make(withoutLines(formula, [id])));
    if (made !== undefined) return { made, without: [id] };
  }
  // several are damaged: each is taken in that can be computed with those before it
  const kept = new Set<string>();
  const holds = (lineId: string) => kept.has(lineId);
  for (const id of all)
    if (attempt(() => make(withLines(formula, (lineId) => lineId === id || holds(lineId)))) !== undefined) kept.add(id);
  return { made: make(withLines(formula, holds)), without: all.filter((id) => !holds(id)) };
}

/** Like `auditFormula`; a line that cannot be computed is left out: it is listed as written, with nothing understood. */
export function auditSafely(formula: Formula, around: Surroundings = NO_SURROUNDINGS): Audit {
  const { made: audit, without } = largestPart(formula, (part) => auditFormula(part, around));
  if (without.length === 0) return audit;
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
  return { ...audit, lines: [...audit.lines, ...unread], leftOut: without };
}
