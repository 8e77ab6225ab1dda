import { decimal } from '@orvin/core/ground/language';
import type { Portion } from '@orvin/core/batch/plan';
import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { batterGrowth } from '@orvin/core/oven/baking';
import {
  eachInWords,
  evennessInWords,
  FILL_REASONS,
  fillInWords,
  howFilled,
  pansInWords,
  verdictInWords,
} from '@orvin/core/words/batch-words';
import { courseInWords, windowReasonInWords } from '@orvin/core/words/oven-words';
import { gramsInWords } from '@orvin/core/words/figures';
import { HowWords } from '../parts/how-words';
import { OwnDial } from '../parts/own-dial';
import { Bakes } from '../work/bakes';
import { BenchReading } from '../work/bench-reading';
import { OnBench } from '../work/on-bench';
import { howLong } from './how-long';
import { ThisBatch } from './this-batch';
import { PansPicture } from './pans-picture';

const LITTLE_ADVICE = 0.06;

/** Where the batter goes: the pans to scale, grams for the scale, how full, how long. */
@Component({
  selector: 'orv-pans-panel',
  imports: [HowWords, PansPicture],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" aria-labelledby="in-the-pans">
      <h2 id="in-the-pans" i18n>In the pans, to scale</h2>
      <orv-pans-picture [portions]="portions()" />
      <ul i18n-aria-label aria-label="Pans">
        @for (row of rows(); track $index) {
          <li>
            <p class="each">
              <b>{{ row.each }}</b>
            </p>
            <div>
              <p class="name">{{ row.name }}</p>
              <p class="said">{{ row.fill }}</p>
              @if (row.verdict; as verdict) {
                <p class="said">
                  <span class="mark mark-warning" aria-hidden="true">▲</span> <b>{{ verdict.say }}</b> {{ verdict.why }}
                </p>
              }
              @if (row.leavener) {
                <p class="said"><span class="mark mark-note" aria-hidden="true">◇</span> {{ row.leavener }}</p>
              }
              <orv-how-words [lines]="row.how" />
            </div>
            <p class="time">
              @if (row.time) {
                <b>{{ row.time }}</b>
                <span class="said">{{ row.heat }}</span>
                @if (row.course) {
                  <span class="said">{{ row.course }}</span>
                }
                <button
                  type="button"
                  class="quiet"
                  (click)="settings.toOven($index)"
                  [attr.aria-label]="texts.toTheOvenWith(row.name)"
                  i18n
                >
                  To the Oven
                </button>
              }
            </p>
          </li>
        }
      </ul>
      @if (learned(); as words) {
        <p class="said">{{ words }}</p>
      }
      @if (remainder(); as words) {
        <p class="rest" role="status">{{ words }}</p>
      }
    </section>
  `,
  styleUrls: ['../parts/panels.css', './pans-panel.css'],
})
export class PansPanel {
  protected readonly texts = {
    toTheOvenWith: (name: string | number) => $localize`To the oven with ${name}`,
  };
  readonly portions = input.required<readonly Portion[]>();
  protected readonly settings = inject(ThisBatch);
  private readonly dial = inject(OwnDial);
  private readonly onBench = inject(OnBench);
  private readonly reading = inject(BenchReading);

  private readonly times = inject(Bakes).foreseen(this.settings.bake);

  protected readonly rows = computed(() =>
    this.portions().map((portion, i) => {
      const made = this.settings.bake();
      const job = made?.withoutAnOven ? undefined : made?.portions[i]?.job;
      const off = portion.leavenerShare - 1;
      const region = this.onBench.record()?.formula.region ?? 'UK';
      return {
        each: eachInWords(portion),
        name: pansInWords(portion.set, region),
        fill: $localize`${fillInWords(portion.fill)}, ${decimal(portion.fill.batterHeightCm, 1)} cm; rises to ${decimal(portion.fill.risenTopCm, 1)} of ${decimal(portion.set.pan.depthCm, 1)}. Filled ${FILL_REASONS[portion.because]}. ${evennessInWords(portion)}`,
        verdict: verdictInWords(portion.fill),
        how: howFilled(portion, batterGrowth(this.reading.audit()?.style?.basedOn)),
        leavener:
          off < -LITTLE_ADVICE
            ? $localize`Wider or deeper than its own pan: some would take ${Math.round(-100 * off)} % less leavener. Advice on thin evidence; nothing is changed.`
            : '',
        ...howLong(made, this.times()[i], this.dial.scale()),
        course: job ? courseInWords(job, region, this.dial.scale()) : '',
      };
    }),
  );
  /** Whose minutes these are: what bakes taught, and of what. */
  protected readonly learned = computed(() => {
    if (this.settings.bake()?.withoutAnOven) return undefined;
    const reason = this.times()[0]?.windowReasons.find(({ code }) => code === 'learned');
    const words = reason && windowReasonInWords(reason, this.dial.scale());
    return words && `${words.say} ${words.why}`;
  });
  protected readonly remainder = computed(() => {
    const plan = this.settings.batch()?.plan;
    if (!plan) return undefined;
    if (plan.leftoverGrams > 0)
      return $localize`${gramsInWords(plan.leftoverGrams)} are left over: add a pan for it, such as ${Math.max(1, Math.round(plan.leftoverGrams / 60))} muffin cups, or make less.`;
    if (plan.shortGrams > 0)
      return $localize`${gramsInWords(plan.shortGrams)} are missing to fill these pans as they like it: each gets its share, or leave a pan out.`;
    return undefined;
  });
}
