import { isGerman } from '../german/index.js';
import type { Region } from '../../ground/units/index.js';

/** Words that give away where a formula was written, each with its weight. */
const TELLS: readonly (readonly [RegExp, Region, number])[] = [
  [/\b(?:all-purpose|confectioners'?|cornstarch|half-and-half|heavy cream|molasses|stick(?:s)? (?:of )?(?:unsalted )?butter|kosher)\b/gi, 'US', 2],
  [/(?<=\b(?:2[5-9]|[345]\d)\d)\s?°?\s?f\b|fahrenheit|\bbaking soda\b/gi, 'US', 2],
  [/(?<![\d.,])[34]\d[05] ?°(?! ?c)/gi, 'US', 2],
  [/\binch(?:es)?\b|\bpan\b|\bsticks?\)|\bskillet\b|(?<=\b(?:an?|the|at|to) )[34]\d[05](?= (?:degree )?oven\b)|(?<![\d.])(?:\d{1,2}|\d\/\d|[½¼¾⅓⅔]) ?c\.? (?=[a-z]{3})|\bshortening\b/gi, 'US', 1],
  [/\b(?:bicarb(?:onate)?|caster|castor|icing sugar|plain flour|self[- ]raising|treacle|sultanas?|courgettes?|double cream|gas (?:mark )?\d|digestives?|demerara|muscovado|strong white)\b/gi, 'UK', 2],
  [/\b(?:tins?|grease ?proof|clingfilm|traybake|wholemeal|fan)\b/gi, 'UK', 1],
  [/\b(?:maida|atta|(?<!(?:lemon|lime|orange|fruit|passion-fruit|passionfruit|bean) )curd|jaggery|ghee|elaichi|besan|dahi|sooji)\b/gi, 'IN', 3],
]; // prettier-ignore

/** "1 tbsp = 20 ml". */
const OF_TWENTY = /\b(?:1|one|a) (?:tbsp|tablespoon)s? (?:= |is |of )?20 ?ml\b/i;
/** A word that is used on both sides of the sea tells nothing by itself: "pat it out an inch thick". */
const TELLING = 2;

/** The region whose words a formula uses; a tie, or no tell at all, leaves it with the baker's own. What is German is of Europe. */
export function regionOf(text: string, bakersOwn: Region): Region {
  if (isGerman(text)) return 'EU';
  if (OF_TWENTY.test(text)) return 'AU';
  const score = new Map<Region, number>();
  for (const [pattern, region, weight] of TELLS)
    score.set(region, (score.get(region) ?? 0) + weight * [...text.matchAll(pattern)].length);
  const [first, second] = [...score].sort((a, b) => b[1] - a[1]);
  if (!first || first[1] < TELLING || first[1] === second?.[1]) return bakersOwn;
  // Australian, New Zealand, Irish and continental bakers use many British words: theirs stay their own
  return first[0] === 'UK' && ['AU', 'NZ', 'EU', 'UK'].includes(bakersOwn) ? bakersOwn : first[0];
}
