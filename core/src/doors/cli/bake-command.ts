import type { BakeOrder } from '../../batch/bake-jobs/index.js';
import { without } from '../../ground/records/index.js';
import type { OvenSettings } from '../../oven/settings/index.js';
import { moreOfTheSame, oneBake, type OneBake } from '../../batch/bakes/index.js';
import { runBakeJob, type BakePrediction, type PredictionResult } from '../../oven/baking/index.js';
import { offsetReadOff, USUAL_PLACE } from '../../kitchen/kitchen/index.js';
import { vesselSaid } from '../../kitchen/equipment/index.js';
import { DomainError } from '../../ground/errors/index.js';
import type { ParsedVessel } from '../../kitchen/pans/index.js';
import { windowReasonInWords } from '../../words/oven-words/index.js';
import { adviceInWords, limitInWords } from '../../words/wording/index.js';
import { inOneLine } from '../../words/figures/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, wrongUse, type Outcome } from './outcome.js';
import { readInput, type ReadInput } from './read-input.js';

const minute = (value: number) => rounded(value, 1);
const orNull = (value: number | undefined) => (value === undefined ? null : minute(value));

/** `bake`: the bake in another pan, leaning on the known one when there is one; with `--compare` several side by side. */
export function bakeCommand(text: string, options: Options, name: string): Outcome {
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { audit, problems, around } = input;
  const { to = [], from, compare = false } = options;
  for (const [option, words] of [
    ...to.map((pan) => ['to', pan] as const),
    ...(from === undefined ? [] : [['from', from] as const]),
  ]) {
    const fault = vesselFault(vesselSaid(words, around.kitchen.pans), words);
    if (fault !== undefined) return wrongUse(`--${option}: ${fault}`);
  }
  if (to.length > 1 && !compare) return wrongUse('several --to are for --compare; give one, or add --compare');
  if (to.length < 2 && compare)
    return wrongUse('--compare needs two to four --to, such as --to "9 in round x 2" --to "12-cup muffin tin"');
  try {
    const foreseen: { readonly pan: string; readonly bake: BakePrediction }[] = [];
    for (const pans of to.length > 0 ? to : [undefined]) {
      const { atOven } = asked(input, options, pans);
      if (!atOven.pans || !atOven.job)
        return wrongUse('the formula names no pan with a size: say which with --to, such as --to "9x5x2.75 in loaf"');
      const result = runBakeJob(atOven.job);
      if (result.kind !== 'foreseen') return refused(whyNot(result));
      foreseen.push({ pan: atOven.pans.pan.name, bake: result.bake });
    }
    const bakes = foreseen.map(({ pan, bake }) => ({ pan, ...bakeJson(bake) }));
    const beside = { style: audit.style?.id ?? null, problems };
    return compare ? done({ compared: bakes, ...beside }) : done({ ...bakes[0], ...beside });
  } catch (error) {
    if (error instanceof DomainError) {
      return refused(`this bake is outside what can be simulated. ${limitInWords(error)}`);
    }
    throw error;
  }
}

/** The one bake that the options ask for. */
function asked(
  { formula, audit, around, oven = {}, batch }: ReadInput,
  options: Options,
  pans: string | undefined,
): OneBake {
  const { schedule, cover, startCelsius, altitude, ovenOffset, from, knownMinutes, material, mass, fan } = options;
  const celsius = options.celsius ?? schedule?.celsius;
  const order: BakeOrder = {
    formula,
    audit,
    kitchen: {
      ...around.kitchen,
      ...(altitude !== undefined && { place: { ...(around.kitchen.place ?? USUAL_PLACE), metresAboveSea: altitude } }),
    },
    ...(batch && { batch }),
    oven: {
      ...(pans === undefined ? oven : { ...ofTheOven(oven), pans }),
      ...(material !== undefined && { material }),
      ...(celsius !== undefined && { celsius }),
      ...(fan !== undefined && { fan }),
      ...(mass !== undefined && { grams: mass }),
      ...(schedule !== undefined && { stages: schedule.stages }),
      ...(cover !== undefined && { covers: cover }),
      ...(startCelsius !== undefined && { batterCelsius: startCelsius }),
    },
    known: {
      ...formula.bake,
      ...(from !== undefined && { pan: from }),
      ...(knownMinutes !== undefined && { lowMinutes: knownMinutes, highMinutes: knownMinutes }),
    },
    ...(from !== undefined && mass !== undefined && { knownGrams: mass }),
    ...(ovenOffset !== undefined && { ovenOffset: offsetReadOff(ovenOffset) }),
  };
  const bake = oneBake(order);
  const beside = moreOfTheSame(bake.atOven, (options.pansInOven ?? 0) - (bake.atOven.pans?.count ?? 0));
  return beside ? oneBake({ ...order, beside }) : bake;
}
/** Of the settings in Orvin's own file, those of the oven itself: what was set for other pans does not hold for these. */
const ofTheOven = (oven: OvenSettings): OvenSettings => without(oven, 'pans', 'material', 'stages', 'covers', 'grams');

