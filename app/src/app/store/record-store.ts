import { DestroyRef, Injectable, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { asyncScheduler, fromEvent, scheduled } from 'rxjs';
import { filter } from 'rxjs/operators';
import { mergeThree, without } from '@orvin/core/ground/records';
import { CHECK_ROWS } from './checking';
import { Database, openFailure } from './database';
import { diskNews, type DiskNews } from './disk-news';
import { EditHistory } from './edit-history';
import { apply, composed, invert, merged, NO_RECORDS, perTable, type Change, type Edit, type Records } from './edits';
import { shownOf, TABLE_NAMES, TABLES, type Table, type TableRecords } from './tables';
import { UnloadJournal } from './unload-journal';
import { keptInBrowser } from './page-storage';

/** Typing goes on within one step to undo until a pause of so long. */
const PAUSE_MILLISECONDS = 1200;
/** A disk that refused is asked again after so long. */
const ASK_AGAIN_MILLISECONDS = 4000;
/** Rows that are looked over at once, behind the first screen. */
const CHECKED_AT_ONCE = 200;

/** A record that came back from the disk damaged, or from a later Orvin: kept there untouched, and shown. */
export interface UnreadableRecord {
  readonly id: string;
  readonly reason: string;
  readonly raw: unknown;
}

export type StoreState = 'loading' | 'ready' | 'no-storage' | 'newer-database' | 'blocked';
type AnyRecord = TableRecords[Table];
/** A record that waits to be written: none means deleted. */
type Unwritten = {
  [T in Table]: { readonly table: T; readonly id: string; readonly record?: TableRecords[T] | undefined };
}[Table];
function isUnwritten(entry: unknown): entry is Unwritten {
  if (typeof entry !== 'object' || entry === null || !('table' in entry) || !('id' in entry)) return false;
  const table = TABLE_NAMES.find((name) => name === entry.table);
  if (table === undefined || typeof entry.id !== 'string') return false;
  return !('record' in entry) || shownOf(table, entry.record) === entry.record;
}
/** What the last page could not write any more, of any tab. */
export const UNWRITTEN = new UnloadJournal('orvin-unwritten-', isUnwritten);
const keyOf = (table: Table, id: string) => `${table} ${id}`;

/**
 * Records of every kind: signals first, then the disk, in order and with the latest state winning, so that typing never waits and a
 * reload finds the last keystroke. What another tab writes appears here; where both wrote one formula they are put together line by line.
 */
@Injectable({ providedIn: 'root' })
export class RecordStore {
  private readonly database = inject(Database);
  private readonly destroyed = inject(DestroyRef);
  private readonly checkRows = inject(CHECK_ROWS);
  private readonly current = signal<Records>(NO_RECORDS);
  readonly records = this.current.asReadonly();
  private readonly history = inject(EditHistory);
  private lastEditAt = 0;
  /** What an act has done so far, while it is under way. */
  private act: Edit[] | undefined;

  /** What waits to be written, and what is being written, by table and id: no record means deleted. */
  private readonly waiting = new Map<string, Unwritten>();
  private inFlight: readonly Unwritten[] = [];
  /** Each record as this tab last saw it on the disk: what both tabs began with when they meet. */
  private readonly onDisk = new Map<string, AnyRecord>();
  private writing: Promise<void> | undefined;
  private looking: Promise<unknown> = Promise.resolve();

  readonly state = signal<StoreState>('loading');
  readonly unreadable = signal<readonly UnreadableRecord[]>([]);
  /** The disk refused the last write; what is not on it is here, and it is asked again. */
  readonly diskFails = signal(false);
  /** What happened on its own and the baker should know. */
  readonly notice = signal<string | undefined>(undefined);
  readonly undoLabel = this.history.undoLabel;
  readonly redoLabel = this.history.redoLabel;
  /** Whether work is kept nowhere but on this screen. */
  readonly inMemoryOnly = computed(() => !['loading', 'ready'].includes(this.state()));

  constructor() {
    fromEvent(document, 'visibilitychange')
      .pipe(filter(() => document.visibilityState === 'visible' && this.state() === 'ready'))
      .pipe(takeUntilDestroyed())
      .subscribe(() => void this.lookAgain().catch(() => undefined));
    fromEvent(window, 'pagehide')
      .pipe(takeUntilDestroyed())
      .subscribe(() => UNWRITTEN.putDown([...this.inFlight, ...this.waiting.values()], keptInBrowser()));
  }

  /** Reads everything back. Without storage the work goes on in memory, and says so. */
  async load(): Promise<void> {
    this.database.on('blocked', () => this.state.set('blocked'));
    try {
      await this.database.openOwn();
      this.current.set(await this.readAll());
      await this.history.load();
      this.state.set('ready');
    } catch (error) {
      this.state.set(openFailure(error));
      return;
    }
    this.takeUpUnwritten();
    diskNews(this.database)
      .pipe(takeUntilDestroyed(this.destroyed))
      .subscribe((news) => void this.catchUp(news).catch(() => undefined)); // a closed database has no news
    this.looking = this.lookOver();
  }

  undo(): void {
    const edit = this.history.undo();
    if (edit) this.put(this.ontoWhatIs(invert(edit)));
  }

  redo(): void {
    const edit = this.history.redo();
    if (edit) this.put(this.ontoWhatIs(edit));
  }

  /** An edit of the past as it is done to what stands now: what another tab changed in the meantime stays. */
  private ontoWhatIs(edit: Edit): Edit {
    const changes = edit.changes.map((change): Change => {
      const { table, id, before, after } = change;
      const now = this.current()[table].get(id);
      if (!now || !before || !after) return change;
      return { table, id, before: now, after: mergeThree<AnyRecord>(before, now, after).value } as Change;
    });
    return { ...edit, changes };
  }

  /** Resolves when everything is on the disk, and what came from it looked over. */
  async settled(): Promise<void> {
    while (this.writing) await this.writing;
    await this.looking;
    await this.history.settled();
  }

  /** All that is done within is one act of the baker, and one to undo. */
  together(label: string, act: () => void): void {
    if (this.act) {
      act();
      return;
    }
    this.act = [];
    try {
      act();
    } finally {
      const done = this.act;
      this.act = undefined;
      if (done.length > 0) this.history.push(composed(label, done));
      this.lastEditAt = 0;
    }
  }

  /** An act of the baker: into the history, and into place. */
  commit(edit: Edit): void {
    if (this.act) {
      this.act.push(edit);
      this.put(edit);
      return;
    }
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
      if (!TABLES[change.table].changes || change.after === undefined) return change;
      const revision = Math.max(
        change.after.revision,
        (current[change.table].get(change.id)?.revision ?? 0) + 1,
        this.known(change.table, change.id) + 1,
      );
      return { ...change, after: { ...change.after, revision } } as Change;
    });
    this.current.set(apply(current, { ...edit, changes }));
    for (const { table, id, after } of changes)
      this.waiting.set(keyOf(table, id), { table, id, record: after } as Unwritten);
    this.write();
  }

  /** What the last page could not write any more: taken up where it is newer than the disk. */
  private takeUpUnwritten(): void {
    for (const edit of UNWRITTEN.takeUp(keptInBrowser())) {
      const onDisk = this.known(edit.table, edit.id);
      if (edit.record ? edit.record.revision <= onDisk : onDisk === 0) continue;
      const { record, ...rest } = edit;
      this.put({ label: '', changes: [{ ...rest, ...(record && { after: record }) } as Change] });
    }
  }

  private known(table: Table, id: string): number {
    return this.onDisk.get(keyOf(table, id))?.revision ?? 0;
  }

  private write(): void {
    if (this.writing || this.waiting.size === 0 || this.inMemoryOnly()) return;
    const batch = [...this.waiting.values()];
    this.inFlight = batch;
    this.waiting.clear();
    this.writing = this.writeBatch(batch)
      .then(() => this.diskFails.set(false))
      .catch(() => {
        this.diskFails.set(true);
        for (const edit of batch) {
          const key = keyOf(edit.table, edit.id);
          if (!this.waiting.has(key)) this.waiting.set(key, edit);
        }
      })
      .then(() => {
        this.writing = undefined;
        this.inFlight = [];
        if (!this.diskFails()) this.write();
        else setTimeout(() => this.write(), ASK_AGAIN_MILLISECONDS);
      });
  }

  private async writeBatch(batch: readonly Unwritten[]): Promise<void> {
    const { database } = this;
    const met: { readonly edit: Unwritten; readonly theirs: AnyRecord }[] = [];
    const written: Unwritten[] = [];
    await database.transaction(
      'rw',
      TABLE_NAMES.map((table) => database.table(table)),
      async () => {
        for (const table of TABLE_NAMES) {
          const edits = batch.filter((edit) => edit.table === table);
          if (edits.length === 0) continue;
          const rows = database.table<AnyRecord, string>(table);
          const stored = await rows.bulkGet(edits.map(({ id }) => id));
          const due = edits.filter((edit, i) => {
            const theirs = stored[i];
            if (!theirs || theirs.revision === this.known(table, edit.id) || TABLES[table].overtaken === 'ours')
              return true;
            met.push({ edit, theirs });
            return false;
          });
          await rows.bulkPut(due.flatMap(({ record }) => record ?? []));
          await rows.bulkDelete(due.flatMap(({ id, record }) => (record ? [] : [id])));
          written.push(...due);
        }
      },
    );
    // all of it or nothing: a write that failed half way left the disk as it was
    for (const { table, id, record } of written) {
      if (record) this.onDisk.set(keyOf(table, id), record);
      else this.onDisk.delete(keyOf(table, id));
    }
    for (const { edit, theirs } of met) this.meet(edit, theirs);
  }

  /** Another tab was faster. Of a formula each line stands as it was written last, and what that overruled can be undone to. */
  private meet({ table, id, record }: Unwritten, theirs: AnyRecord): void {
    const base = this.onDisk.get(keyOf(table, id));
    this.onDisk.set(keyOf(table, id), theirs);
    if (TABLES[table].overtaken === 'theirs' || !record) {
      if (!record)
        this.notice.set(
          $localize`Another tab changed what was taken away here, so it stays. Take it away again if it is meant.`,
        );
      this.show(table, [theirs], []);
      return;
    }
    const ours = this.current()[table].get(id) ?? record;
    // when it was written is no part of what was written
    const bare = <R extends AnyRecord | undefined>(row: R) => row && { ...row, revision: 0, changedAt: 0 };
    const { value, overruled } = mergeThree(bare(base), bare(theirs), bare(ours));
    const after = {
      ...ours,
      ...value,
      revision: theirs.revision + 1,
      ...('changedAt' in ours && { changedAt: ours.changedAt }),
    };
    if (overruled) {
      const label = $localize`what this tab wrote over another`;
      this.history.push({ label, changes: [{ table, id, before: theirs, after } as Change] });
      this.notice.set(
        $localize`Another tab changed the same lines of this formula. What was written last stands; undo brings the other back.`,
      );
    }
    this.put({ label: '', changes: [{ table, id, after } as Change] });
  }

  /** Takes over all that was written elsewhere. */
  lookAgain(): Promise<void> {
    return this.catchUp(TABLE_NAMES.map((table) => ({ table, from: '', to: '\uffff' })));
  }

  /** Takes over what was written elsewhere, for everything that does not wait to be written here. */
  private async catchUp(news: readonly DiskNews[]): Promise<void> {
    for (const { table, from, to } of news) {
      const rows = await this.database.table<AnyRecord>(table).where(':id').between(from, to, true, true).toArray();
      const there = new Set(rows.map(({ id }) => id));
      const within = (id: string) => indexedDB.cmp(id, from) >= 0 && indexedDB.cmp(id, to) <= 0;
      const mine = (id: string) =>
        this.waiting.has(keyOf(table, id)) || this.inFlight.some((edit) => edit.table === table && edit.id === id);
      const newer = rows.flatMap((row) => {
        const shown = shownOf(table, row);
        return shown && !mine(shown.id) && shown.revision !== this.known(table, shown.id) ? [shown] : [];
      });
      const gone = [...this.current()[table].keys()].filter(
        (id) => within(id) && !there.has(id) && !mine(id) && this.known(table, id) > 0,
      );
      for (const row of newer) this.onDisk.set(keyOf(table, row.id), row);
      for (const id of gone) this.onDisk.delete(keyOf(table, id));
      if (newer.length + gone.length > 0) this.show(table, newer, gone);
    }
  }

  /** Puts records in the signals that are on the disk already. */
  private show(table: Table, rows: readonly AnyRecord[], gone: readonly string[]): void {
    const changes = [...rows.map((after) => ({ table, id: after.id, after })), ...gone.map((id) => ({ table, id }))];
    this.current.update((records) => apply(records, { label: '', changes: changes }));
  }

  private async readAll(): Promise<Records> {
    const unreadable: UnreadableRecord[] = [];
    const read = new Map(
      await Promise.all(
        TABLE_NAMES.map(async (table) => {
          const rows = await this.database.table<AnyRecord>(table).toArray();
          const whole: AnyRecord[] = [];
          for (const row of rows) {
            const shown = shownOf(table, row);
            if (shown) whole.push(shown);
            else {
              unreadable.push({ id: row.id, reason: $localize`parts are missing`, raw: row });
              await this.setAside(table, row);
            }
          }
          for (const row of whole) this.onDisk.set(keyOf(table, row.id), row);
          return [table, new Map(whole.map((row) => [row.id, row]))] as const;
        }),
      ),
    );
    this.unreadable.set(unreadable);
    return perTable((table) => (read.get(table) ?? new Map()) as Map<string, never>);
  }

  /** A damaged record whose place is needed for another gets a place of its own, so that nothing is written over it. */
  private async setAside(table: Table, row: AnyRecord): Promise<void> {
    const rows = this.database.table<object, string>(table);
    if (TABLES[table].single !== row.id) return;
    await this.database.transaction('rw', rows, async () => {
      await rows.put({ ...row, id: `${row.id}, damaged ${Date.now()}` });
      await rows.delete(row.id);
    });
    this.onDisk.delete(keyOf(table, row.id));
  }

  /** Looks every record over by its schema, some at a time, when the first screen stands; what is damaged leaves the shelf and is shown. */
  private async lookOver(): Promise<void> {
    await new Promise<void>((done) => scheduled([0], asyncScheduler).subscribe({ complete: done }));
    for (const table of TABLE_NAMES) {
      const rows = [...this.current()[table].values()] as readonly AnyRecord[];
      for (let from = 0; from < rows.length; from += CHECKED_AT_ONCE) {
        const some = rows.slice(from, from + CHECKED_AT_ONCE);
        for (const { at, reason, onlyBatch } of await this.checkRows(table, some).catch(() => [])) {
          const row = some[at];
          // what was changed in the meantime was made here, and is sound
          if (!row || this.current()[table].get(row.id) !== row) continue;
          if (onlyBatch) {
            this.show(table, [without(row as TableRecords['formulas'], 'batch')], []);
            continue;
          }
          this.unreadable.update((all) => [...all, { id: row.id, reason, raw: row }]);
          this.show(table, [], [row.id]);
          await this.setAside(table, row);
        }
      }
    }
  }
}
