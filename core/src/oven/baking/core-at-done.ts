import type { BakePrediction } from './predict-bake.js';

/** The middle about when a bake is done, as a thermometer shows it. */
export interface CoreAtDone {
  /** When most take it out, °C: the middle of what is usual in its style, here. */
  readonly usualCelsius: number;
  /** What it gains then, °C per ln(minutes): a tenth longer is a tenth of it. */
  readonly perLnMinutes: number;
}

/** From the end of a bake's course: the level by common practice, as the model's own scale is none of a thermometer; the slope by the model. */
export function coreAtDone({
  minutes,
  frames,
  doneness,
}: Pick<BakePrediction, 'minutes' | 'frames' | 'doneness'>): CoreAtDone | undefined {
  const around = frames.filter(({ minute }) => minute >= 0.88 * minutes.likely && minute <= 1.12 * minutes.likely);
  const [first, last] = [around[0], around.at(-1)];
  if (!first || !last || !(last.minute > first.minute)) return undefined;
  const perLnMinutes = (last.coreCelsius - first.coreCelsius) / Math.log(last.minute / first.minute);
  const { low, high } = doneness.coreCelsius;
  return perLnMinutes > 0 ? { usualCelsius: (low + high) / 2, perLnMinutes } : undefined;
}
