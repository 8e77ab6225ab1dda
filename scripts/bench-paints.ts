import type { Browser, BrowserContext, Page } from '@playwright/test';
import { STATIONS } from './bench-stations.js';

/*
 * How much every station loads and how soon it stands, at a quarter of this machine's speed, and how long what is touched takes to be
 * seen, at its own. Each station is opened by its own address in a browser that has never been here: nothing is kept from another.
 */

const root = process.cwd();
const { watchPaints } = (await import(`${root}/scripts/paints-and-watch.mjs`)) as { watchPaints: () => void };

interface Paints {
  readonly largest: number;
  readonly shift: number;
  readonly tasks: readonly number[];
  readonly touches: readonly number[];
}
const SLOWER = 4;
const SETTLED = 6000;
/** A task shorter than this blocks nobody. @source the usual definition of total blocking time */
const SHORT_TASK = 50;

const seen = (page: Page) => page.evaluate<Paints>('window.orvinPaints');

interface Weight {
  /** Bytes of compressed JavaScript that the page fetches until it wants nothing more; its workers fetch beside it. */
  readonly scripts: number;
  /** The same with the headers of every answer. */
  readonly overTheWire: number;
}
async function weighed(browser: Browser, url: string): Promise<Weight> {
  const page = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  let scripts = 0;
  let overTheWire = 0;
  const asked = new Set<string>();
  session.on('Network.responseReceived', ({ requestId, response }) => {
    if (!response.mimeType.includes('javascript')) return;
    asked.add(requestId);
    scripts += Number(new Headers(response.headers).get('content-length'));
  });
  session.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (asked.has(requestId)) overTheWire += encodedDataLength;
  });
  await page.goto(url);
  await page.locator('main > :not(router-outlet)').first().waitFor();
  await page.waitForLoadState('networkidle');
  await page.context().close();
  return { scripts, overTheWire };
}

async function visit(context: BrowserContext, url: string, slower: number): Promise<Page> {
  const page = await context.newPage();
  await page.addInitScript(watchPaints);
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: slower });
  await page.goto(url);
  await page.locator('main > :not(router-outlet)').first().waitFor();
  await page.waitForTimeout(SETTLED);
  return page;
}

/** In words: how soon the address stands at a quarter of the speed, and how long a touch takes at full speed. */
export async function paintsOf(
  contextFor: () => Promise<BrowserContext>,
  url: string,
  touch: (page: Page) => Promise<void>,
): Promise<string> {
  const slow = await visit(await contextFor(), url, SLOWER);
  const { largest, shift, tasks } = await seen(slow);
  await slow.close();
  const page = await visit(await contextFor(), url, 1);
  await touch(page);
  await page.waitForTimeout(1000);
  const { touches } = await seen(page);
  await page.close();
  const blocking = tasks.reduce((sum, task) => sum + Math.max(0, task - SHORT_TASK), 0);
  return `paint ${figure(largest)} ms   blocking ${figure(blocking)} ms   longest ${figure(Math.max(0, ...tasks))} ms   shift ${shift.toFixed(3)}   slowest touch ${touches.length > 0 ? `${figure(Math.max(...touches))} ms` : 'under 16 ms'}`; // prettier-ignore
}
const figure = (value: number) => value.toFixed(0).padStart(5);

export async function benchPaints(browser: Browser, address: string): Promise<void> {
  console.log(`compressed JavaScript of a first visit, demo and all (goal 330 kB for the Shelf, 380 for another station); at a ${SLOWER}th of the speed: largest paint (goal 2500 ms), blocking (300), longest task (300), shift (0.02); a touch at full speed (100)`); // prettier-ignore
  for (const [name, { path, touch }] of Object.entries(STATIONS)) {
    const { scripts, overTheWire } = await weighed(browser, `${address}${path}`);
    const contexts: BrowserContext[] = [];
    const fresh = async () => {
      const context = await browser.newContext({ serviceWorkers: 'block' });
      contexts.push(context);
      return context;
    };
    const paints = await paintsOf(fresh, `${address}${path}`, touch);
    for (const context of contexts) await context.close();
    console.log(
      `${name.padEnd(8)} ${figure(scripts / 1000)} kB, with headers ${figure(overTheWire / 1000)}   ${paints}`,
    );
  }
}
