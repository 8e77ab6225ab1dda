import type { Dismissal, Formula, FormulaComponent, FormulaLine, FormulaStep, LineShare } from './formula.js';

/* Changes of a formula, each giving a new one. What is not touched stays the very same object. */

function withLines(
  formula: Formula,
  change: (lines: readonly FormulaLine[], component: FormulaComponent) => readonly FormulaLine[],
): Formula {
  const components = formula.components.map((component) => {
    const lines = change(component.lines, component);
    return lines === component.lines ? component : { ...component, lines };
  });
  return components.every((component, i) => component === formula.components[i]) ? formula : { ...formula, components };
}

/** All lines, in the order written. */
export const linesOf = (formula: Formula): readonly FormulaLine[] => formula.components.flatMap(({ lines }) => lines);

/** The line of an id, wherever it is. */
export function lineOf(formula: Formula, lineId: string): FormulaLine | undefined {
  return linesOf(formula).find(({ id }) => id === lineId);
}

/** The component that holds a line. */
export function componentOf(formula: Formula, lineId: string): FormulaComponent | undefined {
  return formula.components.find(({ lines }) => lines.some(({ id }) => id === lineId));
}

/** Puts another line in the place of one. */
export function replaceLine(formula: Formula, line: FormulaLine): Formula {
  return withLines(formula, (lines) =>
    lines.some(({ id }) => id === line.id)
      ? lines.map((formulaLine) => (formulaLine.id === line.id ? line : formulaLine))
      : lines,
  );
}

/** What a line may be told besides its words; undefined takes it back. */
export type LineFacts = { readonly [K in Exclude<keyof FormulaLine, 'id' | 'text'>]?: FormulaLine[K] | undefined };

/** A line with something told about it, or taken back. */
export function withFacts(line: FormulaLine, facts: LineFacts): FormulaLine {
  const told = Object.entries({ ...line, ...facts }).filter(([, value]) => value !== undefined);
  return Object.fromEntries(told) as unknown as FormulaLine;
}

/** Tells something about the line of an id. */
export function tellLine(formula: Formula, lineId: string, facts: LineFacts): Formula {
  const line = lineOf(formula, lineId);
  return line ? replaceLine(formula, withFacts(line, facts)) : formula;
}

/** Puts lines behind one; behind the last of a component when that is named instead. */
export function insertLines(
  formula: Formula,
  behind: { readonly lineId: string } | { readonly componentId: string },
  added: readonly FormulaLine[],
): Formula {
  return withLines(formula, (lines, component) => {
    if ('componentId' in behind) return component.id === behind.componentId ? [...lines, ...added] : lines;
    const at = lines.findIndex(({ id }) => id === behind.lineId);
    return at < 0 ? lines : [...lines.slice(0, at + 1), ...added, ...lines.slice(at + 1)];
  });
}

/** Takes a line out. Its component stays, even when it was the last. */
export function removeLine(formula: Formula, lineId: string): Formula {
  return withLines(formula, (lines) =>
    lines.some(({ id }) => id === lineId) ? lines.filter(({ id }) => id !== lineId) : lines,
  );
}

/** Moves a line to a place in a component, counted without the line itself; beyond the end is the end. */
export function moveLine(formula: Formula, lineId: string, componentId: string, at: number): Formula {
  const line = lineOf(formula, lineId);
  if (!line || !formula.components.some(({ id }) => id === componentId)) return formula;
  const without = removeLine(formula, lineId);
  return withLines(without, (lines, component) => {
    if (component.id !== componentId) return lines;
    const place = Math.max(0, Math.min(at, lines.length));
    return [...lines.slice(0, place), line, ...lines.slice(place)];
  });
}

/** Moves a line up (−1) or down (1) by one place, over the border into the next component where it stands at the end of its own. */
export function shiftLine(formula: Formula, lineId: string, by: 1 | -1): Formula {
  const c = formula.components.findIndex(({ lines }) => lines.some(({ id }) => id === lineId));
  const component = formula.components[c];
  if (!component) return formula;
  const at = component.lines.findIndex(({ id }) => id === lineId) + by;
  if (at >= 0 && at < component.lines.length) return moveLine(formula, lineId, component.id, at);
  const next = formula.components[c + by];
  return next ? moveLine(formula, lineId, next.id, by > 0 ? 0 : next.lines.length) : formula;
}

export function renameComponent(formula: Formula, componentId: string, name: string): Formula {
  return {
    ...formula,
    components: formula.components.map((component) =>
      component.id === componentId ? { ...component, name } : component,
    ),
  };
}

