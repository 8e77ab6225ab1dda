// `npm run mutate [topic…]`: mutation scores of the topics whose figures matter most, each by its own specs and those beside it (Stryker).
// Takes minutes a topic; not part of CI. The scores stand in docs/quality.md.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { install, root, run } from './lib.mjs';

// of what runs for each cell at each step, made ready for mutants, one bake takes minutes: it is held by the specs of its numerics alone
const KERNEL =
  'core/src/oven/baking/{batter-cells,batter-faces,batter-grid,conduction,cooling,doneness,heat-exchange,oven-air,physics,simulate}.ts';

/**
 * Topics: the files that are mutated, and the specs that are to notice; whether a run begins afresh, for what
 * remembers what it worked out. Tables are data, not code: a wrong figure in them is for their own checks.
 */
const TOPICS = {
  leavening: { files: 'core/src/batter/leavening/*.ts', specs: ['core/src/batter/**/*.spec.ts'], afresh: true },
  balance: { files: 'core/src/batter/balance/*.ts', specs: ['core/src/batter/balance/*.spec.ts'] },
  // without the 400 distorted formulas of distorted.spec.ts, which take seconds a mutant: a lower bound
  rebalance: {
    files: 'core/src/bench/rebalance/*.ts',
    specs: ['core/src/bench/rebalance/{laws,measurable,nearest,program,rebalance,rows}.spec.ts'],
  },
  // without the specs of one bake, which foresee its time: a lower bound
  batch: { files: 'core/src/batch/batch/*.ts', specs: ['core/src/batch/{batch,amounts,targets,plan,bowl}/*.spec.ts'] },
  // without its kernel, and without the reference bakes and conversions, which take half a minute a mutant
  baking: {
    files: 'core/src/oven/baking/*.ts',
    except: KERNEL,
    specs: [
      'core/src/oven/baking/{window,around-a-bake,rules-of-thumb,body,composition,read-course,predict-bake,simulate,every-shape}.spec.ts',
    ],
  },
  // whole floors, each by its own specs
  keep: {
    files: 'core/src/keep/**/*.ts',
    specs: ['core/src/keep/**/*.spec.ts', 'core/src/words/keep-words/*.spec.ts'],
  },
  // its languages are held by the messages of the application
  ground: {
    files: 'core/src/ground/**/*.ts',
    except: 'core/src/ground/language/*.ts',
    specs: ['core/src/ground/{errors,numerics,quadratic,records,steam,text,units,verdict}/*.spec.ts'],
  },
  kitchen: { files: 'core/src/kitchen/**/*.ts', specs: ['core/src/kitchen/**/*.spec.ts'] },
};

install();
const wanted = process.argv.slice(2);
const folder = join(root, 'reports/mutation');
mkdirSync(folder, { recursive: true });
/** Mutates the files of a topic; what became of each of its mutants. */
function mutated(name, { files, specs, except, afresh = false }) {
  writeFileSync(
    join(folder, `${name}.jasmine.json`),
    JSON.stringify({ spec_dir: '.', spec_files: specs, helpers: ['scripts/spec-setup.mjs'], random: false }),
  );
  const config = join(folder, `${name}.stryker.json`);
  writeFileSync(
    config,
    JSON.stringify({
      testRunner: 'jasmine',
      jasmineConfigFile: `reports/mutation/${name}.jasmine.json`,
      testRunnerNodeArgs: ['--import', 'tsx'],
      plugins: ['@stryker-mutator/jasmine-runner'],
      mutate: [
        files,
        ...(except ? [`!${except}`] : []),
        '!**/*.spec.ts',
        '!**/*.spec-help.ts',
        '!**/*.table.ts',
        '!**/index.ts',
      ],
      coverageAnalysis: 'perTest',
      ignoreStatic: true,
      ...(afresh && { maxTestRunnerReuse: 1 }),
      concurrency: 2,
      timeoutMS: 5000,
      reporters: ['json', 'clear-text', 'progress-append-only'],
      clearTextReporter: { allowColor: false, logTests: false, reportTests: false, reportMutants: false },
      jsonReporter: { fileName: `reports/mutation/${name}.json` },
      tempDirName: 'reports/mutation/sandbox',
      ignorePatterns: ['/dist', '/look', '/test-results', '/.angular', '/docs', '/app', '/e2e'],
    }),
  );
  const status = run(process.execPath, ['node_modules/@stryker-mutator/core/bin/stryker.js', 'run', config]);
  if (status !== 0) process.exit(status);
  return Object.values(JSON.parse(readFileSync(join(folder, `${name}.json`), 'utf8')).files).flatMap(({ mutants }) =>
    mutants.map(({ status: outcome }) => outcome),
  );
}

for (const [topic, what] of Object.entries(TOPICS)) {
  if (wanted.length > 0 && !wanted.includes(topic)) continue;
  const outcomes = mutated(topic, what);
  const count = (...which) => outcomes.filter((outcome) => which.includes(outcome)).length;
  const killed = count('Killed', 'Timeout');
  const all = killed + count('Survived', 'NoCoverage');
  console.log(`== ${topic}: ${((100 * killed) / Math.max(1, all)).toFixed(1)} % of ${all} mutants noticed`);
}
