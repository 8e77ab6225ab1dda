import {
  celsiusFromFahrenheit, celsiusFromGasMark, fahrenheitFromCelsius, gramsForHands, inEighths, inTeaspoons, millilitresOf, nearestGasMark, unitById, unitNamed, UNITS, type Region,
} from './index.js'; // prettier-ignore

describe('millilitresOf', () => {
  /** @source statutes and standards of the regions: US customary, Australian 20 ml tablespoon, imperial pint */
  const SIZES: readonly (readonly [Region, string, number])[] = [
    ['US', 'cup', 236.588], ['US', 'tablespoon', 14.787], ['US', 'teaspoon', 4.929], ['AU', 'cup', 250], ['AU', 'tablespoon', 20], ['NZ', 'tablespoon', 15],
    ['UK', 'tablespoon', 15], ['UK', 'pint', 568.26], ['US', 'pint', 473.18], ['JP', 'cup', 200], ['UK', 'cup', 250], ['IN', 'teaspoon', 5], ['EU', 'decilitre', 100],
  ]; // prettier-ignore
  for (const [region, id, millilitres] of SIZES) {
    it(`holds ${millilitres} ml in a ${region} ${id}`, () => {
      const unit = unitById(id);
      expect(unit && Math.abs((millilitresOf(unit, region) ?? 0) / millilitres - 1)).toBeLessThan(0.003);
    });
  }
  it('is undefined for what is no volume', () => {
    const gram = unitById('gram');
    expect(gram && millilitresOf(gram, 'US')).toBeUndefined();
  });
});

describe('unitNamed', () => {
  it('knows each of its words as the unit that has it first', () => {
    for (const unit of UNITS) for (const word of unit.words) expect(unitNamed(word)).withContext(word).toBeDefined();
  });
  it('tells T from t, and reads plurals and points', () => {
    expect(unitNamed('T')?.id).toBe('tablespoon');
    expect(unitNamed('t')?.id).toBe('teaspoon');
    expect(unitNamed('Tbsp.')?.id).toBe('tablespoon');
    expect(unitNamed('cups')?.id).toBe('cup');
    expect(unitNamed('sticks')?.id).toBe('stick');
    expect(unitNamed('pear')).toBeUndefined();
  });
});

describe('temperatures', () => {
  it('convert both ways by the definition of the scales', () => {
    expect(celsiusFromFahrenheit(212)).toBe(100);
    expect(celsiusFromFahrenheit(-40)).toBe(-40);
    expect(fahrenheitFromCelsius(180)).toBe(356);
    for (const celsius of [90, 163, 175, 220])
      expect(celsiusFromFahrenheit(fahrenheitFromCelsius(celsius))).toBeCloseTo(celsius, 9);
  });
  it('know the gas marks', () => {
    expect(celsiusFromGasMark('4')).toBe(180);
    expect(celsiusFromGasMark('1/2')).toBe(120);
    expect(celsiusFromGasMark('12')).toBeUndefined();
    expect(nearestGasMark(178)).toBe('4');
  });
});

describe('amounts for hands', () => {
  it('are eighths, with whole numbers in front', () => {
    expect(['0.12', '0.5', '0.62', '1.5', '2', '0.99'].map(Number).map(inEighths)).toEqual([
      '⅛',
      '½',
      '⅝',
      '1½',
      '2',
      '1',
    ]);
  });
  it('say a pinch for what no spoon measures', () => {
    expect(inTeaspoons(4.8, 4.8)).toBe('1 tsp');
    expect(inTeaspoons(0.4, 4.8)).toContain('pinch');
    expect(inTeaspoons(0.1, 4.8)).toBe('less than a pinch');
  });
  it('are tenths of a gram where a scale shows them, whole grams above', () => {
    expect(gramsForHands(4.83)).toBe('4.8');
    expect(gramsForHands(9.96)).toBe('10');
    expect(gramsForHands(209.4)).toBe('209');
  });
});
