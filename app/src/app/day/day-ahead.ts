import { LOCALE } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { daysAhead } from '@orvin/core/day/days-ahead';
import { methodSays } from '@orvin/core/day/tasks';
import { FormulaStore } from '../store/formula-store';
import { shortTitle } from './day-view';
import { ThisDay } from './this-day';

const DATE = new Intl.DateTimeFormat(LOCALE, { weekday: 'long', day: 'numeric', month: 'long' });
const WORDS = {
  soak: $localize`Soak the fruit`,
  bake: $localize`Bake, cool in its tin overnight`,
  feed: $localize`Feed`,
  wrap: $localize`Feed no more: wrap it`,
  thaw: $localize`Thaw`,
} as const;

/** The days before, as a list of dates: what matures, what is fed, and the evening before. */
@Component({
  selector: 'orv-day-ahead',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <ol>
      @for (row of rows(); track row.key) {
        <li [class.past]="row.past">
          <b>{{ row.date }}</b><span>{{ row.words }}</span>
        </li>
      }
    </ol>
    @if (rows().length === 0) {
      <p i18n>Nothing is to be done before the day.</p>
    }
    @if (evening().length > 0) {
      <h2 i18n>The evening before</h2>
      <ol>
        @for (row of evening(); track row.key) {
          <li>
            <b>{{ row.time }}</b><span>{{ row.words }}</span>
          </li>
        }
      </ol>
    }
  `,
  styles: `
    li {
      display: flex;
      gap: 18px;
      min-height: 42px;
      align-items: center;
      border-bottom: 1px solid var(--hair);
    }
    b {
      flex: 0 0 13rem;
      font-weight: 640;
    }
    .past {
      color: var(--ink-3);
    }
    h2 {
      margin: 18px 0 4px;
    }
    @media (max-width: 560px) {
      b {
        flex-basis: 8rem;
      }
    }
  `,
})
export class DayAhead {
  private readonly day = inject(ThisDay);
  private readonly store = inject(FormulaStore);

  protected readonly rows = computed(() => {
    const sheet = this.day.sheet();
    const today = new Date(this.day.now()).toISOString().slice(0, 10);
    return (sheet?.wishes ?? [])
      .flatMap((wish) => {
        const formula = this.store.formula(wish.formulaId)?.formula;
        if (wish.madeOn === undefined || !formula || !sheet) return [];
        const { fedEveryDays, soak } = methodSays(formula);
        return daysAhead(shortTitle(wish.title), wish.madeOn, sheet.date, {
          soaks: soak !== undefined,
          ...(fedEveryDays !== undefined && { fedEveryDays }),
        });
      })
      .sort((a, b) => (a.date < b.date ? -1 : 1))
      .map(({ date, kind, title }) => ({
        key: `${date} ${kind} ${title}`,
        date: DATE.format(new Date(`${date}T12:00`)),
        words: `${WORDS[kind]}: ${title}`,
        past: date < today,
      }));
  });
  protected readonly evening = computed(() => {
    const planned = this.day.planned();
    const titles = planned?.of.evening.map(({ title }) => title) ?? [];
    return (planned?.evening?.tasks ?? [])
      .filter(({ kind }) => kind !== 'cool' && kind !== 'rest')
      .map((task) => ({
        key: `${task.id} ${task.from}`,
        time: this.day.clock(task.from),
        words: this.day.taskWords(task, titles[task.batch] ?? ''),
      }));
  });
}
