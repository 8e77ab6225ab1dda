import { durationsIn, type WrittenDuration } from './durations.js';
import { anyWay } from './figure-ways.js';
import { withoutGasMarks } from './temperatures.js';

/** "then 45 at 150", "bake another 25": minutes that need no unit. */
const MINUTES_WITHOUT_UNIT: readonly RegExp[] = [
  // "45 at 150"
  /(?<![\d.,/])(\d{1,3})(?:\s*(?:-|to\b)\s*(\d{1,3}))?(?:\s+more)?(?=\s+at\s+\d{3}\b)/,
  // "give it another 10 more"
  /(?<=\b(?:give (?:it|them)|give (?:it|them) about|give (?:it|them) another)\s)(\d{1,3})(?:\s*(?:-|to\b)\s*(\d{1,3}))?(?=\s*(?:more|longer|[.,;]|$))/,
  // "bake another 25", "180 for 40"
  /(?<=\b(?:another|further|\d{3} for|\d{3} for about)\s)(\d{1,3})(?:\s*(?:-|to\b)\s*(\d{1,3}))?(?=\s*(?:[.,;\n]|$|more\b|then\b|in (?:an?|the|my|your)\b))/,
  // "turning down to 180 after 15"
  /(?<=\b(?:down|lower(?:ing)?|reduc(?:e|ing)|drop(?:ping)?)\b[^.\n]{0,20}\d{3}[^.\n]{0,12} after (?:the first )?)(\d{1,2})(?=\s*(?:[.,;\n]|$))/,
  // "gas 4 for 40"
  /(?<=\bgas (?:mark )?\d,?\s(?:for |about )?)(\d{1,2})(?:\s*(?:-|to\b)\s*(\d{1,2}))?(?=\s*(?:[.;\n]|$))/,
  // "180C fan for 30-35"
  /(?<=(?<![\d.])\d{3}\s?(?:°|degrees|deg)?\s?[cf]?(?:\s?\(?fan\)?)?[.,]?\s(?:for |about )?)(\d{1,2})(?:\s*(?:-|to\b)\s*(\d{1,2}))?(?=\s*(?:\.(?!\d)|[;\n]|$|, ?(?:the )?last\b|\/ ?\d{1,2}(?:[.;\n]|$)|then\b|more\b|longer\b|or until\b|-?ish\b|or so\b|(?:un)?till?\b|makes\b|in (?:an?|the|my|your)\b))/,
  // "180 x 25", "180/25"
  /(?<=(?:^|[.,;\n]\s?|\bthen )\d{3} ?[cf]?(?: ?x ?|\/))(\d{1,2})(?: ?- ?(\d{1,2}))?(?=[.,;\n]|$| then\b)/,
  // "180, loaf tin, 40-45"
  /(?<=(?:^|\n)\d{3},[^\n]{0,40}, ?)(\d{1,2})\s*-\s*(\d{1,2})(?=\s*(?:[.\n]|$))/,
  // "180 / 4 / 45"
  /(?<=(?:^|\n)\d{3} ?\/ ?\d ?\/ ?)(\d{1,2})(?: ?- ?(\d{1,2}))?(?=\.(?!\d)|\n|$)/,
  // "180 fan / 45"
  /(?<=(?:^|\n)\d{3}(?: ?fan)? ?\/ ?)(\d{1,2})(?: ?- ?(\d{1,2}))?(?=(?:-?ish)? \/|\.(?!\d)|\n|$)/,
  // "180, 45" at the end of a line
  /(?<=(?:^|[.,;\n]\s?)\d{3}, )(\d{1,2})(?:\s*(?:-|to)\s*(\d{1,2}))?(?=\s*(?:\.(?!\d)|\n|$))/,
  // "180, 40-45 (until brown)"
  /(?<=(?:^|[.,;\n]\s?)\d{3}[.,] )(\d{1,2})\s*-\s*(\d{1,2})(?= ?\()/,
  // "180, 20ish"
  /(?<=\d{3},? )(\d{1,2})(?=-?ish\b(?! ?(?:g|m|c|t|o)))/,
  // "20 covered, then 15 uncovered"
  /(?<![\d.,/])(\d{1,2})(?:\s*(?:-|to\b)\s*(\d{1,2}))?(?=\s+(?:un)?covered\b)/,
  // "bake for 40-45"
  /(?<=\bbake (?:for )?(?:about )?)(\d{1,2})\s*(?:-|to\b)\s*(\d{1,2})(?=\s*(?:[.;\n]|$|(?:or )?until\b|till\b))/,
  // "Bake: 60-65 @ 350"
  /(?<=\bbake:? )(\d{1,2})\s*-\s*(\d{1,2})(?=\s*@ ?\d{3})/,
  // "lid on 30, lid off another 15"
  /(?<=\blid (?:on|off),? (?:for )?(?:another )?)(\d{1,2})(?:\s*(?:-|to\b)\s*(\d{1,2}))?(?=\s*(?:[.,;\n]|$|more\b))/,
];
const BARE_MINUTES = anyWay(MINUTES_WITHOUT_UNIT);
/** The one figure or the two that one of the ways of a pattern found. */
const figuresOf = (match: RegExpExecArray): readonly number[] => match.slice(1).filter(Boolean).map(Number);

/** Every time of a text, with its unit or without where a heat or what is said around it tells that it is minutes; in the order written. */
export function minutesIn(text: string): readonly WrittenDuration[] {
  const bare = [...text.matchAll(BARE_MINUTES)].map((match): WrittenDuration => ({
    low: figuresOf(match)[0] ?? NaN,
    high: figuresOf(match).at(-1) ?? NaN,
    from: match.index,
    to: match.index + match[0].length,
  }));
  const writtenDurations = durationsIn(withoutGasMarks(text));
  // both stand in the order of the text: one walk tells which figures a duration has already taken
  let next = 0;
  return [
    ...writtenDurations,
    ...bare.filter(({ from }) => {
      while ((writtenDurations[next]?.to ?? Infinity) <= from) next++;
      return !((writtenDurations[next]?.from ?? Infinity) <= from);
    }),
  ].sort((a, b) => a.from - b.from);
}
