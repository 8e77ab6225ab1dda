import type { WalkStep } from '../../along/walk/index.js';
import type { CoverKind } from '../../oven/baking/index.js';
import type { PanMaterial } from '../../kitchen/pans/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import { roleOf } from '../../kitchen/ingredients/index.js';

/* Cautions, at the step where they matter, each once in a bake. */

export const CAUTIONS = ['raw', 'steam', 'hot-lid', 'glass', 'hot-fat', 'alcohol', 'fumes'] as const;
export type Caution = (typeof CAUTIONS)[number];
const WORDS: Readonly<Record<Caution, string>> = {
  raw: $localize`Raw flour and raw egg: do not taste.`,
  steam: $localize`Steam comes out first: stand aside of the door.`,
  'hot-lid': $localize`The lid is as hot as the oven, and stays so.`,
  glass: $localize`Hot glass cracks on a wet or cold place: set it on a dry cloth.`,
  'hot-fat': $localize`Hot fat spits where water meets it.`,
  alcohol: $localize`The alcohol stays in it.`,
  fumes: $localize`It smells sharply while it bakes: air the kitchen.`,
};
export const cautionInWords = (caution: Caution): string => WORDS[caution];

export interface CautionFacts {
  readonly step: WalkStep;
  readonly words: string;
  readonly ingredient?: Ingredient;
  readonly material?: PanMaterial;
  readonly cover?: CoverKind;
}
/** What applies to a step by itself. */
function cautionsOf({ step, words, ingredient, material, cover }: CautionFacts): readonly Caution[] {
  switch (step.kind) {
    case 'mix':
      return step.phase === 'combine' || step.phase === 'eggs' ? ['raw'] : /\bmelt|\bbrown the butter/i.test(words) ? ['hot-fat'] : []; // prettier-ignore
    case 'weigh':
      if (ingredient?.category === 'alcohol') return ['alcohol'];
      if (ingredient?.behavesAs.includes('ammoni')) return ['fumes'];
      return ingredient && roleOf(ingredient).egg > 0.5 ? ['raw'] : [];
    case 'bake':
      return [...(cover === 'lid' || cover === 'bowl' ? (['hot-lid'] as const) : []), 'steam'];
    case 'cool':
      return material === 'glass' || material === 'ceramic' ? ['glass'] : [];
    case 'ready':
    case 'heat':
    case 'rest':
    case 'griddle':
    case 'cook':
    case 'divide':
      return [];
  }
}
/** The cautions of each step of a walk: the first place where each matters, and no other. */
export function cautionsOnce(facts: readonly CautionFacts[]): readonly (readonly Caution[])[] {
  const said = new Set<Caution>();
  return facts.map((fact) =>
    cautionsOf(fact).filter((caution) => {
      if (said.has(caution)) return false;
      said.add(caution);
      return true;
    }),
  );
}
