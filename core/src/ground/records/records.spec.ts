import { ownOf, without, withoutUndefined } from './index.js';

describe('records', () => {
  it('lose the keys named and keep all others, the one given untouched', () => {
    const pan = { name: 'quay tin', count: 2, material: 'dark' };
    expect(without(pan, 'count', 'material')).toEqual({ name: 'quay tin' });
    expect(pan).toEqual({ name: 'quay tin', count: 2, material: 'dark' });
  });
  it('lose what is undefined and keep what is empty', () => {
    const made: object = withoutUndefined<{ a?: number; b?: string; c?: number }>({ a: 0, b: '', c: undefined });
    expect(Object.keys(made)).toEqual(['a', 'b']);
  });
  it('give an entry by a written word, and none for what every object has', () => {
    expect(ownOf({ ap: 'all-purpose flour' }, 'ap')).toBe('all-purpose flour');
    for (const word of ['constructor', '__proto__', 'toString']) expect(ownOf({ ap: 1 }, word)).toBeUndefined();
  });
});
