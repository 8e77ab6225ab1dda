import { DomainError } from '../../ground/errors/index.js';
import type { Pan } from '../../kitchen/pans/index.js';
import { simulateBake, type BakeSpec } from './index.js';

const LOAF: Pan = {
  name: '9x5', shape: 'loaf', topLengthCm: 23, topWidthCm: 13, bottomLengthCm: 21.5, bottomWidthCm: 11.5, depthCm: 7, cavities: 1, material: 'light',
}; // prettier-ignore
const CUPS: Pan = {
  name: 'muffin tin', shape: 'muffin', topLengthCm: 7, topWidthCm: 7, bottomLengthCm: 5, bottomWidthCm: 5, depthCm: 3.2, cavities: 12, material: 'light',
}; // prettier-ignore
const ROUND: Pan = {
  name: '9 in round', shape: 'round', topLengthCm: 23, topWidthCm: 23, bottomLengthCm: 23, bottomWidthCm: 23, depthCm: 5, cavities: 1, material: 'light',
}; // prettier-ignore
const loaf: BakeSpec = { pan: LOAF, panCount: 1, gramsPerPan: 1000, heatStyle: 'quick', ovenCelsius: 175, fan: false };
const muffins: BakeSpec = {
  pan: CUPS,
  panCount: 1,
  gramsPerPan: 800,
  heatStyle: 'muffin',
  ovenCelsius: 190,
  fan: false,
};
const layer: BakeSpec = { pan: ROUND, panCount: 1, gramsPerPan: 600, heatStyle: 'layer', ovenCelsius: 175, fan: false };
const minutes = (spec: BakeSpec) => simulateBake(spec).doneMinute ?? Infinity;

describe('simulateBake', () => {
  it('keeps its energy books: what went in is stored, or left as steam', () => {
    for (const spec of [loaf, muffins, layer]) expect(Math.abs(simulateBake(spec).energyError)).toBeLessThan(3e-4);
  });

  /** Changes of the time in percent. @source heat.md, section 4, sensitivities for loaf, layer and muffin */
  const SENSITIVITIES: readonly (readonly [string, (spec: BakeSpec) => BakeSpec, readonly [number, number, number]])[] =
    [
      ['an oven 10 °C hotter', (s) => ({ ...s, ovenOffsetCelsius: 10 }), [-6, -9, -6]],
      ['an oven 10 °C cooler', (s) => ({ ...s, ovenOffsetCelsius: -10 }), [8, 11, 7]],
      ['a fifth more batter', (s) => ({ ...s, gramsPerPan: s.gramsPerPan * 1.2 }), [16, 18, 11]],
      ['half the batter', (s) => ({ ...s, gramsPerPan: s.gramsPerPan / 2 }), [-40, -41, -27]],
      ['batter from the fridge', (s) => ({ ...s, batterCelsius: 5 }), [11, 10, 12]],
      ['a second pan', (s) => ({ ...s, panCount: 2 }), [1, 2, 2]],
    ];
  for (const [what, change, published] of SENSITIVITIES) {
    it(`answers ${what} as published, within three points`, () => {
      [loaf, layer, muffins].forEach((spec, i) => {
        const percent = 100 * (minutes(change(spec)) / minutes(spec) - 1);
        expect(Math.abs(percent - (published[i] ?? 0)))
          .withContext(spec.heatStyle)
          .toBeLessThan(3.1);
      });
    });
  }

  it('is faster in a hotter oven, all the way from 140 to 240 °C', () => {
    let before = Infinity;
    for (let ovenCelsius = 140; ovenCelsius <= 240; ovenCelsius += 20) {
      const time = minutes({ ...muffins, ovenCelsius });
      expect(time).toBeLessThan(before);
      before = time;
    }
  });
  it('is faster in dark metal and with a fan, and slower in glass than in dark metal', () => {
    const light = minutes(loaf);
    const dark = minutes({ ...loaf, pan: { ...LOAF, material: 'dark' } });
    const glass = minutes({ ...loaf, pan: { ...LOAF, material: 'glass' } });
    expect(dark).toBeLessThan(light);
    expect(glass).toBeGreaterThan(dark);
    expect(minutes({ ...loaf, fan: true })).toBeLessThan(light);
  });
  it('never heats the core past the boiling point of its water by more than sugar explains, and never lets it cool', () => {
    const { frames } = simulateBake(loaf, { frameEveryMinutes: 1, runOnShare: 0.3 });
    let before = 0;
    for (const frame of frames) {
      expect(frame.coreCelsius).toBeLessThan(106);
      expect(frame.coreCelsius).toBeGreaterThanOrEqual(before - 1e-6);
      before = frame.coreCelsius;
    }
  });
  it('only ever rises, browns and dries', () => {
    const { frames } = simulateBake(layer, { frameEveryMinutes: 1 });
    for (let i = 1; i < frames.length; i++) {
      const [was, is] = [frames[i - 1], frames[i]];
      if (!was || !is) continue;
      expect(is.heightCm).toBeGreaterThanOrEqual(was.heightCm);
      expect(is.topColour).toBeGreaterThanOrEqual(was.topColour);
      expect(is.massLost).toBeGreaterThanOrEqual(was.massLost);
    }
  });
  it('says so when a bake would never be done', () => {
    expect(
      simulateBake({ ...loaf, ovenCelsius: 100, gramsPerPan: 2500 }, { longestMinutes: 60 }).doneMinute,
    ).toBeUndefined();
  });
  it('refuses what it was not made for, and NaN', () => {
    for (const wrong of [
      { ovenCelsius: 400 },
      { ovenCelsius: Number.NaN },
      { gramsPerPan: 0 },
      { panCount: 0 },
      { batterCelsius: 90 },
      { altitudeMetres: 9000 },
    ]) {
      expect(() => simulateBake({ ...loaf, ...wrong })).toThrowError(DomainError);
    }
  });
});
