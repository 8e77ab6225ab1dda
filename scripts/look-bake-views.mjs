const PEAR = 'Pear and cardamom loaf';
const SCONES = 'Thyme and sweet-potato scones';
const toBake = async (page, title = PEAR) => {
  await page.getByRole('link', { name: 'Bake', exact: true }).click();
  await page.getByRole('combobox', { name: 'Another one' }).selectOption({ label: title });
};
/** A bake under way, at the step that is called so. */
const along = (step, title) => async (page) => {
  await toBake(page, title);
  await page.getByRole('button', { name: 'Bake it along' }).click();
  await page.locator('.place').click();
  await page.getByRole('button', { name: step }).first().click();
  await page.locator('footer .forward').waitFor();
};

/** A bake, step by step. */
export const BAKE_VIEWS = {
  bake: (page) => toBake(page),
  'bake-weigh': along(/Light brown sugar/),
  'bake-over': async (page) => {
    await along(/All-purpose flour/)(page);
    await page.getByRole('textbox', { name: /^Grams of/ }).fill('221');
  },
  'bake-mix': along(/Fold wet into dry/),
  'bake-divide': along(/Into 9 x 5/),
  'bake-cut': along(/Into 11 rounds/, SCONES),
  'bake-steps': async (page) => {
    await along(/Light brown sugar/)(page);
    await page.locator('.place').click();
  },
  'bake-check': along(/Into the oven/),
  'bake-oven': async (page) => {
    await along(/Into the oven/)(page);
    await page.locator('footer .forward').click();
    await page.locator('orv-core-chart .band').waitFor({ state: 'attached' });
  },
  'bake-cool': async (page) => {
    await along(/Into the oven/)(page);
    await page.locator('footer .forward').click();
    await page.getByRole('button', { name: /^Out whenever/ }).click();
    await page.getByRole('heading', { name: 'Let it cool' }).waitFor();
  },
  'bake-rescue': async (page) => {
    await along(/Light brown sugar/)(page);
    await page.getByRole('button', { name: 'Something went wrong' }).click();
    await page.getByRole('button', { name: 'Something went in twice' }).click();
    await page.getByRole('group', { name: 'Which line' }).getByRole('button', { name: 'baking soda' }).click();
  },
};
