import type { OwnIngredient } from '../../kitchen/ingredients/index.js';
import { startedFrom } from '../../kitchen/own-ingredients/index.js';
import { mustBeIngredient } from '../../formula/formula/index.js';
import { auditFormula } from '../../bench/audit/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { outlookOf } from '../../bench/outlook/index.js';
import { REGIONS, type Region } from '../../ground/units/index.js';
import { keepsOf } from '../keeping/index.js';
import { allergensIn, LABEL_SHEETS, labelOf, labelWord, nutritionPanel } from './index.js';

const CAKE = `Quay cake
For the cake
225 g plain flour
50 g rolled oats
200 g caster sugar
200 g butter
4 eggs
60 g ground almonds
2 tsp baking powder
For the frosting
150 g cream cheese
300 g icing sugar
Bake at 175 C in a 20 cm round tin`;
const label = (region: Region, text = CAKE) => {
  const reading = readFormula(text, 'UK');
  if (reading.kind !== 'read') throw new Error(text);
  const audit = auditFormula(reading.formula);
  return labelOf(reading.formula, audit, region, keepsOf(reading.formula, audit, PLAIN_KITCHEN));
};

describe('labelOf', () => {
  it('lists by descending weight as put into the bowl; a frosting is one ingredient with its own in it', () => {
    const { ingredients } = label('UK');
    const grams = ingredients.map((item) => item.grams);
    expect(grams).toEqual([...grams].sort((a, b) => b - a));
    const [first] = ingredients;
    expect(first?.name).toBe('frosting');
    expect(first?.of.map(({ name }) => name)).toEqual(['icing sugar', 'full-fat soft cheese']);
    expect(first?.grams).toBeCloseTo(450, 6);
    expect(ingredients.some(({ name }) => name === 'butter' || name === 'unsalted butter')).toBeTrue();
  });
  it('adds up an ingredient that stands twice', () => {
    const twice = label('UK', 'Loaf\n200 g plain flour\n100 g sugar\n100 g plain flour\n2 tsp baking powder\n150 ml milk');
    expect(twice.ingredients.filter(({ name }) => name === 'plain flour').map(({ grams }) => grams)).toEqual([300]);
  });
  it('names allergens by the list of each region: oats in the UK and not in the US, the nut by its name', () => {
    expect(label('UK').allergens).toEqual(jasmine.arrayWithExactContents(['milk', 'wheat', 'oats', 'egg', 'almond']));
    expect(label('US').allergens).toEqual(jasmine.arrayWithExactContents(['milk', 'wheat', 'egg', 'almond']));
    expect(labelWord('soy', 'UK')).toBe('soya');
    expect(labelWord('soy', 'IN')).toBe('soybean');
    expect(labelWord('sulphite', 'US')).toBe('sulfites');
    expect(labelWord('mustard', 'US')).toBeUndefined();
    expect(labelWord('mustard', 'CA')).toBe('mustard');
    expect(labelWord('chestnut', 'UK')).toBeUndefined();
    expect(labelWord('buckwheat', 'JP')).toBe('buckwheat');
    expect(labelWord('pine_nut', 'AU')).toBe('pine nut');
  });
  it('has a list for every region, each with wheat, milk, egg and peanut', () => {
    for (const region of REGIONS)
      for (const allergen of ['wheat', 'milk', 'egg', 'peanut'] as const)
        expect(labelWord(allergen, region)).withContext(`${region} ${allergen}`).toBeDefined();
  });
  it('says what may be in it: from what is in it, and from what else was on the bench', () => {
    const reading = readFormula(CAKE, 'UK');
    if (reading.kind !== 'read') throw new Error('not read');
    const audit = auditFormula(reading.formula);
    const beside = labelOf(reading.formula, audit, 'UK', keepsOf(reading.formula, audit, PLAIN_KITCHEN), ['hazelnut', 'milk']);
    expect(beside.mayContain).toContain('hazelnut');
    expect(beside.mayContain).not.toContain('milk');
    expect(allergensIn(audit)).toEqual(jasmine.arrayContaining(['wheat', 'oats', 'milk', 'egg', 'almond']));
  });
  it('is to be used by a date where it must be cold, and asks for packets and for what it could not read', () => {
    expect(label('UK').dateMark).toBe('use-by');
    const plain = label('UK', 'Loaf\n250 g self-raising flour\n100 g sugar\n150 ml milk\n80 g butter\n2 spoons of moon dust');
    expect(plain.dateMark).toBe('best-before');
    expect(plain.fromPackets.join()).toMatch(/self-raising flour/);
    expect(plain.missing.join()).toMatch(/moon dust/);
  });
}); // prettier-ignore

