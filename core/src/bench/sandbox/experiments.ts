import type { WeighedPart } from '../../formula/formula/index.js';
import { roleOf } from '../../kitchen/ingredients/index.js';
import { behaviourOf } from '../../batter/rising/index.js';
import type { Style } from '../../batter/balance/index.js';
import type { Knobs, TriedOut } from './try-out.js';

/** Guided experiments: a question first, then the knob is turned and the model answers. */
export const EXPERIMENTS = [
  'double-the-powder', 'leave-out-the-acid', 'all-wholemeal', 'melted-not-creamed', 'half-the-sugar', 'soda-for-powder', 'wait-half-an-hour', 'one-egg-more',
] as const; // prettier-ignore
export type ExperimentId = (typeof EXPERIMENTS)[number];

/** What an answer may be: which way a reading went. */
export type Answer = 'up' | 'same' | 'down';

/** The reading that an experiment asks about. */
export type Asked = 'height' | 'crumbPh' | 'moistness' | 'crust' | 'toughness' | 'usableGas';

export interface Experiment {
  readonly id: ExperimentId;
  readonly asks: Asked;
  /** A change smaller than this share, or this many pH units, counts as the same. */
  readonly same: number;
  /** Whether it says anything about such a batter. */
  applies(parts: readonly WeighedPart[], knobs: Knobs, style: Style): boolean;
  turn(knobs: Knobs): Knobs;
}

const SOUR =
  /buttermilk|yogurt|sour-cream|vinegar|lemon|kefir|treacle|molasses|soured|passion|rhubarb|pear|banana|apple/;
const POWDER_PER_SODA = 3.8;

const TABLE: Readonly<Record<ExperimentId, Omit<Experiment, 'id'>>> = {
  'double-the-powder': { asks: 'height', same: 0.04, applies: (_, knobs) => knobs.powderGrams > 0.5, turn: (knobs) => ({ ...knobs, powderGrams: 2 * knobs.powderGrams }) },
  'leave-out-the-acid': { asks: 'crumbPh', same: 0.15, applies: (parts, knobs) => knobs.sodaGrams > 0.3 && parts.some(({ ingredient }) => SOUR.test(ingredient.behavesAs)), turn: (knobs) => ({ ...knobs, liquid: 0.05 }) },
  'all-wholemeal': { asks: 'moistness', same: 0.03, applies: (parts, knobs) => knobs.wholeGrain < 0.7 && parts.some(({ ingredient }) => roleOf(ingredient).flour > 0), turn: (knobs) => ({ ...knobs, wholeGrain: 1 }) },
  'melted-not-creamed': { asks: 'height', same: 0.04, applies: (_, _knobs, style) => behaviourOf(style.basedOn).creamed, turn: (knobs) => ({ ...knobs, melted: true }) },
  'half-the-sugar': { asks: 'crust', same: 0.05, applies: (parts) => parts.some(({ ingredient, grams }) => ingredient.category === 'sugar' && grams > 40), turn: (knobs) => ({ ...knobs, sugar: 0.5 * knobs.sugar }) },
  'soda-for-powder': { asks: 'crumbPh', same: 0.15, applies: (_, knobs) => knobs.powderGrams > 3, turn: (knobs) => ({ ...knobs, powderGrams: 0, sodaGrams: knobs.sodaGrams + knobs.powderGrams / POWDER_PER_SODA }) },
  'wait-half-an-hour': { asks: 'usableGas', same: 0.05, applies: (_, knobs) => knobs.powderGrams + knobs.sodaGrams > 0.5, turn: (knobs) => ({ ...knobs, waitMinutes: 30 }) },
  'one-egg-more': { asks: 'toughness', same: 0.03, applies: (parts) => parts.some(({ ingredient, grams }) => roleOf(ingredient).egg > 0 && grams < 220), turn: (knobs) => ({ ...knobs, egg: 1.5 * knobs.egg }) },
}; // prettier-ignore

export const experimentOf = (id: ExperimentId): Experiment => ({ id, ...TABLE[id] });

/** The experiments that say something about a batter. */
export const experimentsFor = (parts: readonly WeighedPart[], knobs: Knobs, style: Style): readonly Experiment[] =>
  EXPERIMENTS.map(experimentOf).filter((experiment) => experiment.applies(parts, knobs, style));

const valueOf = (tried: TriedOut, asked: Asked): number =>
  ({
    height: tried.section.middle,
    crumbPh: tried.crumbPh,
    moistness: tried.moistness,
    crust: tried.section.crust,
    toughness: tried.section.toughness,
    usableGas: tried.usableGasShare,
  })[asked];

export interface Answered {
  readonly answer: Answer;
  readonly before: number;
  readonly after: number;
}

/** What really happens, by the model. pH is compared in units, the rest in shares. */
export function answerOf({ asks, same }: Experiment, before: TriedOut, after: TriedOut): Answered {
  const [was, is] = [valueOf(before, asks), valueOf(after, asks)];
  const change = asks === 'crumbPh' ? is - was : is / Math.max(was, 1e-9) - 1;
  return { answer: change > same ? 'up' : change < -same ? 'down' : 'same', before: was, after: is };
}
