import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, input, signal } from '@angular/core';
import { shortIngredientName, type Ingredient } from '@orvin/core/kitchen/ingredients';
import { GRAMS_PER_TEASPOON, SODA_MEQ_PER_GRAM, type Ledger } from '@orvin/core/batter/leavening';
import { inTeaspoons, type Region } from '@orvin/core/ground/units';
import { gramsInWords } from '@orvin/core/words/figures';

/** Every source of acid and of soda by itself: its grams, its milliequivalents, and the soda these are, in grams and spoons. */
@Component({
  selector: 'orv-ledger-table',
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <details #details (toggle)="open.set(details.open)">
      <summary i18n>each by itself, in grams and spoons</summary>
      @if (open()) {
        <table i18n-aria-label aria-label="Every source of acid and soda">
          <thead>
            <tr>
              <th scope="col" i18n>what</th>
              <th scope="col" i18n>in it</th>
              <th scope="col" i18n>meq</th>
              <th scope="col" i18n>as soda</th>
              <th scope="col" i18n>spoons</th>
            </tr>
          </thead>
          <tbody>
            @for (row of rows(); track row.key) {
              <tr>
                <td>
                  {{ row.name }} <span class="caption">{{ row.side }}</span>
                </td>
                <td>{{ row.grams }}</td>
                <td>
                  <b>{{ row.meq }}</b>
                </td>
                <td>{{ row.soda }}</td>
                <td>{{ row.spoons }}</td>
              </tr>
            }
          </tbody>
        </table>
      }
    </details>
  `,
  styles: `
    summary {
      cursor: pointer;
      width: fit-content;
      min-height: 28px;
      font-size: var(--step--1);
      color: var(--rim);
    }
    table {
      width: 100%;
      border-collapse: collapse;
      font-size: var(--step--1);
    }
    th {
      font-weight: 450;
      color: var(--ink-3);
    }
    th,
    td {
      text-align: right;
      padding: 3px 0 3px 8px;
    }
    th:first-child,
    td:first-child {
      text-align: left;
      padding-left: 0;
    }
    td {
      border-top: 1px solid var(--hair);
    }
    @media (pointer: coarse) {
      summary {
        min-height: var(--finger);
        display: flex;
        align-items: center;
      }
    }
  `,
})
export class LedgerTable {
  readonly ledger = input.required<Ledger>();
  readonly region = input.required<Region>();

  protected readonly open = signal(false);
  protected readonly rows = computed(() => {
    const { foodAcids, foodBases, sodas, leaveningAcidMeq, leftoverSodaGrams, leftoverAcidMeq } = this.ledger();
    const row = (side: string, name: string, grams: number | undefined, meq: number) => ({
      key: `${side} ${name}`,
      side,
      name,
      grams: grams === undefined ? '' : gramsInWords(grams),
      meq: decimal(meq, 1),
      soda: gramsInWords(Math.abs(meq) / SODA_MEQ_PER_GRAM),
      spoons: inTeaspoons(Math.abs(meq) / SODA_MEQ_PER_GRAM, GRAMS_PER_TEASPOON.soda),
    });
    const named = (ingredient: Ingredient) => shortIngredientName(ingredient, this.region());
    return [
      ...foodAcids.map(({ ingredient, grams, meq }) => row('sour', named(ingredient), grams, meq)),
      ...(leaveningAcidMeq > 0.05 ? [row('sour', $localize`acid in the powder`, undefined, leaveningAcidMeq)] : []),
      ...foodBases.map(({ ingredient, grams, meq }) => row($localize`takes acid`, named(ingredient), grams, meq)),
      ...sodas.map(({ ingredient, grams, meq }) => row('soda', named(ingredient), grams, meq)),
      ...(leftoverSodaGrams > 0.05
        ? [row($localize`left over`, 'soda', undefined, leftoverSodaGrams * SODA_MEQ_PER_GRAM)]
        : []),
      ...(leftoverAcidMeq > 0.5 ? [row($localize`left over`, 'acid', undefined, leftoverAcidMeq)] : []),
    ];
  });
}
