import type { Audit } from '../../bench/audit/index.js';
import { weighedParts } from '../../formula/parsing/index.js';
import type { Ingredient } from '../../kitchen/ingredients/index.js';
import { safetyOf } from '../../kitchen/safety/index.js';
import type { KeptPart } from '../keeping/index.js';

/* What whoever eats it, keeps it or hands it on has to know: each caution with what it is about. */

export const CAUTION_CODES = ['cold', 'honey-infants', 'infants', 'choking', 'alcohol-stays', 'toxic', 'raw-egg', 'unread-filling', 'draft-label', 'freeze-once'] as const; // prettier-ignore
export type CautionCode = (typeof CAUTION_CODES)[number];
export interface Caution {
  readonly code: CautionCode;
  /** What it is about. */
  readonly about: readonly Ingredient[];
  /** What the table says of it, where it says more. */
  readonly note: string;
}

/** Alcohol worth a word, share of the whole as it went in. */
const ALCOHOL = 0.002;

/** So much is worth a warning, grams; of anything else, any. */
const SPICE = 2.5;
const MUCH: Readonly<Record<string, number>> = { 'cream-of-tartar': 10, 'baking-soda': 15 };
/** In the order of their gravity. @param fed whether it was fed with something that has alcohol in it */
export function cautionsFor(audit: Audit, parts: readonly KeptPart[], fed: boolean): readonly Caution[] {
  // what is scattered on before the oven is no part of its own: it is baked
  const unbaked = new Set(parts.filter(({ baked }) => !baked).map(({ id }) => id));
  const everything = audit.weighed.components.flatMap(({ id, lines }) => weighedParts(lines).map((part) => ({ ...part, baked: !unbaked.has(id) })));
  const grams = everything.reduce((sum, part) => sum + part.grams, 0);
  const those = (isMeant: (ingredient: Ingredient, baked: boolean) => boolean) => [...new Set(everything.filter(({ ingredient, baked }) => isMeant(ingredient, baked)).map(({ ingredient }) => ingredient))];
  const caution = (code: CautionCode, about: readonly Ingredient[], note = ''): readonly Caution[] => about.length > 0 ? [{ code, about, note }] : [];
  const alcohol = everything.reduce((sum, part) => sum + part.grams * part.ingredient.composition.alcohol, 0);
  const notes = (about: readonly Ingredient[], of: 'choking' | 'infantReason') => [...new Set(about.flatMap((ingredient) => safetyOf(ingredient)?.[of] ?? []))].filter((note) => note !== '').join('; ');
  const honey = those(({ behavesAs }) => behavesAs.includes('honey'));
  const infants = those((ingredient, baked) => {
    const infant = safetyOf(ingredient)?.infant;
    return !ingredient.behavesAs.includes('honey') && (infant === 'never' || (infant === 'baked-only' && !baked));
  });
  const choking = those((ingredient) => (safetyOf(ingredient)?.choking ?? '') !== '');
  const toxic = those((ingredient) => {
    const there = everything.reduce((sum, part) => sum + (part.ingredient === ingredient ? part.grams : 0), 0);
    const least = MUCH[ingredient.behavesAs] ?? (ingredient.category === 'spice' ? SPICE : 0);
    return (safetyOf(ingredient)?.toxic ?? '') !== '' && there > least;
  });
  const rawEgg = those((ingredient, baked) => !baked && safetyOf(ingredient)?.perishable === 'raw-animal' && ingredient.behavesAs.includes('egg'));
  return [
    ...(parts.some(({ mustBeCold }) => mustBeCold) ? [{ code: 'cold', about: [], note: '' } as const] : []),
    ...(parts.some(({ reasons }) => reasons.some(({ code }) => code === 'unread-filling')) ? [{ code: 'unread-filling', about: [], note: '' } as const] : []),
    ...caution('raw-egg', rawEgg),
    ...(fed || alcohol > ALCOHOL * grams ? [{ code: 'alcohol-stays', about: those(({ composition }) => composition.alcohol > 0.01), note: '' } as const] : []),
    ...caution('honey-infants', honey),
    ...caution('infants', infants, notes(infants, 'infantReason')),
    ...caution('choking', choking, notes(choking, 'choking')),
    ...[...new Set(toxic.map((ingredient) => safetyOf(ingredient)?.toxic ?? ''))].flatMap((note) => caution('toxic', toxic.filter((ingredient) => safetyOf(ingredient)?.toxic === note), note)),
    { code: 'freeze-once', about: [], note: '' },
    { code: 'draft-label', about: [], note: '' },
  ];
} // prettier-ignore
