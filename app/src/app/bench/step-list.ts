import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import type { Audit, AuditLine } from '@orvin/core/bench/audit';
import { withoutAnOven } from '@orvin/core/formula/parsing';
import type { FormulaStep } from '@orvin/core/formula/formula';
import type { Region } from '@orvin/core/ground/units';
import { DragRows } from './drag-rows';
import { StepEditing } from './step-editing';
import { StepRow } from './step-row';
import { saidIn, takenBy } from './step-view';
import { OwnDial } from '../parts/own-dial';

/** The method: steps in order, each with what it takes and says. */
@Component({
  selector: 'orv-step-list',
  imports: [DragRows, StepRow],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div (orvDragRows)="editing.move($event.row, $event.at)">
      <div role="list" i18n-aria-label aria-label="Method" data-rows="method">
        @for (row of rows(); track row.step.id) {
          <orv-step-row
            [attr.data-row]="row.step.id"
            [step]="row.step"
            [number]="$index + 1"
            [taken]="row.taken"
            [said]="row.said"
            (goTo)="goTo.emit($event)"
          />
        }
      </div>
    </div>
    <button type="button" class="next-line" (click)="editing.addBehind(steps().at(-1)?.id)" i18n>next step</button>
  `,
  styleUrl: './step-list.css',
})
export class StepList {
  readonly steps = input.required<readonly FormulaStep[]>();
  readonly audit = input.required<Pick<Audit, 'steps' | 'method'>>();
  readonly lines = input.required<ReadonlyMap<string, AuditLine>>();
  readonly region = input.required<Region>();
  readonly goTo = output<string>();

  private readonly dial = inject(OwnDial);
  protected readonly editing = inject(StepEditing);
  protected readonly rows = computed(() => {
    const { steps, method } = this.audit();
    const read = new Map(steps.map((step) => [step.id, step]));
    const noOven = withoutAnOven(steps.map(({ text }) => text));
    return this.steps().map((step) => ({
      step,
      taken: takenBy(method, step.id, this.lines(), this.region()),
      said: saidIn(read.get(step.id), this.dial.scale(), noOven?.by),
    }));
  });
}
