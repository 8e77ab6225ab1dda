/** What none of the usual ways shows: other styles, other heats, no tin. The Bench of what none of the styles is meant for: counted, not judged. */
const OAT_COOKIES =
  'Slipway oat cookies\n200 g plain flour\n120 g butter\n150 g light brown sugar\n1 medium egg\n1/2 tsp bicarbonate of soda\n100 g rolled oats\nHeat the oven to 180C. Cream the butter and sugar, beat in the egg, stir in the flour, soda and oats. Bake for 12 minutes.';

const DAMSON_PUDDING =
  'Damson pudding\n120 g butter, softened\n120 g caster sugar\n2 medium eggs\n120 g self-raising flour\n\nMethod\n1. Cream the butter and sugar, beat in the eggs, fold in the flour.\n2. Spoon into a 1.2 litre pudding basin, cover and steam for 1 1/2 hours.\n3. Turn out.';

const pasted = (text) => async (page) => {
  await page.getByRole('textbox', { name: 'Paste a formula' }).fill(text);
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByRole('region', { name: 'Formula', exact: true }).waitFor();
};
const goTo = async (page, station) => {
  await page.getByRole('link', { name: station, exact: true }).click();
};

export const BEYOND_VIEWS = {
  'bench-beyond': async (page, size) => {
    await pasted(OAT_COOKIES)(page);
    if (size === 'phone') await page.locator('.handle').click();
    await page.getByText('Orvin does not judge cookies.').scrollIntoViewIfNeeded();
  },
  'bench-beyond-set': async (page, size) => {
    await BEYOND_VIEWS['bench-beyond'](page, size);
    await page.getByRole('tab', { name: 'Set right' }).click();
    await page.getByRole('heading', { name: 'Held as it is' }).waitFor();
  },
  'oven-no-pan': async (page) => {
    await pasted('Quay sponge\n200 g self-raising flour\n120 g butter\n120 g caster sugar\n2 medium eggs')(page);
    await goTo(page, 'Oven');
    await page.getByText('Which pan?').waitFor();
  },
  /** A pudding is steamed: what an oven would do stands there as such. */
  'oven-steamed': async (page, size) => {
    await pasted(DAMSON_PUDDING)(page);
    await goTo(page, 'Oven');
    await page.locator('p.window').waitFor({ state: 'attached' });
    if (size === 'phone') await page.locator('.handle').click();
    await page.getByText('in steam, by its method').waitFor();
  },
  'bake-steamed': async (page) => {
    await pasted(DAMSON_PUDDING)(page);
    await goTo(page, 'Bake');
    await page.getByRole('button', { name: 'Bake it along' }).click();
    for (let i = 0; i < 30 && !(await page.getByRole('heading', { name: /^Out of the steam/ }).isVisible()); i++) {
      await page.locator('button.forward').click();
      await page.waitForTimeout(150);
    }
  },
  /** Mounds on a sheet: how many, each on the scale. */
  'batch-mounds': async (page, size) => {
    await page.locator('main').getByRole('link', { name: 'Leek and hard-cheese drop biscuits', exact: true }).click();
    await page.getByRole('region', { name: 'Formula', exact: true }).waitFor();
    await goTo(page, 'Batch');
    await page.getByRole('textbox', { name: 'What is it to give?' }).waitFor();
    if (size === 'phone') await page.locator('.handle').click();
    await page
      .getByText(/mounds of/)
      .first()
      .waitFor();
  },
};
