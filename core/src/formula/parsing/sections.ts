import type { ReadingContext } from './context.js';
import { readFact } from './facts.js';
import { readBake } from './bake-phrases.js';
import { panIn } from './pan-phrases.js';
import { normalise, oneSpelling } from './normalise.js';
import { beginsWithAmount, readLine, type ReadEntry } from './read-line.js';
import { headedList } from './lists-apart.js';
import { isSizedLump } from './rewordings.js';
import { CALLED } from './yields.js';
import { BULLET, PART_HEADING, withoutLeadIn } from './segments.js';
import { inPieces, LONGEST_LINE, LONGEST_PARAGRAPH } from '../../ground/text/index.js';

/* What each physical line of a text is: a line of ingredients, a step, a heading, a title … */

export const INGREDIENTS_MARK =
  /^(?:the )?(?:ingredients?|you(?:'ll| will)? need|what you need|shopping)(?: \(.*\))? ?:?$/i;
const METHOD_MARK =
  /^(?:the )?(?:method|directions?|instructions?|steps?|preparation|procedure|to make(?: it)?|what to do) ?:?$|^(?:the )?how to.*$/i;
/** "Frosting ingredients", "Ingredients for the glaze". */
const LIST_OF_A_PART =
  /^(?!(?:the )?(?:all|main|dry|wet|other|remaining) )[a-z][a-z &]{2,28} ingredients ?:?$|^ingredients for (?:the )?[a-z][a-z &]{2,28} ?:?$/i;
const NOTES_MARK =
  /^(?:(?:(?:recipe|cook'?s|baker'?s|top) )?(?:notes?|tips?)|storage|to store|keeping|serving suggestions?|variations?) ?:?$|^nutrition.*$/i;
/** "(20 Stück)", "(2 lb tin)": said beside a title. */
const IN_BRACKETS = /\([^()]{1,40}\)/;
const YIELD = /^\(?(?:makes|serves|feeds|yields?|servings?|portions?|quantity)\b|^for \d{1,3} ?:$/i;
/** "Prep time: 15 minutes": of use, but neither ingredient nor step. */
const TIMES_MARK =
  /^(?:prep(?:aration)?|cook(?:ing)?|bake|baking|total|active|resting|chill(?:ing)?|hands-on|ready in)(?: time)?(?:\s*:\s*|\s+(?=\d[\d a-z–-]{1,14}$)|(?<= time)\s+)(?:about )?\d/i;
/** "Bake 20-25 mins" among steps is one; above a list it tells how long that takes. */
const BAKES_SO_LONG = /^(?:bake|cook) (?:for )?(?:about )?\d/i;
const DETAIL =
  /^(?:(?:(?:recipe|cook'?s|baker'?s|my) )?(?:notes?|tips?|nb)|recipe (?:by|from)|difficulty|level|skill level|course|cuisine|category|keywords?|author|source|cost|rating|calories|equipment|tins?|pans?|calibration|storage|to store|keeps|freezing|make ahead)\s*:|^\d{1,3} ?min(?:ute)?s? to (?:prepare|prep|make)\b|^(?:per|each) (?:[a-z]{3,12}|\d{1,3} ?g)[^.]{0,12}\d{2,4} ?(?:k?cal|kj)|^(?:next|last) time\b|^n\.?b\.?(?= )|^[★☆⭐✩*]{3,}|^\d\.\d (?:stars?|from \d)/i;
const COMPONENT_NAME =
  /^for (?:the|a|your) [^:]+(?: ?:)?(?: \([^()]*\))?$|^for (?:batter|dough|cake|bread|loaf|muffins?|scones?|sponge|glaze|icing|frosting|topping|filling|streusel|crumble|drizzle|syrup) ?:?$|^(?:to (?:decorate|finish|serve|glaze|top|soak|brush|feed|dust)|(?:the )?(?:batter|dough|cake|bread|sponge|loaf|muffins?|scones?|(?:dry|wet|liquid|liquids|fats?)(?: ingredients| mix| stuff| things| bits)?|topping|frosting|icing|glaze|filling|crumbl(?:e|y)?(?: topping| mix(?:ture)?)?|crumbs?(?: topping| top)?|streusel|syrup|soak|drizzle|buttercream|ganache|base|swirl|crust|sauce|spice mix|(?:add|mix|stir|fold)[- ]?ins|fruit|coating|compote|whipped cream|garnish))(?: \((?:optional|if you like|if liked)\))? ?:?$/i;
/** "Maple cream cheese frosting", "Lemon glaze": a short line that ends in the name of a part, though it names food. */
export const PART_AT_THE_END =
  /\b(?:frosting|icing|glaze|topping|filling|crumble|streusel|syrup|drizzle|buttercream|ganache|sauce|swirl|crust)(?: \((?:optional|if you like|if liked)\))? ?:?$/i;
/** How it keeps, and good wishes. */
const CHATTER =
  /^(?:keeps\b|freezes\b|stores\b|lasts\b|enjoy\b|best (?:eaten|served|the)|good with\b|lovely with\b|happy baking)/i;
const VERB =
  /^(?:\d+ ?[.)] ?)?(?:step \d+ ?:? ?)?(?:pre-?heat|heat|mix|stir|bake|fold|whisk|beat|cream(?! cheese[,:]? ?\d)(?! ?[-–:]? ?(?:[\d½¼¾⅓⅔]|$))|combine|add|pour|grease|line|sift|sieve|cook|cool|leave|let|place|put|turn|remove|serve|spread|rub|knead|roll|melt|scrape|divide|spoon|meanwhile|using|set|test|make (?!s)|in an?|once|when|then|drop|tip|toss|top|drizzle|dust|sprinkle|brush|cover|chill|rest|transfer|store|keep|wash|warm|blend|process|stop|oven|butter (?:and|the|an?)\b|oil the|flour the|peel|grate the|cut|shape|pat|press|arrange|check|insert|dissolve|bring|simmer|toast|first|next|finally|now|eat|enjoy|rotate|lower|reduce|increase|slice|wrap|dip|invert|unmould|level|reserve|soak|frost|feed|lay|push|poke|prick|scatter|strew|smear|gather|flatten|slash|trim|halve (?:the|each)|tear|form (?:a|the|into)|rinse|whizz|griddle (?:the|for|on)|fry|separate the|dot (?:the|with)|glaze|whip|make (?:the|a|up)\b|prepare|decorate|pipe|strain|steep|work|layer|fill|crumble|ice the|finish|spoon|scoop|sandwich|swirl|score|portion|return|flip|gently|carefully|quickly|immediately|allow|dollop|ladle|repeat|slide|lightly (?:grease|butter|oil|flour|dust|beat|whisk)|generously (?:grease|butter)|boil|blitz|pulse|pop|begin|start|weigh|measure|crack|assemble|bung|chuck|scald|drain|strain|thaw|roast|tap|knock|check|mash|chop|dump|throw|loosen|slacken|gradually|slowly|bind|mound|continue|get the|heap (?:the|into|onto|on)|smooth (?:the|over|it|out|down)|run an?|ease|lift|into (?:an?|the)|to (?:the|this|make|serve|finish|assemble)|after \w+ing|while the|as soon as|if (?:the|you|it|using)|with (?:an?|the|your|wet|floured|damp)|on an?|by hand|little by little|one by one|thoroughly)\b/i;
const STEP_NUMBER = /^\s*(?:(?:step\s*)?\d+\s*[.):]|step\s+\d+)\s+(?=[a-z])/i;
const NUMBERED_BAKE = /^\d{1,2} ?[.)] \d[^,;]{0,30}?(?:\d ?[cf]|°|min(?:ute)?s?|hours?|hrs?)\b/i;
/** "Dollop the two mixtures into the tin": what measures elsewhere is done here. */
const DOES_WITH_A_MEASURE = /^(?:dollop|drop|splash|dash|spoon|scoop) (?:the|over|on|in|into|it|them|together|half)\b/i;
/** "Beat 200 g butter with the caster sugar.": of what the list has said before. */
const TELLS_OF_THE_LIST =
  /^(?:beat|cream|whisk|mix|sift|combine|rub|melt|stir) [^.;]{0,60}\d[^.;]{0,40}\b(?:with|and|into|to|over|in) the [^.;]{2,60}\.$/i;
