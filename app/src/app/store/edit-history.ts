import { DestroyRef, Injectable, computed, inject, signal } from '@angular/core';
import { takeUntilDestroyed } from '@angular/core/rxjs-interop';
import { fromEvent } from 'rxjs';
import { Database } from './database';
import { CHECK_ROWS } from './checking';
import type { Edit } from './edits';
import { leaveTab, ownTab } from './own-tab';
import { keptInTab } from './page-storage';
import { UnloadJournal } from './unload-journal';

/** An edit on the disk. */
export interface StoredEdit {
  /** Rises with every edit, and is no other tab's. */
  readonly key: number;
  /** Each tab has a history of its own. */
  readonly tab: string;
  readonly undone: boolean;
  readonly edit: Edit;
}

/** Steps that can be undone; more would only fill the disk. */
const UNDO_DEPTH = 200;

/** What a closed tab did is kept for so long, to be gone on with. */
const KEPT_MILLISECONDS = 30 * 86_400_000;
/** Keys tell when an edit was made, to the millisecond and a thousandth. */
const KEYS_A_MILLISECOND = 1000;
type Held = Pick<StoredEdit, 'key' | 'edit'>;
/** A row that waits to be written: none means deleted. */
type Waiting = readonly [key: number, row: StoredEdit | null];

function isWaiting(entry: unknown): entry is Waiting {
  if (!Array.isArray(entry) || typeof entry[0] !== 'number') return false;
  const row: unknown = entry[1];
  if (row === null) return true;
  return typeof row === 'object' && 'key' in row && 'edit' in row && typeof row.edit === 'object' && row.edit !== null;
}

/** What the last page of this tab could not write any more. */
const UNWRITTEN = new UnloadJournal('orvin-history-unwritten-', isWaiting);

/** What was done and undone, in order: in memory for the buttons, on the disk so that a reload can still undo. */
@Injectable({ providedIn: 'root' })
export class EditHistory {
  private readonly database = inject(Database);
  private readonly destroyed = inject(DestroyRef);
  private readonly done = signal<readonly Held[]>([]);
  private readonly undone = signal<readonly Held[]>([]);
  private tab = '';
  private lastKey = 0;
  private readonly checkRows = inject(CHECK_ROWS);
  /** Rows that are not on the disk yet, the latest state of each. */
  private readonly waiting = new Map<number, StoredEdit | null>();
  private writing: Promise<unknown> = Promise.resolve();
  private looking: Promise<unknown> = Promise.resolve();

  readonly undoLabel = computed(() => this.done().at(-1)?.edit.label);
  readonly redoLabel = computed(() => this.undone().at(-1)?.edit.label);

  constructor() {
    fromEvent(window, 'pagehide')
      .pipe(takeUntilDestroyed())
      .subscribe(() => this.leave());
  }

  /** As the page goes: what it could not write any more waits for the next page of this tab. */
  private leave(): void {
    leaveTab();
    UNWRITTEN.putDown([...this.waiting], keptInTab());
  }

  get last(): Edit | undefined {
    return this.done().at(-1)?.edit;
  }

  /** Takes up the history of this tab, or of one that was closed; the history of a tab that is open is its own. */
  async load(): Promise<void> {
    const { id, isOpen } = await ownTab(new Promise((left) => this.destroyed.onDestroy(left)));
    this.tab = id;
    for (const [key, row] of UNWRITTEN.takeUp(keptInTab())) this.waiting.set(key, row && { ...row, tab: id });
    await this.flush().catch(() => undefined); // a full disk is said where records are written
    const newest = await this.database.history.toCollection().last();
    this.lastKey = newest?.key ?? 0;
    const ofTab = (tab: string) => this.database.history.where('tab').equals(tab).sortBy('key');
    let rows = await ofTab(id);
    if (rows.length === 0 && newest && !(await isOpen(newest.tab))) {
      rows = (await ofTab(newest.tab)).map((row) => ({ ...row, tab: id }));
      await this.database.history.bulkPut(rows);
    }
    const held = (undone: boolean) =>
      rows.filter((row) => row.undone === undone).map(({ key, edit }): Held => ({ key, edit }));
    this.done.set(held(false));
    // the edit undone last is redone first
    this.undone.set(held(true).reverse());
    this.looking = this.lookOver(rows).then(() => this.forgetOld(isOpen).catch(() => undefined));
  }

