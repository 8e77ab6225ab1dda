import fc from 'fast-check';
import { tellLine, type Formula } from '../formula/index.js';
import { learn, PLAIN_KITCHEN, type Kitchen } from '../../kitchen/kitchen/index.js';
import { leaveningLedger } from '../../batter/leavening/index.js';
import { readFormula, takesFrom, weighFormula, type Surroundings } from './index.js';
import { formulaRead } from './formula-read.spec-help.js';

function read(text: string): Formula {
  return formulaRead(readFormula(text, 'UK'));
}
const gramsIn = (formula: Formula, around?: Surroundings) =>
  weighFormula(formula, around).components.flatMap(({ lines }) => lines.map(({ grams }) => grams));
const inKitchen = (kitchen: Kitchen): Surroundings => ({ kitchen, formula: () => undefined });

describe('weighFormula', () => {
  it('counts percentages of the flour that is weighed, whatever its weight', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 50_000 }), (flour) => {
        const [, sugar, salt] = gramsIn(read(`Plain flour ${flour} g\nSugar 60%\nSalt 1.5%`));
        expect(sugar).toBeCloseTo(0.6 * flour, 6);
        expect(salt).toBeCloseTo(0.015 * flour, 6);
      }),
    );
  });
  it('counts bare percentages for a kilo of flour, or for as much as the baker says', () => {
    const formula = read('Strong flour 60%\nPlain flour 40%\nButter 20%');
    expect(gramsIn(formula)).toEqual([600, 400, 200]);
    expect(gramsIn({ ...formula, flourBasisGrams: 25_000 })).toEqual([15_000, 10_000, 5000]);
    expect(weighFormula(formula).flourBasis).toEqual({ grams: 1000, assumed: true });
  });
  it('keeps the ratio of parts', () => {
    const [flour = 0, butter = 0, sugar = 0] = gramsIn(read('3 parts plain flour\n2 parts butter\n1 part sugar'));
    expect(butter / flour).toBeCloseTo(2 / 3, 9);
    expect(sugar / butter).toBeCloseTo(1 / 2, 9);
  });
  it('leaves what is optional out of the batter, and weighs it', () => {
    const formula = read('200 g plain flour\n50 g walnuts (optional)\n100 g sugar');
    expect(gramsIn(formula)).toEqual([200, 50, 100]);
    expect(weighFormula(formula).batter.map(({ grams }) => grams)).toEqual([200, 100]);
    expect(weighFormula(tellLine(formula, 'l2', { optional: false })).batter.length).toBe(3);
  });
});

describe('a line that takes from another formula', () => {
  const frosting = read('Frosting\n200 g soft cheese\n100 g icing sugar');
  const cake = tellLine(read('Cake\n200 g plain flour\nFor the top\n1 batch frosting'), 'l2', { formulaId: 'f' });
  const around = (formulas: Readonly<Record<string, Formula>>): Surroundings => ({
    kitchen: PLAIN_KITCHEN,
    formula: (id) => formulas[id],
  });
  it('weighs as much of it as it says, ingredient by ingredient', () => {
    expect(gramsIn(cake, around({ f: frosting }))).toEqual([200, 300]);
    const half = { ...cake, components: cake.components.map((component) => ({ ...component, lines: component.lines.map((line) => ({ ...line, text: line.text.replace('1 batch', '½ batch') })) })) }; // prettier-ignore
    const [, top] = weighFormula(half, around({ f: frosting })).components;
    expect(top?.lines[0]?.entries.map(({ ingredient, weight }) => [ingredient?.id, weight?.grams])).toEqual([
      ['cream-cheese', 100],
      ['powdered-sugar', 50],
    ]);
    const weighed = tellLine(cake, 'l2', { grams: 60 });
    expect(gramsIn(weighed, around({ f: frosting }))[1]).toBeCloseTo(60, 9);
  });
  it('follows the other formula when that changes', () => {
    expect(gramsIn(cake, around({ f: read('Frosting\n400 g soft cheese\n100 g icing sugar') }))[1]).toBe(500);
  });
  it('never goes round in a circle, and says so', () => {
    const first = tellLine(read('A\n100 g flour\n1 batch b'), 'l2', { formulaId: 'b' });
    const second = tellLine(read('B\n100 g sugar\n1 batch a'), 'l2', { formulaId: 'a' });
    const both = around({ a: first, b: second });
    const codes = weighFormula(first, both).components.flatMap(({ lines }) =>
      lines.flatMap(({ entries }) => entries.flatMap(({ problems }) => problems.map(({ code }) => code))),
    );
    expect(codes).toContain('formula-inside-itself');
    expect(takesFrom(first, 'a', both)).toBeTrue();
    expect(takesFrom(cake, 'f', around({ f: frosting }))).toBeTrue();
    expect(takesFrom(frosting, 'f', around({ f: frosting }))).toBeFalse();
  });
  it('says when the other formula is gone', () => {
    const [, top] = weighFormula(cake, around({})).components;
    expect(top?.lines[0]?.entries[0]?.problems.map(({ code }) => code)).toEqual(['formula-missing']);
  });
});

