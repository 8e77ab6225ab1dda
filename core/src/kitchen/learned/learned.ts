/*
 * What bakes have taught, as plain data, and what it makes of one more bake. ln(minutes) of a bake is ln(predicted) plus a few unknowns:
 * the oven's error in °C by what a degree is worth to this bake, the fan, the baker's habit, the tin, the recipe, and this recipe in this
 * tin. Shared unknowns stand in one block; each recipe has a block of its own that knows only the shared ones, so a thousand recipes stay
 * cheap. How it is learned is the topic `book/learning`; here it is only used.
 */

/** What of a recipe is learned: its own factor first, then itself in each of its tins. */
export interface LearnedRecipe {
  /** The tins of the unknowns after the first. */
  readonly pans: readonly string[];
  readonly mean: readonly number[];
  /** Covariance with the shared unknowns, row by row. */
  readonly withShared: readonly number[];
  readonly covariance: readonly number[];
  readonly bakes: number;
}

/** The oven, the habit, the tins and the recipes, as far as they are known. ln(minutes), the oven's in °C. */
export interface LearnedKitchen {
  /** Names of the shared unknowns: `oven 0` for each time something was changed, `slope`, `habit`, `fan`, `pan …`. */
  readonly shared: readonly string[];
  readonly mean: readonly number[];
  /** Row by row. */
  readonly covariance: readonly number[];
  readonly recipes: Readonly<Record<string, LearnedRecipe>>;
  /** Bake to bake, what nothing explains, ln(minutes). */
  readonly scatter: number;
  /** Bakes it stands on, and thermometer readings. */
  readonly bakes: number;
  readonly readings: number;
  /** How often oven, thermometer or tin were changed. */
  readonly epoch: number;
}

/** Standard deviations before anything is known: ln(minutes), ovens in °C at 180 °C, slope in °C per 100 °C. @source book.md, learning-priors.csv */
export const LEARNING_PRIOR = {
  oven: 12,
  ovenAfterChange: 20,
  slope: 8,
  fan: 0.07,
  habit: 0.05,
  pan: 0.05,
  recipe: 0.11,
  recipeInPan: 0.05,
  scatter: 0.045,
} as const;

/** d ln(minutes) / d °C where the bake itself was not asked. @source heat.md, section 8 */
export const USUAL_PER_CELSIUS = -0.008;
const REFERENCE_CELSIUS = 180;
/** Left after all that is learned: what the clock and the looking scatter by. */
const LOOKING = 0.02;

/** One bake, as far as learning knows it. */
export interface BakeTraits {
  readonly recipe: string | undefined;
  readonly pan: string;
  readonly celsius: number;
  readonly fan: boolean;
  /** d ln(minutes) / d °C of this very bake. */
  readonly perCelsius?: number;
  /** The oven error that its prediction reckoned with already, °C. */
  readonly reckonedCelsius?: number;
}

/** What a bake's minutes depend on of the shared unknowns: name and how much, and the part that was reckoned with. */
export function sharedTerms(
  { pan, celsius, fan, perCelsius = USUAL_PER_CELSIUS, reckonedCelsius = 0 }: BakeTraits,
  epoch: number,
): { readonly terms: readonly (readonly [string, number])[]; readonly reckoned: number } {
  return {
    terms: [
      [`oven ${epoch}`, perCelsius],
      ['slope', (perCelsius * (celsius - REFERENCE_CELSIUS)) / 100],
      ['habit', 1],
      ...(fan ? [['fan', 1] as const] : []),
      [`pan ${pan}`, 1],
    ],
    reckoned: -perCelsius * reckonedCelsius,
  };
}

/** How much a prediction may promise: a recipe baked before in this tin, before in another, or never. */
export const LEARNED_FROM = ['this-recipe-in-this-pan', 'this-recipe', 'this-oven'] as const;
export type LearnedFrom = (typeof LEARNED_FROM)[number];

/** What is learned, for one bake. */
export interface LearnedBake {
  /** On the predicted minutes. */
  readonly factor: number;
  /** Standard deviation of ln(factor). */
  readonly spread: number;
  /** Standard deviation of ln(minutes) of the next such bake. */
  readonly window: number;
  /** The same before anything was learned. */
  readonly unlearnedWindow: number;
  readonly from: LearnedFrom;
  /** Bakes of this recipe, and all. */
  readonly bakesOfRecipe: number;
  readonly bakes: number;
}

const PRIOR_OF: Readonly<Record<string, number>> = {
  slope: LEARNING_PRIOR.slope,
  habit: LEARNING_PRIOR.habit,
  fan: LEARNING_PRIOR.fan,
};
/** Standard deviation of a shared unknown before anything is known. */
export function priorOf(name: string): number {
  if (name.startsWith('oven ')) return name === 'oven 0' ? LEARNING_PRIOR.oven : LEARNING_PRIOR.ovenAfterChange;
  return PRIOR_OF[name] ?? LEARNING_PRIOR.pan;
}

