import type { BakeAdvice, BakeAdviceCode, BakePrediction, SetPointReason } from '../../oven/baking/index.js';
import { degreesOn, dialDegrees, nearestGasMark, onDial, type HeatScale } from '../../ground/units/index.js';
import { apartOn, DEGREES, degreesApart, heatOn, minutesInWords, sentence, type Sentence } from '../figures/index.js';

const at = ({ minute }: Pick<BakeAdvice, 'minute'>) => minutesInWords(minute ?? 0);
type AdviceOf<C extends BakeAdviceCode> = Extract<BakeAdvice, { code: C }>;

/** One wording for each code. A spec holds this table and the list of codes together. */
const ADVICE: { readonly [C in BakeAdviceCode]: (advice: AdviceOf<C>, scale: HeatScale) => Sentence } = {
  'first-look': (a) =>
    sentence($localize`Look first at ${at(a)}.`, $localize`Nine bakes in ten are not done before it.`),
  rotate: (a) =>
    sentence(
      $localize`Turn the pan round at ${at(a)}.`,
      $localize`Most ovens are hotter at the back; by now the crumb holds.`,
    ),
  'swap-racks': (a) =>
    sentence(
      $localize`Let the racks change places at ${at(a)}, and turn the pans round.`,
      $localize`The upper rack browns faster, the lower one from beneath; by now the crumb holds.`,
    ),
  'turn-oven': (a, scale) =>
    sentence(
      $localize`Turn the oven to ${heatOn(scale, a.facts.celsius)} at ${at(a)}.`,
      $localize`As the bake is staged.`,
    ),
  'oven-off': ({ facts: { offCelsius, celsius, setTo } }, scale) =>
    sentence(
      $localize`Set this oven to ${heatOn(scale, setTo)} for ${dialDegrees(scale, celsius)} inside.`,
      $localize`By your thermometer it is ${apartOn(scale, offCelsius)} ${offCelsius < 0 ? $localize`:an oven, against what it is set to|:cool` : $localize`:an oven, against what it is set to|:hot`}. The time here reckons with the dial as it is set.`,
    ),
  'lid-off': (a) =>
    sentence(
      $localize`Uncover it at ${at(a)}.`,
      $localize`Lift it away from you: it is as hot as the oven, and steam comes out first.`,
    ),
  'glass-from-cold': () =>
    sentence(
      $localize`Let the batter lose its chill before it goes into hot glass.`,
      $localize`Cold batter in a hot dish, or a cold dish in a hot oven, can crack it.`,
    ),
  'too-hot-for-material': (a, scale) =>
    sentence(
      $localize`Bake below ${heatOn(scale, a.facts.celsius)} in this pan, or take a plain metal one.`,
      $localize`Coatings and silicone are not made for more.`,
    ),
  'paper-scorches': (a, scale) =>
    sentence(
      $localize`Trim the baking paper to the pieces.`,
      $localize`It browns above ${heatOn(scale, a.facts.celsius)}; keep it clear of the elements.`,
    ),
  'cast-iron-goes-in-cold': () =>
    sentence(
      $localize`The time is for cast iron that goes in cold.`,
      $localize`Heated first, it browns the base sooner and takes a few minutes less.`,
    ),
  'one-at-a-time': (a) =>
    sentence(
      $localize`That is ${Math.round(a.facts.racks)} racks: bake it in two goes.`,
      $localize`With the air shut off, no rack browns as foreseen.`,
    ),
  'look-at-colour': (a) =>
    sentence(
      $localize`Look at the colour at ${at(a)}.`,
      $localize`Cover it with foil when it is as brown as you like it.`,
    ),
  tent: (a) =>
    sentence(
      $localize`Lay foil over it at ${at(a)}.`,
      $localize`The top is likely to be deep brown before the middle is done.`,
    ),
  'sheet-beneath': (a) =>
    sentence(
      $localize`Put a sheet beneath the pan.`,
      $localize`One chance in ${Math.max(2, Math.round(100 / Math.max(1, a.facts.percent)))} that it runs over the rim.`,
    ),
  'runs-over': (a) =>
    a.facts.fillPercent > 100
      ? sentence(
          $localize`The batter does not fit: use a larger pan, or more of them.`,
          $localize`It would need ${Math.round(a.facts.fillPercent)} % of the pan before it rises.`,
        )
      : sentence(
          $localize`It is likely to run over: use a larger pan, or leave some batter out.`,
          $localize`Filled to ${Math.round(a.facts.fillPercent)} %; ${Math.round(a.facts.percent)} chances in a hundred.`,
        ),
  'low-in-the-pan': (a) =>
    sentence(
      $localize`It will bake low and flat: a smaller pan would suit it.`,
      $localize`Filled to only ${Math.round(a.facts.fillPercent)} %.`,
    ),
  'known-bake-refused': (a) =>
    sentence(
      $localize`The known ${minutesInWords(a.facts.known)} do not fit their pan, batter and heat${a.facts.model === undefined ? '' : $localize` (the model says ${minutesInWords(a.facts.model)})`}.`,
      $localize`They were set aside, so the window is wider. Check the pan, the time and the temperature.`,
    ),
  'no-known-bake': () =>
    sentence(
      $localize`From first principles: no known time in a known pan.`,
      $localize`Enter one and the window narrows.`,
    ),
  'cool-glass-slowly': () =>
    sentence($localize`Set hot glass on a dry cloth, never on a wet or cold top.`, $localize`Sudden change cracks it.`),
  'test-decides': () =>
    sentence(
      $localize`The doneness test decides.`,
      $localize`These are estimates: eight bakes in ten end inside the window.`,
    ),
};

