import { Injectable, computed, inject } from '@angular/core';
import { EMPTY_SHEET, type DaySheet, type KeptPlan } from '@orvin/core/day/sheets';
import { RecordStore } from './record-store';
import type { StoredPlan } from './records';

/** The baker's planned days. Each act is one edit, and one to undo; a plan that was found is no act, and only kept. */
@Injectable({ providedIn: 'root' })
export class PlanStore {
  private readonly store = inject(RecordStore);
  private readonly records = this.store.records;
  /** The latest day first. */
  readonly plans = computed(() =>
    [...this.records().plans.values()].sort((a, b) =>
      a.sheet.date < b.sheet.date ? 1 : a.sheet.date > b.sheet.date ? -1 : b.createdAt - a.createdAt,
    ),
  );

  plan(id: string): StoredPlan | undefined {
    return this.records().plans.get(id);
  }

  add(date: string, zone: string, more: Partial<DaySheet> = {}): StoredPlan {
    const now = Date.now();
    const record: StoredPlan = {
      id: crypto.randomUUID(),
      revision: 1,
      createdAt: now,
      changedAt: now,
      demo: false,
      sheet: { ...EMPTY_SHEET, date, zone, ...more },
    };
    this.store.commit({ label: $localize`a new day`, changes: [{ table: 'plans', id: record.id, after: record }] });
    return record;
  }

  change(id: string, label: string, next: (sheet: DaySheet) => DaySheet, mergeAs?: string): void {
    const before = this.plan(id);
    if (!before) return;
    const after: StoredPlan = {
      ...before,
      sheet: next(before.sheet),
      revision: before.revision + 1,
      changedAt: Date.now(),
    };
    this.store.commit({
      label,
      changes: [{ table: 'plans', id, before, after }],
      ...(mergeAs !== undefined && { mergeAs: `${id} ${mergeAs}` }),
    });
  }

  /** Keeps the plan that was found, beside the sheet that it was found for. */
  keepPlan(id: string, sheet: DaySheet, kept: KeptPlan): void {
    const before = this.plan(id);
    if (before?.sheet !== sheet) return;
    const after: StoredPlan = { ...before, sheet: { ...sheet, kept }, revision: before.revision + 1 };
    this.store.put({ label: '', changes: [{ table: 'plans', id, before, after }] });
  }

  remove(id: string): void {
    const before = this.plan(id);
    if (!before) return;
    const name = before.sheet.name === '' ? before.sheet.date : before.sheet.name;
    this.store.commit({ label: $localize`taking ${name} off`, changes: [{ table: 'plans', id, before }] });
  }
}
