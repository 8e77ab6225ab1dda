import { openLines, readHave } from '../../bench/open-lines/index.js';
import { atHand } from './at-hand.spec-help.js';

/* What a baker says there is of something, and the grams that it is: written down by hand. */

const LOAF = atHand(
  'Quay loaf\n250 g plain flour\n2 eggs\n120 g caster sugar\n90 g butter\n100 ml milk\n50 ml oil\n3 ripe bananas\nBake at 175 °C in a 9x5 in loaf pan for 60 minutes.',
);
const LINES = openLines(LOAF.formula, LOAF.audit, LOAF.kitchen, new Set());
const SAID: readonly (readonly [said: string, grams: readonly number[]])[] = [
  ['half a pack of butter', [125]],
  ['1 block butter', [250]],
  ['butter 120, eggs 2', [120, 102]],
  ['2 cups flour 1 stick butter', [265, 113]],
  ['no butter or milk but 200ml oil', [0, 0, 184]],
  ['we have got 120g of butter', [120]],
  ['max 80g butter', [80]],
  ['use up 4 bananas', [472]],
  ['only 200 ml milk', [206]],
  ['just 80g sugar left', [80]],
  ['2 eggs in the fridge', [102]],
];

describe('what there is', () => {
  for (const [said, grams] of SAID)
    it(`is read: ${said}`, () => {
      const { limits, misunderstood } = readHave(said, LINES, { region: 'UK', kitchen: LOAF.kitchen });
      expect(misunderstood).toEqual([]);
      expect(limits.map(({ mostGrams }) => Math.round(mostGrams))).toEqual([...grams]);
    });
});
