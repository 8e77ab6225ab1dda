import Joi from 'joi';
import { DomainError } from '../../ground/errors/index.js';

/*
 * How instruments speak: SenML, RFC 8428, as JSON. A pack is a list of records; a base field holds from the record that it stands in
 * onwards. What is not understood and must be, is refused in a sentence; the line stays open.
 */

/** Names that are spoken here, and the unit each has; undefined says yes or no. */
export const WIRE_UNITS = {
  'scale:mass': 'kg',
  'scale:stable': undefined,
  'scale:overload': undefined,
  'scale:battery': 'V',
  'oven:air': 'Cel',
  'oven:set': 'Cel',
  'oven:door': undefined,
  'thermometer:air': 'Cel',
  'probe:core': 'Cel',
  'probe:out': undefined,
} as const;
export type WireName = keyof typeof WIRE_UNITS;
export const WIRE_NAMES = Object.keys(WIRE_UNITS) as readonly WireName[];
const isWireName = (name: string): name is WireName => Object.hasOwn(WIRE_UNITS, name);

/** One reading, resolved. */
export interface WireReading {
  readonly name: WireName;
  /** Milliseconds since 1970. */
  readonly at: number;
  readonly value?: number;
  readonly flag?: boolean;
}
export type WirePack =
  | { readonly kind: 'readings'; readonly readings: readonly WireReading[] }
  | { readonly kind: 'refused'; readonly error: string };

const MOST_RECORDS = 64;
/** Longer than any pack of 64 records needs. */
export const LONGEST_MESSAGE = 16_384;
/** Below this a time is relative to now. @source RFC 8428, 4.5.3 */
const RELATIVE_BELOW = 2 ** 28;
const NEWEST_VERSION = 10;
const FUTURE_SECONDS = 60;
const NAME = /^[A-Za-z0-9][A-Za-z0-9\-:./_]{0,99}$/;

interface SenMLRecord {
  readonly bn?: string;
  readonly bt?: number;
  readonly bu?: string;
  readonly bv?: number;
  readonly bver?: number;
  readonly n?: string;
  readonly u?: string;
  readonly t?: number;
  readonly v?: number;
  readonly vb?: boolean;
  readonly vs?: string;
  readonly vd?: string;
  /** A sum, and a time of update: read and passed over. */
  readonly bs?: number;
  readonly s?: number;
  readonly ut?: number;
}
const figure = Joi.number().strict();
const text = Joi.string().strict().allow('').max(100);
const recordSchema = Joi.object<SenMLRecord>({
  bn: text,
  bt: figure,
  bu: text,
  bv: figure,
  bs: figure,
  bver: figure.integer().max(NEWEST_VERSION),
  n: text,
  u: text,
  t: figure,
  ut: figure,
  s: figure,
  v: figure,
  vb: Joi.boolean().strict(),
  vs: Joi.string().allow('').max(1000),
  vd: Joi.string().allow('').max(1000),
})
  // what ends in an underscore must be understood; the rest may be passed over
  .pattern(/^[^_]+$/, Joi.any())
  .messages({ 'object.unknown': 'field {#label} must be understood and is not' });
const packSchema = Joi.array()
  .items(recordSchema)
  .min(1)
  .max(MOST_RECORDS)
  .messages({
    'array.min': 'a pack has at least one record',
    'array.max': `a pack has at most ${MOST_RECORDS} records`,
    'array.base': 'a pack is a list of records',
  });

/** A message from the wire. @param now milliseconds since 1970 */
export function readPack(message: string, now: number): WirePack {
  if (message.length > LONGEST_MESSAGE) return { kind: 'refused', error: `longer than ${LONGEST_MESSAGE} characters` };
  let parsed: unknown;
  try {
    parsed = JSON.parse(message);
  } catch {
    return { kind: 'refused', error: 'not JSON' };
  }
  const checked = packSchema.validate(parsed, { convert: false });
  if (checked.error) return { kind: 'refused', error: checked.error.message };
  try {
    return { kind: 'readings', readings: resolved(checked.value, now) };
  } catch (problem) {
    if (problem instanceof Refusal) return { kind: 'refused', error: problem.message };
    throw problem;
  }
}

