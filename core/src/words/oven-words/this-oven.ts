import { learnedOven, type LearnedKitchen } from '../../kitchen/learned/index.js';
import type { DonenessTest, BakePrediction } from '../../oven/baking/index.js';
import type { SettingCost, SharedOven } from '../../oven/settings/index.js';
import { otherScales } from '../wording/index.js';
import type { HeatScale } from '../../ground/units/index.js';
import { apartOn, degreesApart, heatOn, minutesInWords } from '../figures/index.js';
import { SETTING_COSTS } from './words.js';

/* What the Oven says of the baker's own oven, of two bakes in it, and of what follows when a bake comes out. */

function givesInWords(
  { celsius, spread }: { readonly celsius: number; readonly spread: number },
  scale: HeatScale,
): string {
  const off = Math.round(celsius);
  const gives =
    off === 0
      ? $localize`gives what it says`
      : $localize`is ${apartOn(scale, off)} ${off < 0 ? $localize`:an oven, against what it is set to|:cool` : $localize`:an oven, against what it is set to|:hot`}`;
  return $localize`${gives}, give or take ${degreesApart(scale, spread)}`;
}

/** How far the oven is off, as its thermometer said; what to do where nobody looked. */
export function ownOvenInWords(
  offset: { readonly celsius: number; readonly spread: number } | undefined,
  scale: HeatScale = 'C',
): string {
  if (!offset) return $localize`Put a thermometer in it once: nothing narrows the window more.`;
  return $localize`It ${givesInWords(offset, scale)}.`;
}

/** What bakes, and thermometers with them, say of the oven. */
export function learnedOvenInWords(kitchen: LearnedKitchen, scale: HeatScale = 'C'): string {
  const oven = learnedOven(kitchen);
  if (!oven.known)
    return kitchen.bakes === 1
      ? $localize`The times of one bake do not tell its error from your recipes yet; each recipe has a factor of its own.`
      : $localize`The times of ${kitchen.bakes} bakes do not tell its error from your recipes yet; each recipe has a factor of its own.`;
  return kitchen.bakes === 1
    ? $localize`With one bake: it ${givesInWords(oven, scale)}.`
    : $localize`With ${kitchen.bakes} bakes: it ${givesInWords(oven, scale)}.`;
}

/** What a set point costs a bake, in one sentence. @param minutes until done there, undefined where never */
function costsInWords(costs: readonly SettingCost[], minutes: number | undefined): string {
  if (minutes === undefined) return $localize`It is never done there.`;
  return costs.length === 0
    ? $localize`No harm done.`
    : $localize`Costs: ${costs.map((cost) => SETTING_COSTS[cost]).join('; ')}.`;
}

/** Two bakes in one oven: the verdict, and what each does in it. @param names of the bakes, in their order */
export function sharedInWords(
  shared: SharedOven | undefined,
  names: readonly string[],
  scale: HeatScale = 'C',
): {
  readonly big: string;
  readonly small: string;
  readonly lines: readonly { name: string; when: string; words: string }[];
} {
  if (!shared) return { big: '', small: $localize`No set point is fit for both: bake one after the other.`, lines: [] };
  const celsius = Math.round(shared.celsius);
  const together = shared.verdict === 'together';
  return {
    big: together ? heatOn(scale, celsius) : $localize`One after the other`,
    small: together
      ? $localize`${otherScales(celsius, false, scale)} for both, so that they come out together.`
      : $localize`is better: at ${heatOn(scale, celsius)}, the nearest to both, a crust is off by more than it should be.`,
    lines: shared.bakes.map(({ point, alone, costs, goesInAfter }, i) => ({
      name: names[i] ?? '',
      when: goesInAfter < 1 ? $localize`goes in first` : $localize`in after ${minutesInWords(goesInAfter)}`,
      words: $localize`takes ${minutesInWords(point.minutes ?? 0)}; alone ${minutesInWords(alone.minutes ?? 0)} at ${heatOn(scale, alone.celsius)}. ${costsInWords(costs, point.minutes)}`,
    })),
  };
}

/** What the middle still gains once the bake is out. */
export function carryOverInWords(celsius: number, scale: HeatScale = 'C'): string {
  return celsius >= 1
    ? $localize`Once out, the middle still gains about ${apartOn(scale, celsius)}:gain:: with a school of moist crumbs take it out a little sooner.`
    : $localize`The middle gains next to nothing once it is out: what it is when it comes out, it stays.`;
}

/** What a test of doneness means for this bake; '' where it means what it always does. @param core as read, in words */
export function testHereInWords(
  test: DonenessTest,
  bake: BakePrediction,
  core: string,
  scale: HeatScale = 'C',
): string {
  const { topColour, timeline } = bake;
  if (test === 'core') return $localize`Here ${core}.`;
  if (test === 'colour') {
    const colour =
      topColour < 0.8 ? $localize`still pale` : topColour < 1.15 ? $localize`golden` : $localize`deep brown`;
    return $localize`Here the top is likely ${colour} when the middle is set.`;
  }
  return test === 'crumbs' && timeline.carryOverCelsius >= 1
    ? $localize`Here it gains about ${apartOn(scale, timeline.carryOverCelsius)} once out.`
    : '';
}
