import Papa from 'papaparse';
import type { AisleList, ShoppingItem } from '../../day/shopping/index.js';
import { gramsInWords, uncapitalised } from '../../words/wording/index.js';

/* A shopping list as the files that other programs and other people read. */

/** What to put into the basket: "2 × 250 g butter", "1 l rapeseed oil", "4 limes"; the name alone where there is enough. */
export function buyInWords({ name, packs, enough }: ShoppingItem): string {
  // "Rhubarb" of a line that begins with it is rhubarb
  const plain = uncapitalised(name);
  if (enough) return plain;
  const pieces = packs.reduce((sum, { count, pieces: each = 0 }) => sum + count * each, 0);
  const called = pieces > 1 && /^[a-z]+[^s]$/.test(plain) ? `${plain}s` : plain;
  const amounts = packs.map(({ count, grams, pieces: each, millilitres }) => {
    if (each !== undefined) return String(count * each);
    return `${count > 1 ? `${count} × ` : ''}${millilitres === undefined ? gramsInWords(grams) : litresInWords(millilitres)}`;
  });
  return `${amounts.join(' and ')} ${called}`;
}
const litresInWords = (millilitres: number): string =>
  millilitres >= 1000 ? `${Number((millilitres / 1000).toFixed(2))} l` : `${millilitres} ml`;

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
  `# Shopping\n\n${toBuy(list)
    .map(({ aisle, items }) =>
      [
        `## ${aisle}`,
        '',
        ...items.map((item) => `- [ ] ${buyInWords(item)} (${gramsInWords(item.neededGrams)} needed)`),
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
