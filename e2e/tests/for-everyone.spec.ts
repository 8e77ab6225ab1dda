import { expect, test, type Baker } from './baker';

const SCREENS: Readonly<Record<string, (baker: Baker) => Promise<void>>> = {
  shelf: async ({ page }) => {
    await expect(page.getByRole('table')).toBeVisible();
  },
  'shelf with a refusal': async ({ page }) => {
    await page.getByRole('textbox', { name: 'Paste a formula' }).fill('milk\neggs');
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByRole('status')).toContainText('no amounts');
  },
  'bench with a line not understood': async (baker) => {
    await baker.takesFromShelf('Pear and cardamom loaf');
    await baker.line('1/4 cup plain yogurt').fill('1/4 cup zorblax');
    await expect(baker.readings.getByText(/zorblax/).first()).toBeVisible();
  },
  'keeping a version': async (baker) => {
    await baker.takesFromShelf('Oat farls');
    await baker.name.fill('Oat farls, thinner');
    await baker.page.getByRole('button', { name: 'Keep version 2' }).click();
    await expect(baker.page.getByRole('dialog')).toBeVisible();
  },
  oven: async (baker) => {
    await baker.takesFromShelf('Pear and cardamom loaf');
    await baker.goesTo('Oven');
    await expect(baker.window).toBeVisible();
  },
  'oven without a pan': async (baker) => {
    await baker.takesFromShelf('Leek and hard-cheese drop biscuits');
    await baker.goesTo('Oven');
    await expect(baker.page.getByText(/Which pan\?/)).toBeVisible();
  },
  keys: async ({ page }) => {
    await page.getByRole('button', { name: 'Keys' }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
  },
};

for (const theme of ['day', 'night'] as const) {
  for (const [name, show] of Object.entries(SCREENS)) {
    test(`axe finds nothing serious: ${name}, ${theme}`, async ({ baker, page }) => {
      await page.emulateMedia({ colorScheme: theme === 'night' ? 'dark' : 'light', reducedMotion: 'reduce' });
      await baker.opens();
      await show(baker);
      await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
      expect(await baker.faultsForReaders()).toEqual([]);
    });
  }
}

test('night is the baker’s choice and outlives a reload', async ({ baker, page }) => {
  await baker.opens();
  await page.getByRole('button', { name: 'Night, for a dark kitchen' }).click();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'night');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'night');
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

  test('the sheet comes first and the readings lie under a handle that shows the figure that matters', async ({
    baker,
    page,
  }) => {
    await baker.opens();
    await baker.takesFromShelf('Pear and cardamom loaf');
    await expect(baker.readings).toBeHidden();
    const handle = page.getByRole('button', { name: /3\.2 g soda left over/ });
    await handle.tap();
    await expect(baker.readings).toBeVisible();
    await page.getByRole('button', { name: 'Back to the sheet' }).tap();
    await expect(baker.readings).toBeHidden();
    expect(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth)).toBe(true);
  });
});
