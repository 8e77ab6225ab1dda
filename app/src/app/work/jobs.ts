import {
  anchorOn,
  batterOfKnown,
  runBakeJob,
  type Anchor,
  type BakedBatter,
  type BakeJob,
  type KnownTime,
  type PredictionResult,
} from '@orvin/core/oven/baking';
import { sheetCsv, sheetMarkdown, type SheetDocument } from '@orvin/core/papers/cooking-sheet';
import { exportFormula, readFile, writeCsv, writeOrvinFile, type FileReading } from '@orvin/core/papers/formats';
import { bakeAt, type SweepPoint } from '@orvin/core/oven/sweeps';
import { sensitivitiesOf, type Sensitivity } from '@orvin/core/oven/sensitivity';
import type { alongJobs } from './along-jobs';
import type { ExportJob, ReadJob } from './file-jobs';
import { learnJobs } from './learn-jobs';
import type { planJobs } from './plan-jobs';
import type { printJobs } from './print-jobs';
import { checkRowsJob } from './record-jobs';
import { shelfJobs } from './shelf-jobs';

/** The known bakes last worked out: while the baker tries pans, they stay the same and need not be searched for again. */
const anchors = new Map<string, Anchor>();
const MOST_ANCHORS = 12;

function rememberedAnchor(batter: BakedBatter, known: KnownTime): Anchor {
  // the known bake's own batter decides; how much is baked now does not
  const key = JSON.stringify([batterOfKnown(batter, known), known]);
  const kept = anchors.get(key);
  if (kept) return kept;
  const anchor = anchorOn(batter, known);
  const [oldest] = anchors.keys();
  if (anchors.size >= MOST_ANCHORS && oldest !== undefined) anchors.delete(oldest);
  anchors.set(key, anchor);
  return anchor;
}
const anchorOfJob = ({ batter, known }: BakeJob): Anchor | undefined => known && rememberedAnchor(batter, known);

/** A bake at another set point. */
export interface SettingJob {
  readonly job: BakeJob;
  readonly celsius: number;
}

/** Writes formulas in a format: each for itself, or all in one file where the format can. */
function write({ records, format, kitchen, beside }: ExportJob): readonly string[] {
  const byId = new Map(beside.map(({ id, formula }) => [id, formula]));
  const around = { kitchen, formula: (id: string) => byId.get(id) };
  if (format === 'orvin') return [writeOrvinFile(records, kitchen)];
  if (format === 'csv')
    return [
      writeCsv(
        records.map(({ formula }) => formula),
        around,
      ),
    ];
  return records.map(({ formula }) => exportFormula(formula, format, around));
}

/** A batch sheet to write as a file of text. */
export interface SheetTextJob {
  readonly sheet: SheetDocument;
  readonly format: 'csv' | 'markdown';
}

/** The whole list of what the worker can be asked for: pure functions of the core, by name. */
export const jobs = {
  bake: (job: BakeJob): PredictionResult => runBakeJob(job, rememberedAnchor),
  'bake-at': ({ job, celsius }: SettingJob): SweepPoint => bakeAt(job, celsius, anchorOfJob(job)),
  sensitivities: (job: BakeJob): readonly Sensitivity[] => sensitivitiesOf(job, anchorOfJob(job)),
  read: ({ name, text, region, kitchen }: ReadJob): FileReading => readFile(name, text, region, kitchen),
  export: (job: ExportJob): readonly string[] => write(job),
  'check-rows': checkRowsJob,
  ...shelfJobs,
  'sheet-text': ({ sheet, format }: SheetTextJob): string =>
    format === 'csv' ? sheetCsv(sheet) : sheetMarkdown(sheet),
  // a small Book is learned from here: a worker more would weigh more than its work
  'learn-book': learnJobs['learn-book'],
} as const;

export type Jobs = typeof jobs & typeof planJobs & typeof printJobs & typeof alongJobs & typeof learnJobs;
export type JobName = keyof Jobs;
