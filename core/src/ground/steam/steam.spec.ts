import { DomainError } from '../../ground/errors/index.js';
import { airAt, saturationPascals } from './index.js';
import { saturationFromTable } from './index.js';

describe('saturationPascals', () => {
  /** @source IAPWS-IF97 saturation line */
  const STEAM_TABLE = [{ celsius: 60, kiloPascals: 19.946 }, { celsius: 80, kiloPascals: 47.415 }, { celsius: 100, kiloPascals: 101.418 }, { celsius: 120, kiloPascals: 198.67 }]; // prettier-ignore
  for (const { celsius, kiloPascals } of STEAM_TABLE) {
    it(`agrees with the steam tables at ${celsius} °C to 1 %`, () => {
      expect(Math.abs(saturationPascals(celsius) / (kiloPascals * 1000) - 1)).toBeLessThan(0.01);
    });
  }
});

describe('saturationFromTable', () => {
  it('is the law within 6 in 100 000, between its points too, and flat beyond its ends', () => {
    for (let celsius = -20; celsius <= 300; celsius += 0.37)
      expect(Math.abs(saturationFromTable(celsius) / saturationPascals(celsius) - 1)).toBeLessThan(6e-5);
    expect(saturationFromTable(900)).toBe(saturationFromTable(320));
    expect(saturationFromTable(-90)).toBe(saturationFromTable(-40));
  });
});

describe('airAt', () => {
  /** @source US standard atmosphere 1976 */
  it('follows the standard atmosphere', () => {
    expect(airAt(0).pressurePascals).toBeCloseTo(101_325, 0);
    expect(Math.abs(airAt(1500).pressurePascals / 84_556 - 1)).toBeLessThan(0.001);
    expect(Math.abs(airAt(3000).pressurePascals / 70_109 - 1)).toBeLessThan(0.001);
  });
  it('boils water at 100 °C by the sea and near 95 °C at 1500 m', () => {
    expect(Math.abs(airAt(0).boilingCelsius - 100)).toBeLessThan(0.2);
    expect(Math.abs(airAt(1500).boilingCelsius - 94.9)).toBeLessThan(0.3);
  });
  it('refuses an altitude where nobody bakes', () => {
    expect(() => airAt(12_000)).toThrowError(DomainError);
    expect(() => airAt(Number.NaN)).toThrowError(DomainError);
  });
});
