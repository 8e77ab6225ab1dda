import { expect, test } from './baker';

/* On the day itself, with the clock of the page set to its morning. */

test('the next act counts down; done moves on; running late plans again from now, and undo brings the morning back', async ({
  baker,
  page,
}) => {
  // a Saturday at six: the regatta of the demo is today
  await page.clock.install({ time: new Date('2026-11-28T06:00:00') });
  await baker.opens();
  await page.getByRole('link', { name: 'Day', exact: true }).click();
  await page.clock.resume();
  const begin = page.locator('.facts').getByText(/begin/);
  await expect(begin).toBeVisible({ timeout: 60_000 });
  const first = await page.locator('.figure').innerText();
  expect(first).toMatch(/^\d\d:\d\d$/);
  const heading = page.locator('orv-now-strip h2');
  const act = await heading.innerText();
  // half an hour behind its first act, and nothing done
  await page.clock.setSystemTime(new Date(`2026-11-28T${first}:00`).getTime() + 30 * 60_000);
  await page.reload();
  await expect(page.locator('.figure')).toHaveText('-30 min', { timeout: 60_000 });
  await page.getByRole('button', { name: 'Done', exact: true }).first().click();
  await expect(heading).not.toHaveText(act);
  const late = page.getByRole('button', { name: 'Running late? Plan again' });
  if (await late.isVisible()) {
    await late.click();
    await expect(page.getByText(/each deadline is kept on|The day is/).first()).toBeVisible({ timeout: 60_000 });
    await page.keyboard.press('Control+z');
  }
  await page.keyboard.press('Control+z');
  await expect(heading).toHaveText(act, { timeout: 60_000 });
});

test('on a phone the day is a list under the thumb, and a tap says done', async ({ baker, page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await baker.opens();
  await page.getByRole('link', { name: 'Day', exact: true }).click();
  const tick = page.getByRole('button', { name: /^Done: Weigh/ }).first();
  await tick.waitFor({ timeout: 60_000 });
  const box = await tick.boundingBox();
  expect(Math.min(box?.width ?? 0, box?.height ?? 0)).toBeGreaterThanOrEqual(44);
  await tick.click();
  await expect(tick).toHaveAttribute('aria-pressed', 'true');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});
