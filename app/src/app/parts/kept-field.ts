import { shortDecimal } from '@orvin/core/ground/language';
import {
  ChangeDetectionStrategy,
  Component,
  Directive,
  ElementRef,
  ViewContainerRef,
  computed,
  effect,
  inject,
  input,
  output,
  signal,
  type Signal,
} from '@angular/core';
import {
  boundsOn,
  degreesOn,
  dialDegrees,
  readFigure,
  readHeat,
  type FigureBounds,
  type FigureRead,
} from '@orvin/core/ground/units';
import { DEGREES, figureRefusedInWords } from '@orvin/core/words/figures';
import { OwnDial } from './own-dial';
import { UnconfirmedWords } from './unconfirmed';

let count = 0;

/** What is wrong with a field as typed, under it. */
@Component({
  selector: 'orv-field-problem',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `@if (words(); as words) {
    <span class="words"><span class="mark mark-warning" aria-hidden="true">▲</span> {{ words }}</span>
  }`,
  host: { 'aria-live': 'polite', '[id]': 'name()' },
  styles: `
    :host {
      display: block;
      order: 9;
      flex-basis: 100%;
      grid-column: -2 / -1;
    }
    /* heard when it speaks, and no room taken while it is silent */
    :host:not(:has(.words)) {
      position: absolute;
    }
    .words {
      display: block;
      max-width: 22rem;
      padding: 2px 0 4px;
      font-size: var(--step--1);
      font-weight: 450;
      line-height: 1.3;
      color: var(--ink);
      white-space: normal;
      text-align: start;
    }
  `,
})
class FieldProblem {
  readonly words = input('');
  readonly name = input('');
}

/**
 * A field whose words count once they are confirmed: by Enter, or by leaving it. What cannot be read is refused in words and stays
 * to be put right; what is typed and not confirmed outlives another station and a reload. Kinds of it say what can be read.
 */
@Directive({
  host: {
    autocomplete: 'off',
    '[attr.aria-invalid]': "problem() === '' ? null : 'true'",
    '[attr.aria-describedby]': "problem() === '' ? null : problemId",
    '(input)': 'type()',
    '(change)': 'confirm()',
    '(keydown.enter)': 'confirm()',
    '(keydown.escape)': 'takeBack($event)',
  },
})
abstract class KeptField {
  /** A name that no other field has, with the formula where it is one's own: what is not yet confirmed is kept under it. */
  readonly keptAs = input.required<string>();

  /** The words as they stand, confirmed. */
  protected abstract readonly standing: Signal<string>;
  /** Why words cannot be taken; '' where they can. */
  protected abstract refusal(words: string): string;
  /** Says words that can be taken; '' when the field was emptied. */
  protected abstract say(words: string): void;

  private readonly field = inject<ElementRef<HTMLInputElement>>(ElementRef).nativeElement;
  /** What is typed over a figure is past once that figure is another, by whatever way. */
  private readonly typed = inject(UnconfirmedWords).of(() => `field ${this.keptAs()} over ${this.standing()}`);
  /** The words in the field while they are typed. */
  protected readonly live = signal<string | undefined>(undefined);
  /** Rises when words were confirmed or taken back: the field shows what stands then, be it the same as before in other words. */
  private readonly settled = signal(0);
  private readonly shown = computed(() => this.live() ?? (this.typed() || this.standing()));
  readonly problem = computed(() => {
    if (this.live() !== undefined || this.typed() === '') return '';
    return this.refusal(this.typed()) || $localize`Not taken yet: press Enter here.`;
  });
  protected readonly problemId = `field-problem-${++count}`;

  constructor() {
    const problem = inject(ViewContainerRef).createComponent(FieldProblem);
    problem.setInput('name', this.problemId);
    effect(() => problem.setInput('words', this.problem()));
    effect(() => {
      const shown = this.shown();
      this.settled();
      if (this.field.value !== shown) this.field.value = shown;
    });
  }

  protected type(): void {
    this.live.set(this.field.value);
    this.typed.set(this.field.value);
  }
  protected confirm(): void {
    // Enter and the change that follows it are one
    if (this.live() === undefined && this.typed() === '') return;
    const words = this.field.value;
    const before = this.standing();
    this.live.set(undefined);
    if (words !== before && words.trim() !== '' && this.refusal(words) !== '') {
      this.typed.set(words);
      return;
    }
    this.typed.set('');
    if (words !== before) this.say(words.trim());
    this.settled.update((times) => times + 1);
  }
  protected takeBack(event: Event): void {
    if (this.typed() === '' && this.live() === undefined) return;
    event.stopPropagation();
    this.live.set(undefined);
    this.typed.set('');
    this.settled.update((times) => times + 1);
  }
}

