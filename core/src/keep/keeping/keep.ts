import type { Audit } from '../../bench/audit/index.js';
import { BAKE_LOSS } from '../../batter/nutrition/index.js';
import type { WeighedPart } from '../../formula/formula/index.js';
import type { Formula } from '../../formula/formula/index.js';
import { weighedParts, type WeighedComponent } from '../../formula/parsing/index.js';
import { USUAL_PLACE, type Kitchen } from '../../kitchen/kitchen/index.js';
import { safetyOf } from '../../kitchen/safety/index.js';
import { rowOfBaked, rowOfUnbaked, type KeepingRow } from './keeping-rows.js';
import { bakedComposition, mouldFreeDays, SPREAD, waterActivity, type BakedComposition } from './water-activity.js';

/*
 * How long a bake and its parts keep. The row of the table is the promise; what is in it, a warm or damp room, wrapping while warm and no
 * wrapping at all only ever shorten it. What was not read of an unbaked part counts as perishable. The whole keeps as its worst part.
 */

/** Why a part keeps so long and no longer. */
export type KeepReason =
  | { readonly code: 'row'; readonly row: string; readonly days: number }
  | { readonly code: 'perishable'; readonly ingredient: string }
  | { readonly code: 'unread-filling'; readonly text: string }
  | { readonly code: 'moulds-sooner' | 'warm-room' | 'damp-room' | 'unwrapped' | 'wrapped-warm'; readonly days: number }
  | { readonly code: 'no-row'; readonly days: number }
  | { readonly code: 'fed-with-spirit' | 'fed-weakly' };

export interface KeptPart {
  readonly id: string;
  readonly name: string;
  readonly baked: boolean;
  readonly roomDays: number;
  readonly fridgeDays: number;
  readonly freezerMonths: number;
  /** 4 °C or below, two hours out in all; one where it is above 32 °C. */
  readonly mustBeCold: boolean;
  readonly wrap: string;
  readonly reasons: readonly KeepReason[];
  readonly row: KeepingRow | undefined;
}
export interface Keeps {
  readonly parts: readonly KeptPart[];
  readonly whole: Omit<KeptPart, 'id' | 'baked' | 'row'>;
}

/** How it is kept. */
export interface HowKept {
  readonly roomCelsius?: number;
  /** Relative humidity, percent. */
  readonly humidity?: number;
  readonly wrapped?: boolean;
  readonly wrappedWarm?: boolean;
  /** Fed: with spirit, or with something too weak to keep it. */
  readonly fed?: 'spirit' | 'weak';
  readonly bakeMinutes?: number;
}

const USUAL_MINUTES = 45;
/** Without a row of the table: never more than this. */
const MOST_WITHOUT = 4;
const UNREAD_FRIDGE = 2;
const WITHOUT: Pick<KeptPart, 'fridgeDays' | 'freezerMonths'> = { fridgeDays: 3, freezerMonths: 2 };
const WEAK = { roomDays: 3, fridgeDays: 14 } as const;
const WARM_ROOM = 25;
const DAMP = 70;
/** Fed with what is weak, a cake goes on as it would unfed while its crumb stays this dry at the worst. */
const DRY_ENOUGH = 0.85;

/** Grams that bake away, as a share. */
const LOSS = BAKE_LOSS.likely;
export const compositionOf = (audit: Audit, minutes = USUAL_MINUTES): BakedComposition => bakedComposition(audit.weighed.batter, LOSS, minutes); // prettier-ignore

interface Shortening {
  readonly days: number;
  readonly reasons: readonly KeepReason[];
}
/** The promise of a row, shortened by what is known of this one. */
function shortened(promised: number, activity: number, how: HowKept, celsius: number): Shortening {
  let days = promised;
  const reasons: KeepReason[] = [];
  const shorten = (to: number, code: 'moulds-sooner' | 'warm-room' | 'damp-room' | 'unwrapped' | 'wrapped-warm') => {
    const least = Math.max(1, Math.floor(to));
    if (least >= days) return;
    days = least;
    reasons.push({ code, days });
  };
  if (days === 0) return { days, reasons };
  shorten(mouldFreeDays(activity, Math.min(celsius, WARM_ROOM)), 'moulds-sooner');
  if (celsius > WARM_ROOM) shorten(mouldFreeDays(activity, celsius), 'warm-room');
  if (celsius > WARM_ROOM) shorten(days * 0.75, 'warm-room');
  if ((how.humidity ?? 0) > DAMP) shorten(days * 0.75, 'damp-room');
  if (how.wrappedWarm) shorten(days * 0.5, 'wrapped-warm');
  if (how.wrapped === false) shorten(promised / 2, 'unwrapped');
  return { days, reasons };
}

