import { auditFormula } from '@orvin/core/audit';
import { readFormula, type FormulaReading } from '@orvin/core/parsing';
import type { Region } from '@orvin/core/units';
import { inOneLine, problemInWords, windowInWords } from '@orvin/core/wording';

export interface PasteReading {
  readonly reading: FormulaReading;
  /** What would go on the bench, in one line; or why not, and what to do. */
  readonly summary: string;
  readonly refused: boolean;
}

/** Reads a text and says in a line what was understood. */
export function readPaste(text: string, region: Region): PasteReading {
  const reading = readFormula(text, region);
  if (reading.kind === 'refused')
    return { reading, summary: inOneLine(problemInWords(reading.problem)), refused: true };
  const { formula } = reading;
  const { lines } = auditFormula(formula);
  const weighed = lines.filter((line) => line.grams !== undefined).length;
  const unknown = lines.filter((line) => line.entries.some(({ read }) => read.ingredient === undefined)).length;
  const { lowMinutes, highMinutes, celsius, pan } = formula.bake;
  const facts = [
    formula.title || 'without a name',
    `${weighed} of ${lines.length} lines weighed`,
    ...(unknown > 0 ? [`${unknown} not understood`] : []),
    ...(lowMinutes === undefined ? [] : [windowInWords(lowMinutes, highMinutes ?? lowMinutes)]),
    ...(celsius === undefined ? [] : [`${Math.round(celsius)} °C`]),
    ...(pan === undefined ? [] : [pan]),
  ];
  return { reading, summary: facts.join(' · '), refused: false };
}
