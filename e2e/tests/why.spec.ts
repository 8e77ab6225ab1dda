import type { Page } from '@playwright/test';
import { expect, test } from './baker';

/* Why: the gingerbread is asked about, changed, baked again and solved; by pointer, by keyboard, on a phone; and what has no record. */

test.beforeEach(async ({ baker, page }) => {
  await baker.opens();
  await page.getByRole('link', { name: 'Book', exact: true }).click();
});
const causes = (page: Page) => page.getByRole('list', { name: 'Causes, the likeliest first' }).getByRole('listitem');
async function toGingerbread(page: Page) {
  await page.getByRole('searchbox', { name: 'Find bakes' }).fill('gingerbread soapy');
  await page.getByRole('link', { name: /Gingerbread with dark treacle/ }).click();
  await page.getByRole('link', { name: 'Why was it so?' }).click();
  await expect(causes(page).first()).toContainText('Soda left over');
}

test('the gingerbread is diagnosed, changed, baked again, and solved', async ({ baker, page }) => {
  await toGingerbread(page);
  await expect(causes(page).first()).toContainText('as much soda left over');
  expect(await baker.faultsForReaders()).toEqual([]);
  // a question tells more, and is taken back
  const question = page.getByRole('region', { name: /One question|minutes would tell/ });
  const asked = await question.textContent();
  await question.getByRole('button').last().click();
  await expect(question).not.toHaveText(asked ?? '');
  await page.getByRole('button', { name: /^Take back/ }).click();
  await expect(question).toHaveText(asked ?? '');
  // the change in this formula's own grams, on the Bench, kept with its reason
  await page.getByRole('link', { name: 'Show it on the Bench' }).click();
  const proposal = page.getByRole('region', { name: /From the Book/ });
  await expect(proposal).toContainText('soda');
  await proposal.getByRole('button', { name: 'Keep it as version 2' }).click();
  await expect(page.getByText(/Version 2 is kept: .*soda 3.7 → .* after the bake of .*soapy/)).toBeVisible();
  await expect(page.getByText('soda left over')).toHaveCount(0);
  // baked again, with nothing wrong
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await page.getByRole('button', { name: 'Record Gingerbread with dark treacle' }).click();
  for (const name of ['just right', 'chestnut', 'low dome', 'fine, even', 'nothing', '9'])
    await page.getByRole('button', { name, exact: true }).click();
  await page.getByRole('button', { name: 'Keep this bake' }).click();
  await page.getByRole('searchbox', { name: 'Find bakes' }).fill('gingerbread');
  await page
    .getByRole('link', { name: /Gingerbread with dark treacle/ })
    .first()
    .click();
  await expect(page.getByText('✓ The change worked.')).toBeVisible();
  await page.getByRole('link', { name: 'Compare with the bake before it' }).click();
  await expect(page.getByText('What could explain it, first')).toBeVisible();
  await page.getByRole('tab', { name: 'Why' }).click();
  await page.getByRole('combobox', { name: 'Which bake' }).selectOption(await page.getByRole('option', { name: /Gingerbread.*soapy/ }).getAttribute('value')); // prettier-ignore
  await expect(page.getByText('✓ Solved')).toBeVisible();
});

test('by keyboard: a fault said in words, an answer, the version, and undo takes it all back', async ({ page }) => {
  await toGingerbread(page);
  const say = page.getByRole('textbox', { name: 'What was wrong, in words' });
  await say.focus();
  await page.keyboard.type('nothing anyone would know');
  await page.keyboard.press('Enter');
  await expect(page.getByText('No fault is known by these words')).toBeVisible();
  await say.fill('and too dark, with a gummy line');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: 'gummy line', exact: true })).toHaveAttribute('aria-pressed', 'true');
  const dark = page.getByRole('button', { name: 'too dark', exact: true });
  await dark.focus();
  await page.keyboard.press('Space');
  await expect(dark).toHaveAttribute('aria-pressed', 'false');
  await page.getByRole('button', { name: /^Make version 2/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Version 2 is kept/)).toBeVisible();
  await page.keyboard.press('Control+z');
  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await page.getByRole('tab', { name: 'Why' }).click();
  await expect(page.getByRole('button', { name: /^Make version 2/ })).toBeVisible();
});

test('before baking and without Orvin: what could go wrong, and causes by what was seen', async ({ page }) => {
  await page.getByRole('tab', { name: 'Why' }).click();
  await page.getByRole('combobox', { name: 'Which bake' }).selectOption('at-hand');
  await expect(page.getByText('Nothing was wrong')).toBeVisible();
  await page.getByRole('button', { name: 'What was wrong with the base' }).click();
  await page.getByRole('group', { name: 'Faults seen there' }).getByRole('button', { name: 'gummy line' }).click();
  await expect(causes(page).first()).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'gummy line', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('link', { name: 'All faults, drawn' }).click();
  await page.getByText('Tunnels', { exact: true }).click();
  await expect(page.getByRole('list').getByText('Mixed too long.')).toBeVisible();
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('the cause is found, and its change kept on the Bench', async ({ page }) => {
    await toGingerbread(page);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(390);
    await page.getByRole('link', { name: 'Show it on the Bench' }).click();
    await page.locator('.handle').click();
    await page.getByRole('button', { name: 'Keep it as version 2' }).click();
    await expect(page.getByText(/Version 2 is kept/)).toBeVisible();
  });
});
