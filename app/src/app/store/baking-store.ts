import { Injectable, computed, inject } from '@angular/core';
import { isOver, type Baking, type Happening, type Reading } from '@orvin/core/along/baking';
import { RecordStore } from './record-store';
import type { StoredBaking } from './records';

/** Bakes that are made along, and those that were. What happens in one is an edit, and one to undo; what instruments said is only kept. */
@Injectable({ providedIn: 'root' })
export class BakingStore {
  private readonly store = inject(RecordStore);
  private readonly records = this.store.records;
  /** The latest first. */
  readonly bakings = computed(() => [...this.records().bakings.values()].sort((a, b) => b.createdAt - a.createdAt));
  /** Those that are under way. */
  readonly underWay = computed(() => this.bakings().filter(({ baking }) => !isOver(baking.happenings)));

  baking(id: string): StoredBaking | undefined {
    return this.records().bakings.get(id);
  }
  begin(baking: Baking): StoredBaking {
    const now = Date.now();
    const record: StoredBaking = { id: crypto.randomUUID(), revision: 1, createdAt: now, changedAt: now, baking };
    this.store.commit({
      label: $localize`beginning ${baking.title}`,
      changes: [{ table: 'bakings', id: record.id, after: record }],
    });
    return record;
  }
  /** @param label of the act, as undo says it */
  happened(id: string, label: string, happenings: readonly Happening[], mergeAs?: string): void {
    const before = this.baking(id);
    if (!before || happenings.length === 0) return;
    const baking = { ...before.baking, happenings: [...before.baking.happenings, ...happenings] };
    const after: StoredBaking = { ...before, baking, revision: before.revision + 1, changedAt: Date.now() };
    this.store.commit({
      label,
      changes: [{ table: 'bakings', id, before, after }],
      ...(mergeAs !== undefined && { mergeAs: `${id} ${mergeAs}` }),
    });
  }
  /** What instruments said is kept beside it, and is no act of the baker's. */
  keepReading(id: string, reading: Reading): void {
    const before = this.baking(id);
    if (!before) return;
    const baking = { ...before.baking, readings: [...before.baking.readings, reading] };
    const after: StoredBaking = { ...before, baking, revision: before.revision + 1 };
    this.store.put({ label: '', changes: [{ table: 'bakings', id, before, after }] });
  }
  remove(id: string): void {
    const before = this.baking(id);
    if (!before) return;
    this.store.commit({
      label: $localize`taking ${before.baking.title} off`,
      changes: [{ table: 'bakings', id, before }],
    });
  }
}
