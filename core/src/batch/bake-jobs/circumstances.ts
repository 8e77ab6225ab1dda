import {
  heatingMinutes,
  ovenOffset,
  UNKNOWN_OVEN,
  USUAL_PLACE,
  type Kitchen,
  type OvenOffset,
} from '../../kitchen/kitchen/index.js';
import { USUAL_HEATING_MINUTES, type OvenCourse, type OvenKnown } from '../../oven/baking/index.js';
import type { OvenSettings } from '../../oven/settings/index.js';

/** What a kitchen does to every bake in it: how high it stands, and what its oven really gives. */
export interface Circumstances {
  readonly metresAboveSea: number;
  readonly offset: OvenOffset | undefined;
  readonly heatsInMinutes: number | undefined;
  /** Whether the oven is used with its fan unless a bake says otherwise; undefined where nobody said. */
  readonly fan: boolean | undefined;
}

/** @param known what the oven is known to give, where it is not read off the kitchen's own thermometer */
export function circumstancesOf(kitchen: Kitchen, known?: OvenOffset): Circumstances {
  const oven = kitchen.oven ?? UNKNOWN_OVEN;
  return {
    metresAboveSea: (kitchen.place ?? USUAL_PLACE).metresAboveSea,
    offset: known ?? ovenOffset(oven),
    heatsInMinutes: heatingMinutes(kitchen),
    fan: oven.fan,
  };
}

/** The oven as the simulation takes it: how sure its error is, how long it heats. */
export const ovenKnownOf = ({ offset, heatsInMinutes }: Circumstances): OvenKnown => ({
  ...(offset && { spreadCelsius: offset.spread }),
  ...(heatsInMinutes !== undefined && { heatsInMinutes }),
});

/** What goes on around a bake beside its set points: the place, the oven's error, what is set for it, what else is in the oven. */
export function courseOf(
  { metresAboveSea, offset, heatsInMinutes }: Circumstances,
  { covers, batterCelsius, coldOven }: Pick<OvenSettings, 'covers' | 'batterCelsius' | 'coldOven'>,
  beside?: OvenCourse['beside'],
): Omit<OvenCourse, 'stages'> {
  return {
    ...(covers && covers.length > 0 && { covers }),
    ...(batterCelsius !== undefined && { batterCelsius }),
    ...(metresAboveSea !== 0 && { altitudeMetres: metresAboveSea }),
    ...(offset && { ovenOffsetCelsius: offset.celsius }),
    ...(coldOven === true && { coldOvenMinutes: heatsInMinutes ?? USUAL_HEATING_MINUTES }),
    ...(beside && { beside }),
  };
}
