import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import type { OwnIngredient } from '@orvin/core/kitchen/ingredients';
import type { OwnPan } from '@orvin/core/kitchen/kitchen';
import { StationLayout } from '../parts/station-layout';
import { FormulaStore } from '../store/formula-store';
import { Converter } from './converter';
import { Everything } from './everything';
import { IngredientEditor } from './ingredient-editor';
import { KitchenLists } from './kitchen-lists';
import { PanEditor } from './pan-editor';
import { PanShelf } from './pan-shelf';

/** What things weigh, and what this kitchen knows of its own. */
@Component({
  selector: 'orv-pantry',
  imports: [Converter, Everything, IngredientEditor, KitchenLists, PanEditor, PanShelf, StationLayout],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <orv-station-layout
      i18n-sheetLabel
      sheetLabel="Converter"
      i18n-readingsLabel
      readingsLabel="What this kitchen knows"
    >
      <div sheet class="sheet">
        @if (editing(); as open) {
          @defer (on immediate) {
            <orv-ingredient-editor [ingredient]="open.ingredient" (closed)="editing.set(undefined)" />
          }
        } @else if (measuring(); as open) {
          @defer (on immediate) {
            <orv-pan-editor [pan]="open.pan" (closed)="measuring.set(undefined)" />
          }
        } @else {
          <orv-converter />
        }
      </div>
      <div readings>
        <orv-pan-shelf (measuring)="measuring.set({ pan: $event })" />
        <orv-kitchen-lists (changing)="editing.set({ ingredient: $event })" (starting)="editing.set({})" />
        <orv-everything />
      </div>
      <span summary class="summary"
        ><b i18n>This kitchen</b> <span>{{ known() }}</span></span
      >
    </orv-station-layout>
  `,
  styles: `
    :host {
      flex: 1;
      min-height: 0;
      display: flex;
    }
    .sheet {
      flex: 1;
      overflow: hidden auto;
      padding: 16px 24px 28px;
    }
    .summary {
      display: flex;
      flex-direction: column;
    }
    .summary b {
      font-size: var(--step-1);
    }
    .summary span {
      color: var(--ink-2);
      font-size: var(--step--1);
    }
    @media (max-width: 899px) {
      .sheet {
        padding: 12px 16px 20px;
      }
    }
  `,
})
export class Pantry {
  private readonly store = inject(FormulaStore);
  /** The ingredient that is being written; without one, a new one. */
  protected readonly editing = signal<{ readonly ingredient?: OwnIngredient } | undefined>(undefined);
  /** The pan that is being measured; without one, a new one. */
  protected readonly measuring = signal<{ readonly pan: OwnPan | undefined } | undefined>(undefined);
  protected readonly known = computed(() => {
    const { measures, weighed, ingredients, names, pans = [] } = this.store.kitchen();
    const counts = [
      [pans.length, $localize`pans`],
      [measures.length, $localize`measures`],
      [weighed.length, $localize`weighed`],
      [ingredients.length, $localize`ingredients`],
      [names.length, $localize`words`],
    ] as const;
    const some = counts.filter(([count]) => count > 0).map(([count, what]) => `${count} ${what}`);
    return some.length > 0 ? some.join(' · ') : $localize`its own cups, spoons and ingredients`;
  });
}
