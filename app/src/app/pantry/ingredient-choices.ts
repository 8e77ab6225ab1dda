import { Injectable, inject, signal } from '@angular/core';
import { ingredientName } from '@orvin/core/kitchen/ingredients';
import { pantryOf } from '@orvin/core/kitchen/equipment';
import { FormulaStore } from '../store/formula-store';
import { SettingsStore } from '../store/settings-store';

/** An ingredient in a list to pick from. */
export interface Choice {
  readonly id: string;
  readonly name: string;
}
const MOST = 12;

/** The ingredients that answer what is typed into a field, under the names of the baker's region. */
@Injectable()
export class IngredientChoices {
  private readonly store = inject(FormulaStore);
  private readonly settings = inject(SettingsStore);
  readonly found = signal<Choice[]>([]);

  search(typed: string): void {
    const ingredients = pantryOf(this.store.kitchen()).search(typed, MOST);
    this.found.set(
      ingredients.map((ingredient) => ({
        id: ingredient.id,
        name: ingredientName(ingredient, this.settings.region()),
      })),
    );
  }
}
