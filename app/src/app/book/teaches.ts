import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { catchError, debounceTime, from, of, switchMap } from 'rxjs';
import type { Lessons, TaughtBake } from '@orvin/core/book/learning';
import { lessonOf, type BakeRecord, type NoLesson } from '@orvin/core/book/records';
import { EIGHT_IN_TEN } from '@orvin/core/ground/numerics';
import { learnedBake, learnedOven, LEARNING_PRIOR, type LearnedKitchen } from '@orvin/core/kitchen/learned';
import { UNKNOWN_OVEN } from '@orvin/core/kitchen/kitchen';
import { FormulaStore } from '../store/formula-store';
import { Learning } from '../work/learning';
import { Work } from '../work/work-client';

const WHY_NOTHING: Readonly<Record<NoLesson, string>> = {
  'left-out': 'It is left out, so it teaches nothing.',
  simulated: 'Simulated instruments spoke in it, so it teaches nothing of your oven.',
  'not-foreseen': 'Nothing was foreseen of it, so its minutes are kept but teach nothing of the oven.',
  'contradicts-itself':
    'A look and how done it was contradict one another, so it teaches nothing. Look at the minutes.',
};
const signed = (value: number) => `${value < 0 ? '−' : ''}${Math.abs(value).toFixed(1)}`;

/** What a bake that is being recorded teaches: oven, recipe, and the window of the next one. */
@Component({
  selector: 'orv-teaches',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" aria-labelledby="teaches" aria-live="polite">
      <h2 id="teaches">What this bake teaches</h2>
      @for (line of lines(); track line.words) {
        <p>
          {{ line.words }} <b>{{ line.strong }}</b>{{ line.more }}
        </p>
      }
    </section>
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    p {
      margin-top: 6px;
      color: var(--ink-2);
    }
    b {
      color: var(--ink);
    }
  `,
})
export class Teaches {
  readonly record = input.required<BakeRecord>();
  /** Where it is kept already. */
  readonly id = input<string>();
  private readonly work = inject(Work);
  private readonly learning = inject(Learning);
  private readonly store = inject(FormulaStore);

  private readonly oven = computed(() => this.store.kitchen().oven ?? UNKNOWN_OVEN);
  private readonly lesson = computed(() =>
    lessonOf({ id: this.id() ?? 'this one', record: this.record() }, this.oven()),
  );
  private readonly lessons = computed(() => {
    const lesson = this.lesson();
    const lessons = this.learning.lessons();
    const before = { ...lessons, bakes: lessons.bakes.filter(({ id }) => id !== this.id()) };
    return typeof lesson === 'string'
      ? undefined
      : { before, with: { ...before, bakes: [...before.bakes, lesson] }, lesson };
  });
  private readonly learned = toSignal(
    toObservable(this.lessons).pipe(
      debounceTime(120),
      switchMap((lessons) =>
        lessons ? from(this.taught(lessons)).pipe(catchError(() => of(undefined))) : of(undefined),
      ),
    ),
  );
  private async taught({
    before,
    with: all,
    lesson,
  }: {
    readonly before: Lessons;
    readonly with: Lessons;
    readonly lesson: TaughtBake;
  }) {
    const [first, then] = [await this.work.run('learn-book', before), await this.work.run('learn-book', all)];
    return { before: first.kitchen, after: then.kitchen, lesson };
  }
  protected readonly lines = computed(() => {
    const lesson = this.lesson();
    if (typeof lesson === 'string') return [{ words: WHY_NOTHING[lesson], strong: '', more: '' }];
    const learned = this.learned();
    if (!learned) return [{ words: 'One moment …', strong: '', more: '' }];
    const said = (kitchen: LearnedKitchen) => {
      const { celsius, spread } = learnedOven(kitchen);
      return spread > LEARNING_PRIOR.oven - 0.05 ? 'unknown' : `${signed(celsius)} ± ${spread.toFixed(1)} °C`;
    };
    const [before, after] = [learnedBake(learned.before, learned.lesson), learnedBake(learned.after, learned.lesson)];
    const percent = Math.round(100 * (after.factor - 1));
    const width = ({ window, factor }: typeof after) => 2 * Math.sinh(EIGHT_IN_TEN * window) * factor * learned.lesson.predictedMinutes; // prettier-ignore
    return [
      { words: `Your oven: ${said(learned.before)} becomes`, strong: said(learned.after), more: '.' },
      { words: 'This recipe takes', strong: percent === 0 ? 'what its numbers say' : `${Math.abs(percent)} % ${percent > 0 ? 'longer' : 'less'} than its numbers say`, more: '.' },
      { words: `Its next window goes from ${width(before).toFixed(0)} min wide to`, strong: `${width(after).toFixed(0)} min`, more: '.' },
    ]; // prettier-ignore
  });
}
