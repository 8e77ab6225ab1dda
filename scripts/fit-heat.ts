/*
 * Fits the parameters of the bake model to the reference bakes, and leaves every family out once.
 *
 * `npm run fit-heat` prints the fitted parameters (to be copied into core/src/oven/baking/parameters.ts by hand, on purpose) and writes
 * core/tables/reference/heat_folds.csv: the parameters found without each family of bakes, for the specs of cross-validation.
 *
 * Damped Gauss–Newton in the logarithms of the parameters with normal priors; a fold is one step from the full optimum with the rows of
 * its family removed. A child process for each processor runs its share of the simulations.
 */
import '@angular/localize/init';
import { fork } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { cpus } from 'node:os';
import { fileURLToPath } from 'node:url';
import { simulateBake } from '../core/src/oven/baking/simulate.js';
import { HEAT, HEAT_STYLE_IDS, HEAT_STYLES, type HeatModel } from '../core/src/oven/baking/parameters.js';
import { FURTHER_BAKES, REFERENCE_BAKES } from '../core/src/doors/samples/reference-bakes.js';

/** Prior middle and standard deviation of the logarithm. @source heat.md, section 3 */
const PRIORS: Readonly<Record<string, readonly [number, number]>> = {
  conductivity: [1.1, 0.23],
  poreVapour: [0.4, 0.6],
  fluidMixing: [0.4, 0.7],
  convectionStill: [6.5, 0.23],
  convectionFan: [13, 0.23],
  crowding: [0.14, 0.5],
  lightMetalEmissivity: [0.3, 0.27],
  panRadiationShare: [0.65, 0.23],
  evaporation: [0.9, 0.5],
  bottomResistance: [0.006, 0.6],
  sideResistance: [0.007, 0.6],
  tubeFactor: [0.7, 0.2],
  closeFactor: [0.8, 0.25],
  sheetFactor: [1.2, 0.15],
  fluteFactor: [1.2, 0.1],
  doorDrop: [14, 0.4],
  settingMinutes: [1.5, 0.4],
  settingBaseCelsius: [92.5, 0.013],
  settingSugarCelsius: [7, 0.35],
  lidHeat: [0.45, 0.27],
};
const STYLE_FACTOR = [1, 0.08] as const;
/** Scatter of a row around the model. */
const ROW_SPREAD = 0.085;

const BAKES = [...REFERENCE_BAKES, ...FURTHER_BAKES];
const names = [...Object.keys(PRIORS), ...HEAT_STYLE_IDS.map((id) => `style.${id}`)];
const start = names.map((name) =>
  name.startsWith('style.')
    ? HEAT_STYLES[name.slice(6) as keyof typeof HEAT_STYLES].heatFactor
    : HEAT[name as keyof typeof HEAT],
);
const priorOf = (name: string) => PRIORS[name] ?? STYLE_FACTOR;

function modelOf(values: readonly number[]): HeatModel {
  const heat: Record<string, number> = { ...HEAT };
  const heatFactors: Record<string, number> = {};
  names.forEach((name, i) => {
    if (name.startsWith('style.')) heatFactors[name.slice(6)] = values[i] ?? 1;
    else heat[name] = values[i] ?? 0;
  });
  return { heat, heatFactors } as unknown as HeatModel;
}
const errorsOf = (values: readonly number[], rows = BAKES) => {
  const model = modelOf(values);
  return rows.map(({ spec, lowMinutes, highMinutes }) =>
    Math.log((simulateBake(spec, {}, model).doneMinute ?? 400) / Math.sqrt(lowMinutes * highMinutes)),
  );
};

if (process.send) {
  process.on('message', ({ id, values, only }: { id: number; values: number[]; only?: number[] }) => {
    const rows = only ? BAKES.filter((_, i) => only.includes(i)) : BAKES;
    process.send?.({ id, errors: errorsOf(values, rows) });
  });
} else {
  await search();
  process.exit(0);
}

