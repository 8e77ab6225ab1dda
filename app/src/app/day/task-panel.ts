import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { RouterLink } from '@angular/router';
import type { PlannedTask } from '@orvin/core/day/works';
import { minutesInWords } from '@orvin/core/words/figures';
import { FigureField } from '../parts/kept-field';
import { ThisDay } from './this-day';

const STEP_MINUTES = 5;
/** What is cut into pieces has no start to hold; what follows the oven has none of its own. */
const FOLLOWS: ReadonlySet<string> = new Set(['bake', 'out', 'cool', 'rest']);
const SKIPPABLE: ReadonlySet<string> = new Set(['prepare', 'line', 'take-out', 'chill', 'soak', 'turn', 'tent', 'uncover', 'crumb-coat', 'slice', 'pack', 'frost', 'fill']); // prettier-ignore
/** From here a batch can be baked along. */
const MADE_ALONG: ReadonlySet<string> = new Set(['weigh', 'mix', 'portion', 'bake']);
const TIMED: ReadonlySet<string> = new Set(['weigh', 'line', 'prepare', 'mix', 'portion', 'frost', 'fill', 'slice', 'pack', 'crumb-coat']); // prettier-ignore

/** One task, or a few that touch: moved without dragging, held, done, left out, given its real minutes. */
@Component({
  selector: 'orv-task-panel',
  imports: [FigureField, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" i18n-aria-label aria-label="The task chosen">
      <button type="button" class="quiet close" (click)="shut.emit()" i18n>Close</button>
      @for (task of rows(); track task.id) {
        <div class="row">
          <p class="words">
            <b>{{ task.times }}</b> {{ task.words }}
            <span class="said">{{ task.more }}</span>
          </p>
          <div class="controls">
            @if (task.movable) {
              <button type="button" class="act" (click)="move(task, -1)" i18n>5 min earlier</button>
              <button type="button" class="act" (click)="move(task, 1)" i18n>5 min later</button>
              @if (task.held) {
                <button type="button" class="act" (click)="day.hold(task.id, task.words, undefined)" i18n>
                  Let go
                </button>
              } @else {
                <button type="button" class="act" (click)="day.hold(task.id, task.words, task.from)" i18n>
                  Hold it here
                </button>
              }
            }
            @if (task.timed) {
              <label class="minutes"
                ><ng-container i18n>takes</ng-container>&ngsp;
                <input
                  class="line-input"
                  size="4"
                  [orvFigure]="task.minutes"
                  [lowest]="1"
                  [highest]="600"
                  unit="min"
                  [keptAs]="'day ' + day.id() + ' ' + task.id"
                  (figureSaid)="takes(task, $event)"
                />
                min</label
              >
            }
            @if (task.hands && pairs().length > 1) {
              <label class="who"
                ><ng-container i18n>by</ng-container>&ngsp;
                <select #who (change)="give(task, who.value)">
                  <option value="" i18n>whoever is free</option>
                  @for (pair of pairs(); track pair.id) {
                    <option [value]="pair.id" [selected]="pair.id === task.givenTo">{{ pair.name }}</option>
                  }
                </select></label
              >
            }
            <button type="button" class="act" (click)="tick(task)">{{ task.done ? texts.notDone : texts.done }}</button>
            @if (task.along; as along) {
              <a class="act" routerLink="/bake" [queryParams]="along" i18n>Bake it along</a>
            }
            @if (task.skippable) {
              <button type="button" class="quiet" (click)="day.leaveOut([task.id], task.words)" i18n>
                Leave it out
              </button>
            }
          </div>
        </div>
      }
    </section>
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    :host {
      position: sticky;
      bottom: -24px;
      margin-top: 10px;
      z-index: 3;
    }
    .panel {
      border-top-color: var(--butter-deep);
      box-shadow: 0 -2px 0 var(--ground);
    }
    .close {
      float: right;
      margin: 3px 0 0 10px;
    }
    .row {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      justify-content: space-between;
      gap: 2px 18px;
    }
    .row + .row {
      border-top: 1px solid var(--hair);
    }
    .words b {
      margin-right: 8px;
    }
    select {
      font: inherit;
      min-height: 34px;
      border: 1.5px solid var(--rim-2);
      border-radius: var(--corner);
      background: var(--enamel);
      color: var(--ink);
    }
    .minutes,
    .who {
      display: inline-flex;
      align-items: center;
      gap: 6px;
    }
    .minutes input {
      width: 3.2rem;
      text-align: right;
    }
    @media (pointer: coarse) {
      .act,
      .quiet,
      select,
      .minutes input {
        min-height: var(--finger);
      }
    }
  `,
})
export class TaskPanel {
  protected readonly texts = {
    notDone: $localize`Not done`,
    done: $localize`Done`,
  };
  protected readonly day = inject(ThisDay);
  readonly tasks = input.required<readonly PlannedTask[]>();
  readonly titleOf = input.required<(batch: number) => string>();
  readonly shut = output();

  protected readonly rows = computed(() => {
    const planned = this.day.planned();
    const seen = new Set<string>();
    return this.tasks().flatMap((task) => {
      if (seen.has(task.id)) return [];
      seen.add(task.id);
      const at = planned?.plan.tasks.findIndex(({ id }) => id === task.id) ?? -1;
      const slack = at < 0 ? undefined : planned?.slack.ofTasks[at];
      const pieces = this.tasks().filter(({ id }) => id === task.id);
      const minutes = pieces.reduce((sum, { from, to }) => sum + to - from, 0);
      const pair = this.day.sheet()?.pairs[task.pair ?? 0]?.name ?? '';
      return [
        {
          id: task.id,
          from: task.from,
          all: pieces,
          minutes,
          times: `${this.day.clock(task.from)}–${this.day.clock(task.to)}`,
          words: this.day.taskWords(task, this.titleOf()(task.batch)),
          more: `${pair}${slack === undefined ? '' : slack < 2 ? $localize`, on the chain` : $localize`, may slip ${minutesInWords(Math.min(slack, 600))}`}`,
          movable: task.mayBeCut !== true && !FOLLOWS.has(task.kind) && task.batch >= 0,
          held: this.day.sheet()?.locks[task.id] !== undefined,
          done: this.day.sheet()?.done[task.id] !== undefined,
          skippable: SKIPPABLE.has(task.kind),
          timed: TIMED.has(task.kind),
          hands: task.hands > 0 && task.mayBeCut !== true,
          givenTo: this.day.sheet()?.givenTo[task.id] ?? '',
          along: this.alongOf(task),
        },
      ];
    });
  });
  /** Where a batch is made: its formula, this day, and its hour. */
  private alongOf({ kind, batch }: PlannedTask) {
    if (!MADE_ALONG.has(kind)) return undefined;
    const [wishId] = (this.day.works()[batch]?.id ?? '').split('.');
    const wish = this.day.sheet()?.wishes.find(({ id }) => id === wishId);
    return wish && { of: wish.formulaId, day: this.day.id(), wish: wish.id, due: new Date(wish.due).getTime() };
  }
  protected move(task: { readonly id: string; readonly from: number; readonly words: string }, by: 1 | -1): void {
    this.day.hold(task.id, task.words, (this.day.sheet()?.locks[task.id] ?? task.from) + by * STEP_MINUTES);
  }
  protected readonly pairs = computed(() => this.day.sheet()?.pairs ?? []);
  protected give(task: { readonly id: string; readonly words: string }, pair: string): void {
    this.day.change($localize`who does it: ${task.words}`, (sheet) => {
      const others = Object.entries(sheet.givenTo).filter(([id]) => id !== task.id);
      return { ...sheet, givenTo: Object.fromEntries(pair === '' ? others : [...others, [task.id, pair]]) };
    });
  }
  protected tick(task: { readonly all: readonly PlannedTask[]; readonly words: string; readonly done: boolean }): void {
    this.day.tick(task.all, task.words, !task.done);
  }
  protected takes(task: { readonly id: string; readonly words: string }, minutes: number | undefined): void {
    this.day.change($localize`how long it takes: ${task.words}`, (sheet) => {
      const others = Object.entries(sheet.minutes).filter(([id]) => id !== task.id);
      return {
        ...sheet,
        minutes: Object.fromEntries(minutes === undefined ? others : [...others, [task.id, minutes]]),
      };
    });
  }
}
