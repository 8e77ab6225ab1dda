import { Injectable, inject } from '@angular/core';
import { EXPORT_FILES, type ExportFormat } from '@orvin/core/papers/formats';
import { inFileName } from '@orvin/core/words/figures';
import { FormulaStore } from '../store/formula-store';
import { Work } from './work-client';

/** What a formula can be handed on as, in the baker's words. */
export const HAND_ON: readonly { readonly format: ExportFormat; readonly name: string; readonly for: string }[] = [
  { format: 'text', name: $localize`Plain text`, for: $localize`to send or print` },
  { format: 'markdown', name: $localize`Markdown card`, for: $localize`for notes` },
  { format: 'jsonld', name: 'schema.org/Recipe', for: $localize`for other programs` },
  { format: 'html', name: $localize`Web page`, for: $localize`to read and print` },
  { format: 'csv', name: $localize`Table of lines, CSV`, for: $localize`for a table program` },
  { format: 'orvin', name: $localize`Orvin’s own file`, for: $localize`versions, corrections and measures too` },
];

export interface WrittenFile {
  readonly name: string;
  readonly text: string;
  /** Media type. */
  readonly type: string;
}

const fileName = (title: string) => inFileName(title).slice(0, 60) || 'formula';

/** Writes formulas into files, in the worker. */
@Injectable({ providedIn: 'root' })
export class HandingOn {
  private readonly store = inject(FormulaStore);
  private readonly work = inject(Work);

  /** The formulas of the ids as files: one each, or all in one where the format can hold several. */
  async files(ids: readonly string[], format: ExportFormat): Promise<readonly WrittenFile[]> {
    const records = ids.flatMap((id) => this.store.formula(id) ?? []);
    const [first] = records;
    if (!first) return [];
    const texts = await this.work.run('export', {
      records: records.map(({ id, formula, oven, batch }) => ({
        id,
        formula,
        oven,
        ...(batch && { batch }),
        batches: this.store.batchesOf(id).map(({ versionNumber, name, keptAt, sheet }) => ({
          versionNumber,
          name,
          keptAt,
          sheet,
        })),
        versions: this.store.versionsOf(id).map(({ number, parent, reason, keptAt, formula: kept, oven: then }) => ({
          number,
          parent,
          reason,
          keptAt,
          formula: kept,
          oven: then,
        })),
      })),
      format,
      kitchen: this.store.kitchen(),
      beside: this.store.formulas().map(({ id, formula }) => ({ id, formula })),
    });
    const { ending, type } = EXPORT_FILES[format];
    return texts.map((text, i) => {
      const title = texts.length < records.length ? 'orvin-shelf' : fileName(records[i]?.formula.title ?? '');
      return { name: `${title}.${ending}`, text, type };
    });
  }
}
