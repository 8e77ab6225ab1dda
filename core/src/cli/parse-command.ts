import type { AuditEntry } from '../audit/index.js';
import type { Options } from './options.js';
import { done, orNull, rounded, type Outcome } from './outcome.js';
import { problemsAsJson, readInput } from './read-input.js';

function entryAsJson({ read, grams }: AuditEntry): object {
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
  };
}

/** `parse`: what was read, line by line. */
export function parseCommand(text: string, options: Options): Outcome {
  const input = readInput(text, options);
  if ('refusal' in input) return input.refusal;
  const { formula, audit, problems } = input;
  const { bake } = formula;
  return done({
    title: formula.title,
    style: audit.style?.id ?? null,
    region: formula.region,
    yield: formula.yield ?? null,
    components: formula.components.map((component) => ({
      name: component.name,
      lines: audit.lines
        .filter((line) => line.componentId === component.id)
        .flatMap((line) => line.entries.map(entryAsJson)),
    })),
    steps: formula.steps.map(({ text: step }) => step),
    notes: formula.notes ?? [],
    bake: {
      celsius: bake.celsius ?? null,
      fan: bake.fan,
      minutes: bake.lowMinutes === undefined ? null : [bake.lowMinutes, bake.highMinutes ?? bake.lowMinutes],
      pan: bake.pan ?? null,
      stages: bake.stages ?? [],
    },
    problems: problemsAsJson(problems),
  });
}
