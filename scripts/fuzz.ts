// `npm run fuzz -- [minutes] [seed]`: mutated texts into every reader, and damaged files, messages and stored rows of Orvin's own, for
// so long, or until ten million; what reaches code that nothing had reached is mutated further. Prints how many, and each fault once. Not
// part of `npm test`.
import '@angular/localize/init';
import { damagedRows, rowFaultOf, type StoredRow } from '../app/src/app/store/row-fuzzing.spec-help.js';
import { damaged, DATA_READERS, dataFaultOf } from '../core/src/papers/formats/data-fuzzing.spec-help.js';
import { faultOf, mutants, seeds } from '../core/src/papers/formats/fuzzing.spec-help.js';
import { READERS } from '../core/src/papers/formats/readers.spec-help.js';
import { Guide, keepIfGuided } from './fuzz-guide.js';

const [minutes = '1', seed = '1'] = process.argv.slice(2);
const until = performance.now() + Number(minutes) * 60_000;
const MOST_MILLISECONDS = 3000;
const MOST_CASES = 10_000_000;
const counted: Record<string, number> = {};
const faults = new Map<string, string>();
const readers = Object.keys(READERS);
const guide = new Guide();
const textSamples = [...seeds()];
const texts = mutants(Number(seed), textSamples);
const files = Object.entries(DATA_READERS).map(([reader, { from }], i) => {
  const samples = [...from];
  return { reader, samples, sound: from.length, all: damaged(Number(seed) + i, samples) };
});
const rows = damagedRows(Number(seed));
/** They are read a hundred times as fast as texts. */
const FILES_A_TEXT = 100;
console.warn = () => undefined; // the reader of tables says there that a column stands twice
const casesSoFar = () => Object.values(counted).reduce((sum, count) => sum + count, 0);
const TELL_EVERY_MILLISECONDS = 600_000;
let told = performance.now();
while (performance.now() < until && casesSoFar() < MOST_CASES) {
  if (performance.now() > told + TELL_EVERY_MILLISECONDS) {
    told = performance.now();
    console.error(`${casesSoFar()} cases so far, ${faults.size} kinds of faults; ${guide.reached} blocks reached, ${textSamples.length} texts to mutate`); // prettier-ignore
  }
  const text = String(texts.next().value);
  for (const reader of readers) {
    counted[reader] = (counted[reader] ?? 0) + 1;
    const fault = faultOf(reader, text, MOST_MILLISECONDS);
    if (fault !== undefined) faults.set(`${reader}: ${fault}`, text);
  }
  keepIfGuided(guide, textSamples, text);
  for (const { reader, samples, all } of files)
    // a file of formulas is judged whole
    for (let left = reader === 'a file of formulas' ? 1 : FILES_A_TEXT; left > 0; left--) {
      const damagedText = String(all.next().value);
      counted[reader] = (counted[reader] ?? 0) + 1;
      const fault = dataFaultOf(reader, damagedText, MOST_MILLISECONDS);
      if (fault !== undefined) faults.set(`${reader}: ${fault}`, damagedText);
      if (left === 1) keepIfGuided(guide, samples, damagedText);
    }
  for (let left = FILES_A_TEXT; left > 0; left--) {
    const { table, row } = rows.next().value as StoredRow;
    const kind = `a stored row of ${table}`;
    counted[kind] = (counted[kind] ?? 0) + 1;
    const fault = rowFaultOf({ table, row });
    if (fault !== undefined) faults.set(`${kind}: ${fault}`, JSON.stringify(row));
  }
}
for (const [fault, text] of faults) console.log(`${fault}\n    ${JSON.stringify(text.slice(0, 600))}`);
for (const [reader, count] of Object.entries(counted)) console.log(`${String(count).padStart(9)}  ${reader}`);
const kept = textSamples.length - seeds().length + files.reduce((sum, { samples, sound }) => sum + samples.length - sound, 0); // prettier-ignore
console.log(`${guide.reached} blocks of the core reached, ${kept} mutants kept for what they reached`);
console.log(`${casesSoFar()} cases, ${faults.size} kinds of faults, ${Math.round(process.memoryUsage().rss / 1e6)} MB`);
process.exit(faults.size > 0 ? 1 : 0);
