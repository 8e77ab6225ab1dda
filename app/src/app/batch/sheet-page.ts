import { amountInWords } from '@orvin/core/words/batch-words';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { sheetDocument } from '@orvin/core/papers/cooking-sheet';
import { batchOf } from '@orvin/core/batch/batch';
import { EMPTY_BATCH } from '@orvin/core/batch/plan';
import { inFileName } from '@orvin/core/words/figures';
import { atStation } from '../parts/at-station';
import { saveFile } from '../parts/save-file';
import { Toasts } from '../parts/toasts';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import { Bakes } from '../work/bakes';
import { OnBench } from '../work/on-bench';
import { Printing } from '../work/printing';
import { isWeight } from './amount-words';

/** The sheet that one cooks from, as paper: in the order of use, with tares, pans, oven and cautions; it prints on one page. */
@Component({
  selector: 'orv-sheet-page',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './sheet-page.html',
  styleUrl: './sheet-page.css',
})
export class SheetPage {
  protected readonly texts = {
    fromTheFormulaAsItStands: $localize`from the formula as it stands, not kept as a version`,
    fromVersion: (version: string | number) => $localize`from version ${version}`,
    fromVersion2: (version: string | number) => $localize`; from version ${version}`,
    batter: $localize`Batter`,
  };
  /** From the route. */
  readonly id = input.required<string>();
  /** A kept batch in place of the one at hand. */
  readonly kept = input<string>();
  /** A bake on record: its version and its batch, as it was made. */
  readonly baked = input<string>();

  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly printing = inject(Printing);
  private readonly toasts = inject(Toasts);
  protected readonly busy = signal(false);
  /** A bare weight stands in the column of grams already. */
  protected readonly amount = (amount: string) => (isWeight(amount) ? '' : amountInWords(amount));

  private readonly keptBatch = computed(() => this.store.batchesOf(this.id()).find(({ id }) => id === this.kept()));
  private readonly book = inject(BookStore);
  private readonly made = computed(() => this.book.bake(this.baked() ?? '')?.record);
  /** The formula that the sheet is of: the version of a kept batch or of a bake, else the formula as it stands. */
  private readonly source = computed(() => {
    const kept = this.keptBatch();
    const record = this.store.formula(this.id());
    if (!record) return undefined;
    const made = this.made();
    const of = kept?.versionNumber ?? made?.versionNumber;
    const version = this.store.versionsOf(this.id()).find(({ number }) => number === of);
    const formula = version?.formula ?? record.formula;
    const number = version?.number ?? (this.onBench.unkept() ? undefined : this.onBench.base()?.number);
    return {
      formula,
      oven: version?.oven ?? record.oven,
      batch: kept?.sheet ?? (made ? (made.batch ?? EMPTY_BATCH) : record.batch),
      ...(number !== undefined && { version: number }),
    };
  });
  private readonly bakes = inject(Bakes);
  private readonly bake = computed(() => {
    const source = this.source();
    const bake = source && this.bakes.of(source);
    return bake && bake.audit.totals.grams > 0 ? bake : undefined;
  });
  private readonly foreseen = this.bakes.foreseen(this.bake);
  protected readonly sheet = computed(() => {
    const bake = this.bake();
    const version = this.source()?.version;
    return (
      bake &&
      sheetDocument(bake, batchOf(bake), { ...(version !== undefined && { version }), foreseen: this.foreseen() })
    );
  });
  protected readonly unkept = computed(() => this.source()?.version === undefined);

  constructor() {
    atStation(this.id);
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
      const name = `sheet-${inFileName(sheet.title) || 'batch'}`;
      if (format === 'pdf') {
        const bytes = await this.printing.sheetPdf(sheet, region === 'US' || region === 'CA' ? 'letter' : 'a4');
        saveFile(`${name}.pdf`, new Uint8Array(bytes), 'application/pdf');
      } else {
        const text = await this.printing.sheetText(sheet, format);
        saveFile(`${name}.${format === 'csv' ? 'csv' : 'md'}`, text, format === 'csv' ? 'text/csv' : 'text/markdown');
      }
    } catch (error) {
      this.toasts.show(
        $localize`The sheet could not be written.`,
        error instanceof Error ? error.message : String(error),
      );
    } finally {
      this.busy.set(false);
    }
  }
}
