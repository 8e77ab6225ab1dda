import { expect, test } from './baker';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

test('the stations stand at the foot in reach of the thumb, whole words, and nothing is wider than the screen', async ({
  baker,
  page,
}) => {
  await baker.opens();
  await baker.takesFromShelf('Parsnip and hazelnut cake, browned-butter frosting');
  const stations = page.getByRole('navigation', { name: 'Stations' });
  for (const station of ['Shelf', 'Bench', 'Batch', 'Oven'] as const) {
    const box = await stations.getByRole('link', { name: station, exact: true }).boundingBox();
    expect(box?.y ?? 0).toBeGreaterThan(844 - 60);
    expect(box?.height ?? 0).toBeGreaterThanOrEqual(44);
  }
  for (const station of ['Batch', 'Oven', 'Pantry', 'Bench', 'Shelf'] as const) {
    await baker.goesTo(station);
    const wider = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(wider, station).toBe(0);
  }
});

test('undo is on the strip; redo, night, keys and what was said are under More', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf('Oat farls');
  await baker.name.fill('Quay farls');
  await page.getByRole('button', { name: 'Undo the name' }).click();
  await expect(baker.name).toHaveValue('Oat farls');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('group', { name: 'More' }).getByRole('button', { name: 'Redo the name' }).click();
  await expect(baker.name).toHaveValue('Quay farls');
  await page
    .getByRole('group', { name: 'More' })
    .getByRole('button', { name: /^Night/ })
    .click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'night');
});

test('what is said in passing covers no station and no button', async ({ baker, page }) => {
  await baker.opens();
  await page.getByRole('button', { name: 'Take Pear and cardamom loaf off the shelf' }).click();
  const said = page.getByRole('alert').filter({ hasText: 'Pear and cardamom loaf is off the shelf' });
  await expect(said).toBeVisible();
  const box = await said.boundingBox();
  for (const name of ['Shelf', 'Pantry'] as const) {
    const station = await page.getByRole('link', { name, exact: true }).boundingBox();
    expect((box?.y ?? 0) + (box?.height ?? 0)).toBeLessThanOrEqual(station?.y ?? 0);
  }
  await said.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('main').getByRole('link', { name: 'Pear and cardamom loaf', exact: true })).toBeVisible();
});

test('between a phone and a laptop the rail stays within the screen, in both languages', async ({ page }) => {
  const rail = page.locator('orv-rail');
  for (const language of ['', '/de']) {
    await page.goto(`${language}/oven/demo-pear-cardamom-loaf`);
    await expect(rail.getByRole('link')).not.toHaveCount(0);
    for (const width of [561, 640, 740, 820]) {
      await page.setViewportSize({ width, height: 900 });
      const wider = () => rail.evaluate((its) => its.scrollWidth - innerWidth); // prettier-ignore
      await expect.poll(wider, `${language} ${width}`).toBeLessThanOrEqual(0);
    }
  }
});
