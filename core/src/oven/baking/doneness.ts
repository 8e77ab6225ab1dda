import type { HeatStyleId } from './parameters.js';

/** How a baker tells that it is done. */
export const DONENESS_TESTS = ['skewer', 'crumbs', 'spring', 'sides', 'core', 'colour', 'sound'] as const;
export type DonenessTest = (typeof DONENESS_TESTS)[number];

interface DonenessRow {
  /** Middle temperature at sea level, °C: from where it is set to where it begins to dry. */
  readonly core: readonly [number, number];
  /** Tests that tell in this style, the best first. */
  readonly tests: readonly DonenessTest[];
  /** Minutes in the pan before turning out; `undefined` to cool in it altogether. */
  readonly inPanMinutes: number | undefined;
  /** Cool enough to slice or to eat: hottest part, °C. */
  readonly sliceCelsius: number;
}

/** @source general baking practice, ranges in common use; the core figures are those a probe shows, not the model's own scale */
export const DONENESS: Readonly<Record<HeatStyleId, DonenessRow>> = {
  layer: { core: [95, 99], tests: ['skewer', 'spring', 'sides', 'core', 'colour'], inPanMinutes: 10, sliceCelsius: 32 },
  oilcake: { core: [95, 99], tests: ['skewer', 'crumbs', 'spring', 'core', 'sides'], inPanMinutes: 15, sliceCelsius: 32 },
  sponge: { core: [93, 97], tests: ['spring', 'sides', 'colour', 'core'], inPanMinutes: 5, sliceCelsius: 28 },
  pound: { core: [97, 100], tests: ['skewer', 'core', 'sides', 'spring'], inPanMinutes: 15, sliceCelsius: 32 },
  quick: { core: [93, 98], tests: ['skewer', 'crumbs', 'core', 'spring', 'sides'], inPanMinutes: 10, sliceCelsius: 38 },
  bundt: { core: [96, 99], tests: ['skewer', 'sides', 'core', 'spring'], inPanMinutes: 15, sliceCelsius: 32 },
  fruit: { core: [96, 100], tests: ['skewer', 'sound', 'core', 'colour'], inPanMinutes: undefined, sliceCelsius: 28 },
  muffin: { core: [93, 98], tests: ['skewer', 'spring', 'crumbs', 'colour', 'core'], inPanMinutes: 5, sliceCelsius: 50 },
  biscuit: { core: [93, 98], tests: ['colour', 'core', 'sides'], inPanMinutes: 0, sliceCelsius: 60 },
  scone: { core: [93, 98], tests: ['colour', 'core', 'spring'], inPanMinutes: 0, sliceCelsius: 50 },
  soda: { core: [93, 98], tests: ['sound', 'colour', 'core', 'skewer'], inPanMinutes: 0, sliceCelsius: 42 },
  brownie: { core: [84, 92], tests: ['crumbs', 'sides', 'core'], inPanMinutes: undefined, sliceCelsius: 28 },
}; // prettier-ignore

/** Fall of the setting temperature for each degree that water boils lower. @source heat.md, section 2 */
const FALLS_WITH_BOILING = 0.95;

export interface DonenessHere {
  /** What a probe in the middle shows when it is done, °C, at this altitude. */
  readonly coreCelsius: { readonly low: number; readonly high: number };
  readonly tests: readonly DonenessTest[];
  readonly boilingCelsius: number;
}

/** What tells that a bake of this style is done where water boils at so many degrees. */
export function donenessOf(heatStyle: HeatStyleId, boilingCelsius: number): DonenessHere {
  const { core, tests } = DONENESS[heatStyle];
  const lower = FALLS_WITH_BOILING * Math.max(0, 100 - boilingCelsius);
  return { coreCelsius: { low: core[0] - lower, high: core[1] - lower }, tests, boilingCelsius };
}
