import { asPhrase } from '../../ground/text/index.js';
import { dialDegrees, readHeat, type HeatScale } from '../../ground/units/index.js';
import type { Cover, OvenStage } from './bake-spec.js';

/* The course of a bake as a person writes it. Undefined where it cannot be read. */

/** °C */
const OVENS = { lowest: 100, highest: 300 };

/** "20 min at 218", "20@425f", "*@163", "gas 4": how long, and a heat. */
const STAGE = /^(?:(\d{1,4}(?:[.,]\d{1,2})?|\*) ?(?:min(?:ute)?s?)? ?(?:@|at) ?|(?:@|at) ?)?([^@]{1,24})$/;

/** A heat without its scale. */
const BARE = /^\d+(?:[.,]\d+)?$/;

export interface ReadSchedule {
  /** The first set point. */
  readonly celsius: number;
  readonly stages: readonly OvenStage[];
}

/**
 * "20 minutes at 218, then 163", or short "20@218,*@163": 20 minutes at 218 °C, then 163 °C until done.
 * @param scale of heats that are written without one; where no oven has them on it, all of them are of the other
 */
export function readSchedule(text: string, scale: HeatScale = 'C'): ReadSchedule | undefined {
  const phrase = asPhrase(text);
  if (phrase === undefined) return undefined;
  const parts = phrase
    .toLowerCase()
    .replace(
      /\b(?:until (?:it is )?done|for the rest|to the end|turn (?:it |the oven )?down to|lower (?:it )?to|at first|first)\b/g,
      '',
    )
    .split(/[,;]|\bthen\b|\band\b/)
    .map((part) => part.trim())
    .filter(Boolean);
  return stagesOn(scale, parts) ?? stagesOn(scale === 'C' ? 'F' : 'C', parts);
}

function stagesOn(scale: HeatScale, parts: readonly string[]): ReadSchedule | undefined {
  let minute = 0;
  const stages: OvenStage[] = [];
  for (const [i, part] of parts.entries()) {
    const [, lasts, written = ''] = STAGE.exec(part) ?? [];
    const heat = readHeat(BARE.test(written) ? `${written} ${scale}` : written, scale, OVENS);
    if (heat.kind !== 'figure') return undefined;
    const minutes = lasts === undefined || lasts === '*' ? undefined : Number(lasts.replace(',', '.'));
    const isLast = i === parts.length - 1;
    if (minutes === undefined ? !isLast : !(minutes > 0)) return undefined;
    stages.push({ fromMinute: minute, celsius: heat.value });
    minute += minutes ?? 0;
  }
  const [first, ...later] = stages;
  return first && { celsius: first.celsius, stages: later };
}

/** The same written out again: "20 min at 218 °C, then 163 °C". */
export function scheduleInWords(celsius: number, stages: readonly OvenStage[], scale: HeatScale = 'C'): string {
  const all = [{ fromMinute: 0, celsius }, ...stages];
  return all
    .map((stage, i) => {
      const next = all[i + 1];
      const heat = `${dialDegrees(scale, stage.celsius)} °${scale}`;
      return next ? `${next.fromMinute - stage.fromMinute} min at ${heat}` : heat;
    })
    .join(', then ');
}

/** What a baker calls the covers: the lid of a heavy pot, a bowl turned over it, foil. */
const COVERS: readonly (readonly [RegExp, Cover['kind']])[] = [
  [/^(?:a |the |heavy |with (?:a |the )?)*(?:lid|pot|casserole)\b/, 'lid'],
  [/^(?:a |the |thin |metal |with (?:a |the )?)*bowl(?: (?:turned over|turned|upside down|over))?(?: it)?\b/, 'bowl'],
  [/^(?:a |the |under |with )*(?:foil|tin ?foil|tent)\b/, 'foil'],
];
/** "0-30", "from 0 to 30 min", "for the first 30 minutes", "from 40", "after 40 minutes", "all the time". */
const SPAN =
  /^(?:on |over |turned over |upside down )*(?:all the time|(?:for )?the first (\d{1,4})|(?:(?:from|after) )?(\d{1,4}) ?(?:-|to|until)? ?(\d{1,4})?|(?:until|to) (\d{1,4}))? ?(?:min(?:ute)?s?)?(?: on)?$/;

/** "lid for the first 30 minutes", "foil from 40", or short "lid 0-30", "foil 40-"; several by commas. */
export function readCovers(text: string): readonly Cover[] | undefined {
  const phrase = asPhrase(text);
  if (phrase === undefined) return undefined;
  const covers: Cover[] = [];
  for (const part of phrase
    .toLowerCase()
    .split(/[,;]/)
    .map((each) => each.trim())
    .filter(Boolean)) {
    const [pattern, kind] = COVERS.find(([words]) => words.test(part)) ?? [];
    if (!pattern || !kind) return undefined;
    const read = SPAN.exec(part.replace(pattern, '').replace(/–/g, '-').trim());
    if (!read) return undefined;
    const [, first, from, to, until] = read;
    const fromMinute = Number(from ?? 0);
    const end = first ?? to ?? until;
    const toMinute = end === undefined ? undefined : Number(end);
    if (toMinute !== undefined && toMinute <= fromMinute) return undefined;
    covers.push({ kind, fromMinute, ...(toMinute !== undefined && { toMinute }) });
  }
  return covers;
}

/** The same written out again: "lid for the first 30 min", "foil from 40 min". */
export const coversInWords = (covers: readonly Cover[]): string =>
  covers
    .map(({ kind, fromMinute, toMinute }) => {
      if (toMinute === undefined) return fromMinute === 0 ? `${kind} all the time` : `${kind} from ${fromMinute} min`;
      return fromMinute === 0
        ? `${kind} for the first ${toMinute} min`
        : `${kind} from ${fromMinute} to ${toMinute} min`;
    })
    .join(', ');
