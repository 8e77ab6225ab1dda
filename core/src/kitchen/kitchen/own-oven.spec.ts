import { ovenOffset } from './index.js';

describe('ovenOffset', () => {
  it('knows nothing of an oven that nobody measured', () => {
    expect(ovenOffset({ readings: [] })).toBeUndefined();
  });
  it('draws one reading towards none by a tenth, and trusts it to about 4 °C', () => {
    // normal prior 12, reading 4: 144 / 160, and sqrt(144 * 16 / 160)
    const offset = ovenOffset({ readings: [{ setCelsius: 180, readCelsius: 171 }] });
    expect(offset?.celsius).toBeCloseTo(-8.1, 6);
    expect(offset?.spread).toBeCloseTo(Math.sqrt(14.4), 6);
  });
  it('is surer with every reading, and ends at their mean', () => {
    const readings = Array.from({ length: 40 }, () => ({ setCelsius: 200, readCelsius: 206 }));
    const few = ovenOffset({ readings: readings.slice(0, 2) });
    const many = ovenOffset({ readings });
    expect(many?.spread).toBeLessThan(few?.spread ?? 0);
    expect(many?.celsius).toBeCloseTo(6, 1);
  });
  it('goes by what was read since the oven was changed', () => {
    const old = { setCelsius: 180, readCelsius: 160, at: 1 };
    const oven = {
      readings: [old, { setCelsius: 180, readCelsius: 176, at: 20 }],
      changes: [{ at: 10, what: 'element' }],
    };
    expect(ovenOffset(oven)).toEqual(ovenOffset({ readings: [{ setCelsius: 180, readCelsius: 176 }] }));
    expect(ovenOffset({ readings: [old], changes: oven.changes })).toBeUndefined();
  });
});
