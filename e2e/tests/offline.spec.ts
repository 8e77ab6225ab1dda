import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { expect, test } from './baker';

const ROOT = fileURLToPath(new URL('../..', import.meta.url));

test.use({ serviceWorkers: 'allow' });

interface Told {
  readonly assetGroups: readonly { readonly installMode: string; readonly urls: readonly string[] }[];
}
/** Every file that is fetched ahead: the program, then what it is set in. One that cannot be fetched leaves the visit without any. */
const AHEAD = (JSON.parse(readFileSync(join(ROOT, 'dist/app/ngsw.json'), 'utf8')) as Told).assetGroups
  .filter(({ installMode }) => installMode === 'prefetch')
  .flatMap(({ urls }) => urls);
/** How many of the files that are fetched ahead the browser keeps. */
const filesKept = (page: Page) =>
  page.evaluate(async (ahead) => {
    const kept = await Promise.all(ahead.map((file) => caches.match(file)));
    return kept.filter((file) => file !== undefined).length;
  }, AHEAD);

test('nobody waits for what is fetched ahead: in the first seconds of a first visit a formula opens', async ({ baker, page }) => {
  await baker.opens();
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await baker.takesFromShelf('Oat farls');
  await expect(baker.lines.first()).toBeVisible();
  expect(await filesKept(page)).toBeLessThan(AHEAD.length);
}); // prettier-ignore

test('after the first visit Orvin starts and works with the network off', async ({ baker, context, page }) => {
  await baker.opens();
  await expect(page.getByRole('row')).toHaveCount(13);
  await expect.poll(() => filesKept(page), { timeout: 60_000 }).toBe(AHEAD.length);

  await context.setOffline(true);
  await page.reload();
  await expect(page.getByRole('row')).toHaveCount(13);
  await baker.pastes(
    'Ferry scones\n250 g self-raising flour\n50 g butter\n150 ml milk\n1 tbsp sugar\nBake at 220 °C for 12 minutes',
  );
  await expect(baker.lines).toHaveCount(4);
  await page.reload();
  await expect(baker.name).toHaveValue('Ferry scones');
  await baker.goesTo('Shelf');
  await baker.takesFromShelf('Pear and cardamom loaf');
  await baker.goesTo('Oven');
  await expect(baker.window).toHaveText(/^\d\d–\d\d min$/);
  expect(await page.evaluate(() => document.fonts.check('16px "Atkinson Hyperlegible Next Variable"'))).toBe(true);
  await context.setOffline(false);
});

test('brought up to date in mid-bake, the bake goes on; the next start is the newer one, at the same step', async ({
  baker,
  context,
  page,
}) => {
  // an Orvin of its own, which is brought up to date while it stands open
  const folder = mkdtempSync(join(tmpdir(), 'orvin-served-'));
  cpSync(join(ROOT, 'dist/app'), folder, { recursive: true });
  const { address, stop } = await served(folder);
  const isNewer = () => page.evaluate(() => document.querySelector('meta[name=newer]') !== null);
  try {
    await baker.opens(`${address}/`);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.reload();
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
    await baker.takesFromShelf('Oat farls');
    await page.getByRole('link', { name: 'Bake', exact: true }).click();
    await page.getByRole('button', { name: 'Bake it along' }).click();
    await expect(page.locator('.place')).toBeVisible();
    await page.keyboard.press('Space');
    await page.keyboard.press('Space');
    await expect(page.locator('.place')).toHaveText(/3 of/);

    broughtUpToDate(folder);
    const other = await context.newPage();
    await other.goto(`${address}/pantry`);
    const versions = async () =>
      (await other.evaluate(async () => (await fetch('/ngsw/state')).text())).split('=== Version').length - 1;
    await expect.poll(versions, { timeout: 30_000 }).toBe(2);
    await other.close();
    // nobody is told of it while hands are in the dough
    await expect(page.getByText('A newer Orvin is here.')).toBeHidden();
    await expect(page.locator('.place')).toHaveText(/3 of/);
    await page.keyboard.press('Space');
    await expect(page.locator('.place')).toHaveText(/4 of/);
    expect(await isNewer()).toBe(false);

    await page.getByRole('link', { name: 'Leave' }).click();
    await expect(page.getByText('A newer Orvin is here.')).toBeVisible();
    await page.getByRole('button', { name: 'Reload' }).click();
    await expect.poll(isNewer).toBe(true);
    await page.getByRole('region', { name: 'Under way' }).getByRole('link').click();
    await expect(page.locator('.place')).toHaveText(/4 of/);
  } finally {
    stop();
    rmSync(folder, { recursive: true, force: true });
  }
});

/** Orvin's server over a folder, in a process of its own. */
async function served(folder: string): Promise<{ readonly address: string; readonly stop: () => void }> {
  const code = `await import('@angular/localize/init'); const { buildServer } = await import('./server/src/app.ts');
    console.log(await (await buildServer(process.argv[1])).listen({ port: 0, host: '127.0.0.1' }));`;
  const server = spawn(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', code, folder], { cwd: ROOT, stdio: ['ignore', 'pipe', 'inherit'] });
  const address = await new Promise<string>((found) => server.stdout.on('data', (said: Buffer) => found(said.toString().trim())));
  return { address, stop: () => void server.kill() };
} // prettier-ignore

/** Another index in the same folder, with its hash in the list that the browser asks for. */
function broughtUpToDate(folder: string): void {
  const [index, list] = [join(folder, 'index.html'), join(folder, 'ngsw.json')];
  const newer = readFileSync(index, 'utf8').replace('</head>', '<meta name="newer" content="yes"></head>');
  const manifest = JSON.parse(readFileSync(list, 'utf8')) as { timestamp: number; hashTable: Record<string, string> };
  manifest.timestamp++;
  manifest.hashTable['/index.html'] = createHash('sha1').update(newer).digest('hex');
  writeFileSync(index, newer);
  writeFileSync(list, JSON.stringify(manifest));
  for (const file of [index, list]) for (const packed of ['.br', '.gz']) rmSync(`${file}${packed}`, { force: true });
}
