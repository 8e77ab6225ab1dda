import { bakeSnapshotSchema, heldAgainst, isAsSetDown, snapshotOf } from '../snapshots/index.js';
import { knownBakeJob, writtenBakeJob, type BakeOrder } from '../bake-jobs/index.js';
import fc from 'fast-check';
import { auditFormula } from '../../bench/audit/index.js';
import { DEMO_FORMULAS } from '../../doors/samples/index.js';
import { runCommand } from '../../doors/cli/index.js';
import { readFormula } from '../../formula/parsing/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { without } from '../../ground/records/index.js';
import { PLAIN_KITCHEN, type Kitchen } from '../../kitchen/kitchen/index.js';
import { parsePan } from '../../kitchen/pans/index.js';
import { runBakeJob, type BakeJob, type BakePrediction } from '../../oven/baking/index.js';
import type { OvenSettings } from '../../oven/settings/index.js';
import { sheetCsv, sheetDocument, sheetMarkdown } from '../../papers/cooking-sheet/index.js';
import { writeOrvinFile } from '../../papers/formats/index.js';
import { windowInWords } from '../../words/figures/index.js';
import { batchOf } from '../batch/index.js';
import type { BatchSettings } from '../plan/index.js';
import { oneBake, otherWays, ovenWithPortion, partnerBake } from './index.js';
import { formulaRead } from '../../formula/parsing/formula-read.spec-help.js';

const formulaOf = (text: string): Formula => formulaRead(readFormula(text, 'UK'));
const demo = (id: string) => formulaOf(DEMO_FORMULAS.find((sampleFormula) => sampleFormula.id === id)?.text ?? '');
const order = (formula: Formula, more: Partial<BakeOrder> = {}): BakeOrder => {
  const kitchen = more.kitchen ?? PLAIN_KITCHEN;
  const around = { kitchen, formula: () => undefined };
  return { formula, audit: auditFormula(formula, around), kitchen, ...more };
};
const foreseen = (job: BakeJob | undefined): BakePrediction => {
  const result = job && runBakeJob(job);
  if (result?.kind !== 'foreseen') throw new Error(result?.kind ?? 'no job');
  return result.bake;
};
const minutesOf = (job: BakeJob | undefined) => foreseen(job).minutes;

const LOAF = demo('pear-cardamom-loaf');
const FORMULAS = [LOAF, demo('rhubarb-ginger-muffins'), demo('courgette-lime-traybake'), demo('parsnip-hazelnut-cake')];

const HEART = parsePan('23 cm round, 6 cm deep');
const heart = HEART.kind === 'pan' ? HEART.set.pan : undefined;

const kitchens: fc.Arbitrary<Kitchen> = fc
  .record({
    readings: fc.array(fc.record({ setCelsius: fc.constant(180), readCelsius: fc.integer({ min: 160, max: 205 }) }), {
      maxLength: 3,
    }),
    heats: fc.option(fc.integer({ min: 8, max: 25 }), { nil: undefined }),
    fan: fc.option(fc.boolean(), { nil: undefined }),
    metresAboveSea: fc.constantFrom(0, 600, 1800),
  })
  .map(({ readings, heats, fan, metresAboveSea }): Kitchen => ({
    ...PLAIN_KITCHEN,
    place: { celsius: 21, metresAboveSea },
    oven: { readings, ...(heats !== undefined && { heatsInMinutes: heats }), ...(fan !== undefined && { fan }) },
    ...(heart && { pans: [{ id: 'heart', name: 'quay tin', pan: heart, count: 1 }] }),
  }));
const settings: fc.Arbitrary<OvenSettings> = fc
  .record({
    celsius: fc.option(fc.integer({ min: 160, max: 195 }), { nil: undefined }),
    fan: fc.option(fc.boolean(), { nil: undefined }),
    batterCelsius: fc.option(fc.constantFrom(8, 24), { nil: undefined }),
    foil: fc.boolean(),
  })
  .map(({ celsius, fan, batterCelsius, foil }): OvenSettings => ({
    ...(celsius !== undefined && { celsius }),
    ...(fan !== undefined && { fan }),
    ...(batterCelsius !== undefined && { batterCelsius }),
    ...(foil && { covers: [{ kind: 'foil', fromMinute: 12 }] }),
  }));
const batches: fc.Arbitrary<BatchSettings> = fc.constantFrom<BatchSettings>(
  { targets: [] },
  { targets: [{ kind: 'times', times: 2 }] },
  { targets: [{ kind: 'pans', pans: 'quay tin' }] },
  { targets: [{ kind: 'pans', pans: '8 in round x 2' }] },
  {
    targets: [
      { kind: 'pans', pans: '12-cup muffin tin' },
      { kind: 'pans', pans: 'one small loaf' },
    ],
  },
);

