import { eggOf, type Ingredient } from '../../kitchen/ingredients/index.js';
import { fillingHabit, millilitresIn, usualDensity, weighedCup } from '../../kitchen/equipment/index.js';
import { ownOf } from '../../ground/records/index.js';
import { FILLINGS, gramsOfMeasure, type Filling, type Region, type Unit } from '../../ground/units/index.js';
import { middle, type Amount } from './amounts.js';
import type { ReadingContext } from './context.js';
import { isBareGrams, isCounted } from './counted.js';

/** Grams of an amount, and how far they may be off. */
export interface Weight {
  readonly grams: number;
  readonly low: number;
  readonly high: number;
  /** Nothing had to be guessed about the size of what was counted. */
  readonly certain: boolean;
}

export interface WeighContext extends ReadingContext {
  /** The whole segment, lower case: "mashed", "packed", "drained" stand in it. */
  readonly words: string;
}

const US_CUP_MILLILITRES = 236.588;
/** Ways a cup of fruit or nuts is prepared, as the piece names of the table say it. */
const CUP_WORDS: readonly (readonly [string, RegExp])[] = [
  ['mashed', /\bmashed\b/],
  ['grated', /\b(?:grated|shredded)\b/],
  ['sliced', /\bsliced\b/],
  ['chopped', /\bchopped\b/],
  ['diced', /\bdiced\b/],
  ['halved', /\bhalved\b/],
  ['crumbled', /\bcrumbled\b/],
  ['cubed', /\bcubed\b/],
  ['pitted', /\bpitted\b/],
  ['pureed', /\bpureed?\b/],
  ['drained', /\bdrained\b/],
  ['packed', /(?<!\bnot )\bpacked\b/],
  ['mini', /\bmini\b/],
];
/** Measures that are not pieces, though the table lists their grams. */
const NOT_A_PIECE = /cup|spoon|pinch|juice|zest|drop|spray|grated|crushed|seeds|pulp|snack|from one/;
/** A fruit or vegetable of no said size: eight in ten lie within this share of the usual one. */
const PIECE_SPREAD = 0.25;
const EGG_SPREAD = 0.07;
/** Vague measures that the table knows the weight of for some ingredients: a handful of berries. */
const VAGUE_PIECES: ReadonlySet<string> = new Set(['handful']);
/** A measure that was weighed once is met again so closely by the same hand. */
const WEIGHED_SPREAD = 0.03;
/** Continental sachets, by what is in them. */
const SACHETS: Readonly<Record<string, string>> = {
  'uk-baking-powder': 'sachet_bp_g',
  'baking-powder': 'sachet_bp_g',
  'vanilla-sugar': 'sachet_vanilla_g',
};
/** What a sachet of it holds; where a region sells none, a continental one is meant: nobody empties a whole tub into a cake. */
function sachetOf({ behavesAs }: Ingredient, region: Region): number | undefined {
  const measure = ownOf(SACHETS, behavesAs);
  return measure === undefined ? undefined : (gramsOfMeasure(region, measure) ?? gramsOfMeasure('EU', measure));
}
/** The smallest pack of a region: a block of butter is 250 g where packs are round in grams, and a stick where they are in ounces. */
function packOf({ packGrams }: Ingredient, region: Region): number | undefined {
  const isRound = (grams: number): boolean => grams % ROUND_PACK_GRAMS === 0;
  return packGrams.find((grams) => isRound(grams) === (region !== 'US')) ?? packGrams[0];
}
const ROUND_PACK_GRAMS = 25;
const RANGE_OF_POT = { grams: 150, spread: 0.3 };
/** What nobody buys in a pot is measured with the pot that the yogurt came in. */
const MEASURED_BY_POT: ReadonlySet<string> = new Set(['flour', 'whole-grain flour', 'gluten-free flour', 'starch', 'sugar', 'nut/seed', 'chocolate/cocoa']); // prettier-ignore
const POT_MILLILITRES = 145;
const isMeasuredByPot = ({ category, composition }: Ingredient): boolean =>
  MEASURED_BY_POT.has(category) || (category === 'fat' && composition.fat > 0.98);

