import { Injectable, computed, effect, inject, signal } from '@angular/core';
import { type BakeRecord } from '@orvin/core/book/records';
import { bakeRecordSchema } from '@orvin/core/book/record-schema';
import type { BakeJob, BakePrediction } from '@orvin/core/oven/baking';
import { recordOfBake, recordOfBaking, withMinutes } from '@orvin/core/book/known';
import { EMPTY_BATCH } from '@orvin/core/batch/plan';
import { isSame, withoutUndefined } from '@orvin/core/ground/records';
import { BakingStore } from '../store/baking-store';
import { BookStore } from '../store/book-store';
import { PlanStore } from '../store/plan-store';
import { RecordStore } from '../store/record-store';
import { FormulaStore } from '../store/formula-store';
import { Bakes } from '../work/bakes';
import { Readings } from '../work/readings';
import { Work } from '../work/work-client';
import { keptInBrowser } from '../store/page-storage';

/** Whose record is written: one that is kept, a bake along, a formula as it stands, or a bake without either. */
export interface DraftOf {
  readonly kept?: string | undefined;
  readonly baking?: string | undefined;
  readonly formula?: string | undefined;
}
/** What is said of a bake; undefined takes back what was said. */
export type Saying = { readonly [K in keyof BakeRecord]?: BakeRecord[K] | undefined };
const WITHOUT_ORVIN: BakeRecord = { title: '', at: 0, size: '', pan: '', celsius: 180, fan: false, outMinutes: 40, readings: {} }; // prettier-ignore
const keyOf = ({ kept, baking, formula }: DraftOf) => `orvin-record ${kept ?? baking ?? formula ?? ''}`;

/** The record that is being written. A kept one is changed at once; a new one is a draft until it is kept, and outlives a reload. */
@Injectable()
export class RecordDraft {
  private readonly book = inject(BookStore);
  private readonly bakings = inject(BakingStore);
  private readonly formulas = inject(FormulaStore);
  private readonly bakes = inject(Bakes);
  private readonly readings = inject(Readings);
  private readonly work = inject(Work);
  private readonly records = inject(RecordStore);
  private readonly plans = inject(PlanStore);

  readonly of = signal<DraftOf>({});
  /** What was said of it so far. */
  private readonly said = signal<Partial<BakeRecord>>({});
  private readonly began = Date.now();

