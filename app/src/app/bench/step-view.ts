import type { AuditLine, ReadStep } from '@orvin/core/bench/audit';
import { PURPOSE_NAMES } from '@orvin/core/words/names';
import { OTHER_HEAT_NAMES } from '@orvin/core/words/oven-words';
import { calledHere } from '@orvin/core/kitchen/ingredients';
import { takenIn, type Mention, type Method, type OtherHeat } from '@orvin/core/formula/parsing';
import type { HeatScale, Region } from '@orvin/core/ground/units';
import { gramsInWords, heatOn, readingOn, windowInWords } from '@orvin/core/words/figures';

/** What a step takes of one line, for the eye. */
export interface TakenChip {
  readonly lineId: string;
  readonly name: string;
  readonly grams: string;
  /** "half", "the rest"; '' for all of it. */
  readonly portion: string;
}

/** A time, a set point, a cover or a sign that a step names. */
export interface SaidChip {
  readonly kind: Mention['kind'];
  readonly words: string;
}

const LONGEST_CUE = 44;

/** Days and hours from a day up, else minutes. */
function timeInWords(low: number, high: number): string {
  const day = 1440;
  if (low < day) return windowInWords(low, high);
  const days = (minutes: number) => Math.round((10 * minutes) / day) / 10;
  return low === high ? `${days(low)} d` : `${days(low)}–${days(high)} d`;
}

function said(mention: Mention, scale: HeatScale, heat: OtherHeat | undefined): SaidChip | undefined {
  switch (mention.kind) {
    case 'time':
      return {
        kind: 'time',
        words:
          `${timeInWords(mention.low, mention.high)} ${heat && mention.purpose === 'bake' ? OTHER_HEAT_NAMES[heat] : PURPOSE_NAMES[mention.purpose]}`.trim(),
      };
    case 'temperature':
      return {
        kind: 'temperature',
        words: `${mention.of === 'core' ? readingOn(scale, mention.celsius) : heatOn(scale, mention.celsius)}${mention.fan ? $localize` fan` : ''}${mention.of === 'core' ? $localize` in the middle` : ''}`,
      };
    case 'cover':
      return { kind: 'cover', words: $localize`under ${mention.with}` };
    case 'cue':
      return {
        kind: 'cue',
        words: $localize`until ${mention.words.length > LONGEST_CUE ? `${mention.words.slice(0, LONGEST_CUE - 1)}…` : mention.words}`,
      };
  }
}

/**
 * @param scale of the baker's oven
 * @param heat what cooks it where no oven does
 */
export const saidIn = (step: ReadStep | undefined, scale: HeatScale = 'C', heat?: OtherHeat): readonly SaidChip[] =>
  (step?.mentions ?? []).flatMap((mention) => said(mention, scale, heat) ?? []);

/** The name that a chip has room for. */
function nameOfLine(line: AuditLine | undefined, region: Region): string {
  const [entry, more] = line?.entries ?? [];
  if (!line || !entry) return line?.text ?? '';
  if (more) return line.text;
  return calledHere(entry.read.name, entry.read.ingredient, region) || line.text;
}

export function takenBy(
  method: Method,
  stepId: string,
  lines: ReadonlyMap<string, AuditLine>,
  region: Region,
): readonly TakenChip[] {
  return takenIn(method, stepId).map(({ lineId, grams, words }) => ({
    lineId,
    name: nameOfLine(lines.get(lineId), region),
    grams: grams === undefined ? '' : gramsInWords(grams),
    portion: words,
  }));
}
