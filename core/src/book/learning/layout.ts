import { sharedTerms } from '../../kitchen/learned/index.js';
import type { Lessons } from './lessons.js';

/** One reading of an oven thermometer, °C. */
const THERMOMETER = 4;

/** A sum of shared unknowns: which, and by how much. */
export interface Sum {
  readonly at: Int32Array;
  readonly by: Float64Array;
}
const sumOf = (terms: readonly (readonly [number, number])[]): Sum => ({
  at: Int32Array.from(terms, ([i]) => i),
  by: Float64Array.from(terms, ([, weight]) => weight),
});

export interface Site {
  readonly id: string;
  readonly terms: Sum;
  readonly recipe: number;
  readonly inPan: number;
  readonly y: number;
  readonly variance: number;
  tau: number;
  nu: number;
  absurd: number;
}
/** A site that is Gaussian by itself. */
export interface Plain {
  readonly terms: Sum;
  readonly y: number;
  readonly variance: number;
}
export interface Layout {
  readonly shared: readonly string[];
  readonly recipes: readonly { readonly name: string; readonly pans: readonly string[]; readonly bakes: number }[];
  readonly sites: readonly Site[];
  readonly plain: readonly Plain[];
  /** The sites begin with what they came to before. */
  readonly begun: boolean;
}

export function layoutOf({ bakes, readings = [], epoch = 0, after }: Lessons): Layout {
  const shared: string[] = [];
  const sharedAt = new Map<string, number>();
  const indexOf = (name: string) => {
    let i = sharedAt.get(name);
    if (i === undefined) sharedAt.set(name, (i = shared.push(name) - 1));
    return i;
  };
  for (let e = 0; e <= epoch; e++) indexOf(`oven ${e}`);
  indexOf('slope');
  indexOf('habit');
  const recipes: { name: string; pans: string[]; bakes: number }[] = [];
  const recipeAt = new Map<string, number>();
  const plain: Plain[] = readings.map((reading) => ({
    terms: sumOf([
      [indexOf(`oven ${reading.epoch ?? 0}`), 1],
      [indexOf('slope'), (reading.setCelsius - 180) / 100],
    ]),
    y: reading.readCelsius - reading.setCelsius,
    variance: THERMOMETER ** 2,
  }));
  const sites = bakes.map((bake): Site => {
    const { terms, reckoned } = sharedTerms(bake, bake.epoch ?? 0);
    let recipe = recipeAt.get(bake.recipe);
    if (recipe === undefined) recipeAt.set(bake.recipe, (recipe = recipes.push({ name: bake.recipe, pans: [], bakes: 0 }) - 1)); // prettier-ignore
    const of = recipes[recipe];
    let inPan = of?.pans.indexOf(bake.pan) ?? -1;
    if (of && inPan < 0) inPan = of.pans.push(bake.pan) - 1;
    if (of) of.bakes += 1;
    if (bake.coreAtOut)
      plain.push({
        terms: sumOf([[indexOf('habit'), 1]]),
        y: bake.coreAtOut.over,
        variance: bake.coreAtOut.spread ** 2,
      });
    return {
      id: bake.id,
      terms: sumOf(terms.map(([name, weight]) => [indexOf(name), weight] as const)),
      recipe,
      inPan: inPan + 1,
      y: bake.done.ln - Math.log(bake.predictedMinutes) - reckoned,
      variance: bake.done.spread ** 2,
      tau: after?.sites[bake.id]?.[0] ?? 0,
      nu: after?.sites[bake.id]?.[1] ?? 0,
      absurd: 0,
    };
  });
  return { shared, recipes, sites, plain, begun: after !== undefined };
}
