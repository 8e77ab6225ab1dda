import { QUANTITIES } from '../../kitchen/kitchen/index.js';
import { readTable } from '../../ground/numerics/index.js';
import { workedParts } from '../../doors/samples/worked-parts.js';
import { WORKED_FORMULAS_TABLE } from '../../doors/samples/worked-formulas.table.js';
import { HEAT_STYLE_OF } from '../../oven/baking/index.js';
import {
  detectStyle,
  judgeAgainst,
  measuredWith,
  styleBook,
  STYLES,
  styleById,
  styleName,
  styleShortName,
  type Measured,
} from './index.js';

describe('the style bands', () => {
  it('are 37 styles whose bands are in order', () => {
    expect(STYLES.length).toBe(37);
    for (const { id, bands } of STYLES) {
      for (const quantity of QUANTITIES) {
        const { low, typical, high } = bands[quantity];
        expect(low <= typical && typical <= high)
          .withContext(`${id} ${quantity}`)
          .toBeTrue();
      }
    }
  });
  it('each have a short name for narrow places, none twice in a region', () => {
    for (const region of ['US', 'UK']) {
      const names = STYLES.map((style) => styleShortName(style, region));
      expect(new Set(names).size).toBe(STYLES.length);
      for (const name of names) expect(name.length).withContext(name).toBeLessThan(22);
    }
  });
  it('each have a way of taking heat', () => {
    for (const { id } of STYLES) expect(HEAT_STYLE_OF[id]).withContext(id).toBeDefined();
  });
});

describe('detectStyle', () => {
  const worked = readTable(WORKED_FORMULAS_TABLE);
  it('names the style of every worked formula first or second from its amounts and title, and nine in ten first', () => {
    const missed: string[] = [];
    let first = 0;
    for (const row of worked) {
      const guesses = detectStyle(workedParts(row['ingredients'] ?? ''), row['title'] ?? '', '');
      if (guesses[0]?.style.id === row['style']) first++;
      if (!guesses.slice(0, 2).some(({ style }) => style.id === row['style'])) missed.push(row['title'] ?? '');
    }
    expect(missed).toEqual([]);
    expect(first).toBeGreaterThanOrEqual(Math.ceil(0.9 * worked.length));
  });
  it('knows nothing of a batter without flour', () => {
    expect(detectStyle([], 'loaf', '')).toEqual([]);
  });
});

describe('judgeAgainst', () => {
  const muffin = styleById('muffin');
  const typical = (): Measured => {
    if (!muffin) throw new Error('no muffin');
    const { bands } = muffin;
    return {
      flourShare: bands.flour.typical, sugar: bands.sugar.typical, fat: bands.fat.typical, egg: bands.egg.typical, water: bands.water.typical, salt: bands.salt.typical,
      inclusions: 0, cocoa: 0, gasGramsPer100gFlour: bands.gas.typical, crumbPh: bands['crumb-ph'].typical,
    }; // prettier-ignore
  };
  it('finds the typical within, and each quantity above or below as it leaves its band', () => {
    if (!muffin) {
      fail('no muffin');
      return;
    }
    expect(judgeAgainst(muffin, typical()).every(({ verdict }) => verdict === 'within')).toBeTrue();
    const wet = judgeAgainst(muffin, {
      ...typical(),
      water: muffin.bands.water.high * 1.2,
      sugar: muffin.bands.sugar.low * 0.8,
    });
    expect(wet.find(({ quantity }) => quantity === 'water')?.verdict).toBe('above');
    expect(wet.find(({ quantity }) => quantity === 'sugar')?.verdict).toBe('below');
    expect(wet.find(({ quantity }) => quantity === 'water')?.reason).toBe('water-above');
  });
  it('says of each quantity what it is counted in', () => {
    const units = new Map(muffin && judgeAgainst(muffin, typical()).map(({ quantity, unit }) => [quantity, unit]));
    expect(units.get('flour')).toBe('% of batter');
    expect(units.get('gas')).toBe('g CO₂ per 100 g flour');
    expect(units.get('crumb-ph')).toBe('pH');
    for (const quantity of ['sugar', 'fat', 'egg', 'water', 'salt'] as const)
      expect(units.get(quantity)).withContext(quantity).toBe('% of flour');
  });
  it('minds a figure by how far it lies outside: a hair not, a little as a note, far as what the bake will show', () => {
    if (!muffin) {
      fail('no muffin');
      return;
    }
    const severity = (of: Partial<Measured>, quantity: string) =>
      judgeAgainst(muffin, { ...typical(), ...of }).find((verdict) => verdict.quantity === quantity)?.severity;
    const { high, low } = muffin.bands.fat;
    expect(severity({ fat: high + 0.03 * (high - low) }, 'fat')).toBe('none');
    expect(severity({ fat: high + 0.3 * (high - low) }, 'fat')).toBe('note');
    expect(severity({ fat: high + 0.9 * (high - low) }, 'fat')).toBe('warning');
    expect(severity({ salt: 0 }, 'salt')).toBe('note');
  });
  it('minds no gas and no pH that may as well be within', () => {
    if (!muffin) {
      fail('no muffin');
      return;
    }
    const { gas, 'crumb-ph': ph } = muffin.bands;
    const low = { ...typical(), gasGramsPer100gFlour: gas.low / 2, crumbPh: ph.high + 0.8 };
    const of = (measured: Measured) =>
      judgeAgainst(muffin, measured).flatMap(({ quantity, severity }) => (severity === 'none' ? [] : [quantity]));
    expect(of(low)).toEqual(['gas', 'crumb-ph']);
    const mayBe = {
      gas: { low: gas.low / 2, high: gas.low * 1.1 },
      'crumb-ph': { low: ph.high - 0.1, high: ph.high + 1.5 },
    };
    expect(of({ ...low, mayBe })).toEqual([]);
  });
  it('takes the likely pH and the gas for the flour from a ledger', () => {
    const quantities = { flourShare: 26, sugar: 100, fat: 80, egg: 100, water: 110, salt: 1, inclusions: 0, cocoa: 0 };
    const ledger = {
      gas: { gramsPer100gFlour: 0.5, mostPer100gFlour: 0.6 },
      crumbPh: { low: 6.8, likely: 7, high: 7.3 },
    } as Parameters<typeof measuredWith>[1];
    expect(measuredWith(quantities, ledger)).toEqual({
      ...quantities,
      gasGramsPer100gFlour: 0.5,
      crumbPh: 7,
      mayBe: { gas: { low: 0.5, high: 0.6 }, 'crumb-ph': { low: 6.8, high: 7.3 } },
    });
  });
  it('judges every quantity, in the order a baker reads them', () => {
    expect(muffin && judgeAgainst(muffin, typical()).map(({ quantity }) => quantity)).toEqual([...QUANTITIES]);
  });
});

