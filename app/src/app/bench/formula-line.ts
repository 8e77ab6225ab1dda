import {
  ChangeDetectionStrategy,
  Component,
  ElementRef,
  afterRenderEffect,
  computed,
  inject,
  input,
  signal,
  viewChild,
} from '@angular/core';
import type { AuditLine } from '@orvin/core/bench/audit';
import { DOING_NAMES } from './doing-names';
import type { Doing, FormulaLine } from '@orvin/core/formula/formula';
import { ingredientName } from '@orvin/core/kitchen/ingredients';
import { pantryOf } from '@orvin/core/kitchen/equipment';
import { beginsWithAmount, type Severity } from '@orvin/core/formula/parsing';
import { MOST_GRAMS, readFigure, type Region } from '@orvin/core/ground/units';
import { figureRefusedInWords, gramsInWords, percentInWords } from '@orvin/core/words/figures';
import { WordsField } from '../parts/kept-field';
import { MARKS, SEVERITY_ORDER } from '../parts/marks';
import { FormulaStore } from '../store/formula-store';
import { completed, completions, type Completion } from './completion';
import { LineEditing } from './line-editing';

const GRAMS = { lowest: 0, highest: MOST_GRAMS };

const plainGrams = (grams: number) => gramsInWords(grams).replace(/ g$/, '');

