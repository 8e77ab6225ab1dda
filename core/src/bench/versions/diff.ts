import { isSame } from '../../ground/records/index.js';
import { QUANTITIES, type Quantity } from '../../kitchen/kitchen/index.js';
import type { Audit } from '../audit/index.js';
import { type BandVerdict } from '../../batter/balance/index.js';
import type { Formula, FormulaStep } from '../../formula/formula/index.js';

/** What became of a line between two states of a formula. */
export interface LineChange {
  readonly kind: 'same' | 'changed' | 'added' | 'removed';
  readonly textBefore: string;
  readonly textAfter: string;
  readonly gramsBefore: number | undefined;
  readonly gramsAfter: number | undefined;
  /** The component it stands in now, or stood in. */
  readonly component: string;
}

export interface ReadingChange {
  readonly quantity: Quantity;
  readonly before: BandVerdict | undefined;
  readonly after: BandVerdict | undefined;
}

export interface StepChange {
  readonly kind: 'same' | 'changed' | 'added' | 'removed';
  readonly before: string;
  readonly after: string;
}

export interface FormulaDiff {
  readonly lines: readonly LineChange[];
  readonly readings: readonly ReadingChange[];
  readonly steps: readonly StepChange[];
  /** Whether title, yield, style or bake differ: which. */
  readonly facts: readonly ('title' | 'yield' | 'style' | 'bake' | 'notes')[];
}

interface Placed {
  readonly id: string;
  readonly text: string;
  readonly component: string;
  readonly grams: number | undefined;
  readonly ingredientId: string | undefined;
}

function placed(formula: Formula, audit: Audit): readonly Placed[] {
  const read = new Map(audit.lines.map((line) => [line.lineId, line]));
  return formula.components.flatMap(({ name, lines }) =>
    lines.map(({ id, text }): Placed => {
      const line = read.get(id);
      // a line of several things is none of them
      const ingredientId = line?.entries.length === 1 ? line.entries[0]?.read.ingredient?.id : undefined;
      return { id, text, component: name, grams: line?.grams, ingredientId };
    }),
  );
}

/** Pairs what is the same thing in two lists: by id first, else by what it is; each at most once. */
function paired<T>(
  before: readonly T[],
  after: readonly T[],
  keys: readonly ((item: T) => string | undefined)[],
): ReadonlyMap<T, T> {
  const pairs = new Map<T, T>();
  const free = new Set(before);
  for (const key of keys)
    for (const item of after) {
      const wanted = key(item);
      if (pairs.has(item) || wanted === undefined) continue;
      const partner = [...free].find((other) => key(other) === wanted);
      if (partner === undefined) continue;
      pairs.set(item, partner);
      free.delete(partner);
    }
  return pairs;
}

const SAME_GRAMS = 0.001;

/**
 * What differs between two formulas, or two versions of one: lines, steps, facts and readings. Lines that are the same are listed too.
 * @param related whether they are versions of one formula: then a line's id means the same line, else only what it is does
 */
export function diffFormulas(
  before: Formula,
  beforeAudit: Audit,
  after: Formula,
  afterAudit: Audit,
  related = true,
): FormulaDiff {
  const [was, is] = [placed(before, beforeAudit), placed(after, afterAudit)];
  const pairs = paired(was, is, [
    ...(related ? [({ id }: Placed) => id] : []),
    ({ text }) => text,
    ({ ingredientId }) => ingredientId,
  ]);
  const lines = is.map((line): LineChange => {
    const old = pairs.get(line);
    const same =
      old?.text === line.text &&
      Math.abs((old.grams ?? 0) - (line.grams ?? 0)) <= SAME_GRAMS * Math.max(1, old.grams ?? 0);
    return {
      kind: old === undefined ? 'added' : same ? 'same' : 'changed',
      textBefore: old?.text ?? '',
      textAfter: line.text,
      gramsBefore: old?.grams,
      gramsAfter: line.grams,
      component: line.component,
    };
  });
  const kept = new Set(pairs.values());
  const gone = was
    .filter((line) => !kept.has(line))
    .map((line): LineChange => ({
      kind: 'removed',
      textBefore: line.text,
      textAfter: '',
      gramsBefore: line.grams,
      gramsAfter: undefined,
      component: line.component,
    }));
  return {
    lines: [...lines, ...gone],
    readings: QUANTITIES.map((quantity) => ({
      quantity,
      before: beforeAudit.verdicts.find((verdict) => verdict.quantity === quantity),
      after: afterAudit.verdicts.find((verdict) => verdict.quantity === quantity),
    })),
    steps: stepChanges(before, after, related),
    facts: [
      ...(before.title === after.title ? [] : (['title'] as const)),
      ...(before.yield === after.yield ? [] : (['yield'] as const)),
      ...(beforeAudit.style?.id === afterAudit.style?.id ? [] : (['style'] as const)),
      ...(isSame(before.bake, after.bake) ? [] : (['bake'] as const)),
      ...(isSame(before.notes ?? [], after.notes ?? []) ? [] : (['notes'] as const)),
    ],
  };
}

function stepChanges(before: Formula, after: Formula, related: boolean): readonly StepChange[] {
  const pairs = paired(before.steps, after.steps, [
    ...(related ? [({ id }: FormulaStep) => id] : []),
    ({ text }: FormulaStep) => text,
  ]);
  const kept = new Set(pairs.values());
  return [
    ...after.steps.map((step): StepChange => {
      const old = pairs.get(step);
      const kind = old === undefined ? 'added' : old.text === step.text ? 'same' : 'changed';
      return { kind, before: old?.text ?? '', after: step.text };
    }),
    ...before.steps
      .filter((step) => !kept.has(step))
      .map(({ text }): StepChange => ({ kind: 'removed', before: text, after: '' })),
  ];
}
