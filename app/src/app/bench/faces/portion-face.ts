import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import type { Audit } from '@orvin/core/bench/audit';
import type { Formula } from '@orvin/core/formula/formula';
import { shortIngredientName, type Ingredient } from '@orvin/core/kitchen/ingredients';
import { learn, forget } from '@orvin/core/kitchen/kitchen';
import { priceOf, NUTRIENTS, type Nutrient } from '@orvin/core/batter/nutrition';
import { gramsInWords } from '@orvin/core/words/figures';
import { FigureField } from '../../parts/kept-field';
import { FormulaStore } from '../../store/formula-store';
import { OnBench } from '../../work/on-bench';
import { How } from '../how';
import { BatterOutlook } from '../outlook';

const NAMES: Readonly<Record<Nutrient, string>> = {
  energy: $localize`energy`, fat: $localize`fat`, carbohydrate: $localize`starch and sugars`, sugars: $localize`of which sugars`, fibre: $localize`fibre`, protein: $localize`protein`, salt: $localize`salt`, sodium: $localize`sodium`,
}; // prettier-ignore
const UNIT: Readonly<Record<Nutrient, string>> = {
  energy: 'kcal', fat: 'g', carbohydrate: 'g', sugars: 'g', fibre: 'g', protein: 'g', salt: 'g', sodium: 'mg',
}; // prettier-ignore
const figure = (nutrient: Nutrient, value: number) =>
  nutrient === 'energy' || nutrient === 'sodium'
    ? String(Math.round(value))
    : decimal(value, nutrient === 'salt' ? 2 : 1);

/** What a portion holds and costs, before and after the bake, with the spread of it. */
@Component({
  selector: 'orv-portion-face',
  imports: [FigureField, How],
  changeDetection: ChangeDetectionStrategy.OnPush,
  template: `
    @if (judged(); as judged) {
      <h2>
        <label for="portions" i18n>Portions</label>
        <input
          id="portions"
          class="line-input count"
          [orvFigure]="judged.portions.count"
          [lowest]="1"
          [highest]="5000"
          [whole]="true"
          [keptAs]="'portions ' + onBench.id()"
          (figureSaid)="setPortions($event)"
        />
        <span class="caption">{{
          judged.portions.said ? (ofWhat[judged.portions.of] ?? judged.portions.of) : texts.bySlicesOf80GWrite
        }}</span>
      </h2>
      <p class="lead">
        <ng-container i18n
          ><b class="big">{{ energy() }}</b> kcal <span class="caption">a portion, {{ spread() }}</span></ng-container
        >
        <orv-how figure="energy" i18n-of of="energy" />
      </p>
      <div class="panel">
        <table class="moves" i18n-aria-label aria-label="Nutrition">
          <thead>
            <tr>
              <td></td>
              <th scope="col" i18n>a portion</th>
              <th scope="col" i18n>eight in ten</th>
              <th scope="col" i18n>100 g raw</th>
              <th scope="col" i18n>100 g baked</th>
            </tr>
          </thead>
          <tbody>
            @for (row of rows(); track row.name) {
              <tr>
                <td>{{ row.name }}</td>
                <td class="value">{{ row.portion }}</td>
                <td class="before">{{ row.range }}</td>
                <td class="before">{{ row.raw }}</td>
                <td class="before">{{ row.baked }}</td>
              </tr>
            }
          </tbody>
        </table>
        <p class="caption">
          <ng-container i18n>{{ baked() }} Saturated fat is not in the ingredient table and not given.</ng-container
          >&ngsp;
          <orv-how figure="sodium" i18n-of of="sodium" />
        </p>
      </div>
      <h2 i18n>Cost</h2>
      @if (judged.nutrition.cost.whole === 0) {
        <p class="said" i18n><b>Type what a pack costs</b> and see what a portion comes to.</p>
      } @else {
        <p class="lead">
          <ng-container i18n
            ><b class="big">{{ judged.nutrition.cost.perPortion.toFixed(2) }}</b> a portion
            <span class="caption"
              >{{ judged.nutrition.cost.whole.toFixed(2) }} in all, of what has a price</span
            ></ng-container
          >
          <orv-how figure="cost" i18n-of of="cost" />
        </p>
      }
      <table class="moves prices" i18n-aria-label aria-label="Pack prices">
        <thead>
          <tr>
            <th scope="col" i18n>pack</th>
            <th scope="col" i18n>grams</th>
            <th scope="col" i18n>price</th>
            <th scope="col" i18n>here</th>
          </tr>
        </thead>
        <tbody>
          @for (row of prices(); track row.id) {
            <tr>
              <td>{{ row.name }}</td>
              <td>
                <input
                  class="line-input"
                  [orvFigure]="row.packGrams"
                  [lowest]="0.1"
                  [highest]="1000000"
                  unit="g"
                  [keptAs]="'pack ' + row.id"
                  [attr.aria-label]="texts.gramsInAPackOf(row.name)"
                  (figureSaid)="setPrice(row.id, $event ?? row.packGrams, row.price)"
                />
              </td>
              <td>
                <input
                  class="line-input"
                  [orvFigure]="row.price"
                  [lowest]="0"
                  [highest]="1000000"
                  [keptAs]="'price ' + row.id"
                  placeholder="–"
                  [attr.aria-label]="texts.priceOfAPackOf(row.name)"
                  (figureSaid)="setPrice(row.id, row.packGrams, $event)"
                />
              </td>
              <td class="before">{{ row.here }}</td>
            </tr>
          }
        </tbody>
      </table>
    }
  `,
  styleUrl: '../../parts/panels.css',
  styles: `
    h2 {
      display: flex;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 4px 10px;
      margin-top: 8px;
    }
    .count {
      width: 4rem;
      font-weight: 680;
    }
    .lead {
      display: flex;
      flex-wrap: wrap;
      align-items: baseline;
      gap: 0 8px;
      margin: 2px 0 8px;
    }
    .big {
      font-size: var(--step-3);
      line-height: 1.1;
      letter-spacing: -0.02em;
    }
    .value {
      font-weight: 660;
      white-space: nowrap;
    }
    .prices input {
      width: 5rem;
      text-align: right;
    }
    .caption {
      font-weight: 450;
    }
  `,
})
export class PortionFace {
  /** Words of ours; what a formula says stands as it is. */
  protected readonly ofWhat: Readonly<Record<string, string>> = {
    pieces: $localize`pieces`,
    portions: $localize`portions`,
  };
  protected readonly texts = {
    bySlicesOf80GWrite: $localize`by slices of 80 g; write how many it makes`,
    gramsInAPackOf: (name: string | number) => $localize`Grams in a pack of ${name}`,
    priceOfAPackOf: (name: string | number) => $localize`Price of a pack of ${name}`,
  };
  readonly formula = input.required<Formula>();
  readonly audit = input.required<Audit>();
  private readonly store = inject(FormulaStore);
  protected readonly onBench = inject(OnBench);
  private readonly judging = inject(BatterOutlook);
  protected readonly judged = this.judging.judged;

