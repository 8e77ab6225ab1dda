import { ingredientById, type Ingredient } from '../../kitchen/ingredients/index.js';
import { germanAmount, type GermanAmount } from './amounts.js';
import { wordsOf } from './fold.js';
import { germanNameIn } from './names.js';
import { GERMAN_ACTS } from './sentence.table.js';
import { GERMAN_PREPARATIONS, GERMAN_REMARKS, GERMAN_SIZES } from './words.table.js';

/*
 * A German line of ingredients as the English line that means the same: "2 gehäufte TL Backpulver" is "3 tsp UK baking powder". What is
 * in packets, tubs and tins becomes grams, what is in a spoon stays a spoon of 15 or 5 ml. The written line stays as it is on the sheet;
 * this is only what is read. A line that names nothing known is left to the reader of English, which marks it.
 */

/** By word, and by nothing that every object has: a text may say "constructor". */
const PREPARED = new Map(Object.entries(GERMAN_PREPARATIONS));
const SIZED = new Map(Object.entries(GERMAN_SIZES));

/** How a part of a fruit is written, and what it is. */
const PARTS: readonly (readonly [RegExp, string])[] = [
  [/\bsaft\b/, 'juice'],
  [/\b(?:abrieb|schale|zesten)\b/, 'zest'],
];
/** "Mark einer Vanilleschote": the pod. */
const SEEDS_OF = /^(?:das )?(?:ausgekratzte )?mark (?:von |aus )?(?=(?:\d|eine[rs]?\b).{0,20}vanilleschote)/i;
const PART_OF =
  /^((?:(?:abgeriebene |geriebene |fein abgeriebene )?(?:saft|abrieb|schale|zesten)(?: (?:und|u\.|\+|&) )?){1,2}) (?:von |aus )?/i;
const EGGS: ReadonlySet<string> = new Set(['egg', 'egg-white', 'egg-yolk']);
const EGG_SIZE = /(?:gr(?:ö|oe)(?:ß|ss)e|gr\.?)\s?(xl|s|m|l)\b|^\s?(xl|s|m|l)\s?$/i;
const EGG_SIZES: Readonly<Record<string, string>> = { s: 'small', m: 'medium', l: 'large', xl: 'very large' };
/** What an adjective ends in. */
const ENDINGS = /(?:e|er|es|en|em)$/;

const rounded = (value: number) => String(Math.round(value * 1000) / 1000);
const rangeOf = ({ low, high, factor }: GermanAmount, by = 1) =>
  low === high ? rounded(low * factor * by) : `${rounded(low * factor * by)}-${rounded(high * factor * by)}`;

/** An amount of a thing in English: grams, millilitres, spoons, or so many. */
function amountInEnglish(amount: GermanAmount, ingredient: Ingredient, bracketed: GermanAmount | undefined, isEach: boolean): string {
  const { unit } = amount;
  if (unit === undefined || 'piece' in unit) return rangeOf(amount);
  if ('spoon' in unit) return `${rangeOf(amount)} ${unit.spoon}`;
  if ('grams' in unit) return `${rangeOf(amount, unit.grams)} g`;
  const weighed = bracketed?.unit && 'grams' in bracketed.unit ? bracketed.low * bracketed.unit.grams : undefined;
  // a bracket says what each packet holds, and what all handfuls weigh
  if (weighed !== undefined && unit.gramsOf === undefined && !isEach) return `${weighed} g`;
  const known = weighed ?? unit.gramsOf?.[ingredient.id];
  if (known !== undefined) return `${rangeOf(amount, known)} g`;
  const held = bracketed?.unit && 'millilitres' in bracketed.unit ? bracketed.low * bracketed.unit.millilitres : undefined;
  const millilitres = held ?? ('millilitres' in unit ? unit.millilitres : undefined);
  return millilitres === undefined ? `${rangeOf(amount)} packet` : `${rangeOf(amount, millilitres)} ml`;
} // prettier-ignore

const remarksIn = (words: readonly string[]): readonly string[] => {
  const text = ` ${words.join(' ')} `;
  return GERMAN_REMARKS.filter(([forms]) => forms.split('|').some((form) => text.includes(` ${form} `))).map(([, english]) => english); // prettier-ignore
};
const REMARK_WORDS = new Set(GERMAN_REMARKS.flatMap(([forms]) => forms.split('|').flatMap((form) => form.split(' '))));
const preparationOf = (word: string): string | undefined => PREPARED.get(word) ?? PREPARED.get(word.replace(ENDINGS, '')); // prettier-ignore

/** What a line names, its preparation and size, its parts of a fruit, and what is said besides. */
interface Named {
  readonly ingredient: Ingredient;
  readonly before: string;
  readonly behind: string;
  readonly parts: readonly string[];
  /** Words of its head that were not understood. */
  readonly unread: number;
}
/** "1 TL Ingwer": by the teaspoon it is a spice. */
const isTeaspoon = (amount: GermanAmount | undefined): boolean =>
  amount?.unit !== undefined && 'spoon' in amount.unit && amount.unit.spoon === 'tsp';
