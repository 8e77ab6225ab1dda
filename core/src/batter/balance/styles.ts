import type { OwnStyle, Quantity } from '../../kitchen/kitchen/index.js';
import { numberIn, readTable, type Row } from '../../ground/numerics/index.js';
import type { Band } from '../../ground/verdict/index.js';
import { STYLE_BANDS_TABLE } from './style-bands.table.js';

export interface Style {
  readonly id: string;
  /** The style of the table that it behaves like in the bowl and in the oven; its own id for those of the table. */
  readonly basedOn: string;
  /** Whether the baker made its bands. */
  readonly own: boolean;
  readonly nameUs: string;
  readonly nameUk: string;
  /** Percent of flour, except flour (percent of the batter), gas (g CO₂ per 100 g flour) and crumb pH. */
  readonly bands: Readonly<Record<Quantity, Band>>;
  readonly inclusions: Band;
  readonly cocoa: Band;
  readonly batterGramsPerMillilitre: Band;
  /** Millilitres of a gram of the baked crumb. */
  readonly specificVolume: Band;
  readonly ovenCelsius: Band;
  readonly doneCoreCelsius: Band;
  readonly mixingMethod: string;
  /** Minutes the mixed batter may wait. */
  readonly holdMinutes: number;
  /** Soda the style bears unmet, percent of flour. */
  readonly leftoverSodaMost: number;
  /** How full its pan may be, 0–1. */
  readonly fillMost: number;
  /** Why the bands are where they are. */
  readonly reason: string;
}

function band(row: Row, name: string): Band {
  return {
    low: numberIn(row, `${name}_low`),
    typical: numberIn(row, `${name}_typ`),
    high: numberIn(row, `${name}_high`),
  };
}

/** Share of a shelled egg that is neither water nor fat: it adds to the batter beside what sugar, fat and water count. */
const EGG_REST = 0.145;

/**
 * Flour's share of the batter, pieces left out, that the other bands imply: everything at its typical amount, and each moving through its own band
 * independently of the others. The table has no such band of its own.
 * @param together where what is rich in one is rich in all, and flour has as little as all of them leave
 */
function flourShare(parts: readonly (readonly [Band, number])[], together: boolean): Band {
  const beside = parts.reduce((sum, [band, weight]) => sum + band.typical * weight, 0);
  const spread = (side: 'low' | 'high') =>
    Math.sqrt(parts.reduce((sum, [band, weight]) => sum + ((band[side] - band.typical) * weight) ** 2, 0));
  const share = (others: number) => (100 * 100) / (100 + others);
  const most = parts.reduce((sum, [band, weight]) => sum + (band.high - band.typical) * weight, 0);
  return {
    low: share(beside + (together ? most : spread('high'))),
    typical: share(beside),
    high: share(Math.max(0, beside - spread('low'))),
  };
}

/** More chocolate brings more sugar and fat, more nuts more egg. */
const RICH_TOGETHER: ReadonlySet<string> = new Set(['brownie', 'nut_cake', 'whisked_sponge']);

function fromRow(row: Row): Style {
  const [sugar, fat, egg, water, salt, inclusions, cocoa] = [
    'sugar_bp',
    'fat_bp',
    'egg_bp',
    'hydration_bp',
    'salt_bp',
    'inclusions_bp',
    'cocoa_bp',
  ].map((name) => band(row, name)) as [Band, Band, Band, Band, Band, Band, Band];
  return {
    id: row['id'] ?? '',
    basedOn: row['id'] ?? '',
    own: false,
    nameUs: row['name_us'] ?? '',
    nameUk: row['name_uk'] ?? '',
    bands: {
      flour: flourShare([[sugar, 1], [fat, 1], [egg, EGG_REST], [water, 1], [salt, 1], [cocoa, 1]], RICH_TOGETHER.has(row['id'] ?? '')), // prettier-ignore
      sugar,
      fat,
      egg,
      water,
      salt,
      gas: band(row, 'co2_per_100g_flour'),
      'crumb-ph': band(row, 'crumb_ph'),
    },
    inclusions,
    cocoa,
    batterGramsPerMillilitre: band(row, 'batter_density_g_ml'),
    specificVolume: band(row, 'specific_volume_ml_g'),
    ovenCelsius: band(row, 'oven_c'),
    doneCoreCelsius: band(row, 'done_core_c'),
    mixingMethod: row['mixing_method'] ?? '',
    holdMinutes: numberIn(row, 'hold_min_max'),
    leftoverSodaMost: numberIn(row, 'leftover_soda_pct_flour_max'),
    fillMost: numberIn(row, 'fill_max'),
    reason: row['reason'] ?? '',
  };
}

/** The 37 styles of style_bands.csv: one school's spread; the last four rows are ours. */
export const STYLES: readonly Style[] = readTable(STYLE_BANDS_TABLE).map(fromRow);
const byId = new Map(STYLES.map((style) => [style.id, style]));

export function styleById(id: string): Style | undefined {
  return byId.get(id);
}

/** All styles of a baker: the table's, with the baker's own in place of those they changed, and behind them those they added. */
export interface StyleBook {
  readonly all: readonly Style[];
  byId(id: string): Style | undefined;
}

function fromOwn({ id, name, basedOn, bands }: OwnStyle): Style | undefined {
  const base = byId.get(basedOn);
  return base && { ...base, id, own: true, nameUs: name, nameUk: name, bands: { ...base.bands, ...bands } };
}

const TABLE_BOOK: StyleBook = { all: STYLES, byId: styleById };
const books = new WeakMap<readonly OwnStyle[], StyleBook>();

export function styleBook(ownStyles: readonly OwnStyle[] | undefined): StyleBook {
  if (ownStyles === undefined || ownStyles.length === 0) return TABLE_BOOK;
  let book = books.get(ownStyles);
  if (!book) {
    const made = new Map(ownStyles.flatMap((ownStyle) => fromOwn(ownStyle) ?? []).map((style) => [style.id, style]));
    const all = [
      ...STYLES.map((style) => made.get(style.id) ?? style),
      ...[...made.values()].filter(({ id }) => !byId.has(id)),
    ];
    const stylesById = new Map(all.map((style) => [style.id, style]));
    book = { all, byId: (id) => stylesById.get(id) };
    books.set(ownStyles, book);
  }
  return book;
}
