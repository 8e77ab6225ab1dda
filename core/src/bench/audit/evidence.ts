import { ingredientName } from '../../kitchen/ingredients/index.js';
import type { BandVerdict, Style } from '../../batter/balance/index.js';
import type { BandQuantities, Formula, FormulaStep, FunctionalTotals } from '../../formula/formula/index.js';
import type { Ledger } from '../../batter/leavening/index.js';
import {
  mentionsIn,
  type Mention,
  type Method,
  type ReadEntry,
  type Surroundings,
  type WeighedComponent,
  type WeighedFormula,
  type WeighedLine,
} from '../../formula/parsing/index.js';
import type { Finding } from './finding.js';

/** A line in its component, for a rule to look at. */
export interface PlacedLine extends WeighedLine {
  readonly component: WeighedComponent;
}

/** A step with the figures and signs in it. */
export interface ReadStep extends FormulaStep {
  readonly mentions: readonly Mention[];
}

/** All that is known of a formula when its rules are asked. */
export interface Evidence {
  readonly formula: Formula;
  readonly around: Surroundings;
  readonly weighed: WeighedFormula;
  readonly lines: readonly PlacedLine[];
  readonly steps: readonly ReadStep[];
  readonly method: Method;
  readonly totals: FunctionalTotals;
  /** Undefined without flour. */
  readonly quantities: BandQuantities | undefined;
  readonly ledger: Ledger;
  readonly style: Style | undefined;
  readonly verdicts: readonly BandVerdict[];
}

/** One thing that a formula is looked over for. Pure; finds nothing in a sound formula. */
export type Rule = (evidence: Evidence) => readonly Finding[];

/** Lines with their components, those of no reading left out. */
export const placedLines = (weighed: WeighedFormula): readonly PlacedLine[] =>
  weighed.components.flatMap((component) =>
    component.lines.filter(({ entries }) => entries.length > 0).map((line) => ({ ...line, component })),
  );

const mentionsOf = new WeakMap<FormulaStep, readonly Mention[]>();
/** Steps are never changed in place: what one says is worked out once. */
export function readStep(step: FormulaStep): ReadStep {
  let mentions = mentionsOf.get(step);
  if (!mentions) mentionsOf.set(step, (mentions = mentionsIn(step.text)));
  return { ...step, mentions };
}

/** The lines of a batter that have one ingredient, with it. */
export function linesHolding(
  { lines }: Pick<Evidence, 'lines'>,
  belongs: (entry: ReadEntry) => boolean,
): readonly { readonly line: PlacedLine; readonly entry: ReadEntry }[] {
  return lines.flatMap((line) => line.entries.filter(belongs).map((entry) => ({ line, entry })));
}

/** The name as the formula's own region says it. */
export const calledIn = ({ formula }: Pick<Evidence, 'formula'>, entry: ReadEntry): string =>
  entry.ingredient === undefined ? entry.name : ingredientName(entry.ingredient, formula.region);

/** The words of all steps, one under another. */
export const allSteps = ({ formula }: Pick<Evidence, 'formula'>): string =>
  formula.steps.map(({ text }) => text).join('\n');

export const placedById = ({ lines }: Pick<Evidence, 'lines'>, id: string): PlacedLine | undefined =>
  lines.find(({ line }) => line.id === id);
