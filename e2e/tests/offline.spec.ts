import { expect, test } from './baker';

test.use({ serviceWorkers: 'allow' });

test('after the first visit Orvin starts and works with the network off', async ({ baker, context, page }) => {
  await baker.opens();
  await expect(page.getByRole('row')).toHaveCount(13);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await page.reload();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  await expect
    .poll(() => page.evaluate(async () => (await fetch('/ngsw/state')).text()), { timeout: 30_000 })
    .toContain('Driver state: NORMAL');

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
