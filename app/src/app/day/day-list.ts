import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { aFrameLater } from '../parts/a-frame-later';
import { MOVES_COLD } from './day-view';
import { ThisDay } from './this-day';

/** The day as a list beside its oven standing upright: for the phone, and for paper. */
@Component({
  selector: 'orv-day-list',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <ol>
      @for (row of rows(); track row.key) {
        <li [class.chain]="row.chain" [class.done]="row.done" [class.oven]="row.oven">
          <span class="heat" [style.background]="row.heat" aria-hidden="true"></span>
          <button type="button" class="words" (click)="look.emit(row.id)">
            <b class="time">{{ row.time }}</b>
            <span class="what"
              >{{ row.words }}<small>{{ row.more }}</small></span
            >
          </button>
          @if (row.hands) {
            <button
              type="button"
              class="tick"
              [attr.aria-label]="texts.done(row.words)"
              [attr.aria-pressed]="row.done"
              (click)="done.emit(row.id)"
            >
              @if (row.done) {
                <svg viewBox="0 0 20 20" aria-hidden="true"><path d="m4 10 4 4 8-8" /></svg>
              }
            </button>
          }
        </li>
      }
    </ol>
  `,
  styles: `
    li {
      display: flex;
      align-items: stretch;
      min-height: 52px;
      border-bottom: 1px solid var(--hair);
      background: var(--enamel);
    }
    .heat {
      flex: none;
      width: 14px;
    }
    .chain .words {
      box-shadow: inset 5px 0 var(--rim);
    }
    .words {
      flex: 1;
      display: flex;
      gap: 12px;
      align-items: baseline;
      min-width: 0;
      border: 0;
      background: none;
      color: inherit;
      font: inherit;
      text-align: left;
      padding: 8px 8px 8px 14px;
      cursor: pointer;
    }
    .time {
      font-size: var(--step-1);
      font-weight: 660;
    }
    .what {
      font-weight: 600;
      min-width: 0;
    }
    small {
      display: block;
      font-size: var(--step--1);
      font-weight: 450;
      color: var(--ink-2);
    }
    .done .what,
    .done .time {
      color: var(--ink-3);
    }
    .oven {
      background: var(--ground);
    }
    .tick {
      flex: none;
      width: 52px;
      border: 0;
      border-left: 1px solid var(--hair);
      background: none;
      cursor: pointer;
    }
    .tick::before {
      content: '';
      display: block;
      width: 24px;
      height: 24px;
      margin: 0 auto;
      border: 2px solid var(--rim-2);
      border-radius: 3px;
    }
    .tick[aria-pressed='true']::before {
      display: none;
    }
    svg {
      width: 26px;
      fill: none;
      stroke: var(--rim);
      stroke-width: 2.6;
    }
  `,
})
export class DayList {
  protected readonly texts = {
    done: (words: string | number) => $localize`Done: ${words}`,
  };
  private readonly day = inject(ThisDay);
  readonly titleOf = input.required<(batch: number) => string>();
  readonly look = output<string>();
  readonly done = output<string>();

  /** The picture of the day comes first. */
  private readonly tasks = aFrameLater(() => this.day.tasks());
  protected readonly rows = computed(() => {
    const tasks = this.tasks();
    const sheet = this.day.sheet();
    const bakes = tasks.filter(({ kind }) => kind === 'bake');
    const heatAt = (minute: number) => {
      const baking = bakes.find(({ from, to }) => from <= minute && to > minute);
      if (!baking) return 'transparent';
      const share = (minute - baking.from) / Math.max(1, baking.to - baking.from);
      return `color-mix(in srgb, var(--crust-1) ${Math.round(20 + 80 * share)}%, var(--crust-0))`;
    };
    const seen = new Map<string, number>();
    // the same in a changed plan: the row stays, and only what it says changes
    const keyOf = (id: string) => {
      const nth = (seen.get(id) ?? 0) + 1;
      seen.set(id, nth);
      return `${id} ${nth}`;
    };
    return tasks
      .filter(
        ({ kind, from, to, hands }) =>
          kind !== 'cool' && kind !== 'rest' && kind !== 'from-store' && (hands === 0 || to > from),
      )
      .map((task) => ({
        key: keyOf(task.id),
        id: task.id,
        time: this.day.clock(task.from),
        words: this.day.taskWords(task, this.titleOf()(task.batch)),
        more: [
          task.hands > 0 && (sheet?.pairs.length ?? 1) > 1 ? (sheet?.pairs[task.pair ?? 0]?.name ?? '') : '',
          task.to > task.from ? $localize`until ${this.day.clock(task.to)}` : '',
          task.from < 0 ? $localize`the evening before` : '',
        ]
          .filter(Boolean)
          .join(', '),
        heat: heatAt(task.from),
        chain: this.day.chain().has(task.id) && task.hands > 0,
        done: sheet?.done[task.id] !== undefined,
        hands: task.hands > 0 || MOVES_COLD.has(task.kind),
        oven: task.batch < 0 || task.kind === 'bake',
      }));
  });
}
