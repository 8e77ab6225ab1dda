import { waitingOfStyle } from '../../batter/rising/index.js';
import type { BandVerdict, Style } from '../../batter/balance/index.js';
import { leaveningLedger } from '../../batter/leavening/index.js';
import { bandQuantities, type WeighedPart } from '../../formula/formula/index.js';
import { bisect } from '../../ground/numerics/index.js';
import { ingredientById } from '../../kitchen/ingredients/index.js';
import { batterNow, type BowlLine } from '../weighing/index.js';

/*
 * What can still be saved, at the step where it happened. What grams, gas, acidity and minutes can say is worked out; what is only judged
 * is marked so. @source shared/science/along.md, section 3
 */

export const MISHAPS = ['forgot', 'twice', 'no-more', 'waited', 'oven-off', 'dropped'] as const;
export type MishapKind = (typeof MISHAPS)[number];

/** How far the bake is. */
export type MishapStage = 'weighing' | 'mixed' | 'in-pans' | 'in-oven';
export interface MishapAt {
  readonly stage: MishapStage;
  /** Minutes since it went in; 0 before. */
  readonly minutesIn: number;
}

export type Rescue =
  /** Add what was forgotten now; the bands without it say why. */
  | { readonly code: 'add-now'; readonly id: string; readonly grams: number; readonly gently: boolean }
  /** Too late for it: what the bake will lack. */
  | { readonly code: 'bakes-without'; readonly id: string; readonly outside: readonly BandVerdict[]; readonly gasShare: number } // prettier-ignore
  /** Out again, the thing folded in, back: only in the first minutes. */
  | { readonly code: 'out-and-fold'; readonly id: string; readonly grams: number }
  | { readonly code: 'spoon-out'; readonly id: string; readonly grams: number }
  /** Everything else as many times. */
  | { readonly code: 'make-more'; readonly factor: number; readonly grams: number }
  /** Stretched just so far that what is doubled is within its band again. */
  | { readonly code: 'stretch'; readonly factor: number; readonly grams: number }
  /** So much acid brings the crumb back to where it was; judged: so much of it may be tasted. */
  | { readonly code: 'add-acid'; readonly acidId: string; readonly grams: number; readonly phBefore: number; readonly phAfter: number; readonly tasted: boolean } // prettier-ignore
  | { readonly code: 'begin-again' }
  | { readonly code: 'swap-it'; readonly id: string }
  | { readonly code: 'make-less'; readonly factor: number }
  | { readonly code: 'bake-now'; readonly gasShare: number; readonly bestWithinMinutes: number }
  | { readonly code: 'fewer-pans'; readonly grams: number; readonly pieces: number };

export interface MishapFacts {
  readonly lines: readonly BowlLine[];
  readonly style?: Style;
  readonly at: MishapAt;
  /** Vessels the batter was to fill. */
  readonly pieces: number;
}
export type Mishap =
  | { readonly kind: 'forgot'; readonly id: string }
  | { readonly kind: 'twice'; readonly id: string }
  | { readonly kind: 'no-more'; readonly id: string; readonly haveGrams: number }
  | { readonly kind: 'waited'; readonly minutes: number; readonly celsius?: number }
  | { readonly kind: 'dropped'; readonly leftGrams: number };

/** A batter that has begun to set takes nothing in any more. Judged. */
const STILL_OPEN_MINUTES = 5;
/** Below so much of it a swap or less of everything is asked for. */
const NEARLY_ENOUGH = 0.97;
/** From so much tartaric acid, % of flour, it is tasted. Judged. */
const TASTED_ACID = 1.5;
const HELPING_ACIDS = ['cream-of-tartar', 'lemon-juice'] as const;

const planned = (lines: readonly BowlLine[]): readonly WeighedPart[] =>
  lines.map(({ part, targetGrams }) => ({ ...part, grams: targetGrams }));
const withGrams = (lines: readonly BowlLine[], id: string, grams: number): readonly WeighedPart[] =>
  lines.map((line) => ({ ...line.part, grams: line.id === id ? grams : line.targetGrams }));
const gramsOf = (parts: readonly WeighedPart[]): number => parts.reduce((sum, { grams }) => sum + grams, 0);

const outsideOf = (parts: readonly WeighedPart[], style: Style | undefined): readonly BandVerdict[] =>
  batterNow(parts, style)?.outside ?? [];

/** What can be done, best first; empty where nothing needs to be. */
export function rescuesFor(mishap: Mishap, facts: MishapFacts): readonly Rescue[] {
  switch (mishap.kind) {
    case 'forgot':
      return forgotten(mishap.id, facts);
    case 'twice':
      return doubled(mishap.id, facts);
    case 'no-more':
      return shortOf(mishap.id, mishap.haveGrams, facts);
    case 'waited':
      return waited(mishap.minutes, mishap.celsius, facts);
    case 'dropped':
      return dropped(mishap.leftGrams, facts);
  }
}

