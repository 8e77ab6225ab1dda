import { LOCALE } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { Router, RouterLink } from '@angular/router';
import { bakingState, isOver } from '@orvin/core/along/baking';
import { capitalised, minutesInWords } from '@orvin/core/words/figures';
import { walkOf } from '@orvin/core/along/walk';
import { batchOf } from '@orvin/core/batch/batch';
import { notCountedInWords, pansInWords } from '@orvin/core/words/batch-words';
import { nextInWords, placeInWords } from '@orvin/core/words/along-words';
import { NextAct } from '../parts/next-act';
import { Toasts } from '../parts/toasts';
import { BakingStore } from '../store/baking-store';
import { FormulaStore } from '../store/formula-store';
import type { StoredBaking } from '../store/records';
import { Bakes } from '../work/bakes';
import { OnBench } from '../work/on-bench';
import { BeginBake } from './begin-bake';
import { OwnDial } from '../parts/own-dial';

const DATE = new Intl.DateTimeFormat(LOCALE, { weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' }); // prettier-ignore
const MINUTE = 60_000;

/** Where a bake begins: the one at hand, those under way, those that were. */
@Component({
  selector: 'orv-bake-start',
  imports: [RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <div class="sheet">
      @if (underWay().length > 0) {
        <section aria-labelledby="under-way">
          <h2 id="under-way" i18n>Under way</h2>
          <ul>
            @for (one of underWay(); track one.id) {
              <li>
                <a class="go" [routerLink]="['/bake', one.id]">
                  <b>{{ one.title }}</b>
                  <span>{{ one.place }}</span>
                </a>
                <button type="button" class="plain" (click)="bakings.remove(one.id)" i18n>Take it off</button>
              </li>
            }
          </ul>
        </section>
      }
      <section aria-labelledby="to-begin">
        <h2 id="to-begin" i18n>Begin</h2>
        @if (record(); as record) {
          <p class="title">{{ record.formula.title || texts.withoutAName }}</p>
          <p class="more" i18n>
            As it stands on the Batch and the Oven. What you change there afterwards does not move it.
          </p>
          @if (notCounted(); as words) {
            <p class="more" role="status" i18n>
              <span class="mark mark-error" aria-hidden="true">■</span>
              <b>{{ words }}</b> Say on the <a [routerLink]="['/bench', record.id]">Bench</a> what it is.
            </p>
          }
          <button type="button" class="begin" [disabled]="busy()" (click)="begin()">
            {{ busy() ? texts.oneMoment : texts.bakeItAlong }}
          </button>
        } @else {
          <p class="more" i18n>Read a formula on the <a routerLink="/shelf">Shelf</a> first.</p>
        }
        <label class="other" for="other" i18n>Another one</label>
        <select id="other" (change)="choose($event)">
          @for (one of formulas(); track one.id) {
            <option [value]="one.id" [selected]="one.id === record()?.id">
              {{ one.formula.title || texts.withoutAName }}
            </option>
          }
        </select>
        <p class="more devices" i18n>
          A scale and a probe can listen: real ones on a serial port, or
          <a href="/devices" target="_blank" rel="noopener">stand-ins that are simulated</a>.
        </p>
      </section>
      @if (steps().length > 0) {
        <section aria-labelledby="the-steps">
          <h2 id="the-steps" i18n>{{ steps().length }} steps</h2>
          <ol class="steps">
            @for (step of steps(); track step.id) {
              <li [class.big]="step.big">{{ step.words }}</li>
            }
          </ol>
        </section>
      }
      @if (ended().length > 0) {
        <section aria-labelledby="baked">
          <h2 id="baked" i18n>Baked</h2>
          <ul>
            @for (one of ended(); track one.id) {
              <li>
                <a class="go" [routerLink]="['/bake', one.id]">
                  <b>{{ one.title }}</b>
                  <span>{{ one.when }}, {{ one.size }}{{ one.oven }}{{ one.simulated ? texts.simulated : '' }}</span>
                </a>
                <button type="button" class="plain" (click)="bakings.remove(one.id)" i18n>Take it off</button>
              </li>
            }
          </ul>
        </section>
      }
    </div>
  `,
  styles: `
    :host {
      flex: 1;
      min-height: 0;
      overflow-y: auto;
      background: var(--enamel);
    }
    .sheet {
      display: grid;
      gap: 28px 48px;
      grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
      max-width: 76rem;
      padding: 26px 32px;
    }
    h2 {
      padding-bottom: 6px;
      border-bottom: 2px solid var(--rim);
      font-size: var(--step-1);
    }
    .title {
      margin: 16px 0 4px;
      font-size: var(--step-3);
      font-weight: 700;
      line-height: 1.15;
    }
    .more {
      max-width: 34rem;
      color: var(--ink-2);
    }
    .begin {
      display: block;
      width: 100%;
      min-height: 76px;
      margin: 20px 0;
      border: 0;
      border-radius: 6px;
      background: var(--butter);
      color: var(--on-butter);
      font-size: var(--step-2);
      font-weight: 700;
      cursor: pointer;
    }
    .other {
      display: block;
      margin-top: 8px;
      color: var(--ink-2);
    }
    select {
      width: 100%;
      min-height: 48px;
      border: 1px solid var(--rim-2);
      border-radius: var(--corner);
      background: var(--enamel);
      color: var(--ink);
      font: inherit;
    }
    .devices {
      margin-top: 18px;
    }
    ul {
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: flex;
      align-items: center;
      gap: 8px;
      border-bottom: 1px solid var(--hair);
    }
    .go {
      flex: 1;
      display: block;
      min-height: 56px;
      padding: 9px 0;
      color: var(--ink);
      text-decoration: none;
    }
    .go b {
      display: block;
      font-size: var(--step-1);
    }
    .go:hover b {
      text-decoration: underline;
    }
    .go span {
      color: var(--ink-2);
    }
    .steps {
      columns: 16rem 2;
      column-gap: 28px;
      margin: 10px 0 0;
      padding: 0;
      list-style: none;
    }
    .steps li {
      display: block;
      padding: 5px 0;
      break-inside: avoid;
      color: var(--ink-2);
    }
    .steps .big {
      color: var(--ink);
      font-weight: 650;
    }
    .plain {
      min-height: 44px;
      border: 0;
      background: none;
      color: var(--rim);
      font: inherit;
      cursor: pointer;
    }
  `,
})
export class BakeStart {
  protected readonly texts = {
    withoutAName: $localize`Without a name`,
    oneMoment: $localize`One moment …`,
    bakeItAlong: $localize`Bake it along`,
    simulated: $localize`, simulated`,
  };
  /** From a day or another station: the formula, and the day that it is planned in. */
  readonly of = input<string>();
  readonly day = input<string>();
  readonly wish = input<string>();
  readonly due = input<string>();

  private readonly dial = inject(OwnDial);
  private readonly router = inject(Router);
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly beginning = inject(BeginBake);
  private readonly toasts = inject(Toasts);
  private readonly bakes = inject(Bakes);
  protected readonly bakings = inject(BakingStore);
  protected readonly busy = signal(false);
  private readonly chosen = signal<string | undefined>(undefined);

  constructor() {
    inject(NextAct).offer.set(undefined);
  }
  protected readonly formulas = this.store.formulas;
  protected readonly record = computed(() => {
    const id = this.chosen() ?? this.of() ?? this.onBench.id();
    return id === undefined ? undefined : this.store.formula(id);
  });
  /** What is before one, at a glance; the pans' words come with the bake. */
  private readonly bake = computed(() => {
    const record = this.record();
    return record && this.bakes.of(record);
  });
  private readonly foreseen = this.bakes.foreseen(this.bake);
  private readonly batch = computed(() => {
    const bake = this.bake();
    return bake && batchOf(bake);
  });
  protected readonly notCounted = computed(() => {
    const batch = this.batch();
    return batch && notCountedInWords(batch.measured);
  });
  protected readonly steps = computed(() => {
    const bake = this.bake();
    const batch = this.batch();
    if (!bake || !batch) return [];
    const texts = new Map(bake.audit.steps.map(({ id, text }) => [id, text]));
    return walkOf({ bake, batch, foreseen: this.foreseen() }).map((step) => {
      const set = 'portion' in step ? bake.portions[step.portion]?.pans : undefined;
      const pans = set ? pansInWords(set, bake.order.formula.region) : '';
      const words = nextInWords(
        step,
        pans,
        step.kind === 'mix' ? (texts.get(step.stepId) ?? '').slice(step.clause?.from, step.clause?.to) : '',
        this.dial.scale(),
      );
      return { id: step.id, words: capitalised(words), big: step.kind !== 'weigh' };
    });
  });
  protected readonly underWay = computed(() =>
    this.bakings.underWay().map(({ id, baking }) => ({
      id,
      title: baking.title,
      place: placeInWords(baking.walk, bakingState(baking.walk, baking.happenings).at),
    })),
  );
  protected readonly ended = computed(() =>
    this.bakings
      .bakings()
      .filter(({ baking }) => isOver(baking.happenings))
      .map((record) => this.endedRow(record)),
  );

  private endedRow({ id, createdAt, baking }: StoredBaking) {
    const { ovens, simulated } = bakingState(baking.walk, baking.happenings);
    const { inAt, outAt } = ovens.get(0) ?? {};
    const oven = inAt !== undefined && outAt !== undefined ? $localize`, ${minutesInWords((outAt - inAt) / MINUTE)} in the oven` : ''; // prettier-ignore
    return { id, title: baking.title, size: baking.size, when: DATE.format(createdAt), oven, simulated };
  }
  protected choose(event: Event): void {
    this.chosen.set((event.target as HTMLSelectElement).value);
  }
  protected async begin(): Promise<void> {
    const record = this.record();
    if (!record || this.busy()) return;
    this.busy.set(true);
    try {
      const due = Number(this.due());
      const day = this.day();
      const wish = this.wish();
      const id = await this.beginning.begin(record, {
        ...(day !== undefined && { dayId: day }),
        ...(wish !== undefined && { wishId: wish }),
        ...(Number.isFinite(due) && due > 0 && { dueAt: due }),
      });
      await this.router.navigate(['/bake', id]);
    } catch (error) {
      this.toasts.show(error instanceof Error ? error.message : String(error));
    } finally {
      this.busy.set(false);
    }
  }
}
