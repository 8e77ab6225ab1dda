import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { catchError, debounceTime, from, of, switchMap } from 'rxjs';
import type { BakeJob } from '@orvin/core/oven/baking';
import { windowInWords } from '@orvin/core/words/figures';
import type { TaughtBake } from '@orvin/core/book/learning';
import { lessonOf, type BakeRecord, type NoLesson } from '@orvin/core/book/records';
import { learnedBake, learnedOven, LEARNING_PRIOR, lessonFor, type LearnedKitchen } from '@orvin/core/kitchen/learned';
import { UNKNOWN_OVEN } from '@orvin/core/kitchen/kitchen';
import { FormulaStore } from '../store/formula-store';
import { Learning } from '../work/learning';
import { Work } from '../work/work-client';
import { OwnDial } from '../parts/own-dial';

const WHY_NOTHING: Readonly<Record<NoLesson, string>> = {
  'left-out': $localize`It is left out, so it teaches nothing.`,
  simulated: $localize`Simulated instruments spoke in it, so it teaches nothing of your oven.`,
  'not-foreseen': $localize`Nothing was foreseen of it, so its minutes are kept but teach nothing of the oven.`,
  'contradicts-itself': $localize`A look and how done it was contradict one another, so it teaches nothing. Look at the minutes.`,
};

/** What a bake that is being recorded teaches: oven, recipe, and the window of the next one. */
@Component({
  selector: 'orv-teaches',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" aria-labelledby="teaches" aria-live="polite">
      <h2 id="teaches" i18n>What this bake teaches</h2>
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
  /** The bake as it is simulated, where it is known. */
  readonly job = input<BakeJob>();
  /** Where it is kept already. */
  readonly id = input<string>();
  private readonly dial = inject(OwnDial);
  private readonly work = inject(Work);
  private readonly learning = inject(Learning);
  private readonly store = inject(FormulaStore);

  private readonly oven = computed(() => this.store.kitchen().oven ?? UNKNOWN_OVEN);
  private readonly lesson = computed(() =>
    lessonOf({ id: this.id() ?? $localize`this one`, record: this.record() }, this.oven()),
  );
  private readonly lessons = computed(() => {
    const lesson = this.lesson();
    const lessons = this.learning.lessons();
    const before = { ...lessons, bakes: lessons.bakes.filter(({ id }) => id !== this.id()) };
    if (typeof lesson === 'string') return undefined;
    return { before, with: { ...before, bakes: [...before.bakes, lesson] }, lesson, job: this.job() };
  });
  private readonly learned = toSignal(
    toObservable(this.lessons).pipe(
      debounceTime(120),
      switchMap((lessons) =>
        lessons ? from(this.taught(lessons)).pipe(catchError(() => of(undefined))) : of(undefined),
      ),
    ),
  );
  private async taught({ before, with: all, lesson, job }: NonNullable<ReturnType<typeof this.lessons>>) {
    const [first, then] = [await this.work.run('learn-book', before), await this.work.run('learn-book', all)];
    return {
      before: first.kitchen,
      after: then.kitchen,
      lesson,
      windows: job && [await this.window(job, first.kitchen, lesson), await this.window(job, then.kitchen, lesson)],
    };
  }
  /** The window that the Oven would give, in words: foreseen as everywhere, with what was learned then. */
  private async window(job: BakeJob, kitchen: LearnedKitchen, lesson: TaughtBake): Promise<string> {
    const result = await this.work.run('bake', { ...job, lesson: lessonFor(kitchen, lesson) });
    return result.kind === 'foreseen'
      ? windowInWords(result.bake.minutes.low, result.bake.minutes.high)
      : $localize`none`;
  }
  protected readonly lines = computed(() => {
    const lesson = this.lesson();
    if (typeof lesson === 'string') return [{ words: WHY_NOTHING[lesson], strong: '', more: '' }];
    const learned = this.learned();
    if (!learned) return [{ words: $localize`One moment …`, strong: '', more: '' }];
    const said = (kitchen: LearnedKitchen) => {
      const { celsius, spread } = learnedOven(kitchen);
      return spread > LEARNING_PRIOR.oven - 0.05 ? $localize`unknown` : this.dial.offset(celsius, spread, 1);
    };
    const after = learnedBake(learned.after, learned.lesson);
    const percent = Math.round(100 * (after.factor - 1));
    return [
      { words: $localize`Your oven: ${said(learned.before)} becomes`, strong: said(learned.after), more: '.' },
      { words: $localize`This recipe takes`, strong: percent === 0 ? $localize`what its numbers say` : $localize`${Math.abs(percent)} % ${percent > 0 ? $localize`longer` : $localize`less`} than its numbers say`, more: '.' },
      ...(learned.windows ? [{ words: $localize`Its next window: ${learned.windows[0] ?? ''} becomes`, strong: learned.windows[1] ?? '', more: '.' }] : []),
    ]; // prettier-ignore
  });
}
