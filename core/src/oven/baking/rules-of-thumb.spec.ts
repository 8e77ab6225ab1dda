import type { VesselSet } from '../../kitchen/pans/index.js';
import { mustBeVessel } from '../../kitchen/pans/must-be-vessel.spec-help.js';
import { bodyOf } from './body.js';
import type { BakeSpec } from './bake-spec.js';
import { kinship, type Anchor, type KnownTime } from './known-bake.js';
import { loadConvection, ovenSag, risenHeight } from './oven-load.js';
import { HEAT_MODEL } from './parameters.js';
import { isApart, plainLawMinutes, rulesOfThumb, type PlainBake, type RuleOfThumbId } from './rules-of-thumb.js';

/* From one pan to another without a simulation: rules of thumb, how far a known bake reaches, what a load does to its oven. */

const LOAF = mustBeVessel('9x5x2.75 in loaf');
const CUPS = mustBeVessel('12-cup muffin tin');
const KNOWN: KnownTime = { pans: LOAF, ovenCelsius: 175, fan: false, lowMinutes: 9, highMinutes: 11, from: 'printed-time' }; // prettier-ignore

describe('rules of thumb by themselves', () => {
  const square = (grams: number, more: Partial<PlainBake> = {}): PlainBake => ({
    batter: { grams, heatStyle: 'quick' },
    pans: mustBeVessel('20 cm square tin, 5 cm deep'),
    celsius: 180,
    fan: false,
    ...more,
  });
  const says = (known: PlainBake, here: PlainBake) =>
    new Map(rulesOfThumb(known, 40, here).map(({ id, minutes }) => [id, minutes]));
  const of = (known: PlainBake, here: PlainBake, id: RuleOfThumbId) => says(known, here).get(id) ?? NaN;
  it('change nothing for the same bake', () => {
    for (const [id, minutes] of says(square(800), square(800))) expect(minutes).withContext(id).toBeCloseTo(40, 9);
    // twice as much in two pans is the same bake
    const two = { ...square(1600), pans: { ...square(800).pans, count: 2 } };
    expect(of(square(800), two, 'depth-squared')).toBeCloseTo(40, 9);
  });
  it('go by depth, its square, surface, heat, or nothing', () => {
    const [a, b] = [square(600), square(900)];
    expect(of(a, b, 'depth')).toBeGreaterThan(55);
    expect(of(a, b, 'depth')).toBeLessThan(61);
    expect(of(a, b, 'depth-squared')).toBeCloseTo(of(a, b, 'depth') ** 2 / 40, 6);
    expect(of(a, b, 'same-time')).toBe(40);
    // a slab's surface is mostly top and bottom
    expect(of(a, b, 'surface')).toBeGreaterThan(48);
    expect(of(a, b, 'surface')).toBeLessThan(of(a, b, 'depth'));
    expect(of(a, square(600, { celsius: 160 }), 'surface-and-heat')).toBeCloseTo(40 * (80 / 60) ** 0.9, 6);
  });
  it('count a fan and a dark tin as heat', () => {
    const still = square(600);
    expect(of(still, square(600, { fan: true }), 'surface-and-heat')).toBeCloseTo(
      of(still, square(600, { celsius: 200 }), 'surface-and-heat'),
      9,
    );
    for (const material of ['dark', 'glass'] as const) {
      const pans = { ...still.pans, pan: { ...still.pans.pan, material } as VesselSet['pan'] };
      expect(of(still, square(600, { pans }), 'surface-and-heat')).toBeCloseTo(
        of(still, square(600, { celsius: 191 }), 'surface-and-heat'),
        9,
      );
    }
  });
  it('have a surface of every shape: a ball of dough by its bulk, a ring by its tube', () => {
    const ball = (grams: number): PlainBake => ({
      batter: { grams, heatStyle: 'soda' },
      pans: mustBeVessel('dome'),
      celsius: 200,
      fan: false,
    });
    // eight times the bulk is twice as deep and twice the volume over its surface
    expect(of(ball(200), ball(1600), 'depth')).toBeCloseTo(80, 3);
    expect(of(ball(200), ball(1600), 'surface')).toBeCloseTo(80, 3);
    const ring: PlainBake = {
      batter: { grams: 1500, heatStyle: 'bundt' },
      pans: mustBeVessel('25 cm tube pan, 9 cm deep'),
      celsius: 170,
      fan: false,
    };
    const round: PlainBake = { ...ring, pans: mustBeVessel('25 cm round, 9 cm deep') };
    expect(of(round, ring, 'depth')).toBeGreaterThan(40);
    expect(of(round, ring, 'surface') / 40).toBeLessThan(of(round, ring, 'depth') / 40);
  });
  it('the plain law of all bakes is longer for more, shorter for hotter, and says when a model is apart from it', () => {
    const law = plainLawMinutes(square(800));
    expect(law).toBeGreaterThan(20);
    expect(law).toBeLessThan(60);
    expect(plainLawMinutes(square(1000))).toBeGreaterThan(law);
    expect(plainLawMinutes(square(800, { celsius: 200 }))).toBeLessThan(law);
    expect(plainLawMinutes(square(800, { celsius: 90 }))).toBeGreaterThan(law);
    expect(isApart(law, square(800))).toBeFalse();
    expect([1.45, 1.55, 0.7, 0.6].map((times) => isApart(times * law, square(800)))).toEqual([
      false,
      true,
      false,
      true,
    ]);
  });
});

