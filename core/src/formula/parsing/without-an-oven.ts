import { normalise } from './normalise.js';
import { bakeTimeIn, mentionsIn, type Mention } from './mentions.js';

/*
 * Some batters never see an oven: farls go on a griddle, a pudding stands in steam, a loaf in a slow cooker. A method says so by the
 * place, and by naming no oven's heat. What says it is a table: which words, and whether a set point elsewhere rules it out.
 */

/** What cooks a batter where no oven does. */
export const OTHER_HEATS = ['griddle', 'steam', 'slow-cooker'] as const;
export type OtherHeat = (typeof OTHER_HEATS)[number];

/** How a method cooks without an oven. */
export interface WithoutAnOven {
  readonly by: OtherHeat;
  /** Of one go, both sides where it is turned. */
  readonly minutes: number;
}

const GRIDDLE = /\b(?:griddle|girdle|bakestone)\b/i;
/** "Heat a heavy pan … cook 2-3 minutes each side": it does what a griddle does. */
const PAN_ON_THE_HOB = /\b(?:heavy|frying|dry|hot|non-?stick|cast[- ]iron) (?:[a-z]+ )?(?:pan|skillet)\b/i;
const A_SIDE = /\b(?:a|each|per|the (?:first|other)|(?:on )?both) sides?\b/i;
const STEAM = /\bsteam(?:s|ed|er|ing)?\b|\b(?:pan|pot|kettle) of (?:gently )?(?:simmering|boiling) water\b/i;
const SLOW_COOKER = /\b(?:slow|multi)[- ]?cooker\b/i;

/**
 * How a method cooks without an oven; undefined where an oven bakes it.
 * @param written texts of the steps, in their order
 */
export function withoutAnOven(written: readonly string[]): WithoutAnOven | undefined {
  const texts = written.map(normalise);
  if (!texts.some((text) => [GRIDDLE, PAN_ON_THE_HOB, STEAM, SLOW_COOKER].some((place) => place.test(text)))) return undefined; // prettier-ignore
  const hasOven = texts.some(namesAnOven);
  // what is toasted on a griddle afterwards was baked
  const bakedElsewhere = texts.some(
    (text) => !GRIDDLE.test(text) && (OVEN.test(text) || (BAKES.test(text) && bakeTimeIn(text) !== undefined)),
  );
  const inASlowCooker = !hasOven && texts.some((text) => SLOW_COOKER.test(text));
  for (const text of texts) {
    // bacon fried on each side before a loaf is baked puts no loaf on the hob, and a bath of water none into steam
    const onTheHob =
      (GRIDDLE.test(text) && !bakedElsewhere) || (!hasOven && PAN_ON_THE_HOB.test(text) && A_SIDE.test(text));
    const steams = !hasOven && STEAM.test(text) && !BAKES.test(text);
    if (!onTheHob && !steams && !inASlowCooker) continue;
    const time = bakeTimeIn(text) ?? (onTheHob ? timeOfASide(text) : undefined);
    if (!time) continue;
    if (inASlowCooker) return { by: 'slow-cooker', minutes: Math.round(time.high) };
    if (onTheHob) return { by: 'griddle', minutes: Math.round(time.high * (A_SIDE.test(text) ? 2 : 1)) };
    return { by: 'steam', minutes: Math.round(time.high) };
  }
  return undefined;
}

const OVEN = /\b(?:pre-?heat|heat|into|in) (?:the|your|an?) oven\b/i;
/** Chocolate that melts over simmering water is baked all the same. */
const BAKES = /\bbak(?:e[ds]?|ing)\b(?! ?(?:soda|powder|paper|parchment|sheet|tray|tin))/i;
const namesAnOven = (text: string): boolean =>
  OVEN.test(text) || mentionsIn(text).some((mention) => mention.kind === 'temperature' && mention.of === 'oven');

/** "Fry spoonfuls for 2 minutes on each side". */
const timeOfASide = (text: string) =>
  mentionsIn(text).find(
    (mention): mention is Extract<Mention, { readonly kind: 'time' }> =>
      mention.kind === 'time' && /^[^.;]{0,30}\bsides?\b/i.test(text.slice(mention.to)),
  );
