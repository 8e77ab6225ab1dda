import { inSentence, decimal } from '../../ground/language/index.js';
import { isAsUsual, type SignalCode, type Speaks } from '../../book/diagnosing/index.js';
import type { HeatScale } from '../../ground/units/index.js';
import { apartOn, DEGREES, readingOn, signedApart } from '../figures/index.js';
import { TEST_WORDS } from './tests.table.js';

/* What speaks for and against a cause, as a figure and what it says. */

export interface SpeaksWords {
  readonly figure: string;
  readonly words: string;
}
type Wording = (value: number, scale: HeatScale) => SpeaksWords;

const say = (figure: string, words: string): SpeaksWords => ({ figure, words });
const minus = (value: number, places = 0) => decimal(value, places).replace('-', '−');
const signed = (value: number, places = 0) => `${value < 0 ? '−' : '+'}${decimal(Math.abs(value), places)}`;
const bands = (what: string): Wording => (z) =>
  isAsUsual(z) ? say(what, $localize`as usual`) : Math.abs(z) <= 1 ? say(what, $localize`${z < 0 ? $localize`low` : $localize`high`}, within its band`) : say(what, $localize`${z < 0 ? $localize`below` : $localize`above`} its band, ${decimal(Math.abs(z), 1)} of its half`); // prettier-ignore
const figure =
  (unit: string, words: string, places = 0): Wording =>
  (value) =>
    say(`${minus(value, places)}${unit}`, words);
/** What a thermometer said. */
const reading =
  (words: string): Wording =>
  (celsius, scale) =>
    say(readingOn(scale, celsius), words);
/** How far two heats were apart. */
const apart =
  (words: string): Wording =>
  (celsius, scale) =>
    say(apartOn(scale, celsius), words);
const yesOrNo = (yes: readonly [string, string], no: readonly [string, string]): Wording => (value) => value > 0.5 ? say(...yes) : say(...no); // prettier-ignore

