import fc from 'fast-check';
import { mentionsIn, type Mention, type TimePurpose } from './index.js';

const times = (step: string) =>
  mentionsIn(step).flatMap((mention) =>
    mention.kind === 'time' ? [[mention.purpose, mention.low, mention.high] as const] : [],
  );

describe('mentionsIn', () => {
  const SAID: readonly (readonly [string, ...(readonly [TimePurpose, number, number])[]])[] = [
    ['Bake at 350F for 55 to 60 minutes. Cool 10 minutes in the pan.', ['bake', 55, 60], ['cool', 10, 10]],
    ['Soak the fruit in the cider overnight.', ['soak', 480, 720]],
    ['Whisk for 30 seconds, then rest 15 minutes.', ['mix', 0.5, 0.5], ['rest', 15, 15]],
    ['Chill the dough for half an hour.', ['chill', 30, 30]],
    ['Oven 200 °C, 45-50 minutes.', ['bake', 45, 50]],
    ['Bake 1½ hours; start checking at 1 hour 15 minutes.', ['bake', 90, 90], ['check', 75, 75]],
    ['Simmer the syrup for 5 minutes.', ['heat', 5, 5]],
    ['Keeps 3 days in a tin.', ['keep', 4320, 4320]],
    ['Fold in the flour.'],
  ];
  for (const [step, ...expected] of SAID) {
    it(`finds the times of “${step}”`, () => expect(times(step)).toEqual(expected));
  }
  it('tells the oven from the middle of the bake', () => {
    const mentions = mentionsIn('Bake at 165 °C (fan 145) until the middle reads 97 °C.');
    const heat = mentions.flatMap((mention) =>
      mention.kind === 'temperature' ? [[mention.of, mention.celsius, mention.fan]] : [],
    );
    expect(heat).toContain(['oven', 165, false]);
    expect(heat).toContain(['core', 97, false]);
  });
  it('finds covers and what to look for', () => {
    const found = mentionsIn('Cover with foil after an hour and bake until a skewer comes out clean, then cool.');
    expect(found.filter(({ kind }) => kind === 'cover').length).toBe(1);
    expect(found.find((one) => one.kind === 'cue')).toEqual(
      jasmine.objectContaining<Mention>({ words: 'a skewer comes out clean' }),
    );
  });
  it('points at the very letters, whatever dashes, fractions and spaces stand before', () => {
    const odd = fc.constantFrom('½ ', '— ', '\u00a0', '“so” ', '2 × 3 ', 'é', ' ');
    fc.assert(
      fc.property(fc.array(odd, { maxLength: 6 }), (before) => {
        const step = `${before.join('')} then bake for 25 minutes`;
        const time = mentionsIn(step).find((one) => one.kind === 'time' && one.low === 25);
        expect(time && step.slice(time.from, time.to)).toBe('25 minutes');
      }),
    );
  });
  it('holds minutes that are said without the word, so that they follow the bake', () => {
    for (const [step, said] of [
      ['Heap on trays. Gas 6, 15-18.', '15-18'],
      ['Bake at 220 for 12-15.', '12-15'],
      ['425 15 min then 375 20-25.', '20-25'],
      ['gas 7 - 12 mins', '12 mins'],
    ] as const) {
      const times = mentionsIn(step).filter(({ kind }) => kind === 'time');
      expect(times.map(({ from, to }) => step.slice(from, to)).at(-1))
        .withContext(step)
        .toBe(said);
      expect(times.every((time) => time.kind === 'time' && time.purpose === 'bake'))
        .withContext(step)
        .toBeTrue();
    }
  });
});
