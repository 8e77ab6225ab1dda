import { Injectable, computed, inject } from '@angular/core';
import type { BakeRecord } from '@orvin/core/book/records';
import { RecordStore } from './record-store';
import type { StoredBake } from './records';

/** Bakes that were recorded. Keeping one, changing it and taking it off are acts of the baker, each one to undo. */
@Injectable({ providedIn: 'root' })
export class BookStore {
  private readonly store = inject(RecordStore);
  /** Of all records only these: what is typed elsewhere moves nothing here. */
  private readonly records = computed(() => this.store.records().bakes);
  /** The latest first. */
  readonly bakes = computed(() => [...this.records().values()].sort((a, b) => b.record.at - a.record.at));

  /** Whether all bakes are read: a Book of years is read behind the first screen. */
  readonly isRead = this.store.isWhole;

  bake(id: string): StoredBake | undefined {
    return this.records().get(id);
  }
  keep(record: BakeRecord): StoredBake {
    const now = Date.now();
    const after: StoredBake = {
      id: crypto.randomUUID(),
      revision: 1,
      createdAt: now,
      changedAt: now,
      demo: false,
      record,
    };
    this.store.commit({
      label: $localize`the bake of ${record.title}`,
      changes: [{ table: 'bakes', id: after.id, after }],
    });
    return after;
  }
  /** Puts bakes of a file in place, one act: new ones, and others beside those that differ. */
  bringIn(brought: readonly { readonly id: string; readonly record: BakeRecord }[]): void {
    const now = Date.now();
    this.store.commit({
      label: $localize`bringing in ${brought.length} bakes`,
      changes: brought.map(({ id, record }) => {
        const free = this.bake(id) ? crypto.randomUUID() : id;
        const after: StoredBake = { id: free, revision: 1, createdAt: now, changedAt: now, demo: false, record };
        return { table: 'bakes' as const, id: free, after };
      }),
    });
  }
  change(id: string, label: string, next: (record: BakeRecord) => BakeRecord, mergeAs?: string): void {
    const before = this.bake(id);
    if (!before) return;
    const after: StoredBake = {
      ...before,
      record: next(before.record),
      revision: before.revision + 1,
      changedAt: Date.now(),
    };
    this.store.commit({
      label,
      changes: [{ table: 'bakes', id, before, after }],
      ...(mergeAs !== undefined && { mergeAs: `${id} ${mergeAs}` }),
    });
  }
  remove(id: string): void {
    const before = this.bake(id);
    if (!before) return;
    this.store.commit({
      label: $localize`taking off the bake of ${before.record.title}`,
      changes: [{ table: 'bakes', id, before }],
    });
  }
}
