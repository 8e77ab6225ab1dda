import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
import { liningFor, tilingFor } from '../../batch/lining/index.js';
import { parsePan } from '../../kitchen/pans/index.js';
import { labelSheet, qrPath } from '../../keep/labelling/index.js';
import { labelPdf, liningPdf, sheetPdf } from './index.js';

const require = createRequire(import.meta.url);
const font = (weight: string) =>
  readFileSync(
    require.resolve(`@expo-google-fonts/atkinson-hyperlegible-next/${weight}/AtkinsonHyperlegibleNext_${weight}.ttf`),
  ).toString('base64');
const FONTS = { regular: font('400Regular'), bold: font('700Bold') };
const MILLIMETRES_PER_POINT = 25.4 / 72;

const pans = (words: string) => {
  const parsed = parsePan(words);
  if (parsed.kind !== 'pan') throw new Error(words);
  return parsed.set;
};

interface Box {
  readonly width: number;
  readonly height: number;
}
/** The box around a path's points; curves here are quarters of circles, whose ends are their extremes. */
function boxOf(operators: readonly number[], figures: readonly number[]): Box {
  const taken: Readonly<Record<number, number>> = {
    [OPS.moveTo]: 2,
    [OPS.lineTo]: 2,
    [OPS.curveTo]: 6,
    [OPS.rectangle]: 4,
  };
  let at = 0;
  const points = operators.flatMap((operator): (readonly [number, number])[] => {
    at += taken[operator] ?? 0;
    if (operator === OPS.rectangle) {
      const [x = NaN, y = NaN, width = NaN, height = NaN] = figures.slice(at - 4, at);
      return [
        [x, y],
        [x + width, y + height],
      ];
    }
    return operator === OPS.moveTo || operator === OPS.lineTo || operator === OPS.curveTo
      ? [[figures[at - 2] ?? NaN, figures[at - 1] ?? NaN]]
      : [];
  });
  const spread = (axis: 0 | 1) => {
    const values = points.map((point) => point[axis]);
    return (Math.max(...values) - Math.min(...values)) * MILLIMETRES_PER_POINT;
  };
  return { width: spread(0), height: spread(1) };
}
/** What another program reads in a PDF: each page's words, and the boxes of its strokes in millimetres. */
async function read(bytes: Uint8Array) {
  const pdf = await getDocument({ data: bytes, verbosity: 0 }).promise;
  return Promise.all(
    Array.from({ length: pdf.numPages }, async (_, i) => {
      const page = await pdf.getPage(i + 1);
      const [left = 0, top = 0, right = 0, bottom = 0] = page.view;
      const { fnArray, argsArray } = await page.getOperatorList();
      const boxes = fnArray.flatMap((operator, at): Box[] => {
        if (operator !== OPS.constructPath) return [];
        const [operators, figures] = argsArray[at] as [readonly number[], readonly number[]];
        return [boxOf(operators, figures)];
      });
      const { items } = await page.getTextContent();
      const words = items.map((item) => ('str' in item ? item.str : '')).join(' ');
      return {
        width: (right - left) * MILLIMETRES_PER_POINT,
        height: (bottom - top) * MILLIMETRES_PER_POINT,
        boxes,
        words,
      };
    }),
  );
}

describe('liningPdf', () => {
  it('draws a bar of 100 mm, to three tenths, on every page', async () => {
    const pages = await read(liningPdf(liningFor(pans('9x13 in pan'), 'sheet'), 'A sheet', 'a4', FONTS));
    expect(pages.length).toBeGreaterThan(1);
    for (const { boxes, words } of pages) {
      const bar = boxes.filter(({ height }) => height < 0.01).reduce((best, box) => (Math.abs(box.width - 100) < Math.abs(best.width - 100) ? box : best)); // prettier-ignore
      expect(Math.abs(bar.width - 100)).toBeLessThan(0.3);
      expect(words).toContain('10 cm');
    }
  });
  it('draws a disc as wide as the floor of the pan, less what lets it lie flat', async () => {
    const set = pans('18 cm round, 7.5 cm deep');
    const [page] = await read(liningPdf(liningFor(set).slice(0, 1), 'A disc', 'a4', FONTS));
    const disc = page?.boxes.find(({ width, height }) => width > 150 && Math.abs(width - height) < 0.1);
    expect(Math.abs((disc?.width ?? 0) - (set.pan.bottomLengthCm * 10 - 2))).toBeLessThan(0.3);
  });
  it('takes as many pages as the tiling says, of the size of the paper', async () => {
    const pieces = liningFor(pans('20 cm round, 8 cm deep'));
    for (const paper of ['a4', 'letter', 'a3'] as const) {
      const pages = await read(liningPdf(pieces, 'Round', paper, FONTS));
      expect(pages.length).toBe(pieces.reduce((sum, piece) => sum + tilingFor(piece, paper).tiles.length, 0));
      const [first] = pages;
      const [short, long] = { a4: [210, 297], letter: [215.9, 279.4], a3: [297, 420] }[paper] as [number, number];
      expect(Math.abs(Math.min(first?.width ?? 0, first?.height ?? 0) - short)).toBeLessThan(0.3);
      expect(Math.abs(Math.max(first?.width ?? 0, first?.height ?? 0) - long)).toBeLessThan(0.3);
    }
  });
});

