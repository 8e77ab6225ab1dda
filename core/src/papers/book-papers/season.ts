import Joi from 'joi';
import Papa from 'papaparse';
import { DONE_WORDS, doneEvidence, type DoneWord, type TaughtBake } from '../../book/learning/index.js';
import { dateOrMomentSchema } from '../../day/date-schemas/index.js';
import type { BakeRecord } from '../../book/records/index.js';
import { withoutMark } from '../../ground/text/index.js';

/* A season as a table: the columns that learning reads first, then what else a bake was. */

/** One bake of a season's table. */
export interface SeasonRow {
  /** Counted from 1 under the heading. */
  readonly row: number;
  readonly date: string;
  readonly recipe: string;
  readonly pan: string;
  readonly celsius: number;
  readonly fan: boolean;
  readonly predicted: number;
  readonly out: number;
  readonly word?: DoneWord;
}
export type SeasonReading =
  { readonly kind: 'read'; readonly rows: readonly SeasonRow[] } | { readonly kind: 'refused'; readonly error: string };

const COLUMNS = ['date', 'recipe', 'pan', 'celsius', 'fan', 'predicted', 'out', 'word'] as const;
const MOST_ROWS = 20_000;
const minutes = Joi.number().min(1).max(1000).required();
interface Cells extends Omit<SeasonRow, 'row' | 'fan' | 'word'> {
  readonly fan: '0' | '1' | '';
  readonly word: DoneWord | '';
}
const rowSchema = Joi.object<Cells>({
  date: dateOrMomentSchema
    .required()
    .messages({ 'string.pattern.base': '{{#label}} is "{{#value}}": write it as 2026-11-28' }),
  recipe: Joi.string().trim().min(1).max(300).required(),
  pan: Joi.string().trim().min(1).max(300).required(),
  celsius: Joi.number().min(50).max(350).required(),
  fan: Joi.string().valid('0', '1', '').required(),
  predicted: minutes,
  out: minutes,
  word: Joi.string()
    .valid(...DONE_WORDS, '')
    .required(),
}).unknown();

/** Reads a season: every fault is told with its row. */
export function readSeason(text: string): SeasonReading {
  const { data, meta } = Papa.parse<Readonly<Record<string, string>>>(withoutMark(text), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.trim().toLowerCase(),
    transform: (cell) => cell.trim(),
  });
  const missing = COLUMNS.filter((column) => !(meta.fields ?? []).includes(column));
  if (missing.length > 0) return { kind: 'refused', error: $localize`there is no column ${missing.map((name) => `"${name}"`).join(', ')}; a season has ${COLUMNS.join(',')}` }; // prettier-ignore
  const twice = Object.values(meta.renamedHeaders ?? {}).find((column) => COLUMNS.some((name) => name === column));
  if (twice !== undefined)
    return { kind: 'refused', error: $localize`the column "${twice}" stands twice: leave one of them` };
  if (data.length > MOST_ROWS) return { kind: 'refused', error: $localize`more than ${MOST_ROWS} bakes` };
  const rows: SeasonRow[] = [];
  const errors: string[] = [];
  data.forEach((cells, i) => {
    const checked: Joi.ValidationResult<Cells> = rowSchema.validate(cells, { errors: { wrap: { label: '' } } });
    if (checked.error) {
      errors.push($localize`row ${i + 1}:row:: ${checked.error.message}`);
      return;
    }
    const { date, recipe, pan, celsius, fan, predicted, out, word } = checked.value;
    rows.push({ row: i + 1, date, recipe, pan, celsius, fan: fan === '1', predicted, out, ...(word !== '' && { word }) }); // prettier-ignore
  });
  const more = errors.length > 3 ? $localize`, and ${errors.length - 3} more` : '';
  return errors.length > 0 ? { kind: 'refused', error: errors.slice(0, 3).join('; ') + more } : { kind: 'read', rows };
}

/** A row as a bake to learn from; undefined where it tells nothing. */
export function taughtBy({ row, recipe, pan, celsius, fan, predicted, out, word }: SeasonRow): TaughtBake | undefined {
  const done = doneEvidence({ outMinutes: out, word });
  return done && { id: String(row), recipe, pan, celsius, fan, predictedMinutes: predicted, done };
}

/** A season as a table; bakes of which nothing was foreseen have no figure there. */
export function writeSeason(records: readonly BakeRecord[]): string {
  const rows = records.map((record) => ({
    date: new Date(record.at).toISOString().slice(0, 10),
    recipe: record.title,
    pan: record.pan,
    celsius: record.celsius,
    fan: record.fan ? 1 : 0,
    predicted: record.foreseen ? Number(record.foreseen.unlearned.toFixed(1)) : '',
    out: Number(record.outMinutes.toFixed(1)),
    word: record.word ?? '',
    version: record.versionNumber ?? '',
    size: record.size,
    top: record.top ?? '',
    shape: record.shape ?? '',
    crumb: record.crumb ?? '',
    wrong: (record.wrong ?? []).join(' '),
    score: record.score ?? '',
    'height mm': record.heightMm ?? '',
    'left out': record.leftOut ?? '',
    notes: record.notes ?? '',
  }));
  return `${Papa.unparse(rows, { newline: '\r\n', escapeFormulae: true })}\r\n`;
}
