import { Injectable, inject } from '@angular/core';
import {
  insertSteps,
  lineOf,
  removeStep,
  replaceStep,
  shiftStep,
  splitLine,
  type Formula,
  type FormulaStep,
  type LineShare,
} from '@orvin/core/formula/formula';
import { FormulaStore } from '../store/formula-store';
import { OnBench } from '../work/on-bench';
import { MovesFocus } from './moves-focus';

const newStep = (text: string): FormulaStep => ({ id: crypto.randomUUID(), text });

/** What the baker does to the method of the formula on the bench. */
@Injectable()
export class StepEditing extends MovesFocus {
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);

  type(step: FormulaStep, text: string): void {
    this.change(
      $localize`the change of a step`,
      (formula) => replaceStep(formula, { ...step, text }),
      `step ${step.id}`,
    );
  }

  /** Puts steps behind one; first of all when none is named. */
  addBehind(behindId: string | undefined, texts: readonly string[] = ['']): void {
    const steps = texts.map(newStep);
    this.change(texts.length > 1 ? $localize`the ${texts.length} pasted steps` : $localize`the new step`, (formula) =>
      insertSteps(formula, behindId, steps),
    );
    this.moveFocus(steps.at(-1)?.id);
  }

  remove(stepId: string): void {
    const all = this.stepIds();
    const at = all.indexOf(stepId);
    this.change($localize`the removed step`, (formula) => removeStep(formula, stepId));
    this.moveFocus(all[at - 1] ?? all[at + 1]);
  }

  shift(stepId: string, by: 1 | -1): void {
    this.change($localize`the moved step`, (formula) => shiftStep(formula, stepId, by));
    this.moveFocus(stepId);
  }

  /** Moves a step to a place, counted without the step itself. */
  move(stepId: string, at: number): void {
    this.change($localize`the moved step`, (formula) => {
      const step = formula.steps.find(({ id }) => id === stepId);
      if (!step) return formula;
      const others = formula.steps.filter(({ id }) => id !== stepId);
      return { ...formula, steps: [...others.slice(0, at), step, ...others.slice(at)] };
    });
  }

  /** Moves the focus to the step above (−1) or below (1). */
  step(stepId: string, by: 1 | -1): void {
    const all = this.stepIds();
    const next = all[all.indexOf(stepId) + by];
    if (next !== undefined) this.moveFocus(next);
  }

  /** Which steps take how much of a line; none leaves it to what the steps say. */
  split(lineId: string, shares: readonly LineShare[]): void {
    const text = this.textOf(lineId);
    this.change($localize`the shares of ${text}`, (formula) => splitLine(formula, lineId, shares));
  }

  private textOf(lineId: string): string {
    const record = this.onBench.record();
    return (record && lineOf(record.formula, lineId)?.text) ?? $localize`a line`;
  }

  private stepIds(): readonly string[] {
    return this.onBench.record()?.formula.steps.map(({ id }) => id) ?? [];
  }

  private change(label: string, next: (formula: Formula) => Formula, mergeAs?: string): void {
    const id = this.onBench.id();
    if (id !== undefined) this.store.change(id, label, ({ formula }) => ({ formula: next(formula) }), mergeAs);
  }
}
