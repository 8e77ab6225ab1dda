import { Unzip, UnzipInflate, UnzipPassThrough, Zip, ZipDeflate, ZipPassThrough } from 'fflate';
import Joi from 'joi';
import { bakeRecordSchema, type NamedRecord } from '@orvin/core/book/records';
import { isSame } from '@orvin/core/ground/records';
import type { StoredPhoto } from '../store/records';

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
  bakes: Joi.array()
    .items(Joi.object({ id: Joi.string().min(1).max(100).required(), record: bakeRecordSchema.required() }))
    .max(MOST_BAKES)
    .required(),
});

/** @param photoOf gives a photo by its id, read only when its turn comes */
export async function writeBook(
  bakes: readonly NamedRecord[],
  photoOf: (id: string) => Promise<StoredPhoto | undefined>,
): Promise<Blob> {
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let failed: Error | undefined;
  const zip = new Zip((error, chunk) => {
    if (error) failed = error;
    else parts.push(new Uint8Array(chunk));
  });
  const records = new ZipDeflate(RECORDS, { level: 6 });
  zip.add(records);
  records.push(new TextEncoder().encode(JSON.stringify({ file: MARK, version: VERSION, bakes })), true);
  // what was drawn once is kept once, by the disk where the browser puts it there
  let blob = new Blob(parts.splice(0));
  for (const id of new Set(bakes.flatMap(({ record }) => record.photos ?? []))) {
    const photo = await photoOf(id);
    if (!photo) continue;
    const entry = new ZipPassThrough(`photos/${id}.jpg`);
    zip.add(entry);
    entry.push(new Uint8Array(await photo.picture.arrayBuffer()), true);
    blob = new Blob([blob, ...parts.splice(0)]);
  }
  zip.end();
  if (failed) throw failed;
  return new Blob([blob, ...parts.splice(0)], { type: 'application/zip' });
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
  let failed: Error | undefined;
  const waiting: Promise<void>[] = [];
  const unzip = new Unzip((entry) => {
    const photoId = PHOTO.exec(entry.name)?.[1];
    if (entry.name !== RECORDS && photoId === undefined) return;
    const most = photoId === undefined ? MOST_RECORDS_BYTES : MOST_PHOTO_BYTES;
    const chunks: Uint8Array<ArrayBuffer>[] = [];
    let size = 0;
    entry.ondata = (error, chunk, last) => {
      size += chunk.length;
      if (error) failed = error;
      if (size > most) {
        failed = new Error(`${entry.name} is too large.`);
        entry.terminate();
        return;
      }
      chunks.push(new Uint8Array(chunk));
      if (!last) return;
      if (photoId !== undefined) waiting.push(onPhoto(photoId, new Blob(chunks.splice(0), { type: 'image/jpeg' })));
      else records = new Blob(chunks);
    };
    entry.start();
  });
  unzip.register(UnzipInflate);
  unzip.register(UnzipPassThrough);
  const reader = file.stream().getReader();
  for (;;) {
    const { done, value } = await reader.read();
    try {
      unzip.push(value ?? new Uint8Array(0), done);
    } catch {
      throw new Error('This is no file of a Book: it is no zip, or a damaged one.');
    }
    if (failed) throw new Error(`This file of a Book is damaged: ${failed.message}`);
    // one photo after another, so that a season of them is never in memory at once
    await Promise.all(waiting.splice(0));
    if (done) break;
  }
  if (!records) throw new Error(`This is no file of a Book: there is no ${RECORDS} in it.`);
  return checked(await records.text());
}
function checked(json: string): ReadBook {
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch {
    throw new Error('This file of a Book is damaged: its records are no JSON.');
  }
  const result: Joi.ValidationResult<{ readonly version: number; readonly bakes: readonly NamedRecord[] }> = fileSchema.validate(value); // prettier-ignore
  if (result.error) throw new Error(`This file of a Book is damaged: ${result.error.message}.`);
  if (result.value.version > VERSION) throw new Error('This Book was written by a later Orvin. Bring that one up to date first.'); // prettier-ignore
  return { bakes: result.value.bakes };
}

/** What a file's bakes are beside those that stand: new, there already just so, or otherwise. */
export function heldAgainstBook(
  brought: readonly NamedRecord[],
  standing: (id: string) => NamedRecord | undefined,
): { readonly fresh: readonly NamedRecord[]; readonly same: number; readonly differs: readonly NamedRecord[] } {
  const differs = brought.filter(({ id, record }) => {
    const there = standing(id);
    return there !== undefined && !isSame(there.record, record);
  });
  const fresh = brought.filter(({ id }) => standing(id) === undefined);
  return { fresh, same: brought.length - fresh.length - differs.length, differs };
}