const FILLING_WORDS: Readonly<Record<Filling, RegExp>> = {
  scooped: /\b(?:scoop(?:ed)?|dip and sweep)\b/,
  spooned: /\bspooned?\b/,
  // sifted before it is measured; "1 cup flour, sifted" is measured first
  sifted: /^[^,;(]*\b(?:sifted|sieved)\b(?=.*[a-z])/,
  packed: /(?<!\b(?:not|un) ?)\bpacked\b/,
};

const fillingSaid = (words: string): Filling | undefined =>
  FILLINGS.find((filling) => FILLING_WORDS[filling].test(words));

interface Density {
  readonly usual: number;
  readonly low: number;
  readonly high: number;
  /** It was weighed in this kitchen, measure and filling are in it: how far the next one may be off, share of it. */
  readonly weighed?: number;
}

function density(ingredient: Ingredient, context: WeighContext): Density | undefined {
  const { words } = context;
  const cup = weighedCup(context.kitchen, ingredient);
  if (cup && fillingSaid(words) === undefined) {
    const usual = cup.grams / cup.millilitres;
    return { usual, low: usual, high: usual, weighed: cup.weighings > 1 ? cup.nextSpread : WEIGHED_SPREAD };
  }
  for (const [way, pattern] of CUP_WORDS) {
    if (!pattern.test(words)) continue;
    const cup = ingredient.pieces.get(`${way} cup`);
    if (cup !== undefined)
      return { usual: cup / US_CUP_MILLILITRES, low: cup / US_CUP_MILLILITRES, high: cup / US_CUP_MILLILITRES };
  }
  const by = ingredient.gramsPerMillilitre;
  // the words say it, or this baker always does it so: only the hand scatters then
  const filling = fillingSaid(words) ?? fillingHabit(context.kitchen, ingredient);
  const usual = usualDensity(ingredient, filling);
  if (usual === undefined) return undefined;
  if (filling !== undefined) return { usual, low: usual, high: usual };
  return { usual, low: Math.min(usual, by.sifted ?? usual), high: Math.max(usual, by.scooped ?? usual) };
}

const weight = (grams: number, spread: number, certain = true): Weight => ({
  grams,
  low: grams * (1 - spread),
  high: grams * (1 + spread),
  certain,
});

const EGG_PART: Readonly<Record<string, 'shelledGrams' | 'whiteGrams' | 'yolkGrams'>> = {
  egg: 'shelledGrams',
  'egg-white': 'whiteGrams',
  'egg-yolk': 'yolkGrams',
};

/** A bunch of herbs is a packet of them. */
function bunchOf({ packGrams }: Ingredient): number | undefined {
  const packs = packGrams.filter((grams) => grams <= LARGEST_BUNCH_GRAMS);
  return packs[Math.floor(packs.length / 2)];
}
const LARGEST_BUNCH_GRAMS = 60;

/** "8 cardamom pods, seeds ground": what the seeds of one weigh. */
const seedsOf = (pieces: Ingredient['pieces']) => [...pieces].find(([name]) => name.startsWith('seeds of one'))?.[1];

/** Grams of one counted piece: an egg of the region, a piece of that size, a can, a stick. */
function pieceOf(
  ingredient: Ingredient,
  unit: Unit | undefined,
  size: string | undefined,
  context: WeighContext,
): Weight | undefined {
  const part = EGG_PART[ingredient.behavesAs];
  if (part && unit === undefined) {
    const { egg, certain } = eggOf(context.region, size);
    return weight(egg[part], EGG_SPREAD, certain);
  }
  const { pieces } = ingredient;
  const seeds = /\bseeds\b/.test(context.words) ? seedsOf(pieces) : undefined;
  if (seeds !== undefined && (unit === undefined || unit.id === 'pod'))
    return weight(seeds, unit?.spread ?? PIECE_SPREAD);
  if (unit !== undefined) {
    const sachet = unit.id === 'packet' ? sachetOf(ingredient, context.region) : undefined;
    if (sachet !== undefined) return weight(sachet, unit.spread);
    const drained = unit.id === 'can' ? pieces.get('can drained') : undefined;
    const names: readonly string[] = {
      packet: ['sachet', 'envelope', 'box', 'brick', 'block'],
      pot: ['tub', 'snack pot'],
      clove: ['clove', 'whole clove'],
      can: ['can', context.region === 'US' ? 'can' : 'UK can'],
    }[unit.id] ?? [unit.id, `cooked ${unit.id}`];
    const pieceGrams = drained ?? names.map((name) => pieces.get(name)).find((grams) => grams !== undefined);
    if (pieceGrams) return weight(pieceGrams, unit.spread);
    const told = unit.id === 'pot' ? millilitresIn(context.kitchen, unit, context.region) : undefined;
    const pot = told ?? (unit.id === 'pot' && isMeasuredByPot(ingredient) ? POT_MILLILITRES : undefined);
    const filled = pot === undefined ? undefined : density(ingredient, context);
    if (pot !== undefined && filled)
      return weight(pot * filled.usual, told === undefined ? RANGE_OF_POT.spread : unit.spread / 2, told !== undefined);
    if (unit.id === 'pot')
      return weight(
        ingredient.packGrams.find((grams) => grams <= 500) ?? RANGE_OF_POT.grams,
        RANGE_OF_POT.spread,
        false,
      );
    const pack = ['can', 'packet', 'jar', 'bar', 'punnet'].includes(unit.id)
      ? packOf(ingredient, context.region)
      : undefined;
    if (pack !== undefined) return weight(pack, RANGE_OF_POT.spread, false);
    const bunch = unit.id === 'bunch' ? bunchOf(ingredient) : undefined;
    if (bunch !== undefined) return weight(bunch, unit.spread, false);
    if (unit.id === 'stick' && ingredient.category === 'fat') return weight(113.4, unit.spread);
    if (unit.id === 'sprig' || unit.id === 'drop') return weight(unit.id === 'drop' ? 0.05 : 1, unit.spread, false);
    if (unit.id !== 'stalk' && unit.id !== 'slice' && unit.id !== 'ball' && unit.id !== 'bunch') return undefined;
  }
  const peeled = /peeled|cored/.test(context.words) ? pieces.get(`peeled and cored ${size ?? 'medium'}`) : undefined;
  const sized = size === undefined ? undefined : (pieces.get(size) ?? pieces.get(`${size} raw`));
  if (peeled !== undefined || sized !== undefined) return weight(peeled ?? sized ?? 0, PIECE_SPREAD / 2);
  const wanted = [
    'medium',
    'medium raw',
    'one',
    'whole',
    'piece',
    'one pitted',
    'pulp of one',
    'medium flesh',
    'flesh of one',
  ];
  const usual =
    wanted.map((name) => pieces.get(name)).find((grams) => grams !== undefined) ??
    [...pieces].find(([name]) => !NOT_A_PIECE.test(name))?.[1];
  if (usual === undefined) return undefined;
  const factor = size === 'large' || size === 'big' ? 1.3 : size === 'small' || size === 'little' ? 0.7 : 1;
  return weight(usual * factor, PIECE_SPREAD, false);
}

/** "6 salt", "4 butter": so few of it are neither grams nor pieces, and nothing says what they are. */
const NEVER_COUNTED = /^(?:fat|flour|whole-grain flour|sugar|leavener|salt|starch)$/;

/** Grams of one amount of an ingredient, or undefined where nothing says what it weighs. */
function weighOne(amount: Amount, ingredient: Ingredient | undefined, context: WeighContext): Weight | undefined {
  const { unit, factor, each } = amount;
  const times = (each: Weight, spread = 0): Weight => {
    const count = middle(amount.quantity) * factor;
    return {
      grams: each.grams * count,
      low: each.low * amount.quantity.low * factor * (1 - spread),
      high: each.high * amount.quantity.high * factor * (1 + spread),
      certain: each.certain,
    };
  };
  if (each !== undefined) {
    const drained =
      context.words.includes('drained') && unit?.id === 'can' ? ingredient?.pieces.get('can drained') : undefined;
    const ofEach = drained === undefined ? weighOne(each, ingredient, context) : weight(drained, unit?.spread ?? 0);
    return ofEach && times(ofEach);
  }
  const vague = unit !== undefined && VAGUE_PIECES.has(unit.id) ? ingredient?.pieces.get(unit.id) : undefined;
  if (vague !== undefined) return times(weight(vague, unit?.spread ?? 0, false));
  if (unit?.grams !== undefined) return times(weight(unit.grams, unit.spread, unit.spread < 0.2));
  if (unit?.kind === 'volume') {
    const millilitres = millilitresIn(context.kitchen, unit, context.region);
    const grams = ingredient && density(ingredient, context);
    if (millilitres === undefined || !grams) return undefined;
    return times(
      {
        grams: millilitres * grams.usual,
        low: millilitres * grams.low,
        high: millilitres * grams.high,
        certain: unit.spread < 0.2,
      },
      grams.weighed ?? unit.spread,
    );
  }
  // "300 flour": nobody counts it
  const isBare = unit === undefined && amount.size === undefined;
  if (isBare && isBareGrams(amount.quantity.low, ingredient, context.words)) return times(weight(1, 0));
  if (isBare && ingredient && !isCounted(ingredient)) {
    // German counts the packets: "1 Backpulver, 1 Vanillezucker"
    const packet = context.region === 'EU' ? sachetOf(ingredient, context.region) : undefined;
    if (packet !== undefined) return times(weight(packet, PIECE_SPREAD));
    if (NEVER_COUNTED.test(ingredient.category)) return undefined;
  }
  const piece = ingredient && pieceOf(ingredient, unit, amount.size, context);
  return piece && times(piece);
}

/** Grams of all parts of an amount together, "plus" added and "minus" taken off. */
export function weighAll(
  parts: readonly Amount[],
  ingredient: Ingredient | undefined,
  context: WeighContext,
): Weight | undefined {
  const weights = parts.map((part) => ({ part, weight: weighOne(part, ingredient, context) }));
  if (weights.some(({ weight: w }) => w === undefined)) return undefined;
  const sum = (of: (w: Weight) => number) =>
    weights.reduce((total, { part, weight: w }) => total + part.sign * (w ? of(w) : 0), 0);
  return {
    grams: sum((w) => w.grams),
    low: sum((w) => w.low),
    high: sum((w) => w.high),
    certain: weights.every(({ weight: w }) => w?.certain === true),
  };
}
