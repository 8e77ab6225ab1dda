import { isGerman } from '../german/index.js';
import { describesOnly } from '../../kitchen/ingredients/index.js';
import { PLAIN_KITCHEN, type Kitchen } from '../../kitchen/kitchen/index.js';
import type { Region } from '../../ground/units/index.js';
import { inFigures, stretchesOf, takingsIn, Words, type Stretch, type Taking } from '../narration/index.js';
import {
  assembleFormula,
  CALLED,
  SO_MANY,
  listApart,
  isFirstStep,
  isMarked,
  isMethodMark,
  isPanAlone,
  isPageSource,
  LONGEST_TEXT,
  problem,
  readFormula as readList,
  readLine,
  regionOf,
  yieldSaidIn,
  type FormulaReading,
  type Problem,
  type ReadingContext,
} from '../parsing/index.js';
import { asPasted } from './as-pasted.js';
import { germanTitleIn, readGermanTold } from './german-told.js';
import { openingOf, titleOf, type Opening } from './opening.js';
import { amountsByAnother, rowsByAnother } from './amounts-by-another.js';

/**
 * Reads a formula out of any text: a list of lines, running prose, a bake told as it was done, or both in one. The reader of lists is
 * good at lists and stays with them; the reader of narration is asked first, since it is quick and says what is taken where. It has the
 * text where most of what is taken stands inside sentences, or where the reader of lists would lose a part of it.
 */

interface Line {
  readonly text: string;
  /** With its numbers as they were written. */
  readonly written: string;
  readonly from: number;
  readonly to: number;
  readonly takings: readonly Taking[];
  /** One thing is taken, at its beginning, and little is said behind. */
  readonly isListed: boolean;
  /** How many of what it takes stand in it as in a list: "225 g flour, sifted with 1 tsp baking powder" has two. */
  readonly listed: number;
}

const BULLET_LETTERS = 9;
const DOING_BEFORE = /^\s*[a-z]{3,7} ?:/i;
/** A line of a list that takes several things begins with its amount, and is one sentence: "225 g flour, sifted with 1 tsp salt". */
const LISTED = /^[\s*•-]{0,6}[\d½¼¾⅓⅔](?![^]*[a-z)]{2}[.!?] [A-Z])/;
/** "BP 2 tsp, BS 1/2 tsp, 2 eggs": things with their amounts behind them or before, and nothing else. */
const AMOUNT_BEHIND =
  /^[a-z][a-z .&'-]{0,30} [\d½¼¾⅓⅔⅛][\d./ ½¼¾⅓⅔⅛-]{0,8} ?[a-z]{0,11}\.?(?: each)?$|^\d{1,2} [a-z]{3,12}$|^[a-z]{3,12} pinch$/i;
const eachBehind = (line: string): boolean => line.split(/[,;]/).every((part) => AMOUNT_BEHIND.test(part.trim()));
const WORDS_BEHIND = 7;
const LISTED_SHARE = 0.7;
const MOST_LOST = 0.1;
/** So much without a name beside what is taken is more than talk. */
const MANY_NAMELESS = 0.5;
const SURE = 0.6;
const LOOK_AGAIN = 0.8;
const TITLE_WORDS = 12;
/** "You will need … and …": with more words besides, something is done. */
const WORDS_OF_A_LIST = 2;
/** Under so many lines of a list a sentence of the oven begins the method, whatever numbers it or names it. */
const LINES_OF_A_LIST = 4;
const OVEN_FIRST =
  /^(?:first,? )?(?:(?:pre-?heat|heat|warm|turn on|switch on|set|put on|light) (?:up )?(?:the |your |an? )?oven|oven (?:to |on |at )?\d{3})\b/i;
/** Said before one goes on. */
const FILLER = /^(?:um+|uh+|erm?|ok(?:ay)?|so|right|well|yeah|yes|hi|hey|hello|now|and|then|quick|here goes)\W*$/i;
const BARE_NUMBER = /^\d{1,2}[.)]?$/;

