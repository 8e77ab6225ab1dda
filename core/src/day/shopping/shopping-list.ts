import { besideIngredients, ingredientById, ingredientName } from '../../kitchen/ingredients/index.js';
import { listIn, numberIn, readTable } from '../../ground/numerics/index.js';
import type { Region } from '../../ground/units/index.js';
import { AISLES_TABLE } from './aisles.table.js';
import type { Needed } from './needed.js';
import { SHOP_TABLE } from './shop.table.js';

/*
 * A shopping list: what a plan takes, less what is there, in packs as they are sold, by aisle. @source shared/data/more, tables of packs,
 * pieces and waste: general knowledge, no brands
 */

interface Shop {
  readonly aisle: string;
  /** Grams of a pack, by region. */
  readonly packs: Readonly<Record<'us' | 'uk' | 'eu' | 'au', readonly Pack[]>>;
  readonly buyEarlyDays: number;
  /** Share of what is bought that is peel, stone or shell. */
  readonly waste: number;
  /** What it is made from at home: juice and zest from the same limes. */
  readonly madeFrom?: string;
}
interface Pack {
  readonly grams: number;
  readonly pieces?: number;
  /** What its label says, where that is a volume. */
  readonly millilitres?: number;
}

export interface ShoppingItem {
  readonly ingredientId: string;
  readonly name: string;
  readonly neededGrams: number;
  readonly thereGrams: number;
  /** Packs to buy: so many of so much; none where there is enough. */
  readonly packs: readonly (Pack & { readonly count: number })[];
  readonly leftOverGrams: number;
  /** Peel and ends. */
  readonly wasteGrams: number;
  /** Days before, so that it is ripe. */
  readonly buyEarlyDays: number;
  readonly enough: boolean;
}
export interface AisleList {
  readonly aisle: string;
  readonly items: readonly ShoppingItem[];
}

const MARKETS: Readonly<Record<Region, 'us' | 'uk' | 'eu' | 'au'>> = {
  US: 'us', CA: 'us', UK: 'uk', IN: 'uk', EU: 'eu', JP: 'eu', AU: 'au', NZ: 'au',
}; // prettier-ignore
const ANYWHERE = 'elsewhere';
/** Nobody buys a second pack for so little. */
const NEAR_ENOUGH = 0.02;

const packOf = (written: string, pieceGrams: number, gramsPerMillilitre: number | undefined): Pack => {
  const pieces = /^(\d+)pc$/.exec(written)?.[1];
  if (pieces !== undefined) return { grams: Number(pieces) * pieceGrams, pieces: Number(pieces) };
  const grams = Number(written);
  // labels are round: 311 g of buttermilk are the 300 ml of its carton
  return {
    grams,
    ...(gramsPerMillilitre !== undefined && { millilitres: 5 * Math.round(grams / gramsPerMillilitre / 5) }),
  };
};
const SHOPS: ReadonlyMap<string, Shop> = new Map(
  besideIngredients(SHOP_TABLE).map((row) => {
    const piece = row['piece_g'] ? numberIn(row, 'piece_g') : 0;
    const density =
      row['label_unit'] === 'ml' ? ingredientById(row['id'] ?? '')?.gramsPerMillilitre.spooned : undefined;
    const packs = (column: string) => listIn(row, column).map((written) => packOf(written, piece, density)).filter(({ grams }) => grams > 0); // prettier-ignore
    const shop: Shop = {
      aisle: row['aisle'] ?? ANYWHERE,
      packs: { us: packs('pack_us'), uk: packs('pack_uk'), eu: packs('pack_eu'), au: packs('pack_au') },
      buyEarlyDays: row['buy_early_days'] ? numberIn(row, 'buy_early_days') : 0,
      waste: row['waste_share'] ? numberIn(row, 'waste_share') : 0,
      ...(row['made_from'] && { madeFrom: row['made_from'] }),
    };
    return [row['id'] ?? '', shop];
  }),
);
const AISLES: readonly string[] = readTable(AISLES_TABLE).map((row) => row['aisle'] ?? '');

