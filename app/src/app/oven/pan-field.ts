import type { ElementRef } from '@angular/core';
import { ChangeDetectionStrategy, Component, input, linkedSignal, output, signal, viewChild } from '@angular/core';
import { InputText } from 'primeng/inputtext';
import { PanSuggestions } from './pan-suggestions';

/** A pan in the baker's words. The list of pans that are meant is loaded when the field is gone into, and takes its place then. */
@Component({
  selector: 'orv-pan-field',
  imports: [InputText, PanSuggestions],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (!handedOver()) {
      <input
        #plain
        pInputText
        type="text"
        role="combobox"
        aria-autocomplete="list"
        aria-expanded="false"
        [attr.aria-controls]="null"
        autocomplete="off"
        [id]="arrived() ? null : inputId()"
        [attr.aria-label]="ariaLabel()"
        [class]="refused() ? 'ng-invalid ng-dirty' : ''"
        [placeholder]="placeholder()"
        [value]="typed()"
        (input)="say(plain.value)"
        (focus)="wanted.set(true)"
        (keydown.enter)="confirmed.emit()"
      />
    }
    @defer (when wanted()) {
      <orv-pan-suggestions [of]="this" (ready)="giveWay()" />
    }
  `,
  styles: `
    :host {
      display: flex;
      min-width: 0;
    }
    input {
      flex: 1;
      min-width: 0;
      font-weight: inherit;
    }
  `,
})
export class PanField {
  readonly inputId = input.required<string>();
  readonly written = input.required<string>();
  readonly ariaLabel = input<string>();
  readonly placeholder = input('');
  readonly refused = input(false);
  /** Suggested before all others. */
  readonly first = input<string>();
  /** With every letter, and with a suggestion that is picked. */
  readonly said = output<string>();
  readonly picked = output<string>();
  /** By Enter. */
  readonly confirmed = output();

  protected readonly wanted = signal(false);
  /** The one with a list stands beside the plain one; the focus is in it, and the plain one goes. */
  readonly arrived = signal(false);
  readonly handedOver = signal(false);
  readonly typed = linkedSignal(() => this.written());
  readonly plain = viewChild<ElementRef<HTMLInputElement>>('plain');
  /** Where the baker was in the plain field when the other took its place. */
  caret: readonly [number, number] = [0, 0];
  hadFocus = false;
  /** Something was typed while the list was still to come: it begins with that. */
  typedAhead = false;

  say(words: unknown): void {
    if (typeof words !== 'string') return;
    if (!this.arrived()) this.typedAhead = true;
    this.typed.set(words);
    this.said.emit(words);
  }
  protected giveWay(): void {
    const field = this.plain()?.nativeElement;
    if (!field) return;
    this.caret = [field.selectionStart ?? 0, field.selectionEnd ?? 0];
    this.hadFocus = field.ownerDocument.activeElement === field;
    this.arrived.set(true);
  }
}
