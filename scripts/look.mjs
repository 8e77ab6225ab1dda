// `npm run look [view…] [--size laptop|tablet|phone] [--theme day|night]`: pictures of every view in three sizes and both themes into look/, and a list of what overflows,
// clips, overlaps, is smaller than a finger, or fails one of axe's rules, best practices too. Pictures are for eyes; the list comes before them, not instead. --keep refreshes docs/screenshots.
import { spawn } from 'node:child_process';
import { copyFileSync, existsSync, mkdirSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { chromium as playwright } from '@playwright/test';
import { buildApplication, chromium, install, root } from './lib.mjs';
import { KEPT, VIEWS } from './look-views.mjs';

/** What looks for faults inside the page, as source. */
const FAULTS = readFileSync(new URL('look-faults.js', import.meta.url), 'utf8');
const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');
const axeFaults = async (page) => {
  await page.evaluate(AXE);
  const violations = await page.evaluate(async () => (await globalThis.axe.run(document)).violations);
  return violations.map(({ id, nodes }) => `axe ${id}: ${nodes.map(({ html }) => html.slice(0, 120)).join(' | ')}`);
};

const SIZES = {
  laptop: { viewport: { width: 1280, height: 800 } },
  tablet: { viewport: { width: 1024, height: 768 }, hasTouch: true },
  phone: { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true, deviceScaleFactor: 2 },
};
const THEMES = ['day', 'night'];
const PORT = 4612;

const { values, positionals } = parseArgs({
  options: { size: { type: 'string' }, theme: { type: 'string' }, keep: { type: 'boolean' } },
  allowPositionals: true,
});
install();
buildApplication();
const server = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
  cwd: root,
  env: { ...process.env, PORT: String(PORT) },
  stdio: ['ignore', 'pipe', 'ignore'],
});
await new Promise((resolve, reject) => {
  server.stdout.on('data', (text) => String(text).includes('Orvin is at') && resolve());
  server.on('exit', () => reject(new Error('the server did not start')));
});
process.on('exit', () => server.kill('SIGTERM'));
const browser = await playwright.launch({
  executablePath: chromium(),
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
const folder = join(root, 'look');
mkdirSync(folder, { recursive: true });

const STILL_MILLISECONDS = 400;
const MOST_LOOKS = 10;
/** Nothing on it changes any more; where a clock goes, it is taken as it is after a few looks. */
async function standsStill(page) {
  let before = await page.screenshot();
  for (let looks = 0; looks < MOST_LOOKS; looks++) {
    await page.waitForTimeout(STILL_MILLISECONDS);
    const now = await page.screenshot();
    if (now.equals(before)) return;
    before = now;
  }
}

let faults = 0;
let pictures = 0;
for (const [size, device] of Object.entries(SIZES).filter(([name]) => !values.size || name === values.size)) {
  for (const theme of THEMES.filter((name) => !values.theme || name === values.theme)) {
    for (const [name, show] of Object.entries(VIEWS).filter(
      ([name]) => positionals.length === 0 || positionals.includes(name),
    )) {
      const context = await browser.newContext({
        ...device,
        colorScheme: theme === 'night' ? 'dark' : 'light',
        reducedMotion: 'reduce',
        locale: 'en-GB',
        serviceWorkers: 'block',
      });
      const page = await context.newPage();
      const broken = [];
      page.on('pageerror', (error) => broken.push(`error: ${error.message}`));
      page.on(
        'console',
        (message) =>
          ['error', 'warning'].includes(message.type()) &&
          !message.text().includes('blocked by Playwright') &&
          broken.push(`${message.type()}: ${message.text()}`),
      );
      try {
        await page.goto(`http://127.0.0.1:${PORT}/`);
        await page.getByRole('table').waitFor();
        await show(page, size);
        await page.evaluate(() => document.fonts.ready.then(() => undefined));
        await standsStill(page);
        await page.screenshot({ path: join(folder, `${name}-${size}-${theme}.png`) });
        pictures++;
      } catch (error) {
        broken.push(String(error).split('\n')[0]);
      }
      const found = [
        ...broken,
        ...(await axeFaults(page)),
        ...(await page.evaluate(`(() => {${FAULTS}\nreturn findFaults(${device.hasTouch ?? false});})()`)),
      ];
      faults += found.length;
      if (found.length > 0) console.log(`${name} · ${size} · ${theme}\n${found.map((line) => `  ${line}`).join('\n')}`);
      await context.close();
    }
  }
}
await browser.close();
server.removeAllListeners('exit');
if (values.keep) {
  for (const [kept, from] of Object.entries(KEPT)) {
    const picture = join(folder, `${from}.png`);
    if (existsSync(picture)) copyFileSync(picture, join(root, 'docs/screenshots', `${kept}.png`));
  }
}
console.log(`${pictures} pictures in look/, ${faults} things to look at`);
process.exit(0);
