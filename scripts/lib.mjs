// Node built-ins only: this file runs before anything is installed.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));
const OLDEST_NODE = [20, 19];

export function run(command, args, { env } = {}) {
  const result = spawnSync(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } });
  if (result.error) throw result.error;
  return result.status ?? 1;
}

/** Runs a command, shows what it prints and gives it back. */
export function watched(command, args, { env } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: root,
      stdio: ['inherit', 'pipe', 'pipe'],
      env: { ...process.env, ...env },
    });
    let text = '';
    for (const [from, to] of [
      [child.stdout, process.stdout],
      [child.stderr, process.stderr],
    ]) {
      from.on('data', (chunk) => {
        text += chunk;
        to.write(chunk);
      });
    }
    child.on('error', reject);
    child.on('close', (code) => resolve({ status: code ?? 1, text }));
  });
}

export function must(command, args, options) {
  const status = run(command, args, options);
  if (status !== 0) {
    console.error(`\n${command} ${args.join(' ')} failed (${status})`);
    process.exit(status);
  }
}

function files(path) {
  const full = join(root, path);
  if (!existsSync(full)) return [];
  if (!path.endsWith('/')) return [full];
  return readdirSync(full, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath ?? entry.path, entry.name))
    .sort();
}

function digest(paths) {
  const hash = createHash('sha256').update(process.version);
  for (const file of paths.flatMap(files))
    hash.update(relative(root, file)).update('\0').update(readFileSync(file)).update('\0');
  return hash.digest('hex');
}

/** Runs `make` unless the stamp holds the digest of the inputs already. */
function fresh(stamp, paths, output, make) {
  const file = join(root, stamp);
  const now = digest(paths);
  if (existsSync(join(root, output)) && existsSync(file) && readFileSync(file, 'utf8') === now) return false;
  make();
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, now);
  return true;
}

export function install() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major < OLDEST_NODE[0] || (major === OLDEST_NODE[0] && minor < OLDEST_NODE[1])) {
    console.error(`Orvin needs Node ${OLDEST_NODE.join('.')} or later; this is ${process.version}.`);
    process.exit(1);
  }
  fresh('node_modules/.orvin-stamp', ['package-lock.json'], 'node_modules/@angular/core', () => {
    console.log('Installing packages (npm ci)…');
    must('npm', ['ci', '--no-audit', '--no-fund']);
  });
}

/** Compresses what the browser loads once, as well as it goes; the server sends it as it is. */
function compressBuilt() {
  for (const file of files('dist/app/').filter((name) => /\.(?:js|css|html|svg|json|webmanifest)$/.test(name))) {
    const text = readFileSync(file);
    const params = { [constants.BROTLI_PARAM_QUALITY]: 11, [constants.BROTLI_PARAM_SIZE_HINT]: text.length };
    writeFileSync(`${file}.br`, brotliCompressSync(text, { params }));
    writeFileSync(`${file}.gz`, gzipSync(text, { level: 9 }));
  }
}

/** The service worker of the English Orvin holds the pages of its own language only: the German one has its own, below it. */
function leaveGermanAlone() {
  const file = join(root, 'dist/app/ngsw.json');
  const told = JSON.parse(readFileSync(file, 'utf8'));
  told.navigationUrls.push({ positive: false, regex: '^\\/de(?:\\/.*)?$' });
  writeFileSync(file, JSON.stringify(told, null, 2));
}

/**
 * On the machine itself Angular's service worker takes Orvin for one that is being developed: it keeps every page waiting until it has
 * fetched all of it, 5 to 13 s of a first visit. Orvin is served there; what can wait is fetched when the page asks for nothing.
 */
function fetchAheadInQuiet() {
  const asksWhere = 'if (isLocalhost(this.scope.registration.scope)) {';
  for (const file of ['dist/app/ngsw-worker.js', 'dist/app/de/ngsw-worker.js'].map((path) => join(root, path))) {
    const worker = readFileSync(file, 'utf8');
    if (worker.split(asksWhere).length !== 2) throw new Error(`${file}: where it asks for the machine was not found`);
    writeFileSync(file, worker.replace(asksWhere, 'if (false) {'));
  }
}

export function buildApplication() {
  const inputs = [
    'app/src/',
    'app/public/',
    'app/ngsw-config.json',
    'app/tsconfig.app.json',
    'app/tsconfig.worker.json',
    'core/src/',
    'core/package.json',
    'angular.json',
    'tsconfig.base.json',
    'package-lock.json',
    'scripts/lib.mjs',
  ];
  const built = fresh('dist/.app-stamp', inputs, 'dist/app/index.html', () => {
    console.log('Building the application…');
    // chunks of the first load that belong together are one: half the requests, and their headers
    const env = { NG_CLI_ANALYTICS: 'false', NG_BUILD_OPTIMIZE_CHUNKS: '1' };
    must(process.execPath, ['node_modules/@angular/cli/bin/ng.js', 'build'], { env });
    leaveGermanAlone();
    fetchAheadInQuiet();
    compressBuilt();
  });
  if (!built) console.log('The build is up to date.');
}

/** Chromium without a window, which needs two thirds of the time of a whole one. */
const SHELL = '/usr/bin/chromium-headless-shell';
const WHOLE = ['/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];

/** Whether Debian's package stands, or could be installed now. */
function aptInstalled(name) {
  if (!existsSync('/usr/bin/apt-get')) return false;
  console.log(`Installing ${name} with apt-get…`);
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    return run(command, rest, { env: { DEBIAN_FRONTEND: 'noninteractive' } }) === 0;
  };
  return apt('update', '-qq') && apt('install', '-y', '-qq', '--no-install-recommends', name);
}

/** The path of a Chromium: that of CHROME_BIN, an installed one, or Debian's, installed now. */
export function chromium() {
  const given = process.env.CHROME_BIN;
  if (given && existsSync(given)) return given;
  const whole = WHOLE.find((path) => existsSync(path)) ?? (aptInstalled('chromium') ? WHOLE[0] : undefined);
  if (whole) return whole;
  console.error('The browser tests need Chromium: install it, or set CHROME_BIN to its path.');
  process.exit(1);
}

/** The path of a Chromium for journeys: without a window where Debian has it. (Karma's never ends in it.) */
export function chromiumForJourneys() {
  if (process.env.CHROME_BIN) return chromium();
  return existsSync(SHELL) || aptInstalled('chromium-headless-shell') ? SHELL : chromium();
}
