/** Hands a text, or bytes, to the baker as a file. */
export function saveFile(name: string, content: string | Uint8Array<ArrayBuffer>, type: string): void {
  saveBlob(name, new Blob([content], { type }));
}
export function saveBlob(name: string, blob: Blob): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(blob);
  link.download = name;
  link.click();
  // the browser has taken the file over by the next turn
  setTimeout(() => URL.revokeObjectURL(link.href));
}
