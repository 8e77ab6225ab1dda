import Papa from 'papaparse';
import type { AisleList } from '../../day/shopping/index.js';
import { buyInWords } from '../../words/day-words/index.js';
import { gramsInWords } from '../../words/figures/index.js';

/* A shopping list as the files that other programs and other people read. */

const toBuy = (list: readonly AisleList[]): readonly AisleList[] =>
  list.flatMap(({ aisle, items }) => {
    const missing = items.filter(({ enough }) => !enough);
    return missing.length > 0 ? [{ aisle, items: missing }] : [];
  });

export const shoppingText = (list: readonly AisleList[]): string =>
  `${toBuy(list)
    .map(({ aisle, items }) => [aisle.toUpperCase(), ...items.map((item) => `- ${buyInWords(item)}`)].join('\n'))
    .join('\n\n')}\n`;

export const shoppingMarkdown = (list: readonly AisleList[]): string =>
  `# ${$localize`Shopping`}\n\n${toBuy(list)
    .map(({ aisle, items }) =>
      [
        `## ${aisle}`,
        '',
        ...items.map((item) => $localize`- [ ] ${buyInWords(item)} (${gramsInWords(item.neededGrams)} needed)`),
      ].join('\n'),
    )
    .join('\n\n')}\n`;

/** RFC 4180; what a spreadsheet would take for a formula is made harmless. */
export function shoppingCsv(list: readonly AisleList[]): string {
  const data = toBuy(list).flatMap(({ aisle, items }) =>
    items.map((item) => [aisle, buyInWords(item), Math.round(item.neededGrams), Math.round(item.thereGrams)]),
  );
  const table = { fields: ['aisle', 'buy', 'needed g', 'there g'], data };
  return `${Papa.unparse(table, { newline: '\r\n', escapeFormulae: true })}\r\n`;
}
