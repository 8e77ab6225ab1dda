import { Injectable, inject, signal } from '@angular/core';
import { mergedKitchens, type Kitchen } from '@orvin/core/kitchen/kitchen';
import { inOneLine, problemInWords } from '@orvin/core/words/wording';
import { FormulaStore, type AddedFormula } from '../store/formula-store';
import type { StoredFormula } from '../store/records';
import { SettingsStore } from '../store/settings-store';
import { Work } from './work-client';

/** A file or a pasted text on its way in. */
export interface Incoming {
  /** '' for a pasted text. */
  readonly name: string;
  text(): Promise<string>;
}

/** What did not come in, and why. */
export interface Refusal {
  readonly name: string;
  readonly why: string;
}

export interface IntakeReport {
  readonly files: number;
  readonly added: readonly StoredFormula[];
  readonly refusals: readonly Refusal[];
}

/** A text of any length is kept beside its formula up to so many characters. */
const LONGEST_SOURCE = 200_000;

/** Takes files and pasted texts in: read in the worker one by one, put on the shelf together, so that one undo takes all of it back. */
@Injectable({ providedIn: 'root' })
export class Intake {
  private readonly store = inject(FormulaStore);
  private readonly settings = inject(SettingsStore);
  private readonly work = inject(Work);

  /** How far a reading of several files has come. */
  readonly progress = signal<{ readonly done: number; readonly all: number } | undefined>(undefined);

  async take(files: readonly Incoming[]): Promise<IntakeReport> {
    const added: AddedFormula[] = [];
    const refusals: Refusal[] = [];
    let kitchen: Kitchen | undefined;
    if (files.length > 1) this.progress.set({ done: 0, all: files.length });
    for (const [i, file] of files.entries()) {
      try {
        const text = await file.text();
        const reading = await this.work.run('read', {
          name: file.name,
          text,
          region: this.settings.region(),
          kitchen: this.store.kitchen(),
        });
        kitchen = reading.kitchen ?? kitchen;
        const alone = reading.items.length === 1 && text.length <= LONGEST_SOURCE && reading.format !== 'orvin';
        for (const item of reading.items) {
          if (item.kind === 'refused') refusals.push({ name: file.name, why: inOneLine(problemInWords(item.problem)) });
          else {
            const { formula, oven, id, versions, batch, batches } = item;
            added.push({
              formula,
              ...(oven && { oven }),
              ...(id !== undefined && { id }),
              ...(versions && { versions }),
              ...(batch && { batch }),
              ...(batches && { batches }),
              ...(alone && { source: text }),
            });
          }
        }
        if (reading.items.length === 0) refusals.push({ name: file.name, why: 'There is nothing in it to read.' });
      } catch (error) {
        refusals.push({ name: file.name, why: error instanceof Error ? error.message : String(error) });
      }
      if (files.length > 1) this.progress.set({ done: i + 1, all: files.length });
    }
    this.progress.set(undefined);
    if (added.length === 0 && kitchen === undefined) return { files: files.length, added: [], refusals };
    const [first] = added;
    const label =
      added.length === 1
        ? `reading ${first === undefined || first.formula.title === '' ? 'a formula' : first.formula.title}`
        : `reading ${added.length} formulas`;
    const known = kitchen && mergedKitchens(this.store.kitchen(), kitchen);
    return { files: files.length, added: this.store.addAll(added, label, known), refusals };
  }
}
