/*
 * Whether the oven is what it is to be, before anything goes in; and what it costs not to wait. What the batter does not get while the
 * air is cold is counted as minutes on its own clock, as an open door is. @source shared/science/along.md, Doors
 */

/** Nearer than this is ready: a thermostat swings by as much. */
const NEAR_CELSIUS = 8;
/** A domestic oven, to 1/e of what is missing, min; and as it heats up from cold, °C a minute. */
const COMES_BACK_MINUTES = 5;
const HEATS_CELSIUS_A_MINUTE = 8;
/** The pan feels so much of the air's fall: the walls go on radiating. */
const PAN_FEELS = 0.7;
/** Below this a batter takes up no heat worth counting, °C. */
const TAKES_HEAT_FROM = 75;
const COLDEST = 60;

/** Heat that the batter did not get, as minutes on its own clock. @param kelvinMinutes by which the air was too cold, for how long */
export const minutesLost = (kelvinMinutes: number, setPoint: number): number =>
  (kelvinMinutes * PAN_FEELS) / Math.max(20, setPoint - TAKES_HEAT_FROM);

export type OvenVerdict =
  | { readonly kind: 'ready'; readonly celsius: number }
  | {
      readonly kind: 'cold';
      readonly celsius: number;
      readonly missingCelsius: number;
      /** Until it is ready, min. */
      readonly waitMinutes: number;
      /** Longer in the oven when it goes in now, min; undefined where it is no oven yet. */
      readonly costMinutes: number | undefined;
    }
  | {
      readonly kind: 'hot';
      readonly celsius: number;
      readonly overCelsius: number;
      readonly waitMinutes: number;
    };

/** @param celsius as a thermometer in it says */
export function ovenVerdict(celsius: number, setPoint: number): OvenVerdict {
  const missing = setPoint - celsius;
  if (Math.abs(missing) <= NEAR_CELSIUS) return { kind: 'ready', celsius };
  if (missing < 0) return { kind: 'hot', celsius, overCelsius: -missing, waitMinutes: Math.ceil(-missing / 3.5) };
  const cost = minutesLost(missing * COMES_BACK_MINUTES, setPoint);
  return {
    kind: 'cold',
    celsius,
    missingCelsius: missing,
    waitMinutes: Math.max(1, Math.ceil(missing / HEATS_CELSIUS_A_MINUTE)),
    costMinutes: celsius < COLDEST ? undefined : cost,
  };
}
