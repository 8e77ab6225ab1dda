import { DomainError } from '../../ground/errors/index.js';

/** How much of a formula is wanted. */
export type Target =
  | { readonly kind: 'factor'; readonly times: number }
  /** Pieces or portions, of so many that the formula makes. */
  | { readonly kind: 'pieces'; readonly count: number; readonly madeNow: number }
  | { readonly kind: 'grams'; readonly grams: number }
  /** What there is of the ingredient that limits, of so much in the formula. */
  | { readonly kind: 'limit'; readonly grams: number; readonly gramsNow: number }
  /** Millilitres of all pans to the brim, filled so far. */
  | {
      readonly kind: 'pans';
      readonly brimMillilitres: number;
      readonly fill: number;
      readonly gramsPerMillilitre: number;
    };

/** From a spoonful to a canteen's sack; beyond that somebody mistyped. */
const LEAST_GRAMS = 20;
const MOST_GRAMS = 1_000_000;

/**
 * By what a formula is multiplied.
 * @param batterGrams of the formula as it stands; more than 0
 * @throws DomainError for a target that is nothing, or a batch that no kitchen mixes
 */
export function factorFor(target: Target, batterGrams: number): number {
  const factor = ((): number => {
    switch (target.kind) {
      case 'factor':
        return target.times;
      case 'pieces':
        return target.count / target.madeNow;
      case 'grams':
        return target.grams / batterGrams;
      case 'limit':
        return target.grams / target.gramsNow;
      case 'pans':
        return (target.brimMillilitres * target.fill * target.gramsPerMillilitre) / batterGrams;
    }
  })();
  if (!(factor > 0) || !Number.isFinite(factor)) throw new DomainError('factorFor', target.kind, factor, 'more than 0');
  const grams = factor * batterGrams;
  if (!(grams >= LEAST_GRAMS && grams <= MOST_GRAMS))
    throw new DomainError('factorFor', 'batter, g', Math.round(grams), `${LEAST_GRAMS} to ${MOST_GRAMS}`);
  return factor;
}

/** What does not go straight with the size of a batch: codes of sentences in the command line and on the sheet. */
export const SCALING_NOTES = [
  'mix-in-goes',
  'spices-to-taste',
  'bake-time-changes',
  'leavener-advice',
  'tiny-batch',
  'soak-evaporates',
  'mix-by-look',
] as const;
export type ScalingNote = (typeof SCALING_NOTES)[number];

/**
 * A batch so much larger or smaller than the formula that these are worth saying.
 * @param boils whether a soak or a syrup of it is boiled down
 */
export function scalingNotes(
  factor: number,
  batterGrams: number,
  mixerMostFlourGrams: number,
  flourGrams: number,
  boils = false,
): readonly ScalingNote[] {
  return [
    ...(flourGrams * factor > mixerMostFlourGrams ? (['mix-in-goes'] as const) : []),
    ...(factor >= 2.5 ? (['spices-to-taste', 'leavener-advice'] as const) : []),
    ...(factor > 1.25 || factor < 0.8 ? (['bake-time-changes'] as const) : []),
    ...(batterGrams * factor < 150 ? (['tiny-batch'] as const) : []),
    ...(factor >= 1.5 || factor <= 0.6 ? (['mix-by-look'] as const) : []),
    ...(boils && factor >= 2 ? (['soak-evaporates'] as const) : []),
  ];
}
