import { ingredientName } from '../../kitchen/ingredients/index.js';
import type { Formula } from '../../formula/formula/index.js';
import type {
  ReadEntry,
  Surroundings,
  WeighedComponent,
  WeighedFormula,
  WeighedLine,
} from '../../formula/parsing/index.js';
import { withoutLines, type Audit } from '../audit/index.js';
import type { Finding } from './finding.js';

/** A line in its component, for a rule to look at. */
export interface PlacedLine extends WeighedLine {
  readonly component: WeighedComponent;
}

/** All that is known of a formula when its rules are asked: its audit, with every line in its component. */
export interface Evidence extends Omit<Audit, 'lines'> {
  readonly formula: Formula;
  readonly around: Surroundings;
  /** Those of no reading left out. */
  readonly lines: readonly PlacedLine[];
}

/** One thing that a formula is looked over for. Pure; finds nothing in a sound formula. */
export type Rule = (evidence: Evidence) => readonly Finding[];

const placedLines = (weighed: WeighedFormula): readonly PlacedLine[] =>
  weighed.components.flatMap((component) =>
    component.lines.filter(({ entries }) => entries.length > 0).map((line) => ({ ...line, component })),
  );

export const evidenceOf = (formula: Formula, around: Surroundings, audit: Audit): Evidence => ({
  ...audit,
  formula: withoutLines(formula, audit.leftOut),
  around,
  lines: placedLines(audit.weighed),
});

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
