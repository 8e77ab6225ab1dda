import { isInclusion, roleOf } from '../../../kitchen/ingredients/index.js';
import { withAmount, type ReadEntry } from '../../../formula/parsing/index.js';
import { linesHolding, type Evidence, type Rule } from '../evidence.js';

/** Flour this far under its band, relative: no crumb stands on it. */
const FLOUR_UNDER = 0.2;
/** Share of flour without gluten from which something else must bind. */
const GLUTENLESS_MOST = 0.6;
/** Shelled egg that binds by itself, percent of flour. */
const EGG_BINDS_PERCENT = 35;
/** Gum or husk that binds, percent of flour. @source common practice: 0.3 % xanthan upwards, psyllium 1 % */
const GUM_BINDS_PERCENT = 0.25;
/** Share of bran and germ from which a crumb that is not meant to be dense is. */
const WHOLE_GRAIN_HEAVY = 0.5;
/** Styles that are whole grain by nature. */
const MEANT_WHOLE: ReadonlySet<string> = new Set([
  'bran_muffin',
  'soda_bread_brown',
  'oat_farl_griddle',
  'gluten_free_loaf',
  'dark_fruit_cake',
]);
/** Set by eggs, fat and sugar: flour only joins in. */
const SET_WITHOUT_FLOUR: ReadonlySet<string> = new Set(['brownie', 'nut_cake', 'whisked_sponge']);
/** What the title means to be is no fault. */
const MEANT_BY_TITLE = /grain|whole|wheat|rye|spelt|oat|bran|seed|brown|wheaten|parkin/i;
/** Pieces this far beyond what the style usually carries, and beyond the weight of the flour, tear any crumb. */
const PIECES_BEYOND = { ofStyle: 1.75, percent: 165 } as const;

const gramsOf = (parts: readonly { readonly grams: number }[]) => parts.reduce((sum, { grams }) => sum + grams, 0);
const flours = ({ weighed }: Evidence) => weighed.batter.filter(({ ingredient }) => roleOf(ingredient).flour > 0);

/** A share of the flour beyond its band by so much is a slip of the pen: a zero too many, a line read twice. */
const FAR_OFF = { above: 1.5, below: 0.5 } as const;
/** So little comes along with other things. Percent of the flour. */
const MEANT_WITHOUT = 2;
/** Below so few percent a band has no room to be far below of. */
const LEAST_LOW_PERCENT = 10;
const SHARES = ['sugar', 'fat', 'egg', 'water', 'salt'] as const;

/** What lies so far outside its band that something must have gone wrong in writing it down. */
export const farOff: Rule = ({ verdicts, weighed }) =>
  weighed.flourBasis?.assumed === true
    ? []
    : SHARES.flatMap((quantity) => {
        const verdict = verdicts.find((bandVerdict) => bandVerdict.quantity === quantity);
        if (!verdict) return [];
        const { value, band } = verdict;
        const above = value > band.high * FAR_OFF.above;
        // cakes and tea loaves without fat are old and sound
        const below = quantity !== 'fat' && band.low >= LEAST_LOW_PERCENT && value < band.low * FAR_OFF.below;
        if (!above && !below) return [];
        return [
          {
            code: 'far-off' as const,
            // beer bread has no egg, and sweetness is a taste: none at all may be meant, a tenth of an egg hardly
            severity:
              !above && (quantity === 'sugar' || value <= MEANT_WITHOUT) ? ('note' as const) : ('warning' as const),
            place: '',
            facts: {
              quantity,
              side: above ? ('above' as const) : ('below' as const),
              percent: value,
              low: band.low,
              high: band.high,
            },
          },
        ];
      });

