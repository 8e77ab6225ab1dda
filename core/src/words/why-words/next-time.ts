import type { NextTime } from '../../book/diagnosing/index.js';
import type { HeatScale, Region } from '../../ground/units/index.js';
import { apartOn, gramsFigure, heatOn, readingOn, readingsOn } from '../figures/index.js';
import { shortIngredientName } from '../../kitchen/ingredients/index.js';

/* The change for next time, as a baker would say it. */

/** What is done where no amount says it. */
const ADVICE: Readonly<Record<string, string>> = {
  underbaked: $localize`Leave it in longer; tent it when the top is brown enough, and let the core decide.`,
  leavener_high: $localize`Weigh the leavening to a tenth of a gram.`,
  leavener_low: $localize`Weigh the leavening to a tenth of a gram.`,
  leavener_old: $localize`Open a new tin, write the date on it, keep it dry.`,
  door_opened: $localize`Leave the door shut until it has set.`,
  sugar_high: $localize`Less sugar.`,
  sugar_low: $localize`Bring some of the sugar back, and fold less.`,
  liquid_high: $localize`Weigh the eggs, drain the fruit, take back some of the milk.`,
  liquid_low: $localize`More milk.`,
  fat_high: $localize`Weigh butter and oil.`,
  fat_low: $localize`Bring half of the fat back.`,
  egg_high: $localize`Weigh the eggs out of their shells.`,
  egg_low: $localize`Weigh the eggs out of their shells.`,
  overfilled: $localize`Fill the pan less and bake the rest in cases.`,
  underfilled: $localize`A smaller pan, or a larger batch.`,
  oven_cool: $localize`Set the oven by its thermometer.`,
  oven_hot: $localize`Set the oven by its thermometer; one rung lower.`,
  oven_uneven: $localize`Turn the pan at two thirds; keep it 3 cm from the walls.`,
  skin_early: $localize`A middle or lower rung; a tent or a damp strip round the pan.`,
  dark_pan: $localize`Lower the heat, and put a sheet beneath.`,
  pale_pan: $localize`Stand it on a hot metal sheet, and set the oven a little hotter.`,
  overbaked: $localize`First look sooner; take it out at a clean skewer.`,
  batter_waited: $localize`Heat the oven first; from bowl to oven at once.`,
  overcreamed: $localize`Stop when a cup of batter weighs what it should.`,
  overmixed: $localize`Fold twelve to fifteen strokes, and stop while small lumps are left.`,
  undermixed: $localize`A few more folds, scraping the bowl, until no dry streak is left.`,
  eggs_fast: $localize`The egg in five or six parts; a spoon of flour if it splits.`,
  altitude: $localize`Less leavening and sugar, a little more liquid, for the height.`,
  flour_heavy: $localize`Weigh the flour.`,
  strong_flour: $localize`A softer flour, or starch for an eighth of it.`,
  no_binder: $localize`Psyllium or gum, and twenty minutes of rest.`,
  acid_spare: $localize`Soda for the acid that is there.`,
  soda_excess: $localize`Soda for the acid that is there, powder for the rest.`,
  soda_unsieved: $localize`Sieve the soda with the flour, twice.`,
  cocoa_swap: $localize`Natural cocoa with soda, alkalised cocoa with powder.`,
  alum_powder: $localize`A powder without aluminium, and less of it.`,
  alkaline_pigment: $localize`Less soda, powder instead. It is harmless.`,
  unmould_early: $localize`Ten to fifteen minutes in the pan first.`,
  cooled_in_pan: $localize`Onto a rack after ten to fifteen minutes.`,
  pan_unlined: $localize`Paper on the base; fat and flour in every flute.`,
  fruit_heavy: $localize`Pieces up to 12 mm, dried; a third kept back for the top.`,
  batter_thin: $localize`Less liquid; the fruit last.`,
  uneven_dough: $localize`Level it; a dip in the middle of a deep cake.`,
  uneven_division: $localize`Share the batter out on the scale.`,
  spaced_wide: $localize`Set them close, up to 1 cm apart.`,
  sugar_undissolved: $localize`Caster sugar, or cream it longer.`,
  humid_store: $localize`Leave the lid ajar, with a paper towel inside.`,
  cutter_twist: $localize`A sharp, floured cutter pressed straight down.`,
  dough_thin: $localize`Roll it 2.2 to 2.8 cm thick.`,
  scrap_reroll: $localize`Cut squares or wedges, which leave no scraps, or press scraps together once.`,
  frosting_ratio: $localize`At least 0.9 g sugar to each gram of fat and cheese, half the liquid.`,
  frosting_liquid_fast: $localize`The liquid by the spoon, beaten in each time.`,
  frosting_overbeaten: $localize`The cheese last, half a minute at most.`,
  frosting_sugar_coarse: $localize`Sift the sugar; dissolve crystals in warm syrup.`,
};

