import { lessonFor } from '../../kitchen/learned/index.js';
import type { VesselSet } from '../../kitchen/pans/index.js';
import {
  batterOf,
  settingFor,
  type BakeJob,
  type OvenCourse,
  type OvenStage,
  type SetPoint,
} from '../../oven/baking/index.js';
import type { BakeOrder } from './bake-order.js';
import { circumstancesOf, courseOf, ovenKnownOf } from './circumstances.js';
import { knownPansOf, knownTimeOf, movedStages } from './known-time.js';

/** Set point where neither formula nor style says one, °C. */
const USUAL_CELSIUS = 175;

/** What one bake of an order has of its own. */
export interface WayOfBaking {
  readonly pans: VesselSet;
  /** All the batter, g. */
  readonly grams: number;
  readonly celsius?: number | undefined;
  readonly fan: boolean;
  readonly stages?: readonly OvenStage[] | undefined;
  readonly covers?: OvenCourse['covers'] | undefined;
}

/** The bake to lean on. */
export const knownOf = ({ known, formula }: BakeOrder) => known ?? formula.bake;

/** Set point that the style is usually baked at, °C. */
export const usualCelsiusOf = ({ style }: BakeOrder['audit']): number => style?.ovenCelsius.typical ?? USUAL_CELSIUS;

/** With the fan or without: as set for this bake, else as this oven is used, else as the formula says. */
export const fanOf = (order: BakeOrder): boolean => order.oven?.fan ?? order.kitchen.oven?.fan ?? knownOf(order).fan;

/** The set point: as chosen, else as known or usual, moved for fan and material. */
function setPointOf(order: BakeOrder, way: WayOfBaking, knownCelsius: number | undefined): SetPoint {
  const known = knownOf(order);
  const setting = settingFor(
    {
      celsius: knownCelsius ?? usualCelsiusOf(order.audit),
      fan: known.fan,
      material: knownPansOf(known, order.kitchen)?.pans.pan.material ?? 'light',
      from: knownCelsius === undefined ? 'style' : 'known-bake',
    },
    way.fan,
    way.pans.pan.material,
  );
  return way.celsius === undefined
    ? setting
    : { celsius: way.celsius, fan: setting.fan, reasons: [{ code: 'chosen', celsius: way.celsius }] };
}

/** One way of baking an order's batter: batter, pans, set point, course, and the known time to lean on. */
export function bakeJobOf(order: BakeOrder, way: WayOfBaking): BakeJob {
  const { audit, kitchen, oven = {} } = order;
  const known = knownOf(order);
  const circumstances = circumstancesOf(kitchen, order.ovenOffset);
  const knownCelsius = known.celsius ?? (known.lowMinutes === undefined ? undefined : way.celsius);
  const setting = setPointOf(order, way, knownCelsius);
  const stages = way.stages ?? (way.celsius === undefined ? movedStages(known, setting.celsius) : undefined);
  const covers = way.covers ?? known.covers;
  const { batterCelsius, coldOven } = oven;
  const course: OvenCourse = {
    ...courseOf(
      circumstances,
      {
        ...(covers && { covers }),
        ...(batterCelsius !== undefined && { batterCelsius }),
        ...(coldOven !== undefined && { coldOven }),
      },
      order.beside,
    ),
    ...(stages && stages.length > 0 && { stages }),
  };
  const time = knownTimeOf(known, kitchen, knownCelsius, usualCelsiusOf(audit), order.knownGrams ?? audit.totals.grams);
  const ovenKnown = ovenKnownOf(circumstances);
  const { learned } = kitchen;
  return {
    batter: batterOf(audit.weighed.batter, audit.style?.basedOn, way.grams),
    pans: way.pans,
    setting,
    ...(Object.keys(course).length > 0 && { course }),
    ...(Object.keys(ovenKnown).length > 0 && { oven: ovenKnown }),
    ...(time && { known: time }),
    ...(learned && {
      lesson: lessonFor(learned, {
        recipe: order.recipe,
        pan: way.pans.pan.name,
        celsius: setting.celsius,
        fan: setting.fan,
        reckonedCelsius: circumstances.offset?.celsius ?? 0,
      }),
    }),
  };
}
