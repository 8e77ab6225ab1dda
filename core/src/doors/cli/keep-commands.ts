import { keepsOf, type Keeps, type KeptPart } from '../../keep/keeping/index.js';
import { labelOf, type LabelIngredient } from '../../keep/labelling/index.js';
import { keepReasonInWords, labelAsText } from '../../words/keep-words/index.js';
import type { Region } from '../../ground/units/index.js';
import type { Options } from './options.js';
import { done, rounded, type Outcome } from './outcome.js';
import { readInput } from './read-input.js';

const partAsJson = (part: Omit<KeptPart, 'id' | 'baked' | 'row'>, region: Region) => ({
  name: part.name,
  roomDays: part.roomDays,
  fridgeDays: part.fridgeDays,
  freezerMonths: part.freezerMonths,
  mustBeCold: part.mustBeCold,
  reasons: part.reasons.map((reason) => keepReasonInWords(reason, region)),
});
const asJson = ({ parts, whole }: Keeps, region: Region) => ({
  parts: parts.map((part) => partAsJson(part, region)),
  whole: partAsJson(whole, region),
});

/** `keep`: how long a bake and its parts keep, and why no longer. */
export function keepCommand(text: string, options: Options, name: string): Outcome {
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { formula, audit, around } = input;
  return done(asJson(keepsOf(formula, audit, around.kitchen), formula.region));
}

interface LabelRow {
  readonly name: string;
  readonly grams: number;
  readonly allergens: readonly string[];
  readonly of: readonly LabelRow[];
}
const ingredientAsJson = ({ name, grams, allergens, of }: LabelIngredient): LabelRow => ({ name, grams: rounded(grams, 1), allergens, of: of.map(ingredientAsJson) }); // prettier-ignore

/** `label`: the draft of a label by a region's list. */
export function labelCommand(text: string, options: Options, name: string): Outcome {
  const input = readInput(text, options, name);
  if ('refusal' in input) return input.refusal;
  const { formula, audit, around } = input;
  const region = options.regionIsFinal ? options.region : formula.region;
  const label = labelOf(formula, audit, region, keepsOf(formula, audit, around.kitchen));
  return done({
    title: label.title,
    region,
    ingredients: label.ingredients.map(ingredientAsJson),
    allergens: label.allergens,
    mayContain: label.mayContain,
    dateMark: label.dateMark,
    fromPackets: label.fromPackets,
    missing: label.missing,
    draft: true,
    text: labelAsText(label),
  });
}
