// `npm run fuzz -- [minutes] [seed]`: mutated texts into every reader, and damaged files, messages and stored rows of Orvin's own, by as many
// hands as there are processors, for so long, or until ten million; what reaches code that its hand had not reached is mutated further.
// Prints how many, and each fault once. Not part of `npm test`.
import { fork } from 'node:child_process';
import { availableParallelism } from 'node:os';
import type { Tally } from './fuzz-hand.js';

const [minutes = '1', seed = '1'] = process.argv.slice(2);
const MOST_CASES = 10_000_000;
const TELL_EVERY_MILLISECONDS = 600_000;
const started = performance.now();
const until = started + Number(minutes) * 60_000;
let told = started;

const tallies: Tally[] = [];
const hands = Array.from({ length: availableParallelism() }, (_, hand) => fork('scripts/fuzz-hand.ts', [`${Number(seed) + 1000 * hand}`])); // prettier-ignore

const cases = () => tallies.flatMap(({ counted }) => Object.values(counted)).reduce((sum, count) => sum + count, 0);
const faults = () => new Map(tallies.flatMap(({ faults }) => faults));
const blocks = () => new Set(tallies.flatMap(({ reached }) => reached)).size;
const summed = (of: (tally: Tally) => number) => tallies.reduce((sum, tally) => sum + of(tally), 0);

let isEnough = false;
for (const [hand, process] of hands.entries()) {
  process.on('message', (tally: Tally) => {
    tallies[hand] = tally;
    const now = performance.now();
    if (now > told + TELL_EVERY_MILLISECONDS) {
      told = now;
      console.error(`${cases()} cases so far, ${faults().size} kinds of faults; ${blocks()} blocks reached, ${summed(({ kept }) => kept)} mutants kept`); // prettier-ignore
    }
    if (isEnough || (now < until && cases() < MOST_CASES)) return;
    isEnough = true;
    for (const each of hands) each.send('enough');
  });
}
const codes = await Promise.all(
  hands.map((process) => new Promise<number | null>((done) => process.on('exit', (code) => done(code)))),
);

for (const [fault, text] of faults()) console.log(`${fault}\n    ${JSON.stringify(text.slice(0, 600))}`);
for (const reader of Object.keys(tallies[0]?.counted ?? {}))
  console.log(`${String(summed(({ counted }) => counted[reader] ?? 0)).padStart(9)}  ${reader}`);
console.log(`${blocks()} blocks of the core reached, ${summed(({ kept }) => kept)} mutants kept for what they reached`);
console.log(
  `${cases()} cases in ${Math.round((performance.now() - started) / 60_000)} min, ${faults().size} kinds of faults, ` +
    `${Math.round(summed(({ megabytes }) => megabytes))} MB`,
);
const hasFailed = codes.some((code) => code !== 0);
if (hasFailed) console.error('A hand ended by itself: what it had counted last stands above.');
process.exit(faults().size > 0 || hasFailed ? 1 : 0);
