import type { Audit } from '../audit/index.js';
import type { Style } from '../../batter/balance/index.js';
import type { Formula } from '../../formula/formula/index.js';
import type { Kitchen } from '../../kitchen/kitchen/index.js';
import { rebalance, type MovedLine, type Rebalanced } from '../rebalance/index.js';
import { readHave, type Had } from '../open-lines/index.js';
import { lineIdOf, mayComeIn, openLines } from '../open-lines/index.js';
import { rewrite, type Addition } from './rewrite.js';

export interface RebalanceWish {
  readonly style: Style;
  /** Ids of lines that are held. */
  readonly locked: ReadonlySet<string>;
  /** What there is, in words; '' sets no limit. */
  readonly have: string;
}

export interface Proposal extends Rebalanced {
  readonly had: Had;
}

/** The fewest and smallest changes of a formula that bring it into the bands of a style. */
export function proposeRebalance(
  formula: Formula,
  audit: Audit,
  kitchen: Kitchen,
  { style, locked, have }: RebalanceWish,
): Proposal {
  const lines = openLines(formula, audit, kitchen, locked);
  const had = readHave(have, lines, { region: formula.region, kitchen });
  return { ...rebalance([...lines, ...mayComeIn(lines, formula.region)], style, had.limits), had };
}

export const isMoved = ({ before, after }: MovedLine): boolean =>
  Math.abs(after - before) > 0.005 * Math.max(before, 0.2);

/** A formula with all or some of the proposed changes taken. */
export function takeChanges(
  formula: Formula,
  lines: readonly MovedLine[],
  kitchen: Kitchen,
  newId: () => string,
): Formula {
  const moved = lines.filter(isMoved);
  const last = formula.components[0]?.lines.at(-1)?.id;
  return rewrite(
    formula,
    moved.filter(({ isNew }) => !isNew).map(({ id, after }) => ({ lineId: lineIdOf(id), grams: after })),
    moved
      .filter(({ isNew }) => isNew)
      .map(({ ingredient, after }): Addition => ({
        ingredientId: ingredient.id,
        grams: after,
        ...(last !== undefined && { behindLineId: last }),
      })),
    kitchen,
    newId,
  );
}
