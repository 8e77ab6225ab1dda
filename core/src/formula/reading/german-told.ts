import type { Kitchen } from '../../kitchen/kitchen/index.js';
import type { Region } from '../../ground/units/index.js';
import { assembleFormula, readBake, readLine, type FormulaReading, type ReadingContext } from '../parsing/index.js';

/*
 * A bake told in German: "3 reife Bananen zerdrücken, 2 Eier und 80 ml Öl dazu". German puts what is done behind the thing, so each
 * stretch from one amount to the next is tried as a line, its last words taken off until it is one. What is a sentence stays a step.
 */

const SENTENCE =
  /(?<=[a-zäöüß)°\d][.!?])(?<!(?:^|[^a-zäöüß])(?:ca|min|std|sek|evtl|ggf|bzw|pck|msp|gestr|pr|geh)\.)\s+|\n+/i;
const BETWEEN_THINGS =
  /[,;:] | und (?=\d|½|¼|eine?[nmr]? )|(?<!\b(?:saft|abrieb|schale)) und (?=(?:de[mnr] )?(?:saft|abrieb|schale)\b)| (?:dann|dazu|mit|plus) (?=\d|½|¼|eine?[nmr]? (?:prise|päckchen|pck|tl|el|teelöffel|esslöffel|becher|schuss)\b)/i;
const AMOUNT =
  /(?:\d|[½¼¾]|\b(?:eine?[nmr]? )?(?=(?:prise|päckchen|tl|el|becher|schuss)\b)|\b(?=(?:saft|abrieb|schale)\b))/i;
/** "Buttermilch 400 ml": the thing stands before its amount. */
const NAME_FIRST =
  /^\s*\p{Lu}[\p{L}-]{2,30}(?: \p{L}[\p{L}-]{1,20})?(?: \d{3,4}(?= \d))? \d[\d.,/]{0,5} ?\p{L}{0,14}\.?$/u;
const MOST_WORDS_BEHIND = 4;
const FEWEST_THINGS = 3;
const SURE = 0.6;
/** What is done with it, behind the thing. */
const DONE_BEHIND = /(?: (?:dazu|dann|und|mischen|verrühren|unterrühren|unterheben|zugeben|schaumig|schlagen))+$/i;
/** "Omas Quarkbrötchen: 250 g Quark, …": what stands before the first amount. */
const NAMED =
  /^\s*((?:\p{L}[\p{L}-]{1,24} ){0,3}\p{Lu}[\p{L}-]{2,30})(?:, [^:\n,]{3,25}| \p{Ll}{4,10})?: (?=\d|\p{Lu}[\p{L}-]{2,30} \d)/u;
const CALLED = /\brezept (?:für|von)(?:s| den| die| das| meine[nm]?| unsere[nm]?)? ([A-ZÄÖÜ][\p{L}-]{3,30})/iu;

/** "Hallo Leute, hier mein schneller Apfelkuchen: 125 g …". */
const SHOWN =
  /(?:^|[.!,] )(?:hier|das)(?: ist| kommt| sind)? (?:mein|unser|das|der|die|ein)(?:e[nrs]?)? ((?:\p{L}[\p{L}-]{2,20} ){0,2}\p{Lu}[\p{L}-]{3,30}): (?=\d)/iu;
/** What a German text is called by what is said before its first amount; '' where nothing says it. */
export function germanTitleIn(text: string): string {
  const title = CALLED.exec(text)?.[1] ?? NAMED.exec(text)?.[1] ?? SHOWN.exec(text)?.[1] ?? '';
  return title.charAt(0).toUpperCase() + title.slice(1);
}

/** The longest beginning of a stretch that is a line by itself. */
function lineIn(stretch: string, context: ReadingContext): string | undefined {
  const at = NAME_FIRST.test(stretch) ? 0 : AMOUNT.exec(stretch)?.index;
  if (at === undefined) return undefined;
  const words = stretch
    .slice(at)
    .trim()
    .replace(/[.!?]$/, '')
    .split(/\s+/);
  for (let behind = 0; behind <= MOST_WORDS_BEHIND && words.length - behind >= 2; behind++) {
    const line = words.slice(0, words.length - behind).join(' ');
    const entries = readLine(line, context);
    const isOne = entries.length > 0 && entries.every(({ ingredient, confidence, weight }) => ingredient !== undefined && confidence >= SURE && weight !== undefined); // prettier-ignore
    if (isOne) return line.replace(DONE_BEHIND, '');
  }
  return undefined;
}

/** The reading of a text that tells a bake in German; undefined where it takes too little to be one. */
export function readGermanTold(text: string, bakersOwn: Region, kitchen: Kitchen): FormulaReading | undefined {
  const context: ReadingContext = { region: bakersOwn === 'US' ? 'EU' : bakersOwn, kitchen };
  const sentences = text.split(SENTENCE).filter((sentence) => sentence.trim() !== '');
  const lines = sentences
    .filter((sentence) => readBake([sentence]).celsius === undefined)
    .flatMap((sentence) => sentence.split(BETWEEN_THINGS).flatMap((stretch) => lineIn(stretch, context) ?? []));
  if (lines.length < FEWEST_THINGS) return undefined;
  const title = germanTitleIn(text);
  // "Hallo!"
  const [steps, notes] = [
    sentences.filter((sentence) => sentence.includes(' ')),
    sentences.filter((sentence) => !sentence.includes(' ')),
  ];
  return assembleFormula({ title, components: [{ name: '', lines }], steps, notes }, context.region, kitchen);
}
