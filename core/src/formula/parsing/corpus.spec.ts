declare const console: { log(text: string): void };

import { CORPUS_LINES, CORPUS_TEXTS } from '../../doors/samples/index.js';
import { plainContext, readFormula, readLine, weighFormula } from './index.js';

const SHARE_FULLY_RIGHT = 0.97;
/** A reading surer than this is not looked at again by a baker. */
const CONFIDENT = 0.8;
const near = (got: number | undefined, meant: number | null) =>
  meant === null ? got === undefined : got !== undefined && Math.abs(got - meant) <= Math.max(0.02 * meant, 0.02);

describe('the corpus of written lines', () => {
  const read = CORPUS_LINES.map(([region, text, ...meant]) => {
    const entries = readLine(text, plainContext(region));
    const right =
      entries.length === meant.length &&
      meant.every(([id, grams], i) => {
        const entry = entries[i];
        return (entry?.ingredient?.id ?? null) === id && near(entry?.weight?.grams, grams);
      });
    return { text, entries, meant, right };
  });

  it('is read fully right in 97 of 100 lines', () => {
    const wrong = read.filter(({ right }) => !right);
    const share = 1 - wrong.length / read.length;
    console.log(`corpus: ${read.length} lines, ${(100 * share).toFixed(1)} % fully right`);
    expect(read.length).toBeGreaterThanOrEqual(500);
    expect(share)
      .withContext(wrong.map(({ text }) => text).join('\n'))
      .toBeGreaterThanOrEqual(SHARE_FULLY_RIGHT);
  });
  it('is never read wrong and confident', () => {
    const sureAndWrong = read.filter(
      ({ right, entries }) => !right && entries.some(({ confidence }) => confidence >= CONFIDENT),
    );
    expect(sureAndWrong.map(({ text }) => text)).toEqual([]);
  });
  it('marks every line that nobody can know', () => {
    for (const { text, entries, meant } of read.filter((line) => line.meant.some(([id]) => id === null))) {
      expect(entries.length).withContext(text).toBe(meant.length);
      expect(entries.every(({ problems }) => problems.length > 0))
        .withContext(text)
        .toBeTrue();
    }
  });
});

describe('the corpus of whole texts', () => {
  const apostrophe = (text: string) => text.replace(/[’']/g, "'");
  for (const meant of CORPUS_TEXTS) {
    it(`reads ${meant.hand}`, () => {
      const reading = readFormula(meant.text, meant.own);
      if (reading.kind !== 'read') {
        fail(reading.problem.code);
        return;
      }
      const { formula } = reading;
      const { bake } = formula;
      expect(apostrophe(formula.title)).toBe(apostrophe(meant.title));
      expect(formula.region).toBe(meant.region ?? meant.own);
      expect(formula.yield).toBe(meant.yield);
      expect(formula.components.map(({ name, lines }) => [name, lines.length])).toEqual(
        meant.components.map(([name, lines]) => [name, lines]),
      );
      expect(formula.steps.length).toBe(meant.steps);
      expect(formula.notes?.length ?? 0).toBe(meant.notes ?? 0);
      expect(bake.celsius).toBe(meant.celsius);
      expect(bake.fan).toBe(meant.fan ?? false);
      expect([bake.lowMinutes, bake.highMinutes]).toEqual([meant.minutes?.[0], meant.minutes?.[1]]);
      expect(bake.pan).toBe(meant.pan);
      expect(bake.stages?.map((stage) => [stage.celsius, stage.lowMinutes, stage.highMinutes])).toEqual(
        meant.stages?.map((stage) => [...stage]),
      );
      const lines = weighFormula(formula).components.flatMap((component) => component.lines);
      for (const [piece, grams] of meant.grams) {
        const line = lines.find((weighedLine) => weighedLine.line.text.includes(piece));
        expect(near(line?.grams, grams))
          .withContext(`${piece}: ${line?.grams ?? 'none'} for ${grams}`)
          .toBeTrue();
      }
    });
  }
});
