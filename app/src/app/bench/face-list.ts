/** What the readings of the Bench can show: understanding first, then adapting. */
export const FACES = [
  { id: 'judge', name: 'Judge' },
  { id: 'set', name: 'Set right' },
  { id: 'swap', name: 'Swap' },
  { id: 'try', name: 'Try out' },
  { id: 'versions', name: 'Versions' },
  { id: 'portion', name: 'Portion' },
] as const;
export type FaceId = (typeof FACES)[number]['id'];

export const faceOf = (written: string | undefined): FaceId => FACES.find(({ id }) => id === written)?.id ?? 'judge';
