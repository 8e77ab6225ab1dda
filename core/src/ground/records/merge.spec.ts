import fc from 'fast-check';
import { mergeThree } from './index.js';

interface Line {
  readonly id: string;
  readonly text: string;
}
const list = (...lines: readonly string[]): readonly Line[] =>
  lines.map((written) => ({ id: written.slice(0, 1), text: written }));
const BASE = { title: 'Loaf', bake: { celsius: 180, pan: 'loaf' }, lines: list('a flour', 'b sugar', 'c eggs') };

describe('mergeThree', () => {
  it('takes both changes where two hands changed different things', () => {
    const earlier = { ...BASE, title: 'Pear loaf', lines: list('a flour', 'b brown sugar', 'c eggs') };
    const later = { ...BASE, bake: { ...BASE.bake, celsius: 170 }, lines: list('a flour', 'b sugar', 'c 3 eggs') };
    expect(mergeThree(BASE, earlier, later)).toEqual({
      value: {
        title: 'Pear loaf',
        bake: { celsius: 170, pan: 'loaf' },
        lines: list('a flour', 'b brown sugar', 'c 3 eggs'),
      },
      overruled: false,
    });
  });
  it('lets the later hand stand where both changed the same line, and says so', () => {
    const earlier = { ...BASE, lines: list('a flour', 'b brown sugar', 'c eggs') };
    const later = { ...BASE, lines: list('a flour', 'b honey', 'c eggs') };
    const { value, overruled } = mergeThree(BASE, earlier, later);
    expect(value.lines).toEqual(list('a flour', 'b honey', 'c eggs'));
    expect(overruled).toBeTrue();
  });
  it('keeps what each put in, and what neither wants is gone', () => {
    const earlier = { ...BASE, lines: list('a flour', 'n nuts', 'b sugar') };
    const later = { ...BASE, lines: list('a flour', 'b sugar', 'c eggs', 'm milk') };
    expect(mergeThree(BASE, earlier, later).value.lines).toEqual(list('a flour', 'n nuts', 'b sugar', 'm milk'));
  });
  it('keeps a line that the one took away and the other was still writing', () => {
    const earlier = { ...BASE, lines: list('a flour', 'b sugar') };
    const later = { ...BASE, lines: list('a flour', 'b sugar', 'c 4 eggs') };
    expect(mergeThree(BASE, earlier, later).value.lines).toEqual(list('a flour', 'b sugar', 'c 4 eggs'));
  });

  const lines = fc.uniqueArray(
    fc.record({ id: fc.constantFrom('a', 'b', 'c', 'd', 'e'), text: fc.constantFrom('1', '2', '3') }),
    {
      selector: ({ id }) => id,
    },
  );
  const state = fc.record({ title: fc.constantFrom('x', 'y'), lines });
  it('is the one hand’s work where the other did nothing', () => {
    fc.assert(
      fc.property(state, state, (base, changed) => {
        expect(mergeThree(base, changed, base)).toEqual({ value: changed, overruled: false });
        expect(mergeThree(base, base, changed)).toEqual({ value: changed, overruled: false });
      }),
    );
  });
  it('never makes one line twice, and loses none of the later hand’s own', () => {
    fc.assert(
      fc.property(state, state, state, (base, earlier, later) => {
        const { value } = mergeThree(base, earlier, later);
        const ids = value.lines.map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
        for (const line of later.lines) {
          const before = base.lines.find(({ id }) => id === line.id);
          if (before?.text !== line.text) expect(value.lines).toContain(line);
        }
      }),
    );
  });
});
