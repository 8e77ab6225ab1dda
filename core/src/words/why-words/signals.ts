import { isAsUsual, type SignalCode, type Speaks } from '../../book/diagnosing/index.js';
import { TEST_WORDS } from './tests.table.js';

/* What speaks for and against a cause, as a figure and what it says. */

export interface SpeaksWords {
  readonly figure: string;
  readonly words: string;
}
type Wording = (value: number) => SpeaksWords;

const say = (figure: string, words: string): SpeaksWords => ({ figure, words });
const minus = (value: number, places = 0) => value.toFixed(places).replace('-', '−');
const signed = (value: number, places = 0) => `${value < 0 ? '−' : '+'}${Math.abs(value).toFixed(places)}`;
const bands = (what: string): Wording => (z) =>
  isAsUsual(z) ? say(what, 'as usual') : Math.abs(z) <= 1 ? say(what, `${z < 0 ? 'low' : 'high'}, within its band`) : say(what, `${z < 0 ? 'below' : 'above'} its band, ${Math.abs(z).toFixed(1)} of its half`); // prettier-ignore
const figure =
  (unit: string, words: string, places = 0): Wording =>
  (value) =>
    say(`${minus(value, places)}${unit}`, words);
const yesOrNo = (yes: readonly [string, string], no: readonly [string, string]): Wording => (value) => value > 0.5 ? say(...yes) : say(...no); // prettier-ignore

