import { ChangeDetectionStrategy, Component, afterNextRender, input, output, viewChild } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Select } from 'primeng/select';
import type { ChoiceField } from './choice';

/** The list of a choice, which comes when somebody opens it, and is open then. */
@Component({
  selector: 'orv-choice-list',
  imports: [FormsModule, Select],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-select
      appendTo="body"
      [inputId]="of().inputId()"
      [ariaLabel]="of().ariaLabel()"
      [ariaLabelledBy]="of().ariaLabelledBy()"
      [options]="$any(of().options())"
      [optionLabel]="of().names() ?? undefined"
      [optionValue]="of().values() ?? undefined"
      [optionDisabled]="of().optionDisabled()"
      [filter]="of().filter()"
      [filterPlaceholder]="of().filterPlaceholder()"
      [showClear]="of().showClear()"
      [placeholder]="of().placeholder()"
      [ngModel]="of().chosen()"
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
  /** The field that it is the list of. */
  readonly of = input.required<ChoiceField<unknown>>();
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
