import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, test } from './baker';

/* Keep: the fruit cake fed, kept and labelled; what is put away; by pointer, by keyboard, on a phone. */

test.beforeEach(async ({ baker, page }) => {
  await baker.opens();
  await page.getByRole('link', { name: 'Book', exact: true }).click();
});
/** Chooses a bake by what it is called, in its own list: the season's, which may still stand, has the same names. */
async function choose(page: Page, title: RegExp) {
  const which = page.getByRole('combobox', { name: 'Which bake' });
  const label = await which.getByRole('option', { name: title }).first().textContent();
  await which.selectOption({ label: (label ?? '').trim() });
}
async function toFruitCake(page: Page) {
  await page.getByRole('tab', { name: 'Keep' }).click();
  await choose(page, /harvest fruit cake/);
  await expect(page.getByRole('button', { name: 'Fed it now' })).toBeVisible();
}

test('the fruit cake is fed and weighed, says until when, and undo takes a feed back', async ({ baker, page }) => {
  await toFruitCake(page);
  await expect(page.getByText('11 feeds')).toBeVisible();
  await expect(page.getByRole('heading', { name: /^until/ })).toBeVisible();
  await expect(page.getByText('It contains alcohol, and the alcohol stays.')).toBeVisible();
  expect(await baker.faultsForReaders()).toEqual([]);
  await page.getByRole('button', { name: 'Fed it now' }).click();
  await expect(page.getByText('12 feeds')).toBeVisible();
  await page.getByRole('button', { name: /Undo/ }).click();
  await expect(page.getByText('11 feeds')).toBeVisible();
  // juice keeps nothing, and says so
  await page.getByRole('button', { name: 'juice or tea' }).click();
  await expect(page.getByText(/Juice wets it and keeps nothing/)).toBeVisible();
});

test('its label: the region’s list, the date, the weight; printed at its real size; and reminders for a calendar', async ({
  page,
}) => {
  await toFruitCake(page);
  const label = page.getByRole('region', { name: 'Label' });
  await expect(label.getByText('May contain')).toBeVisible();
  await expect(label.getByText(/sulphites, wheat, egg, milk, almond/)).toBeVisible();
  await label.getByRole('combobox', { name: 'allergens of' }).selectOption('US');
  await expect(label.getByText(/sulfites, wheat, egg, milk, almond/)).toBeVisible();
  await label.getByRole('textbox', { name: 'net weight' }).fill('86');
  await label.getByRole('textbox', { name: 'net weight' }).press('Enter');
  await expect(label.getByText('86 g')).toBeVisible();
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Print 1 label' }).click(),
  ]);
  expect((await readFile(await pdf.path())).subarray(0, 5).toString()).toBe('%PDF-');
  const [calendar] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Remind me (calendar)' }).click(),
  ]);
  const events = await readFile(await calendar.path(), 'utf8');
  expect(events).toContain('BEGIN:VEVENT');
  expect(events).toMatch(/SUMMARY:Feed Cider-fed harvest fruit cake/);
});

test('by keyboard: a cake with soft cheese is for the fridge, put there, eaten from, and thawed scones go into the Day', async ({
  page,
}) => {
  await page.getByRole('tab', { name: 'Keep' }).focus();
  await page.keyboard.press('Enter');
  await choose(page, /Parsnip and hazelnut/);
  await expect(page.getByRole('heading', { name: /in the fridge/ })).toBeVisible();
  await expect(page.getByText(/no more than two hours out of the fridge/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Into the tin' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Into the fridge' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('It is on the list of what is put away.')).toBeVisible();
  await page.getByRole('tab', { name: 'Freezer' }).focus();
  await page.keyboard.press('Enter');
  const fridge = page.getByRole('region', { name: 'In the fridge' });
  await expect(fridge.getByRole('listitem').filter({ hasText: /Parsnip and hazelnut/ })).toBeVisible();
  const eat = page.getByRole('button', { name: /−1: a portion of Thyme/ });
  await eat.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'In the freezer' }).getByText('6 portions')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('region', { name: 'In the freezer' }).getByText('6 portions')).toBeVisible();
  await page.getByRole('button', { name: 'Thaw into the Day' }).click();
  await expect(page.getByText(/In the Day: out of the freezer by/)).toBeVisible();
  await expect(page.getByText(/Take Thyme and sweet-potato scones out/).first()).toBeAttached({ timeout: 60_000 });
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('how long it keeps stands first, and nothing is wider than the screen', async ({ page }) => {
    await toFruitCake(page);
    await expect(page.getByRole('heading', { name: /^until/ })).toBeInViewport();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await page.getByRole('tab', { name: 'Freezer' }).click();
    await expect(page.getByRole('button', { name: 'Thaw into the Day' })).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  });
});

test('a code on the label holds the formula: as large as a phone reads, or refused with what to do', async ({
  page,
}) => {
  await page.getByRole('tab', { name: 'Keep' }).click();
  await choose(page, /Gingerbread/);
  const label = page.getByRole('region', { name: 'Label' });
  await label.getByRole('checkbox', { name: 'a code that holds the formula' }).check();
  await expect(label.getByRole('img', { name: 'Code that holds the formula' })).toBeVisible();
});

test('everything goes into one file and comes back: what it brings is said first, and one undo takes it back', async ({
  page,
  browser,
}) => {
  await page.getByRole('tab', { name: 'Freezer' }).click();
  await page.getByRole('button', { name: /−1: a portion of Thyme/ }).click();
  await page.getByRole('link', { name: 'Pantry', exact: true }).click();
  const [saved] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save everything' }).click(),
  ]);
  const file = await saved.path();
  // into its own kitchen: nothing to do
  await page.getByLabel('Bring a file in').setInputFiles(file);
  const brings = page.getByRole('group', { name: 'What the file brings' });
  await expect(brings).toContainText('Everything in it stands here already');
  // into another browser, where one thing differs
  const other = await browser.newPage();
  await other.goto(page.url());
  await other.getByLabel('Bring a file in').setInputFiles(file);
  const there = other.getByRole('group', { name: 'What the file brings' });
  await expect(there).toContainText(/things put away: 2 that differ/);
  await there.getByRole('button', { name: 'And take theirs where it differs' }).click();
  await other.getByRole('link', { name: 'Book', exact: true }).click();
  await other.getByRole('tab', { name: 'Freezer' }).click();
  await expect(other.getByText('6 portions')).toBeVisible();
  await other.getByRole('button', { name: /Undo/ }).click();
  await expect(other.getByText('7 portions')).toBeVisible();
  // what is none is refused, and nothing is changed
  await other.getByRole('link', { name: 'Pantry', exact: true }).click();
  await other.getByLabel('Bring a file in').setInputFiles({ name: 'loaf.zip', mimeType: 'application/zip', buffer: Buffer.from('a loaf') }); // prettier-ignore
  await expect(other.getByText(/no file of a kitchen.*Nothing was changed\./)).toBeVisible();
  await other.close();
});
