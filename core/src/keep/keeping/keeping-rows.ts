import { numberIn, readTable } from '../../ground/numerics/index.js';
import type { WeighedPart } from '../../formula/formula/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import { KEEPING_TABLE } from './keeping.table.js';

/** What a kind of bake is promised, wrapped as the row says. @source keeping.csv: general knowledge, the cautious end */
export interface KeepingRow {
  readonly id: string;
  readonly name: string;
  readonly roomDays: number;
  readonly fridgeDays: number;
  readonly freezerMonths: number;
  readonly wrap: string;
  readonly why: string;
  readonly caution: string;
}
/** The table writes "4 C". */
const written = (words: string | undefined): string =>
  (words ?? '').replace(/(\d) C\b/g, '$1 °C').replace(/(\d)-(\d)/g, '$1–$2');
const rows: ReadonlyMap<string, KeepingRow> = new Map(
  readTable(KEEPING_TABLE).map((row) => [
    row['id'] ?? '',
    {
      id: row['id'] ?? '',
      name: row['product_type'] ?? '',
      roomDays: numberIn(row, 'room_days'),
      fridgeDays: numberIn(row, 'fridge_days'),
      freezerMonths: numberIn(row, 'freezer_months'),
      wrap: written(row['wrap']),
      why: row['why'] ?? '',
      caution: written(row['caution']),
    },
  ]),
);
export const KEEPING_ROWS: readonly KeepingRow[] = [...rows.values()];
export const keepingRow = (id: string): KeepingRow | undefined => rows.get(id);

/** What a style is promised on its own. */
const OF_STYLE: Readonly<Record<string, string>> = {
  creamed_butter_cake: 'cake_butter_plain',
  high_ratio_cake: 'cake_high_ratio',
  oil_cake: 'cake_oil_plain',
  one_bowl_buttermilk_cake: 'cake_butter_plain',
  reverse_creamed_cake: 'cake_butter_plain',
  chocolate_cake: 'cake_chocolate',
  red_cocoa_cake: 'cake_chocolate',
  white_cake: 'cake_butter_plain',
  yellow_cake: 'cake_butter_plain',
  pound_cake: 'cake_butter_plain',
  light_fruit_cake: 'fruit_cake_light',
  dark_fruit_cake: 'fruit_cake_dark_unfed',
  vegetable_cake: 'cake_vegetable',
  vegan_cake: 'cake_vegan',
  cupcake: 'cupcakes_plain',
  muffin: 'muffins_plain',
  bran_muffin: 'muffins_bran',
  fruit_puree_loaf: 'fruit_puree_loaf',
  plain_quick_loaf: 'quick_loaf',
  corn_bread: 'corn_bread',
  gingerbread: 'gingerbread',
  soda_bread_plain: 'soda_bread',
  soda_bread_brown: 'soda_bread_brown',
  soda_bread_enriched: 'soda_bread',
  drop_biscuit: 'biscuits_us',
  rolled_biscuit: 'biscuits_us',
  british_scone: 'scones',
  flaky_wedge_scone: 'wedge_scones',
  oat_farl_griddle: 'griddle_farls',
  pancake: 'pancakes',
  gluten_free_loaf: 'gluten_free_loaf',
  sourdough_discard_cake: 'discard_cake',
  tray_bake: 'tray_bake',
  brownie: 'tray_bake',
  whisked_sponge: 'cupcakes_plain',
  rubbed_in_bun: 'scones',
  nut_cake: 'tray_bake',
};
/** What is baked in that keeps less long: of the flour's weight, so much of it counts. */
const SAVOURY = /(?:^|-)(?:cheese|cheddar|feta|parmesan|gruyere|halloumi|bacon|ham|chorizo|sausage|salmon|tuna|anchov\w*|prosciutto|pancetta)(?:-|$)/; // prettier-ignore
const IS_CHEESE = ({ behavesAs, category }: Ingredient) =>
  category === 'cheese/savoury' || (SAVOURY.test(behavesAs) && !behavesAs.includes('cream-cheese'));
const COUNTS = 0.05;

/** The row that a baked part goes by: its style's, or one that keeps less long for what is baked into it. */
export function rowOfBaked(styleId: string | undefined, parts: readonly WeighedPart[], fed: boolean): KeepingRow | undefined {
  const own = styleId === undefined ? undefined : OF_STYLE[styleId];
  if (own === undefined) return undefined;
  const sum = (isWanted: (ingredient: Ingredient) => boolean) => parts.reduce((grams, part) => grams + (isWanted(part.ingredient) ? part.grams : 0), 0);
  const all = sum(() => true);
  const savoury = sum(IS_CHEESE) > COUNTS * all;
  const fresh = sum(({ category }) => category === 'fresh fruit') > COUNTS * all;
  const bread = /soda_bread|farl/.test(own);
  if (savoury) return rows.get(bread ? 'soda_bread_cheese' : 'muffins_savoury');
  if (fresh && own.startsWith('muffins')) return rows.get('muffins_fresh_fruit');
  if (fresh && (own === 'scones' || own === 'biscuits_us')) return rows.get('scones_fresh_fruit');
  if (fed && own === 'fruit_cake_dark_unfed') return rows.get('fruit_cake_dark_fed');
  return rows.get(own);
} // prettier-ignore

/** What an unbaked part makes of the cake it goes on, by what is in it: the strictest first. */
const UNBAKED: readonly (readonly [RegExp, string])[] = [
  [/cream-cheese|mascarpone|ricotta|quark|fromage|skyr/, 'cake_cream_cheese'],
  [/whipp|double-cream|heavy-cream|single-cream|light-cream|sour-cream|creme-fraiche|custard|yogurt|yoghurt|curd/, 'cake_dairy_frost'],
  [/meringue|egg-white/, 'cake_meringue_frost'],
  [/chocolate/, 'cake_ganache'],
  [/butter|margarine/, 'cake_buttercream'],
  [/jam|marmalade|jelly/, 'cake_sandwich_jam'],
  [/fondant|sugar-paste|marzipan/, 'cake_fondant'],
]; // prettier-ignore
export function rowOfUnbaked(parts: readonly WeighedPart[]): KeepingRow | undefined {
  if (parts.some(({ ingredient }) => ingredient.category === 'fresh fruit')) return rows.get('cake_fresh_fruit');
  const ids = parts.map(({ ingredient }) => ingredient.behavesAs);
  const row = UNBAKED.find(([pattern]) => ids.some((id) => pattern.test(id)));
  return row && rows.get(row[1]);
}
