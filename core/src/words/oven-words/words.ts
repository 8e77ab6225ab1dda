import type { LearnedFrom } from '../../kitchen/learned/index.js';
import type {
  DonenessTest,
  PredictionResult,
  RuleOfThumbId,
  WindowFacts,
  WindowReason,
  WindowReasonCode,
} from '../../oven/baking/index.js';
import { otherScales } from '../wording/index.js';
import { celsiusFrom, dialDegrees, type HeatScale } from '../../ground/units/index.js';
import { apartOn, degreesApart, heatOn, minutesInWords, sentence, type Sentence } from '../figures/index.js';
import type { Sensitivity, Unknown } from '../../oven/sensitivity/index.js';
import type { SettingCost, SettingFound } from '../../oven/settings/index.js';

/* What the Oven says of a window, a rule of thumb, a test of doneness and a setting. One wording for each code. */

/** How far off an oven is that nobody measured, °C. */
const OVEN_UNMEASURED = 12;

/** What was learned promises more of what was baked before in its pan than of what is new. */
const LEARNED_SAYS: Readonly<Record<LearnedFrom, (times: string) => string>> = {
  'this-recipe-in-this-pan': (times) => $localize`Learned from ${times} of it in this pan.`,
  'this-recipe': (times) => $localize`Learned from ${times} of it in other pans.`,
  'this-oven': (times) => $localize`Learned from ${times} of other things in this oven.`,
};

/** What the window stands on, what makes it wide, and what would narrow it. */
const WINDOW_REASONS: {
  readonly [C in WindowReasonCode]: (facts: WindowFacts[C], scale: HeatScale) => Sentence;
} = {
  'known-bake': ({ minutes }) =>
    sentence(
      $localize`Stands on the known ${minutesInWords(minutes)}.`,
      $localize`Weighed against the model: a time scatters too.`,
    ),
  'known-bake-remembered': ({ minutes }) =>
    sentence(
      $localize`Stands on the known ${minutesInWords(minutes)}, loosely.`,
      $localize`Its pan or its heat had to be guessed, or the time is from memory.`,
    ),
  'known-bake-refused': ({ minutes, model }) =>
    sentence(
      $localize`The known ${minutesInWords(minutes)} were set aside.`,
      model === undefined
        ? $localize`That bake would never be done.`
        : $localize`The model says ${minutesInWords(model)} for that bake: pan, time, batter and heat do not belong together.`,
    ),
  'first-principles': () =>
    sentence(
      $localize`From first principles.`,
      $localize`Heat, water, batter and pan; no time of this formula to lean on.`,
    ),
  'another-shape': () =>
    sentence($localize`Another shape than the known bake.`, $localize`What was learned there holds here in part.`),
  'oven-known': ({ celsius, spread }, scale) =>
    sentence(
      $localize`This oven is ${celsius === 0 ? $localize`true` : `${apartOn(scale, celsius)} ${celsius < 0 ? $localize`:an oven, against what it is set to|:cool` : $localize`:an oven, against what it is set to|:hot`}`}, give or take ${degreesApart(scale, spread)}.`,
      $localize`By a thermometer in it.`,
    ),
  'oven-unknown': ({ percent }, scale) =>
    sentence(
      $localize`Put an oven thermometer in it.`,
      $localize`An oven nobody measured is easily ${apartOn(scale, OVEN_UNMEASURED)} off, and that is ${Math.round(percent)} % of the time.`,
    ),
  'own-composition': () => sentence($localize`Water, fat and sugar are this formula’s own.`, ''),
  'usual-composition': () =>
    sentence(
      $localize`Water, fat and sugar are only usual for the style.`,
      $localize`Weigh the lines and they are known.`,
    ),
  lid: () => sentence($localize`Under a heavy lid.`, $localize`Few such bakes were at hand.`),
  bowl: () =>
    sentence(
      $localize`Under a bowl turned over it.`,
      $localize`A thin bowl lets a quarter of the heat through; worked out, no bake was at hand to check it.`,
    ),
  foil: () => sentence($localize`Under foil.`, $localize`Few such bakes were at hand.`),
  staged: () => sentence($localize`More than one set point.`, $localize`How fast an oven follows differs.`),
  'cold-batter': () => sentence($localize`A cold batter.`, $localize`Few such bakes were at hand.`),
  frozen: () =>
    sentence(
      $localize`From frozen.`,
      $localize`Worked out from the heat that melting takes; no bake was at hand to check it.`,
    ),
  'cold-oven': () =>
    sentence($localize`Into a cold oven.`, $localize`How fast an oven heats differs more than how hot it gets.`),
  altitude: () =>
    sentence(
      $localize`High above the sea.`,
      $localize`Water boils cooler there, so it sets sooner; no bake was at hand to check it.`,
    ),
  silicone: () =>
    sentence($localize`Silicone.`, $localize`One such bake was at hand, and the model missed it by a sixth.`),
  ceramic: () =>
    sentence($localize`Heavy ceramic.`, $localize`How cold and how thick it is matters, and is not known.`),
  'cast-iron': () =>
    sentence($localize`Cast iron.`, $localize`Whether it is heated first matters more than anything else.`),
  crowded: () => sentence($localize`A full oven.`, $localize`Air that cannot pass bakes unevenly.`),
  'far-from-plain-law': () =>
    sentence(
      $localize`Far from what bakes of this bulk take.`,
      $localize`Model and plain law differ by more than two fifths: check batter and pan.`,
    ),
  learned: ({ percent, from, bakes }) => {
    const moved =
      Math.abs(percent) < 0.5
        ? $localize`about as foreseen`
        : `${Math.abs(percent).toFixed(0)} % ${percent > 0 ? $localize`longer` : $localize`shorter`}`;
    const times = bakes === 1 ? $localize`:after from or by|:one bake` : $localize`:after from or by|:${bakes} bakes`;
    return sentence(LEARNED_SAYS[from](times), $localize`They took ${moved}.`);
  },
  'log-a-bake': () =>
    sentence($localize`Note how long one bake took.`, $localize`A known time in a known pan narrows the window.`),
  'weigh-the-batter': ({ percent }) =>
    sentence($localize`Weigh the batter.`, $localize`A tenth more of it takes about ${Math.round(percent)} % longer.`),
};
/** @param scale of the baker's oven */
export const windowReasonInWords = ({ code, facts }: WindowReason, scale: HeatScale = 'C'): Sentence =>
  WINDOW_REASONS[code](facts as never, scale);

