import { readFileSync } from 'node:fs';
import Papa from 'papaparse';
import { INGREDIENTS } from '../../kitchen/ingredients/index.js';
import { STYLES } from '../../batter/balance/index.js';
import { decimal, inSentence, namesHere, shortDecimal } from './index.js';

interface Message {
  readonly id: string;
  readonly source: string;
  readonly target: string | undefined;
}

const MESSAGES: readonly Message[] = readFileSync('app/src/locale/messages.de.xlf', 'utf8')
  .split('<trans-unit ')
  .slice(1)
  .map((unit) => ({
    id: /^id="([^"]*)"/.exec(unit)?.[1] ?? '',
    source: /<source>([^]*?)<\/source>/.exec(unit)?.[1] ?? '',
    target: /<target>([^]*?)<\/target>/.exec(unit)?.[1],
  }));
const LISTS: ReadonlySet<string> = new Set(['ingredientNames', 'styleNames', 'amountWords', 'tableWords']);
/** Columns of the tables that stand on a screen as they are. */
const SHOWN: Readonly<Record<string, readonly string[]>> = {
  'aisles.csv': ['aisle'],
  'keeping.csv': ['product_type', 'wrap', 'why'],
  'allergens.csv': ['label_word'],
  'materials.csv': ['caution'],
  'safety.csv': ['infant_reason', 'toxic_note', 'choking'],
  'ambiguous-terms.csv': ['note'],
};
const named = (id: string) => namesHere(MESSAGES.find((message) => message.id === id)?.target ?? '');
const places = (text: string) => [...text.matchAll(/<x id="([^"]+)"/g)].map(([, place]) => place).sort();
const plain = (text: string) => text.replace(/<x [^>]*\/>/g, ' ').replace(/[„“][^“”]*[“”]/g, ' ');

describe('the German of Orvin', () => {
  it('is there for everything that is said', () => {
    expect(MESSAGES.length).toBeGreaterThan(3900);
    expect(MESSAGES.filter(({ target = '' }) => target.trim() === '').map(({ source }) => source)).toEqual([]);
  });
  it('fills in the same places as the English, no more and no fewer', () => {
    const crooked = MESSAGES.filter(({ source, target = '' }) => String(places(source)) !== String(places(target)));
    expect(crooked.map(({ source }) => source)).toEqual([]);
  });
  it('begins and ends with a space where the English does: what stands beside it is written on', () => {
    const edges = (text: string) => `${/^\s/.test(text) ? ' ' : ''}|${/\s$/.test(text) ? ' ' : ''}`;
    const glued = MESSAGES.filter(({ id, source, target = '' }) => !LISTS.has(id) && edges(source) !== edges(target));
    expect(glued.map(({ source }) => source)).toEqual([]);
  });
  it('leaves no English sentence standing', () => {
    const english = /\b(?:the|of|and|with|from|which|your|what|than|until|there|would|should|have|been|its)\b/i;
    const left = MESSAGES.filter(({ id, source, target = '' }) => !LISTS.has(id) && source.includes(' ') && english.test(plain(target))); // prettier-ignore
    // what is typed as an example is typed in English: the readers of days and courses know no other
    const examples = /^clear the tables|^lid for the first|^10 min at 220|^24 muffins warm/;
    expect(left.filter(({ target = '' }) => !examples.test(target)).map(({ target }) => target)).toEqual([]);
  });
  it('has what the tables say: safety before all', () => {
    const words = named('tableWords');
    const shown = Object.entries(SHOWN).flatMap(([file, columns]) => {
      const { data } = Papa.parse<Record<string, string>>(readFileSync(`core/tables/${file}`, 'utf8'), {
        header: true,
      });
      return data.flatMap((row) => columns.map((column) => row[column]?.trim() ?? ''));
    });
    // three notes are of measures of one country and concern no German kitchen
    const foreign = /^UK puree|^US large|^20 ml in Australia/;
    expect(shown.length).toBeGreaterThan(600);
    expect(shown.filter((text) => /[a-z]/i.test(text) && !words.has(text) && !foreign.test(text))).toEqual([]);
  });
  it('names every ingredient and every style', () => {
    const ingredients = named('ingredientNames');
    expect(INGREDIENTS.filter(({ id }) => !ingredients.has(id)).map(({ id }) => id)).toEqual([]);
    const styles = named('styleNames');
    expect(STYLES.filter(({ id }) => !styles.has(id)).map(({ id }) => id)).toEqual([]);
  });
});

describe('English, the language of the source', () => {
  it('writes a point before the tenths, and small words inside a sentence', () => {
    expect(decimal(1.25, 1)).toBe('1.3');
    expect(shortDecimal(2, 2)).toBe('2');
    expect(inSentence('Frosting')).toBe('frosting');
  });
  it('takes its names from its tables', () => {
    expect(namesHere('-').size).toBe(0);
    expect([...namesHere('a=b|c=d e')]).toEqual([
      ['a', 'b'],
      ['c', 'd e'],
    ]);
  });
});
