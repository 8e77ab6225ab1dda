import { beginsStep, CALLED, isPartName, yieldBehind } from '../parsing/index.js';

/*
 * What a told text is called: what is said before its first amount. "Banana bread, serves 8. You will need …", "Hi, here's gran's
 * gingerbread: 8 oz flour …".
 */

/** What is said before a name: it is no part of it. */
const BEFORE_IT =
  /^(?:.*[,;!] ?)?(?:(?:here(?:'s| is| are)(?: (?:what|how) (?:i|we|she|he|they) (?:do|does|make|makes|did|made)(?: (?:at|in) the [a-z ]{3,16})?)?|this is|these are|it's|that's|so|ok(?:ay)?|right|as (?:promised|requested|asked)|how [a-z]+ (?:made|makes?|does|do|bakes?)(?: her| his| my| our)?|making|made|baked|doubled|halved|tripled|tried|try|from|for|take|(?:can|could) you (?:do|make|bake|send|give)(?: (?:me|us))?|(?:you|she|he|they) (?:asked|wanted|begged)(?: me)? (?:for|about))\s+)*(?:(?:the|my|our|your|a|an|some|that|those|these)\s+)?/i;
/** What is said behind it: "the gingerbread one you asked for", "the cornbread I do". */
const BEHIND_IT =
  /(?: (?:recipe|one))?(?: (?:that |which )?(?:you|i|we)\b.{0,40}| (?:attempt|take|try|version|mark|batch|v) ?\d{1,2}| as (?:promised|requested|asked)| from memory| off the top of (?:my|her|his) head| like (?:my|the|our|her|his|your)\b.{0,40}| (?:using|with|w\/|made with) ?[a-z ]{3,30}| from (?:the|a|my|her|his|our)\b.{0,40}| (?:again |once more )?(?:today|yesterday|this morning|last night)\b.{0,40}| for (?:you|us|me|one|two|three|four|six|\d{1,2})| for (?:(?:mon|tues|wednes|thurs|fri|satur|sun)day|tomorrow|tonight|brunch|breakfast|lunch|tea|the [a-z ]{3,20}))?$/i;
const SERVES = /^(?:serves|makes|for)\s+(?:about\s+)?(?:\d{1,3}|two|three|four|six|eight|ten|twelve)\b/i;
/** `she just called it "the Sunday cake"`. */
const CALLED_IT = /\b(?:called|calls|call) (?:it|this|them|these) ["“'](?:the )?([a-z][a-z' -]{3,40})["”']/i;
/** "Here's a simple and delicious …": praise before a name. */
const PRAISE =
  /^(?:(?:really |very |super |truly )?(?:simple|easy|quick|delicious|tasty|classic|reliable|foolproof|lovely|great|perfect|nice|basic|wonderful|straightforward|tried[- ]and[- ]tested)(?:,? and |, | ))+(?=[a-z])/i;
/** `a **Blueberry Muffin** recipe`. */
const SET_BOLD = /\*\*([^*\n]{4,60})\*\*/;
const MOST_WORDS = 7;
const LONGEST_OPENING = 200;
const MOST_SENTENCES = 4;

export interface Opening {
  readonly title: string;
  readonly yield?: string;
  /** The words that say no more than this. */
  readonly said: string;
}

/** @param before the text before the first thing that is taken */
export function openingOf(before: string): Opening | undefined {
  const named = CALLED_IT.exec(before.slice(0, LONGEST_OPENING))?.[1];
  if (named !== undefined) return { title: named.slice(0, 1).toUpperCase() + named.slice(1), said: before.trim() };
  const all = before
    .slice(0, LONGEST_OPENING)
    .trim()
    .split(/(?<=[.!?:])\s|\n|(?<=:)/);
  return all.slice(0, MOST_SENTENCES).flatMap((said, i) => calledIn(said, i === 0) ?? [])[0];
}
/** "Lemon drizzle (tray): 225 g butter …": what the whole begins with, where it names no part and no act. */
function beforeItsColon(said: string): string | undefined {
  const name = said.replace(/:$/, '').trim();
  const isName = said.endsWith(':') && /^[a-z]/i.test(name) && name.split(/\s+/).length <= MOST_WORDS_BEFORE_COLON;
  return isName && !isPartName(name) && !beginsStep(name) && !NO_NAME.test(name) ? name : undefined;
}
/** "So these are my quince squares": what is cut is called so only where it is shown. */
const SHOWN = /\b(?:these are|this is|here(?:'s| is| are)) (?:my|our|the|some)\b/i;
const PIECES = /[a-z]{3} (?:squares|bars|slices?)$/i;
const MOST_WORDS_BEFORE_COLON = 5;
const NO_NAME =
  /\b(?:i|you|we|need|ingredients?|recipe|card|file|from|method|notes?|went|version|is|are|it|dry|wet|memo)\b/i;

function calledIn(said: string, isFirst: boolean): Opening | undefined {
  const whole = said
    .replace(/(?:[.!?:]|\s[-–—])$/, '')
    .replace(/\s(?:it'?s|you(?:'ll)? need|[iw]e? (?:use|take|need))\s*$/i, '');
  const apart = whole.split(/,\s?|\s?[(–—]|\s-\s/);
  const serves = apart.flatMap((part) => SERVES.exec(part.trim())?.[0] ?? [])[0];
  const names = apart
    .filter((part) => !SERVES.test(part.trim()))
    .map((part) => part.replace(BEFORE_IT, '').replace(PRAISE, '').replace(BEHIND_IT, '').trim());
  const bold = SET_BOLD.exec(said)?.[1];
  if (bold !== undefined) names.push(bold);
  const isShown = SHOWN.test(said);
  const called = names.findLast(
    (each) => (CALLED.test(each) || (isShown && PIECES.test(each))) && each.split(/\s+/).length <= MOST_WORDS,
  );
  const name = called ?? (isFirst ? beforeItsColon(said) : undefined);
  if (name === undefined) return undefined;
  return {
    title: name.slice(0, 1).toUpperCase() + name.slice(1),
    said,
    ...(serves !== undefined && { yield: serves }),
  };
}

/** A title line, and the yield that stands behind it. */
export function titleOf(line: string): Omit<Opening, 'said'> {
  const bare = line.replace(/^#+\s*/, '').replace(/[:.]$/, '');
  // "Hi! Making gran's biscuits for Thursday:", "could you send me the pear cake one"
  const opening = /[.!?] |^(?:(?:can|could) you|how (?:i|we) (?:make|do|bake)) /i.test(bare)
    ? openingOf(bare)
    : undefined;
  if (opening) return { title: opening.title, ...(opening.yield !== undefined && { yield: opening.yield }) };
  const parted = yieldBehind(bare);
  return parted ? { title: parted.title, yield: parted.said } : { title: bare };
}
