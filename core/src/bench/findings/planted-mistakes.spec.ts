import { writtenBakeJob } from '../../batch/bake-jobs/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { runBakeJob } from '../../oven/baking/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { CORPUS_TEXTS, DEMO_FORMULAS } from '../../doors/samples/index.js';
import { auditFormula } from '../audit/index.js';
import { bakeFindings, findingsIn, type FindingCode } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

/** Every finding of a text, the simulated ones too. */
function everythingIn(text: string): readonly { readonly code: string; readonly place: string }[] {
  const formula = formulaRead(readFormula(text, 'UK'));
  const audit = auditFormula(formula);
  const job = writtenBakeJob({ formula, audit, kitchen: PLAIN_KITCHEN });
  return [...findingsIn(formula).findings, ...(job ? bakeFindings(formula, runBakeJob(job), audit) : [])];
}

const TEXTS = [...DEMO_FORMULAS, ...CORPUS_TEXTS].map(({ text }) => text);
const titled = (words: string) => {
  const text = TEXTS.find((one) => one.trimStart().replace(/^#\s*/, '').toLowerCase().startsWith(words.toLowerCase()));
  if (text === undefined) throw new Error(`there is no ${words}`);
  return text;
};

/** Twenty mistakes as bakers make them: which formula, what it said, what it says now, what must be found. */
const PLANTED: readonly (readonly [title: string, said: string, says: string, code: FindingCode])[] = [
  ['Pear and cardamom', '1 2/3 cups all-purpose flour, spooned', '1 2/3 cups (340 g) all-purpose flour, spooned', 'amounts-disagree'],
  ['Rhubarb', '195°C (fan 175°C)', '195°C (fan 205°C)', 'fan-not-below'],
  ['Courgette', '- 1/2 tsp baking powder', '- baking powder', 'leavener-without-amount'],
  ['Parsnip', 'two 20 cm sandwich tins', 'two sandwich tins', 'pan-without-size'],
  ['LEEK', '2 t baking powder', '6 T baking powder', 'gas-above-band'],
  ['Thyme', '70 g, cold', '70 g, melted', 'warm-for-flakes'],
  ['Coconut', '* 2 1/4 tsp baking powder', '* 1 tsp baking soda', 'soda-without-acid'],
  ['Marmalade', '4 oz / 115 g soft butter', '4 oz / 115 g cold butter', 'cold-for-emulsion'],
  ['Gingerbread', '4 oz butter\n', '4 oz butter\n3 oz raisins\n', 'line-unused'],
  ['Coconut', '345°F', '345°F (195°C)', 'temperatures-disagree'],
  ['Cider-fed', '2 hours 30 minutes to 2 hours 45 minutes', '30 minutes to 40 minutes', 'bake-time-implausible'],
  ['Rhubarb', 'Bicarbonate of soda ¼ tsp', 'Bicarbonate of soda 1¾ tsp', 'soda-left-over'],
  ['Boathouse blueberry', 'Grease a 9x5 inch loaf pan.', 'Line a 9x5 inch loaf pan with waxed paper.', 'oven-above-limit'],
  ['Eggless rava cake', 'Maida - 1/2 cup', 'Egg - 1 large\nMaida - 1/2 cup', 'allergen-denied'],
  ['Regatta carrot cake', '300g full-fat soft cheese', '2 egg whites', 'raw-egg'],
  ['Seed and syrup loaf', '**2 lb loaf tin**', '**12 cm round tin**', 'pan-too-small'],
  ['Plum buckle', '1/4 tsp salt', 'salt', 'amount-missing'],
  ['Lemon polenta cake', 'Beat in almonds,', 'Beat in the honey, almonds,', 'step-uses-unlisted'],
  ['Dark harvest cake', 'Dark harvest cake, two of them', 'Dark harvest cake for a first birthday', 'baby-sugar'],
  ['Harbour fruit loaf', '4 tbsp milk', '4 tbsp milk\n60g desiccated coconut', 'thirsty-ingredients'],
]; // prettier-ignore

describe('twenty planted mistakes', () => {
  it('are twenty', () => expect(PLANTED.length).toBe(20));
  for (const [title, words, says, code] of PLANTED) {
    it(`finds ${code} in ${title}: “${says.trim()}”`, () => {
      const sound = titled(title);
      expect(sound).toContain(words);
      const before = everythingIn(sound);
      expect(before.filter((finding) => finding.code === code)).toEqual([]);
      expect(everythingIn(sound.replace(words, says)).map((finding) => finding.code)).toContain(code);
    });
  }
  it('and no more than one false alarm in each of the twelve sound formulas', () => {
    for (const { id, text } of DEMO_FORMULAS) {
      const found = everythingIn(text);
      expect(found.length)
        .withContext(`${id}: ${found.map(({ code }) => code).join(', ')}`)
        .toBeLessThanOrEqual(1);
    }
    expect(DEMO_FORMULAS.length).toBe(12);
  });
});