describe('one bake', () => {
  it('is the same at the Oven and on the Batch, over kitchens, settings and batches', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FORMULAS), kitchens, settings, batches, (formula, kitchen, oven, batch) => {
        const bake = oneBake(order(formula, { kitchen, oven, batch }));
        expect(bake.portions.length).toBeGreaterThan(0);
        // brought to the Oven, each portion is the very bake that the Batch speaks of
        bake.portions.forEach((portion, i) => {
          const brought = oneBake(order(formula, { kitchen, batch, oven: ovenWithPortion(bake, i) }));
          expect(brought.atOven.portion).toBe(i);
          const { pans, ...rest } = brought.portions[i]?.job ?? portion.job;
          const { pans: atOven, ...atOvenRest } = brought.atOven.job ?? portion.job;
          expect(atOvenRest).toEqual(rest);
          expect({ ...atOven.pan, name: '' }).toEqual({ ...pans.pan, name: '' });
          expect(atOven.count).toBe(pans.count);
        });
      }),
      { numRuns: 150 },
    );
  });
  it('gives the same minutes on Oven, Batch, sheet and command line', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FORMULAS), kitchens, settings, (formula, kitchen, set) => {
        const oven = without(set, 'covers');
        const bake = oneBake(order(formula, { kitchen, oven }));
        const atOven = foreseen(bake.atOven.job);
        const onBatch = foreseen(bake.portions[0]?.job);
        expect(onBatch.minutes).toEqual(atOven.minutes);
        const window = windowInWords(atOven.minutes.low, atOven.minutes.high);
        const sheet = sheetDocument(bake, batchOf(bake), { foreseen: [onBatch] });
        expect(sheet.pans[0]?.oven).toContain(window);
        for (const written of [sheetMarkdown(sheet), sheetCsv(sheet)]) expect(written).toContain(window);
        const file = writeOrvinFile([{ id: 'one', formula, oven, versions: [] }], kitchen);
        const outcome = runCommand(['bake', 'one.orvin.json'], {}, () => file);
        expect(outcome.code).toBe(0);
        const { minutes } = ('json' in outcome ? outcome.json : {}) as { minutes?: { low: number; high: number } };
        expect(minutes?.low).toBeCloseTo(atOven.minutes.low, 0.5);
        expect(minutes?.high).toBeCloseTo(atOven.minutes.high, 0.5);
      }),
      { numRuns: 8 },
    );
  });
  it('follows a thermometer everywhere: an oven that gives 16 more bakes the loaf sooner on the Batch too', () => {
    const kitchen: Kitchen = { ...PLAIN_KITCHEN, oven: { readings: [{ setCelsius: 180, readCelsius: 196 }] } };
    const plain = minutesOf(oneBake(order(LOAF)).portions[0]?.job);
    const hot = minutesOf(oneBake(order(LOAF, { kitchen })).portions[0]?.job);
    expect(hot.likely).toBeLessThan(0.94 * plain.likely);
  });
  it('leans on a known bake in the baker’s own named pan, at the Oven, in the audit and on the command line', () => {
    if (!heart) throw new Error('no pan');
    const kitchen: Kitchen = { ...PLAIN_KITCHEN, pans: [{ id: 'h', name: 'quay tin', pan: heart, count: 1 }] };
    const formula: Formula = {
      ...LOAF,
      bake: { fan: false, celsius: 175, lowMinutes: 48, highMinutes: 52, pan: 'quay tin' },
    };
    const bake = oneBake(order(formula, { kitchen }));
    const itself = jasmine.objectContaining({ topLengthCm: heart.topLengthCm, depthCm: heart.depthCm });
    expect(bake.atOven.job?.known?.pans.pan).toEqual(itself);
    expect(foreseen(bake.atOven.job).anchor).toBe('known-bake');
    expect(writtenBakeJob(bake.order)?.pans.pan).toEqual(itself);
    const file = writeOrvinFile([{ id: 'one', formula, oven: {}, versions: [] }], kitchen);
    const outcome = runCommand(['bake', 'one.json'], { to: ['quay tin'] }, () => file);
    expect('json' in outcome ? outcome.json : {}).toEqual(
      jasmine.objectContaining({ anchored: true, pan: 'quay tin' }),
    );
  });
  it('judges the written bake of the audit as the Oven would without anything to lean on', () => {
    for (const formula of FORMULAS) {
      const written = writtenBakeJob(order(formula));
      const known = without(formula.bake, 'lowMinutes', 'highMinutes');
      const job = oneBake({ ...order(formula), known, oven: { fan: formula.bake.fan } }).atOven.job;
      if (!written || !job) throw new Error(formula.title);
      expect(minutesOf(written)).withContext(formula.title).toEqual(minutesOf(job));
    }
  });
  it('bakes a style of the baker’s own like the one it is based on', () => {
    const kitchen: Kitchen = {
      ...PLAIN_KITCHEN,
      styles: [{ id: 'own-7', name: 'Tent cake', basedOn: 'pound_cake', bands: {} }],
    };
    const heat = (styleId: string, of = kitchen) =>
      oneBake(order({ ...LOAF, styleId }, { kitchen: of })).atOven.job?.batter.heatStyle;
    expect(heat('own-7')).toBe(heat('pound_cake'));
  });
  it('keeps what is set for the Oven’s pans by the minute with those pans', () => {
    const oven: OvenSettings = {
      pans: 'one small loaf',
      covers: [{ kind: 'lid', fromMinute: 0, toMinute: 25 }],
      celsius: 190,
    };
    const batch: BatchSettings = {
      targets: [
        { kind: 'pans', pans: '12-cup muffin tin' },
        { kind: 'pans', pans: 'one small loaf' },
      ],
    };
    const [muffins, loaf] = oneBake(order(LOAF, { oven, batch })).portions;
    expect(muffins?.job.course?.covers).toBeUndefined();
    expect(loaf?.job.course?.covers?.length).toBe(1);
    expect([muffins?.job.setting.celsius, loaf?.job.setting.celsius]).toEqual([190, 190]);
  });
  it('begins at the Oven from the batch, and leaves the formula’s own batter for other pans', () => {
    const doubled: BatchSettings = { targets: [{ kind: 'times', times: 2 }] };
    const { atOven, plan } = oneBake(order(LOAF, { batch: doubled }));
    expect([atOven.pans?.count, atOven.portion]).toEqual([2, 0]);
    expect(atOven.grams).toBeCloseTo(plan.batterGrams, 6);
    const other = oneBake(order(LOAF, { batch: doubled, oven: { pans: '23 cm round' } }));
    expect(other.atOven.portion).toBeUndefined();
    expect(other.atOven.grams).toBeCloseTo(other.audit.totals.grams, 6);
  });
  it('counts what stands free on a sheet with the batch', () => {
    const scones = demo('thyme-sweet-potato-scones');
    const formula: Formula = { ...scones, bake: { ...scones.bake, pan: 'disc 5x2.5 cm x 12' } };
    const { portions } = oneBake(order(formula, { batch: { targets: [{ kind: 'times', times: 1.5 }] } }));
    expect(portions[0]?.pans.pan.cavities).toBe(18);
    expect(minutesOf(portions[0]?.job).likely).toBeGreaterThan(8);
  });
});

