import { pastDonePercent } from '../learning/index.js';
import type { BakeRecord } from './bake-record.js';

/* How often windows held: eight bakes in ten are promised to be done within theirs, one sooner, one later. */

export const WINDOW_PARTS = ['sooner', 'first-half', 'second-half', 'later'] as const;
export type WindowPart = (typeof WINDOW_PARTS)[number];
/** What is promised of each part. */
export const PROMISED: Readonly<Record<WindowPart, number>> = { sooner: 0.1, 'first-half': 0.4, 'second-half': 0.4, later: 0.1 }; // prettier-ignore

export interface WindowsHeld {
  readonly parts: Readonly<Record<WindowPart, number>>;
  readonly held: number;
  readonly of: number;
  /** Of the last twenty too few lay inside: times may be noted more roughly than was said. */
  readonly tooNarrow: boolean;
}

/** @source book.md, section 2: fewer than 65 % of the last 20 */
const LAST = 20;
const TOO_FEW = 0.65;

/** Where in its window a bake was done, by its minutes and how done it was; undefined where nothing was foreseen, or it is left out. */
export function partOfWindow({ foreseen, leftOut, outMinutes, word }: BakeRecord): WindowPart | undefined {
  if (!foreseen || leftOut !== undefined) return undefined;
  const minutes = outMinutes / (1 + pastDonePercent(word) / 100);
  if (minutes < foreseen.low) return 'sooner';
  if (minutes > foreseen.high) return 'later';
  return minutes < foreseen.likely ? 'first-half' : 'second-half';
}

/** @param records in any order */
export function windowsHeld(records: readonly BakeRecord[]): WindowsHeld {
  const told = [...records].sort((a, b) => b.at - a.at).flatMap((record) => partOfWindow(record) ?? []);
  const count = (part: WindowPart, of = told) => of.filter((each) => each === part).length;
  const inside = (of: readonly WindowPart[]) => of.filter((part) => part !== 'sooner' && part !== 'later').length;
  const last = told.slice(0, LAST);
  return {
    parts: { sooner: count('sooner'), 'first-half': count('first-half'), 'second-half': count('second-half'), later: count('later') }, // prettier-ignore
    held: inside(told),
    of: told.length,
    tooNarrow: last.length === LAST && inside(last) < TOO_FEW * LAST,
  };
}
