import type { OvenSettings } from '@orvin/core/oven/settings';
import type { BatchSettings } from '@orvin/core/batch/plan';
import { Injectable, computed, inject, signal } from '@angular/core';
import { fromEvent } from 'rxjs';
import { filter } from 'rxjs/operators';
import type { Formula } from '@orvin/core/formula/formula';
import { PLAIN_KITCHEN, type Kitchen } from '@orvin/core/kitchen/kitchen';
import { Database } from './database';
import { EditHistory } from './edit-history';
import {
  apply,
  invert,
  merged,
  NO_RECORDS,
  RECORD_SCHEMAS,
  type Change,
  type Edit,
  type Records,
  type Table,
  type TableRecords,
} from './edits';
import type { StoredBatch, StoredFormula, StoredKitchen, StoredVersion } from './records';
import { putDown, takeUp, type Unwritten } from './unload-journal';

/** Typing goes on within one step to undo until a pause of so long. */
const PAUSE_MILLISECONDS = 1200;

/** A record that came back from the disk damaged, or from a later Orvin: kept there untouched, and shown. */
export interface UnreadableRecord {
  readonly id: string;
  readonly reason: string;
  readonly raw: unknown;
}

/** A formula on its way to the shelf. */
export interface AddedFormula {
  /** What the file called it, so that formulas that take from one another still find each other. */
  readonly id?: string;
  readonly formula: Formula;
  readonly oven?: OvenSettings;
  readonly source?: string;
  readonly versions?: readonly Pick<StoredVersion, 'number' | 'parent' | 'reason' | 'keptAt' | 'formula' | 'oven'>[];
  readonly batch?: BatchSettings;
  readonly batches?: readonly Pick<StoredBatch, 'versionNumber' | 'name' | 'keptAt' | 'sheet'>[];
}

