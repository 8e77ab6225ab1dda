import { bandQuantities, functionalTotals, type WeighedPart } from '../../formula/formula/index.js';
import { availability, roleOf } from '../../kitchen/ingredients/index.js';
import type { Band } from '../../ground/verdict/index.js';
import { nameOf } from './name-of.js';
import { STYLES, type Style } from './styles.js';

/** Plain facts of a batter that tell styles apart where their bands overlap. Shares of the flour unless said. */
interface Traits {
  readonly corn: number;
  readonly wholeGrain: number;
  readonly wheat: number;
  readonly puree: number;
  readonly vegetable: number;
  readonly darkSyrup: number;
  readonly driedFruit: number;
  readonly oats: number;
  readonly cocoa: number;
  readonly discard: number;
  readonly animal: boolean;
  readonly liquidFat: boolean;
  readonly wholeEgg: boolean;
  readonly white: boolean;
  readonly extraYolk: boolean;
  readonly buttermilk: boolean;
  readonly soda: boolean;
  readonly powder: number;
  /** Share of the flour that carries its raising agents. */
  readonly selfRaising: number;
  /** Share of ground nuts in what stands for flour. */
  readonly nutMeal: number;
  readonly egg: number;
}

const CORN: ReadonlySet<string> = new Set(['cornmeal', 'polenta', 'maize-flour', 'masa-harina']);
const DARK_SYRUP: ReadonlySet<string> = new Set([
  'molasses',
  'blackstrap-molasses',
  'black-treacle',
  'golden-syrup',
  'sorghum-syrup',
]);

function traitsOf(parts: readonly WeighedPart[]): Traits {
  const flour = functionalTotals(parts).flour || 1;
  const sum = (test: (part: WeighedPart) => boolean) =>
    parts.filter(test).reduce((total, part) => total + part.grams, 0) / flour;
  const has = (test: (part: WeighedPart) => boolean) => parts.some((part) => part.grams > 0 && test(part));
  const solidFat = sum(
    ({ ingredient }) => ingredient.category === 'fat' && !/oil|mayonnaise/.test(ingredient.behavesAs),
  );
  const liquidFat = sum(({ ingredient }) => /oil$|mayonnaise/.test(ingredient.behavesAs));
  return {
    corn: sum(({ ingredient }) => CORN.has(ingredient.behavesAs)),
    wholeGrain: sum(({ ingredient }) => ingredient.category === 'whole-grain flour'),
    wheat: sum(({ ingredient }) => ingredient.category === 'flour' || ingredient.category === 'whole-grain flour'),
    puree: sum(
      ({ ingredient, preparation }) =>
        ingredient.category === 'fruit puree' ||
        (ingredient.category === 'fresh fruit' && availability(ingredient, preparation) === 1) ||
        ingredient.behavesAs.endsWith('puree'),
    ),
    vegetable: sum(
      ({ ingredient, preparation }) =>
        ingredient.category === 'vegetable' && preparation !== 'pieces' && !ingredient.behavesAs.endsWith('puree'),
    ),
    darkSyrup: sum(({ ingredient }) => DARK_SYRUP.has(ingredient.behavesAs)),
    driedFruit: sum(
      ({ ingredient }) => ingredient.category === 'dried fruit' || ingredient.category === 'candied fruit',
    ),
    oats: sum(({ ingredient }) => ingredient.behavesAs.includes('oat') && roleOf(ingredient).flour > 0),
    cocoa: sum(({ ingredient }) => roleOf(ingredient).cocoa),
    discard: sum(({ ingredient }) => ingredient.behavesAs === 'sourdough-discard'),
    animal: has(({ ingredient }) => !ingredient.vegan),
    liquidFat: liquidFat > 0.1 && solidFat < 0.05,
    wholeEgg: has(({ ingredient }) => ingredient.behavesAs === 'egg'),
    white: has(({ ingredient }) => ingredient.behavesAs.endsWith('egg-white')),
    extraYolk: has(({ ingredient }) => ingredient.behavesAs === 'egg-yolk'),
    buttermilk: has(({ ingredient }) => /buttermilk|soured-milk/.test(ingredient.behavesAs)),
    soda: has(({ ingredient }) => ingredient.behavesAs === 'baking-soda'),
    powder: sum(({ ingredient }) => ingredient.behavesAs.includes('baking-powder')),
    selfRaising: sum(({ ingredient }) => ingredient.behavesAs.startsWith('self-r')),
    nutMeal: sum(({ ingredient }) => roleOf(ingredient).nutMeal),
    egg: parts.reduce((total, { ingredient, grams }) => total + grams * roleOf(ingredient).egg, 0) / flour,
  };
}

