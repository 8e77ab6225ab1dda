import { auditFormula, type Audit } from '../../bench/audit/index.js';
import type { Formula } from '../../formula/formula/index.js';
import type { Surroundings } from '../../formula/parsing/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import type { BakeFacts } from './facts.js';
import { FORMULA_CHANGES } from './formula-changes.js';
import { causeById, type Cause } from './network.js';

/*
 * What to change next time, with its amount worked out for this formula: one change, the smallest that takes the cause away. Where it
 * belongs to the formula it comes as the formula changed, so that the Bench can show it and a version can keep it; where it belongs to oven,
 * pans or method it comes as figures.
 */

export interface MovedAmount {
  readonly ingredient: Ingredient;
  readonly before: number;
  readonly after: number;
}
export interface NextTime {
  readonly cause: Cause;
  /** The formula with the change, where the change is one of the formula. */
  readonly formula?: Formula;
  /** Grams that move: what was there first, by how much of itself it moves. */
  readonly moved: readonly MovedAmount[];
  /** Figures of a change outside the formula: °C to set, minutes, share of what goes into the pan. */
  readonly celsius?: number;
  readonly minutes?: number;
  readonly share?: number;
}

/** What is known of the bake that a change follows from. */
export interface OfThatBake {
  readonly facts: BakeFacts;
  readonly celsius?: number;
  readonly outMinutes?: number;
}

/** Less than this is nothing that moved. */
const MOVED = 0.02;
/** By how much an amount moves, whichever way. */
const swing = ({ before, after }: MovedAmount) => Math.abs(Math.log((after + 0.1) / (before + 0.1)));
/** What was there before what comes in, and of each the largest move first. */
function movedBetween(before: Audit, after: Audit): readonly MovedAmount[] {
  const gramsOf = ({ weighed }: Audit) => {
    const grams = new Map<Ingredient, number>();
    for (const part of weighed.batter) grams.set(part.ingredient, (grams.get(part.ingredient) ?? 0) + part.grams);
    return grams;
  };
  const [were, are] = [gramsOf(before), gramsOf(after)];
  return [...new Set([...were.keys(), ...are.keys()])]
    .map((ingredient) => ({ ingredient, before: were.get(ingredient) ?? 0, after: are.get(ingredient) ?? 0 }))
    .filter((line) => Math.abs(line.after - line.before) > MOVED * Math.max(line.after, line.before))
    .sort((one, other) => Number(other.before > 0) - Number(one.before > 0) || swing(other) - swing(one));
} // prettier-ignore

/** How much longer a core takes for each degree that it lacks, a share of the bake. @source heat model, near the end of loaves and rounds: judged */
const LONGER_A_DEGREE = 0.012;
const FAN_CELSIUS = 20;
const PALE_PAN = 10;
const DARK_PAN = -12;
const FIVE = 5;
const LOOK_FROM = 0.65;
const wholeFives = (celsius: number) => FIVE * Math.round(celsius / FIVE);

function inFigures(cause: Cause, { facts, celsius, outMinutes }: OfThatBake, audit: Audit): Pick<NextTime, 'celsius' | 'minutes' | 'share'> {
  const set = (by: number) => (celsius === undefined ? {} : { celsius: wholeFives(celsius + by) });
  const core = audit.style?.doneCoreCelsius.typical;
  switch (cause.edit) {
    case 'bake-longer': {
      const byCore = core === undefined || facts.coreAtOut === undefined ? 0 : Math.max(0, core - facts.coreAtOut) * LONGER_A_DEGREE;
      const bySaid = Math.max(0, -(facts.minutesOver ?? 0) / 100);
      return outMinutes === undefined ? {} : { minutes: Math.round(outMinutes * (1 + Math.max(byCore, bySaid / (1 - Math.min(0.5, bySaid)), 0.05))) };
    }
    case 'bake-shorter':
      return outMinutes === undefined ? {} : { minutes: Math.round(outMinutes / Math.max(1.05, 1 + (facts.minutesOver ?? 0) / 100)) };
    case 'use-learned-offset':
      return facts.ovenError === undefined ? {} : set(-facts.ovenError);
    case 'fan-set-point':
      return set(-FAN_CELSIUS);
    case 'pan-set-point':
      return set(cause.id === 'pale_pan' ? PALE_PAN : DARK_PAN);
    case 'first-check':
      return outMinutes === undefined ? {} : { minutes: Math.round(LOOK_FROM * outMinutes) };
    case 'fewer-grams-per-pan':
    case 'smaller-pan': {
      const most = audit.style?.fillMost ?? 0;
      return facts.fill ? { share: most / facts.fill } : {};
    }
    default:
      return {};
  }
} // prettier-ignore

/** The change for a cause, with its amounts. Undefined where no such cause is known. */
export function nextTime(
  causeId: string,
  formula: Formula,
  around: Surroundings,
  newId: () => string,
  bake: OfThatBake = { facts: {} },
  audit: Audit = auditFormula(formula, around),
): NextTime | undefined {
  const cause = causeById(causeId);
  if (!cause) return undefined;
  const changed = FORMULA_CHANGES[causeId]?.({ formula, audit, around, newId });
  const moved = changed ? movedBetween(audit, auditFormula(changed, around)) : [];
  const kept = changed && (moved.length > 0 || causeId === 'flour_heavy') ? { formula: changed } : {};
  return { cause, ...kept, moved, ...inFigures(cause, bake, audit) };
}
