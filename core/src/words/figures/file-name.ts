/** Words as a file is named: "Pear & cardamom loaf" is "pear-cardamom-loaf". */
export const inFileName = (words: string): string =>
  words
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '');
