import { allSteps, linesHolding, type Rule } from '../evidence.js';
import { namesComponent } from '../../../formula/parsing/index.js';
import type { Finding } from '../finding.js';

const CREAMED =
  /\b(?:cream|creaming|beat)\b[^.;]*\b(?:butter|margarine|sugar)\b[^.;]*\b(?:and|with)\b[^.;]*\b(?:sugar|butter|pale|fluffy|light)\b/i;
const FLAKED =
  /\b(?:rub(?:bed|bing)?(?: it| the \w+)?(?: \w+)? (?:in|into)|cut(?:ting)? (?:in|the|butter|cold|fat)|grate (?:in )?the (?:cold |frozen )?butter|rub (?:the )?(?:butter|fat|margarine|lard))\b/i;
/** "cold" beside a fat, egg or milk; not "browned and cooled". */
const COLD = /\b(?:(?:fridge|stone|very)[- ])?(?:cold|chilled|frozen)\b|\b(?:straight )?from the fridge\b/i;
const WARM = /\b(?:soft(?:ened)?|room[- ]temperature|at room temp(?:erature)?|melted|warm)\b/i;
const SENTENCE = /(?<=\.)\s|\n/;
const EMULSION: ReadonlySet<string> = new Set(['fat', 'egg', 'dairy', 'cultured dairy']);

/** Cold butter, eggs or milk where they must make an emulsion; warm fat where it must stay in flakes. */
export const warmth: Rule = (evidence) => {
  // "rub the butter into the flour for the crumble" is done to the crumble's
  const beside = evidence.weighed.components.filter(({ inBatter }) => !inBatter);
  const method = allSteps(evidence)
    .split(SENTENCE)
    .filter((sentence) => !beside.some(({ name }) => namesComponent(sentence, name)))
    .join(' ');
  const flaked = FLAKED.test(method);
  const creamed = !flaked && CREAMED.test(method);
  if (!flaked && !creamed) return [];
  const lines = linesHolding(
    evidence,
    ({ ingredient }) => ingredient !== undefined && EMULSION.has(ingredient.category),
  ).filter(({ line }) => line.component.inBatter && line.entries.length === 1);
  return lines.flatMap(({ line, entry }): readonly Finding[] => {
    const { id, text } = line.line;
    const fix = (from: RegExp, to: string) => ({ kind: 'retype' as const, lineId: id, text: text.replace(from, to) });
    const facts = { name: entry.name };
    if (creamed && COLD.test(text) && entry.ingredient?.behavesAs !== 'creme-fraiche')
      return [
        {
          code: 'cold-for-emulsion',
          severity: 'warning',
          place: id,
          facts,
          fix: fix(COLD, 'room-temperature'),
        },
      ];
    if (flaked && entry.ingredient?.category === 'fat' && entry.ingredient.composition.water > 0.1 && WARM.test(text))
      return [{ code: 'warm-for-flakes', severity: 'warning', place: id, facts, fix: fix(WARM, 'cold') }];
    return [];
  });
};
