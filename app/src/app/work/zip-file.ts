import { Unzip, UnzipInflate, UnzipPassThrough, Zip, ZipDeflate, ZipPassThrough } from 'fflate';

/*
 * Zips written and read piece by piece, one entry in memory at a time: what was written is kept by the browser, on disk where it puts it
 * there. A reader says of every entry how large it may be, so that no bomb unfolds.
 */

export interface ZipEntry {
  readonly name: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
  /** Pictures are packed already. */
  readonly packed: boolean;
}

/** @param entries made one after another, each when its turn comes */
export async function writeZip(entries: AsyncIterable<ZipEntry>): Promise<Blob> {
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let failed: Error | undefined;
  const zip = new Zip((error, chunk) => {
    if (error) failed = error;
    else parts.push(new Uint8Array(chunk));
  });
  let blob = new Blob();
  for await (const { name, bytes, packed } of entries) {
    const entry = packed ? new ZipPassThrough(name) : new ZipDeflate(name, { level: 6 });
    zip.add(entry);
    entry.push(bytes, true);
    blob = new Blob([blob, ...parts.splice(0)]);
  }
  zip.end();
  if (failed) throw failed;
  return new Blob([blob, ...parts.splice(0)], { type: 'application/zip' });
}

export interface ZipReading {
  /** What the file is called where it is refused: "a file of a Book". */
  readonly kind: string;
  /** The most bytes that an entry may unfold to; undefined leaves it unread. */
  readonly most: (name: string) => number | undefined;
  readonly take: (name: string, content: Blob) => Promise<void>;
}

/**
 * Reads a zip, each entry as it comes.
 * @throws Error in the baker's words, where it is none, damaged, or larger than it may be
 */
export async function readZip(file: Blob, { kind, most, take }: ZipReading): Promise<void> {
  let failed: Error | undefined;
  const waiting: Promise<void>[] = [];
  const unzip = new Unzip((entry) => {
    const allowed = most(entry.name);
    if (allowed === undefined) return;
    const chunks: Uint8Array<ArrayBuffer>[] = [];
    let size = 0;
    entry.ondata = (error, chunk, last) => {
      size += chunk.length;
      if (error) failed = error;
      if (size > allowed) {
        failed = new Error($localize`${entry.name} is too large.`);
        entry.terminate();
        return;
      }
      chunks.push(new Uint8Array(chunk));
      if (last) waiting.push(take(entry.name, new Blob(chunks.splice(0))));
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
      throw new Error($localize`This is no ${kind}:kind:: it is no zip, or a damaged one.`);
    }
    if (failed) throw new Error($localize`This ${kind} is damaged: ${failed.message}`);
    // one after another, so that a season of pictures is never in memory at once
    await Promise.all(waiting.splice(0));
    if (done) break;
  }
}
