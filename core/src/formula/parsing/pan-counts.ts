import { parseVessel } from '../../kitchen/pans/index.js';
import type { KnownBake } from '../formula/index.js';

/* How many pans, where their own words do not say it: "8x4 pans" that make two loaves are two, rounds of a cutter as many as the dough gives. */

const DOUGH_GRAMS_PER_MILLILITRE = 1.12;
const USUAL_THICKNESS_CM = 2.5;
const MOST_ROUNDS = 100;

/** Rounds of a cutter whose number nobody says: as many as the dough gives, scraps rolled out again. */
function countedRounds(bake: KnownBake, batterGrams: number): KnownBake {
  const parsed = bake.pan === undefined ? undefined : parseVessel(bake.pan);
  if (parsed?.kind !== 'vessel' || parsed.set.pan.shape !== 'disc' || !parsed.assumed.includes('size')) return bake;
  const { diameterCm, heightCm = USUAL_THICKNESS_CM } = parsed.set.pan;
  if (diameterCm === undefined) return bake;
  const each = (Math.PI / 4) * diameterCm ** 2 * heightCm * DOUGH_GRAMS_PER_MILLILITRE;
  const count = Math.floor(batterGrams / each + 0.15);
  return count >= 1 && count <= MOST_ROUNDS ? { ...bake, pan: `${bake.pan ?? ''} x ${count}` } : bake;
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
  return countedRounds(bake, batterGrams);
}
