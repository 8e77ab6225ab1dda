import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { shortTitle } from './day-view';
import { ThisDay } from './this-day';

/** What is to be on the table, by its hour: what one reads while the first plan is looked for. */
@Component({
  selector: 'orv-day-wanted',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 i18n>To be on the table</h2>
    @for (at of hours(); track at.hour) {
      <section>
        <b class="hour">{{ at.hour }}</b>
        <ul>
          @for (wish of at.wishes; track wish.id) {
            <li>
              {{ wish.title }} <span>{{ wish.amount }}</span>
            </li>
          }
        </ul>
      </section>
    }
  `,
  styles: `
    :host {
      display: block;
      max-width: 52rem;
      margin-top: 10px;
    }
    h2 {
      font-size: var(--step-1);
      margin-bottom: 4px;
    }
    section {
      display: grid;
      grid-template-columns: 7rem minmax(0, 1fr);
      gap: 14px;
      padding: 6px 0 10px;
      border-top: 1px solid var(--hair);
    }
    .hour {
      font-size: 2.1rem;
      font-weight: 660;
      line-height: 1.15;
      letter-spacing: -0.02em;
    }
    ul {
      list-style: none;
      margin: 0;
      padding: 4px 0 0;
      columns: 2;
      column-gap: 26px;
    }
    li {
      break-inside: avoid;
      padding: 4px 0;
      font-weight: 560;
    }
    li span {
      color: var(--ink-2);
      font-weight: 400;
    }
    @media (max-width: 699px) {
      section {
        grid-template-columns: 5.2rem minmax(0, 1fr);
      }
      .hour {
        font-size: 1.6rem;
      }
      ul {
        columns: 1;
      }
    }
  `,
})
export class DayWanted {
  private readonly day = inject(ThisDay);
  protected readonly hours = computed(() => {
    const wishes = [...(this.day.sheet()?.wishes ?? [])].sort((a, b) => a.due.localeCompare(b.due));
    return [...new Set(wishes.map(({ due }) => due))].map((due) => ({
      hour: due.slice(11),
      wishes: wishes.flatMap((wish) =>
        wish.due === due ? [{ id: wish.id, title: shortTitle(wish.title), amount: wish.amount }] : [],
      ),
    }));
  });
}
