import { bandQuantities, bandShares, mustBeIngredient, type Formula } from '../../formula/formula/index.js';
import { judgeAgainst, measuredWith, type Style } from '../../batter/balance/index.js';
import { leaveningLedger } from '../../batter/leavening/index.js';
import { setLeavening } from '../../batter/leavening-methods/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import { PLAIN_KITCHEN, type Quantity } from '../../kitchen/kitchen/index.js';
import { brimMillilitres } from '../../kitchen/pans/index.js';
import type { Region } from '../../ground/units/index.js';
import { usualPowderId } from '../open-lines/index.js';
import { rebalance, type OpenLine } from '../rebalance/index.js';
import { forbids } from '../swaps/index.js';
import { INSTEAD, PLANS, type MethodId } from './plans.js';
import { partOf, SHELLED_EGG_GRAMS, type Amount, type StartWish } from './start-wish.js';
import { writtenStart } from './written-start.js';

export interface Started {
  readonly formula: Formula;
  /** What was put in the place of what is not there: plan's id, and what came. */
  readonly replaced: readonly { readonly wanted: string; readonly came: string | undefined }[];
  /** Bands that are missed, each by its quantity: what a diet takes away no amount brings back. */
  readonly missed: readonly Quantity[];
}

const PIECE_GRAMS: Readonly<Record<string, number>> = { muffin: 75, bran_muffin: 75, cupcake: 50, pancake: 55, british_scone: 60, drop_biscuit: 55, rolled_biscuit: 55, flaky_wedge_scone: 85, oat_farl_griddle: 90 }; // prettier-ignore
/** A slice of what is cut. */
const SLICE_GRAMS = 80;
/** Share of the brim that a style of no stated fill is filled to. */
const FILLED = 0.62;
const MUFFIN_FILLED = 0.73;
const ALWAYS: ReadonlySet<string> = new Set(['water', 'table-salt', 'baking-soda', 'egg']);
/** Less than this of sugar or fat is nothing that a baker weighs out; percent of the flour. */
const WORTH_WEIGHING = 1.5;

/** What holds a crumb without gluten, percent of the flour; and how much more it drinks. @source leavening.md part B, gluten-free */
const BINDER = { id: 'psyllium-husk', percent: 1.5 } as const;
const GLUTEN_FREE_DRINKS = 1.08;
/** Without egg: flax for a little of it, soy yogurt for much, so that something sets. By grams of egg. */
const WITHOUT_EGG = { flaxUpTo: 40, flaxPerEgg: 0.14, yogurtPerEgg: 0.9 } as const;

/** What is to go in, for a hundred of flour, with what stands in where something is not there or not allowed. */
function chosen(wish: StartWish): {
  readonly amounts: Amount[];
  readonly replaced: Started['replaced'];
  readonly isGlutenFree: boolean;
} {
  const { style, diets = [] } = wish;
  const plan = planOf(style);
  const replaced: { wanted: string; came: string | undefined }[] = [];
  const isForbidden = (id: string) =>
    diets.some((diet) => diet !== 'lower-fat' && diet !== 'lower-sugar' && forbids(diet, mustBeIngredient(id)));
  const allowed = (id: string) => (ALWAYS.has(id) || (wish.cupboard?.has(id) ?? true)) && !isForbidden(id);
  const pick = (id: string): Ingredient | undefined => {
    const allowedId = [id, ...(INSTEAD[id] ?? [])].find(allowed);
    if (allowedId !== id) replaced.push({ wanted: id, came: allowedId });
    return allowedId === undefined ? undefined : mustBeIngredient(allowedId);
  };
  const amounts: Amount[] = [];
  const put = (id: string, grams: number, role: Amount['role']) => {
    const ingredient = pick(id);
    const there = amounts.find((amount) => amount.role === role && amount.ingredient === ingredient);
    if (there) there.grams += grams;
    else if (ingredient) amounts.push({ ingredient, grams, role });
  };
  const { sugar, fat, egg, water, salt } = style.bands;
  for (const [id, share] of plan.flours) put(id, 100 * share, 'flour');
  for (const [id, percent] of plan.besides) put(id, percent, 'besides');
  if (sugar.typical >= WORTH_WEIGHING) for (const [id, share] of plan.sugars) put(id, sugar.typical * share, 'sugar');
  if (fat.typical >= WORTH_WEIGHING) put(plan.fat, fat.typical, 'fat');
  if (egg.typical > 0 && allowed('egg')) put('egg', egg.typical, 'egg');
  else if (egg.typical > 0) {
    const isLittle = egg.typical <= WITHOUT_EGG.flaxUpTo || !allowed('soy-yogurt');
    const id = isLittle ? 'ground-flaxseed' : 'soy-yogurt';
    const grams = egg.typical * (isLittle ? WITHOUT_EGG.flaxPerEgg : WITHOUT_EGG.yogurtPerEgg);
    const came = allowed(id) ? id : undefined;
    replaced.push({ wanted: 'egg', came });
    if (came) amounts.push({ ingredient: mustBeIngredient(came), grams, role: isLittle ? 'besides' : 'liquid' });
  }
  put(plan.liquid, water.typical, 'liquid');
  put('table-salt', salt.typical, 'salt');
  if (!amounts.some(({ role }) => role === 'flour'))
    amounts.push({ ingredient: mustBeIngredient('gluten-free-flour-blend'), grams: 100, role: 'flour' });
  const isGlutenFree = amounts.every(({ ingredient }) => !ingredient.allergens.includes('gluten'));
  if (isGlutenFree && !plan.besides.some(([id]) => id === BINDER.id)) put(BINDER.id, BINDER.percent, 'besides');
  return { amounts, replaced, isGlutenFree };
}

