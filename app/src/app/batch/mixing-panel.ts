import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { howMixed, mixingInWords, NOTES } from '@orvin/core/words/batch-words';
import { USUAL_MIXER } from '@orvin/core/kitchen/kitchen';
import { HowWords } from '../parts/how-words';
import { FormulaStore } from '../store/formula-store';
import { BenchReading } from '../work/bench-reading';
import { ThisBatch } from './this-batch';

/** How many bowls, what a large one risks, and what does not go straight with the size: said once, in place. */
@Component({
  selector: 'orv-mixing-panel',
  imports: [HowWords],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (words(); as mixing) {
      <section class="panel" aria-labelledby="bowl">
        <h2 id="bowl" i18n>Bowl and mixer</h2>
        <p class="said">
          <b>{{ mixing.say }}</b> {{ mixing.why }}
        </p>
        <orv-how-words [lines]="how()" />
        @if (mayDouble()) {
          <div class="controls" role="group" i18n-aria-label aria-label="Doubling">
            <button type="button" class="chip" [attr.aria-pressed]="!twice()" (click)="mix(false)" i18n>
              as few bowls as hold it
            </button>
            <button type="button" class="chip" [attr.aria-pressed]="twice()" (click)="mix(true)" i18n>
              never double: mix it again
            </button>
          </div>
        }
        @for (note of notes(); track note) {
          <p class="said"><span class="mark mark-note" aria-hidden="true">◇</span> {{ note }}</p>
        }
      </section>
    }
  `,
  styleUrl: '../parts/panels.css',
})
export class MixingPanel {
  private readonly settings = inject(ThisBatch);
  private readonly reading = inject(BenchReading);
  private readonly store = inject(FormulaStore);
  protected readonly how = computed(() => {
    const batch = this.settings.batch();
    const flour = this.reading.audit()?.totals.flour ?? 0;
    return batch ? howMixed(batch, flour * batch.plan.factor, this.store.kitchen().mixer ?? USUAL_MIXER) : [];
  });
  protected readonly words = computed(() => {
    const mixing = this.settings.batch()?.mixing;
    return mixing && mixingInWords(mixing);
  });
  protected readonly twice = computed(() => this.settings.sheet().mixTwice === true);
  protected readonly mayDouble = computed(() => (this.settings.batch()?.plan.factor ?? 1) >= 1.3);
  protected readonly notes = computed(() => (this.settings.batch()?.notes ?? []).map((note) => NOTES[note]));
  protected mix(twice: boolean): void {
    this.settings.set($localize`the bowls`, { mixTwice: twice || undefined });
  }
}
