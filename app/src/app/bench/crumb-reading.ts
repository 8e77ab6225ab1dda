import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Outlook } from '@orvin/core/bench/outlook';
import { ingredientName } from '@orvin/core/kitchen/ingredients';
import { USUAL_PLACE } from '@orvin/core/kitchen/kitchen';
import { pantryOf } from '@orvin/core/kitchen/equipment';
import type { Region } from '@orvin/core/ground/units';
import { consequenceInWords, ruleInWords } from '@orvin/core/words/explaining';
import { minutesInWords, percentInWords } from '@orvin/core/words/figures';
import { FigureField, HeatField } from '../parts/kept-field';
import { FormulaStore } from '../store/formula-store';
import { TextureList } from './texture-list';
import { How } from './how';
import { BatterOutlook } from './outlook';
import { WaitStrip } from './wait-strip';
import { OwnDial } from '../parts/own-dial';

/** What follows for the baker: how long it may wait here, what taste and colour do, how it lifts, what pulls on the crumb, what altitude asks. */
@Component({
  selector: 'orv-crumb-reading',
  imports: [FigureField, HeatField, TextureList, How, WaitStrip],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (judged(); as judged) {
      @if (judged.waiting.usableMillimoles > 0.5) {
        <h3>
          <ng-container i18n
            >May wait <b class="big">{{ waitWords() }}</b> <span>{{ waitMore() }}</span></ng-container
          >
          <orv-how figure="waiting" i18n-of of="the wait" />
        </h3>
        <orv-wait-strip [waiting]="judged.waiting" />
      }
      <p class="place">
        <label for="place-celsius" i18n>this kitchen</label>
        <input
          id="place-celsius"
          #kitchenHeat="orvHeat"
          [orvHeat]="place().celsius"
          [lowest]="2"
          [highest]="40"
          [read]="true"
          keptAs="kitchen celsius"
          (heatSaid)="setPlace({ celsius: $event })"
        />
        {{ kitchenHeat.unit() }},
        <input
          id="place-metres"
          i18n-aria-label
          aria-label="Metres above the sea"
          [orvFigure]="place().metresAboveSea"
          [lowest]="-400"
          [highest]="4500"
          [whole]="true"
          unit="m"
          keptAs="kitchen metres"
          (figureSaid)="setPlace({ metresAboveSea: $event })"
        />&ngsp;
        <ng-container i18n>m above the sea</ng-container>
      </p>
      @if (judged.altitude.metres >= 300) {
        <p class="said">
          <b>{{ altitudeSay() }}</b> {{ altitudeMore() }} <orv-how figure="altitude" i18n-of of="altitude" />
        </p>
      }
      @if (consequences().length > 0) {
        <h3 i18n>Taste and colour</h3>
        <ul i18n-aria-label aria-label="Taste and colour">
          @for (one of consequences(); track one.code) {
            <li>
              <b>{{ one.sentence.say }}</b> {{ one.sentence.why }}
            </li>
          }
        </ul>
      }
      <h3>
        <ng-container i18n
          >Lift {{ liftWords() }} <span>{{ liftMore() }}</span></ng-container
        >
        <orv-how figure="lift" i18n-of of="lift" />
      </h3>
      <p class="caption" i18n>An ordering, not a measurement: for comparing two batters of one style.</p>
      <h3>
        <ng-container i18n>Sodium {{ sodiumWords() }} <span>a portion, salt and soda together</span></ng-container
        >&ngsp;
        <orv-how figure="sodium" i18n-of of="sodium" />
      </h3>
      <h3 i18n>What pulls on the crumb</h3>
      <orv-texture-list [forces]="judged.forces" [region]="region()" />
      @if (rules().length > 0) {
        <h3 i18n>The cake maker’s rules</h3>
        <ul i18n-aria-label aria-label="The cake maker’s rules">
          @for (rule of rules(); track rule.code) {
            <li>
              <span class="mark" [class.mark-warning]="!rule.holds" aria-hidden="true">{{
                rule.holds ? '●' : '▲'
              }}</span>
              <b>{{ rule.sentence.say }}</b> {{ rule.sentence.why }}
            </li>
          }
        </ul>
      }
    }
  `,
  styles: `
    h3 {
      display: flex;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 0 8px;
      font-size: var(--step-0);
      font-weight: 660;
      margin: 14px 0 4px;
    }
    h3 span {
      font-weight: 450;
      color: var(--ink-2);
      font-size: var(--step--1);
    }
    .big {
      font-size: var(--step-1);
    }
    .place {
      display: flex;
      flex-wrap: wrap;
      align-items: center;
      gap: 4px 6px;
      color: var(--ink-2);
      font-size: var(--step--1);
    }
    .place input {
      width: 4.2rem;
      min-height: 30px;
      border: 0;
      border-bottom: 1.5px solid var(--rim-2);
      background: none;
      text-align: right;
      font-weight: 600;
      color: var(--ink);
    }
    li,
    .said {
      padding: 3px 0;
      color: var(--ink-2);
    }
    li b,
    .said b {
      color: var(--ink);
      font-weight: 640;
    }
    @media (pointer: coarse) {
      .place input {
        min-height: var(--finger);
      }
    }
  `,
})
export class CrumbReading {
  readonly region = input.required<Region>();
  private readonly dial = inject(OwnDial);
  private readonly store = inject(FormulaStore);
  private readonly judging = inject(BatterOutlook);
  protected readonly judged = computed<Outlook | undefined>(() => this.judging.judged());
  protected readonly place = this.judging.place;

  protected readonly waitWords = computed(() => {
    const minutes = this.judged()?.waiting.adviceMinutes ?? 0;
    return Number.isFinite(minutes) ? minutesInWords(minutes) : $localize`hours`;
  });
  protected readonly waitMore = computed(() => {
    const most = this.judged()?.waiting.mostMinutes ?? 0;
    const lost = Math.round(100 * (1 - (this.judged()?.waiting.usableShare(30) ?? 1)));
    return Number.isFinite(most)
      ? $localize`half an hour costs ${lost} % of its gas; a fifth is gone after ${minutesInWords(most)}`
      : $localize`half an hour costs ${lost} % of its gas`;
  });
  protected readonly consequences = computed(() => {
    const pantry = pantryOf(this.store.kitchen());
    return (this.judged()?.consequences ?? []).map((consequence) => {
      const ingredient = consequence.ingredientId === undefined ? undefined : pantry.byId(consequence.ingredientId);
      return {
        code: consequence.code,
        sentence: consequenceInWords(consequence, ingredient ? ingredientName(ingredient, this.region()) : ''),
      };
    });
  });
  protected readonly rules = computed(() =>
    (this.judged()?.classical ?? []).map((rule) => ({ ...rule, sentence: ruleInWords(rule) })),
  );
  protected readonly liftWords = computed(() => {
    const judged = this.judged();
    const typical = this.judging.audit()?.style?.specificVolume.typical;
    if (!judged || typical === undefined) return '';
    const percent = Math.round(100 * (judged.lift.specificVolume / typical - 1));
    return Math.abs(percent) < 6
      ? $localize`as the style rises`
      : percent > 0
        ? $localize`${percent} % over the style`
        : $localize`${-percent} % under the style`;
  });
  protected readonly sodiumWords = computed(() => {
    const sodium = this.judged()?.nutrition.perPortion.sodium;
    return sodium ? $localize`${Math.round(sodium.likely)} mg` : '';
  });
  protected readonly liftMore = computed(() => {
    const lift = this.judged()?.lift;
    if (!lift) return '';
    const risk =
      lift.sinkingRisk > 0.5
        ? $localize`high risk of sinking`
        : lift.sinkingRisk > 0.15
          ? $localize`some risk of sinking`
          : $localize`it should hold`;
    return $localize`${risk}; steam ${percentInWords(100 * lift.shares.steam)}, gas ${percentInWords(100 * lift.shares.carbonDioxide)}, air ${percentInWords(100 * lift.shares.air)}`;
  });
  protected readonly altitudeSay = computed(() => {
    const advice = this.judged()?.altitude;
    return advice ? $localize`Take ${Math.round(100 * (1 - advice.leavenerFactor.likely))} % off soda and powder.` : '';
  });
  protected readonly altitudeMore = computed(() => {
    const advice = this.judged()?.altitude;
    if (!advice) return '';
    const { liquidPercentOfFlour: liquid, sugarPercentLess: sugar } = advice;
    return $localize`Liquid up by ${Math.round(liquid.low)} to ${Math.round(liquid.high)} % of the flour, sugar down by ${Math.round(sugar.low)} to ${Math.round(sugar.high)} %, oven ${this.dial.apart(advice.ovenCelsiusMore)} hotter, ${Math.round(advice.timePercentLess)} % shorter. Water boils at ${this.dial.reading(advice.boilingCelsius)}.`;
  });

  /** Another warmth or height of the kitchen; emptied, it is the usual one. */
  protected setPlace(change: { celsius?: number | undefined; metresAboveSea?: number | undefined }): void {
    const place = { ...this.place(), ...change };
    this.store.changeKitchen($localize`the kitchen’s place`, (kitchen) => ({
      ...kitchen,
      place: {
        celsius: place.celsius ?? USUAL_PLACE.celsius,
        metresAboveSea: place.metresAboveSea ?? USUAL_PLACE.metresAboveSea,
      },
    }));
  }
}
