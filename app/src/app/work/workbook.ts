import Joi from 'joi';
import { isSame } from '@orvin/core/ground/records';
import type { StoredPhoto } from '../store/records';
import { TABLE_NAMES, type Table, type TableRecords } from '../store/tables';
import type { Change, Records } from '../store/edits';
import { readZip, writeZip, type ZipEntry } from './zip-file';

/*
 * Everything that Orvin keeps for a baker, as one file: a zip with every table's records as JSON, each photo as it is kept, and a manifest
 * with the SHA-256 of each entry. What is read is held against the manifest, looked over by the schemas of the store, and held against what
 * stands, before anything is done.
 */

const MARK = 'orvin kitchen';
const VERSION = 1;
const MANIFEST = 'manifest.json';
const RECORDS = 'kitchen.json';
const PHOTO = /^photos\/([\w-]{1,100})\.jpg$/;
const MOST = { manifest: 20_000_000, records: 400_000_000, photo: 8_000_000 } as const;
const MOST_ROWS = 200_000;

export const manifestSchema = Joi.object({
  file: Joi.valid(MARK).required(),
  version: Joi.number().integer().min(1).required(),
  writtenAt: Joi.number().min(0).required(),
  entries: Joi.array()
    .items(
      Joi.object({
        name: Joi.string().max(300).required(),
        sha256: Joi.string()
          .pattern(/^[0-9a-f]{64}$/)
          .required(),
      }),
    )
    .max(MOST_ROWS)
    .required(),
});
const rowsSchema = Joi.object().pattern(
  Joi.string().valid(...TABLE_NAMES),
  Joi.array().items(Joi.object({ id: Joi.string().min(1).max(300).required() }).unknown()).max(MOST_ROWS),
); // prettier-ignore

interface Manifest {
  readonly version: number;
  readonly entries: readonly { readonly name: string; readonly sha256: string }[];
}
export type Rows = { readonly [T in Table]?: readonly TableRecords[T][] };

async function sha256(bytes: BufferSource): Promise<string> {
  const hash = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
  return [...hash].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}
const encoded = (value: unknown) => new TextEncoder().encode(JSON.stringify(value));

const rowsOf = (records: Records) => Object.fromEntries(TABLE_NAMES.map((table) => [table, [...records[table].values()]])); // prettier-ignore
/** SHA-256 of a kitchen's records: the same records have the same. */
export const digestOf = (records: Records): Promise<string> => sha256(encoded(rowsOf(records)));

/** @param photoOf gives a photo by its id, read only when its turn comes */
export function writeWorkbook(
  records: Records,
  photoOf: (id: string) => Promise<StoredPhoto | undefined>,
  writtenAt: number,
): Promise<Blob> {
  async function* entries(): AsyncGenerator<ZipEntry> {
    const listed: Manifest['entries'][number][] = [];
    const named = async (entry: ZipEntry): Promise<ZipEntry> => {
      listed.push({ name: entry.name, sha256: await sha256(entry.bytes) });
      return entry;
    };
    yield await named({ name: RECORDS, bytes: encoded(rowsOf(records)), packed: false });
    for (const id of new Set([...records.bakes.values()].flatMap(({ record }) => record.photos ?? []))) {
      const photo = await photoOf(id);
      if (photo) yield await named({ name: `photos/${id}.jpg`, bytes: new Uint8Array(await photo.picture.arrayBuffer()), packed: true }); // prettier-ignore
    }
    yield {
      name: MANIFEST,
      bytes: encoded({ file: MARK, version: VERSION, writtenAt, entries: listed }),
      packed: false,
    };
  }
  return writeZip(entries());
}

function parsed(json: string, what: string): unknown {
  try {
    return JSON.parse(json);
  } catch {
    throw new Error($localize`This file of a kitchen is damaged: its ${what} is no JSON.`);
  }
}

