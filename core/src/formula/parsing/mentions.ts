import { LONGEST_LINE } from '../../ground/text/index.js';
import { minutesIn } from './minutes-said.js';
import { normaliseKeepingPlaces } from './normalise.js';
import { temperaturesIn, type TemperatureScale } from './temperatures.js';

/** What a time in a step is for; a timer can be started from it. */
export const TIME_PURPOSES = ['bake', 'cool', 'rest', 'soak', 'chill', 'mix', 'heat', 'check', 'keep', 'wait'] as const;
export type TimePurpose = (typeof TIME_PURPOSES)[number];

interface Place {
  /** Where it stands in the step as written. */
  readonly from: number;
  readonly to: number;
}

/** A figure or a sign in the prose of a step that something can be done with. */
export type Mention =
  | (Place & { readonly kind: 'time'; readonly low: number; readonly high: number; readonly purpose: TimePurpose })
  | (Place & {
      readonly kind: 'temperature';
      readonly celsius: number;
      readonly figure: number;
      readonly scale: TemperatureScale;
      readonly fan: boolean;
      readonly of: 'oven' | 'core';
    })
  /** Foil, a lid or paper over the bake. */
  | (Place & { readonly kind: 'cover'; readonly with: 'foil' | 'lid' | 'paper' })
  /** What to look for: "until a skewer comes out clean". */
  | (Place & { readonly kind: 'cue'; readonly words: string });

/** The verb that a time belongs to, nearest before it first. */
const VERBS: readonly (readonly [TimePurpose, RegExp])[] = [
  ['check', /\b(?:check(?:ing)?|look(?:ing)?|test(?:ing)?|first look)\b/gi],
  ['keep', /\b(?:keeps?|kept|stores?|stored|freezes?|lasts?)\b/gi],
  [
    'bake',
    /\b(?:bakes?|baking(?! (?:sheets?|trays?|paper|parchment|powder|soda|tins?|dish|pans?|mats?|stones?|beans|cases))|baked|cook(?:ed)?|oven|roast|griddle|steam(?:ed|ing|er)?(?! (?:the|your|\d+ ?g|all|chopped|diced|cubed|peeled) (?!puddings?\b|basins?\b|bowls?\b|tins?\b|cans?\b|cakes?\b|bread\b|loa)))\b/gi,
  ],
  ['cool', /\b(?:cool(?:ing|s)?|turn(?:ing)? (?:it |them )?out|in the (?:tin|pan))\b/gi],
  ['chill', /\b(?:chill|refrigerate|fridge|freeze|freezer)\b/gi],
  ['soak', /\b(?:soak|steep|infuse|macerate|plump)\b/gi],
  ['rest', /\b(?:rest|stand|leave|sit|hydrate|let|prove)\b/gi],
  ['mix', /\b(?:whisk|beat|mix|cream|stir|knead|blend|fold|rub|sift|whip)\b/gi],
  ['heat', /\b(?:simmer|boil|melt|toast|fry|warm|heat (?:the|it|until|gently)|brown(?= (?:the|it|butter)\b))\b/gi],
];
const COVER = /\b(?:cover(?:ed)?|tent(?:ed)?|lid|foil)\b[^.;]*?\b(foil|lid|parchment|paper)\b|\b(tent)\b/gi;
const CUE = /\b(?:until|till|when)\s+((?:[^.;()]|\.(?=\d))+)/gi;
/** "40 minutes at 180 C": the heat so near behind. */
const NEAR_LETTERS = 24;
/** A cue ends where the next thing to do begins. */
const CUE_ENDS = /,\s*(?:then|about|stir|fold|add|pour|beat|mix|whisk|turn|take|put|leave|\d)|\s+(?:and then|then)\b/i;

function purposeOf(before: string): TimePurpose {
  let nearest: { readonly purpose: TimePurpose; readonly at: number } | undefined;
  for (const [purpose, verb] of VERBS) {
    const at = [...before.matchAll(verb)].at(-1)?.index;
    if (at !== undefined && at > (nearest?.at ?? -1)) nearest = { purpose, at };
  }
  return nearest?.purpose ?? 'wait';
}

/** Times, temperatures, covers and cues of one step, in the order written. Numbers stay linked to the step that says them. */
export function mentionsIn(step: string): readonly Mention[] {
  const { text, origin } = normaliseKeepingPlaces(step);
  const place = (from: number, to: number): Place => ({ from: origin[from] ?? 0, to: (origin[to - 1] ?? 0) + 1 });
  const mentions: Mention[] = [];
  const temperatures = temperaturesIn(text);
  const heated = temperatures.find(({ of }) => of === 'oven');
  for (const { low, high, from, to } of minutesIn(text)) {
    const sentence = text.slice(Math.max(0, from - LONGEST_LINE), from).replace(/^.*[.!?;]\s/s, '');
    const after =
      /^[^.;,]*?\b(?:in the (?:tin|pan))\b/i.test(text.slice(to, to + LONGEST_LINE)) && !/\bbak/i.test(sentence);
    const purposeSaid = purposeOf(sentence);
    // a time with nothing said beside an oven's set point is the bake's
    const bakes =
      purposeSaid === 'wait' &&
      heated !== undefined &&
      heated.from < to + NEAR_LETTERS &&
      low >= 4 &&
      !/\bafter\s*$/.test(sentence);
    const purpose = purposeSaid === 'wait' && after ? 'cool' : bakes ? 'bake' : purposeSaid;
    mentions.push({ kind: 'time', low, high, purpose, ...place(from, to) });
  }
  for (const { from, to, ...temperature } of temperatures)
    mentions.push({ kind: 'temperature', ...temperature, ...place(from, to) });
  for (const match of text.matchAll(COVER)) {
    const word = (match[1] ?? 'foil').toLowerCase();
    mentions.push({
      kind: 'cover',
      with: word === 'lid' ? 'lid' : word === 'foil' ? 'foil' : 'paper',
      ...place(match.index, match.index + match[0].length),
    });
  }
  for (const match of text.matchAll(CUE)) {
    const words = (match[1] ?? '').slice(0, CUE_ENDS.exec(match[1] ?? '')?.index).trim();
    if (words.length < 3 || /^\d/.test(words)) continue;
    const from = match.index;
    mentions.push({ kind: 'cue', words, ...place(from, from + match[0].indexOf(words) + words.length) });
  }
  return mentions.sort((a, b) => a.from - b.from);
}

/** The time that a text bakes for, where it says one. */
export const bakeTimeIn = (text: string): Extract<Mention, { readonly kind: 'time' }> | undefined =>
  mentionsIn(text).flatMap((mention) => (mention.kind === 'time' && mention.purpose === 'bake' ? [mention] : []))[0];
