/* The shapes of stored rows, as app/src/app/store/shapes.ts reads them, from the JSON Schema of a whole kitchen: what it says of kinds, parts
 * and choices, without its limits. A part that stands in several places stands once. */
import type { Shape } from '../app/src/app/store/shapes';

export interface JsonSchema {
  readonly $ref?: string;
  readonly $defs?: Readonly<Record<string, JsonSchema>>;
  readonly anyOf?: readonly JsonSchema[];
  readonly not?: object;
  readonly const?: string | number | boolean | null;
  readonly enum?: readonly (string | number | boolean | null)[];
  readonly type?: string | readonly string[];
  readonly properties?: Readonly<Record<string, JsonSchema>>;
  readonly patternProperties?: Readonly<Record<string, JsonSchema>>;
  readonly required?: readonly string[];
  readonly items?: JsonSchema;
}
const KINDS: Readonly<Record<string, Shape>> = {
  string: 'text',
  number: 'figure',
  integer: 'figure',
  boolean: 'yes-no',
  null: 'nothing',
};
/** Where a shape of its own stands, in the text that is written. */
const REFERENCE = '#';

function shapeOf(schema: JsonSchema, nameOf: (ref: string) => string): Shape {
  const inner = (part: JsonSchema) => shapeOf(part, nameOf);
  const { $ref, anyOf, type, properties = {}, patternProperties = {}, required = [], items } = schema;
  if ($ref !== undefined) return `${REFERENCE}${nameOf($ref)}` as Shape;
  if (anyOf) return ['or', ...anyOf.filter(({ not }) => !not).map(inner)];
  if (schema.const !== undefined) return ['one of', schema.const];
  if (schema.enum) return ['one of', ...schema.enum];
  if (Array.isArray(type)) return ['or', ...type.map((one: string) => inner({ ...schema, type: one }))];
  if (type === 'array') return items ? ['each', inner(items)] : ['each', 'anything'];
  if (type === 'object') {
    const [pattern] = Object.values(patternProperties);
    if (pattern) return ['under any name', inner(pattern)];
    return Object.fromEntries(
      Object.entries(properties).map(([name, part]) => [required.includes(name) ? name : `${name}?`, inner(part)]),
    );
  }
  const kind = KINDS[String(type)];
  if (kind === undefined) throw new Error(`No shape is known for ${JSON.stringify(schema)}`);
  return kind;
}

/** The table of shapes as TypeScript, to be set in type. */
export function rowShapes({ $defs = {}, properties = {} }: JsonSchema): string {
  const names = new Map(Object.keys($defs).map((name, i) => [`#/$defs/${name}`, /^\w+$/.test(name) ? name : `part${i}`]));
  const nameOf = (ref: string) => names.get(ref) ?? '';
  const written = (schema: JsonSchema) =>
    JSON.stringify(shapeOf(schema, nameOf)).replaceAll(new RegExp(`"${REFERENCE}(\\w+)"`, 'g'), '$1');
  const shared = Object.entries($defs).map(([name, schema]) => `const ${nameOf(`#/$defs/${name}`)}: Shape = ${written(schema)};`);
  const tables = Object.entries(properties).map(([table, { items = {} }]) => `${table}: ${written(items)},`);
  return [
    '// Written by `npm run schemas` from the schemas of record-schemas.ts: what the rows of each table are made of.',
    "import type { Shape } from './shapes';",
    "import type { Table } from './tables';",
    '',
    ...shared,
    `export const ROW_SHAPES: Readonly<Record<Table, Shape>> = {`,
    ...tables,
    '};',
  ].join('\n');
} // prettier-ignore