/** A rule of thumb: what it says to do, and where it goes wrong. */
const RULES: Readonly<Record<RuleOfThumbId, Sentence>> = {
  'surface-and-heat': sentence(
    $localize`Volume over surface, and heat over 100 °C`,
    $localize`The best of the rules: forgets evaporation and setting.`,
  ),
  surface: sentence($localize`Volume over surface`, $localize`Forgets the oven altogether.`),
  depth: sentence($localize`In step with the depth`, $localize`As if no heat came through the sides.`),
  'depth-squared': sentence(
    $localize`With the square of the depth`,
    $localize`True of a slab that only conducts; batter also boils, mixes and rises.`,
  ),
  'same-time': sentence($localize`The same time`, $localize`What a card says when nobody converted it.`),
};
export const ruleOfThumbInWords = (id: RuleOfThumbId): Sentence => RULES[id];

/** What a test of doneness is, and what it means. */
const TESTS: Readonly<Record<DonenessTest, Sentence>> = {
  skewer: sentence(
    $localize`A skewer in the middle comes out clean.`,
    $localize`Wet batter on it means several minutes more; fat or fruit on it means nothing.`,
  ),
  crumbs: sentence(
    $localize`A skewer brings a few moist crumbs.`,
    $localize`A school of its own: out now, carry-over finishes it and it stays moist.`,
  ),
  spring: sentence($localize`The middle springs back under a finger.`, $localize`A dent that stays is not set.`),
  sides: sentence(
    $localize`It draws away from the sides.`,
    $localize`The outside is done and shrinking: late rather than early.`,
  ),
  core: sentence(
    $localize`A probe in the middle.`,
    $localize`The surest where fruit or fat fools the skewer; do not touch the pan.`,
  ),
  colour: sentence(
    $localize`The colour all over, and beneath.`,
    $localize`Small and hot bakes are done when they are brown.`,
  ),
  sound: sentence(
    $localize`It sounds hollow beneath, or falls silent.`,
    $localize`A soda bread drums; a fruit cake that still sings is still wet.`,
  ),
};
export const donenessInWords = (test: DonenessTest): Sentence => TESTS[test];

