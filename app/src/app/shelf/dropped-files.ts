import { decodeText } from '@orvin/core/ground/text';
import type { Incoming } from '../work/intake';

/** Endings of files that hold text Orvin reads; a file without one may be anything. */
const READABLE = /\.(?:txt|text|md|markdown|csv|tsv|html?|xhtml|json|jsonld)$|^[^.]+$/i;
/** Folders may hold thousands of pictures: they are not worth a word each. */
const MOST_FILES = 5000;

/** No file that Orvin reads is near it: a film that lost its ending is not read into memory to be refused. */
const LARGEST_BYTES = 32_000_000;

async function textOf(file: File): Promise<string> {
  if (file.size > LARGEST_BYTES)
    throw new Error(
      $localize`It has ${Math.round(file.size / 1_000_000)} MB; a file of formulas has less than ${LARGEST_BYTES / 1_000_000}.`,
    );
  return decodeText(new Uint8Array(await file.arrayBuffer()));
}
const incoming = (file: File): Incoming => ({ name: file.name, text: () => textOf(file) });

/** The files of a list that can hold a formula; how many cannot is told. */
export function readableFiles(files: Iterable<File>): { readonly files: readonly Incoming[]; readonly others: number } {
  const all = [...files].filter(({ name }) => !name.startsWith('.')).slice(0, MOST_FILES);
  const readable = all.filter(({ name }) => READABLE.test(name));
  return { files: readable.map(incoming), others: all.length - readable.length };
}

/** Every file that was dropped, those inside dropped folders too. */
export async function droppedFiles(transfer: DataTransfer): Promise<readonly File[]> {
  // entries must be asked for before the first wait: the list empties itself
  const entries = [...transfer.items].flatMap((item) => item.webkitGetAsEntry() ?? []);
  if (entries.length === 0) return [...transfer.files];
  return (await Promise.all(entries.map(filesOf))).flat();
}

async function filesOf(entry: FileSystemEntry): Promise<readonly File[]> {
  if (isFile(entry)) return [await new Promise<File>((resolve, reject) => entry.file(resolve, reject))];
  if (!isFolder(entry)) return [];
  const reader = entry.createReader();
  const files: File[] = [];
  for (;;) {
    // a folder is read a hundred entries at a time
    const batch = await new Promise<FileSystemEntry[]>((resolve, reject) => reader.readEntries(resolve, reject));
    if (batch.length === 0 || files.length >= MOST_FILES) return files;
    files.push(...(await Promise.all(batch.map(filesOf))).flat());
  }
}

const isFile = (entry: FileSystemEntry): entry is FileSystemFileEntry => entry.isFile;
const isFolder = (entry: FileSystemEntry): entry is FileSystemDirectoryEntry => entry.isDirectory;
