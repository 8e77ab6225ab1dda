import type { Browser, Page } from '@playwright/test';
import { heldMegabytes } from './bench-place.js';

/* A scale that speaks to a page, and two hours of a probe: how soon, how much of a processor, how much memory. */

const root = process.cwd();
const { bakeAndWatch, pourAndWatch, takeTheLine } = (await import(`${root}/scripts/instruments-and-watch.mjs`)) as {
  takeTheLine: () => void;
  pourAndWatch: (weights: readonly number[]) => Promise<number[]>;
  bakeAndWatch: (said: { readonly seconds: number; readonly every: number; readonly from: number }) => Promise<void>;
};
const TWO_HOURS = 7200;
/** As fast as it is said, and then at the pace of the clock. */
const QUICK = 6600;
const AT_PACE = 30;

/** Seconds of a processor that all pages and their workers have taken. */
async function taken(browser: Browser): Promise<number> {
  const session = await browser.newBrowserCDPSession();
  const { processInfo } = await session.send('SystemInfo.getProcessInfo');
  await session.detach();
  return processInfo.filter(({ type }) => type === 'renderer').reduce((sum, { cpuTime }) => sum + cpuTime, 0);
}
/** By the space bar, until the place that the walk is at reads so. */
async function walkTo(page: Page, where: RegExp): Promise<void> {
  for (let step = 0; step < 60; step++) {
    if (where.test(await page.locator('.place').innerText())) return;
    await page.keyboard.press('Space');
    await page.waitForTimeout(120);
  }
  throw new Error(`never at ${String(where)}`);
}

export async function benchInstruments(browser: Browser, address: string): Promise<void> {
  const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await page.addInitScript(takeTheLine);
  await page.goto(`${address}/bake`);
  await page.getByRole('combobox', { name: 'Another one' }).selectOption({ label: 'Rhubarb & ginger muffins' });
  await page.getByRole('button', { name: 'Bake it along' }).click();
  await page.locator('footer .forward').waitFor();
  await walkTo(page, /^weighing/);
  await page.getByRole('button', { name: 'Simulated instruments' }).click();
  const pours = (await page.evaluate(pourAndWatch, Array.from({ length: 120 }, (_, i) => 1.5 * (i + 1)))).toSorted((a, b) => a - b); // prettier-ignore
  console.log(`from the scale’s word to the frame that shows it: median ${(pours[60] ?? NaN).toFixed(0)} ms, slowest of 120 ${(pours.at(-1) ?? NaN).toFixed(0)} ms (goal 100)`); // prettier-ignore

  await page.locator('.place').click();
  await page.getByRole('button', { name: /Into the oven/ }).click();
  await page.locator('footer .forward').click();
  const session = await page.context().newCDPSession(page);
  await page.evaluate('window.orvinBegan = Date.now() / 1000');
  await page.evaluate(bakeAndWatch, { seconds: 60, every: 5, from: 1 });
  await page.waitForTimeout(6000);
  const before = await heldMegabytes(session);
  const busyBefore = await taken(browser);
  await page.evaluate(bakeAndWatch, { seconds: QUICK, every: 4, from: 61 });
  await page.waitForTimeout(2000);
  const busy = (await taken(browser)) - busyBefore;
  const shareOf = async (act: () => Promise<void>) => {
    const began = await taken(browser);
    await act();
    return (100 * ((await taken(browser)) - began)) / AT_PACE;
  };
  // its clocks run on all the same: what nobody says anything to takes is not the instruments'
  const silent = await shareOf(() => page.waitForTimeout(AT_PACE * 1000));
  const spoken = await shareOf(() => page.evaluate(bakeAndWatch, { seconds: AT_PACE, every: 1000, from: 61 + QUICK })); // prettier-ignore
  const after = await heldMegabytes(session);
  console.log(`two hours of a probe and a thermometer, once a second: ${(after - before).toFixed(1)} MB more held (${after.toFixed(1)} in all, goal 50)`); // prettier-ignore
  console.log(`  of a processor: ${((100 * busy) / QUICK).toFixed(2)} % for two hours said at once; in a minute at the end ${spoken.toFixed(1)} % with its words, ${silent.toFixed(1)} % of them while nobody speaks (goal 2 for the words)`); // prettier-ignore
  if (QUICK + AT_PACE > TWO_HOURS) throw new Error('more than two hours');
  await page.context().close();
}
