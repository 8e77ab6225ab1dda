import { describesOnly } from '../../kitchen/ingredients/index.js';
import { pantryOf, unitsOf } from '../../kitchen/equipment/index.js';
import { readAmount, type Amount, type ReadAmount } from './amounts.js';
import type { ReadingContext } from './context.js';
import { OWN_SAID } from './pots.js';
import { headOf, isKnownName, namesIn, type PartOfFruit } from './names.js';

/** What a part of a line says before anything is looked up: an amount, a name, and a note about it. */
export interface Draft {
  readonly name: string;
  readonly note: string;
  readonly amount: ReadAmount | undefined;
  /** The whole part, lower case. */
  readonly words: string;
  /** "zest of one": the piece of the fruit that is meant. */
  readonly part?: PartOfFruit;
  /** Words that read like a measure nobody knows: "gran's cup". */
  readonly unknownMeasure?: string;
  /** Written with a minus before it. */
  readonly negative?: boolean;
  /** The amount was put behind the name. */
  readonly trailing?: boolean;
}

/** Where an amount may begin behind a name: a digit, or a word that counts. */
const AMOUNT_BEHIND = /[\s(,:;=-](?!00\b)(?=(?:about |approx\.? |x )?(?:\d|\.\d|half |an? |one ))/gi;
const SIZE_ALONE =
  /^\s*\(?(extra[ -]large|very large|large|medium|small|jumbo|lge?|med|sm)(?:[ -]sized?)?\)?(?![a-z])/i;
const JOINS_ON = /^\s*(?:[,;(]|plus\b|alternat(?:ing|ely)\b|or\b|for\b|to\b|at\b|-)/i;

/** "Eggs (M) - 3", "eggs, large: 2". */
const SIZE_BEHIND_NAME =
  /(?<=\begg(?:s|er)?)(?:,? \(?(?:size )?(XL|S|M|L|extra[ -]large|large|medium|small)(?:[ -]sized?)?\)?)$/i;
/** "flour T55", "Mehl Typ 405", "cream 35 %": figures that tell the kind. */
const KIND_IN_FIGURES = /\b(?:t|type|typ|tipo) ?\d{2,4}\b|\b00?\b|\b\d{1,2}(?:\.\d)? ?%/gi;

/** Where the amount stands when it stands behind the name. */
export interface TrailingAmount {
  readonly name: string;
  readonly amount: ReadAmount;
  readonly note: string;
  /** Index of the amount in the line, and of what follows it. */
  readonly from: number;
  readonly to: number;
}

/** "Flour - 2 1/4 cups self-rising, sifted": the kind stands behind the amount, and both together are a name. */
const KIND_BEHIND = /^ ?([a-z][a-z-]{1,14}(?: [a-z-]{2,14})?)(?=$|[,(])/i;
function kindBehind(
  name: string,
  { rest, parts }: ReadAmount,
  context: ReadingContext,
): { readonly name: string; readonly note: string } | undefined {
  const [kind, words = ''] = KIND_BEHIND.exec(rest) ?? [];
  if (kind === undefined || parts[0]?.unit === undefined || describesOnly(words)) return undefined;
  const whole = pantryOf(context.kitchen).match(`${words} ${name}`, context.region);
  const isOne = whole.kind === 'matched' && whole.confidence === 1;
  return isOne ? { name: `${words} ${name}`, note: rest.slice(kind.length).replace(/^[\s,]+/, '') } : undefined;
}

/** "Plain flour 225 g", "butter, 70 g, cold", "eggs 2 medium", "butter (115 g)": the amount stands behind the name. */
export function trailingAmount(line: string, context: ReadingContext): TrailingAmount | undefined {
  const units = unitsOf(context.kitchen);
  for (const at of line.matchAll(AMOUNT_BEHIND)) {
    const written = line.slice(0, at.index).replace(/[\s(,:;=-]+$/, '');
    const [sizeBehind = '', sizeSaid] = SIZE_BEHIND_NAME.exec(written) ?? [];
    const name = written.slice(0, written.length - sizeBehind.length);
    if (!/[a-z]{2}/i.test(name) || /\d/.test(name.replace(KIND_IN_FIGURES, '')) || /\([^)]*$/.test(name)) continue;
    const behind = line.slice(at.index + 1).replace(/^x /i, '');
    const from = line.length - behind.length;
    const amount = readAmount(behind, units);
    if (!amount) continue;
    const digits = /^(?:about |approx\.? )?\.?\d/i.test(behind);
    if (!digits && amount.parts[0]?.unit === undefined) continue;
    const kind = kindBehind(name, amount, context);
    if (kind) return { ...kind, amount, from, to: line.length - kind.note.length };
    const size = amount.parts[0]?.unit === undefined ? SIZE_ALONE.exec(amount.rest) : null;
    const rest = size ? amount.rest.slice(size[0].length) : amount.rest;
    const sizeOf = size?.[1] ?? sizeSaid;
    const bracketed = line[at.index] === '(';
    const ends = /^[\s.)]*$/.test(rest);
    // "75g chopped", "120g grated"
    if (!ends && (bracketed || !(JOINS_ON.test(rest) || describesOnly(rest)))) continue;
    if ((!ends || amount.parts[0]?.unit === undefined) && !isKnownName(name, context)) continue;
    const [first, ...others] = amount.parts;
    const sized =
      sizeOf && first ? { ...amount, parts: [{ ...first, size: sizeOf.toLowerCase() }, ...others] } : amount;
    return {
      name,
      amount: sized,
      note: rest
        .replace(/^[\s,;-]+/, '')
        .replace(/^[\s.)]+$/, '')
        .trim(),
      from,
      to: line.length - rest.length,
    };
  }
  return undefined;
}

const JUICE_ZEST =
  /^(?:the )?((?:(?:finely |freshly )?(?:grated |squeezed )?(?:juice|zest|rind|seeds|pulp)(?: ?(?:and|&|\+) ?)?)+) (?:of|from) (.*)$/i;
const PART_WORD = /juice|zest|rind|seeds|pulp/gi;
/** "1 lemon, zest only", "2 limes, zest and juice", "1 orange, zested". */
const PART_IN_NOTE =
  /^(?:(?:finely |freshly )?(?:grated |squeezed )?(?:zest(?:ed)?|juiced?|rind|pulp)(?: ?(?:and|&|\+) ?)?)+(?: only)?$/i;
/** Whether a note, in brackets or not, names what is taken of a fruit. */
const isPartOfFruit = (note: string): boolean => PART_IN_NOTE.test(note.replace(/^[([]\s?|\s?[)\]]$/g, ''));
const NAMES_EACH = /^each(?: of)?(?: ?:)? (.+)$|^(.+) each$/i;
/** "a little milk": no amount, however it begins. */
const VAGUE = /^(?:a (?:little|touch of|bit of|few drops of|dribble of)|some|lots of|plenty of|a little bit of)\s+/i;
/** Words that end like a measure of somebody's own: "gran's cup", "the blue mug". */
const OWN_MEASURE =
  /^((?:[\w'’-]+ ){0,3}?(?:cup|mug|glass|beaker|spoon|scoop|ladle|bowl|jug|tumbler|measure|tin|thimble|sack|bucket|pail)s?)(?:\s+of)?\s+(?=[a-z])(.*)$/i;

const partsNamed = (words: string): readonly PartOfFruit[] =>
  [...words.toLowerCase().matchAll(PART_WORD)].map((match) => (match[0] === 'rind' ? 'zest' : match[0]) as PartOfFruit);

/** Takes a part of a line apart. "Juice and zest of 2 limes" gives two drafts, "1 tsp each ginger and cinnamon" too. */
export function draftsOf(segment: string, context: ReadingContext): readonly Draft[] {
  const words = segment.toLowerCase();
  const units = unitsOf(context.kitchen);
  const part = JUICE_ZEST.exec(segment);
  if (part?.[1] && part[2]) {
    const amount = readAmount(part[2], units) ?? readAmount(`1 ${part[2]}`, units);
    const { head, note } = headOf(amount?.rest ?? part[2]);
    return partsNamed(part[1]).map((partOfFruit) => ({ name: head, note, amount, words, part: partOfFruit }));
  }
  const vague = VAGUE.exec(segment);
  const amount = vague ? undefined : readAmount(segment, units);
  if (!amount) return withoutLeadingAmount(vague ? segment.slice(vague[0].length) : segment, words, context);

  // "225g each of butter, sugar and flour (as much as the eggs)"
  const each = NAMES_EACH.exec(amount.rest.replace(/ ?\([^()]{1,60}\)\s*$/, ''));
  if (each) return namesIn(each[1] ?? each[2] ?? '', context).map((name) => ({ name, note: 'each', amount, words }));
  const { head, note } = headOf(amount.rest);
  const counted = amount.parts[0]?.unit === undefined && amount.parts.length === 1;
  const fruitPart = counted ? /^(?:of )?(.+) (zest|juice|rind)(?:ed)?$/i.exec(head) : null;
  if (fruitPart?.[1])
    return [{ name: fruitPart[1], note: '', amount, words, part: partsNamed(fruitPart[2] ?? '')[0] ?? 'zest' }];
  if (counted && isPartOfFruit(note))
    return partsNamed(note).map((fruitPart) => ({ name: head, note, amount, words, part: fruitPart }));
  const measure = counted ? ownMeasureIn(head, context) : undefined;
  if (measure) return [{ ...measure, note, amount, words }];
  return [{ name: head, note, amount: sizedBy(note, amount), words }];
}

function withoutLeadingAmount(segment: string, words: string, context: ReadingContext): readonly Draft[] {
  const last = trailingAmount(segment, context);
  if (last) {
    const { head, note } = headOf(last.name.trim());
    // "orange: 1, zest and juice"
    if (last.amount.parts[0]?.unit === undefined && isPartOfFruit(last.note))
      return partsNamed(last.note).map((part) => ({
        name: head,
        note: last.note,
        amount: last.amount,
        words,
        part,
        trailing: true,
      }));
    return [{ name: head, note: `${note} ${last.note}`.trim(), amount: last.amount, words, trailing: true }];
  }
  const { head, note } = headOf(segment);
  return namesIn(head, context).map((name) => ({ name, note, amount: undefined, words }));
}

/** "1 gran's cup of flour": somebody's own measure that was not taught yet. The whole must not be the name of something. */
function ownMeasureIn(head: string, context: ReadingContext): Pick<Draft, 'name' | 'unknownMeasure'> | undefined {
  const ownMeasure = OWN_MEASURE.exec(head);
  if (!ownMeasure?.[1] || !ownMeasure[2] || isKnownName(head, context)) return undefined;
  const { kind } = pantryOf(context.kitchen).match(ownMeasure[2], context.region);
  return kind === 'matched' ? { unknownMeasure: ownMeasure[1].toLowerCase(), name: ownMeasure[2] } : undefined;
}

/** "3 eggs (medium)", "2 eggs (L size)": a size that stands behind the name. */
function sizedBy(note: string, amount: ReadAmount): ReadAmount {
  const [first, ...others] = amount.parts;
  const size =
    /^[([]?\s*(extra[ -]large|very large|large|medium|small)(?:[ -]sized?)?\s*(?:[)\]]|$|,)/i.exec(note)?.[1] ??
    /^[([]?\s*(?:Gr\.? ?|Größe |size )?(SS|MS|LL|XL|S|M|L)(?:[ -]sized?)\s*(?:[)\]]|$|,)/.exec(note)?.[1] ??
    /^[([]\s*(?:Gr\.? ?|Größe |size )?(SS|MS|LL|XL|S|M|L)\s*[)\]]/.exec(note)?.[1];
  if (size === undefined || first === undefined || first.unit !== undefined || first.size !== undefined) return amount;
  return { ...amount, parts: [{ ...first, size: size.toLowerCase() }, ...others] };
}

const TIME_OF_IT =
  /\b(?:for )?(?:about )?\d{1,3}(?: ?(?:-|to) ?\d{1,3})? ?(?:hours?|hrs?|minutes?|mins?|days?|seconds?|secs?)\b/gi;
/** Weights hidden in a note: "ripe, mashed (about 340 g)", "peeled, 200 g". */
export function amountsOfNote(note: string, read: (text: string) => readonly Amount[]): readonly Amount[] {
  // "(or 1/3 cup water)" is another thing, not this one again
  // "(about 400 g raw)" is what it was before
  const asMeasured = note.replace(
    /\((?:about |approx\.? |roughly |from )?\d[\d.,/ ]{0,6}(?:g|kg|oz|lbs?) (?:raw|unpeeled|uncooked|untrimmed|whole|before [a-z ]{3,20}|with (?:the )?(?:skins?|stones?|peel))\)/gi,
    ' ',
  );
  const aboutThis = asMeasured.replace(
    /(?:^|[([,;]\s?)(?:(?:or|instead|keep|reserve|save|saving|keeping|plus|minus|up to|was|(?:you|one) (?:can|could|may|might)|(?:can|could) be (?:reduced|cut|halved)|(?:reduced?|cut|halved) to)\s|\+ ?|(?:s?he|they|i|we|mum|dad|gran|original(?:ly)?|recipe|card|book) (?:uses?|used|says?|said|takes?|had|has|calls for|with)\s)[^()[\]]*/gi,
    ' ',
  );
  // "about 375 g, boiled for 2 hours": a time is no amount of it, and a dash ends what is said of one
  const apart = aboutThis.replace(OWN_SAID, ' ').replace(TIME_OF_IT, ' ').replace(/ - /g, ', ');
  for (const [, inside = ''] of apart.matchAll(/[([]?((?:about|approx\.?|roughly|around|~)?\s*\d[^()[\]]*)[)\]]?/gi)) {
    const amounts = read(inside);
    if (amounts.length > 0) return amounts;
  }
  return [];
}
