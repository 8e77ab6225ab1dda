import { LONGEST_PARAGRAPH } from '../../ground/text/index.js';
import { readBake, SAID_IN_A_ROW } from '../parsing/index.js';
import { withoutLineNumbers, withStepNumbers } from './step-numbers.js';

/*
 * What a text brings along from where it was copied, and what its writer never wrote: the marks of a forwarded message, the buttons of a
 * page, the columns of a spreadsheet. Taken off before anything is read.
 */

const QUOTED = /^\s{0,3}>\s?/;
const QUOTED_SHARE = 0.6;
const FORWARDED = /^(?:\s{0,3}(?:fwd?|re|aw|wg) ?: ?){1,6}/i;
/** Buttons of a page, alone or side by side; nothing that is said of a formula. */
const BUTTONS =
  /^(?:(?:jump to|print|pin|save|share|rate|email|skip to|view|leave a)(?: (?:this|the))? ?(?:recipe|video|content|review|comment)?s?(?:[ |•·,]{1,6}|$)){1,6}$/i;
const SWITCHES = /^(?:us customary|metric|imperial|cups|grams|(?:\d(?:\/\d)?|½) ?x|scale)(?:[ |–—/-]{1,4}(?:us customary|metric|imperial|cups|grams|\d ?x)){1,4}$/i; // prettier-ignore
/** Little pictures before and behind what is said. */
const PICTURE = String.raw`\p{Extended_Pictographic}(?:\p{Emoji_Modifier}|\uFE0F|\u200D)*`;
/** "**Lemon loaf**", "*Glaze:* 1 cup sugar": the words that a row of a message begins with, set bold or slanted. */
const SET_APART = /^(\s{0,3})(\*{1,2}|_{1,2})(?=[^\s*_])([^*_\n]{1,120}?)(?<=[^\s*_])\2(?![\w*_])/;
/** "… 1 egg → 8\" square, 425 °F": what comes of it. */
const COMES_OF_IT = / ?(?:→|=>|-->) ?/g;
/** "1 T b.p.": the points are in the way of every sentence. */
const POINTED = /\bb\. ?([ps])\.(?=[\s,;)]|$)/gi;
/** "Makes 2 x 450 g loaves. 150 C, 50 mins": how many, and the bake behind it. */
const MAKES_FIRST = /^((?:makes|serves|yields?):? [^.|]{1,40})(?:\. +(?=\S[^.]{0,30}\d)| \| )/i;
const PICTURES = new RegExp(String.raw`^(?:\s{0,4}${PICTURE}){1,12}\s*|(?:\s{0,4}${PICTURE}){1,12}\s{0,40}$`, 'gu');
/** "Ingredients: 200 g flour; 2 eggs": the mark and what it heads in one line. */
const MARK_BEFORE = /^\s*(ingredients|directions|instructions|method|zutaten|zubereitung|anleitung) ?: +(?=\S)/i;
const FEWEST_PARTED = 2;
const BETWEEN_THINGS = /; +|, (?=\d|[½¼¾⅓⅔⅛]|(?:a |good |eine )?(?:pinch|handful|splash|prise|handvoll|etwas)\b)/i;
const BETWEEN_STEPS = / (?=\d{1,2}[.)] \p{Lu})/u;
const COLUMNS = /\t| {2,}(?=\S)/;
const FEWEST_ROWS = 3;
const FEWEST_CELLS = 2;
const FEWEST_HEADS = 2;
const FEWEST_BESIDE = 2;
const BEGINS_WITH_AMOUNT = /^[~≈]?(?:\d|[½¼¾⅓⅔⅛])/;
/** An amount and nothing else: "400 g", "16", "1/2 cup", "a pinch". */
const AMOUNT = /^[~≈]?(?:(?:\d|[½¼¾⅓⅔⅛])[\d.,/ ½¼¾⅓⅔⅛-]{0,9}(?:g|kg|ml|l|oz|lbs?|tsp|tbsp|cups?|%)?|(?:an? )?pinch)$/i;
const SIZE_ABOVE = /^\d{1,3} (?:portions|servings|people|pieces|slices|muffins|scones|cakes|loaves)$/i;
const AMOUNT_BEHIND = /[a-z] [\d.,/½¼¾]{1,6} ?(?:g|kg|ml|l|oz|lb|tsp|tbsp|cups?)$/i;
const BARE_FIGURE = /^\d{1,5}(?:[.,]\d{1,3})?$/;
const OF_GRAMS = /\b(?:g|grams?|gr|weight)\b/i;
const PERCENT = /^\d{1,4}(?:[.,]\d{1,2})? ?%$|%/;