/** "425°F. Whisk dry. …" */
const HEAT_FIRST =
  /^(?:oven:? (?:to )?)?\d{3} ?(?:°|º|degrees?|deg)? ?[CF]\b(?: ?[/(] ?(?:gas(?: mark)? ?\d|\d{3} ?°? ?[CF]?(?: fan)?|fan \d{3})\)?){0,3} ?[.,;:] /;
/** A step without its number or bullet; in a marked method any number is one. */
export const withoutStepNumber = (text: string, inMethod: boolean): string =>
  text
    .replace(inMethod || NUMBERED_BAKE.test(text) ? /^\s*(?:step\s*)?\d+\s*[.):]\s+/i : STEP_NUMBER, '')
    .replace(/^\s*[-*•]\s+/, '');
/** Prose is longer than a line of ingredients: so many words for each measured thing. */
const PROSE_WORDS = 26;
const HEADING_WORDS = 7;
const MARKDOWN_HEADING = /^#{1,6}\s+/;
const QUOTE = /^\s*>\s*/;

export type Section = 'head' | 'ingredients' | 'method' | 'notes';
export type LineKind =
  | 'blank' | 'ingredients-mark' | 'method-mark' | 'notes-mark' | 'heading' | 'yield' | 'fact' | 'line' | 'step' | 'note' | 'words'; // prettier-ignore

