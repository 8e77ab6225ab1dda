import { parseVessel } from '../../kitchen/pans/index.js';
import type { KnownBake } from '../formula/index.js';
import { middle } from './amounts.js';
import { readYield } from './yields.js';

/* How many pans, where their own words do not say it: "8x4 pans" that make two loaves are two, rounds of a cutter as many as it makes or the dough gives. */

export const DOUGH_GRAMS_PER_MILLILITRE = 1.12;
/** As scones and biscuits are patted where nobody says how thick. */
export const USUAL_THICKNESS_CM = 2.5;
const MOST_ROUNDS = 100;

/** Rounds of a cutter whose number nobody says: as many as the dough gives, scraps rolled out again. */
function countedRounds(bake: KnownBake, makes: string | undefined, batterGrams: number): KnownBake {
  const parsed = bake.pan === undefined ? undefined : parseVessel(bake.pan);
  if (parsed?.kind !== 'vessel' || parsed.set.pan.shape !== 'disc' || !parsed.assumed.includes('size')) return bake;
  const { diameterCm, heightCm = USUAL_THICKNESS_CM } = parsed.set.pan;
  if (diameterCm === undefined) return bake;
  const each = (Math.PI / 4) * diameterCm ** 2 * heightCm * DOUGH_GRAMS_PER_MILLILITRE;
  const said = readYield(makes ?? '')?.count;
  const count = said ? Math.round(middle(said)) : Math.floor(batterGrams / each + 0.15);
  return count >= 1 && count <= MOST_ROUNDS ? { ...bake, pan: `${bake.pan ?? ''} x ${count}` } : bake;
}

/** "Stamp out 8 with a 6 cm cutter", "cut into 12 rounds". */
const CUT_OUT =
  /\b(?:stamp|cut|press)(?:ed|s)?(?: it| them)?(?: out| into)? (?:about )?(\d{1,2})\b(?! ?(?:cm|mm|in\b|inch|"|x|\.|\/))(?=[^.;]{0,40}\b(?:cutter|rounds|scones|circles|discs)\b)/i;
/** "2 1/2 in cutter, 8." */
const CUTTER_BEFORE =
  /\bcutter,? (?:gives |makes )?(\d{1,2})(?=[.;\n]|$)|\b(?:made|makes|got) (\d{1,2}) (?:w\/ ?|with )[^;]{0,20}\bcutter\b/i;
/** How many rounds the steps say that are cut. */
export function cutOutIn(steps: readonly string[]): string | undefined {
  const count = steps.flatMap(
    (step) => CUT_OUT.exec(step)?.[1] ?? CUTTER_BEFORE.exec(step)?.slice(1).find(Boolean) ?? [],
  )[0];
  return count === undefined ? undefined : `makes ${count}`;
}

/** Several of them, and no number before. */
const SEVERAL = /^(?!(?:\d{1,2} (?:x )?|two |three |four )\d)\d.*(?:pans|tins|rounds|layers)$/i;
const SO_MANY_BAKED = /\b(two|three|four|[2-4]) (?:[a-z]+ ){0,2}(?:loaves|cakes|layers|tins|pans|breads)\b/i;

/** @param makes "2 loaves": what a formula says that it makes @param batterGrams what goes into the tins */
export function countedPans(bake: KnownBake, makes: string | undefined, batterGrams: number): KnownBake {
  const count = SO_MANY_BAKED.exec(makes ?? '')?.[1];
  if (count !== undefined && bake.pan !== undefined && SEVERAL.test(bake.pan)) {
    const pan = `${count} ${bake.pan}`;
    if (parseVessel(pan).kind === 'vessel') return { ...bake, pan };
  }
  return countedRounds(bake, makes, batterGrams);
}