describe('what must not be left off a label', () => {
  it('is an ingredient that nobody weighed: it stands last, and its allergen is named', () => {
    const loaf = label('UK', 'Loaf\n250 g plain flour\n100 g sugar\n150 ml milk\n80 g butter\n2 tsp baking powder\nwalnuts, to finish');
    expect(loaf.ingredients.at(-1)?.name).toBe('walnuts');
    expect(loaf.allergens).toContain('walnut');
    expect(loaf.missing).toEqual([]);
  });
  it('is what a baker says of an ingredient of their own, beside what it was started from', () => {
    const own: OwnIngredient = { ...startedFrom(mustBeIngredient('all-purpose-flour'), 'harbour-mix', 'harbour mix'), allergens: ['gluten', 'tree-nut', 'soy'] };
    const kitchen = { ...PLAIN_KITCHEN, ingredients: [own] };
    const reading = readFormula('Loaf\n250 g harbour mix\n100 g sugar\n150 ml milk\n2 tsp baking powder', 'UK', kitchen);
    if (reading.kind !== 'read') throw new Error('not read');
    const audit = auditFormula(reading.formula, { kitchen, formula: () => undefined });
    const { allergens } = labelOf(reading.formula, audit, 'UK', keepsOf(reading.formula, audit, kitchen));
    expect(allergens).toEqual(jasmine.arrayContaining(['wheat', 'soya', 'nuts']));
  });
}); // prettier-ignore

describe('nutritionPanel', () => {
  it('rounds as the region does', () => {
    const reading = readFormula(CAKE, 'UK');
    if (reading.kind !== 'read') throw new Error('not read');
    const { per100gBaked } = outlookOf(reading.formula, auditFormula(reading.formula), PLAIN_KITCHEN).nutrition;
    const value = (region: Region, code: string, unit: string) => nutritionPanel(per100gBaked, region).find((row) => row.code === code && row.unit === unit)?.value; // prettier-ignore
    const kcal = per100gBaked.energy.likely;
    expect(value('US', 'energy', 'kcal')).toBe(10 * Math.round(kcal / 10));
    expect(value('UK', 'energy', 'kcal')).toBe(Math.round(kcal));
    expect(value('UK', 'energy', 'kJ')).toBe(Math.round(4.184 * kcal));
    expect(value('US', 'energy', 'kJ')).toBeUndefined();
    expect(value('UK', 'salt', 'g')).toBeDefined();
    expect((value('US', 'sodium', 'mg') ?? 1) % 5).toBe(0);
  });
});

describe('label sheets', () => {
  const PAPER = { a4: [210, 297], letter: [215.9, 279.4] } as const;
  it('lie on their paper, and no label on another', () => {
    for (const sheet of LABEL_SHEETS) {
      const [width, height] = PAPER[sheet.paper];
      expect(sheet.left + (sheet.columns - 1) * sheet.across + sheet.width).withContext(sheet.id).toBeLessThanOrEqual(width + 0.01); // prettier-ignore
      expect(sheet.top + (sheet.rows - 1) * sheet.down + sheet.height).withContext(sheet.id).toBeLessThanOrEqual(height + 0.01); // prettier-ignore
      expect(sheet.across).toBeGreaterThanOrEqual(sheet.width);
      expect(sheet.down).toBeGreaterThanOrEqual(sheet.height);
    }
  });
});
