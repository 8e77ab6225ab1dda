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

  it('overrules nothing where nobody is: both took it away, or the one put in what the other has too', () => {
    const without = { ...BASE, lines: list('a flour', 'b sugar') };
    expect(mergeThree(BASE, without, without)).toEqual({ value: without, overruled: false });
    expect(mergeThree(BASE, BASE, without)).toEqual({ value: without, overruled: false });
    const withNuts = { ...BASE, lines: [...BASE.lines, ...list('n nuts')] };
    expect(mergeThree(BASE, withNuts, withNuts)).toEqual({ value: withNuts, overruled: false });
  });
  it('lets a line go that the later hand took away, and says so where the earlier had written in it', () => {
    const written = { ...BASE, lines: list('a flour', 'b sugar', 'c 4 eggs') };
    const without = { ...BASE, title: 'Bun', lines: list('a flour', 'b sugar') };
    const { value, overruled } = mergeThree(BASE, written, without);
    expect(value.lines).toEqual(list('a flour', 'b sugar'));
    expect(overruled).toBeTrue();
    expect(mergeThree(BASE, { ...BASE, title: 'Cake' }, { ...without, title: 'Loaf' }).value.lines).toEqual(
      list('a flour', 'b sugar'),
    );
  });
  it('puts what the earlier hand put in behind what it stood behind, or first', () => {
    const earlier = { ...BASE, lines: list('n nuts', 'a flour', 'b sugar', 'm milk', 'c eggs') };
    const later = { ...BASE, lines: list('a flour', 'b brown sugar', 'c eggs') };
    expect(mergeThree(BASE, earlier, later).value.lines).toEqual(
      list('n nuts', 'a flour', 'b brown sugar', 'm milk', 'c eggs'),
    );
  });
  it('takes a whole for the later hand’s where the two are of different makes', () => {
    const base: unknown = { note: 'x' };
    for (const [earlier, later] of [
      [{ note: list('a b') }, { note: { a: 1 } }],
      [{ note: { a: 1 } }, { note: list('a b') }],
      [{ note: ['a', 'b'] }, { note: ['a', 'c'] }],
      [{ note: [{ id: 1 }] }, { note: [{ id: 2 }] }],
      [{ note: null }, { note: { a: 1 } }],
      [{ note: { a: 1 } }, { note: null }],
      [{ note: [...list('a b'), 'loose'] }, { note: [...list('a c'), 'loose'] }],
    ] as const)
      expect(mergeThree(base, earlier as unknown, later as unknown)).toEqual({ value: later, overruled: true });
  });
  it('meets where the beginning had neither: each key and each line of both', () => {
    const none: { a?: unknown } = {};
    expect(mergeThree<unknown>(none, { a: { x: 1 } }, { a: { y: 2 } }).value).toEqual({ a: { x: 1, y: 2 } });
    expect(mergeThree<unknown>(none, { a: list('a b') }, { a: list('c d') }).value).toEqual({ a: list('a b', 'c d') });
    // what both take away is no key with nothing in it
    expect(Object.keys(mergeThree<object>({ a: 1, b: 1 }, { b: 2 }, { b: 1, c: 1 }).value)).toEqual(['b', 'c']);
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
