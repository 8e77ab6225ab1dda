import { tableWords } from '@orvin/core/words/table-words';
import { LOCALE } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { batchOf } from '@orvin/core/batch/batch';
import { oneBake } from '@orvin/core/batch/bakes';
import { neededOf, shoppingList } from '@orvin/core/day/shopping';
import { learn } from '@orvin/core/kitchen/kitchen';
import { buyInWords } from '@orvin/core/words/day-words';
import { gramsInWords } from '@orvin/core/words/figures';
import { FigureField } from '../parts/kept-field';
import { saveFile } from '../parts/save-file';
import { Toasts } from '../parts/toasts';
import { FormulaStore } from '../store/formula-store';
import { SettingsStore } from '../store/settings-store';
import { Readings } from '../work/readings';
import { ThisDay } from './this-day';

const PAPERS = {
  text: { write: 'shoppingText', ending: 'txt', type: 'text/plain' },
  csv: { write: 'shoppingCsv', ending: 'csv', type: 'text/csv' },
  markdown: { write: 'shoppingMarkdown', ending: 'md', type: 'text/markdown' },
} as const;
const DATE = new Intl.DateTimeFormat(LOCALE, { weekday: 'long' });

/** What to buy for the whole plan, by aisle, less what is there. */
@Component({
  selector: 'orv-day-shopping',
  imports: [FigureField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <header>
      <b class="count">{{ left() }}</b>
      <p>
        <ng-container i18n
          >{{ left() === 1 ? texts.thing : texts.things }} to buy{{
            enough() > 0 ? texts.inTheCupboardAlready(enough()) : ''
          }}</ng-container
        >
        @for (early of earlies(); track early) {
          <span class="early">{{ early }}</span>
        }
      </p>
      <span class="controls">
        <button type="button" class="act" (click)="save('text')" i18n>Text</button>
        <button type="button" class="act" (click)="save('csv')">CSV</button>
        <button type="button" class="act" (click)="save('markdown')" i18n>Markdown</button>
        <button type="button" class="act take" (click)="hand()" i18n>Hand it on</button>
      </span>
    </header>
    <div class="aisles">
      @for (aisle of list(); track aisle.aisle) {
        <section [attr.aria-label]="words(aisle.aisle)">
          <h2>{{ words(aisle.aisle) }}</h2>
          <ul>
            @for (row of aisle.rows; track row.id) {
              <li [class.enough]="row.enough" [class.bought]="row.ticked">
                <label class="tick">
                  <input
                    type="checkbox"
                    [checked]="row.ticked || row.enough"
                    [disabled]="row.enough"
                    (change)="tick(row.id, !row.ticked)"
                  />
                  <span
                    ><b>{{ row.buy }}</b
                    ><small>{{ row.needed }}</small></span
                  >
                </label>
                <label class="there"
                  ><ng-container i18n>there</ng-container>&ngsp;
                  <input
                    class="line-input"
                    size="4"
                    [orvFigure]="row.there"
                    [lowest]="0"
                    [highest]="100000"
                    unit="g"
                    [keptAs]="'stock ' + row.id"
                    (figureSaid)="stock(row.id, row.name, $event)"
                  />
                  g</label
                >
                <small class="over">{{ row.over }}</small>
              </li>
            }
          </ul>
        </section>
      }
    </div>
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    header {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 4px 18px;
    }
    header p {
      flex: 1 1 14rem;
    }
    .count {
      font-size: var(--step-4);
      line-height: 1.1;
    }
    .early {
      display: block;
      color: var(--ink-2);
      font-size: var(--step--1);
    }
    .aisles {
      columns: 2;
      column-gap: 34px;
    }
    section {
      break-inside: avoid;
      margin-bottom: 14px;
    }
    section h2 {
      border-bottom: 2px solid var(--rim);
      padding-bottom: 3px;
    }
    section h2::first-letter {
      text-transform: uppercase;
    }
    li {
      display: flex;
      align-items: center;
      gap: 12px;
      min-height: 50px;
      border-bottom: 1px solid var(--hair);
    }
    .tick {
      flex: 1;
      display: flex;
      align-items: center;
      gap: 12px;
      min-width: 0;
      min-height: 48px;
      cursor: pointer;
    }
    .tick input {
      flex: none;
      width: 28px;
      height: 28px;
      accent-color: var(--rim);
    }
    small {
      display: block;
      font-size: var(--step--1);
      color: var(--ink-2);
    }
    .there {
      flex: none;
      font-size: var(--step--1);
      color: var(--ink-2);
    }
    .there input {
      width: 3.4rem;
      text-align: right;
    }
    .over {
      flex: 0 0 6rem;
      text-align: right;
    }
    .enough b,
    .bought b {
      font-weight: 450;
      color: var(--ink-3);
    }
    .bought b {
      text-decoration: line-through;
    }
    @media (max-width: 899px) {
      .aisles {
        columns: 1;
      }
    }
    @media (max-width: 560px) {
      .over {
        display: none;
      }
    }
    @media (pointer: coarse) {
      .there input,
      .act {
        min-height: var(--finger);
      }
    }
  `,
})
export class DayShopping {
  protected readonly words = tableWords;
  protected readonly texts = {
    thing: $localize`thing`,
    things: $localize`things`,
    inTheCupboardAlready: (enough: string | number) => $localize`, ${enough} in the cupboard already`,
  };
  private readonly day = inject(ThisDay);
  private readonly store = inject(FormulaStore);
  private readonly readings = inject(Readings);
  private readonly settings = inject(SettingsStore);
  private readonly toasts = inject(Toasts);

  private readonly needed = computed(() =>
    neededOf(
      (this.day.sheet()?.wishes ?? []).flatMap(({ formulaId, batch, madeOn, frozen }) => {
        const record = this.store.formula(formulaId);
        if (!record || madeOn !== undefined || frozen) return [];
        const bake = oneBake({
          formula: record.formula,
          audit: this.readings.of(record.formula),
          kitchen: this.store.kitchen(),
          oven: record.oven,
          ...(batch && { batch }),
        });
        return [batchOf(bake)];
      }),
    ),
  );
  private readonly aisles = computed(() =>
    shoppingList(this.needed(), this.store.kitchen().stock ?? {}, this.settings.region()),
  );
  private readonly ticked = computed(() => new Set(this.day.sheet()?.ticked ?? []));
  protected readonly list = computed(() =>
    this.aisles().map(({ aisle, items }) => ({
      aisle,
      rows: items.map((item) => ({
        id: item.ingredientId,
        name: item.name,
        buy: buyInWords(item),
        needed: $localize`${gramsInWords(item.neededGrams)} needed`,
        there: item.thereGrams === 0 ? undefined : item.thereGrams,
        over: item.enough
          ? $localize`enough`
          : item.leftOverGrams >= 5
            ? $localize`${gramsInWords(item.leftOverGrams)} over`
            : '',
        enough: item.enough,
        ticked: this.ticked().has(item.ingredientId),
      })),
    })),
  );
  private readonly items = computed(() => this.aisles().flatMap(({ items }) => items));
  protected readonly enough = computed(() => this.items().filter(({ enough }) => enough).length);
  protected readonly left = computed(
    () => this.items().filter(({ enough, ingredientId }) => !enough && !this.ticked().has(ingredientId)).length,
  );
  protected readonly earlies = computed(() =>
    this.items()
      .filter(({ buyEarlyDays, enough }) => buyEarlyDays > 0 && !enough)
      .map(({ name, buyEarlyDays }) => {
        const date = new Date(`${this.day.sheet()?.date ?? ''}T12:00`);
        date.setDate(date.getDate() - buyEarlyDays);
        return $localize`${name} by ${DATE.format(date)}, to ripen`;
      }),
  );

  protected tick(id: string, bought: boolean): void {
    this.day.change(bought ? $localize`ticking it off` : $localize`unticking it`, (sheet) => ({
      ...sheet,
      ticked: bought ? [...sheet.ticked, id] : sheet.ticked.filter((each) => each !== id),
    }));
  }
  protected stock(id: string, name: string, grams: number | undefined): void {
    this.store.changeKitchen($localize`how much ${name} there is`, (kitchen) => learn.stock(kitchen, id, grams ?? 0));
  }
  protected async save(format: keyof typeof PAPERS): Promise<void> {
    const { write, ending, type } = PAPERS[format];
    const papers = await import('@orvin/core/papers/day-papers');
    saveFile($localize`shopping ${this.day.sheet()?.date ?? ''}.${ending}`, papers[write](this.aisles()), type);
  }
  /** To the phone: the system's own sharing, else the clipboard. */
  protected async hand(): Promise<void> {
    const { shoppingText } = await import('@orvin/core/papers/day-papers');
    const text = shoppingText(this.aisles());
    try {
      if ('share' in navigator) await navigator.share({ title: $localize`Shopping`, text });
      else {
        await (navigator as Navigator).clipboard.writeText(text);
        this.toasts.show($localize`The list is in the clipboard.`);
      }
    } catch {
      this.toasts.show($localize`It could not be handed on. Save it as a file instead.`);
    }
  }
}
