import { ingredientById, type Ingredient } from '../../kitchen/ingredients/index.js';
import {
  acetic, citric, dissociated, eggProtein, lactic, malic, milkProtein, milkSalts, milled, phosphate, phytate, tartaric, type WeakGroup,
} from './weak-acids.js'; // prettier-ignore

/** What an ingredient brings to the charge balance. */
export interface AcidProfile {
  readonly nativePh: number;
  readonly groups: readonly WeakGroup[];
  /** Whether the groups are the ingredient's own, or a generic buffer fitted to its titratable acidity. */
  readonly source: 'groups' | 'titratable-acidity' | 'none';
}

const byGroups = (nativePh: number, groups: readonly WeakGroup[]): AcidProfile => ({
  nativePh,
  groups,
  source: 'groups',
});
const COCOA: readonly WeakGroup[] = [[4.7, 0.13], [6.4, 0.22], [8.9, 0.4]]; // prettier-ignore

/**
 * The 52 ingredients with full weak-acid groups, by id of ingredients.csv.
 * @source leavening.md 1.7; typical literature values, not measurements; TA spread about ± 22 %
 */
export const ACID_GROUPS: Readonly<Record<string, AcidProfile>> = {
  'all-purpose-flour': byGroups(6, milled(0.105, 0.0035, 0.004)),
  'cake-flour': byGroups(4.9, milled(0.085, 0.003, 0.004)),
  'bread-flour': byGroups(6, milled(0.125, 0.0035, 0.004)),
  'whole-wheat-flour': byGroups(6.3, milled(0.125, 0.014, 0.006)),
  'gluten-free-flour-blend': byGroups(6.3, [[4.3, 0.012], [6.4, 0.006], ...phytate(0.002), ...phosphate(0.003)]),
  'oat-flour': byGroups(6.3, milled(0.14, 0.012, 0.005)),
  'almond-flour': byGroups(6.4, milled(0.21, 0.01, 0.004)),
  'coconut-flour': byGroups(6.2, milled(0.19, 0.008, 0.01)),
  cornmeal: byGroups(6.2, milled(0.08, 0.008, 0.004)),
  cornstarch: byGroups(5.5, [
    [5, 0.002],
    [6.8, 0.001],
  ]),
  'psyllium-husk': byGroups(6, [
    [3.6, 0.08],
    [6.5, 0.01],
  ]),
  'ground-flaxseed': byGroups(6.2, milled(0.2, 0.012, 0.006)),
  'rolled-oats': byGroups(6.3, milled(0.135, 0.012, 0.005)),
  water: byGroups(7.2, [[6.1, 0.002]]),
  'whole-milk': byGroups(6.7, [...milkProtein(0.033), ...milkSalts(1)]),
  buttermilk: byGroups(4.5, [...milkProtein(0.033), ...milkSalts(1), ...lactic(0.085)]),
  'plain-yogurt': byGroups(4.3, [...milkProtein(0.038), ...milkSalts(1.1), ...lactic(0.1)]),
  'greek-yogurt': byGroups(4.25, [...milkProtein(0.08), ...milkSalts(1), ...lactic(0.09)]),
  'sour-cream': byGroups(4.5, [...milkProtein(0.026), ...milkSalts(0.8), ...lactic(0.068)]),
  'heavy-cream': byGroups(6.6, [...milkProtein(0.02), ...milkSalts(0.65)]),
  'soy-milk': byGroups(7, [[4.3, 0.03], [6.4, 0.006], ...phosphate(0.008)]),
  'oat-milk': byGroups(6.9, [[4.3, 0.004], [6.4, 0.002], ...phosphate(0.01)]),
  'orange-juice': byGroups(3.7, [...citric(0.045), [4.3, 0.008], ...phosphate(0.003)]),
  'lemon-juice': byGroups(2.35, [...citric(0.275), [4.3, 0.005]]),
  'white-vinegar': byGroups(2.6, acetic(0.83)),
  molasses: byGroups(5.3, [
    [4.6, 0.2],
    [6.3, 0.045],
    [8.7, 0.08],
  ]),
  honey: byGroups(3.9, [
    [3.65, 0.065],
    [4.6, 0.01],
    [6.5, 0.002],
  ]),
  'maple-syrup': byGroups(6.3, [
    [4.6, 0.01],
    [6.4, 0.003],
  ]),
  'granulated-sugar': byGroups(6.8, []),
  'light-brown-sugar': byGroups(5.8, [
    [4.6, 0.01],
    [6.3, 0.0035],
    [8.7, 0.005],
  ]),
  'dark-brown-sugar': byGroups(5.6, [
    [4.6, 0.02],
    [6.3, 0.006],
    [8.7, 0.009],
  ]),
  'unsalted-butter': byGroups(6.3, [...milkProtein(0.006), ...milkSalts(0.15)]),
  'salted-butter': byGroups(6.3, [...milkProtein(0.006), ...milkSalts(0.15)]),
  'vegetable-oil': byGroups(7, []),
  egg: byGroups(7.4, [...eggProtein(0.125), [6.5, 0.012], ...phosphate(0.004)]),
  'egg-white': byGroups(8.8, eggProtein(0.107)),
  'egg-yolk': byGroups(6.1, [...eggProtein(0.16), [6.5, 0.035], ...phosphate(0.006)]),
  aquafaba: byGroups(6.4, [[4.3, 0.02], [6.4, 0.006], ...phytate(0.001), ...phosphate(0.003)]),
  'natural-cocoa': byGroups(5.5, COCOA),
  'dutch-cocoa': byGroups(7.4, COCOA),
  'bittersweet-chocolate': byGroups(5.6, [
    [4.7, 0.03],
    [6.4, 0.05],
    [8.9, 0.09],
  ]),
  banana: byGroups(4.9, [...malic(0.045), ...citric(0.01), [4.3, 0.02], [6.5, 0.01], ...phosphate(0.007)]),
  'pumpkin-puree': byGroups(5.3, [...malic(0.012), ...citric(0.004), [4.3, 0.012], [6.4, 0.005], ...phosphate(0.006)]),
  carrot: byGroups(6.1, [...malic(0.018), ...citric(0.004), [4.3, 0.01], [6.4, 0.005], ...phosphate(0.008)]),
  zucchini: byGroups(6.1, [...malic(0.018), [4.3, 0.01], [6.4, 0.006], ...phosphate(0.01)]),
  applesauce: byGroups(3.5, [...malic(0.03), [4, 0.01], ...phosphate(0.002)]),
  blueberries: byGroups(3.4, [...citric(0.035), ...malic(0.01)]),
  raisins: byGroups(3.8, [...tartaric(0.1), ...malic(0.03), [4.3, 0.03]]),
  walnuts: byGroups(6.3, milled(0.15, 0.01, 0.004)),
  'sourdough-discard': byGroups(3.8, [...milled(0.052, 0.0018, 0.004), ...lactic(0.085), ...acetic(0.02)]),
  'table-salt': byGroups(7, []),
  'vanilla-extract': byGroups(5, []),
};

