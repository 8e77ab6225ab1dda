import { inSentence, decimal } from '@orvin/core/ground/language';
import { FROSTING_KINDS, SWIRLS, type FrostingKind } from '@orvin/core/batch/choices';
import { FROSTING_NAMES, SPREAD_PART_NAMES, SWIRL_NAMES } from '@orvin/core/words/names';
import { USUAL_FROSTING, type FrostingChoice } from '@orvin/core/batch/plan';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { InputText } from 'primeng/inputtext';
import { howFrosted, levelledInWords, pansInWords } from '@orvin/core/words/batch-words';
import { gramsInWords } from '@orvin/core/words/figures';
import { HowWords } from '../parts/how-words';
import { BenchReading } from '../work/bench-reading';
import { OnBench } from '../work/on-bench';
import { FigureField } from '../parts/kept-field';
import { ThisBatch } from './this-batch';

const MOST_MILLIMETRES = 50;

/** What goes on and between once it is worked out by surface: how much of each, and what is chosen. */
@Component({
  selector: 'orv-frosting-choices',
  imports: [FigureField, HowWords, InputText],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (choice(); as choice) {
      @if (plan(); as plan) {
        <p class="big" i18n>
          {{ grams() }} <span>{{ millilitres() }} ml of {{ kindName() }}</span>
        </p>
        <p class="said">{{ scaled() }}</p>
        <ul>
          @for (row of rows(); track $index) {
            <li class="said">
              <b>{{ row.name }}</b> {{ row.words }}
              @if (row.levelled) {
                <span>· {{ row.levelled }}</span>
              }
            </li>
          }
        </ul>
        <orv-how-words [lines]="how()" />
        @if (soak()) {
          <p class="said" i18n>
            Soak: <b>{{ soak() }} ml</b> of syrup, about 1 cm deep.
          </p>
        }
      }
      <div class="controls">
        <select
          class="pick"
          i18n-aria-label
          aria-label="Kind of frosting"
          [value]="choice.kind"
          (change)="set({ kind: kindOf(kind.value) })"
          #kind
        >
          @for (one of kinds; track one.id) {
            <option [value]="one.id" [selected]="one.id === choice.kind">{{ one.name }}</option>
          }
        </select>
        @if (layered()) {
          <label
            ><ng-container i18n>between</ng-container>&ngsp;
            <input
              pInputText
              [orvFigure]="choice.fillingCm * 10"
              [lowest]="0"
              [highest]="mostMillimetres"
              unit="mm"
              [keptAs]="settings.field('fillingCm')"
              (figureSaid)="set({ fillingCm: ($event ?? 0) / 10 })"
            />
            mm</label
          >
        }
        @if (stacked()) {
          <label
            ><ng-container i18n>top</ng-container>&ngsp;
            <input
              pInputText
              [orvFigure]="choice.topCm * 10"
              [lowest]="0"
              [highest]="mostMillimetres"
              unit="mm"
              [keptAs]="settings.field('topCm')"
              (figureSaid)="set({ topCm: ($event ?? 0) / 10 })"
            />
            mm</label
          >
          <button
            type="button"
            class="chip"
            [attr.aria-pressed]="choice.sides"
            (click)="set({ sides: !choice.sides })"
            i18n
          >
            sides too
          </button>
          <button
            type="button"
            class="chip"
            [attr.aria-pressed]="choice.crumbCoat"
            (click)="set({ crumbCoat: !choice.crumbCoat })"
            i18n
          >
            crumb coat
          </button>
          <button
            type="button"
            class="chip"
            [attr.aria-pressed]="choice.levelled === true"
            (click)="set({ levelled: choice.levelled !== true })"
            i18n
          >
            levelled
          </button>
          <span class="split" role="group" i18n-aria-label aria-label="Each cake split into">
            <ng-container i18n>split in</ng-container>
            @for (count of [1, 2, 3]; track count) {
              <button
                type="button"
                class="chip"
                [attr.aria-pressed]="choice.splitInto === count"
                (click)="set({ splitInto: count })"
              >
                {{ count }}
              </button>
            }
          </span>
        }
        @if (cups()) {
          <span class="split" role="group" i18n-aria-label aria-label="On each cup">
            @for (swirl of swirls; track swirl.id) {
              <button
                type="button"
                class="chip"
                [attr.aria-pressed]="choice.swirl === swirl.id"
                (click)="set({ swirl: swirl.id })"
              >
                {{ swirl.name }}
              </button>
            }
          </span>
        }
        <button
          type="button"
          class="chip"
          [attr.aria-pressed]="choice.soaked"
          (click)="set({ soaked: !choice.soaked })"
          i18n
        >
          soaked
        </button>
        <button type="button" class="quiet" (click)="leave()" i18n>Leave it bare</button>
      </div>
    }
  `,
  styleUrls: ['../parts/panels.css', './panel-figures.css'],
})
export class FrostingChoices {
  protected readonly settings = inject(ThisBatch);
  protected readonly mostMillimetres = MOST_MILLIMETRES;
  private readonly onBench = inject(OnBench);
  private readonly reading = inject(BenchReading);
  protected readonly kinds = FROSTING_KINDS.map((id) => ({ id, name: FROSTING_NAMES[id] }));
  protected readonly swirls = SWIRLS.map((id) => ({ id, name: SWIRL_NAMES[id] }));
  protected readonly choice = computed(() => this.settings.sheet().frosting);
  protected readonly plan = computed(() => this.settings.batch()?.frosting);
  protected readonly how = computed(() => {
    const [batch, choice] = [this.settings.batch(), this.choice()];
    return batch && choice ? howFrosted(batch, choice) : [];
  });
  protected readonly kindName = computed(() => FROSTING_NAMES[this.choice()?.kind ?? 'buttercream']);
  protected readonly grams = computed(() => gramsInWords(this.plan()?.grams ?? 0));
  protected readonly millilitres = computed(() => Math.round((this.plan()?.millilitres ?? 0) / 5) * 5);
  protected readonly soak = computed(() => Math.round((this.plan()?.soakMillilitres ?? 0) / 5) * 5);
  protected readonly layered = computed(() => this.plan()?.portions.some(({ kind }) => kind === 'stack') ?? false);
  protected readonly stacked = computed(() => this.plan()?.portions.some(({ kind }) => kind !== 'cups') ?? false);
  protected readonly cups = computed(() => this.plan()?.portions.some(({ kind }) => kind === 'cups') ?? false);
  protected readonly scaled = computed(() => {
    const plan = this.plan();
    if (!plan) return '';
    if (plan.spread.length === 0)
      return $localize`The formula has no frosting of its own: make so much of one you know.`;
    const parts = plan.spread.map(({ componentId, part, factor }) => {
      const name =
        this.reading.audit()?.weighed.components.find(({ id }) => id === componentId)?.name ?? $localize`frosting`;
      return $localize`${decimal(factor, 2)} of the formula’s ${inSentence(name)}${SPREAD_PART_NAMES[part]}`;
    });
    return $localize`${parts.join(', ')}; the lines are scaled to it.`;
  });
  protected readonly rows = computed(() =>
    (this.plan()?.portions ?? []).map(({ portion, kind, layers, parts, millilitres, levelled }) => {
      const cups = portion.set.pan.cavities * portion.set.count;
      if (!parts)
        return {
          name: $localize`${cups} cups:`,
          words: $localize`${Math.round(millilitres / cups)} ml on each`,
          levelled: undefined,
        };
      const split: readonly (readonly [string, number])[] = [
        [$localize`between`, parts.fillingMillilitres],
        [$localize`top`, parts.topMillilitres],
        [$localize`sides`, parts.sideMillilitres],
        [$localize`crumb coat`, parts.crumbCoatMillilitres],
      ];
      return {
        name: `${kind === 'stack' ? $localize`${layers} layers, ${decimal(parts.stackHeightCm, 1)} cm high` : pansInWords(portion.set, this.onBench.record()?.formula.region ?? 'UK')}:`,
        words: split
          .filter(([, ml]) => ml > 0)
          .map(([where, ml]) => `${where} ${Math.round(ml)} ml`)
          .join(', '),
        levelled: levelled && levelledInWords(levelled),
      };
    }),
  );

  protected kindOf = (id: string): FrostingKind => FROSTING_KINDS.find((kind) => kind === id) ?? 'buttercream';
  protected leave(): void {
    this.settings.set($localize`the frosting`, { frosting: undefined });
  }
  protected set(change: Partial<FrostingChoice>): void {
    this.settings.set($localize`the frosting`, { frosting: { ...(this.choice() ?? USUAL_FROSTING), ...change } });
  }
}
