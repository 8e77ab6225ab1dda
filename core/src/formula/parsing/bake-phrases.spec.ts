import { readBake } from './bake-phrases.js';
import { formulaRead } from './formula-read.spec-help.js';
import { readFormula } from './read-formula.js';

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

/** As bakes are noted and told: what is written, °C, fan, minutes. */
const NOTED: readonly (readonly [string, number, boolean, number, number])[] = [
  [
    'Spoon into a lined 2lb loaf tin and bake at 160 fan for about an hour and a quarter until a skewer comes out clean.',
    160,
    true,
    75,
    75,
  ],
  ['220C/200 fan/gas 7 - 12 mins. makes 8', 220, false, 12, 12],
  ['muffin tin, 350 for 20ish mins xx', 177, false, 20, 20],
  ['Mix, 22cm round tin, 35 mins at 180.', 180, false, 35, 35],
  ['Bake in a moderate oven 1 hour.', 180, false, 60, 60],
  ['bake 45 mins @ 170', 170, false, 45, 45],
  ['Bake at 180C (160C fan) for 1 hr 10 mins', 180, false, 70, 70],
  ['oven 180, 25-30 min', 180, false, 25, 30],
  ['180°C fan for 25 mins', 180, true, 25, 25],
  ['cook on 170 for 40 mins', 170, false, 40, 40],
  ['in at 200 for 15 mins then turn down to 160 for another 30', 200, false, 45, 45],
  ['Gas mark 4, 1 hour 15', 180, false, 75, 75],
  ['GM4 for an hour', 180, false, 60, 60],
  ['Reg 4 for 45 mins', 180, false, 45, 45],
  ['bake for 20 mins, 190 deg', 190, false, 20, 20],
  ['375 oven 25 mins', 191, false, 25, 25],
  ['Bake for 1¼ hours at 150C', 150, false, 75, 75],
  ['approx 50-55 minutes on 165°C', 165, false, 50, 55],
  ['bake for 3/4 hour at 350', 177, false, 45, 45],
  ['hot oven, 12 minutes', 220, false, 12, 12],
  ['slow oven for 2 hours', 150, false, 120, 120],
  ['bake 12–15 min until golden at 425°F', 218, false, 12, 15],
  ['Bake for at least 40 mins at 180', 180, false, 40, 40],
  ['180C for 40 mins, checking after 30', 180, false, 40, 40],
  ['Fan oven 160, 50 mins', 160, true, 50, 50],
  ['bake 25min 180C', 180, false, 25, 25],
  ['Pop in the oven (180) for half an hour', 180, false, 30, 30],
  ['Bake at 325 degrees for one hour and ten minutes', 163, false, 70, 70],
  ['Put in oven at 180 and bake until golden, about 20 minutes', 180, false, 20, 20],
  ['20 minutes at 200C fan', 200, true, 20, 20],
  ['Bake them for 15 to 18 minutes at 190 degrees C', 190, false, 15, 18],
  ['Bake 350 50min', 177, false, 50, 50],
  ['Cook for approx. 1 hr 20 min. in a 20cm/8in round tin at 170C/Fan 150C', 170, false, 80, 80],
  ['It takes about 35 minutes in my oven at 180', 180, false, 35, 35],
  ['Let it rest for 10 minutes, then bake for 25 minutes at 200', 200, false, 25, 25],
  ['180C fan 20 minutes', 180, true, 20, 20],
  ['dollops on a lined tray, 200 fan 18ish mins. makes 10', 200, true, 18, 18],
  ['two 18cm tins, gas 4, 25 mins', 180, false, 25, 25],
  ['160 about an hour, keep it a few days before cutting.', 160, false, 60, 60],
  ['Preheat to 200. Mix for 2 minutes. 18 mins.', 200, false, 18, 18],
];
describe('a bake as it is noted and told', () => {
  for (const [text, celsius, fan, lowMinutes, highMinutes] of NOTED)
    it(`is ${lowMinutes} to ${highMinutes} minutes at ${celsius} °C${fan ? ', fan' : ''}: "${text}"`, () => {
      const bake = readBake([text]);
      expect([bake.stages?.[0]?.celsius ?? bake.celsius, bake.fan, bake.lowMinutes, bake.highMinutes]).toEqual([celsius, fan, lowMinutes, highMinutes]);
    });
  it('takes an oven by its name only where no figure says it', () => {
    expect(readBake(['Bake in a hot oven, 200 °C, for 15 minutes']).celsius).toBe(200);
    expect(readBake(['Heat the oven to 190 °C. Put it into the hot oven for 15 minutes']).celsius).toBe(190);
  });
}); // prettier-ignore

