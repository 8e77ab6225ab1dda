import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { BakePrediction } from '@orvin/core/oven/baking';
import { carryOverInWords, donenessInWords, howDone, testHereInWords } from '@orvin/core/words/oven-words';
import { minutesInWords, readingsOn } from '@orvin/core/words/figures';
import { HowWords } from '../parts/how-words';
import { OwnDial } from '../parts/own-dial';

/** How to tell that it is done: the tests of this style, the best first, and what each means here. */
@Component({
  selector: 'orv-done-panel',
  imports: [HowWords],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" aria-labelledby="how-done">
      <h2 id="how-done" i18n>Is it done?</h2>
      <p class="answer" i18n>
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
  private readonly dial = inject(OwnDial);

  protected readonly how = computed(() => howDone(this.bake()));
  protected readonly core = computed(() => {
    const { low, high } = this.bake().doneness.coreCelsius;
    return readingsOn(this.dial.scale(), low, high);
  });
  protected readonly altitude = computed(() => {
    const { boilingCelsius } = this.bake().doneness;
    return boilingCelsius < 99 ? $localize`, where water boils at ${this.dial.heat(boilingCelsius)}` : '';
  });
  protected readonly first = computed(() => minutesInWords(this.bake().minutes.first));
  /** Looks so far apart that a minute or two of overbaking is the most they cost. */
  protected readonly every = computed(() => {
    const { low, high } = this.bake().minutes;
    return minutesInWords(Math.max(1, Math.round((high - low) / 4)));
  });
  protected readonly tests = computed(() => {
    const bake = this.bake();
    return bake.doneness.tests.map((test) => ({
      ...donenessInWords(test),
      here: testHereInWords(test, bake, this.core(), this.dial.scale()),
    }));
  });
  protected readonly carry = computed(() => carryOverInWords(this.bake().timeline.carryOverCelsius, this.dial.scale()));
}
