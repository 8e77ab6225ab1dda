import { levelling } from './index.js';

describe('levelling', () => {
  it('takes a cap off a round: 12 mm on 20 cm is about 190 ml', () => {
    const { crownMillimetres, gramsOff, lowerCm } = levelling({ diameterCm: 20 }, 450, 4);
    expect(crownMillimetres).toBeCloseTo(12, 6);
    // a cap of height 1.2 over a radius of 10: pi 1.2 (300 + 1.44) / 6 = 189.4 ml of 1256.6
    expect(gramsOff).toBeCloseTo((450 * 189.4) / 1256.6, 0);
    expect(lowerCm).toBeCloseTo(189.4 / 314.16, 2);
  });
  it('never takes more than a low layer has', () => {
    const { gramsOff, lowerCm } = levelling({ lengthCm: 40, widthCm: 30 }, 500, 1);
    expect(gramsOff).toBeLessThan(250);
    expect(lowerCm).toBeLessThan(0.5);
  });
});
