import { auditFormula } from '../../bench/audit/index.js';
import { TARGET_FAULTS, readTargets } from '../../batch/targets/index.js';
import type { BatchTarget } from '../../batch/plan/index.js';
import type { MixingPlan } from '../../batch/bowl/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { fillPans, parsePan, SHELF_PANS, type PanSet } from '../../kitchen/pans/index.js';
import {
  eachInWords,
  evennessInWords,
  faultInWords,
  fillInWords,
  mixingInWords,
  panName,
  pansInWords,
  targetInWords,
  verdictInWords,
} from './index.js';

const reading = readFormula(DEMO_FORMULAS.find(({ id }) => id === 'pear-cardamom-loaf')?.text ?? '', 'UK');
if (reading.kind !== 'read') throw new Error('the loaf');
const LOAF = { formula: reading.formula, audit: auditFormula(reading.formula), kitchen: PLAIN_KITCHEN };

function pansOf(written: string): PanSet {
  const parsed = parsePan(written);
  if (parsed.kind !== 'pan') throw new Error(written);
  return parsed.set;
}

describe('a target in words', () => {
  const TARGETS: readonly BatchTarget[] = [
    { kind: 'times', times: 0.5 },
    { kind: 'times', times: 1 },
    { kind: 'times', times: 2.75 },
    { kind: 'pieces', count: 1 },
    { kind: 'pieces', count: 30 },
    { kind: 'grams', grams: 1234.5 },
    { kind: 'each', count: 16, grams: 55 },
    { kind: 'limit', said: 'pears = 412 g' },
    { kind: 'pans', pans: 'two 20 cm rounds' },
    { kind: 'cut', count: 12 },
    { kind: 'cut', count: 1 },
  ];
  for (const target of TARGETS)
    it(`reads “${targetInWords(target)}” back as itself`, () =>
      expect(readTargets(targetInWords(target), LOAF)).toEqual({ targets: [target], faults: [] }));
  it('says what to write instead of every phrase that says no size', () => {
    for (const why of TARGET_FAULTS) {
      const { say, why: advice } = faultInWords('a miracle', why);
      expect(say).toContain('a miracle');
      expect(advice.length).withContext(why).toBeGreaterThan(15);
    }
  });
});

describe('a pan in words', () => {
  for (const region of ['UK', 'US'] as const)
    it(`is called so that every pan of the shelf reads back as that pan (${region})`, () => {
      for (const pan of SHELF_PANS) {
        // what the oven cannot bake in is refused by every name
        if (parsePan(pan.name).kind !== 'pan') continue;
        const back = pansOf(panName(pan, region)).pan;
        expect(back.shape).withContext(pan.name).toBe(pan.shape);
        expect(Math.abs(back.topLengthCm - pan.topLengthCm))
          .withContext(`${pan.name} → ${panName(pan, region)}`)
          .toBeLessThanOrEqual(0.75);
      }
    });
  it('counts pans, and cups rather than tins', () => {
    expect(pansInWords(pansOf('two 20 cm round tins'), 'UK')).toBe('2 × 20 cm round');
    expect(pansInWords(pansOf('12-cup muffin tin'), 'UK')).toBe('12 muffin cups');
    expect(pansInWords(pansOf('24 mini muffin tin'), 'UK')).toBe('24 mini cups');
  });
});

describe('a fill in words', () => {
  const filled = (written: string, grams: number) => {
    const set = pansOf(written);
    return { set, fill: fillPans(set, grams, 0.95, 0.4) };
  };
  it('names the usual shares and counts the others', () => {
    const fraction = (value: number) => fillInWords({ ...filled('20 cm round tin', 900).fill, fraction: value });
    expect(fraction(0.5)).toBe('half full');
    expect(fraction(0.66)).toBe('two thirds full');
    expect(fraction(0.58)).toBe('58 % full');
    expect(fraction(1)).toBe('filled to the brim');
  });
  it('gives grams for a cup, for each of several pans, and for one', () => {
    expect(eachInWords(filled('12-cup muffin tin', 720))).toBe('60 g a cup');
    expect(eachInWords(filled('two 20 cm round tins', 1000))).toBe('500 g each');
    expect(eachInWords(filled('20 cm round tin', 700))).toBe('700 g');
  });
  it('says what uneven pouring does only where there are pans to compare', () => {
    expect(evennessInWords(filled('20 cm round tin', 700))).toBe('');
    expect(evennessInWords(filled('12-cup muffin tin', 720))).toBe('');
    const two = filled('two 20 cm round tins', 1000);
    // 20 g of 500 g is one twenty-fifth of the height
    expect(evennessInWords(two)).toContain(`${((10 * two.fill.risenHeightCm) / 25).toFixed(1)} mm higher`);
  });
  it('warns of what runs over, and the more the fuller; says nothing of a pan well filled', () => {
    expect(verdictInWords(filled('20 cm round tin', 6000).fill)?.say).toBe('It does not fit.');
    expect(verdictInWords(filled('20 cm round tin', 900).fill)?.say).toMatch(/run over|sheet/);
    expect(verdictInWords(filled('20 cm round tin', 150).fill)?.say).toContain('Low in the pan');
    expect(verdictInWords(filled('20 cm round tin', 450).fill)).toBeUndefined();
  });
});

describe('mixing in words', () => {
  const PLAN: MixingPlan = {
    family: 'muffin',
    goes: 1,
    gramsEachGo: 900,
    because: undefined,
    bowlShare: 0.42,
    overmixing: 'low',
  };
  it('says one bowl by its method, and how full', () =>
    expect(mixingInWords(PLAN)).toEqual({
      say: 'Folded by the muffin method in one bowl, 42 % of the bowl.',
      why: '',
    }));
  it('says several with their grams and why, and what a large one risks', () => {
    const { say, why } = mixingInWords({ ...PLAN, goes: 3, because: 'bowl', overmixing: 'high' });
    expect(say).toBe('Mix in three bowls, 900 g each, one after the other.');
    expect(why).toMatch(/^The bowl holds no more\. A doubled bowl/);
  });
});
