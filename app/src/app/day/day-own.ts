import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import type { OwnTask } from '@orvin/core/day/sheets';
import { readOwnTask } from '@orvin/core/day/wishes';
import { ThisDay } from './this-day';

/** What else there is to do that day, by its hour: said in words, put where hands are free. */
@Component({
  selector: 'orv-day-own',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h3 i18n>And besides</h3>
    <form (submit)="$event.preventDefault(); add(field)">
      <label class="unseen" for="own" i18n>Something else to do</label>
      <input
        #field
        id="own"
        class="line-input"
        autocomplete="off"
        maxlength="200"
        i18n-placeholder
        placeholder="clear the tables, 20 min, by 13:30"
      />
      <button type="submit" class="act" i18n>Add</button>
    </form>
    <p class="said" role="status">{{ said() }}</p>
    <ul>
      @for (task of tasks(); track task.id) {
        <li>
          <b>{{ task.what }}</b>
          <span class="said" i18n>{{ task.minutes }} min by {{ task.due.slice(11) }}</span>
          <button type="button" class="quiet" (click)="takeOff(task)" [attr.aria-label]="texts.takeOff(task.what)">
            ✕
          </button>
        </li>
      }
    </ul>
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    form {
      display: flex;
      gap: 10px;
    }
    form input {
      flex: 1;
      min-width: 0;
    }
    li {
      display: flex;
      align-items: center;
      gap: 4px 14px;
      min-height: 40px;
      border-bottom: 1px solid var(--hair);
    }
    li b {
      flex: 1;
    }
    @media (pointer: coarse) {
      .line-input,
      .act,
      .quiet {
        min-height: var(--finger);
      }
      .quiet {
        min-width: var(--finger);
      }
    }
  `,
})
export class DayOwn {
  protected readonly texts = {
    takeOff: (what: string | number) => $localize`Take off: ${what}`,
  };
  private readonly day = inject(ThisDay);
  protected readonly said = signal('');
  protected readonly tasks = computed(() => this.day.sheet()?.own ?? []);

  protected add(field: HTMLInputElement): void {
    const sheet = this.day.sheet();
    const words = field.value.trim();
    if (!sheet || words === '') return;
    const task = readOwnTask(words, { date: sheet.date, usualTime: this.day.usualTime() });
    if (!task) {
      this.said.set($localize`Say how long it takes: “clear the tables, 20 min, by 13:30”.`);
      return;
    }
    this.said.set('');
    field.value = '';
    this.day.change($localize`adding ${task.what}`, (before) => ({
      ...before,
      own: [...before.own, { id: crypto.randomUUID().slice(0, 8), ...task }],
    }));
  }
  protected takeOff(task: OwnTask): void {
    this.day.change($localize`taking ${task.what} off`, (sheet) => ({
      ...sheet,
      own: sheet.own.filter(({ id }) => id !== task.id),
    }));
  }
}
