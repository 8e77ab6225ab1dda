import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { minutesInWords } from '@orvin/core/words/figures';
import { nextActs } from './day-view';
import { ThisDay } from './this-day';

/** The next act, the largest thing on the screen; what the others do now, and what comes then. */
@Component({
  selector: 'orv-now-strip',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (first(); as act) {
      <div class="figure" [class.late]="late()">{{ figure() }}</div>
      <div class="what">
        <h2>{{ act.words }}</h2>
        <p>{{ act.more }}</p>
      </div>
      @for (other of others(); track other.id) {
        <div class="then">
          <span>{{ other.who }}</span>
          <b>{{ other.words }}</b>
          <span>{{ other.more }}</span>
        </div>
      }
      @if (today()) {
        <div class="acts">
          <button type="button" class="done" (click)="done.emit(act.id)" i18n>Done</button>
          @if (late()) {
            <button type="button" class="again" (click)="day.planAgain()" i18n>Running late? Plan again</button>
          }
        </div>
      }
    } @else {
      <div class="what"><h2 i18n>All done.</h2></div>
    }
  `,
  styles: `
    :host {
      display: flex;
      align-items: center;
      gap: 10px 26px;
      flex: none;
      padding: 10px 24px;
      background: var(--butter-wash);
      border-bottom: 1px solid var(--butter-deep);
    }
    .figure {
      font-size: 4.6rem;
      font-weight: 680;
      line-height: 1;
      letter-spacing: -0.02em;
    }
    .figure.late {
      color: var(--alert);
    }
    .what {
      flex: 1 1 0;
      min-width: 0;
    }
    h2 {
      font-size: 1.6rem;
      line-height: 1.15;
      letter-spacing: -0.01em;
    }
    p {
      margin-top: 4px;
      color: var(--ink-2);
    }
    .then {
      flex: 0 1 15rem;
      min-width: 0;
      border-left: 1px solid var(--butter-deep);
      padding-left: 14px;
      font-size: var(--step--1);
      color: var(--ink-2);
    }
    .then b {
      display: block;
      color: var(--ink);
      font-size: var(--step-1);
      line-height: 1.25;
    }
    .then span {
      display: block;
    }
    .acts {
      display: flex;
      flex-direction: column;
      gap: 6px;
    }
    button {
      border: 1.5px solid var(--butter-deep);
      border-radius: var(--corner);
      font: inherit;
      font-weight: 660;
      min-height: 46px;
      padding: 4px 18px;
      cursor: pointer;
      background: var(--butter);
      color: var(--on-butter);
    }
    .again {
      background: var(--enamel);
      border-color: var(--rim);
      color: var(--rim);
    }
    @media (max-width: 1099px) {
      .then + .then {
        display: none;
      }
    }
    @media (max-width: 899px) {
      :host {
        padding-inline: 16px;
      }
    }
    @media (max-width: 699px) {
      :host {
        flex-wrap: wrap;
      }
      .figure {
        font-size: 3.6rem;
      }
      h2 {
        font-size: 1.25rem;
      }
      .then {
        display: none;
      }
      .acts {
        flex: 1 1 100%;
      }
      .done {
        min-height: 54px;
      }
    }
    @media print {
      :host {
        display: none;
      }
    }
  `,
})
export class NowStrip {
  protected readonly day = inject(ThisDay);
  readonly titleOf = input.required<(batch: number) => string>();
  readonly done = output<string>();

  protected readonly today = computed(() => this.day.minuteNow() !== undefined);
  private readonly acts = computed(() => nextActs(this.day.tasks(), this.day.sheet()?.done ?? {}));
  private readonly who = (pair: number | undefined): string => this.day.sheet()?.pairs[pair ?? 0]?.name ?? '';
  protected readonly first = computed(() => {
    const [act] = this.acts();
    if (!act) return undefined;
    const slack = this.slackOf(act.id);
    const who = act.hands > 0 && (this.day.sheet()?.pairs.length ?? 1) > 1 ? `${this.who(act.pair)}, ` : '';
    const until =
      act.to > act.from ? $localize`until ${this.day.clock(act.to)}` : $localize`at ${this.day.clock(act.from)}`;
    const may =
      slack === undefined
        ? ''
        : slack < 2
          ? $localize`; a minute late here is a minute late at the table`
          : $localize`; may slip ${minutesInWords(Math.min(slack, 600))}`;
    return {
      id: act.id,
      from: act.from,
      words: this.day.taskWords(act, this.titleOf()(act.batch)),
      more: `${who}${until}${act.hands > 0 ? may : ''}`,
    };
  });
  private slackOf(id: string): number | undefined {
    const planned = this.day.planned();
    const at = planned?.plan.tasks.findIndex((task) => task.id === id) ?? -1;
    return at < 0 ? undefined : planned?.slack.ofTasks[at];
  }
  private readonly wait = computed(() => {
    const now = this.day.minuteNow();
    const act = this.first();
    return now === undefined || !act ? undefined : act.from - now;
  });
  protected readonly late = computed(() => (this.wait() ?? 0) < 0);
  /** On the day, minutes until it is to be done; before it, the hour. */
  protected readonly figure = computed(() => {
    const wait = this.wait();
    const act = this.first();
    if (wait === undefined || wait > 90) return this.day.clock(act?.from ?? 0);
    return wait === 0 ? $localize`now` : $localize`${wait} min`;
  });
  protected readonly others = computed(() => {
    const [first, ...rest] = this.acts();
    return rest
      .filter((task, i) => i < 8 && task.hands > 0 && task.id !== first?.id)
      .slice(0, 2)
      .map((task) => ({
        id: `${task.id}${task.from}`,
        who: `${this.day.clock(task.from)}${(this.day.sheet()?.pairs.length ?? 1) > 1 ? `, ${this.who(task.pair)}` : $localize`, then`}`,
        words: this.day.taskWords(task, this.titleOf()(task.batch)),
        more: task.to - task.from > 1 ? minutesInWords(task.to - task.from) : '',
      }));
  });
}
