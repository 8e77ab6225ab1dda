// How right the live estimate is in its own world: simulated bakes that differ from the model, shape by shape.
// npm run measure-live [-- bakes [shape,… [fault]]]; an hour for 200 of each. Figures of the last run: docs/quality.md.
import '@angular/localize/init';
import { learnBake } from '../core/src/along/live-bake/index.js';
import { follow } from '../core/src/along/live-bake/measure-live.spec-help.js';
import { SHAPES, type Fault } from '../core/src/along/live-bake/simulated-truth.spec-help.js';

const [bakes = '40', names = Object.keys(SHAPES).join(','), fault = 'none'] = process.argv.slice(2);
const SHARES = [0.25, 0.5, 0.67, 0.85];
const mean = (list: readonly number[]) => list.reduce((sum, value) => sum + value, 0) / list.length;
const percent = (share: number) => (100 * share).toFixed(1).padStart(6);

for (const name of names.split(',')) {
  const spec = SHAPES[name as keyof typeof SHAPES];
  const began = performance.now();
  const model = learnBake(spec);
  if (!model) throw new Error(`${name} is never done`);
  const learning = performance.now() - began;
  const all = Array.from({ length: Number(bakes) }, (_, seed) =>
    follow(spec, model, seed + 1, SHARES, { fault: fault as Fault, told: fault === 'moved' }),
  );
  const predicted = mean(all.map(({ truth }) => Math.abs(model.nominal.doneMinute / truth.done - 1)));
  for (const [nth, share] of SHARES.entries()) {
    const wrong = mean(all.map(({ truth, at }) => Math.abs((at[nth]?.likely ?? NaN) / truth.done - 1)));
    const held = mean(all.map(({ truth, at }) => Number(truth.done >= (at[nth]?.low ?? NaN) && truth.done <= (at[nth]?.high ?? NaN)))); // prettier-ignore
    console.log(
      `${name.padEnd(8)} at ${share.toFixed(2)}  prediction ${percent(predicted)} %  along ${percent(wrong)} %  of it ${(wrong / predicted).toFixed(2)}  held ${percent(held)} %`,
    );
  }
  const times = all.flatMap(({ milliseconds }) => milliseconds).sort((a, b) => a - b);
  const at = (share: number) => (times[Math.floor(share * (times.length - 1))] ?? 0).toFixed(1);
  const noticed = all.filter(({ last }) => last.alarms.length > 0).length;
  console.log(`${name.padEnd(8)} learned in ${learning.toFixed(0)} ms, update ${at(0.5)} / ${at(0.95)} / ${at(1)} ms (median, p95, longest), alarms in ${noticed} of ${all.length}`); // prettier-ignore
}
