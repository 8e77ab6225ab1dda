import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import Papa from 'papaparse';
import {
  brimMillilitres,
  cavityMillilitres,
  fillPans,
  heightOfVolume,
  parsePan,
  SHELF_PANS,
  volumeToHeight,
  type Pan,
} from './index.js';

const pan = (over: Partial<Pan> = {}): Pan => ({
  name: 'tin', shape: 'loaf', topLengthCm: 23, topWidthCm: 13, bottomLengthCm: 21, bottomWidthCm: 11, depthCm: 7, cavities: 1, material: 'light', ...over,
}); // prettier-ignore

describe('pan volumes', () => {
  it('are those of a cylinder and of a box, where the walls are upright', () => {
    const round = pan({
      shape: 'round',
      topLengthCm: 20,
      topWidthCm: 20,
      bottomLengthCm: 20,
      bottomWidthCm: 20,
      depthCm: 5,
    });
    expect(cavityMillilitres(round)).toBeCloseTo(Math.PI * 100 * 5, 6);
    const box = pan({ topLengthCm: 20, topWidthCm: 20, bottomLengthCm: 20, bottomWidthCm: 20, depthCm: 5 });
    expect(cavityMillilitres(box)).toBeCloseTo(2000, 6);
  });
  it('are those of a truncated cone, where they lean', () => {
    const cup = pan({
      shape: 'muffin',
      topLengthCm: 7,
      topWidthCm: 7,
      bottomLengthCm: 5,
      bottomWidthCm: 5,
      depthCm: 3,
    });
    expect(cavityMillilitres(cup)).toBeCloseTo(((Math.PI * 3) / 3) * (3.5 ** 2 + 3.5 * 2.5 + 2.5 ** 2), 6);
  });
  /** The figures of the table by the formulas of solid geometry, written out here apart from the core's own. */
  const TABLE = (
    Papa.parse(readFileSync(new URL('../../../tables/pans.csv', import.meta.url), 'utf8'), { header: true })
      .data as Record<string, string>[]
  )
    .filter((row) => row['shape'] !== 'free' && Number(row['top_l_cm']) > 0)
    .map((row) => {
      const figure = (name: string, usual: number) => (row[name] ? Number(row[name]) : usual);
      const [a, b] = [figure('top_l_cm', 0), figure('bottom_l_cm', 0)];
      const [c, d] = [figure('top_w_cm', a), figure('bottom_w_cm', b)];
      const h = figure('depth_cm', 0);
      const box = /square|rectangular|sheet|loaf/.test(row['shape'] ?? '');
      // a prismatoid of two rectangles; a frustum of a cone, less the cylinder of its tube
      const plain = box
        ? (h / 6) * (2 * a * c + 2 * b * d + a * d + b * c)
        : ((Math.PI * h) / 12) * (a * a + a * b + b * b) - (Math.PI / 4) * figure('tube_d_cm', 0) ** 2 * h;
      return {
        id: row['id'] ?? '',
        cups: figure('quoted_cups', 0),
        millilitres: plain * figure('shape_factor', 1) * figure('cups_per_pan', 1),
      };
    });
  it('are those of solid geometry within 5 %, for every pan of the table', () => {
    expect(TABLE.length).toBe(SHELF_PANS.length);
    for (const { id, millilitres } of TABLE) {
      const shelfPan = SHELF_PANS.find((one) => one.id === id);
      expect(shelfPan).withContext(id).toBeDefined();
      if (shelfPan)
        expect(Math.abs(brimMillilitres(shelfPan) / millilitres - 1))
          .withContext(id)
          .toBeLessThan(0.05);
    }
  });
  it('are the cups that people quote, within 7 %', () => {
    const CUP = 236.588;
    for (const { id, cups } of TABLE) {
      const found = SHELF_PANS.find((one) => one.id === id);
      if (found && cups > 0)
        expect(Math.abs(brimMillilitres(found) / (cups * CUP) - 1))
          .withContext(id)
          .toBeLessThan(0.07);
    }
  });
  it('are the water that was measured, whatever the shape says, and as much of it at half height', () => {
    const heart = pan({
      shape: 'round',
      topLengthCm: 22,
      topWidthCm: 22,
      bottomLengthCm: 22,
      bottomWidthCm: 22,
      depthCm: 6,
      measuredMillilitres: 1850,
    });
    expect(cavityMillilitres(heart)).toBeCloseTo(1850, 6);
    expect(volumeToHeight(heart, 3)).toBeCloseTo(925, 6);
    expect(heightOfVolume(heart, 925)).toBeCloseTo(3, 6);
  });
  it('lose what round corners cut off: (4 − π) r² of each section', () => {
    const sharp = pan({ topLengthCm: 20, topWidthCm: 20, bottomLengthCm: 20, bottomWidthCm: 20, depthCm: 5 });
    expect(cavityMillilitres(sharp) - cavityMillilitres({ ...sharp, cornerRadiusCm: 3 })).toBeCloseTo(
      (4 - Math.PI) * 9 * 5,
      6,
    );
  });
  it('come back from the height they stand at, whatever the pan', () => {
    const size = fc.double({ min: 5, max: 40, noNaN: true });
    fc.assert(
      fc.property(
        size,
        size,
        fc.double({ min: 0.6, max: 1, noNaN: true }),
        fc.double({ min: 2, max: 12, noNaN: true }),
        fc.double({ min: 0, max: 1.5, noNaN: true }),
        (length, width, lean, depth, share) => {
          const any = pan({
            topLengthCm: length,
            topWidthCm: width,
            bottomLengthCm: length * lean,
            bottomWidthCm: width * lean,
            depthCm: depth,
          });
          const millilitres = cavityMillilitres(any) * share;
          expect(volumeToHeight(any, heightOfVolume(any, millilitres))).toBeCloseTo(millilitres, 4);
        },
      ),
    );
  });
});

