import type { AlarmCode, LiveEstimate } from '../../along/live-bake/index.js';
import type { DoneAtOven, Look } from '../../along/baking/index.js';
import type { HeatScale } from '../../ground/units/index.js';
import { apartOn, sentence, type Sentence } from '../figures/index.js';

/* What is said beside the oven's door. */

export const LOOK_WORDS: Readonly<Record<Look, string>> = {
  'not-done': $localize`Not done`,
  nearly: $localize`Nearly`,
  done: $localize`Done`,
};
export const DONE_WORDS: Readonly<Record<DoneAtOven, string>> = {
  turned: $localize`Turned it`,
  tented: $localize`Foil on`,
  uncovered: $localize`Uncovered`,
  'turned-down': $localize`Oven turned down`,
  'probe-moved': $localize`I moved the probe`,
  'probe-here': $localize`The probe is in this one`,
  'power-back': $localize`The power is back`,
};

/** What is to be done then. */
export const DO_WORDS: Readonly<Record<DoneAtOven, string>> = {
  turned: $localize`turn it end for end, 20 s, door shut`,
  tented: $localize`foil on`,
  uncovered: $localize`the lid off`,
  'turned-down': $localize`turn the oven down`,
  'probe-moved': '',
  'probe-here': '',
  'power-back': '',
};

const ALARMS: Readonly<Record<AlarmCode, Sentence>> = {
  'fallen-out': sentence($localize`The probe fell out`, $localize`It shows the oven. Push it back to the middle; the estimate goes on without it.`), // prettier-ignore
  frozen: sentence(
    $localize`The probe stands still`,
    $localize`Its figure has not moved while the middle must have. Check its plug.`,
  ),
  moved: sentence($localize`The probe stands elsewhere now`, $localize`What it shows is taken as a new place.`),
  'oven-off': sentence(
    $localize`The oven falls and does not come back`,
    $localize`Look whether it is on. Keep the door shut.`,
  ),
};
export const alarmInWords = (code: AlarmCode): Sentence => ALARMS[code];

/** What the curve says of this oven and of where the probe stands. */
export function liveInWords({ oven, probe }: LiveEstimate, scale: HeatScale = 'C'): string {
  const off = Math.round(oven.celsius);
  const surely = Math.abs(off) > oven.spread;
  const says =
    Math.abs(off) < 3 || !surely
      ? $localize`The curve goes as foreseen.`
      : $localize`It warms like an oven ${apartOn(scale, off)} ${off < 0 ? $localize`cooler` : $localize`hotter`} than thought.`;
  return probe.offCentre
    ? $localize`${says} The probe stands about ${apartOn(scale, probe.aheadCelsius)} off the coldest point: the middle is behind what it shows.`
    : says;
}
