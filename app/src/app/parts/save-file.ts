/** Hands a text, or bytes, to the baker as a file. */
export function saveFile(name: string, content: string | Uint8Array<ArrayBuffer>, type: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([content], { type }));
  link.download = name;
  link.click();
  // the browser has taken the file over by the next turn
  setTimeout(() => URL.revokeObjectURL(link.href));
}