describe('the name of a style', () => {
  const scone = styleById('british_scone');
  const own = styleBook([{ id: 'own-1', name: 'harbour scone', basedOn: 'british_scone', bands: {} }]).byId('own-1');
  it('is American in America and Canada, British elsewhere', () => {
    const names = (region: string) => scone && [styleShortName(scone, region), styleName(scone, region)];
    for (const region of ['US', 'CA'])
      expect(names(region)).withContext(region).toEqual(['tea scone', 'British tea scone (cakey)']);
    for (const region of ['UK', 'AU', 'EU']) expect(names(region)).withContext(region).toEqual(['scone', 'scone']);
  });
  it('is the baker’s own for a style of their own', () => {
    expect(own && [styleShortName(own, 'US'), styleName(own, 'US'), styleName(own, 'UK')]).toEqual([
      'harbour scone',
      'harbour scone',
      'harbour scone',
    ]);
  });
});

describe('styleBook', () => {
  const own = [
    { id: 'muffin', name: 'my muffin', basedOn: 'muffin', bands: { sugar: { low: 10, typical: 20, high: 30 } } },
    { id: 'own-1', name: 'harbour loaf', basedOn: 'plain_quick_loaf', bands: {} },
    { id: 'own-2', name: 'nothing', basedOn: 'no such style', bands: {} },
  ];
  it('puts the baker’s bands in place of the table’s and adds their styles behind', () => {
    const book = styleBook(own);
    expect(book.all.length).toBe(STYLES.length + 1);
    expect(book.byId('muffin')?.bands.sugar.high).toBe(30);
    expect(book.byId('muffin')?.bands.fat).toEqual(styleById('muffin')?.bands.fat);
    expect(book.byId('own-1')?.basedOn).toBe('plain_quick_loaf');
    expect(book.all.at(-1)?.id).toBe('own-1');
    expect(book.all.map(({ id }) => id).slice(0, -1)).toEqual(STYLES.map(({ id }) => id));
    expect(book.all.filter((style) => style.own).map(({ id }) => id)).toEqual(['muffin', 'own-1']);
    expect(book.byId('own-2')).toBeUndefined();
    expect(styleBook(own)).toBe(book);
  });
  it('is the table where nothing is the baker’s own', () => {
    expect(styleBook(undefined).all).toEqual(STYLES);
    expect(styleBook([]).byId('muffin')).toBe(styleById('muffin'));
  });
});
