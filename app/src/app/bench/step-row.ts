import type { ElementRef } from '@angular/core';
import { ChangeDetectionStrategy, Component, afterRenderEffect, inject, input, output, viewChild } from '@angular/core';
import type { FormulaStep } from '@orvin/core/formula/formula';
import { StepEditing } from './step-editing';
import type { SaidChip, TakenChip } from './step-view';

/** One step: its words, the lines it takes with how much of each, and the times, set points and signs it names. */
@Component({
  selector: 'orv-step-row',
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: { role: 'listitem' },
  template: `
    <span class="grip" aria-hidden="true" i18n-title title="Drag; or Alt ↑ ↓">{{ number() }}</span>
    <div class="grows" [attr.data-value]="step().text">
      <textarea
        #field
        rows="1"
        maxlength="6000"
        [value]="step().text"
        [attr.aria-label]="texts.step(number())"
        i18n-placeholder
        placeholder="what is done"
        (input)="editing.type(step(), field.value)"
        (keydown)="press($event)"
        (paste)="paste($event)"
      ></textarea>
    </div>
    @if (taken().length + said().length > 0) {
      <ul class="chips" [attr.aria-label]="texts.inStep(number())">
        @for (chip of taken(); track chip.lineId) {
          <li>
            <button type="button" class="taken" (click)="goTo.emit(chip.lineId)" [attr.aria-label]="spoken(chip)">
              @if (chip.portion) {
                <i>{{ chip.portion }}</i>
              }
              {{ chip.name }} <b>{{ chip.grams }}</b>
            </button>
          </li>
        }
        @for (chip of said(); track $index) {
          <li class="said" [class]="'said ' + chip.kind">{{ chip.words }}</li>
        }
      </ul>
    }
  `,
  styleUrl: './step-row.css',
})
export class StepRow {
  protected readonly texts = {
    step: (number: string | number) => $localize`Step ${number}`,
    inStep: (number: string | number) => $localize`In step ${number}`,
  };
  readonly step = input.required<FormulaStep>();
  readonly number = input.required<number>();
  readonly taken = input.required<readonly TakenChip[]>();
  readonly said = input.required<readonly SaidChip[]>();
  /** The id of a line to go to. */
  readonly goTo = output<string>();

  protected readonly editing = inject(StepEditing);
  private readonly field = viewChild.required<ElementRef<HTMLTextAreaElement>>('field');

  constructor() {
    afterRenderEffect(() => {
      if (this.editing.focusWanted() !== this.step().id) return;
      this.editing.focusWanted.set(undefined);
      this.field().nativeElement.focus();
    });
  }

  protected press(event: KeyboardEvent): void {
    const field = this.field().nativeElement;
    const { id } = this.step();
    const arrow = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : undefined;
    if (event.key === 'Enter' && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      this.editing.addBehind(id);
    } else if (event.key === 'Backspace' && field.value === '') {
      event.preventDefault();
      this.editing.remove(id);
    } else if (arrow !== undefined && event.altKey) {
      event.preventDefault();
      this.editing.shift(id, arrow);
    } else if (arrow !== undefined && this.atEdge(field, arrow)) {
      event.preventDefault();
      this.editing.step(id, arrow);
    }
  }

  protected readonly spoken = ({ portion, name, grams }: TakenChip): string =>
    $localize`${[portion, name, grams].filter(Boolean).join(' ')}, to its line`;

  /** Several lines pasted into a step become steps of their own. */
  protected paste(event: ClipboardEvent): void {
    const steps = (event.clipboardData?.getData('text/plain') ?? '')
      .split(/\r\n|\r|\n/)
      .filter((text) => text.trim() !== '');
    if (steps.length < 2) return;
    event.preventDefault();
    this.editing.addBehind(this.step().id, steps);
  }

  /** Arrows walk inside a step of several rows first. */
  private atEdge({ selectionStart, value }: HTMLTextAreaElement, by: 1 | -1): boolean {
    return by < 0 ? selectionStart === 0 : selectionStart === value.length;
  }
}
