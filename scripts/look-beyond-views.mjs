/** The Bench of what none of the styles is meant for: counted, not judged. */
const OAT_COOKIES =
  'Slipway oat cookies\n200 g plain flour\n120 g butter\n150 g light brown sugar\n1 medium egg\n1/2 tsp bicarbonate of soda\n100 g rolled oats\nHeat the oven to 180C. Cream the butter and sugar, beat in the egg, stir in the flour, soda and oats. Bake for 12 minutes.';

export const BEYOND_VIEWS = {
  'bench-beyond': async (page, size) => {
    await page.getByRole('textbox', { name: 'Paste a formula' }).fill(OAT_COOKIES);
    await page.getByRole('button', { name: 'Read it' }).click();
    await page.getByRole('region', { name: 'Formula', exact: true }).waitFor();
    if (size === 'phone') await page.locator('.handle').click();
    await page.getByText('Orvin does not judge cookies.').scrollIntoViewIfNeeded();
  },
  'bench-beyond-set': async (page, size) => {
    await BEYOND_VIEWS['bench-beyond'](page, size);
    await page.getByRole('tab', { name: 'Set right' }).click();
    await page.getByRole('heading', { name: 'Held as it is' }).waitFor();
  },
};