const SAID: Readonly<Record<SignalCode, Wording>> = {
  sugar: bands('sugar'),
  fat: bands('fat'),
  egg: bands('egg'),
  water: bands('water'),
  gas: bands('gas'),
  inclusions: bands('pieces'),
  'batter-density': (z) => say(z < 0 ? 'light batter' : 'heavy batter', isAsUsual(z) ? 'as it should be' : 'for its kind'),
  core: (z) => z < -1 ? say('core', 'not hot enough when it came out') : z > 1 ? say('core', 'hotter than it needed') : say('core', 'as hot as it should be'),
  'crumb-ph-band': bands('crumb pH'),
  'crumb-ph': (pH) => say(`pH ${pH.toFixed(1)}`, 'of the crumb'),
  'soda-left': (times) => times < 0.3 ? say('soda', 'hardly any left over') : say(`${times.toFixed(1)} times`, 'as much soda left over as its style bears'),
  'spare-acid': (times) => times < 0.3 ? say('acid', 'none to spare') : say(`${(1.2 * times).toFixed(1)} %`, 'of the flour as soda could still be met'),
  'powder-over-six': (over) => over > 0 ? say(`${(6 + 2 * over).toFixed(1)} %`, 'powder, of the flour') : say('powder', 'below 6 % of the flour'),
  'aluminium-powder': (times) => times > 0 ? say('powder', 'with aluminium or pyrophosphate') : say('powder', 'with neither aluminium nor pyrophosphate'),
  'fruit-load': (times) => say(`${(50 * times).toFixed(0)} %`, 'pieces to carry, of the flour'),
  'fruit-piece': figure(' mm', 'pieces'),
  'fruit-wet': yesOrNo(['fruit', 'wet'], ['fruit', 'dry']),
  'plant-colour': yesOrNo(['a plant', 'whose colour turns'], ['nothing', 'in it that turns']),
  'soda-unsieved': yesOrNo(['soda', 'not sieved'], ['soda', 'sieved with the flour']),
  'alkalised-cocoa-with-soda': yesOrNo(['cocoa', 'alkalised, with soda'], ['cocoa', 'natural, as the soda wants']),
  cocoa: yesOrNo(['cocoa', 'in it'], ['cocoa', 'none in it']),
  'powder-age': figure(' months', 'since the tin was opened'),
  'weak-fizz': yesOrNo(['fizz', 'weak in hot water'], ['fizz', 'hard in hot water']),
  time: (percent) => Math.abs(percent) < 3 ? say('time', 'as foreseen') : say(`${signed(percent)} %`, percent < 0 ? 'out before it was done' : 'longer than it needed'),
  'weight-loss': figure(' %', 'of its weight lost', 1),
  'oven-error': (celsius) => Math.abs(celsius) < 3 ? say('oven', 'true to its dial') : say(`${signed(celsius)} °C`, 'by the oven’s thermometer'),
  'set-above-usual': (celsius) => say(`${signed(celsius)} °C`, 'set against the usual'),
  'fan-not-lowered': yesOrNo(['fan', 'on, heat not lowered'], ['fan', 'off, or the heat lowered']),
  'pan-heat': (times) => times > 1.05 ? say('pan', 'dark or heavy') : times < 0.95 ? say('pan', 'takes little heat') : say('pan', 'light metal'),
  filling: (times) => times > 1.1 ? say('pan', 'fuller than its kind may be') : times < 0.6 ? say('pan', 'less full than usual') : say('pan', 'filled as usual'),
  'door-opened': (share) => share >= 1 ? say('door', 'kept shut') : say('door', `opened after ${Math.round(100 * share)} % of the bake`),
  preheating: figure(' min', 'of heating before it went in'),
  'side-difference': figure(' °C', 'from side to side'),
  turned: yesOrNo(['turned', 'at two thirds'], ['never', 'turned']),
  'top-shelf': yesOrNo(['shelf', 'high in the oven'], ['shelf', 'middle of the oven']),
  tented: yesOrNo(['covered', 'in time'], ['not', 'covered']),
  altitude: figure(' m', 'above the sea'),
  waiting: (holds) => say(`${holds.toFixed(1)} times`, 'as long as its gas keeps, between bowl and oven'),
  mixing: figure(' s', 'of mixing after the flour'),
  folds: figure(' strokes', 'after the flour'),
  'dry-streaks': yesOrNo(['dry streaks', 'in the batter'], ['batter', 'without dry streaks']),
  creaming: figure(' min', 'of creaming', 1),
  'egg-additions': figure(' parts', 'the egg went in'),
  creamed: yesOrNo(['a batter', 'that is creamed'], ['a batter', 'that is not creamed']),
  'rolled-and-cut': yesOrNo(['a dough', 'that is cut'], ['nothing', 'was rolled and cut']),
  'egg-temperature': figure(' °C', 'the egg'),
  'batter-temperature': figure(' °C', 'the batter'),
  'butter-temperature': figure(' °C', 'the butter'),
  'dough-temperature': figure(' °C', 'the dough'),
  'flour-cup': (grams) => grams <= 112 ? say('flour', 'weighed') : say(`${grams.toFixed(0)} g`, 'of flour to the cup'),
  'flour-protein': figure(' %', 'protein in the flour', 1),
  'gluten-free': yesOrNo(['no wheat', 'to hold it'], ['wheat', 'holds it']),
  binder: figure(' %', 'gum or psyllium, of the flour', 1),
  'binder-rest': figure(' min', 'rested'),
  unlined: yesOrNo(['pan', 'not lined'], ['pan', 'lined']),
  'minutes-in-pan': figure(' min', 'in the pan after the oven'),
  unlevelled: yesOrNo(['top', 'not levelled'], ['top', 'levelled']),
  'divided-by-eye': yesOrNo(['divided', 'by eye'], ['divided', 'on the scale']),
  gap: figure(' cm', 'apart', 1),
  'coarse-sugar': yesOrNo(['sugar', 'coarse'], ['sugar', 'fine']),
  humidity: figure(' %', 'damp in the air'),
  'wrapped-at': figure(' °C', 'when it was wrapped'),
  'cutter-twisted': yesOrNo(['cutter', 'turned'], ['cutter', 'pressed straight']),
  thickness: figure(' cm', 'thick', 1),
  rerolled: yesOrNo(['scraps', 'rolled again'], ['first', 'cut']),
  'cake-temperature': figure(' °C', 'the cake when it was frosted'),
  'room-temperature': figure(' °C', 'in the room'),
  'frosting-sugar': figure(' g', 'sugar to each gram of fat and cheese', 1),
  'frosting-gap': figure(' °C', 'between its parts'),
  'frosting-butter': figure(' °C', 'the butter of the frosting'),
  'frosting-liquid-fast': yesOrNo(['liquid', 'all at once'], ['liquid', 'by the spoon']),
  'frosting-beating': figure(' min', 'beaten', 1),
  'soft-cheese': yesOrNo(['soft cheese', 'is soon beaten thin'], ['no cheese', 'or cream in it']),
  'sugar-unsifted': yesOrNo(['sugar', 'not sifted'], ['sugar', 'sifted']),
}; // prettier-ignore

export const signalInWords = (signal: SignalCode, value: number): SpeaksWords => SAID[signal](value);

/** One thing that speaks, for or against. */
export function speaksInWords(speaks: Speaks): SpeaksWords {
  switch (speaks.kind) {
    case 'signal':
      return signalInWords(speaks.signal, speaks.value);
    case 'swap':
      return say('changed', speaks.swap.replace('>', ' to '));
    case 'answer': {
      const words = TEST_WORDS[speaks.test];
      return say('you said', (speaks.yes ? words?.yes : words?.no)?.toLowerCase() ?? speaks.test);
    }
    case 'kitchen':
      return say('this kitchen', speaks.logOdds > 0 ? 'a change for it has helped before' : 'a change for it did not help before'); // prettier-ignore
  }
}
