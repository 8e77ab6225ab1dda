import { decimal } from '@orvin/core/ground/language';
import { costDifference } from '@orvin/core/batter/nutrition';
import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Slider } from 'primeng/slider';
import type { Audit } from '@orvin/core/bench/audit';
import { adaptToDiet, forbidden, swappable, swapsFor, takeSwap, withoutSwap } from '@orvin/core/bench/adapt';
import type { Formula } from '@orvin/core/formula/formula';
import { shortIngredientName, type Ingredient } from '@orvin/core/kitchen/ingredients';
import { DIETS, type Diet, type Swapped, type SwappedLine } from '@orvin/core/bench/swaps';
import { DIET_CAUTIONS, DIET_NAMES, RESIDUAL_NAMES, swapNoteInWords } from '@orvin/core/words/explaining';
import { gramsInWords, listed } from '@orvin/core/words/figures';
import { auditFormula } from '@orvin/core/bench/audit';
import { FormulaStore } from '../../store/formula-store';
import { Readings } from '../../work/readings';
import { Adapting } from '../adapting';
import { JoinedLines } from './joined-lines';

/** A swap shows what it leaves off by more than this, percent. */
const WORTH_SAYING = 1.5;
const SHOWN = 6;

/** One thing for another: ranked ways with what each disturbs and cannot put right; and a whole formula made fit for a diet. */
@Component({
  selector: 'orv-swap-face',
  imports: [FormsModule, JoinedLines, Slider],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 i18n>For whom</h2>
    <div class="controls" role="group" i18n-aria-label aria-label="Diets">
      @for (diet of diets; track diet) {
        <button type="button" class="chip" [attr.aria-pressed]="diet === wanted()" (click)="want(diet)">
          {{ dietNames[diet] }}
        </button>
      }
    </div>
    @if (wanted(); as diet) {
      <p class="said">
        @if (offending().length === 0) {
          <b i18n>Nothing in it is against that.</b>
        } @else {
          <ng-container i18n
            ><b>{{ offending().length === 1 ? texts.oneLineIs : texts.linesAre(offending().length) }} in the way:</b>
            {{ offendingWords() }}.</ng-container
          >
          @if (stuck().length > 0) {
            <span class="off" i18n
              ><span class="mark" aria-hidden="true">▲</span> No good swap for {{ stuckWords() }}: leave it out, or take
              another formula.</span
            >
          }
          @if (!lessens() && stuck().length < offending().length) {
            <button type="button" class="act take" (click)="adapt(diet)" i18n>Make it {{ dietNames[diet] }}</button>
          }
        }
        @if (cautions[diet]; as caution) {
          <span class="caption">{{ caution }}</span>
        }
      </p>
    }
    <h2 i18n>Swap</h2>
    <div class="lines" role="group" i18n-aria-label aria-label="What to swap">
      @for (line of lines(); track line.lineId) {
        <button
          type="button"
          class="chip"
          [attr.aria-pressed]="line.lineId === chosen()"
          [class.offends]="line.offends"
          (click)="chosen.set(line.lineId)"
        >
          @if (line.offends) {
            <span class="mark" aria-hidden="true">▲</span>
          }
          {{ line.name }}
        </button>
      } @empty {
        <p class="said" i18n>No line of this formula has a swap that Orvin knows.</p>
      }
    </div>
    <orv-joined-lines [formula]="formula()" [audit]="audit()" i18n
      >A line that holds several things cannot be swapped in part.</orv-joined-lines
    >
    @if (chosen()) {
      <div class="controls">
        <span class="share" i18n
          >how much <b>{{ shareWords() }}</b></span
        >
        <p-slider
          class="slider"
          [min]="10"
          [max]="100"
          [step]="5"
          i18n-ariaLabel
          ariaLabel="Share to swap, percent"
          [ngModel]="shareShown()"
          (ngModelChange)="share.set($event)"
        />
        <button
          type="button"
          class="chip"
          [attr.aria-pressed]="fromCupboard()"
          (click)="fromCupboard.set(!fromCupboard())"
          i18n
        >
          from my cupboard
        </button>
      </div>
      <ul i18n-aria-label aria-label="Ways to swap">
        @for (row of rows(); track row.swapped.way.id) {
          <li>
            <div class="head">
              <b class="into">{{ row.into }}</b>
              <button
                type="button"
                class="act"
                [attr.aria-label]="texts.swapFor(row.into)"
                (click)="take(row.swapped, row.into)"
                i18n
              >
                Swap
              </button>
            </div>
            <p class="amounts">{{ row.changes }}</p>
            <p class="said">
              {{ row.keeps }}
              @if (row.off) {
                <span class="off"><span class="mark" aria-hidden="true">▲</span> {{ row.off }}</span>
              }
            </p>
            <ul class="notes">
              @for (note of row.notes; track note.say) {
                <li class="said">
                  <b>{{ note.say }}</b> {{ note.why }}
                </li>
              }
            </ul>
          </li>
        } @empty {
          <p class="said" i18n>
            <b>No good swap for this.</b>
            {{ fromCupboard() ? texts.nothingInYourCupboardDoesIts : texts.leaveItOrTakeAnotherFormula }}
          </p>
        }
      </ul>
    }
  `,
  styleUrl: '../../parts/panels.css',
  styles: `
    .lines {
      display: flex;
      flex-wrap: wrap;
      gap: 6px;
      margin: 4px 0 8px;
    }
    .offends .mark {
      color: inherit;
    }
    .share {
      min-width: 8.5rem;
    }
    .share b {
      color: var(--ink);
    }
    .slider {
      flex: 1 1 9rem;
      max-width: 16rem;
      margin: 0 12px;
    }
    @media (pointer: coarse) {
      .slider {
        margin: 0 24px;
      }
    }
    ul[aria-label='Ways to swap'] > li {
      padding: 10px 0;
      border-top: 1px solid var(--hair);
    }
    .head {
      display: flex;
      align-items: center;
      justify-content: space-between;
      gap: 10px;
    }
    .into {
      font-size: var(--step-1);
    }
    .amounts {
      font-weight: 560;
    }
    .said .caption {
      display: block;
    }
    .act.take {
      margin: 2px 4px;
    }
  `,
})
export class SwapFace {
  protected readonly texts = {
    oneLineIs: $localize`One line is`,
    linesAre: (count: string | number) => $localize`${count} lines are`,
    swapFor: (into: string | number) => $localize`Swap for ${into}`,
    nothingInYourCupboardDoesIts: $localize`Nothing in your cupboard does its work; the Pantry lists what you have.`,
    leaveItOrTakeAnotherFormula: $localize`Leave it, or take another formula for this diet.`,
  };
  readonly formula = input.required<Formula>();
  readonly audit = input.required<Audit>();
  private readonly store = inject(FormulaStore);
  private readonly readings = inject(Readings);
  private readonly adapting = inject(Adapting);

  protected readonly diets = DIETS;
  protected readonly dietNames = DIET_NAMES;
  protected readonly cautions = DIET_CAUTIONS;
  protected readonly wanted = signal<Diet | undefined>(undefined);
  protected readonly fromCupboard = signal(false);
  protected readonly share = signal<number | undefined>(undefined);

  protected readonly offending = computed(() => {
    const diet = this.wanted();
    return diet ? forbidden(this.audit(), diet) : [];
  });
  protected readonly stuck = computed(() => {
    const diet = this.wanted();
    return diet ? withoutSwap(this.audit(), diet, this.store.kitchen()) : [];
  });
  protected readonly stuckWords = computed(() =>
    this.stuck()
      .map((ingredient) => this.named(ingredient))
      .join(', '),
  );
  protected readonly lessens = computed(() => this.wanted() === 'lower-sugar' || this.wanted() === 'lower-fat');
  protected readonly offendingWords = computed(() =>
    this.offending()
      .map(({ ingredient }) => this.named(ingredient))
      .join(', '),
  );
  protected readonly lines = computed(() => {
    const against = new Set(this.offending().map(({ lineId }) => lineId));
    return swappable(this.audit()).map(({ lineId, ingredient }) => ({
      lineId,
      name: this.named(ingredient),
      offends: against.has(lineId),
    }));
  });
  /** The line looked at: the first that is in the way, and the baker's own choice over it. */
  protected readonly chosen = linkedSignal<string | undefined>(() => {
    const diet = this.wanted();
    const lines = this.lines();
    return (diet ? lines.find(({ offends }) => offends) : undefined)?.lineId;
  });
  protected readonly shareShown = computed(
    () => this.share() ?? Math.round(100 * Math.abs(this.rows()[0]?.swapped.share ?? 1)),
  );
  protected readonly shareWords = computed(() =>
    this.shareShown() === 100 ? $localize`all of it` : `${this.shareShown()} %`,
  );
  protected readonly rows = computed(() => {
    const lineId = this.chosen();
    if (lineId === undefined) return [];
    const kitchen = this.store.kitchen();
    const diet = this.wanted();
    const share = this.share();
    const swaps = swapsFor(
      this.formula(),
      this.audit(),
      kitchen,
      lineId,
      { diets: diet ? [diet] : [], ...(this.fromCupboard() && { cupboard: new Set(kitchen.cupboard ?? []) }) },
      share === undefined ? undefined : share / 100,
    );
    return swaps.slice(0, SHOWN).map((swapped) => this.rowOf(swapped));
  });

  private named(ingredient: Ingredient): string {
    return shortIngredientName(ingredient, this.formula().region);
  }

  private rowOf(swapped: Swapped) {
    const incoming = swapped.lines.filter(({ insteadOf }) => insteadOf !== undefined);
    const less = swapped.way.lessens;
    const into =
      incoming.length > 0
        ? listed(incoming.map(({ ingredient }) => this.named(ingredient)))
        : swapped.share < 0
          ? $localize`${Math.round(-100 * swapped.share)} % more`
          : less
            ? $localize`${Math.round(100 * swapped.share)} % less`
            : $localize`leave it out`;
    const changed = swapped.lines.filter(({ before, after }) => Math.abs(after - before) > 0.015 * Math.max(before, 1));
    const words = ({ ingredient, before, after }: SwappedLine) =>
      before === 0
        ? `${this.named(ingredient)} ${gramsInWords(after)}`
        : after === 0
          ? $localize`no ${this.named(ingredient)}`
          : `${this.named(ingredient)} ${gramsInWords(before)} → ${gramsInWords(after)}`;
    const off = Object.entries(swapped.residualPercent)
      .filter(([key, percent]) => Math.abs(percent) > WORTH_SAYING && key !== less)
      .map(
        ([key, percent]) =>
          `${RESIDUAL_NAMES[key as keyof typeof RESIDUAL_NAMES]} ${percent > 0 ? '+' : '−'}${Math.abs(percent).toFixed(0)} %`,
      );
    const price = this.priceDifference(swapped);
    const beside = swapped.gasBefore === 0 && swapped.gasAfter === 0 && swapped.crumbPhBefore === 7;
    return {
      swapped,
      into,
      changes: changed.map(words).join(' · '),
      keeps: beside
        ? $localize`Beside the batter: gram for gram.`
        : $localize`Crumb pH ${decimal(swapped.crumbPhBefore, 1)} → ${decimal(swapped.crumbPhAfter, 1)}.${price}`,
      off: off.length > 0 ? $localize`Stays off: ${off.join(', ')}.` : '',
      notes: swapped.notes.map((code) => swapNoteInWords(code)),
    };
  }

  /** What it costs more or less, where both sides have a price. */
  private priceDifference(swapped: Swapped): string {
    const more = costDifference(swapped.lines, this.store.kitchen().prices ?? []);
    if (more === undefined) return '';
    return $localize` Costs ${decimal(Math.abs(more), 2)} ${more >= 0 ? $localize`more` : $localize`less`}.`;
  }

  protected want(diet: Diet): void {
    this.wanted.set(this.wanted() === diet ? undefined : diet);
  }
  protected take(swapped: Swapped, into: string): void {
    const kitchen = this.store.kitchen();
    const line = this.lines().find(({ lineId }) => lineId === this.chosen());
    this.adapting.takeAsVersion(`${line?.name ?? $localize`a line`}: ${into}`, (formula) =>
      takeSwap(formula, swapped, kitchen, this.adapting.newId),
    );
    this.chosen.set(undefined);
    this.share.set(undefined);
  }
  protected adapt(diet: Diet): void {
    const kitchen = this.store.kitchen();
    this.adapting.takeAsVersion(
      $localize`made ${DIET_NAMES[diet]}`,
      (formula) =>
        adaptToDiet(
          formula,
          diet,
          kitchen,
          (changed) => auditFormula(changed, this.readings.around()),
          this.adapting.newId,
        ).formula,
    );
  }
}
