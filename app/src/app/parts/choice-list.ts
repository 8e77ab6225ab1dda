import { ChangeDetectionStrategy, Component, afterNextRender, input, output, viewChild } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Select } from 'primeng/select';

/** The list of a choice, which comes when somebody opens it, and is open then. */
@Component({
  selector: 'orv-choice-list',
  imports: [FormsModule, Select],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-select
      appendTo="body"
      [inputId]="inputId()"
      [ariaLabel]="ariaLabel()"
      [ariaLabelledBy]="ariaLabelledBy()"
      [options]="$any(options())"
      [optionLabel]="optionLabel()"
      [optionValue]="optionValue()"
      [optionDisabled]="optionDisabled()"
      [filter]="filter()"
      [filterPlaceholder]="filterPlaceholder()"
      [showClear]="showClear()"
      [placeholder]="placeholder()"
      [ngModel]="chosen()"
      [ngModelOptions]="{ standalone: true }"
      (ngModelChange)="choose.emit($event)"
    />
  `,
  styles: `
    :host,
    p-select {
      display: flex;
      flex: 1;
      min-width: 0;
    }
  `,
})
export class ChoiceList {
  readonly options = input.required<readonly unknown[]>();
  readonly chosen = input.required<unknown>();
  readonly optionLabel = input<string>();
  readonly optionValue = input<string>();
  readonly optionDisabled = input<string>();
  readonly ariaLabel = input<string>();
  readonly ariaLabelledBy = input<string>();
  readonly inputId = input<string>();
  readonly filter = input(false);
  readonly filterPlaceholder = input<string>();
  readonly showClear = input(false);
  readonly placeholder = input<string>();
  readonly choose = output<unknown>();
  /** It stands, and is open. */
  readonly opened = output();
  private readonly select = viewChild.required(Select);

  constructor() {
    afterNextRender(() => {
      this.select().show(true);
      this.opened.emit();
    });
  }
}
