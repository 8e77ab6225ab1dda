import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import {
  byUrgency,
  eaten,
  freshnessOf,
  goodUntil,
  moved,
  type Freshness,
  type KeepPlace,
} from '@orvin/core/keep/larder';
import { thawHours } from '@orvin/core/day/warming';
import { Toasts } from '../parts/toasts';
import { dayOf } from '../parts/wall-clock';
import { LarderStore } from '../store/larder-store';
import { PlanStore } from '../store/plan-store';
import type { StoredPutAway } from '../store/records';

const PLACES: readonly { readonly place: KeepPlace; readonly name: string }[] = [
  { place: 'freezer', name: $localize`In the freezer` },
  { place: 'fridge', name: $localize`In the fridge` },
  { place: 'room', name: $localize`In tins` },
];
const WORDS: Readonly<Record<Freshness, string>> = {
  good: $localize`good until`,
  soon: $localize`▲ eat by`,
  past: $localize`▲ was good until`,
};
/** So much at a time makes a loaf or a cake; less is slices. */
const LOAF_PORTIONS = 4;
const HOUR = 3_600_000;
/** When it is eaten where no day says so. */
const AFTERNOON = 'T15:00';
/** "2026-11-28T12:00", and its day, where the page is read. */
const localMinute = (at: number) => new Date(at - new Date(at).getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
const localDay = (at: number) => localMinute(at).slice(0, 10);

/** What is put away: what goes bad first, portions left, and the thaw into the Day. */
@Component({
  selector: 'orv-freezer',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (group of groups(); track group.place) {
      <section [attr.aria-label]="group.name">
        <h2 i18n>
          {{ group.name }} <span>{{ group.portions }} portions</span>
        </h2>
        <div class="rows" role="list">
          @for (row of group.rows; track row.id) {
            <div class="row" role="listitem" [class.past]="row.freshness === 'past'">
              <p class="what">
                <b>{{ row.title }}</b> <span>{{ row.since }}</span>
              </p>
              <p class="until">
                {{ row.untilWords }} <b>{{ row.until }}</b>
              </p>
              <p class="left">
                <ng-container i18n
                  ><b>{{ row.left }}</b> of {{ row.portions }}</ng-container
                >
                <button
                  type="button"
                  class="act"
                  (click)="eat(row.id, 1)"
                  [disabled]="row.left === 0"
                  [attr.aria-label]="texts.onePortionEaten(row.title)"
                >
                  −1
                </button>
                <button
                  type="button"
                  class="quiet"
                  (click)="eat(row.id, -1)"
                  [disabled]="row.left === row.portions"
                  [attr.aria-label]="texts.onePortionBack(row.title)"
                >
                  +1
                </button>
              </p>
              <p class="acts">
                @if (group.place === 'freezer') {
                  <button type="button" class="quiet" (click)="thaw(row.id)" i18n>Thaw into the Day</button>
                  <button type="button" class="quiet" (click)="take(row.id, 'fridge')" i18n>
                    Thawed, into the fridge
                  </button>
                }
                <button
                  type="button"
                  class="quiet"
                  (click)="remove(row.id)"
                  [attr.aria-label]="texts.offTheList(row.title)"
                  i18n
                >
                  Off the list
                </button>
              </p>
            </div>
          }
        </div>
      </section>
    } @empty {
      <p class="none" i18n>
        Nothing is put away. <a routerLink="/book" [queryParams]="{ at: 'keep' }">Keep</a> says how long each bake
        lasts, and puts it into tin, fridge or freezer.
      </p>
    }
    <p class="said" i18n>
      Freeze on the day it was baked: open on a tray, then wrapped twice, with its date. Thaw it wrapped, so that water
      settles outside: slices an hour, a loaf three, a deep cake five; what must be cold in the fridge. Raw frozen
      scones go straight in, and take three to five minutes longer. Nothing is frozen twice.
    </p>
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    h2 {
      margin: 12px 0 4px;
      font-size: var(--step-1);
    }
    h2 span {
      font-size: var(--step-0);
      font-weight: 450;
      color: var(--ink-2);
    }
    .row {
      display: grid;
      grid-template-columns: minmax(12rem, 1fr) 11rem 12rem 26rem;
      align-items: center;
      gap: 4px 18px;
      padding: 8px 0;
      border-top: 1px solid var(--hair);
    }
    .what span {
      display: block;
      color: var(--ink-2);
    }
    .left b {
      font-size: var(--step-2);
    }
    .left .act {
      margin-left: 10px;
      min-width: 44px;
      min-height: 40px;
    }
    .past .until b {
      color: var(--alert);
    }
    .acts {
      display: flex;
      flex-wrap: wrap;
    }
    .none {
      padding: 26px 0;
    }
    .said {
      max-width: 46rem;
      margin-top: 14px;
    }
    @media (max-width: 899px) {
      .row {
        grid-template-columns: 1fr 1fr;
      }
      .acts {
        grid-column: 1 / -1;
      }
    }
    @media (pointer: coarse) {
      .left .act {
        min-height: var(--finger);
      }
    }
  `,
})
export class Freezer {
  protected readonly texts = {
    onePortionEaten: (title: string | number) => $localize`−1: a portion of ${title} eaten`,
    onePortionBack: (title: string | number) => $localize`+1: a portion of ${title} back`,
    offTheList: (title: string | number) => $localize`Off the list: ${title}`,
  };
  private readonly larder = inject(LarderStore);
  private readonly plans = inject(PlanStore);
  private readonly router = inject(Router);
  private readonly toasts = inject(Toasts);
  private readonly now = Date.now();

  protected readonly groups = computed(() =>
    PLACES.flatMap(({ place, name }) => {
      const items = this.larder.items().filter(({ item }) => item.place === place);
      if (items.length === 0) return [];
      const rows = byUrgency(items, ({ item }) => item).map((stored) => this.rowOf(stored));
      return [{ place, name, rows, portions: rows.reduce((sum, { left }) => sum + left, 0) }];
    }),
  );
  private rowOf({ id, item }: StoredPutAway) {
    const freshness = freshnessOf(item, this.now);
    return {
      id,
      title: item.title,
      since:
        item.place === 'freezer'
          ? $localize`frozen ${dayOf(item.since)}${item.raw ? $localize`, raw` : ''}`
          : $localize`baked ${dayOf(item.madeAt)}`,
      freshness,
      untilWords: WORDS[freshness],
      until: dayOf(goodUntil(item)),
      left: item.left,
      portions: item.portions,
    };
  }
  protected eat(id: string, portions: number): void {
    this.larder.change(id, portions > 0 ? $localize`a portion eaten` : $localize`a portion back`, (item) =>
      eaten(item, portions),
    );
  }
  protected take(id: string, place: KeepPlace): void {
    this.larder.change(id, $localize`thawing it`, (item) => moved(item, place, Date.now()));
  }
  protected remove(id: string): void {
    this.larder.remove(id);
    this.toasts.show($localize`It is off the list. Undo brings it back.`);
  }
  /** A task in the Day that comes next, or in tomorrow: out of the freezer so many hours before the first thing is due. */
  protected thaw(id: string): void {
    const item = this.larder.item(id)?.item;
    if (!item) return;
    const hours = item.left > LOAF_PORTIONS ? thawHours('loaf') : thawHours('slices');
    const plan = [...this.plans.plans()].reverse().find(({ sheet }) => sheet.date > localDay(this.now));
    const date = plan?.sheet.date ?? localDay(this.now + 24 * HOUR);
    const due = [...(plan?.sheet.wishes ?? [])].map((wish) => wish.due).sort()[0] ?? `${date}${AFTERNOON}`;
    const out = localMinute(new Date(due).getTime() - hours * HOUR);
    const task = {
      id: `thaw-${id}`,
      what: $localize`Take ${item.title} out of the freezer, wrapped`,
      minutes: 5,
      due: out,
    };
    if (plan) this.plans.change(plan.id, 'thawing', (sheet) => ({ ...sheet, own: [...sheet.own.filter((each) => each.id !== task.id), task] })); // prettier-ignore
    const day = plan ?? this.plans.add(date, Intl.DateTimeFormat().resolvedOptions().timeZone, { own: [task] });
    this.toasts.show($localize`In the Day: out of the freezer by ${out.slice(11)}, ${hours} ${hours === 1 ? $localize`hour` : $localize`hours`} before it is eaten.`); // prettier-ignore
    void this.router.navigate(['/day', day.id]);
  }
}
