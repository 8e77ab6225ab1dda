import { Injectable, computed, inject } from '@angular/core';
import type { BatchSettings } from '@orvin/core/batch/plan';
import type { Formula } from '@orvin/core/formula/formula';
import { withoutUndefined } from '@orvin/core/ground/records';
import { PLAIN_KITCHEN, UNKNOWN_OVEN, type Kitchen, type OwnOven } from '@orvin/core/kitchen/kitchen';
import type { OvenSettings } from '@orvin/core/oven/settings';
import { arrivalsOf, changesOf, type AddedFormula, type Arrival, type Decided } from './arrivals';
import type { Change } from './edits';
import { RecordStore } from './record-store';
import type {
  StoredBatch,
  StoredBake,
  StoredFormula,
  StoredKitchen,
  StoredPlan,
  StoredPutAway,
  StoredVersion,
} from './records';

/**
 * What the baker owns and does with it: formulas, kept versions, kept batches, the kitchen. Each act of the baker is one edit, and one to
 * undo. Where records live and how they get to the disk is the `RecordStore`'s.
 */
@Injectable({ providedIn: 'root' })
export class FormulaStore {
  private readonly store = inject(RecordStore);
  private readonly records = this.store.records;

  readonly state = this.store.state;
  readonly unreadable = this.store.unreadable;
  /** What happened on its own and the baker should know. */
  readonly notice = this.store.notice;
  readonly formulas = computed(() => [...this.records().formulas.values()].sort((a, b) => b.createdAt - a.createdAt));
  /** The baker's own measures, words and ingredients. */
  readonly kitchen = computed(() => this.records().kitchens.get('kitchen')?.kitchen ?? PLAIN_KITCHEN);
  readonly diskFails = this.store.diskFails;
  readonly undoLabel = this.store.undoLabel;
  readonly redoLabel = this.store.redoLabel;

  load(): Promise<void> {
    return this.store.load();
  }
  undo(): void {
    this.store.undo();
  }
  redo(): void {
    this.store.redo();
  }
  /** Takes over what other tabs wrote. */
  lookAgain(): Promise<void> {
    return this.store.lookAgain();
  }
  settled(): Promise<void> {
    return this.store.settled();
  }

  /** All that is done within is one act, and one to undo. */
  together(label: string, act: () => void): void {
    this.store.together(label, act);
  }

  formula(id: string): StoredFormula | undefined {
    return this.records().formulas.get(id);
  }

  /** Kept versions of a formula, the latest first. */
  versionsOf(formulaId: string): readonly StoredVersion[] {
    return [...this.records().versions.values()]
      .filter((version) => version.formulaId === formulaId)
      .sort((a, b) => b.number - a.number);
  }

  /** Puts a new formula on the shelf. */
  add(
    formula: Formula,
    more: { readonly source?: string; readonly demo?: boolean; readonly label?: string } = {},
  ): StoredFormula {
    const now = Date.now();
    const record: StoredFormula = {
      id: crypto.randomUUID(),
      revision: 1,
      createdAt: now,
      changedAt: now,
      ...(more.source !== undefined && { source: more.source }),
      demo: more.demo ?? false,
      formula,
      oven: {},
    };
    this.store.commit({
      label: more.label ?? $localize`adding ${formula.title || $localize`a formula`}`,
      changes: [{ table: 'formulas', id: record.id, after: record }],
    });
    return record;
  }

  /** Changes a formula, or what was chosen for its batch or its oven. `mergeAs` makes close changes of the same thing one step to undo. */
  change(
    id: string,
    label: string,
    next: (now: StoredFormula) => { formula?: Formula; oven?: OvenSettings; batch?: BatchSettings },
    mergeAs?: string,
  ): void {
    const before = this.formula(id);
    if (!before) return;
    const after: StoredFormula = { ...before, ...next(before), revision: before.revision + 1, changedAt: Date.now() };
    this.store.commit({
      label,
      changes: [{ table: 'formulas', id, before, after }],
      ...(mergeAs !== undefined && { mergeAs: `${id} ${mergeAs}` }),
    });
  }

  /** The kept version that the formula as it stands grew from. */
  baseOf(id: string): StoredVersion | undefined {
    const versions = this.versionsOf(id);
    const basedOn = this.formula(id)?.basedOn;
    return versions.find(({ number }) => number === basedOn) ?? versions[0];
  }

  /** Goes on from a kept version: the formula is as it was then, and what is kept next grows from there. The version itself stays. */
  goOnFrom(id: string, version: StoredVersion): void {
    const before = this.formula(id);
    if (!before) return;
    const after: StoredFormula = {
      ...before,
      formula: version.formula,
      oven: version.oven,
      basedOn: version.number,
      revision: before.revision + 1,
      changedAt: Date.now(),
    };
    this.store.commit({
      label: $localize`going on from version ${version.number}`,
      changes: [{ table: 'formulas', id, before, after }],
    });
  }

  /** The formula of a bake that was set down: its version, else the formula as it stands. */
  asBaked({
    formulaId,
    versionNumber,
  }: {
    readonly formulaId: string;
    readonly versionNumber?: number;
  }): Formula | undefined {
    const version = this.versionsOf(formulaId).find(({ number }) => number === versionNumber);
    return version?.formula ?? this.formula(formulaId)?.formula;
  }

