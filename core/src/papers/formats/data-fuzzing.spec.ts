import { damaged, dataFaultOf, DATA_READERS } from './data-fuzzing.spec-help.js';

const CASES = 150;
/** A whole file of formulas is judged in some ten; this much is a hang, on whatever machine. */
const HANGS_MILLISECONDS = 5000;

describe('files and messages of Orvin’s own, damaged', () => {
  for (const [i, [reader, { from }]] of Object.entries(DATA_READERS).entries())
    it(`are refused, or good for all that is done with ${reader}`, () => {
      spyOn(console, 'warn'); // the reader of tables says there that a column stands twice
      const all = damaged(20_261_128 + i, from);
      for (let n = 0; n < CASES; n++) {
        const text = String(all.next().value);
        expect(dataFaultOf(reader, text, HANGS_MILLISECONDS))
          .withContext(JSON.stringify(text.slice(0, 2000)))
          .toBeUndefined();
      }
    });
});
