import type { BakePrediction } from './predict-bake.js';

/** Where the wall crumb has set, and where batter still flows, °C. */
const SET_CELSIUS = 85;
const FLOWS_BELOW_CELSIUS = 70;
/**
 * How strongly it leans to a dome, 0–1: the share of the section that still flows when the crumb at the wall sets, and rises in the middle
 * afterwards; a wide low cake stays flat between its edges. An ordering between pans, not a height. What stands free has its own dome.
 */
export function domeLean({ frames, columnEdges, heights, fill }: BakePrediction): number {
  const columns = columnEdges.length;
  const setting = frames.find(({ sectionCelsius }) => {
    const row = Math.floor(sectionCelsius.length / columns / 2);
    return (sectionCelsius[(row + 1) * columns - 1] ?? 0) >= SET_CELSIUS;
  });
  if (!setting || !fill) return 0;
  const flows = setting.sectionCelsius.filter((celsius) => celsius < FLOWS_BELOW_CELSIUS);
  return (flows.length / setting.sectionCelsius.length) * Math.min(1, heights.bakedCm / heights.halfWidthCm);
}
