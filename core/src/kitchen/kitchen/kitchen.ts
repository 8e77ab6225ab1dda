import type { OwnStyle } from './own-style.js';
import type { LearnedKitchen, LearnedRoutine } from '../learned/index.js';
import { UNKNOWN_OVEN, type OwnOven } from './own-oven.js';
import type { Pan } from '../pans/index.js';
import type { OwnIngredient, OwnName } from '../ingredients/index.js';
import type { Filling, Region } from '../../ground/units/index.js';

/** A cup, mug or spoon of the baker's own: "Gran's cup". */
export interface OwnMeasure {
  readonly name: string;
  readonly millilitres: number;
}

/** A measure of a region as the baker's own set really holds it. */
export interface MeasuredSet {
  readonly region: Region;
  readonly unitId: string;
  readonly millilitres: number;
}

/** One level measure of one ingredient, weighed: "my teaspoon of soda is 5.2 g". */
export interface WeighedMeasure {
  readonly ingredientId: string;
  readonly unitId: string;
  readonly region: Region;
  readonly grams: number;
  /** The same measure weighed again, grams each. */
  readonly again?: readonly number[];
}

/** What the baker mixes in; absent means the usual domestic one. */
export interface Mixer {
  readonly bowlLitres: number;
  readonly mostFlourGrams: number;
}

/** A stand mixer or large bowl as most home kitchens have it. */
export const USUAL_MIXER: Mixer = { bowlLitres: 4.5, mostFlourGrams: 1000 };

/** What a kitchen does to a batter that waits, and to one that rises. */
export interface Place {
  readonly celsius: number;
  readonly metresAboveSea: number;
}
export const USUAL_PLACE: Place = { celsius: 22, metresAboveSea: 0 };

/** What a pack costs, in the baker's own money. */
export interface PackPrice {
  readonly ingredientId: string;
  readonly packGrams: number;
  readonly price: number;
}

/** A pan of the baker's own shelf, and how many of it there are. */
export interface OwnPan {
  readonly id: string;
  readonly name: string;
  readonly pan: Pan;
  readonly count: number;
  /** What it is made of, an id of the materials: for what its heat and its paper bear. */
  readonly madeOf?: string;
}

/** The baker's own measures, words, ingredients and habits: what reading a formula depends on besides the formula. Plain data. */
export interface Kitchen {
  /** How cups are filled when a line does not say; absent means spooned in. */
  readonly filling?: Filling;
  /** The same for one ingredient. */
  readonly fillings: Readonly<Record<string, Filling>>;
  readonly measures: readonly OwnMeasure[];
  readonly sets: readonly MeasuredSet[];
  readonly weighed: readonly WeighedMeasure[];
  readonly names: readonly OwnName[];
  readonly ingredients: readonly OwnIngredient[];
  readonly mixer?: Mixer;
  /** Where it stands; absent means a mild room at the sea. */
  readonly place?: Place;
  /** Bands that the baker set. */
  readonly styles?: readonly OwnStyle[];
  readonly prices?: readonly PackPrice[];
  /** Ids of what is in the cupboard, for swaps and for starting. */
  readonly cupboard?: readonly string[];
  /** How much of it, grams, where the baker says: what need not be bought. */
  readonly stock?: Readonly<Record<string, number>>;
  /** The pan shelf. */
  readonly pans?: readonly OwnPan[];
  /** Absent means an oven that nothing is known of. */
  readonly oven?: OwnOven;
  /** What bakes have taught: worked out from the Book, never stored. */
  readonly learned?: LearnedKitchen;
  readonly routine?: LearnedRoutine;
}

/** Minutes from cold to 180 °C by the lamp: as bakes have told, else as the baker says; undefined where neither does. */
export const heatingMinutes = ({ oven = UNKNOWN_OVEN, routine }: Kitchen): number | undefined =>
  routine?.heating?.minutesTo180 ?? oven.heatsInMinutes;

