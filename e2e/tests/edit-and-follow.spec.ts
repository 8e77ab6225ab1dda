import { expect, test } from './baker';

const PEAR = 'Pear and cardamom loaf';

test('a first visit finds the tea tent’s formulas, read and balanced', async ({ baker, page }) => {
  await baker.opens();
  await expect(page.getByRole('row')).toHaveCount(13);
  await expect(page.getByRole('row', { name: /Pear and cardamom loaf/ })).toContainText('3.2 g soda left over');
  await expect(page.getByRole('row', { name: /Rhubarb & ginger muffins/ })).toContainText('balanced');
});

test('every reading follows while an amount is typed', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf(PEAR);
  await expect(baker.readings.getByRole('strong')).toHaveText('3.2 g');
  const soda = baker.line('1 tsp baking soda');
  await soda.click();
  await soda.press('Home');
  await soda.press('Delete');
  for (const key of ['1', '/', '4']) await page.keyboard.press(key);
  await expect(baker.grams('1/4 tsp baking soda')).toHaveValue('1.2');
  await expect(baker.readings.getByText('Acid and soda meet')).toBeVisible();
  await expect(baker.readings.getByRole('button', { name: /^crumb pH .* within$/ })).toBeVisible();
});

test('the last keystroke outlives a reload', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf(PEAR);
  await baker.line('2 large eggs').fill('3 large eggs');
  await baker.name.fill('Pear loaf for Saturday');
  await page.reload();
  await expect(baker.line('3 large eggs')).toBeVisible();
  await expect(baker.name).toHaveValue('Pear loaf for Saturday');
});

test('lines are added, left empty, removed and walked through by keyboard alone', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf(PEAR);
  await baker.line('1/2 tsp fine salt').focus();
  await page.keyboard.press('Enter');
  await page.keyboard.type('40 g walnuts, chopped');
  await expect(baker.rowOf('40 g walnuts, chopped')).toContainText('14.9 %');
  await page.keyboard.press('ArrowUp');
  await expect(baker.line('1/2 tsp fine salt')).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(baker.line('40 g walnuts, chopped')).toBeFocused();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Backspace');
  await expect(baker.lines).toHaveCount(12);
  await expect(baker.line('1/2 tsp fine salt')).toBeFocused();
});

test('undo takes back one thing at a time, redo puts it on again', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf(PEAR);
  await baker.line('2 large eggs').fill('4 large eggs');
  await page.getByRole('textbox', { name: 'Name of the formula' }).fill('Egg loaf');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(baker.name).toHaveValue(PEAR);
  await expect(baker.line('4 large eggs')).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(baker.line('2 large eggs')).toBeVisible();
  await page.keyboard.press('ControlOrMeta+Shift+z');
  await expect(baker.line('4 large eggs')).toBeVisible();
  await page.reload();
  await expect(baker.line('4 large eggs')).toBeVisible();
});

test('a formula taken off the shelf comes back with undo, versions and all', async ({ baker, page }) => {
  await baker.opens();
  await page.getByRole('button', { name: 'Take Oat farls off the shelf' }).click();
  await expect(page.getByRole('link', { name: 'Oat farls' })).toHaveCount(0);
  await page.getByRole('alert').getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('row', { name: /Oat farls/ })).toContainText('v1');
  await page.reload();
  await expect(page.getByRole('row', { name: /Oat farls/ })).toContainText('v1');
});

test('the style is the baker’s to choose, and the bands follow', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf(PEAR);
  await baker.readings.getByRole('combobox', { name: /^Against/ }).click();
  await page.getByRole('searchbox').fill('pound');
  await page.getByRole('option', { name: 'pound cake' }).click();
  await expect(baker.readings.getByRole('button', { name: /^fat .* below$/ })).toBeVisible();
  await page.reload();
  await expect(baker.readings.getByRole('button', { name: /^fat .* below$/ })).toBeVisible();
});

test('a kept version stays as it was, and what changed since is ghosted beside it', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf(PEAR);
  await expect(page.getByRole('button', { name: 'To the oven' })).toBeVisible();
  await baker.line('2/3 cup light brown sugar, packed').fill('1 1/3 cups light brown sugar, packed');
  await expect(baker.readings.locator('.ghost')).not.toHaveCount(0);
  await page.keyboard.press('ControlOrMeta+s');
  await page.getByRole('dialog').getByLabel('why, in a few words').fill('sweeter');
  await page.getByRole('dialog').getByRole('button', { name: 'Keep version 2' }).click();
  await expect(page.getByRole('button', { name: 'To the oven' })).toBeVisible();
  await expect(baker.readings.locator('.ghost')).toHaveCount(0);
});
