import { readWay } from './index.js';

describe('readWay', () => {
  it('reads a pan, a heat and a fan, in any of their orders people write', () => {
    expect(readWay('12-cup muffin tin')).toEqual({ pans: '12-cup muffin tin', celsius: undefined, fan: undefined });
    expect(readWay('23 cm round at 160 °C fan')).toEqual({ pans: '23 cm round', celsius: 160, fan: true });
    expect(readWay('at 160 fan')).toEqual({ pans: '', celsius: 160, fan: true });
    expect(readWay('8 in round x 2 no fan')).toEqual({ pans: '8 in round x 2', celsius: undefined, fan: false });
    expect(readWay('fan')).toEqual({ pans: '', celsius: undefined, fan: true });
  });
});
