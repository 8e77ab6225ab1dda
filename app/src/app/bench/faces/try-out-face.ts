import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { Slider } from 'primeng/slider';
import type { Audit } from '@orvin/core/bench/audit';
import { leavenersOf, rewrite } from '@orvin/core/bench/adapt';
import type { Formula } from '@orvin/core/formula/formula';
import { USUAL_PLACE } from '@orvin/core/kitchen/kitchen';
import {
  answerOf,
  experimentsFor,
  knobsOf,
  tryOut,
  type Answer,
  type Experiment,
  type Knobs,
  type TriedOut,
  takenOver,
} from '@orvin/core/bench/sandbox';
import { QUANTITY_NAMES, VERDICT_NAMES } from '@orvin/core/words/wording';
import { gramsInWords, phInWords } from '@orvin/core/words/figures';
import { FormulaStore } from '../../store/formula-store';
import { Adapting } from '../adapting';
import { BakeSketch } from './bake-sketch';
import { EXPERIMENT_WORDS } from '@orvin/core/words/explaining';

interface Control {
  readonly key: keyof Omit<Knobs, 'melted' | 'waitMinutes'>;
  readonly name: string;
  readonly most: number;
  readonly step: number;
  value(knobs: Knobs): string;
}
const times = (value: number) => `× ${decimal(value, 2)}`;