/** A line as it came, with what its markup says of it. */
export interface WrittenLine {
  /** What is kept: as written, or without the marks of a markup that was read. */
  readonly written: string;
  /** Set as a heading: `## For the icing`. */
  readonly headed: boolean;
  /** Item of a list. */
  readonly listed: boolean;
  /** Quoted: `> for the tea tent`. */
  readonly quoted: boolean;
}

/** A written line with what it is. */
export interface ReadText extends WrittenLine {
  /** In one spelling, without heading marks, in English. */
  readonly bare: string;
  /** The same in the language it was written in: what a title is called. */
  readonly said: string;
  readonly kind: LineKind;
  readonly entries: readonly ReadEntry[];
}

const wordCount = (text: string) => text.split(/\s+/).length;

/** A line of plain text: its own marks are all there is to go by. */
export function plainLine(physical: string): WrittenLine {
  const written = physical.trim();
  return {
    written,
    headed: MARKDOWN_HEADING.test(written),
    listed: BULLET.test(written),
    quoted: QUOTE.test(written),
  };
}

/** What is known of a text before its lines are read. */
export interface TextShape {
  /** Both the ingredients and the method are marked: what stands between is lines. */
  readonly bothMarked: boolean;
}

export function shapeOf(lines: readonly WrittenLine[]): TextShape {
  const bare = lines.map(({ written }) => normalise(written).replace(MARKDOWN_HEADING, ''));
  const ingredients = bare.findIndex((line) => INGREDIENTS_MARK.test(line));
  return { bothMarked: ingredients >= 0 && bare.findLastIndex((line) => METHOD_MARK.test(line)) > ingredients };
}

/** Whether a name is one of a part: "Topping", "Rührteig"; of anything else it may be what the formula is called. */
export const isPartName = (name: string): boolean =>
  COMPONENT_NAME.test(name) || PART_AT_THE_END.test(name) || PART_HEADING.test(`${name}: 1 `);

/** Whether a line says that the method begins. */
export const isMethodMark = (line: string): boolean => METHOD_MARK.test(line.replace(MARKDOWN_HEADING, '').trim());

/** Whether words begin with something that is done: "Heat the oven …". */
export const beginsStep = (words: string): boolean => VERB.test(words);

/** "1. Mix the berries with 3 tablespoons sugar": the first step of a method without a heading. */
export const isFirstStep = (line: string): boolean => /^\s*(?:step\s*)?1\s*[.):]/i.test(line) && VERB.test(line.trim());

