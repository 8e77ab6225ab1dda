import { auditFormula } from '../../bench/audit/index.js';
import { NO_SURROUNDINGS, readFormula } from '../../formula/parsing/index.js';
import type { Formula } from '../../formula/formula/index.js';
import type { BakeRecord, NamedRecord } from '../records/index.js';
import { diagnose, factsOfFormula, factsOfRecord, faultsOf, kitchenOdds, nextTime, NETWORK, signalsOf, triedChanges } from './index.js'; // prettier-ignore
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

function read(text: string): Formula {
  return formulaRead(readFormula(text, 'UK'));
}
const GINGERBREAD = (soda: string, sugar = '110 g dark brown sugar', treacle = '150 g black treacle') =>
  read(`Gingerbread\n225 g plain flour\n${sugar}\n${treacle}\n110 g butter\n1 egg\n150 ml milk\n${soda}\n2 tsp ground ginger\nBake at 160 C in a 20 cm square tin for 50 minutes`); // prettier-ignore
let made = 0;
const newId = () => `new-${++made}`;
const change = (cause: string, formula: Formula) => nextTime(cause, formula, NO_SURROUNDINGS, newId);
const grams = (formula: Formula | undefined, id: string) =>
  formula ? auditFormula(formula).weighed.batter.filter(({ ingredient }) => ingredient.id === id).reduce((sum, part) => sum + part.grams, 0) : 0; // prettier-ignore

describe('nextTime', () => {
  it('sets the soda to the acid that is there, and the gas stays in its band', () => {
    const before = GINGERBREAD('10 g bicarbonate of soda');
    const made1 = change('soda_excess', before);
    const after = made1?.formula && auditFormula(made1.formula);
    expect(auditFormula(before).ledger.leftoverSodaGrams).toBeGreaterThan(3);
    expect(after?.ledger.leftoverSodaGrams).toBeLessThan(0.7);
    const gas = after?.verdicts.find(({ quantity }) => quantity === 'gas');
    expect(gas?.verdict).toBe('within');
    expect(made1?.moved.some(({ ingredient, after: then }) => ingredient.id === 'baking-soda' && then < 10)).toBeTrue();
  });
  it('moves one line of what there is too much of, to the edge of its band', () => {
    const sweet = GINGERBREAD('4 g bicarbonate of soda', '300 g dark brown sugar');
    const verdict = (formula: Formula) => auditFormula(formula).verdicts.find(({ quantity }) => quantity === 'sugar');
    const band = verdict(sweet)?.band;
    const { formula, moved } = change('sugar_high', sweet) ?? { moved: [] };
    expect(moved.length).toBe(1);
    expect(verdict(sweet)?.value).toBeGreaterThan(band?.high ?? 0);
    expect(formula && verdict(formula)?.value).toBeCloseTo(band?.high ?? 0, -0.5);
    expect(formula && verdict(formula)?.value).toBeLessThan(verdict(sweet)?.value ?? 0);
  });
  it('writes flour that a cup measured by its weight, the same grams', () => {
    const cups = read('Harbour muffins\n2 cups plain flour\n1 cup milk\n2 tsp baking powder\n1 egg\n80 g sugar\n60 g butter');
    const { formula } = change('flour_heavy', cups) ?? {};
    expect(grams(formula, 'all-purpose-flour')).toBeCloseTo(grams(cups, 'all-purpose-flour'), -0.3);
    expect(formula).not.toEqual(cups);
  });
  it('puts the one ingredient in the place of the other, gram for gram', () => {
    const strong = read('Loaf\n250 g bread flour\n100 g sugar\n2 tsp baking powder\n200 ml milk\n80 g butter\n1 egg');
    const { formula } = change('strong_flour', strong) ?? {};
    expect(grams(formula, 'bread-flour')).toBe(0);
    expect(grams(formula, 'all-purpose-flour')).toBeCloseTo(250, 0);
  });
  it('says a change of the oven in its figures, whole fives and longer minutes', () => {
    const formula = GINGERBREAD('4 g bicarbonate of soda');
    const of = (cause: string, facts = {}) => nextTime(cause, formula, NO_SURROUNDINGS, newId, { facts, celsius: 160, outMinutes: 50 }); // prettier-ignore
    expect(of('oven_hot', { ovenError: 18 })?.celsius).toBe(140);
    expect(of('fan_unadjusted')?.celsius).toBe(140);
    expect(of('underbaked', { coreAtOut: 89 })?.minutes).toBeGreaterThan(52);
    expect(of('overbaked', { minutesOver: 25 })?.minutes).toBe(40);
    expect(of('door_opened')?.minutes).toBe(33);
  });
  it('knows every cause, and changes nothing that is as it should be', () => {
    const formula = GINGERBREAD('4 g bicarbonate of soda');
    for (const { id } of NETWORK.causes) expect(change(id, formula)?.cause.id).withContext(id).toBe(id);
    expect(change('bad luck', formula)).toBeUndefined();
    expect(change('cocoa_swap', formula)?.formula).toBeUndefined();
  });
}); // prettier-ignore

