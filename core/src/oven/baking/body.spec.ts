import { DomainError } from '../../ground/errors/index.js';
import { cavityMillilitres, isFree, type FreePieces, type Pan, type Vessel } from '../../kitchen/pans/index.js';
import { mustBeVessel } from '../../kitchen/pans/must-be-vessel.spec-help.js';
import { checkBake, type BakeSpec } from './bake-spec.js';
import type { BatterGrid } from './batter-grid.js';
import { bodyOf } from './body.js';
import { loadConvection, moistureWays, rawSize, risenHeight } from './oven-load.js';
import { HEAT_MODEL } from './parameters.js';

/* The shape of what is baked, by the geometry of its pan; and what the simulation was not made for. */

const panOf = (written: string): Vessel => mustBeVessel(written).pan;
const dome = (diameterCm?: number, heightCm?: number): FreePieces => ({
  name: 'loaf', shape: 'dome', cavities: 1, material: 'light',
  ...(diameterCm !== undefined && { diameterCm }), ...(heightCm !== undefined && { heightCm }),
}); // prettier-ignore

describe('the body that a pan gives its batter', () => {
  it('of a straight tin is its own width, length and depth', () => {
    const pan: Pan = { name: 'tin', shape: 'rectangle', topLengthCm: 30, topWidthCm: 20, bottomLengthCm: 30, bottomWidthCm: 20, depthCm: 5, cavities: 1, material: 'light' }; // prettier-ignore
    const body = bodyOf(pan);
    expect([body.kind, body.free, body.sides, body.massFactor, body.innerRadius]).toEqual([
      'box',
      false,
      'plain',
      1,
      0,
    ]);
    expect(body.depth).toBeCloseTo(0.05, 9);
    expect(body.area(0)).toBeCloseTo(0.06, 6);
    expect([body.halfLength(0.02), body.halfWidth(0.02)].map((half) => Number(half.toFixed(6)))).toEqual([0.15, 0.1]);
    expect(body.heightOf(0.0006)).toBeCloseTo(0.01, 6);
    // far above its rim it goes on as wide as it is there
    expect(body.heightOf(0.06)).toBeCloseTo(1, 3);
    expect(body.domeRadius(0.001)).toBe(0);
  });
  it('holds, filled to the rim, what the pan holds: leaning, round, fluted, with a tube or rounded corners', () => {
    for (const written of ['9x5x2.75 in loaf', '20 cm round tin', '12-cup muffin tin', '25 cm tube pan, 9 cm deep', '10-cup bundt', '20 cm square tin']) {
      const pan = panOf(written);
      if (isFree(pan)) throw new Error(written);
      const body = bodyOf({ ...pan, ...(pan.shape === 'square' && { cornerRadiusCm: 4 }) });
      const held = cavityMillilitres({ ...pan, ...(pan.shape === 'square' && { cornerRadiusCm: 4 }) }) / 1e6;
      expect(body.heightOf(held) / body.depth).withContext(written).toBeCloseTo(1, 2);
      expect(body.heightOf(held / 2)).withContext(written).toBeGreaterThan(0.45 * body.depth);
    }
  }); // prettier-ignore
  it('stands where its sections below add up to its volume', () => {
    for (const written of ['9x5x2.75 in loaf', '12-cup muffin tin', '25 cm tube pan, 9 cm deep']) {
      const body = bodyOf(panOf(written));
      const height = 0.7 * body.depth;
      const steps = 400;
      let volume = 0;
      for (let i = 0; i < steps; i++) volume += (body.area((height * (i + 0.5)) / steps) * height) / steps;
      expect(body.heightOf(volume) / height).withContext(written).toBeCloseTo(1, 3);
    }
  }); // prettier-ignore
  it('is round where the pan is, less its tube, with flutes where it has some', () => {
    const ring = bodyOf(panOf('25 cm tube pan, 9 cm deep'));
    expect(ring.kind).toBe('cylinder');
    expect(ring.innerRadius).toBeGreaterThan(0.01);
    expect(ring.area(0.01)).toBeCloseTo(Math.PI * (ring.radius(0.01) ** 2 - ring.innerRadius ** 2), 9);
    expect(bodyOf(panOf('10-cup bundt')).sides).toBe('fluted');
    expect(bodyOf(panOf('20 cm round tin')).sides).toBe('plain');
    expect(bodyOf(panOf('20 cm round tin')).innerRadius).toBe(0);
  });
});

