/** What does not go straight with the size of a batch: codes of sentences in the command line and on the sheet. */
export const SCALING_NOTES = [
  'spices-to-taste',
  'bake-time-changes',
  'leavener-advice',
  'tiny-batch',
  'soak-evaporates',
  'mix-by-look',
] as const;
export type ScalingNote = (typeof SCALING_NOTES)[number];

/**
 * A batch so much larger or smaller than the formula that these are worth saying.
 * @param batterGrams of the formula, not of the batch
 * @param boils whether a soak or a syrup of it is boiled down
 */
export function scalingNotes(factor: number, batterGrams: number, boils = false): readonly ScalingNote[] {
  return [
    ...(factor >= 2.5 ? (['spices-to-taste', 'leavener-advice'] as const) : []),
    ...(factor > 1.25 || factor < 0.8 ? (['bake-time-changes'] as const) : []),
    ...(batterGrams * factor < 150 ? (['tiny-batch'] as const) : []),
    ...(factor >= 1.5 || factor <= 0.6 ? (['mix-by-look'] as const) : []),
    ...(boils && factor >= 2 ? (['soak-evaporates'] as const) : []),
  ];
}
