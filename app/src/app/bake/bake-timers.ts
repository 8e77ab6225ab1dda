import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { ThisBaking, type NamedTimer } from './this-baking';

const MOST_SHOWN = 2;

/** "8:00", "1 h 13": what is left of a timer, or since it rang. */
export function leftInWords(milliseconds: number): string {
  const seconds = Math.ceil(Math.abs(milliseconds) / 1000);
  const sign = milliseconds < 0 ? '+' : '';
  if (seconds >= 3600) return `${sign}${Math.floor(seconds / 3600)} h ${String(Math.floor((seconds % 3600) / 60)).padStart(2, '0')}`; // prettier-ignore
  return `${sign}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}

/** Named timers, the next first; what rang stands in butter until it is put off. */
@Component({
  selector: 'orv-bake-timers',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (timer of shown(); track timer.of + timer.id) {
      <div class="timer" [class.rang]="timer.rang" role="timer" [attr.aria-label]="timer.name">
        <span>{{ timer.name }}</span> <b>{{ timer.left }}</b>
        @if (timer.rang && timer.of !== baking.id()) {
          <a [routerLink]="['/bake', timer.of]" [attr.aria-label]="texts.goToIt(timer.name)" i18n>Go to it</a>
        }
        @if (timer.rang) {
          <button type="button" (click)="baking.snooze(timer)" i18n>2 min more</button>
          <button type="button" (click)="baking.stop(timer)" [attr.aria-label]="texts.stop(timer.name)" i18n>
            Stop
          </button>
        }
      </div>
    }
    @if (more() > 0) {
      <span class="more" i18n>and {{ more() }} more</span>
    }
    <span class="unseen" role="status">{{ said() }}</span>
  `,
  styles: `
    :host {
      display: flex;
      flex-wrap: wrap;
      justify-content: flex-end;
      align-items: center;
      gap: 6px 10px;
    }
    .timer {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 0 8px;
      max-width: 100%;
      min-height: 42px;
      padding: 0 14px;
      border: 2px solid var(--rim-2);
      border-radius: 4px;
      font-size: var(--step-1);
      color: var(--ink-2);
    }
    .timer b,
    .timer button,
    .timer a {
      white-space: nowrap;
    }
    .timer b {
      color: var(--ink);
    }
    .timer.rang {
      background: var(--butter-wash);
      border-color: var(--butter-deep);
      padding-right: 2px;
    }
    button,
    a {
      display: inline-flex;
      align-items: center;
      min-height: 40px;
      padding: 0 10px;
      border: 0;
      border-left: 1px solid var(--butter-deep);
      background: none;
      color: var(--ink);
      font: inherit;
      font-weight: 650;
      text-decoration: none;
      cursor: pointer;
    }
    .more {
      color: var(--ink-2);
    }
    @media (max-width: 700px) {
      .timer {
        gap: 0 6px;
        padding-left: 10px;
        font-size: 1rem;
      }
      .rang > span {
        flex: 1 1 100%;
        padding-top: 4px;
      }
      .rang > b {
        flex: 1;
      }
      button,
      a {
        min-height: var(--finger);
      }
    }
  `,
})
export class BakeTimers {
  protected readonly texts = {
    goToIt: (name: string | number) => $localize`Go to it: ${name}`,
    stop: (name: string | number) => $localize`Stop: ${name}`,
  };
  protected readonly baking = inject(ThisBaking);
  private readonly all = computed(() => {
    const { rang, running } = this.baking.timers();
    const now = this.baking.now();
    const of = (timer: NamedTimer, hasRung: boolean) => ({
      ...timer,
      rang: hasRung,
      left: leftInWords(timer.until - now),
    });
    return [...rang.map((timer) => of(timer, true)), ...running.map((timer) => of(timer, false))];
  });
  protected readonly shown = computed(() => this.all().slice(0, MOST_SHOWN));
  protected readonly more = computed(() => Math.max(0, this.all().length - MOST_SHOWN));
  protected readonly said = computed(() =>
    this.baking
      .timers()
      .rang.map(({ name }) => $localize`${name}:name:: now`)
      .join('. '),
  );
}
