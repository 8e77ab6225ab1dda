import { DestroyRef, Injectable, computed, inject, signal } from '@angular/core';
import { Database } from './database';
import { CHECK_ROWS } from './checking';
import type { Edit } from './edits';
import { ownTab } from './own-tab';

/** An edit on the disk. */
export interface StoredEdit {
  /** Rises with every edit. */
  readonly key: number;
  /** Each tab has a history of its own. */
  readonly tab: string;
  readonly undone: boolean;
  readonly edit: Edit;
}

/** Steps that can be undone; more would only fill the disk. */
const UNDO_DEPTH = 200;

type Held = Pick<StoredEdit, 'key' | 'edit'>;

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
  private writing: Promise<unknown> = Promise.resolve();
  private looking: Promise<unknown> = Promise.resolve();

  readonly undoLabel = computed(() => this.done().at(-1)?.edit.label);
  readonly redoLabel = computed(() => this.undone().at(-1)?.edit.label);

  get last(): Edit | undefined {
    return this.done().at(-1)?.edit;
  }

  /** Takes up the history of this tab, or of one that was closed; the history of a tab that is open is its own. */
  async load(): Promise<void> {
    const { id, isOpen } = await ownTab(new Promise((left) => this.destroyed.onDestroy(left)));
    this.tab = id;
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
    this.looking = this.lookOver(rows);
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
    const gone = rows.filter(({ key }) => key <= last).map(({ key }) => key);
    this.write(({ history }) => history.bulkDelete(gone));
  }

  push(edit: Edit): void {
    const held: Held = { key: ++this.lastKey, edit };
    const gone = this.undone().map(({ key }) => key);
    const all = [...this.done(), held];
    gone.push(...all.slice(0, -UNDO_DEPTH).map(({ key }) => key));
    this.done.set(all.slice(-UNDO_DEPTH));
    this.undone.set([]);
    this.write(async ({ history }) => {
      await history.bulkDelete(gone);
      await history.put({ ...held, tab: this.tab, undone: false });
    });
  }

  /** Puts another in the place of the last: typing that goes on. */
  replaceLast(edit: Edit): void {
    const last = this.done().at(-1);
    if (!last) return;
    const held: Held = { key: last.key, edit };
    this.done.update((all) => [...all.slice(0, -1), held]);
    this.write(({ history }) => history.put({ ...held, tab: this.tab, undone: false }));
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
    this.write(({ history }) => history.put({ ...last, tab: this.tab, undone }));
    return last.edit;
  }

  /** Resolves when the history is on the disk. */
  async settled(): Promise<void> {
    await this.looking;
    await this.writing;
  }

  private write(act: (database: Database) => Promise<unknown>): void {
    // without storage undo lasts as long as the page: the shelf says so
    this.writing = this.writing.then(() => act(this.database)).catch(() => undefined);
  }
}