const SAID: Readonly<Record<SignalCode, Wording>> = {
  sugar: bands($localize`sugar`),
  fat: bands($localize`fat`),
  egg: bands($localize`egg`),
  water: bands($localize`water`),
  gas: bands($localize`gas`),
  inclusions: bands($localize`pieces`),
  'batter-density': (z) => say(z < 0 ? $localize`light batter` : $localize`heavy batter`, isAsUsual(z) ? $localize`as it should be` : $localize`for its kind`),
  core: (z) => z < -1 ? say($localize`core`, $localize`not hot enough when it came out`) : z > 1 ? say($localize`core`, $localize`hotter than it needed`) : say($localize`core`, $localize`as hot as it should be`),
  'crumb-ph-band': bands($localize`crumb pH`),
  'crumb-ph': (pH) => say(`pH ${decimal(pH, 1)}`, $localize`of the crumb`),
  'soda-left': (times) => times < 0.3 ? say($localize`soda`, $localize`hardly any left over`) : say($localize`${decimal(times, 1)} times`, $localize`as much soda left over as its style bears`),
  'spare-acid': (times) => times < 0.3 ? say($localize`acid`, $localize`none to spare`) : say(`${decimal(1.2 * times, 1)} %`, $localize`of the flour as soda could still be met`),
  'powder-over-six': (over) => over > 0 ? say(`${decimal(6 + 2 * over, 1)} %`, $localize`powder, of the flour`) : say($localize`powder`, $localize`below 6 % of the flour`),
  'aluminium-powder': (times) => times > 0 ? say($localize`powder`, $localize`with aluminium or pyrophosphate`) : say($localize`powder`, $localize`with neither aluminium nor pyrophosphate`),
  'fruit-load': (times) => say(`${(50 * times).toFixed(0)} %`, $localize`pieces to carry, of the flour`),
  'fruit-piece': figure($localize` mm`, $localize`pieces`),
  'fruit-wet': yesOrNo([$localize`fruit`, $localize`wet`], [$localize`fruit`, $localize`dry`]),
  'plant-colour': yesOrNo([$localize`a plant`, $localize`whose colour turns`], [$localize`nothing`, $localize`in it that turns`]),
  'soda-unsieved': yesOrNo([$localize`soda`, $localize`not sieved`], [$localize`soda`, $localize`sieved with the flour`]),
  'alkalised-cocoa-with-soda': yesOrNo([$localize`cocoa`, $localize`alkalised, with soda`], [$localize`cocoa`, $localize`natural, as the soda wants`]),
  cocoa: yesOrNo([$localize`cocoa`, $localize`in it`], [$localize`cocoa`, $localize`none in it`]),
  'powder-age': figure($localize` months`, $localize`since the tin was opened`),
  'weak-fizz': yesOrNo([$localize`fizz`, $localize`weak in hot water`], [$localize`fizz`, $localize`hard in hot water`]),
  time: (percent) => Math.abs(percent) < 3 ? say($localize`time`, $localize`as foreseen`) : say(`${signed(percent)} %`, percent < 0 ? $localize`out before it was done` : $localize`longer than it needed`),
  'weight-loss': figure(' %', $localize`of its weight lost`, 1),
  'oven-error': (celsius, scale) => Math.abs(celsius) < 3 ? say($localize`oven`, $localize`true to its dial`) : say(`${signedApart(scale, celsius)} ${DEGREES[scale]}`, $localize`by the oven’s thermometer`),
  'set-above-usual': (celsius, scale) => say(`${signedApart(scale, celsius)} ${DEGREES[scale]}`, $localize`set against the usual`),
  'fan-not-lowered': yesOrNo([$localize`fan`, $localize`on, heat not lowered`], [$localize`fan`, $localize`off, or the heat lowered`]),
  'pan-heat': (times) => times > 1.05 ? say($localize`pan`, $localize`dark or heavy`) : times < 0.95 ? say($localize`pan`, $localize`takes little heat`) : say($localize`pan`, $localize`light metal`),
  filling: (times) => times > 1.1 ? say($localize`pan`, $localize`fuller than its kind may be`) : times < 0.6 ? say($localize`pan`, $localize`less full than usual`) : say($localize`pan`, $localize`filled as usual`),
  'door-opened': (share) => share >= 1 ? say($localize`door`, $localize`kept shut`) : say($localize`door`, $localize`opened after ${Math.round(100 * share)} % of the bake`),
  preheating: figure($localize` min`, $localize`of heating before it went in`),
  'side-difference': apart($localize`from side to side`),
  turned: yesOrNo([$localize`turned`, $localize`at two thirds`], [$localize`never`, $localize`turned`]),
  'top-shelf': yesOrNo([$localize`shelf`, $localize`high in the oven`], [$localize`shelf`, $localize`middle of the oven`]),
  tented: yesOrNo([$localize`covered`, $localize`in time`], [$localize`not`, $localize`covered`]),
  altitude: figure(' m', $localize`above the sea`),
  waiting: (holds) => say($localize`${decimal(holds, 1)} times`, $localize`as long as its gas keeps, between bowl and oven`),
  mixing: figure(' s', $localize`of mixing after the flour`),
  folds: figure($localize` strokes`, $localize`after the flour`),
  'dry-streaks': yesOrNo([$localize`dry streaks`, $localize`in the batter`], [$localize`batter`, $localize`without dry streaks`]),
  creaming: figure($localize` min`, $localize`of creaming`, 1),
  'egg-additions': figure($localize` parts`, $localize`the egg went in`),
  creamed: yesOrNo([$localize`a batter`, $localize`that is creamed`], [$localize`a batter`, $localize`that is not creamed`]),
  'rolled-and-cut': yesOrNo([$localize`a dough`, $localize`that is cut`], [$localize`nothing`, $localize`was rolled and cut`]),
  'egg-temperature': reading($localize`the egg`),
  'batter-temperature': reading($localize`the batter`),
  'butter-temperature': reading($localize`the butter`),
  'dough-temperature': reading($localize`the dough`),
  'flour-cup': (grams) => grams <= 112 ? say($localize`flour`, $localize`weighed`) : say(`${grams.toFixed(0)} g`, $localize`of flour to the cup`),
  'flour-protein': figure(' %', $localize`protein in the flour`, 1),
  'gluten-free': yesOrNo([$localize`no wheat`, $localize`to hold it`], [$localize`wheat`, $localize`holds it`]),
  binder: figure(' %', $localize`gum or psyllium, of the flour`, 1),
  'binder-rest': figure($localize` min`, $localize`rested`),
  unlined: yesOrNo([$localize`pan`, $localize`not lined`], [$localize`pan`, $localize`lined`]),
  'minutes-in-pan': figure($localize` min`, $localize`in the pan after the oven`),
  unlevelled: yesOrNo([$localize`top`, $localize`not levelled`], [$localize`top`, $localize`levelled`]),
  'divided-by-eye': yesOrNo([$localize`divided`, $localize`by eye`], [$localize`divided`, $localize`on the scale`]),
  gap: figure($localize` cm`, $localize`apart`, 1),
  'coarse-sugar': yesOrNo([$localize`sugar`, $localize`coarse`], [$localize`sugar`, $localize`fine`]),
  humidity: figure(' %', $localize`damp in the air`),
  'wrapped-at': reading($localize`when it was wrapped`),
  'cutter-twisted': yesOrNo([$localize`cutter`, $localize`turned`], [$localize`cutter`, $localize`pressed straight`]),
  thickness: figure($localize` cm`, $localize`thick`, 1),
  rerolled: yesOrNo([$localize`scraps`, $localize`rolled again`], [$localize`first`, $localize`cut`]),
  'cake-temperature': reading($localize`the cake when it was frosted`),
  'room-temperature': reading($localize`in the room`),
  'frosting-sugar': figure(' g', $localize`sugar to each gram of fat and cheese`, 1),
  'frosting-gap': apart($localize`between its parts`),
  'frosting-butter': reading($localize`the butter of the frosting`),
  'frosting-liquid-fast': yesOrNo([$localize`liquid`, $localize`all at once`], [$localize`liquid`, $localize`by the spoon`]),
  'frosting-beating': figure($localize` min`, $localize`beaten`, 1),
  'soft-cheese': yesOrNo([$localize`soft cheese`, $localize`is soon beaten thin`], [$localize`no cheese`, $localize`or cream in it`]),
  'sugar-unsifted': yesOrNo([$localize`sugar`, $localize`not sifted`], [$localize`sugar`, $localize`sifted`]),
}; // prettier-ignore

/** @param scale of the baker's oven */
export const signalInWords = (signal: SignalCode, value: number, scale: HeatScale = 'C'): SpeaksWords =>
  SAID[signal](value, scale);

const swapped = ([from = '', into = '']: readonly string[]) => $localize`${from} to ${into}`;
/** One thing that speaks, for or against. */
export function speaksInWords(speaks: Speaks, scale: HeatScale = 'C'): SpeaksWords {
  switch (speaks.kind) {
    case 'signal':
      return signalInWords(speaks.signal, speaks.value, scale);
    case 'swap':
      return say($localize`changed`, swapped(speaks.swap.split('>')));
    case 'answer': {
      const words = TEST_WORDS[speaks.test];
      return say($localize`you said`, inSentence((speaks.yes ? words?.yes : words?.no) ?? speaks.test));
    }
    case 'kitchen':
      return say($localize`this kitchen`, speaks.logOdds > 0 ? $localize`a change for it has helped before` : $localize`a change for it did not help before`); // prettier-ignore
  }
}
