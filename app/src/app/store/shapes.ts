import { LAST_MOMENT } from '@orvin/core/ground/records';
/**
 * What a value is made of, without saying how much of it: kinds, parts and choices, as a table says them. Rows are held to it before they
 * are shown, so that one of another make takes no station; limits and patterns are looked over behind the first screen, by the schemas
 * that the table is written from. Parts that no shape names are let be.
 */
export type Shape =
  | 'text'
  | 'figure'
  | 'yes-no'
  | 'nothing'
  | 'anything'
  | readonly ['each', Shape]
  | readonly ['under any name', Shape]
  | readonly ['or', ...Shape[]]
  | readonly ['one of', ...(string | number | boolean | null)[]]
  | ShapeOfParts;
/** Parts by their name; a name that ends in "?" may be missing. */
export interface ShapeOfParts {
  readonly [part: string]: Shape;
}
export type HasShape = (value: unknown) => boolean;

/** Moments are counted in milliseconds, and no date lies beyond these; no other figure comes near. */
const KINDS: Readonly<Record<Extract<Shape, string>, HasShape>> = {
  text: (value) => typeof value === 'string',
  figure: (value) => typeof value === 'number' && Math.abs(value) <= LAST_MOMENT,
  'yes-no': (value) => typeof value === 'boolean',
  nothing: (value) => value === null,
  anything: () => true,
};

const isParts = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isList = (shape: Shape): shape is Extract<Shape, readonly unknown[]> => Array.isArray(shape);

/** The test for a shape, made once and asked often. */
export function hasShape(shape: Shape): HasShape {
  if (typeof shape === 'string') return KINDS[shape];
  if (!isList(shape)) return hasParts(shape);
  if (shape[0] === 'one of') {
    const values = new Set<unknown>(shape.slice(1));
    return (value) => values.has(value);
  }
  if (shape[0] === 'or') {
    const [, ...shapes] = shape;
    const each = shapes.map(hasShape);
    return (value) => each.some((has) => has(value));
  }
  const has = hasShape(shape[1]);
  return shape[0] === 'each'
    ? (value) => Array.isArray(value) && value.every(has)
    : (value) => isParts(value) && Object.values(value).every(has);
}

function hasParts(shape: ShapeOfParts): HasShape {
  const parts = Object.entries(shape).map(([name, part]) => ({
    name: name.replace(/\?$/, ''),
    may: name.endsWith('?'),
    has: hasShape(part),
  }));
  return (value) =>
    isParts(value) &&
    parts.every(({ name, may, has }) => {
      const part = Object.hasOwn(value, name) ? value[name] : undefined;
      return part === undefined ? may : has(part);
    });
}
