/** What the stations are called: in the rail, and at the head of their screens. The keys begin their addresses. */
export const STATION_NAMES = {
  shelf: $localize`Shelf`,
  bench: $localize`Bench`,
  batch: $localize`Batch`,
  oven: $localize`Oven`,
  day: $localize`Day`,
  bake: $localize`Bake`,
  book: $localize`Book`,
  pantry: $localize`Pantry`,
} as const;
