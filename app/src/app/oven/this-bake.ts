import { knownBakeJob } from '@orvin/core/batch/bake-jobs';
import { Injectable, computed, inject } from '@angular/core';
import { otherWays, partnerBake } from '@orvin/core/batch/bakes';
import type { KnownBake } from '@orvin/core/formula/formula';
import { ovenOffset, UNKNOWN_OVEN, USUAL_PLACE, type OwnOven } from '@orvin/core/kitchen/kitchen';
import { vesselWritten } from '@orvin/core/formula/vessels';
import { isFree } from '@orvin/core/kitchen/pans';
import type { BakeJob } from '@orvin/core/oven/baking';
import type { OvenSettings } from '@orvin/core/oven/settings';
import { withoutUndefined } from '@orvin/core/ground/records';
import { FormulaStore } from '../store/formula-store';
import { Bakes } from '../work/bakes';
import { OnBench } from '../work/on-bench';
import { Readings } from '../work/readings';

type SheetChange = { readonly [K in keyof OvenSettings]?: OvenSettings[K] | undefined };

/** The bake at the Oven: what is set for it, read from the record and written as edits; and the one bake that follows from it. */
@Injectable()
export class ThisBake {
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly readings = inject(Readings);
  private readonly bake = inject(Bakes).atHand;

  readonly sheet = computed<OvenSettings>(() => this.onBench.record()?.oven ?? {});
  readonly known = computed<KnownBake>(() => this.onBench.record()?.formula.bake ?? { fan: false });
  readonly ownOven = computed<OwnOven>(() => this.store.kitchen().oven ?? UNKNOWN_OVEN);
  readonly offset = computed(() => ovenOffset(this.ownOven()));
  readonly place = computed(() => this.store.kitchen().place ?? USUAL_PLACE);
  private readonly atOven = computed(() => this.bake()?.atOven);
  /** How its method cooks it without an oven. */
  readonly withoutAnOven = computed(() => this.bake()?.withoutAnOven);
  readonly fan = computed(() => this.atOven()?.fan ?? false);
  /** The pans as written: the baker's choice, the batch's, or those the formula was written for. */
  readonly written = computed(() => this.atOven()?.written ?? '');
  readonly parsed = computed(() => this.atOven()?.parsed);
  readonly pans = computed(() => this.atOven()?.pans);
  /** All the batter that is baked, g. */
  readonly grams = computed(() => this.atOven()?.grams ?? 0);
  readonly job = computed(() => this.atOven()?.job);
  /** The other ways to bake it; those that cannot be worked out have no job. */
  readonly ways = computed(() => {
    const bake = this.bake();
    return bake ? otherWays(bake) : [];
  });
  /** The known bake as it was baked: its pan, its set point. */
  readonly knownJob = computed<BakeJob | undefined>(() => {
    const bake = this.bake();
    return bake && knownBakeJob(bake);
  });

  /** The bake of another formula on the shelf, as its own oven sheet has it, in this oven. */
  otherJob(id: string): BakeJob | undefined {
    const [record, bake] = [this.store.formula(id), this.bake()];
    if (!record || !bake) return undefined;
    const { formula, oven } = record;
    return partnerBake(bake, { formula, audit: this.readings.of(formula), oven, recipe: id });
  }
  /** Other formulas that name a pan, to share the oven with. */
  readonly others = computed(() => {
    const ownPans = this.store.kitchen().pans;
    return this.store
      .formulas()
      .filter(({ id, formula, oven }) => {
        const written = oven.pans ?? formula.bake.pan ?? '';
        return id !== this.onBench.id() && written.trim() !== '' && vesselWritten(written, ownPans).kind === 'vessel';
      })
      .map(({ id, formula }) => ({ id, title: formula.title }));
  });

  /** Whether it stands without walls. */
  readonly free = computed(() => {
    const pans = this.pans();
    return pans !== undefined && isFree(pans.pan);
  });

  /** A name for a field of this formula's bake, for what is typed into it and not yet confirmed. */
  field(name: string): string {
    return `oven ${this.onBench.id() ?? ''} ${name}`;
  }

  set(label: string, change: SheetChange, mergeAs?: string): void {
    const id = this.onBench.id();
    if (id === undefined) return;
    this.store.change(
      id,
      label,
      ({ oven }) => ({ oven: withoutUndefined<OvenSettings>({ ...oven, ...change }) }),
      mergeAs,
    );
  }

  setKnown(
    label: string,
    change: { readonly [K in keyof KnownBake]?: KnownBake[K] | undefined },
    mergeAs?: string,
  ): void {
    const id = this.onBench.id();
    if (id === undefined) return;
    this.store.change(
      id,
      label,
      ({ formula }) => ({
        formula: {
          ...formula,
          bake: { fan: formula.bake.fan, ...withoutUndefined<Partial<KnownBake>>({ ...formula.bake, ...change }) },
        },
      }),
      mergeAs,
    );
  }

  setOven(change: { readonly [K in keyof OwnOven]?: OwnOven[K] | undefined }): void {
    this.store.changeOven($localize`the oven`, change);
  }
}
