import type { Browser } from '@playwright/test';
import { heldMegabytes, MEGABYTE } from './bench-place.js';
import { paintsOf } from './bench-paints.js';
import { STATIONS } from './bench-stations.js';

/*
 * A kitchen of years: five hundred formulas, ten thousand bakes, two thousand photos. How soon each station stands in it at a quarter of
 * this machine's speed, in a browser that has the application; then an hour's work in as little time as it takes, and the memory held.
 */

const root = process.cwd();
const { fillBook, fillFormulas, fillPhotos } = (await import(`${root}/scripts/fill-kitchen.mjs`)) as {
  fillBook: (count: number) => Promise<void>;
  fillFormulas: (count: number) => Promise<void>;
  fillPhotos: (count: number) => Promise<number>;
};
const FORMULAS = 500;
const BAKES = 10_000;
const PHOTOS = 2000;
/** Through all stations so often: an hour of a baker who goes to another every forty seconds. */
const ROUNDS = 12;

export async function benchLarge(browser: Browser, address: string): Promise<void> {
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.goto(`${address}/shelf`);
  await page.getByRole('table').waitFor();
  await page.evaluate(fillFormulas, FORMULAS);
  await page.evaluate(fillBook, BAKES);
  const bytes = await page.evaluate(fillPhotos, PHOTOS);
  await page.close();
  console.log(`${FORMULAS} formulas, ${BAKES} bakes, ${PHOTOS} photos (${(bytes / MEGABYTE).toFixed(0)} MB); at a quarter of the speed: largest paint (goal 1800 ms), blocking (200), shift (0.02); a touch at full speed (100)`); // prettier-ignore
  for (const [name, { path, touch }] of Object.entries(STATIONS))
    console.log(`${name.padEnd(8)} ${await paintsOf(() => Promise.resolve(context), `${address}${path}`, touch)}`);

  const working = await context.newPage();
  const session = await context.newCDPSession(working);
  await working.goto(`${address}/shelf`);
  const megabytes: number[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    for (const { path, touch } of Object.values(STATIONS)) {
      // within the application, as its own links do: nothing is loaded anew
      await working.evaluate((to) => {
        globalThis.history.pushState({}, '', to);
        globalThis.dispatchEvent(new PopStateEvent('popstate'));
      }, path);
      await working.waitForTimeout(1500);
      await touch(working);
    }
    megabytes.push(await heldMegabytes(session));
  }
  console.log(`${ROUNDS} rounds through all stations: ${megabytes.map((each) => each.toFixed(1)).join(', ')} MB held`);
  await context.close();
}
