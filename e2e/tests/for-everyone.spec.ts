import { expect, test, type Baker } from './baker';

/** It names nothing that it is baked in. */
const NO_PAN = 'Quay sponge\n200 g self-raising flour\n120 g butter\n120 g caster sugar\n2 medium eggs';

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
    await expect(baker.page.locator('.working')).toHaveCount(0);
  },
  'oven, ways compared': async (baker) => {
    await baker.takesFromShelf('Pear and cardamom loaf');
    await baker.goesTo('Oven');
    await baker.page.getByRole('tab', { name: 'Compare' }).click();
    await baker.page.getByRole('button', { name: '12-cup muffin tin' }).click();
    await expect(baker.page.locator('orv-chart [data-ready=true]')).toBeVisible();
    await expect(baker.page.getByText(/Done first/)).toBeVisible();
  },
  'oven, how sure': async (baker) => {
    await baker.takesFromShelf('Pear and cardamom loaf');
    await baker.goesTo('Oven');
    await baker.page.getByRole('tab', { name: 'How sure' }).click();
    await expect(baker.page.getByText('the batter in the pan')).toBeVisible();
  },
  'oven without a pan': async (baker) => {
    await baker.page.getByRole('textbox', { name: 'Paste a formula' }).fill(NO_PAN);
    await baker.page.getByRole('button', { name: 'Read it' }).click();
    await expect(baker.sheet).toBeVisible();
    await baker.goesTo('Oven');
    await expect(baker.page.getByText(/Which pan\?/)).toBeVisible();
  },
  'bench with a list of ingredients, a line opened, a finding to set aside': async (baker) => {
    await baker.takesFromShelf('Pear and cardamom loaf');
    await baker.page
      .getByRole('button', { name: /^Set aside/ })
      .first()
      .click();
    await baker.line('2 large eggs').focus();
    await baker.page.getByText('More about this line').click();
    await baker.line('1/4 cup plain yogurt').fill('1/4 cup butterm');
    await expect(baker.page.getByRole('listbox', { name: 'Ingredients' })).toBeVisible();
  },
  pantry: async (baker) => {
    await baker.goesTo('Pantry');
    await expect(baker.page.getByRole('list', { name: 'By the way of filling' })).toBeVisible();
  },
  'the list of pans': async (baker) => {
    await baker.takesFromShelf('Pear and cardamom loaf');
    await baker.goesTo('Oven');
    await baker.page.getByRole('combobox', { name: 'pan', exact: true }).first().click();
    await expect(baker.page.getByRole('option').first()).toBeVisible();
  },
  'an own ingredient': async (baker) => {
    await baker.goesTo('Pantry');
    await baker.page.getByRole('button', { name: 'Add an ingredient' }).click();
    await baker.page.getByRole('combobox', { name: 'much like' }).pressSequentially('buttermilk');
    await baker.page.getByRole('option').first().click();
    await expect(baker.page.getByRole('list', { name: 'What cannot be right' })).toBeVisible();
  },
  'pictures of a screen': async (baker) => {
    await baker.takesFromShelf('Pear and cardamom loaf');
    await baker.page.getByRole('button', { name: /^Pictures of this screen/ }).click();
    await expect(baker.page.getByRole('button', { name: 'PNG of Crumb pH' })).toBeVisible();
  },
  keys: async ({ page }) => {
    await page.getByRole('button', { name: 'Keys' }).click();
    await expect(page.getByRole('dialog')).toBeVisible();
  },
};

for (const [name, show] of Object.entries(SCREENS)) {
  test(`axe finds nothing serious, by day and by night: ${name}`, async ({ baker, page }) => {
    await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
    await baker.opens();
    await show(baker);
    for (const [theme, colorScheme] of [
      ['day', 'light'],
      ['night', 'dark'],
    ] as const) {
      await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
      await expect(page.locator('html')).toHaveAttribute('data-theme', theme);
      // figures that are being worked out again are dimmed for a moment
      await expect.poll(() => baker.faultsForReaders()).toEqual([]);
    }
  });
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

test.describe('where the system sets the colours', () => {
  test.use({ forcedColors: 'active' });
  test('bars keep theirs, and what is chosen is told by the system’s', async ({ baker, page }) => {
    await baker.opens();
    const shares = page.locator('.bar[aria-hidden=true] > i');
    const colours = () => shares.evaluateAll((all) => new Set(all.map((one) => getComputedStyle(one).backgroundColor)).size); // prettier-ignore
    // a row has its bar when it is read
    await expect.poll(colours).toBeGreaterThanOrEqual(4);
    await baker.takesFromShelf('Pear and cardamom loaf');
    const tabs = page.getByRole('tab');
    const backgroundOf = (name: string) => tabs.filter({ hasText: name }).evaluate((tab) => getComputedStyle(tab).backgroundColor); // prettier-ignore
    await expect(tabs.filter({ hasText: 'Judge' })).toHaveAttribute('aria-selected', 'true');
    expect(await backgroundOf('Judge')).not.toBe(await backgroundOf('Swap'));
    expect(await baker.faultsForReaders()).toEqual([]);
  });
});

test.describe('at four times the size', () => {
  // 1,280 pixels at 400 % are as wide as 320
  test.use({ viewport: { width: 320, height: 256 } });
  test('every station stands in one column, and nothing has to be scrolled sideways', async ({ baker, page }) => {
    await baker.opens();
    const formula = 'demo-pear-cardamom-loaf';
    for (const path of ['shelf', `bench/${formula}`, `batch/${formula}`, `batch/${formula}/sheet`, `oven/${formula}`, 'day', 'bake', 'book', 'book/new', 'pantry']) {
      await baker.opens(`/${path}`);
      expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(320);
    }
  }); // prettier-ignore
});
