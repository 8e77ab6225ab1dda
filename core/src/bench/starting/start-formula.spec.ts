import { auditFormula } from '../audit/index.js';
import { STYLES, styleById } from '../../batter/balance/index.js';
import { bandQuantities, linesOf } from '../../formula/formula/index.js';
import { readTable } from '../../ground/numerics/index.js';
import { parsePan } from '../../kitchen/pans/index.js';
import { WORKED_FORMULAS_TABLE } from '../../doors/samples/worked-formulas.table.js';
import { workedParts } from '../../doors/samples/worked-parts.js';
import { forbids } from '../swaps/index.js';
import { PLANS, startFormula } from './index.js';

const counter = () => {
  let next = 0;
  return () => `s${next++}`;
};

describe('startFormula', () => {
  for (const style of STYLES) {
    it(`starts a balanced ${style.nameUk}`, () => {
      const { formula, balanced } = startFormula(
        { style, size: { kind: 'flour', grams: 250 }, region: 'UK' },
        counter(),
      );
      const audit = auditFormula(formula);
      const outside = audit.verdicts.filter(({ verdict }) => verdict !== 'within');
      expect(balanced).withContext('solved').toBeTrue();
      expect(
        outside.map(
          ({ quantity, value, band }) => `${quantity} ${value.toFixed(2)} of ${band.low.toFixed(2)}–${band.high}`,
        ),
      ).toEqual([]);
      expect(audit.lines.every(({ grams }) => grams !== undefined)).toBeTrue();
      expect(audit.findings.filter(({ severity }) => severity === 'error').map(({ code }) => code)).toEqual([]);
      expect(formula.steps.every(({ text }) => !/[{}]| ,| {2}/.test(text)))
        .withContext(formula.steps.map(({ text }) => text).join('\n'))
        .toBeTrue();
    });
  }
  it('fills the pan it is started for', () => {
    const style = styleById('muffin');
    const pan = parsePan('12-cup muffin tin');
    if (!style || pan.kind !== 'pan') throw new Error('no muffin');
    const { formula } = startFormula(
      { style, size: { kind: 'pan', pans: pan.set, written: '12-cup muffin tin' }, region: 'US' },
      counter(),
    );
    const grams = auditFormula(formula).totals.grams;
    expect(grams).toBeGreaterThan(600);
    expect(grams).toBeLessThan(1250);
  });
  it('uses what is in the cupboard, and keeps to a diet', () => {
    const style = styleById('fruit_puree_loaf');
    if (!style) throw new Error('no loaf');
    const cupboard = new Set([
      'whole-wheat-flour',
      'sunflower-oil',
      'oat-milk',
      'granulated-sugar',
      'applesauce',
      'uk-baking-powder',
    ]);
    const { formula, replaced } = startFormula(
      { style, size: { kind: 'count', count: 10 }, region: 'UK', cupboard, diets: ['dairy-free'] },
      counter(),
    );
    const ingredients = auditFormula(formula).lines.flatMap(({ entries }) =>
      entries.flatMap(({ read }) => read.ingredient ?? []),
    );
    expect(ingredients.some((one) => forbids('dairy-free', one))).toBeFalse();
    expect(ingredients.map(({ id }) => id)).toContain('sunflower-oil');
    expect(replaced.map(({ came }) => came)).toContain('applesauce');
  });
  it('is never a copy of a worked formula', () => {
    for (const row of readTable(WORKED_FORMULAS_TABLE)) {
      const style = styleById(row['style'] ?? '');
      const worked = bandQuantities(workedParts(row['ingredients'] ?? ''));
      if (!style || !worked) continue;
      const { formula } = startFormula(
        { style, size: { kind: 'flour', grams: Number(row['flour_g']) }, region: 'UK' },
        counter(),
      );
      const own = bandQuantities(auditFormula(formula).weighed.batter);
      const apart = (['sugar', 'fat', 'egg', 'water'] as const).reduce(
        (sum, one) => sum + Math.abs((own?.[one] ?? 0) - worked[one]),
        0,
      );
      expect(apart)
        .withContext(
          `${row['title'] ?? ''}: ${linesOf(formula)
            .map(({ text }) => text)
            .join()}`,
        )
        .toBeGreaterThan(1);
    }
  });
  it('has a plan for every style', () => {
    for (const { id } of STYLES) expect(PLANS[id]).withContext(id).toBeDefined();
  });
});
