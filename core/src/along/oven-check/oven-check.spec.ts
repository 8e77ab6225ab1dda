import { simulateBake } from '../../oven/baking/index.js';
import { ovenVerdict } from './index.js';

const round = { pan: { name: 'round', shape: 'round', material: 'light', topLengthCm: 23, topWidthCm: 23, bottomLengthCm: 23, bottomWidthCm: 23, depthCm: 5, cavities: 1 }, panCount: 1, gramsPerPan: 800, heatStyle: 'layer', ovenCelsius: 175, fan: false } as const; // prettier-ignore
/** The oven from so many degrees on, coming back as it does. */
const from = (celsius: number) => ({
  everySeconds: 15,
  celsius: Array.from({ length: 800 }, (_, i) => 175 + (celsius - 175) * Math.exp(-(i * 15) / 300)),
});
const done = (celsius: number) => simulateBake({ ...round, air: from(celsius) }).doneMinute ?? NaN;

describe('an oven before anything goes in', () => {
  it('is ready near its set point, cold below and hot above', () => {
    for (const [celsius, kind] of [[175, 'ready'], [168, 'ready'], [182, 'ready'], [150, 'cold'], [200, 'hot']] as const)
      expect(ovenVerdict(celsius, 175).kind).withContext(String(celsius)).toBe(kind);
  }); // prettier-ignore
  it('says what going in now costs, within a minute of the simulation', () => {
    for (const celsius of [155, 135, 110]) {
      const verdict = ovenVerdict(celsius, 175);
      if (verdict.kind !== 'cold') throw new Error('not cold');
      expect(Math.abs((verdict.costMinutes ?? NaN) - (done(celsius) - done(175))))
        .withContext(String(celsius))
        .toBeLessThan(1.2);
    }
  });
  it('has no price for an oven that is none yet, and waits longer the colder it is', () => {
    const cold = ovenVerdict(40, 175);
    expect(cold.kind === 'cold' && cold.costMinutes).toBeUndefined();
    const [near, far] = [ovenVerdict(150, 175), ovenVerdict(100, 175)];
    expect(near.kind === 'cold' && far.kind === 'cold' && near.waitMinutes < far.waitMinutes).toBeTrue();
  });
});
