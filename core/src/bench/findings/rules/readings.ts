import { without } from '../../../ground/records/index.js';
import type { Problem } from '../../../formula/parsing/index.js';
import type { PlacedLine, Rule } from '../evidence.js';
import type { Finding, Fix } from '../finding.js';

/** What reading the lines already said, each with the click that puts it right. Leaveners without amount have a rule of their own. */
export const readings: Rule = ({ lines }) =>
  lines.flatMap((line) =>
    line.entries.flatMap((entry) =>
      entry.problems
        .filter(({ code }) => !(code === 'amount-missing' && entry.ingredient?.category === 'leavener'))
        .map((problem) => {
          const fix = fixOf(problem, line, entry.others[0]?.id);
          return { ...without(problem, 'line'), place: line.line.id, ...(fix && { fix }) } as Finding;
        }),
    ),
  );

const SIZE = /\b(?:large|lg|medium|med|small|jumbo|extra)\b/i;

function fixOf(problem: Problem, { line, entries }: PlacedLine, nearest: string | undefined): Fix | undefined {
  if (entries.length > 1) return undefined;
  if (problem.code === 'ingredient-unknown' || problem.code === 'spelling-guessed')
    return nearest === undefined ? undefined : { kind: 'tell-line', lineId: line.id, facts: { ingredientId: nearest } };
  // the weight was taken; the other may have been meant
  if (problem.code === 'amounts-disagree')
    return { kind: 'tell-line', lineId: line.id, facts: { grams: Number(problem.facts.first.toFixed(1)) } };
  // a size that stands there and was not understood is not written a second time
  if (problem.code === 'egg-size-assumed' && SIZE.test(line.text)) return undefined;
  if (problem.code === 'egg-size-assumed')
    return {
      kind: 'retype',
      lineId: line.id,
      text: line.text.replace(/\b(eggs?|egg whites?|egg yolks?)\b/i, 'large $1'),
    };
  if (problem.code === 'grams-assumed')
    return { kind: 'retype', lineId: line.id, text: line.text.replace(/(?<![\d.,/])\d+(?![\d.,/])/, '$& g') };
  if (problem.code === 'formula-missing' || problem.code === 'formula-inside-itself')
    return { kind: 'tell-line', lineId: line.id, facts: { formulaId: undefined } };
  return undefined;
}
