import type { BoxLining } from '../choices/index.js';
import { DomainError } from '../../ground/errors/index.js';
import { isCircular, type Pan, type PanSet } from '../../kitchen/pans/index.js';
import { swirlGuide } from './swirl-guide.js';
import { arc, circle, flattened, line, moved, polygon, type Outline, type Segment } from './outline.js';

/** A piece of paper for a pan. */
export const LINING_PIECES = [
  'disc',
  'collar',
  'ring',
  'tube-collar',
  'sling',
  'sheet',
  'base',
  'case',
  'guide',
] as const;
export type LiningPieceKind = (typeof LINING_PIECES)[number];

export interface LiningPiece {
  readonly kind: LiningPieceKind;
  readonly outlines: readonly Outline[];
  readonly widthMillimetres: number;
  readonly heightMillimetres: number;
  /** To cut, for all the pans. */
  readonly count: number;
  /** How it lies on a roll of paper 38 cm wide: either way, its long side along the roll or across it; or too wide, to be joined. */
  readonly grain: 'either' | 'along' | 'across' | 'joined';
}

/** How a box is lined: its floor, a strip to lift by, or one sheet folded up all walls. */

const MILLIMETRES = 10;
/** Paper on a floor is so much smaller all round, and lies flat. */
const EASE = 1;
/** Paper stands over the rim, to lift by; a collar less. */
const OVERHANG = 30;
const COLLAR_RISE = 20;
/** The ends of a collar lap. */
const LAP = 20;
const ROLL_WIDTH = 380;
/** A wall that leans less than this is cut as straight. */
const STRAIGHT = 1;

function piece(kind: LiningPieceKind, count: number, outlines: readonly Outline[]): LiningPiece {
  const points = outlines.flatMap((outline) => flattened(outline));
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [left, top] = [Math.min(...xs), Math.min(...ys)];
  const [width, height] = [Math.max(...xs) - left, Math.max(...ys) - top];
  const [short, long] = [Math.min(width, height), Math.max(width, height)];
  return {
    kind,
    count,
    outlines: outlines.map((outline) => moved(outline, -left, -top)),
    widthMillimetres: width,
    heightMillimetres: height,
    grain:
      short > ROLL_WIDTH
        ? 'joined'
        : long - short < 1
          ? 'either'
          : long > ROLL_WIDTH || width >= height
            ? 'along'
            : 'across',
  };
}

/** The wall of a round pan laid flat: a strip, or where it leans a piece of a ring. */
function collarOutline(bottom: number, top: number, depth: number, rise: number): readonly Outline[] {
  const lean = (top - bottom) / 2;
  if (Math.abs(lean) < STRAIGHT) {
    const [length, height] = [Math.PI * top + LAP, depth + rise];
    return [
      polygon([
        [0, 0],
        [length, 0],
        [length, height],
        [0, height],
      ]),
      line(0, rise, length, rise, 'fold'),
    ];
  }
  const slant = Math.hypot(depth, lean);
  const inner = ((bottom / 2) * slant) / Math.abs(lean);
  const outer = inner + slant;
  const angle = (2 * Math.PI * Math.abs(lean)) / slant + LAP / outer;
  // the middle of the strip points up: its ends hang down like a smile turned over
  const [from, to] = [-Math.PI / 2 - angle / 2, -Math.PI / 2 + angle / 2];
  const at = (radius: number, phi: number) => ({ x: radius * Math.cos(phi), y: radius * Math.sin(phi) });
  const start = (radius: number, phi: number, kind: 'move' | 'line'): Segment => ({ kind, ...at(radius, phi) });
  const over = outer + rise;
  return [
    {
      kind: 'cut',
      closed: true,
      segments: [
        start(over, from, 'move'),
        ...arc(0, 0, over, from, to),
        start(inner, to, 'line'),
        ...arc(0, 0, inner, to, from),
      ],
    },
    { kind: 'fold', closed: false, segments: [start(outer, from, 'move'), ...arc(0, 0, outer, from, to)] },
  ];
}

