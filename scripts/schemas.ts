/**
 * Writes docs/schemas: what each of Orvin's files looks like, as JSON Schema (draft 2019-09), from the very Joi schemas that read them,
 * and what the rows of the store are made of, as the page knows it. `npm run schemas` writes; `npm run schemas -- --check` fails where one is out of date.
 */
import '@angular/localize/init';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import Joi from 'joi';
import toJsonSchema from 'joi-to-json';
import prettier from 'prettier';
import { bookFileSchema } from '../app/src/app/book/book-file';
import { RECORD_SCHEMAS } from '../app/src/app/store/record-schemas';
import { manifestSchema } from '../app/src/app/work/workbook';
import { recordFileSchema } from '../core/src/papers/book-papers/index';
import { dayFileSchema } from '../core/src/papers/day-papers/index';
import { orvinFileSchema } from '../core/src/papers/formats/index';
import { rowShapes, type JsonSchema } from './row-shapes';

const FOLDER = 'docs/schemas';
const ofEachTable = Object.entries(RECORD_SCHEMAS).map(
  ([table, record]) => [table, Joi.array().items(record)] as const,
);
const FILES: readonly { readonly name: string; readonly title: string; readonly schema: Joi.ObjectSchema }[] = [
  { name: 'formulas', title: 'Formulas with their versions and batches: one file of JSON', schema: orvinFileSchema },
  { name: 'day', title: 'A planned day: one file of JSON', schema: dayFileSchema },
  { name: 'bake', title: 'The record of one bake: one file of JSON', schema: recordFileSchema },
  { name: 'book', title: 'The whole Book: book.json in a zip, beside photos/<id>.jpg', schema: bookFileSchema },
  { name: 'kitchen', title: 'A whole kitchen: kitchen.json in a zip, beside photos/<id>.jpg', schema: Joi.object(Object.fromEntries(ofEachTable)) },
  { name: 'kitchen-manifest', title: 'The manifest.json of a whole kitchen, with the SHA-256 of every entry', schema: manifestSchema },
]; // prettier-ignore

/* What the converter reads of a schema: Joi's own description. It knows keys only by a regular expression, Joi says them by a schema too. */
interface Described {
  readonly type?: string;
  readonly patterns?: readonly { readonly schema?: Described; readonly regex?: string; readonly rule: Described }[];
  readonly allow?: readonly unknown[];
  readonly flags?: { readonly only?: boolean };
  readonly rules?: readonly { readonly name: string; readonly args?: { readonly limit?: number } }[];
}
const literal = (text: unknown) => String(text).replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
function keysOf({ allow, flags, rules = [] }: Described): string {
  if (flags?.only) return `^(?:${(allow ?? []).map(literal).join('|')})$`;
  const limit = (name: string) => rules.find((rule) => rule.name === name)?.args?.limit;
  return `^[\\s\\S]{${limit('min') ?? 1},${limit('max') ?? ''}}$`;
}
function withKeysAsRegex(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withKeysAsRegex);
  if (typeof value !== 'object' || value === null || value instanceof RegExp) return value;
  const inner = Object.fromEntries(Object.entries(value).map(([key, part]) => [key, withKeysAsRegex(part)])) as Described & object;
  if (!inner.patterns) return inner;
  return { ...inner, patterns: inner.patterns.map(({ schema, regex, rule }) => ({ rule, regex: regex ?? `/${keysOf(schema ?? {})}/` })) };
} // prettier-ignore

/** The converter names keys of a pattern among the known ones too, and writes down a limit that is another part's figure. */
const isSpurious = (key: string, part: unknown) =>
  key.startsWith('/^') || (/^(?:minimum|maximum)$/.test(key) && typeof part === 'object' && !('type' in (part ?? {})));
function withoutSpurious(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(withoutSpurious);
  if (typeof value !== 'object' || value === null) return value;
  const parts = Object.entries(value).filter(([key, part]) => !isSpurious(key, part));
  return Object.fromEntries(parts.map(([key, part]) => [key, withoutSpurious(part)]));
}

/** A part that stands in several places is said once, under the name that it has where it stands first. */
const WORTH_A_NAME = 250;
function saidOnce(schema: object): object {
  const seen = new Map<string, { readonly name: string; times: number }>();
  const names = new Set<string>();
  const walk = (value: unknown, key: string, visit: (text: string, key: string) => void): void => {
    if (typeof value !== 'object' || value === null) return;
    if ('type' in value && value.type === 'object') visit(JSON.stringify(value), key);
    // what stands in a list goes by the name of the list
    for (const [inner, part] of Object.entries(value)) walk(part, /^(?:items|properties|anyOf|\d+)$/.test(inner) ? key : inner, visit);
  };
  walk(schema, 'file', (text, key) => {
    const before = seen.get(text);
    if (before) {
      before.times++;
      return;
    }
    const name = names.has(key) ? `${key}${[...names].filter((each) => each.replace(/\d+$/, '') === key).length + 1}` : key;
    names.add(name);
    seen.set(text, { name, times: 1 });
  });
  const shared = (text: string) => {
    const { name, times } = seen.get(text) ?? { name: '', times: 1 };
    return times > 1 && text.length > WORTH_A_NAME ? name : undefined;
  };
  const $defs: Record<string, object> = {};
  const referring = (value: unknown, at: string | undefined): unknown => {
    if (typeof value !== 'object' || value === null) return value;
    if (Array.isArray(value)) return value.map((part) => referring(part, undefined));
    const name = 'type' in value && value.type === 'object' ? shared(JSON.stringify(value)) : undefined;
    if (name !== undefined && name !== at) {
      $defs[name] ??= referring(value, name) as object;
      return { $ref: `#/$defs/${name}` };
    }
    return Object.fromEntries(Object.entries(value).map(([key, part]) => [key, referring(part, undefined)]));
  };
  const whole = referring(schema, undefined) as object;
  return Object.keys($defs).length === 0 ? whole : { ...whole, $defs };
} // prettier-ignore

/** Beside the schemas: what the page itself holds stored rows to before it shows them. */
const SHAPES = 'app/src/app/store/row-shapes.table.ts';

const check = process.argv.includes('--check');
let stale = 0;
async function write(path: string, source: string, parser: 'json' | 'typescript') {
  const text = await prettier.format(source, { ...(await prettier.resolveConfig(path)), parser });
  if (!check) writeFileSync(path, text);
  else if (readFileSync(path, 'utf8') !== text) {
    console.error(`${path} is out of date: npm run schemas`);
    stale++;
  }
}
mkdirSync(FOLDER, { recursive: true });
for (const { name, title, schema } of FILES) {
  const described = { describe: () => withKeysAsRegex(schema.describe()) } as Joi.ObjectSchema;
  const converted = withoutSpurious(toJsonSchema(described, 'json-draft-2019-09')) as object;
  const whole = { $schema: 'https://json-schema.org/draft/2019-09/schema', title, ...saidOnce(converted) };
  await write(`${FOLDER}/${name}.schema.json`, JSON.stringify(whole), 'json');
  if (name === 'kitchen') await write(SHAPES, rowShapes(whole as JsonSchema), 'typescript');
}
process.exit(stale === 0 ? 0 : 1);
