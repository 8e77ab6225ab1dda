import { expect, test } from './baker';

const FORMULA =
  'Vegan quay loaf\n200 g plain flour\n1 cup (250 g) wholemeal flour\n2 tsp baking powder\n100 g sugar\n2 large eggs\n150 ml milk\n100 g butter\n1 tsp vanilla extract\nMethod\nMix the flours, powder and sugar.\nStir in the eggs, milk and butter.\nBake at 180 °C (fan 180 °C) in a 20 cm square tin for 40 minutes.';

test('findings say what was computed, and one click puts them right', async ({ baker, page }) => {
  await baker.opens();
  await baker.pastes(FORMULA);
  const notes = page.getByRole('list', { name: 'What to look at' });
  await expect(notes).toContainText('180 °C fan does not go with 180 °C.');
  await expect(notes).toContainText('No step takes the vanilla extract.');
  await expect(notes).toContainText('The title says it is. Take another ingredient, or change the title.');
  await notes.getByRole('button', { name: 'Write 160 °C' }).click();
  await expect(page.getByRole('textbox', { name: 'Step 3' })).toHaveValue(/180 °C \(fan 160 °C\)/);
  await expect(notes).not.toContainText('does not go with');
  await notes.getByRole('button', { name: 'Put it into that step' }).click();
  await expect(notes).not.toContainText('No step takes');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(notes).toContainText('No step takes the vanilla extract.');
});

test('a finding is set aside with a reason that is kept, and taken up again', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf('Pear and cardamom loaf');
  const notes = page.getByRole('list', { name: 'What to look at' });
  await notes.getByRole('button', { name: /^Set aside: 3.2 g of soda/ }).click();
  await page.getByRole('textbox', { name: 'because' }).fill('the tent likes it dark');
  await page.keyboard.press('Enter');
  await expect(notes).not.toContainText('is left over');
  await page.reload();
  await expect(notes).not.toContainText('is left over');
  await page.getByText('one thing set aside').click();
  await expect(page.getByRole('list', { name: 'Set aside' })).toContainText('because the tent likes it dark');
  await page.getByRole('button', { name: /^Look at it again/ }).click();
  await expect(notes).toContainText('3.2 g of soda (⅝ tsp) is left over.');
});

test('a bake time that the heat model finds implausible is found a moment later', async ({ baker, page }) => {
  await baker.opens();
  await baker.pastes(FORMULA.replace('for 40 minutes', 'for 8 minutes'));
  await expect(page.getByRole('list', { name: 'What to look at' })).toContainText(
    'does not fit this batter in this pan',
    {
      timeout: 20_000,
    },
  );
});

test('a note leads to its step', async ({ baker, page }) => {
  await baker.opens();
  await baker.pastes(FORMULA);
  await page.getByRole('button', { name: /^Show: Bake at 180/ }).click();
  await expect(page.getByRole('textbox', { name: 'Step 3' })).toBeFocused();
});
