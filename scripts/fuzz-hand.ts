// One of the hands of `npm run fuzz`: a process of its own, so that the processor's time it counts is its own. It throws texts, files and rows
// until it is told that it is enough, and says every few seconds what it has counted.
import '@angular/localize/init';
import { setImmediate as aTurn } from 'node:timers/promises';
import { damagedRows, rowFaultOf, type StoredRow } from '../app/src/app/store/row-fuzzing.spec-help.js';
import { damaged, DATA_READERS, dataFaultOf } from '../core/src/papers/formats/data-fuzzing.spec-help.js';
import { faultOf, mutants, seeds } from '../core/src/papers/formats/fuzzing.spec-help.js';
import { READERS } from '../core/src/papers/formats/readers.spec-help.js';
import { Guide, keepIfGuided } from './fuzz-guide.js';

/** What one hand has done so far. */
export interface Tally {
  /** Cases by what read them. */
  readonly counted: Readonly<Record<string, number>>;
  /** A text for each fault, once. */
  readonly faults: readonly (readonly [fault: string, text: string])[];
  /** Blocks of the core that ran, each by its place. */
  readonly reached: readonly string[];
  /** Texts and files that were kept to be mutated further. */
  readonly kept: number;
  readonly megabytes: number;
}

const seed = Number(process.argv[2]);
const MOST_MILLISECONDS = 3000;
const TELL_EVERY_MILLISECONDS = 5000;
/** They are read a hundred times as fast as texts. */
const FILES_A_TEXT = 100;

const counted: Record<string, number> = {};
const faults = new Map<string, string>();
const guide = new Guide();
const textSamples = [...seeds()];
const texts = mutants(seed, textSamples);
const files = Object.entries(DATA_READERS).map(([reader, { from }], i) => {
  const samples = [...from];
  return { reader, samples, sound: from.length, all: damaged(seed + i, samples) };
});
const rows = damagedRows(seed);
console.warn = () => undefined; // the reader of tables says there that a column stands twice

function judge(reader: string, text: string, fault: string | undefined): void {
  counted[reader] = (counted[reader] ?? 0) + 1;
  if (fault !== undefined) faults.set(`${reader}: ${fault}`, text);
}

function aText(): void {
  const text = String(texts.next().value);
  for (const reader of Object.keys(READERS)) judge(reader, text, faultOf(reader, text, MOST_MILLISECONDS));
  keepIfGuided(guide, textSamples, text);
}

function someFiles(): void {
  for (const { reader, samples, all } of files)
    // a file of formulas is judged whole
    for (let left = reader === 'a file of formulas' ? 1 : FILES_A_TEXT; left > 0; left--) {
      const text = String(all.next().value);
      judge(reader, text, dataFaultOf(reader, text, MOST_MILLISECONDS));
      if (left === 1) keepIfGuided(guide, samples, text);
    }
}

function someRows(): void {
  for (let left = FILES_A_TEXT; left > 0; left--) {
    const stored = rows.next().value as StoredRow;
    judge(`a stored row of ${stored.table}`, JSON.stringify(stored.row), rowFaultOf(stored));
  }
}

const tally = (): Tally => ({
  counted,
  faults: [...faults],
  reached: guide.reached,
  kept: textSamples.length - seeds().length + files.reduce((sum, { samples, sound }) => sum + samples.length - sound, 0), // prettier-ignore
  megabytes: process.memoryUsage().rss / 1e6,
});

process.on('message', () => process.send?.(tally(), () => process.exit()));
process.on('disconnect', () => process.exit());
let told = performance.now();
for (;;) {
  aText();
  someFiles();
  someRows();
  await aTurn();
  if (performance.now() < told + TELL_EVERY_MILLISECONDS) continue;
  told = performance.now();
  process.send?.(tally());
}
