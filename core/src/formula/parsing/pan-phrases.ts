import { heldIn, parsePan } from '../../kitchen/pans/index.js';
import { numberFrom } from './amounts.js';
import { BARE_DIMENSIONS, CUPS, MAKES, unsaidPanIn } from './pans-unsaid.js';
import { normaliseKeepingPlaces } from './normalise.js';

const VESSEL =
  /\b(?:pans?|tins?|trays?|dish(?:es)?|moulds?|molds?|basins?|ramekins?|cases|skillet|springform|loose[- ](?:bottom(?:ed)?|based?))\b/i;
const PAN_PHRASE = new RegExp(
  String.raw`(?:\b(?:an?|the|in|into|to|x|use an?|line an?|grease an?) )?((?:[\w".,'/()°-]{1,24} ){0,12}?(?:loaf|cake|round|square|springform|spring-form|sandwich|muffin|cupcake|bun|traybake|sheet|brownie|baking|roasting|layer|sheet cake|tart|bundt)?[ -]?${VESSEL.source})`,
  'gi',
);
/** The phrases that end with a vessel. Looking for a beginning at each word is dear: a text without one is not looked through. */
const panPhrasesIn = (text: string): Iterable<RegExpExecArray> => (VESSEL.test(text) ? text.matchAll(PAN_PHRASE) : []);

/** "Loaf pan 9 x 5 inch": the size behind. */
const SIZE_BEHIND =
  /^,? ?\(?(?:(?:of|is|measuring|about|around|roughly|approx(?:imately)?\.?|that is|which is) ){0,2}(\d+(?:[.,]\d+)?(?: \d\/\d)? ?(?:"|in|inch|cm)?(?: ?(?:x|by) ?\d+(?:[.,]\d+)?(?: \d\/\d)? ?(?:"|inch(?:es)?|in\b|cm)?){1,2})/i;