  /** Keeps the formula as it stands as its next version. */
  keep(id: string, reason: string): StoredVersion | undefined {
    const record = this.formula(id);
    if (!record) return undefined;
    const last = this.versionsOf(id)[0];
    const version: StoredVersion = {
      id: crypto.randomUUID(),
      revision: 1,
      formulaId: id,
      number: (last?.number ?? 0) + 1,
      parent: this.baseOf(id)?.number ?? null,
      reason,
      keptAt: Date.now(),
      formula: record.formula,
      oven: record.oven,
    };
    const grown: StoredFormula = { ...record, basedOn: version.number, revision: record.revision + 1 };
    this.store.commit({
      label: $localize`keeping version ${version.number}`,
      changes: [
        { table: 'versions', id: version.id, after: version },
        { table: 'formulas', id, before: record, after: grown },
      ],
    });
    return version;
  }

  /** Kept batches of a formula, the latest first. */
  batchesOf(formulaId: string): readonly StoredBatch[] {
    return [...this.records().batches.values()]
      .filter((batch) => batch.formulaId === formulaId)
      .sort((a, b) => b.keptAt - a.keptAt);
  }

  /** Keeps a batch with the version that it comes from. */
  keepBatch(formulaId: string, versionNumber: number, name: string, sheet: BatchSettings): StoredBatch {
    const batch: StoredBatch = {
      id: crypto.randomUUID(),
      revision: 1,
      formulaId,
      versionNumber,
      name,
      keptAt: Date.now(),
      sheet,
    };
    this.store.commit({
      label: $localize`keeping a batch`,
      changes: [{ table: 'batches', id: batch.id, after: batch }],
    });
    return batch;
  }

  forgetBatch(before: StoredBatch): void {
    this.store.commit({ label: $localize`forgetting a batch`, changes: [{ table: 'batches', id: before.id, before }] });
  }

  /** Takes a formula, its versions and batches off the shelf; undo brings all of it back. */
  remove(id: string): void {
    const before = this.formula(id);
    if (!before) return;
    const versions = this.versionsOf(id).map((version): Change => ({
      table: 'versions',
      id: version.id,
      before: version,
    }));
    const batches = this.batchesOf(id).map((batch): Change => ({ table: 'batches', id: batch.id, before: batch }));
    this.store.commit({
      label: $localize`taking ${before.formula.title || $localize`a formula`} off the shelf`,
      changes: [{ table: 'formulas', id, before }, ...versions, ...batches],
    });
  }

  /** Changes what the kitchen knows. */
  changeOven(label: string, change: { readonly [K in keyof OwnOven]?: OwnOven[K] | undefined }): void {
    this.changeKitchen(label, (kitchen) => ({
      ...kitchen,
      oven: { ...UNKNOWN_OVEN, ...withoutUndefined<Partial<OwnOven>>({ ...kitchen.oven, ...change }) },
    }));
  }
  changeKitchen(label: string, next: (kitchen: Kitchen) => Kitchen): void {
    const before = this.records().kitchens.get('kitchen');
    const after: StoredKitchen = {
      id: 'kitchen',
      revision: (before?.revision ?? 0) + 1,
      kitchen: next(this.kitchen()),
    };
    this.store.commit({ label, changes: [{ table: 'kitchens', id: 'kitchen', ...(before && { before }), after }] });
  }

  /** Formulas of a file beside those that stand for them on the shelf. */
  arrivals(added: readonly AddedFormula[]): readonly Arrival[] {
    return arrivalsOf(added, this.records());
  }

  /** Brings a file in as it was decided, with a kitchen where it has one: one step to undo. */
  bringIn(decided: readonly Decided[], label: string, kitchen?: Kitchen): readonly StoredFormula[] {
    const { changes, brought } = changesOf(decided, this.records(), Date.now());
    const before = this.records().kitchens.get('kitchen');
    const known: readonly Change[] = kitchen
      ? [
          {
            table: 'kitchens',
            id: 'kitchen',
            ...(before && { before }),
            after: { id: 'kitchen', revision: (before?.revision ?? 0) + 1, kitchen },
          },
        ]
      : [];
    if (changes.length + known.length > 0) this.store.commit({ label, changes: [...changes, ...known] });
    return brought;
  }

  /** Puts records in place that are no act of the baker's, such as the demo data. */
  seed(
    formulas: readonly StoredFormula[],
    versions: readonly StoredVersion[],
    kitchen?: StoredKitchen,
    plan?: StoredPlan,
    bakes: readonly StoredBake[] = [],
    larder: readonly StoredPutAway[] = [],
  ): void {
    this.store.put({
      label: '',
      changes: [
        ...formulas.map((after): Change => ({ table: 'formulas', id: after.id, after })),
        ...versions.map((after): Change => ({ table: 'versions', id: after.id, after })),
        ...(kitchen ? [{ table: 'kitchens' as const, id: kitchen.id, after: kitchen }] : []),
        ...bakes.map((after): Change => ({ table: 'bakes', id: after.id, after })),
        ...larder.map((after): Change => ({ table: 'larder', id: after.id, after })),
        ...(plan ? [{ table: 'plans' as const, id: plan.id, after: plan }] : []),
      ],
    });
  }
}
