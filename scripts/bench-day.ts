import type { Browser } from '@playwright/test';

/* A task dragged on the regatta's day, and a drawing of twenty batches over two days. */

const root = process.cwd();
const { fillDay, scrollAndWatch, watchDrag } = (await import(`${root}/scripts/day-and-watch.mjs`)) as {
  fillDay: (count: number) => Promise<void>;
  watchDrag: (named: string) => void;
  scrollAndWatch: (
    frames: number,
  ) => Promise<{ readonly taken: readonly number[]; readonly long: number; readonly seen: number }>;
};
interface Dragged {
  readonly up: number;
  readonly shown: number;
  readonly planned: number;
  readonly longTask: number;
  readonly still: number;
}
const MANY = 20;
const FRAMES = 240;

export async function benchDay(browser: Browser, address: string): Promise<void> {
  const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await page.goto(`${address}/day`);
  const mixing = page.getByRole('listitem', { name: /Mix: pear/ });
  await mixing.waitFor({ timeout: 60_000 });
  // the planner is done, so that what is measured is the drag
  await page.waitForTimeout(15_000);
  await mixing.scrollIntoViewIfNeeded();
  const box = await mixing.locator('rect').boundingBox();
  if (!box) throw new Error('not drawn');
  await page.evaluate(watchDrag, 'Mix: pear');
  const [x, y] = [box.x + box.width / 2, box.y + 20];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x - 40, y, { steps: 12 });
  await page.mouse.up();
  // until every round of the new plan is drawn
  await page.waitForTimeout(8000);
  const dragged = await page.evaluate<Dragged>('(window.orvinDrag.watching = false, window.orvinDrag)');
  console.log(`a task dragged on the regatta’s day: held where it was put after ${(dragged.shown - dragged.up).toFixed(0)} ms, the first plan around it shown after ${(dragged.planned - dragged.up).toFixed(0)} (goal 300); no task of the page longer than ${Math.max(50, dragged.longTask).toFixed(0)} ms (goal 50), no frame than ${dragged.still.toFixed(0)}`); // prettier-ignore

  await page.evaluate(fillDay, MANY);
  await page.goto(`${address}/day`);
  await page.locator('orv-day-picture svg').waitFor({ timeout: 120_000 });
  await page.waitForTimeout(15_000);
  const { taken, long, seen } = await page.evaluate(scrollAndWatch, FRAMES);
  const sorted = taken.slice(5).toSorted((a, b) => a - b);
  const at = (share: number) => (sorted[Math.floor(share * (sorted.length - 1))] ?? NaN).toFixed(0);
  console.log(`${MANY} batches over two days, ${long} px of them seen through ${seen}, scrolled: a frame in ${at(0.5)} ms, one in twenty ${at(0.95)}, the slowest ${at(1)} (goal 17)`); // prettier-ignore
  await page.context().close();
}
