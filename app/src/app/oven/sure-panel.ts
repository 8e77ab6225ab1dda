import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { debounceTime, distinctUntilChanged, switchMap } from 'rxjs';
import { RULES_MISS, type BakeJob, type BakePrediction } from '@orvin/core/oven/baking';
import { WINDOW_EFFECT_NAMES } from '@orvin/core/words/names';
import { howSure, ruleOfThumbInWords, unknownInWords, windowReasonInWords } from '@orvin/core/words/oven-words';
import { minutesInWords, windowInWords } from '@orvin/core/words/figures';
import { HowWords } from '../parts/how-words';
import { Sweeps } from '../work/sweeps';
import { OwnDial } from '../parts/own-dial';

const QUIET_MILLISECONDS = 200;
const signed = (minutes: number) =>
  $localize`${minutes < 0 ? '−' : '+'}${decimal(Math.abs(minutes), Math.abs(minutes) < 10 ? 1 : 0)} min`;

/** How sure the time is: what it stands on, which unknown moves it most, and what rules of thumb would have said. */
@Component({
  selector: 'orv-sure-panel',
  imports: [HowWords],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" aria-labelledby="how-sure">
      <h2 id="how-sure" i18n>
        How sure is {{ window() }} <span class="caption">eight bakes in ten; give or take {{ percent() }} %</span>
      </h2>
      <ul class="reasons">
        @for (reason of reasons(); track reason.code) {
          <li>
            <span class="effect">{{ reason.effect }}</span>
            <span
              ><b>{{ reason.say }}</b> {{ reason.why }}</span
            >
          </li>
        }
      </ul>
    </section>
    <section class="panel" aria-labelledby="what-moves">
      <h2 id="what-moves" i18n>What moves it most</h2>
      @if (bars(); as all) {
        <ul class="bars">
          @for (bar of all; track bar.what) {
            <li>
              <span class="what"
                >{{ bar.what }} <span>{{ bar.off }}</span></span
              >
              <span class="swing">
                <span class="span" [style.left.%]="bar.left" [style.width.%]="bar.width"></span>
                <span class="middle"></span>
                <span class="end" [style.right.%]="102 - bar.left">{{ bar.less }}</span>
                <span class="end" [style.left.%]="bar.left + bar.width + 2">{{ bar.more }}</span>
              </span>
              <span class="act">{{ bar.act }}</span>
            </li>
          }
        </ul>
      } @else {
        <p class="caption" role="status" i18n>Baking it with each unknown moved…</p>
      }
    </section>
    <section class="panel" aria-labelledby="rules-of-thumb">
      <h2 id="rules-of-thumb" i18n>Rules of thumb would have said</h2>
      <div class="scroll">
        <table>
          <tbody>
            <tr class="own">
              <th scope="row">Orvin</th>
              <td class="time">{{ likely() }}</td>
              <td>{{ origin() }}</td>
            </tr>
            @for (rule of rules(); track rule.say) {
              <tr>
                <th scope="row">{{ rule.say }}</th>
                <td class="time">{{ rule.minutes }}</td>
                <td class="quiet-words">{{ rule.apart }} {{ rule.why }}</td>
              </tr>
            }
          </tbody>
        </table>
      </div>
      <orv-how-words [lines]="how()" />
      <p class="caption" i18n>
        Over the reference conversions the model misses by {{ misses.model }} % on average, the best of these rules by
        {{ misses['surface-and-heat'] }}, the same time by {{ misses['same-time'] }}.
      </p>
    </section>
  `,
  styleUrls: ['../parts/panels.css', './oven-panels.css'],
  styles: `
    section + section {
      margin-top: 12px;
    }
  `,
})
export class SurePanel {
  readonly bake = input.required<BakePrediction>();
  readonly job = input.required<BakeJob>();
  private readonly dial = inject(OwnDial);
  private readonly sweeps = inject(Sweeps);

  protected readonly misses = RULES_MISS;
  protected readonly how = computed(() => howSure(this.bake()));
  protected readonly window = computed(() => windowInWords(this.bake().minutes.low, this.bake().minutes.high));
  protected readonly likely = computed(() => minutesInWords(this.bake().minutes.likely));
  protected readonly percent = computed(() => Math.round(100 * (Math.exp(1.2816 * this.bake().spread) - 1)));
  protected readonly origin = computed(() =>
    this.bake().anchor === 'known-bake'
      ? $localize`the model, leaning on the known bake`
      : $localize`the model, from first principles`,
  );
  protected readonly reasons = computed(() =>
    this.bake().windowReasons.map((reason) => ({
      code: reason.code,
      effect: WINDOW_EFFECT_NAMES[reason.effect],
      ...windowReasonInWords(reason, this.dial.scale()),
    })),
  );
  private readonly found = toSignal(
    toObservable(this.job).pipe(
      distinctUntilChanged((a, b) => JSON.stringify(a) === JSON.stringify(b)),
      debounceTime(QUIET_MILLISECONDS),
      switchMap((job) => this.sweeps.sensitivities(job)),
    ),
  );
  protected readonly bars = computed(() => {
    const sensitivities = this.found();
    if (!sensitivities) return undefined;
    const most = Math.max(
      0.5,
      ...sensitivities.flatMap(({ lessMinutes, moreMinutes }) => [lessMinutes, moreMinutes].map(Math.abs)),
    );
    // a third of the width each way: the figures stand outside the bar
    const at = (minutes: number) => 50 + (minutes / most) * 33;
    return sensitivities.map((sensitivity) => {
      const [low, high] = [sensitivity.lessMinutes, sensitivity.moreMinutes].sort((a, b) => a - b);
      const [from = 0, to = 0] = [low, high];
      return {
        ...unknownInWords(sensitivity, this.dial.scale()),
        left: at(from),
        width: Math.max(0.5, at(to) - at(from)),
        less: signed(from),
        more: signed(to),
      };
    });
  });
  protected readonly rules = computed(() => {
    const { rules, minutes, plainLawMinutes } = this.bake();
    const apart = (says: number) => {
      const percent = Math.round(100 * (says / minutes.likely - 1));
      return percent === 0
        ? $localize`The same here.`
        : $localize`${Math.abs(percent)} % ${percent > 0 ? $localize`longer` : $localize`shorter`} here.`;
    };
    return [
      ...rules.map(({ id, minutes: says }) => ({
        ...ruleOfThumbInWords(id),
        minutes: minutesInWords(says),
        apart: apart(says),
      })),
      {
        say: $localize`One law for all bakes`,
        why: $localize`Bulk and heat alone, drawn through all reference bakes: knows no style.`,
        minutes: minutesInWords(plainLawMinutes),
        apart: apart(plainLawMinutes),
      },
    ];
  });
}
