import type { WeighedPart } from '../../formula/formula/index.js';
import { perGramIn, type PerGram } from '../per-gram/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';

/** What pulls on a crumb. Two pairs: tough against tender, dry against wet. */
export const TEXTURE_FORCES = ['toughens', 'softens', 'dries', 'wets'] as const;
export type TextureForce = (typeof TEXTURE_FORCES)[number];

export interface TextureShare {
  readonly ingredient: Ingredient;
  /** Grams of force it brings: only comparable within its pair. */
  readonly weight: number;
  /** Share of all of that force, 0–1. */
  readonly share: number;
}

export interface CrumbTexture {
  readonly of: Readonly<Record<TextureForce, readonly TextureShare[]>>;
  /** Softening over toughening, g/g: for comparing within a style only. */
  readonly tenderness: number;
  /** Water over what the solids can hold, g/g. */
  readonly moistness: number;
}

/** Weights of the index; judged, not measured. @source leavening.md part B */
const GLUTEN_OF_FLOUR = 0.105;
const OTHER_FLOUR_TOUGHENS = 0.35;
const EGG_WHITE_SOLIDS_TOUGHEN = 1.5;
const MILK_SOLIDS_TOUGHEN = 0.6;
const SUGAR_SOFTENS = 0.55;
/** Solids of the white in a gram: a whole egg is two thirds white. */
const WHITE_SOLIDS: Readonly<Record<string, number>> = {
  egg: 0.075, 'liquid-whole-egg': 0.075, 'duck-egg': 0.075, 'quail-egg': 0.075, 'egg-white': 0.12, 'pasteurised-egg-white': 0.12,
  'dried-egg-white': 0.9,
}; // prettier-ignore

/** What one gram of a part does to each force. */
function forcePerGram({ ingredient }: WeighedPart, gram: PerGram): Readonly<Record<TextureForce, number>> {
  const { protein } = ingredient.composition;
  const wheat = ingredient.category === 'flour' || ingredient.category === 'whole-grain flour';
  const gluten = wheat && !ingredient.behavesAs.includes('oat');
  return {
    toughens:
      gram.flour * (gluten ? protein / GLUTEN_OF_FLOUR : OTHER_FLOUR_TOUGHENS) +
      EGG_WHITE_SOLIDS_TOUGHEN * (WHITE_SOLIDS[ingredient.behavesAs] ?? 0) +
      MILK_SOLIDS_TOUGHEN * gram.milkSolids,
    softens: gram.fat + SUGAR_SOFTENS * gram.sugar,
    dries: gram.thirst,
    wets: gram.water,
  };
}

/** What toughens, softens, dries and wets a batter, with each ingredient's share, the greatest first. */
export function crumbTextureOf(parts: readonly WeighedPart[]): CrumbTexture {
  const perGramOf = perGramIn(parts);
  const sums = new Map<Ingredient, Record<TextureForce, number>>();
  const total: Record<TextureForce, number> = { toughens: 0, softens: 0, dries: 0, wets: 0 };
  for (const part of parts) {
    const perGram = forcePerGram(part, perGramOf(part));
    const before = sums.get(part.ingredient) ?? { toughens: 0, softens: 0, dries: 0, wets: 0 };
    for (const force of TEXTURE_FORCES) {
      before[force] += perGram[force] * part.grams;
      total[force] += perGram[force] * part.grams;
    }
    sums.set(part.ingredient, before);
  }
  const sharesOf = (force: TextureForce): readonly TextureShare[] =>
    [...sums]
      .map(([ingredient, weights]) => ({
        ingredient,
        weight: weights[force],
        share: total[force] > 0 ? weights[force] / total[force] : 0,
      }))
      .filter(({ weight }) => weight > 0)
      .sort((a, b) => b.weight - a.weight);
  return {
    of: {
      toughens: sharesOf('toughens'),
      softens: sharesOf('softens'),
      dries: sharesOf('dries'),
      wets: sharesOf('wets'),
    },
    tenderness: total.toughens > 0 ? total.softens / total.toughens : 0,
    moistness: total.dries > 0 ? total.wets / total.dries : 0,
  };
}
