import type { MixingFamily } from '../../batch/bowl/index.js';
import { roleOf, type Ingredient } from '../../kitchen/ingredients/index.js';

/*
 * What a step of mixing is about: what is in the bowl before it, and what it takes, say whether butter is creamed, flour is dry-mixed or wet
 * meets dry. Each has its own look at which to stop.
 */

export const MIX_PHASES = [
  'dry',
  'wet',
  'melt',
  'cream',
  'eggs',
  'rub',
  'paste',
  'whisk',
  'combine',
  'fold',
  'finish',
] as const;
export type MixPhase = (typeof MIX_PHASES)[number];

/** What has gone into the bowl, by what it does. */
export interface InBowl {
  readonly flour: boolean;
  readonly wet: boolean;
  readonly fat: boolean;
  readonly sugar: boolean;
  readonly egg: boolean;
}
export const EMPTY_BOWL: InBowl = { flour: false, wet: false, fat: false, sugar: false, egg: false };

/** More water than this, and what is poured wets flour. */
const WETS = 0.4;
export function withPoured(bowl: InBowl, ingredients: readonly Ingredient[]): InBowl {
  const any = (test: (ingredient: Ingredient) => boolean) => ingredients.some(test);
  return {
    flour: bowl.flour || any((ingredient) => roleOf(ingredient).flour > 0.5),
    wet: bowl.wet || any(({ composition, category }) => composition.water > WETS && !/fruit|vegetable/.test(category)),
    fat: bowl.fat || any(({ composition, category }) => composition.fat > 0.5 && !/nut|chocolate/.test(category)),
    sugar: bowl.sugar || any(({ composition }) => composition.sugars > 0.6),
    egg: bowl.egg || any((ingredient) => roleOf(ingredient).egg > 0.5),
  };
}

const AIRS_EGGS = /\bwhisk|\bbeat|\bfoam|\bribbon|\bpeaks?\b/i;

/**
 * @param before in the bowl when the step begins
 * @param takes what the step itself takes
 */
export function mixPhaseOf(
  family: MixingFamily,
  words: string,
  before: InBowl,
  takes: readonly Ingredient[],
): MixPhase | undefined {
  const own = withPoured(EMPTY_BOWL, takes);
  const after = withPoured(before, takes);
  const wasCombined = before.flour && (before.wet || before.egg);
  const wetNow = after.wet || after.egg;
  if (wasCombined) return takes.length > 0 || /\bfold|\bstir|\bmix|\bbeat/i.test(words) ? (own.flour || own.wet ? 'combine' : 'fold') : undefined; // prettier-ignore
  if (after.flour && wetNow) return 'combine';
  if (family === 'rub-in' && after.flour && after.fat) return own.fat || /\brub|\bcut/i.test(words) ? 'rub' : 'dry';
  if (family === 'paste' && after.flour && own.fat) return 'paste';
  if (family === 'whisked' && own.egg && AIRS_EGGS.test(words)) return 'whisk';
  if (takes.length === 0) return undefined;
  if (family === 'creaming' && own.fat && own.sugar) return 'cream';
  if (family === 'creaming' && own.egg && before.fat) return 'eggs';
  if (/\bmelt/i.test(words) && own.fat) return 'melt';
  return own.wet || own.egg || own.fat ? 'wet' : 'dry';
}
