import { damagedRows, rowFaultOf, SOUND_ROWS } from './row-fuzzing.spec-help';
import { hasShape, type Shape } from './shapes';
import { shownOf, TABLE_NAMES } from './tables';

const CASES = 4000;

describe('the shape of a value', () => {
  const pan: Shape = { name: 'text', 'depth?': 'figure', kind: ['one of', 'round', 'loaf'], marks: ['each', 'figure'] };
  const isPan = hasShape(pan);
  const round = { name: 'quay tin', kind: 'round', marks: [1, 2.5] };

  it('has its parts, and may lack those that may be missing', () => {
    expect(isPan(round)).toBeTrue();
    expect(isPan({ ...round, depth: 5 })).toBeTrue();
    expect(isPan({ ...round, depth: undefined })).toBeTrue();
    expect(isPan({ ...round, name: undefined })).toBeFalse();
    expect(isPan({ ...round, depth: null })).toBeFalse();
    expect(isPan({ name: 'quay tin', marks: [] })).toBeFalse();
  });
  it('is of its kind: no list is a thing with parts, no text a figure, no figure beyond all dates', () => {
    for (const value of [undefined, null, 7, 'round', [], [round]]) expect(isPan(value)).withContext(JSON.stringify(value)).toBeFalse();
    for (const marks of [{}, '12', ['1'], [NaN], [Infinity], [-8.7e15], [null], [[1]]])
      expect(isPan({ ...round, marks })).withContext(JSON.stringify(marks)).toBeFalse();
  });
  it('is one of its choices, and not what every object has', () => {
    expect(isPan({ ...round, kind: 'loaf' })).toBeTrue();
    expect(isPan({ ...round, kind: 'constructor' })).toBeFalse();
    expect(isPan(Object.create(round))).toBeFalse();
  });
  it('is any of several, or the same under any name', () => {
    const known = hasShape(['or', 'nothing', ['under any name', 'figure']]);
    expect(known(null)).toBeTrue();
    expect(known({ flour: 1, constructor: 2 })).toBeTrue();
    expect(known({ flour: 'one' })).toBeFalse();
    expect(known('one')).toBeFalse();
  });
}); // prettier-ignore

describe('a row of the store', () => {
  it('is shown as it is where it is sound, in every table', () => {
    expect(new Set(SOUND_ROWS.map(({ table }) => table))).toEqual(new Set(TABLE_NAMES));
    for (const { table, row } of SOUND_ROWS) expect(shownOf<typeof table>(table, row)).withContext(table).toBe(row as never);
  });
  it('is shown whenever its schema takes it, and never when it is of another make', () => {
    const rows = damagedRows(20_261_128);
    for (let n = 0; n < CASES; n++) {
      const one = rows.next().value as ReturnType<typeof damagedRows> extends Generator<infer T> ? T : never;
      expect(rowFaultOf(one)).withContext(JSON.stringify(one).slice(0, 3000)).toBeUndefined();
    }
  });
  it('loses what was decided for its batch alone', () => {
    const [formula] = SOUND_ROWS.filter(({ table }) => table === 'formulas');
    const shown = shownOf('formulas', { ...formula?.row, batch: { targets: 'two' } });
    expect(shown?.formula).toEqual(formula?.row['formula'] as never);
    expect(Object.keys(shown ?? {})).not.toContain('batch');
  });
}); // prettier-ignore
