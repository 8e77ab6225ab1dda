import { Injectable, inject, signal } from '@angular/core';
import { fromEvent } from 'rxjs';
import { filter } from 'rxjs/operators';
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
import type { StoredFormula } from './records';
import { putDown, takeUp, type Unwritten } from './unload-journal';

/** Typing goes on within one step to undo until a pause of so long. */
const PAUSE_MILLISECONDS = 1200;

/** A record that came back from the disk damaged, or from a later Orvin: kept there untouched, and shown. */
export interface UnreadableRecord {
  readonly id: string;
  readonly reason: string;
  readonly raw: unknown;
}

export type StoreState = 'loading' | 'ready' | 'no-storage';

/**
 * Records of every kind: signals first, then the disk, in order and with the latest state winning, so that typing never waits and a
 * reload finds the last keystroke. With two tabs open, a write that would overwrite the other tab's is kept as a formula of its own.
 */
@Injectable({ providedIn: 'root' })
export class RecordStore {
  private readonly database = inject(Database);
  private readonly current = signal<Records>(NO_RECORDS);
  readonly records = this.current.asReadonly();
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
      this.current.set(await this.readAll());
      await this.history.load();
      this.state.set('ready');
      this.takeUpUnwritten();
    } catch {
      this.state.set('no-storage');
    }
  }

  undo(): void {
    const edit = this.history.undo();
    if (edit) this.put(invert(edit));
  }

  redo(): void {
    const edit = this.history.redo();
    if (edit) this.put(edit);
  }

  /** Resolves when everything is on the disk. */
  async settled(): Promise<void> {
    while (this.writing) await this.writing;
    await this.history.settled();
  }

  /** An act of the baker: into the history, and into place. */
  commit(edit: Edit): void {
    const now = Date.now();
    const { last } = this.history;
    const joined = last && now - this.lastEditAt < PAUSE_MILLISECONDS ? merged(last, edit) : undefined;
    this.lastEditAt = now;
    if (joined) this.history.replaceLast(joined);
    else this.history.push(edit);
    this.put(edit);
  }

  /** Into the signals at once, and on to the disk. Undone records get a revision of their own, so that tabs can tell them apart. */
  put(edit: Edit): void {
    const current = this.current();
    const changes = edit.changes.map((change): Change => {
      if (change.table === 'versions' || change.after === undefined) return change;
      const revision = Math.max(
        change.after.revision,
        (current[change.table].get(change.id)?.revision ?? 0) + 1,
        this.known(change.table, change.id) + 1,
      );
      return { ...change, after: { ...change.after, revision } } as Change;
    });
    this.current.set(apply(current, { ...edit, changes }));
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
    const now = Date.now();
    this.commit({
      label: 'keeping what another tab overtook',
      changes: ours.map(({ formula, ...record }): Change => {
        const title = `${formula.title} (from another tab)`;
        const id = crypto.randomUUID();
        const after = { ...record, id, revision: 1, createdAt: now, changedAt: now, formula: { ...formula, title } };
        return { table: 'formulas', id, after };
      }),
    });
    this.notice.set('This formula was changed in another tab too. Both are on the shelf; nothing was lost.');
  }

  /** Takes over what other tabs wrote, for everything that does not wait to be written here. */
  private async catchUp(): Promise<void> {
    const disk = await this.readAll();
    this.current.update((records) => {
      const mine = (table: Table, id: string) => this.waiting.has(`${table} ${id}`);
      const taken = <T>(table: Table, from: ReadonlyMap<string, T>, kept: ReadonlyMap<string, T>) =>
        new Map([...[...from].filter(([id]) => !mine(table, id)), ...[...kept].filter(([id]) => mine(table, id))]);
      return {
        formulas: taken('formulas', disk.formulas, records.formulas),
        versions: taken('versions', disk.versions, records.versions),
        kitchens: taken('kitchens', disk.kitchens, records.kitchens),
        batches: taken('batches', disk.batches, records.batches),
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
