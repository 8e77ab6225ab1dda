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
  viewChild,
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
      (click)="showAll()"
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
  private readonly list = viewChild.required(AutoComplete);
  private readonly injector = inject(Injector);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;

  constructor() {
    const watching = afterEveryRender(() => {
      const field = this.host.querySelector('input');
      const before = this.of().plain()?.nativeElement;
      if (this.of().arrived() && field) {
        watching.destroy();
        // before the other goes: a keyboard on the screen stays where it is
        if (this.of().hadFocus) field.focus();
        field.setSelectionRange(...this.of().caret);
        this.of().handedOver.set(true);
      } else if (field && field.value === before?.value) this.ready.emit();
    });
  }

  /** Told once it stands in the field, so that whoever takes it can empty the field. */
  protected pick(pan: string): void {
    afterNextRender(() => this.of().picked.emit(pan), { injector: this.injector });
  }
  /** What is typed is looked for; who only goes into the field sees them all, whatever stands in it. */
  protected suggest({ originalEvent, query }: AutoCompleteCompleteEvent): void {
    const typed = originalEvent.type === 'input' || this.of().typedAhead;
    this.of().typedAhead = false;
    const found = panSuggestions(typed ? query : '', this.of().first());
    // what is typed to its end needs no list over the fields below
    const isWhole = typed && found.length === 1 && found[0]?.toLowerCase() === query.trim().toLowerCase();
    this.suggestions.set(isWhole ? [] : [...found]);
  }
  /** A field that has the focus already is asked again by a touch. */
  protected showAll(): void {
    const list = this.list();
    if (!list.overlayVisible) list.search(new Event('focus'), '', 'focus');
  }
}
