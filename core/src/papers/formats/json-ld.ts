import type { Formula } from '../../formula/formula/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import {
  assembleFormula,
  durationIn,
  FACT,
  readBake,
  readFact,
  writeFacts,
  type FormulaFacts,
  type FormulaParts,
  type FormulaReading,
} from '../../formula/parsing/index.js';
import type { Region } from '../../ground/units/index.js';
import { wordsOfMarkup } from './page-words.js';
import { bakeSaidByWords, filledComponents, lineInWords, needsNoHeading } from './plain-text.js';

/* schema.org/Recipe as JSON-LD, as a bare JSON file, or as it stands in a page. What comes in is anybody's: every value is looked at
 * before it is used. */

type Json = unknown;
const isObject = (value: Json): value is Readonly<Record<string, Json>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const asList = (value: Json): readonly Json[] =>
  Array.isArray(value) ? (value as readonly Json[]) : value === undefined || value === null ? [] : [value];
const words = (value: Json): string =>
  typeof value === 'string' ? wordsOfMarkup(value) : typeof value === 'number' ? String(value) : '';
const inLines = (value: Json): readonly string[] =>
  words(value)
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '');

/** What schema.org calls each thing first, then what anybody calls it. */
const KEYS = {
  title: ['name', 'title'],
  ingredients: ['recipeIngredient', 'ingredients'],
  steps: ['recipeInstructions', 'instructions', 'steps', 'directions', 'method'],
  yield: ['recipeYield', 'yield', 'makes', 'servings', 'serves'],
  notes: ['description', 'notes'],
} as const satisfies Readonly<Record<string, readonly string[]>>;
const firstOf = (node: Readonly<Record<string, Json>>, keys: readonly string[]): Json =>
  keys.map((key) => node[key]).find((value) => value !== undefined && value !== null);
const said = (node: Readonly<Record<string, Json>>, what: keyof typeof KEYS): Json => firstOf(node, KEYS[what]);

