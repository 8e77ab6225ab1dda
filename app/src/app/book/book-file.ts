import Joi from 'joi';
import { type NamedRecord } from '@orvin/core/book/records';
import { bakeRecordSchema } from '@orvin/core/book/record-schema';
import { isSame } from '@orvin/core/ground/records';
import type { StoredPhoto } from '../store/records';
import { readZip, writeZip, type ZipEntry } from '../work/zip-file';

/*
 * The whole Book as a file: a zip with the records as JSON and each photo as it is kept. It is written and read piece by piece, one photo
 * in memory at a time, and what is read is checked before anything is brought in.
 */

const MARK = 'orvin book';
const VERSION = 1;
const RECORDS = 'book.json';
const PHOTO = /^photos\/([\w-]{1,100})\.jpg$/;
const MOST_RECORDS_BYTES = 200_000_000;
const MOST_PHOTO_BYTES = 8_000_000;
const MOST_BAKES = 20_000;

const fileSchema = Joi.object({
  file: Joi.valid(MARK).required(),
  version: Joi.number().integer().min(1).required(),
  bakes: Joi.array().max(MOST_BAKES).required(),
});
const bakesSchema = Joi.array().items(
  Joi.object({ id: Joi.string().min(1).max(100).required(), record: bakeRecordSchema.required() }),
);
/** book.json of a Book's file, whole. */
export const bookFileSchema = fileSchema.keys({ bakes: bakesSchema.max(MOST_BAKES).required() });
/** Bakes that are looked at before the page may do something else: ten thousand at once would hold it for a second. */
const AT_ONCE = 250;
async function* inTurns<T>(all: readonly T[]): AsyncGenerator<readonly T[]> {
  for (let from = 0; from < all.length; from += AT_ONCE) {
    yield all.slice(from, from + AT_ONCE);
    await new Promise((resolve) => setTimeout(resolve));
  }
}

/** @param photoOf gives a photo by its id, read only when its turn comes */
export function writeBook(
  bakes: readonly NamedRecord[],
  photoOf: (id: string) => Promise<StoredPhoto | undefined>,
): Promise<Blob> {
  async function* entries(): AsyncGenerator<ZipEntry> {
    const json = JSON.stringify({ file: MARK, version: VERSION, bakes });
    yield { name: RECORDS, bytes: new TextEncoder().encode(json), packed: false };
    for (const id of new Set(bakes.flatMap(({ record }) => record.photos ?? []))) {
      const photo = await photoOf(id);
      // what was drawn once is kept once
      if (photo)
        yield { name: `photos/${id}.jpg`, bytes: new Uint8Array(await photo.picture.arrayBuffer()), packed: true };
    }
  }
  return writeZip(entries());
}

/** What a file of a Book brings. */
export interface ReadBook {
  readonly bakes: readonly NamedRecord[];
}

/**
 * Reads a Book: the records, and each photo as it comes.
 * @throws Error in the baker's words, where it is none
 */
export async function readBook(file: Blob, onPhoto: (id: string, picture: Blob) => Promise<void>): Promise<ReadBook> {
  let records: Blob | undefined;
  await readZip(file, {
    kind: $localize`file of a Book`,
    most: (name) => (name === RECORDS ? MOST_RECORDS_BYTES : PHOTO.test(name) ? MOST_PHOTO_BYTES : undefined),
    take: async (name, content) => {
      const photoId = PHOTO.exec(name)?.[1];
      if (photoId === undefined) records = content;
      else await onPhoto(photoId, new Blob([content], { type: 'image/jpeg' }));
    },
  });
  if (!records) throw new Error($localize`This is no file of a Book: there is no ${RECORDS} in it.`);
  return checked(await records.text());
}
async function checked(json: string): Promise<ReadBook> {
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch {
    throw new Error($localize`This file of a Book is damaged: its records are no JSON.`);
  }
  const result: Joi.ValidationResult<{ readonly version: number; readonly bakes: readonly NamedRecord[] }> = fileSchema.validate(value); // prettier-ignore
  if (result.error) throw new Error($localize`This file of a Book is damaged: ${result.error.message}.`);
  if (result.value.version > VERSION) throw new Error($localize`This Book was written by a later Orvin. Bring that one up to date first.`); // prettier-ignore
  const bakes: NamedRecord[] = [];
  for await (const some of inTurns(result.value.bakes)) {
    const read: Joi.ValidationResult<readonly NamedRecord[]> = bakesSchema.validate(some);
    if (read.error) throw new Error($localize`This file of a Book is damaged: ${read.error.message}.`);
    bakes.push(...read.value);
  }
  return { bakes };
}

/** What a file's bakes are beside those that stand: new, there already just so, or otherwise. */
export async function heldAgainstBook(
  brought: readonly NamedRecord[],
  standing: (id: string) => NamedRecord | undefined,
): Promise<{
  readonly fresh: readonly NamedRecord[];
  readonly same: number;
  readonly differs: readonly NamedRecord[];
}> {
  const fresh: NamedRecord[] = [];
  const differs: NamedRecord[] = [];
  for await (const some of inTurns(brought))
    for (const bake of some) {
      const there = standing(bake.id);
      if (!there) fresh.push(bake);
      else if (!isSame(there.record, bake.record)) differs.push(bake);
    }
  return { fresh, same: brought.length - fresh.length - differs.length, differs };
}
