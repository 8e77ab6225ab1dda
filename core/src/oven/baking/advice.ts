import { isFree, type Fill, type VesselSet } from '../../kitchen/pans/index.js';
import type { OvenCourse } from './bake-spec.js';
import type { Anchor } from './known-bake.js';
import type { SetPoint } from './set-point.js';
import type { BakeTimeline } from './timeline.js';

/** What to do during the bake, and what to beware of. */
export type BakeAdviceCode =
  | 'first-look'
  | 'rotate'
  | 'swap-racks'
  | 'look-at-colour'
  | 'tent'
  | 'turn-oven'
  | 'lid-off'
  | 'sheet-beneath'
  | 'runs-over'
  | 'low-in-the-pan'
  | 'known-bake-refused'
  | 'no-known-bake'
  | 'glass-from-cold'
  | 'cool-glass-slowly'
  | 'too-hot-for-material'
  | 'paper-scorches'
  | 'cast-iron-goes-in-cold'
  | 'one-at-a-time'
  | 'test-decides';
export interface BakeAdvice {
  readonly code: BakeAdviceCode;
  /** Minutes from going in; undefined for what holds throughout. */
  readonly minute?: number;
  readonly facts: Readonly<Record<string, number>>;
}

/** What a material bears, °C. @source materials.csv */
const BEARS: Readonly<Partial<Record<VesselSet['pan']['material'], number>>> = {
  dark: 230,
  glass: 260,
  ceramic: 250,
  silicone: 230,
};
/** Baking paper browns and embers above. @source materials.csv, parchment */
const PAPER_CELSIUS = 215;
const GLASS_COLD_BATTER = 10;

export interface AdviceInput {
  readonly pans: VesselSet;
  readonly fill: Fill | undefined;
  readonly minutes: { readonly first: number; readonly likely: number };
  readonly timeline: BakeTimeline;
  readonly course: OvenCourse;
  readonly setting: SetPoint;
  readonly anchor: Anchor | undefined;
}

/** Everything worth saying of a bake, warnings first, then by the clock, then what always holds. */
export function adviceFor(input: AdviceInput): readonly BakeAdvice[] {
  const { pans, fill, minutes, timeline, course, setting, anchor } = input;
  const advice: BakeAdvice[] = [];
  const say = (code: BakeAdviceCode, minute?: number, facts: BakeAdvice['facts'] = {}) =>
    advice.push({ code, ...(minute !== undefined && { minute: Math.round(minute) }), facts });
  if (fill) {
    const percent = Math.round(fill.overflowChance * 100);
    const fillPercent = Math.round(fill.fraction * 100);
    if (fill.verdict === 'overflows') say('runs-over', undefined, { percent, fillPercent });
    if (fill.verdict === 'sheet-beneath') say('sheet-beneath', undefined, { percent });
    if (fill.verdict === 'low') say('low-in-the-pan', undefined, { fillPercent });
  }
  if (anchor?.kind === 'refused') {
    say('known-bake-refused', undefined, {
      known: Math.round(anchor.knownMinutes),
      ...(anchor.modelMinutes !== undefined && { model: Math.round(anchor.modelMinutes) }),
    });
  }
  const hottest = Math.max(setting.celsius, ...(course.stages ?? []).map(({ celsius }) => celsius));
  const { material } = pans.pan;
  const bears = BEARS[material];
  if (bears !== undefined && hottest > bears) say('too-hot-for-material', undefined, { celsius: bears });
  if (hottest > PAPER_CELSIUS && (isFree(pans.pan) || pans.pan.shape === 'muffin'))
    say('paper-scorches', undefined, { celsius: PAPER_CELSIUS });
  if (material === 'glass' && (course.batterCelsius ?? 21) < GLASS_COLD_BATTER) say('glass-from-cold');
  if (anchor === undefined) say('no-known-bake');

  const timed: [BakeAdviceCode, number | undefined, BakeAdvice['facts']][] = [
    ['rotate', timeline.rotateMinute, {}],
    ['swap-racks', timeline.swapMinute, { racks: timeline.racks }],
    ['tent', timeline.tentMinute, {}],
    ['look-at-colour', timeline.colourMinute, {}],
    ['lid-off', timeline.uncoverMinute, {}],
    ['first-look', minutes.first, {}],
  ];
  for (const { minute, celsius } of timeline.stages) timed.push(['turn-oven', minute, { celsius }]);
  timed
    .flatMap(([code, minute, facts]) => (minute === undefined ? [] : [{ code, minute, facts }]))
    .sort((a, b) => a.minute - b.minute)
    .forEach(({ code, minute, facts }) => say(code, minute, facts));

  if (timeline.racks > 2) say('one-at-a-time', undefined, { racks: timeline.racks });
  if (material === 'glass') say('cool-glass-slowly');
  if (material === 'cast-iron') say('cast-iron-goes-in-cold');
  say('test-decides');
  return advice;
}
