import type { Anchor, BakeJob } from '../baking/index.js';
import { isFree, type VesselSet } from '../../kitchen/pans/index.js';
import { bakeAt } from '../sweeps/index.js';

/** What is not known exactly, and how far off it easily is. */
export const UNKNOWNS = ['oven', 'batter-warmth', 'mass', 'pan-size', 'water'] as const;
export type Unknown = (typeof UNKNOWNS)[number];
export interface Sensitivity {
  readonly unknown: Unknown;
  /** So far it may easily be off, in its own unit: °C, °C, %, %, points. */
  readonly off: number;
  /** Minutes the likely time moves when it is off that far, one way and the other. */
  readonly lessMinutes: number;
  readonly moreMinutes: number;
}

/** How far each is easily off: an oven nobody measured, batter of a cool or warm kitchen, a bowl not scraped, a pan by its name. */
const EASILY_OFF: Readonly<Record<Unknown, number>> = {
  oven: 12,
  'batter-warmth': 6,
  mass: 10,
  'pan-size': 4,
  water: 2,
};
const LEAST_OVEN_OFF = 4;

function changed(job: BakeJob, unknown: Unknown, by: number): BakeJob {
  const { course = {}, batter, pans } = job;
  switch (unknown) {
    case 'oven':
      return { ...job, course: { ...course, ovenOffsetCelsius: (course.ovenOffsetCelsius ?? 0) + by } };
    case 'batter-warmth':
      return { ...job, course: { ...course, batterCelsius: Math.min(45, (course.batterCelsius ?? 21) + by) } };
    case 'mass':
      return { ...job, batter: { ...batter, grams: batter.grams * (1 + by / 100) } };
    case 'water':
      return {
        ...job,
        batter: { ...batter, ...(batter.water !== undefined && { water: Math.max(0.05, batter.water + by / 100) }) },
      };
    case 'pan-size':
      return { ...job, pans: resized(pans, 1 + by / 100) };
  }
}

function resized(pans: VesselSet, by: number): VesselSet {
  const { pan } = pans;
  if (isFree(pan))
    return pan.diameterCm === undefined ? pans : { ...pans, pan: { ...pan, diameterCm: pan.diameterCm * by } };
  return {
    ...pans,
    pan: {
      ...pan,
      topLengthCm: pan.topLengthCm * by,
      topWidthCm: pan.topWidthCm * by,
      bottomLengthCm: pan.bottomLengthCm * by,
      bottomWidthCm: pan.bottomWidthCm * by,
    },
  };
}

/** Which unknown moves the time most: each moved as far as it easily is off, both ways. The largest first. */
export function sensitivitiesOf(job: BakeJob, anchor?: Anchor): readonly Sensitivity[] {
  const likely = bakeAt(job, job.setting.celsius, anchor).minutes;
  if (likely === undefined) return [];
  return UNKNOWNS.flatMap((unknown): Sensitivity[] => {
    if (unknown === 'water' && job.batter.water === undefined) return [];
    if (unknown === 'pan-size' && job.pans.pan.shape === 'dome') return [];
    const off =
      unknown === 'oven' ? Math.max(LEAST_OVEN_OFF, job.oven?.spreadCelsius ?? EASILY_OFF.oven) : EASILY_OFF[unknown];
    const [less, more] = [-off, off].map(
      (by) => bakeAt(changed(job, unknown, by), job.setting.celsius, anchor).minutes,
    );
    return [{ unknown, off, lessMinutes: (less ?? likely) - likely, moreMinutes: (more ?? likely) - likely }];
  }).sort((a, b) => swing(b) - swing(a));
}
const swing = ({ lessMinutes, moreMinutes }: Sensitivity) => Math.max(Math.abs(lessMinutes), Math.abs(moreMinutes));
