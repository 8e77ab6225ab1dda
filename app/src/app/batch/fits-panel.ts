import { inSentence } from '@orvin/core/ground/language';
import type { BatchTarget } from '@orvin/core/batch/plan';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { batterGrowth } from '@orvin/core/oven/baking';
import { whatFits, type OwnedPan, type PanCombination } from '@orvin/core/batch/portions';
import { howFits, panName, verdictInWords } from '@orvin/core/words/batch-words';
import { SHELF_PANS } from '@orvin/core/kitchen/pans';
import type { Region } from '@orvin/core/ground/units';
import { gramsInWords, listed } from '@orvin/core/words/figures';
import { HowWords } from '../parts/how-words';
import { FormulaStore } from '../store/formula-store';
import { BenchReading } from '../work/bench-reading';
import { OnBench } from '../work/on-bench';
import { ThisBatch } from './this-batch';

/** What most kitchens have, until the baker says what there is. */
const USUAL: readonly (readonly [id: string, count: number])[] = [
  ['round_8x2s', 2], ['round_9x2s', 2], ['square_8x2', 1], ['loaf_uk_2lb', 2], ['muffin_12', 2], ['rect_traybake_uk', 1], ['fluted_10c', 1],
]; // prettier-ignore
export const USUAL_PANS: readonly OwnedPan[] = USUAL.flatMap(([id, count]) => {
  const pan = SHELF_PANS.find((shelfPan) => shelfPan.id === id);
  return pan ? [{ id, pan, count }] : [];
});

/** How a use is said so that it reads back as those pans. */
export function useInWords({ owned, pans, cavities }: PanCombination['uses'][number], region: Region): string {
  if (owned.pan.cavities > 1 && owned.pan.shape === 'muffin') {
    const kind = /mini/i.test(owned.pan.name) ? 'mini ' : /jumbo/i.test(owned.pan.name) ? 'jumbo ' : '';
    return `${cavities} ${kind}muffins`;
  }
  const name = panName(owned.pan, region);
  return pans === 1 ? name : `${name} x ${pans}`;
}