/** A kitchen that nothing is known of. */
export const PLAIN_KITCHEN: Kitchen = { fillings: {}, measures: [], sets: [], weighed: [], names: [], ingredients: [] };

/** More weighings of one measure tell no more; the latest count. */
const MOST_WEIGHINGS = 24;

/** A kitchen with one more thing learned; what it replaces goes. */
export const learn = {
  name(kitchen: Kitchen, words: string, ingredientId: string): Kitchen {
    const others = kitchen.names.filter((ownName) => ownName.words.toLowerCase() !== words.toLowerCase());
    return { ...kitchen, names: [...others, { words, ingredientId }] };
  },
  measure(kitchen: Kitchen, name: string, millilitres: number): Kitchen {
    const others = kitchen.measures.filter((ownMeasure) => ownMeasure.name.toLowerCase() !== name.toLowerCase());
    return { ...kitchen, measures: [...others, { name, millilitres }] };
  },
  set(kitchen: Kitchen, set: MeasuredSet): Kitchen {
    const others = kitchen.sets.filter(
      (measuredSet) => measuredSet.unitId !== set.unitId || measuredSet.region !== set.region,
    );
    return { ...kitchen, sets: [...others, set] };
  },
  /** The same measure weighed again stands beside what it weighed before; another measure takes its place. */
  weighed(kitchen: Kitchen, weighed: WeighedMeasure): Kitchen {
    const { ingredientId, unitId, region, grams } = weighed;
    const before = kitchen.weighed.find((each) => each.ingredientId === ingredientId);
    const others = kitchen.weighed.filter((each) => each !== before);
    const again = before?.unitId === unitId && before.region === region;
    return {
      ...kitchen,
      weighed: [
        ...others,
        again ? { ...before, again: [...(before.again ?? []), grams].slice(-MOST_WEIGHINGS) } : weighed,
      ],
    };
  },
  filling(kitchen: Kitchen, ingredientId: string, filling: Filling | undefined): Kitchen {
    const others = Object.entries(kitchen.fillings).filter(([id]) => id !== ingredientId);
    const fillings = Object.fromEntries(filling === undefined ? others : [...others, [ingredientId, filling]]);
    return { ...kitchen, fillings };
  },
  /** Bands of the baker's own; the same id replaces. */
  style(kitchen: Kitchen, style: OwnStyle): Kitchen {
    const others = (kitchen.styles ?? []).filter(({ id }) => id !== style.id);
    return { ...kitchen, styles: [...others, style] };
  },
  price(kitchen: Kitchen, price: PackPrice): Kitchen {
    const others = (kitchen.prices ?? []).filter(({ ingredientId }) => ingredientId !== price.ingredientId);
    return { ...kitchen, prices: [...others, price] };
  },
  /** A pan for the shelf; the same id replaces. */
  pan(kitchen: Kitchen, pan: OwnPan): Kitchen {
    const known = kitchen.pans ?? [];
    const pans = known.some(({ id }) => id === pan.id)
      ? known.map((ownPan) => (ownPan.id === pan.id ? pan : ownPan))
      : [...known, pan];
    return { ...kitchen, pans };
  },
  inCupboard(kitchen: Kitchen, ingredientId: string): Kitchen {
    const others = (kitchen.cupboard ?? []).filter((id) => id !== ingredientId);
    return { ...kitchen, cupboard: [...others, ingredientId] };
  },
  /** So much is there, grams; 0 forgets it. */
  stock(kitchen: Kitchen, ingredientId: string, grams: number): Kitchen {
    const others = Object.entries(kitchen.stock ?? {}).filter(([id]) => id !== ingredientId);
    return { ...kitchen, stock: Object.fromEntries(grams > 0 ? [...others, [ingredientId, grams]] : others) };
  },
  ingredient(kitchen: Kitchen, ownIngredient: OwnIngredient): Kitchen {
    const others = kitchen.ingredients.filter(({ id }) => id !== ownIngredient.id);
    return { ...kitchen, ingredients: [...others, ownIngredient] };
  },
} as const;

