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

  it('may hold a word that every object has: it is a word like any other', () => {
    for (const [, text] of CORPUS_LINES) {
      const words = text.split(' ');
      for (const [at, reader] of words.flatMap((_, i) =>
        ['a line', 'what there is'].map((each) => [i, each] as const),
      )) {
        const line = words.with(at, 'constructor').join(' ');
        expect(faultOf(reader, line, HANGS_MILLISECONDS))
          .withContext(`${reader}: ${line}`)
          .toBeUndefined();
      }
    }
  });
});