interface Mark {
  /** Words of the title or the yield that name the style. */
  readonly words?: RegExp;
  /** The shape of pan it is usually baked in. */
  readonly pan?: RegExp;
  /** In such a pan, or where none is said, nobody bakes it unless a word says so. */
  readonly notIn?: RegExp;
  /** So wide a style that nothing is taken for it unless it is called so. */
  readonly onlyCalled?: true;
  /** Without this it is hardly that style. */
  readonly needs?: (traits: Traits) => boolean;
}

const MUFFIN_TIN = /muffin|cupcake|case|bun tin|fairy/i;
const LOAF_TIN = /loaf|\b(?:lb|pound)\b|9\s*x\s*5|8\.5/i;
const LAYER_TIN = /round|sandwich|springform|layer|cake tin|cake pan|^(?:two|three|[23]) .*(?:tin|pan)s$/i;
const CUTTER = /^disc\b/i;
const SHEET_TIN = /tray|9\s*x\s*13|13\s*x\s*9|sheet|rect|square|33|slice|lamington|\b[23]\d ?x ?[23]\d\b/i;

/** What marks each style. A style without a row is told by its bands alone. */
const MARKS: Readonly<Record<string, Mark>> = {
  creamed_butter_cake: { words: /sandwich|sponge|butter cake|victoria|layer cake|drizzle/i, pan: LAYER_TIN },
  high_ratio_cake: { words: /high[- ]ratio/i, pan: LAYER_TIN },
  oil_cake: { words: /oil cake/i, needs: (t) => t.liquidFat && t.cocoa < 0.1 },
  one_bowl_buttermilk_cake: { needs: (t) => t.buttermilk && t.cocoa < 0.1 },
  reverse_creamed_cake: { words: /reverse/i, pan: LAYER_TIN },
  chocolate_cake: { words: /chocolate|cocoa|devil/i, needs: (t) => t.cocoa > 0.05 },
  red_cocoa_cake: { words: /red/i, needs: (t) => t.cocoa > 0.01 && t.cocoa < 0.12 && t.buttermilk },
  white_cake: { words: /white cake/i, needs: (t) => t.white && !t.wholeEgg },
  yellow_cake: { words: /yellow cake/i, needs: (t) => t.extraYolk },
  pound_cake: { words: /pound cake|madeira/i, pan: LOAF_TIN, needs: (t) => t.selfRaising < 0.6 && t.powder < 0.025 },
  light_fruit_cake: { words: /fruit ?cake/i, needs: (t) => t.driedFruit > 0.5 },
  dark_fruit_cake: { words: /fruit ?cake|harvest|christmas|dark/i, needs: (t) => t.driedFruit > 1.8 },
  vegetable_cake: { words: /carrot|courgette|zucchini|parsnip|beet|squash/i, needs: (t) => t.vegetable > 0.35 },
  vegan_cake: { words: /vegan/i, needs: (t) => !t.animal },
  cupcake: { words: /cupcake|fairy cake/i, pan: MUFFIN_TIN },
  muffin: { words: /muffin/i, pan: MUFFIN_TIN },
  bran_muffin: { words: /bran|wholemeal|whole ?wheat/i, pan: MUFFIN_TIN, needs: (t) => t.wholeGrain > 0.4 },
  fruit_puree_loaf: {
    words: /(?:banana|pumpkin|pear|apple|fruit).*(?:bread|loaf)|banana/i,
    pan: LOAF_TIN,
    needs: (t) => t.puree > 0.35,
  },
  plain_quick_loaf: { words: /loaf(?! cake)|tea ?bread|brack|bara brith/i, pan: LOAF_TIN },
  corn_bread: { words: /corn ?bread|maize/i, needs: (t) => t.corn > 0.25 },
  gingerbread: { words: /ginger ?(?:bread|cake)|parkin/i, needs: (t) => t.darkSyrup > 0.2 },
  soda_bread_plain: { words: /soda (?:bread|farl)/i, needs: (t) => t.soda && t.wholeGrain < 0.4 },
  soda_bread_brown: {
    words: /(?:brown|wheaten|wholemeal).*bread|soda bread/i,
    needs: (t) => t.soda && t.wholeGrain >= 0.4,
  },
  soda_bread_enriched: { words: /soda bread|tea bread/i, needs: (t) => t.soda },
  drop_biscuit: { words: /drop|biscuit/i, pan: /\bmounds\b/i },
  rolled_biscuit: { words: /biscuit/i, pan: CUTTER },
  british_scone: { words: /scone/i, pan: CUTTER },
  flaky_wedge_scone: { words: /wedge|scone/i },
  oat_farl_griddle: { words: /farl|griddle/i, needs: (t) => t.oats > 0.1 },
  pancake: { words: /pancake|flapjack|griddle cake|scotch|drop scone|pikelet/i },
  gluten_free_loaf: { words: /gluten[- ]free/i, needs: (t) => t.wheat < 0.05 },
  sourdough_discard_cake: { words: /discard|sourdough/i, needs: (t) => t.discard > 0.1 },
  tray_bake: {
    words: /tray ?bake|sheet cake|snack|\b(?:squares|bars)$/i,
    pan: SHEET_TIN,
    notIn: /^$|loaf|\b(?:lb|pound)\b|bundt|\bring\b|tube|round|sandwich/i,
  },
  brownie: { words: /brownies?\b|blondies?\b/i, pan: SHEET_TIN, onlyCalled: true },
  whisked_sponge: {
    words: /sponge|swiss roll|jelly roll|roulade|g[eé]noise|whisked/i,
    pan: LAYER_TIN,
    needs: (t) => t.egg > 1.3,
  },
  rubbed_in_bun: {
    words: /\brock (?:cakes?|buns?)|welsh cakes?|singing hinn|fat rascals?|raspberry buns?/i,
    notIn: /loaf|tin\b|pan\b|round|square|tube/i,
  },
  nut_cake: {
    words: /almond|hazelnut|walnut|\bnut\b|financiers?|friands?|flourless/i,
    needs: (t) => t.nutMeal > 0.5,
  },
};