/** One written line: the words as they were written, and what became of them. A line of several ingredients shows each beneath. */
@Component({
  selector: 'orv-formula-line',
  imports: [WordsField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  host: {
    role: 'listitem',
    '[class.active]': 'active()',
    '[class.optional]': 'read()?.optional ?? false',
    '[class.flagged]': 'worst() === "error" || worst() === "warning"',
    '[class]': '"severity-" + (worst() ?? "none")',
  },
  template: `
    <span class="grip" aria-hidden="true" i18n-title title="Drag; or Alt ↑ ↓">
      <svg viewBox="0 0 10 16"><path d="M3 3h0M7 3h0M3 8h0M7 8h0M3 13h0M7 13h0" /></svg>
    </span>
    <div class="written">
      @if (worst(); as severity) {
        <span class="mark" [class]="'mark mark-' + severity" [attr.title]="marks[severity].word" aria-hidden="true">{{
          marks[severity].shape
        }}</span>
      }
      <div class="grows" [attr.data-value]="line().text">
        <textarea
          #field
          rows="1"
          maxlength="2000"
          spellcheck="false"
          autocapitalize="none"
          [value]="line().text"
          [attr.aria-label]="texts.line(line().text || 'empty')"
          [attr.aria-description]="spoken()"
          [attr.aria-autocomplete]="completing() ? 'list' : null"
          [attr.aria-controls]="completing() ? 'complete-' + line().id : null"
          [attr.aria-activedescendant]="picked() < 0 ? null : 'complete-' + line().id + '-' + picked()"
          (focus)="editing.active.set(line().id)"
          (blur)="typing.set(false)"
          (input)="type(field.value)"
          (keydown)="press($event)"
          (paste)="paste($event)"
        ></textarea>
      </div>
    </div>
    <div class="does">
      @for (doing of does(); track doing) {
        <span>{{ doingNames[doing] }}</span>
      }
    </div>
    <div class="grams">
      @if (line().text) {
        <input
          #amount
          class="amount"
          [class.nothing]="!grams()"
          [orvWords]="grams()"
          [refuses]="amountRefused"
          [keptAs]="'amount ' + line().id"
          (wordsSaid)="setAmount($event)"
          placeholder="–"
          maxlength="60"
          [attr.aria-label]="texts.amountOfGramsOrAnyUnit(line().text)"
          i18n-title
          title="Grams, or any unit: 2 cups, 4 oz, ½ stick"
          (focus)="editing.active.set(line().id); amount.select()"
        />
      }
    </div>
    <div class="percent">
      <span>{{ percent() }}</span>
      <i class="bar" [style.--share]="barShare()" aria-hidden="true"></i>
    </div>
    @if (completing()) {
      <div class="completions" role="listbox" [id]="'complete-' + line().id" i18n-aria-label aria-label="Ingredients">
        @for (ingredient of offered(); track ingredient.id) {
          <button
            type="button"
            tabindex="-1"
            role="option"
            [id]="'complete-' + line().id + '-' + $index"
            [attr.aria-selected]="picked() === $index"
            (mousedown)="$event.preventDefault()"
            (click)="complete(ingredient)"
          >
            <b>{{ ingredient.name }}</b>
            <span class="facts">{{ ingredient.facts }}</span>
            <span class="does">
              @for (doing of ingredient.does; track doing) {
                <span>{{ doingNames[doing] }}</span>
              }
            </span>
          </button>
        }
      </div>
    }
    @if (nearest().length > 0 && !completing()) {
      <div class="pick">
        <span class="caption" i18n>did you mean</span>
        @for (near of nearest(); track near.id) {
          <button type="button" (click)="editing.correct(line().id, { ingredientId: near.id })">{{ near.name }}</button>
        }
      </div>
    }
    @for (entry of several(); track $index) {
      <div class="entry">
        <span class="name">{{ entry.name }}</span>
        <span class="does">
          @for (doing of entry.does; track doing) {
            <span>{{ doingNames[doing] }}</span>
          }
        </span>
        <span class="grams">{{ entry.grams }}</span>
        <span class="percent">{{ entry.percent }}</span>
      </div>
    }
  `,
  styleUrl: './formula-line.css',
})
export class FormulaLineRow {
  protected readonly texts = {
    line: (empty: string | number) => $localize`Line: ${empty}`,
    amountOfGramsOrAnyUnit: (text: string | number) => $localize`Amount of ${text}, grams or any unit`,
  };
  readonly line = input.required<FormulaLine>();
  readonly read = input<AuditLine>();
  readonly region = input.required<Region>();
  /** The largest share of the flour in the formula: the longest bar. */
  readonly mostPercent = input.required<number>();

  protected readonly editing = inject(LineEditing);
  private readonly store = inject(FormulaStore);
  /** Whether the words are being written just now. */
  protected readonly typing = signal(false);
  /** The completion at hand, −1 for none. */
  protected readonly picked = signal(-1);
  protected readonly offered = computed<readonly Completion[]>(() =>
    this.typing() && this.active()
      ? completions(
          this.entries().map(({ read }) => read),
          pantryOf(this.store.kitchen()),
          this.region(),
        )
      : [],
  );
  protected readonly completing = computed(() => this.offered().length > 0);
  protected readonly marks = MARKS;
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly field = viewChild.required<ElementRef<HTMLTextAreaElement>>('field');

  protected readonly active = computed(() => this.editing.active() === this.line().id);
  private readonly entries = computed(() => this.read()?.entries ?? []);
  protected readonly worst = computed<Severity | undefined>(() =>
    this.entries()
      .flatMap(({ read }) => read.problems)
      .map(({ severity }) => severity)
      .filter((severity) => severity !== 'note')
      .sort((a, b) => SEVERITY_ORDER[a] - SEVERITY_ORDER[b])
      .at(0),
  );
  protected readonly doingNames = DOING_NAMES;
  protected readonly does = computed<readonly Doing[]>(() =>
    this.entries().length === 1 ? (this.entries()[0]?.does ?? []) : [],
  );
  protected readonly grams = computed(() => {
    const grams = this.read()?.grams;
    return grams === undefined ? '' : plainGrams(grams);
  });
  protected readonly percent = computed(() => {
    const percent = this.read()?.bakersPercent;
    return percent === undefined ? '' : percentInWords(percent);
  });
  protected readonly barShare = computed(() =>
    Math.min(1, (this.read()?.bakersPercent ?? 0) / Math.max(1, this.mostPercent())),
  );
  protected readonly several = computed(() =>
    this.entries().length < 2
      ? []
      : this.entries().map(({ read, grams, bakersPercent, does }) => ({
          name: read.ingredient ? ingredientName(read.ingredient, this.region()) : $localize`${read.name} – not known`,
          does,
          grams: grams === undefined ? '–' : plainGrams(grams),
          percent: bakersPercent === undefined ? '' : percentInWords(bakersPercent),
        })),
  );
  /** What an unknown name, or one whose spelling was guessed, may have meant. */
  protected readonly nearest = computed(() => {
    const [only, more] = this.entries();
    const guessed = only?.read.problems.some(({ code }) => code === 'spelling-guessed');
    if (!only || more || (only.read.ingredient && !guessed)) return [];
    return only.read.others
      .slice(0, 3)
      .map((ingredient) => ({ id: ingredient.id, name: ingredientName(ingredient, this.region()) }));
  });
  protected readonly spoken = computed(() => {
    const worst = this.worst();
    const weighed = this.grams()
      ? $localize`${this.grams()} g, ${this.percent()} of the flour`
      : $localize`not weighed`;
    return worst ? `${this.marks[worst].word}; ${weighed}` : weighed;
  });

  constructor() {
    afterRenderEffect(() => {
      if (this.editing.focusWanted() !== this.line().id) return;
      this.editing.focusWanted.set(undefined);
      this.field().nativeElement.focus();
    });
    // the reading at the foot opens under the line at hand: bring the line back into view
    afterRenderEffect(() => {
      this.completing();
      this.editing.readingOpened();
      if (this.active()) this.host.scrollIntoView({ block: 'nearest' });
    });
  }

  protected press(event: KeyboardEvent): void {
    const field = this.field().nativeElement;
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      this.editing.shift(this.line().id, event.key === 'ArrowUp' ? -1 : 1);
    } else if (this.completing() && this.pressInList(event.key)) {
      event.preventDefault();
      event.stopPropagation();
    } else if (event.key === 'Enter' && !event.ctrlKey && !event.metaKey) {
      event.preventDefault();
      this.editing.addBehind({ lineId: this.line().id });
    } else if (event.key === 'Backspace' && field.value === '') {
      event.preventDefault();
      this.editing.remove(this.line().id);
    } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      event.preventDefault();
      this.editing.step(this.line().id, event.key === 'ArrowUp' ? -1 : 1);
    }
  }

  /** The keys of the list of ingredients, while it is open. */
  private pressInList(key: string): boolean {
    const offered = this.offered();
    if (key === 'ArrowDown' || key === 'ArrowUp') {
      const next = this.picked() + (key === 'ArrowDown' ? 1 : -1);
      // up from the first goes back to the words
      this.picked.set(next < -1 ? offered.length - 1 : next >= offered.length ? -1 : next);
      return true;
    }
    if (key === 'Escape') {
      this.typing.set(false);
      return true;
    }
    const completion = offered[this.picked()];
    if (key !== 'Enter' || !completion) return false;
    this.complete(completion);
    return true;
  }

  protected type(text: string): void {
    this.typing.set(true);
    this.picked.set(-1);
    this.editing.type(this.line(), text);
  }

  protected complete({ name }: Completion): void {
    const typed = this.entries()[0]?.read.name ?? '';
    this.typing.set(false);
    this.editing.type(this.line(), completed(this.line().text, typed, name));
  }

  protected readonly amountRefused = (words: string) => {
    const read = readFigure(words, GRAMS);
    if (read.kind !== 'refused') return '';
    if (read.why !== 'not-a-figure') return figureRefusedInWords(read, GRAMS, 'g');
    return beginsWithAmount(words, { region: this.region(), kitchen: this.store.kitchen() })
      ? ''
      : $localize`Write grams, or an amount with its unit: “250”, “2 cups”, “½ stick”.`;
  };
  /** Writes another amount into the line: bare figures are grams; emptied, it stays as it was. */
  protected setAmount(words: string): void {
    const read = readFigure(words, GRAMS);
    const bare = /^[\d.,]+$/.test(words);
    if (words !== '') this.editing.setAmount(this.line(), bare && read.kind === 'figure' ? `${read.value} g` : words);
  }

  /** Several lines pasted into one become lines of their own. */
  protected paste(event: ClipboardEvent): void {
    const lines = (event.clipboardData?.getData('text/plain') ?? '')
      .split(/\r\n|\r|\n/)
      .filter((text) => text.trim() !== '');
    if (lines.length < 2) return;
    event.preventDefault();
    this.editing.addBehind({ lineId: this.line().id }, lines);
  }
}
