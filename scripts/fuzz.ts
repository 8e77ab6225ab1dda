// `npm run fuzz -- [minutes] [seed]`: mutated texts into every reader for so long; prints how many, and each fault once. Not part of `npm test`.
import '@angular/localize/init';
import { faultOf, mutants, seeds } from '../core/src/papers/formats/fuzzing.spec-help.js';
import { READERS } from '../core/src/papers/formats/readers.spec-help.js';

const [minutes = '1', seed = '1'] = process.argv.slice(2);
const until = performance.now() + Number(minutes) * 60_000;
const MOST_MILLISECONDS = 3000;
const counted: Record<string, number> = {};
const faults = new Map<string, string>();
const readers = Object.keys(READERS);
const texts = mutants(Number(seed), seeds());
while (performance.now() < until) {
  const text = String(texts.next().value);
  for (const reader of readers) {
    counted[reader] = (counted[reader] ?? 0) + 1;
    const fault = faultOf(reader, text, MOST_MILLISECONDS);
    if (fault !== undefined) faults.set(`${reader}: ${fault}`, text);
  }
}
for (const [fault, text] of faults) console.log(`${fault}\n    ${JSON.stringify(text.slice(0, 600))}`);
const all = Object.values(counted).reduce((sum, count) => sum + count, 0);
console.log(`${all} cases, ${faults.size} kinds of faults, ${Math.round(process.memoryUsage().rss / 1e6)} MB`);
process.exit(faults.size > 0 ? 1 : 0);
