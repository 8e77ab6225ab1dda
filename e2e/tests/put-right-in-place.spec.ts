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
