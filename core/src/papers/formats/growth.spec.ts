import { READERS } from './readers.spec-help.js';

/*
 * A reader may take twice as long for twice the text, not four times as long: a page that is pasted, or a line that somebody leaned on a
 * key in, must not hang the page. What is held here is growth, not seconds: eight times the text against the time of the eighth.
 */

/** One of every class of character and of the words between which readers go to and fro. */
const SEEDS: readonly string[] = [
  '1', 'a', ' ', '.', ',', '-', '/', '(', '[', '½', '"', '*', '#', '>', '|', ':', ';', '=', '<', '&', '°', '\n', '\t', '大', '…',
  '1 ', 'a ', '1 x ', '1 cup ', 'a.', '- ', '\n1 g flour', '<b>', '{"a":', '20 cm ', '180 C ', '40 minutes ', ' and ', ' or ', 'in a ', '250 g Mehl ', 'und ', '1 g flour\nab cd\n', 'a|\n\n',
]; // prettier-ignore

const LONG = 100_000;
/** A formula may be twice so long: beyond that these refuse at once, and would be quick whatever they do with it. */
const LONG_FORMULA = 30_000;
const OF_A_FORMULA: ReadonlySet<string> = new Set([
  'a formula and its audit',
  'a page',
  'a Markdown file',
  'a plain text',
]);
const TIMES = 8;
/** Below this a reader is quick whatever the text, and its time is noise. */
const QUICK_MILLISECONDS = 60;
/** Twice over linear allows for a warm start and for memory that is given back. */
const MOST_GROWTH = 2.5 * TIMES;

/** Of the processor's time, not of the clock's: what else the machine does meanwhile does not count. */
function millisecondsOf(act: () => unknown): number {
  const from = process.cpuUsage();
  act();
  return process.cpuUsage(from).user / 1000;
}

describe('a text eight times as long', () => {
  for (const [what, read] of Object.entries(READERS))
    it(`takes about eight times as long to read as ${what}`, () => {
      for (const seed of SEEDS) {
        const text = (letters: number) => seed.repeat(Math.ceil(letters / seed.length));
        const most = OF_A_FORMULA.has(what) ? LONG_FORMULA : LONG;
        const [short, long] = [text(most / TIMES), text(most)];
        let apart = '';
        // a machine that was busy with something else is asked again
        for (let attempt = 0; attempt < 5; attempt++) {
          const slow = millisecondsOf(() => read(long));
          apart = '';
          if (slow < QUICK_MILLISECONDS) break;
          const quick = millisecondsOf(() => read(short));
          if (slow < MOST_GROWTH * quick) break;
          apart = `${quick} ms, then ${slow} ms`;
        }
        expect(apart).withContext(JSON.stringify(seed)).toBe('');
      }
    });
});
