import { QUANTITIES } from '../../kitchen/kitchen/index.js';
import { PROBLEM_CODES, problem } from '../../formula/parsing/index.js';
import { ADVICE_CODES_WORDED, adviceInWords, minutesInWords, otherScales, percentInWords, phConsequence, phInWords, problemInWords, REASON_CODES_WORDED, windowInWords } from './index.js'; // prettier-ignore

/** Codes whose sentence needs no figures must not lack any; every sentence ends, none shouts, none shows a hole. */
function sound(text: string, context: string) {
  expect(text)
    .withContext(context)
    .toMatch(/^[“A-Z0-9].*[.?]$/s);
  expect(text)
    .withContext(context)
    .not.toMatch(/!|undefined|NaN|\{|\}/);
}

describe('wording', () => {
  it('has a sentence for every problem, with what to do', () => {
    for (const code of PROBLEM_CODES) {
      const { say, why } = problemInWords(
        problem(code, 'warning', '', {
          name: 'leek',
          nearest: ['leek'],
          words: ['odd'],
          taken: 'leek',
          why: 'it is',
          other: 'milk',
          first: 120,
          second: 240,
          unit: 'pot',
          grams: 2,
          percent: 1,
          most: 0.3,
          kilobytes: 200,
          limit: 60,
          things: 3,
          shape: 'square',
        }),
      );
      sound(say, code);
      sound(why, code);
    }
  });
  it('has a sentence for every reason of every quantity', () => {
    expect(new Set(REASON_CODES_WORDED)).toEqual(
      new Set(
        QUANTITIES.flatMap((quantity) =>
          (['below', 'within', 'above'] as const).map((side) => `${quantity}-${side}` as const),
        ),
      ),
    );
  });
  it('has a sentence for every advice', () => {
    for (const code of ADVICE_CODES_WORDED) {
      const { say, why } = adviceInWords({
        code,
        minute: 41,
        facts: { percent: 30, fillPercent: 80, known: 55, model: 30 },
      });
      sound(say, code);
      sound(why, code);
    }
  });
  it('writes times as a kitchen clock is read', () => {
    expect(minutesInWords(57.4)).toBe('57 min');
    expect(minutesInWords(157)).toBe('2 h 37');
    expect(windowInWords(53.2, 61.6)).toBe('53–62 min');
    expect(windowInWords(146, 170)).toBe('2 h 26 – 2 h 50');
  });
  it('writes shares, pH and set points at the fineness that means something', () => {
    expect(percentInWords(77.84)).toBe('77.8 %');
    expect(percentInWords(119.6)).toBe('120 %');
    expect(phInWords(8.05, 8.93)).toBe('8.1–8.9');
    expect(otherScales(177)).toBe('351 °F · gas 4 · fan 155');
    expect(otherScales(155, true)).toBe('311 °F · gas 2 · no fan 175');
  });
  it('turns from sour to soapy as the pH rises', () => {
    expect([5.5, 6.3, 7, 8, 8.8].map((pH) => phConsequence(pH).say)).toEqual([
      'tart',
      'slightly sour',
      'neutral',
      'alkaline',
      'soapy',
    ]);
  });
});
