import { ChangeDetectionStrategy, Component, computed, effect, inject, input, signal } from '@angular/core';
import { gramsBefore } from '@orvin/core/along/baking';
import type { WeighStep } from '@orvin/core/along/walk';
import { overPourAnswers, toleranceGrams, weighingOf, type OverPourAnswer } from '@orvin/core/along/weighing';
import { overInWords, overPourInWords, scaleGrams, stepInWords } from '@orvin/core/words/along-words';
import { BowlGauge } from './bowl-gauge';
import { Footing } from './footing';
import { InstrumentLineView } from './instrument-line-view';
import { ThisBaking } from './this-baking';

const MOST_ANSWERS = 3;

/** One line into the bowl: how much is in, how much is to go, what to do when it is too much. */
@Component({
  selector: 'orv-weigh-step',
  imports: [BowlGauge, InstrumentLineView],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="words">
      <p class="lead">{{ words().lead }}</p>
      <h2>{{ words().title }}</h2>
      <p class="tell">{{ tell() }}</p>
    </div>
    @if (step().by !== 'as-written') {
      <orv-bowl-gauge
        class="bowl"
        [before]="before()"
        [target]="target()"
        [tolerance]="tolerance()"
        [grams]="grams() ?? 0"
      />
      <div class="figures" [class.over]="weighing() === 'over'">
        <p class="figure" aria-live="off">{{ figure() }}<small> g</small></p>
        <p class="to-go" role="status">{{ toGo() }}</p>
        @if (weighing() === 'over') {
          <p class="over-words">{{ overWords() }}</p>
          <div class="answers" role="group" aria-label="What to do about it">
            @for (answer of answers(); track answer.code; let first = $first) {
              <button type="button" [class.first]="first" (click)="take(answer.answer)">
                <b>{{ answer.words.say }}</b> <span>{{ answer.words.why }}</span>
              </button>
            }
          </div>
        }
        <label class="by-hand">
          Weighed
          <input
            type="text"
            inputmode="decimal"
            autocomplete="off"
            [value]="typed() ?? ''"
            [attr.aria-label]="'Grams of ' + step().name + ' in the bowl'"
            (input)="typing($event)"
            (keydown.enter)="enter($event)"
          />
          g
        </label>
        <orv-instrument-line class="line" />
      </div>
    }
  `,
  styleUrl: './weigh-step.css',
})
export class WeighStepView {
  readonly step = input.required<WeighStep>();
  private readonly baking = inject(ThisBaking);
  private readonly footing = inject(Footing);

  /** What is typed where no scale speaks; empty again at each step. */
  protected readonly typed = signal<string | undefined>(undefined);
  protected readonly target = computed(() => this.baking.targetOf(this.step()));
  protected readonly tolerance = computed(() => {
    const ingredient = this.baking.bowl().find(({ id }) => id === this.step().id)?.part.ingredient;
    return ingredient ? toleranceGrams(ingredient, this.target()) : this.step().toleranceGrams;
  });
  protected readonly before = computed(() => gramsBefore(this.baking.walk(), this.baking.state(), this.step()));
  private readonly told = computed(() => this.baking.state().weighed.get(this.step().id)?.grams);
  protected readonly grams = computed(() => {
    const typed = this.typed();
    if (typed !== undefined) return read(typed);
    const scale = this.baking.onScale();
    const told = this.told();
    // come back to: what is in stays in, and the scale counts on from there
    return scale === undefined ? told : (told ?? 0) + scale;
  });
  protected readonly weighing = computed(() => weighingOf(this.grams() ?? 0, this.target(), this.tolerance()));
  protected readonly words = computed(() => {
    const walk = this.baking.walk();
    const step = this.step();
    const same = walk.slice(0, walk.indexOf(step)).findLast((each): each is WeighStep =>
      each.kind === 'weigh' && each.bowl.step === step.bowl.step && each.bowl.kind === step.bowl.kind && each.part === step.part,
    ); // prettier-ignore
    return stepInWords({ ...step, grams: this.target() }, same, '');
  });
  protected readonly tell = computed(() => {
    const changed = Math.abs(this.target() - this.step().grams) > 0.05;
    return changed ? `Now ${scaleGrams(this.target())}, not ${scaleGrams(this.step().grams)}.` : this.words().tell;
  });
  private readonly hasScale = computed(() => this.baking.onScale() !== undefined || this.typed() !== undefined);
  protected readonly figure = computed(() => {
    const grams = this.hasScale() || this.told() !== undefined ? (this.grams() ?? 0) : this.target();
    return this.weighing() === 'over' ? plain(grams - this.target()) : plain(Math.max(0, grams));
  });
  protected readonly toGo = computed(() => {
    if (this.baking.instruments.lifted()) return 'the bowl is off the scale';
    if (this.baking.instruments.overload()) return 'too heavy for the scale: take something off';
    if (!this.hasScale() && this.told() === undefined) return `${plain(this.target() - this.tolerance())} to ${plain(this.target() + this.tolerance())} g is fine`; // prettier-ignore
    const rest = this.target() - (this.grams() ?? 0);
    if (this.weighing() === 'over') return '▲ over';
    if (this.weighing() === 'enough') return 'there';
    return `${plain(rest)} g to go`;
  });
  protected readonly overWords = computed(() =>
    overInWords({ targetGrams: this.target(), inBowlGrams: this.grams() ?? 0 }, this.step().name.toLowerCase()),
  );
  protected readonly answers = computed(() => {
    const grams = this.grams() ?? 0;
    const { id } = this.step();
    const lines = this.baking.bowl().map((line) => (line.id === id ? { ...line, inBowlGrams: grams } : line));
    const answers = overPourAnswers({ lines, id, mixed: false, style: this.baking.audit()?.style });
    return answers
      .filter(({ code }) => code !== 'leave')
      .slice(0, MOST_ANSWERS)
      .map((answer) => ({ code: answer.code, answer, words: overPourInWords(answer, id, this.baking.nameOf) }));
  });

  constructor() {
    effect(() => {
      this.step();
      this.typed.set(undefined);
    });
    effect(() => {
      const label =
        this.weighing() === 'over' ? 'Leave it so' : this.baking.onScale() === undefined ? 'It is in' : 'Tare, next';
      this.footing.set(label, () => this.next());
    });
  }
  private next(): void {
    const step = this.step();
    const scale = this.baking.onScale();
    const grams = this.typed() !== undefined || scale !== undefined ? this.grams() : (this.told() ?? this.target());
    const by = this.typed() === undefined && scale !== undefined ? this.baking.instruments.by() : 'hand';
    this.baking.forward(`${step.name.toLowerCase()} in`, {
      kind: 'weighed',
      step: step.id,
      grams: Number((grams ?? this.target()).toFixed(2)),
      by,
    });
  }
  /** Spooning out is done on the scale; the other answers move what the lines are to be. */
  protected take(answer: OverPourAnswer): void {
    if (answer.code === 'take-out') {
      this.baking.instruments.tell({ do: 'take', grams: Number(Math.max(0.1, answer.spoonGrams ?? 0.1).toFixed(1)) });
      if (this.baking.onScale() === undefined) this.typed.set(plain(this.target()));
      return;
    }
    const step = this.step();
    const targets = Object.fromEntries(answer.changes.map(({ id }) => [id, Number((answer.finalGrams[id] ?? 0).toFixed(2))])); // prettier-ignore
    const words = overPourInWords(answer, step.id, this.baking.nameOf).say;
    this.baking.tell(words, { kind: 'retargeted', targets: { ...targets, [step.id]: this.grams() ?? this.target() }, because: words }); // prettier-ignore
  }
  protected typing(event: Event): void {
    const { value } = event.target as HTMLInputElement;
    this.typed.set(value === '' ? undefined : value);
  }
  protected enter(event: Event): void {
    event.preventDefault();
    this.next();
  }
}

const read = (typed: string): number | undefined => {
  const grams = Number(typed.replace(',', '.'));
  return typed.trim() !== '' && Number.isFinite(grams) && grams >= 0 && grams < 1e6 ? grams : undefined;
};
const plain = (grams: number): string => (Math.abs(grams) < 20 ? String(Number(grams.toFixed(1))) : String(Math.round(grams))); // prettier-ignore
