import { Injectable, computed, inject } from '@angular/core';
import { bakeJob, canBakeIn, knownPansOf, type BakeJob } from '@orvin/core/baking';
import type { KnownBake, OvenSheet } from '@orvin/core/formula';
import { pansSaid } from '@orvin/core/kitchen';
import { PAN_MATERIALS, type PanMaterial, type PanSet, type ParsedPan } from '@orvin/core/pans';
import { withoutGaps } from '../parts/without-gaps';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';

/** Where no style says otherwise. */
const USUAL_CELSIUS = 175;

const isMaterial = (value: string | undefined): value is PanMaterial =>
  PAN_MATERIALS.some((material) => material === value);

/** What is set for the oven: read from the record, written as edits; and the bake that follows from it. */
@Injectable()
export class OvenSettings {
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);

  readonly sheet = computed<OvenSheet>(() => this.onBench.record()?.oven ?? {});
  readonly known = computed<KnownBake>(() => this.onBench.record()?.formula.bake ?? { fan: false });
  readonly knownPans = computed(() => knownPansOf(this.known())?.pans);
  /** The pans as written: the baker's choice, or those the formula was written for. */
  readonly written = computed(() => this.sheet().pans ?? this.known().pan ?? '');
  readonly parsed = computed<ParsedPan | undefined>(() =>
    this.written().trim() === '' ? undefined : pansSaid(this.written(), this.store.kitchen().pans),
  );
  readonly pans = computed<PanSet | undefined>(() => {
    const parsed = this.parsed();
    if (parsed?.kind !== 'pan' || !canBakeIn(parsed.set.pan)) return undefined;
    const { material } = this.sheet();
    return isMaterial(material) ? { ...parsed.set, pan: { ...parsed.set.pan, material } } : parsed.set;
  });
  readonly job = computed<BakeJob | undefined>(() => {
    const audit = this.onBench.audit();
    const pans = this.pans();
    if (!audit || !pans || audit.totals.grams <= 0) return undefined;
    const { celsius, fan, grams } = this.sheet();
    return bakeJob(
      {
        parts: audit.weighed.batter,
        styleId: audit.style?.id,
        usualCelsius: audit.style?.ovenCelsius.typical ?? USUAL_CELSIUS,
        known: this.known(),
      },
      {
        pans,
        ...(celsius !== undefined && { celsius }),
        ...(fan !== undefined && { fan }),
        ...(grams !== undefined && { grams }),
      },
    );
  });

  set(label: string, change: { readonly [K in keyof OvenSheet]?: OvenSheet[K] | undefined }, mergeAs?: string): void {
    const id = this.onBench.id();
    if (id === undefined) return;
    this.store.change(id, label, ({ oven }) => ({ oven: withoutGaps<OvenSheet>({ ...oven, ...change }) }), mergeAs);
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
          bake: { fan: formula.bake.fan, ...withoutGaps<Partial<KnownBake>>({ ...formula.bake, ...change }) },
        },
      }),
      mergeAs,
    );
  }
}
