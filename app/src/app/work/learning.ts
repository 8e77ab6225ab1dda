import { Injectable, computed, inject } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import {
  catchError,
  debounceTime,
  distinctUntilChanged,
  filter,
  from,
  map,
  of,
  switchMap,
  timer,
  type Observable,
} from 'rxjs';
import { lessonOf, lessonsOf, routineOf, type NamedRecord } from '@orvin/core/book/records';
import type { Lessons } from '@orvin/core/book/learning';
import { isSame } from '@orvin/core/ground/records';
import { UNKNOWN_OVEN, type Kitchen } from '@orvin/core/kitchen/kitchen';
import { BookStore } from '../store/book-store';
import { FormulaStore } from '../store/formula-store';
import type { BookLearned } from './learn-jobs';
import { Work } from './work-client';

/** Acts that come together are learned from together. */
const PAUSE_MILLISECONDS = 60;
/** A Book of ten thousand bakes, or a worker that stopped, holds up no bake for longer. */
const WAITED_FOR_MILLISECONDS = 1500;
const NOTHING_TAUGHT: Lessons = { bakes: [] };

/** What the Book teaches this kitchen. Worked out in a worker whenever a bake, a reading or a change of the oven does; never stored. */
@Injectable({ providedIn: 'root' })
export class Learning {
  private readonly work = inject(Work);
  private readonly book = inject(BookStore);
  private readonly formulas = inject(FormulaStore);

  private readonly oven = computed(() => this.formulas.kitchen().oven ?? UNKNOWN_OVEN);
  /** What each bake teaches, worked out once for each state of it and of what is known of the oven. */
  private readonly remembered = computed(() => {
    this.oven();
    return new WeakMap<NamedRecord, ReturnType<typeof lessonOf>>();
  });
  private readonly taught = toSignal(
    toObservable(
      computed(() => ({
        bakes: this.book.bakes(),
        oven: this.oven(),
        remembered: this.remembered(),
        isRead: this.book.isRead(),
      })),
    ).pipe(
      filter(({ isRead }) => isRead),
      // after the screen that asked: ten thousand bakes take a tenth of a second
      debounceTime(PAUSE_MILLISECONDS),
      map(({ bakes, oven: of, remembered }) =>
        lessonsOf(bakes, of, (record, oven) => {
          const lesson = remembered.get(record) ?? lessonOf(record, oven);
          remembered.set(record, lesson);
          return lesson;
        }),
      ),
      distinctUntilChanged<Lessons>(isSame),
    ),
  );
  readonly lessons = computed<Lessons>(() => this.taught() ?? NOTHING_TAUGHT);
  /** Whether it is known yet which bakes teach. */
  readonly isRead = computed(() => this.taught() !== undefined);
  private readonly isLate = toSignal(timer(WAITED_FOR_MILLISECONDS).pipe(map(() => true)), { initialValue: false });
  /** What the lessons taught; null until they were learned from once. */
  private readonly answer = toSignal(
    toObservable(this.taught).pipe(
      switchMap((lessons): Observable<BookLearned | undefined | null> => {
        if (lessons === undefined) return of(null);
        if (lessons.bakes.length === 0) return of(undefined);
        return from(this.work.run('learn-book', lessons)).pipe(catchError(() => of(undefined)));
      }),
    ),
    { initialValue: null },
  );
  /** Undefined until there is something, and while it is first worked out. */
  readonly learned = computed(() => this.answer() ?? undefined);
  /** Whether what the Book teaches is in `kitchen` by now, or is not to be had: a bake that is foreseen before is foreseen twice. */
  readonly isSettled = computed(() => this.answer() !== null || this.isLate());
  /** How fast these hands are, how long the oven heats, which side of it is hotter. */
  readonly routine = computed(
    () =>
      routineOf(
        this.book.bakes().map(({ record }) => record),
        this.oven(),
      ),
    { equal: isSame },
  );
  /** Whether it is used: the baker may say not to. */
  readonly used = computed(() => this.oven().asSet !== true);
  /** The kitchen with what was learned in it: what every bake is foreseen with. */
  readonly kitchen = computed<Kitchen>(() => {
    const kitchen = this.formulas.kitchen();
    if (!this.used()) return kitchen;
    const learned = this.learned()?.kitchen;
    const routine = this.routine();
    return learned || Object.keys(routine).length > 0 ? { ...kitchen, ...(learned && { learned }), routine } : kitchen;
  });
  readonly weightOf = computed(() => new Map(this.learned()?.weights.map((weight) => [weight.id, weight])));
}
