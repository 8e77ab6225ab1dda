import type { BatchSettings } from '@orvin/core/batch/plan';
import { isSame } from '@orvin/core/ground/records';
import type { Formula } from '@orvin/core/formula/formula';
import type { OvenSettings } from '@orvin/core/oven/settings';
import type { Change, Records } from './edits';
import { takenFrom } from './taken-from';
import type { StoredBatch, StoredFormula, StoredVersion } from './records';

/*
 * What a file brings, held against what is on the shelf: nothing is put there twice without a word, and nothing that stands is changed
 * unless the baker says so. Ids are kept where they are free, so that formulas that take from one another still find each other.
 */

/** A formula on its way to the shelf. */
export interface AddedFormula {
  /** What the file called it. */
  readonly id?: string;
  readonly formula: Formula;
  readonly oven?: OvenSettings;
  readonly source?: string;
  readonly versions?: readonly Pick<StoredVersion, 'number' | 'parent' | 'reason' | 'keptAt' | 'formula' | 'oven'>[];
  readonly batch?: BatchSettings;
  readonly batches?: readonly Pick<StoredBatch, 'versionNumber' | 'name' | 'keptAt' | 'sheet'>[];
}

/** A formula of a file beside the one that stands for it on the shelf, where there is one. */
export type Arrival =
  | { readonly kind: 'new'; readonly added: AddedFormula }
  | { readonly kind: 'same' | 'differs'; readonly added: AddedFormula; readonly standing: StoredFormula };

export const DECISIONS = ['keep-both', 'take-theirs', 'skip'] as const;
export type Decision = (typeof DECISIONS)[number];
/** An arrival with what is to be done about it. */
export interface Decided {
  readonly arrival: Arrival;
  readonly decision: Decision;
}

/** Holds the formulas of a file against those on the shelf: by their id, else by everything that is written in them. */
export function arrivalsOf(added: readonly AddedFormula[], { formulas }: Records): readonly Arrival[] {
  return added.map((arriving): Arrival => {
    const byId = arriving.id === undefined ? undefined : formulas.get(arriving.id);
    const standing = byId ?? [...formulas.values()].find(({ formula }) => isSame(formula, arriving.formula));
    if (!standing) return { kind: 'new', added: arriving };
    const equal =
      isSame(standing.formula, arriving.formula) &&
      (arriving.oven === undefined || isSame(standing.oven, arriving.oven));
    return { kind: equal ? 'same' : 'differs', added: arriving, standing };
  });
}

/** What is done where the baker is not asked, and what is proposed where they are: what is the same stays as it is. */
export const proposedFor = ({ kind }: Arrival): Decision => (kind === 'same' ? 'skip' : 'keep-both');

/** A formula whose lines take from others that have new names now. */
function withIds(formula: Formula, ids: ReadonlyMap<string, string>): Formula {
  if (takenFrom(formula).length === 0) return formula;
  return {
    ...formula,
    components: formula.components.map((component) => ({
      ...component,
      lines: component.lines.map((line) =>
        line.formulaId === undefined ? line : { ...line, formulaId: ids.get(line.formulaId) ?? line.formulaId },
      ),
    })),
  };
}

/** The ids that the formulas go by: their own where it is free, that of the one they take the place of, else a new one. */
function idsOf(decided: readonly Decided[], { formulas }: Records): readonly string[] {
  const taken = new Set(formulas.keys());
  return decided.map(({ arrival, decision }) => {
    if (arrival.kind !== 'new' && decision !== 'keep-both') return arrival.standing.id;
    const { id } = arrival.added;
    const newId = id !== undefined && !taken.has(id) ? id : crypto.randomUUID();
    taken.add(newId);
    return newId;
  });
}

/** The changes that bring a file in as the baker decided, one edit, and the formulas that it put on the shelf or changed. */
export function changesOf(
  decided: readonly Decided[],
  records: Records,
  now: number,
): { readonly changes: readonly Change[]; readonly brought: readonly StoredFormula[] } {
  const ids = idsOf(decided, records);
  const renamed = new Map<string, string>();
  decided.forEach(({ arrival: { added } }, i) => {
    if (added.id !== undefined && !renamed.has(added.id)) renamed.set(added.id, ids[i] ?? '');
  });
  const brought: StoredFormula[] = [];
  const changes = decided.flatMap(({ arrival, decision }, i): readonly Change[] => {
    if (decision === 'skip') return [];
    const { added } = arrival;
    const id = ids[i] ?? '';
    const before = decision === 'take-theirs' && arrival.kind !== 'new' ? arrival.standing : undefined;
    const after: StoredFormula = {
      ...(before ?? { id, demo: false, oven: {} }),
      revision: (before?.revision ?? 0) + 1,
      // the first of a file stands first on the shelf
      createdAt: before?.createdAt ?? now + decided.length - i,
      changedAt: now,
      ...(added.source !== undefined && { source: added.source }),
      formula: withIds(added.formula, renamed),
      ...(added.oven && { oven: added.oven }),
      ...(added.batch && { batch: added.batch }),
    };
    brought.push(after);
    const numbers = new Set(
      [...records.versions.values()].filter(({ formulaId }) => formulaId === id).map((kept) => kept.number),
    );
    const versions = (added.versions ?? []).filter(({ number }) => !numbers.has(number));
    return [
      { table: 'formulas', id, ...(before && { before }), after },
      ...versions.map((version): Change => {
        const kept: StoredVersion = { ...version, id: crypto.randomUUID(), revision: 1, formulaId: id };
        return { table: 'versions', id: kept.id, after: kept };
      }),
      ...(added.batches ?? []).map((batch): Change => {
        const kept: StoredBatch = { ...batch, id: crypto.randomUUID(), revision: 1, formulaId: id };
        return { table: 'batches', id: kept.id, after: kept };
      }),
    ];
  });
  return { changes, brought };
}