/** What is wrong with pans in words, and how to write them; undefined where nothing is. */
function vesselFault(parsed: ParsedVessel, written: string): string | undefined {
  switch (parsed.kind) {
    case 'vessel':
      return undefined;
    case 'pieces-without-size':
      return `"${written}" has no diameter; write it as "disc 5x2.5 cm x 16" or "wedge 18 cm round x 8"`;
    case 'size-missing':
      return `"${written}" has no size; write it as "9x5x2.75 in loaf" or "23 cm round"`;
    case 'unknown':
      return `"${written}" ${NO_VESSEL[parsed.because]}`;
  }
}
const NO_VESSEL = {
  'shape-not-built': 'has no walls to hold a batter; write "disc 5x2.5 cm x 16", "wedge 18 cm round x 8" or "dome"',
  'size-unlikely': 'has a size that no kitchen pan has',
  'no-pan': 'is not a pan; write it as "9x5x2.75 in loaf", "23 cm springform" or "12-cup muffin tin"',
} as const;

function whyNot(result: Exclude<PredictionResult, { kind: 'foreseen' }>): string {
  if (result.kind === 'never-done')
    return `at ${result.celsius} °C this batter would not be done within ${result.longestMinutes} minutes: choose a hotter oven or a smaller pan`;
  const done = Math.round(result.doneMinutes);
  return result.what === 'stage'
    ? `the oven is turned at minute ${result.atMinute}, but the bake is done at about ${done}: turn it sooner, or leave it`
    : `the ${result.what} is in the way until minute ${result.atMinute}, but the bake is done at about ${done}: give an earlier minute`;
}

function bakeJson(bake: BakePrediction): object {
  const { minutes, timeline } = bake;
  return {
    celsius: rounded(bake.celsius, 1),
    fan: bake.fan,
    minutes: {
      first: minutes.first,
      low: minute(minutes.low),
      likely: minute(minutes.likely),
      high: minute(minutes.high),
    },
    window80: [minute(minutes.low), minute(minutes.high)],
    preheatMinutes: timeline.preheatMinutes,
    tentMinute: orNull(timeline.tentMinute),
    rotateMinute: orNull(timeline.rotateMinute ?? timeline.swapMinute),
    carryOverCelsius: rounded(timeline.carryOverCelsius, 1),
    turnOutMinutes: orNull(timeline.turnOutMinutes),
    coolMinutes: { slice: orNull(timeline.coolMinutes.slice), frost: orNull(timeline.coolMinutes.frost) },
    weightLossPercent: {
      low: rounded(bake.weightLossPercent.low, 1),
      high: rounded(bake.weightLossPercent.high, 1),
    },
    coreCelsiusWhenDone: {
      low: rounded(bake.doneness.coreCelsius.low, 0),
      high: rounded(bake.doneness.coreCelsius.high, 0),
    },
    fillFraction: bake.fill ? rounded(bake.fill.fraction) : null,
    gramsPerPan: rounded(bake.gramsPerPan, 1),
    overflow: bake.fill?.verdict === 'overflows',
    overflowChance: bake.fill ? rounded(bake.fill.overflowChance, 2) : null,
    anchored: bake.anchor === 'known-bake',
    anchor: bake.anchor,
    reasons: bake.windowReasons.map((reason) => ({
      code: reason.code,
      effect: reason.effect,
      message: inOneLine(windowReasonInWords(reason)),
    })),
    rulesOfThumb: bake.rules.map(({ id, minutes: says }) => ({ rule: id, minutes: minute(says) })),
    coreCurve: bake.frames.map((frame) => [minute(frame.minute), rounded(frame.coreCelsius, 1)]),
    browning: bake.frames.map((frame) => [minute(frame.minute), rounded(frame.topColour)]),
    advice: bake.advice.map((bakeAdvice) => ({
      code: bakeAdvice.code,
      minute: bakeAdvice.minute ?? null,
      message: inOneLine(adviceInWords(bakeAdvice)),
    })),
  };
}
