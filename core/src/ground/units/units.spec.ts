import {
  celsiusFromFahrenheit, celsiusFromGasMark, fahrenheitFromCelsius, gramsForHands, inEighths, inTeaspoons, millilitresOf, nearestGasMark, ownUnit, TABLE_UNITS, unitBook, unitById, unitNamed, UNITS, type Region,
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

describe('what a text begins with', () => {
  const begun = (text: string, book = TABLE_UNITS) => {
    const start = book.startOf(text);
    return start && [start.unit.id, start.rest];
  };
  it('is a unit and what is behind it, whatever its case and its point', () => {
    expect(begun('g flour')).toEqual(['gram', ' flour']);
    expect(begun('G flour')).toEqual(['gram', ' flour']);
    expect(begun('tsp. salt')).toEqual(['teaspoon', ' salt']);
    expect(begun('fl oz milk')).toEqual(['fluid-ounce', ' milk']);
    expect(begun('fl. oz milk')).toEqual(['fluid-ounce', ' milk']);
    expect(begun('T sugar')).toEqual(['tablespoon', ' sugar']);
    expect(begun('% water')).toEqual(['percent', ' water']);
    expect(begun('kryddmått kardemumma')).toEqual(['knife-tip', ' kardemumma']);
    expect(begun('大さじ砂糖')).toEqual(['tablespoon', '砂糖']);
    expect(begun('cup.. milk')).toEqual(['cup', '. milk']);
  });
  it('is never the head of a longer word, nor what stands further on', () => {
    for (const text of [
      'gherkins',
      'cupcakes',
      'lemons',
      'tinned pears',
      "l'orange",
      'flour g',
      ' g flour',
      'pear g',
      '砂糖大さじ',
      '',
    ])
      expect(begun(text)).withContext(text).toBeUndefined();
  });
  it('may be a measure of the baker’s own, in any case, in both numbers, before those of the table', () => {
    const book = unitBook([ownUnit('  Gran’s   Cup ', 210), ownUnit('cup', 180), ownUnit('Gran’s', 99)]);
    expect(begun("gran's cup of flour", book)).toEqual(["own gran's cup", ' of flour']);
    expect(begun("Gran's cups flour", book)).toEqual(["own gran's cup", ' flour']);
    expect(begun('cups flour', book)).toEqual(['own cup', ' flour']);
    expect(begun('cupfuls flour', book)).toEqual(['cup', ' flour']);
    expect(begun("of gran's cup", book)).toBeUndefined();
    const own = book.startOf('cup flour')?.unit;
    expect(own?.kind).toBe('volume');
    for (const region of ['US', 'UK', 'JP'] as const) expect(own && millilitresOf(own, region)).toBe(180);
  });
});

describe('a measure that a region has not', () => {
  it('is that of whoever has it', () => {
    const inMillilitres = (id: string, region: Region) => {
      const unit = unitById(id);
      return unit && millilitresOf(unit, region);
    };
    // a katori is of India, a rice cup of Japan, a knife tip of Sweden: everybody means theirs
    for (const [id, home] of [
      ['katori', 'IN'],
      ['rice-cup', 'JP'],
      ['knife-tip', 'EU'],
      ['gill', 'UK'],
    ] as const)
      for (const region of ['US', 'AU', 'EU', 'JP'] as const)
        expect(inMillilitres(id, region))
          .withContext(`${id} ${region}`)
          .toBeGreaterThan(0.9 * (inMillilitres(id, home) ?? NaN) * (id === 'gill' && region === 'US' ? 0.8 : 1));
    expect(inMillilitres('gram', 'UK')).toBeUndefined();
    expect(inMillilitres('stick', 'US')).toBeUndefined();
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
