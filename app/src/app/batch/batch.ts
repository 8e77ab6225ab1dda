import { shortDecimal } from '@orvin/core/ground/language';
import { KIT_IDS, type KitId } from '@orvin/core/batch/choices';
import { KIT_NAMES } from '@orvin/core/words/names';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Router, RouterLink } from '@angular/router';
import { howSized, notCountedInWords, pansInWords, SIZED_BY } from '@orvin/core/words/batch-words';
import { usualKit } from '@orvin/core/batch/batch';
import { gramsInWords, listed } from '@orvin/core/words/figures';
import { ChoiceField } from '../parts/choice';
import { HowWords } from '../parts/how-words';
import { atStation } from '../parts/at-station';
import { StationLayout } from '../parts/station-layout';
import { Toasts } from '../parts/toasts';
import { FormulaStore } from '../store/formula-store';
import { BenchReading } from '../work/bench-reading';
import { OnBench } from '../work/on-bench';
import { AmountTable } from './amount-table';
import { ThisBatch } from './this-batch';
import { CutPanel } from './cut-panel';
import { FitsPanel } from './fits-panel';
import { FrostingPanel } from './frosting-panel';
import { KeptBatches } from './kept-batches';
import { LiningPanel } from './lining-panel';
import { MixingPanel } from './mixing-panel';
import { OnTheSheetPanel } from './on-the-sheet-panel';
import { PansPanel } from './pans-panel';
import { RoundingStrip } from './rounding-strip';
import { TargetList } from './target-list';

const CUT_STYLES: ReadonlySet<string> = new Set([
  'rolled_biscuit', 'british_scone', 'flaky_wedge_scone', 'oat_farl_griddle', 'soda_bread_plain',
]); // prettier-ignore

/** From a version to the sheet that one cooks from: how much, in what amounts, into which pans. */
@Component({
  selector: 'orv-batch',
  imports: [
    AmountTable,
    CutPanel,
    FitsPanel,
    FormsModule,
    FrostingPanel,
    HowWords,
    KeptBatches,
    LiningPanel,
    MixingPanel,
    OnTheSheetPanel,
    PansPanel,
    RoundingStrip,
    RouterLink,
    ChoiceField,
    StationLayout,
    TargetList,
  ],
  providers: [ThisBatch],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './batch.html',
  styleUrl: './batch.css',
})
export class BatchStation {
  protected readonly texts = {
    into: (pans: string | number) => $localize`into ${pans}`,
    ofBatter: $localize`of batter`,
  };
  /** From the route. */
  readonly id = input.required<string>();

  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly reading = inject(BenchReading);
  private readonly toasts = inject(Toasts);
  private readonly router = inject(Router);
  protected readonly settings = inject(ThisBatch);

  protected readonly record = computed(() => this.store.formula(this.id()));
  protected readonly batch = this.settings.batch;
  protected readonly kits = KIT_IDS.map((id) => ({ id, name: KIT_NAMES[id] }));
  protected readonly kit = computed<KitId>(() => {
    const record = this.onBench.record();
    const audit = this.reading.audit();
    return this.settings.sheet().kit ?? (record && audit ? usualKit(record.formula, audit) : 'metric-spoons');
  });
  protected readonly head = computed(() => {
    const plan = this.batch()?.plan;
    if (!plan) return undefined;
    const digits = plan.factor < 0.1 ? 4 : 2;
    return {
      grams: gramsInWords(plan.batterGrams),
      factor:
        plan.factor === 1
          ? $localize`the size it was written for`
          : $localize`${shortDecimal(plan.factor, digits)} of the formula`,
      by: plan.limitedBy === undefined ? SIZED_BY[plan.sizedBy] : $localize`as far as ${plan.limitedBy} reaches`,
      asks: plan.asks,
      pans: listed(plan.portions.map(({ set }) => pansInWords(set, this.record()?.formula.region ?? 'UK'))),
    };
  });
  protected readonly notCounted = computed(() => {
    const batch = this.batch();
    return batch && notCountedInWords(batch.measured);
  });
  protected readonly how = computed(() => {
    const batch = this.batch();
    return batch ? howSized(batch, this.reading.audit()?.totals.grams ?? 0) : [];
  });
  protected readonly isCut = computed(() => {
    const style = this.reading.audit()?.style?.basedOn;
    const { cut, targets } = this.settings.sheet();
    return cut !== undefined || targets.some(({ kind }) => kind === 'cut') || CUT_STYLES.has(style ?? '');
  });
  /** It stands on a sheet, uncut: mounds, a round loaf. */
  protected readonly isFree = computed(() => {
    const bake = this.settings.bake();
    return !this.isCut() && bake !== undefined && bake.portions.length > 0;
  });
  private readonly name = computed(() => [this.head()?.pans, this.head()?.grams].filter(Boolean).join(': '));
  private readonly kept = computed(() => {
    const base = this.onBench.base()?.number;
    const sheet = JSON.stringify(this.settings.sheet());
    return (
      !this.onBench.unkept() &&
      this.store
        .batchesOf(this.id())
        .some((storedBatch) => storedBatch.versionNumber === base && JSON.stringify(storedBatch.sheet) === sheet)
    );
  });

  constructor() {
    atStation(this.id, () => {
      if (this.head() === undefined) return undefined;
      return this.kept()
        ? { label: $localize`Open the sheet`, run: () => void this.router.navigate(['/batch', this.id(), 'sheet']) }
        : { label: $localize`Keep this batch`, run: () => this.keep() };
    });
  }

  /** The batch is kept with its version; a formula with changes becomes a version first. */
  private keep(): void {
    const id = this.id();
    if (this.onBench.unkept()) this.store.keep(id, $localize`for a batch: ${this.name()}`);
    const version = this.onBench.base()?.number;
    if (version === undefined) return;
    this.store.keepBatch(id, version, this.name(), this.settings.sheet());
    this.toasts.show($localize`The batch is kept, from version ${version}.`, $localize`Its sheet prints on one page.`);
  }

  protected setKit(kit: KitId): void {
    this.settings.set($localize`what you measure with`, { kit, held: undefined });
  }
  protected mean(): void {
    this.settings.set($localize`so large a batch`, { largeIsMeant: true });
  }
}