  /** Tabs that were closed long ago left histories that nobody goes on with. */
  private async forgetOld(isOpen: (tab: string) => Promise<boolean>): Promise<void> {
    const { history } = this.database;
    const old = await history.where('key').below((Date.now() - KEPT_MILLISECONDS) * KEYS_A_MILLISECOND).toArray(); // prettier-ignore
    for (const tab of new Set(old.map((row) => row.tab)))
      if (tab !== this.tab && !(await isOpen(tab)))
        await history.bulkDelete(old.filter((row) => row.tab === tab).map(({ key }) => key));
  }

  /** An edit that came back damaged goes, and with it what was meant to be undone after it. */
  private async lookOver(rows: readonly StoredEdit[]): Promise<void> {
    const faults = await this.checkRows(
      'history',
      rows.map(({ edit }) => edit),
    ).catch(() => []);
    const last = Math.max(...faults.map(({ at }) => rows[at]?.key ?? 0));
    if (faults.length === 0) return;
    const sound = ({ key }: Held) => key > last;
    this.done.update((all) => all.filter(sound));
    this.undone.update((all) => all.filter(sound));
    for (const { key } of rows) if (key <= last) this.waiting.set(key, null);
    this.write();
  }

  push(edit: Edit): void {
    // the clock and chance keep two open tabs apart, which began after the same key
    const now = Date.now() * KEYS_A_MILLISECOND;
    this.lastKey = Math.max(this.lastKey, now) + 1 + Math.floor(Math.random() * KEYS_A_MILLISECOND);
    const held: Held = { key: this.lastKey, edit };
    const all = [...this.done(), held];
    for (const { key } of [...this.undone(), ...all.slice(0, -UNDO_DEPTH)]) this.waiting.set(key, null);
    this.done.set(all.slice(-UNDO_DEPTH));
    this.undone.set([]);
    this.keep(held, false);
  }

  /** Puts another in the place of the last: typing that goes on. */
  replaceLast(edit: Edit): void {
    const last = this.done().at(-1);
    if (!last) return;
    const held: Held = { key: last.key, edit };
    this.done.update((all) => [...all.slice(0, -1), held]);
    this.keep(held, false);
  }

  /** The edit to take back, moved to the undone; undefined when there is none, or none that can be read. */
  undo(): Edit | undefined {
    return this.move(this.done, this.undone, true);
  }

  redo(): Edit | undefined {
    return this.move(this.undone, this.done, false);
  }

  private move(from: typeof this.done, to: typeof this.done, undone: boolean): Edit | undefined {
    const last = from().at(-1);
    if (!last) return undefined;
    from.update((all) => all.slice(0, -1));
    to.update((all) => [...all, last]);
    this.keep(last, undone);
    return last.edit;
  }

  /** Resolves when the history is on the disk. */
  async settled(): Promise<void> {
    await this.looking;
    await this.writing;
  }

  private keep(held: Held, undone: boolean): void {
    this.waiting.set(held.key, { ...held, tab: this.tab, undone });
    this.write();
  }

  private write(): void {
    // without storage undo lasts as long as the page: the shelf says so
    this.writing = this.writing.then(() => this.flush()).catch(() => undefined);
  }

  private async flush(): Promise<void> {
    const some = [...this.waiting];
    if (some.length === 0) return;
    const { database } = this;
    await database.transaction('rw', database.history, async () => {
      await database.history.bulkDelete(some.flatMap(([key, row]) => (row ? [] : [key])));
      await database.history.bulkPut(some.flatMap(([, row]) => row ?? []));
    });
    for (const [key, row] of some) if (this.waiting.get(key) === row) this.waiting.delete(key);
  }
}
