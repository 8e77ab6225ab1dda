import { isFree, type Vessel } from '../../kitchen/pans/index.js';
import type { BakeFrame, BakeResult, BakeSpec } from '../../oven/baking/index.js';
import { interpolated } from './linear.js';

/*
 * Where the tip of a probe may stand, and what it shows there above the coldest point. Eighty places around it, boiled down to seven that
 * are tried side by side and three shapes within them. The far ones must be among the seven: they are what goes wrong.
 */

export interface ProbePlace {
  /** Above the coldest point at each node of scaled time, °C. */
  readonly above: readonly number[];
  readonly prior: number;
  readonly millimetres: number;
}
interface Place {
  readonly millimetres: number;
  readonly above: readonly number[];
}

const PLACES = 80;
const FARTHEST_MILLIMETRES = 17;
const KEPT = 24;
const SHAPES = 3;
const ROUNDS = 4;
const POWER_STEPS = 60;
/** A probe is pushed in to a mark: up and down it is nearer. */
const UP = 0.6;

/** Half of the width of what is baked, mm. */
function halfWidth(pan: Vessel, { heightCm }: BakeFrame): number {
  if (pan.shape === 'dome') return (heightCm / 0.55) * 10;
  if (isFree(pan)) return ((pan.diameterCm ?? 10) / 2) * 10;
  return ((pan.topWidthCm + pan.bottomWidthCm) / 4) * 10;
}

/** The temperature of any place of the middle section, mm across and up. */
export class Section {
  private readonly centres: readonly number[];
  private readonly dome: boolean;

  constructor(
    { columnEdges }: Pick<BakeResult, 'columnEdges'>,
    private readonly pan: Vessel,
  ) {
    this.centres = columnEdges.map((edge, i) => (edge + (columnEdges[i - 1] ?? 0)) / 2);
    this.dome = pan.shape === 'dome';
  }
  private rowsOf({ rowTopsCm }: BakeFrame): readonly number[] {
    return rowTopsCm.map((top, k) => (top + (rowTopsCm[k - 1] ?? 0)) / 2);
  }
  at(frame: BakeFrame, across: number, up: number): number {
    const rows = this.rowsOf(frame);
    const { centres } = this;
    const wide = halfWidth(this.pan, frame);
    let u = Math.min(1, across / wide);
    let w = up / 10;
    if (this.dome) {
      const high = frame.heightCm * 10;
      const s = Math.min(1, Math.hypot(across / wide, up / high));
      u = s;
      w = s < 1e-6 ? 0.5 : Math.min(1, up / high / s);
    }
    const before = (list: readonly number[], value: number) => {
      let i = 0;
      while (i < list.length - 2 && (list[i + 1] ?? Infinity) < value) i++;
      return i;
    };
    const ix = before(centres, u);
    const iz = before(rows, w);
    const share = (list: readonly number[], i: number, value: number) => {
      const [low = 0, high = 1] = [list[i], list[i + 1]];
      return Math.min(1, Math.max(0, (value - low) / (high - low)));
    };
    const fx = share(centres, ix, u);
    const fz = share(rows, iz, w);
    const cell = (i: number, k: number) => frame.sectionCelsius[k * centres.length + i] ?? frame.coreCelsius;
    const low = cell(ix, iz) * (1 - fx) + cell(ix + 1, iz) * fx;
    const high = cell(ix, iz + 1) * (1 - fx) + cell(ix + 1, iz + 1) * fx;
    return low * (1 - fz) + high * fz;
  }
  /** Where it is coldest, away from bottom and crust, mm. */
  coldest(frame: BakeFrame): { readonly across: number; readonly up: number } {
    const rows = this.rowsOf(frame);
    const { centres } = this;
    const from = Math.floor(rows.length * (this.dome ? 0 : 0.2));
    const to = Math.ceil(rows.length * (this.dome ? 1 : 0.85));
    let least = { celsius: Infinity, column: 0, row: 0 };
    for (let row = from; row < to; row++)
      for (let column = 0; column < Math.ceil(centres.length * 0.8); column++) {
        const celsius = frame.sectionCelsius[row * centres.length + column] ?? Infinity;
        if (celsius < least.celsius) least = { celsius, column, row };
      }
    const centre = centres[least.column] ?? 0;
    const height = rows[least.row] ?? 0;
    const wide = halfWidth(this.pan, frame);
    if (this.dome)
      return {
        across: centre * wide * Math.sqrt(Math.max(0, 1 - height ** 2)),
        up: centre * frame.heightCm * 10 * height,
      };
    return { across: least.column === 0 ? 0 : centre * wide, up: height * 10 };
  }
}

