import { asPhrase } from '../../ground/text/index.js';
import type { Cover, OvenStage } from './bake-spec.js';

/* The course of a bake as a person writes it. Undefined where it cannot be read. */

const CELSIUS_RANGE = [100, 300] as const;
const inRange = (celsius: number) => celsius >= CELSIUS_RANGE[0] && celsius <= CELSIUS_RANGE[1];

export interface ReadSchedule {
  /** The first set point. */
  readonly celsius: number;
  readonly stages: readonly OvenStage[];
}

/** "20@218,*@163": 20 minutes at 218 °C, then 163 °C until done. */
export function readSchedule(text: string): ReadSchedule | undefined {
  const phrase = asPhrase(text);
  if (phrase === undefined) return undefined;
  const parts = phrase
    .toLowerCase()
    .replace(/°? ?c\b/g, '')
    .split(/[,;]|\bthen\b/)
    .map((part) => part.trim())
    .filter(Boolean);
  let minute = 0;
  const stages: OvenStage[] = [];
  for (const [i, part] of parts.entries()) {
    const read = /^(\d+(?:[.,]\d+)?|\*)? ?(?:min(?:utes)?)? ?(?:@|at) ?(\d+(?:[.,]\d+)?)$/.exec(part.trim());
    if (!read) return undefined;
    const celsius = Number((read[2] ?? '').replace(',', '.'));
    const lasts = read[1];
    const last = i === parts.length - 1;
    if (!inRange(celsius)) return undefined;
    if (lasts !== undefined && lasts !== '*' && !(Number(lasts.replace(',', '.')) > 0)) return undefined;
    if (!last && (lasts === undefined || lasts === '*' || !(Number(lasts.replace(',', '.')) > 0))) return undefined;
    stages.push({ fromMinute: minute, celsius });
    minute += lasts === undefined || lasts === '*' ? 0 : Number(lasts.replace(',', '.'));
  }
  const [first, ...later] = stages;
  return first && { celsius: first.celsius, stages: later };
}

/** The same written out again. */
export function scheduleInWords(celsius: number, stages: readonly OvenStage[]): string {
  const all = [{ fromMinute: 0, celsius }, ...stages];
  return all
    .map((stage, i) => {
      const next = all[i + 1];
      return `${next ? next.fromMinute - stage.fromMinute : '*'}@${Math.round(stage.celsius)}`;
    })
    .join(', ');
}

/** "lid 0-30", "foil 40-", or several by commas. */
export function readCovers(text: string): readonly Cover[] | undefined {
  const phrase = asPhrase(text);
  if (phrase === undefined) return undefined;
  const covers: Cover[] = [];
  for (const part of phrase
    .toLowerCase()
    .split(/[,;]/)
    .map((each) => each.trim())
    .filter(Boolean)) {
    const read = /^(lid|foil)(?: (?:from )?(\d{1,4}) ?(?:-|–|to)? ?(\d{1,4})? ?(?:min)?)?$/.exec(part.trim());
    if (!read) return undefined;
    const fromMinute = Number(read[2] ?? 0);
    const toMinute = read[3] === undefined ? undefined : Number(read[3]);
    if (toMinute !== undefined && toMinute <= fromMinute) return undefined;
    covers.push({ kind: read[1] === 'lid' ? 'lid' : 'foil', fromMinute, ...(toMinute !== undefined && { toMinute }) });
  }
  return covers;
}

/** The same written out again. */
export const coversInWords = (covers: readonly Cover[]): string =>
  covers.map(({ kind, fromMinute, toMinute }) => `${kind} ${fromMinute}-${toMinute ?? ''}`).join(', ');
