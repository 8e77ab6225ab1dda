import type { Fill, VesselSet } from '../../kitchen/pans/index.js';
import { mustBeVessel } from '../../kitchen/pans/must-be-vessel.spec-help.js';
import { batterOf as partsOf } from '../../doors/samples/index.js';
import { adviceFor, type AdviceInput } from './advice.js';
import { batterGrowth, batterOf, runBakeJob, WARM_UP_JOB } from './bake-job.js';
import type { BakeFrame, Cooling } from './bake-spec.js';
import { coreAtDone } from './core-at-done.js';
import { domeLean } from './dome.js';
import { donenessOf } from './doneness.js';
import type { Anchor } from './known-bake.js';
import type { BakePrediction } from './predict-bake.js';
import { heatingFrom, preheatMinutes, timelineOf, type BakeTimeline, type TimelineInput } from './timeline.js';

/* What is said around a bake that was foreseen: advice, the clock, how it ends. Nothing is simulated but one small bake. */

const LOAF = mustBeVessel('9x5x2.75 in loaf');
const CUPS = mustBeVessel('12-cup muffin tin');
const DISCS = mustBeVessel('disc 6 cm x 8');
const setting = (celsius: number) => ({ celsius, fan: false, reasons: [] });
const QUIET: BakeTimeline = { preheatMinutes: 19, stages: [], carryOverCelsius: 0, coolMinutes: {}, racks: 1 };
const REFUSED = {
  kind: 'refused',
  known: { pans: LOAF, ovenCelsius: 175, fan: false, lowMinutes: 9, highMinutes: 11, from: 'printed-time' },
  knownMinutes: 9.9,
  modelMinutes: 53.6,
} as const satisfies Anchor;