const NEUTRAL_PH = 7;
/** A native pH closer to neutral than this leaves no room for groups to titrate: the buffer is then spread over this much. */
const LEAST_SPAN = 0.6;

/**
 * Generic buffer for an ingredient known only by its native pH and its titratable acidity to pH 7: three equal groups spread over the
 * span, together giving exactly that acidity between the two. Beyond pH 7 it therefore resists a little more, as real foods do.
 */
function genericBuffer(ingredient: Ingredient): AcidProfile {
  const { acidMeqPerGram, nativePh = NEUTRAL_PH } = ingredient;
  if (acidMeqPerGram === 0) return { nativePh, groups: [], source: 'none' };
  const sign = Math.sign(acidMeqPerGram);
  const from = sign > 0 ? Math.min(nativePh, NEUTRAL_PH - LEAST_SPAN) : Math.max(nativePh, NEUTRAL_PH + LEAST_SPAN);
  const pKas = [1 / 6, 3 / 6, 5 / 6].map((share) => from + (NEUTRAL_PH - from) * share);
  const titrated = pKas.reduce((sum, pKa) => sum + dissociated(pKa, NEUTRAL_PH) - dissociated(pKa, from), 0);
  const amount = acidMeqPerGram / titrated;
  return { nativePh: from, groups: pKas.map((pKa) => [pKa, amount] as const), source: 'titratable-acidity' };
}

const profiles = new WeakMap<Ingredient, AcidProfile>();

/** The groups of the ingredient that another one behaves as, at the strength of its own titratable acidity. */
function borrowedGroups(ingredient: Ingredient): AcidProfile | undefined {
  const profile = ACID_GROUPS[ingredient.behavesAs];
  if (profile === undefined || ingredient.behavesAs === ingredient.id) return profile;
  const usual = ingredientById(ingredient.behavesAs)?.acidMeqPerGram ?? 0;
  const sameSign = usual * ingredient.acidMeqPerGram > 0;
  if (usual === ingredient.acidMeqPerGram) return profile;
  if (!sameSign) return undefined;
  const strength = ingredient.acidMeqPerGram / usual;
  return { ...profile, groups: profile.groups.map(([pKa, amount]) => [pKa, amount * strength] as const) };
}

/** Acid profile of an ingredient: its own groups where it has them, else the generic buffer. Self-raising flours: see leaveners. */
export function acidProfile(ingredient: Ingredient): AcidProfile {
  const known = profiles.get(ingredient);
  if (known) return known;
  const profile = borrowedGroups(ingredient) ?? genericBuffer(ingredient);
  profiles.set(ingredient, profile);
  return profile;
}
