import { numberIn } from '../../ground/numerics/index.js';
import { besideIngredients } from '../ingredients/index.js';
import { INGREDIENT_DETAILS_TABLE } from './ingredient-details.table.js';

/** What is rarely asked of an ingredient: the rest of its composition, its energy, and what to be careful of. */
export interface IngredientDetails {
  /** Grams per 100 g. */
  readonly ash: number;
  readonly other: number;
  readonly energyKilocalories: number;
  readonly acidNote: string;
  readonly caution: string;
}

const details: ReadonlyMap<string, IngredientDetails> = new Map(
  besideIngredients(INGREDIENT_DETAILS_TABLE).map((row) => [
    row['id'] ?? '',
    {
      ash: numberIn(row, 'ash_g'),
      other: numberIn(row, 'other_g'),
      energyKilocalories: numberIn(row, 'energy_kcal'),
      acidNote: row['acid_note'] ?? '',
      caution: row['caution'] ?? '',
    },
  ]),
);

export const detailsOf = (ingredientId: string): IngredientDetails | undefined => details.get(ingredientId);