  private readonly stored = computed(() => {
    const id = this.of().formula;
    return id === undefined ? undefined : this.formulas.formula(id);
  });
  private readonly bake = computed(() => {
    const record = this.stored();
    return record && this.bakes.of(record);
  });
  private readonly foreseen = this.bakes.foreseen(this.bake);
  /** The bake as it is simulated, where it is one of a formula or was made along: what its next window follows from. */
  readonly job = computed<BakeJob | undefined>(() => {
    const { baking } = this.of();
    const along = baking === undefined ? undefined : this.bakings.baking(baking)?.baking.snapshot.portions[0]?.job;
    return along ?? this.bake()?.portions[0]?.job;
  });
  /** What is known before anybody is asked. */
  readonly known = computed<BakeRecord | undefined>(() => {
    const { kept, baking } = this.of();
    if (kept !== undefined) return this.book.bake(kept)?.record;
    if (baking !== undefined) {
      const along = this.bakings.baking(baking);
      const formula = along && this.formulas.asBaked(along.baking.snapshot);
      const known = along && recordOfBaking(baking, along.baking, formula && this.readings.of(formula));
      return known && this.withKeptBatch(this.withChange(known));
    }
    return this.ofFormula(this.foreseen()[0]) ?? { ...WITHOUT_ORVIN, at: this.began };
  });
  private ofFormula(foreseen: BakePrediction | undefined): BakeRecord | undefined {
    const bake = this.bake();
    const record = this.stored();
    if (!bake || !record) return undefined;
    const version = this.versionNow();
    const known = recordOfBake(bake, foreseen, { at: this.began, formulaId: record.id, ...(version !== undefined && { versionNumber: version }) }); // prettier-ignore
    return this.withKeptBatch(known);
  }
  /** With the batch that was kept so, where one was. */
  private withKeptBatch(record: BakeRecord): BakeRecord {
    const { formulaId = '', batch = EMPTY_BATCH } = record;
    const kept = this.formulas.batchesOf(formulaId).find(({ sheet, versionNumber }) => versionNumber === record.versionNumber && isSame(sheet, batch)); // prettier-ignore
    return kept ? { ...record, batchId: kept.id } : record;
  }
  /** With what was changed, where it is a half of a day of two. */
  private withChange(record: BakeRecord): BakeRecord {
    const { half } = record;
    const change = half && this.plans.plan(half.trial)?.sheet.trial?.change;
    return half && change !== undefined ? { ...record, half: { ...half, change } } : record;
  }
  /** The kept version that the formula is just now, where it is one. */
  private versionNow(): number | undefined {
    const record = this.stored();
    return record && this.formulas.versionsOf(record.id).find(({ formula }) => isSame(formula, record.formula))?.number;
  }
  /** A bake belongs to a version for ever: a formula that was changed since its last is kept as one, in the same act. */
  private withItsVersion(record: BakeRecord): string {
    let id = '';
    const formula = this.stored();
    this.records.together($localize`the bake of ${record.title}`, () => {
      const kept = formula && record.versionNumber === undefined ? this.formulas.keep(formula.id, $localize`as it was baked`) : undefined; // prettier-ignore
      id = this.book.keep(kept ? { ...record, versionNumber: kept.number } : record).id;
    });
    return id;
  }
  readonly record = computed<BakeRecord | undefined>(() => {
    const known = this.known();
    return known && (this.of().kept === undefined ? this.withSaid(known) : known);
  });
  private withSaid(known: BakeRecord): BakeRecord {
    const { outMinutes, ...said } = this.said();
    const merged = { ...known, ...said };
    return outMinutes === undefined ? merged : withMinutes(merged, outMinutes);
  }

  constructor() {
    effect(() => {
      const kept = keptInBrowser().getItem(keyOf(this.of()));
      this.said.set(kept === null ? {} : readDraft(kept));
    });
  }
  say(label: string, change: Saying): void {
    const { kept } = this.of();
    if (kept !== undefined) {
      const { outMinutes, ...rest } = change;
      this.book.change(kept, label, (record) => {
        const next = withoutUndefined({ ...record, ...rest });
        return outMinutes === undefined ? next : withMinutes(next, outMinutes);
      }, label); // prettier-ignore
      return;
    }
    this.said.update((said) => withoutUndefined({ ...said, ...change }));
    keptInBrowser().setItem(keyOf(this.of()), JSON.stringify(this.said()));
  }
  /** Keeps it. Whoever was faster than what is foreseen waits for that. @returns the id of the record */
  async keep(): Promise<string | undefined> {
    let record = this.record();
    const job = this.job();
    if (record?.formulaId !== undefined && record.bakingId === undefined && !record.foreseen && job) {
      const result = await this.work.run('bake', job).catch(() => undefined);
      const known = this.ofFormula(result?.kind === 'foreseen' ? result.bake : undefined);
      record = known && this.withSaid(known);
    }
    if (!record) return undefined;
    keptInBrowser().removeItem(keyOf(this.of()));
    return this.withItsVersion(withoutUndefined(record));
  }
}

function readDraft(text: string): Partial<BakeRecord> {
  try {
    const draft = bakeRecordSchema.fork(['title', 'at', 'size', 'pan', 'celsius', 'fan', 'outMinutes', 'readings'], (each) => each.optional()); // prettier-ignore
    const { error, value } = draft.validate(JSON.parse(text)) as { readonly error?: Error; readonly value: Partial<BakeRecord> }; // prettier-ignore
    return error ? {} : value;
  } catch {
    return {};
  }
}
