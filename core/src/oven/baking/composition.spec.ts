import { mustBeVessel } from '../../kitchen/pans/must-be-vessel.spec-help.js';
import { airAt } from '../../ground/steam/index.js';
import { bakeJobSchema, predictionSchema } from './bake-schema.js';
import { runBakeJob, WARM_UP_JOB } from './bake-job.js';
import type { BakeSpec, ConstantSolid } from './bake-spec.js';
import { compositionOf } from './composition.js';
import { HEAT_MODEL, HEAT_STYLES } from './parameters.js';

/* What a batter is made of, for its heat; and what crosses to the worker that bakes it. */

const SPEC: BakeSpec = { pan: mustBeVessel('20 cm round tin').pan, panCount: 1, gramsPerPan: 700, heatStyle: 'layer', ovenCelsius: 175, fan: false }; // prettier-ignore
const STYLE = HEAT_STYLES.layer;
const of = (more: Partial<BakeSpec> = {}, startCelsius = 21, constant?: ConstantSolid) =>
  compositionOf({ ...SPEC, ...more }, STYLE, HEAT_MODEL.heat, startCelsius, constant);

describe('the composition of a batter', () => {
  it('is its own, or its style’s', () => {
    expect([of().water, of().fat, of().sugar]).toEqual([STYLE.water, STYLE.fat, STYLE.sugar]);
    const own = of({ water: 0.4, fat: 0.1, sugar: 0.2 });
    expect([own.water, own.fat, own.sugar]).toEqual([0.4, 0.1, 0.2]);
    expect(of({ water: 0, fat: 0 }).water).toBe(0);
  });
  it('binds the more water the sweeter its lean part, and browns the more for its sugar, up to twice the usual', () => {
    const [plain, sweet] = [of({ water: 0.4, fat: 0.1, sugar: 0.1 }), of({ water: 0.4, fat: 0.1, sugar: 0.3 })];
    expect(plain.boundWaterRatio).toBeCloseTo(0.05 + 0.1 * (0.1 / 0.5), 9);
    expect(sweet.boundWaterRatio).toBeCloseTo(0.05 + 0.1 * (0.3 / 0.5), 9);
    expect([0, 0.2, 0.4, 0.5].map((sugar) => of({ sugar }).browning)).toEqual([0.75, 1, 1.25, 1.25]);
  });
  it('has the heat of its solids and its fat, in the shares they have of the dry', () => {
    const [lean, rich] = [of({ water: 0.4, fat: 0 }), of({ water: 0.4, fat: 0.3 })];
    expect(lean.c0).not.toBe(rich.c0);
    const half = of({ water: 0.4, fat: 0.15 });
    expect(half.c0).toBeCloseTo((lean.c0 + rich.c0) / 2, 6);
    expect(lean.c1).toBe(rich.c1);
  });
  it('sets later for its sugar, and earlier by the boiling point where it stands high', () => {
    expect(of({ sugar: 0.3 }).settingCelsius).toBeGreaterThan(of({ sugar: 0.1 }).settingCelsius);
    const [sea, high] = [of(), of({ altitudeMetres: 1600 })];
    expect(sea.boilingCelsius).toBeCloseTo(100, 0);
    expect(high.boilingCelsius).toBeCloseTo(airAt(1600).boilingCelsius, 9);
    const lower = Math.max(0, 100 - sea.boilingCelsius) - (100 - high.boilingCelsius);
    expect(high.settingCelsius - sea.settingCelsius).toBeCloseTo(0.95 * lower, 6);
  });
  it('carries the more heat by vapour the hotter and the wetter it is', () => {
    const [dry, wet] = [of({ water: 0.15 }).poreVapour, of({ water: 0.5 }).poreVapour];
    expect(dry.length).toBe(300);
    for (let i = 1; i < 190; i++) expect(wet[i]).withContext(`${i / 2} °C`).toBeGreaterThan(wet[i - 1] ?? NaN);
    for (const i of [40, 120, 180]) expect(wet[i]).toBeGreaterThan(dry[i] ?? NaN);
    // at high altitude vapour goes more easily
    expect(of({ altitudeMetres: 2000 }).poreVapour[100]).toBeGreaterThan(of().poreVapour[100] ?? NaN);
  }); // prettier-ignore
  it('is frozen below its melting, and a solid of constant properties is dry', () => {
    expect([of({}, -18).frozen, of({}, 4).frozen]).toEqual([true, false]);
    const solid: ConstantSolid = { conductivity: 0.3, heatCapacity: 2800, top: 20, side: 20, bottom: 20, each: () => undefined }; // prettier-ignore
    const constant = of({}, -18, solid);
    expect([constant.water, constant.fat, constant.c0, constant.c1, constant.frozen]).toEqual([0, 0, 2800, 0, false]);
  });
});

describe('what crosses to the worker', () => {
  it('is a job within the simulation’s ranges, and a prediction whose long rows are figures', () => {
    expect(bakeJobSchema.validate(WARM_UP_JOB).error).toBeUndefined();
    expect(bakeJobSchema.validate({ ...WARM_UP_JOB, batter: { grams: -1, heatStyle: 'quick' } }).error).toBeDefined();
    expect(bakeJobSchema.validate({ ...WARM_UP_JOB, batter: { grams: 1, heatStyle: 'stew' } }).error).toBeDefined();
    expect(bakeJobSchema.validate({ ...WARM_UP_JOB, setting: { celsius: Infinity, fan: false, reasons: [] } }).error).toBeDefined(); // prettier-ignore
    const result = runBakeJob(WARM_UP_JOB);
    expect(predictionSchema.validate(result).error).toBeUndefined();
    if (result.kind !== 'foreseen') throw new Error(result.kind);
    const broken = (columnEdges: unknown) => ({ kind: 'foreseen', bake: { ...result.bake, columnEdges } });
    expect(predictionSchema.validate(broken([0.5, NaN])).error).toBeDefined();
    expect(predictionSchema.validate(broken('edges')).error).toBeDefined();
    expect(predictionSchema.validate(broken([0.5, 1])).error).toBeUndefined();
  });
});
