import { ChangeDetectionStrategy, Component, input } from '@angular/core';
import type { Portion } from '@orvin/core/batch/plan';
import { LiningPieces } from './lining-pieces';

/** The paper for the pans at hand: it is cut and drawn when the baker comes to it, by eye or by keyboard. */
@Component({
  selector: 'orv-lining-panel',
  imports: [LiningPieces],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" aria-labelledby="paper">
      <h2 id="paper" i18n>Paper for these pans <span class="caption">real size, in millimetres</span></h2>
      @defer (on viewport; on interaction) {
        <orv-lining-pieces [portions]="portions()" />
      } @placeholder {
        <p class="to-come"><button type="button" class="act" i18n>Draw the paper</button></p>
      }
    </section>
  `,
  styleUrls: ['../parts/panels.css', './panel-figures.css'],
  styles: `
    .to-come {
      min-height: 120px;
    }
  `,
})
export class LiningPanel {
  readonly portions = input.required<readonly Portion[]>();
}