/** A formula whose lines take from others that have new names now. */
function withIds(formula: Formula, ids: ReadonlyMap<string, string>): Formula {
  const ties = formula.components.some(({ lines }) => lines.some(({ formulaId }) => formulaId !== undefined));
  if (!ties) return formula;
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

export type StoreState = 'loading' | 'ready' | 'no-storage';

/**
 * What the baker owns: formulas and kept versions. Signals first, then the disk, in order and with the latest state winning, so that
 * typing never waits and a reload finds the last keystroke. With two tabs open, a write that would overwrite the other tab's is kept as
 * a formula of its own.
 */
@Injectable({ providedIn: 'root' })
export class FormulaStore {
  private readonly database = inject(Database);
  private readonly records = signal<Records>(NO_RECORDS);
  private readonly history = inject(EditHistory);
  private lastEditAt = 0;

  /** What waits to be written, and what is being written, by table and id: no record means deleted. */
  private readonly waiting = new Map<string, Unwritten>();
  private inFlight: readonly Unwritten[] = [];
  private readonly revisionOnDisk = new Map<string, number>();
  private writing: Promise<void> | undefined;

  readonly state = signal<StoreState>('loading');
  readonly unreadable = signal<readonly UnreadableRecord[]>([]);
  /** What happened on its own and the baker should know. */
  readonly notice = signal<string | undefined>(undefined);
  readonly formulas = computed(() => [...this.records().formulas.values()].sort((a, b) => b.createdAt - a.createdAt));
  /** The baker's own measures, words and ingredients. */
  readonly kitchen = computed(() => this.records().kitchens.get('kitchen')?.kitchen ?? PLAIN_KITCHEN);
  readonly undoLabel = this.history.undoLabel;
  readonly redoLabel = this.history.redoLabel;

  constructor() {
    fromEvent(document, 'visibilitychange')
      .pipe(filter(() => document.visibilityState === 'visible' && this.state() === 'ready'))
      .subscribe(() => void this.catchUp());
    fromEvent(window, 'pagehide').subscribe(() => putDown([...this.inFlight, ...this.waiting.values()], localStorage));
  }

  /** Reads everything back. Without storage the work goes on in memory, and says so. */
  async load(): Promise<void> {
    try {
      await this.database.open();
      this.records.set(await this.readAll());
      await this.history.load();
      this.state.set('ready');
      this.takeUpUnwritten();
    } catch {
      this.state.set('no-storage');
    }
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
    this.commit({
      label: more.label ?? `adding ${formula.title || 'a formula'}`,
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
    this.commit({
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
    this.commit({
      label: `going on from version ${version.number}`,
      changes: [{ table: 'formulas', id, before, after }],
    });
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
    this.commit({
      label: `keeping version ${version.number}`,
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
    this.commit({ label: 'keeping a batch', changes: [{ table: 'batches', id: batch.id, after: batch }] });
    return batch;
  }

  forgetBatch(before: StoredBatch): void {
    this.commit({ label: 'forgetting a batch', changes: [{ table: 'batches', id: before.id, before }] });
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
    this.commit({
      label: `taking ${before.formula.title || 'a formula'} off the shelf`,
      changes: [{ table: 'formulas', id, before }, ...versions, ...batches],
    });
  }

  /** Changes what the kitchen knows. */
  changeKitchen(label: string, next: (kitchen: Kitchen) => Kitchen): void {
    const before = this.records().kitchens.get('kitchen');
    const after: StoredKitchen = {
      id: 'kitchen',
      revision: (before?.revision ?? 0) + 1,
      kitchen: next(this.kitchen()),
    };
    this.commit({ label, changes: [{ table: 'kitchens', id: 'kitchen', ...(before && { before }), after }] });
  }

  /** Puts formulas on the shelf, with their versions and a kitchen where a file brings them: one step to undo. */
  addAll(added: readonly AddedFormula[], label: string, kitchen?: Kitchen): readonly StoredFormula[] {
    const now = Date.now();
    const ids = new Map(added.flatMap(({ id }) => (id === undefined ? [] : [[id, crypto.randomUUID()] as const])));
    const records = added.map((one, i): StoredFormula => ({
      id: ids.get(one.id ?? '') ?? crypto.randomUUID(),
      revision: 1,
      // the first of a file stands first on the shelf
      createdAt: now + added.length - i,
      changedAt: now,
      ...(one.source !== undefined && { source: one.source }),
      demo: false,
      formula: withIds(one.formula, ids),
      oven: one.oven ?? {},
      ...(one.batch && { batch: one.batch }),
    }));
    const batches = added.flatMap(({ batches: kept = [] }, i) =>
      kept.map((batch): Change => {
        const formulaId = records[i]?.id ?? '';
        const after: StoredBatch = { ...batch, id: crypto.randomUUID(), revision: 1, formulaId };
        return { table: 'batches', id: after.id, after };
      }),
    );
    const versions = added.flatMap(({ versions: kept = [] }, i) =>
      kept.map((version): Change => {
        const formulaId = records[i]?.id ?? '';
        const after: StoredVersion = { ...version, id: crypto.randomUUID(), revision: 1, formulaId };
        return { table: 'versions', id: after.id, after };
      }),
    );
    const before = this.records().kitchens.get('kitchen');
    this.commit({
      label,
      changes: [
        ...records.map((after): Change => ({ table: 'formulas', id: after.id, after })),
        ...versions,
        ...batches,
        ...(kitchen
          ? [
              {
                table: 'kitchens' as const,
                id: 'kitchen',
                ...(before && { before }),
                after: { id: 'kitchen' as const, revision: (before?.revision ?? 0) + 1, kitchen },
              },
            ]
          : []),
      ],
    });
    return records;
  }

  undo(): void {
    const edit = this.history.undo();
    if (edit) this.put(invert(edit));
  }

  redo(): void {
    const edit = this.history.redo();
    if (edit) this.put(edit);
  }

  /** Puts records in place that are no act of the baker's, such as the demo data. */
  seed(formulas: readonly StoredFormula[], versions: readonly StoredVersion[], kitchen?: StoredKitchen): void {
    this.put({
      label: '',
      changes: [
        ...formulas.map((after): Change => ({ table: 'formulas', id: after.id, after })),
        ...versions.map((after): Change => ({ table: 'versions', id: after.id, after })),
        ...(kitchen ? [{ table: 'kitchens' as const, id: kitchen.id, after: kitchen }] : []),
      ],
    });
  }

  /** Resolves when everything is on the disk. */
  async settled(): Promise<void> {
    while (this.writing) await this.writing;
    await this.history.settled();
  }

  private commit(edit: Edit): void {
    const now = Date.now();
    const { last } = this.history;
    const joined = last && now - this.lastEditAt < PAUSE_MILLISECONDS ? merged(last, edit) : undefined;
    this.lastEditAt = now;
    if (joined) this.history.replaceLast(joined);
    else this.history.push(edit);
    this.put(edit);
  }

  /** Into the signals at once, and on to the disk. Undone records get a revision of their own, so that tabs can tell them apart. */
  private put(edit: Edit): void {
    const current = this.records();
    const changes = edit.changes.map((change): Change => {
      if (change.table === 'versions' || change.after === undefined) return change;
      const revision = Math.max(
        change.after.revision,
        (current[change.table].get(change.id)?.revision ?? 0) + 1,
        this.known(change.table, change.id) + 1,
      );
      return { ...change, after: { ...change.after, revision } } as Change;
    });
    this.records.set(apply(current, { ...edit, changes }));
    for (const { table, id, after } of changes)
      this.waiting.set(`${table} ${id}`, { table, id, record: after } as Unwritten);
    this.write();
  }

  /** What the last page could not write any more: taken up where it is newer than the disk. */
  private takeUpUnwritten(): void {
    for (const one of takeUp(localStorage)) {
      const onDisk = this.known(one.table, one.id);
      if (one.record ? one.record.revision <= onDisk : onDisk === 0) continue;
      const { record, ...rest } = one;
      this.put({ label: '', changes: [{ ...rest, ...(record && { after: record }) } as Change] });
    }
  }

  private known(table: Table, id: string): number {
    return this.revisionOnDisk.get(`${table} ${id}`) ?? 0;
  }

  private write(): void {
    if (this.writing || this.waiting.size === 0 || this.state() === 'no-storage') return;
    const batch = [...this.waiting.values()];
    this.inFlight = batch;
    this.waiting.clear();
    this.writing = this.writeBatch(batch)
      .catch(() => {
        this.notice.set(
          'This browser refused to store the last change. It is still here; free some space, then change anything to try again.',
        );
        for (const one of batch) {
          const key = `${one.table} ${one.id}`;
          if (!this.waiting.has(key)) this.waiting.set(key, one);
        }
        return 'failed' as const;
      })
      .then((outcome) => {
        this.writing = undefined;
        this.inFlight = [];
        if (outcome !== 'failed') this.write();
      });
  }

  private async writeBatch(batch: readonly Unwritten[]): Promise<void> {
    const { database } = this;
    const overtaken: StoredFormula[] = [];
    await database.transaction(
      'rw',
      [database.formulas, database.versions, database.kitchens, database.batches],
      async () => {
        for (const { table, id, record } of batch) {
          const key = `${table} ${id}`;
          const stored = await database.table<{ revision: number }>(table).get(id);
          // of a kitchen the latest word stands; what another tab taught is taught again
          if (stored && stored.revision !== this.known(table, id) && table !== 'kitchens') {
            if (table === 'formulas' && record) overtaken.push(record);
            continue;
          }
          if (record) await database.table(table).put(record);
          else await database.table(table).delete(id);
          this.revisionOnDisk.set(key, record?.revision ?? 0);
        }
      },
    );
    if (overtaken.length > 0) await this.keepBoth(overtaken);
  }

  /** Another tab was faster: its state stands, ours becomes a formula beside it. */
  private async keepBoth(ours: readonly StoredFormula[]): Promise<void> {
    await this.catchUp();
    for (const record of ours) {
      this.add(
        { ...record.formula, title: `${record.formula.title} (from another tab)` },
        { label: 'keeping what another tab overtook' },
      );
    }
    this.notice.set('This formula was changed in another tab too. Both are on the shelf; nothing was lost.');
  }

  /** Takes over what other tabs wrote, for everything that does not wait to be written here. */
  private async catchUp(): Promise<void> {
    const disk = await this.readAll();
    this.records.update((own) => {
      const mine = (table: Table, id: string) => this.waiting.has(`${table} ${id}`);
      const taken = <T>(table: Table, from: ReadonlyMap<string, T>, kept: ReadonlyMap<string, T>) =>
        new Map([...[...from].filter(([id]) => !mine(table, id)), ...[...kept].filter(([id]) => mine(table, id))]);
      return {
        formulas: taken('formulas', disk.formulas, own.formulas),
        versions: taken('versions', disk.versions, own.versions),
        kitchens: taken('kitchens', disk.kitchens, own.kitchens),
        batches: taken('batches', disk.batches, own.batches),
      };
    });
  }

  private async readAll(): Promise<Records> {
    const { database } = this;
    const unreadable: UnreadableRecord[] = [];
    const sound = async <T extends Table>(table: T) => {
      const rows = await database.table<TableRecords[T]>(table).toArray();
      return new Map(
        rows.flatMap((row): [string, TableRecords[T]][] => {
          const { error } = RECORD_SCHEMAS[table].validate(row);
          if (error) {
            unreadable.push({ id: row.id, reason: error.message, raw: row });
            return [];
          }
          this.revisionOnDisk.set(`${table} ${row.id}`, row.revision);
          return [[row.id, row]];
        }),
      );
    };
    const [formulas, versions, kitchens, batches] = await Promise.all([
      sound('formulas'),
      sound('versions'),
      sound('kitchens'),
      sound('batches'),
    ]);
    const records: Records = { formulas, versions, kitchens, batches };
    this.unreadable.set(unreadable);
    return records;
  }
}