export interface StyleGuess {
  readonly style: Style;
  /** Mean squared distance from the typical, in half widths of the band, after the marks; smaller is nearer. */
  readonly distance: number;
}

/** Weights of the marks against the bands: judged, not measured. */
const WORD_BONUS = 1.6;
/** "Three-egg scones" are scones, whatever their eggs. */
const CALLED_OTHERWISE = 2.5;
const PAN_BONUS = 0.5;
/** In the cups of a muffin tin nobody bakes a traybake, in a ring neither. */
const BAKED_OTHERWISE = 1;
const LACKS_WHAT_IT_NEEDS = 6;
const HAS_WHAT_IT_NEEDS = 0.5;
/** Fruit and nuts go into everything: only much of them, or none where they make the style, tells. */
const INCLUSIONS_HALF = 40;
const COMPARED = ['sugar', 'fat', 'egg', 'water'] as const;

/** Families by the last word of a name; what the word does not name is hardly meant, whatever its amounts. */
const FAMILIES: readonly {
  readonly called: RegExp;
  readonly styles: readonly string[];
  /** It is cut or sliced: a cake may be called one. */
  readonly large?: true;
}[] = [
  { called: /farls?$/i, styles: ['oat_farl_griddle', 'soda_bread_plain', 'soda_bread_brown', 'pancake'], large: true },
  { called: /(?:pancakes?|(?:drop|griddle) scones?|pikelets?)$/i, styles: ['pancake', 'oat_farl_griddle'] },
  { called: /scones?$/i, styles: ['british_scone', 'flaky_wedge_scone'] },
  { called: /biscuits?$/i, styles: ['drop_biscuit', 'rolled_biscuit'] },
  { called: /muffins?$/i, styles: ['muffin', 'bran_muffin'] },
  { called: /(?:cupcakes?|fairy cakes?)$/i, styles: ['cupcake'] },
  { called: /(?:doughnuts?|donuts?)$/i, styles: ['muffin', 'cupcake'] },
  { called: /(?:brownies?|blondies?)$/i, styles: ['brownie'], large: true },
  { called: /\b(?:rock (?:cakes?|buns?)|welsh cakes?|raspberry buns?)$/i, styles: ['rubbed_in_bun'] },
  { called: /(?:swiss|jelly|sponge) rolls?$|roulade$/i, styles: ['whisked_sponge'], large: true },
];
const LARGE = /(?:loaf|loaves|bread|cakes?|sponge|tray ?bake)$/i;
/** Whether a name says that a style is not meant. */
function saysOther(name: string, styleId: string): boolean {
  const called = FAMILIES.find((family) => family.called.test(name));
  if (called) return !called.styles.includes(styleId);
  return LARGE.test(name) && FAMILIES.some(({ styles, large }) => !large && styles.includes(styleId));
}
/**
 * The styles nearest to a batter, best first: by how far each quantity lies from the typical in half widths of its band, by what the
 * title and the pan say, and by what a style cannot be without.
 * @returns an empty list when there is no flour
 */
