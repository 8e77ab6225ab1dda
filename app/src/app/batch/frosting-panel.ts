import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { spreadParts } from '@orvin/core/batch/batch';
import { USUAL_FROSTING } from '@orvin/core/batch/plan';
import { BenchReading } from '../work/bench-reading';
import { FrostingChoices } from './frosting-choices';
import { ThisBatch } from './this-batch';

/** What goes on and between, by surface; the formula's own frosting is scaled to it. */
@Component({
  selector: 'orv-frosting-panel',
  imports: [FrostingChoices],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" aria-labelledby="on-top">
      <h2 id="on-top" i18n>On top and between <span class="caption">by surface, not by flour</span></h2>
      @if (choice()) {
        @defer (on immediate) {
          <orv-frosting-choices />
        }
      } @else {
        <p class="said">
          {{ own() ? texts.theFormulaHasItsOwnIt : texts.nothingOnItSoFar }}
          <button type="button" class="act" (click)="begin()" i18n>Work it out by surface</button>
        </p>
      }
    </section>
  `,
  styleUrls: ['../parts/panels.css', './panel-figures.css'],
})
export class FrostingPanel {
  protected readonly texts = {
    theFormulaHasItsOwnIt: $localize`The formula has its own; it goes with the flour so far.`,
    nothingOnItSoFar: $localize`Nothing on it so far.`,
  };
  private readonly settings = inject(ThisBatch);
  private readonly reading = inject(BenchReading);
  protected readonly choice = computed(() => this.settings.sheet().frosting);
  protected readonly own = computed(() => {
    const audit = this.reading.audit();
    return audit !== undefined && spreadParts(audit).length > 0;
  });

  protected begin(): void {
    this.settings.set($localize`the frosting`, { frosting: USUAL_FROSTING });
  }
}