/** What the kitchen has learned makes of a bake. */
export function learnedBake(kitchen: LearnedKitchen, traits: BakeTraits): LearnedBake {
  const { terms, reckoned } = sharedTerms(traits, kitchen.epoch);
  const size = kitchen.shared.length;
  const recipe = traits.recipe === undefined ? undefined : kitchen.recipes[traits.recipe];
  const inPan = recipe ? recipe.pans.indexOf(traits.pan) + 1 : 0;
  const at = new Map(kitchen.shared.map((name, i) => [name, i]));
  const known = terms.flatMap(([name, weight]) => {
    const i = at.get(name);
    return i === undefined ? [] : [[i, weight] as const];
  });
  const unknown = terms.filter(([name]) => !at.has(name));
  const own = recipe ? (inPan > 0 ? [0, inPan] : [0]) : [];
  let mean = reckoned;
  let variance = 0;
  for (const [i, weight] of known) {
    mean += weight * (kitchen.mean[i] ?? 0);
    for (const [j, other] of known) variance += weight * other * (kitchen.covariance[i * size + j] ?? 0);
  }
  for (const a of own) {
    mean += recipe?.mean[a] ?? 0;
    for (const [j, other] of known) variance += 2 * other * (recipe?.withShared[a * size + j] ?? 0);
    for (const b of own) variance += recipe?.covariance[a * (recipe.pans.length + 1) + b] ?? 0;
  }
  let prior = 0;
  for (const [name, weight] of unknown) variance += (weight * priorOf(name)) ** 2;
  for (const [name, weight] of terms) prior += (weight * (name.startsWith('oven ') ? LEARNING_PRIOR.oven : priorOf(name))) ** 2; // prettier-ignore
  if (!recipe) variance += LEARNING_PRIOR.recipe ** 2;
  if (inPan === 0) variance += LEARNING_PRIOR.recipeInPan ** 2;
  prior += LEARNING_PRIOR.recipe ** 2 + LEARNING_PRIOR.recipeInPan ** 2;
  const spread = Math.sqrt(Math.max(0, variance));
  return {
    factor: Math.exp(mean),
    spread,
    window: Math.hypot(spread, kitchen.scatter, LOOKING),
    unlearnedWindow: Math.hypot(Math.sqrt(prior), LEARNING_PRIOR.scatter, LOOKING),
    from: !recipe ? 'this-oven' : inPan === 0 ? 'this-recipe' : 'this-recipe-in-this-pan',
    bakesOfRecipe: recipe?.bakes ?? 0,
    bakes: kitchen.bakes,
  };
}

/** What a prediction needs of it: plain data that goes with a bake to the worker. */
export interface Lesson extends LearnedBake {
  /** What one bake and the next of the very same differ by, ln(minutes). */
  readonly least: number;
}
export const lessonFor = (kitchen: LearnedKitchen, traits: BakeTraits): Lesson => ({
  ...learnedBake(kitchen, traits),
  least: leastWindow(kitchen),
});

/** The least a window can be: what one bake and the next of the very same differ by. */
const leastWindow = ({ scatter }: LearnedKitchen): number => Math.hypot(scatter, LOOKING);

/** What the oven gives above its set point. */
export interface LearnedOven {
  readonly celsius: number;
  /** Standard deviation, °C. */
  readonly spread: number;
  /** Whether that is more than a guess. */
  readonly known: boolean;
}
/** An oven is called known from here on, °C. @source book.md, section 2 */
const KNOWN_FROM = 8;

export function learnedOven({ shared, mean, covariance, epoch }: LearnedKitchen): LearnedOven {
  const i = shared.indexOf(`oven ${epoch}`);
  if (i < 0) return { celsius: 0, spread: priorOf(`oven ${epoch}`), known: false };
  const spread = Math.sqrt(covariance[i * shared.length + i] ?? 0);
  return { celsius: mean[i] ?? 0, spread, known: spread <= KNOWN_FROM };
}

/** By how much bakes take longer through one thing, % of the time, and its standard deviation. */
export interface LearnedShare {
  readonly percent: number;
  readonly spread: number;
}
function shareOf({ shared, mean, covariance }: LearnedKitchen, name: string): LearnedShare {
  const i = shared.indexOf(name);
  const variance = i < 0 ? priorOf(name) ** 2 : (covariance[i * shared.length + i] ?? 0);
  return { percent: 100 * (i < 0 ? 0 : (mean[i] ?? 0)), spread: 100 * Math.sqrt(variance) };
}
/** How this baker judges: more than 0 takes it out later than most. */
export const learnedHabit = (kitchen: LearnedKitchen): LearnedShare => shareOf(kitchen, 'habit');
/** What the fan does beyond what is usual; undefined where no bake had it on. */
export const learnedFan = (kitchen: LearnedKitchen): LearnedShare | undefined =>
  kitchen.shared.includes('fan') ? shareOf(kitchen, 'fan') : undefined;
const PAN = 'pan ';
/** What each tin does, whatever is baked in it. */
export const learnedPans = (kitchen: LearnedKitchen): readonly (LearnedShare & { readonly pan: string })[] =>
  kitchen.shared
    .filter((name) => name.startsWith(PAN))
    .map((name) => ({ pan: name.slice(PAN.length), ...shareOf(kitchen, name) }));
