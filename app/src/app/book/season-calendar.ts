import { LOCALE } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import { dateShifted, weekdayOf } from '@orvin/core/day/dates';
import { groupedBy } from '@orvin/core/ground/records';
import { dateOf, dayOf, midnightOf } from '../parts/wall-clock';
import type { StoredBake } from '../store/records';

const MONTH = new Intl.DateTimeFormat(LOCALE, { month: 'long', year: 'numeric' });
const WEEK = 7;
/** Bakes of one day that have room in its square. */
const MOST_IN_A_DAY = 2;
const WEEKDAYS = [
  $localize`Mon`,
  $localize`Tue`,
  $localize`Wed`,
  $localize`Thu`,
  $localize`Fri`,
  $localize`Sat`,
  $localize`Sun`,
];

const monthShifted = (month: string, by: number): string => {
  const middle = dateShifted(`${month}-15`, by * 30);
  return middle.slice(0, 7);
};

/** A month of the season: what was baked on which day, and how good it was. */
@Component({
  selector: 'orv-season-calendar',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <header>
      <button type="button" class="act" i18n-aria-label aria-label="The month before" (click)="turned.emit(before())">
        ‹
      </button>
      <h2 aria-live="polite">{{ name() }}</h2>
      <button type="button" class="act" i18n-aria-label aria-label="The month after" (click)="turned.emit(after())">
        ›
      </button>
      <span class="said">{{ count() }}</span>
    </header>
    <div class="month" role="table" [attr.aria-label]="name()">
      <div class="week" role="row">
        @for (day of weekdays; track day) {
          <span class="weekday" role="columnheader">{{ day }}</span>
        }
      </div>
      @for (week of weeks(); track week[0]?.date) {
        <div class="week" role="row">
          @for (day of week; track day.date) {
            <div class="day" role="cell" [class.other]="!day.here" [class.today]="day.today">
              <span class="date">{{ day.number }}</span>
              @for (bake of day.bakes; track bake.id) {
                <a [routerLink]="['/book', bake.id]">
                  <b i18n><span class="unseen">scored </span>{{ bake.score }}</b>
                  <span class="title">{{ bake.title }}</span><span class="unseen">, {{ day.words }}</span>
                </a>
              }
              @if (day.more > 0) {
                <button type="button" class="quiet" (click)="chosen.emit(day.date)" i18n>
                  {{ day.more }} more<span class="unseen"> on {{ day.words }}</span>
                </button>
              }
            </div>
          }
        </div>
      }
    </div>
  `,
  styleUrls: ['../parts/panels.css', './season-calendar.css'],
})
export class SeasonCalendar {
  readonly bakes = input.required<readonly StoredBake[]>();
  /** "2026-11". */
  readonly month = input.required<string>();
  readonly turned = output<string>();
  readonly chosen = output<string>();
  protected readonly weekdays = WEEKDAYS;

  private readonly byDate = computed(() => groupedBy(this.bakes(), ({ record }) => dateOf(record.at)));
  protected readonly name = computed(() => MONTH.format(midnightOf(`${this.month()}-01`)));
  protected readonly before = computed(() => monthShifted(this.month(), -1));
  protected readonly after = computed(() => monthShifted(this.month(), 1));
  protected readonly count = computed(() => {
    const bakes = this.bakes().filter(({ record }) => dateOf(record.at).startsWith(this.month())).length;
    return bakes === 0 ? $localize`no bakes` : bakes === 1 ? $localize`1 bake` : $localize`${bakes} bakes`;
  });
  /** Whole weeks, from Monday on. */
  protected readonly weeks = computed(() => {
    const month = this.month();
    const first = `${month}-01`;
    const today = dateOf(Date.now());
    const from = dateShifted(first, -((weekdayOf(first) + WEEK - 1) % WEEK));
    const weeks = [];
    for (let monday = from; monday < `${month}-32`; monday = dateShifted(monday, WEEK))
      weeks.push(Array.from({ length: WEEK }, (_, i) => this.day(dateShifted(monday, i), month, today)));
    return weeks;
  });
  private day(date: string, month: string, today: string) {
    const all = this.byDate().get(date) ?? [];
    const bakes = all.slice(0, all.length > MOST_IN_A_DAY ? MOST_IN_A_DAY - 1 : MOST_IN_A_DAY);
    const words = dayOf(midnightOf(date));
    return {
      date,
      words,
      number: Number(date.slice(8)),
      here: date.startsWith(month),
      today: date === today,
      more: all.length - bakes.length,
      bakes: bakes.map(({ id, record }) => ({
        id,
        title: record.title || $localize`Without a name`,
        score: record.score === undefined ? '–' : String(record.score),
      })),
    };
  }
}
