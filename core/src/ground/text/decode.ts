/** What every runtime of Orvin has, browser and Node alike, and the language itself does not name. */
declare const TextDecoder: new (
  encoding: string,
  options?: { readonly fatal: boolean },
) => { decode(bytes: Uint8Array): string };

/** The text of a file: UTF-8 as nearly all are; what is not is of an older machine, where ½ is one byte. */
export function decodeText(bytes: Uint8Array): string {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
