import { expect, test } from './baker';

const FORMULA =
  'Quay loaf\n200 g plain flour\n2 tsp baking powder\n100 g sugar\n2 large eggs\n150 ml buttermlik\n60 g zorblax\n100 g butter\nBake at 180C in a 20 cm square tin for 40 minutes';

test('what was not understood is marked, kept as written, and put right with one click', async ({ baker }) => {
  await baker.opens();
  await baker.pastes(FORMULA);
  const slip = baker.rowOf('150 ml buttermlik');
  await expect(slip).toContainText('did you mean');
  await expect(baker.readings.getByText('“buttermlik” was taken for')).toBeVisible();
  await slip.getByRole('button', { name: 'buttermilk' }).first().click();
  await expect(baker.grams('150 ml buttermlik')).toHaveValue('155');
  await expect(baker.line('150 ml buttermlik')).toBeVisible();
  await expect(baker.readings.getByText('“buttermlik” was taken for')).toHaveCount(0);
});

test('any ingredient can be picked for a line, and any weight typed', async ({ baker, page }) => {
  await baker.opens();
  await baker.pastes(FORMULA);
  await baker.line('60 g zorblax').focus();
  const taken = page.getByRole('combobox', { name: 'taken for' });
  await taken.fill('golden syr');
  await page.getByRole('option', { name: /^golden syrup/ }).click();
  await expect(baker.rowOf('60 g zorblax')).toContainText('30.0 %');
  const weighs = page.getByRole('textbox', { name: 'weighs' });
  await weighs.fill('45');
  await weighs.press('Enter');
  await expect(baker.rowOf('60 g zorblax')).toContainText('22.5 %');
  await page.reload();
  await expect(baker.rowOf('60 g zorblax')).toContainText('22.5 %');
  await baker.line('60 g zorblax').focus();
  await page.getByRole('button', { name: 'As written' }).click();
  await expect(baker.readings.getByText('“zorblax” is not an ingredient that Orvin knows.')).toBeVisible();
});

test('a note leads to its line', async ({ baker }) => {
  await baker.opens();
  await baker.pastes(FORMULA);
  await baker.readings.getByRole('button', { name: 'Show: 60 g zorblax' }).click();
  await expect(baker.line('60 g zorblax')).toBeFocused();
});

test('several lines pasted into one become lines of their own', async ({ baker, page }) => {
  await baker.opens();
  await baker.pastes(FORMULA);
  await baker.line('100 g butter').focus();
  await baker.pastes('50 g walnuts\n1/2 tsp salt');
  await expect(baker.rowOf('50 g walnuts')).toContainText('25.0 %');
  await expect(baker.grams('1/2 tsp salt')).toHaveValue('3.0');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(baker.lines).toHaveCount(7);
});

test('what a line allows instead is taken with one tap, and back again', async ({ baker, page }) => {
  await baker.opens();
  await page
    .getByRole('textbox', { name: 'Paste a formula' })
    .fill(
      'Kettle loaf\n250 g flour\n100 g sugar\n1/2 cup milk (or 1/3 cup water)\n2 tsp baking powder\n80 g butter\n2 eggs\nBake at 350F in a 9x5 loaf pan for 50 minutes',
    );
  await page.getByRole('button', { name: 'Read it' }).click();
  await baker.line('1/2 cup milk (or 1/3 cup water)').focus();
  await page.getByRole('button', { name: 'Take 1/3 cup water' }).click();
  await expect(baker.line('1/3 cup water (or 1/2 cup milk)')).toBeVisible();
  await expect(baker.grams('1/3 cup water (or 1/2 cup milk)')).toHaveValue('79');
  await baker.line('1/3 cup water (or 1/2 cup milk)').focus();
  await page.getByRole('button', { name: 'Take 1/2 cup milk' }).click();
  await expect(baker.line('1/2 cup milk (or 1/3 cup water)')).toBeVisible();
});

test('a mark that is right after all is waved away for good: the word is learned', async ({ baker, page }) => {
  await baker.opens();
  const paste = page.getByRole('textbox', { name: 'Paste a formula' });
  const text =
    'Kettle loaf\n250 g harbour flour\n100 g sugar\n150 ml milk\n2 tsp baking powder\n80 g butter\n2 large eggs';
  await paste.fill(text);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(baker.readings.getByText(/“harbour” was not understood/)).toBeVisible();
  await baker.line('250 g harbour flour').focus();
  await page.getByRole('button', { name: 'It is right' }).click();
  await expect(baker.readings.getByText(/“harbour” was not understood/)).toHaveCount(0);
  await baker.goesTo('Shelf');
  await paste.fill(text.replace('Kettle', 'Quay'));
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(baker.line('250 g harbour flour')).toBeVisible();
  await expect(baker.readings.getByText(/“harbour” was not understood/)).toHaveCount(0);
});
