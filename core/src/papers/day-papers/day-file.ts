import Joi from 'joi';
import { daySheetSchema } from '../../day/sheet-schema/index.js';
import type { DaySheet } from '../../day/sheets/index.js';
import { without } from '../../ground/records/index.js';
import { withoutMark } from '../../ground/text/index.js';

/* A planned day as a file: JSON that names itself, its version, and the day. Formulas go by their id, and by their title elsewhere. */

const FORMAT = 'orvin-day';
const VERSION = 1;
/** Letters of the longest file that is looked into. */
const LONGEST = 2_000_000;

interface DayFile {
  readonly format: typeof FORMAT;
  readonly version: number;
  readonly day: DaySheet;
}
export const dayFileSchema = Joi.object<DayFile>({
  format: Joi.valid(FORMAT).required(),
  version: Joi.number().integer().min(1).max(VERSION).required(),
  day: daySheetSchema.required(),
});

export const DAY_FILE_FAULTS = ['too-long', 'no-json', 'not-a-day', 'newer'] as const;
export type DayFileFault = (typeof DAY_FILE_FAULTS)[number];
export type DayFileRead =
  { readonly kind: 'day'; readonly sheet: DaySheet } | { readonly kind: 'refused'; readonly why: DayFileFault };

export const writeDayFile = (sheet: DaySheet): string =>
  `${JSON.stringify({ format: FORMAT, version: VERSION, day: without(sheet, 'kept') } satisfies DayFile, undefined, 2)}\n`;

/**
 * Reads a day back.
 * @param shelf formulas that are there: a wish whose formula is not among them takes the one of the same title
 */
export function readDayFile(
  text: string,
  shelf: readonly { readonly id: string; readonly title: string }[],
): DayFileRead {
  if (text.length > LONGEST) return { kind: 'refused', why: 'too-long' };
  let parsed: unknown;
  try {
    parsed = JSON.parse(withoutMark(text));
  } catch {
    return { kind: 'refused', why: 'no-json' };
  }
  const version = (parsed as { readonly version?: unknown } | null)?.version;
  if (typeof version === 'number' && version > VERSION) return { kind: 'refused', why: 'newer' };
  const { error, value } = dayFileSchema.validate(parsed) as {
    readonly error?: Joi.ValidationError;
    readonly value: DayFile;
  };
  if (error) return { kind: 'refused', why: 'not-a-day' };
  const ids = new Set(shelf.map(({ id }) => id));
  const byTitle = new Map(shelf.map(({ id, title }) => [title.toLowerCase(), id]));
  const { day } = value;
  return {
    kind: 'day',
    sheet: {
      ...day,
      wishes: day.wishes.map((wish) => {
        const same = ids.has(wish.formulaId) ? undefined : byTitle.get(wish.title.toLowerCase());
        return same === undefined ? wish : { ...wish, formulaId: same };
      }),
    },
  };
}
