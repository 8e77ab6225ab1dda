import type { BandVerdict, Style } from '../../batter/balance/index.js';
import type { WeighedPart } from '../../formula/formula/index.js';
import { roleOf, type Ingredient } from '../../kitchen/ingredients/index.js';
import { batterNow, HELD, type BatterNow } from './batter-now.js';

/*
 * Too much of one thing in the bowl. Up to four answers, each worked out: take it out again, make all of it bigger, give one or two other
 * lines a little more or less, or leave it. How far an answer is from the formula as planned is told in half bands of its style: 1 is
 * from the middle of a band to its edge, and from 0.5 on it is noticed.
 * @source shared/science/along.md, section 3
 */

/** A line of the batter as it stands in the bowl. */
export interface BowlLine {
  readonly id: string;
  readonly part: Omit<WeighedPart, 'grams'>;
  readonly targetGrams: number;
  readonly inBowlGrams: number;
  /** There is no more of it. */
  readonly fixed?: boolean;
}

export type OverPourCode = 'take-out' | 'scale' | 'compensate' | 'leave';

/** What becomes of a line, against what was planned. */
export interface LineChange {
  readonly id: string;
  readonly grams: number;
  /** Still to be poured, g. */
  readonly pourGrams: number;
}
export interface OverPourAnswer {
  readonly code: OverPourCode;
  /** What each line ends as, g, by its id. */
  readonly finalGrams: Readonly<Record<string, number>>;
  readonly changes: readonly LineChange[];
  readonly batterGrams: number;
  /** From the formula as planned, in half bands. */
  readonly deviation: number;
  /** What the plan had within its band, and this has not. */
  readonly outside: readonly BandVerdict[];
  /** Of `take-out`: what the spoon takes, and of that what is the thing itself. */
  readonly spoonGrams?: number;
  readonly purity?: number;
  /** Of `scale`. */
  readonly factor?: number;
}

export interface OverPour {
  readonly lines: readonly BowlLine[];
  /** The line there is too much of. */
  readonly id: string;
  readonly style: Style | undefined;
  /** It has been stirred in. */
  readonly mixed: boolean;
}

/** From here a difference is noticed. */
export const NOTICED = 0.5;
/** Lying on top of the others, a spoon takes a tenth of them with it. Judged. */
const ON_TOP_PURITY = 0.9;
const WORTH_SPOONING = 0.8;
/** A line may be moved by so much of its target. */
const REACH = 0.25;
const UNITS = { sugar: 8, fat: 5, egg: 6, water: 5, salt: 0.3 } as const;
const GAS_UNIT = 0.25;
const PH_UNIT = 0.25;
/** A change is told from this on, g. */
const TOLD_GRAMS = 0.05;

/** One half band of each quantity. */
function unitsOf(style: Style | undefined): readonly number[] {
  const half = (band: { readonly low: number; readonly high: number } | undefined, usual: number) => {
    const width = band ? (band.high - band.low) / 2 : 0;
    return width > 0 ? width : usual;
  };
  return [
    ...HELD.map((quantity) => half(style?.bands[quantity], UNITS[quantity])),
    half(style?.bands.gas, GAS_UNIT),
    half(style?.bands['crumb-ph'], PH_UNIT),
  ];
}

const squares = (values: readonly number[]): number => values.reduce((sum, value) => sum + value * value, 0);

/** Everything that an answer is weighed with. */
class Bowl {
  readonly lines;
  readonly at: number;
  /** Everything to its target, and what is over left. */
  readonly left: readonly number[];
  private readonly units;
  private readonly aim;

  constructor(readonly over: OverPour) {
    this.lines = over.lines;
    this.at = this.lines.findIndex(({ id }) => id === over.id);
    this.left = this.lines.map(({ targetGrams, inBowlGrams }) => Math.max(targetGrams, inBowlGrams));
    this.units = unitsOf(over.style);
    this.aim = this.now(this.lines.map(({ targetGrams }) => targetGrams));
  }

