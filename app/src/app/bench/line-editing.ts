import { Injectable, inject, signal } from '@angular/core';
import {
  insertLines,
  lineOf,
  removeLine,
  renameComponent,
  replaceLine,
  type Formula,
  type FormulaLine,
} from '@orvin/core/formula';
import { plainContext, retyped } from '@orvin/core/parsing';
import type { Region } from '@orvin/core/units';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';

const newLine = (text: string): FormulaLine => ({ id: crypto.randomUUID(), text });
const short = (text: string) => (text.length > 40 ? `${text.slice(0, 38)}…` : text || 'an empty line');

/** What the baker does to the lines of the formula on the bench: every act an edit that can be undone. */
@Injectable()
export class LineEditing {
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);

  /** The line that the reading at the foot is about. */
  readonly active = signal<string | undefined>(undefined);
  /** The line whose field should take the focus once it is drawn. */
  readonly focusWanted = signal<string | undefined>(undefined);

  type(line: FormulaLine, text: string, region: Region): void {
    this.change(
      `the change of ${short(line.text)}`,
      (formula) => replaceLine(formula, retyped(line, text, plainContext(region))),
      `line ${line.id}`,
    );
  }

  /** The baker's word on what a line is or weighs; undefined takes it back. */
  correct(
    lineId: string,
    correction: { readonly ingredientId?: string | undefined; readonly grams?: number | undefined },
  ): void {
    this.change('the correction', (formula) => {
      const line = lineOf(formula, lineId);
      if (!line) return formula;
      const { ingredientId, grams } = { ...line, ...correction };
      return replaceLine(formula, {
        id: line.id,
        text: line.text,
        ...(ingredientId !== undefined && { ingredientId }),
        ...(grams !== undefined && { grams }),
      });
    });
  }

  addBehind(
    behind: { readonly lineId: string } | { readonly componentId: string },
    texts: readonly string[] = [''],
  ): void {
    const lines = texts.map(newLine);
    this.change(texts.length > 1 ? `the ${texts.length} pasted lines` : 'the new line', (formula) =>
      insertLines(formula, behind, lines),
    );
    this.focusWanted.set(lines.at(-1)?.id);
  }

  remove(lineId: string): void {
    const all = this.lineIds();
    const at = all.indexOf(lineId);
    this.change('the removed line', (formula) => removeLine(formula, lineId));
    this.focusWanted.set(all[at - 1] ?? all[at + 1]);
  }

  /** Moves the focus to the line above (−1) or below (1). */
  step(lineId: string, by: 1 | -1): void {
    const all = this.lineIds();
    const next = all[all.indexOf(lineId) + by];
    if (next !== undefined) this.focusWanted.set(next);
  }

  rename(componentId: string, name: string): void {
    this.change(
      'the name of a part',
      (formula) => renameComponent(formula, componentId, name),
      `component ${componentId}`,
    );
  }

  writeSteps(text: string): void {
    this.change(
      'the method',
      (formula) => ({
        ...formula,
        steps: text === '' ? [] : text.split('\n').map((step, i) => ({ id: `s${i + 1}`, text: step })),
      }),
      'steps',
    );
  }

  setRegion(region: Region): void {
    this.change('the measures', (formula) => ({ ...formula, region }));
  }

  /** The baker's choice of style; undefined leaves it to what the amounts say. */
  setStyle(styleId: string | undefined): void {
    this.change('the style', (formula) => {
      const rest: { styleId?: string } & Formula = { ...formula };
      delete rest.styleId;
      return { ...rest, ...(styleId !== undefined && { styleId }) };
    });
  }

  private lineIds(): readonly string[] {
    return this.onBench.record()?.formula.components.flatMap(({ lines }) => lines.map(({ id }) => id)) ?? [];
  }

  private change(label: string, next: (formula: Formula) => Formula, mergeAs?: string): void {
    const id = this.onBench.id();
    if (id !== undefined) this.store.change(id, label, ({ formula }) => ({ formula: next(formula) }), mergeAs);
  }
}
