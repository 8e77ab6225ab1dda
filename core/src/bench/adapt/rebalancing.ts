import type { Audit } from '../audit/index.js';
import type { Style } from '../../batter/balance/index.js';
import { lineOf, type Formula } from '../../formula/formula/index.js';
import { shortIngredientName } from '../../kitchen/ingredients/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import { rebalance, type MovedLine, type Rebalanced } from '../rebalance/index.js';
import { readHave, type Had } from '../open-lines/index.js';
import { lineIdOf, mayComeIn, openLines, usualPowderId } from '../open-lines/index.js';
import { renameInSteps, rewrite, type Addition } from './rewrite.js';
import { withStandIns, type StandIn } from './standing-in.js';

export interface RebalanceWish {
  readonly style: Style;
  /** Ids of lines that are held. */
  readonly locked: ReadonlySet<string>;
  /** What there is, in words; '' sets no limit. */
  readonly have: string;
  /** Ids of what is at hand to stand in; absent allows everything. */
  readonly cupboard?: ReadonlySet<string>;
}

export interface Proposal extends Rebalanced {
  readonly had: Had;
  /** What came in for what there is none of. */
  readonly standIns: readonly StandIn[];
}

/** The fewest and smallest changes of a formula that bring it into the bands of a style. */
export function proposeRebalance(
  formula: Formula,
  audit: Audit,
  kitchen: Kitchen,
  { style, locked, have, cupboard }: RebalanceWish,
): Proposal {
  const lines = openLines(formula, audit, kitchen, locked);
  const had = readHave(have, lines, { region: formula.region, kitchen });
  const standing = withStandIns(lines, had.limits, {
    style,
    powderId: usualPowderId(formula.region),
    ...(cupboard && { cupboard }),
  });
  const open = [...standing.lines, ...mayComeIn(standing.lines, formula.region)];
  return { ...rebalance(open, style, had.limits), had, standIns: standing.standIns };
}

export const isMoved = ({ before, after }: MovedLine): boolean =>
  Math.abs(after - before) > 0.005 * Math.max(before, 0.2);

/**
 * A formula with all or some of the proposed changes taken: amounts, what comes in, and what the method calls what stands in.
 * @param standIns of the proposal; those whose line is not among the changes are left alone
 */
export function takeChanges(
  formula: Formula,
  lines: readonly MovedLine[],
  standIns: readonly StandIn[],
  kitchen: Kitchen,
  newId: () => string,
): Formula {
  const moved = lines.filter(isMoved);
  const last = formula.components[0]?.lines.at(-1)?.id;
  const amounts = rewrite(
    formula,
    moved.filter(({ isNew }) => !isNew).map(({ id, after }) => ({ lineId: lineIdOf(id), grams: after })),
    moved
      .filter(({ isNew }) => isNew)
      .map(({ ingredient, after, insteadOf = last }): Addition => ({
        ingredientId: ingredient.id,
        grams: after,
        ...(insteadOf !== undefined && { behindLineId: lineIdOf(insteadOf) }),
      })),
    kitchen,
    newId,
  );
  return standIns.reduce((result, { lineId, missing, with: instead }) => {
    const line = moved.find(({ id }) => id === lineId);
    const read = lineOf(formula, lineIdOf(lineId))?.text ?? '';
    const names = instead.map((ingredient) => shortIngredientName(ingredient, formula.region));
    return line ? renameInSteps(result, missing, read, names, line.after > 0) : result;
  }, amounts);
}
