import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, input, output, signal } from '@angular/core';
import { FEEDING_SCHOOLS, MOST_DRYING, type FedState, type Feed, type FeedingSchool, type NextFeed } from '@orvin/core/keep/feeding'; // prettier-ignore
import type { Weighing } from '@orvin/core/keep/larder';
import { FigureField } from '../parts/kept-field';
import { dayOf } from '../parts/wall-clock';

const SCHOOL_NAMES: Readonly<Record<FeedingSchool, string>> = { spirit: $localize`spirit`, juice: $localize`juice or tea`, nothing: $localize`nothing` }; // prettier-ignore
const USUAL_STRENGTH = 40;

/** A cake fed over weeks: what next, how much, and what stands in it. */
@Component({
  selector: 'orv-feeding',
  imports: [FigureField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <h2 i18n>
      Feeding <span>{{ said() }}</span>
    </h2>
    <p class="controls" role="group" i18n-aria-label aria-label="Fed with">
      @for (one of schools; track one.id) {
        <button type="button" class="chip" [attr.aria-pressed]="school() === one.id" (click)="school.set(one.id)">
          {{ one.name }}
        </button>
      }
    </p>
    @if (school() === 'nothing') {
      <p class="said" i18n>Wrapped and left alone: it keeps by what is in it, and nothing is added.</p>
    } @else {
      <p class="controls">
        <label
          ><input
            class="line-input"
            [orvFigure]="millilitres()"
            [lowest]="1"
            [highest]="500"
            unit="ml"
            keptAs="millilitres of a feed"
            (figureSaid)="amount.set($event)"
          />
          ml</label
        >
        @if (school() === 'spirit') {
          <label
            ><ng-container i18n>of</ng-container>&ngsp;
            <input
              class="line-input"
              [orvFigure]="percent()"
              [lowest]="1"
              [highest]="80"
              unit="%"
              keptAs="strength of a feed"
              (figureSaid)="percent.set($event ?? usual)"
            />&ngsp; <ng-container i18n>% alcohol</ng-container></label
          >
        }
        <button type="button" class="act" (click)="give()" i18n>Fed it now</button>
        <label
          ><ng-container i18n>it weighs</ng-container>&ngsp;
          <input
            class="line-input"
            [orvFigure]="undefined"
            [lowest]="50"
            [highest]="20000"
            unit="g"
            keptAs="what the fed cake weighs"
            (figureSaid)="$event !== undefined && weighed.emit($event)"
          />
          g</label
        >
      </p>
      @if (school() === 'juice') {
        <p class="said" i18n>
          ▲ Juice wets it and keeps nothing: three days in the room, fourteen in the fridge, or freeze it.
        </p>
      }
    }
    @if (weight(); as weight) {
      <p class="said">{{ weight }}</p>
    }
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    h2 span {
      font-weight: 450;
      color: var(--ink-2);
    }
    .line-input {
      width: 4rem;
    }
  `,
})
export class Feeding {
  readonly feeds = input.required<readonly Feed[]>();
  readonly weighings = input.required<readonly Weighing[]>();
  readonly state = input.required<FedState>();
  readonly next = input.required<NextFeed>();
  readonly now = input.required<number>();
  readonly fed = output<{ readonly millilitres: number; readonly strength: number }>();
  readonly weighed = output<number>();

  protected readonly schools = FEEDING_SCHOOLS.map((id) => ({ id, name: SCHOOL_NAMES[id] }));
  protected readonly school = signal<FeedingSchool>('spirit');
  protected readonly usual = USUAL_STRENGTH;
  protected readonly percent = signal(USUAL_STRENGTH);
  protected readonly amount = signal<number | undefined>(undefined);
  protected readonly millilitres = computed(() => this.amount() ?? this.next().millilitres);
  protected readonly said = computed(() => {
    const { alcoholPercent, ofItsWater } = this.state();
    const { at, millilitres } = this.next();
    const next =
      at < this.now()
        ? $localize`due since ${dayOf(at)}, ${millilitres} ml`
        : $localize`next ${dayOf(at)}, ${millilitres} ml`;
    if (this.feeds().length === 0) return next;
    return $localize`${this.feeds().length} ${this.feeds().length === 1 ? $localize`feed` : $localize`feeds`}; alcohol ${decimal(alcoholPercent, 1)} % of it, ${ofItsWater.toFixed(0)} % of its water; ${next}`; // prettier-ignore
  });
  /** Weight is the check: a cake that falls is drying. */
  protected readonly weight = computed(() => {
    const [first, last] = [this.weighings()[0], this.weighings().at(-1)];
    if (!first || !last || first === last)
      return last ? $localize`It weighed ${last.grams} g on ${dayOf(last.at)}.` : undefined;
    const lost = 1 - last.grams / this.state().grams;
    return lost > MOST_DRYING
      ? $localize`▲ It weighs ${last.grams} g, ${Math.round(100 * lost)} % less than with all that it was fed: it is drying. Wrap it better.`
      : $localize`It weighs ${last.grams} g: it holds what it was fed.`;
  });
  protected give(): void {
    this.fed.emit({ millilitres: this.millilitres(), strength: this.school() === 'spirit' ? this.percent() / 100 : 0 });
  }
}
