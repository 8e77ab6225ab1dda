import {
  bakeJob,
  footprintOf,
  knownPansOf,
  runBakeJob,
  type BakePrediction,
  type PredictionResult,
} from '../../oven/baking/index.js';
import { DomainError } from '../../ground/errors/index.js';
import type { VesselSet } from '../../kitchen/pans/index.js';
import { windowReasonInWords } from '../../words/oven-words/index.js';
import { adviceInWords, inOneLine } from '../../words/wording/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, wrongUse, type Outcome } from './outcome.js';
import { readInput, type ReadInput } from './read-input.js';

const USUAL_CELSIUS = 175;
const minute = (value: number) => rounded(value, 1);
const orNull = (value: number | undefined) => (value === undefined ? null : minute(value));

/** `bake`: the bake in another pan, leaning on the known one when there is one; with `--compare` several side by side. */
export function bakeCommand(text: string, options: Options, name: string): Outcome {
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { formula, audit, problems } = input;
  const named = knownPansOf(formula.bake)?.pans;
  const targets: readonly VesselSet[] = options.to ?? (named ? [named] : []);
  const [first, ...others] = targets;
  if (first === undefined)
    return wrongUse('the formula names no pan with a size: say which with --to, such as --to "9x5x2.75 in loaf"');
  if (others.length > 0 && options.compare !== true)
    return wrongUse('several --to are for --compare; give one, or add --compare');
  if (others.length === 0 && options.compare === true)
    return wrongUse('--compare needs two to four --to, such as --to "9 in round x 2" --to "12-cup muffin tin"');
  try {
    const results = targets.map((target) => ({ target, result: foresee(input, options, target) }));
    for (const { result } of results) {
      if (result.kind === 'foreseen') continue;
      return refused(whyNot(result));
    }
    const bakes = results.flatMap(({ target, result }) =>
      result.kind === 'foreseen' ? [{ pan: target.pan.name, ...bakeJson(result.bake) }] : [],
    );
    const around = { style: audit.style?.id ?? null, problems };
    return options.compare === true ? done({ compared: bakes, ...around }) : done({ ...bakes[0], ...around });
  } catch (error) {
    if (error instanceof DomainError) {
      return refused(
        `this bake is outside what can be simulated: ${error.parameter} is ${String(error.given)}, allowed is ${error.allowed}`,
      );
    }
    throw error;
  }
}

function foresee({ formula, audit }: ReadInput, options: Options, target: VesselSet): PredictionResult {
  const pans: VesselSet =
    options.material === undefined ? target : { ...target, pan: { ...target.pan, material: options.material } };
  const { schedule, cover, startCelsius, altitude, ovenOffset } = options;
  const celsius = options.celsius ?? schedule?.celsius;
  const grams = options.mass ?? audit.totals.grams;
  const besides = (options.pansInOven ?? pans.count) - pans.count;
  const job = bakeJob(
    {
      parts: audit.weighed.batter,
      styleId: audit.style?.id,
      usualCelsius: audit.style?.ovenCelsius.typical ?? USUAL_CELSIUS,
      known: formula.bake,
    },
    {
      pans,
      ...(celsius !== undefined && { celsius }),
      ...(options.fan !== undefined && { fan: options.fan }),
      ...(options.mass !== undefined && { grams: options.mass }),
      ...(options.from !== undefined && { knownPans: options.from }),
      ...(options.knownMinutes !== undefined && { knownMinutes: options.knownMinutes }),
      ...(schedule !== undefined && { stages: schedule.stages }),
      course: {
        ...(cover !== undefined && { covers: cover }),
        ...(startCelsius !== undefined && { batterCelsius: startCelsius }),
        ...(altitude !== undefined && { altitudeMetres: altitude }),
        ...(ovenOffset !== undefined && { ovenOffsetCelsius: ovenOffset }),
        ...(besides > 0 && {
          // more pans of the same, filled the same, share the oven
          beside: {
            grams: (besides * grams) / pans.count,
            squareCm: (besides * footprintOf(pans)) / pans.count,
          },
        }),
      },
      // an offset that someone can name was read off a thermometer
      ...(ovenOffset !== undefined && { oven: { spreadCelsius: READ_OFF_SPREAD } }),
    },
  );
  return runBakeJob(job);
}
/** One reading of an oven thermometer is so sure, °C. @source heat.md, section 8 */
const READ_OFF_SPREAD = 4;

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
    advice: bake.advice.map((one) => ({
      code: one.code,
      minute: one.minute ?? null,
      message: inOneLine(adviceInWords(one)),
    })),
  };
}