/** "100 g of everything (butter, sugar, flour)". */
const OF_EVERYTHING = /(\d{1,4} ?(?:g|oz)) (?:of )?(?:everything|all|each)(?: of)? ?\(([^()]{5,80})\)/gi;

/** "the same weight of butter, sugar and flour as 3 eggs, so about 180 g of each". */
const AS_THE_EGGS =
  /\b(?:the )?same weight (?:of|in) ([a-z][a-z ,&-]{2,60}?) as (\d|two|three|four|five|six)( (?:large |medium |small )?eggs?)(?: \([^()]{1,30}\))?(?:,? (?:so )?(?:that's |which is |usually )?(?:about |around )?(\d{2,3} ?g) (?:of )?each)?/gi;

/** "> On Sunday you wrote:", above what is answered. */
const WROTE = /^(?:> ?)*(?:on|am) [^:]{3,80}\b(?:wrote|schrieb(?:st)?)\b[^:]{0,40}:$/i;
/** A forwarded message stands behind ">" line by line. */
function withoutQuotes(rows: readonly string[]): readonly string[] {
  const answered = rows.findIndex((row) => WROTE.test(row.trim()));
  if (answered >= 0) return rows.filter((_, i) => i !== answered).map((row) => row.replace(QUOTED, ''));
  const written = rows.filter((row) => row.trim() !== '');
  const quoted = written.filter((row) => QUOTED.test(row)).length;
  return quoted >= FEWEST_ROWS && quoted >= QUOTED_SHARE * written.length
    ? rows.map((row) => row.replace(QUOTED, ''))
    : rows;
}

/** What a mail says above its words: who wrote it and when is left away, what it is about is kept. */
const MAIL_HEAD = /^\s*(from|to|cc|date|sent|subject|betreff|von|an|gesendet) ?: /i;
function withoutMailHead(rows: readonly string[]): readonly string[] {
  const first = rows.findIndex((row) => row.trim() !== '');
  let end = first;
  while (MAIL_HEAD.test(rows[end] ?? '')) end++;
  if (first < 0 || end - first < FEWEST_HEADS) return rows;
  const subject = rows.slice(first, end).find((row) => /^\s*(?:subject|betreff) ?:/i.test(row));
  return [...(subject === undefined ? [] : [subject.replace(MAIL_HEAD, '')]), ...rows.slice(end)];
}

/** "From the church cookbook p. 41" above what it is called: the name comes first. */
const SOURCE =
  /^\s{0,3}from (?:the|my|our|an?) [^:]{3,50}\b(?:\w{0,12}book|magazine|newspaper|newsletter|leaflet)\b[^:]{0,20}$/i;
const SHORT_NAME = /^[^\d:,]{3,60}$/;
function withNameFirst(rows: readonly string[]): readonly string[] {
  const first = rows.findIndex((row) => row.trim() !== '');
  const [source = '', name = ''] = rows.slice(first, first + 2);
  if (!SOURCE.test(source) || !SHORT_NAME.test(name.trim())) return rows;
  return [...rows.slice(0, first), name, source, ...rows.slice(first + 2)];
}

/** Two lists side by side: each thing of a row is a line of its own. */
const sideBySide = (row: readonly string[]): boolean =>
  row.length >= FEWEST_CELLS && row.every((cell) => BEGINS_WITH_AMOUNT.test(cell) && !AMOUNT.test(cell));

/** The rows of a table that is drawn with strokes, their cells apart. */
const isRule = (row: string): boolean => /^[\s|:-]+$/.test(row) && row.includes('--');
function withoutStrokes(rows: readonly string[]): readonly string[] {
  const stroked = (row: string | undefined) => row?.includes('|') === true;
  // rows below each other are one table where a rule is among them: known at its last row, told to all of them
  const block = rows.map(() => 0);
  const ruled = new Set<number>();
  for (const [i, row] of rows.entries()) {
    block[i] = stroked(row) && stroked(rows[i - 1]) ? (block[i - 1] ?? i) : i;
    if (stroked(row) && isRule(row)) ruled.add(block[i]);
  }
  return rows.flatMap((row, i) => {
    if (!stroked(row) || !ruled.has(block[i] ?? i)) return [row];
    return isRule(row) ? [] : [row.replace(/^\s*\||\|\s*$/g, '').split('|').map((cell) => cell.trim()).join('\t')]; // prettier-ignore
  });
}

/** The columns of a spreadsheet that was copied: name and amount of each row as one line; a heading row says what they hold. */
function withoutColumns(rows: readonly string[]): readonly string[] {
  const cells = rows.map((row) => row.trim().split(COLUMNS).map((cell) => cell.trim()));
  if (cells.filter(sideBySide).length >= FEWEST_BESIDE) return rows.flatMap((row, i) => (sideBySide(cells[i] ?? []) ? (cells[i] ?? []) : [row]));
  const tabled = cells.filter((row) => row.length >= FEWEST_CELLS && row.some((cell) => AMOUNT.test(cell)));
  if (tabled.length < FEWEST_ROWS) return rows;
  const above = cells.slice(0, Math.max(0, ...tabled.slice(0, 1).map((row) => cells.indexOf(row))));
  const head = above.find((row) => row.length >= FEWEST_CELLS && row.every((cell) => !AMOUNT.test(cell)));
  return rows.flatMap((row, i) => {
    const own = cells[i] ?? [];
    if (own === head) return SIZE_ABOVE.test(own[0] ?? '') ? [`Makes ${own[0] ?? ''}`] : [];
    if (own.length < FEWEST_CELLS) return [row];
    if (SIZE_ABOVE.test(own[0] ?? '')) return [`Makes ${own[0] ?? ''}`];
    // "SR flour 250 g" beside 1.25 kg and 2.5 kg: the same for more, and the first is the formula
    const [named = ''] = own;
    if (AMOUNT_BEHIND.test(named)) return own.slice(1).every((cell) => AMOUNT.test(cell)) ? [named] : [row];
    const column = own.findIndex((cell, at) => AMOUNT.test(cell) && !PERCENT.test(head?.[at] ?? '') && !PERCENT.test(cell));
    const amount = own[column];
    if (amount === undefined) return [row];
    const inGrams = BARE_FIGURE.test(amount) && OF_GRAMS.test(head?.[column] ?? '') ? `${amount} g` : amount;
    const kept = own.flatMap((cell, at) => (at === column ? [inGrams] : cell === '' || AMOUNT.test(cell) ? [] : [cell]));
    return [kept.join(' ')];
  });
} // prettier-ignore

/** "Servings" above "8 muffins", "Prep time" above "15 mins": what is said in a row, and how much of it in the next. */
const SAID_OF =
  /^(?:(?:prep(?:aration)?|cook(?:ing)?|bake|baking|total|active|chill(?:ing)?|rest(?:ing)?) time|servings?|serves|makes|yield|portions|oven(?: temp(?:erature)?)?|tin|pan) ?:?$/i;
const MUCH_OF_IT = /^(?:about )?\d[\w °/.,-]{0,30}$/;
function withValuesBelow(rows: readonly string[]): readonly string[] {
  const joined: string[] = [];
  for (const row of rows) {
    const last = joined.at(-1)?.trim() ?? '';
    if (SAID_OF.test(last) && MUCH_OF_IT.test(row.trim()))
      joined[joined.length - 1] = `${last.replace(/ ?:$/, '')}: ${row.trim()}`;
    else joined.push(row);
  }
  return joined;
}

/** A mark stands above what it heads; things between semicolons stand below each other. */
/** "Zutaten für eine 26er Springform:", "Ingredients for one 23 cm tin": what it is baked in, above the mark. */
const MARK_FOR =
  /^\s*(ingredients|zutaten) (?:for|für) ((?:an?|one|two|eine?n?|\d{1,2}) .{0,30}?(?:form|tins?|pans?|trays?|loaf|loaves|blech|muffins?|stück)) ?:?$/i;
function withoutMarksBefore(row: string): readonly string[] {
  const [, marked, bakedIn] = MARK_FOR.exec(row) ?? [];
  if (marked !== undefined && bakedIn !== undefined) return [`(${bakedIn})`, marked];
  const [whole, mark] = MARK_BEFORE.exec(row) ?? [];
  if (whole === undefined || mark === undefined) return [row];
  const rest = row.slice(whole.length);
  const parted = /^(?:ingr|zutat)/i.test(mark) ? BETWEEN_THINGS : /^1[.)] /.test(rest) ? BETWEEN_STEPS : undefined;
  const parts = parted ? rest.split(parted) : [rest];
  return [mark, ...(parts.length > FEWEST_PARTED ? parts : [rest])];
}

/** "1 Rub the crumble. 2 Beat the rest. 3 Spread …" in one row. */
const COUNTED_IN_A_ROW = /^\s{0,3}1 \p{Lu}[^]{5,300}? 2 \p{Lu}/u;
function withStepsBelow(row: string): readonly string[] {
  if (row.length > LONGEST_PARAGRAPH || !COUNTED_IN_A_ROW.test(row)) return [row];
  const steps: string[] = [];
  let from = 0;
  for (const { index, 1: number } of row.matchAll(/ (\d{1,2}) (?=[\p{Lu}\d])/gu)) {
    if (Number(number) !== steps.length + 2) continue;
    steps.push(row.slice(from, index));
    from = index + 1;
  }
  return [...steps, row.slice(from)];
}

/** "250 g flour, 2 eggs, 100 ml milk. 9x5 at 350, 1 h": the bake stands behind the list, and is no thing of it. */
const LIST_BEFORE = /^(?!\d{1,2}[.)] )(?:[\p{L} ]{2,24}: ?)?\d[^]*,[^]*,/u;
/** "Heap on greased trays", "Mix to a stiff dough": what is done begins here. */
const ACT =
  /^(?:[A-Z][a-z]{1,8}) (?:on|in|into|to|together|well|all|the|it|until)\b|^(?:Rest|Chill|Stand|Leave|Soak) (?:for )?\d/;