/** The fewest grams over, then the fewest packs: of one size, or one of it with a smaller one. */
function bought(grams: number, packs: readonly Pack[]): ShoppingItem['packs'] {
  let best: { readonly over: number; readonly packs: ShoppingItem['packs'] } | undefined;
  const wanted = grams * (1 - NEAR_ENOUGH);
  const consider = (list: ShoppingItem['packs']) => {
    const sum = list.reduce((total, { count, grams: each }) => total + count * each, 0);
    const count = list.reduce((total, each) => total + each.count, 0);
    if (sum < wanted) return;
    const over = sum - grams + 30 * count;
    if (!best || over < best.over) best = { over, packs: list };
  };
  for (const pack of packs) {
    const whole = Math.ceil(wanted / pack.grams - 1e-9);
    consider([{ count: whole, ...pack }]);
    const fewer = whole - 1;
    for (const other of packs)
      if (fewer > 0 && other.grams < pack.grams) {
        const rest = Math.ceil((wanted - fewer * pack.grams) / other.grams - 1e-9);
        consider([
          { count: fewer, ...pack },
          { count: rest, ...other },
        ]);
      }
  }
  return best?.packs ?? [{ count: 1, grams: Math.ceil(grams / 10) * 10 }];
}

/**
 * @param stock grams that are there, by ingredient
 * @returns by aisle, in the order of a usual shop; what there is enough of too, so that the baker sees it was thought of
 */
export function shoppingList(
  needed: readonly Needed[],
  stock: Readonly<Record<string, number>>,
  region: Region,
): readonly AisleList[] {
  const aisles = new Map<string, ShoppingItem[]>();
  for (const { ingredientId, name, grams } of asBought(needed, region)) {
    if (FROM_THE_TAP.has(ingredientId) || !(grams > 0)) continue;
    const shop = SHOPS.get(ingredientId);
    const there = stock[ingredientId] ?? 0;
    const missing = Math.max(0, grams - there) / (1 - (shop?.waste ?? 0));
    const enough = missing <= grams * NEAR_ENOUGH;
    const packs = enough ? [] : bought(missing, shop?.packs[MARKETS[region]] ?? []);
    const sum = packs.reduce((total, pack) => total + pack.count * pack.grams, 0);
    const waste = sum * (shop?.waste ?? 0);
    const item: ShoppingItem = {
      ingredientId,
      name,
      neededGrams: grams,
      thereGrams: there,
      packs,
      leftOverGrams: Math.max(0, there + sum - waste - grams),
      wasteGrams: waste,
      buyEarlyDays: shop?.buyEarlyDays ?? 0,
      enough,
    };
    const aisle = shop?.aisle ?? ANYWHERE;
    aisles.set(aisle, [...(aisles.get(aisle) ?? []), item]);
  }
  const order = [...AISLES, ANYWHERE];
  return order.flatMap((aisle): readonly AisleList[] => {
    const items = aisles.get(aisle);
    return items ? [{ aisle, items: items.sort((a, b) => b.neededGrams - a.neededGrams) }] : [];
  });
}
/** Parts of which one piece gives both: not bought twice. */
const MOSTLY_LEFT = 0.5;
/** What is made at home as what it is made from; one name once. */
function asBought(needed: readonly Needed[], region: Region): readonly Needed[] {
  const sums = new Map<string, { ingredientId: string; name: string; whole: number; parts: number }>();
  for (const { ingredientId, name, grams } of needed) {
    const shop = SHOPS.get(ingredientId);
    const from = shop?.madeFrom;
    const bought = from ?? ingredientId;
    const called = from === undefined ? name : nameOf(from, region, name);
    const known = sums.get(called.toLowerCase()) ?? { ingredientId: bought, name: called, whole: 0, parts: 0 };
    const raw = from === undefined ? grams : grams / (1 - (shop?.waste ?? 0));
    if (from !== undefined && (shop?.waste ?? 0) >= MOSTLY_LEFT) known.parts = Math.max(known.parts, raw);
    else known.whole += raw;
    sums.set(called.toLowerCase(), known);
  }
  return [...sums.values()].map(({ ingredientId, name, whole, parts }) => ({
    ingredientId,
    name,
    grams: whole + parts,
  }));
}
const nameOf = (id: string, region: Region, otherwise: string): string => {
  const ingredient = ingredientById(id);
  return ingredient ? ingredientName(ingredient, region) : otherwise;
};
const FROM_THE_TAP: ReadonlySet<string> = new Set(['water']);