describe('advice', () => {
  const input: AdviceInput = {
    pans: LOAF,
    fill: undefined,
    minutes: { first: 45, likely: 55 },
    timeline: QUIET,
    course: {},
    setting: setting(175),
    anchor: REFUSED,
  };
  const codes = (more: Partial<AdviceInput>) =>
    adviceFor({ ...input, ...more }).map(({ code, minute }) => (minute === undefined ? code : `${code} ${minute}`));
  const factsOf = (more: Partial<AdviceInput>, code: string) =>
    adviceFor({ ...input, ...more }).find((one) => one.code === code)?.facts;

  it('is when to look, and that the test decides, where nothing else is worth saying', () => {
    expect(codes({})).toEqual(['known-bake-refused', 'first-look 45', 'test-decides']);
    expect(factsOf({}, 'known-bake-refused')).toEqual({ known: 10, model: 54 });
    expect(factsOf({ anchor: { ...REFUSED, modelMinutes: undefined } }, 'known-bake-refused')).toEqual({ known: 10 });
    expect(codes({ anchor: undefined })[0]).toBe('no-known-bake');
  });
  it('sets an oven that is off to a step of its dial, where it is off by a step and the dial goes so far', () => {
    expect(factsOf({ course: { ovenOffsetCelsius: -9 } }, 'oven-off')).toEqual({
      offCelsius: -9,
      celsius: 175,
      setTo: 185,
    });
    expect(factsOf({ course: { ovenOffsetCelsius: 9 } }, 'oven-off')).toEqual({
      offCelsius: 9,
      celsius: 175,
      setTo: 165,
    });
    expect(factsOf({ course: { ovenOffsetCelsius: 5 } }, 'oven-off')).toBeDefined();
    expect(factsOf({ course: { ovenOffsetCelsius: -4.9 } }, 'oven-off')).toBeUndefined();
    expect(factsOf({ setting: setting(295), course: { ovenOffsetCelsius: -12 } }, 'oven-off')).toBeUndefined();
    expect(factsOf({ setting: setting(104), course: { ovenOffsetCelsius: 12 } }, 'oven-off')).toBeUndefined();
    expect(factsOf({ setting: setting(290), course: { ovenOffsetCelsius: -10 } }, 'oven-off')).toEqual({
      offCelsius: -10,
      celsius: 290,
      setTo: 300,
    });
    expect(factsOf({ setting: setting(110), course: { ovenOffsetCelsius: 10 } }, 'oven-off')).toEqual({
      offCelsius: 10,
      celsius: 110,
      setTo: 100,
    });
  });
  it('says how the pan is filled', () => {
    const fill = (verdict: Fill['verdict']): Fill => ({
      gramsPerPan: 900,
      gramsPerCavity: 900,
      fraction: 0.714,
      batterHeightCm: 4,
      risenHeightCm: 6,
      risenTopCm: 7,
      risenFraction: 0.9,
      overflowChance: 0.126,
      verdict,
    });
    expect(codes({ fill: fill('fits') })).toEqual(codes({}));
    expect(factsOf({ fill: fill('overflows') }, 'runs-over')).toEqual({ percent: 13, fillPercent: 71 });
    expect(factsOf({ fill: fill('sheet-beneath') }, 'sheet-beneath')).toEqual({ percent: 13 });
    expect(factsOf({ fill: fill('low') }, 'low-in-the-pan')).toEqual({ fillPercent: 71 });
    for (const verdict of ['overflows', 'sheet-beneath', 'low'] as const)
      expect(codes({ fill: fill(verdict) }).length).toBe(codes({}).length + 1);
  });
  it('knows what a material bears and paper stands, at the hottest of the bake', () => {
    const of = (material: VesselSet['pan']['material']): VesselSet => ({
      ...LOAF,
      pan: { ...LOAF.pan, material },
    });
    expect(factsOf({ pans: of('dark'), setting: setting(231) }, 'too-hot-for-material')).toEqual({ celsius: 230 });
    expect(factsOf({ pans: of('dark'), setting: setting(230) }, 'too-hot-for-material')).toBeUndefined();
    expect(factsOf({ pans: of('light'), setting: setting(290) }, 'too-hot-for-material')).toBeUndefined();
    expect(
      factsOf(
        { pans: of('silicone'), setting: setting(200), course: { stages: [{ fromMinute: 5, celsius: 240 }] } },
        'too-hot-for-material',
      ),
    ).toEqual({ celsius: 230 });
    expect(codes({ pans: CUPS, setting: setting(216) })).toContain('paper-scorches');
    expect(codes({ pans: CUPS, setting: setting(215) })).not.toContain('paper-scorches');
    expect(codes({ pans: DISCS, setting: setting(230) })).toContain('paper-scorches');
    expect(codes({ pans: LOAF, setting: setting(230) })).not.toContain('paper-scorches');
    const glass = (batterCelsius: number) => codes({ pans: of('glass'), course: { batterCelsius } });
    expect(glass(9)).toEqual(jasmine.arrayContaining(['glass-from-cold', 'cool-glass-slowly']));
    expect(glass(10)).not.toContain('glass-from-cold');
    expect(codes({ pans: of('glass') })).not.toContain('glass-from-cold');
    expect(codes({ pans: of('cast-iron') }).slice(-2)).toEqual(['cast-iron-goes-in-cold', 'test-decides']);
    expect(codes({ course: { batterCelsius: 4 } })).not.toContain('glass-from-cold');
  });
  it('goes by the clock, between what to beware of and what always holds', () => {
    const timeline: BakeTimeline = {
      ...QUIET,
      rotateMinute: 37,
      tentMinute: 41,
      uncoverMinute: 20,
      stages: [{ minute: 12, celsius: 180 }],
      racks: 3,
    };
    expect(codes({ timeline })).toEqual([
      'known-bake-refused',
      'turn-oven 12',
      'lid-off 20',
      'rotate 37',
      'tent 41',
      'first-look 45',
      'one-at-a-time',
      'test-decides',
    ]);
    expect(factsOf({ timeline }, 'turn-oven')).toEqual({ celsius: 180 });
    expect(factsOf({ timeline }, 'one-at-a-time')).toEqual({ racks: 3 });
    const two: BakeTimeline = { ...QUIET, swapMinute: 30, colourMinute: 33, racks: 2 };
    expect(codes({ timeline: two })).toEqual([
      'known-bake-refused',
      'swap-racks 30',
      'look-at-colour 33',
      'first-look 45',
      'test-decides',
    ]);
    expect(factsOf({ timeline: two }, 'swap-racks')).toEqual({ racks: 2 });
  });
});

const frame = (minute: number, coreCelsius: number, topColour: number, sectionCelsius: readonly number[] = []) =>
  ({ minute, coreCelsius, topColour, heightCm: 5, massLost: 0, sectionCelsius, rowTopsCm: [] }) as unknown as BakeFrame;

