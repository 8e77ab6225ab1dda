import { atHand } from './at-hand.spec-help.js';
import { openLines, readHave } from '../../bench/open-lines/index.js';
import { readTargets } from './index.js';

const BANANA_LOAF = atHand(
  'Banana loaf\n250 g plain flour\n3 bananas, mashed (360 g)\n2 eggs\n120 g sugar\n90 g butter\n100 ml milk\n1 tsp baking soda\nmakes 12\nBake at 175 °C in a 9x5 in loaf pan for 60 minutes.',
);
const batch = (text: string) => readTargets(text, BANANA_LOAF);
const unsaid = ({ targets, faults }: ReturnType<typeof batch>) => ({
  faults,
  targets: targets.map((target) => ('said' in target ? { ...target, said: '' } : target)),
});

describe('what a batch is to give, in German', () => {
  for (const [german, english] of [
    ['halb', 'half'],
    ['doppelt', 'double'],
    ['900 g', '900 g'],
    ['16 zu 55 g', '16 of 55 g'],
    ['2 Eier', '2 eggs'],
    ['Bananen = 412 g', 'bananas = 412 g'],
    ['18 Portionen', 'serves 18'],
  ] as const)
    it(`“${german}” is “${english}”`, () => {
      expect(unsaid(batch(english)).faults).toEqual([]);
      expect(unsaid(batch(german))).toEqual(unsaid(batch(english)));
    });
  it('may be several things', () => {
    expect(batch('24 Muffins und 900 g').targets.length).toBe(2);
    expect(batch('zwei runde 20 cm').targets.map(({ kind }) => kind)).toEqual(['pans']);
  });
});

describe('what there is, in German', () => {
  const had = (text: string) =>
    readHave(text, openLines(BANANA_LOAF.formula, BANANA_LOAF.audit, BANANA_LOAF.kitchen, new Set()), { region: 'UK', kitchen: BANANA_LOAF.kitchen }).limits.map(({ mostGrams }) => Math.round(mostGrams)); // prettier-ignore
  it('is what it is in English', () => {
    expect(had('180 g flour, 1 egg, no milk').length).toBe(3);
    expect(had('180 g Mehl, 1 Ei, keine Milch')).toEqual(had('180 g flour, 1 egg, no milk'));
  });
});