function forgotten(id: string, { lines, style, at }: MishapFacts): readonly Rescue[] {
  const line = lines.find((each) => each.id === id);
  if (!line) return [];
  const without = withGrams(lines, id, 0);
  const gas = (parts: readonly WeighedPart[]) => leaveningLedger(parts).gas.millimoles;
  const whole = gas(planned(lines));
  const gasShare = whole > 0 ? gas(without) / whole : 1;
  const lacking: Rescue = { code: 'bakes-without', id, outside: outsideOf(without, style), gasShare };
  const grams = line.targetGrams;
  if (at.stage === 'weighing') return [{ code: 'add-now', id, grams, gently: false }];
  if (at.stage === 'mixed') return [{ code: 'add-now', id, grams, gently: true }, lacking];
  if (at.stage === 'in-pans') return [{ code: 'out-and-fold', id, grams }, lacking];
  return at.minutesIn <= STILL_OPEN_MINUTES ? [{ code: 'out-and-fold', id, grams }, lacking] : [lacking];
}

function doubled(id: string, { lines, style, at }: MishapFacts): readonly Rescue[] {
  const line = lines.find((each) => each.id === id);
  if (!line) return [];
  const twice = withGrams(lines, id, 2 * line.targetGrams);
  const rest = gramsOf(planned(lines));
  if (at.stage === 'in-oven') return [{ code: 'bakes-without', id: '', outside: outsideOf(twice, style), gasShare: 1 }];
  const answers: Rescue[] = [];
  if (at.stage === 'weighing') answers.push({ code: 'spoon-out', id, grams: line.targetGrams });
  answers.push(...stretched(twice, line, { style, grams: rest }), { code: 'make-more', factor: 2, grams: rest });
  if (line.part.ingredient.category === 'leavener') answers.push(...acids(twice, planned(lines)));
  answers.push({ code: 'begin-again' });
  return answers;
}

/** Salt is within its band again once there is more of everything else: less than twice as much of it. */
function stretched(
  twice: readonly WeighedPart[],
  line: BowlLine,
  { style, grams }: { readonly style: Style | undefined; readonly grams: number },
): readonly Rescue[] {
  if (line.part.ingredient.category !== 'salt' || !style) return [];
  const salt = bandQuantities(twice)?.salt;
  const { high } = style.bands.salt;
  if (salt === undefined || !(high > 0)) return [];
  const factor = Math.max(1, salt / high);
  return factor < 1.9 && factor > 1.02 ? [{ code: 'stretch', factor, grams: grams * (factor - 1) }] : [];
}

/** Acid that brings the crumb of `parts` back to the acidity of `aim`, by bisection on the ledger. */
export function acidFor(
  parts: readonly WeighedPart[],
  acidId: string,
  aimPh: number,
): { readonly grams: number; readonly phBefore: number; readonly phAfter: number } | undefined {
  const ingredient = ingredientById(acidId);
  if (!ingredient) return undefined;
  const ph = (grams: number) => leaveningLedger([...parts, { ingredient, grams, preparation: 'none' }]).crumbPh.likely;
  const phBefore = leaveningLedger(parts).crumbPh.likely;
  if (phBefore <= aimPh) return { grams: 0, phBefore, phAfter: phBefore };
  const most = gramsOf(parts);
  if (ph(most) > aimPh) return undefined;
  const grams = bisect((each) => ph(each) - aimPh, 0, most, 0.01).x;
  return { grams, phBefore, phAfter: ph(grams) };
}

function acids(twice: readonly WeighedPart[], aim: readonly WeighedPart[]): readonly Rescue[] {
  const aimPh = leaveningLedger(aim).crumbPh.likely;
  const flour = leaveningLedger(twice).flourGrams;
  return HELPING_ACIDS.flatMap((acidId): readonly Rescue[] => {
    const acid = acidFor(twice, acidId, aimPh);
    if (!acid || acid.grams < 0.1) return [];
    const dry = acidId === 'cream-of-tartar' ? acid.grams : acid.grams * 0.06;
    return [{ code: 'add-acid', acidId, ...acid, tasted: flour > 0 && (100 * dry) / flour > TASTED_ACID }];
  });
}

function shortOf(id: string, haveGrams: number, { lines, at }: MishapFacts): readonly Rescue[] {
  const line = lines.find((each) => each.id === id);
  if (!line || haveGrams >= NEARLY_ENOUGH * line.targetGrams) return [];
  const factor = haveGrams / line.targetGrams;
  // what is in the bowl already cannot be made less
  const most = Math.max(0, ...lines.map(({ inBowlGrams, targetGrams }) => (targetGrams > 0 ? inBowlGrams / targetGrams : 0))); // prettier-ignore
  const swap: Rescue = { code: 'swap-it', id };
  return factor > 0.2 && at.stage === 'weighing' && most <= factor + 0.02 ? [swap, { code: 'make-less', factor }] : [swap]; // prettier-ignore
}

function waited(minutes: number, celsius: number | undefined, { lines, style }: MishapFacts): readonly Rescue[] {
  const waiting = waitingOfStyle(leaveningLedger(planned(lines)), style?.basedOn, celsius);
  return [{ code: 'bake-now', gasShare: waiting.usableShare(minutes), bestWithinMinutes: waiting.adviceMinutes }];
}

/** What is left of the batter fills fewer pans as they were to be filled. */
function dropped(leftGrams: number, { lines, pieces }: MishapFacts): readonly Rescue[] {
  const whole = gramsOf(planned(lines));
  const left = Math.floor((pieces * leftGrams) / whole + 0.15);
  return left >= 1 && pieces > 1
    ? [{ code: 'fewer-pans', grams: leftGrams, pieces: Math.min(pieces, left) }, { code: 'begin-again' }]
    : [{ code: 'begin-again' }];
}
