import type { AuditEntry } from '../../bench/audit/index.js';
import { lineOf } from '../../formula/formula/index.js';
import { alternativesIn, takenIn, type ReadingContext } from '../../formula/parsing/index.js';
import type { Options } from './options.js';
import { done, orNull, rounded, type Outcome } from './outcome.js';
import { readInputs, type ReadInput } from './read-input.js';

function entryAsJson({ read, grams }: AuditEntry, context: ReadingContext): object {
  const { quantity } = read;
  return {
    text: read.text,
    ingredient: read.ingredient?.id ?? null,
    quantity:
      quantity === undefined
        ? null
        : quantity.low === quantity.high
          ? rounded(quantity.low)
          : [rounded(quantity.low), rounded(quantity.high)],
    unit: read.unit ?? null,
    grams: orNull(grams, 2),
    note: read.note,
    confidence: rounded(read.confidence, 2),
    alternatives: alternativesIn(read.text, context).map((other) => ({
      ingredient: other.ingredient.id,
      grams: orNull(other.grams, 2),
      ...(other.with.length > 0 && {
        with: other.with.map(({ ingredient, grams: beside }) => ({
          ingredient: ingredient.id,
          grams: orNull(beside, 2),
        })),
      }),
    })),
  };
}

/** `parse`: what was read, line by line; of several formulas in one file the first, and the others beside it. */
export function parseCommand(text: string, options: Options, name: string): Outcome {
  const read = readInputs(text, options, name);
  if ('refusal' in read) return read.refusal;
  const [first, ...more] = read.inputs;
  return done({ ...inputAsJson(first), ...(more.length > 0 && { others: more.map(inputAsJson) }) });
}

function inputAsJson({ formula, audit, problems, around }: ReadInput): object {
  const { bake } = formula;
  const context: ReadingContext = { region: formula.region, kitchen: around.kitchen };
  return {
    title: formula.title,
    style: audit.style?.id ?? null,
    region: formula.region,
    yield: formula.yield ?? null,
    components: formula.components.map((component) => ({
      name: component.name,
      lines: audit.lines
        .filter((line) => line.componentId === component.id)
        .flatMap((line) => line.entries.map((entry) => entryAsJson(entry, context))),
    })),
    steps: formula.steps.map(({ text: step }) => step),
    method: audit.steps.map((step) => ({
      text: step.text,
      takes: takenIn(audit.method, step.id).map(({ lineId, grams, words }) => ({
        line: lineOf(formula, lineId)?.text ?? '',
        grams: orNull(grams, 2),
        words,
      })),
      mentions: step.mentions,
    })),
    notes: formula.notes ?? [],
    bake: {
      celsius: bake.celsius ?? null,
      fan: bake.fan,
      minutes: bake.lowMinutes === undefined ? null : [bake.lowMinutes, bake.highMinutes ?? bake.lowMinutes],
      pan: bake.pan ?? null,
      stages: (bake.stages ?? []).map(({ celsius, lowMinutes, highMinutes }) => ({
        celsius,
        minutes: Math.round((lowMinutes + highMinutes) / 2),
        lowMinutes,
        highMinutes,
      })),
      covers: bake.covers ?? [],
    },
    problems,
  };
}