/** A field for one figure, whatever it is written on. */
@Directive()
abstract class ReadField extends KeptField {
  /** As it stands behind the field. */
  abstract readonly unit: Signal<string>;
  /** As it stands; undefined where none is set. */
  protected abstract readonly value: Signal<number | undefined>;
  /** In the unit of the field. */
  protected abstract readonly bounds: Signal<FigureBounds>;
  protected abstract asRead(words: string): FigureRead;
  protected abstract tell(value: number | undefined): void;

  /** The figure as it is being typed, where it can be read: for what follows every keystroke. */
  readonly inHand = computed(() => {
    const words = this.live();
    const read = words === undefined ? undefined : this.asRead(words);
    return read?.kind === 'figure' ? read.value : undefined;
  });
  protected refusal(words: string): string {
    const read = this.asRead(words);
    return read.kind === 'refused' ? figureRefusedInWords(read, this.bounds(), this.unit()) : '';
  }
  protected say(words: string): void {
    const read = this.asRead(words);
    if (read.kind === 'empty') this.tell(undefined);
    else if (read.kind === 'figure' && read.value !== this.value()) this.tell(read.value);
  }
}

/** A field for one figure, read as hands write it (core: `readFigure`). */
@Directive({ selector: 'input[orvFigure]', host: { inputmode: 'decimal', maxlength: '40' } })
export class FigureField extends ReadField {
  readonly value = input<number | undefined>(undefined, { alias: 'orvFigure' });
  readonly lowest = input.required<number>();
  readonly highest = input.required<number>();
  readonly whole = input(false);
  readonly unit = input('');
  /** Said when a figure is confirmed; undefined when the field is emptied. */
  readonly figureSaid = output<number | undefined>();

  protected readonly bounds = computed(() => ({ lowest: this.lowest(), highest: this.highest(), whole: this.whole() }));
  protected readonly standing = computed(() => {
    const value = this.value();
    return value === undefined ? '' : shortDecimal(value, value < 0.1 ? 6 : 3);
  });
  protected asRead(words: string): FigureRead {
    return readFigure(words, this.bounds());
  }
  protected tell(value: number | undefined): void {
    this.figureSaid.emit(value);
  }
}

/**
 * A field for a heat, °C inside: read and shown on the scale of the baker's oven, and read on any other that is written with it ("350F",
 * "gas 4"; core: `readHeat`). `unit()` is what stands behind it.
 */
@Directive({ selector: 'input[orvHeat]', exportAs: 'orvHeat', host: { inputmode: 'text', maxlength: '40' } })
export class HeatField extends ReadField {
  /** °C */
  readonly value = input<number | undefined>(undefined, { alias: 'orvHeat' });
  /** °C */
  readonly lowest = input.required<number>();
  /** °C */
  readonly highest = input.required<number>();
  /** Whether it is a thermometer's, to the degree; else a dial's. */
  readonly read = input(false);
  /** °C, when it is confirmed; undefined when the field is emptied. */
  readonly heatSaid = output<number | undefined>();

  private readonly scale = inject(OwnDial).scale;
  readonly unit = computed(() => DEGREES[this.scale()]);
  private readonly celsiusBounds = computed(() => ({ lowest: this.lowest(), highest: this.highest() }));
  protected readonly bounds = computed(() => boundsOn(this.scale(), this.celsiusBounds()));
  protected readonly standing = computed(() => {
    const [celsius, scale] = [this.value(), this.scale()];
    if (celsius === undefined) return '';
    return this.read()
      ? shortDecimal(degreesOn(scale, celsius), scale === 'C' ? 6 : 0)
      : String(dialDegrees(scale, celsius));
  });
  protected asRead(words: string): FigureRead {
    return readHeat(words, this.scale(), this.celsiusBounds());
  }
  protected override refusal(words: string): string {
    const read = this.asRead(words);
    const isNone = read.kind === 'refused' && read.why === 'not-a-figure';
    return isNone ? $localize`Write a heat alone: “180 C”, “350 F” or “gas 4”.` : super.refusal(words);
  }
  protected tell(celsius: number | undefined): void {
    this.heatSaid.emit(celsius);
  }
}

/** A field for words of a kind that can be read or not: stages, a lid, minutes. */
@Directive({ selector: 'input[orvWords]' })
export class WordsField extends KeptField {
  readonly words = input.required<string>({ alias: 'orvWords' });
  /** Why such words cannot be taken; '' where they can. */
  readonly refuses = input.required<(words: string) => string>();
  /** Said when words are confirmed; '' when the field is emptied. */
  readonly wordsSaid = output<string>();

  protected readonly standing = computed(() => this.words());

  protected refusal(words: string): string {
    return this.refuses()(words);
  }
  protected say(words: string): void {
    this.wordsSaid.emit(words);
  }
}
