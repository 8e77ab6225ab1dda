import { describesOnly, type Ingredient, type MatchResult } from '../../kitchen/ingredients/index.js';
import { pantryOf } from '../../kitchen/equipment/index.js';
import type { ReadingContext } from './context.js';

/** Splits what follows an amount into the name and the note about it. */
export function headOf(rest: string): { readonly head: string; readonly note: string } {
  const withoutBracket = rest.replace(/^\s*(?:of|x)\s+/i, '');
  const cut =
    /\s*(?:,|;|\(|\[|\s-\s|:\s|\bplus (?:more|extra|a little)\b|\bto taste\b|\bas needed\b|\bif needed\b|\breserv(?:e|ing)\b|\bfor (?:the |greasing|dusting|brushing|glazing|serving|sprinkling|topping|rolling|frying|decorat)\b|\bto (?:sprinkle|scatter|strew|decorate|garnish|finish|dust|top|glaze|brush|serve|grease)\b|\bfrom\b(?=\s+\d)|\bat room\b|\balternat(?:ing|ely)\b|\bcut in(?:to)? (?=\d|small|large|chunks|cubes|pieces)|\btossed (?:in|with|w\/)|\bfried (?:in|until)\b)/i.exec(
      withoutBracket,
    );
  if (!cut) return { head: withoutBracket.trim(), note: '' };
  if (cut.index === 0) {
    const closing = /^[([][^)\]]*[)\]]\s*/.exec(withoutBracket);
    if (closing && closing[0].length < withoutBracket.length) {
      const later = headOf(withoutBracket.slice(closing[0].length));
      return { head: later.head, note: `${closing[0].trim()} ${later.note}`.trim() };
    }
    return { head: withoutBracket.replace(/^[\s,;:-]+/, ''), note: '' };
  }
  const head = withoutBracket.slice(0, cut.index).trim();
  const behind = withoutBracket.slice(cut.index);
  // "cooked, mashed swede": what it is stands behind what was done to it
  const later = cut[0].trim() === ',' && describesOnly(head) ? headOf(behind.slice(cut[0].length).trim()) : undefined;
  if (later && !describesOnly(later.head) && !/^\d/.test(later.head))
    return { head: later.head, note: `${head} ${later.note}`.trim() };
  return { head, note: behind.replace(/^[\s,;:-]+/, '').trim() };
}

/** What a name was taken for; with "or" between two names, the other one too. */
export type Named = MatchResult & { readonly alternative?: string };

const SURE = 0.6;

export function isKnownName(name: string, { region, kitchen }: ReadingContext): boolean {
  const matchResult = pantryOf(kitchen).match(name, region);
  return matchResult.kind === 'matched' && matchResult.confidence >= SURE;
}

/** "salt and pepper" are two names, "half and half" is one. */
export function namesIn(phrase: string, context: ReadingContext): readonly string[] {
  const whole = pantryOf(context.kitchen).match(phrase, context.region);
  if (whole.kind === 'matched' && !/\band\b|[,&+]/.test(phrase)) return [phrase];
  if (whole.kind === 'matched' && whole.confidence >= 0.9) return [phrase];
  const names = phrase.split(/\s*(?:,|\band\b|[&+])\s*/i).filter((name) => name !== '');
  return names.length > 1 && names.every((name) => isKnownName(name, context)) ? names : [phrase];
}

/** "sugar (powdered)", "flour, whole wheat": what follows belongs to the name when both together are a name. */
function withQualifier(name: string, note: string, context: ReadingContext): MatchResult | undefined {
  const qualifier =
    /^[([]?(?:(?:the|it's) )?([a-z][a-z' -]{1,30}?)(?: (?:kind|type|sort|stuff|one))?[)\]]?(?:,|$)/i.exec(note)?.[1];
  if (qualifier === undefined || qualifier.split(' ').length > 3) return undefined;
  // "soft white flour (self-rising)" is one kind of flour, whatever else is said of it
  const plain = /[a-z-]+$/i.exec(name)?.[0] ?? name;
  for (const of of [name, plain]) {
    const together = pantryOf(context.kitchen).match(`${qualifier} ${of}`, context.region);
    if (together.kind === 'matched' && together.confidence === 1) return together;
  }
  return undefined;
}

/** Says which kind, and could be read as a thing by itself: "white or brown sugar" has no white of an egg. */
const WHICH_KIND =
  /^(?:white|brown|light|dark|plain|whole|skim(?:med)?|semi-skimmed|(?:full|low|reduced)[ -]fat|lemon|lime|orange|vegetable|canola|rapeseed|sunflower|olive|peanut|coconut|corn|almond|oat|soya?|rice|caster|granulated|icing|demerara|self[ -]rais(?:ing|ed)|(?:un)?salted|smooth|crunchy|milk|natural|dutch|greek|red|green|wholemeal|whole ?wheat|bread|cake|spelt|maple|golden|rolled|quick|instant|walnut|pecan|apple|cider|wine)$/i;
/** "white or apple cider vinegar": the first with as much of the end of the second as makes a thing of it: "white vinegar". */
function withEndOfOther(before: string, after: string, context: ReadingContext): MatchResult | undefined {
  // "packed light or dark brown sugar"
  const kind = before
    .split(' ')
    .filter((word) => WHICH_KIND.test(word) || !describesOnly(word))
    .join(' ');
  if (!WHICH_KIND.test(kind)) return undefined;
  const words = after.split(' ');
  for (let from = Math.max(1, words.length - 2); from < words.length; from++) {
    const whole = pantryOf(context.kitchen).match(`${kind} ${words.slice(from).join(' ')}`, context.region);
    if (whole.kind === 'matched' && whole.confidence === 1) return whole;
  }
  return undefined;
}

/** "milk or buttermilk", "sooji/rava": the first of two known names is taken, the other offered. */
export function matchName(name: string, note: string, context: ReadingContext): Named {
  const { region, kitchen } = context;
  const pantry = pantryOf(kitchen);
  const either = / or |(?<!\bw)\//i.exec(name);
  const [before, after] = either
    ? [name.slice(0, either.index).trim(), name.slice(either.index + either[0].length).trim()]
    : ['', ''];
  if (before !== '' && after !== '') {
    const first = withEndOfOther(before, after, context) ?? pantry.match(before, region);
    if (first.kind === 'matched' && first.confidence >= SURE) {
      const second = pantry.match(after, region);
      if (second.kind !== 'matched' || second.ingredient === first.ingredient) return first;
      return { ...first, others: [second.ingredient, ...first.others], alternative: after };
    }
  }
  const alone = pantry.match(name, region);
  const isKind = alone.kind === 'matched' && (alone.confidence === 1 || /flour$/i.test(name));
  const qualified = isKind ? withQualifier(name, note, context) : undefined;
  return qualified ?? alone;
}

/** Part of a fruit that a line asks for. */
export type PartOfFruit = 'juice' | 'zest' | 'seeds' | 'pulp';

/** The ingredient that a part of a fruit is, and the grams of it in one fruit. */
export function partOfFruit(
  fruit: Ingredient,
  part: PartOfFruit,
  { kitchen }: ReadingContext,
): { readonly ingredient: Ingredient; readonly grams: number | undefined } {
  const fruitPart = part === 'juice' || part === 'zest' ? pantryOf(kitchen).byId(`${fruit.id}-${part}`) : undefined;
  const named = [...fruit.pieces, ...(fruitPart?.pieces ?? [])].find(([name]) => name.startsWith(`${part} of one`));
  return { ingredient: fruitPart ?? fruit, grams: named?.[1] };
}