describe('the body of what stands free', () => {
  it('of a loaf is half an ellipsoid as high for its radius as it is shaped, within reason', () => {
    const body = bodyOf(dome());
    const radius = body.domeRadius(0.001);
    expect(body.aspect).toBe(0.55);
    expect((2 / 3) * Math.PI * radius ** 2 * body.heightOf(0.001)).toBeCloseTo(0.001, 9);
    expect([body.kind, body.free, body.depth, body.area(0)]).toEqual(['dome', true, 0, 0]);
    expect([bodyOf(dome(20, 6)).aspect, bodyOf(dome(20, 1)).aspect, bodyOf(dome(20, 40)).aspect]).toEqual([
      0.6, 0.2, 1.5,
    ]);
    expect(bodyOf(dome(20)).aspect).toBe(0.55);
  });
  it('of a round is a cylinder, and of a wedge the cylinder with its area over its edge', () => {
    const disc = bodyOf(panOf('disc 6 cm x 8'));
    expect([disc.kind, disc.sides, disc.massFactor]).toEqual(['cylinder', 'plain', 1]);
    expect(disc.radius(0)).toBeCloseTo(0.03, 9);
    expect(disc.area(0)).toBeCloseTo(Math.PI * 0.0009, 9);
    expect(disc.heightOf(Math.PI * 0.0009 * 0.02)).toBeCloseTo(0.02, 9);
    const wedge = bodyOf(panOf('wedge 18 cm round x 8'));
    const area = (Math.PI * 0.09 ** 2) / 8;
    const edge = 2 * 0.09 + (2 * Math.PI * 0.09) / 8;
    expect([wedge.kind, wedge.sides]).toEqual(['cylinder', 'close']);
    expect(wedge.area(0) / (2 * Math.PI * wedge.radius(0))).toBeCloseTo(area / edge, 9);
    expect(wedge.massFactor).toBeCloseTo(wedge.area(0) / area, 9);
  });
  it('needs a diameter where it is cut or stamped', () => {
    const bare: FreePieces = { name: 'rounds', shape: 'disc', cavities: 8, material: 'light' };
    expect(() => bodyOf(bare)).toThrowError(DomainError);
  });
});

describe('a body in its oven', () => {
  const [tin, ring, ball, disc] = [panOf('20 cm square tin'), panOf('25 cm tube pan, 9 cm deep'), dome(), panOf('disc 6 cm x 8')].map(bodyOf) as [ReturnType<typeof bodyOf>, ReturnType<typeof bodyOf>, ReturnType<typeof bodyOf>, ReturnType<typeof bodyOf>];
  it('is as thick as its batter stands or as its pan is narrow, whichever is less', () => {
    expect(rawSize(tin, 0.0008).smallest).toBe(rawSize(tin, 0.0008).height);
    expect(rawSize(tin, 0.0008).height).toBeCloseTo(tin.heightOf(0.0008), 9);
    expect(rawSize(tin, 0.02).smallest).toBe(tin.halfWidth(0));
    expect(rawSize(ring, 0.009).smallest).toBeCloseTo(ring.radius(0) - ring.innerRadius, 9);
    expect(rawSize(ball, 0.001)).toEqual({ height: 0.05, smallest: 0.05 });
  });
  it('dries to its top in a tin, to its side as a loaf, to both as a round', () => {
    const grid = { nx: 9, nz: 7 } as unknown as BatterGrid;
    expect(moistureWays(tin, grid)).toEqual([[2, 3]]);
    expect(moistureWays(ball, grid)).toEqual([[0, 4]]);
    expect(moistureWays(disc, grid)).toEqual([[2, 3], [0, 4]]);
    expect(risenHeight(ball, 0.001)).toBeCloseTo(0.08, 9);
    expect(risenHeight(disc, 0.0001)).toBe(disc.heightOf(0.0001));
  });
  it('takes up the air’s heat by its top: a round as its circle, a tin as its rectangle, a loaf as its ground', () => {
    const { heat } = HEAT_MODEL;
    const spec = (pan: Vessel): BakeSpec => ({ pan: { ...pan, cavities: 1 }, panCount: 1, gramsPerPan: 600, heatStyle: 'quick', ovenCelsius: 180, fan: false });
    const by = (top: number) => heat.convectionStill * Math.min(1.6, Math.max(0.7, (heat.sizeReferenceMetres / Math.sqrt(top)) ** heat.sizeExponent * (1 - heat.crowding * Math.min(1, top / heat.rackSquareMetres))));
    const radius = ball.domeRadius(0.002);
    expect(loadConvection(spec(dome()), ball, heat, 0.002)).toBeCloseTo(by(Math.PI * radius ** 2), 9);
    expect(loadConvection(spec(panOf('20 cm square tin')), tin, heat, 0.001)).toBeCloseTo(by(tin.area(tin.depth)), 9);
    expect(loadConvection(spec(panOf('disc 6 cm x 8')), disc, heat, 0.0001)).toBeCloseTo(by(Math.PI * disc.radius(0) ** 2), 9);
  });
}); // prettier-ignore