const RECORD: BakeRecord = { title: 'Gingerbread', at: 0, size: '', pan: '20 cm square', celsius: 160, fan: false, outMinutes: 50, formulaId: 'ginger', versionNumber: 1, readings: {} }; // prettier-ignore
const record = (id: string, day: number, more: Partial<BakeRecord>): NamedRecord => ({ id, record: { ...RECORD, at: day * 86_400_000, ...more } }); // prettier-ignore

describe('what is known of a bake', () => {
  it('is read from its formula and its record: the soda first, where it is that', () => {
    const audit = auditFormula(GINGERBREAD('10 g bicarbonate of soda'));
    const { style } = audit;
    const bake = { ...RECORD, shape: 'sank' as const, wrong: ['soapy' as const], word: 'just' as const, coreCelsius: 97 };
    if (!style) throw new Error('no style');
    const facts = { ...factsOfFormula(audit, NO_SURROUNDINGS.kitchen), ...factsOfRecord(bake, NO_SURROUNDINGS.kitchen) };
    expect(facts.leftoverSoda).toBeGreaterThan(1);
    expect(facts.flourBy).toBe('weighed');
    expect(faultsOf(bake)).toEqual(['sank_middle', 'soapy']);
    const [first, second] = diagnose({ faults: faultsOf(bake), signals: signalsOf(facts, style) }).causes;
    expect(first?.cause.id).toBe('soda_excess');
    expect(second?.cause.id).not.toBe('underbaked');
  }); // prettier-ignore
});

describe('what came of a change', () => {
  const ginger = record('a', 1, { wrong: ['soapy'], shape: 'sank', tried: { cause: 'soda_excess', versionNumber: 2 } });
  it('confirms its cause where the faults are gone, and moves the kitchen gently', () => {
    const tried = triedChanges([ginger, record('b', 8, { versionNumber: 2, wrong: [], shape: 'low-dome' })]);
    expect(tried).toEqual([
      jasmine.objectContaining({ cause: 'soda_excess', nextId: 'b', confirmed: true, again: [] }),
    ]);
    expect(kitchenOdds(tried)['soda_excess']).toBeCloseTo(0.35, 9);
  });
  it('refutes it where they came again; never by an older version, nor by a bake that says nothing', () => {
    expect(triedChanges([ginger, record('b', 8, { versionNumber: 2, wrong: ['soapy'] })])[0]?.confirmed).toBeFalse();
    expect(triedChanges([ginger, record('b', 8, { versionNumber: 1, wrong: [] })])).toEqual([]);
    expect(triedChanges([ginger, record('b', 8, { versionNumber: 2 })])).toEqual([]);
    expect(triedChanges([record('b', 0, { versionNumber: 2, wrong: [] }), ginger])).toEqual([]);
  });
});
