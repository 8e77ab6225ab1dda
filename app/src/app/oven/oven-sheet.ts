import { Injectable, computed, inject } from '@angular/core';
import type { Audit } from '@orvin/core/bench/audit';
import {
  bakeJob,
  knownPansOf,
  USUAL_HEATING_MINUTES,
  type BakeChoice,
  type BakeJob,
  type OvenCourse,
} from '@orvin/core/oven/baking';
import type { KnownBake, OvenSheet } from '@orvin/core/formula/formula';
import { ovenOffset, UNKNOWN_OVEN, USUAL_PLACE, vesselSaid, type OwnOven } from '@orvin/core/kitchen/kitchen';
import { isFree, PAN_MATERIALS, type PanMaterial, type ParsedVessel, type VesselSet } from '@orvin/core/kitchen/pans';
import { withoutGaps } from '../parts/without-gaps';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';
import { Readings } from '../work/readings';

/** Where no style says otherwise. */
const USUAL_CELSIUS = 175;

const isMaterial = (value: string | undefined): value is PanMaterial =>
  PAN_MATERIALS.some((material) => material === value);

/** Another way to bake it, as written: "12-cup muffin tin", "at 160 °C", "23 cm round at 160 fan". */
export interface WrittenWay {
  readonly pans: string;
  readonly celsius: number | undefined;
  readonly fan: boolean | undefined;
}
const AT = /(?:^|\s)(?:at|@)\s*(\d{3})\s*(?:°?\s*c\b)?/i;
const FAN = /(?:^|\s)(no\s+)?fan\s*$/i;
export function readWay(written: string): WrittenWay {
  const fan = FAN.exec(written);
  const at = AT.exec(written);
  const pans = written.replace(FAN, '').replace(AT, '').trim();
  return {
    pans,
    celsius: at ? Number(at[1]) : undefined,
    fan: fan ? fan[1] === undefined : undefined,
  };
}

type SheetChange = { readonly [K in keyof OvenSheet]?: OvenSheet[K] | undefined };

/** What is set for the oven: read from the record, written as edits; and the bake that follows from it. */
@Injectable()
export class OvenSettings {
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly readings = inject(Readings);

  readonly sheet = computed<OvenSheet>(() => this.onBench.record()?.oven ?? {});
  readonly known = computed<KnownBake>(() => this.onBench.record()?.formula.bake ?? { fan: false });
  readonly knownPans = computed(() => knownPansOf(this.known())?.pans);
  readonly ownOven = computed<OwnOven>(() => this.store.kitchen().oven ?? UNKNOWN_OVEN);
  readonly offset = computed(() => ovenOffset(this.ownOven()));
  readonly place = computed(() => this.store.kitchen().place ?? USUAL_PLACE);
  readonly fan = computed(() => this.sheet().fan ?? this.ownOven().fan ?? this.known().fan);
  /** The pans as written: the baker's choice, or those the formula was written for. */
  readonly written = computed(() => this.sheet().pans ?? this.known().pan ?? '');
  readonly parsed = computed<ParsedVessel | undefined>(() => this.read(this.written()));
  readonly pans = computed<VesselSet | undefined>(() => {
    const parsed = this.parsed();
    if (parsed?.kind !== 'vessel') return undefined;
    const { material } = this.sheet();
    return isMaterial(material) ? { ...parsed.set, pan: { ...parsed.set.pan, material } } : parsed.set;
  });
  /** What goes on around the bake: lid, foil, cold batter, altitude, this oven's error. */
  private readonly course = computed<Omit<OvenCourse, 'stages'>>(() => {
    const { covers, batterCelsius, coldOven } = this.sheet();
    const { metresAboveSea } = this.place();
    const offset = this.offset();
    return {
      ...(covers && covers.length > 0 && { covers }),
      ...(batterCelsius !== undefined && { batterCelsius }),
      ...(metresAboveSea !== 0 && { altitudeMetres: metresAboveSea }),
      ...(offset && { ovenOffsetCelsius: offset.celsius }),
      ...(coldOven === true && { coldOvenMinutes: this.ownOven().heatsInMinutes ?? USUAL_HEATING_MINUTES }),
    };
  });
  readonly job = computed<BakeJob | undefined>(() => {
    const pans = this.pans();
    return pans && this.jobIn(pans, this.sheet().celsius, this.fan(), this.sheet().stages);
  });