/** "12 muffins.": no more than how many it makes, without a word for it. */
/** A sentence that only lists what the lines hold. */
const NEEDED = /^(?:so,? )?(?:(?:you|we)(?:'ll| will)? need|ingredients|what you need)\b/i;

const wordsIn = (text: string): number => (text.trim() === '' ? 0 : text.trim().split(/\s+/).length);

function linesOf(
  text: string,
  takings: readonly Taking[],
  context: ReadingContext,
  written: readonly string[],
): readonly Line[] {
  let from = 0;
  let next = 0;
  const rows = text.split('\n');
  return rows.map((line, i): Line => {
    const to = from + line.length + 1;
    const here: Taking[] = [];
    for (let taking = takings[next]; taking && taking.from < to; taking = takings[++next]) here.push(taking);
    const [only, more] = here;
    const lead = line.length - line.trimStart().length;
    // of a line that takes nothing the whole text would stand behind
    const fewBehind = only !== undefined && wordsIn(text.slice(here.at(-1)?.to, to)) <= WORDS_BEHIND;
    const isListed =
      only !== undefined &&
      more === undefined &&
      (only.from - from <= lead + BULLET_LETTERS || describesOnly(text.slice(from, only.from))) &&
      // "Add: 1 egg" is told
      !DOING_BEFORE.test(line) &&
      fewBehind;
    // "175g butter 175g sugar 3 eggs" begins like a list, and nothing parts it
    const severalListed =
      more !== undefined &&
      (LISTED.test(line) || eachBehind(line)) &&
      fewBehind &&
      readLine(line, context).length >= here.length;
    const read = {
      text: line.trim(),
      written: ((rows.length === written.length ? written[i] : undefined) ?? line).trim(),
      from,
      to,
      takings: here,
      isListed,
      listed: isListed || severalListed ? here.length : 0,
    };
    from = to;
    return read;
  });
}

/** How many of what narration is sure of a reading lacks: by ingredient, as often as it is taken. */
function lostIn(reading: FormulaReading, takings: readonly Taking[], context: ReadingContext): number {
  if (reading.kind !== 'read') return takings.length;
  const has = new Map<string, number>();
  for (const { lines } of reading.formula.components)
    for (const { text } of lines)
      for (const { ingredient, divided } of readLine(text, context))
        // "5 tbsp sugar, divided" is named again as often as it is used
        if (ingredient) has.set(ingredient.id, divided ? Infinity : (has.get(ingredient.id) ?? 0) + 1);
  const isThere = (id: string): boolean => {
    const left = has.get(id) ?? 0;
    if (left > 0) has.set(id, left - 1);
    return left > 0;
  };
  let lost = 0;
  for (const { ingredient, confidence, line } of takings) {
    if (!ingredient || confidence < SURE || isThere(ingredient.id)) continue;
    // "juice of 2 lemons" is taken of a lemon, and juice on the sheet
    const onTheSheet = readLine(line, context).flatMap(({ ingredient: read }) => (read ? [read.id] : []));
    if (onTheSheet.length === 0 || !onTheSheet.every(isThere)) lost++;
  }
  return lost;
}

/** How many things a reading weighs. */
function weighedIn(reading: FormulaReading, kitchen: Kitchen): number {
  if (reading.kind !== 'read') return 0;
  const { components, region } = reading.formula;
  const entries = components.flatMap(({ lines }) => lines.flatMap(({ text }) => readLine(text, { region, kitchen })));
  return entries.filter(({ weight }) => weight !== undefined).length;
}

const isTitle = (line: Line): boolean =>
  line.takings.length === 0 &&
  (!/[.!?;,]$/.test(line.text) || CALLED.test(line.text.replace(/[.!]$/, ''))) &&
  line.text !== '' &&
  wordsIn(line.text) <= TITLE_WORDS;

/** A short line that begins with a number between lines of a list, and takes nothing that is known. */
const isUnknownThing = (line: Line, above: Line | undefined, below: Line | undefined): boolean =>
  line.takings.length === 0 &&
  above?.isListed === true &&
  below?.isListed === true &&
  /^\d{1,4} [a-z]/i.test(line.text) &&
  wordsIn(line.text) <= WORDS_OF_A_THING;
const WORDS_OF_A_THING = 5;

/** The words of a heading of a part, which says itself where it stands. */
const isHeading = ({ text, takings }: Line): boolean =>
  takings.length === 0 && wordsIn(text) <= 6 && /:$|^(?:for |the |to )/i.test(text);

/** How many words of a stretch are of nothing that it takes. */
function wordsBesides({ from, text }: Stretch, taken: readonly Taking[]): number {
  if (taken.length === 0) return 0;
  let rest = '';
  let at = 0;
  for (const taking of taken) {
    rest += ` ${text.slice(at, Math.max(at, taking.from - from))}`;
    at = Math.max(at, taking.to - from);
  }
  return (`${rest} ${text.slice(at)}`.match(/[a-z]{2,}/gi) ?? []).length;
}

/** "Blondies!", "Cranberry orange bread, from the bog days.": a sentence below that says no more than what it is. */
function calledAlone(talk: readonly Stretch[]): Opening | undefined {
  for (const { text } of talk) {
    const name = text.split(/[,.!]/)[0] ?? '';
    if (/^[A-Z]/.test(name) && CALLED.test(name) && wordsIn(name) <= WORDS_OF_A_NAME && !DOES.test(name))
      return { title: name, said: text };
  }
  return undefined;
}
const WORDS_OF_A_NAME = 5;
const DOES = /\b(?:i|you|we|is|are|was|for|it|makes?|this|that|the)\b/i;

/** "Makes 1 of 9x13 or 2 8\" squares": what it gives, and nothing that is done. */
const GIVES = /^(?:makes|yields) \d[^.]{0,20} or \d/i;

function narrated(
  text: string,
  lines: readonly Line[],
  words: Words,
  region: Region,
  kitchen: Kitchen,
): FormulaReading {
  const [above, below] = lines.filter(({ text: written }) => written !== '').slice(0, 2);
  // "From the file card:" stands above what it is called
  const first = above && below && above.text.endsWith(':') && isTitle(below) && CALLED.test(below.text) ? below : above;
  const title = first && lines.length > 1 && isTitle(first) ? first : undefined;
  const parts = new Map<string, string[]>([['', []]]);
  let part = '';
  for (const [i, line] of lines.entries()) {
    // "3 zorblaxes, crushed" among the lines of a list: nobody knows it, and it stays a line
    if (isUnknownThing(line, lines[i - 1], lines[i + 1])) parts.get(part)?.push(line.text);
    part = line.takings.at(-1)?.part ?? part;
    for (const taking of line.takings) {
      const written = parts.get(taking.part) ?? [];
      written.push(line.isListed ? line.text : taking.line);
      parts.set(taking.part, written);
    }
  }
  for (const { part, line } of amountsByAnother(
    words.text,
    lines.flatMap(({ takings }) => takings),
    { region, kitchen },
  ))
    parts.set(part, [...(parts.get(part) ?? []), line]);
  // both stand in the order of the text: one walk tells the line of each stretch
  let at = 0;
  const sentences = stretchesOf(words).flatMap((stretch): readonly (Stretch & { readonly takes: boolean })[] => {
    while ((lines[at]?.to ?? Infinity) <= stretch.from) at++;
    const line = lines[at];
    if (!line || line.isListed || line === title || isUnknownThing(line, lines[at - 1], lines[at + 1])) return [];
    const taken = line.takings.filter((taking) => taking.from >= stretch.from && taking.from < stretch.to);
    // "for the glaze I take …" tells where these go, "butter rubbed into it" what is done: else it would stand nowhere
    const isStep =
      (stretch.isStep && !GIVES.test(stretch.text)) ||
      (taken.length === 0 && isPanAlone(stretch.text.replace(/\.$/, ''))) ||
      taken.some(({ part }) => part !== '') ||
      wordsBesides(stretch, taken) > WORDS_OF_A_LIST;
    return [{ ...stretch, isStep, takes: taken.length > 0 }];
  });
  const headings = new Set(lines.filter(isHeading).map(({ text: heading }) => heading));
  const talk = sentences.filter((stretch) => !stretch.isStep && !headings.has(stretch.text));
  const firstTaking = lines.find(({ takings }) => takings.length > 0)?.takings[0];
  const opening = title ? undefined : (openingOf(words.text.slice(0, firstTaking?.from)) ?? calledAlone(talk));
  const serves =
    talk.find(({ text: said }) => SO_MANY.test(said))?.text.replace(/[.!]$/, '') ??
    yieldSaidIn(sentences.map(({ text: said }) => said));
  return assembleFormula(
    {
      ...(serves !== undefined && { yield: serves }),
      ...(title ? titleOf(title.written) : { title: '', ...opening }),
      components: [...parts]
        .filter(([, written]) => written.length > 0)
        .map(([name, written]) => ({ name, lines: written })),
      steps: sentences
        .filter(({ isStep, takes, text: step }) => isStep && !(takes && NEEDED.test(step)))
        .map(({ text: step }) => step),
      // what only lists is in the lines; what is sentences besides stays
      notes: [
        ...(first === below && above ? [above.text] : []),
        ...talk
          .filter(
            ({ text: said, takes }) =>
              !takes && !FILLER.test(said) && !BARE_NUMBER.test(said) && said !== opening?.said,
          )
          .map(({ text: note }) => note),
      ],
    },
    region,
    kitchen,
  );
}

/** What narration was unsure of, so that the baker looks at it. */
const doubts = (takings: readonly Taking[], nameless: readonly string[]): readonly Problem[] => [
  ...takings
    .filter(({ confidence }) => confidence < LOOK_AGAIN)
    .map(({ line }) => problem('heard-unsure', 'warning', line, {})),
  ...nameless.map((amount) => problem('amount-without-name', 'warning', amount, { amount })),
];

/** A list whose first sentence alone says what it is called: "Sure! Here is a recipe for lemon muffins." */
function titled(list: FormulaReading, text: string): FormulaReading {
  if (list.kind !== 'read' || list.formula.title !== '') return list;
  const opening = openingOf(text.slice(0, text.search(FIRST_AMOUNT_IN_A_ROW) + 1 || undefined));
  return opening && CALLED.test(opening.title) ? { ...list, formula: { ...list.formula, title: opening.title } } : list;
}
const FIRST_AMOUNT_IN_A_ROW = /\n[^\S\n]{0,4}(?:[-*•▢□] ?)?[\d½¼¾⅓⅔]/;

/**
 * Reads the text of a formula, listed or told.
 * @param bakersOwn the baker's region, which stands unless the words of the text say another
 */
export function readText(pasted: string, bakersOwn: Region, kitchen: Kitchen = PLAIN_KITCHEN): FormulaReading {
  if (pasted.length > LONGEST_TEXT || isPageSource(pasted)) return readList(pasted, bakersOwn, kitchen);
  const written = asPasted(pasted);
  if (isMarked(written)) return titled(readList(written, bakersOwn, kitchen), pasted);
  const context: ReadingContext = { region: regionOf(written, bakersOwn), kitchen };
  const rows = rowsByAnother(written.split('\n'), context);
  const text = rows.join('\n');
  const apart = rows.flatMap((row) => listApart(row, context));
  const words = inFigures(new Words(apart.join('\n')));
  // what is told is told in English; of German the reader of lists reads all lines, in one row or below each other
  if (isGerman(text)) {
    const german = readList(apart.join('\n'), bakersOwn, kitchen);
    const told = readGermanTold(text, bakersOwn, kitchen);
    if (german.kind !== 'read') return told ?? german;
    // "4 Eier, 200 g Zucker schaumig rühren": what the reader of lists takes for a sentence holds things
    const tellsMore = told?.kind === 'read' && weighedIn(told, kitchen) > weighedIn(german, kitchen) + 1;
    const title = (tellsMore ? told.formula.title : '') || german.formula.title || germanTitleIn(text);
    const read = tellsMore ? told : german;
    return { ...read, formula: { ...read.formula, title } };
  }
  const { takings, nameless } = takingsIn(words, context);
  const lines = linesOf(words.text, takings, context, apart);
  // below a heading for the method, or the first of its numbered steps, the things of the list are only named again
  const method = lines.findIndex(
    ({ text: line }, i) =>
      isMethodMark(line) ||
      isFirstStep(line) ||
      (OVEN_FIRST.test(line) && lines.slice(0, i).filter(({ isListed }) => isListed).length >= LINES_OF_A_LIST),
  );
  const above = method > 0 && lines.slice(0, method).some(({ takings: taken }) => taken.length > 0) ? method : Infinity;
  const named = lines.slice(0, above);
  const countOf = (of: (line: Line) => number) => named.reduce((sum, line) => sum + of(line), 0);
  const share =
    takings.length === 0 ? 1 : countOf(({ listed }) => listed) / countOf(({ takings: taken }) => taken.length);
  // "Flour T55 - 180 g": where much is measured that no name is found for, the reader of lists may find it
  const misses = nameless.length > MANY_NAMELESS * takings.length;
  const list = share < LISTED_SHARE && takings.length > 2 && !misses ? undefined : readList(text, bakersOwn, kitchen);
  if (list?.kind === 'read') {
    const losesLittle = () => lostIn(list, takings, context) <= Math.max(1, MOST_LOST * takings.length);
    // what stands in one line, each thing with its amount, gets a line for each
    if (share >= LISTED_SHARE && (share === 1 || losesLittle()))
      return apart.length === rows.length ? list : readList(apart.join('\n'), bakersOwn, kitchen);
    if (losesLittle()) return list;
  }
  if (takings.length < 2) return list ?? readList(text, bakersOwn, kitchen);
  const told = narrated(words.text, lines, words, context.region, kitchen);
  if (told.kind !== 'read') return list ?? readList(text, bakersOwn, kitchen);
  return { ...told, problems: [...told.problems, ...doubts(takings, nameless)] };
}
