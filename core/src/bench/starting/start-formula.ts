import { usualPowderId } from '../open-lines/index.js';
import { writtenLine } from '../adapt/index.js';
import { styleShortName, type Style } from '../../batter/balance/index.js';
import {
  bandShares,
  mustBeIngredient,
  type Formula,
  type FormulaLine,
  type WeighedPart,
} from '../../formula/formula/index.js';
import { shortIngredientName, type Ingredient, type Preparation } from '../../kitchen/ingredients/index.js';
import { PLAIN_KITCHEN, type Kitchen } from '../../kitchen/kitchen/index.js';
import { setLeavening } from '../../batter/leavening-methods/index.js';
import { brimMillilitres, parsePan, type PanSet } from '../../kitchen/pans/index.js';
import { rebalance, type OpenLine } from '../rebalance/index.js';
import type { Region } from '../../ground/units/index.js';
import { forbids, type Diet } from '../swaps/index.js';
import { INSTEAD, METHODS, PLANS } from './plans.js';

/** How much to start with. */
export type StartSize =
  | { readonly kind: 'flour'; readonly grams: number }
  | { readonly kind: 'pan'; readonly pans: PanSet; readonly written: string }
  | { readonly kind: 'count'; readonly count: number };

export interface StartWish {
  readonly style: Style;
  readonly size: StartSize;
  readonly region: Region;
  readonly kitchen?: Kitchen;
  /** Ids of what is in the cupboard; absent means everything. Flour, salt, leavener and water are always there. */
  readonly cupboard?: ReadonlySet<string>;
  readonly diets?: readonly Diet[];
}

export interface Started {
  readonly formula: Formula;
  /** What was put in the place of what is not there: plan's id, and what came. */
  readonly replaced: readonly { readonly wanted: string; readonly came: string | undefined }[];
  /** Whether everything lies in the style's bands. */
  readonly balanced: boolean;
}

const SHELLED_EGG_GRAMS = 50;
const PIECE_GRAMS: Readonly<Record<string, number>> = { muffin: 75, bran_muffin: 75, cupcake: 50, pancake: 55, british_scone: 60, drop_biscuit: 55, rolled_biscuit: 55, flaky_wedge_scone: 85, oat_farl_griddle: 90 }; // prettier-ignore
/** A slice of what is cut. */
const SLICE_GRAMS = 80;
/** Share of the brim that a style of no stated fill is filled to. */
const FILLED = 0.62;
const MUFFIN_FILLED = 0.73;
const ALWAYS: ReadonlySet<string> = new Set(['water', 'table-salt', 'baking-soda', 'egg']);
const PREPARED: Readonly<Record<string, Preparation>> = { banana: 'mashed', carrot: 'grated' };

interface Amount {
  readonly ingredient: Ingredient;
  grams: number;
  readonly role: 'flour' | 'sugar' | 'fat' | 'egg' | 'liquid' | 'salt' | 'besides' | 'leavener';
}

/**
 * A balanced formula of a style, from the middle of its bands: amounts are solved, not copied. Where something is not in the cupboard or
 * not allowed, the next best comes in; what has no stand-in is left out, and said.
 */
export function startFormula(wish: StartWish, newId: () => string): Started {
  const { style, region, kitchen = PLAIN_KITCHEN } = wish;
  const plan = PLANS[style.basedOn] ?? PLANS['plain_quick_loaf'];
  if (!plan) throw new Error('no plan for a plain loaf');
  const replaced: { wanted: string; came: string | undefined }[] = [];
  const allowed = (id: string) =>
    (ALWAYS.has(id) || (wish.cupboard?.has(id) ?? true)) &&
    !(wish.diets ?? []).some(
      (diet) => diet !== 'lower-fat' && diet !== 'lower-sugar' && forbids(diet, mustBeIngredient(id)),
    );
  const pick = (id: string): Ingredient | undefined => {
    const allowedId = [id, ...(INSTEAD[id] ?? [])].find(allowed);
    if (allowedId !== id) replaced.push({ wanted: id, came: allowedId });
    return allowedId === undefined ? undefined : mustBeIngredient(allowedId);
  };
  const amounts: Amount[] = [];
  const put = (id: string, grams: number, role: Amount['role']) => {
    const ingredient = pick(id);
    if (ingredient) amounts.push({ ingredient, grams, role });
  };
  // for a hundred of flour
  for (const [id, share] of plan.flours) put(id, 100 * share, 'flour');
  for (const [id, percent] of plan.besides) put(id, percent, 'besides');
  for (const [id, share] of plan.sugars) put(id, style.bands.sugar.typical * share, 'sugar');
  if (style.bands.fat.typical > 0) put(plan.fat, style.bands.fat.typical, 'fat');
  if (style.bands.egg.typical > 0) put('egg', style.bands.egg.typical, 'egg');
  put(plan.liquid, style.bands.water.typical, 'liquid');
  put('table-salt', style.bands.salt.typical, 'salt');
  if (!amounts.some(({ role }) => role === 'flour'))
    amounts.push({ ingredient: mustBeIngredient('gluten-free-flour-blend'), grams: 100, role: 'flour' });
  solveTypical(amounts, style);

  const whole = amounts.reduce((sum, { grams }) => sum + grams, 0) + 3;
  const factor = factorOf(wish, whole);
  for (const amount of amounts) amount.grams *= factor;
  wholeEggs(amounts);
  const settled = leavened(amounts, style, region);
  const { lines, balanced } = measured(settled, style);
  const formula = written(lines, wish, plan.method, plan.pan, kitchen, newId);
  return {
    formula,
    replaced: replaced.filter(
      ({ came }, i) =>
        replaced.findIndex((replacement) => replacement.wanted === replaced[i]?.wanted) === i || came === undefined,
    ),
    balanced,
  };
}

