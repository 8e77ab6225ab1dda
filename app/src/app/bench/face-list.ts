/** What the readings of the Bench can show: understanding first, then adapting. */
export const FACES = [
  { id: 'judge', name: $localize`Judge` },
  { id: 'set', name: $localize`Set right` },
  { id: 'swap', name: $localize`Swap` },
  { id: 'try', name: $localize`Try out` },
  { id: 'versions', name: $localize`Versions` },
  { id: 'portion', name: $localize`Portion` },
] as const;
export type FaceId = (typeof FACES)[number]['id'];

export const faceOf = (written: string | undefined): FaceId => FACES.find(({ id }) => id === written)?.id ?? 'judge';