describe('sheetPdf', () => {
  const row = (name: string) => ({
    name,
    amount: '1 1/2 cup',
    grams: 188,
    runningGrams: 188,
    note: '',
    optional: false,
  });
  const sheet = (rows: number) => ({
    title: 'Rebarbora a zázvor', version: 3, size: 'two rounds', mixing: 'One bowl.',
    components: [{ name: 'Batter', grams: 900, scaled: '', groups: [{ name: 'step 1, dry', rows: Array.from({ length: rows }, (_, i) => row(`flour ${i}`)) }], unweighed: [{ text: 'a pinch of saffron', how: 'as written, to taste' }] }],
    steps: [{ number: 1, words: [{ text: 'Fold it together.' }], takes: ['half: 40 g sugar'] }],
    pans: [{ name: '20 cm round', each: '450 g', fill: 'half full', oven: '175 °C, 30–34 min', remark: '' }],
    leftover: '', frosting: '', cautions: ['The doneness test decides.'],
  }); // prettier-ignore
  it('is one page with every line, the version and the pans on it', async () => {
    for (const rows of [4, 14, 32]) {
      const pages = await read(sheetPdf(sheet(rows), 'a4', FONTS));
      expect(pages.length).withContext(`${rows} lines`).toBe(1);
      const words = pages[0]?.words ?? '';
      for (const said of [
        'zázvor',
        `flour ${rows - 1}`,
        'version 3',
        '450 g',
        'saffron',
        'half: 40 g sugar',
        'doneness test',
      ])
        expect(words).withContext(said).toContain(said);
    }
  });
});

describe('labelPdf', () => {
  const label = {
    title: 'Pear and cardamom loaf',
    paragraphs: [
      [
        { words: 'Ingredients: plain flour (', bold: false },
        { words: 'wheat', bold: true },
        { words: '), pears, sugar, ', bold: false },
        { words: 'egg', bold: true },
        { words: ', salt.', bold: false },
      ],
    ],
    foot: [
      ['Best before 28 November', '86 g'],
      ['Keep cool, dry and wrapped.', 'draft'],
    ] as [string, string][],
  };
  it('prints each at its real size, as many as asked, over as many pages as they take', async () => {
    const sheet = labelSheet('a4-8');
    if (!sheet) throw new Error('no such sheet');
    const pages = await read(labelPdf(label, sheet, 9, FONTS));
    expect(pages.length).toBe(2);
    for (const [page, count] of [
      [pages[0], 8],
      [pages[1], 1],
    ] as const) {
      const boxes =
        page?.boxes.filter(({ width, height }) => Math.abs(width - 99.1) < 0.3 && Math.abs(height - 67.7) < 0.3) ?? [];
      // outline and clip of each
      expect(boxes.length).toBe(2 * count);
      expect(page?.words.match(/Pear and cardamom loaf/g)?.length).toBe(count);
    }
    expect(pages[0]?.words).toContain('wheat');
    expect(pages[0]?.words).toContain('86 g');
  });
  it('prints a code beside the words, large enough for a phone, and every dark module of it', async () => {
    const sheet = labelSheet('a4-8');
    if (!sheet) throw new Error('no such sheet');
    const dark = Array.from({ length: 21 * 21 }, (_, i) => i % 3 === 0);
    const [page] = await read(labelPdf({ ...label, qr: { size: 21, dark } }, sheet, 1, FONTS));
    const modules = page?.boxes.filter(({ width, height }) => Math.abs(width - height) < 0.01 && width < 2) ?? [];
    expect(modules.length).toBe(dark.filter(Boolean).length);
    expect(modules.every(({ width }) => width >= 0.32)).toBeTrue();
    expect(qrPath({ size: 2, dark: [true, false, false, true] })).toBe('M0 0h1v1h-1zM1 1h1v1h-1z');
  });
});
