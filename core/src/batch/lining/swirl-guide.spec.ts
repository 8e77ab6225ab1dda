import fc from 'fast-check';
import { parsePan, type Pan } from '../../kitchen/pans/index.js';
import { flattened, liningFor, swirlGuide } from './index.js';

const panOf = (words: string): Pan => {
  const read = parsePan(words);
  if (read.kind !== 'pan') throw new Error(words);
  return read.set.pan;
};
/** The middle of each mark of a guide, mm. */
const marksOf = (pan: Pan, n: number) =>
  swirlGuide(pan, n)
    .slice(1)
    .map((outline) => {
      const points = flattened(outline);
      const mean = (of: 0 | 1) => points.reduce((sum, point) => sum + point[of], 0) / points.length;
      return [mean(0), mean(1)] as const;
    });

describe('the guide for swirls', () => {
  it('has as many marks as were asked for on a round, all inside, the outer ones equally far apart', () => {
    const pan = panOf('20 cm round');
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 18 }), (n) => {
        const marks = marksOf(pan, n);
        expect(marks.length).toBe(n);
        for (const [x, y] of marks) expect(Math.hypot(x, y)).toBeLessThan(100 - 10);
        const gaps = marks.map((mark, i) => {
          const [x, y] = marks[(i + 1) % marks.length] ?? mark;
          return Math.hypot(mark[0] - x, mark[1] - y);
        });
        if (n > 1 && n <= 17) expect(Math.max(...gaps) - Math.min(...gaps)).toBeLessThan(1);
      }),
    );
  });
  it('says when a cake has no room for so many', () => {
    expect(() => swirlGuide(panOf('10 cm round'), 40)).toThrowError(/marks/);
    expect(() => swirlGuide(panOf('20 cm round'), 0)).toThrowError(/marks/);
  });
  it('stands in rows on a sheet: 12 on 30 by 20 cm are three rows of four', () => {
    const marks = marksOf(panOf('30 x 20 x 4 cm'), 12);
    expect(new Set(marks.map(([, y]) => Math.round(y))).size).toBe(3);
    expect(marks.length).toBe(12);
    const [xs, ys] = [marks.map(([x]) => x), marks.map(([, y]) => y)];
    expect(Math.min(...xs)).toBeCloseTo(300 - Math.max(...xs), 0);
    expect(Math.min(...ys)).toBeCloseTo(200 - Math.max(...ys), 0);
  });
  it('is one of the papers of a pan when it is asked for, at its real size', () => {
    const read = parsePan('20 cm round');
    if (read.kind !== 'pan') throw new Error('no pan');
    const guide = liningFor(read.set, 'sling', 8).find(({ kind }) => kind === 'guide');
    expect(guide?.widthMillimetres).toBeCloseTo(200, 0);
    expect(liningFor(read.set, 'sling').some(({ kind }) => kind === 'guide')).toBeFalse();
  });
});
