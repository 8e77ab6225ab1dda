import { Injectable, inject, signal } from '@angular/core';
import { mergedKitchens, type Kitchen } from '@orvin/core/kitchen/kitchen';
import { inOneLine } from '@orvin/core/words/figures';
import { proposedFor, type AddedFormula, type Arrival, type Decided, type Decision } from '../store/arrivals';
import { FormulaStore } from '../store/formula-store';
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
  /** Formulas that were on the shelf already, just so, and were left as they are. */
  readonly alreadyThere: number;
}

/** Files that bring what is on the shelf in another form: the baker decides. */
export interface Question {
  readonly arrivals: readonly Arrival[];
  /** Resolves the question: what is to be done about each, or nothing at all. */
  answer(decisions: readonly Decision[] | undefined): void;
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
  /** What is asked before anything is brought in. */
  readonly question = signal<Question | undefined>(undefined);
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
          if (item.kind === 'refused') {
            // words that a first screen does without
            const { problemInWords } = await import('@orvin/core/words/wording');
            refusals.push({ name: file.name, why: inOneLine(problemInWords(item.problem)) });
          } else {
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
        if (reading.items.length === 0)
          refusals.push({ name: file.name, why: $localize`There is nothing in it to read.` });
      } catch (error) {
        refusals.push({ name: file.name, why: error instanceof Error ? error.message : String(error) });
      }
      if (files.length > 1) this.progress.set({ done: i + 1, all: files.length });
    }
    this.progress.set(undefined);
    const nothing = { files: files.length, added: [], refusals, alreadyThere: 0 };
    if (added.length === 0 && kitchen === undefined) return nothing;
    // a text that is pasted is meant; of files the baker may not know what they hold
    const arrivals = files.some(({ name }) => name !== '')
      ? this.store.arrivals(added)
      : added.map((formula): Arrival => ({ kind: 'new', added: formula }));
    const decided = await this.decided(arrivals);
    if (!decided) return nothing;
    const [first, more] = decided.filter(({ decision }) => decision !== 'skip');
    const label =
      first && !more
        ? $localize`reading ${first.arrival.added.formula.title || $localize`a formula`}`
        : $localize`reading ${decided.length} formulas`;
    const known = kitchen && mergedKitchens(this.store.kitchen(), kitchen);
    return {
      ...nothing,
      added: this.store.bringIn(decided, label, known),
      alreadyThere: decided.filter(({ arrival, decision }) => arrival.kind === 'same' && decision === 'skip').length,
    };
  }

  /** What is to be done about each formula: asked where something differs from what stands; undefined where the baker wants nothing. */
  private async decided(arrivals: readonly Arrival[]): Promise<readonly Decided[] | undefined> {
    const proposed = arrivals.map(proposedFor);
    const decisions = arrivals.some(({ kind }) => kind === 'differs')
      ? await new Promise<readonly Decision[] | undefined>((answer) => this.question.set({ arrivals, answer }))
      : proposed;
    this.question.set(undefined);
    return decisions && arrivals.map((arrival, i) => ({ arrival, decision: decisions[i] ?? 'skip' }));
  }
}
