import { auditSafely } from '@orvin/core/bench/audit';
import type { FileReading } from '@orvin/core/papers/formats';
import type { Formula } from '@orvin/core/formula/formula';
import type { Surroundings } from '@orvin/core/formula/parsing';
import { inOneLine, problemInWords, windowInWords } from '@orvin/core/words/wording';

export interface PasteReading {
  /** What would go on the bench, in one line; or why not, and what to do. */
  readonly summary: string;
  readonly refused: boolean;
}

/** Says in a line what was understood of a text. */
export function pasteReading({ items }: FileReading, around: Surroundings): PasteReading {
  const read = items.flatMap((item) => (item.kind === 'read' ? [item.formula] : []));
  const [formula, more] = read;
  if (!formula) {
    const refused = items.find((item) => item.kind === 'refused');
    return {
      summary: refused ? inOneLine(problemInWords(refused.problem)) : 'There is nothing in it to read.',
      refused: true,
    };
  }
  if (more)
    return {
      summary: `${read.length} formulas: ${read.map(({ title }) => title || 'without a name').join(', ')}`,
      refused: false,
    };
  return { summary: factsOf(formula, around), refused: false };
}

function factsOf(formula: Formula, around: Surroundings): string {
  const { lines } = auditSafely(formula, around);
  const weighed = lines.filter((line) => line.grams !== undefined).length;
  const unknown = lines.filter((line) => line.entries.some(({ read }) => read.ingredient === undefined)).length;
  const { lowMinutes, highMinutes, celsius, pan } = formula.bake;
  return [
    formula.title || 'without a name',
    `${weighed} of ${lines.length} lines weighed`,
    ...(unknown > 0 ? [`${unknown} not understood`] : []),
    ...(lowMinutes === undefined ? [] : [windowInWords(lowMinutes, highMinutes ?? lowMinutes)]),
    ...(celsius === undefined ? [] : [`${Math.round(celsius)} °C`]),
    ...(pan === undefined ? [] : [pan]),
  ].join(' · ');
}
