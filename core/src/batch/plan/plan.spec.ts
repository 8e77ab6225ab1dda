import fc from 'fast-check';
import { auditFormula } from '../../bench/audit/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import { PLAIN_KITCHEN } from '../../kitchen/kitchen/index.js';
import { cavityMillilitres, type PanSet } from '../../kitchen/pans/index.js';
import { planBatch, type BatchSettings, type BatchTarget } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

function demo(id: string): Formula {
  return formulaRead(readFormula(DEMO_FORMULAS.find((sample) => sample.id === id)?.text ?? '', 'UK'));
}
const LOAF = demo('pear-cardamom-loaf');
const MUFFINS = demo('rhubarb-ginger-muffins');
const [loafAudit, muffinAudit] = [auditFormula(LOAF), auditFormula(MUFFINS)];
const LOAF_GRAMS = loafAudit.totals.grams;
const plan = (targets: readonly BatchTarget[], more: Partial<BatchSettings> = {}) =>
  planBatch(LOAF, loafAudit, PLAIN_KITCHEN, { targets, ...more });
const muffins = (targets: readonly BatchTarget[]) => planBatch(MUFFINS, muffinAudit, PLAIN_KITCHEN, { targets });
const brim = ({ pan, count }: PanSet) => cavityMillilitres(pan) * pan.cavities * count;
const inPans = ({ portions }: ReturnType<typeof plan>) =>
  portions.reduce((sum, { set, fill }) => sum + fill.gramsPerPan * set.count, 0);

const target: fc.Arbitrary<BatchTarget> = fc.oneof(
  fc.double({ min: 0.1, max: 20, noNaN: true }).map((times) => ({ kind: 'times' as const, times })),
  fc.integer({ min: 100, max: 9000 }).map((grams) => ({ kind: 'grams' as const, grams })),
  fc
    .record({ count: fc.integer({ min: 1, max: 80 }), grams: fc.integer({ min: 20, max: 200 }) })
    .map(({ count, grams }) => ({ kind: 'each' as const, count, grams })),
);
const pans = fc
  .constantFrom('20 cm round tin', 'two 23 cm rounds', '24 muffins', '9x5 in loaf pan', '30 x 20 x 5 cm tin')
  .map((written): BatchTarget => ({ kind: 'pans', pans: written }));