/** Whether a text says by headings of its own what is ingredients and what is method. */
export const isMarked = (text: string): boolean => shapeOf(text.split('\n').map(plainLine)).bothMarked;

const withoutMarks = (text: string) =>
  text
    .replace(MARKDOWN_HEADING, '')
    .replace(QUOTE, '')
    .trim()
    .replace(/^\*{1,2}(.*?)\*{0,2}$/, '$1');

/**
 * What one written line is, by its own words and by the section it stands in. Between a heading for ingredients and one for the method
 * every line that is no heading is a line; in a marked method, a step.
 */
export function readTextLine(
  line: WrittenLine,
  section: Section,
  marked: boolean,
  shape: TextShape,
  context: ReadingContext,
): ReadText {
  const said = withoutMarks(oneSpelling(line.written));
  const whole = withoutMarks(normalise(line.written));
  const entries = whole === '' || whole.length > LONGEST_LINE || section === 'notes' ? [] : readLine(whole, context);
  const kind =
    line.quoted && whole !== ''
      ? 'note'
      : kindOf(whole, entries, line, section, marked && shape.bothMarked, marked, context);
  // above a marked list nothing is a line or a step: "Brown butter pear muffins" is what they are called
  const above = section === 'head' && shape.bothMarked && (kind === 'line' || kind === 'step');
  return { ...line, bare: whole, said, kind: above ? 'words' : kind, entries };
}

/** "Guss", "Schokoglasur", "Rührteig": a part, in a row of its own. */
const GERMAN_PART = /^\p{L}{0,14}(?:guss|glasur|belag|füllung|streusel|teig) ?:?$/iu;
const WORDS_OF_A_PAN = 8;
const SAID_OF_A_PAN =
  /\b(?:cutter|lined|greased|buttered|floured|papered|double|deep|loose|and|with|paper|parchment|bases?|sides?|an?|the|in|use|round|square|plain|fluted|scone|biscuit|large|small|medium|roasting|baking|cake|sandwich|loaf|muffin|tins?|pans?|trays?|sheets?|dish(?:es)?|cm|mm|inch(?:es)?)\b/gi;
/** "cutter 2 in", "2 lb loaf tin, lined"; never "1 x 450 g tin glimmerwort", which is a thing that nobody knows. */
export function isPanAlone(text: string): boolean {
  if (LOAF_ALONE.test(text)) return true;
  const pan = wordCount(text) <= WORDS_OF_A_PAN ? panIn(text) : undefined;
  return pan?.sized === true && !/\p{L}/u.test(text.replace(pan.pan, ' ').replace(SAID_OF_A_PAN, ' '));
}
/** "2lb loaf": its tin. */
const LOAF_ALONE = /^(?:an? )?(?:[12] ?lb|\d{3} ?g) loaf\.?$/i;
const OF_A_TIN = /\bfor (?:an?|one|two|my|the) [^:]{0,30}(?:tins?|pans?|trays?|loa(?:f|ves)):$/i;
const ONLY_MINUTES = /^(?:about |approx\.? |ca\.? )?\d{1,3}(?: ?- ?\d{1,3})? ?(?:min(?:ute)?s?|hours?|hrs?)[.!]?$/i;
const isSure = ({ ingredient, confidence, weight }: ReadEntry): boolean =>
  ingredient !== undefined && weight !== undefined && confidence >= SURE;
const SURE = 0.6;