/**
 * Reads a whole kitchen; photos are handed on once everything is known to be sound.
 * @throws Error in the baker's words, where it is none, damaged, or of a later Orvin
 */
export async function readWorkbook(
  file: Blob,
  onPhoto: (id: string, picture: Blob) => Promise<void>,
): Promise<Rows> {
  const found = new Map<string, Blob>();
  await readZip(file, {
    kind: $localize`file of a kitchen`,
    most: (name) => name === MANIFEST ? MOST.manifest : name === RECORDS ? MOST.records : PHOTO.test(name) ? MOST.photo : undefined,
    take: (name, content) => {
      found.set(name, content);
      return Promise.resolve();
    },
  });
  const [manifest, records] = [found.get(MANIFEST), found.get(RECORDS)];
  if (!manifest || !records) throw new Error($localize`This is no file of a kitchen: there is no ${manifest ? RECORDS : MANIFEST} in it.`);
  const listed: Joi.ValidationResult<Manifest> = manifestSchema.validate(parsed(await manifest.text(), 'manifest'));
  if (listed.error) throw new Error($localize`This file of a kitchen is damaged: ${listed.error.message}.`);
  if (listed.value.version > VERSION) throw new Error($localize`This kitchen was written by a later Orvin. Bring that one up to date first.`);
  for (const { name, sha256: wanted } of listed.value.entries) {
    const content = found.get(name);
    if (!content) throw new Error($localize`This file of a kitchen is damaged: ${name} is missing.`);
    if ((await sha256(await content.arrayBuffer())) !== wanted) throw new Error($localize`This file of a kitchen is damaged: ${name} is not as it was written.`);
  }
  const rows: Joi.ValidationResult<Rows> = rowsSchema.validate(parsed(await records.text(), 'kitchen'));
  if (rows.error) throw new Error($localize`This file of a kitchen is damaged: ${rows.error.message}.`);
  const vouchedFor = new Set(listed.value.entries.map(({ name }) => name));
  for (const [name, content] of found) {
    const id = PHOTO.exec(name)?.[1];
    if (id !== undefined && vouchedFor.has(name)) await onPhoto(id, new Blob([content], { type: 'image/jpeg' }));
  }
  return rows.value;
} // prettier-ignore

/** What a file's records are beside those that stand. */
export interface HeldAgainst {
  readonly table: Table;
  readonly fresh: number;
  readonly same: number;
  readonly differs: number;
}
/** What tells of a change apart from what it is: when it was written down, and how often. */
const content = (record: object): unknown =>
  Object.fromEntries(Object.entries(record).filter(([key]) => !['revision', 'changedAt'].includes(key)));

export function heldAgainst(rows: Rows, standing: Records): readonly HeldAgainst[] {
  return TABLE_NAMES.flatMap((table) => {
    const brought = rows[table] ?? [];
    if (brought.length === 0) return [];
    const stands: ReadonlyMap<string, object> = standing[table];
    const there = brought.filter(({ id }) => stands.has(id));
    const same = there.filter((record) => isSame(content(record), content(stands.get(record.id) ?? {}))).length;
    return [{ table, fresh: brought.length - there.length, same, differs: there.length - same }];
  });
}

/** The changes that bring a file in, one edit and one undo. @param differing whose stands where both have one and they differ */
export function changesOf(rows: Rows, standing: Records, differing: 'theirs' | 'mine'): readonly Change[] {
  return TABLE_NAMES.flatMap((table) => {
    const stands = standing[table] as ReadonlyMap<string, TableRecords[Table]>;
    return ((rows[table] ?? []) as readonly TableRecords[Table][]).flatMap((record): readonly Change[] => {
      const before = stands.get(record.id);
      if (!before) return [{ table, id: record.id, after: record } as Change];
      if (differing === 'mine' || isSame(content(record), content(before))) return [];
      return [{ table, id: record.id, before, after: { ...record, revision: Math.max(record.revision, before.revision) + 1 } } as Change];
    });
  });
} // prettier-ignore
