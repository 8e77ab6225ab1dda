import { inSentence } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, effect, inject, input, viewChild } from '@angular/core';
import { gramsBefore, type ToldBy } from '@orvin/core/along/baking';
import type { WeighStep } from '@orvin/core/along/walk';
import { overPourAnswers, toleranceGrams, weighingOf, type OverPourAnswer } from '@orvin/core/along/weighing';
import { gramsOnScale } from '@orvin/core/ground/units';
import { overInWords, overPourInWords, scaleGrams, stepInWords } from '@orvin/core/words/along-words';
import { FigureField } from '../parts/kept-field';
import { BowlGauge } from './bowl-gauge';
import { Footing } from './footing';
import { InstrumentLineView } from './instrument-line-view';
import { ThisBaking } from './this-baking';

const MOST_ANSWERS = 3;
/** Less than this on the scale is nothing. */
const STILL_GRAMS = 0.5;

/** One line into the bowl: how much is in, how much is to go, what to do when it is too much. */
@Component({
  selector: 'orv-weigh-step',
  imports: [BowlGauge, FigureField, InstrumentLineView],
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
          <div class="answers" role="group" i18n-aria-label aria-label="What to do about it">
            @for (answer of answers(); track answer.code; let first = $first) {
              <button type="button" [class.first]="first" (click)="take(answer.answer)">
                <b>{{ answer.words.say }}</b> <span>{{ answer.words.why }}</span>
              </button>
            }
          </div>
        }
        <label class="by-hand">
          <ng-container i18n>Weighed</ng-container>&ngsp;
          <input
            [orvFigure]="told()"
            [lowest]="0"
            [highest]="50000"
            unit="g"
            [keptAs]="'bake ' + baking.id() + ' ' + step().id"
            [attr.aria-label]="texts.gramsOfInTheBowl(step().name)"
            (figureSaid)="weighed($event)"
            (keydown.enter)="entered($event)"
          />
          g
        </label>
        <orv-instrument-line class="line" />
      </div>
    }
  `,
  styleUrls: ['./counter.css', './weigh-step.css'],
})
export class WeighStepView {
  protected readonly texts = {
    gramsOfInTheBowl: (name: string | number) => $localize`Grams of ${name} in the bowl`,
  };
  readonly step = input.required<WeighStep>();
  protected readonly baking = inject(ThisBaking);
  private readonly footing = inject(Footing);

  private readonly field = viewChild(FigureField);
  protected readonly target = computed(() => this.baking.targetOf(this.step()));
  protected readonly tolerance = computed(() => {
    const ingredient = this.baking.bowl().find(({ id }) => id === this.step().id)?.part.ingredient;
    return ingredient ? toleranceGrams(ingredient, this.target()) : this.step().toleranceGrams;
  });
  protected readonly before = computed(() => gramsBefore(this.baking.walk(), this.baking.state(), this.step()));
  protected readonly told = computed(() => this.baking.state().weighed.get(this.step().id)?.grams);
  protected readonly grams = computed(() => {
    const scale = this.baking.onScale();
    const told = this.told();
    // come back to: what is in stays in, and the scale counts on from there
    return this.field()?.inHand() ?? (scale === undefined ? told : (told ?? 0) + scale);
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
    return changed
      ? $localize`Now ${scaleGrams(this.target())}, not ${scaleGrams(this.step().grams)}.`
      : this.words().tell;
  });
  protected readonly figure = computed(() => {
    const grams = this.grams() ?? this.target();
    return this.weighing() === 'over' ? gramsOnScale(grams - this.target()) : gramsOnScale(Math.max(0, grams));
  });
  protected readonly toGo = computed(() => {
    if (this.baking.instruments.lifted()) return $localize`the bowl is off the scale`;
    if (this.baking.instruments.overload()) return $localize`too heavy for the scale: take something off`;
    if (this.grams() === undefined) return $localize`${gramsOnScale(this.target() - this.tolerance())} to ${gramsOnScale(this.target() + this.tolerance())} g is fine`; // prettier-ignore
    const rest = this.target() - (this.grams() ?? 0);
    if (this.weighing() === 'over') return $localize`▲ over`;
    if (this.weighing() === 'enough') return $localize`:as much as it takes|:there`;
    return $localize`${gramsOnScale(rest)} g to go`;
  });
  protected readonly overWords = computed(() =>
    overInWords({ targetGrams: this.target(), inBowlGrams: this.grams() ?? 0 }, inSentence(this.step().name)),
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
      const label =
        this.weighing() === 'over'
          ? $localize`Leave it so`
          : this.baking.onScale() === undefined
            ? $localize`It is in`
            : $localize`Tare, next`;
      this.footing.set(label, () => this.next());
    });
  }
  private next(): void {
    // what is written and cannot be read is put right first
    if (this.field()?.problem()) return;
    const label = $localize`${inSentence(this.step().name)} in`;
    const scale = this.baking.onScale();
    // what was said by hand stands, unless more came on the scale since
    if (this.told() !== undefined && this.field()?.inHand() === undefined && Math.abs(scale ?? 0) < STILL_GRAMS) {
      this.baking.forward(label);
      return;
    }
    const byHand = scale === undefined || this.field()?.inHand() !== undefined;
    const by = byHand ? 'hand' : this.baking.instruments.by();
    this.baking.forward(label, this.toldOf(this.grams() ?? this.target(), by));
  }
  private toldOf(grams: number, by: ToldBy) {
    return { kind: 'weighed', step: this.step().id, grams: Number(grams.toFixed(2)), by } as const;
  }
  /** Weighed by hand: the scale counts on from there. */
  protected weighed(grams: number | undefined): void {
    if (grams === undefined) return;
    this.baking.tell(
      $localize`${gramsOnScale(grams)} g of ${inSentence(this.step().name)}`,
      this.toldOf(grams, 'hand'),
    );
    this.baking.tare();
  }
  /** Enter takes the figure; once it is enough, it goes on too. */
  protected entered(event: Event): void {
    event.preventDefault();
    // the field takes its figure first
    queueMicrotask(() => {
      if (this.weighing() === 'enough') this.next();
    });
  }
  /** Spooning out is done on the scale; the other answers move what the lines are to be. */
  protected take(answer: OverPourAnswer): void {
    if (answer.code === 'take-out') {
      this.baking.instruments.tell({ do: 'take', grams: Number(Math.max(0.1, answer.spoonGrams ?? 0.1).toFixed(1)) });
      if (this.baking.onScale() === undefined) this.weighed(this.target());
      return;
    }
    const step = this.step();
    const targets = Object.fromEntries(answer.changes.map(({ id }) => [id, Number((answer.finalGrams[id] ?? 0).toFixed(2))])); // prettier-ignore
    const words = overPourInWords(answer, step.id, this.baking.nameOf).say;
    this.baking.tell(words, { kind: 'retargeted', targets: { ...targets, [step.id]: this.grams() ?? this.target() }, because: words }); // prettier-ignore
  }
}
