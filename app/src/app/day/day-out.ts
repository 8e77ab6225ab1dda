import { ChangeDetectionStrategy, Component, inject, input, output } from '@angular/core';
import type { DaySheet } from '@orvin/core/day/sheets';
import type { DayFileFault, DayOnPaper } from '@orvin/core/papers/day-papers';
import { saveFile } from '../parts/save-file';
import { Toasts } from '../parts/toasts';
import { FormulaStore } from '../store/formula-store';
import { PlanStore } from '../store/plan-store';
import { DayList } from './day-list';
import { ThisDay } from './this-day';

const nameOf = ({ name, date }: DaySheet): string => `${name || 'day'} ${date}`;
const REFUSED: Readonly<Record<DayFileFault, string>> = {
  'too-long': $localize`This file is too long to be a day. Nothing was changed.`,
  'no-json': $localize`This is no file of Orvin’s. Save a day with “Orvin’s file”, and open that.`,
  'not-a-day': $localize`There is no day in this file. Formulas are opened on the Shelf.`,
  newer: $localize`This day was saved by a newer Orvin. Open it there, or save it there as Markdown.`,
};

/** The day handed on: to a calendar, to paper, as a card, to another date. */
@Component({
  selector: 'orv-day-out',
  imports: [DayList],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="controls">
      <button type="button" class="act take" (click)="calendar(false)" i18n>Calendar, every task</button>
      <button type="button" class="act" (click)="calendar(true)" i18n>Calendar, only what needs its minute</button>
      <button type="button" class="act" (click)="markdown()" i18n>Markdown</button>
      <button type="button" class="act" (click)="file()" i18n>Orvin's file</button>
      <label class="act open"
        ><ng-container i18n>Open a day's file</ng-container>&ngsp;
        <input
          #opened
          class="unseen"
          type="file"
          accept=".json,application/json"
          (change)="open(opened.files); opened.value = ''"
        />
      </label>
      <button type="button" class="act" (click)="print()" i18n>Print</button>
      <button type="button" class="act" (click)="remind()" i18n>Remind me</button>
      <button type="button" class="act" (click)="copied.emit()" i18n>Copy to another date</button>
      <button type="button" class="quiet" (click)="takeOff.emit()" i18n>Take this day off</button>
    </div>
    <p class="said" i18n>
      A calendar file (iCalendar) keeps the same events when the plan changes: bring it in again and they move.
    </p>
    <orv-day-list [titleOf]="titleOf()" />
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    .open {
      display: inline-flex;
      align-items: center;
    }
    .open:focus-within {
      outline: 3px solid var(--rim);
      outline-offset: 2px;
    }
    .said {
      margin-bottom: 10px;
    }
    @media print {
      .controls,
      .said {
        display: none;
      }
    }
    @media (pointer: coarse) {
      .act,
      .quiet {
        min-height: var(--finger);
      }
    }
  `,
})
export class DayOut {
  private readonly day = inject(ThisDay);
  private readonly toasts = inject(Toasts);
  private readonly plans = inject(PlanStore);
  private readonly formulas = inject(FormulaStore);
  readonly titleOf = input.required<(batch: number) => string>();
  /** A day was opened from a file. */
  readonly brought = output<string>();
  readonly copied = output();
  readonly takeOff = output();

  protected async calendar(fewer: boolean): Promise<void> {
    const sheet = this.day.sheet();
    if (!sheet) return;
    const [{ writeCalendar }, { dayEvents }] = await Promise.all([
      import('@orvin/core/papers/calendar'),
      import('@orvin/core/papers/day-papers'),
    ]);
    const events = dayEvents(this.day.id(), this.onPaper(sheet), this.day.instantOf, fewer);
    saveFile(
      `${nameOf(sheet)}.ics`,
      writeCalendar(sheet.name || $localize`Baking`, events, Date.now()),
      'text/calendar',
    );
  }
  protected async file(): Promise<void> {
    const sheet = this.day.sheet();
    if (!sheet) return;
    const { writeDayFile } = await import('@orvin/core/papers/day-papers');
    saveFile(`${nameOf(sheet)}.json`, writeDayFile(sheet), 'application/json');
  }
  /** A day of another browser, beside those that are here. */
  protected async open(files: FileList | null): Promise<void> {
    const [file] = files ?? [];
    if (!file) return;
    const { readDayFile } = await import('@orvin/core/papers/day-papers');
    const shelf = this.formulas.formulas().map(({ id, formula }) => ({ id, title: formula.title }));
    const read = readDayFile(await file.text(), shelf);
    if (read.kind === 'refused') {
      this.toasts.show(REFUSED[read.why]);
      return;
    }
    const plan = this.plans.add(read.sheet.date, read.sheet.zone, read.sheet);
    this.brought.emit(plan.id);
  }
  protected async markdown(): Promise<void> {
    const sheet = this.day.sheet();
    if (!sheet) return;
    const { dayMarkdown } = await import('@orvin/core/papers/day-papers');
    saveFile(`${nameOf(sheet)}.md`, dayMarkdown(this.onPaper(sheet)), 'text/markdown');
  }
  private onPaper({ name, date, pairs }: DaySheet): DayOnPaper {
    const { tasks, clock } = this.day;
    return {
      name,
      date,
      tasks: tasks(),
      titleOf: this.titleOf(),
      scale: this.day.dial.scale(),
      clock,
      pairs: pairs.map((pair) => pair.name),
    };
  }
  protected print(): void {
    window.print();
  }
  /** Asks to be allowed to remind. */
  protected async remind(): Promise<void> {
    if (!('Notification' in window)) {
      this.toasts.show(
        $localize`This browser has no notifications: the hour stands in the title of the page, and it sounds.`,
      );
      return;
    }
    const answer = await Notification.requestPermission();
    this.toasts.show(
      answer === 'granted'
        ? $localize`Orvin reminds you at the minute, while this page is open.`
        : $localize`Notifications are not allowed: the hour stands in the title of the page.`,
    );
  }
}