describe('what the simulation was not made for', () => {
  const usual: BakeSpec = { pan: panOf('20 cm round tin'), panCount: 1, gramsPerPan: 700, heatStyle: 'layer', ovenCelsius: 175, fan: false };
  const refuses = (more: Partial<BakeSpec>) => {
    try {
      checkBake({ ...usual, ...more });
      return undefined;
    } catch (error) {
      return error instanceof DomainError ? error.message : 'another error';
    }
  };
  const pan = (more: object) => ({ pan: { ...usual.pan, ...more } });
  const disc = (more: object) => ({ pan: { ...panOf('disc 6 cm x 8'), ...more } });
  it('is refused beyond each end of its range, and baked up to it', () => {
    const ENDS: readonly (readonly [string, (value: number) => Partial<BakeSpec>, readonly number[], readonly number[]])[] = [
      ['gramsPerPan', (gramsPerPan) => ({ gramsPerPan }), [10, 50_000], [9.9, 50_001]],
      ['ovenCelsius', (ovenCelsius) => ({ ovenCelsius }), [100, 300], [99, 301, NaN]],
      ['panCount', (panCount) => ({ panCount }), [1, 24], [0, 25]],
      ['batterCelsius', (batterCelsius) => ({ batterCelsius }), [-30, 60], [-31, 61]],
      ['ovenOffsetCelsius', (ovenOffsetCelsius) => ({ ovenOffsetCelsius }), [-60, 60], [-61, 61]],
      ['heatScale', (heatScale) => ({ heatScale }), [0.2, 5], [0.19, 5.1]],
      ['coldOvenMinutes', (coldOvenMinutes) => ({ coldOvenMinutes }), [2, 60], [1, 61]],
      ['ovenCelsius', (celsius) => ({ stages: [{ fromMinute: 5, celsius }] }), [100, 300], [90, 310]],
      ['stages.fromMinute', (fromMinute) => ({ stages: [{ fromMinute, celsius: 180 }] }), [0, 600], [-1, 601]],
      ['covers.fromMinute', (fromMinute) => ({ covers: [{ kind: 'lid', fromMinute }] }), [0, 600], [-1, 601]],
      ['covers.toMinute', (toMinute) => ({ covers: [{ kind: 'lid', fromMinute: 10, toMinute }] }), [10.1, 60], [10, 9]],
      ['air.everySeconds', (everySeconds) => ({ air: { everySeconds, celsius: [170] } }), [0.1, 60], [0, -1]],
      ['air.celsius', (celsius) => ({ air: { everySeconds: 30, celsius: [170, celsius] } }), [-30, 400], [-31, 401]],
      ['pan.depthCm', (depthCm) => pan({ depthCm }), [0.6, 9], [0.5]],
      ['pan.bottomWidthCm', (bottomWidthCm) => pan({ bottomWidthCm }), [1.1, 20], [1]],
      ['pan.tubeDiameterCm', (tubeDiameterCm) => pan({ bottomWidthCm: 20, tubeDiameterCm }), [5, 17.9], [18, 20]],
      ['pan.diameterCm', (diameterCm) => disc({ diameterCm }), [2, 50], [1.9, 51]],
      ['pan.cavities', (cavities) => disc({ cavities }), [1, 100], [0, 101]],
    ];
    for (const [name, of, within, beyond] of ENDS) {
      for (const value of within) expect(refuses(of(value))).withContext(`${name} ${value}`).toBeUndefined();
      for (const value of beyond) expect(refuses(of(value))).withContext(`${name} ${value}`).toContain(name);
    }
    expect(refuses({})).toBeUndefined();
  });
}); // prettier-ignore
