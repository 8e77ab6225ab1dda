import type { Lesson } from '../../kitchen/learned/index.js';
import { mustBeVessel } from '../../kitchen/pans/must-be-vessel.spec-help.js';
import type { OvenCourse } from './bake-spec.js';
import type { Anchor, KnownTime } from './known-bake.js';
import { HEAT_STYLES, SHAPE_SPREAD } from './parameters.js';
import {
  footprintOf,
  spreadUnanchored,
  surenessOf,
  thinEvidence,
  withLesson,
  type ThinEvidence,
  type WhatIsKnown,
} from './window.js';

/* How sure a time is, and why: no bake is simulated here. */

const LOAF = mustBeVessel('9x5x2.75 in loaf');
const ROUND = mustBeVessel('20 cm round tin');
const cover = (kind: 'lid' | 'bowl' | 'foil') => ({ covers: [{ kind, fromMinute: 0 }] });

describe('what the model has seen little of', () => {
  const found = (course: OvenCourse, pans = ROUND, apart = false) => thinEvidence(pans, course, apart);
  it('is nothing of a usual bake, up to the edge of each condition', () => {
    expect(found({})).toEqual([]);
    expect(found({ batterCelsius: 12, altitudeMetres: 700, stages: [], covers: [] })).toEqual([]);
    expect(found({ beside: { grams: 900, squareCm: 1300 - footprintOf(ROUND) } })).toEqual([]);
  });
  const ALONE: readonly (readonly [OvenCourse, ThinEvidence])[] = [
    [cover('lid'), 'lid'],
    [cover('bowl'), 'bowl'],
    [cover('foil'), 'foil'],
    [{ stages: [{ fromMinute: 10, celsius: 180 }] }, 'staged'],
    [{ batterCelsius: 11.9 }, 'cold-batter'],
    [{ batterCelsius: 0 }, 'cold-batter'],
    [{ batterCelsius: -0.1 }, 'frozen'],
    [{ coldOvenMinutes: 15 }, 'cold-oven'],
    [{ coldOvenMinutes: 0 }, 'cold-oven'],
    [{ altitudeMetres: 701 }, 'altitude'],
    [{ beside: { grams: 900, squareCm: 1301 - footprintOf(ROUND) } }, 'crowded'],
  ];
  it('is each condition by its name, and no other', () => {
    for (const [course, code] of ALONE) expect(found(course)).withContext(JSON.stringify(course)).toEqual([code]);
    expect(found({}, ROUND, true)).toEqual(['far-from-plain-law']);
    expect(found({}, mustBeVessel('20 cm square silicone tin'))).toEqual(['silicone']);
    expect(found({}, mustBeVessel('20 cm round ceramic dish'))).toEqual(['ceramic']);
    expect(found({}, mustBeVessel('10 in cast iron skillet'))).toEqual(['cast-iron']);
    const free = mustBeVessel('disc 6 cm x 6');
    expect(found({}, { ...free, pan: { ...free.pan, material: 'cast-iron' } })).toEqual([]);
    expect(found({}, { ...free, pan: { ...free.pan, material: 'silicone' } })).toEqual(['silicone']);
  });
  it('adds up', () => {
    expect(found({ ...cover('lid'), altitudeMetres: 1600, batterCelsius: -18 })).toEqual(['lid', 'frozen', 'altitude']);
    expect(
      found({
        covers: [
          { kind: 'foil', fromMinute: 0 },
          { kind: 'bowl', fromMinute: 0 },
        ],
      }),
    ).toEqual(['bowl', 'foil']);
  });
});