/** The same where it names a heat. */
const HEAT_ADVICE: Readonly<Record<string, (scale: HeatScale) => string>> = {
  not_preheated: (scale) =>
    $localize`Wait until a thermometer is within ${apartOn(scale, 5)}:apart:: twenty minutes or more.`,
  fan_unadjusted: (scale) => $localize`Lower the heat by ${apartOn(scale, 20)}, or turn the fan off.`,
  undercreamed: (scale) => $localize`Cream until pale, five to seven minutes at ${readingsOn(scale, 19, 21)}.`,
  cold_ingredients: (scale) => $localize`Eggs, milk and butter out early, to ${readingsOn(scale, 19, 21)}.`,
  butter_warm: (scale) =>
    $localize`Butter at ${readingsOn(scale, 19, 20)} to cream; dough below ${readingOn(scale, 15)} to flake.`,
  wrapped_warm: (scale) => $localize`Wrap it below ${readingOn(scale, 30)}.`,
  cake_warm: (scale) => $localize`Frost it below ${readingOn(scale, 22)}.`,
  room_hot: (scale) => $localize`Chill the bowl for ten minutes; frost below ${readingOn(scale, 24)}.`,
  frosting_temp_gap: (scale) => $localize`Everything at ${readingsOn(scale, 19, 22)}, within ${apartOn(scale, 3)}.`,
};

/** @param scale of the baker's oven */
export const adviceFor = (cause: string, scale: HeatScale = 'C'): string =>
  HEAT_ADVICE[cause]?.(scale) ?? ADVICE[cause] ?? '';

/** Each amount that moves: "baking soda 3.7 → 1.4 g". */
export function movedInWords({ moved }: Pick<NextTime, 'moved'>, region: Region): readonly string[] {
  return moved.map(({ ingredient, before, after }) => {
    const name = shortIngredientName(ingredient, region);
    if (after === 0) return $localize`no ${name} (${gramsFigure(before)} g)`;
    return before === 0 ? `${name} + ${gramsFigure(after)} g` : `${name} ${gramsFigure(before)} → ${gramsFigure(after)} g`; // prettier-ignore
  });
}

/** What a change says in figures: a heat, minutes, how much less in the pan. */
function figuresInWords({ cause, celsius, minutes, share }: NextTime, scale: HeatScale): string | undefined {
  if (celsius !== undefined) return $localize`set ${heatOn(scale, celsius)}`;
  if (minutes !== undefined)
    return cause.edit === 'first-check' ? $localize`not before ${minutes} min` : $localize`${minutes} min`;
  if (share !== undefined) return share < 1 ? $localize`${Math.round(100 * (1 - share))} % less in the pan` : undefined;
  return undefined;
}

/** The figure that matters, and the sentence beside it. */
export function nextTimeInWords(
  change: NextTime,
  region: Region,
  scale: HeatScale = 'C',
): { readonly figure: string; readonly words: string } {
  const moved = movedInWords(change, region);
  return { figure: moved.length > 0 ? moved.join(', ') : (figuresInWords(change, scale) ?? ''), words: adviceFor(change.cause.id, scale) }; // prettier-ignore
}
/** Why a version was kept: the change, the bake that it was made because of, and what was seen of it. */
export const reasonForChange = (change: string, faults: readonly string[], day?: string): string =>
  $localize`${change}, after ${day === undefined ? $localize`a bake` : $localize`the bake of ${day}`}:day:: ${faults.join(', ')}`;
