import type { MixingFamily } from '../../batch/bowl/index.js';
import { functionalTotals, type WeighedPart } from '../../formula/formula/index.js';
import type { Category } from '../../kitchen/ingredients/index.js';
import { COMBINING, MIXING_SIGNS, USUAL_BOWL_GRAMS, type BowlFault, type MixingSigns } from './signs.table.js';
import type { MixPhase } from './phases.js';

/** The signs of a step of mixing for a bowl of this size. */
export function mixingSigns(phase: MixPhase, family: MixingFamily, bowlGrams: number): MixingSigns {
  const signs = phase === 'combine' ? { ...MIXING_SIGNS.combine, ...COMBINING[family] } : MIXING_SIGNS[phase];
  const grows = Math.sqrt(Math.min(4, Math.max(0.25, bowlGrams / USUAL_BOWL_GRAMS)));
  const [from, to] = signs.seconds;
  return { ...signs, seconds: [Math.round(from * grows), Math.round(to * grows)] };
}

/** What to do about a fault of the bowl; grams where they can be worked out from what is in it. */
export type BowlRemedy =
  | { readonly code: 'add'; readonly ingredientId: string; readonly name: string; readonly grams: number; readonly turns: number } // prettier-ignore
  | { readonly code: 'wait-cold'; readonly minutes: number }
  | { readonly code: 'wait-warm'; readonly minutes: number }
  | { readonly code: 'stir-slowly' }
  | { readonly code: 'leave-and-bake' }
  | { readonly code: 'stop-now' }
  | { readonly code: 'press-out' };

/** A part of a bowl with the name its line has. */
export interface NamedPart extends WeighedPart {
  readonly name: string;
}

/** By so many points of flour the water of a batter is moved at once: to be seen, and to be moved again. */
const WATER_POINTS = 3;
/** Of the flour a spoon brings a curdled batter back together. */
const CURDLED_FLOUR = 0.05;
const LIQUID_WATER = 0.75;
const LIQUIDS: ReadonlySet<Category> = new Set(['liquid', 'dairy', 'cultured dairy', 'plant milk']);

export function remedyFor(fault: BowlFault, bowl: readonly NamedPart[]): BowlRemedy {
  const { flour } = functionalTotals(bowl);
  const most = (test: (part: NamedPart) => boolean) =>
    bowl.filter(test).reduce<NamedPart | undefined>((best, part) => (part.grams > (best?.grams ?? 0) ? part : best), undefined); // prettier-ignore
  const liquid = most(
    ({ ingredient }) => ingredient.composition.water > LIQUID_WATER && LIQUIDS.has(ingredient.category),
  );
  const flourPart = most(({ ingredient }) => ingredient.category.includes('flour'));
  const adding = (part: NamedPart | undefined, grams: number, turns: number): BowlRemedy =>
    part && grams > 0
      ? { code: 'add', ingredientId: part.ingredient.id, name: part.name, grams, turns }
      : { code: 'stir-slowly' };
  switch (fault) {
    case 'too-stiff':
      return adding(liquid, ((WATER_POINTS / 100) * flour) / (liquid?.ingredient.composition.water ?? 1), 3);
    case 'too-thin': {
      // so much flour that the same water is fewer points of it
      const { water } = functionalTotals(bowl);
      const points = flour > 0 ? (100 * water) / flour : 0;
      return adding(flourPart, points > WATER_POINTS ? (flour * WATER_POINTS) / (points - WATER_POINTS) : 0, 3);
    }
    case 'curdled':
      return adding(flourPart, CURDLED_FLOUR * flour, 5);
    case 'greasy':
      return { code: 'wait-cold', minutes: 5 };
    case 'butter-warm':
      return { code: 'wait-cold', minutes: 10 };
    case 'butter-cold':
      return { code: 'wait-warm', minutes: 10 };
    case 'lumps':
      return { code: 'press-out' };
    case 'dry-pocket':
      return { code: 'leave-and-bake' };
    case 'over-mixed':
      return { code: 'stop-now' };
  }
}
