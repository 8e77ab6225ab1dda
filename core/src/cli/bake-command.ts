import { bakeJob, canBakeIn, knownPansOf, runBakeJob } from '../baking/index.js';
import { DomainError } from '../domain-error.js';
import type { PanSet } from '../pans/index.js';
import { adviceInWords, inOneLine } from '../wording/index.js';
import type { Options } from './options.js';
import { done, refused, rounded, wrongUse, type Outcome } from './outcome.js';
import { readInput } from './read-input.js';

const USUAL_CELSIUS = 175;

/** `bake`: the bake in another pan, leaning on the known one when there is one. */
export function bakeCommand(text: string, options: Options, name: string): Outcome {
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { formula, audit, problems } = input;
  const named = options.to ?? knownPansOf(formula.bake)?.pans;
  if (named === undefined)
    return wrongUse('the formula names no pan with a size: say which with --to, such as --to "9x5x2.75 in loaf"');
  const pans: PanSet =
    options.material === undefined ? named : { ...named, pan: { ...named.pan, material: options.material } };
  if (!canBakeIn(pans.pan))
    return refused('a pan with a tube cannot be simulated yet; round, square, rectangular, loaf and muffin pans can');
  const job = bakeJob(
    {
      parts: audit.weighed.batter,
      styleId: audit.style?.id,
      usualCelsius: audit.style?.ovenCelsius.typical ?? USUAL_CELSIUS,
      known: formula.bake,
    },
    {
      pans,
      ...(options.celsius !== undefined && { celsius: options.celsius }),
      ...(options.fan !== undefined && { fan: options.fan }),
      ...(options.mass !== undefined && { grams: options.mass }),
      ...(options.from !== undefined && { knownPans: options.from }),
      ...(options.knownMinutes !== undefined && { knownMinutes: options.knownMinutes }),
    },
  );
  try {
    const result = runBakeJob(job);
    if (result.kind === 'never-done') {
      return refused(
        `at ${result.celsius} °C this batter would not be done within ${result.longestMinutes} minutes: choose a hotter oven or a smaller pan`,
      );
    }
    const { bake } = result;
    const minute = (value: number) => rounded(value, 1);
    return done({
      celsius: rounded(bake.celsius, 1),
      fan: bake.fan,
      minutes: {
        first: bake.minutes.first,
        low: minute(bake.minutes.low),
        likely: minute(bake.minutes.likely),
        high: minute(bake.minutes.high),
      },
      fillFraction: rounded(bake.fill.fraction),
      gramsPerPan: rounded(bake.fill.gramsPerPan, 1),
      overflow: bake.fill.verdict === 'overflows',
      overflowChance: rounded(bake.fill.overflowChance, 2),
      style: audit.style?.id ?? null,
      anchor: bake.anchor,
      coreCurve: bake.frames.map((frame) => [minute(frame.minute), rounded(frame.coreCelsius, 1)]),
      browning: bake.frames.map((frame) => [minute(frame.minute), rounded(frame.topColour)]),
      advice: bake.advice.map((one) => ({
        code: one.code,
        minute: one.minute ?? null,
        message: inOneLine(adviceInWords(one)),
      })),
      problems,
    });
  } catch (error) {
    if (error instanceof DomainError) {
      return refused(
        `this bake is outside what can be simulated: ${error.parameter} is ${String(error.given)}, allowed is ${error.allowed}`,
      );
    }
    throw error;
  }
}
