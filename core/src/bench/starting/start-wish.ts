import type { Style } from '../../batter/balance/index.js';
import type { WeighedPart } from '../../formula/formula/index.js';
import type { Region } from '../../ground/units/index.js';
import type { Ingredient, Preparation } from '../../kitchen/ingredients/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import type { PanSet } from '../../kitchen/pans/index.js';
import type { Diet } from '../swaps/index.js';

/** How much to start with. */
export type StartSize =
  | { readonly kind: 'flour'; readonly grams: number }
  | { readonly kind: 'pan'; readonly pans: PanSet; readonly written: string }
  | { readonly kind: 'count'; readonly count: number };

export interface StartWish {
  readonly style: Style;
  readonly size: StartSize;
  readonly region: Region;
  readonly kitchen?: Kitchen;
  /** Ids of what is in the cupboard; absent means everything. Flour, salt, leavener and water are always there. */
  readonly cupboard?: ReadonlySet<string>;
  readonly diets?: readonly Diet[];
}

/** Grams of an egg without its shell, as a start counts them. */
export const SHELLED_EGG_GRAMS = 50;
const PREPARED: Readonly<Record<string, Preparation>> = { banana: 'mashed', carrot: 'grated' };
export const preparedAs = ({ id }: Ingredient): Preparation => PREPARED[id] ?? 'none';
export const partOf = (ingredient: Ingredient, grams: number): WeighedPart => ({
  ingredient,
  grams,
  preparation: preparedAs(ingredient),
});

/** An amount of a start, and what it is there for. */
export interface Amount {
  readonly ingredient: Ingredient;
  grams: number;
  readonly role: 'flour' | 'sugar' | 'fat' | 'egg' | 'liquid' | 'salt' | 'besides' | 'leavener';
}