function planOf(style: Style) {
  const plan = PLANS[style.basedOn] ?? PLANS['plain_quick_loaf'];
  if (!plan) throw new Error('no plan for a plain loaf');
  return plan;
}

/** Fat that pours neither creams nor rubs in. */
function methodFor(method: MethodId, amounts: readonly Amount[]): MethodId {
  const pours = amounts.some(({ role, ingredient }) => role === 'fat' && ingredient.behavesAs.endsWith('oil'));
  if (pours && (method === 'creaming' || method === 'reverse')) return 'oil';
  return pours && method === 'rubbing' ? 'stirred' : method;
}

/**
 * A balanced formula of a style, from the middle of its bands: amounts are solved, not copied. Where something is not in the cupboard or
 * not allowed, the next best comes in; what has no stand-in is left out, and said. The flour that is asked for stays.
 */
export function startFormula(wish: StartWish, newId: () => string): Started {
  const { style, region, kitchen = PLAIN_KITCHEN } = wish;
  const plan = planOf(style);
  const { amounts, replaced, isGlutenFree } = chosen(wish);
  const water = style.bands.water.typical * (isGlutenFree ? GLUTEN_FREE_DRINKS : 1);
  solveTypical(amounts, style, Math.min(water, style.bands.water.high));
  const whole = amounts.reduce((sum, { grams }) => sum + grams, 0) + 3;
  const factor = factorOf(wish, whole);
  for (const amount of amounts) amount.grams *= factor;
  wholeEggs(amounts);
  const weighed = worthWeighing(joined(amounts));
  const { lines, missed } = measured(leavened(weighed, style, region), style, wish.size.kind === 'flour');
  const formula = writtenStart(
    lines,
    wish,
    { method: methodFor(plan.method, lines), pan: plan.pan, isGlutenFree },
    kitchen,
    newId,
  );
  return {
    formula,
    replaced: replaced.filter(
      ({ wanted, came }, i) => came === undefined || replaced.findIndex((other) => other.wanted === wanted) === i,
    ),
    missed,
  };
}

/** Moves sugar, fat and liquid until the bands' typical is met, egg's and milk's own fat and water counted. */
function solveTypical(amounts: readonly Amount[], style: Style, water: number): void {
  const target = {
    sugar: style.bands.sugar.typical,
    fat: style.bands.fat.typical,
    liquid: water,
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

/** Of one thing one line. */
function joined(amounts: readonly Amount[]): readonly Amount[] {
  const lines: Amount[] = [];
  for (const amount of amounts) {
    const same = lines.find(({ ingredient }) => ingredient === amount.ingredient);
    if (same) same.grams += amount.grams;
    else lines.push({ ...amount });
  }
  return lines;
}

/** Nobody weighs out a tenth of a gram of butter: what builds the batter is there in earnest or not at all. */
function worthWeighing(amounts: readonly Amount[]): readonly Amount[] {
  const flour = amounts.reduce((sum, { role, grams }) => sum + (role === 'flour' ? grams : 0), 0);
  const builds: ReadonlySet<Amount['role']> = new Set(['flour', 'sugar', 'fat', 'egg', 'liquid']);
  return amounts.filter(({ role, grams }) => !builds.has(role) || grams >= (WORTH_WEIGHING / 100) * flour);
}

/** What hands can measure, and a last look at the bands. @param flourAsked the flour is the baker's own figure and stays */
function measured(
  amounts: readonly Amount[],
  style: Style,
  flourAsked: boolean,
): { readonly lines: readonly Amount[]; readonly missed: readonly Quantity[] } {
  const open = amounts.map((amount, i): OpenLine => {
    const fine = amount.role === 'leavener' || amount.role === 'salt' || amount.grams < 12;
    const step = fine ? 0.1 : amount.grams < 60 ? 1 : 5;
    const grams = Math.max(step, Number((Math.round(amount.grams / step) * step).toFixed(1)));
    return {
      id: String(i),
      part: partOf(amount.ingredient, amount.role === 'flour' && flourAsked ? Math.round(amount.grams) : grams),
      locked: amount.role === 'besides' || (amount.role === 'flour' && flourAsked),
      ...(amount.role === 'egg' && { pieceGrams: SHELLED_EGG_GRAMS }),
    };
  });
  const result = rebalance(open, style);
  const grams = new Map(result.lines.map(({ id, after }) => [id, after]));
  const lines = amounts
    .map((amount, i) => ({ ...amount, grams: grams.get(String(i)) ?? 0 }))
    .filter((amount) => amount.grams > 0);
  return { lines, missed: missedBy(lines, style) };
}

function missedBy(lines: readonly Amount[], style: Style): readonly Quantity[] {
  const parts = lines.map(({ ingredient, grams }) => partOf(ingredient, grams));
  const quantities = bandQuantities(parts);
  if (!quantities) return [];
  const ledger = leaveningLedger(parts);
  const verdicts = judgeAgainst(style, measuredWith(quantities, ledger));
  return verdicts.filter(({ verdict }) => verdict !== 'within').map(({ quantity }) => quantity);
}