  private readonly facts = computed(() => this.judged()?.nutrition);
  protected readonly energy = computed(() => Math.round(this.facts()?.perPortion.energy.likely ?? 0));
  protected readonly spread = computed(() => {
    const energy = this.facts()?.perPortion.energy;
    return energy ? $localize`${Math.round(energy.low)} to ${Math.round(energy.high)}` : '';
  });
  protected readonly baked = computed(() => {
    const facts = this.facts();
    return facts
      ? $localize`${gramsInWords(facts.grams)} goes in, ${gramsInWords(facts.bakedGrams.low)} to ${gramsInWords(facts.bakedGrams.high)} comes out.`
      : '';
  });
  protected readonly rows = computed(() => {
    const facts = this.facts();
    if (!facts) return [];
    return NUTRIENTS.map((nutrient) => {
      const { low, likely, high } = facts.perPortion[nutrient];
      return {
        name: NAMES[nutrient],
        portion: `${figure(nutrient, likely)} ${UNIT[nutrient]}`,
        range: `${figure(nutrient, low)}–${figure(nutrient, high)}`,
        raw: figure(nutrient, facts.per100gRaw[nutrient].likely),
        baked: figure(nutrient, facts.per100gBaked[nutrient].likely),
      };
    });
  });
  /** Packs whose price is yet to be written. */
  private readonly packs = signal<ReadonlyMap<string, number>>(new Map());
  protected readonly prices = computed(() => {
    const known = new Map((this.store.kitchen().prices ?? []).map((price) => [price.ingredientId, price]));
    const grams = new Map<Ingredient, number>();
    for (const { entries, optional } of this.audit().lines)
      for (const { read, grams: amount } of optional ? [] : entries)
        if (read.ingredient && amount && read.ingredient.id !== 'water')
          grams.set(read.ingredient, (grams.get(read.ingredient) ?? 0) + amount);
    return [...grams].map(([ingredient, amount]) => {
      const price = known.get(ingredient.id);
      const packGrams = price?.packGrams ?? this.packs().get(ingredient.id) ?? ingredient.packGrams[0] ?? 1000;
      return {
        id: ingredient.id,
        name: shortIngredientName(ingredient, this.formula().region),
        packGrams,
        price: price?.price,
        here: price ? decimal(priceOf(price, amount), 2) : '–',
      };
    });
  });

  protected setPortions(count: number | undefined): void {
    const id = this.onBench.id();
    if (id === undefined || count === undefined) return;
    const of = this.judged()?.portions.of ?? $localize`portions`;
    this.store.change(id, $localize`the number of portions`, ({ formula }) => ({
      formula: { ...formula, yield: $localize`makes ${count} ${of}` },
    }));
  }
  /** A pack is learned with its price; without one it is not known what it costs. */
  protected setPrice(ingredientId: string, packGrams: number, price: number | undefined): void {
    this.packs.update((packs) => new Map(packs).set(ingredientId, packGrams));
    this.store.changeKitchen($localize`the price`, (kitchen) =>
      price === undefined
        ? forget.price(kitchen, ingredientId)
        : learn.price(kitchen, { ingredientId, packGrams, price }),
    );
  }
}
