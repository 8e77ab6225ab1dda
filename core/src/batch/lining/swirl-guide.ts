import { MOST_MARKS } from '../choices/index.js';
import { DomainError } from '../../ground/errors/index.js';
import { isCircular, type Pan } from '../../kitchen/pans/index.js';
import { circle, polygon, type Outline } from './outline.js';

/*
 * Where swirls or portions go, spaced evenly: marks on a paper of the size of the cake, laid under it or over its top. On a round they
 * stand in rings from the rim inwards; on a sheet in rows, as square to each other as their number lets them.
 */

/** From the edge to the middle of a mark, mm, and the least from one mark to the next. */
const FROM_EDGE = 22;
const APART = 28;
const MARK_RADIUS = 5;

/** Middles of n marks in a round of a radius, mm, the round's middle at 0, 0. */
function inRings(n: number, radius: number): readonly (readonly [number, number])[] {
  const points: (readonly [number, number])[] = [];
  let left = n;
  for (let ring = radius - FROM_EDGE; left > 0; ring -= APART) {
    if (ring < APART / 2) {
      points.push([0, 0]);
      break;
    }
    const room = Math.max(1, Math.floor((2 * Math.PI * ring) / APART));
    const here = Math.min(left, room);
    for (let i = 0; i < here; i++) {
      const angle = (2 * Math.PI * i) / here - Math.PI / 2;
      points.push([ring * Math.cos(angle), ring * Math.sin(angle)]);
    }
    left -= here;
  }
  return points;
}

/** Middles of n marks on a sheet, mm, its corner at 0, 0. */
function inRows(n: number, length: number, width: number): readonly (readonly [number, number])[] {
  // as many rows as leave the fields nearest to squares, even rows first
  const rows = Array.from({ length: n }, (_, i) => i + 1).reduce((best, count) => {
    const misfit = (many: number) =>
      Math.abs(Math.log(length / (n / many) / (width / many))) + (n % many === 0 ? 0 : 0.35);
    return misfit(count) < misfit(best) ? count : best;
  }, 1);
  return Array.from({ length: rows }, (_, row) => {
    const here = Math.floor(((row + 1) * n) / rows) - Math.floor((row * n) / rows);
    return Array.from(
      { length: here },
      (__, i) => [((i + 0.5) * length) / here, ((row + 0.5) * width) / rows] as const,
    );
  }).flat();
}

/**
 * The outlines of a guide for so many swirls or portions on a cake from this pan, at its real size, mm.
 * @throws DomainError for no mark, or more than the cake has room for
 */
export function swirlGuide(pan: Pan, n: number): readonly Outline[] {
  if (!(Number.isInteger(n) && n >= 1 && n <= MOST_MARKS))
    throw new DomainError('swirlGuide', 'marks', n, `1 to ${MOST_MARKS}`);
  const [length, width] = [pan.topLengthCm * 10, pan.topWidthCm * 10];
  const points = isCircular(pan) ? inRings(n, length / 2) : inRows(n, length, width);
  // the middle is reached before all have a place
  if (points.length < n) throw new DomainError('swirlGuide', 'marks', n, `up to ${points.length} on this cake`);
  const marks = points.map(([x, y]): Outline => circle(x, y, MARK_RADIUS));
  const edge = isCircular(pan)
    ? circle(0, 0, length / 2)
    : polygon([
        [0, 0],
        [length, 0],
        [length, width],
        [0, width],
      ]);
  return [edge, ...marks];
}
