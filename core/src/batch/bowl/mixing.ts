import { DomainError } from '../../ground/errors/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { normalise, stepsOfBatter } from '../../formula/parsing/index.js';

/** Ways to bring a batter together that differ in what they ask of a bowl. */
export const MIXING_FAMILIES = [
  'creaming',
  'paste',
  'whisked',
  'muffin',
  'one-bowl',
  'melt',
  'rub-in',
  'by-hand',
] as const;
export type MixingFamily = (typeof MIXING_FAMILIES)[number];

export type Overmixing = 'low' | 'some' | 'high';

interface FamilyFacts {
  /** Share of the bowl that the finished batter may take: the rest is for what flies, folds and grows. */
  readonly bowlShare: number;
  /** Whether a machine turns it, so that its flour limit counts. */
  readonly machine: boolean;
  /** Flour that two hands still bring together evenly, g; absent where a machine does. */
  readonly handFlourGrams?: number;
  /** What a doubled bowl risks: longer stirring until the last flour is wet. */
  readonly doubled: Overmixing;
}

/** @source judged on the methods as they are taught; the flour limits are those of common bowls, not measured */
export const FAMILY_FACTS: Readonly<Record<MixingFamily, FamilyFacts>> = {
  creaming: { bowlShare: 0.5, machine: true, doubled: 'low' },
  paste: { bowlShare: 0.5, machine: true, doubled: 'low' },
  whisked: { bowlShare: 0.4, machine: true, doubled: 'some' },
  muffin: { bowlShare: 0.6, machine: false, handFlourGrams: 900, doubled: 'high' },
  'one-bowl': { bowlShare: 0.55, machine: true, doubled: 'some' },
  melt: { bowlShare: 0.65, machine: false, handFlourGrams: 1200, doubled: 'some' },
  'rub-in': { bowlShare: 0.5, machine: false, handFlourGrams: 800, doubled: 'high' },
  'by-hand': { bowlShare: 0.6, machine: false, handFlourGrams: 1200, doubled: 'some' },
};

/** First word that fits decides; the words are those of the style table's mixing_method. */
const FAMILY_WORDS: readonly (readonly [RegExp, MixingFamily])[] = [
  [/rub|cold fat|cut in/i, 'rub-in'],
  [/quick mix/i, 'by-hand'],
  [/muffin/i, 'muffin'],
  [/whisk/i, 'whisked'],
  [/paste|two-stage/i, 'paste'],
  [/melt/i, 'melt'],
  [/one[- ]bowl|all-in-one/i, 'one-bowl'],
  [/cream/i, 'creaming'],
];
/** What a written method says outright, before its style is asked. */
const SAID_BY_METHOD: readonly (readonly [RegExp, MixingFamily])[] = [
  [
    /\brub(?:bed|bing)?\b(?! (?:the )?(?:(?:lemon|orange|lime|citrus|grated) )*(?:zest|rind|peel))[^.;]*\b(?:in|into|crumbs)\b|\bcut (?:in )?the (?:cold )?(?:butter|fat)\b/i,
    'rub-in',
  ],
  [/\bcream(?:ed|ing)?\s+(?:the|together|(?:unsalted |salted |soft )?butter|until|in)\b/i, 'creaming'],
  // "Add the butter and beat until fluffy", "beat the butter and sugar until pale"
  [
    /\bbutter\b(?![^.;]*\bmelt)[^.;]{0,40}\bbeat\b[^.;]{0,40}\b(?:fluffy|pale|creamy)\b|\bbeat\b[^.;]{0,30}\bbutter\b[^.;]{0,60}\b(?:fluffy|pale|creamy|light)\b/i,
    'creaming',
  ],
  // "Boil the fruit, butter and sugar", "melt the syrup, treacle and butter": not "the melted butter", which a topping may be of too
  [/\b(?:boil|simmer)\b[^.;]{0,80}\bbutter\b/i, 'melt'],
  [/\bmelt\b(?=[^.;]{0,80}\bbutter\b)(?=[^.;]{0,80}\b(?:sugar|syrup|treacle|honey|molasses)\b)/i, 'melt'],
];

/**
 * @param mixingMethod as the style table has it; '' where no style is told
 * @param steps the written method, if there is one: it knows better than the style
 */
export const mixingFamily = (mixingMethod: string, steps = ''): MixingFamily =>
  SAID_BY_METHOD.find(([words]) => words.test(steps))?.[1] ??
  FAMILY_WORDS.find(([words]) => words.test(mixingMethod))?.[1] ??
  'one-bowl';

/** How a formula is mixed, by what its steps say of the batter. */
export const familyOfFormula = (formula: Formula, mixingMethod = ''): MixingFamily =>
  mixingFamily(mixingMethod, normalise(stepsOfBatter(formula)));

export interface MixingPlan {
  readonly family: MixingFamily;
  /** Bowls to mix, one after the other. */
  readonly goes: number;
  readonly gramsEachGo: number;
  /** What makes more than one go necessary, or wise. */
  readonly because: 'bowl' | 'mixer' | 'hands' | 'overmixing' | undefined;
  /** Share of the bowl that one go takes, raw. */
  readonly bowlShare: number;
  /** What one go of this size risks, by its method. */
  readonly overmixing: Overmixing;
}

/** From here on a bowl is a doubled one. */
const DOUBLED = 1.75;

/**
 * In how many goes a batch is mixed.
 * @param factor of the formula that the batch is
 * @param school 'double' fills the bowl, 'mix-twice' never mixes more than the formula at once
 */
export function mixingPlan(
  batch: {
    readonly grams: number;
    readonly flourGrams: number;
    readonly factor: number;
    readonly gramsPerMillilitre: number;
  },
  family: MixingFamily,
  mixer: { readonly bowlLitres: number; readonly mostFlourGrams: number },
  school: 'double' | 'mix-twice' = 'double',
): MixingPlan {
  const { grams, flourGrams, factor, gramsPerMillilitre } = batch;
  if (!(grams > 0)) throw new DomainError('mixingPlan', 'grams', grams, 'more than 0');
  const facts = FAMILY_FACTS[family];
  const litres = grams / gramsPerMillilitre / 1000;
  const most = facts.machine ? mixer.mostFlourGrams : (facts.handFlourGrams ?? mixer.mostFlourGrams);
  const needs = [
    { because: 'bowl' as const, goes: Math.ceil(litres / (mixer.bowlLitres * facts.bowlShare) - 1e-9) },
    { because: facts.machine ? ('mixer' as const) : ('hands' as const), goes: Math.ceil(flourGrams / most - 1e-9) },
    { because: 'overmixing' as const, goes: school === 'mix-twice' ? Math.ceil(factor - 0.05) : 1 },
  ];
  const decisive = needs.reduce((worst, need) => (need.goes > worst.goes ? need : worst));
  const goes = Math.max(1, decisive.goes);
  const each = factor / goes;
  return {
    family,
    goes,
    gramsEachGo: grams / goes,
    because: goes > 1 ? decisive.because : undefined,
    bowlShare: litres / goes / mixer.bowlLitres,
    overmixing: each >= DOUBLED ? facts.doubled : 'low',
  };
}