async function search(): Promise<void> {
  const workers = Array.from({ length: cpus().length }, () => fork(fileURLToPath(import.meta.url)));
  let next = 0;
  const waiting = new Map<number, (errors: number[]) => void>();
  for (const worker of workers)
    worker.on('message', ({ id, errors }: { id: number; errors: number[] }) => waiting.get(id)?.(errors));
  const run = (values: number[], only?: number[]) =>
    new Promise<number[]>((resolve) => {
      const id = next++;
      waiting.set(id, resolve);
      workers[id % workers.length]?.send({ id, values, only });
    });

  const objective = (errors: readonly number[], values: readonly number[]) =>
    errors.reduce((sum, e) => sum + robust(e) * (e / ROW_SPREAD) ** 2, 0) +
    values.reduce((sum, value, i) => {
      const [middle, spread] = priorOf(names[i] ?? '');
      return sum + (Math.log(value / middle) / spread) ** 2;
    }, 0);

  let values = [...start];
  let errors = await run(values);
  let cost = objective(errors, values);
  console.log(`start: cost ${cost.toFixed(1)}, ${summary(errors)}`);
  let jacobian: number[][] = [];
  for (let round = 0; round < Number(process.env['ROUNDS'] ?? 4); round++) {
    jacobian = await slopes(values, errors, run);
    let better = false;
    for (const damping of [0.02, 0.3, 3]) {
      const step = solveStep(jacobian, errors, values, damping, () => true);
      const tried = values.map((value, i) => value * Math.exp(Math.max(-0.3, Math.min(0.3, step[i] ?? 0))));
      const triedErrors = await run(tried);
      const triedCost = objective(triedErrors, tried);
      console.log(`round ${round}, damping ${damping}: cost ${triedCost.toFixed(1)}, ${summary(triedErrors)}`);
      if (triedCost >= cost) continue;
      better = cost - triedCost > 0.3;
      [values, errors, cost] = [tried, triedErrors, triedCost];
      break;
    }
    if (!better) break;
  }
  jacobian = await slopes(values, errors, run);
  names.forEach((name, i) => console.log(`${name.padEnd(24)} ${Number((values[i] ?? 0).toPrecision(4))}`));
  groups(errors, 'fitted');

  const families = [...new Set(REFERENCE_BAKES.map(({ family }) => family))];
  const folds: string[] = [['family', ...names].join(',')];
  const left: number[] = [...errors];
  await Promise.all(
    families.map(async (family) => {
      const step = solveStep(jacobian, errors, values, 0.02, (row) => BAKES[row]?.family !== family);
      const without = values.map((value, i) => Number((value * Math.exp(step[i] ?? 0)).toPrecision(6)));
      folds.push([family, ...without].join(','));
      const rows = BAKES.map((_, i) => i).filter((i) => BAKES[i]?.family === family);
      const fitted = await run(without, rows);
      rows.forEach((row, i) => (left[row] = fitted[i] ?? 0));
    }),
  );
  const [head = '', ...rest] = folds;
  writeFileSync(
    fileURLToPath(new URL('../core/tables/reference/heat_folds.csv', import.meta.url)),
    `${[head, ...rest.sort()].join('\n')}\n`,
  );
  groups(left.slice(0, REFERENCE_BAKES.length), 'family left out');
}

/** Weight of a row far off: one odd bake must not bend the rest. */
function robust(error: number): number {
  const far = Math.abs(error) / (2.5 * ROW_SPREAD);
  return far <= 1 ? 1 : 1 / far;
}

async function slopes(
  values: number[],
  errors: readonly number[],
  run: (values: number[]) => Promise<number[]>,
): Promise<number[][]> {
  const step = 0.02;
  return Promise.all(
    values.map(async (_, i) => {
      const size = names[i] === 'settingBaseCelsius' ? 0.004 : step;
      const moved = await run(values.map((value, j) => (j === i ? value * Math.exp(size) : value)));
      return moved.map((error, row) => (error - (errors[row] ?? 0)) / size);
    }),
  );
}

