import { readFileSync } from 'node:fs';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import type { Formula } from '../formula/index.js';
import { readFormula, readLine, readYield, withAmount } from '../parsing/index.js';
import { inEnglish, isGerman } from './index.js';
import { formulaRead } from '../parsing/formula-read.spec-help.js';

interface Wanted {
  readonly id: string;
  readonly text: string;
  readonly expect: {
    readonly items: readonly { readonly line: string; readonly id: string; readonly grams: number; readonly part: string }[];
    readonly bake: { readonly temp_c: number; readonly mode: string; readonly minutes_min: number; readonly minutes_max: number };
  };
} // prettier-ignore
const CORPUS = (JSON.parse(readFileSync('core/tables/reference/german_corpus.json', 'utf8')) as { readonly formulas: readonly Wanted[] }).formulas; // prettier-ignore
const mustRead = (text: string, region: 'UK' | 'US'): Formula => formulaRead(readFormula(text, region));
const CONTEXT = { region: 'EU', kitchen: PLAIN_KITCHEN } as const;
const near = (grams: number | undefined, wanted: number) => grams !== undefined && Math.abs(grams - wanted) <= Math.max(0.03 * wanted, 0.3); // prettier-ignore
const readAs = (line: string) => {
  const [entry] = readLine(line, CONTEXT);
  return [entry?.ingredient?.id, Number(entry?.weight?.grams.toFixed(1))];
};

describe('a German text', () => {
  it('is read line by line: 95 % of the corpus, in their part, with their grams', () => {
    const all = CORPUS.flatMap(({ text, expect: { items } }) => {
      const { components } = mustRead(text, 'UK');
      const lines = components.flatMap(({ lines: own }, c) => own.map(({ text: line }) => ({ line, second: c > 0 })));
      return items.map(({ line, id, grams, part }) => {
        const bare = line.replace('Für den Teig: ', '');
        const at = lines.findIndex((each) => each.line.endsWith(bare));
        const [found] = at < 0 ? [] : lines.splice(at, 1);
        const [entry] = readLine(line, CONTEXT);
        const right = found?.second === (part !== 'batter') && entry?.ingredient?.id === id && near(entry.weight?.grams, grams); // prettier-ignore
        return { line, right };
      });
    });
    const wrong = all.filter(({ right }) => !right).map(({ line }) => line);
    expect(all.length).toBe(184);
    expect(1 - wrong.length / all.length)
      .withContext(wrong.join('\n'))
      .toBeGreaterThanOrEqual(0.95);
  });
  it('says its bake: heat from above and below before the fan, minutes in several legs together', () => {
    const right = CORPUS.filter(({ text, expect: { bake: wanted } }) => {
      const { bake } = mustRead(text, 'UK');
      return (
        bake.celsius === wanted.temp_c &&
        bake.fan === (wanted.mode === 'fan') &&
        bake.lowMinutes === wanted.minutes_min &&
        bake.highMinutes === wanted.minutes_max
      );
    });
    expect(right.length).toBeGreaterThanOrEqual(19);
  });
  it('is of Europe, whatever the baker’s region, and keeps its own words on the sheet', () => {
    const formula = mustRead(CORPUS[1]?.text ?? '', 'US');
    expect(formula.region).toBe('EU');
    expect(formula.title).toBe('Bananenbrot mit Walnüssen');
    expect(formula.components[0]?.lines[0]?.text).toBe('3 sehr reife Bananen');
    expect(formula.steps[0]?.text).toMatch(/^Ofen auf 175 Grad/);
    expect(formula.bake.pan).toBe('25 x 11 cm loaf tin');
  });
});