const isRecipe = (node: Readonly<Record<string, Json>>) =>
  asList(node['@type'] ?? node['type']).some((type) => typeof type === 'string' && /(?:^|[/#:])Recipe$/i.test(type)) ||
  (asList(said(node, 'ingredients')).length > 0 && said(node, 'title') !== undefined);

/** "2 cups flour", or its amount, measure and name apart. */
function ingredientLines(value: Json): readonly string[] {
  if (!isObject(value)) return inLines(value);
  const line = [['quantity', 'amount', 'qty'], ['unit', 'measure'], ['name', 'ingredient', 'item', 'text'], ['note', 'notes', 'preparation']]
    .map((keys) => words(firstOf(value, keys)))
    .filter((each) => each !== '');
  return line.length > 0 ? [line.join(' ')] : [];
} // prettier-ignore

const DEEPEST = 8;

/** Every recipe in a JSON value: in lists, in a graph, as the main thing of a page. */
export function recipesIn(value: Json, depth = 0): readonly Readonly<Record<string, Json>>[] {
  if (depth > DEEPEST) return [];
  if (Array.isArray(value)) return value.flatMap((item) => recipesIn(item, depth + 1));
  if (!isObject(value)) return [];
  if (isRecipe(value)) return [value];
  return ['@graph', 'mainEntity', 'itemListElement', 'item', 'recipes', 'hasPart'].flatMap((key) =>
    recipesIn(value[key], depth + 1),
  );
}

/** A heading among the ingredients: "For the frosting:". */
const HEADING = /^(?:for (?:the|a)\b.*|[^\d]{2,60}:)$/i;

/** Lines under the headings that stand among them. */
function grouped(lines: readonly string[]): FormulaParts['components'] {
  const components: { name: string; lines: string[] }[] = [];
  for (const line of lines) {
    if (HEADING.test(line) && !/\d/.test(line)) components.push({ name: line, lines: [] });
    else {
      if (components.length === 0) components.push({ name: $localize`Batter`, lines: [] });
      components.at(-1)?.lines.push(line);
    }
  }
  return components;
}

/** Steps of instructions in any of their shapes: a text, a list of texts, steps, or sections of steps. */
function stepsIn(value: Json, depth = 0): readonly string[] {
  if (depth > DEEPEST) return [];
  return asList(value).flatMap((item): readonly string[] => {
    if (!isObject(item)) return inLines(item).map((line) => line.replace(/^(?:step\s*)?\d+[.)]\s+/i, ''));
    const inner = item['itemListElement'] ?? item['steps'];
    const name = words(item['name']);
    const text = inLines(item['text']);
    if (inner !== undefined) return [...(name === '' ? [] : [name]), ...stepsIn(inner, depth + 1)];
    return text.length > 0 ? text : name === '' ? [] : [name];
  });
}

/** The yield as it says most: "12 muffins" rather than "12". */
function yieldIn(value: Json): string | undefined {
  const texts = asList(value)
    .map(words)
    .filter((text) => text !== '');
  const best = texts.find((text) => /[a-z]/i.test(text)) ?? texts[0];
  return best === undefined ? undefined : /^\d+$/.test(best) ? `Makes ${best}` : best;
}

/** "PT1H10M", minutes; undefined for what is no duration. */
function isoMinutes(value: Json): number | undefined {
  if (typeof value !== 'string') return undefined;
  const match = /^P(?:(\d+(?:\.\d+)?)D)?(?:T(?:(\d+(?:\.\d+)?)H)?(?:(\d+(?:\.\d+)?)M)?(?:(\d+(?:\.\d+)?)S)?)?$/i.exec(
    value.trim(),
  );
  if (!match) return durationIn(value)?.low;
  const minutes =
    Number(match[1] ?? 0) * 1440 + Number(match[2] ?? 0) * 60 + Number(match[3] ?? 0) + Number(match[4] ?? 0) / 60;
  return minutes > 0 ? minutes : undefined;
}

const NAMES_OF_TIMES: readonly (readonly [string, string])[] = [
  ['prepTime', 'Preparation'],
  ['cookTime', 'Cooking'],
  ['totalTime', 'In all'],
];
const minutesSaid = (minutes: number) =>
  minutes < 120
    ? `${Math.round(minutes)} min`
    : `${Math.floor(minutes / 60)} h ${String(Math.round(minutes % 60)).padStart(2, '0')}`;

/** The facts that Orvin writes into the description, and what else stands there. */
function splitFacts(lines: readonly string[]): { readonly facts: FormulaFacts; readonly notes: readonly string[] } {
  let facts: FormulaFacts = {};
  const notes = lines.filter((line) => {
    const fact = FACT.test(line) ? readFact(line) : undefined;
    facts = { ...facts, ...fact };
    return fact === undefined;
  });
  return { facts, notes };
}

/** Reads one recipe. */
export function readRecipe(
  recipe: Readonly<Record<string, Json>>,
  bakersOwn: Region,
  kitchen: Kitchen,
): FormulaReading {
  const steps = stepsIn(said(recipe, 'steps'));
  const { facts, notes } = splitFacts(asList(said(recipe, 'notes')).flatMap(inLines));
  const hasFacts = Object.keys(facts).length > 0;
  const times = NAMES_OF_TIMES.flatMap(([key, name]) => {
    const minutes = isoMinutes(recipe[key]);
    return minutes === undefined || hasFacts ? [] : [`${name}: ${minutesSaid(minutes)}`];
  });
  const knownBake = readBake(steps);
  const cooking = isoMinutes(recipe['cookTime']);
  const byCookTime = !hasFacts && knownBake.lowMinutes === undefined && cooking !== undefined && cooking <= 420;
  const yieldText = yieldIn(said(recipe, 'yield'));
  return assembleFormula(
    {
      title: words(said(recipe, 'title')).replace(/\n/g, ' '),
      ...(yieldText !== undefined && { yield: yieldText }),
      components: grouped(asList(said(recipe, 'ingredients')).flatMap(ingredientLines)),
      steps,
      notes: [...notes, ...times],
      facts: { ...facts, ...(byCookTime && { bake: { ...knownBake, lowMinutes: cooking, highMinutes: cooking } }) },
    },
    bakersOwn,
    kitchen,
  );
}

/** Milliseconds of nothing: a duration as ISO 8601. */
const isoDuration = (minutes: number) => `PT${Math.round(minutes)}M`;

/** A formula as a schema.org/Recipe. What schema.org has no place for stands in the description, in words. */
export function writeJsonLd(formula: Formula, kitchen: Kitchen): string {
  const bare = needsNoHeading(formula);
  const { lowMinutes, highMinutes } = formula.bake;
  const facts = writeFacts(formula, bakeSaidByWords(formula));
  return `${JSON.stringify(
    {
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: formula.title || 'Without a name',
      ...(formula.yield !== undefined && { recipeYield: formula.yield }),
      description: [...facts, ...(formula.notes ?? [])].join('\n'),
      ...(lowMinutes !== undefined && { cookTime: isoDuration((lowMinutes + (highMinutes ?? lowMinutes)) / 2) }),
      recipeIngredient: filledComponents(formula).flatMap(({ name, lines }) => [
        ...(bare ? [] : [`${name || 'Part'}:`]),
        ...lines.map((line) => lineInWords(line, kitchen)),
      ]),
      recipeInstructions: formula.steps
        .filter(({ text }) => text.trim() !== '')
        .map(({ text }) => ({ '@type': 'HowToStep', text: text.replace(/\s*\n\s*/g, ' ').trim() })),
    },
    null,
    2,
  )}\n`;
}
