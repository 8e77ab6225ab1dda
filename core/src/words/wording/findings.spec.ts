import { RULE_CODES, type Finding } from '../../bench/audit/index.js';
import { PROBLEM_CODES } from '../../formula/parsing/index.js';
import { findingInWords, fixInWords } from './index.js';

const FACTS: Finding['facts'] = {
  name: 'milk', amount: '2 tsp', first: 180, second: 400, conventional: '180 °C', fan: '180 °C', below: 0, apart: 24, grams: 5, percent: 1.2,
  most: 0.3, ph: 5.2, low: 40, high: 45, value: 1, fine: 6, flakes: 3, millilitres: 240, least: 200, pan: '12 cm round', fillPercent: 120, overflowPercent: 100,
  celsius: 230, modelLow: 50, modelHigh: 60, longest: 400, pieces: 130, piecesMost: 60, flourPercent: 20, because: 'thin', share: 100, egg: 10,
  names: ['oats'], left: 30, wanted: 40, part: 'Frosting', material: 'parchment', limit: 215, caution: 'It browns', allergens: ['tree-nut'], litres: 9, bowl: 4.5,
  goes: 4, assumed: 'usual', flour: 1500, sour: ['lemon juice'], shape: 'loaf', kilobytes: 10, nearest: ['milk'], words: ['odd'], taken: 'milk', unit: 'cup', measure: 'mug', why: 'it is cut',
}; // prettier-ignore

describe('findingInWords', () => {
  it('has a sentence with its reason for every code, and no hole in it', () => {
    for (const code of [...RULE_CODES, ...PROBLEM_CODES]) {
      const { say, why } = findingInWords({ code, severity: 'note', place: '', facts: FACTS });
      const all = `${say} ${why}`;
      expect(say)
        .withContext(code)
        .toMatch(/^[“A-Z0-9].*[.?]$/);
      expect(all)
        .withContext(code)
        .not.toMatch(/undefined|NaN|null|\$\{/);
      expect(all.length).withContext(code).toBeLessThan(260);
    }
  });
  it('names nuts and soya as bakers do', () => {
    expect(
      findingInWords({
        code: 'allergen-denied',
        severity: 'error',
        place: '',
        facts: { name: 'walnuts', allergens: ['tree-nut', 'soy'] },
      }).say,
    ).toBe('Walnuts holds nuts and soya.');
  });
});

describe('fixInWords', () => {
  it('says what the click does', () => {
    const name = (id: string) => id.toUpperCase();
    expect(fixInWords({ kind: 'retype', lineId: 'l', text: '2 tsp salt' }, name)).toBe('Write “2 tsp salt”');
    expect(fixInWords({ kind: 'tell-line', lineId: 'l', facts: { ingredientId: 'milk' } }, name)).toBe(
      'Take it for MILK',
    );
    expect(fixInWords({ kind: 'tell-line', lineId: 'l', facts: { grams: 120 } }, name)).toBe('Take 120 g');
    expect(
      fixInWords({ kind: 'tell-line', lineId: 'l', facts: { split: [{ stepId: 's', amount: 'all' }] } }, name),
    ).toMatch(/step/);
    expect(fixInWords({ kind: 'pan', pan: '20 cm round' }, name)).toBe('Take 20 cm round');
    expect(fixInWords({ kind: 'step', stepId: 's', text: 'Bake at 180 °C.', put: '180 °C' }, name)).toBe(
      'Write 180 °C',
    );
    expect(fixInWords({ kind: 'flour-basis', grams: 500 }, name)).toBe('Count for 500 g');
    expect(fixInWords({ kind: 'take-out', lineId: 'l' }, name)).toMatch(/out/);
    expect(fixInWords({ kind: 'add-line', componentId: 'c', text: '2 eggs' }, name)).toBe('Add “2 eggs”');
  });
});
