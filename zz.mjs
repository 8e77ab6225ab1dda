import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: ['--no-sandbox'] });
const p = await (await b.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })).newPage();
const t = Date.now(); let last = '';
await p.goto('http://127.0.0.1:4655/day');
const n = Number(process.argv[2] ?? 40);
while (Date.now() - t < n * 1000) {
  const s = (await p.locator('.sure').allTextContents()).join('|') + ' ' + (await p.locator('orv-day-picture svg').count());
  if (s !== last) { console.log(((Date.now() - t) / 1000).toFixed(1), s); last = s; }
  await p.waitForTimeout(100);
}
await p.screenshot({ path: '/tmp/zz.png' });
await b.close();
