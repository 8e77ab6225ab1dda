import type { AlarmCode, LiveEstimate } from '../../along/live-bake/index.js';
import type { DoneAtOven, Look } from '../../along/baking/index.js';
import { sentence, type Sentence } from '../figures/index.js';

/* What is said beside the oven's door. */

export const LOOK_WORDS: Readonly<Record<Look, string>> = { 'not-done': 'Not done', nearly: 'Nearly', done: 'Done' };
export const DONE_WORDS: Readonly<Record<DoneAtOven, string>> = {
  turned: 'Turned it',
  tented: 'Foil on',
  uncovered: 'Uncovered',
  'turned-down': 'Oven turned down',
  'probe-moved': 'I moved the probe',
  'probe-here': 'The probe is in this one',
  'power-back': 'The power is back',
};

/** What is to be done then. */
export const DO_WORDS: Readonly<Record<DoneAtOven, string>> = {
  turned: 'turn it end for end, 20 s, door shut',
  tented: 'foil on',
  uncovered: 'the lid off',
  'turned-down': 'turn the oven down',
  'probe-moved': '',
  'probe-here': '',
  'power-back': '',
};

const ALARMS: Readonly<Record<AlarmCode, Sentence>> = {
  'fallen-out': sentence('The probe fell out', 'It shows the oven. Push it back to the middle; the estimate goes on without it.'), // prettier-ignore
  frozen: sentence('The probe stands still', 'Its figure has not moved while the middle must have. Check its plug.'),
  moved: sentence('The probe stands elsewhere now', 'What it shows is taken as a new place.'),
  'oven-off': sentence('The oven falls and does not come back', 'Look whether it is on. Keep the door shut.'),
};
export const alarmInWords = (code: AlarmCode): Sentence => ALARMS[code];

/** What the curve says of this oven and of where the probe stands. */
export function liveInWords({ oven, probe }: LiveEstimate): string {
  const off = Math.round(oven.celsius);
  const surely = Math.abs(off) > oven.spread;
  const says =
    Math.abs(off) < 3 || !surely
      ? 'The curve goes as foreseen.'
      : `It warms like an oven ${Math.abs(off)} °C ${off < 0 ? 'cooler' : 'hotter'} than thought.`;
  return probe.offCentre
    ? `${says} The probe stands about ${Math.round(probe.aheadCelsius)} °C off the coldest point: the middle is behind what it shows.`
    : says;
}
