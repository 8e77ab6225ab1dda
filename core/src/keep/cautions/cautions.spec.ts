import { auditFormula } from '../../bench/audit/index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';
import { readFormula } from '../../formula/parsing/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { keepsOf } from '../keeping/index.js';
import { cautionsFor, type Caution, type CautionCode } from './index.js';

/* Who is warned of what: by what is in it, how much of it, and whether the oven has seen it. */

const BASE = '225 g plain flour\n2 tsp baking powder\n150 g caster sugar\n120 g butter\n2 eggs\n100 ml milk';
const cautions = (text: string, fed = false): readonly Caution[] => {
  const formula = formulaRead(readFormula(text, 'UK'));
  const audit = auditFormula(formula);
  return cautionsFor(audit, keepsOf(formula, audit, PLAIN_KITCHEN).parts, fed);
};
const withIn = (more: string, fed = false) => cautions(`Loaf\n${BASE}\n${more}`, fed);
const withOn = (more: string) => cautions(`Cake\nFor the cake\n${BASE}\nFor the frosting\n${more}`);
const codesOf = (said: readonly Caution[]): readonly CautionCode[] => said.map(({ code }) => code);
const aboutOf = (said: readonly Caution[], code: CautionCode): readonly string[] =>
  said.flatMap((caution) => (caution.code === code ? caution.about.map(({ id }) => id) : []));
const noteOf = (said: readonly Caution[], code: CautionCode) => said.find((caution) => caution.code === code)?.note;

describe('cautions', () => {
  it('are the two that every label has, where there is nothing else to say', () => {
    expect(cautions(`Loaf\n${BASE}`)).toEqual([
      { code: 'freeze-once', about: [], note: '' },
      { code: 'draft-label', about: [], note: '' },
    ]);
  });
  it('say that alcohol stays from a five hundredth of it on, and always of a fed cake', () => {
    // 225 g of flour and what goes with it: some 700 g, so 1.4 g of alcohol; rum is a third of alcohol
    expect(aboutOf(withIn('100 ml rum'), 'alcohol-stays')).toEqual(['dark-rum']);
    expect(codesOf(withIn('2 g rum'))).not.toContain('alcohol-stays');
    expect(codesOf(withIn('20 g rum'))).toContain('alcohol-stays');
    expect(codesOf(withIn('', true))).toContain('alcohol-stays');
    expect(aboutOf(withIn('', true), 'alcohol-stays')).toEqual([]);
  });
  it('keep honey from infants, baked or not, in words of its own', () => {
    for (const said of [withIn('2 tbsp honey'), withOn('200 g butter\n3 tbsp honey')]) {
      expect(aboutOf(said, 'honey-infants')).toEqual(['honey']);
      expect(aboutOf(said, 'infants')).not.toContain('honey');
    }
    expect(codesOf(withIn('50 g caster sugar'))).not.toContain('honey-infants');
  });
  it('keep from infants what never is for them, and what is only once it is baked', () => {
    const salted = withIn('100 g feta');
    expect(aboutOf(salted, 'infants')).toEqual(['feta']);
    expect(noteOf(salted, 'infants')).toBe('added salt');
    // raw flour in a frosting, and in the batter none
    expect(aboutOf(withOn('150 g butter\n30 g rice flour'), 'infants')).toEqual(['white-rice-flour']);
    expect(codesOf(withIn('30 g rice flour'))).not.toContain('infants');
    const both = withIn('100 g feta\n50 g muesli');
    expect(noteOf(both, 'infants')?.split('; ').length).toBe(2);
    expect(noteOf(withIn('100 g feta\n100 g halloumi'), 'infants')).toBe('added salt');
  });
  it('say what a child can choke on, and how', () => {
    const nuts = withIn('100 g whole hazelnuts\n50 g muesli');
    expect(aboutOf(nuts, 'choking')).toContain('muesli');
    expect(noteOf(nuts, 'choking')).toContain('nut piece');
    expect(codesOf(withIn('100 g sugar'))).not.toContain('choking');
  });
  it('warn of poison by how much there is: a spoon of nutmeg, not a pinch', () => {
    expect(codesOf(withIn('1 pinch ground nutmeg'))).not.toContain('toxic');
    expect(aboutOf(withIn('2 tsp ground nutmeg'), 'toxic')).toEqual(['ground-nutmeg']);
    // twice a tea spoon is two
    expect(codesOf(withIn('1 tsp ground nutmeg'))).not.toContain('toxic');
    expect(aboutOf(withIn('1 tsp ground nutmeg\n1 tsp ground nutmeg'), 'toxic')).toEqual(['ground-nutmeg']);
    expect(codesOf(withIn('1 tsp ground ginger\n1 tsp ground nutmeg'))).not.toContain('toxic');
    // of what is poison in itself, any
    expect(aboutOf(withIn('5 g cassava flour'), 'toxic')).toEqual(['cassava-flour']);
    expect(codesOf(withIn('5 g cream of tartar'))).not.toContain('toxic');
  });
  it('say each poison once, with all that it is in', () => {
    const legumes = withIn('20 g chickpea flour\n20 g soy flour\n10 g lupin flour').filter(({ code }) => code === 'toxic');
    expect(legumes.map(({ about }) => about.map(({ id }) => id))).toEqual([['chickpea-flour', 'soy-flour'], ['lupin-flour']]);
    expect(legumes[0]?.note).toBe('legume flour: cook fully');
  });
  it('tell of egg where it stays raw, and never of what was baked, nor of milk', () => {
    expect(aboutOf(withOn('2 egg whites\n200 g icing sugar'), 'raw-egg')).toEqual(['egg-white']);
    expect(codesOf(cautions(`Loaf\n${BASE}`))).not.toContain('raw-egg');
    expect(codesOf(withOn('200 ml double cream'))).not.toContain('raw-egg');
  });
  it('say what must be cold, and that something was not read', () => {
    expect(codesOf(withOn('200 ml double cream'))).toContain('cold');
    expect(codesOf(withOn('200 g strawberry jam'))).not.toContain('cold');
    expect(codesOf(withOn('150 g butter\n3 ladles of harbour fluff'))).toContain('unread-filling');
    expect(codesOf(withOn('150 g butter\n300 g icing sugar'))).not.toContain('unread-filling');
  });
  it('stand in the order of their gravity', () => {
    const all = codesOf(withOn('2 egg whites\n3 ladles of harbour fluff\n20 ml rum\n1 tbsp honey\n50 g muesli\n5 g cassava flour'));
    expect(all).toEqual(['cold', 'unread-filling', 'raw-egg', 'alcohol-stays', 'honey-infants', 'infants', 'choking', 'toxic', 'freeze-once', 'draft-label']);
  });
}); // prettier-ignore
