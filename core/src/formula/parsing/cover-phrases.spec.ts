import { coversIn } from './cover-phrases.js';

/** Sentences of methods, and what they do to the bake: written down first. */
const SAID: readonly (readonly [prose: string, whole: number | undefined, covers: readonly object[]])[] = [
  [
    'Bake covered with a bowl for 25 minutes, then uncovered until brown.',
    45,
    [{ kind: 'bowl', fromMinute: 0, toMinute: 25 }],
  ],
  ['Bake at 180 °C for 60 minutes. Tent with foil after 30 minutes.', 60, [{ kind: 'foil', fromMinute: 30 }]],
  ['Cover loosely with foil for the last 15 minutes.', 60, [{ kind: 'foil', fromMinute: 45 }]],
  ['Bake in a heavy pot with the lid on for the first 30 minutes.', 50, [{ kind: 'lid', fromMinute: 0, toMinute: 30 }]],
  ['Put the lid on and bake. Take the lid off after 20 minutes.', 40, [{ kind: 'lid', fromMinute: 0, toMinute: 20 }]],
  ['Bake with the lid on. Take the lid off after 20 minutes.', 40, [{ kind: 'lid', fromMinute: 0, toMinute: 20 }]],
  ['Cover with foil when it is brown enough.', 60, []],
  ['Cover the bowl with a lid and rest the batter for 30 minutes.', 60, []],
  ['Line the tin with foil. Bake for 40 minutes.', 40, []],
  ['Cool for 20 minutes under a bowl.', 40, []],
  [
    'Bake at 200 °C for 15 minutes, covered with a bowl for 6 minutes.',
    15,
    [{ kind: 'bowl', fromMinute: 0, toMinute: 6 }],
  ],
  ['Bake for 55 minutes.', 55, []],
];

describe('coversIn', () => {
  for (const [prose, whole, covers] of SAID)
    it(`reads what lies over a bake: ${prose}`, () => {
      expect(coversIn(prose, whole)).toEqual([...covers] as never);
    });
});