describe('the kitchen of the baker', () => {
  it('has words of its own', () => {
    const taught = learn.measure(learn.name(PLAIN_KITCHEN, 'our flour', 'whole-wheat-flour'), 'Gran’s cup', 210);
    const [line] = weighFormula(read('2 gran’s cups our flour'), inKitchen(taught)).components[0]?.lines ?? [];
    expect(line?.entries[0]?.ingredient?.id).toBe('whole-wheat-flour');
    expect(line?.grams).toBeCloseTo(2 * 210 * 0.51, 6);
  });
  it('asks for a measure that it does not know', () => {
    const [line] = weighFormula(read('200 g flour\n1 gran’s cup of sugar')).components[0]?.lines.slice(1) ?? [];
    expect(line?.grams).toBeUndefined();
    expect(line?.entries[0]?.problems[0]).toEqual(jasmine.objectContaining({ code: 'measure-unknown' }));
    expect(line?.entries[0]?.ingredient?.id).toBe('granulated-sugar');
  });
  it('fills cups by its own habit, but follows what a line says', () => {
    const scooping: Kitchen = { ...PLAIN_KITCHEN, filling: 'scooped' };
    const formula = read('1 cup plain flour\n1 cup sifted plain flour\n1 cup sugar');
    const [flour, sifted, sugar] = gramsIn(formula, inKitchen(scooping));
    expect(flour).toBeCloseTo(250 * 0.61, 6);
    expect(sifted).toBeCloseTo(250 * 0.49, 6);
    expect(sugar).toBeCloseTo(250 * 0.845, 6);
    const [spooned] = gramsIn(formula, inKitchen(learn.filling(scooping, 'all-purpose-flour', 'spooned')));
    expect(spooned).toBeCloseTo(250 * 0.53, 6);
  });
  it('measures with its own cups where they were measured', () => {
    const own = learn.set(PLAIN_KITCHEN, { region: 'UK', unitId: 'cup', millilitres: 240 });
    expect(gramsIn(read('1 cup water\n200 g flour'), inKitchen(own))[0]).toBeCloseTo(240, 6);
  });
  it('narrows the ledger once a teaspoon of soda was weighed', () => {
    const formula = read('250 g plain flour\n1 tsp bicarbonate of soda\n250 ml buttermilk');
    const weighedOnce = learn.weighed(PLAIN_KITCHEN, {
      ingredientId: 'baking-soda',
      unitId: 'teaspoon',
      region: 'UK',
      grams: 5.2,
    });
    const ledgerIn = (kitchen: Kitchen) => leaveningLedger(weighFormula(formula, inKitchen(kitchen)).batter);
    const width = ({ sodaBalanceGrams: { low, high } }: ReturnType<typeof ledgerIn>) => high - low;
    const before = ledgerIn(PLAIN_KITCHEN);
    const after = ledgerIn(weighedOnce);
    expect(gramsIn(formula, inKitchen(weighedOnce))[1]).toBeCloseTo(5.2, 6);
    expect(width(after)).toBeLessThan(width(before));
    expect(after.crumbPh.high - after.crumbPh.low).toBeLessThan(before.crumbPh.high - before.crumbPh.low);
  });
});