describe('kin of a known bake', () => {
  const anchor = { kind: 'anchored', known: { ...KNOWN, lowMinutes: 55, highMinutes: 60 }, knownMinutes: 57.4, fullFactor: 1.1, heatFactor: 1.05, modelMinutes: 50, spreadOfKnown: 0.06 } as const satisfies Anchor;
  it('is the very same bake by all of what it says, and by none of another kind', () => {
    expect(kinship(anchor, LOAF, 50, false)).toEqual({ share: 1, spread: 0.06 });
    expect(kinship(anchor, CUPS, 50, false).share).toBe(0);
    expect(kinship(anchor, LOAF, 50, true).share).toBe(0);
    expect(kinship(anchor, { ...LOAF, pan: { ...LOAF.pan, material: 'dark' } }, 50, false).share).toBe(0);
  });
  it('fades with distance, and never widens beyond what another pan has', () => {
    const [near, far] = [55, 70].map((minutes) => kinship(anchor, LOAF, minutes, false));
    expect(near?.share).toBeCloseTo(Math.exp(-((Math.log(55 / 50) / 0.2) ** 2)), 9);
    expect(near?.spread).toBeCloseTo(Math.hypot(0.06, 0.088 * (1 - (near?.share ?? NaN))), 9);
    expect(far?.spread).toBe(0.088);
    expect(kinship(anchor, LOAF, 40, false).share).toBeLessThan(1);
    expect(kinship(anchor, CUPS, 50, false).spread).toBe(0.1);
    expect(kinship({ ...anchor, known: { ...anchor.known, from: 'remembered' }, spreadOfKnown: 0.15 }, CUPS, 50, false).spread).toBe(0.125);
  });
}); // prettier-ignore

describe('a load in its oven', () => {
  const { heat } = HEAT_MODEL;
  const spec = (written: string, grams: number, more: Partial<BakeSpec> = {}): BakeSpec => {
    const { pan, count } = mustBeVessel(written);
    return { pan, panCount: count, gramsPerPan: grams, heatStyle: 'quick', ovenCelsius: 180, fan: false, ...more };
  };
  const convection = (of: BakeSpec) => loadConvection(of, bodyOf(of.pan), heat, (of.gramsPerPan / of.pan.cavities) * 1.6e-6); // prettier-ignore
  it('pulls the air down by the door, and by eight degrees a kilogram of all that goes in', () => {
    expect(ovenSag(spec('9x5x2.75 in loaf', 1000))).toBeCloseTo(heat.doorDrop + heat.dropPerKilogram, 9);
    expect(ovenSag(spec('20 cm round tin x 2', 500))).toBeCloseTo(heat.doorDrop + heat.dropPerKilogram, 9);
    const beside = spec('9x5x2.75 in loaf', 1000, { beside: { grams: 500, squareCm: 400 } });
    expect(ovenSag(beside)).toBeCloseTo(heat.doorDrop + 1.5 * heat.dropPerKilogram, 9);
  });
  it('gets the more of the air’s heat the smaller its pieces, and the less the fuller the rack', () => {
    expect(convection(spec('12-cup muffin tin', 800))).toBeGreaterThan(convection(spec('30 x 20 cm tin', 1200)));
    expect(convection(spec('20 cm round tin x 2', 600))).toBeLessThan(convection(spec('20 cm round tin', 600)));
    const beside = spec('20 cm round tin', 600, { beside: { grams: 900, squareCm: 700 } });
    expect(convection(beside)).toBeLessThan(convection(spec('20 cm round tin', 600)));
    // a full rack is full
    const [full, fuller] = [3000, 9000].map((squareCm) => convection(spec('20 cm round tin', 600, { beside: { grams: 0, squareCm } }))); // prettier-ignore
    expect(full).toBe(fuller ?? NaN);
    const still = spec('20 cm round tin', 600);
    expect(convection({ ...still, fan: true }) / convection(still)).toBeCloseTo(heat.convectionFan / heat.convectionStill, 9); // prettier-ignore
    expect(convection(spec('disc 2 cm x 1', 5))).toBeLessThanOrEqual(1.6 * heat.convectionStill);
  });
  it('stands as high as its pan makes it, and a free loaf by its bulk', () => {
    const tin = bodyOf(mustBeVessel('20 cm square tin, 5 cm deep').pan);
    expect(risenHeight(tin, 0.002)).toBeGreaterThan(risenHeight(tin, 0.001));
    const dome = bodyOf(mustBeVessel('dome').pan);
    expect(risenHeight(dome, 0.008) / risenHeight(dome, 0.001)).toBeCloseTo(2, 9);
  });
});
