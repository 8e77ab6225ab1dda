import { decimal } from '@orvin/core/ground/language';
import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { AutoComplete } from 'primeng/autocomplete';
import { Button } from 'primeng/button';
import { InputText } from 'primeng/inputtext';
import { ingredientName, type OwnIngredient } from '@orvin/core/kitchen/ingredients';
import { forget, learn, USUAL_MIXER } from '@orvin/core/kitchen/kitchen';
import { pantryOf, weighedCup, type WeighedCup } from '@orvin/core/kitchen/equipment';
import { FILLINGS, type Filling } from '@orvin/core/ground/units';
import { ChoiceField } from '../parts/choice';
import { FigureField } from '../parts/kept-field';
import { FormulaStore } from '../store/formula-store';
import { SettingsStore } from '../store/settings-store';
import { IngredientChoices, type Choice } from './ingredient-choices';

const WEIGHED_UNITS: readonly Choice[] = [
  { id: 'teaspoon', name: $localize`level tsp` },
  { id: 'tablespoon', name: $localize`level tbsp` },
  { id: 'cup', name: $localize`level cup` },
];

const fewDigits = (grams: number) => (grams < 20 ? decimal(grams, 1) : grams.toFixed(0));
/** Weighed more than once: how sure it is, how far the next may be off, and what was set aside. */
function repeatsInWords({ grams, spread, nextSpread, weighings, setAside }: WeighedCup): readonly string[] {
  if (weighings + setAside < 2) return [$localize`weigh it again, and its spread is known`];
  const odd = setAside === 0 ? '' : $localize`, ${setAside} odd one set aside`;
  return [
    $localize`weighed ${weighings} times, ± ${fewDigits(spread * grams)}${odd}`,
    $localize`the next one ± ${fewDigits(nextSpread * grams)} g`,
  ];
}

/** What this kitchen knows of its own: cups by weighing, spoons by weighing, ways of filling, words, ingredients, bowl and mixer. */
@Component({
  selector: 'orv-kitchen-lists',
  imports: [AutoComplete, Button, FigureField, FormsModule, InputText, ChoiceField],
  providers: [IngredientChoices],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './kitchen-lists.html',
  styleUrl: './kitchen-lists.css',
})
export class KitchenLists {
  protected readonly texts = {
    forgetTheWeightOf: (name: string | number) => $localize`Forget the weight of ${name}`,
    forget: (name: string | number) => $localize`Forget ${name}`,
    fillAsEverythingElse: (name: string | number) => $localize`Fill ${name} as everything else`,
    takeOutOfTheCupboard: (name: string | number) => $localize`Take ${name} out of the cupboard`,
    takeOut: (name: string | number) => $localize`Take ${name} out`,
    forget2: (words: string | number) => $localize`Forget ${words}`,
  };
  readonly changing = output<OwnIngredient>();
  readonly starting = output();

  private readonly store = inject(FormulaStore);
  private readonly settings = inject(SettingsStore);
  protected readonly kitchen = this.store.kitchen;
  protected readonly usualMixer = USUAL_MIXER;
  protected readonly units = [...WEIGHED_UNITS];
  protected readonly fillings: { readonly id: Filling | ''; readonly name: string }[] = [
    { id: '', name: $localize`spooned in: the usual` },
    ...FILLINGS.filter((filling) => filling !== 'spooned').map((filling) => ({ id: filling, name: filling })),
  ];

  protected readonly unit = signal('teaspoon');
  protected readonly weighedChoice = signal<Choice | null>({ id: 'baking-soda', name: $localize`baking soda` });
  protected readonly choices = inject(IngredientChoices);
  protected readonly problem = signal('');
  protected readonly weighsGrams = signal<number | undefined>(undefined);
  protected readonly holdsMillilitres = signal<number | undefined>(undefined);
  protected readonly mixer = computed(() => this.kitchen().mixer ?? USUAL_MIXER);
  protected habitOf: Choice | null = null;

  protected readonly cupboard = computed(() =>
    (this.kitchen().cupboard ?? [])
      .map((id) => ({ id, name: this.nameOf(id) }))
      .sort((a, b) => a.name.localeCompare(b.name)),
  );

  protected putInCupboard({ id }: Choice): void {
    this.store.changeKitchen($localize`what is in the cupboard`, (kitchen) => learn.inCupboard(kitchen, id));
  }
  protected takeFromCupboard(id: string): void {
    this.store.changeKitchen($localize`what is in the cupboard`, (kitchen) => forget.inCupboard(kitchen, id));
  }

