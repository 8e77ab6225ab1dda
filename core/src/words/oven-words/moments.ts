import { domeLean, type BakePrediction } from '../../oven/baking/index.js';
import type { HeatScale } from '../../ground/units/index.js';
import { minutesInWords, readingOn } from '../figures/index.js';

/** What to say of the middle: the model's own degrees are only worth showing while the batter warms. */
export function middleInWords(coreCelsius: number, minute: number, likely: number, scale: HeatScale = 'C'): string {
  if (Math.round(minute) >= Math.round(likely)) return $localize`middle set`;
  return coreCelsius < 85 ? $localize`middle about ${readingOn(scale, coreCelsius)}` : $localize`middle nearly set`;
}

/** Cooling is known to five minutes at best. */
export function roughMinutes(minutes: number): string {
  const rough = minutes < 20 ? Math.round(minutes) : Math.round(minutes / 5) * 5;
  if (rough < 60) return minutesInWords(rough);
  const rest = rough % 60;
  return `${Math.floor(rough / 60)} h${rest === 0 ? '' : ` ${String(rest).padStart(2, '0')}`}`;
}

/** What comes after the oven, in the order of the clock: minutes after coming out. */
export function afterwards({
  timeline,
}: BakePrediction): readonly { readonly minute: number; readonly words: string }[] {
  const { turnOutMinutes, coolMinutes } = timeline;
  return [
    ...(turnOutMinutes === undefined || turnOutMinutes === 0
      ? []
      : [{ minute: turnOutMinutes, words: $localize`turn out after ${minutesInWords(turnOutMinutes)}` }]),
    ...(coolMinutes.slice === undefined
      ? []
      : [{ minute: coolMinutes.slice, words: $localize`slice after ${roughMinutes(coolMinutes.slice)}` }]),
    ...(coolMinutes.frost === undefined
      ? []
      : [{ minute: coolMinutes.frost, words: $localize`frost after ${roughMinutes(coolMinutes.frost)}` }]),
  ];
}

/** A browning index in a word: 1 is golden. */
export const colourInWords = (index: number): string =>
  index < 0.8
    ? $localize`pale`
    : index < 0.95
      ? $localize`light gold`
      : index < 1.1
        ? $localize`golden`
        : index < 1.3
          ? $localize`deep`
          : $localize`dark`;

interface NamedBake {
  readonly name: string;
  readonly bake: BakePrediction;
}
/** So much more than the next, as a share, is worth naming. */
const CLEARLY = 0.02;

/** Of several ways, which is done first, which browns, domes and dries most; '' for one alone. */
export function comparedInWords(ways: readonly NamedBake[]): string {
  if (ways.length < 2) return '';
  const most = (of: (bake: BakePrediction) => number) => {
    const [first, second] = [...ways].sort((a, b) => of(b.bake) - of(a.bake));
    return first && second && of(first.bake) - of(second.bake) > CLEARLY * Math.abs(of(first.bake))
      ? first.name
      : undefined;
  };
  const rows: readonly (readonly [string, string | undefined])[] = [
    [$localize`Done first`, most((bake) => -bake.minutes.likely)],
    [$localize`Browns most`, most((bake) => bake.topColour)],
    [$localize`Domes most`, most(domeLean)],
    [$localize`Dries most`, most((bake) => bake.weightLossPercent.high)],
  ];
  return rows.flatMap(([what, name]) => (name === undefined ? [] : [`${what}: ${name}.`])).join(' ');
}