describe('what covers a rack', () => {
  it('is the rim of each pan, round or straight, times how many', () => {
    expect(footprintOf(mustBeVessel('30 x 20 cm tin'))).toBeCloseTo(600, 6);
    expect(footprintOf(mustBeVessel('30 x 20 cm tin x 2'))).toBeCloseTo(1200, 6);
    expect(footprintOf(ROUND)).toBeCloseTo(100 * Math.PI, 6);
    const cups = mustBeVessel('12-cup muffin tin');
    const width = 'topLengthCm' in cups.pan ? cups.pan.topLengthCm : NaN;
    expect(footprintOf(cups)).toBeCloseTo((12 * Math.PI * width ** 2) / 4, 6);
  });
  it('of what stands free is each round, and of one that is cut the round', () => {
    expect(footprintOf(mustBeVessel('disc 6 cm x 16'))).toBeCloseTo(16 * 9 * Math.PI, 6);
    expect(footprintOf(mustBeVessel('wedge 18 cm round x 8'))).toBeCloseTo(81 * Math.PI, 6);
    const dome = mustBeVessel('dome');
    expect(footprintOf({ ...dome, count: 2 })).toBeCloseTo(2 * footprintOf(dome), 6);
  });
});

describe('how sure a time is', () => {
  const usual: WhatIsKnown = { heatStyle: 'quick', pans: LOAF, course: {}, anchor: undefined, anchoredSpread: undefined, ovenSpreadCelsius: undefined, ownComposition: false, plainLawApart: false };
  const known = (from: KnownTime['from'], pans = LOAF): KnownTime => ({ pans, ovenCelsius: 175, fan: false, lowMinutes: 55, highMinutes: 60, from });
  const anchored = (from: KnownTime['from'], pans = LOAF): Pick<WhatIsKnown, 'anchor' | 'anchoredSpread'> => ({
    anchor: { kind: 'anchored', known: known(from, pans), knownMinutes: 57.4, fullFactor: 1.1, heatFactor: 1.05, modelMinutes: 58, spreadOfKnown: 0.06 },
    anchoredSpread: 0.07,
  });
  const refused = (modelMinutes: number | undefined): Anchor => ({ kind: 'refused', known: known('printed-time'), knownMinutes: 10, modelMinutes });
  const codes = (more: Partial<WhatIsKnown>) => surenessOf({ ...usual, ...more }).reasons.map(({ code, effect }) => `${code} ${effect}`);
  const factsOf = (more: Partial<WhatIsKnown>, code: string) => surenessOf({ ...usual, ...more }).reasons.find((reason) => reason.code === code)?.facts;
  const spread = (more: Partial<WhatIsKnown>) => surenessOf({ ...usual, ...more }).spread;

  it('is by the table’s scatter of style and shape, and what practitioners differ by, where nothing is known', () => {
    expect(spreadUnanchored('quick', 'loaf') ** 2).toBeCloseTo((HEAT_STYLES.quick.spread ** 2 + SHAPE_SPREAD.loaf ** 2) / 2 + 0.14 ** 2, 9);
    expect(spread({})).toBe(spreadUnanchored('quick', 'loaf'));
    expect(spread({ pans: ROUND })).toBe(spreadUnanchored('quick', 'round'));
  });
  it('says what it stands on, and what would narrow it', () => {
    expect(codes({})).toEqual(['first-principles stands-on', 'usual-composition widens', 'oven-unknown would-narrow', 'log-a-bake would-narrow', 'weigh-the-batter would-narrow']);
    expect(factsOf({}, 'oven-unknown')).toEqual({ percent: 10 });
    expect(factsOf({}, 'weigh-the-batter')).toEqual({ percent: 8 });
    expect(codes({ ownComposition: true })[1]).toBe('own-composition narrows');
  });
  it('leans on a known bake: as it is remembered or written, of this shape or another', () => {
    expect(codes(anchored('printed-time'))).toEqual(['known-bake stands-on', 'usual-composition widens', 'oven-unknown would-narrow', 'weigh-the-batter would-narrow']);
    expect(spread(anchored('printed-time'))).toBe(0.07);
    expect(factsOf(anchored('printed-time'), 'known-bake')).toEqual({ minutes: 57.4 });
    expect(codes(anchored('remembered'))[0]).toBe('known-bake-remembered stands-on');
    expect(codes(anchored('printed-time', ROUND))[1]).toBe('another-shape widens');
  });
  it('stands on the oven of its own bake: nothing more is said of that', () => {
    expect(codes(anchored('own-bake'))).toEqual(['known-bake stands-on', 'usual-composition widens', 'weigh-the-batter would-narrow']);
    expect(codes({ ...anchored('own-bake'), ovenSpreadCelsius: 2 })).toEqual(codes(anchored('own-bake')));
    expect(spread({ ...anchored('own-bake'), ovenSpreadCelsius: 2 })).toBe(0.07);
  });
  it('says a known bake that was set aside, with what the model says where it says anything', () => {
    expect(codes({ anchor: refused(31) })).toEqual(['known-bake-refused widens', 'first-principles stands-on', 'usual-composition widens', 'oven-unknown would-narrow', 'log-a-bake would-narrow', 'weigh-the-batter would-narrow']);
    expect(factsOf({ anchor: refused(31) }, 'known-bake-refused')).toEqual({ minutes: 10, model: 31 });
    expect(factsOf({ anchor: refused(undefined) }, 'known-bake-refused')).toEqual({ minutes: 10 });
    expect(spread({ anchor: refused(31) })).toBe(spread({}));
  });
  it('is surer with a thermometer in the oven, the surer the better it is read, and never less sure for it', () => {
    const alone = spread({});
    expect(spread({ ovenSpreadCelsius: 2 }) ** 2).toBeCloseTo(alone ** 2 - 0.1 ** 2 + 0.016 ** 2, 9);
    expect(spread({ ovenSpreadCelsius: 2 })).toBeLessThan(spread({ ovenSpreadCelsius: 8 }));
    expect(spread({ ovenSpreadCelsius: 40 })).toBe(alone);
    // what is left cannot be less than what formulas and judgement differ by
    expect(spread({ ...anchored('printed-time'), ovenSpreadCelsius: 0 })).toBeCloseTo(0.06, 9);
    expect(factsOf({ ovenSpreadCelsius: 2, course: { ovenOffsetCelsius: -9 } }, 'oven-known')).toEqual({ celsius: -9, spread: 2 });
    expect(factsOf({ ovenSpreadCelsius: 2 }, 'oven-known')).toEqual({ celsius: 0, spread: 2 });
    expect(codes({ ovenSpreadCelsius: 2 })).not.toContain('oven-unknown would-narrow');
  });
  it('is less sure by what the model has seen little of, each by itself', () => {
    const alone = spread({});
    expect(spread({ course: cover('lid') })).toBeCloseTo(Math.hypot(alone, 0.08), 9);
    expect(spread({ course: { ...cover('lid'), batterCelsius: -18 } })).toBeCloseTo(Math.hypot(alone, 0.08, 0.15), 9);
    expect(factsOf({ course: cover('lid') }, 'lid')).toEqual({ percent: 8 });
    expect(codes({ plainLawApart: true })).toContain('far-from-plain-law widens');
  });
  it('is surer by a lesson, never less, and no surer than one bake and the next of the same', () => {
    const before = surenessOf(usual);
    const lesson: Lesson = { factor: 1.08, spread: 0.05, window: 0.1, unlearnedWindow: 0.2, least: 0.04, from: 'this-oven', bakesOfRecipe: 3, bakes: 17 };
    const after = withLesson(before, lesson);
    expect(after.spread).toBeCloseTo(Math.min(0.1, before.spread / 2), 9);
    expect(after.reasons[0]).toEqual({ code: 'learned', effect: 'narrows', facts: { percent: jasmine.any(Number) as never, from: 'this-oven', bakes: 17 } });
    expect((after.reasons[0]?.facts as { percent: number }).percent).toBeCloseTo(8, 9);
    expect(after.reasons.map(({ code }) => code)).not.toContain('log-a-bake');
    expect(after.reasons.length).toBe(before.reasons.length);
    expect(withLesson(before, { ...lesson, window: 0.9, unlearnedWindow: 0.3 }).spread).toBe(before.spread);
    expect(withLesson(before, { ...lesson, window: 0.9, unlearnedWindow: 0.3 }).reasons[0]?.effect).toBe('stands-on');
    expect(withLesson(before, { ...lesson, window: 0.001 }).spread).toBe(0.04);
  });
}); // prettier-ignore
