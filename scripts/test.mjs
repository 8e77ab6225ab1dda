// `npm test` runs everything; `node scripts/test.mjs core app e2e` runs those suites. The last line counts tests.
import { existsSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { stripVTControlCharacters } from 'node:util';
import { chromium, chromiumForJourneys, install, root, watched } from './lib.mjs';

install();
const node = process.execPath;
const wanted = process.argv.slice(2);
const everything = wanted.length === 0;
const does = (name) => everything || wanted.includes(name);
const env = { NG_CLI_ANALYTICS: 'false', CI: '1' };

/** Passed and failed tests of a suite; a suite that says nothing of its tests, or ends badly without a failed one, has failed once. */
function counted(status, passed, failed) {
  if (status !== 0 && failed === 0) return { passed, failed: 1 };
  if (passed + failed === 0) return { passed: 0, failed: 1 };
  return { passed, failed };
}

/** What failed, and the line it failed with, said again at the end: the last lines are all that some machines show. */
const failed = [];
const fail = (suite, text, each) =>
  failed.push(
    ...[...stripVTControlCharacters(text).matchAll(each)].map(([, name, message]) => `${suite}: ${name}: ${message}`),
  );

async function jasmine() {
  const { status, text } = await watched(
    node,
    ['--import', 'tsx', 'node_modules/jasmine/bin/jasmine.js', '--config=jasmine.json'],
    { env },
  );
  fail('core', text, /^\d+\) (.+)\n {2}Message:\n\s*(.+)/gm);
  const [, specs = '0', failures = '0'] = /(\d+) specs?, (\d+) failures?/.exec(text) ?? [];
  return counted(status, Number(specs) - Number(failures), Number(failures));
}

async function karma() {
  const { status, text } = await watched(
    node,
    ['node_modules/@angular/cli/bin/ng.js', 'test', '--watch=false', '--browsers=ChromiumHeadlessNoSandbox'],
    { env: { ...env, CHROME_BIN: chromium() } },
  );
  fail('app', text, /^Chrome[^\n]*?\) (.+?) ?FAILED\n\s*(.+)/gm);
  const last = [...text.matchAll(/Executed (\d+) of \d+(?: \((\d+) FAILED\))?/g)].at(-1) ?? [];
  const failures = Number(last[2] ?? 0);
  return counted(status, Number(last[1] ?? 0) - failures, failures);
}

async function playwright() {
  const report = join(root, 'test-results', 'e2e.json');
  rmSync(report, { force: true });
  const { status } = await watched(
    node,
    ['node_modules/@playwright/test/cli.js', 'test', '-c', 'e2e/playwright.config.ts'],
    { env: { ...env, CHROME_BIN: chromiumForJourneys(), PLAYWRIGHT_JSON_OUTPUT_NAME: report } },
  );
  const { stats } = existsSync(report)
    ? JSON.parse(readFileSync(report, 'utf8'))
    : { stats: { expected: 0, unexpected: 0, flaky: 0 } };
  return counted(status, stats.expected, stats.unexpected + stats.flaky);
}

const SUITES = { core: jasmine, app: karma, e2e: playwright };
const total = { passed: 0, failed: 0 };
const seconds = (since) => ((performance.now() - since) / 1000).toFixed(0);
async function suite(name) {
  if (!does(name)) return;
  const since = performance.now();
  const { passed, failed } = await SUITES[name]();
  console.log(`== ${name}: ${passed} passed, ${failed} failed in ${seconds(since)} s`);
  total.passed += passed;
  total.failed += failed;
}
/** Types, lint, imports, tables, format. */
async function checks() {
  if (!everything) return;
  const since = performance.now();
  const { status } = await watched(node, ['scripts/lint.mjs'], { env });
  console.log(`== checks: ${status === 0 ? 'ok' : 'FAILED'} in ${seconds(since)} s`);
  if (status !== 0) total.failed++;
}

let built = false;
const build = async () => {
  built = !does('e2e') || (await watched(node, ['scripts/build.mjs'], { env })).status === 0;
};
// Two processors, each takes the next piece when it is done with one: the core's specs last longest, and begin. Journeys want both.
const pieces = [() => suite('core'), checks, build, () => suite('app')];
const worker = async () => {
  for (let next = pieces.shift(); next; next = pieces.shift()) await next();
};
await Promise.all([worker(), worker()]);
if (built) await suite('e2e');
else total.failed++; // never against what was built before
for (const one of failed) console.log(one);
console.log(`${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 ? 0 : 1);