describe('other bakes of an order', () => {
  it('hold the same batter in other pans, at another heat', () => {
    const bake = oneBake(order(LOAF, { oven: { compare: ['12-cup muffin tin', 'at 160 fan', 'teapot'] } }));
    const [muffins, cooler, none] = otherWays(bake);
    expect(muffins?.job?.batter).toEqual(bake.atOven.job?.batter);
    expect([cooler?.job?.setting.celsius, cooler?.job?.setting.fan]).toEqual([160, true]);
    expect(none?.job).toBeUndefined();
  });
  it('take the known bake without this oven’s error, and a partner with it', () => {
    const kitchen: Kitchen = { ...PLAIN_KITCHEN, oven: { readings: [{ setCelsius: 180, readCelsius: 160 }] } };
    const bake = oneBake(order(LOAF, { kitchen }));
    expect(knownBakeJob(bake)?.course?.ovenOffsetCelsius).toBeUndefined();
    const other = FORMULAS[1];
    if (!other) throw new Error('no other');
    const partner = partnerBake(bake, { formula: other, audit: auditFormula(other), oven: {} });
    expect(partner?.course?.ovenOffsetCelsius).toBe(bake.atOven.job?.course?.ovenOffsetCelsius);
  });
});

describe('a snapshot of a bake', () => {
  it('survives a file, and tells whether the bake is still that one', () => {
    const bake = oneBake(order(LOAF, { batch: { targets: [{ kind: 'times', times: 2 }] } }));
    const prediction = foreseen(bake.portions[0]?.job);
    const snapshot = snapshotOf(bake, { formulaId: 'one', versionNumber: 3 }, [prediction]);
    const back: unknown = JSON.parse(JSON.stringify(snapshot));
    const { error, value } = bakeSnapshotSchema.validate(back) as { error?: Error; value: unknown };
    expect(error).toBeUndefined();
    expect(value).toEqual(snapshot);
    expect(isAsSetDown(snapshot, bake)).toBeTrue();
    expect(isAsSetDown(snapshot, oneBake(order(LOAF)))).toBeFalse();
    expect(snapshot.portions[0]?.foreseen?.minutes).toEqual(prediction.minutes);
    expect(bakeSnapshotSchema.validate({ ...snapshot, portions: [{ name: 'tin' }] }).error).toBeDefined();
  });
  it('holds what happened against what was foreseen', () => {
    const time = { celsius: 175, fan: false, minutes: { first: 50, low: 50, likely: 56, high: 63 }, spread: 0.09 };
    expect(heldAgainst(time, 56)).toEqual({ went: 'as-foreseen', minutesLater: 0, deviations: 0 });
    expect(heldAgainst(time, 47).went).toBe('sooner');
    expect(heldAgainst(time, 70).went).toBe('later');
    expect(heldAgainst(time, 56 * Math.exp(0.09)).deviations).toBeCloseTo(1, 9);
  });
});
