import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { clausesOf, clauseWords, sentencesOf } from './index.js';

const TEXTS = [
  ...DEMO_FORMULAS.flatMap(({ text }) => text.split('\n')),
  'Cream the butter and sugar. Beat in the eggs; Fold in the flour! (Do not beat.) Bake.',
  'no stop at all',
  'Bake at 180 C for 35 min. or so. Then cool.',
  '   ',
  '',
];

describe('the acts of a step', () => {
  it('cover every letter of it, once, in order', () => {
    for (const text of TEXTS)
      for (const takenAt of [[], [0], [3, Math.floor(text.length / 2), text.length - 1]]) {
        const clauses = clausesOf(text, takenAt);
        expect(clauses[0]?.from).withContext(text).toBe(0);
        expect(clauses.at(-1)?.to).withContext(text).toBe(text.length);
        for (const [i, { from, to }] of clauses.entries()) {
          expect(to).toBeGreaterThanOrEqual(from);
          if (i > 0) expect(from).toBe(clauses[i - 1]?.to ?? -1);
        }
      }
  });
  it('are as many as the sentences that take something, and one where none or only one does', () => {
    const text = 'Cream the butter and sugar till pale. Scrape down. Beat in the eggs. Chill.';
    const at = (word: string) => text.indexOf(word);
    const acts = (takenAt: readonly number[]) => clausesOf(text, takenAt).map(({ from, to }) => text.slice(from, to).trim());
    expect(acts([])).toEqual([text]);
    expect(acts([at('butter')])).toEqual([text]);
    expect(acts([at('butter'), at('eggs')])).toEqual([
      'Cream the butter and sugar till pale. Scrape down.',
      'Beat in the eggs. Chill.',
    ]);
  }); // prettier-ignore
  it('are cut round what bakes, where what follows is put on', () => {
    const text = 'Beat in the eggs. Bake at 180 C for 35 minutes. Cool. Brush with syrup.';
    const acts = (of: string) => clausesOf(of, [of.indexOf('eggs')]).map(({ from, to }) => of.slice(from, to).trim());
    expect(acts(text)).toEqual(['Beat in the eggs.', 'Bake at 180 C for 35 minutes. Cool.', 'Brush with syrup.']);
  });
  it('begin with what leads to the first that takes something', () => {
    const text = 'Heat a pan. Melt the butter in it. Stir in the oats.';
    const clauses = clausesOf(text, [text.indexOf('butter'), text.indexOf('oats')]);
    expect(clauses.map(({ from, to }) => text.slice(from, to).trim())).toEqual([
      'Heat a pan. Melt the butter in it.',
      'Stir in the oats.',
    ]);
  });
  it('do not end at a figure or in the middle of a time', () => {
    expect(sentencesOf('Bake 2.5 cm apart for 35 min. until golden. Cool.').length).toBe(2);
    expect(sentencesOf('Add 1.5 l of water. Stir.').length).toBe(2);
  });
});

describe('the words of one act in the words of another batch', () => {
  const original = 'Grease a 20 cm tin. Bake at 180 C for 40 minutes. Cool.';
  const now = 'Grease 12 muffin cups. Bake at 195 °C for 18–22 min. Cool.';
  it('are its own sentences', () => {
    const [, second] = sentencesOf(original);
    if (!second) throw new Error('one sentence');
    expect(clauseWords(original, second, now)).toBe('Bake at 195 °C for 18–22 min.');
  });
  it('are all of it where the sentences no longer match', () => {
    const [first] = sentencesOf(original);
    if (!first) throw new Error('no sentence');
    const other = 'All of it in one go, without a stop';
    expect(clauseWords(original, first, other)).toBe(other);
  });
});