/** Two kitchens in one: what the first knows stands, what only the second knows is added. */
export function mergedKitchens(kitchen: Kitchen, brought: Kitchen): Kitchen {
  const joined = <T>(mine: readonly T[], theirs: readonly T[], keyOf: (item: T) => string): readonly T[] => {
    const known = new Set(mine.map(keyOf));
    return [...mine, ...theirs.filter((item) => !known.has(keyOf(item)))];
  };
  const filling = kitchen.filling ?? brought.filling;
  const mixer = kitchen.mixer ?? brought.mixer;
  const place = kitchen.place ?? brought.place;
  const oven = kitchen.oven ?? brought.oven;
  const styles = joined(kitchen.styles ?? [], brought.styles ?? [], ({ id }) => id);
  const prices = joined(kitchen.prices ?? [], brought.prices ?? [], ({ ingredientId }) => ingredientId);
  const pans = joined(kitchen.pans ?? [], brought.pans ?? [], ({ name }) => name.toLowerCase());
  const cupboard = joined(kitchen.cupboard ?? [], brought.cupboard ?? [], (id) => id);
  return {
    ...(filling !== undefined && { filling }),
    ...(mixer !== undefined && { mixer }),
    ...(place !== undefined && { place }),
    ...(oven !== undefined && { oven }),
    ...(styles.length > 0 && { styles }),
    ...(prices.length > 0 && { prices }),
    ...(cupboard.length > 0 && { cupboard }),
    ...(pans.length > 0 && { pans }),
    ...((kitchen.stock ?? brought.stock) && { stock: { ...brought.stock, ...kitchen.stock } }),
    fillings: { ...brought.fillings, ...kitchen.fillings },
    measures: joined(kitchen.measures, brought.measures, ({ name }) => name.toLowerCase()),
    sets: joined(kitchen.sets, brought.sets, ({ unitId, region }) => `${unitId} ${region}`),
    weighed: joined(kitchen.weighed, brought.weighed, ({ ingredientId }) => ingredientId),
    names: joined(kitchen.names, brought.names, ({ words }) => words.toLowerCase()),
    ingredients: joined(kitchen.ingredients, brought.ingredients, ({ id }) => id),
  };
}

/** A kitchen with something forgotten. */
export const forget = {
  name: (kitchen: Kitchen, words: string): Kitchen => ({
    ...kitchen,
    names: kitchen.names.filter((ownName) => ownName.words !== words),
  }),
  measure: (kitchen: Kitchen, name: string): Kitchen => ({
    ...kitchen,
    measures: kitchen.measures.filter((ownMeasure) => ownMeasure.name !== name),
  }),
  weighed: (kitchen: Kitchen, ingredientId: string): Kitchen => ({
    ...kitchen,
    weighed: kitchen.weighed.filter((weighedMeasure) => weighedMeasure.ingredientId !== ingredientId),
  }),
  style: (kitchen: Kitchen, id: string): Kitchen => ({
    ...kitchen,
    styles: (kitchen.styles ?? []).filter((ownStyle) => ownStyle.id !== id),
  }),
  price: (kitchen: Kitchen, ingredientId: string): Kitchen => ({
    ...kitchen,
    prices: (kitchen.prices ?? []).filter((packPrice) => packPrice.ingredientId !== ingredientId),
  }),
  inCupboard: (kitchen: Kitchen, ingredientId: string): Kitchen => ({
    ...kitchen,
    cupboard: (kitchen.cupboard ?? []).filter((id) => id !== ingredientId),
  }),
  pan: (kitchen: Kitchen, id: string): Kitchen => ({
    ...kitchen,
    pans: (kitchen.pans ?? []).filter((ownPan) => ownPan.id !== id),
  }),
  ingredient: (kitchen: Kitchen, id: string): Kitchen => ({
    ...kitchen,
    ingredients: kitchen.ingredients.filter((ownIngredient) => ownIngredient.id !== id),
    // words that meant it mean nothing any more
    names: kitchen.names.filter(({ ingredientId }) => ingredientId !== id),
  }),
} as const;
