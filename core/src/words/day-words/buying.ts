import { LANGUAGE, shortDecimal, uncapitalised } from '../../ground/language/index.js';
import type { ShoppingItem } from '../../day/shopping/index.js';
import { gramsInWords, listed } from '../figures/index.js';

/** What to put into the basket: "2 × 250 g butter", "1 l rapeseed oil", "4 limes"; the name alone where there is enough. */
export function buyInWords({ name, packs, enough }: ShoppingItem): string {
  // "Rhubarb" of a line that begins with it is rhubarb
  const plain = uncapitalised(name);
  if (enough) return plain;
  const pieces = packs.reduce((sum, { count, pieces: each = 0 }) => sum + count * each, 0);
  const called = LANGUAGE === 'en' && pieces > 1 && /^[a-z]+[^s]$/.test(plain) ? `${plain}s` : plain;
  const amounts = packs.map(({ count, grams, pieces: each, millilitres }) => {
    if (each !== undefined) return String(count * each);
    return `${count > 1 ? `${count} × ` : ''}${millilitres === undefined ? gramsInWords(grams) : litresInWords(millilitres)}`;
  });
  return `${listed(amounts)} ${called}`;
}
const litresInWords = (millilitres: number): string =>
  millilitres >= 1000 ? `${shortDecimal(millilitres / 1000, 2)} l` : `${millilitres} ml`;