/** The base time of a pack, milliseconds since 1970: what clock its sender goes by. Undefined where it says none. */
export function baseTimeOf(message: string): number | undefined {
  const [, seconds] = /"bt": ?(\d{9,12}(?:\.\d{1,6})?)/.exec(message.slice(0, 200)) ?? [];
  return seconds === undefined ? undefined : Number(seconds) * 1000;
}

class Refusal extends Error {}
const refuse = (error: string): never => {
  throw new Refusal(error);
};
interface Base {
  readonly name: string;
  readonly time: number;
  readonly unit: string | undefined;
  readonly value: number;
  readonly version: number | undefined;
}

function resolved(records: readonly SenMLRecord[], now: number): readonly WireReading[] {
  let base: Base = { name: '', time: 0, unit: undefined, value: 0, version: undefined };
  const seconds = now / 1000;
  return records.flatMap((record, i): readonly WireReading[] => {
    if (record.bver !== undefined && base.version !== undefined && record.bver !== base.version)
      refuse('a pack has one base version');
    base = {
      name: record.bn ?? base.name,
      time: record.bt ?? base.time,
      unit: record.bu ?? base.unit,
      value: record.bv ?? base.value,
      version: record.bver ?? base.version,
    };
    const values = (['v', 'vb', 'vs', 'vd'] as const).filter((field) => record[field] !== undefined);
    if (values.length === 0) return [];
    if (values.length > 1) refuse(`record ${i} has ${values.join(' and ')}: one value a record`);
    const name = base.name + (record.n ?? '');
    if (!NAME.test(name)) refuse(`record ${i}: “${name.slice(0, 40)}” is no name`);
    if (!isWireName(name)) return refuse(`unknown name ${name}`);
    const written = base.time + (record.t ?? 0);
    const at = written < RELATIVE_BELOW ? seconds + written : written;
    if (at > seconds + FUTURE_SECONDS) refuse(`${name}: from the future`);
    return [{ name, at: at * 1000, ...valueOf(name, record, base) }];
  });
}
function valueOf(name: WireName, record: SenMLRecord, base: Base): Pick<WireReading, 'value' | 'flag'> {
  const unit = WIRE_UNITS[name];
  if (unit === undefined) {
    if (record.vb === undefined) refuse(`${name} is true or false`);
    return { flag: record.vb ?? false };
  }
  if (record.v === undefined) refuse(`${name} is a number`);
  const said = record.u ?? base.unit;
  if (said !== unit) refuse(`${name}: unit ${said ?? 'missing'}, not ${unit}`);
  const value = (record.v ?? 0) + base.value;
  if (!Number.isFinite(value)) refuse(`${name}: no number`);
  return { value };
}

const DECIMALS: Readonly<Record<string, number>> = { kg: 10_000, Cel: 10, V: 100 };
/** A pack of readings; times count from the first. @param baseName what stands before every name */
export function writePack(readings: readonly WireReading[], baseName = ''): string {
  const [first] = readings;
  if (!first) throw new DomainError('writePack', 'readings', 0, 'at least one');
  return JSON.stringify(
    readings.map(({ name, value, flag, at }, i) => {
      const unit = WIRE_UNITS[name];
      const decimals = DECIMALS[unit ?? ''] ?? 1;
      return {
        ...(i === 0 && { bn: baseName, bt: Math.round(first.at) / 1000 }),
        n: name,
        ...(at !== first.at && { t: Math.round(at - first.at) / 1000 }),
        ...(unit !== undefined && { u: unit, v: Math.round((value ?? 0) * decimals) / decimals }),
        ...(unit === undefined && { vb: flag ?? false }),
      };
    }),
  );
}
