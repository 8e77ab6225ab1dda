import { expect, test } from './baker';

test.beforeEach(async ({ baker }) => {
  await baker.opens();
  await baker.takesFromShelf('Pear and cardamom loaf');
  await baker.goesTo('Oven');
  await baker.forgetsTheOven();
  await expect(baker.window).toHaveText('53–62 min');
});

test('the known pan keeps its known time; smaller cups are quicker, a hotter oven too', async ({ baker, page }) => {
  await baker.choosesPan('12-cup muffin tin');
  await expect(page.getByText(/in each cup/)).toBeVisible();
  const [low, high] = await baker.minutesShown();
  expect(high).toBeLessThan(40);
  const celsius = page.getByRole('textbox', { name: 'set to' });
  await celsius.fill('210');
  await celsius.press('Enter');
  await expect.poll(async () => (await baker.minutesShown())[1]).toBeLessThan(high);
  await page.getByRole('button', { name: 'As proposed' }).click();
  await expect.poll(async () => baker.minutesShown()).toEqual([low, high]);
});

test('fan and dark metal move the set point, with the reason', async ({ page }) => {
  await page.getByRole('button', { name: 'fan', exact: true }).click();
  await expect(page.getByText(/155 °C/).first()).toBeVisible();
  await expect(page.getByText(/−20 °C for the fan/)).toBeVisible();
  await page.getByRole('combobox', { name: /made of/ }).click();
  await page.getByRole('option', { name: 'dark metal' }).click();
  await expect(page.getByText(/−12 °C for dark metal/)).toBeVisible();
});

test('more pans share the batter; too small a pan runs over', async ({ baker, page }) => {
  await page.getByRole('button', { name: 'One pan more' }).click();
  await expect(page.getByText(/462 g in each pan/)).toBeVisible();
  await page.getByRole('button', { name: 'One pan fewer' }).click();
  await expect(page.getByText(/92[45] g in the pan/)).toBeVisible();
  await baker.choosesPan('15 cm round tin, 5 cm deep');
  await expect(page.getByText(/use a larger pan/)).toBeVisible();
});

test('the bake is scrubbed through, by slider and on the strip', async ({ page }) => {
  const section = page.getByRole('img', { name: /^Section of the pan at 57 minutes/ });
  await expect(section).toBeVisible();
  await page.getByRole('slider').focus();
  for (let i = 0; i < 30; i++) await page.keyboard.press('ArrowLeft');
  await expect(
    page.getByRole('img', { name: /^Section of the pan at 27 minutes: .*middle about \d\d °C/ }),
  ).toBeVisible();
});

test('a pan that cannot be read says what to write, and loses nothing', async ({ baker, page }) => {
  await baker.choosesPan('a square tin');
  await expect(page.getByText('How large is the square pan?')).toBeVisible();
  await baker.choosesPan('scones');
  await expect(page.getByText('How wide is each piece?')).toBeVisible();
  await baker.choosesPan('disc 5x0.3 cm x 12');
  await expect(page.getByText('No kitchen pan has that size.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('combobox', { name: 'pan', exact: true })).toHaveValue('disc 5x0.3 cm x 12');
});

test('a known time that cannot be is set aside, and said', async ({ page }) => {
  const took = page.getByRole('textbox', { name: 'took' });
  await took.fill('8');
  await took.press('Enter');
  await expect(page.getByText(/The known 8 min do not fit/)).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByText(/The known 8 min do not fit/)).toHaveCount(0);
});