/** "sandwich tins of 20 cm", "a dish roughly 9 inches square". */
const ONE_SIZE_BEHIND =
  /^,? ?\(?(?:of|measuring|about|around|roughly|that is|which is) (?:about )?(\d+(?:[.,]\d+)?(?: \d\/\d)?(?: ?|-)(?:cm|in(?:ch(?:es)?)?|"))(?![a-z])(?! ?(?:deep|high|tall|thick))(?: ?(square|round))?/i;
/** "an 18 cm round tin, 9 cm deep" */
const DEPTH_BEHIND = /^ ?(?:[,(] ?)?(?:about )?\d+(?:[.,]\d+)? ?(?:cm|mm|in|inch(?:es)?|")[- ](?:deep|high|tall)/i;

/** "two sandwich tins of 20 cm": how many stands before the size. */
const sizeInto = (pan: string, size: string): string =>
  /^(?:two|three|four|[2-4]) /i.test(pan) ? pan.replace(' ', ` ${size} `) : `${size} ${pan}`;

const TEN_IN_PANS =
  /\b(?:cool|rest|leave|stand|sit)(?:s|ed|ing)?(?: for| about)? \d{1,2} in (?:the )?(?:pans?|tins?)$/i;

/** How many words before a pan say how many of it: "two …", "2 x …", "eight 150 ml …". */
function countWordsBefore(words: readonly string[], at: number): number {
  const before = words[at - 1] ?? '';
  if (/^(?:six|eight|ten|twelve|\d{1,2})$/i.test(before) && heldIn(words.slice(at).join(' ').toLowerCase())) return 1;
  if (/^(?:two|three|four|[2-4]|[2-6]x)$/i.test(before)) return 1;
  return /^x$/i.test(before) && /^\d$/.test(words[at - 2] ?? '') ? 2 : 0;
}

const PREPARED = /^(?:well-?|greased|buttered|oiled|floured|lined|paper-lined|prepared|non-?stick|and|&)$/i;
/** How many words before a pan without a size say how many of it: "two greased loaf pans". */
function howManyBefore(words: readonly string[], at: number): number {
  let from = at;
  while (PREPARED.test(words[from - 1] ?? '')) from--;
  const count = countWordsBefore(words, from);
  return count > 0 ? at - from + count : 0;
}

/** Where the dimensions begin that a word is the last of: "30 x 20 x 4 cm" is one pan, "2 x 20 cm" are two. */
function dimensionsBefore(words: readonly string[], at: number): number {
  let from = at;
  while (/^(?:x|by)$/i.test(words[from - 1] ?? '') && /^\d+(?:[.,]\d+)?(?:cm|in|"|mm)?$/i.test(words[from - 2] ?? '')) {
    const countsPans = /^[1-4]$/.test(words[from - 2] ?? '') && !/^x$/i.test(words[from + 1] ?? '') && from === at;
    if (countsPans && Number.parseFloat(words[from] ?? '') >= 6) break;
    from -= 2;
  }
  return from;
}

/** What the last words of a phrase name: a pan with its size from a word on, or one without. */
type PanEnding =
  { readonly kind: 'sized'; readonly from: number } | { readonly kind: 'assumed' | 'unsized'; readonly from: number };

/** The shortest ending that is a pan with a size: the words before it belong to the sentence. Failing that, one without. */
function panEnding(words: readonly string[]): PanEnding | undefined {
  let assumed: number | undefined;
  let unsized: number | undefined;
  for (let from = words.length - 1; from >= 0; from--) {
    const phrase = words
      .slice(from)
      .join(' ')
      .replace(/^[(,]+/, '');
    if (
      !/^(?:\d|(?:two|three|four|six|eight|ten|twelve)\b|loaf|muffin|spring|square|round|mini|jumbo|brownie|traybake|sandwich|layer|cake|rectang)/i.test(
        phrase,
      )
    )
      continue;
    // "18-20 minutes in silicone cases"
    if (/\b(?:min(?:ute)?s?|hours?|hrs?|across|cook|bake|fry|mix|pour|put)\b/i.test(phrase)) continue;
    // "butter, 1/4 cup, in the skillet": what goes into it, and no size
    if (/, in (?:the|an?|your)\b/i.test(phrase)) continue;
    // "20cm (8in) cake tin": it begins outside
    if (/^[^(]*\)/.test(phrase)) continue;
    // "fan 170C. Line a baking tray": a pan ends with its sentence
    if (/(?<!\b(?:in|cm|mm|sq))\. /i.test(phrase)) continue;
    const parsed = parsePan(phrase);
    if (parsed.kind === 'pan' && !parsed.assumed.includes('size')) {
      const whole = dimensionsBefore(words, from);
      const isDeep = /^deep(?:-sided)?,?$/i.test(words[whole - 1] ?? '');
      return { kind: 'sized', from: isDeep ? whole - 1 : whole - howManyBefore(words, whole) };
    }
    if (parsed.kind === 'pan') assumed ??= from;
    else if (parsed.kind === 'size-missing' || parsed.because === 'shape-not-built') unsized ??= from;
  }
  const withCount = (from: number) => from - howManyBefore(words, from);
  if (assumed !== undefined) return { kind: 'assumed', from: withCount(assumed) };
  return unsized === undefined ? undefined : { kind: 'unsized', from: withCount(unsized) };
}

const wordsOf = (match: RegExpExecArray) => (match[1] ?? '').split(/\s+/);
const phraseFrom = (words: readonly string[], from: number) =>
  words
    .slice(from)
    .join(' ')
    .replace(/^[(,]+/, '');

const FIGURE = String.raw`(?<![\d.,/])(?<!\d )(\d{1,4}(?:[.,]\d{1,3}|[ -]\d\/\d)?|\d\/\d)(?: ?|-)(cm|mm|inch(?:es)?|in(?![a-z])|")`;
/** "cut with a 6 cm cutter", "58 mm cutter", "stamp out 2 inch rounds": how wide. */
const CUTTERS: readonly RegExp[] = [
  new RegExp(
    String.raw`\b(?:cut|stamp) (?:(?:it|them|out|into|in|with|using|an?|about|scones|rounds|biscuits|circles|of|\d{1,3}) ){0,7}${FIGURE}(?![- ](?:thick|deep|high)\b)(?: (?:plain|round|fluted))?(?: ?(?:rounds?|circles?|cutter|discs?))?`,
    'i',
  ),
  new RegExp(
    String.raw`(?<![\d.])${FIGURE}[- ]?(?:(?:plain|round|fluted|scone|biscuit) )?(?:cutter\b|rounds\b(?! (?:tins?|pans?)))`,
    'i',
  ),
  new RegExp(String.raw`\bcutter:?,? (?:of |about )?${FIGURE}`, 'i'),
];
const CUT_COUNT = /\bcut (?:out )?(?:into )?(?:about )?(\d{1,3})(?![\d.,/]| \d\/|[ -]?(?:cm|mm|in\b|inch|"))/i;
/** "8 scones w/ 5 cm cutter". */
const SO_MANY = /(?<![\d./-] ?)\b(\d{1,2}) (?:scones|biscuits|rounds)\b(?! of\b)/i;
/** "2.5 cm thick", "pat to 3 cm": how high. */
const THICKS: readonly RegExp[] = [
  new RegExp(String.raw`${FIGURE}(?:[- ]thick|[- ]deep)`, 'i'),
  new RegExp(String.raw`${FIGURE} (?:high|in height)\b`, 'i'),
  new RegExp(String.raw`thickness of (?:about )?${FIGURE}`, 'i'),
  new RegExp(
    String.raw`\b(?:roll|pat|press)(?:ed)? (?:it |the dough |dough )?(?:out )?(?:to )?(?:about )?${FIGURE}(?![ -](?:x|square|round|circle|disc|rectangle|by))`,
    'i',
  ),
];
/** The first figure with its unit that one of the patterns finds. */
function figureOf(
  patterns: readonly RegExp[],
  text: string,
): { readonly value: string; readonly unit: string } | undefined {
  for (const pattern of patterns) {
    const [, value, unit] = pattern.exec(text) ?? [];
    if (value !== undefined)
      return { value: String(numberFrom(value) ?? value), unit: unit?.replace(/^inch(?:es)?$/i, 'in') ?? 'cm' };
  }
  return undefined;
}
const WEDGES =
  /\b(\d{1,2}|four|six|eight|ten|twelve) (?:equal )?(?:wedges|triangles|farls)\b|\b(?:in|into) (quarters|four|six|eight)\b/i;
const ROUND_OF = new RegExp(
  String.raw`${FIGURE}[- ](?:round|disc|circle)|(?:round|disc|circle)(?: of)?(?: about)? ${FIGURE}(?! ?thick)`,
  'i',
);
const FREE_LOAF =
  /\bround loa(?:f|ves)\b|\bfree-?standing\b|\bshap(?:e|ed|ing) (?:it |the dough )?(?:in)?(?:to )?(?:an? )?(?:round|ball|cob)\b|\bcut (?:in )?an? (?:deep )?cross\b/i;

/** What stands on a sheet without a pan: rounds by their cutter, wedges of a round, a free-standing loaf; as a person would write it. */
function freeShapeIn(text: string): string | undefined {
  const thick = figureOf(THICKS, text);
  const depth = thick ? ` x ${thick.value} ${thick.unit}` : '';
  const cutter = figureOf(CUTTERS, text);
  if (cutter) {
    const count = [CUT_COUNT, MAKES, SO_MANY]
      .map((pattern) => pattern.exec(text)?.[1])
      .find((said) => said !== undefined);
    const behind = count === undefined ? '' : ` x ${count}`;
    return `disc ${cutter.value} ${cutter.unit}${depth}${behind}`;
  }
  const wedges = WEDGES.exec(text);
  const round = ROUND_OF.exec(text);
  if (wedges && round) {
    const words: Readonly<Record<string, number>> = { four: 4, quarters: 4, six: 6, eight: 8, ten: 10, twelve: 12 };
    const howMany = (wedges[1] ?? wedges[2] ?? '8').toLowerCase();
    return `wedge ${round[1] ?? round[3] ?? ''} ${round[2] ?? round[4] ?? 'cm'} round x ${words[howMany] ?? howMany}`;
  }
  return FREE_LOAF.test(text) ? 'round loaf' : undefined;
}

/** The first pan that a text names with a size; failing that, one named without. */
export function panIn(text: string): { readonly pan: string; readonly sized: boolean } | undefined {
  let assumed: string | undefined;
  let unsized: string | undefined;
  for (const match of panPhrasesIn(text)) {
    const all = wordsOf(match);
    // "coffee cake (tube pan)": what stands before its bracket is no part of it
    const opens = all.findLastIndex((word) => word.startsWith('('));
    const isOpen = opens >= 0 && !all.slice(opens).some((word) => word.includes(')'));
    const words = isOpen ? [(all[opens] ?? '').slice(1), ...all.slice(opens + 1)].filter((word) => word !== '') : all;
    const ending = panEnding(words);
    const rest = text.slice(match.index + match[0].length);
    if (ending?.kind === 'sized') {
      // "cool 10 in pans"
      if (TEN_IN_PANS.test(match[0])) continue;
      const behind = DEPTH_BEHIND.exec(rest)?.[0] ?? '';
      return { pan: phraseFrom(words, ending.from) + behind, sized: true };
    }
    const [, oneSize = '', shape = ''] = ONE_SIZE_BEHIND.exec(rest) ?? [];
    const size = SIZE_BEHIND.exec(rest)?.[1]?.trim() ?? (oneSize === '' ? undefined : `${oneSize} ${shape}`.trim());
    // "8 trays 12x10": so many, and no pan of that size
    const counted = /^\d{1,2}$/.test(words.at(-2) ?? '') ? ` x ${words.at(-2) ?? ''}` : '';
    const withSize =
      size === undefined
        ? ''
        : ending
          ? sizeInto(phraseFrom(words, ending.from), size)
          : `${size} ${words.at(-1) ?? ''}${counted}`;
    if (!ending && shape === '' && (size?.match(/\d+/g)?.length ?? 0) < 2) continue;
    if (withSize !== '' && parsePan(withSize).kind === 'pan') return { pan: withSize, sized: true };
    if (!ending) continue;
    if (ending.kind === 'assumed') assumed ??= phraseFrom(words, ending.from);
    else unsized ??= phraseFrom(words, ending.from);
  }
  const unsaid = unsaidPanIn(text, { assumed: assumed !== undefined, unsized: unsized !== undefined });
  if (unsaid !== undefined) return { pan: unsaid, sized: true };
  const free = freeShapeIn(text);
  if (free !== undefined && (assumed === undefined || /tray|sheet|loaf on/i.test(assumed)))
    return { pan: free, sized: true };
  const unlisted = /\b(bundt|fluted|tube|angel|ring) (?:pan|tin|mould)/i.exec(text);
  const alone = assumed ?? unsized ?? unlisted?.[0];
  return alone === undefined ? undefined : { pan: alone, sized: parsePan(alone).kind === 'pan' };
}

/** A pan where a step names it, in the step as written; with the article before it. */
export interface PanMention {
  readonly from: number;
  readonly to: number;
  readonly pan: string;
  readonly sized: boolean;
}

/** Every pan that a step names by a size or a kind of its own; "the pan" is none. */
export function panMentionsIn(step: string): readonly PanMention[] {
  const { text, origin } = normaliseKeepingPlaces(step);
  const mention = (at: number, end: number, pan: string, sized: boolean): PanMention => {
    const article = /\b(?:an?|the|your) $/i.exec(text.slice(Math.max(0, at - 6), at))?.[0].length ?? 0;
    return { from: origin[at - article] ?? 0, to: (origin[end - 1] ?? 0) + 1, pan, sized };
  };
  const panMentions: PanMention[] = [];
  for (const match of panPhrasesIn(text)) {
    const words = wordsOf(match);
    const ending = panEnding(words);
    if (!ending) continue;
    const phrase = phraseFrom(words, ending.from);
    const end = match.index + match[0].length;
    const behind = ending.kind === 'sized' ? (DEPTH_BEHIND.exec(text.slice(end))?.[0] ?? '') : '';
    panMentions.push(mention(end - phrase.length, end + behind.length, phrase + behind, ending.kind === 'sized'));
  }
  const taken = (at: number) => panMentions.some(({ from, to }) => (origin[at] ?? 0) >= from && (origin[at] ?? 0) < to);
  for (const pattern of [BARE_DIMENSIONS, CUPS]) {
    const match = pattern.exec(text);
    if (!match?.[1] || parsePan(match[1]).kind !== 'pan') continue;
    const at = match.index + match[0].indexOf(match[1]);
    if (!taken(at)) panMentions.push(mention(at, at + match[1].length, match[1].trim(), true));
  }
  return panMentions.sort((a, b) => a.from - b.from);
}
