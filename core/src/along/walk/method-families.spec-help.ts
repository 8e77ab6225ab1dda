import type { Region } from '../../ground/units/index.js';

/*
 * Ordinary methods in the words that cooks use for each act, to be told in any of their wordings, as a paragraph, in lines, numbered or not.
 * Each family is a list and, act by act, the ways of saying it; what a wording promises (heat, minutes) stands beside it.
 */

export interface Promised {
  readonly celsius?: number;
  readonly minutes?: readonly [number, number];
}
export type Told = string | readonly [words: string, promised: Promised];
export interface Family {
  readonly title: string;
  readonly region: Region;
  readonly yield?: string;
  readonly list: string;
  /** How many parts it has; whatever is put between or on top may become one. */
  readonly parts?: number;
  readonly panless?: boolean;
  /** What may be weighed behind the oven, what only there, and what may go on the filled tin. */
  readonly late?: RegExp;
  readonly onlyLate?: RegExp;
  readonly top?: RegExp;
  readonly acts: readonly (readonly Told[])[];
}

/* Heat, bake and cooling, as every method says them. */
// prettier-ignore
export const ovenC = (c: number): readonly Told[] => [[`Heat the oven to ${c}C.`, { celsius: c }], [`Preheat oven to ${c}°C (${c - 20}°C fan).`, { celsius: c }], [`Preheat the oven to ${c}C/${c - 20}C fan.`, { celsius: c }], [`Oven ${c}.`, { celsius: c }], [`Turn the oven on to ${c} °C and line a baking sheet.`, { celsius: c }]];
// prettier-ignore
export const ovenF = (f: number, c: number): readonly Told[] => [[`Preheat oven to ${f}°F.`, { celsius: c }], [`Heat oven to ${f} degrees F.`, { celsius: c }], [`Preheat the oven to ${f}F (${Math.round(c / 5) * 5}C).`, { celsius: c }], [`Preheat oven to ${f}.`, { celsius: c }]];
// prettier-ignore
export const bake = (lo: number, hi: number): readonly Told[] => [[`Bake for ${lo}-${hi} minutes.`, { minutes: [lo, hi] }], [`Bake ${lo} to ${hi} minutes, until golden.`, { minutes: [lo, hi] }], [`Bake for ${lo} mins until risen and golden brown.`, { minutes: [lo, lo] }], [`Bake until a skewer comes out clean, ${lo} to ${hi} minutes.`, { minutes: [lo, hi] }], [`Put in the oven for ${lo}–${hi} mins.`, { minutes: [lo, hi] }], [`Bake in the middle of the oven for about ${hi} minutes.`, { minutes: [hi, hi] }]];
// prettier-ignore
export const cool: readonly Told[] = ['Cool on a wire rack.', 'Leave to cool in the tin for 10 minutes, then turn out.', 'Serve warm.', 'Eat the same day.', ''];
