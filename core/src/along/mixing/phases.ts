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

export interface MixedStep {
  readonly family: MixingFamily;
  readonly words: string;
  /** In the bowls when the step begins, and what it takes itself. */
  readonly before: InBowl;
  readonly takes: readonly Ingredient[];
  /** Wet and dry are still in bowls of their own: a later step brings them together. */
  readonly apart: boolean;
}

export function mixPhaseOf({ family, words, before, takes, apart }: MixedStep): MixPhase | undefined {
  const own = withPoured(EMPTY_BOWL, takes);
  const after = withPoured(before, takes);
  if (!apart) {
    const wasCombined = before.flour && (before.wet || before.egg);
    if (wasCombined) return afterMeeting(words, own, takes.length);
    if (after.flour && (after.wet || after.egg)) return 'combine';
  }
  if (family === 'rub-in' && after.flour && after.fat) return own.fat || /\brub|\bcut/i.test(words) ? 'rub' : 'dry';
  if (family === 'paste' && after.flour && own.fat) return 'paste';
  if (family === 'whisked' && own.egg && AIRS_EGGS.test(words)) return 'whisk';
  if (takes.length === 0) return undefined;
  if (family === 'creaming' && own.fat && own.sugar) return 'cream';
  if (family === 'creaming' && own.egg && before.fat) return 'eggs';
  if (/\b(?:melt|boil|simmer)/i.test(words) && own.fat) return 'melt';
  // its signs are of egg: dates in boiling water have none
  if (own.egg || (before.egg && (own.wet || own.fat))) return 'wet';
  if (own.wet || own.fat) return undefined;
  return own.flour || own.sugar ? 'dry' : undefined;
}

const MEETS = /\b(?:wet|liquids?)\b|\btogether\b/i;
/** Wet and flour are there: they are brought together, or something more goes in. */
function afterMeeting(words: string, own: InBowl, takes: number): MixPhase | undefined {
  if (MEETS.test(words) || own.flour || own.wet) return 'combine';
  return takes > 0 || /\bfold|\bstir|\bmix|\bbeat/i.test(words) ? 'fold' : undefined;
}
