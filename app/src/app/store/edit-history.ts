import { Injectable, computed, inject, signal } from '@angular/core';
import { Database } from './database';
import { editSchema, type Edit } from './edits';

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
const TAB_KEY = 'orvin-tab';

type Held = Pick<StoredEdit, 'key' | 'edit'>;

/** What was done and undone, in order: in memory for the buttons, on the disk so that a reload can still undo. */
@Injectable({ providedIn: 'root' })
export class EditHistory {
  private readonly database = inject(Database);
  private readonly done = signal<readonly Held[]>([]);
  private readonly undone = signal<readonly Held[]>([]);
  private tab = '';
  private lastKey = 0;
  /** Edits that were read back and not looked at yet. */
  private readonly unchecked = new WeakSet<Edit>();
  private writing: Promise<unknown> = Promise.resolve();

  readonly undoLabel = computed(() => this.done().at(-1)?.edit.label);
  readonly redoLabel = computed(() => this.undone().at(-1)?.edit.label);

  get last(): Edit | undefined {
    return this.done().at(-1)?.edit;
  }

  /** Takes up the history of this tab; a new tab goes on where the last one stopped. */
  async load(): Promise<void> {
    const tabId = sessionStorage.getItem(TAB_KEY);
    this.tab = tabId ?? crypto.randomUUID();
    sessionStorage.setItem(TAB_KEY, this.tab);
    const newest = await this.database.history.toCollection().last();
    const rows =
      newest === undefined
        ? []
        : await this.database.history
            .where('tab')
            .equals(tabId ?? newest.tab)
            .sortBy('key');
    for (const { edit } of rows) this.unchecked.add(edit);
    const held = (undone: boolean) =>
      rows.filter((row) => row.undone === undone).map(({ key, edit }): Held => ({ key, edit }));
    this.done.set(held(false));
    // the edit undone last is redone first
    this.undone.set(held(true).reverse());
    this.lastKey = newest?.key ?? 0;
    if (tabId !== null || rows.length === 0) return;
    // the tab before is gone: its history is this one's now
    await this.database.history.clear();
    await this.database.history.bulkPut(rows.map((row) => ({ ...row, tab: this.tab })));
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
    if (this.unchecked.has(last.edit) && editSchema.validate(last.edit).error) {
      // what is under it was meant to be undone after it
      const gone = from().map(({ key }) => key);
      from.set([]);
      this.write(({ history }) => history.bulkDelete(gone));
      return undefined;
    }
    from.update((all) => all.slice(0, -1));
    to.update((all) => [...all, last]);
    this.write(({ history }) => history.put({ ...last, tab: this.tab, undone }));
    return last.edit;
  }

  /** Resolves when the history is on the disk. */
  settled(): Promise<unknown> {
    return this.writing;
  }

  private write(act: (database: Database) => Promise<unknown>): void {
    // without storage undo lasts as long as the page: the shelf says so
    this.writing = this.writing.then(() => act(this.database)).catch(() => undefined);
  }
}