  now(grams: readonly number[]): BatterNow | undefined {
    return batterNow(
      this.lines.map(({ part }, i) => ({ ...part, grams: grams[i] ?? 0 })),
      this.over.style,
    );
  }
  /** Each quantity's distance from the plan, half bands. */
  distances(grams: readonly number[]): readonly number[] {
    const now = this.now(grams);
    const { aim } = this;
    if (!now || !aim) return [];
    return now.values.map((value, i) => (value - (aim.values[i] ?? 0)) / (this.units[i] ?? 1));
  }
  answer(code: OverPourCode, grams: readonly number[], more: Partial<OverPourAnswer> = {}): OverPourAnswer {
    const now = this.now(grams);
    return {
      code,
      finalGrams: Object.fromEntries(this.lines.map(({ id }, i) => [id, grams[i] ?? 0])),
      changes: this.lines.flatMap(({ id, targetGrams, inBowlGrams }, i): readonly LineChange[] => {
        const final = grams[i] ?? 0;
        if (Math.abs(final - targetGrams) <= TOLD_GRAMS) return [];
        return [{ id, grams: final - targetGrams, pourGrams: Math.max(0, final - inBowlGrams) }];
      }),
      batterGrams: now?.grams ?? grams.reduce((sum, each) => sum + each, 0),
      deviation: Math.sqrt(squares(this.distances(grams))),
      outside: (now?.outside ?? []).filter(
        ({ quantity }) => !this.aim?.outside.some((planned) => planned.quantity === quantity),
      ),
      ...more,
    };
  }
}

/** What there is to do about it, cheapest first; nothing where it is not too much. */
export function overPourAnswers(over: OverPour): readonly OverPourAnswer[] {
  const bowl = new Bowl(over);
  const line = bowl.lines[bowl.at];
  if (!line || !(line.inBowlGrams > line.targetGrams)) return [];
  const answers = [takenOut(bowl, line), scaled(bowl), compensated(bowl), bowl.answer('leave', bowl.left)];
  const hands: Readonly<Record<OverPourCode, number>> = { leave: 0, 'take-out': 1, compensate: 2, scale: 3 };
  return answers
    .flatMap((answer) => answer ?? [])
    .sort(
      (a, b) =>
        a.outside.length - b.outside.length ||
        Number(a.deviation > NOTICED) - Number(b.deviation > NOTICED) ||
        hands[a.code] - hands[b.code],
    );
}

/** With a spoon, while it still lies apart. What is carried off of the others is weighed in again. */
function takenOut(bowl: Bowl, { inBowlGrams, targetGrams }: BowlLine): OverPourAnswer | undefined {
  const under = bowl.lines.reduce((sum, line, i) => sum + (i === bowl.at ? 0 : line.inBowlGrams), 0);
  const stirred = inBowlGrams / (inBowlGrams + under);
  const purity = under === 0 ? 1 : bowl.over.mixed ? stirred : ON_TOP_PURITY;
  if (purity < WORTH_SPOONING) return undefined;
  const grams = bowl.left.map((each, i) => (i === bowl.at ? targetGrams : each));
  return bowl.answer('take-out', grams, { purity, spoonGrams: (inBowlGrams - targetGrams) / purity });
}

/** All of it bigger: the proportions are kept exactly. */
function scaled(bowl: Bowl): OverPourAnswer | undefined {
  const factor = Math.max(
    1,
    ...bowl.lines.map(({ targetGrams, inBowlGrams }) => (targetGrams > 0 ? inBowlGrams / targetGrams : 1)),
  );
  const stuck = bowl.lines.some(
    ({ fixed, targetGrams, inBowlGrams }) => fixed === true && inBowlGrams < factor * targetGrams - TOLD_GRAMS,
  );
  if (stuck) return undefined;
  return bowl.answer(
    'scale',
    bowl.lines.map(({ targetGrams }) => factor * targetGrams),
    { factor },
  );
}

/** A change of a line by a tenth weighs so much against a half band. */
const CHANGE_WEIGHT = 1.5;
/** One line must help by so much of what leaving costs, a second by so much more. */
const ONE_HELPS = 0.8;
const SECOND_HELPS = 0.7;
/** Of two ways alike, the one with fewer lines. */
const EACH_LINE = 0.05;

interface Compensation {
  readonly moved: readonly number[];
  readonly grams: readonly number[];
  readonly value: number;
}

/** One flour for another is sound in grams and odd in words. */
const doesTheSame = (one: Ingredient, other: Ingredient): boolean =>
  one.category === other.category || (roleOf(one).flour > 0.5 && roleOf(other).flour > 0.5);

