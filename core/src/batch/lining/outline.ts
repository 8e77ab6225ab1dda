/** Outlines in millimetres, y downwards: straight lines and cubic curves, as SVG and PDF both draw them. */
export type Segment =
  | { readonly kind: 'move' | 'line'; readonly x: number; readonly y: number }
  | {
      readonly kind: 'curve';
      readonly x1: number;
      readonly y1: number;
      readonly x2: number;
      readonly y2: number;
      readonly x: number;
      readonly y: number;
    };

export interface Outline {
  /** Cut along it, or fold. */
  readonly kind: 'cut' | 'fold';
  readonly segments: readonly Segment[];
  readonly closed: boolean;
}

const QUARTER = Math.PI / 2;

/** An arc around a centre as cubic curves, no piece wider than a quarter: off by less than three ten-thousandths of the radius. */
export function arc(centreX: number, centreY: number, radius: number, from: number, to: number): readonly Segment[] {
  const pieces = Math.max(1, Math.ceil(Math.abs(to - from) / QUARTER - 1e-9));
  const step = (to - from) / pieces;
  const reach = (4 / 3) * Math.tan(step / 4) * radius;
  return Array.from({ length: pieces }, (_, i): Segment => {
    const [a, b] = [from + i * step, from + (i + 1) * step];
    return {
      kind: 'curve',
      x1: centreX + radius * Math.cos(a) - reach * Math.sin(a),
      y1: centreY + radius * Math.sin(a) + reach * Math.cos(a),
      x2: centreX + radius * Math.cos(b) + reach * Math.sin(b),
      y2: centreY + radius * Math.sin(b) - reach * Math.cos(b),
      x: centreX + radius * Math.cos(b),
      y: centreY + radius * Math.sin(b),
    };
  });
}

export const circle = (centreX: number, centreY: number, radius: number): Outline => ({
  kind: 'cut',
  segments: [{ kind: 'move', x: centreX + radius, y: centreY }, ...arc(centreX, centreY, radius, 0, 2 * Math.PI)],
  closed: true,
});

export const polygon = (points: readonly (readonly [number, number])[], kind: Outline['kind'] = 'cut'): Outline => ({
  kind,
  segments: points.map(([x, y], i) => ({ kind: i === 0 ? 'move' : 'line', x, y })),
  closed: true,
});

export const line = (x1: number, y1: number, x2: number, y2: number, kind: Outline['kind']): Outline => ({
  kind,
  segments: [
    { kind: 'move', x: x1, y: y1 },
    { kind: 'line', x: x2, y: y2 },
  ],
  closed: false,
});

/** Points along an outline, curves in so many steps. */
export function flattened({ segments }: Outline, steps = 24): readonly (readonly [number, number])[] {
  let [x, y] = [0, 0];
  return segments.flatMap((segment): (readonly [number, number])[] => {
    const [fromX, fromY] = [x, y];
    ({ x, y } = segment);
    if (segment.kind !== 'curve') return [[x, y]];
    return Array.from({ length: steps }, (_, i) => {
      const t = (i + 1) / steps;
      const u = 1 - t;
      const along = (a: number, b: number, c: number, d: number) =>
        u ** 3 * a + 3 * u * u * t * b + 3 * u * t * t * c + t ** 3 * d;
      return [along(fromX, segment.x1, segment.x2, segment.x), along(fromY, segment.y1, segment.y2, segment.y)];
    });
  });
}

/** The same outline moved. */
export const moved = ({ kind, closed, segments }: Outline, byX: number, byY: number): Outline => ({
  kind,
  closed,
  segments: segments.map((segment) =>
    segment.kind === 'curve'
      ? {
          kind: 'curve',
          x1: segment.x1 + byX,
          y1: segment.y1 + byY,
          x2: segment.x2 + byX,
          y2: segment.y2 + byY,
          x: segment.x + byX,
          y: segment.y + byY,
        }
      : { ...segment, x: segment.x + byX, y: segment.y + byY },
  ),
});

/** The path in the words of SVG. */
export const pathData = ({ segments, closed }: Outline): string => {
  const figure = (value: number) => String(Number(value.toFixed(2)));
  return (
    segments
      .map((segment) =>
        segment.kind === 'curve'
          ? `C${[segment.x1, segment.y1, segment.x2, segment.y2, segment.x, segment.y].map(figure).join(' ')}`
          : `${segment.kind === 'move' ? 'M' : 'L'}${figure(segment.x)} ${figure(segment.y)}`,
      )
      .join('') + (closed ? 'Z' : '')
  );
};
