import { decimal } from '../../ground/language/index.js';
import type { BakePrediction } from '../../oven/baking/index.js';
import { gramsInWords, minutesInWords } from '../figures/index.js';

/* Where the figures of the Oven come from, line by line. */

const percent = (share: number) => `${Math.round(100 * share)} %`;

/** The time and its window. */
export function howTimed({
  minutes,
  derivation,
  knownMinutes,
  spread,
  setPointReasons,
}: BakePrediction): readonly string[] {
  const { simulatedMinutes, heatFactor, fullFactor, knownSimulatedMinutes, kinship = 0 } = derivation;
  const lines = [
    $localize`Simulated: heat into the pan and the open top, boiling and drying, browning; ${percent(derivation.water)} water, ${percent(derivation.fat)} fat, ${percent(derivation.sugar)} sugar, ${derivation.ownComposition ? $localize`from the formula’s own lines` : $localize`as usual for the style`}. Done when the coldest middle has set, at ${decimal(derivation.settingCelsius, 1)} °C on the model’s own scale: ${minutesInWords(simulatedMinutes)}.`,
  ];
  if (heatFactor !== undefined && fullFactor !== undefined && knownSimulatedMinutes !== undefined) {
    lines.push(
      $localize`The known ${minutesInWords(knownMinutes ?? 0)} would need ${decimal(fullFactor, 2)} times the heat; a time scatters too, so ${decimal(heatFactor, 2)} is taken, which gives ${minutesInWords(knownSimulatedMinutes)} there.`,
    );
    if (kinship > 0.01)
      lines.push(
        $localize`${percent(kinship)} of what is left between ${minutesInWords(knownSimulatedMinutes)} and ${minutesInWords(knownMinutes ?? 0)} still holds here, as it is so like the known bake: likely ${minutesInWords(minutes.likely)}.`,
      );
  }
  lines.push(
    $localize`Window: bakes like it scatter by ${percent(spread)} (one standard deviation of the logarithm); eight in ten lie within 1.28 of them: ${decimal(minutes.low, 1)} to ${decimal(minutes.high, 1)} min. The first look is the whole minute at or before it.`,
  );
  if (setPointReasons.length > 1)
    lines.push(
      $localize`Set point: ${setPointReasons.map(({ celsius }) => `${celsius > 0 ? '' : '−'}${Math.abs(Math.round(celsius))}`).join(' ')} °C, put on a step of 5.`,
    );
  return lines;
}

/** The bake's clock: heating, turning, foil, cooling. */
export function howClocked({ timeline, minutes, celsius, topColour }: BakePrediction): readonly string[] {
  const { preheatMinutes, rotateMinute, swapMinute, tentMinute, carryOverCelsius, coolMinutes } = timeline;
  const lines: string[] = [];
  if (preheatMinutes > 0)
    lines.push(
      $localize`Heating: this oven’s minutes to 180 °C, by how far ${Math.round(celsius)} °C is from the room, and a quarter more for its walls.`,
    );
  const turn = rotateMinute ?? swapMinute;
  if (turn !== undefined)
    lines.push(
      $localize`Turning at two thirds of the likely ${minutesInWords(minutes.likely)}:likely:: minute ${turn}.`,
    );
  lines.push(
    tentMinute === undefined
      ? $localize`Colour of the top when done ${decimal(topColour, 2)}; 1 is golden, foil is proposed only above 1.2.`
      : $localize`Foil from the minute the top passes 1.2 on a scale where 1 is golden: minute ${tentMinute}.`,
  );
  lines.push(
    $localize`Cooling is simulated on, in its pan and then on a rack, in a room of 21 °C: the middle gains ${decimal(carryOverCelsius, 1)} °C${coolMinutes.slice === undefined ? '' : $localize`; cool enough to slice when its hottest part is, after ${minutesInWords(coolMinutes.slice)}`}${coolMinutes.frost === undefined ? '' : $localize`, to frost 6 °C above the room, after ${minutesInWords(coolMinutes.frost)}`}.`,
  );
  return lines;
}

/** How full, how high, how much is lost. */
export function howFilledInPan({ fill, heights, gramsPerPiece, weightLossPercent }: BakePrediction): readonly string[] {
  const lines = [
    fill
      ? $localize`Fill: ${gramsInWords(fill.gramsPerCavity)} over the batter’s density stands ${decimal(fill.batterHeightCm, 1)} cm high; over the brim volume that is ${percent(fill.fraction)}.`
      : $localize`Height: ${gramsInWords(gramsPerPiece)} over the dough’s density, on the piece’s own base, is ${decimal(heights.rawCm, 1)} cm.`,
  ];
  if (fill)
    lines.push(
      $localize`Risen to the style’s baked density ${decimal(fill.risenHeightCm, 1)} cm, and 7.5 % more in the middle for the dome. Batters differ by 10 %: ${Math.round(100 * fill.overflowChance)} chances in a hundred that it runs over.`,
    );
  lines.push(
    $localize`Weight lost when cooled ${weightLossPercent.low.toFixed(0)} to ${weightLossPercent.high.toFixed(0)} %: the simulated loss, two points either way.`,
  );
  return lines;
}

/** The middle's temperature when done, and when to look. */
export function howDone({ doneness, minutes }: BakePrediction): readonly string[] {
  const { boilingCelsius, coreCelsius } = doneness;
  const lower = 100 - boilingCelsius;
  return [
    $localize`Middle: what a probe shows in this style when it is done, by common practice${lower < 0.5 ? '' : $localize`, less 0.95 of the ${decimal(lower, 1)} °C by which water boils lower at this altitude`}:altitude:: ${coreCelsius.low.toFixed(0)} to ${coreCelsius.high.toFixed(0)} °C.`,
    $localize`Looks: from the whole minute at or before ${minutes.low.toFixed(1)}, four to the window.`,
  ];
}

/** The width of the window, the swings and the rules. */
export function howSure({ spread, minutes, rules }: BakePrediction): readonly string[] {
  const known = rules.find(({ id }) => id === 'same-time');
  return [
    $localize`Window: ${decimal(minutes.likely, 1)} min times and over e to the power 1.28 × ${decimal(spread, 3)}.`,
    $localize`Swings: the bake is simulated again with one thing moved by what it easily is off, everything else as it stands.`,
    known
      ? $localize`Rules: the known ${minutesInWords(known.minutes)} times the ratio of depths, its square, or of volumes over surfaces of the raw batter; heat counts as degrees over 100, a fan as 20 more, dark or glass as 11.`
      : $localize`Rules of thumb need a known bake to start from; only the one law for all bakes does without.`,
  ];
}
