/* The five taps: what a baker says of a bake in half a minute, each a word with a drawing. @source book.md, scales.csv and the sketch of recording */

export const TOPS = ['pale', 'straw', 'gold', 'chestnut', 'too-dark'] as const;
export type Top = (typeof TOPS)[number];
export const SHAPES = ['sank', 'flat', 'low-dome', 'cracked', 'peaked'] as const;
export type Shape = (typeof SHAPES)[number];
export const CRUMBS = ['tight', 'fine', 'open', 'tunnels', 'gummy'] as const;
export type Crumb = (typeof CRUMBS)[number];
export const WRONGS = ['soapy', 'dry', 'tough', 'crumbly', 'stuck', 'lopsided', 'fruit-sank', 'bitter', 'bland', 'greasy'] as const; // prettier-ignore
export type Wrong = (typeof WRONGS)[number];
/** The best score. */
export const BEST_SCORE = 10;

/** What is scored in steps of one to five, so that bakes can be held against one another. */
export const OUTCOMES = ['rise', 'crust', 'moisture', 'crumb', 'taste'] as const;
export type Outcome = (typeof OUTCOMES)[number];

const CRUST_STEP: Readonly<Record<Top, number>> = { pale: 1, straw: 2, gold: 3, chestnut: 4, 'too-dark': 5 };
const RISE_STEP: Readonly<Record<Shape, number>> = { sank: 1, flat: 2, 'low-dome': 3, cracked: 4, peaked: 5 };
/** A gummy line says how moist it was, not how tender. */
const CRUMB_STEP: Readonly<Partial<Record<Crumb, number>>> = { tight: 2, tunnels: 2, open: 3, fine: 4 };
const MOISTURE_OF: Readonly<Partial<Record<Wrong, number>>> = { dry: 1.5, crumbly: 2 };
const TENDERNESS_OF: Readonly<Partial<Record<Wrong, number>>> = { tough: 1.5 };

/** What was tapped of a bake. */
export interface Tapped {
  readonly top?: Top;
  readonly shape?: Shape;
  readonly crumb?: Crumb;
  /** Absent where nobody said; empty where nothing was wrong. */
  readonly wrong?: readonly Wrong[];
  /** 1 to 10. */
  readonly score?: number;
}

/** The outcomes of a bake in steps of one to five, as far as they were said. */
export function outcomesOf({ top, shape, crumb, wrong, score }: Tapped): Readonly<Partial<Record<Outcome, number>>> {
  const worst = (of: Readonly<Partial<Record<Wrong, number>>>, otherwise: number) =>
    Math.min(otherwise, ...(wrong ?? []).flatMap((each) => of[each] ?? []));
  const tender = crumb && CRUMB_STEP[crumb];
  return {
    ...(shape && { rise: RISE_STEP[shape] }),
    ...(top && { crust: CRUST_STEP[top] }),
    ...(wrong && { moisture: crumb === 'gummy' ? 5 : worst(MOISTURE_OF, 3) }),
    ...(tender !== undefined && { crumb: worst(TENDERNESS_OF, tender) }),
    ...(score !== undefined && { taste: score / 2 }),
  };
}
