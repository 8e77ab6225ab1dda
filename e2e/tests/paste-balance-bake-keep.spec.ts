import '@angular/localize/init';
import { PASTED_FORMULAS } from '@orvin/core/doors/samples';
import { expect, test } from './baker';

for (const pasted of PASTED_FORMULAS) {
  test(`a ${pasted.hand} is pasted, balanced, baked in another pan, kept and found again`, async ({ baker, page }) => {
    await baker.opens();
    await expect(page.getByRole('table')).toBeVisible();
    await baker.pastes(pasted.text);

    // every line in grams and baker's percentages beside the words as written
    await expect(baker.sheet).toBeVisible();
    await expect(baker.name).toHaveValue(
      pasted.title
        .replaceAll('’', "'")
        .replace(/^LOCK.*$/, (shouted) => shouted.charAt(0) + shouted.slice(1).toLowerCase()),
    );
    await expect(baker.lines).toHaveCount(pasted.lines);
    await expect(
      baker.sheet
        .getByText('100.0 %')
        .or(baker.sheet.getByText('100 %'))
        .or(baker.sheet.getByText(/\d\d\.\d %/))
        .first(),
    ).toBeVisible();
    await expect(baker.readings.getByText(/is not an ingredient that Orvin knows/)).toHaveCount(pasted.unknown);

    // the ledger, the gas, the crumb pH as a range, the bands of the style each with a reason
    await expect(baker.readings.getByRole('img', { name: /^Acid \d.* and soda \d.* milliequivalents/ })).toBeVisible();
    await expect(baker.readings.getByText(/g CO₂ per 100 g flour/)).toBeVisible();
    await expect(baker.readings.getByRole('img', { name: /^Crumb pH \d\.\d–\d\.\d/ })).toBeVisible();
    for (const quantity of ['flour', 'sugar', 'fat', 'egg', 'water']) {
      const band = baker.readings.getByRole('button', {
        name: new RegExp(`^${quantity} [\\d.]+ % (?:▲ )?(?:below|within|above)$`),
      });
      await band.click();
      await expect(baker.readings.locator('.why')).toContainText(
        new RegExp(`${quantity} [\\d.]+ % of the (?:flour|batter); .*\\d to \\d`, 'i'),
      );
    }

    // another pan: fill drawn to scale, a new window with a first look, the temperature
    await baker.goesTo('Oven');
    await expect(baker.window).toBeVisible();
    await baker.choosesPan(pasted.otherPan);
    const [least, most] = pasted.expectedMinutes;
    await expect
      .poll(async () => {
        const [low, high] = await baker.minutesShown();
        return low >= least && high <= most && low < high;
      })
      .toBe(true);
    await expect(page.getByText(/first look at \d+ min|first look at \d+ h/)).toBeVisible();
    await expect(page.getByText(/\d{3} °C/).first()).toBeVisible();
    await expect(page.getByRole('img', { name: /^Section of the pan at \d+ minutes: .*% full/ })).toBeVisible();

    // named and kept, reloaded and found
    await page.getByRole('button', { name: 'Keep version 1' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('name', { exact: true }).fill(`Tea tent: ${pasted.hand}`);
    await dialog.getByLabel('why, in a few words').fill('for the regatta');
    await dialog.getByRole('button', { name: 'Keep version 1' }).click();
    await expect(page.getByText('Version 1 is kept.')).toBeVisible();
    await page.reload();
    await expect(baker.name).toHaveValue(`Tea tent: ${pasted.hand}`);
    await expect(page.getByRole('combobox', { name: 'pan', exact: true })).toHaveValue(pasted.otherPan);
    await baker.goesTo('Shelf');
    await expect(page.getByRole('row', { name: new RegExp(`Tea tent: ${pasted.hand}`) })).toContainText('v1');
  });
}

test('a bake told in one breath is read: lines, another part, steps, the bake, the tin; and the Oven begins from it', async ({
  baker,
  page,
}) => {
  await baker.opens();
  await page
    .getByRole('textbox', { name: 'Paste a formula' })
    .fill(
      'Plum slice the way my aunt told it\n\nso you melt a hundred and twenty five grams of butter with a hundred grams of brown sugar then off the heat you stir in two eggs and a hundred mil of milk now two hundred grams of plain flour goes in with two teaspoons of baking powder and half a teaspoon of salt spread it in a twenty by thirty centimetre tin and it wants thirty five minutes at one eighty. For the glaze I take 100 g icing sugar and two tablespoons of lemon juice.',
    );
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(baker.name).toHaveValue('Plum slice the way my aunt told it');
  await expect
    .poll(() => baker.written())
    .toEqual([
      '125 grams of butter',
      '100 grams of brown sugar',
      '2 eggs',
      '100 mil of milk',
      '200 grams of plain flour',
      '2 teaspoons of baking powder',
      '1/2 teaspoon of salt',
      '100 g icing sugar',
      '2 tablespoons of lemon juice',
    ]);
  await expect(baker.sheet.getByText('beside the batter: weighed, not balanced')).toBeVisible();
  await baker.goesTo('Oven');
  await expect(page.getByRole('combobox', { name: 'pan', exact: true })).toHaveValue('20 x 30 centimetre tin');
  await expect(page.getByRole('textbox', { name: 'took' })).toHaveValue('35');
});
