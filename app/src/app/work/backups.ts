import { Injectable, computed, inject, signal } from '@angular/core';
import { Database } from '../store/database';
import { PhotoStore } from '../store/photo-store';
import { RecordStore } from '../store/record-store';
import type { StoredBackups } from '../store/records';

const DAY = 86_400_000;
/** A backup each day that Orvin is opened; a reminder where nothing was saved outside this browser for two weeks. */
const EVERY = 0.8 * DAY;
const REMIND_AFTER = 14 * DAY;

type Picker = (options: { readonly id: string; readonly mode: 'readwrite'; readonly startIn: string }) => Promise<FileSystemDirectoryHandle>; // prettier-ignore
type Permitted = FileSystemDirectoryHandle & {
  queryPermission(options: { readonly mode: 'readwrite' }): Promise<PermissionState>;
  requestPermission(options: { readonly mode: 'readwrite' }): Promise<PermissionState>;
};
const NOTHING: StoredBackups = { id: 'backups' };

/** Where the whole kitchen is saved besides this browser: a folder, written by itself once a day; or by hand, and reminded of. */
@Injectable({ providedIn: 'root' })
export class Backups {
  private readonly database = inject(Database);
  private readonly records = inject(RecordStore);
  private readonly photos = inject(PhotoStore);
  private readonly kept = signal<StoredBackups>(NOTHING);
  /** Whether the browser lets the folder be written into; 'ask' wants a click of the baker's. */
  readonly leave = signal<'yes' | 'ask'>('ask');
  readonly busy = signal(false);
  readonly problem = signal('');
  readonly folder = computed(() => this.kept().folder?.name);
  readonly backedUpAt = computed(() => this.kept().backedUpAt);
  readonly savedAt = computed(() => Math.max(this.kept().savedAt ?? 0, this.kept().backedUpAt ?? 0) || undefined);

  /** Whether this browser can write into a folder at all. */
  readonly can = 'showDirectoryPicker' in globalThis;

  async load(): Promise<void> {
    this.kept.set((await this.database.backups.get('backups').catch(() => undefined)) ?? NOTHING);
    const folder = this.kept().folder as Permitted | undefined;
    this.leave.set((await folder?.queryPermission({ mode: 'readwrite' })) === 'granted' ? 'yes' : 'ask');
  }
  private async keep(change: Partial<Omit<StoredBackups, 'id'>>): Promise<void> {
    this.kept.update((kept) => ({ ...kept, ...change }));
    await this.database.backups.put(this.kept());
  }

  /** Lets the baker choose a folder, and writes the first backup into it. Nothing happens where they choose none. */
  async choose(): Promise<void> {
    const pick = (globalThis as unknown as { readonly showDirectoryPicker: Picker }).showDirectoryPicker;
    try {
      await this.into(await pick({ id: 'orvin', mode: 'readwrite', startIn: 'documents' }));
    } catch (error) {
      if (!(error instanceof DOMException && error.name === 'AbortError')) this.problem.set(wordsOf(error));
    }
  }
  async into(folder: FileSystemDirectoryHandle): Promise<void> {
    // nothing of the folder before is known of this one
    this.kept.set({ ...this.withoutFolder(), folder });
    this.leave.set('yes');
    await this.backUp(Date.now());
  }
  /** Asks the browser again: after a restart it wants a click. */
  async allow(): Promise<void> {
    const folder = this.kept().folder as Permitted | undefined;
    if ((await folder?.requestPermission({ mode: 'readwrite' })) !== 'granted') return;
    this.leave.set('yes');
    await this.backUp(Date.now());
  }
  async stop(): Promise<void> {
    this.kept.set(this.withoutFolder());
    this.problem.set('');
    await this.database.backups.put(this.kept());
  }
  /** Everything was saved by hand. */
  saved(now: number): Promise<void> {
    return this.keep({ savedAt: now });
  }

  private withoutFolder(): StoredBackups {
    const { savedAt, remindedAt } = this.kept();
    return { ...NOTHING, ...(savedAt !== undefined && { savedAt }), ...(remindedAt !== undefined && { remindedAt }) };
  }

  async backUp(now: number): Promise<void> {
    const { folder, sha256 } = this.kept();
    if (!folder || this.busy()) return;
    this.busy.set(true);
    this.problem.set('');
    try {
      const { backUpInto } = await import('./backup-folder');
      await this.records.wholly();
      const done = await backUpInto(folder, this.records.records(), (id) => this.photos.photo(id), now, sha256);
      await this.keep({ backedUpAt: now, sha256: done.sha256 });
    } catch (error) {
      this.problem.set(wordsOf(error));
    }
    this.busy.set(false);
  }

  /** At the start, and each hour: writes where a day has passed. @returns what the baker should be told, if anything */
  async look(now: number): Promise<'nothing' | 'ask' | 'remind' | 'failed'> {
    const { folder, backedUpAt = 0, savedAt = 0, remindedAt } = this.kept();
    if (folder) {
      if (now - backedUpAt < EVERY) return 'nothing';
      if (this.leave() === 'ask') return now - Math.max(backedUpAt, remindedAt ?? 0) < DAY ? 'nothing' : this.reminded(now, 'ask'); // prettier-ignore
      await this.backUp(now);
      return this.problem() === '' ? 'nothing' : 'failed';
    }
    if (remindedAt === undefined) return this.reminded(now, 'nothing');
    const edits = await this.database.history.count().catch(() => 0);
    return edits === 0 || now - Math.max(savedAt, remindedAt) < REMIND_AFTER ? 'nothing' : this.reminded(now, 'remind');
  }
  private async reminded<T>(now: number, told: T): Promise<T> {
    await this.keep({ remindedAt: now }).catch(() => undefined);
    return told;
  }
}

const wordsOf = (error: unknown): string =>
  error instanceof DOMException && error.name === 'NotFoundError'
    ? $localize`The folder is gone. Choose another one.`
    : error instanceof DOMException && error.name === 'QuotaExceededError'
      ? $localize`There is no room in the folder.`
      : $localize`The backup could not be written: ${error instanceof Error ? error.message : String(error)}`;
