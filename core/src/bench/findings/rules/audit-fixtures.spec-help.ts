import { applyFix, findingsIn, type Finding, type FindingCode } from '../index.js';
import type { Formula } from '../../../formula/formula/index.js';
import { PLAIN_KITCHEN, type Kitchen } from '../../../kitchen/kitchen/index.js';
import { readFormula } from '../../../formula/parsing/index.js';
import type { Region } from '../../../ground/units/index.js';
import { formulaRead } from '../../../formula/parsing/formula-read.spec-help.js';

/* For the specs of the rules: a sound formula, and what is found once something in it is changed. */

export const MUFFINS = `Tea tent muffins
Makes 12

250 g all-purpose flour
130 g sugar
85 g butter, melted
2 large eggs
220 g milk
3 g salt
2 1/2 tsp baking powder

Whisk the flour, sugar, salt and baking powder.
Stir in the milk, eggs and butter.
Bake in a 12-cup muffin tin at 200 °C for 18 to 20 minutes.
`;

export function read(text: string, region: Region = 'US'): Formula {
  return formulaRead(readFormula(text, region));
}

/** Replaces words of the sound formula; a word that is not there is a slip of the spec. */
export function muffinsWith(...changes: readonly (readonly [from: string, to: string])[]): string {
  return changes.reduce((text, [from, to]) => {
    if (!text.includes(from)) throw new Error(`the muffins have no “${from}”`);
    return text.replace(from, to);
  }, MUFFINS);
}

export function findings(text: string, kitchen: Kitchen = PLAIN_KITCHEN, region: Region = 'US'): readonly Finding[] {
  return findingsIn(read(text, region), { kitchen, formula: () => undefined }).findings;
}

export const found = <C extends FindingCode>(text: string, code: C, kitchen?: Kitchen) =>
  findings(text, kitchen).find((finding): finding is Extract<Finding, { code: C }> => finding.code === code);

/** The formula after the click, and whether the finding is gone. */
export function afterFix(text: string, code: FindingCode): { readonly formula: Formula; readonly stillFound: boolean } {
  const formula = read(text);
  const finding = findingsIn(formula).findings.find((candidate) => candidate.code === code);
  if (!finding?.fix) throw new Error(`${code} has no fix here`);
  const after = applyFix(formula, finding.fix, PLAIN_KITCHEN, () => 'added');
  return {
    formula: after,
    stillFound: findingsIn(after).findings.some((left) => left.code === code && left.place === finding.place),
  };
}

export const textsOf = ({ components }: Formula): readonly string[] =>
  components.flatMap(({ lines }) => lines.map(({ text }) => text));