  /** The other ways to bake it, with what stands in the way of those that cannot be worked out. */
  readonly ways = computed(() =>
    (this.sheet().compare ?? []).map((written) => {
      const way = readWay(written);
      const own = this.pans();
      const parsed = way.pans === '' ? undefined : this.read(way.pans);
      const pans = way.pans === '' ? own : parsed?.kind === 'vessel' ? parsed.set : undefined;
      const celsius = way.celsius ?? (way.pans === '' ? this.sheet().celsius : undefined);
      const job = pans && this.jobIn(pans, celsius, way.fan ?? this.fan());
      return { written, job };
    }),
  );

  private read(written: string): ParsedVessel | undefined {
    return written.trim() === '' ? undefined : vesselSaid(written, this.store.kitchen().pans);
  }

  private jobIn(
    pans: VesselSet,
    celsius: number | undefined,
    fan: boolean,
    stages?: OvenSheet['stages'],
  ): BakeJob | undefined {
    const audit = this.onBench.audit();
    const { grams } = this.sheet();
    return (
      audit &&
      this.jobOf(audit, this.known(), {
        pans,
        fan,
        ...(celsius !== undefined && { celsius }),
        ...(grams !== undefined && { grams }),
        ...(stages && { stages }),
        course: this.course(),
      })
    );
  }

  private jobOf(audit: Audit, known: KnownBake, choice: BakeChoice): BakeJob | undefined {
    if (audit.totals.grams <= 0) return undefined;
    const { heatsInMinutes } = this.ownOven();
    const offset = this.offset();
    return bakeJob(
      {
        parts: audit.weighed.batter,
        styleId: audit.style?.id,
        usualCelsius: audit.style?.ovenCelsius.typical ?? USUAL_CELSIUS,
        known,
      },
      {
        ...choice,
        oven: {
          ...(offset && { spreadCelsius: offset.spread }),
          ...(heatsInMinutes !== undefined && { heatsInMinutes }),
        },
      },
    );
  }

  /** The known bake as it was baked: its pan, its set point. */
  readonly knownJob = computed<BakeJob | undefined>(() => {
    const pans = this.knownPans();
    const { celsius, fan, lowMinutes } = this.known();
    const audit = this.onBench.audit();
    return pans && audit && celsius !== undefined && lowMinutes !== undefined
      ? this.jobOf(audit, this.known(), { pans, celsius, fan })
      : undefined;
  });

  /** The bake of another formula on the shelf, as its own oven sheet has it, in this oven. */
  otherJob(id: string): BakeJob | undefined {
    const record = this.store.formula(id);
    if (!record) return undefined;
    const { formula, oven } = record;
    const parsed = this.read(oven.pans ?? formula.bake.pan ?? '');
    if (parsed?.kind !== 'vessel') return undefined;
    const { altitudeMetres, ovenOffsetCelsius } = this.course();
    return this.jobOf(this.readings.of(formula), formula.bake, {
      pans: parsed.set,
      fan: this.fan(),
      ...(oven.celsius !== undefined && { celsius: oven.celsius }),
      ...(oven.grams !== undefined && { grams: oven.grams }),
      course: {
        ...(altitudeMetres !== undefined && { altitudeMetres }),
        ...(ovenOffsetCelsius !== undefined && { ovenOffsetCelsius }),
      },
    });
  }
  /** Other formulas that name a pan, to share the oven with. */
  readonly others = computed(() =>
    this.store
      .formulas()
      .filter(({ id, formula, oven }) => {
        if (id === this.onBench.id()) return false;
        return this.read(oven.pans ?? formula.bake.pan ?? '')?.kind === 'vessel';
      })
      .map(({ id, formula }) => ({ id, title: formula.title })),
  );

  /** Whether it stands without walls. */
  readonly free = computed(() => {
    const pans = this.pans();
    return pans !== undefined && isFree(pans.pan);
  });

  set(label: string, change: SheetChange, mergeAs?: string): void {
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

  setOven(change: { readonly [K in keyof OwnOven]?: OwnOven[K] | undefined }): void {
    this.store.changeKitchen('the oven', (kitchen) => ({
      ...kitchen,
      oven: { readings: [], ...withoutGaps<Partial<OwnOven>>({ ...kitchen.oven, ...change }) },
    }));
  }
}
