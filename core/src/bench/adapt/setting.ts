import type { Audit } from '../audit/index.js';
import { mustBeIngredient, type Formula, type WeighedPart } from '../../formula/formula/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import { type Kitchen } from '../../kitchen/kitchen/index.js';
import { weighedDensity } from '../../kitchen/equipment/index.js';
import {
  isFreeLeavener,
  setLeavening,
  type Fineness,
  type LeaveningMethod,
  type Setting,
} from '../../batter/leavening-methods/index.js';
import { usualPowderId } from '../open-lines/index.js';
import { rewrite, type Addition, type AmountChange } from './rewrite.js';

export interface SettingChoice {
  readonly school: LeaveningMethod;
  readonly fineness: Fineness;
  readonly leftShare?: number;
  readonly acidId?: string;
}

const TEASPOON_MILLILITRES = 5;
/** Leaving soda over is meant to end above the band that a neutral crumb has. */
const BROWNING_ALLOWS_PH = 0.6;

/** What a formula's soda and powder are now. */
export interface Leaveners {
  readonly locked: readonly WeighedPart[];
  readonly powder: Ingredient;
}

/** A batter without its soda and powder, and the powder it uses or its region sells. */
export function leavenersOf(audit: Audit, formula: Formula): Leaveners {
  const { batter } = audit.weighed;
  const powders = batter.filter(
    ({ ingredient }) => isFreeLeavener(ingredient) && ingredient.behavesAs.includes('powder'),
  );
  return {
    locked: batter.filter(({ ingredient }) => !isFreeLeavener(ingredient)),
    powder: powders[0]?.ingredient ?? mustBeIngredient(usualPowderId(formula.region)),
  };
}

/** The ways to set soda and powder of a formula in a school, the best first; empty without flour or style. */
export function settingsFor(
  formula: Formula,
  audit: Audit,
  kitchen: Kitchen,
  choice: SettingChoice,
): readonly Setting[] {
  const { style } = audit;
  if (!style) return [];
  const { locked, powder } = leavenersOf(audit, formula);
  const teaspoon = (ingredient: Ingredient) => {
    const density = weighedDensity(kitchen, ingredient);
    return density === undefined ? undefined : density * TEASPOON_MILLILITRES;
  };
  const [soda, ofPowder] = [teaspoon(mustBeIngredient('baking-soda')), teaspoon(powder)];
  const band = style.bands['crumb-ph'];
  return setLeavening({
    locked,
    school: choice.school,
    gas: style.bands.gas,
    crumbPh: choice.school === 'browning' ? { ...band, high: band.high + BROWNING_ALLOWS_PH } : band,
    fineness: choice.fineness,
    powder,
    gramsPerTeaspoon: { ...(soda !== undefined && { soda }), ...(ofPowder !== undefined && { powder: ofPowder }) },
    ...(choice.leftShare !== undefined && { leftShare: choice.leftShare }),
    ...(choice.acidId !== undefined && { acid: mustBeIngredient(choice.acidId) }),
  });
}

/** The batter as a setting leaves it. */
export function partsWith(
  setting: Setting,
  { locked, powder }: Leaveners,
  acidId = 'cream-of-tartar',
): readonly WeighedPart[] {
  const part = (ingredient: Ingredient, grams: number): readonly WeighedPart[] =>
    grams > 0 ? [{ ingredient, grams, preparation: 'none' }] : [];
  return [
    ...locked,
    ...part(mustBeIngredient('baking-soda'), setting.sodaGrams),
    ...part(powder, setting.powderGrams),
    ...part(mustBeIngredient(acidId), setting.acidGrams),
  ];
}

/** A formula with its soda and powder set: lines that are there take the amount, what is missing comes in behind the flour. */
export function takeSetting(
  formula: Formula,
  audit: Audit,
  setting: Setting,
  kitchen: Kitchen,
  newId: () => string,
  acidId = 'cream-of-tartar',
): Formula {
  const { powder } = leavenersOf(audit, formula);
  const lines = audit.lines.filter(({ inBatter, optional, entries }) => inBatter && !optional && entries.length === 1);
  const free = lines.filter(({ entries }) =>
    entries.some(({ read }) => read.ingredient && isFreeLeavener(read.ingredient)),
  );
  const wanted: readonly (readonly [string, number])[] = [
    ['baking-soda', setting.sodaGrams],
    [powder.id, setting.powderGrams],
  ];
  const changes: AmountChange[] = [];
  const additions: Addition[] = [];
  const behind = free.at(-1)?.lineId ?? lines[0]?.lineId;
  const add = (ingredientId: string, grams: number) => {
    if (grams > 0) additions.push({ ingredientId, grams, ...(behind !== undefined && { behindLineId: behind }) });
  };
  const met = new Set<string>();
  for (const line of free) {
    const id = line.entries[0]?.read.ingredient?.id ?? '';
    const nextWanted = wanted.find(([wantedId]) => wantedId === id && !met.has(wantedId));
    met.add(id);
    changes.push({ lineId: line.lineId, grams: nextWanted?.[1] ?? 0 });
  }
  for (const [id, grams] of wanted) if (!met.has(id)) add(id, grams);
  if (setting.acidGrams > 0) {
    const there = lines.find(({ entries }) => entries[0]?.read.ingredient?.id === acidId);
    if (there) changes.push({ lineId: there.lineId, grams: (there.grams ?? 0) + setting.acidGrams });
    else add(acidId, setting.acidGrams);
  }
  // what stays the same is not rewritten: its words are the baker's
  const moved = changes.filter(({ lineId, grams }) => {
    const was = lines.find((line) => line.lineId === lineId)?.grams ?? 0;
    return Math.abs(was - grams) > 0.02 * Math.max(was, 0.1);
  });
  return rewrite(formula, moved, additions, kitchen, newId);
}
