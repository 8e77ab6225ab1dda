import type { PanMaterial } from '../../kitchen/pans/index.js';

/** Why the oven is set as it is. Codes; the sentences are in core/src/words. */
export type SetPointReason =
  | { readonly code: 'as-known'; readonly celsius: number }
  | { readonly code: 'usual-for-style'; readonly celsius: number }
  | { readonly code: 'chosen'; readonly celsius: number }
  | { readonly code: 'fan' | 'no-fan' | 'dark' | 'glass' | 'lighter'; readonly celsius: number };

export interface SetPoint {
  readonly celsius: number;
  readonly fan: boolean;
  readonly reasons: readonly SetPointReason[];
}

/** What to add to the set point for the pan's material and for a fan, °C. @source heat.md, section 8 */
const SET_POINT_FOR_MATERIAL: Readonly<Record<PanMaterial, number>> = {
  light: 0,
  dark: -12,
  glass: -10,
  ceramic: 0,
  silicone: 0,
  'cast-iron': 0,
};
const SET_POINT_FOR_FAN = -20;
const DIALS_STEP_CELSIUS = 5;

/** A set point that is known to work, with the pan and oven it works for. */
export interface KnownSetting {
  readonly celsius: number;
  readonly fan: boolean;
  readonly material: PanMaterial;
  readonly from: 'known-bake' | 'style';
}

/**
 * The set point for another pan or oven: what is known, moved by the usual corrections for fan, dark metal and glass, and put on a
 * step of the dial only when something moved it.
 */
export function settingFor(known: KnownSetting, fan: boolean, material: PanMaterial): SetPoint {
  const reasons: SetPointReason[] = [
    { code: known.from === 'style' ? 'usual-for-style' : 'as-known', celsius: known.celsius },
  ];
  const forFan = (fan ? SET_POINT_FOR_FAN : 0) - (known.fan ? SET_POINT_FOR_FAN : 0);
  const forMaterial = SET_POINT_FOR_MATERIAL[material] - SET_POINT_FOR_MATERIAL[known.material];
  if (forFan !== 0) reasons.push({ code: fan ? 'fan' : 'no-fan', celsius: forFan });
  if (forMaterial !== 0) {
    const code = material === 'dark' ? 'dark' : material === 'glass' ? 'glass' : 'lighter';
    reasons.push({ code, celsius: forMaterial });
  }
  const moved = known.celsius + forFan + forMaterial;
  const celsius = moved === known.celsius ? moved : Math.round(moved / DIALS_STEP_CELSIUS) * DIALS_STEP_CELSIUS;
  return { celsius, fan, reasons };
}
