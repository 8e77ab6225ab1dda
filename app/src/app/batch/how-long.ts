import type { OneBake } from '@orvin/core/batch/bakes';
import type { HeatScale } from '@orvin/core/ground/units';
import type { BakePrediction } from '@orvin/core/oven/baking';
import { minutesInWords, setPointInWords, windowInWords } from '@orvin/core/words/figures';
import { OTHER_HEAT_NAMES } from '@orvin/core/words/oven-words';

/**
 * How long a portion takes and at what heat, for the eye; '' while nothing is foreseen.
 * @param scale of the baker's oven
 */
export function howLong(
  made: OneBake | undefined,
  foreseen: BakePrediction | undefined,
  scale: HeatScale,
): { readonly time: string; readonly heat: string } {
  const noOven = made?.withoutAnOven;
  if (noOven) return { time: minutesInWords(noOven.minutes), heat: OTHER_HEAT_NAMES[noOven.by] };
  if (!made || !foreseen) return { time: '', heat: '' };
  const { low, high } = foreseen.minutes;
  return {
    time: windowInWords(low, high),
    heat: $localize`:a heat|:at ${setPointInWords(foreseen, made.order.formula.region, scale)}`,
  };
}