/** What a setting costs beside doing what was asked. */
export const SETTING_COSTS: Readonly<Record<SettingCost, string>> = {
  pale: $localize`the top stays pale`,
  dark: $localize`the top is deep brown: foil at the end`,
  'too-dark': $localize`the top is too dark before the middle is done`,
  dry: $localize`it dries out more`,
  longer: $localize`it takes longer`,
  shorter: $localize`the window is shorter, so look sooner`,
};

/** Without a unit it is degrees. */
const UNKNOWN_WORDS: Readonly<
  Record<Unknown, { readonly what: string; readonly unit: string | undefined; readonly act: string }>
> = {
  oven: { what: $localize`the oven`, unit: undefined, act: $localize`Put a thermometer in it once.` },
  'batter-warmth': {
    what: $localize`the batter’s warmth`,
    unit: undefined,
    act: $localize`Measure it when mixed, or keep to room-warm things.`,
  },
  mass: { what: $localize`the batter in the pan`, unit: ' %', act: $localize`Weigh the batter as it goes in.` },
  'pan-size': {
    what: $localize`the pan’s width`,
    unit: ' %',
    act: $localize`Measure the pan inside, at half its height.`,
  },
  water: { what: $localize`the batter’s water`, unit: ' points', act: $localize`Weigh the fruit and the eggs.` },
};
export function unknownInWords(
  { unknown, off }: Pick<Sensitivity, 'unknown' | 'off'>,
  scale: HeatScale = 'C',
): {
  readonly what: string;
  readonly off: string;
  readonly act: string;
} {
  const { what, unit, act } = UNKNOWN_WORDS[unknown];
  // one reading has been taken when the oven is surer than any oven
  const again =
    unknown === 'oven' && off < OVEN_UNMEASURED ? $localize`Read the thermometer again at another set point.` : act;
  return { what, off: `± ${unit === undefined ? apartOn(scale, off) : `${Math.round(off)}${unit}`}`, act: again };
}

/** Why a bake has no prediction. */
export function noBakeInWords(
  result: Exclude<PredictionResult, { kind: 'foreseen' }>,
  scale: HeatScale = 'C',
): Sentence {
  if (result.kind === 'never-done')
    return sentence(
      $localize`At ${heatOn(scale, result.celsius)} it would not be done within ${result.longestMinutes} minutes.`,
      $localize`Use a hotter oven or a smaller pan.`,
    );
  const done = minutesInWords(result.doneMinutes);
  return result.what === 'stage'
    ? sentence(
        $localize`The oven is turned only at minute ${result.atMinute}, when the bake is done at about ${done}.`,
        $localize`Turn it sooner, or leave it.`,
      )
    : sentence(
        $localize`The ${result.what} is timed to minute ${result.atMinute}, when the bake is done at about ${done}.`,
        $localize`Give an earlier minute.`,
      );
}

const NO_SETTING: Readonly<
  Record<Extract<SettingFound, { kind: 'none' }>['because'], (at: string, minutes: number) => string>
> = {
  'too-soon': (at, minutes) => $localize`Too much time: even at ${at} it is done after ${minutesInWords(minutes)}.`,
  'too-late': (at, minutes) =>
    $localize`Too little time: even at ${at} it needs ${minutesInWords(minutes)}. Use smaller pans.`,
  'too-pale': (at) => $localize`No set point browns it so much before it is done; ${at} comes nearest.`,
  'too-dark': (at) => $localize`It is browner at every set point; ${at} comes nearest. Foil keeps it pale.`,
};

/** The setting that was looked for: its figure, what it gives and what it costs; or why there is none. @param what it does: "is done in time" */
export function settingInWords(settingFound: SettingFound, what: string, scale: HeatScale = 'C') {
  if (settingFound.kind === 'none') {
    const { celsius, minutes = 0 } = settingFound.nearest;
    return {
      big: '',
      small: NO_SETTING[settingFound.because](heatOn(scale, celsius), minutes),
      cost: '',
      take: undefined,
    };
  }
  const { celsius, minutes } = settingFound.point;
  const rounded = celsiusFrom(dialDegrees(scale, Math.round(celsius)), scale);
  return {
    big: heatOn(scale, rounded),
    small: `${otherScales(rounded, false, scale)}, ${what}${minutes === undefined ? '' : $localize`; likely ${minutesInWords(minutes)}`}.`,
    cost:
      settingFound.costs.length === 0
        ? $localize`It costs nothing that matters.`
        : $localize`What it costs: ${settingFound.costs.map((cost) => SETTING_COSTS[cost]).join('; ')}.`,
    take: rounded,
  };
}