describe('the size of a pan', () => {
  const PANS: readonly (readonly [told: string, pan: string])[] = [
    ['Bake in a tin about 12 by 10 inches at 350 for 35 minutes.', '12 by 10 inches tin'],
    ['Pour into a loaf tin that is about 23 x 13 cm.', '23 x 13 cm loaf tin'],
    ['Divide between two sandwich tins of 20 cm.', 'two 20 cm sandwich tins'],
    ['Bake in a dish roughly 9 inches square.', '9 inches square dish'],
    ['Divide between 8 x 200 ml tins. 180C, 22 min.', '8 x 200 ml tins'],
    ['Spoon into eight 150 ml pudding moulds.', 'eight 150 ml pudding moulds'],
    ['Pour into a buttered 1.2 litre pudding basin.', '1.2 litre pudding basin'],
  ];
  for (const [told, pan] of PANS)
    it(`is read behind it, or as what it holds: "${told}"`, () => {
      expect(readBake([told]).pan).toBe(pan);
    });
  it('is no figure that stands behind it for something else', () => {
    expect(readBake(['Leave in the tin about 10 minutes. Bake 30 min at 180C in a 20 cm round tin.']).pan).toBe('20 cm round tin'); // prettier-ignore
    expect(readBake(['Fill the tin about 2 cm deep, and bake at 180C for 30 min.']).pan).toBeUndefined();
  });
});

describe('how long it bakes, in a row of its own', () => {
  const LIST = '200 g plain flour\n2 tsp baking powder\n100 g butter\n2 eggs';
  it('is a step among steps, and told beside the list above it', () => {
    const behind = formulaRead(readFormula(`Loaf\n${LIST}\nMethod\nMix it all.\nBake 40-45 mins`, 'UK'));
    expect(behind.steps.map(({ text }) => text)).toEqual(['Mix it all.', 'Bake 40-45 mins']);
    const above = formulaRead(
      readFormula(`Loaf\nBake 40-45 mins\n${LIST}\nMethod\nMix it all.\nInto the oven at 180C.`, 'UK'),
    );
    expect(above.steps.length).toBe(2);
    for (const { bake } of [behind, above]) expect([bake.lowMinutes, bake.highMinutes]).toEqual([40, 45]);
  });
  it('is what the steps say where both do', () => {
    const { bake } = formulaRead(
      readFormula(`Loaf\nCook time: 1 hour\n${LIST}\nMethod\nMix it all.\nBake at 180C for 40 minutes.`, 'UK'),
    );
    expect(bake.lowMinutes).toBe(40);
  });
  it('may be turned down on the way, told of the whole', () => {
    for (const told of [
      'Bake at 200 for 45 minutes, reducing to 180 after 15 minutes.',
      'Oven 200, 45 mins turning down to 180 after 15.',
      'Bake at 200C for 45 mins, turn down to 180C after the first 15 mins',
    ])
      expect(readBake([told]).stages?.map(({ celsius, lowMinutes }) => [celsius, lowMinutes]))
        .withContext(told)
        .toEqual([
          [200, 15],
          [180, 30],
        ]);
    expect(
      readBake(['Bake at 220C for 15 minutes, then lower to 180C for 30 minutes.']).stages?.map(
        ({ lowMinutes }) => lowMinutes,
      ),
    ).toEqual([15, 30]);
    expect(
      readBake(['Bake 5 minutes at 400°F, lower to 350°F and bake 15 minutes more.']).stages?.map(
        ({ celsius, lowMinutes }) => [celsius, lowMinutes],
      ),
    ).toEqual([
      [204, 5],
      [177, 15],
    ]);
  });
});
