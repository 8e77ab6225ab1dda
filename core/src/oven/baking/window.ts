import type { LearnedFrom, Lesson } from '../../kitchen/learned/index.js';
import { isFree, type PanMaterial, type VesselSet } from '../../kitchen/pans/index.js';
import type { OvenCourse } from './bake-spec.js';
import type { Anchor } from './known-bake.js';
import { HEAT_STYLES, SHAPE_SPREAD, type HeatStyleId } from './parameters.js';

/*
 * How sure a time is. A window is the likely time times e^(±1.28 σ): eight bakes in ten. σ begins with what bakes scatter by around the
 * model, shrinks with what is known of this kitchen, and grows where the model has seen little.
 */

/** Scatter between good practitioners. @source heat-third-look.md: the books alone say 0.10, other people's bakes 0.14 */
const SPREAD_OF_PRACTITIONERS = 0.14;
/** How much of it is their ovens, which stand 12 °C apart at 0.89 % of the time for each. @source heat-third-look.md, 3 */
const SPREAD_OF_OVENS = 0.1;
/** d ln(time) / d °C of the oven. @source heat.md, section 8: 0.006–0.010 */
const TIME_PER_CELSIUS = 0.008;
/** The spread left with an oven and a batter known as well as they can be: formulas and judgement of doneness. */
const LEAST_SPREAD = 0.06;

/** Conditions that few or no bakes were at hand for, and the spread of ln(time) each adds. Ours: judged from how little there was. */
const THIN_EVIDENCE = {
  lid: 0.08,
  bowl: 0.12,
  foil: 0.04,
  staged: 0.03,
  'cold-batter': 0.05,
  frozen: 0.15,
  'cold-oven': 0.12,
  altitude: 0.05,
  silicone: 0.1,
  ceramic: 0.08,
  'cast-iron': 0.06,
  crowded: 0.05,
  'far-from-plain-law': 0.1,
} as const;
export type ThinEvidence = keyof typeof THIN_EVIDENCE;

type NoFacts = Readonly<Record<string, never>>;
interface Percent {
  /** Of the time, %. */
  readonly percent: number;
}
/** What a sentence needs to know of each reason for a window. */
export interface WindowFacts extends Readonly<Record<ThinEvidence, Percent>> {
  'known-bake': { readonly minutes: number };
  'known-bake-remembered': { readonly minutes: number };
  /** Minutes as known and as simulated; undefined when it would never be done. */
  'known-bake-refused': { readonly minutes: number; readonly model?: number };
  'first-principles': NoFacts;
  'another-shape': NoFacts;
  /** Its error and how sure that is, °C. */
  'oven-known': { readonly celsius: number; readonly spread: number };
  'oven-unknown': Percent;
  'own-composition': NoFacts;
  'usual-composition': NoFacts;
  'log-a-bake': NoFacts;
  /** How much longer than foreseen without it, %, and how many bakes of what say so. */
  learned: { readonly percent: number; readonly from: LearnedFrom; readonly bakes: number };
  'weigh-the-batter': Percent;
}
export type WindowReasonCode = keyof WindowFacts;
/** What makes a window wide or narrow: a code, what it does to σ, and the figures to word it with. */
export interface WindowReasonOf<C extends WindowReasonCode> {
  readonly code: C;
  /** Narrows it, widens it, says what it stands on, or what would narrow it. */
  readonly effect: 'stands-on' | 'narrows' | 'widens' | 'would-narrow';
  readonly facts: WindowFacts[C];
}
export type WindowReason = { [C in WindowReasonCode]: WindowReasonOf<C> }[WindowReasonCode];

const MATERIAL_EVIDENCE: Readonly<Partial<Record<PanMaterial, ThinEvidence>>> = {
  silicone: 'silicone',
  ceramic: 'ceramic',
  'cast-iron': 'cast-iron',
};
const COLD_BATTER_BELOW = 12;
const HIGH_FROM_METRES = 700;
/** Part of the rack that is covered when air no longer finds its way round. */
const CROWDED_SQUARE_CM = 1300;

/** What this bake has that the model has seen little of. */
export function thinEvidence(pans: VesselSet, course: OvenCourse, plainLawApart: boolean): readonly ThinEvidence[] {
  const material = MATERIAL_EVIDENCE[pans.pan.material];
  const { covers = [], stages = [], batterCelsius = 21, altitudeMetres = 0 } = course;
  const evidence: ThinEvidence[] = [];
  if (covers.some(({ kind }) => kind === 'lid')) evidence.push('lid');
  if (covers.some(({ kind }) => kind === 'bowl')) evidence.push('bowl');
  if (covers.some(({ kind }) => kind === 'foil')) evidence.push('foil');
  if (stages.length > 0) evidence.push('staged');
  if (batterCelsius < 0) evidence.push('frozen');
  else if (batterCelsius < COLD_BATTER_BELOW) evidence.push('cold-batter');
  if (course.coldOvenMinutes !== undefined) evidence.push('cold-oven');
  if (altitudeMetres > HIGH_FROM_METRES) evidence.push('altitude');
  if (material && !(isFree(pans.pan) && material === 'cast-iron')) evidence.push(material);
  if ((course.beside?.squareCm ?? 0) + footprintOf(pans) > CROWDED_SQUARE_CM) evidence.push('crowded');
  if (plainLawApart) evidence.push('far-from-plain-law');
  return evidence;
}

