import type { Doing } from '@orvin/core/formula/formula';

/** What an ingredient does to a batter, in a word. */
export const DOING_NAMES: Readonly<Record<Doing, string>> = {
  builds: $localize`:does to a batter|:builds`,
  dries: $localize`:does to a batter|:dries`,
  wets: $localize`:does to a batter|:wets`,
  softens: $localize`:does to a batter|:softens`,
  sours: $localize`:does to a batter|:sours`,
  lifts: $localize`:does to a batter|:lifts`,
  seasons: $localize`:does to a batter|:seasons`,
  enriches: $localize`:does to a batter|:enriches`,
};
