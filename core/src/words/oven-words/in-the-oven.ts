import type { BakeJob, BakePrediction } from '../../oven/baking/index.js';
import type { HeatScale, Region } from '../../ground/units/index.js';
import type { OtherHeat, WithoutAnOven } from '../../formula/parsing/index.js';
import { minutesInWords, setPointInWords, windowInWords } from '../figures/index.js';

/** What the oven does after its first set point, and what lies over the bake: "at 20 min down to 160 °C; lid off at 25 min". */
export function courseInWords(
  { setting, course = {} }: Pick<BakeJob, 'setting' | 'course'>,
  region: Region,
  scale?: HeatScale,
): string {
  let celsius = setting.celsius;
  const stages = (course.stages ?? []).map((stage) => {
    const isDown = stage.celsius < celsius;
    celsius = stage.celsius;
    const at = minutesInWords(stage.fromMinute);
    const to = setPointInWords({ celsius, fan: setting.fan }, region, scale);
    return isDown ? $localize`at ${at} down to ${to}` : $localize`at ${at} up to ${to}`;
  });
  const covers = (course.covers ?? []).map(({ kind, fromMinute, toMinute }) => {
    const from =
      fromMinute === 0 ? $localize`${kind} on from the start` : $localize`${kind} on at ${minutesInWords(fromMinute)}`;
    return toMinute === undefined ? from : $localize`${from}, off at ${minutesInWords(toMinute)}`;
  });
  return [...stages, ...covers].join('; ');
}

/** How a bake goes in one line: "175 °C, 53–62 min, look at 53 min". */
export function inTheOvenInWords(job: BakeJob, bake: BakePrediction | undefined, region: Region): string {
  const course = courseInWords(job, region);
  return [
    setPointInWords(job.setting, region),
    ...(bake
      ? [windowInWords(bake.minutes.low, bake.minutes.high), $localize`look at ${minutesInWords(bake.minutes.first)}`]
      : []),
    ...(course === '' ? [] : [course]),
  ].join(', ');
}

/** Where something cooks that sees no oven. */
export const OTHER_HEAT_NAMES: Readonly<Record<OtherHeat, string>> = {
  griddle: $localize`on a griddle`,
  steam: $localize`in steam`,
  'slow-cooker': $localize`in a slow cooker`,
};
/** How it cooks without an oven, in one line: "1 h 30 in steam". */
export const withoutAnOvenInWords = ({ by, minutes }: WithoutAnOven): string =>
  `${minutesInWords(minutes)} ${OTHER_HEAT_NAMES[by]}`;
