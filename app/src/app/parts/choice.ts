import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { ChoiceList } from './choice-list';

/** Keys that open a list. @source the WAI-ARIA pattern of a combobox that only selects */
const OPENING_KEYS: ReadonlySet<string> = new Set(['ArrowDown', 'ArrowUp', 'Enter', ' ']);

/** One of several, said where it stands; the list to choose from is loaded when it is opened, as most are never. */
@Component({
  selector: 'orv-choice',
  imports: [ChoiceList],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (!arrived()) {
      <button
        type="button"
        role="combobox"
        aria-haspopup="listbox"
        aria-expanded="false"
        [attr.aria-controls]="null"
        [id]="inputId()"
        [attr.aria-label]="ariaLabel()"
        [attr.aria-labelledby]="ariaLabelledBy()"
        [attr.aria-busy]="wanted() || null"
        (click)="wanted.set(true)"
        (keydown)="press($event)"
      >
        <span [class.none]="said() === ''">{{ said() || placeholder() }}</span>
        <svg viewBox="0 0 14 14" aria-hidden="true"><path d="m2 4.5 5 5 5-5" /></svg>
      </button>
    }
    @defer (when wanted()) {
      <orv-choice-list
        [of]="$any(this)"
        (choose)="choose.emit($any($event ?? undefined))"
        (opened)="arrived.set(true)"
      />
    }
  `,
  styles: `
    :host {
      display: inline-flex;
      min-width: 0;
    }
    button {
      display: flex;
      flex: 1;
      align-items: center;
      min-width: 0;
      min-height: 40.4px;
      padding: 0 0 0 8px;
      border: 1px solid var(--rim-2);
      border-radius: var(--corner);
      background: none;
      color: var(--ink);
      font: inherit;
      font-size: 1rem;
      line-height: 1.4;
      text-align: start;
      cursor: pointer;
    }
    button:hover {
      border-color: var(--rim);
    }
    span {
      flex: 1;
      min-width: 0;
      padding-inline-end: 8px;
      overflow: hidden;
      text-overflow: ellipsis;
      white-space: nowrap;
    }
    .none {
      color: var(--ink-3);
    }
    svg {
      flex: none;
      width: 40px;
      height: 14px;
      fill: none;
      stroke: var(--ink-2);
      stroke-width: 1.6;
      stroke-linecap: round;
    }
    @media (pointer: coarse) {
      button {
        min-height: var(--finger);
      }
    }
  `,
})
export class ChoiceField<T> {
  readonly options = input.required<readonly unknown[]>();
  readonly chosen = input.required<T | null | undefined>();
  /** Names of what an option is called and worth by; null where the options are their own words. */
  readonly names = input<string | null>('name');
  readonly values = input<string | null>('id');
  readonly optionDisabled = input<string>();
  readonly ariaLabel = input<string>();
  readonly ariaLabelledBy = input<string>();
  readonly inputId = input<string>();
  readonly filter = input(false);
  readonly filterPlaceholder = input<string>();
  readonly showClear = input(false);
  readonly placeholder = input<string>();
  /** Undefined where the choice was taken back. */
  readonly choose = output<T>();

  protected readonly wanted = signal(false);
  protected readonly arrived = signal(false);
  protected readonly said = computed(() => {
    const part = (option: unknown, name: string | null) =>
      name === null ? option : (option as Readonly<Record<string, unknown>>)[name];
    const at = this.options().find((option) => part(option, this.values()) === this.chosen());
    return at === undefined ? '' : String(part(at, this.names()));
  });

  protected press(event: KeyboardEvent): void {
    if (!OPENING_KEYS.has(event.key)) return;
    event.preventDefault();
    this.wanted.set(true);
  }
}
