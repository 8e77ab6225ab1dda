// `npm run mutate [topic…]`: mutation scores of the topics whose figures matter most, each by its own specs and those beside it (Stryker).
// Takes minutes a topic; not part of CI. The scores stand in docs/quality.md.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { install, root, run } from './lib.mjs';

/** Topic, what is mutated, and the specs that are to notice; whether a run begins afresh, for what remembers what it worked out. Tables are data, not code: a wrong figure in them is for their own checks. */
const TOPICS = {
  leavening: ['core/src/batter/leavening', ['core/src/batter/**/*.spec.ts'], true],
  balance: ['core/src/batter/balance', ['core/src/batter/balance/*.spec.ts']],
  // without the 400 distorted formulas of distorted.spec.ts, which take seconds a mutant: a lower bound
  rebalance: ['core/src/bench/rebalance', ['core/src/bench/rebalance/{laws,measurable,nearest,program,rebalance,rows}.spec.ts']],
  // without the specs of one bake, which foresee its time: a lower bound
  batch: ['core/src/batch/batch', ['core/src/batch/{batch,amounts,targets,plan,bowl}/*.spec.ts']],
  baking: ['core/src/oven/baking', ['core/src/oven/**/*.spec.ts']],
};

install();
const wanted = process.argv.slice(2);
const folder = join(root, 'reports/mutation');
mkdirSync(folder, { recursive: true });
for (const [topic, [source, specs, afresh = false]] of Object.entries(TOPICS)) {
  if (wanted.length > 0 && !wanted.includes(topic)) continue;
  const jasmine = join(folder, `${topic}.jasmine.json`);
  writeFileSync(
    jasmine,
    JSON.stringify({ spec_dir: '.', spec_files: specs, helpers: ['scripts/spec-setup.mjs'], random: false }),
  );
  const config = join(folder, `${topic}.stryker.json`);
  writeFileSync(
    config,
    JSON.stringify({
      testRunner: 'jasmine',
      jasmineConfigFile: `reports/mutation/${topic}.jasmine.json`,
      testRunnerNodeArgs: ['--import', 'tsx'],
      plugins: ['@stryker-mutator/jasmine-runner'],
      mutate: [`${source}/*.ts`, '!**/*.spec.ts', '!**/*.spec-help.ts', '!**/*.table.ts', '!**/index.ts'],
      coverageAnalysis: 'perTest',
      ignoreStatic: true,
      ...(afresh && { maxTestRunnerReuse: 1 }),
      concurrency: 2,
      timeoutMS: 5000,
      reporters: ['json', 'clear-text'],
      clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportMutants: false },
      jsonReporter: { fileName: `reports/mutation/${topic}.json` },
      tempDirName: 'reports/mutation/sandbox',
      ignorePatterns: ['/dist', '/look', '/test-results', '/.angular', '/docs', '/app', '/e2e'],
    }),
  );
  const status = run(process.execPath, ['node_modules/@stryker-mutator/core/bin/stryker.js', 'run', config]);
  if (status !== 0) process.exit(status);
  const { files } = JSON.parse(readFileSync(join(folder, `${topic}.json`), 'utf8'));
  const counts = {};
  for (const { mutants } of Object.values(files))
    for (const { status: outcome } of mutants) counts[outcome] = (counts[outcome] ?? 0) + 1;
  const killed = (counts.Killed ?? 0) + (counts.Timeout ?? 0);
  const alive = (counts.Survived ?? 0) + (counts.NoCoverage ?? 0);
  console.log(
    `== ${topic}: ${((100 * killed) / Math.max(1, killed + alive)).toFixed(1)} % of ${killed + alive} mutants noticed`,
  );
}