/** Sugar, fat, liquid and pieces that the flour cannot hold up. */
export const carrying: Rule = ({ verdicts, quantities, style, totals, weighed }) => {
  const verdict = verdicts.find(({ quantity }) => quantity === 'flour');
  if (!verdict || !quantities || !style) return [];
  const egg = verdicts.find(({ quantity }) => quantity === 'egg');
  const thin =
    verdict.value < verdict.band.low * (1 - FLOUR_UNDER) &&
    egg?.verdict !== 'above' &&
    !SET_WITHOUT_FLOUR.has(style.basedOn);
  const meal = gramsOf(weighed.batter.filter(({ ingredient }) => roleOf(ingredient).nutMeal));
  const pieces = quantities.inclusions - (100 * meal) / totals.flour;
  const fruit = gramsOf(
    weighed.batter.filter(
      ({ ingredient, preparation }) => ingredient.category === 'fresh fruit' && isInclusion(ingredient, preparation),
    ),
  );
  const laden = pieces > Math.max(style.inclusions.high * PIECES_BEYOND.ofStyle, PIECES_BEYOND.percent);
  if (!thin && !laden) return [];
  return [
    {
      code: 'flour-cannot-carry',
      // of apples or plums some cakes are made of more than of batter, and meant so
      severity: !thin && (100 * fruit) / totals.flour > pieces / 2 ? 'note' : 'warning',
      place: '',
      facts: {
        flourPercent: verdict.value,
        low: verdict.band.low,
        pieces,
        piecesMost: style.inclusions.high,
        because: thin ? 'thin' : 'laden',
      },
    },
  ];
};

/** Flours without gluten and nothing that takes its place. */
export const binder: Rule = (evidence) => {
  const { totals, weighed, quantities, style } = evidence;
  const milled = flours(evidence);
  const without = gramsOf(
    milled.filter(
      ({ ingredient }) =>
        !ingredient.allergens.includes('gluten') ||
        /^(?:rolled-oats|quick-oats|steel-cut-oats|oat-flour|oatmeal)/.test(ingredient.behavesAs),
    ),
  );
  if (!(totals.flour > 0) || !quantities || without / gramsOf(milled) < GLUTENLESS_MOST) return [];
  const gums = gramsOf(
    weighed.batter.filter(
      ({ ingredient }) =>
        ingredient.category === 'thickener/gum' || /psyllium|flaxseed|chia/.test(ingredient.behavesAs),
    ),
  );
  const gumPercent = (100 * gums) / totals.flour;
  // corn bread is maize by nature, and crumbles as it should
  const enoughEgg = style?.basedOn === 'corn_bread' ? style.bands.egg.low : EGG_BINDS_PERCENT;
  if (quantities.egg >= enoughEgg || gumPercent >= GUM_BINDS_PERCENT) return [];
  const batter = weighed.components.find(({ inBatter }) => inBatter);
  return [
    {
      code: 'no-gluten-no-binder',
      severity: 'warning',
      place: '',
      facts: { share: (100 * without) / gramsOf(milled), egg: quantities.egg },
      ...(batter && {
        fix: {
          kind: 'add-line',
          componentId: batter.id,
          text: `${Math.max(1, Math.round(totals.flour * 0.02))} g psyllium husk`,
        },
      }),
    },
  ];
};

const isWhole = ({ ingredient }: ReadEntry) => ingredient?.category === 'whole-grain flour';

/** So much whole grain that the crumb will be heavy where the style is light. */
export const wholeGrain: Rule = (evidence) => {
  const { style, totals, weighed } = evidence;
  const whole = gramsOf(weighed.batter.filter(({ ingredient }) => ingredient.category === 'whole-grain flour'));
  const share = totals.flour > 0 ? whole / totals.flour : 0;
  const meant = MEANT_BY_TITLE.test(evidence.formula.title) || (style && MEANT_WHOLE.has(style.id));
  if (share <= WHOLE_GRAIN_HEAVY || meant) return [];
  const [largest, more] = linesHolding(evidence, isWhole);
  const half = largest?.entry.weight ? Math.round(largest.entry.weight.grams / 2) : 0;
  return [
    {
      code: 'whole-grain-heavy',
      severity: 'note',
      place: largest?.line.line.id ?? '',
      facts: { percent: 100 * share },
      ...(largest &&
        !more &&
        largest.line.entries.length === 1 &&
        half > 0 && {
          fix: {
            kind: 'retype',
            lineId: largest.line.line.id,
            text: `${half} g ${largest.entry.ingredient?.nameUk ?? largest.entry.name} and ${half} g plain flour`,
          },
        }),
    },
  ];
};