function solveStep(
  jacobian: readonly (readonly number[])[],
  errors: readonly number[],
  values: readonly number[],
  damping: number,
  keep: (row: number) => boolean,
): number[] {
  const n = names.length;
  const matrix = Array.from({ length: n }, () => new Float64Array(n + 1));
  for (let i = 0; i < n; i++) {
    const row = matrix[i] ?? new Float64Array(0);
    for (let r = 0; r < errors.length; r++) {
      if (!keep(r)) continue;
      const weight = robust(errors[r] ?? 0) / ROW_SPREAD ** 2;
      const slope = (jacobian[i]?.[r] ?? 0) * weight;
      for (let j = 0; j < n; j++) row[j] = (row[j] ?? 0) + slope * (jacobian[j]?.[r] ?? 0);
      row[n] = (row[n] ?? 0) - slope * (errors[r] ?? 0);
    }
    const [middle, spread] = priorOf(names[i] ?? '');
    row[i] = (row[i] ?? 0) * (1 + damping) + 1 / spread ** 2;
    row[n] = (row[n] ?? 0) - Math.log((values[i] ?? 1) / middle) / spread ** 2;
  }
  for (let i = 0; i < n; i++) {
    const pivot = matrix[i] ?? new Float64Array(0);
    for (let k = i + 1; k < n; k++) {
      const row = matrix[k] ?? new Float64Array(0);
      const factor = (row[i] ?? 0) / (pivot[i] ?? 1);
      for (let j = i; j <= n; j++) row[j] = (row[j] ?? 0) - factor * (pivot[j] ?? 0);
    }
  }
  const solved = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i--) {
    let sum = matrix[i]?.[n] ?? 0;
    for (let j = i + 1; j < n; j++) sum -= (matrix[i]?.[j] ?? 0) * (solved[j] ?? 0);
    solved[i] = sum / (matrix[i]?.[i] ?? 1);
  }
  return solved;
}

function summary(errors: readonly number[]): string {
  const first = errors.slice(0, REFERENCE_BAKES.length);
  const mean = (list: readonly number[]) => list.reduce((sum, e) => sum + e, 0) / list.length;
  const off = (list: readonly number[]) => (100 * mean(list.map((e) => Math.abs(Math.expm1(e))))).toFixed(2);
  const within = first.filter((e, i) => {
    const bake = REFERENCE_BAKES[i];
    if (!bake) return false;
    const half = Math.log(bake.highMinutes / bake.lowMinutes) / 2;
    return e >= -half + Math.log(0.9) && e <= half + Math.log(1.1);
  }).length;
  const further = errors.slice(REFERENCE_BAKES.length);
  return `reference ${off(first)} % (bias ${(100 * mean(first)).toFixed(1)}, ${within} within)${
    further.length > 0 ? `, further ${off(further)} % (bias ${(100 * mean(further)).toFixed(1)})` : ''
  }`;
}

function groups(errors: readonly number[], what: string): void {
  console.log(`--- ${what}: ${summary(errors)}`);
  const by = (key: (bake: (typeof BAKES)[number]) => string) => {
    const sums = new Map<string, number[]>();
    errors.forEach((error, i) => {
      const bake = BAKES[i];
      if (bake) sums.set(key(bake), [...(sums.get(key(bake)) ?? []), error]);
    });
    console.log(
      [...sums]
        .map(([name, list]) => {
          const mean = list.reduce((sum, e) => sum + e, 0) / list.length;
          const off = list.reduce((sum, e) => sum + Math.abs(e), 0) / list.length;
          const sd = Math.sqrt(list.reduce((sum, e) => sum + e * e, 0) / list.length);
          return `${name} ${(100 * off).toFixed(0)}/${(100 * mean).toFixed(0)} rms ${sd.toFixed(3)} (${list.length})`;
        })
        .join('; '),
    );
  };
  by(({ spec }) => spec.heatStyle);
  by(({ spec }) => spec.pan.shape);
  by(({ spec }) => spec.pan.material + (spec.fan ? ' fan' : ''));
  by(({ spec }) => (spec.ovenCelsius >= 218 ? 'hot' : spec.ovenCelsius <= 155 ? 'cool' : 'usual'));
  by(({ family }) => family);
}
