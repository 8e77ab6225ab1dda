import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  Injector,
  afterEveryRender,
  afterNextRender,
  inject,
  input,
  output,
  signal,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { AutoComplete, type AutoCompleteCompleteEvent } from 'primeng/autocomplete';
import { panSuggestions } from './bake-view';
import type { PanField } from './pan-field';

/** The field of a pan with its list, which comes when somebody goes into the field: with what is typed by then, and where the caret is. */
@Component({
  selector: 'orv-pan-suggestions',
  imports: [AutoComplete, FormsModule],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <p-autocomplete
      appendTo="body"
      [inputId]="of().arrived() ? of().inputId() : undefined"
      [ariaLabel]="of().ariaLabel()"
      [inputStyleClass]="of().refused() ? 'ng-invalid ng-dirty' : ''"
      [placeholder]="of().placeholder()"
      [suggestions]="suggestions()"
      [delay]="60"
      [completeOnFocus]="true"
      [showEmptyMessage]="false"
      [selectOnFocus]="false"
      [ngModel]="of().typed()"
      [ngModelOptions]="{ standalone: true }"
      (ngModelChange)="of().say($event)"
      (completeMethod)="suggest($event)"
      (onSelect)="pick($event.value)"
      (keydown.enter)="of().confirmed.emit()"
    />
  `,
  host: { '[hidden]': '!of().arrived()' },
  styles: `
    :host:not([hidden]),
    p-autocomplete {
      display: flex;
      flex: 1;
      min-width: 0;
    }
    :host ::ng-deep .p-autocomplete-input {
      width: 100%;
      font-weight: inherit;
    }
  `,
})
export class PanSuggestions {
  /** The field that it takes the place of. */
  readonly of = input.required<PanField>();
  /** It holds what was typed. */
  readonly ready = output();
  protected readonly suggestions = signal<string[]>([]);
  private readonly injector = inject(Injector);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  constructor() {
    const watching = afterEveryRender(() => {
      const field = this.host.querySelector('input');
      const before = this.of().plain()?.nativeElement;
      if (this.of().arrived() && field) {
        watching.destroy();
        if (this.of().hadFocus) field.focus();
        field.setSelectionRange(...this.of().caret);
      } else if (field && field.value === before?.value) this.ready.emit();
    });
  }

  /** Told once it stands in the field, so that whoever takes it can empty the field. */
  protected pick(pan: string): void {
    afterNextRender(() => this.of().picked.emit(pan), { injector: this.injector });
  }
  protected suggest({ query }: AutoCompleteCompleteEvent): void {
    this.suggestions.set([...panSuggestions(query, this.of().first())]);
  }
}
