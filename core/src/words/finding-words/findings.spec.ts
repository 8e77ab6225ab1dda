import { foundAt, TEXT_OF_CODE } from '../../bench/findings/every-finding.spec-help.js';
import type { Finding, FindingCode } from '../../bench/findings/index.js';
import { findingInWords, fixInWords } from './index.js';

describe('findingInWords', () => {
  for (const code of Object.keys(TEXT_OF_CODE) as FindingCode[])
    it(`says ${code} of a real formula, with its reason and no hole in it`, () => {
      const found = foundAt(code);
      if (!found) throw new Error(`nothing found ${code}`);
      const { say, why } = findingInWords({ ...found, place: '' });
      for (const words of [say, why]) {
        expect(words).toMatch(/^[“A-Z0-9].*[.?]$/s);
        expect(words).not.toMatch(/undefined|NaN|null|Infinity|\$\{|!|\[object| {2}/);
      }
      // the figures of this formula are in it, not only the words that every formula gets
      const figures: readonly unknown[] = Object.values(found.facts);
      const texts = figures.flatMap((value) => (Array.isArray(value) ? (value as readonly unknown[]) : [value])).filter((value) => typeof value === 'string' && value.length > 2 && !['thin', 'laden', 'own', 'usual', 'kilobytes', 'lines'].includes(value)); // prettier-ignore
      if (texts.length > 0)
        expect(texts.some((value) => `${say} ${why}`.toLowerCase().includes(String(value).toLowerCase()))).withContext(`${say} ${why}`).toBe(true); // prettier-ignore
      expect(`${say} ${why}`.length).toBeLessThan(260);
    });
  it('says heats by the dial of the baker’s oven, and steps between heats by its degrees', () => {
    const inFahrenheit = (code: FindingCode) => {
      const found = foundAt(code);
      if (!found) throw new Error(`nothing found ${code}`);
      const { say, why } = findingInWords({ ...found, place: '' }, 'F');
      return `${say} ${why}`;
    };
    // what the formula itself says is said as it says it
    const QUOTED: readonly FindingCode[] = ['temperatures-disagree', 'fan-not-below'];
    for (const code of Object.keys(TEXT_OF_CODE) as FindingCode[])
      if (!QUOTED.includes(code)) expect(inFahrenheit(code)).withContext(code).not.toContain('°C');
    // what food agencies ask of egg, and what cooks call room-warm
    expect(inFahrenheit('raw-egg')).toContain('160 °F');
    expect(inFahrenheit('cold-for-emulsion')).toContain('64–70 °F');
    expect(inFahrenheit('fan-not-below')).toContain('27 to 45 °F lower');
  });
  it('names nuts and soya as bakers do', () => {
    const finding: Finding = {
      code: 'allergen-denied',
      severity: 'error',
      place: '',
      facts: { name: 'walnuts', allergens: ['tree-nut', 'soy'] },
    };
    expect(findingInWords(finding).say).toBe('Walnuts contains nuts and soya.');
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