/** What a set covers of its rack, cm². */
export function footprintOf({ pan, count }: VesselSet): number {
  if (isFree(pan)) {
    const round = (Math.PI / 4) * (pan.diameterCm ?? 20) ** 2;
    return count * (pan.shape === 'disc' || pan.shape === 'mound' ? round * pan.cavities : round);
  }
  const each =
    pan.shape === 'round' || pan.shape === 'ring' || pan.shape === 'muffin'
      ? (Math.PI / 4) * pan.topLengthCm * pan.topWidthCm
      : pan.topLengthCm * pan.topWidthCm;
  return count * pan.cavities * each;
}

/** Standard deviation of ln(time) without any known bake, of what the table's bakes scatter by. @source heat.md, section 6 */
export function spreadUnanchored(heatStyle: HeatStyleId, shape: keyof typeof SHAPE_SPREAD): number {
  const ofModel = Math.sqrt((HEAT_STYLES[heatStyle].spread ** 2 + SHAPE_SPREAD[shape] ** 2) / 2);
  return Math.hypot(ofModel, SPREAD_OF_PRACTITIONERS);
}

export interface Sureness {
  /** Standard deviation of ln(minutes). */
  readonly spread: number;
  readonly reasons: readonly WindowReason[];
}

export interface WhatIsKnown {
  readonly heatStyle: HeatStyleId;
  readonly pans: VesselSet;
  readonly course: OvenCourse;
  readonly anchor: Anchor | undefined;
  /** σ by the anchor, where there is one. */
  readonly anchoredSpread: number | undefined;
  /** How well this oven's error is known, °C; undefined where nobody measured. */
  readonly ovenSpreadCelsius: number | undefined;
  readonly ownComposition: boolean;
  readonly plainLawApart: boolean;
}

/** How wide the window is, and every reason for it. */
export function surenessOf(known: WhatIsKnown): Sureness {
  const { anchor, pans, course, ovenSpreadCelsius } = known;
  const reasons: WindowReason[] = [];
  const say = <C extends WindowReasonCode>(code: C, effect: WindowReason['effect'], facts: WindowFacts[C]) =>
    reasons.push({ code, effect, facts } as WindowReason);
  let spread: number;
  let ovenInAnchor = false;
  if (anchor?.kind === 'anchored' && known.anchoredSpread !== undefined) {
    spread = known.anchoredSpread;
    ovenInAnchor = anchor.known.from === 'own-bake';
    say(anchor.known.from === 'remembered' ? 'known-bake-remembered' : 'known-bake', 'stands-on', {
      minutes: anchor.knownMinutes,
    });
    if (anchor.known.pans.pan.shape !== pans.pan.shape) say('another-shape', 'widens', {});
  } else {
    spread = spreadUnanchored(known.heatStyle, pans.pan.shape);
    if (anchor)
      say('known-bake-refused', 'widens', {
        minutes: anchor.knownMinutes,
        ...(anchor.modelMinutes !== undefined && { model: anchor.modelMinutes }),
      });
    say('first-principles', 'stands-on', {});
  }
  if (ovenSpreadCelsius !== undefined && !ovenInAnchor) {
    const left = Math.max(LEAST_SPREAD ** 2, spread ** 2 - SPREAD_OF_OVENS ** 2);
    const better = Math.sqrt(left + (TIME_PER_CELSIUS * ovenSpreadCelsius) ** 2);
    if (better < spread) spread = better;
    say('oven-known', 'narrows', { celsius: course.ovenOffsetCelsius ?? 0, spread: ovenSpreadCelsius });
  }
  if (known.ownComposition) say('own-composition', 'narrows', {});
  else say('usual-composition', 'widens', {});
  for (const code of thinEvidence(pans, course, known.plainLawApart)) {
    spread = Math.hypot(spread, THIN_EVIDENCE[code]);
    say(code, 'widens', { percent: Math.round(100 * THIN_EVIDENCE[code]) });
  }
  if (ovenSpreadCelsius === undefined && !ovenInAnchor)
    say('oven-unknown', 'would-narrow', { percent: Math.round(100 * 12 * TIME_PER_CELSIUS) });
  if (anchor?.kind !== 'anchored') say('log-a-bake', 'would-narrow', {});
  say('weigh-the-batter', 'would-narrow', { percent: 8 });
  return { spread, reasons };
}

/**
 * The same with what bakes have taught: narrower by as much as the lesson is, never wider, and never narrower than what one bake and the
 * next of the very same differ by.
 */
export function withLesson({ spread, reasons }: Sureness, lesson: Lesson): Sureness {
  const { factor, window, unlearnedWindow, least, from, bakes, bakesOfRecipe } = lesson;
  const narrowed = Math.min(spread, window, spread * Math.min(1, window / unlearnedWindow));
  const facts = {
    percent: 100 * (factor - 1),
    from,
    bakes: from === 'this-oven' ? bakes : bakesOfRecipe,
  };
  return {
    spread: Math.max(least, narrowed),
    reasons: [
      { code: 'learned', effect: narrowed < spread ? 'narrows' : 'stands-on', facts },
      ...reasons.filter(({ code }) => code !== 'log-a-bake'),
    ],
  };
}
