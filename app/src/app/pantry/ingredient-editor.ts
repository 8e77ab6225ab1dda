import { ChangeDetectionStrategy, Component, computed, inject, input, linkedSignal, output } from '@angular/core';
import { FormsModule } from '@angular/forms';
import { AutoComplete, type AutoCompleteSelectEvent } from 'primeng/autocomplete';
import { Button } from 'primeng/button';
import { InputText } from 'primeng/inputtext';
import {
  ALLERGENS,
  CATEGORIES,
  COMPOSITION_PARTS,
  energyByFactors,
  type Allergen,
  type CompositionPart,
  type OwnIngredient,
} from '@orvin/core/kitchen/ingredients';
import { learn } from '@orvin/core/kitchen/kitchen';
import { pantryOf } from '@orvin/core/kitchen/equipment';
import { checkIngredient, startedFrom } from '@orvin/core/kitchen/own-ingredients';
import { FILLINGS, type Filling } from '@orvin/core/ground/units';
import { faultInWords } from '@orvin/core/words/wording';
import { ChoiceField } from '../parts/choice';
import { FigureField } from '../parts/kept-field';
import { withoutUndefined } from '@orvin/core/ground/records';
import { FormulaStore } from '../store/formula-store';
import { IngredientChoices, type Choice } from './ingredient-choices';

const number = (written: string): number | undefined => {
  const value = Number(written.trim().replace(',', '.'));
  return written.trim() === '' || !Number.isFinite(value) ? undefined : value;
};
const lines = (written: string) =>
  written
    .split(/[,;\n]/)
    .map((word) => word.trim())
    .filter((word) => word !== '');

/** An ingredient of the baker's own, with every field of the table; checked by the table's own rules as it is written. */
@Component({
  selector: 'orv-ingredient-editor',
  imports: [AutoComplete, Button, FigureField, FormsModule, InputText, ChoiceField],
  providers: [IngredientChoices],
  changeDetection: ChangeDetectionStrategy.OnPush,
  templateUrl: './ingredient-editor.html',
  styleUrl: './ingredient-editor.css',
})
export class IngredientEditor {
  protected readonly texts = {
    change: (name: string | number) => $localize`Change ${name}`,
    anIngredientOfYourOwn: $localize`An ingredient of your own`,
    gramsIn100: (part: string | number) => $localize`${part}, grams in 100`,
    gramsInAMillilitre: (filling: string | number) => $localize`${filling}, grams in a millilitre`,
  };
  /** The ingredient to change; absent to start one. */
  readonly ingredient = input<OwnIngredient>();
  readonly closed = output();

  private readonly store = inject(FormulaStore);
  protected readonly parts = COMPOSITION_PARTS;
  protected readonly fillings = FILLINGS;
  protected readonly allergens = ALLERGENS;
  protected readonly categories = [...CATEGORIES];
  protected readonly choices = inject(IngredientChoices);

  protected readonly draft = linkedSignal(() => this.ingredient());
  protected readonly faults = computed(() => {
    const draft = this.draft();
    return draft ? checkIngredient(draft).map((fault) => ({ ...faultInWords(fault), field: fault.field })) : [];
  });
  protected readonly sum = computed(() => {
    const parts = this.draft()?.per100Grams;
    return parts ? COMPOSITION_PARTS.reduce((total, part) => total + parts[part], 0) : 0;
  });
  protected readonly energy = computed(() => {
    const draft = this.draft();
    return draft ? Math.round(energyByFactors(draft.per100Grams)) : 0;
  });

  /** Starts from one that is known: the same in everything, under a name of its own. */
  protected startFrom({ value }: AutoCompleteSelectEvent): void {
    const known = pantryOf(this.store.kitchen()).byId((value as Choice).id);
    if (known) this.draft.set(startedFrom(known, `own-${crypto.randomUUID()}`, ''));
  }

  protected set(change: Partial<OwnIngredient>): void {
    this.draft.update((draft) => draft && { ...draft, ...change });
  }

  protected setPart(part: CompositionPart, grams: number | undefined): void {
    const draft = this.draft();
    if (draft) this.set({ per100Grams: { ...draft.per100Grams, [part]: grams ?? 0 } });
  }

  protected setDensity(filling: Filling, density: number | undefined): void {
    const draft = this.draft();
    if (!draft) return;
    const others = Object.entries(draft.gramsPerMillilitre).filter(([way]) => way !== filling);
    this.set({
      gramsPerMillilitre: Object.fromEntries(density === undefined ? others : [...others, [filling, density]]),
    });
  }

  protected setPh(ph: number | undefined): void {
    const draft = this.draft();
    if (!draft) return;
    this.draft.set(withoutUndefined<OwnIngredient>({ ...draft, ph }));
  }

  protected setAliases(written: string): void {
    this.set({ aliases: lines(written) });
  }

  /** "medium 120, large 160" */
  protected setPieces(written: string): void {
    const pieces = lines(written).flatMap((line) => {
      const weighed = /[= ]([\d.]+) ?g?$/.exec(line);
      const name = line.slice(0, weighed?.index).replace(/[= ]+$/, '');
      return weighed && name !== '' ? [{ name, grams: Number(weighed[1]) }] : [];
    });
    this.set({ pieces });
  }
  protected piecesInWords({ pieces }: OwnIngredient): string {
    return pieces.map(({ name, grams }) => `${name} ${grams}`).join(', ');
  }

  protected setPacks(written: string): void {
    this.set({
      packGrams: lines(written)
        .flatMap((figure) => number(figure.replace(/g$/i, '')) ?? [])
        .filter((grams) => grams > 0),
    });
  }

  protected setAllergen(allergen: Allergen, holds: boolean): void {
    const draft = this.draft();
    if (!draft) return;
    const others = draft.allergens.filter((other) => other !== allergen);
    this.set({ allergens: holds ? [...others, allergen] : others });
  }

  protected keep(): void {
    const draft = this.draft();
    if (!draft || this.faults().length > 0) return;
    const named = { ...draft, name: draft.name.trim() };
    this.store.changeKitchen($localize`keeping ${named.name}`, (kitchen) => learn.ingredient(kitchen, named));
    this.closed.emit();
  }
}