describe('fillPans', () => {
  const loaf = { pan: pan(), count: 1 };
  it('shares the batter evenly and loses none of it', () => {
    const fill = fillPans({ pan: pan({ shape: 'muffin', cavities: 12 }), count: 2 }, 1200, 1, 0.6);
    expect(fill.gramsPerPan).toBe(600);
    expect(fill.gramsPerCavity).toBe(50);
  });
  it('gives even odds of running over where the risen batter is just the pan', () => {
    const brim = brimMillilitres(pan());
    const { overflowChance } = fillPans(loaf, (brim * 0.6) / 1.05, 1, 0.6);
    expect(overflowChance).toBeCloseTo(0.5, 3);
  });
  it('calls a batter that does not even fit raw an overflow', () => {
    expect(fillPans(loaf, brimMillilitres(pan()) * 1.1, 1, 1).verdict).toBe('overflows');
  });
  it('rises with every spoon of batter', () => {
    let before = 0;
    for (const grams of [200, 500, 900, 1400, 2500]) {
      const { risenFraction } = fillPans(loaf, grams, 1, 0.6);
      expect(risenFraction).toBeGreaterThan(before);
      before = risenFraction;
    }
  });
});

describe('parsePan', () => {
  /** What a person writes, and the inner size that is meant: length, width or diameter, depth, in cm; cavities; pans. */
  const SAID: readonly (readonly [string, string, number, number, number | undefined, number, number])[] = [
    ['9x5x2.75 in loaf', 'loaf', 22.9, 12.7, 7, 1, 1],
    ['9x5 loaf pan', 'loaf', 22.9, 12.7, undefined, 1, 1],
    ['23 cm springform', 'round', 23, 23, undefined, 1, 1],
    ['8x8 in square', 'square', 20.3, 20.3, undefined, 1, 1],
    ['2 lb loaf tin', 'loaf', 23, 13, undefined, 1, 1],
    ['12-cup muffin tin', 'muffin', 7, 7, undefined, 12, 1],
    ['18 cm round, 9 cm deep', 'round', 18, 18, 9, 1, 1],
    ['30x20x4 cm rectangle', 'rectangle', 30, 20, 4, 1, 1],
    ['6x3 in round x 3', 'round', 15.2, 15.2, 7.6, 1, 3],
    ['2x 20 cm round', 'round', 20, 20, undefined, 1, 2],
    ['2x20cm sandwich tins', 'round', 20, 20, undefined, 1, 2],
    ['2x 7" sandwich tins', 'round', 17.8, 17.8, undefined, 1, 2],
    ['3x 900g loaf tins', 'loaf', 23, 13, 7, 1, 3],
    ['8 trays 12x10', 'rectangle', 30.5, 25.4, undefined, 1, 8],
    ['8 x 12x10 tray', 'rectangle', 30.5, 25.4, undefined, 1, 8],
    ['9 in round x 2', 'round', 22.9, 22.9, undefined, 1, 2],
    ['two 20 cm sandwich tins', 'round', 20, 20, undefined, 1, 2],
    ['2 x 20cm round tins', 'round', 20, 20, undefined, 1, 2],
    ['9x13 pan', 'rectangle', 33, 22.9, undefined, 1, 1],
    ['20cm sq tin', 'square', 20, 20, undefined, 1, 1],
    ['8½ x 4½ inch loaf pan', 'loaf', 21.6, 11.4, undefined, 1, 1],
    ['24 mini muffin tin', 'muffin', 4.8, 4.8, undefined, 24, 1],
    ['6-hole doughnut pan', 'muffin', 7, 7, 2.5, 6, 1],
    ['12-hole madeleine tin', 'muffin', 6.6, 6.6, 1.9, 12, 1],
    ['6-hole jumbo muffin tin', 'muffin', 9, 9, undefined, 6, 1],
    ['two 18cm tins', 'round', 18, 18, undefined, 1, 2],
    ['200 mm round tin', 'round', 20, 20, undefined, 1, 1],
    ['10" cast-iron skillet', 'round', 25.4, 25.4, undefined, 1, 1],
    ['9-inch (23 cm) round cake pan', 'round', 22.9, 22.9, undefined, 1, 1],
    ['10 x 4 in tube pan', 'ring', 24.8, 24.8, 10, 1, 1],
    ['25 cm fluted ring', 'ring', 25, 25, undefined, 1, 1],
    ['9 cm ramekin', 'round', 8.6, 8.6, undefined, 1, 1],
  ];
  for (const [written, shape, length, width, depth, cavities, count] of SAID) {
    it(`takes "${written}" for what it says`, () => {
      const parsed = parsePan(written);
      if (parsed.kind !== 'pan') {
        fail(parsed.kind);
        return;
      }
      const { pan: found } = parsed.set;
      expect(found.shape).toBe(shape as Pan['shape']);
      expect(Math.abs(found.topLengthCm / length - 1))
        .withContext('length')
        .toBeLessThan(0.07);
      expect(Math.abs(found.topWidthCm / width - 1))
        .withContext('width')
        .toBeLessThan(0.07);
      if (depth !== undefined)
        expect(Math.abs(found.depthCm / depth - 1))
          .withContext('depth')
          .toBeLessThan(0.04);
      expect(found.cavities).toBe(cavities);
      expect(parsed.set.count).toBe(count);
      expect(parsed.assumed.includes('size')).toBe(written.includes(' loaf tin'));
    });
  }
  it('keeps a size that is no pan of the table, to the millimetre', () => {
    for (const [written, centimetres] of [
      ['26 cm round tin', 26],
      ['21 cm square tin', 21],
      ['19 cm springform', 19],
      ['26 x 19 x 5 cm tin', 26],
    ] as const) {
      const parsed = parsePan(written);
      expect(parsed.kind === 'pan' && parsed.set.pan.topLengthCm)
        .withContext(written)
        .toBe(centimetres);
    }
  });
  it('counts pans by a word before the size as by a figure', () => {
    for (const [written, count] of [
      ['two 23 cm round tins', 2],
      ['three 15 cm rounds', 3],
      ['9 x 5 in loaf pan', 1],
      ['a 20 cm square tin', 1],
    ] as const) {
      const parsed = parsePan(written);
      expect(parsed.kind === 'pan' && parsed.set.count)
        .withContext(written)
        .toBe(count);
    }
  });
  it('is the size that is written, depth and all: a cylinder of 23 by 5 cm holds 2,077 ml', () => {
    const holds = (written: string) => {
      const parsed = parsePan(written);
      return parsed.kind === 'pan' ? brimMillilitres(parsed.set.pan) : Number.NaN;
    };
    expect(holds('23 cm round, 5 cm deep')).toBeCloseTo((Math.PI / 4) * 23 ** 2 * 5, 0);
    expect(holds('26 cm round, 6 cm deep')).toBeCloseTo((Math.PI / 4) * 26 ** 2 * 6, 0);
    const parsed = parsePan('23 cm round');
    expect(parsed.kind === 'pan' && parsed.set.pan.topLengthCm).toBe(23);
  });
  it('refuses sizes below nothing, no pan, and half a pan', () => {
    for (const written of ['-3x5 cm loaf', '9 in round x 0', '9 in round x 1.5', '20 cm round tin x 0'])
      expect(parsePan(written)).withContext(written).toEqual({ kind: 'unknown', because: 'size-unlikely' });
  });
  it('says what the pan is made of', () => {
    const material = (written: string) => {
      const parsed = parsePan(written);
      return parsed.kind === 'pan' ? parsed.set.pan.material : parsed.kind;
    };
    expect(material('dark 9x5 in loaf')).toBe('dark');
    expect(material('20 cm glass square dish')).toBe('glass');
    expect(material('silicone 12-cup muffin tin')).toBe('silicone');
    expect(material('10 in cast-iron skillet')).toBe('cast-iron');
  });
  it('says that a size is missing rather than guessing one', () => {
    expect(parsePan('square tin')).toEqual({ kind: 'size-missing', shape: 'square' });
  });
  it('does not take a shape it cannot bake in, a thing that is no pan, or a size no kitchen has', () => {
    expect(parsePan('free-form round, 20 cm')).toEqual({ kind: 'unknown', because: 'shape-not-built' });
    expect(parsePan('banana')).toEqual({ kind: 'unknown', because: 'no-pan' });
    expect(parsePan('300 cm round tin')).toEqual({ kind: 'unknown', because: 'size-unlikely' });
    expect(parsePan('')).toEqual({ kind: 'unknown', because: 'no-pan' });
  });
});