/** Moves sugar, fat and liquid until the bands' typical is met, egg's and milk's own fat and water counted. */
function solveTypical(amounts: readonly Amount[], style: Style): void {
  const target = {
    sugar: style.bands.sugar.typical,
    fat: style.bands.fat.typical,
    liquid: style.bands.water.typical,
    flour: 100,
  };
  const counted = { sugar: 'sugar', fat: 'fat', liquid: 'water', flour: 'flour' } as const;
  for (let round = 0; round < 12; round++) {
    for (const role of ['flour', 'sugar', 'fat', 'liquid'] as const) {
      const ofRole = amounts.filter((amount) => amount.role === role);
      const share = ({ ingredient }: Amount) =>
        bandShares(
          partOf(ingredient, 1),
          ingredient.behavesAs === 'sourdough-discard' ? 0.5 : role === 'flour' ? 1 : 0,
        )[counted[role]];
      const sum = amounts.reduce((total, amount) => {
        const flour = amount.role === 'flour' ? (amount.ingredient.behavesAs === 'sourdough-discard' ? 0.5 : 1) : 0;
        return total + amount.grams * bandShares(partOf(amount.ingredient, 1), flour)[counted[role]];
      }, 0);
      const held = ofRole.reduce((total, amount) => total + amount.grams * share(amount), 0);
      const rest = target[role] - (sum - held);
      if (held > 0) for (const amount of ofRole) amount.grams *= Math.max(0, rest) / held;
    }
  }
}

const partOf = (ingredient: Ingredient, grams: number): WeighedPart => ({
  ingredient,
  grams,
  preparation: PREPARED[ingredient.id] ?? 'none',
});

/** How often the hundred of flour goes in. */
function factorOf({ size, style }: StartWish, grams: number): number {
  if (size.kind === 'flour') return size.grams / 100;
  const wanted =
    size.kind === 'count'
      ? size.count * (PIECE_GRAMS[style.basedOn] ?? SLICE_GRAMS)
      : size.pans.count *
        brimMillilitres(size.pans.pan) *
        (size.pans.pan.shape === 'muffin' ? MUFFIN_FILLED : FILLED) *
        style.batterGramsPerMillilitre.typical;
  return wanted / grams;
}

/** Whole eggs, by moving everything a little, where that moves it little; else eggs are beaten and weighed. */
function wholeEggs(amounts: readonly Amount[]): void {
  const egg = amounts.find(({ role }) => role === 'egg');
  if (!egg || egg.grams <= 0) return;
  const count = Math.max(1, Math.round(egg.grams / SHELLED_EGG_GRAMS));
  egg.grams = count * SHELLED_EGG_GRAMS;
}

function leavened(amounts: readonly Amount[], style: Style, region: Region): readonly Amount[] {
  const powder = mustBeIngredient(usualPowderId(region));
  if (style.bands.gas.high <= 0.02) return amounts;
  const [best] = setLeavening({
    locked: amounts.map(({ ingredient, grams }) => partOf(ingredient, grams)),
    school: 'acid-only',
    gas: style.bands.gas,
    crumbPh: style.bands['crumb-ph'],
    fineness: 'spoons',
    powder,
  });
  const leaveners: readonly Amount[] = [
    { ingredient: mustBeIngredient('baking-soda'), grams: best?.sodaGrams ?? 0, role: 'leavener' },
    { ingredient: powder, grams: best?.powderGrams ?? 0, role: 'leavener' },
  ];
  return [...amounts, ...leaveners.filter(({ grams }) => grams > 0)];
}

