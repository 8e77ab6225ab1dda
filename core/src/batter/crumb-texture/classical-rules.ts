import { functionalTotals, type WeighedPart } from '../../formula/formula/index.js';
import { isInclusion, roleOf } from '../../kitchen/ingredients/index.js';
import type { Style } from '../balance/index.js';

/** The cake maker's rules of balance, by weight. They are of the creamed and the high-ratio cake only; real formulas bend them by a tenth. */
export const CLASSICAL_RULE_CODES = [
  'sugar-not-over-flour', 'sugar-over-flour', 'eggs-carry-fat', 'liquid-matches-sugar', 'liquid-over-sugar',
] as const; // prettier-ignore
export type ClassicalRuleCode = (typeof CLASSICAL_RULE_CODES)[number];

export interface ClassicalRule {
  readonly code: ClassicalRuleCode;
  /** The ratio the rule is about. */
  readonly ratio: number;
  readonly low: number;
  readonly high: number;
  readonly holds: boolean;
}

const HIGH_RATIO: ReadonlySet<string> = new Set(['high_ratio_cake', 'chocolate_cake', 'red_cocoa_cake', 'white_cake']);
const PLAIN: ReadonlySet<string> = new Set([
  'creamed_butter_cake', 'reverse_creamed_cake', 'yellow_cake', 'pound_cake', 'cupcake', 'light_fruit_cake', 'dark_fruit_cake',
]); // prettier-ignore

/** @source leavening.md part B, classical inequalities: warned of, never failed */
const RULES = {
  'sugar-not-over-flour': { low: 0, high: 1.03 },
  'sugar-over-flour': { low: 1.05, high: 1.65 },
  'eggs-carry-fat': { low: 0.95, high: Infinity },
  'liquid-matches-sugar': { low: 0.9, high: 1.5 },
  'liquid-over-sugar': { low: 1.1, high: Infinity },
} as const satisfies Record<ClassicalRuleCode, { low: number; high: number }>;

/** The classical rules that apply to a style, and whether its batter keeps them. None for muffins, loaves, scones and breads. */
export function classicalRules(parts: readonly WeighedPart[], style: Style): readonly ClassicalRule[] {
  const highRatio = HIGH_RATIO.has(style.basedOn);
  if (!highRatio && !PLAIN.has(style.basedOn)) return [];
  const flour = functionalTotals(parts).flour;
  if (!(flour > 0)) return [];
  const sum = (weigh: (part: WeighedPart) => number) => parts.reduce((total, part) => total + weigh(part), 0);
  const sugar = sum(({ ingredient, grams }) =>
    roleOf(ingredient).sweetens ? grams * ingredient.composition.sugars : 0,
  );
  const eggs = sum(({ ingredient, grams }) => grams * roleOf(ingredient).egg);
  const fat = sum(({ ingredient, grams }) => (ingredient.category === 'fat' ? grams : 0));
  const liquid =
    eggs +
    sum(({ ingredient, grams, preparation }) => {
      const role = roleOf(ingredient);
      if (!role.wets || role.egg > 0 || isInclusion(ingredient, preparation)) return 0;
      if (ingredient.category === 'fat' || role.sweetens) return 0;
      return ['fresh fruit', 'fruit puree', 'vegetable'].includes(ingredient.category)
        ? 0.7 * grams * ingredient.composition.water
        : grams;
    });
  const rule = (code: ClassicalRuleCode, part: number, whole: number): readonly ClassicalRule[] => {
    if (!(whole > 0)) return [];
    const { low, high } = RULES[code];
    const ratio = part / whole;
    return [{ code, ratio, low, high, holds: ratio >= low && ratio <= high }];
  };
  return [
    ...rule(highRatio ? 'sugar-over-flour' : 'sugar-not-over-flour', sugar, flour),
    ...rule('eggs-carry-fat', eggs, fat),
    ...rule(highRatio ? 'liquid-over-sugar' : 'liquid-matches-sugar', liquid, sugar),
  ];
}