function named(rest: string, amount: GermanAmount | undefined): Named | undefined {
  const brackets = [...rest.matchAll(/\(([^()]{0,60})\)/g)].map(([, inside = '']) => inside);
  const bare = rest.replace(/\([^()]{0,60}\)/g, ' ');
  const [head = ''] = bare.split(/[,;]/);
  const name = germanNameIn(wordsOf(head)) ?? germanNameIn(wordsOf(rest));
  if (!name) return undefined;
  const words = wordsOf(head);
  const others = [...words.slice(0, name.from), ...words.slice(name.from + name.count)];
  const behind = wordsOf(bare.slice(head.length));
  const isGround = name.ingredient.id === 'fresh-ginger' && isTeaspoon(amount) && !/frisch|gerieb|geraspel|kandiert|gehackt/i.test(rest);
  const ingredient = (isGround ? ingredientById('ground-ginger') : undefined) ?? name.ingredient;
  const sizeSaid = EGG_SIZE.exec(bare) ?? brackets.map((inside) => EGG_SIZE.exec(inside)).find((found) => found !== null);
  const counted = amount !== undefined && (amount.unit === undefined || 'piece' in amount.unit);
  const size = EGGS.has(ingredient.id) && counted
    ? `EU ${EGG_SIZES[(sizeSaid?.[1] ?? sizeSaid?.[2] ?? 'm').toLowerCase()] ?? 'medium'}`
    : counted
      ? others.flatMap((word) => SIZED.get(word) ?? [])[0]
      : undefined;
  const prepared = new Set([...words, ...behind, ...brackets.flatMap((inside) => wordsOf(inside))].flatMap((word) => preparationOf(word) ?? []));
  // "2 Zitronen (Saft und Schale)", "2 Zitronen, Saft und Schale"
  const partWords = [...brackets, bare.slice(head.length)].map((said) => wordsOf(said).join(' ')).join(' ');
  return {
    ingredient,
    before: [...(size === undefined ? [] : [size]), ...prepared].join(' '),
    behind: remarksIn([...others, ...behind]).join(', '),
    unread: [...others, ...behind].filter((word) => preparationOf(word) === undefined && !REMARK_WORDS.has(word) && !SIZED.has(word)).length,
    parts: counted ? PARTS.filter(([form]) => form.test(partWords)).map(([, english]) => english) : [],
  };
} // prettier-ignore

/** The amount behind a name: "Mehl 250 g", "Zucker: ca. 100 g". */
const TRAILING = /^(\D{2,60}?)[\s:,]+((?:ca\. ?)?\d.{0,60})$/;

/** A German line with another amount in the place of its own; a line without one gets it in front. */
export function withGermanAmount(line: string, amount: string): string {
  const bullet = BULLET.exec(line)?.[0] ?? '';
  const text = line.slice(bullet.length).trim();
  const lead = germanAmount(text);
  if (lead) return `${bullet}${joined(amount, lead.rest)}`;
  const trailing = TRAILING.exec(text);
  const behind = trailing ? germanAmount(trailing[2] ?? '') : undefined;
  return `${bullet}${behind ? joined(trailing?.[1] ?? '', amount, behind.rest) : joined(amount, text)}`;
}

const BULLET = /^\s{0,9}[-*•]\s+/;
const joined = (...words: readonly string[]) => words.filter((word) => word !== '').join(' ');

/** "12 Stück", "ergibt 12 Muffins", "für 8 Portionen": what it makes. */
const YIELD =
  /^(?:für |ergibt |reicht für )?(?:ca\. |etwa )?(\d{1,3}) (stücke?|portionen|muffins|scones|brötchen|personen)(?=[,.: ]|$)/i;
export function yieldInEnglish(line: string): string | undefined {
  const made = YIELD.exec(line.trim());
  // "4 Stück Eier": so many of what is called
  if (!made || / \p{Lu}/u.test(line.trim().slice(made[0].length, made[0].length + 2))) return undefined;
  const what = /^(?:muffins|scones)$/i.test(made[2] ?? '') ? (made[2] ?? '').toLowerCase() : /^(?:port|pers)/i.test(made[2] ?? '') ? 'servings' : 'pieces';
  return what === 'servings' ? `serves ${made[1] ?? ''}` : `makes ${made[1] ?? ''} ${what}`;
} // prettier-ignore

/** "3. Eier trennen": the third step, not three eggs. */
const STEP_NUMBER = /^\d{1,2}[.)] /;

/** "Dinkelmehl 630 500 g": its type is no amount. */
const TYPE_OF_FLOUR = /(?<=mehl) (?:type? ?)?(?:405|550|630|812|997|1050|1150|1600)(?= \d)/i;

