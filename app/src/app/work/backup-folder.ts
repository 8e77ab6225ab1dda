import type { Records } from '../store/edits';
import type { StoredPhoto } from '../store/records';
import { digestOf, readWorkbook, writeWorkbook } from './workbook';

/*
 * Backups in a folder that the baker chose: each is written under a name of its own, read back and held against its hashes, and only then
 * the oldest beyond seven goes. A write that breaks off leaves those that stand as they are.
 */

const NAME = /^orvin-backup-\d{4}-\d{2}-\d{2}-\d{6}\.zip$/;
const MOST = 7;

const nameAt = (now: number) => {
  const iso = new Date(now).toISOString();
  return `orvin-backup-${iso.slice(0, 10)}-${iso.slice(11, 19).replaceAll(':', '')}.zip`;
};

export interface BackedUp {
  readonly name: string;
  /** SHA-256 of the records: the same records have the same. */
  readonly sha256: string;
  /** Whether a file was written; the same records are not written again. */
  readonly written: boolean;
}

/** The backups of a folder, the latest first. */
export async function backupsIn(folder: FileSystemDirectoryHandle): Promise<readonly string[]> {
  const names: string[] = [];
  for await (const [name, handle] of entriesOf(folder)) if (handle.kind === 'file' && NAME.test(name)) names.push(name);
  return names.sort().reverse();
}
/** TypeScript's DOM does not know yet that a folder can be walked. */
const entriesOf = (folder: FileSystemDirectoryHandle) =>
  (folder as unknown as { entries(): AsyncIterable<readonly [string, FileSystemHandle]> }).entries();

/**
 * Writes a backup, reads it back, and lets the oldest go.
 * @param last SHA-256 of the records that were written last
 * @throws Error in the baker's words where it could not be written, or is not whole
 */
export async function backUpInto(
  folder: FileSystemDirectoryHandle,
  records: Records,
  photoOf: (id: string) => Promise<StoredPhoto | undefined>,
  now: number,
  last?: string,
): Promise<BackedUp> {
  const sha256 = await digestOf(records);
  const standing = await backupsIn(folder);
  const [latest] = standing;
  if (sha256 === last && latest !== undefined) return { name: latest, sha256, written: false };
  const file = await writeWorkbook(records, photoOf, now);
  const name = nameAt(now);
  const handle = await folder.getFileHandle(name, { create: true });
  const writing = await handle.createWritable();
  await writing.write(file);
  await writing.close();
  const onDisk = await handle.getFile();
  if (onDisk.size !== file.size) throw new Error($localize`${name} is not whole on the disk: is it full?`);
  await readWorkbook(onDisk, () => Promise.resolve());
  for (const old of [name, ...standing].sort().reverse().slice(MOST)) await folder.removeEntry(old);
  return { name, sha256, written: true };
}
