import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { InputText } from 'primeng/inputtext';
import { FormsModule } from '@angular/forms';
import { REGIONS } from '@orvin/core/ground/units';
import { FILLING_NAMES, REGION_NAMES } from '@orvin/core/words/names';
import { FormulaStore } from '../store/formula-store';
import { SettingsStore } from '../store/settings-store';
import { BenchReading } from '../work/bench-reading';
import { converterView, measuredRow, type FillingBar } from './converter-view';
import { ChoiceField } from '../parts/choice';

/** Grams and kitchen measures of anything, with the spread that the way of filling brings. */
@Component({
  selector: 'orv-converter',
  imports: [FormsModule, InputText, ChoiceField],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    <label for="convert"><b i18n>How much is</b></label>
    <div class="ask">
      <input
        #words
        pInputText
        id="convert"
        autocomplete="off"
        spellcheck="false"
        maxlength="200"
        [value]="asked()"
        (input)="asked.set(words.value)"
        i18n-placeholder
        placeholder="2 cups plain flour"
      />
      <orv-choice
        i18n-ariaLabel
        ariaLabel="Whose cups, spoons and oven dial"
        [options]="regions"
        [chosen]="settings.region()"
        (choose)="settings.set({ region: $event })"
      />
    </div>
    @if (conversion(); as result) {
      @if (result.kind === 'problem') {
        <p class="problem" role="status">
          <span class="mark mark-warning" aria-hidden="true">▲</span> <b>{{ result.say }}</b> {{ result.why }}
        </p>
      } @else {
        <p class="answer" role="status">
          <strong>{{ result.view.grams }} g</strong>
          <span>{{ result.view.name }}</span>
          @if (result.view.spread) {
            <em i18n>{{ result.view.spread }}, by hand and filling</em>
          }
        </p>
        @if (result.view.bars.length > 0) {
          <div class="bars" role="list" i18n-aria-label aria-label="By the way of filling">
            @for (bar of result.view.bars; track bar.filling) {
              <div role="listitem" [class.usual]="bar.usual">
                <span class="way">{{ fillingWords[bar.filling] }}</span>
                <span class="track" aria-hidden="true">
                  <i
                    [style.left.%]="at(bar.low, result.view)"
                    [style.width.%]="at(bar.high, result.view) - at(bar.low, result.view)"
                  ></i>
                  <b [style.left.%]="at(bar.grams, result.view)"></b>
                </span>
                <span class="grams">{{ bar.words }}</span>
              </div>
            }
          </div>
        }
        <ul class="others" i18n-aria-label aria-label="The same in other measures">
          @for (other of result.view.others; track other.unit) {
            <li>
              <b>{{ other.amount }}</b> {{ other.unit }}
              @if (other.spread) {
                <span class="caption">{{ other.spread }}</span>
              }
            </li>
          }
        </ul>
      }
    }
    @if (atHand().length > 0) {
      <table>
        <caption i18n>
          What is on the bench weighs, in grams
        </caption>
        <thead>
          <tr>
            <th scope="col"><span class="unseen" i18n>ingredient</span></th>
            <th scope="col" i18n>cup</th>
            <th scope="col" i18n>tbsp</th>
            <th scope="col" i18n>tsp</th>
          </tr>
        </thead>
        <tbody>
          @for (row of atHand(); track row.id) {
            <tr>
              <th scope="row">
                <button type="button" (click)="asked.set('1 cup ' + row.name)">{{ row.name }}</button>
              </th>
              <td>{{ row.cup }}</td>
              <td>{{ row.tablespoon }}</td>
              <td>{{ row.teaspoon }}</td>
            </tr>
          }
        </tbody>
      </table>
    }
  `,
  styleUrl: './converter.css',
})
export class Converter {
  private readonly store = inject(FormulaStore);
  private readonly reading = inject(BenchReading);
  protected readonly settings = inject(SettingsStore);
  protected readonly fillingWords = FILLING_NAMES;
  protected readonly regions = REGIONS.map((id) => ({
    id,
    name: REGION_NAMES[id],
  }));

  protected readonly asked = signal('2 cups plain flour');
  protected readonly conversion = computed(() =>
    this.asked().trim() === '' ? undefined : converterView(this.asked(), this.settings.region(), this.store.kitchen()),
  );

  /** What the formula at hand is made of, by the measures of this kitchen. */
  protected readonly atHand = computed(() => {
    const parts = this.reading.audit()?.weighed.batter ?? [];
    const seen = new Map(parts.map(({ ingredient }) => [ingredient.id, ingredient]));
    return [...seen.values()].flatMap(
      (ingredient) => measuredRow(ingredient, this.settings.region(), this.store.kitchen()) ?? [],
    );
  });

  protected at(
    grams: number,
    { from, to }: { readonly from: number; readonly to: number; readonly bars: readonly FillingBar[] },
  ): number {
    return (100 * (grams - from)) / Math.max(to - from, 1e-9);
  }
}
