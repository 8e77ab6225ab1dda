/*
 * Sound data, damaged in its structure: a value is another, is gone, stands twice, or stands where its neighbours stood. For specs and the
 * long fuzz: what a reader takes of it must do for what is done with it.
 */

/** Written as JSON writes no figure of JavaScript's, but may. */
export const BEYOND_FIGURES = 'beyond-figures';
const HOSTILE: readonly unknown[] = [
  null, true, -1, 0, 0.1, 1e-320, 1e21, 9_007_199_254_740_991, BEYOND_FIGURES, '', ' ', 'NaN', '\u0000', '\ud83d', '__proto__', '٣', '2026-13-45', '1',
  'x'.repeat(5000), [], {}, [null], [[[[[[[[]]]]]]]], { id: 'a' }, JSON.parse('{"__proto__":{"polluted":true}}'), Array.from({ length: 400 }, () => 0),
]; // prettier-ignore

type Parts = Record<string, unknown>;
export const isParts = (value: unknown): value is Parts => typeof value === 'object' && value !== null;
/** Every place in a value where another could stand. */
function places(value: unknown): readonly { readonly of: Parts; readonly key: string }[] {
  if (!isParts(value)) return [];
  return Object.keys(value).flatMap((key) => [{ of: value, key }, ...places(value[key])]);
}

/** Damages a value where it stands, in one to three places. */
export function damage(chance: () => number, value: unknown): void {
  const one = <T>(list: readonly T[]): T => list[Math.floor(chance() * list.length)] as T;
  for (let left = 1 + Math.floor(chance() * 3); left > 0; left--) {
    const all = places(value);
    if (all.length === 0) return;
    const { of, key } = one(all);
    const acts: readonly (() => unknown)[] = [
      () => (of[key] = structuredClone(one(HOSTILE))),
      () => (of[key] = structuredClone(one(HOSTILE))),
      () => (Array.isArray(of) ? of.splice(Number(key), 1) : Reflect.deleteProperty(of, key)),
      () => (of[`${key}2`] = of[key]),
      () => (of[key] = structuredClone(one(all).of)),
    ];
    one(acts)();
  }
}
