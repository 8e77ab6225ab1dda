import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { sheetDocument } from '@orvin/core/papers/cooking-sheet';
import { batchOf, batchSheetSchema, EMPTY_BATCH, type Batch } from '@orvin/core/batch/batch';
import { minutesInWords, windowInWords } from '@orvin/core/words/wording';
import { saveFile } from '../parts/save-file';
import { Tell } from '../parts/tell';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';
import { Printing } from '../work/printing';
import { Readings } from '../work/readings';
import { amountForEyes, isWeight } from './amount-words';
import { PortionBakes, usualCelsius } from './portion-bakes';

const fileName = (words: string) => words.toLowerCase().normalize('NFD').replace(/[^a-z0-9]+/g, '-').replace(/^-|-$/g, '') || 'batch'; // prettier-ignore

/** The sheet that one cooks from, as paper: in the order of use, with tares, pans, oven and cautions; it prints on one page. */
@Component({
  selector: 'orv-sheet-page',
  imports: [RouterLink],
  providers: [PortionBakes],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './sheet-page.html',
  styleUrl: './sheet-page.css',
})
export class SheetPage {
  /** From the route. */
  readonly id = input.required<string>();
  /** A kept batch in place of the one at hand. */
  readonly kept = input<string>();

  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly readings = inject(Readings);
  private readonly printing = inject(Printing);
  private readonly tell = inject(Tell);
  protected readonly busy = signal(false);
  /** A bare weight stands in the column of grams already. */
  protected readonly amount = (amount: string) => (isWeight(amount) ? '' : amountForEyes(amount));

  private readonly keptBatch = computed(() => this.store.batchesOf(this.id()).find(({ id }) => id === this.kept()));
  /** The formula that the sheet is of: the version of a kept batch, else the formula as it stands. */
  private readonly source = computed(() => {
    const kept = this.keptBatch();
    const record = this.store.formula(this.id());
    if (!record) return undefined;
    const version = kept && this.store.versionsOf(this.id()).find(({ number }) => number === kept.versionNumber);
    const formula = version?.formula ?? record.formula;
    const sheet = kept?.sheet ?? record.batch;
    const number = version?.number ?? (this.onBench.unkept() ? undefined : this.onBench.base()?.number);
    return {
      formula,
      audit: this.readings.of(formula),
      sheet: sheet && batchSheetSchema.validate(sheet).error === undefined ? sheet : EMPTY_BATCH,
      ...(number !== undefined && { version: number }),
    };
  });
  private readonly batch = computed<Batch | undefined>(() => {
    const source = this.source();
    if (!source || source.audit.totals.grams <= 0) return undefined;
    return batchOf(source.formula, source.audit, this.store.kitchen(), source.sheet);
  });
  private readonly bakes = inject(PortionBakes).of(
    computed(() => {
      const [source, batch] = [this.source(), this.batch()];
      return source && batch ? { ...source, portions: batch.plan.portions } : undefined;
    }),
  );
  protected readonly sheet = computed(() => {
    const [source, batch] = [this.source(), this.batch()];
    if (!source || !batch) return undefined;
    const { audit, formula, version } = source;
    const oven = this.bakes().map((bake) =>
      bake
        ? `${Math.round(bake.celsius)} °C${bake.fan ? ' fan' : ''}, ${windowInWords(bake.minutes.low, bake.minutes.high)}, look at ${minutesInWords(bake.minutes.first)}`
        : '',
    );
    const madeOf = Object.fromEntries(
      (this.store.kitchen().pans ?? []).map(({ name, madeOf: of }) => [name, of ?? '']),
    );
    return sheetDocument(formula, audit, batch, {
      ...(version !== undefined && { version }),
      oven,
      celsius: formula.bake.celsius ?? usualCelsius(audit),
      madeOf,
    });
  });
  protected readonly unkept = computed(() => this.source()?.version === undefined);

  constructor() {
    effect(() => this.onBench.bring(this.id()));
  }

  protected print(): void {
    window.print();
  }
  protected async save(format: 'pdf' | 'csv' | 'markdown'): Promise<void> {
    const sheet = this.sheet();
    const region = this.source()?.formula.region;
    if (!sheet) return;
    this.busy.set(true);
    try {
      const name = `sheet-${fileName(sheet.title)}`;
      if (format === 'pdf') {
        const bytes = await this.printing.sheetPdf(sheet, region === 'US' || region === 'CA' ? 'letter' : 'a4');
        saveFile(`${name}.pdf`, new Uint8Array(bytes), 'application/pdf');
      } else {
        const text = await this.printing.sheetText(sheet, format);
        saveFile(`${name}.${format === 'csv' ? 'csv' : 'md'}`, text, format === 'csv' ? 'text/csv' : 'text/markdown');
      }
    } catch (error) {
      this.tell.say('The sheet could not be written.', error instanceof Error ? error.message : String(error));
    } finally {
      this.busy.set(false);
    }
  }
}
