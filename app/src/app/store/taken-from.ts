import type { Formula } from '@orvin/core/formula/formula';

/** The ids of the formulas that a formula's lines take from. Here and not in the core's topic, which would bring the ingredients to the first screen. */
export const takenFrom = ({ components }: Formula): readonly string[] =>
  components.flatMap(({ lines }) => lines.flatMap(({ formulaId }) => formulaId ?? []));
