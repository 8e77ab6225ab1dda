import { Injectable, inject, signal } from '@angular/core';
import { applyFix, type Finding } from '@orvin/core/bench/findings';
import {
  addComponent,
  dismiss,
  dissolveComponent,
  insertLines,
  lineOf,
  moveLine,
  removeLine,
  renameComponent,
  replaceLine,
  restore,
  shiftComponent,
  shiftLine,
  startComponentAt,
  tellLine,
  type Dismissal,
  type Formula,
  type FormulaLine,
  type LineFacts,
} from '@orvin/core/formula/formula';
import { learn } from '@orvin/core/kitchen/kitchen';
import { retyped, withAmount } from '@orvin/core/formula/parsing';
import type { Region } from '@orvin/core/ground/units';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';
import { MovesFocus } from './moves-focus';

const newLine = (text: string): FormulaLine => ({ id: crypto.randomUUID(), text });
const short = (text: string): string => (text.length > 40 ? `${text.slice(0, 38)}…` : text || $localize`an empty line`);

/** What the baker does to the lines of the formula on the bench: every act an edit that can be undone. */
@Injectable()
export class LineEditing extends MovesFocus {
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);

  /** The line that the reading at the foot is about. */
  readonly active = signal<string | undefined>(undefined);
  /** Rises when the reading at the foot has opened and takes room from the lines. */
  readonly readingOpened = signal(0);
  type(line: FormulaLine, text: string): void {
    this.change(
      $localize`the change of ${short(line.text)}`,
      (formula) => replaceLine(formula, retyped(line, text, this.context(formula))),
      `line ${line.id}`,
    );
  }

  /** The other thing that a line allows, in the place of what it takes. */
  takeInstead(line: FormulaLine, lineWithIt: string): void {
    this.change($localize`what ${short(line.text)} takes`, (formula) =>
      replaceLine(formula, retyped(line, lineWithIt, this.context(formula))),
    );
  }

  /** Another amount, in any unit, in the place of the line's own. */
  setAmount(line: FormulaLine, amount: string): void {
    this.change($localize`the amount of ${short(line.text)}`, (formula) => {
      const context = this.context(formula);
      return replaceLine(formula, retyped(line, withAmount(line.text, amount, context), context));
    });
  }

  /** The baker's word on what a line is or weighs; undefined takes it back. */
  correct(lineId: string, correction: Pick<LineFacts, 'ingredientId' | 'grams'>): void {
    this.change($localize`the correction`, (formula) => tellLine(formula, lineId, correction));
  }

  /** Something told of a line besides: that it may be left out, a note, its shares, the formula it takes from. */
  tell(lineId: string, facts: LineFacts, label: string, mergeAs?: string): void {
    this.change(label, (formula) => tellLine(formula, lineId, facts), mergeAs && `${mergeAs} ${lineId}`);
  }

  addBehind(
    behind: { readonly lineId: string } | { readonly componentId: string },
    texts: readonly string[] = [''],
  ): void {
    const lines = texts.map(newLine);
    this.change(texts.length > 1 ? $localize`the ${texts.length} pasted lines` : $localize`the new line`, (formula) =>
      insertLines(formula, behind, lines),
    );
    this.moveFocus(lines.at(-1)?.id);
  }

  remove(lineId: string): void {
    const all = this.lineIds();
    const at = all.indexOf(lineId);
    this.change($localize`the removed line`, (formula) => removeLine(formula, lineId));
    this.moveFocus(all[at - 1] ?? all[at + 1]);
  }

  /** Moves the focus to the line above (−1) or below (1). */
  step(lineId: string, by: 1 | -1): void {
    const all = this.lineIds();
    const next = all[all.indexOf(lineId) + by];
    if (next !== undefined) this.moveFocus(next);
  }

  /** Moves the line itself up (−1) or down (1), over the border of its part too. */
  shift(lineId: string, by: 1 | -1): void {
    this.change($localize`the moved line`, (formula) => shiftLine(formula, lineId, by));
    this.moveFocus(lineId);
  }

  move(lineId: string, componentId: string, at: number): void {
    this.change($localize`the moved line`, (formula) => moveLine(formula, lineId, componentId, at));
  }

  rename(componentId: string, name: string): void {
    this.change(
      $localize`the name of a part`,
      (formula) => renameComponent(formula, componentId, name),
      `component ${componentId}`,
    );
  }

  /** Begins a part at a line: it and all below it in its part move there. */
  startPartAt(lineId: string): void {
    this.change($localize`the new part`, (formula) =>
      startComponentAt(formula, lineId, { id: crypto.randomUUID(), name: $localize`New part` }),
    );
    this.moveFocus(lineId);
  }

  /** Adds an empty part at the end, with a line to write into. */
  addPart(): void {
    const line = newLine('');
    this.change($localize`the new part`, (formula) =>
      addComponent(formula, { id: crypto.randomUUID(), name: $localize`New part`, lines: [line] }),
    );
    this.moveFocus(line.id);
  }

  dissolvePart(componentId: string): void {
    this.change($localize`the dissolved part`, (formula) => dissolveComponent(formula, componentId));
  }

  shiftPart(componentId: string, by: 1 | -1): void {
    this.change($localize`the moved part`, (formula) => shiftComponent(formula, componentId, by));
  }

  setRegion(region: Region): void {
    this.change($localize`the measures`, (formula) => ({ ...formula, region }));
  }

  /** The baker's choice of style; undefined leaves it to what the amounts say. */
  setStyle(styleId: string | undefined): void {
    this.change($localize`the style`, (formula) => {
      const rest: { styleId?: string } & Formula = { ...formula };
      delete rest.styleId;
      return { ...rest, ...(styleId !== undefined && { styleId }) };
    });
  }

  /** Takes the one click that puts a finding right. */
  fix({ fix }: Finding): void {
    if (!fix) return;
    this.change($localize`the fix`, (formula) =>
      applyFix(formula, fix, this.store.kitchen(), () => crypto.randomUUID()),
    );
  }

  dismiss(dismissal: Dismissal): void {
    this.change($localize`setting aside`, (formula) => dismiss(formula, dismissal));
  }

  restore(code: string, place: string): void {
    this.change($localize`looking at it again`, (formula) => restore(formula, { code, place }));
  }

  /** Teaches a word of the baker's own: from now on every formula reads it so, and the line needs no correction of its own. */
  teachName(words: string, ingredientId: string, lineId: string): void {
    this.store.changeKitchen($localize`learning “${short(words)}”`, (kitchen) =>
      learn.name(kitchen, words, ingredientId),
    );
    const record = this.onBench.record();
    if (record && lineOf(record.formula, lineId)?.ingredientId === ingredientId)
      this.correct(lineId, { ingredientId: undefined });
  }

  teachMeasure(name: string, millilitres: number): void {
    this.store.changeKitchen($localize`learning “${short(name)}”`, (kitchen) =>
      learn.measure(kitchen, name, millilitres),
    );
  }

  private context({ region }: Formula) {
    return { region, kitchen: this.store.kitchen() };
  }

  private lineIds(): readonly string[] {
    return this.onBench.record()?.formula.components.flatMap(({ lines }) => lines.map(({ id }) => id)) ?? [];
  }

  private change(label: string, next: (formula: Formula) => Formula, mergeAs?: string): void {
    const id = this.onBench.id();
    if (id !== undefined) this.store.change(id, label, ({ formula }) => ({ formula: next(formula) }), mergeAs);
  }
}