const codeInWords = <C extends BakeAdviceCode>(code: C, advice: AdviceOf<C>, scale: HeatScale): Sentence =>
  ADVICE[code](advice, scale);
/** @param scale of the baker's oven */
export const adviceInWords = (advice: BakeAdvice, scale: HeatScale = 'C'): Sentence =>
  codeInWords(advice.code, advice as never, scale);

/** What a set point is moved by; by Fahrenheit dials go by fives. */
const signed = (celsius: number, scale: HeatScale) => `${celsius > 0 ? '+' : '−'}${scale === 'C' ? apartOn(scale, celsius) : `${onDial(degreesApart(scale, celsius))} ${DEGREES[scale]}`}`; // prettier-ignore

/** Why the oven is set as it is, one short phrase. */
export function setPointReasonInWords(reason: SetPointReason, scale: HeatScale = 'C'): string {
  switch (reason.code) {
    case 'as-known':
      return $localize`${heatOn(scale, reason.celsius)} as the formula says`;
    case 'usual-for-style':
      return $localize`${heatOn(scale, reason.celsius)} is usual for the style`;
    case 'chosen':
      return $localize`as you set it`;
    case 'fan':
      return $localize`${signed(reason.celsius, scale)} for the fan`;
    case 'no-fan':
      return $localize`${signed(reason.celsius, scale)} without a fan`;
    case 'dark':
      return $localize`${signed(reason.celsius, scale)} for dark metal`;
    case 'glass':
      return $localize`${signed(reason.celsius, scale)} for glass`;
    case 'lighter':
      return $localize`${signed(reason.celsius, scale)} for a lighter pan`;
  }
}

/** What a fan saves, by the degrees of each scale. @source cautions.md: 15 to 25 °C lower; by Fahrenheit 25 is the rule */
const FAN_SAVES: Readonly<Record<HeatScale, number>> = { C: 20, F: 25 };
/** "375 °F · gas 5 · fan 170": one heat on the scales that are not the baker's, and with or without a fan on theirs. */
export function otherScales(celsius: number, fan = false, scale: HeatScale = 'C'): string {
  const other = degreesOn(scale, celsius) + (fan ? FAN_SAVES[scale] : -FAN_SAVES[scale]);
  return $localize`${heatOn(scale === 'C' ? 'F' : 'C', celsius)} · gas ${nearestGasMark(celsius)} · ${fan ? $localize`no fan` : $localize`fan`} ${onDial(other)}`;
}

/** Where the time comes from: the written bake, and what bakes in this kitchen taught. */
export function originInWords(bake: BakePrediction): string {
  const learned = bake.windowReasons.find((reason) => reason.code === 'learned');
  if (!learned) return standsOn(bake);
  const { bakes, percent } = learned.facts;
  const taught = bakes === 1 ? $localize`One bake` : $localize`${bakes} bakes`;
  const moved =
    Math.abs(percent) < 0.5
      ? $localize`bear it out`
      : `${percent > 0 ? $localize`add` : $localize`take off`} ${Math.abs(percent).toFixed(0)} %`;
  return $localize`${standsOn(bake)} ${taught} here ${bakes === 1 ? moved.replace(/^(bear|add|take)/, '$1s') : moved}.`;
}
function standsOn(bake: BakePrediction): string {
  switch (bake.anchor) {
    case 'known-bake':
      return $localize`Leans on the known ${minutesInWords(bake.knownMinutes ?? 0)}.`;
    case 'refused':
      return $localize`The known bake did not fit and was set aside: from first principles.`;
    case 'none':
      return $localize`From first principles: no known time to lean on.`;
  }
}
