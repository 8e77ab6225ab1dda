import { auditFormula } from '../audit/index.js';
import { findingsIn } from '../findings/index.js';
import { STYLES, styleById } from '../../batter/balance/index.js';
import { bandQuantities, linesOf } from '../../formula/formula/index.js';
import { readTable } from '../../ground/numerics/index.js';
import { parsePan } from '../../kitchen/pans/index.js';
import { WORKED_FORMULAS_TABLE } from '../../doors/samples/worked-formulas.table.js';
import { workedParts } from '../../doors/samples/worked-parts.js';
import { forbids } from '../swaps/index.js';
import { PLANS, startFormula, withBakeMinutes } from './index.js';

const counter = () => {
  let next = 0;
  return () => `s${next++}`;
};

describe('startFormula', () => {
  for (const style of STYLES) {
    it(`starts a balanced ${style.nameUk}`, () => {
      const { formula, missed } = startFormula({ style, size: { kind: 'flour', grams: 250 }, region: 'UK' }, counter());
      const audit = auditFormula(formula);
      const outside = audit.verdicts.filter(({ verdict }) => verdict !== 'within');
      expect(missed).toEqual([]);
      expect(
        outside.map(
          ({ quantity, value, band }) => `${quantity} ${value.toFixed(2)} of ${band.low.toFixed(2)}–${band.high}`,
        ),
      ).toEqual([]);
      expect(audit.lines.every(({ grams }) => grams !== undefined)).toBeTrue();
      expect(
        findingsIn(formula)
          .findings.filter(({ severity }) => severity === 'error')
          .map(({ code }) => code),
      ).toEqual([]);
      expect(formula.steps.every(({ text }) => !/[{}]| ,| {2}/.test(text)))
        .withContext(formula.steps.map(({ text }) => text).join('\n'))
        .toBeTrue();
    });
  }
  it('keeps the flour that was asked for, and weighs out nothing that a hand cannot', () => {
    for (const style of STYLES) {
      const { formula } = startFormula({ style, size: { kind: 'flour', grams: 237 }, region: 'UK' }, counter());
      const batter = auditFormula(formula).weighed.batter;
      const flour = batter.filter(({ ingredient }) => PLANS[style.basedOn]?.flours.some(([id]) => id === ingredient.id)).reduce((sum, { grams, ingredient }) => sum + (ingredient.id === 'sourdough-discard' ? grams / 2 : grams), 0); // prettier-ignore
      expect(Math.abs(flour - 237))
        .withContext(style.id)
        .toBeLessThan(2);
      for (const { ingredient, grams } of batter)
        if (['sugar', 'fat', 'dairy'].includes(ingredient.category)) expect(grams).withContext(`${style.id} ${ingredient.id}`).toBeGreaterThan(3); // prettier-ignore
    }
  });
  it('lets diets combine, gives what has no gluten what it needs, and names the bands that it misses', () => {
    for (const style of STYLES) {
      const { formula, missed } = startFormula(
        { style, size: { kind: 'flour', grams: 250 }, region: 'UK', diets: ['gluten-free', 'vegan'] },
        counter(),
      );
      const audit = auditFormula(formula);
      for (const { ingredient } of audit.weighed.batter)
        expect(forbids('gluten-free', ingredient) || forbids('vegan', ingredient)).withContext(`${style.id} ${ingredient.id}`).toBeFalse(); // prettier-ignore
      expect(findingsIn(formula).findings.map(({ code }) => code))
        .withContext(style.id)
        .not.toContain('no-gluten-no-binder');
      expect(audit.weighed.batter.some(({ ingredient }) => ingredient.id === 'psyllium-husk')).withContext(style.id).toBeTrue(); // prettier-ignore
      if (!formula.bake.pan?.includes('griddle') && !style.id.startsWith('soda_bread'))
        expect(formula.steps.some(({ text }) => /stand \d+ minutes/.test(text)))
          .withContext(style.id)
          .toBeTrue();
      const outside = audit.verdicts.filter(({ verdict }) => verdict !== 'within').map(({ quantity }) => quantity);
      expect(outside.filter((quantity) => !missed.includes(quantity)))
        .withContext(style.id)
        .toEqual([]);
      expect(formula.steps.every(({ text }) => !/\{|the (?:a|,|and)\b/.test(text))).withContext(formula.steps.map(({ text }) => text).join(' ')).toBeTrue(); // prettier-ignore
    }
  });
  it('writes the minutes of the bake, once foreseen, into the step that bakes, and claims no bake', () => {
    const style = styleById('plain_quick_loaf');
    if (!style) throw new Error('no loaf');
    const { formula } = startFormula({ style, size: { kind: 'flour', grams: 250 }, region: 'UK' }, counter());
    const told = withBakeMinutes(formula, '50 to 55 min');
    expect(told.steps.at(-1)?.text).toMatch(/Bake at \d+ °C for 50 to 55 min, until/);
    expect(told.bake.lowMinutes).toBeUndefined();
  });
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
