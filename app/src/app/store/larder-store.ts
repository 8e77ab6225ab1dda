import { Injectable, computed, inject } from '@angular/core';
import type { PutAway } from '@orvin/core/keep/larder';
import { RecordStore } from './record-store';
import type { StoredPutAway } from './records';

/** What was baked and put away. Each act is one edit, and one to undo. */
@Injectable({ providedIn: 'root' })
export class LarderStore {
  private readonly store = inject(RecordStore);
  private readonly records = computed(() => this.store.records().larder);
  readonly items = computed(() => [...this.records().values()]);

  item(id: string): StoredPutAway | undefined {
    return this.records().get(id);
  }
  add(item: PutAway): StoredPutAway {
    const now = Date.now();
    const after: StoredPutAway = {
      id: crypto.randomUUID(),
      revision: 1,
      createdAt: now,
      changedAt: now,
      demo: false,
      item,
    };
    this.store.commit({
      label: $localize`putting ${item.title} away`,
      changes: [{ table: 'larder', id: after.id, after }],
    });
    return after;
  }
  change(id: string, label: string, next: (item: PutAway) => PutAway): void {
    const before = this.item(id);
    if (!before) return;
    const after: StoredPutAway = {
      ...before,
      item: next(before.item),
      revision: before.revision + 1,
      changedAt: Date.now(),
    };
    this.store.commit({ label, changes: [{ table: 'larder', id, before, after }] });
  }
  remove(id: string): void {
    const before = this.item(id);
    if (!before) return;
    this.store.commit({
      label: $localize`taking ${before.item.title} off the list`,
      changes: [{ table: 'larder', id, before }],
    });
  }
}
