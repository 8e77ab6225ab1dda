import type { Browser } from '@playwright/test';
import { heldMegabytes, MEGABYTE } from './bench-place.js';

/* The Book of years: ten thousand bakes, two thousand photos. How soon it stands, each key of a search, and memory while it is scrolled. */

const root = process.cwd();
const { fillBook, fillPhotos } = (await import(`${root}/scripts/fill-kitchen.mjs`)) as {
  fillBook: (count: number) => Promise<void>;
  fillPhotos: (count: number) => Promise<number>;
};
const { openAndSearch, scrollThrough, watchStillness } = (await import(`${root}/scripts/book-and-watch.mjs`)) as {
  openAndSearch: (words: string) => Promise<{ readonly open: number; readonly keys: readonly number[] }>;
  scrollThrough: (steps: number) => Promise<void>;
  watchStillness: () => void;
};
const BAKES = 10_000;
const PHOTOS = 2000;
/** Rows from the latest to the first and back, so often. */
const ROUNDS = 3;
const STEPS = 120;

export async function benchBook(browser: Browser, address: string): Promise<void> {
  const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await page.goto(`${address}/shelf`);
  await page.getByRole('table').waitFor();
  await page.evaluate(fillBook, BAKES);
  const megabytes = (await page.evaluate(fillPhotos, PHOTOS)) / MEGABYTE;
  const since = performance.now();
  await page.goto(`${address}/shelf`);
  await page.getByRole('table').waitFor();
  const shelf = performance.now() - since;
  await page.waitForTimeout(8000);
  const { open, keys } = await page.evaluate(openAndSearch, 'pear, 177, soapy');
  const [median, worst] = [keys[Math.floor(keys.length / 2)] ?? 0, keys.at(-1) ?? 0];
  console.log(`10,000 bakes, 2,000 photos (${megabytes.toFixed(0)} MB): Shelf ${shelf.toFixed(0)} ms, Book ${open.toFixed(0)} ms (goal 500), a key of the search ${median.toFixed(0)} ms, the slowest ${worst.toFixed(0)} (goal 50)`); // prettier-ignore
  await page.getByRole('searchbox').fill('');
  const session = await page.context().newCDPSession(page);
  await page.evaluate(scrollThrough, STEPS);
  const held = [await heldMegabytes(session)];
  for (let round = 0; round < ROUNDS; round++) {
    await page.evaluate(scrollThrough, STEPS);
    held.push(await heldMegabytes(session));
  }
  console.log(
    `scrolled through and back ${ROUNDS + 1} times: ${held.map((each) => each.toFixed(1)).join(', ')} MB held`,
  );
  const writing = performance.now();
  const download = page.waitForEvent('download', { timeout: 300_000 });
  await page.getByRole('button', { name: 'The whole Book, with photos' }).click();
  const path = await (await download).path();
  const wrote = performance.now() - writing;
  const heldAfter = await heldMegabytes(session);
  await page.evaluate(watchStillness);
  const reading = performance.now();
  await page.locator('.out input[type=file]').setInputFiles(path);
  await page.getByText(/there already|differ stand beside/).waitFor({ timeout: 300_000 });
  const read = performance.now() - reading;
  const still = await page.evaluate(() => (globalThis as unknown as { longestStill: number }).longestStill);
  console.log(`the whole Book: written in ${(wrote / 1000).toFixed(1)} s, ${heldAfter.toFixed(1)} MB held after; read back in ${(read / 1000).toFixed(1)} s, never still for more than ${still.toFixed(0)} ms`); // prettier-ignore
  await page.context().close();
}