describe('the clock of a bake', () => {
  const COOLING: Cooling = {
    carryOverCelsius: 1.5,
    massLost: 0.01,
    minutesTo: { slice: 60, frost: 140 },
  };
  const frames = [0, 10, 20, 30, 40, 50].map((minute) => frame(minute, 20 + minute, minute / 40));
  const input: TimelineInput = {
    minutes: { likely: 45, high: 52 },
    frames,
    pans: LOAF,
    setting: setting(180),
    course: {},
    heatStyle: 'quick',
    cooling: COOLING,
    heatsInMinutes: undefined,
  };
  const line = (more: Partial<TimelineInput>) => timelineOf({ ...input, ...more });

  it('heats walls and air by a quarter more than the lamp takes, in proportion to what it rises, and back', () => {
    expect(preheatMinutes(180)).toBe(19);
    expect(preheatMinutes(180, 8)).toBe(10);
    expect(preheatMinutes(21)).toBe(0);
    expect(preheatMinutes(220, 10)).toBe(Math.ceil((12.5 * 199) / 159));
    expect(heatingFrom(12.5, 180)).toBeCloseTo(10, 9);
    expect(heatingFrom(25, 220)).toBeCloseTo((20 * 159) / 199, 9);
    expect(line({}).preheatMinutes).toBe(19);
    expect(line({ heatsInMinutes: 8 }).preheatMinutes).toBe(10);
    expect(line({ course: { coldOvenMinutes: 15 } }).preheatMinutes).toBe(0);
  });
  it('turns the pan at two thirds of a bake that is long enough, or changes two racks', () => {
    expect([line({}).rotateMinute, line({}).swapMinute]).toEqual([30, undefined]);
    expect(line({ minutes: { likely: 15, high: 18 } }).rotateMinute).toBe(10);
    expect(line({ minutes: { likely: 14.9, high: 18 } }).rotateMinute).toBeUndefined();
    const many = line({ pans: mustBeVessel('9 in round x 4') });
    expect([many.racks, many.swapMinute, many.rotateMinute]).toEqual([2, 30, undefined]);
    expect(line({}).racks).toBe(1);
  });
  it('looks at the colour where it runs ahead, tents where it runs away, and neither under a cover or after the end', () => {
    // nine tenths of the colour at 40 min, a fifth too much at 50
    expect([line({}).colourMinute, line({}).tentMinute]).toEqual([40, undefined]);
    const long = line({ minutes: { likely: 55, high: 60 } });
    expect([long.colourMinute, long.tentMinute]).toEqual([undefined, 50]);
    expect(line({ minutes: { likely: 40, high: 45 } }).colourMinute).toBeUndefined();
    const lidded = line({ course: { covers: [{ kind: 'lid', fromMinute: 0, toMinute: 45 }] } });
    expect([lidded.colourMinute, lidded.uncoverMinute]).toEqual([undefined, 45]);
    expect(line({ course: { covers: [{ kind: 'foil', fromMinute: 0 }] } }).colourMinute).toBeUndefined();
    expect(line({ course: { covers: [{ kind: 'foil', fromMinute: 0, toMinute: 20 }] } }).uncoverMinute).toBeUndefined();
    expect(line({ course: { covers: [{ kind: 'foil', fromMinute: 0, toMinute: 20 }] } }).colourMinute).toBe(40);
  });
  it('says stages, how it cools, and how long it stays in the pan, if there is one', () => {
    const { stages, carryOverCelsius, turnOutMinutes, coolMinutes } = line({
      course: { stages: [{ fromMinute: 10, celsius: 160 }] },
    });
    expect([stages, carryOverCelsius, turnOutMinutes, coolMinutes]).toEqual([
      [{ minute: 10, celsius: 160 }],
      1.5,
      10,
      { slice: 60, frost: 140 },
    ]);
    expect(line({ pans: DISCS }).turnOutMinutes).toBeUndefined();
    expect(line({ heatStyle: 'fruit' }).turnOutMinutes).toBeUndefined();
    const followed = line({ cooling: undefined });
    expect([followed.coolMinutes, followed.carryOverCelsius]).toEqual([{}, 0]);
  });
});

describe('the middle when it is done', () => {
  const doneness = donenessOf('quick', 100);
  const bake = (frames: readonly BakeFrame[], likely = 50) =>
    coreAtDone({ minutes: { first: 40, low: 45, likely, high: 56 }, frames, doneness });
  it('is what is usual in its style, and rises by what the model says around the end', () => {
    const core = bake([frame(20, 60, 0), frame(44, 90, 0), frame(50, 94, 0), frame(56, 96, 0), frame(70, 99, 0)]);
    expect(core?.usualCelsius).toBe(95.5);
    expect(core?.perLnMinutes).toBeCloseTo(6 / Math.log(56 / 44), 9);
  });
  it('is not said of a course that does not reach its end, stands still or falls', () => {
    expect(bake([frame(20, 60, 0)])).toBeUndefined();
    expect(bake([frame(50, 94, 0)])).toBeUndefined();
    expect(bake([frame(46, 94, 0), frame(54, 94, 0)])).toBeUndefined();
    expect(bake([frame(46, 95, 0), frame(54, 94, 0)])).toBeUndefined();
    expect(bake([])).toBeUndefined();
  });
});

