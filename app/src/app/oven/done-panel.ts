import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { BakePrediction } from '@orvin/core/oven/baking';
import { donenessInWords, howDone } from '@orvin/core/words/oven-words';
import { minutesInWords } from '@orvin/core/words/wording';
import { HowWords } from '../parts/how-words';

/** How to tell that it is done: the tests of this style, the best first, and what each means here. */
@Component({
  selector: 'orv-done-panel',
  imports: [HowWords],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" aria-labelledby="how-done">
      <h2 id="how-done">Is it done?</h2>
      <p class="answer">
        <b>{{ core() }}</b> in the middle{{ altitude() }}. Look from {{ first() }}, then every {{ every() }}.
      </p>
      <ol class="tests">
        @for (test of tests(); track test.say) {
          <li>
            <b>{{ test.say }}</b> {{ test.why }} {{ test.here }}
          </li>
        }
      </ol>
      <p class="caption">{{ carry() }}</p>
      <orv-how-words [lines]="how()" />
    </section>
  `,
  styleUrls: ['../parts/panels.css', './oven-panels.css'],
})
export class DonePanel {
  readonly bake = input.required<BakePrediction>();

  protected readonly how = computed(() => howDone(this.bake()));
  protected readonly core = computed(() => {
    const { low, high } = this.bake().doneness.coreCelsius;
    return `${Math.round(low)}–${Math.round(high)} °C`;
  });
  protected readonly altitude = computed(() => {
    const { boilingCelsius } = this.bake().doneness;
    return boilingCelsius < 99 ? `, where water boils at ${boilingCelsius.toFixed(0)} °C` : '';
  });
  protected readonly first = computed(() => minutesInWords(this.bake().minutes.first));
  /** Looks so far apart that a minute or two of overbaking is the most they cost. */
  protected readonly every = computed(() => {
    const { low, high } = this.bake().minutes;
    return minutesInWords(Math.max(1, Math.round((high - low) / 4)));
  });
  protected readonly tests = computed(() => {
    const { doneness, topColour, timeline } = this.bake();
    return doneness.tests.map((test) => ({
      ...donenessInWords(test),
      here:
        test === 'core'
          ? `Here ${this.core()}.`
          : test === 'colour'
            ? `Here the top is likely ${topColour < 0.8 ? 'still pale' : topColour < 1.15 ? 'golden' : 'deep brown'} when the middle is set.`
            : test === 'crumbs' && timeline.carryOverCelsius >= 1
              ? `Here it gains about ${Math.round(timeline.carryOverCelsius)} °C once out.`
              : '',
    }));
  });
  protected readonly carry = computed(() => {
    const gains = this.bake().timeline.carryOverCelsius;
    return gains >= 1
      ? `Once out, the middle still gains about ${Math.round(gains)} °C: with a school of moist crumbs take it out a little sooner.`
      : 'The middle gains next to nothing once it is out: what it is when it comes out, it stays.';
  });
}
