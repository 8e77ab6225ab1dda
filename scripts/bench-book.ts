import type { Browser, CDPSession } from '@playwright/test';

/* The Book of years: ten thousand bakes, two thousand photos. How soon it stands, each key of a search, and memory while it is scrolled. */

const root = process.cwd();
const { fillBook, fillPhotos, openAndSearch, scrollThrough } = (await import(`${root}/scripts/book-and-watch.mjs`)) as {
  fillBook: (count: number) => Promise<void>;
  fillPhotos: (count: number) => Promise<number>;
  openAndSearch: (words: string) => Promise<{ readonly open: number; readonly keys: readonly number[] }>;
  scrollThrough: (steps: number) => Promise<void>;
};
const BAKES = 10_000;
const PHOTOS = 2000;
const MEGABYTE = 1_048_576;
/** Rows from the latest to the first and back, so often. */
const ROUNDS = 3;
const STEPS = 120;

/** What the page holds on to once all that can go is gone, MB. */
async function heldMegabytes(session: CDPSession): Promise<number> {
  await session.send('HeapProfiler.collectGarbage');
  const { metrics } = await session.send('Performance.getMetrics');
  return (metrics.find(({ name }) => name === 'JSHeapUsedSize')?.value ?? NaN) / MEGABYTE;
}

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
  await session.send('Performance.enable');
  await page.evaluate(scrollThrough, STEPS);
  const held = [await heldMegabytes(session)];
  for (let round = 0; round < ROUNDS; round++) {
    await page.evaluate(scrollThrough, STEPS);
    held.push(await heldMegabytes(session));
  }
  console.log(
    `scrolled through and back ${ROUNDS + 1} times: ${held.map((each) => each.toFixed(1)).join(', ')} MB held`,
  );
  await page.context().close();
}