describe('a dome', () => {
  const FILL = { fraction: 0.6 } as Fill;
  /** Two columns and two rows: the wall is the last column. */
  const lean = (sections: readonly (readonly number[])[], more: Partial<BakePrediction> = {}) =>
    domeLean({
      frames: sections.map((section, i) => frame(i, 60, 0, section)),
      columnEdges: [2, 4],
      heights: { bakedCm: 6, halfWidthCm: 6 },
      fill: FILL,
      ...more,
    } as unknown as BakePrediction);
  it('leans by what still flows when the wall has set', () => {
    expect(
      lean([
        [20, 60, 20, 60],
        [40, 85, 60, 88],
        [90, 95, 90, 95],
      ]),
    ).toBeCloseTo(0.5, 9);
    expect(lean([[69, 85, 69, 85]])).toBeCloseTo(0.5, 9);
    expect(lean([[70, 85, 70, 85]])).toBe(0);
    expect(lean([[20, 84, 20, 84]])).toBe(0);
  });
  it('is flatter the wider it is for its height, and none without a pan', () => {
    const half = { heights: { bakedCm: 3, halfWidthCm: 6 } } as unknown as Partial<BakePrediction>;
    expect(lean([[40, 85, 60, 88]], half)).toBeCloseTo(0.25, 9);
    const tall = { heights: { bakedCm: 12, halfWidthCm: 6 } } as unknown as Partial<BakePrediction>;
    expect(lean([[40, 85, 60, 88]], tall)).toBeCloseTo(0.5, 9);
    expect(lean([[40, 85, 60, 88]], { fill: undefined } as unknown as Partial<BakePrediction>)).toBe(0);
  });
});

describe('a batter as the oven sees it', () => {
  const parts = partsOf({ 'all-purpose-flour': 200, water: 150, 'granulated-sugar': 100, 'vegetable-oil': 50 });
  it('is its style and its shares, of all that it weighs', () => {
    const batter = batterOf(parts, 'muffin');
    expect([batter.grams, batter.heatStyle]).toEqual([500, 'muffin']);
    expect(batter.sugar).toBeGreaterThan(0.19);
    expect(batter.sugar).toBeLessThan(0.21);
    expect(batter.fat).toBeCloseTo((50 + 0.01 * 200) / 500, 2);
    // flour brings a ninth of its own
    expect(batter.water).toBeCloseTo((150 + 0.119 * 200) / 500, 2);
    expect(batterOf(parts, 'muffin', 800)).toEqual({ ...batter, grams: 800 });
  });
  it('is a quick bread of no known style, and only a weight where nothing is in it', () => {
    expect(batterOf(parts, undefined).heatStyle).toBe('quick');
    expect(batterOf(parts, 'nobody’s').heatStyle).toBe('quick');
    expect(batterOf([], 'muffin', 700)).toEqual({ grams: 700, heatStyle: 'muffin' });
    expect(batterOf([], 'muffin')).toEqual({ grams: 0, heatStyle: 'muffin' });
  });
  it('grows: what is baked is lighter than what is raw, in every style', () => {
    for (const style of ['muffin', 'pound_cake', 'british_scone', undefined]) {
      const { raw, baked } = batterGrowth(style);
      expect(raw).withContext(`${style}`).toBeGreaterThan(baked);
      expect(raw).toBeGreaterThan(0.5);
      expect(raw).toBeLessThan(1.4);
    }
  });
  it('warms a worker up by a bake that is foreseen', () => {
    const result = runBakeJob(WARM_UP_JOB);
    expect(result.kind).toBe('foreseen');
    let asked = 0;
    const lean = { ...WARM_UP_JOB, known: REFUSED.known };
    const leaned = runBakeJob(lean, (batter, known) => {
      asked++;
      expect([batter, known]).toEqual([lean.batter, lean.known]);
      return REFUSED;
    });
    expect(asked).toBe(1);
    expect(leaned.kind === 'foreseen' && leaned.bake.anchor).toBe('refused');
  });
});