function kindOf(
  text: string,
  entries: readonly ReadEntry[],
  { headed, listed, written }: WrittenLine,
  section: Section,
  framed: boolean,
  marked: boolean,
  context: ReadingContext,
): LineKind {
  if (text === '' || /^[-=_*~–—]{2,}$/.test(text)) return 'blank';
  if (INGREDIENTS_MARK.test(text)) return 'ingredients-mark';
  if (METHOD_MARK.test(text)) return 'method-mark';
  if (LIST_OF_A_PART.test(text)) return 'heading';
  if (NOTES_MARK.test(text)) return 'notes-mark';
  if (!(section === 'method' && marked) && readFact(text)) return 'fact';
  // "Bake: 350 °F · 20–23 min · 12-cup tin" says more than how long it takes
  if (TIMES_MARK.test(text) && !(section === 'method' && BAKES_SO_LONG.test(text)))
    return readBake([text]).celsius === undefined ? 'note' : 'step';
  if (DETAIL.test(text)) return 'note';
  const words = withoutLeadIn(text.replace(BULLET, ''));
  // "Seven minute frosting" is no seven of anything
  const amount = !/^(?:\d{1,2}|[a-z]{3,6})[- ]minute\b/i.test(words) && beginsWithAmount(words, context);
  if (YIELD.test(text)) return 'yield';
  if (section === 'notes') return headed ? 'heading' : 'note';
  if (section === 'method' && marked) return headed ? 'heading' : 'step';
  if (HEAT_FIRST.test(text) || TELLS_OF_THE_LIST.test(text) || DOES_WITH_A_MEASURE.test(text)) return 'step';
  if (STEP_NUMBER.test(text) && (VERB.test(text) || section === 'method')) return 'step';
  // "6. 12-15 mins"
  if (NUMBERED_BAKE.test(text) && entries.every(({ ingredient }) => ingredient === undefined)) return 'step';
  // "cutter 2 in", "2 lb loaf tin": what it is baked in, in a row of its own
  if (section !== 'head' && entries.every(({ ingredient }) => !ingredient) && isPanAlone(text)) return 'step';
  // "45-50 min" in a row of its own
  if (ONLY_MINUTES.test(text)) return 'step';
  // "Half batter, half streusel, repeat. 350F 35-40 min.": of what it seems to take nothing is sure
  if (/[.!?] /.test(text) && !entries.some(isSure) && readBake([text]).celsius !== undefined) return 'step';
  const short = wordCount(text) <= HEADING_WORDS;
  if (!amount && !listed && short && (COMPONENT_NAME.test(text) || GERMAN_PART.test(text) || headed)) return 'heading';
  const named = entries.some((entry) => entry.ingredient !== undefined && entry.confidence >= 0.85);
  if (!amount && !listed && short && PART_AT_THE_END.test(text) && !named && !VERB.test(text)) return 'heading';
  if (section !== 'head' && !amount && CHATTER.test(text)) return 'note';
  // "Weights are for a 2 lb tin:": no part is called so
  if (!amount && text.endsWith(':') && OF_A_TIN.test(text)) return 'note';
  const between = section === 'ingredients' && framed;
  if (!amount && !listed && short && text.endsWith(':') && (between || !VERB.test(text))) return 'heading';
  if (between) return 'line';
  if (section === 'method') return 'step';
  const anyIngredient = entries.some((entry) => entry.ingredient !== undefined && entry.confidence >= 0.3);
  if (section === 'ingredients' && marked && listed) return 'line';
  if (!anyIngredient) {
    const bake = readBake([text]);
    // "Zitronenkuchen aus der Kastenform" at the head says what it is baked in, and no size: it is what the cake is called
    // "Dundee cake - 18 cm round" too
    const [name = ''] = text.split(/ [-–—(]|, /);
    const outside = written.replace(IN_BRACKETS, '');
    const called = section === 'head' && ((/\p{L}/u.test(outside) && !/\d/.test(outside)) || CALLED.test(name));
    // "1 x 450 g tin glimmerwort" is measured, and no pan
    const isThing = amount && wordCount(text) <= WORDS_OF_A_PAN && !isPanAlone(text);
    const isPan = bake.pan !== undefined && !called && !isThing;
    if (isPan || bake.celsius !== undefined) return 'step';
  }
  const measured = entries.filter((entry) => entry.ingredient !== undefined && entry.unit !== undefined).length;
  const unitRead = entries.some(({ unit }) => unit !== undefined && unit !== 'piece');
  const lineLong = wordCount(text) <= PROSE_WORDS * Math.max(1, measured);
  if (amount && lineLong && (anyIngredient || unitRead)) return 'line';
  if (isSizedLump(words)) return 'line';
  if (VERB.test(words)) return 'step';
  if (anyIngredient && measured > 0 && lineLong) return 'line';
  if (wordCount(text) > 11 || (/[.!?]$/.test(text) && wordCount(text) > 6))
    return section === 'head' ? 'words' : 'step';
  if (anyIngredient) return 'line';
  return 'words';
}

const BAKE_WORD = /\b(?:bake[ds]?|cook|oven|preheat|in the oven)\b/gi;
const JOINT_MARK = /[,;.…]$|\s-$/;
const JOINT_WORD = /(?:^|[^a-z])(?:and|then)$/i;
/** The text without the marks and words that join what follows: "225 g flour, and then" is "225 g flour". */
function withoutJoint(text: string): string {
  let bare = text.trimEnd();
  for (;;) {
    if (JOINT_MARK.test(bare)) bare = bare.slice(0, -1).trimEnd();
    else if (JOINT_WORD.test(bare)) bare = bare.replace(/[a-z]+$/i, '').trimEnd();
    else return bare;
  }
}
/** "…, then bake 350F in a 9×5 for an hour" at the end of a line of ingredients is a step of its own: both parts, where there is one. */
function bakeAtTheEnd(line: string): readonly [string, string] | undefined {
  for (const { index } of line.matchAll(BAKE_WORD)) {
    const before = line.slice(0, index);
    const bare = withoutJoint(before);
    if (bare !== before.trimEnd()) return [bare, line.slice(index)];
  }
  return undefined;
}
/** "Cousin's soda bread: mix 450 g flour …": the name stands before the colon. */
const TITLE_BEFORE = /^([A-Z][^:]{3,48}):\s+(?=(?:mix|whisk|stir|sift|beat|take|rub|combine)\b)/;

/** "-2 cups flour": where every amount stands behind a dash the dashes are bullets; a single one is a sign. */
function bulleted(lines: readonly string[]): readonly string[] {
  const dashed = /^\s{0,9}-(?=[\d½¼¾⅓⅔⅛])/;
  const all = lines.filter((line) => dashed.test(line)).length;
  return all < 2 || lines.some((line) => /^\s{0,9}\d/.test(line))
    ? lines
    : lines.map((line) => line.replace(dashed, '- '));
}

/** What a page says of a bake in one row, beside its title or by itself, begins so. */
export const SAID_IN_A_ROW = String.raw`(?:serves|makes|feeds|prep|cook|bake|oven|total|yield|ready|hands-on|active|freezable|difficulty|level|easy)\b`;
/** "Ginger cake | serves 12 | prep 15 min": what stands beside a title. */
const BESIDE_TITLE = new RegExp(String.raw` [|·•] (?=${SAID_IN_A_ROW})`, 'i');

/** The physical lines of a text; what stands in one line and belongs to two is cut, what is longer than a paragraph too. */
export function physicalLines(text: string, context: ReadingContext): readonly string[] {
  const rows = text.split(/\r\n|\r|\n|\u2028/);
  const first = rows.findIndex((row) => row.trim() !== '');
  const named = rows.flatMap((row, i) => (i === first ? row.split(BESIDE_TITLE) : [row]));
  const written = bulleted(named).flatMap((line) => inPieces(line, LONGEST_PARAGRAPH));
  return written.flatMap((whole, i) => {
    const titled = i === 0 ? TITLE_BEFORE.exec(whole) : null;
    const line = titled ? whole.slice(titled[0].length) : whole;
    const parted = STEP_NUMBER.test(line) ? undefined : bakeAtTheEnd(line);
    const before = parted ? withoutLeadIn(normalise(parted[0]).replace(BULLET, '')) : '';
    const parts = parted && before !== '' && beginsWithAmount(before, context) ? parted : [line];
    const all = parts.flatMap((part) => headedList(part, context));
    return titled?.[1] ? [titled[1], ...all] : all;
  });
}
