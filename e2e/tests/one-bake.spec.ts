import { expect, test } from './baker';

test('an oven that was read gives the same minutes at the Oven, on the Batch and on the sheet, and the method does not contradict them', async ({
  baker,
  page,
}) => {
  await baker.opens();
  await baker.takesFromShelf('Pear and cardamom loaf');
  await baker.goesTo('Oven');
  await baker.forgetsTheOven();
  await expect(baker.window).toHaveText('53–62 min');
  const before = await baker.minutesShown();
  await page.getByRole('textbox', { name: 'reads' }).fill('196');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect.poll(async () => (await baker.minutesShown())[0]).toBeLessThan(before[0]);
  const [low, high] = await baker.minutesShown();
  const window = `${low}–${high} min`;

  await baker.goesTo('Batch');
  const pans = page.getByRole('region', { name: 'In the pans, to scale' });
  await expect(pans.getByText(window)).toBeVisible();
  await page.getByRole('link', { name: 'This batch as it stands' }).click();
  const sheet = page.getByRole('article', { name: 'Batch sheet' });
  await expect(sheet.locator('.pan').getByText(window)).toBeVisible();
  // the method said 55 to 60 minutes: struck, with this oven's in its place
  await expect(sheet.locator('del', { hasText: '55 to 60 minutes' })).toBeVisible();
  await expect(sheet.locator('ins', { hasText: window })).toBeVisible();
});

test('a batch in other pans is what the Oven begins from, and its sheet names those pans', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf('Pear and cardamom loaf');
  await baker.goesTo('Batch');
  await baker.wants('24 muffins');
  const pans = page.getByRole('region', { name: 'In the pans, to scale' });
  await expect(pans.getByText(/\d+–\d+ min/)).toBeVisible();
  const words = await pans.getByText(/\d+–\d+ min/).innerText();
  await page.getByRole('link', { name: 'This batch as it stands' }).click();
  const steps = page.getByRole('article', { name: 'Batch sheet' }).getByRole('list').first();
  await expect(steps.locator('ins').first()).toContainText(/muffin cups|min|°C/);
  await baker.goesTo('Oven');
  const [low, high] = await baker.minutesShown();
  expect(`${low}–${high} min`).toBe(words);
});
