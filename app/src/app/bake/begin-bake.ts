import { Injectable, inject } from '@angular/core';
import { isSame } from '@orvin/core/ground/records';
import { clauseWords, usualHands, walkOf, type WalkStep } from '@orvin/core/along/walk';
import { batchOf } from '@orvin/core/batch/batch';
import type { OneBake } from '@orvin/core/batch/bakes';
import type { BakePrediction } from '@orvin/core/oven/baking';
import { snapshotOf } from '@orvin/core/batch/snapshots';
import { plainStep, sheetDocument, type SheetDocument } from '@orvin/core/papers/cooking-sheet';
import { BakingStore } from '../store/baking-store';
import type { StoredFormula } from '../store/records';
import { FormulaStore } from '../store/formula-store';
import { RecordStore } from '../store/record-store';
import { Bakes, type Decided } from '../work/bakes';
import { Work } from '../work/work-client';

/** Where it belongs: a day that it is planned in. */
export interface Belongs {
  readonly dayId?: string;
  readonly wishId?: string;
  readonly dueAt?: number;
}

/** Sets a bake down and begins it: what the Bench, Batch and Oven decide afterwards does not move it. */
@Injectable({ providedIn: 'root' })
export class BeginBake {
  private readonly bakes = inject(Bakes);
  private readonly bakings = inject(BakingStore);
  private readonly store = inject(FormulaStore);
  private readonly work = inject(Work);
  private readonly records = inject(RecordStore);

  /** @returns the id of the bake that is under way */
  async begin(record: StoredFormula, belongs: Belongs = {}, decided: Decided = record): Promise<string> {
    const bake = this.bakes.of(decided);
    const foreseen = await Promise.all(
      bake.portions.map(async ({ job }) => {
        const result = await this.work.run('bake', job);
        return result.kind === 'foreseen' ? result.bake : undefined;
      }),
    );
    const known = this.store.versionsOf(record.id).find(({ formula }) => isSame(formula, decided.formula));
    let id = '';
    // a bake belongs to a version for ever: a formula that was changed since its last is kept as one, in the same act
    this.records.together($localize`beginning ${decided.formula.title || $localize`a bake`}`, () => {
      const unkept = !known && isSame(decided.formula, record.formula);
      const version = known ?? (unkept ? this.store.keep(record.id, $localize`as it was baked`) : undefined);
      id = this.set(record.id, bake, foreseen, version?.number, belongs);
    });
    return id;
  }
  private set(
    formulaId: string,
    bake: OneBake,
    foreseen: readonly (BakePrediction | undefined)[],
    version: number | undefined,
    belongs: Belongs,
  ): string {
    const batch = batchOf(bake);
    const sheet = sheetDocument(bake, batch, { foreseen, ...(version !== undefined && { version }) });
    const walk = walkOf({ bake, batch, foreseen });
    const usual = usualHands({ bake, batch, foreseen });
    const of = { formulaId, ...(version !== undefined && { versionNumber: version }) };
    return this.bakings.begin({
      title: bake.order.formula.title || $localize`Without a name`,
      size: sheet.pans.map(({ name }) => name).join(' and '),
      snapshot: snapshotOf(bake, of, foreseen),
      walk,
      usual,
      words: wordsOf(walk, bake.audit.steps, sheet),
      happenings: [{ kind: 'step', to: walk[0]?.id ?? 'heat', at: Date.now() }],
      readings: [],
      ...belongs,
    }).id;
  }
}

/** The method in the words of this batch, act by act. */
function wordsOf(
  walk: readonly WalkStep[],
  steps: readonly { readonly id: string; readonly text: string }[],
  sheet: SheetDocument,
): Readonly<Record<string, string>> {
  const written = steps.filter(({ text }) => text.trim() !== '');
  return Object.fromEntries(
    walk.flatMap((step) => {
      if (step.kind !== 'mix') return [];
      const nth = written.findIndex(({ id }) => id === step.stepId);
      const now = plainStep(sheet.steps[nth]?.words ?? []);
      const words = step.clause ? clauseWords(written[nth]?.text ?? '', step.clause, now) : now;
      return [[step.id, words] as const];
    }),
  );
}
