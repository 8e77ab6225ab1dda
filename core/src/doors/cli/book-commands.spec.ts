import { without } from '../../ground/records/index.js';
import type { BakeRecord } from '../../book/records/index.js';
import { writeRecord } from '../../papers/book-papers/index.js';
import { runCommand } from './index.js';

const HEAD = 'date,recipe,pan,celsius,fan,predicted,out,word\n';
const row = (day: number, out: number, more: { recipe?: string; word?: string } = {}) => `2026-10-${String(day).padStart(2, '0')},${more.recipe ?? 'pear loaf'},9x5 in loaf,177,0,57,${out},${more.word ?? 'just'}\n`; // prettier-ignore
interface Learnt {
  readonly oven: { readonly celsius: number; readonly sd: number; readonly known: boolean };
  readonly recipes: readonly { readonly recipe: string; readonly factor: number; readonly sd: number }[];
  readonly bakes: readonly { readonly row: number; readonly absurd: number; readonly weight: number }[];
  readonly changed: boolean;
  readonly next: { readonly factor: number; readonly minutes: { readonly low: number; readonly likely: number; readonly high: number } | null } | null;
} // prettier-ignore
function learn(text: string, next?: string): Learnt {
  const outcome = runCommand(['learn', 'season.csv'], next === undefined ? {} : { next }, () => text);
  if (!('json' in outcome)) throw new Error('message' in outcome ? outcome.message : '');
  return outcome.json as Learnt;
}

describe('learn', () => {
  it('learns nothing of nothing', () => {
    const { oven, recipes, bakes, changed, next } = learn(HEAD);
    expect(oven).toEqual({ celsius: 0, sd: 12, known: false });
    expect([recipes, bakes, changed, next]).toEqual([[], [], false, null]);
  });
  it('gives the next bake of a recipe its window, and a new one none in minutes', () => {
    const season = HEAD + [62, 63, 61, 62].map((out, i) => row(i + 1, out)).join('');
    const { next } = learn(season, 'pear loaf,9x5 in loaf,177');
    expect(next?.minutes?.likely).toBeGreaterThan(60);
    expect(next?.minutes?.likely).toBeLessThan(62.5);
    expect(next?.minutes?.low).toBeGreaterThan(54);
    expect(learn(season, 'gingerbread,8 in square,170').next?.minutes).toBeNull();
  });
  it('does not care for the order of the rows, and gives each its place', () => {
    const rows = [row(1, 62), row(2, 40, { recipe: 'scones' }), row(3, 63), row(4, 100)];
    const [there, back] = [learn(HEAD + rows.join('')), learn(HEAD + [...rows].reverse().join(''))];
    expect(there.oven).toEqual(back.oven);
    expect(there.bakes.map(({ row: n }) => n)).toEqual([1, 2, 3, 4]);
    expect(there.bakes[3]?.absurd).toBeGreaterThan(0.9);
    expect(there.bakes[3]?.absurd).toBeCloseTo(back.bakes[0]?.absurd ?? 0, 2);
  });
  it('says that something changed when the last two missed on one side', () => {
    const calm = Array.from({ length: 8 }, (_, i) => row(i + 1, 62)).join('');
    expect(learn(HEAD + calm).changed).toBeFalse();
    expect(learn(HEAD + calm + row(20, 80) + row(21, 79)).changed).toBeTrue();
  });
  it('refuses with the row, and takes no bake that is none', () => {
    expect(runCommand(['learn', 's.csv'], {}, () => `${HEAD}soon,x,y,1,0,5,5,just`)).toEqual(jasmine.objectContaining({ code: 1 })); // prettier-ignore
    expect(runCommand(['learn', 's.csv'], { next: 'pear loaf' }, () => HEAD)).toEqual(jasmine.objectContaining({ code: 2 })); // prettier-ignore
  });
});

describe('compare', () => {
  const base: BakeRecord = { title: 'Pear loaf', at: 0, size: '', pan: 'loaf', celsius: 177, fan: false, outMinutes: 60, readings: { 'soda-left': 1.3, mixing: 70 }, score: 4 }; // prettier-ignore
  const better: BakeRecord = { ...base, readings: { 'soda-left': 0.1, mixing: 40 }, score: 8 };
  const files: Readonly<Record<string, string>> = { 'a.json': writeRecord(base), 'b.json': writeRecord(better), 'bad.json': '{', 'bare.json': writeRecord(without(base, 'score')) }; // prettier-ignore
  const compare = (...words: readonly string[]) => runCommand(['compare', ...words], {}, (file) => files[file]);
  it('puts the likeliest cause first, with its share and how sure', () => {
    const outcome = compare('a.json', 'b.json');
    const json = 'json' in outcome ? (outcome.json as { differences: { code: string; share: number; sd: number }[]; unexplained: number; hint: boolean }) : undefined; // prettier-ignore
    expect(json?.differences[0]?.code).toBe('soda-left');
    expect(json?.differences[0]?.share).toBeGreaterThan(0.3);
    expect(json?.differences[0]?.sd).toBeGreaterThan(0);
    const sum = (json?.differences ?? []).reduce((all, { share }) => all + share, json?.unexplained ?? 0);
    expect(sum).toBeCloseTo(1, 2);
  });
  it('wants two records that say how they came out', () => {
    expect(compare('a.json').code).toBe(2);
    expect(compare('a.json', 'gone.json').code).toBe(2);
    expect(compare('a.json', 'bad.json').code).toBe(1);
    expect(compare('a.json', 'bare.json').code).toBe(1);
  });
});