/** What hands can measure, and a last look at the bands. */
function measured(
  amounts: readonly Amount[],
  style: Style,
): { readonly lines: readonly Amount[]; readonly balanced: boolean } {
  const open = amounts.map((amount, i): OpenLine => {
    const fine = amount.role === 'leavener' || amount.role === 'salt' || amount.grams < 12;
    const step = fine ? 0.1 : amount.grams < 60 ? 1 : 5;
    const grams = Math.max(step, Number((Math.round(amount.grams / step) * step).toFixed(1)));
    return {
      id: String(i),
      part: partOf(amount.ingredient, grams),
      locked: amount.role === 'besides',
      ...(amount.role === 'egg' && { pieceGrams: SHELLED_EGG_GRAMS }),
    };
  });
  const result = rebalance(open, style);
  const grams = new Map(result.lines.map(({ id, after }) => [id, after]));
  return {
    lines: amounts
      .map((amount, i) => ({ ...amount, grams: grams.get(String(i)) ?? 0 }))
      .filter((amount) => amount.grams > 0),
    balanced: result.feasible,
  };
}

const ORDER: readonly Amount['role'][] = ['flour', 'leavener', 'salt', 'sugar', 'fat', 'egg', 'liquid', 'besides'];

function written(
  amounts: readonly Amount[],
  { style, size, region }: StartWish,
  method: keyof typeof METHODS,
  pan: string,
  kitchen: Kitchen,
  newId: () => string,
): Formula {
  const context = { region, kitchen };
  const lines = [...amounts]
    .sort((a, b) => ORDER.indexOf(a.role) - ORDER.indexOf(b.role))
    .map(({ ingredient, grams, role }): FormulaLine => {
      if (role === 'egg' && Math.abs(grams % SHELLED_EGG_GRAMS) < 0.01) {
        const count = grams / SHELLED_EGG_GRAMS;
        return {
          id: newId(),
          text: `${count} ${region === 'US' || region === 'CA' ? 'large' : 'medium'} egg${count === 1 ? '' : 's'}`,
          grams,
        };
      }
      const prepared = PREPARED[ingredient.id];
      return { id: newId(), text: `${writtenLine(ingredient, grams, context)}${prepared ? `, ${prepared}` : ''}` };
    });
  const nameOf = (ingredient: Ingredient) => shortIngredientName(ingredient, region);
  const named = (...roles: readonly Amount['role'][]) => listed(amounts.filter(({ role }) => roles.includes(role)).map(({ ingredient, role }) => (role === 'egg' ? 'eggs' : nameOf(ingredient)))); // prettier-ignore
  const besides = named('besides');
  const egg = named('egg');
  const sugar = named('sugar');
  const panWords = size.kind === 'pan' ? size.written : pan;
  const celsius = Math.round(style.ovenCelsius.typical / 5) * 5;
  const fill: Readonly<Record<string, string>> = {
    dry: named('flour', 'leavener', 'salt'),
    sugar,
    fat: named('fat'),
    egg,
    liquid: named('liquid'),
    pan: panWords,
    oven: `${celsius} °C`,
    besides: besides === '' ? '' : `, and the ${besides}`,
    melted: amounts.some(({ role, ingredient }) => role === 'fat' && !ingredient.behavesAs.includes('oil'))
      ? ', melted'
      : '',
    'egg-too': egg === '' ? '' : ` and the ${egg}`,
    'sugar-too': sugar === '' ? '' : ` and ${sugar}`,
  };
  const steps = METHODS[method]
    .map((text) => text.replace(/\{([a-z-]+)\}/g, (_, key: string) => fill[key] ?? ''))
    .map((text) => tidied(text));
  const known = parsePan(panWords);
  return {
    title: `A ${styleShortName(style, region)} to start from`,
    region,
    styleId: style.id,
    ...(size.kind === 'count' && { yield: `makes ${size.count}` }),
    components: [{ id: newId(), name: method === 'rubbing' || method === 'soda' ? 'Dough' : 'Batter', lines }],
    steps: steps.map((text) => ({ id: newId(), text })),
    bake: { fan: false, celsius, ...(known.kind === 'pan' && { pan: panWords }) },
  };
}

const listed = (words: readonly string[]) =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;

/** What is not there leaves no hole: "Stir , sugar" and "the  a little". */
const tidied = (text: string) =>
  text
    .replace(/(?:, |and the |and |the )?(?<=\s)(?=[,.])/g, '')
    .replace(/\b(?:the|and) (?=[.,])/g, '')
    .replace(/([A-Z]\w+) , /g, '$1 ')
    .replace(/\s+,/g, ',')
    .replace(/,\s*,/g, ',')
    .replace(/\s{2,}/g, ' ')
    .trim();