/** A place so far from the coldest point. */
export const displaced = (millimetres: number, angle: number) => ({
  across: Math.abs(millimetres * Math.cos(angle)),
  up: UP * millimetres * Math.sin(angle),
});

const distance = (a: readonly number[], b: readonly number[]): number =>
  a.reduce((sum, value, k) => sum + (value - (b[k] ?? 0)) ** 2, 0);
const meanOf = (list: readonly Place[], nodes: readonly number[]): readonly number[] =>
  nodes.map((_, k) => list.reduce((sum, { above }) => sum + (above[k] ?? 0), 0) / list.length);

/** @param tau minute at which the middle sets */
export function placesOf(
  result: BakeResult,
  { pan }: BakeSpec,
  tau: number,
  nodes: readonly number[],
  random: () => number,
) {
  const section = new Section(result, pan);
  const { frames } = result;
  const late = frames.reduce((best, frame) => Math.abs(frame.minute - 0.7 * tau) < Math.abs(best.minute - 0.7 * tau) ? frame : best); // prettier-ignore
  const coldest = section.coldest(late);
  const minutes = frames.map(({ minute }) => minute);
  const places = Array.from({ length: PLACES }, (_, n): Place => {
    const millimetres = (FARTHEST_MILLIMETRES * (n + 0.5)) / PLACES;
    const { across, up } = displaced(millimetres, 2 * Math.PI * random());
    const shown = frames.map((frame) => section.at(frame, coldest.across + across, coldest.up + up) - frame.coreCelsius); // prettier-ignore
    return { millimetres, above: nodes.map((s) => interpolated(minutes, shown, s * tau)) };
  });
  const mean = meanOf(places, nodes);
  const basis = shapesOf(places, mean);
  const amplitude = nodes.map((_, k) => Math.hypot(...basis.map((shape) => shape[k] ?? 0), 0.5 * (mean[k] ?? 0)));
  return { places: representatives(places, nodes), basis, mean, amplitude };
}

/** Principal components, by power iteration. */
function shapesOf(places: readonly Place[], mean: readonly number[]): readonly (readonly number[])[] {
  const rest = places.map(({ above }) => above.map((value, k) => value - (mean[k] ?? 0)));
  return Array.from({ length: SHAPES }, (_, q) => {
    let shape = mean.map((__, k) => 1 + 0.01 * k * q);
    for (let step = 0; step < POWER_STEPS; step++) {
      const next = mean.map(() => 0);
      for (const row of rest) {
        const score = row.reduce((sum, value, k) => sum + value * (shape[k] ?? 0), 0);
        for (const [k, value] of row.entries()) next[k] = (next[k] ?? 0) + score * value;
      }
      const length = Math.hypot(...next) || 1;
      shape = next.map((value) => value / length);
    }
    const scores = rest.map((row) => row.reduce((sum, value, k) => sum + value * (shape[k] ?? 0), 0));
    const spread = Math.sqrt(scores.reduce((sum, score) => sum + score * score, 0) / scores.length);
    for (const [n, row] of rest.entries())
      for (const k of row.keys()) row[k] = (row[k] ?? 0) - (scores[n] ?? 0) * (shape[k] ?? 0);
    return shape.map((value) => value * spread);
  });
}

/** Farthest first, then drawn to the middle of what belongs to each. */
function representatives(places: readonly Place[], nodes: readonly number[]): readonly ProbePlace[] {
  let centres: (readonly number[])[] = places[0] ? [places[0].above] : [];
  const nearest = (above: readonly number[]) => {
    let best = 0;
    for (const [i, centre] of centres.entries())
      if (distance(above, centre) < distance(above, centres[best] ?? [])) best = i;
    return best;
  };
  const gap = (above: readonly number[]) => Math.min(...centres.map((centre) => distance(above, centre)));
  while (centres.length < KEPT) centres.push(places.reduce((best, place) => gap(place.above) > gap(best.above) ? place : best).above); // prettier-ignore
  let own: readonly number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    own = places.map(({ above }) => nearest(above));
    const now = own;
    centres = centres.map((centre, q) => {
      const mine = places.filter((_, n) => now[n] === q);
      return mine.length > 0 ? meanOf(mine, nodes) : centre;
    });
  }
  return centres.map((above, q) => {
    const mine = places.filter((_, n) => own[n] === q);
    return {
      above,
      prior: (mine.length + 1) / (places.length + KEPT),
      millimetres: mine.reduce((sum, { millimetres }) => sum + millimetres, 0) / Math.max(1, mine.length),
    };
  });
}