describe('planBatch', () => {
  it('leaves a formula as it stands where nothing is asked for', () => {
    const { factor, sizedBy, batterGrams } = plan([]);
    expect([factor, sizedBy, batterGrams]).toEqual([1, 'formula', LOAF_GRAMS]);
  });
  it('adds up what is asked for: weights, times and pieces of a weight', () => {
    const { batterGrams, sizedBy } = plan([
      { kind: 'times', times: 2 },
      { kind: 'grams', grams: 500 },
      { kind: 'each', count: 12, grams: 60 },
    ]);
    expect(batterGrams).toBeCloseTo(2 * LOAF_GRAMS + 500 + 720, 6);
    expect(sizedBy).toBe('targets');
  });
  it('is capped by the least of what there is, and says which that was', () => {
    const pears = { kind: 'limit', said: 'pears = 100 g' } as const;
    const eggs = { kind: 'limit', said: 'one egg' } as const;
    const capped = plan([{ kind: 'times', times: 5 }, pears, eggs]);
    expect(capped.sizedBy).toBe('limit');
    expect(capped.factor).toBeCloseTo(Math.min(plan([pears]).factor, plan([eggs]).factor), 9);
    const least = plan([pears]).factor < plan([eggs]).factor ? pears : eggs;
    expect(capped.limitedBy).toBe(least.said);
    // a limit that is not reached does not decide
    expect(plan([{ kind: 'times', times: 0.1 }, pears]).factor).toBeCloseTo(0.1, 9);
  });
  it('makes twice of a piece count when twice as many are wanted', () => {
    const [one, two] = [muffins([{ kind: 'pieces', count: 12 }]), muffins([{ kind: 'pieces', count: 24 }])];
    expect(two.batterGrams).toBeCloseTo(2 * one.batterGrams, 6);
  });
  it('takes as many of the formula’s own pans as the batch fills', () => {
    const [portion] = plan([{ kind: 'times', times: 3 }]).portions;
    expect(portion?.set.count).toBe(3);
    expect(portion?.because).toBe('as-written');
    const [cups] = muffins([{ kind: 'times', times: 1.5 }]).portions;
    expect((cups?.set.pan.cavities ?? 0) * (cups?.set.count ?? 0)).toBe(18);
  });
  it('lets pans decide the size where nothing else does, each as full as it is told', () => {
    const half = plan([{ kind: 'pans', pans: '20 cm round tin', fill: { by: 'fraction', value: 0.5 } }]);
    expect(half.sizedBy).toBe('pans');
    expect(half.portions[0]?.fill.fraction).toBeCloseTo(0.5, 6);
    const weighed = plan([{ kind: 'pans', pans: 'two 20 cm rounds', fill: { by: 'grams', value: 420 } }]);
    expect(weighed.batterGrams).toBeCloseTo(840, 6);
    expect(weighed.portions[0]?.because).toBe('chosen');
  });
  it('says that pans are short, or that batter is over', () => {
    const wanted = plan([{ kind: 'pans', pans: 'two 20 cm rounds' }]).batterGrams;
    const short = plan([
      { kind: 'pans', pans: 'two 20 cm rounds' },
      { kind: 'grams', grams: wanted - 300 },
    ]);
    expect(short.shortGrams).toBeCloseTo(300, 4);
    expect(short.leftoverGrams).toBe(0);
    const over = plan([
      { kind: 'pans', pans: 'two 20 cm rounds' },
      { kind: 'grams', grams: wanted + 300 },
    ]);
    expect(over.leftoverGrams).toBeCloseTo(300, 4);
    expect(over.shortGrams).toBe(0);
  });
  it('fills a pan no higher than its brim, and says so', () => {
    const { portions, problems } = plan([
      { kind: 'pans', pans: '20 cm round tin', fill: { by: 'grams', value: 9000 } },
    ]);
    expect(problems).toEqual([{ target: 0, why: 'overfull' }]);
    expect(portions[0]?.fill.fraction).toBeCloseTo(1, 6);
  });
  it('keeps what it can do beside what it cannot', () => {
    const { problems, factor } = plan([
      { kind: 'pans', pans: 'the tin of the neighbour' },
      { kind: 'times', times: 2 },
    ]);
    expect(problems).toEqual([{ target: 0, why: 'pan-unknown' }]);
    expect(factor).toBeCloseTo(2, 9);
  });
  it('asks whether so large a batch is meant, until told', () => {
    const large = [{ kind: 'grams', grams: 250_000 }] as const;
    expect(plan(large).asks).toBeTrue();
    expect(plan(large, { largeIsMeant: true }).asks).toBeFalse();
    expect(plan([{ kind: 'grams', grams: 20_000 }]).asks).toBeFalse();
  });

  it('loses no batter: what is made is in the pans or over, whatever is asked for', () => {
    fc.assert(
      fc.property(fc.array(fc.oneof(target, pans), { maxLength: 4 }), (targets) => {
        const planned = plan(targets);
        expect(planned.batterGrams).toBeCloseTo(planned.factor * LOAF_GRAMS, 4);
        if (planned.portions.length === 0) return;
        const clings = 0.015 * planned.batterGrams + 1e-6;
        expect(Math.abs(inPans(planned) + planned.leftoverGrams - planned.batterGrams)).toBeLessThan(clings);
        for (const { set, fill } of planned.portions)
          if (planned.sizedBy !== 'formula') expect(fill.fraction * brim(set)).toBeLessThan(brim(set) * 1.6);
      }),
      { numRuns: 120 },
    );
  });
  it('does not depend on the order in which things are asked for', () => {
    fc.assert(
      fc.property(fc.array(fc.oneof(target, pans), { minLength: 2, maxLength: 4 }), (targets) => {
        const [there, back] = [plan(targets), plan([...targets].reverse())];
        expect(back.batterGrams).toBeCloseTo(there.batterGrams, 6);
        expect(back.leftoverGrams).toBeCloseTo(there.leftoverGrams, 4);
      }),
      { numRuns: 80 },
    );
  });
});
