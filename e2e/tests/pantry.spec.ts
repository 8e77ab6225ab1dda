import { expect, test } from './baker';

test('measures are converted both ways, with the spread that filling a cup brings', async ({ baker, page }) => {
  await baker.opens('/pantry');
  const asked = page.getByRole('textbox', { name: 'How much is' });
  await page.getByRole('combobox', { name: 'Whose cups, spoons and oven dial' }).click();
  await page.getByRole('option', { name: 'American cups and eggs' }).click();
  await asked.fill('1 cup plain flour');
  await expect(page.getByRole('status')).toContainText('125 g');
  const ways = page.getByRole('list', { name: 'By the way of filling' });
  await expect(ways.getByRole('listitem').filter({ hasText: 'scooped' })).toContainText('144 g');
  await expect(ways.getByRole('listitem').filter({ hasText: 'sifted' })).toContainText('116 g');
  await asked.fill('15 g baking powder');
  await expect(page.getByRole('list', { name: 'The same in other measures' })).toContainText('3¼ tsp');
  await asked.fill('a cup of zorblax');
  await expect(page.getByRole('status')).toContainText('not an ingredient that Orvin knows');
});

test('a teaspoon of soda weighed once narrows the ledger', async ({ baker, page }) => {
  await baker.opens('/pantry');
  await page.getByRole('textbox', { name: 'Grams it weighs' }).fill('5.4');
  await page.getByRole('button', { name: 'Keep it' }).first().click();
  await expect(page.getByText('10 % more than the table')).toBeVisible();
  await baker.goesTo('Shelf');
  await baker.takesFromShelf('Pear and cardamom loaf');
  // weighed with a British spoon of 5 ml; this formula's American one holds 4.93
  await expect(baker.grams('1 tsp baking soda')).toHaveValue('5.3');
  await page.reload();
  await expect(baker.grams('1 tsp baking soda')).toHaveValue('5.3');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(baker.grams('1 tsp baking soda')).toHaveValue('4.9');
});

test('a correction is taught once, and every formula reads the word so', async ({ baker, page }) => {
  await baker.opens();
  await baker.pastes('Quay loaf\n200 g harbour dust\n1 mug of sugar\n2 large eggs\n100 g butter');
  await baker.line('200 g harbour dust').focus();
  await page.getByRole('combobox', { name: 'taken for' }).fill('rice flour');
  await page
    .getByRole('option', { name: /^white rice flour|^rice flour/ })
    .first()
    .click();
  await page.getByRole('button', { name: /^Always read “harbour dust” so/ }).click();
  await baker.goesTo('Pantry');
  await expect(page.getByText('“harbour dust”')).toBeVisible();
  await page.getByRole('textbox', { name: 'Name of the measure' }).fill('Gran’s cup');
  await page.getByRole('textbox', { name: 'Millilitres it holds' }).fill('210');
  await page.getByRole('button', { name: 'Keep it' }).nth(1).click();
  await baker.goesTo('Shelf');
  await baker.pastes('Second loaf\n1 Gran’s cup harbour dust\n2 large eggs\n100 g butter');
  await expect(baker.name).toHaveValue('Second loaf');
  await expect(baker.rowOf('1 Gran’s cup harbour dust')).toContainText('100 %');
  const grams = Number(await baker.grams('1 Gran’s cup harbour dust').inputValue());
  expect(grams).toBeGreaterThan(90);
  expect(grams).toBeLessThan(190);
});

test('an own measure is learned in the line that names it', async ({ baker, page }) => {
  await baker.opens();
  await baker.pastes("Quay loaf\n200 g plain flour\n1 Gran's cup milk\n2 large eggs\n100 g butter");
  await baker.line("1 Gran's cup milk").focus();
  await page.getByRole('textbox', { name: /holds/ }).fill('210');
  await page.keyboard.press('Enter');
  await expect(baker.grams("1 Gran's cup milk")).toHaveValue(/^21[0-9]$/);
});

test('an own ingredient is started from a similar one, checked, kept, and read in a line', async ({ baker, page }) => {
  await baker.opens('/pantry');
  await page.getByRole('button', { name: 'Add an ingredient' }).click();
  await page.getByRole('combobox', { name: 'much like' }).pressSequentially('buttermilk');
  await page
    .getByRole('option', { name: /buttermilk/ })
    .first()
    .click();
  const keep = page.getByRole('button', { name: 'Keep in the pantry' });
  await expect(keep).toBeDisabled();
  await page.getByRole('textbox', { name: 'name', exact: true }).fill('Harbour buttermilk');
  await expect(keep).toBeEnabled();
  await page.getByRole('textbox', { name: 'water, grams in 100' }).fill('70');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('list', { name: 'What cannot be right' })).toContainText('add up to');
  await expect(keep).toBeDisabled();
  await page.getByRole('textbox', { name: 'water, grams in 100' }).fill('89.3');
  await page.getByRole('textbox', { name: 'Acid, milliequivalents in a gram' }).fill('0.2');
  await page.keyboard.press('Tab');
  await keep.click();
  await expect(page.getByRole('button', { name: 'Harbour buttermilk', exact: true })).toBeVisible();
  await baker.goesTo('Shelf');
  await baker.pastes(
    'Quay bread\n250 g plain flour\n1 tsp bicarbonate of soda\n200 g harbour buttermilk\n3 g fine salt',
  );
  await expect(baker.rowOf('200 g harbour buttermilk')).toContainText('sours');
  // twice as sour as the table's buttermilk, whose 200 g meet 15 meq
  await expect(baker.readings.getByText(/harbour buttermilk 31/i)).toBeVisible();
});
