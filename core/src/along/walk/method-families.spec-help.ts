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
export const ovenC = (c: number): readonly Told[] => [
  [`Heat the oven to ${c}C.`, { celsius: c }],
  [`Preheat oven to ${c}°C (${c - 20}°C fan).`, { celsius: c }],
  [`Preheat the oven to ${c}C/${c - 20}C fan.`, { celsius: c }],
  [`Oven ${c}.`, { celsius: c }],
  [`Turn the oven on to ${c} °C and line a baking sheet.`, { celsius: c }],
  [`Switch on the oven: ${c} °C.`, { celsius: c }],
  [`Preheat your oven to ${c} °C.`, { celsius: c }],
  [`Set oven temperature to ${c}C (${c - 20}C for fan ovens).`, { celsius: c }],
  [`Preheat the oven to ${c}°C/fan ${c - 20}°C.`, { celsius: c }],
  [`Pre-heat the oven to ${c} C.`, { celsius: c }],
  [`Heat the oven to ${c} degrees C.`, { celsius: c }],
  [`Oven: ${c}°C.`, { celsius: c }],
];
// prettier-ignore
export const ovenF = (f: number, c: number): readonly Told[] => [
  [`Preheat oven to ${f}°F.`, { celsius: c }],
  [`Heat oven to ${f} degrees F.`, { celsius: c }],
  [`Preheat the oven to ${f}F (${Math.round(c / 5) * 5}C).`, { celsius: c }],
  [`Preheat oven to ${f}.`, { celsius: c }],
  [`Set oven to ${f}°F.`, { celsius: c }],
  [`Move a rack to the middle of the oven and preheat to ${f}°F.`, { celsius: c }],
  [`Adjust oven rack to middle position and heat oven to ${f} degrees.`, { celsius: c }],
  [`Preheat your oven to ${f} degrees Fahrenheit.`, { celsius: c }],
  [`Position a rack in the center of the oven and preheat to ${f}°F (${Math.round(c)}°C).`, { celsius: c }],
  [`Preheat oven to ${f} F.`, { celsius: c }],
  [`Heat the oven to ${f}ºF.`, { celsius: c }],
  [`Preheat oven to ${f}°.`, { celsius: c }],
  [`Preheat the oven to ${f} degrees.`, { celsius: c }],
];
// prettier-ignore
export const bake = (lo: number, hi: number): readonly Told[] => [
  [`Bake for ${lo}-${hi} minutes.`, { minutes: [lo, hi] }],
  [`Bake ${lo} to ${hi} minutes, until golden.`, { minutes: [lo, hi] }],
  [`Bake for ${lo} mins until risen and golden brown.`, { minutes: [lo, lo] }],
  [`Bake until a skewer comes out clean, ${lo} to ${hi} minutes.`, { minutes: [lo, hi] }],
  [`Put in the oven for ${lo}–${hi} mins.`, { minutes: [lo, hi] }],
  [`Bake in the middle of the oven for about ${hi} minutes.`, { minutes: [hi, hi] }],
  [`Bake for ${lo} to ${hi} minutes, or until a toothpick inserted in the center comes out clean.`, { minutes: [lo, hi] }],
  [`Bake until golden brown and a tester comes out with a few moist crumbs attached, ${lo} to ${hi} minutes, rotating halfway through.`, { minutes: [lo, hi] }],
  [`Bake, rotating pan after 10 minutes, for ${lo} to ${hi} minutes.`, { minutes: [lo, hi] }],
  [`Cook for ${lo}-${hi} mins on the middle shelf.`, { minutes: [lo, hi] }],
  [`Bake ${hi} minutes or until done.`, { minutes: [hi, hi] }],
  [`Bake on the middle shelf for ${lo} minutes; check with a skewer.`, { minutes: [lo, lo] }],
  [`Bake ${lo}-${hi} min.`, { minutes: [lo, hi] }],
  [`Bake for ${lo} to ${hi} minutes.`, { minutes: [lo, hi] }],
  [`Bake in the preheated oven for ${lo}–${hi} minutes, until risen and springy.`, { minutes: [lo, hi] }],
  [`Place in the oven and bake for ${lo}-${hi} minutes.`, { minutes: [lo, hi] }],
  [`Bake for about ${lo}-${hi} minutes or until the top is golden and a skewer inserted into the middle comes out clean.`, { minutes: [lo, hi] }],
];
// prettier-ignore
export const cool: readonly Told[] = [
  'Cool on a wire rack.',
  'Leave to cool in the tin for 10 minutes, then turn out.',
  'Serve warm.',
  'Eat the same day.',
  '',
  'Let cool in pan on wire rack 15 minutes; remove from pan.',
  'Transfer to a wire rack and let cool completely.',
  'Run a knife round the edge and turn out.',
  'Remove from the oven and leave in the tin for 5 mins.',
  'Store in an airtight container for up to 3 days.',
  'Allow to cool.',
  'Cool for 5 minutes then turn out onto a wire rack to cool completely.',
  'Leave for 10 minutes before turning out.',
];
