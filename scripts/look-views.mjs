/** The views of the application, each with the way to it from the shelf. A new view gets its row here. */
const open = (title) => async (page) => {
  await page.getByRole('link', { name: title }).click();
  await page.getByRole('region', { name: 'Formula', exact: true }).waitFor();
};
const PEAR = 'Pear and cardamom loaf';
const toOven = async (page) => {
  await page.getByRole('link', { name: 'Oven', exact: true }).click();
  await page.locator('p.window').waitFor({ state: 'attached' });
};
const readings = async (page, size) => {
  if (size === 'phone') await page.locator('.handle').click();
};

export const VIEWS = {
  shelf: async () => undefined,
  'shelf-refused': async (page) => {
    await page.getByRole('textbox', { name: 'Paste a formula' }).fill('milk\neggs\nbatteries');
    await page.getByRole('button', { name: 'Read it' }).click();
  },
  bench: open(PEAR),
  'bench-editing': async (page) => {
    await open(PEAR)(page);
    const line = page.getByRole('textbox', { name: 'Line: 1/4 cup plain yogurt' });
    await line.fill('1/4 cup zorblax');
  },
  'bench-readings': async (page, size) => {
    await open('Gingerbread with dark treacle')(page);
    await readings(page, size);
  },
  'bench-many-in-one': async (page) => {
    await open('Cider-fed harvest fruit cake')(page);
    await page.getByRole('textbox', { name: /^Line: 300g sultanas/ }).focus();
  },
  'bench-keep': async (page) => {
    await open(PEAR)(page);
    await page.getByRole('textbox', { name: 'Line: 1 tsp baking soda' }).fill('1/4 tsp baking soda');
    await page.getByRole('button', { name: /^Keep version/ }).click();
    await page.getByRole('dialog').waitFor();
  },
  oven: async (page) => {
    await open(PEAR)(page);
    await toOven(page);
  },
  'oven-muffins': async (page, size) => {
    await open(PEAR)(page);
    await toOven(page);
    await page.getByRole('combobox', { name: 'pan' }).fill('12-cup muffin tin');
    await page.keyboard.press('Escape');
    await page.getByText(/in each cup/).waitFor({ state: size === 'phone' ? 'attached' : 'visible' });
    await readings(page, size);
  },
  'oven-no-pan': async (page) => {
    await open('Leek and hard-cheese drop biscuits')(page);
    await page.getByRole('link', { name: 'Oven', exact: true }).click();
    await page.getByText('Which pan?').waitFor();
  },
  keys: async (page) => {
    await page.keyboard.press('?');
    await page.getByRole('dialog').waitFor();
  },
};

/** The pictures that docs/screenshots keeps, and where each comes from. */
export const KEPT = {
  shelf: 'shelf-laptop-day',
  bench: 'bench-laptop-day',
  'bench-night': 'bench-laptop-night',
  'bench-editing': 'bench-editing-laptop-day',
  'bench-phone': 'bench-readings-phone-day',
  oven: 'oven-laptop-day',
  'oven-phone': 'oven-muffins-phone-day',
};