export function detectStyle(
  parts: readonly WeighedPart[],
  title: string,
  pan: string,
  styles: readonly Style[] = STYLES,
): readonly StyleGuess[] {
  const quantities = bandQuantities(parts);
  if (quantities === undefined) return [];
  const traits = traitsOf(parts);
  const name = nameOf(title);
  return styles
    .map((style): StyleGuess => {
      let distance = 0;
      const add = (value: number, { low, typical, high }: Band, leastHalf = 2) => {
        const half = Math.max(leastHalf, value < typical ? typical - low : high - typical);
        distance += Math.min(9, ((value - typical) / half) ** 2) / (COMPARED.length + 2);
      };
      for (const quantity of COMPARED) add(quantities[quantity], style.bands[quantity]);
      add(quantities.cocoa, { ...style.cocoa, high: Math.max(style.cocoa.high, style.cocoa.typical + 4) });
      add(quantities.inclusions, style.inclusions, INCLUSIONS_HALF);
      const mark = MARKS[style.basedOn];
      if (mark?.words?.test(title)) distance -= WORD_BONUS;
      if (saysOther(name, style.basedOn)) distance += CALLED_OTHERWISE;
      if (mark?.pan?.test(pan)) distance -= PAN_BONUS;
      const isElsewhere = (MUFFIN_TIN.test(pan) && mark?.pan !== MUFFIN_TIN) || mark?.notIn?.test(pan) === true;
      if (isElsewhere && !mark?.pan?.test(pan) && !mark?.words?.test(title)) distance += BAKED_OTHERWISE;
      if (mark?.onlyCalled && !mark.words?.test(title)) distance += LACKS_WHAT_IT_NEEDS;
      if (mark?.needs) distance += mark.needs(traits) ? -HAS_WHAT_IT_NEEDS : LACKS_WHAT_IT_NEEDS;
      return { style, distance };
    })
    .sort((a, b) => a.distance - b.distance);
}