describe('a pan that is told by what it holds', () => {
  const HELD: readonly (readonly [written: string, millilitres: number, shape: Pan['shape'], count: number])[] = [
    ['8 x 200 ml tins', 200, 'round', 8],
    ['eight 150 ml pudding moulds', 150, 'round', 8],
    ['six 175ml ramekins', 175, 'round', 6],
    ['1.2 litre dish', 1200, 'rectangle', 1],
    ['900 ml pudding basin x 2', 900, 'round', 2],
    ['1 litre loaf tin', 1000, 'loaf', 1],
    ['1,5 l cake tin', 1500, 'round', 1],
    ['10-cup bundt tin', 2366, 'ring', 1],
    ['1 1/2 pint pudding basin', 852, 'round', 1],
  ];
  for (const [written, millilitres, shape, count] of HELD)
    it(`holds it: "${written}"`, () => {
      const parsed = parsePan(written);
      if (parsed.kind !== 'pan') {
        fail(parsed.kind);
        return;
      }
      const { pan: held } = parsed.set;
      expect(cavityMillilitres(held) / millilitres).toBeCloseTo(1, 1);
      expect([held.shape, parsed.set.count]).toEqual([shape, count]);
      // nothing a hand could not hold: neither a plate nor a pipe
      expect(held.depthCm / held.topWidthCm).toBeGreaterThan(0.15);
      expect(held.depthCm / held.topWidthCm).toBeLessThan(1.2);
    });
  it('is none where no kitchen has it, and the one of the table by its name', () => {
    for (const written of ['5 ml tin', '40 litre tin'])
      expect(parsePan(written)).withContext(written).toEqual({ kind: 'unknown', because: 'size-unlikely' });
    const basin = parsePan('2 pint pudding basin');
    expect(basin.kind === 'pan' && cavityMillilitres(basin.set.pan)).toBeCloseTo(1204, -1);
  });
});