function bakedPart(component: { readonly id: string; readonly name: string }, audit: Audit, how: HowKept, celsius: number): KeptPart {
  const { batter } = audit.weighed;
  const composition = compositionOf(audit, how.bakeMinutes);
  const activity = waterActivity(composition);
  const row = rowOfBaked(audit.style?.basedOn, batter, how.fed === 'spirit');
  const cold = row?.roomDays === 0;
  const perishable = batter.find(({ ingredient }) => safetyOf(ingredient)?.perishable === 'raw-animal' && !ingredient.behavesAs.includes('egg'));
  const promised = row?.roomDays ?? MOST_WITHOUT;
  // alcohol carries a fed cake past what its water would let it
  const { days, reasons } = how.fed === 'spirit' && row?.id === 'fruit_cake_dark_fed' ? { days: promised, reasons: [{ code: 'fed-with-spirit' } as const] } : shortened(promised, activity, how, celsius);
  const weak = how.fed === 'weak' && activity + SPREAD > DRY_ENOUGH;
  const mustBeCold = cold || perishable !== undefined;
  return {
    ...component,
    baked: true,
    roomDays: mustBeCold ? 0 : weak ? Math.min(WEAK.roomDays, days) : days,
    fridgeDays: weak ? Math.min(WEAK.fridgeDays, row?.fridgeDays ?? WITHOUT.fridgeDays) : (row?.fridgeDays ?? WITHOUT.fridgeDays),
    freezerMonths: row?.freezerMonths ?? WITHOUT.freezerMonths,
    mustBeCold,
    wrap: row?.wrap ?? 'airtight, once cold',
    reasons: [
      row ? { code: 'row', row: row.id, days: row.roomDays } : { code: 'no-row', days: MOST_WITHOUT },
      ...reasons,
      ...(perishable ? [{ code: 'perishable', ingredient: perishable.ingredient.id } as const] : []),
      ...(weak ? [{ code: 'fed-weakly' } as const] : []),
    ],
    row,
  };
} // prettier-ignore

/** Sugar enough to keep a drizzle or a glaze, share of its weight. */
const SWEET = 0.5;
/** Sugar, syrup, jam, nuts, chocolate, dried fruit, and juice in plenty of sugar: it stands in the room as long as the crumb does. */
function standsInRoom(parts: readonly WeighedPart[]): boolean {
  const grams = parts.reduce((sum, part) => sum + part.grams, 0);
  const sugar = parts.reduce((sum, part) => sum + part.grams * part.ingredient.composition.sugars, 0);
  return (
    parts.length > 0 &&
    parts.every(({ ingredient }) => {
      const role = safetyOf(ingredient)?.fillingRole;
      const juice =
        ingredient.category === 'acid' || ingredient.category === 'liquid' || /juice|zest/.test(ingredient.behavesAs);
      return role === 'room' || (juice && sugar > SWEET * grams);
    })
  );
}
const BAKES = /\b(?:bake|baked|baking|oven)\b/i;
/** Scattered on or stirred in before the step that bakes: then it is baked, and no part of its own. */
function isBakedOn({ lines }: WeighedComponent, formula: Formula, { method }: Audit): boolean {
  const bakes = formula.steps.findIndex(({ text }) => BAKES.test(text));
  const takings = lines.map(({ line }) => method.takings.filter(({ lineId }) => lineId === line.id));
  return (
    bakes >= 0 &&
    takings.every(
      (of) => of.length > 0 && of.every(({ stepId }) => formula.steps.findIndex(({ id }) => id === stepId) < bakes),
    )
  );
}