/** Knobs, the bake cut in half, the readings; and experiments that ask first and answer by the model. Nothing here changes the formula. */
@Component({
  selector: 'orv-try-out-face',
  imports: [BakeSketch, FormsModule, Slider],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (tried(); as tried) {
      <div class="picture panel">
        <orv-bake-sketch [section]="tried.section" [before]="before()?.section ?? tried.section" />
        <dl>
          <div>
            <dt i18n>height</dt>
            <dd>{{ percent(tried.section.middle) }}</dd>
          </div>
          <div>
            <dt i18n>crumb pH</dt>
            <dd>{{ ph(tried) }}</dd>
          </div>
          <div>
            <dt i18n>gas</dt>
            <dd>{{ tried.gasGramsPer100gFlour.toFixed(2) }} g</dd>
          </div>
          <div>
            <dt i18n>sinks</dt>
            <dd>{{ percent(tried.sinkingRisk) }}</dd>
          </div>
          <div>
            <dt i18n>wet / thirst</dt>
            <dd>{{ tried.moistness.toFixed(2) }}</dd>
          </div>
        </dl>
        <p class="outside" role="status">{{ outside() }}</p>
        <p class="caption" i18n>
          Height, crumb and colour are an ordering by rule of thumb, not a measurement. pH and gas are the ledger’s. The
          dashed line is the formula as it stands.
        </p>
      </div>
      @if (asking(); as asked) {
        <div class="panel ask" role="group" i18n-aria-label aria-label="Experiment">
          <b>{{ words[asked.id].does }}</b> {{ words[asked.id].asks }}
          @if (!guess()) {
            <div class="controls">
              @for (choice of choices; track choice) {
                <button type="button" class="chip" (click)="answer(choice)">
                  {{ words[asked.id].answers[choice] }}
                </button>
              }
            </div>
          } @else {
            <p class="said" role="status">
              <b
                >{{ guess() === answered()?.answer ? texts.yes : texts.no }}
                {{ words[asked.id].answers[answered()?.answer ?? 'same'] }}.</b
              >
              {{ figures() }} {{ words[asked.id].because }}
            </p>
            <button type="button" class="quiet" (click)="finish()" i18n>Back to the knobs</button>
          }
        </div>
      }
      <div class="knobs">
        @for (control of controls(); track control.key) {
          <span aria-hidden="true">{{ control.name }}</span>
          <p-slider
            [ariaLabel]="control.name"
            [min]="0"
            [max]="control.most"
            [step]="control.step"
            [ngModel]="knobs()[control.key]"
            (ngModelChange)="turn(control.key, $event)"
          />
          <span class="value">{{ control.value(knobs()) }}</span>
        }
      </div>
      <div class="controls">
        <button type="button" class="act" [disabled]="!isTurned()" (click)="reset()" i18n>As the formula stands</button>
        <button
          type="button"
          class="act"
          [disabled]="!isTurned() || knobs().wholeGrain !== start().wholeGrain"
          (click)="takeOver()"
          i18n
        >
          Take these amounts
        </button>
      </div>
      <h3 i18n>Experiments <span class="caption">a question first, then the model answers</span></h3>
      <ul class="experiments">
        @for (experiment of experiments(); track experiment.id) {
          <li>
            <button
              type="button"
              class="chip"
              [attr.aria-pressed]="asking()?.id === experiment.id"
              (click)="ask(experiment)"
            >
              {{ words[experiment.id].does }}
            </button>
          </li>
        } @empty {
          <li class="said" i18n>This batter has nothing that the experiments are about.</li>
        }
      </ul>
    } @else {
      <p class="said" i18n><b>Nothing to try yet.</b> Write a line with flour first.</p>
    }
  `,
  styleUrl: '../../parts/panels.css',
  styles: `
    dl {
      display: flex;
      flex-wrap: wrap;
      gap: 2px 20px;
      margin: 4px 0;
    }
    dt {
      font-size: var(--step--1);
      color: var(--ink-2);
    }
    dd {
      font-size: var(--step-1);
      font-weight: 680;
    }
    .outside {
      min-height: 1.4em;
      color: var(--ink-2);
    }
    .knobs {
      display: grid;
      grid-template-columns: 6.2rem minmax(0, 1fr) 4.6rem;
      align-items: center;
      gap: 10px 14px;
      margin: 12px 4px 8px;
    }
    .value {
      text-align: right;
      font-weight: 620;
    }
    .ask {
      margin-top: 10px;
      border-top-color: var(--butter-deep);
    }
    .experiments {
      display: flex;
      flex-wrap: wrap;
      gap: 6px;
    }
    @media (pointer: coarse) {
      .knobs {
        row-gap: 26px;
      }
    }
  `,
})
export class TryOutFace {
  protected readonly texts = {
    yes: $localize`Yes.`,
    no: $localize`No.`,
  };
  readonly formula = input.required<Formula>();
  readonly audit = input.required<Audit>();
  private readonly store = inject(FormulaStore);
  private readonly adapting = inject(Adapting);

  protected readonly words = EXPERIMENT_WORDS;
  protected readonly choices: readonly Answer[] = ['up', 'same', 'down'];
  protected readonly start = computed(() => knobsOf(this.audit().weighed.batter));
  protected readonly knobs = linkedSignal(() => this.start());
  protected readonly asking = signal<Experiment | undefined>(undefined);
  protected readonly guess = signal<Answer | undefined>(undefined);

  private readonly powder = computed(() => leavenersOf(this.audit(), this.formula()).powder);
  private readonly place = computed(() => this.store.kitchen().place ?? USUAL_PLACE);
  private with(knobs: Knobs): TriedOut | undefined {
    const audit = this.audit();
    return audit.style && audit.totals.flour > 0
      ? tryOut(audit.weighed.batter, audit.style, knobs, this.powder(), this.place())
      : undefined;
  }
  protected readonly before = computed(() => this.with(this.start()));
  protected readonly tried = computed(() => this.with(this.knobs()));
  protected readonly isTurned = computed(() => JSON.stringify(this.knobs()) !== JSON.stringify(this.start()));
  protected readonly experiments = computed(() => {
    const { weighed, style } = this.audit();
    return style ? experimentsFor(weighed.batter, this.start(), style) : [];
  });
  protected readonly answered = computed(() => {
    const [asked, before] = [this.asking(), this.before()];
    const after = asked && this.with(asked.turn(this.start()));
    return asked && before && after ? answerOf(asked, before, after) : undefined;
  });
  protected readonly figures = computed(() => {
    const [asked, answered] = [this.asking(), this.answered()];
    if (!asked || !answered) return '';
    const { before, after } = answered;
    return asked.asks === 'crumbPh'
      ? $localize`From pH ${decimal(before, 1)} to ${decimal(after, 1)}.`
      : $localize`From ${Math.round(100 * before)} to ${Math.round(100 * after)} %.`;
  });
  protected readonly outside = computed(() => {
    const off = this.tried()?.verdicts.filter(({ verdict }) => verdict !== 'within') ?? [];
    return off.length === 0
      ? $localize`Everything lies inside the style.`
      : $localize`Outside the style: ${off.map(({ quantity, verdict }) => `${QUANTITY_NAMES[quantity]} ${VERDICT_NAMES[verdict]}`).join(', ')}.`;
  });
  protected readonly controls = computed((): readonly Control[] => {
    const flour = Math.max(this.audit().totals.flour, 1);
    const has = (test: (category: string) => boolean) =>
      this.audit().weighed.batter.some(({ ingredient }) => test(ingredient.category));
    const grams = (value: number) => gramsInWords(value);
    return [
      {
        key: 'sodaGrams',
        name: $localize`soda`,
        most: Number((0.035 * flour).toFixed(1)),
        step: 0.1,
        value: ({ sodaGrams }) => grams(sodaGrams),
      },
      {
        key: 'powderGrams',
        name: $localize`powder`,
        most: Number((0.12 * flour).toFixed(1)),
        step: 0.1,
        value: ({ powderGrams }) => grams(powderGrams),
      },
      {
        key: 'acidGrams',
        name: $localize`vinegar`,
        most: Math.round(0.2 * flour),
        step: 1,
        value: ({ acidGrams }) => grams(acidGrams),
      },
      { key: 'liquid', name: $localize`liquid`, most: 2, step: 0.02, value: ({ liquid }) => times(liquid) },
      { key: 'fat', name: $localize`fat`, most: 2, step: 0.02, value: ({ fat }) => times(fat) },
      { key: 'sugar', name: $localize`sugar`, most: 2, step: 0.02, value: ({ sugar }) => times(sugar) },
      ...(has((category) => category === 'egg')
        ? [{ key: 'egg', name: $localize`egg`, most: 2, step: 0.02, value: ({ egg }) => times(egg) } satisfies Control]
        : []),
      {
        key: 'wholeGrain',
        name: $localize`wholemeal`,
        most: 1,
        step: 0.02,
        value: ({ wholeGrain }) => `${Math.round(100 * wholeGrain)} %`,
      },
    ];
  });

  protected percent = (share: number) => `${Math.round(100 * share)} %`;
  protected ph = ({ crumbPhLow, crumbPhHigh }: TriedOut) => phInWords(crumbPhLow, crumbPhHigh);

  protected turn(key: Control['key'], value: number): void {
    this.knobs.update((knobs) => ({ ...knobs, [key]: value }));
  }
  protected reset(): void {
    this.knobs.set(this.start());
    this.finish();
  }
  protected ask(experiment: Experiment): void {
    this.knobs.set(this.start());
    this.guess.set(undefined);
    this.asking.set(experiment);
  }
  protected answer(guess: Answer): void {
    this.guess.set(guess);
    const asked = this.asking();
    if (asked) this.knobs.set(asked.turn(this.start()));
  }
  protected finish(): void {
    this.asking.set(undefined);
    this.guess.set(undefined);
  }

  /** The knobs' amounts into the lines; wholemeal is a swap, not an amount. */
  protected takeOver(): void {
    const tried = this.tried();
    if (!tried) return;
    const { changes, additions } = takenOver(tried, this.audit());
    const kitchen = this.store.kitchen();
    this.adapting.take(
      $localize`the amounts tried out`,
      (formula) => rewrite(formula, changes, additions, kitchen, this.adapting.newId),
      $localize`The amounts are in the formula.`,
    );
  }
}
