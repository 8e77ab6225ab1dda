import { listIn } from '../../ground/numerics/index.js';
import { besideIngredients, type Ingredient } from '../ingredients/index.js';
import { SAFETY_TABLE } from './safety.table.js';

/** Allergens by the words that a law names them with: cereals and nuts one by one. */
export const NAMED_ALLERGENS = [
  'wheat', 'rye', 'barley', 'oats', 'spelt', 'almond', 'hazelnut', 'walnut', 'cashew', 'pecan', 'brazil', 'pistachio', 'macadamia', 'pine_nut',
  'chestnut', 'milk', 'egg', 'peanut', 'soy', 'coconut', 'sesame', 'mustard', 'celery', 'lupin', 'fish', 'crustacean', 'mollusc', 'sulphite',
  'buckwheat', 'gelatine',
] as const; // prettier-ignore
export type NamedAllergen = (typeof NAMED_ALLERGENS)[number];

/** How it goes off: not at all; once opened or cut; always cold; raw from an animal. */
export type Perishable = 'no' | 'once-open' | 'cold' | 'raw-animal';
/** As an unbaked part: may stand in the room, belongs in the cold, cold with two hours out at most, or may not be eaten raw. */
export type FillingRole = 'room' | 'cold' | 'cold2h' | 'not_raw';

/** What an ingredient may do to whoever eats it, and how it keeps. @source safety.csv: general knowledge, to be checked against the packet */
export interface Safety {
  readonly perishable: Perishable;
  readonly fillingRole: FillingRole;
  readonly contains: readonly NamedAllergen[];
  /** Some kinds of it, or a usual warning of its makers. */
  readonly mayContain: readonly NamedAllergen[];
  /** Under twelve months: fine, only fully baked or cut up, or not. */
  readonly infant: 'fine' | 'baked-only' | 'never';
  readonly infantReason: string;
  /** "spirit", "extract"; '' where there is none. */
  readonly alcohol: string;
  /** Why a child under five may choke on it; '' where not. */
  readonly choking: string;
  readonly toxic: string;
}

const PERISHABLE: readonly Perishable[] = ['no', 'once-open', 'cold', 'raw-animal'];
const INFANT = ['never', 'fine', 'baked-only'] as const;
const isNamed = (code: string): code is NamedAllergen => NAMED_ALLERGENS.some((each) => each === code);
const ROLES: readonly FillingRole[] = ['room', 'cold', 'cold2h', 'not_raw'];

const byId: ReadonlyMap<string, Safety> = new Map(
  besideIngredients(SAFETY_TABLE).map((row) => [
    row['id'] ?? '',
    {
      perishable: PERISHABLE[Number(row['perishable'])] ?? 'cold',
      fillingRole: ROLES.find((role) => role === row['filling_role']) ?? 'cold2h',
      contains: listIn(row, 'contains').filter(isNamed),
      mayContain: listIn(row, 'may').filter(isNamed),
      infant: INFANT[Number(row['infant_ok'])] ?? 'never',
      infantReason: row['infant_reason'] ?? '',
      alcohol: row['alcohol_kind'] ?? '',
      choking: row['choking'] ?? '',
      toxic: row['toxic_note'] ?? '',
    },
  ]),
);

/** Of the table; an ingredient of the baker's own goes by the one that it was started from. Undefined where nothing is known: then it is the worst. */
export const safetyOf = (ingredient: Pick<Ingredient, 'id' | 'behavesAs'>): Safety | undefined =>
  byId.get(ingredient.id) ?? byId.get(ingredient.behavesAs);
export const SAFETY_IDS: readonly string[] = [...byId.keys()];