/** Puts a component behind another, or at the end. */
export function addComponent(formula: Formula, component: FormulaComponent, behindId?: string): Formula {
  const at = formula.components.findIndex(({ id }) => id === behindId);
  const place = at < 0 ? formula.components.length : at + 1;
  return {
    ...formula,
    components: [...formula.components.slice(0, place), component, ...formula.components.slice(place)],
  };
}

/** Begins a new component at a line: it and all below it in its component move there. */
export function startComponentAt(formula: Formula, lineId: string, added: Omit<FormulaComponent, 'lines'>): Formula {
  const component = componentOf(formula, lineId);
  const at = component?.lines.findIndex(({ id }) => id === lineId) ?? -1;
  if (!component || at < 0) return formula;
  const shortened = withLines(formula, (lines, formulaComponent) =>
    formulaComponent.id === component.id ? lines.slice(0, at) : lines,
  );
  return addComponent(shortened, { ...added, lines: component.lines.slice(at) }, component.id);
}

/** Takes a component away; its lines go to the one before it, or the one behind. The last component stays. */
export function dissolveComponent(formula: Formula, componentId: string): Formula {
  const at = formula.components.findIndex(({ id }) => id === componentId);
  const gone = formula.components[at];
  const heir = formula.components[at - 1] ?? formula.components[at + 1];
  if (!gone || !heir) return formula;
  const lines = at > 0 ? [...heir.lines, ...gone.lines] : [...gone.lines, ...heir.lines];
  return {
    ...formula,
    components: formula.components
      .filter(({ id }) => id !== componentId)
      .map((component) => (component.id === heir.id ? { ...heir, lines } : component)),
  };
}

/** Moves a component up (−1) or down (1). */
export function shiftComponent(formula: Formula, componentId: string, by: 1 | -1): Formula {
  return { ...formula, components: shifted(formula.components, componentId, by) };
}

function shifted<T extends { readonly id: string }>(list: readonly T[], id: string, by: 1 | -1): readonly T[] {
  const at = list.findIndex((component) => component.id === id);
  const [moved, other] = [list[at], list[at + by]];
  if (!moved || !other) return list;
  const next = [...list];
  next[at] = other;
  next[at + by] = moved;
  return next;
}

export function replaceStep(formula: Formula, step: FormulaStep): Formula {
  return { ...formula, steps: formula.steps.map((formulaStep) => (formulaStep.id === step.id ? step : formulaStep)) };
}

/** Puts steps behind one; first of all when none is named. */
export function insertSteps(formula: Formula, behindId: string | undefined, added: readonly FormulaStep[]): Formula {
  const at = behindId === undefined ? -1 : formula.steps.findIndex(({ id }) => id === behindId);
  return { ...formula, steps: [...formula.steps.slice(0, at + 1), ...added, ...formula.steps.slice(at + 1)] };
}

/** Takes a step out; what it took of the lines is no longer said. */
export function removeStep(formula: Formula, stepId: string): Formula {
  const steps = formula.steps.filter(({ id }) => id !== stepId);
  return withLines({ ...formula, steps }, (lines) =>
    lines.some(({ split }) => split?.some((share) => share.stepId === stepId))
      ? lines.map((line) =>
          withShares(
            line,
            line.split?.filter((share) => share.stepId !== stepId),
          ),
        )
      : lines,
  );
}

export function shiftStep(formula: Formula, stepId: string, by: 1 | -1): Formula {
  return { ...formula, steps: shifted(formula.steps, stepId, by) };
}

function withShares(line: FormulaLine, split: readonly LineShare[] | undefined): FormulaLine {
  return withFacts(line, { split: split?.length ? split : undefined });
}

/** Says which steps take how much of a line; no shares leave it to what the steps say. */
export function splitLine(formula: Formula, lineId: string, split: readonly LineShare[]): Formula {
  const line = lineOf(formula, lineId);
  return line ? replaceLine(formula, withShares(line, split)) : formula;
}

/** Sets a finding aside with a reason; another reason replaces the first. */
export function dismiss(formula: Formula, dismissal: Dismissal): Formula {
  return { ...restore(formula, dismissal), dismissed: [...(restore(formula, dismissal).dismissed ?? []), dismissal] };
}

/** Takes a finding up again. */
export function restore(formula: Formula, { code, place }: Pick<Dismissal, 'code' | 'place'>): Formula {
  const dismissed = (formula.dismissed ?? []).filter(
    (dismissal) => dismissal.code !== code || dismissal.place !== place,
  );
  const rest: { dismissed?: readonly Dismissal[] } & Formula = { ...formula };
  delete rest.dismissed;
  return dismissed.length > 0 ? { ...rest, dismissed } : rest;
}
