import { ChangeDetectionStrategy, Component, afterNextRender, computed, inject, input, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { AutoComplete, type AutoCompleteCompleteEvent, type AutoCompleteSelectEvent } from 'primeng/autocomplete';
import { Button } from 'primeng/button';
import { InputText } from 'primeng/inputtext';
import type { AuditLine } from '@orvin/core/bench/audit';
import type { FormulaLine, FormulaStep } from '@orvin/core/formula/formula';
import { alternativesIn, type Method, type ProblemCode } from '@orvin/core/formula/parsing';
import { ingredientName, type Ingredient } from '@orvin/core/kitchen/ingredients';
import { pantryOf } from '@orvin/core/kitchen/equipment';
import { gramsForHands, MOST_GRAMS, type Region } from '@orvin/core/ground/units';
import { problemInWords } from '@orvin/core/words/wording';
import { gramsInWords } from '@orvin/core/words/figures';
import { FigureField } from '../parts/kept-field';
import { MARKS } from '../parts/marks';
import { FormulaStore } from '../store/formula-store';
import { LineEditing } from './line-editing';
import { LineFacts } from './line-facts';

interface Choice {
  readonly id: string;
  readonly name: string;
  readonly category: string;
}

/** An answer to what is marked, in one tap. */
interface Answer {
  readonly label: string;
  readonly act: () => void;
}

/** Marks that the baker may wave away for good: the words are a name from then on. */
const ABOUT_NAME: ReadonlySet<ProblemCode> = new Set([
  'words-unread',
  'spelling-guessed',
  'ingredient-ambiguous',
  'heard-unsure',
]);
/** Marks on an amount: the weight taken becomes the baker's own word. */
const ABOUT_AMOUNT: ReadonlySet<ProblemCode> = new Set(['amounts-disagree', 'egg-size-assumed', 'grams-assumed']);
/** Marks that ask which. */
const ASKS_WHICH: ReadonlySet<ProblemCode> = new Set([
  'ingredient-unknown',
  'words-unread',
  'spelling-guessed',
  'ingredient-ambiguous',
]);
const NEAREST_SHOWN = 4;

/** How the line at hand was read, and the two words of the baker that put it right: what it is, and what it weighs. */
@Component({
  selector: 'orv-line-reading',
  imports: [AutoComplete, Button, FigureField, FormsModule, InputText, LineFacts],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (single(); as entry) {
      <div class="fields">
        <label for="taken-for" i18n>taken for</label>
        <p-autocomplete
          inputId="taken-for"
          appendTo="body"
          optionLabel="name"
          [delay]="60"
          [suggestions]="choices()"
          [ngModel]="taken()"
          (completeMethod)="search($event)"
          (onSelect)="choose($event)"
          [completeOnFocus]="true"
          [showEmptyMessage]="false"
          [selectOnFocus]="false"
          i18n-placeholder
          placeholder="pick an ingredient"
        >
          <ng-template #item let-choice>
            <span>{{ choice.name }}</span> <span class="caption">&nbsp;{{ choice.category }}</span>
          </ng-template>
        </p-autocomplete>
        <label for="weighs" i18n>weighs</label>
        <span class="weight">
          <input
            pInputText
            id="weighs"
            [orvFigure]="weighs()"
            [lowest]="0"
            [highest]="mostGrams"
            unit="g"
            [keptAs]="'weighs ' + line().id"
            (figureSaid)="editing.correct(line().id, { grams: $event })"
            placeholder="–"
          />
          g
        </span>
        @if (teachable(); as words) {
          <p-button
            [label]="texts.alwaysReadSo(words)"
            [outlined]="true"
            size="small"
            (onClick)="editing.teachName(words, line().ingredientId ?? '', line().id)"
          />
        }
        @if (corrected()) {
          <p-button
            i18n-label
            label="As written"
            [text]="true"
            size="small"
            (onClick)="editing.correct(line().id, { ingredientId: undefined, grams: undefined })"
          />
        }
      </div>
    }
    @if (measure(); as name) {
      <form class="fields" (submit)="$event.preventDefault(); teachMeasure(name, holdsField)">
        <label for="holds" i18n>“{{ name }}” holds</label>
        <span class="weight">
          <input
            #holdsField
            pInputText
            id="holds"
            placeholder="210"
            [orvFigure]="holds()"
            [lowest]="0.1"
            [highest]="20000"
            unit="ml"
            [keptAs]="'holds ' + name"
            (figureSaid)="holds.set($event)"
          />
          ml
        </span>
        <p-button type="submit" i18n-label label="Learn it" [outlined]="true" size="small" />
        <span class="caption" i18n>weigh it full of water: a gram is a millilitre</span>
      </form>
    }
    <p class="say" aria-live="polite">
      @if (problem(); as found) {
        <span class="mark" [class]="'mark mark-' + found.severity" aria-hidden="true">{{ found.shape }}</span>
        <b>{{ found.say }}</b> {{ found.why }}
      } @else {
        {{ origin() }}
      }
    </p>
    @if (answers().length > 0) {
      <div class="answers" role="group" i18n-aria-label aria-label="Is it right?">
        @for (answer of answers(); track answer.label) {
          <button type="button" class="chip" (click)="answer.act()">{{ answer.label }}</button>
        }
      </div>
    }
    <details>
      <summary i18n>More about this line</summary>
      <orv-line-facts [line]="line()" [steps]="steps()" [method]="method()" [optional]="read()?.optional ?? false" />
    </details>
  `,
  styleUrls: ['../parts/panels.css', './line-reading.css'],
})
export class LineReading {
  protected readonly texts = {
    alwaysReadSo: (words: string | number) => $localize`Always read “${words}” so`,
  };
  readonly line = input.required<FormulaLine>();
  readonly read = input<AuditLine>();
  readonly region = input.required<Region>();
  readonly steps = input.required<readonly FormulaStep[]>();
  readonly method = input.required<Method>();

  protected readonly editing = inject(LineEditing);
  private readonly store = inject(FormulaStore);
  protected readonly choices = signal<Choice[]>([]);

  protected readonly single = computed(() => {
    const entries = this.read()?.entries ?? [];
    return entries.length === 1 ? entries[0] : undefined;
  });
  protected readonly taken = computed(() => {
    const ingredient = this.single()?.read.ingredient;
    return ingredient ? this.choice(ingredient) : null;
  });
  protected readonly mostGrams = MOST_GRAMS;
  protected readonly weighs = computed(() => {
    const grams = this.single()?.grams;
    return grams === undefined ? undefined : Number(gramsForHands(grams));
  });
  protected readonly corrected = computed(
    () => this.line().ingredientId !== undefined || this.line().grams !== undefined,
  );
  /** The words of a corrected line that can be taught, so that no other formula needs the correction. */
  protected readonly teachable = computed(() => {
    const name = this.single()?.read.name.trim() ?? '';
    return this.line().ingredientId === undefined || name === '' ? undefined : name;
  });
  /** A measure of somebody's own that nothing is known of. */
  protected readonly measure = computed(() => {
    const readEntries = (this.read()?.entries ?? [])
      .flatMap(({ read }) => read.problems)
      .find((problem) => problem.code === 'measure-unknown');
    return readEntries?.facts.measure;
  });
  private readonly worst = computed(() => {
    const [worst] = (this.read()?.entries ?? [])
      .flatMap(({ read }) => read.problems)
      .toSorted(
        (a, b) => ['error', 'warning', 'note'].indexOf(a.severity) - ['error', 'warning', 'note'].indexOf(b.severity),
      );
    return worst;
  });
  protected readonly problem = computed(() => {
    const worst = this.worst();
    return worst && { ...problemInWords(worst), severity: worst.severity, shape: MARKS[worst.severity].shape };
  });
  /** One tap each: what is marked is right after all, which teaches; it is one of those that come nearest; the line's other thing is taken. */
  protected readonly answers = computed((): readonly Answer[] => {
    const [entry, code] = [this.single(), this.worst()?.code];
    if (!entry) return [];
    const { read, grams } = entry;
    const line = this.line();
    const answers: Answer[] = [];
    if (code !== undefined && ABOUT_NAME.has(code) && read.ingredient && read.name.trim() !== '') {
      const { id } = read.ingredient;
      answers.push({ label: $localize`It is right`, act: () => this.editing.teachName(read.name.trim(), id, line.id) });
    }
    if (code !== undefined && ABOUT_AMOUNT.has(code) && grams !== undefined)
      answers.push({
        label: $localize`${gramsInWords(grams)} is right`,
        act: () => this.editing.correct(line.id, { grams: Number(gramsForHands(grams)) }),
      });
    const context = { region: this.region(), kitchen: this.store.kitchen() };
    for (const { words, lineWithIt } of alternativesIn(line.text, context))
      answers.push({ label: $localize`Take ${words}`, act: () => this.editing.takeInstead(line, lineWithIt) });
    if (code !== undefined && ASKS_WHICH.has(code))
      for (const other of read.others.slice(0, NEAREST_SHOWN))
        answers.push({
          label: ingredientName(other, this.region()),
          act: () => this.editing.correct(line.id, { ingredientId: other.id }),
        });
    return answers;
  });
  /** Where the grams come from and how far they may be off. */
  protected readonly origin = computed(() => {
    const entries = this.read()?.entries ?? [];
    if (entries.length === 0)
      return $localize`Write an amount and an ingredient: “225 g plain flour”, “2 large eggs”, “½ tsp bicarb”.`;
    if (entries.length > 1)
      return $localize`${entries.length} ingredients in one line, ${gramsInWords(this.read()?.grams ?? 0)} together. Put each on a line of its own to correct it.`;
    const weight = entries[0]?.read.weight;
    if (!weight) return '';
    if (this.line().grams !== undefined) return $localize`The grams are your own word.`;
    const spread = weight.high - weight.low > 0.06 * weight.grams;
    return spread
      ? $localize`Eight in ten bakers measure ${gramsInWords(weight.low)} to ${gramsInWords(weight.high)} this way. Weigh it once to be sure.`
      : $localize`As good as a scale.`;
  });

  constructor() {
    afterNextRender(() => this.editing.readingOpened.update((times) => times + 1));
  }

  protected search({ query }: AutoCompleteCompleteEvent): void {
    const others = this.single()?.read.others ?? [];
    const ingredients = query.trim() === '' ? others : pantryOf(this.store.kitchen()).search(query, 10);
    this.choices.set(ingredients.map((ingredient) => this.choice(ingredient)));
  }

  protected choose({ value }: AutoCompleteSelectEvent): void {
    this.editing.correct(this.line().id, { ingredientId: (value as Choice).id });
  }

  protected readonly holds = signal<number | undefined>(undefined);
  protected teachMeasure(name: string, field: HTMLInputElement): void {
    const millilitres = this.holds();
    if (millilitres === undefined) field.focus();
    else this.editing.teachMeasure(name, millilitres);
  }

  private choice(ingredient: Ingredient): Choice {
    return { id: ingredient.id, name: ingredientName(ingredient, this.region()), category: ingredient.category };
  }
}
