import { airAt } from '../../ground/steam/index.js';
import { altitudeAdvice } from './index.js';

/** Height, pressure, boiling point, leavener factor, liquid, sugar, oven. @source leavening.md A.5; pressures and boiling points are the standard atmosphere's */
const PUBLISHED = [
  { metres: 600, kilopascals: 94.3, boils: 98, leavener: 0.91, liquid: 5, sugar: 3, oven: 5 },
  { metres: 900, kilopascals: 91, boils: 97, leavener: 0.87, liquid: 8, sugar: 4, oven: 7 },
  { metres: 1500, kilopascals: 84.6, boils: 94.9, leavener: 0.79, liquid: 13, sugar: 6, oven: 12 },
  { metres: 2100, kilopascals: 78.5, boils: 92.9, leavener: 0.72, liquid: 18, sugar: 9, oven: 14 },
  { metres: 3000, kilopascals: 70.1, boils: 89.8, leavener: 0.62, liquid: 26, sugar: 13, oven: 14 },
];

describe('altitude', () => {
  for (const { metres, kilopascals, boils, leavener, liquid, sugar, oven } of PUBLISHED) {
    it(`advises at ${metres} m what the tables say`, () => {
      const advice = altitudeAdvice(metres);
      expect(Math.abs(airAt(metres).pressurePascals / 1000 - kilopascals)).toBeLessThan(0.06);
      // the page's boiling points are by Clausius and Clapeyron: 0.2 low at 3000 m, where the steam tables say 89.97 °C for 70.1 kPa
      expect(Math.abs(advice.boilingCelsius - boils)).toBeLessThan(0.25);
      expect(Math.abs(advice.leavenerFactor.likely - leavener)).toBeLessThan(0.006);
      expect(Math.abs(advice.liquidPercentOfFlour.likely - liquid)).toBeLessThan(0.6);
      expect(Math.abs(advice.sugarPercentLess.likely - sugar)).toBeLessThan(0.6);
      expect(Math.abs(advice.ovenCelsiusMore - oven)).toBeLessThan(0.6);
    });
  }
  it('changes nothing at the sea, and ever more above it', () => {
    expect(altitudeAdvice(0).leavenerFactor.likely).toBeCloseTo(1, 9);
    expect(altitudeAdvice(-50).metres).toBe(0);
    for (let metres = 0; metres < 3000; metres += 300) {
      const [here, higher] = [altitudeAdvice(metres), altitudeAdvice(metres + 300)];
      expect(higher.leavenerFactor.likely).toBeLessThan(here.leavenerFactor.likely);
      expect(higher.leavenerFactor.low).toBeLessThan(higher.leavenerFactor.high);
      expect(higher.boilingCelsius).toBeLessThan(here.boilingCelsius);
    }
  });
});