/** Water in grams that a gram of it drinks beyond what white flour of its weight would. @source leavening.md part B; dried coconut: common practice, about its own weight */
const DRINKS: readonly (readonly [RegExp, number])[] = [
  [/^(?:desiccated-coconut|coconut-flakes)$/, 1],
  [/^coconut-flour$/, 2.4],
  [/oats|oat-flour|oatmeal/, 0.35],
  [/cocoa$|^carob-powder$/, 1.1],
  [/bran/, 1.9],
  [/chia|flaxseed/, 2.5],
  [/psyllium/, 14],
];
const WHOLE_FLOUR_DRINKS = 0.18;

const drinks = ({ ingredient }: ReadEntry): number =>
  ingredient === undefined
    ? 0
    : (DRINKS.find(([name]) => name.test(ingredient.behavesAs))?.[1] ??
      (ingredient.category === 'whole-grain flour' ? WHOLE_FLOUR_DRINKS : 0));

const isGrain = ({ ingredient }: ReadEntry): boolean =>
  ingredient !== undefined &&
  (ingredient.category === 'whole-grain flour' || /oats|oat-flour|oatmeal|bran/.test(ingredient.behavesAs));

/** What drinks, where the batter has no water to spare for it. */
export const thirsty: Rule = (evidence) => {
  const { quantities, style, totals, formula, around } = evidence;
  if (!quantities || !style) return [];
  // the band of a style that is whole grain by nature has its thirst in it
  const meant = MEANT_WHOLE.has(style.id) || MEANT_BY_TITLE.test(formula.title);
  const drinkers = linesHolding(evidence, (entry) => drinks(entry) > 0 && !(meant && isGrain(entry))).filter(
    ({ line }) => line.component.inBatter && !line.optional,
  );
  const grams = drinkers.reduce((sum, { entry }) => sum + drinks(entry) * (entry.weight?.grams ?? 0), 0);
  const left = quantities.water - (100 * grams) / totals.flour;
  const { low } = style.bands.water;
  if (grams < 5 || left >= low * 0.9) return [];
  const wanted = ((low - left) * totals.flour) / 100;
  const liquid = linesHolding(
    evidence,
    ({ ingredient, weight }) =>
      ingredient !== undefined &&
      roleOf(ingredient).wets &&
      ingredient.composition.water > 0.8 &&
      ingredient.category !== 'egg' &&
      weight !== undefined,
  )
    .filter(
      ({ line }) =>
        line.component.inBatter &&
        line.entries.length === 1 &&
        !/fruit|vegetable/.test(line.entries[0]?.ingredient?.category ?? ''),
    )
    .sort((a, b) => (b.entry.weight?.grams ?? 0) - (a.entry.weight?.grams ?? 0))[0];
  const more =
    Math.round(((liquid?.entry.weight?.grams ?? 0) + wanted / (liquid?.entry.ingredient?.composition.water ?? 1)) / 5) *
    5;
  return [
    {
      code: 'thirsty-ingredients',
      severity: 'note',
      place: drinkers[0]?.line.line.id ?? '',
      facts: { grams, names: drinkers.map(({ entry }) => entry.name), left: Math.max(0, left), low, wanted },
      ...(liquid && {
        fix: {
          kind: 'retype',
          lineId: liquid.line.line.id,
          text: withAmount(liquid.line.line.text, `${more} g`, { region: formula.region, kitchen: around.kitchen }),
        },
      }),
    },
  ];
};
