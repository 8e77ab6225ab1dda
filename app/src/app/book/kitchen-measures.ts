import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, input, signal } from '@angular/core';
import { lossPercent, specificVolumeOf, volumeBySeeds } from '@orvin/core/keep/measuring';
import type { Style } from '@orvin/core/batter/balance';
import { FigureField } from '../parts/kept-field';

const RAPE_SEED = 0.68;
const STANDING = {
  below: $localize`denser than its style`,
  within: $localize`as its style is`,
  above: $localize`lighter than its style`,
} as const;

/** What can be measured of it at home: what it lost, and how large it is by seeds. */
@Component({
  selector: 'orv-kitchen-measures',
  imports: [FigureField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details>
      <summary i18n>Measure it: loss by weighing, volume by seeds</summary>
      <p class="controls">
        @for (one of fields; track one.id) {
          <label
            >{{ one.name }}
            <input
              class="line-input"
              [orvFigure]="values()[one.id]"
              [lowest]="one.lowest"
              [highest]="one.highest"
              [unit]="one.unit"
              [keptAs]="'measure ' + one.id"
              (figureSaid)="set(one.id, $event)"
            />
            {{ one.unit }}</label
          >
        }
      </p>
      @for (line of found(); track line.what) {
        <p>
          <b>{{ line.figure }}</b> {{ line.what }}
        </p>
      }
    </details>
  `,
  styleUrl: '../parts/panels.css',
  styles: `
    summary {
      min-height: 32px;
      color: var(--rim);
      font-weight: 560;
      cursor: pointer;
    }
    .line-input {
      width: 4.5rem;
    }
  `,
})
export class KitchenMeasures {
  readonly style = input.required<Style>();
  protected readonly fields = [
    { id: 'before', name: $localize`before the oven`, unit: 'g', lowest: 10, highest: 50_000 },
    { id: 'after', name: $localize`after it`, unit: 'g', lowest: 10, highest: 50_000 },
    { id: 'full', name: $localize`a box full of seeds`, unit: 'g', lowest: 10, highest: 50_000 },
    { id: 'beside', name: $localize`seeds beside the bake in it`, unit: 'g', lowest: 0, highest: 50_000 },
    { id: 'density', name: $localize`seeds weigh`, unit: 'g/ml', lowest: 0.3, highest: 1.2 },
  ] as const;
  protected readonly values = signal<Readonly<Record<string, number | undefined>>>({ density: RAPE_SEED });
  protected set(id: string, value: number | undefined): void {
    this.values.update((values) => ({ ...values, [id]: value }));
  }
  protected readonly found = computed(() => {
    const { before, after, full, beside, density } = this.values();
    const loss = before !== undefined && after !== undefined ? [{ figure: `${decimal(lossPercent(before, after), 1)} %`, what: $localize`of its weight lost` }] : []; // prettier-ignore
    if (full === undefined || beside === undefined || !density) return loss;
    const volume = volumeBySeeds(full, beside, density);
    const large = {
      figure: `${Math.round(volume.millilitres)} ml`,
      what: $localize`large, ± ${Math.round(volume.spread)}`,
    };
    if (after === undefined || after <= 0) return [...loss, large];
    const { value, standing } = specificVolumeOf(volume.millilitres, after, this.style().specificVolume);
    return [...loss, large, { figure: `${decimal(value, 2)} ml/g`, what: STANDING[standing] }];
  });
}
