import { readBake } from './bake-phrases.js';

describe('readBake', () => {
  const SAID: readonly (readonly [string, Partial<ReturnType<typeof readBake>>])[] = [
    [
      'Bake at 350F in a 9x5 loaf pan for 55 to 60 minutes',
      { celsius: 177, fan: false, lowMinutes: 55, highMinutes: 60, pan: '9x5 loaf pan' },
    ],
    [
      'Heat the oven to 195°C (fan 175°C). Bake for 20-22 minutes.',
      { celsius: 195, fan: false, lowMinutes: 20, highMinutes: 22 },
    ],
    ['bake at 170 C fan for 30-35 mins', { celsius: 170, fan: true, lowMinutes: 30, highMinutes: 35 }],
    ['Heat oven to 180C/160C fan/gas 4. Bake 25 min.', { celsius: 180, fan: false, lowMinutes: 25 }],
    ['Fan oven 160C, 45 minutes', { celsius: 160, fan: true, lowMinutes: 45 }],
    ['180C/fan 160, 35 min, 20cm sq tin', { celsius: 180, fan: false, lowMinutes: 35, pan: '20cm sq tin' }],
    ['2 lb loaf tin, Gas 4 (180°C), about 1 hour.', { celsius: 180, lowMinutes: 60, pan: '2 lb loaf tin' }],
    ['Bake at 350 for 50 minutes until the middle reads 96 °C', { celsius: 177, lowMinutes: 50, highMinutes: 50 }],
    ['Tip into a 30 x 20 x 4 cm traybake tin', { pan: '30 x 20 x 4 cm traybake tin' }],
    ['Divide between 2 x 20 cm sandwich tins and bake', { pan: '2 x 20 cm sandwich tins' }],
    [
      'Line an 18 cm round tin, 9 cm deep, double. Bake at 150 °C for 2 hours 30 minutes to 2 hours 45 minutes.',
      { celsius: 150, lowMinutes: 150, highMinutes: 165, pan: '18 cm round tin, 9 cm deep' },
    ],
    ['Bake at 350F on the middle shelf; after 50 minutes take it out.', { celsius: 177, lowMinutes: 50 }],
    [
      'Bake at 180 °C for 40 minutes. After 10 minutes take it out of the tin.',
      { celsius: 180, lowMinutes: 40, highMinutes: 40 },
    ],
    [
      'Into the oven at 350, drop the temperature to 340 after 20 minutes and give it 15 more.',
      {
        celsius: 177,
        lowMinutes: 35,
        stages: [
          { celsius: 177, lowMinutes: 20, highMinutes: 20 },
          { celsius: 171, lowMinutes: 15, highMinutes: 15 },
        ],
      },
    ],
    ['Bake 30 minutes. Cool 10 minutes in the pan.', { lowMinutes: 30, highMinutes: 30 }],
    ['Rest the batter 15 minutes. Bake at 200 °C for 18 minutes.', { celsius: 200, lowMinutes: 18 }],
  ];
  for (const [text, expected] of SAID) {
    it(`reads "${text}"`, () => {
      expect(readBake([text])).toEqual(jasmine.objectContaining(expected));
    });
  }
  it('keeps silent about what is not said', () => {
    expect(readBake(['Fold wet into dry.'])).toEqual({ fan: false });
  });
});
