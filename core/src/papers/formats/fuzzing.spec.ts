import { CORPUS_LINES } from '../../doors/samples/index.js';
import { faultOf, mutants, seeds } from './fuzzing.spec-help.js';
import { READERS } from './readers.spec-help.js';

const CASES = 120;
/** A text of four thousand letters takes some twenty: this much is a hang, on whatever machine. */
const HANGS_MILLISECONDS = 5000;

describe('texts as nobody writes them', () => {
  const texts = seeds();
  for (const [i, reader] of Object.keys(READERS).entries())
    it(`are read or refused as ${reader}`, () => {
      const all = mutants(20_261_127 + i, texts);
      for (let n = 0; n < CASES; n++) {
        const text = String(all.next().value);
        expect(faultOf(reader, text, HANGS_MILLISECONDS))
          .withContext(JSON.stringify(text))
          .toBeUndefined();
      }
    });

  it('may hold a word that every object has: it reads like another that nobody knows', () => {
    // spellings near it are others
    const read = (reader: string, words: readonly string[], at: number, word: string) =>
      JSON.stringify(READERS[reader]?.(words.with(at, word).join(' ')), (key, value: unknown) =>
        key === 'nearest' ? undefined : value,
      ).replaceAll(word, '');
    for (const [, text] of CORPUS_LINES.filter((_, nth) => nth % 4 === 0)) {
      const words = text.split(' ');
      for (const reader of ['a line', 'a formula told', 'what there is'])
        for (const at of words.keys())
          expect(read(reader, words, at, 'constructor'))
            .withContext(`${reader}: ${text}, word ${at}`)
            .toBe(read(reader, words, at, 'xonstructor'));
    }
  });
});
