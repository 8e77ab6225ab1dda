import { PAPERS } from '../choices/index.js';
import { parsePan, type PanSet } from '../../kitchen/pans/index.js';
import { flattened, liningFor, liningSvg, PAPER_MILLIMETRES, tilingFor, type LiningPiece } from './index.js';

const set = (words: string): PanSet => {
  const parsed = parsePan(words);
  if (parsed.kind !== 'pan') throw new Error(words);
  return parsed.set;
};
const straight = (diameterCm: number, depthCm: number): PanSet => ({
  pan: { name: 'round', shape: 'round', topLengthCm: diameterCm, topWidthCm: diameterCm, bottomLengthCm: diameterCm, bottomWidthCm: diameterCm, depthCm, cavities: 1, material: 'light' },
  count: 2,
}); // prettier-ignore
const piece = (pieces: readonly LiningPiece[], kind: LiningPiece['kind']) => {
  const liningPiece = pieces.find((one) => one.kind === kind);
  if (!liningPiece) throw new Error(`no ${kind}`);
  return liningPiece;
};
/** Area inside a closed outline by the shoelace formula. */
const area = (points: readonly (readonly [number, number])[]) =>
  Math.abs(points.reduce((sum, [x, y], i) => {
    const [nextX, nextY] = points[(i + 1) % points.length] ?? [0, 0];
    return sum + x * nextY - nextX * y;
  }, 0)) / 2; // prettier-ignore

describe('liningFor', () => {
  it('cuts a disc a millimetre smaller than the floor all round, one for each pan', () => {
    const disc = piece(liningFor(straight(20, 5)), 'disc');
    expect(disc.widthMillimetres).toBeCloseTo(198, 3);
    expect(disc.count).toBe(2);
    const [outline] = disc.outlines;
    if (outline) expect(area(flattened(outline)) / (Math.PI * 99 ** 2)).toBeCloseTo(1, 3);
  });
  it('wraps a straight wall with a strip as long as its round, lapped, and a little higher', () => {
    const collar = piece(liningFor(straight(20, 5)), 'collar');
    expect(collar.widthMillimetres).toBeCloseTo(Math.PI * 200 + 20, 3);
    expect(collar.heightMillimetres).toBeCloseTo(70, 3);
  });
  it('wraps a leaning wall with a piece of a ring: its area is the wall of the cone, the rise and the lap', () => {
    const { pan } = set('20 cm round');
    const tapered = { ...pan, topLengthCm: 20, topWidthCm: 20, bottomLengthCm: 17, bottomWidthCm: 17, depthCm: 5 };
    const [outline] = piece(liningFor({ pan: tapered, count: 1 }), 'collar').outlines;
    const slant = Math.hypot(50, 15);
    // the wall goes on so far above the rim, leaning as before
    const topOver = 100 + (20 * 15) / slant;
    const wall = Math.PI * (85 + topOver) * (slant + 20);
    expect(outline && area(flattened(outline, 60)) / wall).toBeGreaterThan(1);
    expect(outline && area(flattened(outline, 60)) / wall).toBeLessThan(1.05);
  });
  it('lays a sling over floor and long walls, with 3 cm to lift by', () => {
    const loaf = set('9x5x2.75 in loaf');
    const sling = piece(liningFor(loaf, 'sling'), 'sling');
    const { bottomLengthCm, bottomWidthCm, topWidthCm, depthCm } = loaf.pan;
    const wall = Math.hypot(depthCm, (topWidthCm - bottomWidthCm) / 2) * 10;
    expect(sling.heightMillimetres).toBeCloseTo(bottomLengthCm * 10 - 2, 3);
    expect(sling.widthMillimetres).toBeCloseTo(bottomWidthCm * 10 - 2 + 2 * (wall + 30), 3);
    expect(sling.outlines.filter(({ kind }) => kind === 'fold').length).toBe(4);
  });
  it('folds one sheet up all walls, cut at the four corners', () => {
    const sheet = piece(liningFor(set('30x20x4 cm rectangle'), 'sheet'), 'sheet');
    expect(sheet.outlines.filter(({ kind, closed }) => kind === 'cut' && !closed).length).toBe(4);
  });
  it('lines a tube with a ring and two collars, and a fluted pan with nothing', () => {
    const kinds = liningFor(set('10 x 4 in tube pan')).map(({ kind }) => kind);
    expect(kinds).toEqual(['ring', 'collar', 'tube-collar']);
    expect(liningFor(set('25 cm fluted ring'))).toEqual([]);
  });
  it('cuts a square for each cup of every tin', () => {
    expect(piece(liningFor({ ...set('12-cup muffin tin'), count: 2 }), 'case').count).toBe(24);
  });
  it('refuses a pan that no paper is cut for', () => {
    expect(() => liningFor(straight(0.3, 5))).toThrowError(/3 to 80/);
    expect(() => liningFor(straight(-20, 5))).toThrowError(/3 to 80/);
  });
});

describe('tilingFor', () => {
  it('covers the whole piece, sheets lapping, none beyond it', () => {
    for (const paper of PAPERS)
      for (const words of ['9x13 in pan', '20 cm round, 8 cm deep', '9x5 in loaf'])
        for (const liningPiece of liningFor(set(words), 'sheet')) {
          const { tiles, width, height, landscape } = tilingFor(liningPiece, paper);
          const [short, long] = PAPER_MILLIMETRES[paper];
          expect(width).toBeLessThan(landscape ? long : short);
          const right = Math.max(...tiles.map(({ x }) => x)) + width;
          const low = Math.max(...tiles.map(({ y }) => y)) + height;
          expect(right).toBeGreaterThanOrEqual(liningPiece.widthMillimetres - 1e-6);
          expect(low).toBeGreaterThanOrEqual(liningPiece.heightMillimetres - 1e-6);
          for (const { x, y } of tiles) {
            expect(x).toBeLessThan(liningPiece.widthMillimetres);
            expect(y).toBeLessThan(liningPiece.heightMillimetres);
          }
        }
  });
});

describe('liningSvg', () => {
  it('is drawn in millimetres, with a bar of 100 of them', () => {
    const disc = piece(liningFor(straight(20, 5)), 'disc');
    const svg = liningSvg(disc, 'A disc <for> two pans');
    const [, width, box] = /width="([\d.]+)mm".*viewBox="0 0 ([\d.]+) /.exec(svg) ?? [];
    expect(width).toBe(box);
    expect(Number(width)).toBeCloseTo(208, 1);
    expect(svg).toMatch(/id="check-bar" d="M5 [\d.]+h100"/);
    expect(svg).toContain('&lt;for&gt;');
  });
});
