import { decimal } from '@orvin/core/ground/language';
import type { Doing } from '@orvin/core/formula/formula';
import { doings } from '@orvin/core/formula/formula';
import { shortIngredientName, type Ingredient, type Pantry } from '@orvin/core/kitchen/ingredients';
import type { ReadEntry } from '@orvin/core/formula/parsing';
import type { Region } from '@orvin/core/ground/units';

/** An ingredient that the typed words may become, and what it will do. */
export interface Completion {
  readonly id: string;
  readonly name: string;
  readonly does: readonly Doing[];
  /** "0.53 g/ml · sour, 0.02 meq/g" */
  readonly facts: string;
}

const SHORTEST_NAME = 3;
const MOST = 6;
/** Below this, acid plays no part in the ledger, meq/g. */
const WORTH_SAYING_MEQ = 0.005;

function factsOf({ gramsPerMillilitre, acidMeqPerGram }: Ingredient): string {
  const density = gramsPerMillilitre.spooned ?? gramsPerMillilitre.scooped ?? gramsPerMillilitre.packed;
  const acid =
    Math.abs(acidMeqPerGram) < WORTH_SAYING_MEQ
      ? $localize`neutral`
      : $localize`${acidMeqPerGram > 0 ? $localize`sour` : $localize`alkaline`}, ${Math.abs(acidMeqPerGram).toPrecision(2)} meq/g`;
  return [...(density === undefined ? [] : [`${decimal(density, 2)} g/ml`]), acid].join(' · ');
}

/** What a line that is being typed may become; nothing once its name is written out. */
export function completions(entries: readonly ReadEntry[], pantry: Pantry, region: Region): readonly Completion[] {
  const [entry, more] = entries;
  const typed = entry?.name.trim().toLowerCase() ?? '';
  if (!entry || more || typed.length < SHORTEST_NAME) return [];
  // what the words may mean comes before what is spelled like them: "chopped nuts" are no dates
  const isAmbiguous = entry.problems.some(({ code }) => code === 'ingredient-ambiguous');
  const meant = isAmbiguous && entry.ingredient ? [entry.ingredient, ...entry.others] : [];
  const ingredients = meant.length > 0 ? meant.slice(0, MOST) : pantry.search(typed, MOST);
  const written = (ingredient: Ingredient) =>
    [ingredient.nameUs, ingredient.nameUk, ...ingredient.aliases].some((name) => name.toLowerCase() === typed);
  if (entry.ingredient && written(entry.ingredient) && entry.confidence > 0.5) return [];
  return ingredients.map((ingredient) => ({
    id: ingredient.id,
    name: shortIngredientName(ingredient, region),
    does: doings(ingredient, 'none'),
    facts: factsOf(ingredient),
  }));
}

/** The line with the typed name written out. */
export function completed(text: string, typed: string, name: string): string {
  const at = text.toLowerCase().lastIndexOf(typed.toLowerCase());
  return at < 0 ? `${text.trim()} ${name}` : `${text.slice(0, at)}${name}${text.slice(at + typed.length)}`;
}