function roundLining(pan: Pan, count: number): readonly LiningPiece[] {
  const [bottom, top, depth] = [
    pan.bottomLengthCm * MILLIMETRES,
    pan.topLengthCm * MILLIMETRES,
    pan.depthCm * MILLIMETRES,
  ];
  const collar = piece('collar', count, collarOutline(bottom, top, depth, COLLAR_RISE));
  if (pan.shape !== 'ring') return [piece('disc', count, [circle(0, 0, bottom / 2 - EASE)]), collar];
  const tube = (pan.tubeDiameterCm ?? 0) * MILLIMETRES;
  return [
    piece('ring', count, [circle(0, 0, bottom / 2 - EASE), circle(0, 0, tube / 2 + EASE)]),
    collar,
    piece('tube-collar', count, collarOutline(tube, tube, depth, 0).slice(0, 1)),
  ];
}

/** One sheet over floor and walls; from each corner of the sheet a cut runs to the corner of the floor, and the flaps lap. */
function foldedSheet(length: number, width: number, wallLength: number, wallWidth: number): readonly Outline[] {
  const [x, y] = [wallLength, wallWidth];
  const [right, low] = [2 * x + length, 2 * y + width];
  const corners: readonly (readonly [number, number, number, number])[] = [
    [0, 0, x, y],
    [right, 0, x + length, y],
    [right, low, x + length, y + width],
    [0, low, x, y + width],
  ];
  return [
    polygon([
      [0, 0],
      [right, 0],
      [right, low],
      [0, low],
    ]),
    ...corners.map(([x1, y1, x2, y2]) => line(x1, y1, x2, y2, 'cut')),
    polygon(
      [
        [x, y],
        [x + length, y],
        [x + length, y + width],
        [x, y + width],
      ],
      'fold',
    ),
  ];
}

function boxLining(pan: Pan, count: number, way: BoxLining): readonly LiningPiece[] {
  const [length, width] = [pan.bottomLengthCm * MILLIMETRES - 2 * EASE, pan.bottomWidthCm * MILLIMETRES - 2 * EASE];
  const depth = pan.depthCm * MILLIMETRES;
  const slant = (top: number, bottom: number) => Math.hypot(depth, ((top - bottom) * MILLIMETRES) / 2);
  const overLength = slant(pan.topLengthCm, pan.bottomLengthCm) + OVERHANG;
  const overWidth = slant(pan.topWidthCm, pan.bottomWidthCm) + OVERHANG;
  if (way === 'sheet') return [piece('sheet', count, foldedSheet(length, width, overLength, overWidth))];
  if (way === 'base')
    return [
      piece('base', count, [
        polygon([
          [0, 0],
          [length, 0],
          [length, width],
          [0, width],
        ]),
      ]),
    ];
  const long = width + 2 * overWidth;
  return [
    piece('sling', count, [
      polygon([
        [0, 0],
        [long, 0],
        [long, length],
        [0, length],
      ]),
      ...[OVERHANG, overWidth, long - overWidth, long - OVERHANG].map((x) => line(x, 0, x, length, 'fold')),
    ]),
  ];
}

/**
 * The paper for a set of pans, ready to be drawn at its real size. A fluted pan takes none: it is greased and floured.
 * @param marks for so many swirls or portions a guide is drawn too; 0 for none
 * @throws DomainError for a pan that no paper is cut for (under 3 cm, over 80)
 */
export function liningFor({ pan, count }: PanSet, way: BoxLining = 'sling', marks = 0): readonly LiningPiece[] {
  for (const size of [pan.bottomLengthCm, pan.bottomWidthCm, pan.topLengthCm, pan.topWidthCm])
    if (!(size >= 3 && size <= 80)) throw new DomainError('liningFor', 'pan, cm', size, '3 to 80');
  if (pan.shape === 'ring' && pan.shapeFactor !== undefined) return [];
  if (pan.shape === 'muffin') {
    const [top, bottom, depth] = [pan.topLengthCm, pan.bottomLengthCm, pan.depthCm].map((size) => size * MILLIMETRES) as [number, number, number]; // prettier-ignore
    const side = bottom + 2 * (Math.hypot(depth, (top - bottom) / 2) + COLLAR_RISE);
    return [
      piece('case', count * pan.cavities, [
        polygon([
          [0, 0],
          [side, 0],
          [side, side],
          [0, side],
        ]),
        { ...circle(side / 2, side / 2, bottom / 2), kind: 'fold' },
      ]),
    ];
  }
  const paper = isCircular(pan) ? roundLining(pan, count) : boxLining(pan, count, way);
  return marks > 0 ? [...paper, piece('guide', 1, swirlGuide(pan, marks))] : paper;
}
