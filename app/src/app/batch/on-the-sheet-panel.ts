import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { pansInWords } from '@orvin/core/words/batch-words';
import { gramsInWords } from '@orvin/core/words/figures';
import { OwnDial } from '../parts/own-dial';
import { Bakes } from '../work/bakes';
import { howLong } from './how-long';
import { ThisBatch } from './this-batch';

/** What stands on a sheet without a tin: how many, each on the scale, how long. */
@Component({
  selector: 'orv-on-the-sheet-panel',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @for (row of rows(); track $index) {
      <section class="panel" aria-labelledby="on-the-sheet">
        <h2 id="on-the-sheet" i18n>On the sheet</h2>
        <p class="big">
          {{ row.name }} <span>{{ row.each }}</span>
        </p>
        @if (row.time) {
          <p class="time">
            <b>{{ row.time }}</b> <span class="said">{{ row.heat }}</span>
            <button type="button" class="quiet" (click)="settings.toOven($index)" i18n>To the Oven</button>
          </p>
        }
      </section>
    }
  `,
  styleUrls: ['../parts/panels.css', './on-the-sheet-panel.css'],
})
export class OnTheSheetPanel {
  protected readonly settings = inject(ThisBatch);
  private readonly dial = inject(OwnDial);
  private readonly times = inject(Bakes).foreseen(this.settings.bake);

  protected readonly rows = computed(() => {
    const made = this.settings.bake();
    if (!made) return [];
    const { region } = made.order.formula;
    return made.portions.map(({ pans, grams }, i) => {
      const pieces = pans.pan.cavities * pans.count;
      return {
        name: pansInWords(pans, region),
        each: pieces > 1 ? $localize`${gramsInWords(grams / pieces)} each` : gramsInWords(grams),
        ...howLong(made, this.times()[i], this.dial.scale()),
      };
    });
  });
}