function withoutBakeBehind(row: string): readonly string[] {
  if (row.length > LONGEST_PARAGRAPH) return [row];
  let at = 0;
  for (const sentence of row.split(/(?<=\.) /)) {
    const list = row.slice(0, Math.max(0, at - 2));
    if (at > 0 && LIST_BEFORE.test(list)) {
      const { celsius, lowMinutes } = readBake([sentence]);
      if (celsius !== undefined || lowMinutes !== undefined || ACT.test(sentence)) return [list, row.slice(at)];
    }
    at += sentence.length + 1;
  }
  return [row];
}

/** "Prep 20 min | Cook 1 hr 10 | Serves 10": what a page says beside each other. */
const SAID_BESIDE = new RegExp(`^[*_]{0,2}${SAID_IN_A_ROW}`, 'i');
function eachSaid(row: string): readonly string[] {
  const parts = row.split(/ {1,4}[|·•] {1,4}| {2,}/);
  if (parts.length < 2 || !parts.every((part) => SAID_BESIDE.test(part.trim()))) return [row];
  return parts.map((part) => part.replace(/\*\*|__/g, ''));
}

/** What is written another way than it is read, in a row. */
const SAID_PLAINLY: readonly (readonly [RegExp, string])[] = [
  [PICTURES, ''],
  [SET_APART, '$1$3'],
  // "Then 100 g dark chocolate chips", below a list
  [
    /^(?:and )?(?:then|plus|also|finally),? (?=(?:about )?\d[\d.,/]{0,5} ?(?:g|kg|oz|lb|ml|cups?|tsp|tbsp|c\.)(?![a-z])[^.]{3,60}$)(?!.{0,60}\b(?:mins?|minutes?|hours?|degrees)\b)/i,
    '',
  ],
  // "(pour the water over the dates, leave till cold)": a step
  [
    /^\((?=(?:pour|soak|mix|melt|warm|heat|leave|let|boil|simmer|rub|beat|whisk|stir|sift|toast)\b)([^()]{1,200})\)$/i,
    '$1',
  ],
  // "zest of an orange and a lemon"
  [
    /\b(zest|juice|rind) of (an?|one|1|two|2|half an?) (orange|lemon|lime)(s?) and (an?|one|1|two|2|half an?) (orange|lemon|lime|grapefruit)/i,
    '$1 of $2 $3$4 and $1 of $5 $6',
  ],
  // "325 - 1 hr.": no range
  [/^(\d{3}(?: ?°)?(?: ?[FC])?) ?- ?(?=\d{1,2}(?: 1\/2|½)? ?h(?:rs?|ours?)?\b)/i, '$1, '],
  // "*2 C flour | *1 T baking powder"
  [/^\*(?=\d|[½¼¾⅓⅔])/, '* '],
  [/ \| ?[*•] ?(?=\d|[½¼¾⅓⅔])/g, ' | '],
  // "1 1/2 tsp. bkg. pdr., vanilla": its dots are no ends of sentences
  [/\bbkg\. ?(?:pdr|pwdr|powd|powder)\b\.?/gi, 'baking powder'],
  // "350 g s/r flour"
  [/\bs\/r(?= ?(?:flour|wholemeal)\b)/gi, 'SR'],
  // "Ingredients (swirl)"
  [/^ingredients \(([a-z ]{3,20})\) ?:?$/i, '$1:'],
  // "half a teaspoon of bicarb, a whole one of cream of tartar"
  [/\b(?:a whole|a full|one whole) one of (?=[a-z])/i, 'one of '],
  // "… pinch of salt. Cup and a half flour.": one of them
  [/((?:^|[.,;]) ?"?)(cup|teaspoon|tablespoon|pound) and a half (?=of |[a-z])/i, '$11 1/2 $2 '],
  [/((?:^|[.,;]) ?"?)(cup|teaspoon|tablespoon|pound) and a quarter (?=of |[a-z])/i, '$11 1/4 $2 '],
  // "Icing: 500 g icing sugar, 1/2 cup milk. Coconut: 2 cups"
  [/^((?:icing|frosting|topping|filling|glaze): [^:]{5,120}?)\. (?=[A-Z][a-z]{2,15}: (?:about )?[\d½¼¾])/i, '$1\n'],
  // "Glaze → 1 cup powdered sugar"
  [/^((?:glaze|icing|frosting|topping|filling|drizzle|streusel|syrup)) ?(?:→|=>|-->) ?/i, '$1: '],
  [COMES_OF_IT, '. '],
  [POINTED, 'b$1'],
  // "DRY 2 cups flour, …"
  [/^(DRY|WET|FATS?|LIQUIDS?|TOPPING|GLAZE|ICING) (?=\d|[½¼¾])/, '$1: '],
  // "[dry] 1 c flour, 1/2 tsp soda"
  [/^\[add(?:[- ]?ins)?\] (?=\d|[½¼¾⅓⅔⅛])/i, ''],
  [/^\[([a-z]{3,10})\] (?=\d|[½¼¾⅓⅔⅛])/i, '$1: '],
  // "3 oz butter } cream", and "6 oz sugar }" below it: the brace says what is done with both
  [/ {1,8}[}⎫⎬⎭] {0,8}(?=[a-z])/i, ', '],
  [/ {0,8}[}⎫⎬⎭] {0,8}$/, ''],
  // "Method:-"
  [/ ?:[-–—]\s*$/, ':'],
  [MAKES_FIRST, '$1\n'],
  [OF_EVERYTHING, '$1 each of $2'],
  // "equal weights 225 g butter sugar SR flour"
  [
    /\b(?:equal weights?:? (?:of )?)?(\d{2,3} ?(?:g|oz)) (butter|marg(?:arine)?)[ ,/]{1,2}((?:caster |castor )?sugar)[ ,/]{1,2}(?:and |& )?((?:sr |self[- ]raising |plain )?flour)\b/gi,
    '$1 each of $2, $3 and $4',
  ],
  [/(?<=\d ?(?:g|oz) )gran\b(?=[\s.,;)]|$)/gi, 'granulated'],
  // "1 tsp each soda & powder": of the two that raise it
  [/\b(soda) (&|and|\+) (?=powder\b)/gi, '$1 $2 baking '],
  [/(?<!\b[a-z]{3,12} )\b(?=powder (?:&|and|\+) (?:baking )?soda\b)/gi, 'baking '],
  // "3 T powder", where it is measured in spoons
  [/(?<=\d ?(?:t|T|tsp|tbsp|Tbsp)\.? )(?=powder\b)/g, 'baking '],
  [/\bhalf ?(?:&|n|'n') ?half\b/gi, 'half and half'],
  // "for the drizzle - juice of the lemon + 50 g granulated": of the one above
  [
    /^((?:for the )?(?:drizzle|icing|glaze|syrup|topping) ?[:–-] ?(?:juice|zest) of )the (?=lemon|lime|orange)/i,
    '$11 ',
  ],
];
const COUNTED = String.raw`(?:\d[\d.,/]{0,5}|an?|one|two|three|four|five|six|seven|eight|nine|ten|twelve|half an?)(?: and an? (?:half|quarter))?`;
const MEASURE = String.raw`(?:g|grams?|kg|ml|oz|ounces?|cups?|teaspoons?|tablespoons?|tsps?|tbsps?)`;
/** "four teaspoons of baking powder, no sorry, three, three teaspoons": what is said last stands, in the place of the first. */
const TAKEN_BACK = new RegExp(
  String.raw`(?<![\w.,/])(${COUNTED})( ?[a-z][a-z' -]{0,40}?),? (?:(?:um|er|uh|oh|well)[,.]? ){0,2}(?:(?:no|sorry|wait|make (?:that|it)|i mean|i tell a lie)[,.]? ){1,3}(?:it's )?(${COUNTED})(?: ?${MEASURE})?(?:, \3(?: ?${MEASURE})?)?(?=[,.;!]|$)`,
  'gi',
);
const plainly = (row: string): string =>
  SAID_PLAINLY.reduce((said, [pattern, instead]) => said.replace(pattern, instead), row)
    .replace(TAKEN_BACK, '$3$2')
    .replace(AS_THE_EGGS, (_, things: string, count: string, eggs: string, grams?: string) =>
      grams === undefined
        ? `${count}${eggs}, their weight in ${things}`
        : `${count}${eggs}, ${grams} each of ${things}`,
    );

const NAMED =
  /^(?=[^:\n]* )([^:\n]{3,40}\b(?:cakes?|sponge|bread|loaf|muffins|scones|biscuits|buns)(?: by weight)?): (?=\d)/i;

/** "(ounces)", "all in grams", in a row by itself: what every bare figure of the list is. */
const MEASURE_OF_ALL = /^\(?(?:all )?(?:in )?(ounces|oz|grams|g)\)?[.:]?$/i;
const BARE_ROW = /^(\s*(?:\d{1,4}|\d{0,2} ?[½¼¾])) (?=[a-z])(?!eggs?\b)/i;
function withMeasureOfAll(rows: readonly string[]): readonly string[] {
  const said = rows.findIndex((row) => MEASURE_OF_ALL.test(row.trim()));
  const bare = rows.filter((row) => BARE_ROW.test(row)).length;
  if (said < 0 || bare < FEWEST_ROWS) return rows;
  const unit = /^\(?(?:all )?(?:in )?o/i.test(rows[said]?.trim() ?? '') ? 'oz' : 'g';
  return rows.filter((_, i) => i !== said).map((row) => row.replace(BARE_ROW, `$1 ${unit} `));
}

/** The text as its writer wrote it. */
export function asPasted(text: string): string {
  const unframed = withoutColumns(withoutStrokes(withoutQuotes(text.replace(/\r\n?|\u2028/g, '\n').split('\n'))));
  const rows = withoutLineNumbers(
    withStepNumbers(
      withValuesBelow(withNameFirst(withoutMailHead(withMeasureOfAll(unframed)))).flatMap(withStepsBelow),
    ),
  )
    .flatMap((row) => plainly(row).split('\n'))
    .flatMap(eachSaid)
    .flatMap(withoutMarksBefore)
    .flatMap(withoutBakeBehind);
  // "6-6-6-3 sponge: 6 oz butter, …": what it is called, above its list
  const opening = rows.findIndex((row) => row.trim() !== '');
  const named = rows.flatMap((row, i) => (i === opening ? row.replace(NAMED, '$1\n').split('\n') : [row]));
  const kept = named.filter((row) => !BUTTONS.test(row.trim().replace(/\s+/g, ' ')) && !SWITCHES.test(row.trim()));
  const first = kept.findIndex((row) => row.trim() !== '');
  return kept.map((row, i) => (i === first ? row.replace(FORWARDED, '') : row)).join('\n');
}
