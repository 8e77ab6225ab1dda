import { isFree, type Fill, type VesselSet } from '../../kitchen/pans/index.js';
import type { OvenCourse } from './bake-spec.js';
import type { Anchor } from './known-bake.js';
import type { SetPoint } from './set-point.js';
import type { BakeTimeline } from './timeline.js';

/** What to do during the bake, and what to beware of: what a sentence needs to know of each. */
export interface AdviceFacts {
  /** An oven that a thermometer found off: by how much, what is set, and what to set for that heat inside. */
  'oven-off': { readonly offCelsius: number; readonly celsius: number; readonly setTo: number };
  'first-look': NoFacts;
  rotate: NoFacts;
  'swap-racks': { readonly racks: number };
  'look-at-colour': NoFacts;
  tent: NoFacts;
  'turn-oven': { readonly celsius: number };
  'lid-off': NoFacts;
  'sheet-beneath': { readonly percent: number };
  'runs-over': { readonly percent: number; readonly fillPercent: number };
  'low-in-the-pan': { readonly fillPercent: number };
  /** Minutes as known and as simulated; undefined when it would never be done. */
  'known-bake-refused': { readonly known: number; readonly model?: number };
  'no-known-bake': NoFacts;
  'glass-from-cold': NoFacts;
  'cool-glass-slowly': NoFacts;
  'too-hot-for-material': { readonly celsius: number };
  'paper-scorches': { readonly celsius: number };
  'cast-iron-goes-in-cold': NoFacts;
  'one-at-a-time': { readonly racks: number };
  'test-decides': NoFacts;
}
type NoFacts = Readonly<Record<string, never>>;
export type BakeAdviceCode = keyof AdviceFacts;
export interface AdviceOf<C extends BakeAdviceCode> {
  readonly code: C;
  /** Minutes from going in; undefined for what holds throughout. */
  readonly minute?: number;
  readonly facts: AdviceFacts[C];
}
export type BakeAdvice = { [C in BakeAdviceCode]: AdviceOf<C> }[BakeAdviceCode];

const advise = <C extends BakeAdviceCode>(code: C, facts: AdviceFacts[C], minute?: number): AdviceOf<C> => ({
  code,
  ...(minute !== undefined && { minute: Math.round(minute) }),
  facts,
});

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
/** Less than a notch of the dial is not worth turning it for. */
const WORTH_RESETTING_CELSIUS = 5;
const [COOLEST, HOTTEST] = [100, 300] as const;

export interface AdviceInput {
  readonly pans: VesselSet;
  readonly fill: Fill | undefined;
  readonly minutes: { readonly first: number; readonly likely: number };
  readonly timeline: BakeTimeline;
  readonly course: OvenCourse;
  readonly setting: SetPoint;
  readonly anchor: Anchor | undefined;
}

/** What to beware of: fill, known bake, material, paper. */
function warnings({ pans, fill, course, setting, anchor }: AdviceInput): readonly BakeAdvice[] {
  const advice: BakeAdvice[] = [];
  const off = course.ovenOffsetCelsius ?? 0;
  const setTo = Math.round((setting.celsius - off) / 5) * 5;
  if (Math.abs(off) >= WORTH_RESETTING_CELSIUS && setTo >= COOLEST && setTo <= HOTTEST)
    advice.push(advise('oven-off', { offCelsius: Math.round(off), celsius: Math.round(setting.celsius), setTo }));
  if (fill) {
    const percent = Math.round(fill.overflowChance * 100);
    const fillPercent = Math.round(fill.fraction * 100);
    if (fill.verdict === 'overflows') advice.push(advise('runs-over', { percent, fillPercent }));
    if (fill.verdict === 'sheet-beneath') advice.push(advise('sheet-beneath', { percent }));
    if (fill.verdict === 'low') advice.push(advise('low-in-the-pan', { fillPercent }));
  }
  if (anchor?.kind === 'refused') {
    const { knownMinutes: known, modelMinutes: model } = anchor;
    advice.push(
      advise('known-bake-refused', {
        known: Math.round(known),
        ...(model !== undefined && { model: Math.round(model) }),
      }),
    );
  }
  const hottest = Math.max(setting.celsius, ...(course.stages ?? []).map(({ celsius }) => celsius));
  const { material } = pans.pan;
  const bears = BEARS[material];
  if (bears !== undefined && hottest > bears) advice.push(advise('too-hot-for-material', { celsius: bears }));
  if (hottest > PAPER_CELSIUS && (isFree(pans.pan) || pans.pan.shape === 'muffin'))
    advice.push(advise('paper-scorches', { celsius: PAPER_CELSIUS }));
  if (material === 'glass' && (course.batterCelsius ?? 21) < GLASS_COLD_BATTER)
    advice.push(advise('glass-from-cold', {}));
  if (anchor === undefined) advice.push(advise('no-known-bake', {}));
  return advice;
}

/** What to do when, by the clock. */
function timed({ minutes, timeline }: AdviceInput): readonly BakeAdvice[] {
  const at = <C extends BakeAdviceCode>(code: C, facts: AdviceFacts[C], minute: number | undefined) =>
    minute === undefined ? [] : [{ advice: advise(code, facts, minute) as BakeAdvice, minute }];
  return [
    ...at('rotate', {}, timeline.rotateMinute),
    ...at('swap-racks', { racks: timeline.racks }, timeline.swapMinute),
    ...at('tent', {}, timeline.tentMinute),
    ...at('look-at-colour', {}, timeline.colourMinute),
    ...at('lid-off', {}, timeline.uncoverMinute),
    ...at('first-look', {}, minutes.first),
    ...timeline.stages.flatMap(({ minute, celsius }) => at('turn-oven', { celsius }, minute)),
  ]
    .sort((a, b) => a.minute - b.minute)
    .map(({ advice }) => advice);
}

/** Everything worth saying of a bake, warnings first, then by the clock, then what always holds. */
export function adviceFor(input: AdviceInput): readonly BakeAdvice[] {
  const { pans, timeline } = input;
  const { material } = pans.pan;
  return [
    ...warnings(input),
    ...timed(input),
    ...(timeline.racks > 2 ? [advise('one-at-a-time', { racks: timeline.racks })] : []),
    ...(material === 'glass' ? [advise('cool-glass-slowly', {})] : []),
    ...(material === 'cast-iron' ? [advise('cast-iron-goes-in-cold', {})] : []),
    advise('test-decides', {}),
  ];
}
