import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  signal,
  viewChild,
  type ElementRef,
} from '@angular/core';
import { RouterLink } from '@angular/router';
import type { Wish } from '@orvin/core/day/sheets';
import { readWishes, type ReadWish } from '@orvin/core/day/wishes';
import { readTargets } from '@orvin/core/batch/targets';
import { targetInWords } from '@orvin/core/words/batch-words';

import { minutesInWords } from '@orvin/core/words/figures';
import { FormulaStore } from '../store/formula-store';
import { Readings } from '../work/readings';
import { DayHands } from './day-hands';
import { DayOwn } from './day-own';
import { shortTitle } from './day-view';
import { ThisDay } from './this-day';

const SERVED: readonly { readonly id: Wish['served']; readonly name: string }[] = [
  { id: 'fresh', name: $localize`fresh` },
  { id: 'warm', name: $localize`warm` },
  { id: 'cold', name: $localize`cold` },
];

const nothingCalled = (words: string): string =>
  $localize`Nothing on the shelf is called so: “${words}”. Name a formula of yours, or put its formula on the shelf first.`;

/** What is to be on the table: batches said in words with their hour, each to be put right. */
@Component({
  selector: 'orv-day-batches',
  imports: [DayHands, DayOwn, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="sides">
      <section aria-labelledby="on-the-table">
        <h2 id="on-the-table" class="unseen" i18n>On the table</h2>
        <form class="say" (submit)="$event.preventDefault(); add()">
          <label for="wish" class="unseen" i18n>A batch and its hour</label>
          <input
            #wish
            id="wish"
            type="text"
            autocomplete="off"
            maxlength="300"
            i18n-placeholder
            placeholder="24 muffins warm at 10"
          />
          <button type="submit" class="act take" i18n>Add</button>
        </form>
        <p class="hint" role="status">
          {{ said() || texts.sayABatchAndItsHour }}
        </p>
        @if (choices().length > 1) {
          <div class="controls" role="group" i18n-aria-label aria-label="Which one?">
            @for (choice of choices(); track choice.id) {
              <button type="button" class="chip" (click)="addOne(choice.id)">{{ choice.title }}</button>
            }
          </div>
        }
        <label class="or-pick"
          ><span i18n>or pick</span>
          <select #pick (change)="pickOne(pick.value); pick.value = ''">
            <option value="" i18n>a formula, or a batch you kept …</option>
            @for (one of pickable(); track one.value) {
              <option [value]="one.value">{{ one.name }}</option>
            }
          </select>
        </label>
        <table>
          <thead>
            <tr>
              <th scope="col" i18n>batch</th>
              <th scope="col" i18n>ready at</th>
              <th scope="col" i18n>eaten</th>
              <th scope="col" class="slip" i18n>may slip</th>
              <th scope="col"><span class="unseen" i18n>take off</span></th>
            </tr>
          </thead>
          <tbody>
            @for (row of rows(); track row.wish.id) {
              <tr>
                <td>
                  <a [routerLink]="['/batch', row.wish.formulaId]"
                    ><b>{{ row.title }}</b></a
                  >
                  @if (row.more) {
                    <span class="said">{{ row.more }}</span>
                  }
                </td>
                <td>
                  <input
                    #due
                    type="time"
                    [value]="row.time"
                    (change)="setTime(row.wish, due.value)"
                    [attr.aria-label]="texts.readyAt(row.title)"
                  />
                </td>
                <td class="eaten">
                  <select
                    #served
                    [value]="row.wish.served"
                    (change)="setServed(row.wish, served.value)"
                    [attr.aria-label]="texts.eaten(row.title)"
                  >
                    @for (way of served_; track way.id) {
                      <option [value]="way.id" [selected]="way.id === row.wish.served">{{ way.name }}</option>
                    }
                  </select>
                  <label class="tick"
                    ><input
                      type="checkbox"
                      [checked]="row.wish.sliced ?? false"
                      (change)="setSliced(row.wish, !(row.wish.sliced ?? false))"
                    />&ngsp; <ng-container i18n>cut</ng-container></label
                  >
                  <label class="tick"
                    ><input
                      type="checkbox"
                      [checked]="row.wish.frozen ?? false"
                      [attr.aria-label]="texts.itIsFrozenAlready(row.title)"
                      (change)="setFrozen(row.wish, !(row.wish.frozen ?? false))"
                    />&ngsp; <ng-container i18n>frozen</ng-container></label
                  >
                  @if (row.ahead) {
                    <label class="tick"
                      ><input
                        type="checkbox"
                        [checked]="row.wish.eveningBefore ?? false"
                        (change)="setEvening(row.wish, !(row.wish.eveningBefore ?? false))"
                      />&ngsp; <ng-container i18n>evening before</ng-container></label
                    >
                  }
                </td>
                <td class="slip">{{ row.slip }}</td>
                <td>
                  <button
                    type="button"
                    class="quiet"
                    (click)="takeOff(row.wish)"
                    [attr.aria-label]="texts.takeOff(row.title)"
                  >
                    ✕
                  </button>
                </td>
              </tr>
            }
          </tbody>
        </table>
        <orv-day-own />
      </section>
      <orv-day-hands />
    </div>
  `,
  styleUrls: ['../parts/panels.css', './day-batches.css'],
})
export class DayBatches {
  protected readonly texts = {
    sayABatchAndItsHour: $localize`Say a batch and its hour: “24 muffins warm at 10”, “two loaves by Friday night”; or pick one.`,
    readyAt: (title: string | number) => $localize`Ready at: ${title}`,
    eaten: (title: string | number) => $localize`Eaten: ${title}`,
    itIsFrozenAlready: (title: string | number) => $localize`It is frozen already: ${title}`,
    takeOff: (title: string | number) => $localize`Take off: ${title}`,
  };
  private readonly day = inject(ThisDay);
  private readonly store = inject(FormulaStore);
  private readonly readings = inject(Readings);
  private readonly field = viewChild.required<ElementRef<HTMLInputElement>>('wish');
  protected readonly served_ = SERVED;
  protected readonly said = signal('');
  protected readonly choices = signal<readonly { readonly id: string; readonly title: string }[]>([]);
  private pending: ReadWish | undefined;

  protected readonly rows = computed(() => {
    const planned = this.day.planned();
    const works = planned?.of;
    return (this.day.sheet()?.wishes ?? []).map((wish, i) => {
      const own = works?.wishes.flatMap((of, work) => (of === i ? [planned?.slack.ofBatches[work] ?? 0] : [])) ?? [];
      const slack = own.length === 0 ? undefined : Math.min(...own);
      const ahead = works?.works.some((work, at) => works.wishes[at] === i && work.ahead !== undefined) ?? false;
      const date = wish.due.slice(0, 10);
      return {
        wish,
        title: shortTitle(wish.title),
        time: wish.due.slice(11),
        more: [
          wish.amount,
          date === this.day.sheet()?.date ? '' : date,
          wish.madeOn === undefined ? '' : $localize`made ${wish.madeOn}`,
        ]
          .filter(Boolean)
          .join(', '),
        slip: slack === undefined ? '' : slack < 2 ? $localize`on the chain` : minutesInWords(Math.min(slack, 900)),
        ahead: ahead || wish.eveningBefore === true,
      };
    });
  });
  protected readonly pickable = computed(() =>
    this.store
      .formulas()
      .flatMap(({ id, formula }) => [
        { value: id, name: formula.title || $localize`Without a name` },
        ...this.store
          .batchesOf(id)
          .map((batch) => ({ value: `${id} ${batch.id}`, name: `${shortTitle(formula.title)}: ${batch.name}` })),
      ]),
  );

  protected add(): void {
    const sheet = this.day.sheet();
    const words = this.field().nativeElement.value.trim();
    if (!sheet || words === '') return;
    const formulas = this.store.formulas();
    const wishes = readWishes(words, {
      titles: formulas.map(({ formula }) => formula.title),
      date: sheet.date,
      usualTime: this.day.usualTime(),
    });
    const [wish, more] = wishes;
    if (!wish) return;
    if (more) {
      this.addSeveral(wishes, formulas);
      return;
    }
    this.pending = wish;
    const found = wish.formulas.flatMap((i) => formulas[i] ?? []);
    this.choices.set(found.map(({ id, formula }) => ({ id, title: formula.title })));
    const [only] = found;
    if (!only) {
      this.said.set(nothingCalled(words));
      return;
    }
    if (found.length > 1) {
      this.said.set($localize`Which of these?`);
      return;
    }
    this.addOne(only.id);
  }
  /** All of them or none: what is unclear is said, and stays in the field with the others. */
  private addSeveral(wishes: readonly ReadWish[], formulas: readonly { readonly id: string }[]): void {
    const unclear = wishes.find((wish) => wish.formulas.length !== 1);
    if (!unclear) this.addAll(wishes.map((wish) => ({ wish, id: formulas[wish.formulas[0] ?? -1]?.id ?? '' })));
    else if (unclear.formulas.length === 0) this.said.set(nothingCalled(unclear.said));
    else
      this.said.set($localize`“${unclear.said}” may be several formulas: say more of its name, or add it by itself.`);
  }
  protected addOne(formulaId: string): void {
    if (this.pending) this.addAll([{ wish: this.pending, id: formulaId }]);
  }
  /** Several that are said at once come and go by one act. */
  private addAll(said: readonly { readonly wish: ReadWish; readonly id: string }[]): void {
    const read = said.flatMap(({ wish, id }) => this.readFor(wish, id) ?? []);
    const [first] = read;
    if (!first || !this.day.sheet()) return;
    this.put(read.map(({ batch }) => batch));
    const titles = read.map(({ batch }) => shortTitle(batch.title)).join(', ');
    const missed = read.find(({ understood }) => !understood);
    this.said.set(
      missed
        ? $localize`“${missed.amount}” was not understood for ${shortTitle(missed.batch.title)}, which is planned as it stands on the Batch.`
        : $localize`On the plan for ${first.batch.due.slice(11)}:slice:: ${titles}.`,
    );
    this.field().nativeElement.value = '';
    this.choices.set([]);
  }
  /** A batch as it is wished of a formula; as it stands on the Batch where the amount means nothing of it. */
  private readFor(wish: ReadWish, formulaId: string) {
    const record = this.store.formula(formulaId);
    if (!record) return undefined;
    const read =
      wish.amount === ''
        ? undefined
        : readTargets(wish.amount, {
            formula: record.formula,
            audit: this.readings.of(record.formula),
            kitchen: this.store.kitchen(),
          });
    const understood = read && read.targets.length > 0 && read.faults.length === 0;
    const batch: Omit<Wish, 'id'> = {
      formulaId,
      title: record.formula.title,
      amount: understood ? read.targets.map(targetInWords).join(' and ') : '',
      due: wish.due,
      served: wish.served,
      ...(understood && { batch: { ...record.batch, targets: read.targets } }),
      ...(!understood && record.batch && { batch: record.batch }),
      ...(wish.sliced !== undefined && { sliced: wish.sliced }),
      ...(wish.frozen !== undefined && { frozen: wish.frozen }),
    };
    return { batch, amount: wish.amount, understood: wish.amount === '' || understood === true };
  }
  protected pickOne(value: string): void {
    const [formulaId = '', batchId] = value.split(' ');
    const record = this.store.formula(formulaId);
    const sheet = this.day.sheet();
    if (!record || !sheet) return;
    const kept = this.store.batchesOf(formulaId).find(({ id }) => id === batchId);
    const batch = kept?.sheet ?? record.batch;
    this.put([
      {
        formulaId,
        title: record.formula.title,
        amount: kept?.name ?? '',
        due: `${sheet.date}T${this.day.usualTime()}`,
        served: 'fresh',
        ...(batch && { batch }),
      },
    ]);
    this.said.set($localize`On the plan: ${shortTitle(record.formula.title)}.`);
  }
  private put(wishes: readonly Omit<Wish, 'id'>[]): void {
    const titles = wishes.map(({ title }) => title).join(', ');
    this.day.change($localize`adding ${titles}`, (sheet) => ({
      ...sheet,
      wishes: [...sheet.wishes, ...wishes.map((wish) => ({ id: crypto.randomUUID().slice(0, 8), ...wish }))],
    }));
  }
  protected setTime(wish: Wish, time: string): void {
    if (/^\d{2}:\d{2}$/.test(time))
      this.day.setWish(wish.id, $localize`the hour of ${wish.title}`, { due: `${wish.due.slice(0, 10)}T${time}` });
  }
  protected setServed(wish: Wish, served: string): void {
    const way = SERVED.find(({ id }) => id === served);
    if (way) this.day.setWish(wish.id, $localize`how ${wish.title} is eaten`, { served: way.id });
  }
  protected setSliced(wish: Wish, sliced: boolean): void {
    this.day.setWish(wish.id, $localize`cutting ${wish.title}`, { sliced });
  }
  protected setFrozen(wish: Wish, frozen: boolean): void {
    this.day.setWish(wish.id, $localize`${wish.title} from the freezer`, { frozen });
  }
  protected setEvening(wish: Wish, eveningBefore: boolean): void {
    this.day.setWish(wish.id, $localize`${wish.title} the evening before`, { eveningBefore });
  }
  protected takeOff(wish: Wish): void {
    this.day.change($localize`taking ${wish.title} off`, (sheet) => ({
      ...sheet,
      wishes: sheet.wishes.filter(({ id }) => id !== wish.id),
    }));
  }
}