/** The pans of the shelf that use this batter best, ranked. */
@Component({
  selector: 'orv-fits-panel',
  imports: [HowWords, RouterLink],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <section class="panel" aria-labelledby="what-fits">
      <h2 id="what-fits">
        {{ own() ? texts.whatFitsYourShelf : texts.whatFitsUsualPans }}
        <span class="caption"
          ><ng-container i18n>{{ grams() }} of batter{{ own() ? '' : texts.yourOwnPanShelfIsEmpty }}</ng-container>
          @if (!own()) {
            <a routerLink="/pantry" i18n>fill it in the Pantry</a>
          }
        </span>
      </h2>
      <ol>
        @for (row of rows(); track row.name; let first = $first) {
          <li>
            <span class="name" [class.best]="first">{{ row.name }}</span>
            <span class="bar" aria-hidden="true"
              ><span class="used" [class.warns]="row.warns" [style.width.%]="row.used"></span
            ></span>
            <span class="said">
              @if (row.warns) {
                <span class="mark mark-warning" aria-hidden="true">▲</span>
              }
              {{ row.words }}</span
            >
            <button
              type="button"
              class="quiet"
              (click)="take(row.combination)"
              [attr.aria-label]="texts.use(row.name)"
              i18n
            >
              Use
            </button>
          </li>
        }
      </ol>
      <orv-how-words [lines]="how()" />
    </section>
  `,
  styleUrls: ['../parts/panels.css'],
  styles: `
    :host {
      display: block;
    }
    h2 .caption {
      font-weight: 450;
      margin-left: 6px;
    }
    li {
      display: grid;
      grid-template-columns: minmax(0, 15rem) minmax(4rem, 1fr) minmax(0, 13.5rem) auto;
      align-items: center;
      gap: 14px;
      min-height: 36px;
      border-top: 1px solid var(--hair);
    }
    ol {
      margin-top: 4px;
    }
    .best {
      font-weight: 660;
    }
    .bar {
      height: 12px;
      border: 1px solid var(--rim-2);
      background: var(--enamel-2);
    }
    .used {
      display: block;
      height: 100%;
      background: var(--rim);
    }
    li:not(:first-child) .used {
      background: var(--rim-2);
    }
    .used.warns,
    li:not(:first-child) .used.warns {
      background: var(--alert-wash);
      box-shadow: inset 0 0 0 1.5px var(--alert);
    }
    @media (max-width: 1100px) {
      li {
        grid-template-columns: minmax(0, 1fr) auto auto;
        gap: 8px;
      }
      .bar {
        display: none;
      }
    }
    @media (max-width: 560px) {
      li {
        grid-template-columns: minmax(0, 1fr) auto;
        padding: 4px 0;
      }
      li .said {
        grid-row: 2;
        grid-column: 1;
      }
      li button {
        grid-row: 1 / 3;
        grid-column: 2;
      }
    }
  `,
})
export class FitsPanel {
  protected readonly texts = {
    whatFitsYourShelf: $localize`What fits your shelf`,
    whatFitsUsualPans: $localize`What fits usual pans`,
    yourOwnPanShelfIsEmpty: $localize`; your own pan shelf is empty: `,
    use: (name: string | number) => $localize`Use ${name}`,
  };
  private readonly settings = inject(ThisBatch);
  private readonly store = inject(FormulaStore);
  private readonly onBench = inject(OnBench);
  private readonly reading = inject(BenchReading);

  private readonly batterGrams = computed(() => this.settings.batch()?.plan.batterGrams ?? 0);
  protected readonly grams = computed(() => gramsInWords(this.batterGrams()));
  private readonly region = computed(() => this.onBench.record()?.formula.region ?? 'UK');
  protected readonly own = computed(() => (this.store.kitchen().pans ?? []).length > 0);
  private readonly shelf = computed<readonly OwnedPan[]>(() => {
    const pans = this.store.kitchen().pans ?? [];
    return pans.length > 0
      ? pans.map(({ id, name, pan, count }) => ({ id, pan: { ...pan, name }, count }))
      : USUAL_PANS;
  });
  protected readonly rows = computed(() => {
    const grams = this.batterGrams();
    if (!(grams > 0)) return [];
    const growth = batterGrowth(this.reading.audit()?.style?.basedOn);
    return whatFits(grams, growth, this.shelf()).map((combination) => {
      const { uses, leftoverGrams, verdict } = combination;
      const [first] = uses;
      const sentence = first && verdict !== 'fits' ? verdictInWords({ ...first.fill, verdict, overflowChance: combination.overflowChance }) : undefined; // prettier-ignore
      const over = leftoverGrams > 0 ? $localize`${gramsInWords(leftoverGrams)} over` : $localize`all used`;
      return {
        combination,
        name: listed(uses.map((use) => useInWords(use, this.region()))),
        used: Math.round(100 * (1 - leftoverGrams / grams)),
        warns: verdict !== 'fits' && verdict !== 'low',
        words: [over, sentence ? inSentence(sentence.say.replace(/\.$/, '')) : $localize`${Math.round(100 * (first?.fill.fraction ?? 0))} % full`].join(', '), // prettier-ignore
      };
    });
  });

  protected readonly how = computed(() => {
    const [first] = this.rows();
    return first ? howFits(first.combination) : [];
  });

  /** The pans are taken; how much is made stays as it is. */
  protected take({ uses }: PanCombination): void {
    const sizes = this.settings.sheet().targets.filter(({ kind }) => kind !== 'pans' && kind !== 'cut');
    const plan = this.settings.batch()?.plan;
    const asNow: BatchTarget = { kind: 'grams', grams: Math.round(this.batterGrams()) };
    const keep: readonly BatchTarget[] =
      sizes.length > 0 ? sizes : plan?.factor === 1 ? [{ kind: 'times', times: 1 }] : [asNow];
    this.settings.setTargets($localize`the pans`, [
      ...keep,
      ...uses.map((use): BatchTarget => ({ kind: 'pans', pans: useInWords(use, this.region()) })),
    ]);
  }
}