describe('a German line', () => {
  const LINES: readonly (readonly [line: string, id: string, grams: number])[] = [
    ['250 g Mehl', 'all-purpose-flour', 250],
    ['1 Pck. Backpulver', 'uk-baking-powder', 15],
    ['1 EL Zucker', 'granulated-sugar', 12.7],
    ['1.250 g Mehl', 'all-purpose-flour', 1250],
    ['2,5 dl Milch', 'whole-milk', 257.5],
    ['zwei Eier', 'egg', 102],
    ['1 Ei (Größe L)', 'egg', 59],
    ['3 Eigelb', 'egg-yolk', 51],
    ['eine halbe Tasse Zucker', 'granulated-sugar', 63.4],
    ['knapp 100 ml Öl', 'vegetable-oil', 82.8],
    ['Saft einer Zitrone', 'lemon-juice', 45],
    ['abgeriebene Schale von 1 Zitrone', 'lemon-zest', 6],
    ['Zucker: 150 g', 'granulated-sugar', 150],
    ['- 1 Prise Salz', 'table-salt', 0.4],
    ['Prise Zimt', 'ground-cinnamon', 0.15],
    ['Handvoll Walnüsse (50 g)', 'walnuts', 50],
    ['2 Handvoll Rosinen, ca. 80 g', 'raisins', 80],
    ['1 Würfel Hefe', 'fresh-yeast', 42],
    ['½ Pfund Butter', 'unsalted-butter', 250],
    ['1 Tafel Zartbitterschokolade', 'bittersweet-chocolate', 100],
  ];
  for (const [line, id, grams] of LINES)
    it(`${line} is ${grams} g`, () => {
      const [readId, readGrams] = readAs(line);
      expect(readId).toBe(id);
      expect(near(readGrams as number, grams))
        .withContext(`${readGrams} g`)
        .toBeTrue();
    });
  it('takes what a cake is called by the pan it is baked in for its title', () => {
    for (const title of ['Zitronenkuchen aus der Kastenform', 'Nusskuchen in der Springform', 'Mohnkuchen vom Blech'])
      expect(mustRead(`${title}\n250 g Mehl\n2 TL Backpulver\n3 Eier\n150 g Butter`, 'UK').title).toBe(title);
  });
  it('says how a thing is prepared, and what may be left out', () => {
    expect(readLine('60 g zerlassene Butter', CONTEXT)[0]?.preparation).toBe('melted');
    expect(readLine('100 g gehackte Walnüsse', CONTEXT)[0]?.preparation).toBe('pieces');
    expect(readLine('50 g Rosinen, nach Belieben', CONTEXT)[0]?.optional).toBeTrue();
    expect(readLine('etwas Butter für die Form', CONTEXT)[0]?.ingredient?.id).toBe('unsalted-butter');
  });
  it('is no line of ingredients where a step begins with a number or names a heat', () => {
    for (const step of ['2 Minuten rühren, Mehl zugeben', 'Milch auf 40 Grad erwärmen', '3. Eier trennen'])
      expect(inEnglish(step))
        .withContext(step)
        .not.toMatch(/^\d+ (?:all-purpose|whole|EU)/);
    expect(inEnglish('Butter und Zucker schaumig rühren')).toBe('cream unsalted butter and granulated sugar');
    expect(inEnglish('10 Min. quellen lassen, 25 Min. backen')).toBe('rest 10 minutes, bake 25 minutes');
  });
  it('takes another amount and keeps its words', () => {
    expect(withAmount('250 g weiche Butter', '300 g', CONTEXT)).toBe('300 g weiche Butter');
    expect(withAmount('Mehl 250 g', '300 g', CONTEXT)).toBe('Mehl 300 g');
    expect(withAmount('Zucker', '80 g', CONTEXT)).toBe('80 g Zucker');
  });
  it('says what it makes', () => {
    expect(readYield('ergibt 12 Muffins')).toEqual({ count: { low: 12, high: 12 }, of: 'muffins' });
    expect(readYield('12 Stück')?.count).toEqual({ low: 12, high: 12 });
  });
  it('may hold a word that every object of a program has', () => {
    for (const word of ['constructor', 'toString', '__proto__', 'valueOf'])
      expect(readLine(`250 g ${word} Mehl`, CONTEXT)[0]?.ingredient?.id).toBe('all-purpose-flour');
  });
  it('with nothing known in it is left as it is, and said to be unknown', () => {
    expect(inEnglish('200 g Klimbim')).toBe('200 g Klimbim');
  });
});

describe('a text in English', () => {
  it('is left as it is: every line of the English corpora', () => {
    const changed = ['corpus-lines', 'corpus-texts', 'second-texts', 'sound-formulas', 'told-texts', 'worked-formulas']
      .flatMap((table) => readFileSync(`core/src/doors/samples/${table}.table.ts`, 'utf8').split(/\n|\\n/))
      .map((line) => line.trim())
      .filter((line) => inEnglish(line) !== line);
    expect(changed).toEqual([]);
  });
  it('with a German word or two is not German', () => {
    expect(isGerman('Streusel cake\n200 g flour\n125 g quark\n1 dose of vanilla')).toBeFalse();
  });
});