  protected readonly weighed = computed(() => {
    const kitchen = this.kitchen();
    const pantry = pantryOf(kitchen);
    return kitchen.weighed.map(({ ingredientId, unitId, grams }) => {
      const ingredient = pantry.byId(ingredientId);
      const cup = ingredient && weighedCup(kitchen, ingredient);
      const table = ingredient?.gramsPerMillilitre.spooned;
      const percent = cup && table ? Math.round(100 * (cup.grams / cup.millilitres / table - 1)) : 0;
      return {
        id: ingredientId,
        name: this.nameOf(ingredientId),
        unit: WEIGHED_UNITS.find(({ id }) => id === unitId)?.name ?? unitId,
        grams: cup ? fewDigits(cup.grams) : String(grams),
        beside: [
          percent === 0
            ? $localize`as the table says`
            : $localize`${Math.abs(percent)} % ${percent > 0 ? $localize`more` : $localize`less`} than the table`,
          ...(cup ? repeatsInWords(cup) : []),
        ].join('; '),
      };
    });
  });
  protected readonly names = computed(() =>
    this.kitchen().names.map(({ words, ingredientId }) => ({ words, name: this.nameOf(ingredientId) })),
  );
  protected readonly habits = computed(() =>
    Object.entries(this.kitchen().fillings).map(([id, filling]) => ({ id, name: this.nameOf(id), filling })),
  );

  protected weigh(field: HTMLInputElement): void {
    const grams = this.weighsGrams();
    const choice = this.weighedChoice();
    if (!choice?.id || grams === undefined) {
      this.problem.set(choice?.id ? $localize`Write what it weighs, in grams.` : $localize`Choose what was weighed.`);
      field.focus();
      return;
    }
    this.problem.set('');
    const weighed = { ingredientId: choice.id, unitId: this.unit(), region: this.settings.region(), grams };
    this.store.changeKitchen($localize`weighing ${choice.name}`, (kitchen) => learn.weighed(kitchen, weighed));
    this.weighsGrams.set(undefined);
  }

  protected addMeasure(name: HTMLInputElement, holds: HTMLInputElement): void {
    const millilitres = this.holdsMillilitres();
    if (name.value.trim() === '') name.focus();
    else if (millilitres === undefined) holds.focus();
    else {
      const called = name.value.trim();
      this.store.changeKitchen($localize`learning “${called}”`, (kitchen) =>
        learn.measure(kitchen, called, millilitres),
      );
      name.value = '';
      this.holdsMillilitres.set(undefined);
    }
  }

  protected setFilling(filling: Filling | ''): void {
    this.store.changeKitchen($localize`the way of filling`, (kitchen) => {
      const rest: { filling?: Filling } & typeof kitchen = { ...kitchen };
      delete rest.filling;
      return filling === '' ? rest : { ...rest, filling };
    });
  }

  protected setHabit(filling: Filling | '', choice: Choice | null): void {
    if (choice?.id)
      this.store.changeKitchen($localize`how ${choice.name} is filled`, (kitchen) =>
        learn.filling(kitchen, choice.id, filling === '' ? 'spooned' : filling),
      );
  }

  protected setMixer(change: Partial<typeof USUAL_MIXER>): void {
    this.store.changeKitchen($localize`the bowl and mixer`, (kitchen) => ({
      ...kitchen,
      mixer: { ...this.mixer(), ...change },
    }));
  }

  protected forgetHabit(id: string): void {
    this.store.changeKitchen($localize`a way of filling`, (kitchen) => learn.filling(kitchen, id, undefined));
  }
  protected forgetWeighed(id: string): void {
    this.store.changeKitchen($localize`forgetting a weight`, (kitchen) => forget.weighed(kitchen, id));
  }
  protected forgetMeasure(name: string): void {
    this.store.changeKitchen($localize`forgetting “${name}”`, (kitchen) => forget.measure(kitchen, name));
  }
  protected forgetName(words: string): void {
    this.store.changeKitchen($localize`forgetting “${words}”`, (kitchen) => forget.name(kitchen, words));
  }
  protected forgetIngredient({ id, name }: OwnIngredient): void {
    this.store.changeKitchen($localize`taking ${name} out of the pantry`, (kitchen) => forget.ingredient(kitchen, id));
  }

  private nameOf(id: string): string {
    const ingredient = pantryOf(this.kitchen()).byId(id);
    return ingredient ? ingredientName(ingredient, this.settings.region()) : id;
  }
}
