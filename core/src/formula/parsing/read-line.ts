import { ownOf } from '../../ground/records/index.js';
import type { Ingredient, Preparation } from '../../kitchen/ingredients/index.js';
import { millilitresIn, pantryOf, unitsOf } from '../../kitchen/equipment/index.js';
import { inPieces, LONGEST_LINE } from '../../ground/text/index.js';
import { MOST_GRAMS, type Region } from '../../ground/units/index.js';
import { amountsIn, readAmount, type Amount, type Quantity } from './amounts.js';
import type { ReadingContext } from './context.js';
import { isBareGrams } from './counted.js';
import { amountsOfNote, draftsOf, type Draft } from './drafts.js';
import { matchName, partOfFruit } from './names.js';
import { normalise } from './normalise.js';
import { fruitApart, withoutSayingAgain } from './fruit-apart.js';
import { problem, type Problem, type ProblemFacts } from './problem.js';
import { reworded, thingsApart } from './rewordings.js';
import { bareLine, segmentsOf } from './segments.js';
import { weighAll, type WeighContext, type Weight } from './weigh.js';

/** One ingredient of a written line, weighed. */
export interface ReadEntry {
  /** The written line, exactly. */
  readonly text: string;
  /** The words taken for the name. */
  readonly name: string;
  readonly ingredient: Ingredient | undefined;
  /** 0–1; below 0.5 the baker should look. */
  readonly confidence: number;
  /** What else the name may mean. */
  readonly others: readonly Ingredient[];
  readonly quantity: Quantity | undefined;
  /** Unit id, 'piece' for a count, undefined without an amount. */
  readonly unit: string | undefined;
  /** The size word of what is counted: "large". */
  readonly size?: string | undefined;
  readonly weight: Weight | undefined;
  readonly preparation: Preparation;
  /** What is said about it besides name and amount. */
  readonly note: string;
  /** The line says that it may be left out. */
  readonly optional: boolean;
  /** The line says that not all of it goes in at once. */
  readonly divided: boolean;
  readonly problems: readonly Problem[];
}

/** The baker's own word on a line; it wins over what the text says. */
export interface Correction {
  readonly ingredientId?: string;
  readonly grams?: number;
}

const PREPARATIONS: readonly (readonly [RegExp, Preparation])[] = [
  [/\b(mashed|pureed?|puréed?|pulp(?:ed)?|sauce|blended|liquidi[sz]ed)\b/, 'mashed'],
  [/\b(grated|shredded|coarsely grated|zested)\b/, 'grated'],
  [/\b(melted|browned)\b/, 'melted'],
  [/\bground\b/, 'ground'],
  [
    /\b(chopped|diced|sliced|cubed|cubes|chunks|pieces|chips|halved|quartered|whole(?! (?:eggs?|milk|wheat|grain|meal|spelt|rye))(?!-)|broken|slices|chunky|crumbled|segments)\b/,
    'pieces',
  ],
];
function preparationIn(words: string): Preparation {
  return PREPARATIONS.find(([pattern]) => pattern.test(words))?.[1] ?? 'none';
}

/** "3 UK medium eggs" in a formula from elsewhere. */
const EGGS_OF_REGION = /\b(US|UK|EU|AU|CA)\s+(?:extra[ -]large|very large|large|medium|small)\b/i;
/** "(that is plain flour, 120 g)": the baker's own word, as a formula is handed on. */
const THAT_IS = /\s?\(that is ([^()]*)\)/i;
const GRAMS_AT_THE_END = /(?:^|,|\s)(\d+(?:\.\d+)?) ?g$/i;
/** "(optional)" behind a line says nothing else of it. */
const OPTIONAL_BEHIND = / ?[,(] ?optional ?\)?$/i;
/** Two statements of the same amount may differ by what filling explains, and by this much more. */
const DISAGREE_BEYOND = 0.15;
/** A measure that may be off by so much, share of it, is none that another amount could contradict. */
const VAGUE_FROM = 0.4;
/** Sold by size, and the size differs from country to country. */
const EGGS: ReadonlySet<string> = new Set(['egg', 'egg-white', 'egg-yolk']);
/** Ingredients that go in by taste: no amount is no fault. */
const TO_TASTE =
  /to taste|for (?:greasing|dusting|glazing|the tin|the pan|the board|brushing|sprinkling|rolling|serving|frying|decorati)|as needed|if needed|optional|to (?:serve|finish|decorate|grease|dust|garnish|brush|glaze|sprinkle)/i;