function unbakedPart(component: WeighedComponent): KeptPart {
  const parts = weighedParts(component.lines);
  const unread = component.lines.find(({ entries }) => entries.some(({ ingredient, name }) => ingredient === undefined && name.trim() !== '')); // prettier-ignore
  const row = rowOfUnbaked(parts);
  const perishable = parts.find(({ ingredient }) => {
    const safety = safetyOf(ingredient);
    return safety === undefined || safety.fillingRole === 'cold' || safety.fillingRole === 'cold2h' || safety.perishable === 'raw-animal';
  });
  // butter and sugar alone stand in the room: their row says so; a spoon of milk in them does not make a cream
  const saved = row?.id === 'cake_buttercream' || row?.id === 'cake_sandwich_jam' || row?.id === 'cake_fondant' || row?.id === 'cake_ganache' || row?.id === 'cake_meringue_frost';
  const grams = parts.reduce((sum, part) => sum + part.grams, 0);
  const much = perishable !== undefined && (!saved || perishable.grams > 0.2 * grams) && perishable.ingredient.category !== 'fat';
  const nothing = parts.length === 0;
  const safe = row === undefined && standsInRoom(parts) && unread === undefined;
  if (safe)
    return { id: component.id, name: component.name, baked: false, roomDays: MOST_WITHOUT, fridgeDays: 7, freezerMonths: 3, mustBeCold: false, wrap: 'airtight, once cold', reasons: [{ code: 'no-row', days: MOST_WITHOUT }], row };
  const mustBeCold = unread !== undefined || nothing || much || row === undefined || row.roomDays === 0;
  const fridgeDays = unread || nothing || row === undefined ? UNREAD_FRIDGE : row.fridgeDays;
  return {
    id: component.id,
    name: component.name,
    baked: false,
    roomDays: mustBeCold ? 0 : row.roomDays,
    fridgeDays: mustBeCold && row !== undefined && row.roomDays !== 0 ? Math.min(fridgeDays, 3) : fridgeDays,
    freezerMonths: row?.freezerMonths ?? 1,
    mustBeCold,
    wrap: row?.wrap ?? 'covered, 4 °C or below',
    reasons: [
      ...(row ? [{ code: 'row', row: row.id, days: row.roomDays } as const] : [{ code: 'no-row', days: 0 } as const]),
      ...(perishable && mustBeCold ? [{ code: 'perishable', ingredient: perishable.ingredient.id } as const] : []),
      ...(unread || nothing ? [{ code: 'unread-filling', text: unread?.line.text ?? component.name } as const] : []),
    ],
    row,
  };
} // prettier-ignore

/** Parts that are baked with the batter or only help with it: no part of their own to keep. */
const GOES_IN = /\b(crumble|streusel|crumb|tin|pan|greas|lining|wash|brush|feed|serve|dusting|garnish)/i;

/** How long a bake keeps, part by part and as a whole. */
export function keepsOf(formula: Formula, audit: Audit, kitchen: Kitchen, how: HowKept = {}): Keeps {
  const celsius = how.roomCelsius ?? kitchen.place?.celsius ?? USUAL_PLACE.celsius;
  const batter = audit.weighed.components.find(({ inBatter }) => inBatter);
  const baked = bakedPart({ id: batter?.id ?? 'batter', name: batter && batter.name !== '' ? batter.name : formula.title }, audit, how, celsius);
  const unbaked = audit.weighed.components.filter(({ inBatter, name, lines }) => !inBatter && lines.length > 0 && !GOES_IN.test(name)).filter((component) => !isBakedOn(component, formula, audit)).map(unbakedPart);
  const parts = [baked, ...unbaked];
  const least = (of: (part: KeptPart) => number) => Math.min(...parts.map(of));
  const strictest = [...parts].sort((one, other) => one.roomDays - other.roomDays || one.fridgeDays - other.fridgeDays)[0] ?? baked;
  return {
    parts,
    whole: {
      name: formula.title,
      roomDays: least(({ roomDays }) => roomDays),
      fridgeDays: least(({ fridgeDays }) => fridgeDays),
      freezerMonths: least(({ freezerMonths }) => freezerMonths),
      mustBeCold: parts.some(({ mustBeCold }) => mustBeCold),
      wrap: strictest.wrap,
      reasons: strictest.reasons,
    },
  };
} // prettier-ignore
