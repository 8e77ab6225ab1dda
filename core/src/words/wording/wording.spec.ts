import { QUANTITIES } from '../../kitchen/kitchen/index.js';
import { oneBake } from '../../batch/bakes/index.js';
import { auditFormula } from '../../bench/audit/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { runBakeJob, type BakeAdvice, type BakeAdviceCode } from '../../oven/baking/index.js';
import type { OvenSettings } from '../../oven/settings/index.js';
import {
  apartOn,
  heatInWords,
  heatOn,
  minutesInWords,
  percentInWords,
  phInWords,
  windowInWords,
} from '../figures/index.js';
import { adviceInWords, otherScales, phConsequence, REASON_CODES_WORDED, setPointReasonInWords } from './index.js';

const PLAIN_LOAF = 'Quay loaf\n250 g plain flour\n150 g sugar\n100 g butter\n2 large eggs\n150 ml milk\n2 tsp baking powder\n\nMix. Bake in a 9x5 inch loaf pan at 175 C for 50 to 55 minutes.'; // prettier-ignore

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
  it('has a sentence for every reason of every quantity', () => {
    expect(new Set(REASON_CODES_WORDED)).toEqual(
      new Set(
        QUANTITIES.flatMap((quantity) =>
          (['below', 'within', 'above'] as const).map((side) => `${quantity}-${side}` as const),
        ),
      ),
    );
  });
  it('has a sentence for every advice that real bakes give', () => {
    const LOAF = { pans: '9x5 in loaf', grams: 900 };
    const bakes: readonly OvenSettings[] = [
      LOAF,
      { pans: '9x5 in loaf', grams: 2400 },
      { pans: '9x5 in loaf', grams: 1100 },
      { pans: '9x5 in loaf', grams: 1200 },
      { pans: '9x5 in loaf', grams: 1300 },
      { pans: '33x23x5 cm tin', grams: 500 },
      { pans: '9x5 in loaf', grams: 900, material: 'glass', batterCelsius: 4 },
      { pans: '9x5 in loaf', grams: 900, material: 'cast-iron' },
      { pans: '9x5 in loaf', grams: 900, material: 'dark', celsius: 240 },
      { pans: '12-cup muffin tin x 2', grams: 1800, celsius: 225 },
      { pans: '12-cup muffin tin x 6', grams: 5400 },
      { pans: 'dome', grams: 700, celsius: 220, stages: [{ fromMinute: 15, celsius: 190 }], covers: [{ kind: 'lid', fromMinute: 0, toMinute: 20 }] },
      { pans: '9x5 in loaf', grams: 900, celsius: 190 },
    ]; // prettier-ignore
    const reading = readFormula(PLAIN_LOAF, 'US');
    if (reading.kind !== 'read') throw new Error('not read');
    const said = new Map<BakeAdviceCode, BakeAdvice>();
    const coolOven = { ...PLAIN_KITCHEN, oven: { readings: [{ setCelsius: 180, readCelsius: 169 }] } };
    for (const [known, kitchen] of [
      [reading.formula.bake, PLAIN_KITCHEN],
      [{ ...reading.formula.bake, lowMinutes: 8, highMinutes: 9 }, PLAIN_KITCHEN],
      [{ fan: false }, coolOven],
    ] as const)
      for (const oven of bakes) {
        const formula = { ...reading.formula, bake: known };
        const { job } = oneBake({ formula, audit: auditFormula(formula), kitchen, oven }).atOven;
        const result = job && runBakeJob(job);
        if (result?.kind === 'foreseen') for (const advice of result.bake.advice) said.set(advice.code, advice);
      }
    for (const advice of said.values()) {
      const { say, why } = adviceInWords(advice);
      sound(say, advice.code);
      sound(why, advice.code);
    }
    const all: Readonly<Record<BakeAdviceCode, true>> = {
      'first-look': true, rotate: true, 'swap-racks': true, 'look-at-colour': true, tent: true, 'turn-oven': true, 'lid-off': true,
      'oven-off': true, 'sheet-beneath': true, 'runs-over': true, 'low-in-the-pan': true, 'known-bake-refused': true, 'no-known-bake': true, 'glass-from-cold': true,
      'cool-glass-slowly': true, 'too-hot-for-material': true, 'paper-scorches': true, 'cast-iron-goes-in-cold': true, 'one-at-a-time': true,
      'test-decides': true,
    }; // prettier-ignore
    expect([...said.keys()].sort()).toEqual((Object.keys(all) as BakeAdviceCode[]).sort());
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
    expect(heatInWords(177, 'US')).toBe('350 °F (177 °C)');
    expect(heatInWords(177, 'US', 'C')).toBe('177 °C (350 °F)');
    expect(heatInWords(177, 'UK', 'F')).toBe('350 °F (177 °C)');
    expect(heatInWords(190.6, 'US', 'C')).toBe('191 °C (375 °F)');
    expect(heatInWords(177, 'UK')).toBe('177 °C');
    expect(otherScales(177)).toBe('350 °F · gas 4 · fan 155');
    expect(otherScales(155, true)).toBe('310 °F · gas 2 · no fan 175');
    expect(otherScales(177, false, 'F')).toBe('177 °C · gas 4 · fan 325');
    expect(heatOn('F', 170)).toBe('340 °F');
    expect([apartOn('C', -6.2), apartOn('F', -6.2)]).toEqual(['6 °C', '11 °F']);
    const off = { code: 'oven-off', facts: { offCelsius: -6, celsius: 177, setTo: 185 } } as const;
    expect(adviceInWords(off as never, 'F').say).toBe('Set this oven to 365 °F for 350 inside.');
    expect(setPointReasonInWords({ code: 'fan', celsius: -20 }, 'F')).toBe('−35 °F for the fan');
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
