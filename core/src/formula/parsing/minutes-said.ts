import { durationsIn, type WrittenDuration } from './durations.js';
import { withoutGasMarks } from './temperatures.js';

/** "then 45 at 150", "bake another 25": minutes that need no unit. */
const BARE_MINUTES =
  /(?<![\d.,/])(\d{1,3})(?:\s*(?:-|to\b)\s*(\d{1,3}))?(?:\s+more)?(?=\s+at\s+\d{3}\b)|(?<=\b(?:give (?:it|them)|give (?:it|them) about|give (?:it|them) another)\s)(\d{1,3})(?:\s*(?:-|to\b)\s*(\d{1,3}))?(?=\s*(?:more|longer|[.,;]|$))|(?<=\b(?:another|further|\d{3} for|\d{3} for about)\s)(\d{1,3})(?:\s*(?:-|to\b)\s*(\d{1,3}))?(?=\s*(?:[.,;\n]|$|more\b|then\b|in (?:an?|the|my|your)\b))|(?<=\bgas (?:mark )?\d,?\s(?:for |about )?)(\d{1,2})(?:\s*(?:-|to\b)\s*(\d{1,2}))?(?=\s*(?:[.;\n]|$))|(?<=(?<![\d.])\d{3}\s?(?:°|degrees|deg)?\s?[cf]?(?:\s?\(?fan\)?)?[.,]?\s(?:for |about )?)(\d{1,2})(?:\s*(?:-|to\b)\s*(\d{1,2}))?(?=\s*(?:\.(?!\d)|[;\n]|$|\/ ?\d{1,2}(?:[.;\n]|$)|then\b|more\b|longer\b|or until\b|-?ish\b|or so\b|(?:un)?till?\b|makes\b|in (?:an?|the|my|your)\b))|(?<=(?:^|[.,;\n]\s?|\bthen )\d{3} ?[cf]?(?: ?x ?|\/))(\d{1,2})(?: ?- ?(\d{1,2}))?(?=[.,;\n]|$| then\b)|(?<=(?:^|\n)\d{3},[^\n]{0,40}, ?)(\d{1,2})\s*-\s*(\d{1,2})(?=\s*(?:[.\n]|$))|(?<=(?:^|\n)\d{3} ?\/ ?\d ?\/ ?)(\d{1,2})(?: ?- ?(\d{1,2}))?(?=\.(?!\d)|\n|$)|(?<=(?:^|\n)\d{3}(?: ?fan)? ?\/ ?)(\d{1,2})(?: ?- ?(\d{1,2}))?(?=(?:-?ish)? \/|\.(?!\d)|\n|$)|(?<=(?:^|[.,;\n]\s?)\d{3}, )(\d{1,2})(?:\s*(?:-|to)\s*(\d{1,2}))?(?=\s*(?:\.(?!\d)|\n|$))|(?<=(?:^|[.,;\n]\s?)\d{3}[.,] )(\d{1,2})\s*-\s*(\d{1,2})(?= ?\()|(?<=\d{3},? )(\d{1,2})(?=-?ish\b(?! ?(?:g|m|c|t|o)))|(?<![\d.,/])(\d{1,2})(?:\s*(?:-|to\b)\s*(\d{1,2}))?(?=\s+(?:un)?covered\b)|(?<=\bbake (?:for )?(?:about )?)(\d{1,2})\s*(?:-|to\b)\s*(\d{1,2})(?=\s*(?:[.;\n]|$|(?:or )?until\b|till\b))|(?<=\blid (?:on|off),? (?:for )?(?:another )?)(\d{1,2})(?:\s*(?:-|to\b)\s*(\d{1,2}))?(?=\s*(?:[.,;\n]|$|more\b))/gi;
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
