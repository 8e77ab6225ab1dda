import { DestroyRef, Injectable, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { asyncScheduler, fromEvent, scheduled } from 'rxjs';
import { filter } from 'rxjs/operators';
import { mergeThree, without } from '@orvin/core/ground/records';
import { CHECK_ROWS } from './checking';
import { Database, openFailure } from './database';
import { partedByShape, setAside, type UnreadableRecord } from './damaged-rows';
import { diskNews, type DiskNews } from './disk-news';
import { EditHistory } from './edit-history';
import {
  apply,
  composed,
  invert,
  merged,
  NO_RECORDS,
  onto,
  perTable,
  type Change,
  type Edit,
  type Records,
} from './edits';
import { rowsBehind, rowsNow, Turns } from './rows-behind';
import { shownOf, TABLE_NAMES, TABLES, type Table, type TableRecords } from './tables';
import { UNWRITTEN, type AnyRecord, type Unwritten } from './unwritten';
import { writeBatch } from './write-batch';
import { keptInBrowser } from './page-storage';

/** Typing goes on within one step to undo until a pause of so long. */
const PAUSE_MILLISECONDS = 1200;
/** A disk that refused is asked again after so long. */
const ASK_AGAIN_MILLISECONDS = 4000;
/** Rows that are looked over at once, behind the first screen. */
const CHECKED_AT_ONCE = 200;

export type StoreState = 'loading' | 'ready' | 'no-storage' | 'newer-database' | 'blocked';
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
  /** Long tables, until they are read behind the first screen. */
  private readonly behind = signal<ReadonlySet<Table>>(new Set());
  private reading: Promise<void> = Promise.resolve();
  private readonly turns = new Turns();
  /** What the page before could not write into one of them. */
  private notYetTakenUp: readonly Unwritten[] = [];
  /** Those of them that something was written into before they were read. */
  private readonly missed = new Set<Table>();

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

  /** Whether all that the disk holds is read: what goes by what is not there waits for it. */
  readonly isWhole = computed(() => this.behind().size === 0);

  constructor() {
    fromEvent(document, 'visibilitychange')
      .pipe(filter(() => document.visibilityState === 'visible' && this.state() === 'ready'))
      .pipe(takeUntilDestroyed())
      .subscribe(() => void this.lookAgain().catch(() => undefined));
    fromEvent(window, 'pagehide')
      .pipe(takeUntilDestroyed())
      .subscribe(() =>
        UNWRITTEN.putDown([...this.notYetTakenUp, ...this.inFlight, ...this.waiting.values()], keptInBrowser()),
      );
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
    const unwritten = UNWRITTEN.takeUp(keptInBrowser());
    this.notYetTakenUp = unwritten.filter(({ table }) => this.behind().has(table));
    this.takeUp(unwritten.filter(({ table }) => !this.behind().has(table)));
    diskNews(this.database)
      .pipe(takeUntilDestroyed(this.destroyed))
      .subscribe((news) => void this.catchUp(news).catch(() => undefined)); // a closed database has no news
    this.reading = this.readBehind();
    this.looking = this.reading.then(() => this.lookOver());
  }

  /** Resolves when all that the disk holds is read. */
  wholly(): Promise<void> {
    this.turns.hurry();
    return this.reading;
  }

  undo(): void {
    this.whenWhole(() => {
      const edit = this.history.undo();
      if (edit) this.put(onto(this.current(), invert(edit)));
    });
  }

  redo(): void {
    this.whenWhole(() => {
      const edit = this.history.redo();
      if (edit) this.put(onto(this.current(), edit));
    });
  }
  private whenWhole(act: () => void): void {
    if (this.isWhole()) act();
    else void this.wholly().then(act);
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
  private takeUp(unwritten: readonly Unwritten[]): void {
    for (const edit of unwritten) {
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
    this.writing = this.writeNow(batch)
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

  private async writeNow(batch: readonly Unwritten[]): Promise<void> {
    const { written, met } = await writeBatch(this.database, batch, (table, id) => this.known(table, id));
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
      // all of it is taken over when it is read
      if (this.behind().has(table)) {
        this.missed.add(table);
        continue;
      }
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
    this.unreadable.set([]);
    const read = new Map(
      await Promise.all(
        TABLE_NAMES.map(async (table) => {
          const rows = await rowsNow(this.database.table<AnyRecord, string>(table), TABLES[table].mayBeLong === true);
          if (rows === 'later') this.behind.update((others) => new Set([...others, table]));
          const whole = rows === 'later' ? [] : await this.readable(table, rows);
          for (const row of whole) this.onDisk.set(keyOf(table, row.id), row);
          return [table, new Map(whole.map((row) => [row.id, row]))] as const;
        }),
      ),
    );
    return perTable((table) => (read.get(table) ?? new Map()) as Map<string, never>);
  }

  /** Reads the long tables. What was written here in the meantime is later than what was read. */
  private async readBehind(): Promise<void> {
    try {
      for (const table of this.behind()) {
        const whole: AnyRecord[] = [];
        for await (const some of rowsBehind(this.database.table<AnyRecord, string>(table), this.turns.next))
          whole.push(...(await this.readable(table, some)));
        const later = ({ id }: AnyRecord) => this.onDisk.has(keyOf(table, id)) || this.waiting.has(keyOf(table, id)) || this.current()[table].has(id); // prettier-ignore
        const earlier = whole.filter((row) => !later(row));
        for (const row of earlier) this.onDisk.set(keyOf(table, row.id), row);
        this.show(table, earlier, []);
        this.behind.update((tables) => new Set([...tables].filter((other) => other !== table)));
        if (this.missed.delete(table)) await this.catchUp([{ table, from: '', to: '\uffff' }]);
      }
    } catch (error) {
      this.state.set(openFailure(error));
      this.behind.set(new Set());
    }
    this.takeUp(this.notYetTakenUp);
    this.notYetTakenUp = [];
  }

  /** The rows that can be shown; the others are told. */
  private async readable(table: Table, rows: readonly AnyRecord[]): Promise<readonly AnyRecord[]> {
    const { whole, damaged } = partedByShape(table, rows);
    if (damaged.length > 0)
      this.unreadable.update((all) => [...all, ...damaged.map((raw) => ({ id: raw.id, reason: $localize`parts are missing`, raw }))]); // prettier-ignore
    for (const row of damaged) await this.setAside(table, row);
    return whole;
  }
  private async setAside(table: Table, row: AnyRecord): Promise<void> {
    if (await setAside(this.database, table, row)) this.onDisk.delete(keyOf(table, row.id));
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
