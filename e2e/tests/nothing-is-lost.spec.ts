import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { expect, test } from './baker.js';

const TITLE = 'Farls that must not be lost';

/** What the browser's disk holds as the name of a formula. */
const titlesOnDisk = (page: Page) =>
  page.evaluate(
    () =>
      new Promise<readonly string[]>((done) => {
        const open = indexedDB.open('orvin');
        open.onsuccess = () => {
          const all = open.result.transaction('formulas').objectStore('formulas').getAll();
          all.onsuccess = () => {
            open.result.close();
            done(
              (all.result as { readonly formula: { readonly title: string } }[]).map(({ formula }) => formula.title),
            );
          };
        };
      }),
  );

test.describe('a browser that is killed', () => {
  /** A whole browser of its own, whose processes can be killed at once, as a power cut does. */
  async function started(profile: string): Promise<{ readonly page: Page; readonly kill: () => Promise<void> }> {
    const args = ['--headless', '--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking', `--user-data-dir=${profile}`, '--remote-debugging-port=0', '--window-size=1280,800', 'about:blank']; // prettier-ignore
    const browser: ChildProcess = spawn(process.env['CHROME_BIN'] ?? '/usr/bin/chromium', args, { stdio: ['ignore', 'ignore', 'pipe'], detached: true }); // prettier-ignore
    const address = await new Promise<string>((found) => {
      let said = '';
      browser.stderr?.on('data', (chunk: Buffer) => {
        said += chunk.toString();
        const listening = /DevTools listening on (ws:\S+)/.exec(said)?.[1];
        if (listening !== undefined) found(listening);
      });
    });
    const connected = await chromium.connectOverCDP(address);
    const page = await connected.contexts()[0]?.newPage();
    if (!page) throw new Error('no page');
    const gone = new Promise<void>((done) => browser.on('exit', () => done()));
    return {
      page,
      kill: async () => {
        process.kill(-(browser.pid ?? 0), 'SIGKILL');
        await gone;
      },
    };
  }
  test('at the instant a keystroke is on the disk has it when it starts again', async ({ baseURL }) => {
    const profile = mkdtempSync(join(tmpdir(), 'orvin-killed-'));
    const first = await started(profile);
    await first.page.goto(`${baseURL ?? ''}/shelf`);
    await first.page.locator('main').getByRole('link', { name: 'Oat farls', exact: true }).click();
    await first.page.getByRole('textbox', { name: 'Name of the formula' }).fill(TITLE);
    await expect.poll(() => titlesOnDisk(first.page), { intervals: [5] }).toContain(TITLE);
    const address = first.page.url();
    await first.kill();
    const second = await started(profile);
    await second.page.goto(address);
    await expect(second.page.getByRole('textbox', { name: 'Name of the formula' })).toHaveValue(TITLE);
    await second.kill();
    rmSync(profile, { recursive: true, force: true });
  });
});

test('a full disk is said for as long as it is full; then what was typed is written', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf('Oat farls');
  const devtools = await page.context().newCDPSession(page);
  const origin = new URL(page.url()).origin;
  await devtools.send('Storage.overrideQuotaForOrigin', { origin, quotaSize: 1 });
  // the browser looks at what room there is only now and then
  await expect(async () => {
    await baker.name.fill(`${TITLE}, ${Date.now()}`);
    await expect(page.getByRole('alert')).toContainText('The last change is not stored.', { timeout: 1000 });
  }).toPass({ timeout: 60_000 });
  await baker.name.fill(TITLE);
  await baker.goesTo('Shelf');
  await expect(page.getByRole('alert')).toContainText('do not close this tab');
  await devtools.send('Storage.overrideQuotaForOrigin', { origin });
  await expect(page.getByText('The last change is not stored.')).toBeHidden({ timeout: 30_000 });
  await expect.poll(() => titlesOnDisk(page)).toContain(TITLE);
});

test('without local storage everything is kept all the same', async ({ baker, page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(globalThis, 'localStorage', {
      get: () => {
        throw new DOMException('denied', 'SecurityError');
      },
    });
  });
  await baker.opens();
  await baker.takesFromShelf('Oat farls');
  await baker.name.fill(TITLE);
  await expect.poll(() => titlesOnDisk(page)).toContain(TITLE);
  await page.reload();
  await expect(baker.name).toHaveValue(TITLE);
});

test('without any storage Orvin says that it keeps nothing, and works', async ({ baker, page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(globalThis, 'indexedDB', { value: undefined });
  });
  await baker.opens();
  await expect(page.getByRole('alert')).toContainText('This browser keeps nothing.');
  await baker.takesFromShelf('Oat farls');
  await baker.name.fill(TITLE);
  await baker.goesTo('Shelf');
  await expect(page.locator('main').getByRole('link', { name: TITLE })).toBeVisible();
});

test('what a later Orvin wrote is left untouched, and said', async ({ baker, page }) => {
  await page.goto('/ngsw.json').catch(() => undefined);
  await page.evaluate(
    () =>
      new Promise<void>((done) => {
        const open = indexedDB.open('orvin', 9990);
        open.onupgradeneeded = () => open.result.createObjectStore('formulas', { keyPath: 'id' }).put({ id: 'of-tomorrow' });
        open.onsuccess = () => {
          open.result.close();
          done();
        };
      }),
  ); // prettier-ignore
  await baker.opens();
  await expect(page.getByRole('alert')).toContainText('A later Orvin wrote what is kept here.');
  const kept = await page.evaluate(
    () =>
      new Promise<unknown[]>((done) => {
        const open = indexedDB.open('orvin');
        open.onsuccess = () => {
          const all = open.result.transaction('formulas').objectStore('formulas').getAll();
          all.onsuccess = () => done(all.result);
        };
      }),
  );
  expect(kept).toEqual([{ id: 'of-tomorrow' }]);
});

test('a clock that is set back by a year loses nothing, and the last word stands', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf('Oat farls');
  await baker.name.fill('Before the clock went back');
  await expect.poll(() => titlesOnDisk(page)).toContain('Before the clock went back');
  await page.clock.setSystemTime(Date.now() - 366 * 86_400_000);
  await page.reload();
  await baker.name.fill(TITLE);
  await expect.poll(() => titlesOnDisk(page)).toContain(TITLE);
  await page.reload();
  await expect(baker.name).toHaveValue(TITLE);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(baker.name).toHaveValue('Before the clock went back');
});

test('a part that cannot be fetched is said, with the way on, and nothing that was typed is lost', async ({
  baker,
  page,
  troubles,
}) => {
  await baker.opens();
  await baker.takesFromShelf('Oat farls');
  await baker.name.fill(TITLE);
  await page.route(/chunk-.*\.js/, (route) => route.abort());
  await page.getByRole('link', { name: 'Pantry', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('A part of Orvin cannot be fetched.');
  // what stands goes on
  await expect(baker.name).toHaveValue(TITLE);
  await page.unroute(/chunk-.*\.js/);
  await page.getByRole('button', { name: 'Reload' }).click();
  await expect(baker.name).toHaveValue(TITLE);
  await page.getByRole('link', { name: 'Pantry', exact: true }).click();
  await expect(page.getByRole('list', { name: 'By the way of filling' })).toBeVisible();
  const other = troubles.splice(0).filter((said) => !/ERR_FAILED|dynamically imported|NG0*750/.test(said));
  expect(other).toEqual([]);
});