const OPTIONAL = /\boptional(?:ly)?\b|\bif (?:you like|liked|using|wanted|you have (?:them|it|some|any))\b/i;
/** What goes on a bake or round it, and not into the batter: "2 tbsp milk, to brush". Not "200 g sugar, plus 2 tbsp to sprinkle". */
const BESIDE =
  /[,(] ?(?:to|for) (?:brush(?:ing)?|glaz(?:e|ing)|dust(?:ing)?|greas(?:e|ing)|sprinkl(?:e|ing)|serv(?:e|ing)|garnish|decorat(?:e|ing)|the (?:tin|pan|top)|frying|drizzling)\b/i;
const isBeside = ({ words, note }: Draft) =>
  (BESIDE.test(words) || BESIDE.test(`, ${note}`)) &&
  !/\b(?:plus|and|more|extra)\b/i.test(note) &&
  // "1 1/4 cups milk (plus a bit for glazing)"
  !/(?:\bplus|\bextra|\bmore|\+) ?[^,()]{0,24}\b(?:for|to)\b/i.test(words);
const DIVIDED = /\bdivided\b|\breserv(?:e|ed|ing)\b|\b(?:split|separated) (?:between|over)\b/i;

/** What was found about the name: what it is taken for, how sure that is, and what to say about it. */
interface Identified {
  readonly ingredient: Ingredient | undefined;
  readonly confidence: number;
  readonly others: readonly Ingredient[];
  readonly problems: readonly Problem[];
}

const GUESSED_SPELLING = 0.45;

function identify(text: string, draft: Draft, context: ReadingContext, corrected: Ingredient | undefined): Identified {
  const named = matchName(draft.name, draft.note, context);
  if (corrected) return { ingredient: corrected, confidence: 1, others: otherNames(named), problems: [] };
  if (named.kind === 'unknown') {
    const [nearest] = named.nearest;
    const problems: readonly Problem[] = [
      nearest && named.slip
        ? problem('spelling-guessed', 'warning', text, { name: draft.name, taken: nearest.nameUs })
        : problem('ingredient-unknown', 'error', text, {
            name: draft.name,
            nearest: named.nearest.map((near) => near.nameUs),
          }),
    ];
    return {
      ingredient: named.slip ? nearest : undefined,
      confidence: named.slip ? GUESSED_SPELLING : 0,
      others: named.nearest,
      problems,
    };
  }
  const { confidence, others } = named;
  const ingredient = meantByMeasure(named.ingredient, draft, context);
  const taken = ingredient.nameUs;
  const problems: readonly Problem[] =
    named.unread.length > 0
      ? [problem('words-unread', 'warning', text, { words: named.unread, taken })]
      : named.ambiguity !== undefined && named.ambiguity !== '' && ingredient === named.ingredient
        ? [problem('ingredient-ambiguous', 'note', text, { name: draft.name, taken, why: named.ambiguity })]
        : named.alternative !== undefined
          ? [problem('alternative-taken', 'note', text, { taken, other: named.alternative })]
          : [];
  return { ingredient, confidence, others, problems };
}

/** Fresh and dried share a name; the measure tells which is meant: a sprig is fresh, a teaspoon of "ginger" is ground. */
function meantByMeasure(ingredient: Ingredient, draft: Draft, { kitchen }: ReadingContext): Ingredient {
  const unit = draft.amount?.parts[0]?.unit?.id;
  const pantry = pantryOf(kitchen);
  const name = ingredient.id.replace(/^(?:dried|fresh)-/, '');
  if (unit === 'sprig' && ingredient.id.startsWith('dried-')) return pantry.byId(`fresh-${name}`) ?? ingredient;
  const bySpoon = unit === 'teaspoon' || unit === 'tablespoon';
  if (bySpoon && ingredient.id === 'fresh-ginger' && !/fresh|grated|root|minced|chopped|puree/.test(draft.words))
    return pantry.byId('ground-ginger') ?? ingredient;
  return ingredient;
}

const otherNames = (named: ReturnType<typeof matchName>): readonly Ingredient[] =>
  named.kind === 'unknown' ? named.nearest : named.others;

const METRIC_VOLUMES: ReadonlySet<string> = new Set(['millilitre', 'centilitre', 'decilitre', 'litre']);
/** What a line weighs by its own words, and what does not add up in them. */
function weighDraft(
  text: string,
  draft: Draft,
  ingredient: Ingredient | undefined,
  context: ReadingContext,
): { readonly weight: Weight | undefined; readonly problems: readonly Problem[] } {
  const { kitchen } = context;
  const weighContext: WeighContext = { ...context, words: draft.words };
  const parts = draft.amount?.parts ?? [];
  const [first] = parts;
  const problems: Problem[] = [];
  let weight: Weight | undefined;
  if (draft.unknownMeasure !== undefined) {
    problems.push(problem('measure-unknown', 'warning', text, { measure: draft.unknownMeasure, name: draft.name }));
  } else if (ingredient && draft.part) {
    weight = weighPartOfFruit(ingredient, draft, context);
  } else if (draft.amount) {
    weight = weighAll(parts, ingredient, weighContext);
  }
  const again = [
    ...(draft.amount?.again ?? []),
    ...amountsOfNote(draft.note, (inside) => amountsIn(inside, unitsOf(kitchen))),
  ];
  const stated = again.find((amount) => amount.unit?.kind === 'mass') ?? again[0];
  // "zest of 2 lemons, about 2 tbsp": of the zest, not of lemons
  const measured = ingredient && draft.part ? partOfFruit(ingredient, draft.part, context).ingredient : ingredient;
  const second = stated && weighAll([stated], measured, weighContext);
  if (second) {
    // a handful is a weight by its kind, and says none
    const isVague = first?.unit !== undefined && first.unit.spread >= VAGUE_FROM;
    const weighed = !isVague && parts.every(({ unit }) => unit?.kind === 'mass');
    const exact = weighed && parts.every(({ unit }) => unit?.id !== 'ounce' && unit?.id !== 'pound');
    const apart =
      weight !== undefined &&
      (second.low > weight.high * (1 + DISAGREE_BEYOND) || second.high < weight.low * (1 - DISAGREE_BEYOND));
    if (apart && first?.unit !== undefined && !isVague)
      problems.push(problem('amounts-disagree', 'warning', text, { first: weight?.grams ?? 0, second: second.grams }));
    // a weight beats a measure, wherever it stands, and "125 ml" the "4 fl oz" that were made of it
    const metric = parts.every(({ unit }) => unit !== undefined && METRIC_VOLUMES.has(unit.id));
    const lighter = stated.unit?.kind !== 'mass' && (weighed || metric);
    if (weight === undefined || !(exact || lighter)) weight = second;
  }
  const isBare = first?.unit === undefined && first?.each === undefined && first?.size === undefined;
  if (isBare && first && weight && !stated && isBareGrams(first.quantity.low, ingredient, draft.words))
    problems.push(problem('grams-assumed', 'note', text, { grams: weight.grams }));
  if (
    weight?.certain === false &&
    EGGS.has(ingredient?.behavesAs ?? '') &&
    first?.unit === undefined &&
    !stated &&
    weight.grams > 0
  ) {
    const count = first === undefined ? 1 : (first.quantity.low + first.quantity.high) / 2;
    problems.push(problem('egg-size-assumed', 'note', text, { grams: weight.grams / count }));
  }
  return { weight, problems };
}

const JUICE_SPREAD = 0.3;

function weighPartOfFruit(ingredient: Ingredient, draft: Draft, context: ReadingContext): Weight | undefined {
  const { grams } = partOfFruit(ingredient, draft.part ?? 'zest', context);
  const count = draft.amount?.parts[0]?.quantity;
  return grams !== undefined && count
    ? {
        grams: (grams * (count.low + count.high)) / 2,
        low: grams * count.low * (1 - JUICE_SPREAD),
        high: grams * count.high * (1 + JUICE_SPREAD),
        certain: false,
      }
    : undefined;
}

const exactly = (grams: number): Weight => ({ grams, low: grams, high: grams, certain: true });

/** Why an amount cannot be: digits can say what no bowl holds. */
function whyImpossible(
  { low, high }: Quantity,
  weight: Weight | undefined,
): ProblemFacts['amount-impossible']['why'] | undefined {
  const [least, most] = [weight?.grams ?? low, weight?.high ?? high];
  if (low < 0 || least < 0) return 'negative';
  if (high === 0 || weight?.grams === 0) return 'nothing';
  return least < MOST_GRAMS && most < 2 * MOST_GRAMS ? undefined : 'too-much';
}

/** What is roasted first is none that is bought ground. */
const ROASTED = /\b(?:toasted|roasted)\b/i;
const GROUND_TO_MEAL: Readonly<Record<string, string>> = { almonds: 'almond-flour', hazelnuts: 'hazelnut-meal' };

function enter(text: string, draft: Draft, context: ReadingContext, correction: Correction | undefined): ReadEntry {
  const corrected =
    correction?.ingredientId === undefined ? undefined : pantryOf(context.kitchen).byId(correction.ingredientId);
  const named = identify(text, draft, context, corrected);
  const fruit = named.ingredient;
  const parted = fruit && draft.part && !corrected ? partOfFruit(fruit, draft.part, context).ingredient : fruit;
  // "almonds, blanched and ground" are the meal
  const meal =
    corrected || preparationIn(draft.words) !== 'ground' || ROASTED.test(text)
      ? undefined
      : ownOf(GROUND_TO_MEAL, parted?.id ?? '');
  const ingredient = meal === undefined ? parted : (pantryOf(context.kitchen).byId(meal) ?? parted);
  const weighed = weighDraft(text, draft, fruit, context);
  const [first] = draft.amount?.parts ?? [];
  const quantity = first && quantityOf(first, draft.amount?.parts ?? [], context);
  const impossible =
    correction?.grams !== undefined || !quantity
      ? undefined
      : draft.negative
        ? 'negative'
        : whyImpossible(quantity, weighed.weight);
  const weight =
    correction?.grams !== undefined ? exactly(correction.grams) : impossible === undefined ? weighed.weight : undefined;
  const share = draft.amount?.parts[0]?.unit?.kind === 'share';
  // the baker's own weight settles what the words say of it
  const problems = correction?.grams === undefined ? [...named.problems, ...weighed.problems] : [...named.problems];
  if (correction?.grams === undefined) {
    if (impossible !== undefined) {
      problems.push(problem('amount-impossible', 'error', text, { name: draft.name, why: impossible }));
    } else if (!draft.amount) {
      const mild =
        TO_TASTE.test(text) || ingredient?.category === 'salt' || ingredient?.category === 'spice' ? 'note' : 'warning';
      problems.push(problem('amount-missing', mild, text, { name: draft.name }));
    } else if (weight === undefined && ingredient && !share && draft.unknownMeasure === undefined) {
      problems.push(problem('cannot-weigh', 'warning', text, { name: draft.name, unit: first?.unit?.id ?? 'piece' }));
    }
  }
  return {
    text,
    name: draft.name,
    ingredient,
    confidence: corrected ? 1 : named.confidence * (weight?.certain === false ? 0.85 : 1),
    others: named.others,
    quantity: impossible === undefined ? quantity : undefined,
    unit: first ? (first.unit?.id ?? 'piece') : undefined,
    size: first?.size,
    weight,
    preparation: preparationIn(draft.words),
    note: draft.note,
    optional: OPTIONAL.test(draft.words) || OPTIONAL.test(draft.note) || isBeside(draft),
    divided: DIVIDED.test(draft.words),
    problems,
  };
}

/** All parts of an amount in the unit of the first: "1¾ cups plus 2 tbsp" is 1.875 cups. Parts of another kind are left to the weight. */
function quantityOf(first: Amount, parts: readonly Amount[], { region, kitchen }: ReadingContext): Quantity {
  const sizeOf = ({ unit }: Amount) => unit?.grams ?? (unit && millilitresIn(kitchen, unit, region));
  const firstSize = sizeOf(first);
  const total = { low: 0, high: 0 };
  for (const part of parts) {
    const size = sizeOf(part);
    const share = part === first ? 1 : part.unit?.kind === first.unit?.kind && firstSize && size ? size / firstSize : 0;
    total.low += part.sign * part.quantity.low * part.factor * share;
    total.high += part.sign * part.quantity.high * part.factor * share;
  }
  return total;
}

/** "[note: browned first]" behind a line, as Orvin hands it on. */
const NOTE_BEHIND = / ?\[note: ([^[\]]+)\]$/i;

/** A line without the baker's word in brackets, and that word. */
export function withoutThatIs(
  written: string,
  context: ReadingContext,
): Correction & { readonly text: string; readonly note?: string } {
  const noted = NOTE_BEHIND.exec(written.trim());
  const text = noted ? written.trim().slice(0, noted.index) : written;
  const note = noted?.[1] === undefined ? {} : { note: noted[1].trim() };
  const correction = saidInText(normalise(text), context);
  return correction && Object.keys(correction).length > 0
    ? { ...correction, ...note, text: text.replace(THAT_IS, '').trim() }
    : { ...note, text };
}

/** The baker's word as it stands in the text of a line that was handed on. */
function saidInText(line: string, context: ReadingContext): Correction | undefined {
  const thatIs = THAT_IS.exec(line);
  if (!thatIs) return undefined;
  const words = thatIs[1] ?? '';
  const grams = GRAMS_AT_THE_END.exec(words);
  const name = words.slice(0, grams?.index).replace(/[\s,]+$/, '');
  const matchResult = name === '' ? undefined : pantryOf(context.kitchen).match(name, context.region);
  const ingredient =
    matchResult?.kind === 'matched' && matchResult.confidence === 1 ? matchResult.ingredient : undefined;
  return {
    ...(ingredient && { ingredientId: ingredient.id }),
    ...(grams && { grams: Number(grams[1]) }),
  };
}

/**
 * Reads one written line: every ingredient in it, weighed. A line of one ingredient gives one entry; "juice and zest of 2 limes",
 * "2 tsp baking powder and ½ tsp salt" give several with the same text. A correction applies to the only entry, or to none.
 */
export function readLine(text: string, context: ReadingContext, correction?: Correction): readonly ReadEntry[] {
  const [asLine = ''] = inPieces(text.trim().replace(NOTE_BEHIND, ''), LONGEST_LINE);
  const whole = normalise(asLine);
  const inText = saidInText(whole, context);
  const plain = whole.replace(THAT_IS, '');
  const optional = OPTIONAL_BEHIND.test(plain);
  const { line, saidFirst } = bareLine(plain.replace(OPTIONAL_BEHIND, ''));
  if (line === '') return [];
  const foreign = EGGS_OF_REGION.exec(line);
  const region = foreign ? ((foreign[1]?.toUpperCase() as Region | undefined) ?? context.region) : context.region;
  // "-2 cups": a dash without a space is a sign, and says so
  const negative = /^-(?=[\d.])/.test(line);
  const words = (foreign ? line.replace(foreign[0], foreign[0].slice(foreign[1]?.length ?? 0).trim()) : line).slice(
    negative ? 1 : 0,
  );
  const there: ReadingContext = { ...context, region };
  const gramsOf = (part: string) => readLine(part, there)[0]?.weight?.grams;
  const all = fruitApart(withoutSayingAgain(words))
    .flatMap((part) => thingsApart(part, there, gramsOf))
    .flatMap((part) => segmentsOf(reworded(part), there))
    .flatMap((segment) => draftsOf(segment, there));
  const correctionOfEntry = all.length === 1 && (inText || correction) ? { ...inText, ...correction } : undefined;
  return all.map((draft) => {
    const noted = {
      ...draft,
      ...(saidFirst !== '' && { note: `${saidFirst} ${draft.note}`.trim() }),
      ...(negative && { negative }),
    };
    const entry = enter(text, noted, there, correctionOfEntry);
    return optional ? { ...entry, optional } : entry;
  });
}

/** Whether a text begins with an amount. */
export const beginsWithAmount = (text: string, { kitchen }: ReadingContext): boolean =>
  readAmount(text.replace(/^-(?=[\d.])/, ''), unitsOf(kitchen)) !== undefined;