/** Longer than this is prose. */
const MOST_WORDS = 14;
/** What a step says and no line of ingredients: "2 Minuten rühren, Mehl zugeben" is not two of flour. */
const OF_STEPS = new Set([
  ...GERMAN_ACTS.flatMap(([forms]) => forms.split('|').filter((form) => !form.includes(' '))),
  ...['min', 'minute', 'minuten', 'std', 'stunde', 'stunden', 'grad'],
]);

/** "150 g + 2 EL Zucker": two amounts of one thing. */
const PLUS = /^(?:\+|plus|und)\s*(?=[\d¼½¾])/i;
function sumInEnglish(first: GermanAmount, second: GermanAmount, bullet: string): string | undefined {
  const thing = named(second.rest, second);
  if (!thing) return undefined;
  const [one, two] = [first, second].map((amount) => amountInEnglish(amount, thing.ingredient, undefined, false));
  return `${bullet}${joined(one ?? '', 'plus', two ?? '', thing.before, thing.ingredient.nameUs)}`;
}

/** "je 1 TL Zimt und Ingwer": so much of each. */
const EACH = /^je(?:weils)?\s+(?=[\d¼½¾a-z])/i;
function eachInEnglish(text: string): string | undefined {
  const amount = EACH.test(text) ? germanAmount(text.replace(EACH, '')) : undefined;
  if (!amount) return undefined;
  const things = amount.rest.split(/,? und |, | u\. /).map((rest) => named(rest, amount));
  const names = things.flatMap((thing) => (thing ? [joined(thing.before, thing.ingredient.nameUs)] : []));
  const [first] = things;
  if (!first || names.length < 2 || names.length < things.length) return undefined;
  return `${amountInEnglish(amount, first.ingredient, undefined, false)} each ${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;
}

/** The English line that a German line of ingredients means; undefined where it is none, or names nothing known. */
export function lineInEnglish(line: string): string | undefined {
  const bullet = BULLET.exec(line)?.[0] ?? '';
  const text = line.slice(bullet.length).trim().replace(TYPE_OF_FLOUR, '').replace(SEEDS_OF, '');
  if (STEP_NUMBER.test(text)) return undefined;
  const partOf = PART_OF.exec(text);
  if (partOf) {
    const [whole, written = ''] = partOf;
    const whose = text.slice(whole.length).replace(/^eine[rs]? /i, '');
    const fruit = lineInEnglish(/^\d/.test(whose) ? whose : `1 ${whose}`);
    const parts = PARTS.filter(([form]) => form.test(written.toLowerCase())).map(([, english]) => english);
    return fruit === undefined ? undefined : `${bullet}${parts.join(' and ')} of ${fruit}`;
  }
  const each = eachInEnglish(text);
  if (each !== undefined) return `${bullet}${each}`;
  const lead = germanAmount(text);
  const more = lead && PLUS.test(lead.rest) ? germanAmount(lead.rest.replace(PLUS, '')) : undefined;
  if (lead && more) return sumInEnglish(lead, more, bullet);
  const trailing = lead ? undefined : TRAILING.exec(text);
  const behind = trailing ? germanAmount(trailing[2] ?? '') : undefined;
  const amount = lead ?? behind;
  const rest = lead ? lead.rest : behind ? joined(trailing?.[1] ?? '', behind.rest === '' ? '' : `, ${behind.rest}`) : text;
  const words = wordsOf(rest);
  if (words.length > MOST_WORDS || words.some((word) => OF_STEPS.has(word) && !REMARK_WORDS.has(word))) return undefined;
  const thing = named(rest, amount);
  if (!thing) return undefined;
  const vague = amount ? undefined : /^(?:etwas|ein wenig|n\. ?b\.|nach belieben)\s/i.exec(text);
  // a line that does not begin with an amount is one of ingredients when nothing else is said in it
  if (!lead && !vague && thing.unread > 0) return undefined;
  const bracketed = /\(([^()]{1,30})\)/.exec(rest) ?? /, ?((?:ca\.?|etwa|rund) ?\d[^,()]{0,20})$/.exec(rest);
  const inside = bracketed ? germanAmount((bracketed[1] ?? '').replace(/^(?:à|a|je|ca\.?|abtropfgewicht:?|abtropfgew\.:?|atg\.?:?|einwaage:?|füllmenge:?)\s+/i, '')) : undefined;
  const isEach = /^(?:à|a|je)\s/i.test(bracketed?.[1] ?? '');
  const much = amount ? amountInEnglish(amount, thing.ingredient, inside, isEach) : vague ? 'a little' : '';
  // "2 Äpfel (ca. 300 g)": what they weigh is said behind them
  const weighed = amount?.unit === undefined && inside?.unit && 'grams' in inside.unit ? ` (about ${rangeOf(inside, inside.unit.grams)} g)` : '';
  const note = weighed + (thing.behind === '' ? '' : `, ${thing.behind}`);
  return thing.parts.length === 0
    ? `${bullet}${joined(much, thing.before, thing.ingredient.nameUs)}${note}`
    : `${bullet}${thing.parts.join(' and ')} of ${joined(much, thing.ingredient.nameUs)}${note}`;
} // prettier-ignore