/** One or two other lines, by the least change: those of the same function are not asked to make room for one another. */
function compensated(bowl: Bowl): OverPourAnswer | undefined {
  const over = bowl.lines[bowl.at];
  const free = bowl.lines.flatMap(({ targetGrams, fixed, part }, i) =>
    i === bowl.at || targetGrams <= 0 || fixed === true || (over && doesTheSame(part.ingredient, over.part.ingredient))
      ? []
      : [i],
  );
  const none = squares(bowl.distances(bowl.left));
  const singles = free
    .map((i) => leastChange(bowl, [i]))
    .filter(({ value }) => value < ONE_HELPS * none)
    .sort((a, b) => a.value - b.value);
  const [best] = singles;
  if (!best) return undefined;
  const pairs = singles.slice(0, 3).flatMap(({ moved: [first = 0] }) =>
    free.flatMap((second) => {
      if (second === first) return [];
      const pair = leastChange(bowl, [first, second]);
      return pair.value < SECOND_HELPS * best.value ? [pair] : [];
    }),
  );
  const cost = ({ value, moved }: Compensation) => value + EACH_LINE * moved.length;
  const chosen = [...singles, ...pairs].reduce((a, b) => (cost(b) < cost(a) ? b : a));
  const answer = bowl.answer('compensate', chosen.grams);
  // a change too small to be weighed is none
  return answer.changes.some(({ id }) => id !== bowl.over.id) ? answer : undefined;
}

const MOST_STEPS = 6;
const SHORTEST_STEP = 0.05;

/** Gauss–Newton over the grams of one or two lines, within their reach and never below what is in the bowl. */
function leastChange(bowl: Bowl, moved: readonly number[]): Compensation {
  const bounded = (shifts: readonly number[]) =>
    bowl.left.map((grams, i) => {
      const nth = moved.indexOf(i);
      const line = bowl.lines[i];
      if (nth < 0 || !line) return grams;
      const least = Math.max(line.inBowlGrams, line.targetGrams * (1 - REACH));
      return Math.min(line.targetGrams * (1 + REACH), Math.max(least, grams + (shifts[nth] ?? 0)));
    });
  const residuals = (grams: readonly number[]) => [
    ...bowl.distances(grams),
    ...moved.map(
      (i) => (CHANGE_WEIGHT * ((grams[i] ?? 0) - (bowl.left[i] ?? 0))) / Math.max(bowl.lines[i]?.targetGrams ?? 1, 1),
    ),
  ];
  let grams: readonly number[] = bowl.left;
  let now = residuals(grams);
  for (let step = 0; step < MOST_STEPS; step++) {
    const shifts = moved.map((i) => (grams[i] ?? 0) - (bowl.left[i] ?? 0));
    const slopes = moved.map((i, nth) => {
      const small = Math.max(0.2, 0.01 * (bowl.lines[i]?.targetGrams ?? 1));
      const there = residuals(bounded(shifts.map((shift, k) => shift + (k === nth ? small : 0))));
      return there.map((value, k) => (value - (now[k] ?? 0)) / small);
    });
    const moves = solvedNormal(slopes, now);
    let better: readonly number[] | undefined;
    for (let share = 1; share > SHORTEST_STEP && !better; share /= 2) {
      const tried = bounded(shifts.map((shift, k) => shift + share * (moves[k] ?? 0)));
      const there = residuals(tried);
      if (squares(there) < squares(now) - 1e-9) {
        better = tried;
        now = there;
      }
    }
    if (!better) break;
    grams = better;
  }
  return { moved, grams, value: squares(now) };
}

/** The step of least squares for one or two unknowns. */
function solvedNormal(slopes: readonly (readonly number[])[], now: readonly number[]): readonly number[] {
  const dot = (a: readonly number[] = [], b: readonly number[] = []) =>
    a.reduce((sum, value, k) => sum + value * (b[k] ?? 0), 0);
  const [first, second] = slopes;
  const aa = dot(first, first) + 1e-9;
  const ga = -dot(first, now);
  if (!second) return [ga / aa];
  const bb = dot(second, second) + 1e-9;
  const ab = dot(first, second);
  const gb = -dot(second, now);
  const det = aa * bb - ab * ab || 1e-12;
  return [(ga * bb - gb * ab) / det, (gb * aa - ga * ab) / det];
}
