import { auditFormula } from '../../bench/audit/index.js';
import { findingsIn } from '../../bench/findings/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { cautionsFor } from '../../keep/cautions/index.js';
import { keepsOf } from '../../keep/keeping/index.js';
import { labelOf } from '../../keep/labelling/index.js';
import { mustBeIngredient } from '../../formula/formula/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { cautionInWords as stepCaution, cautionsOnce } from '../along-words/index.js';
import { findingInWords } from '../finding-words/index.js';
import { inOneLine } from '../figures/index.js';
import { cautionInWords, labelAsText } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

/* The cautions of the brief, one by one, each where it is said. */

const read = (text: string): Formula => formulaRead(readFormula(text, 'UK'));
const BASE = '225 g plain flour\n2 tsp baking powder\n150 g sugar\n120 g butter\n2 eggs\n100 ml milk';
/** What Keep says of it. */
const keeping = (text: string): string => {
  const formula = read(text);
  const audit = auditFormula(formula);
  const { parts } = keepsOf(formula, audit, PLAIN_KITCHEN);
  return cautionsFor(audit, parts, false)
    .map((caution) => cautionInWords(caution, 'UK'))
    .join('\n');
};
/** What the Bench finds. */
const found = (text: string): string => findingsIn(read(text)).findings.map((finding) => inOneLine(findingInWords(finding))).join('\n'); // prettier-ignore
const label = (text: string): string => {
  const formula = read(text);
  const audit = auditFormula(formula);
  return labelAsText(labelOf(formula, audit, 'UK', keepsOf(formula, audit, PLAIN_KITCHEN), ['hazelnut']));
};
type Facts = Parameters<typeof cautionsOnce>[0][number];
/** What a step of the bake along says. */
const atStep = (facts: Partial<Facts> & { readonly kind: string; readonly phase?: string }): string => {
  const { kind, phase, ...more } = facts;
  const step = { kind, phase } as unknown as Facts['step'];
  return cautionsOnce([{ step, words: '', ...more }]).flat().map(stepCaution).join('\n'); // prettier-ignore
};

const CAUTIONS: readonly (readonly [string, () => string, RegExp])[] = [
  ['raw flour', () => atStep({ kind: 'mix', phase: 'combine' }), /Raw flour and raw egg: do not taste/],
  ['raw egg where it stays raw', () => keeping(`Cake\nFor the cake\n${BASE}\nFor the frosting\n2 egg whites\n200 g icing sugar`), /Raw egg white.*asteurised/],
  ['honey and infants', () => keeping(`Loaf\n${BASE}\n2 tbsp honey`), /not for infants under twelve months/],
  ['salt and sugar for babies', () => found(`Muffins for a baby of 10 months\n${BASE}\n1/2 tsp salt`), /salt/i],
  ['choking', () => keeping(`Loaf\n${BASE}\n100 g whole hazelnuts`), /choke/],
  ['allergens present', () => label(`Loaf\n${BASE}`), /Contains: .*wheat.*milk.*egg|Contains: .*wheat/],
  ['allergens by cross-contact', () => label(`Loaf\n${BASE}`), /May contain: .*hazelnut/],
  ['alcohol stays', () => keeping(`Loaf\n${BASE}\n100 ml rum`), /alcohol stays/],
  ['dairy frostings: cold, and time out of it', () => keeping(`Cake\nFor the cake\n${BASE}\nFor the frosting\n200 g cream cheese\n200 g icing sugar`), /4 °C or below.*two hours/],
  ['unusual flours', () => keeping(`Loaf\n${BASE}\n40 g lupin flour`), /lupin/i],
  ['large doses of nutmeg', () => keeping(`Loaf\n${BASE}\n2 tsp ground nutmeg`), /nutmeg.*poison/i],
  ['paper and heat', () => found(`Loaf\n${BASE}\nLine the pan with parchment. Bake at 250 C for 20 minutes`), /parchment|paper/i],
  ['glass', () => atStep({ kind: 'cool', material: 'glass' }), /cracks/],
  ['a hot lid', () => atStep({ kind: 'bake', cover: 'lid' }), /lid is as hot as the oven/],
  ['steam', () => atStep({ kind: 'bake' }), /Steam/],
  ['hot fat', () => atStep({ kind: 'mix', phase: 'melt', words: 'melt the butter' }), /Hot fat/],
  ['ammonium bicarbonate', () => atStep({ kind: 'weigh', ingredient: mustBeIngredient('bakers-ammonia') }), /air the kitchen/],
  ['potassium bicarbonate', () => keeping(`Loaf\n${BASE}\n1 tsp potassium bicarbonate`), /kidney/],
  ['selling, registration, labels', () => keeping(`Loaf\n${BASE}`), /draft and no legal or medical advice/],
  ['a draft on the label itself', () => label(`Loaf\n${BASE}`), /Draft\. Rules differ by place/],
]; // prettier-ignore

describe('the cautions of the brief', () => {
  for (const [caution, say, words] of CAUTIONS) it(caution, () => expect(say()).toMatch(words));
});
