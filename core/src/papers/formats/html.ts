import type { Kitchen } from '../../kitchen/kitchen/index.js';
import { LONGEST_TEXT, type FormulaReading } from '../../formula/parsing/index.js';
import { readText } from '../../formula/reading/index.js';
import type { Region } from '../../ground/units/index.js';
import { readRecipe, recipesIn } from './json-ld.js';
import { pageWords, type Microdata } from './page-words.js';

/** The microdata of a recipe as the same object that JSON-LD would give. */
function asRecipe(properties: readonly Microdata[]): Readonly<Record<string, unknown>> {
  const all = (...names: readonly string[]) =>
    properties
      .filter(({ property }) => property.split(/\s+/).some((name) => names.includes(name)))
      .map(({ text }) => text);
  const first = (name: string) => all(name)[0];
  const instructions = all('recipeInstructions');
  return {
    name: first('name'),
    recipeIngredient: all('recipeIngredient', 'ingredients'),
    // steps nested in the instructions say the same words again
    recipeInstructions: instructions.length > 0 ? instructions : all('text'),
    recipeYield: all('recipeYield', 'yield'),
    cookTime: first('cookTime'),
    prepTime: first('prepTime'),
    totalTime: first('totalTime'),
    description: first('description'),
  };
}

function parsed(script: string): unknown {
  try {
    return JSON.parse(script.replace(/\p{Cc}+/gu, ' '));
  } catch {
    return undefined;
  }
}

/** Reads a saved page: its structured data where it has some, else its visible words. The page is never rendered and nothing of it runs. */
export function readHtml(source: string, bakersOwn: Region, kitchen: Kitchen): readonly FormulaReading[] {
  const page = pageWords(source);
  const fromJson = page.jsonLd.flatMap((script) => recipesIn(parsed(script)));
  const recipes = fromJson.length > 0 ? fromJson : page.recipes.map(asRecipe);
  const readings = recipes.map((recipe) => readRecipe(recipe, bakersOwn, kitchen));
  if (readings.some(({ kind }) => kind === 'read')) return readings;
  return [readText(page.text.slice(0, LONGEST_TEXT), bakersOwn, kitchen)];
}
