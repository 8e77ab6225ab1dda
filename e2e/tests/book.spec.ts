import { readFile } from 'node:fs/promises';
import { expect, test } from './baker';

/* The Book: a season that is there, a bake recorded in a hurry, one without Orvin, one left out, two compared, a table handed on. */

test.beforeEach(async ({ baker, page }) => {
  await baker.opens();
  await page.getByRole('link', { name: 'Book', exact: true }).click();
});

test('opens with a season and an oven that is known, finds as one types, and passes for everyone', async ({
  baker,
  page,
}) => {
  await expect(page.getByText('cooler than set')).toBeVisible();
  const rows = page.getByRole('list', { name: 'Bakes' }).getByRole('listitem');
  await expect(rows.first()).toContainText('8');
  expect(await baker.faultsForReaders()).toEqual([]);
  await page.getByRole('searchbox', { name: 'Find bakes' }).fill('soapy, pear');
  await expect(rows).toHaveCount(1);
  await page.getByRole('searchbox', { name: 'Find bakes' }).fill('soapy, pear, 999');
  await expect(page.getByText('Fewer words find more')).toBeVisible();
});

test('in a hurry: minutes are known, six taps, kept; the next loaf is foreseen with it; undo takes it out', async ({
  page,
}) => {
  await page.getByRole('button', { name: 'Record Pear and cardamom loaf' }).click();
  await expect(page.getByText('foreseen', { exact: true })).toBeVisible();
  for (const name of ['a bit over', 'chestnut', 'low dome', 'fine, even', 'dry', '7'])
    await page.getByRole('button', { name, exact: true }).click();
  await expect(page.getByText(/Your oven: .* becomes/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'chestnut', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Keep this bake' }).click();
  await expect(page.getByText('19', { exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'Oven', exact: true }).click();
  await page.getByRole('tab', { name: /sure/i }).click();
  await expect(page.getByText(/Learned from 6 bakes of it in this pan/)).toBeVisible({ timeout: 20_000 });
  await page.getByRole('button', { name: /Undo/ }).click();
  await expect(page.getByText(/Learned from 5 bakes of it in this pan/)).toBeVisible({ timeout: 20_000 });
});

test('without Orvin: what, when, how long and a bit dry; a nonsense is refused and nothing is lost', async ({
  page,
}) => {
  await page.getByRole('link', { name: 'A bake without Orvin' }).click();
  await page.getByPlaceholder('What was baked?').fill('Sunday loaf');
  const minutes = page.getByRole('textbox', { name: 'In the oven' });
  await minutes.fill('soon');
  await minutes.blur();
  await expect(page.getByText(/Write a figure/)).toBeVisible();
  await minutes.fill('57');
  await page.getByRole('button', { name: 'dry', exact: true }).click();
  await page.getByRole('button', { name: 'Keep this bake' }).click();
  await page.getByRole('searchbox', { name: 'Find bakes' }).fill('sunday dry');
  await page.getByRole('link', { name: /Sunday loaf/ }).click();
  await expect(page.getByText('kept; changes are kept as you make them')).toBeVisible();
  await expect(minutes).toHaveValue('57');
});

test('keen: browner side, height, notes and who ate it stay as they are said, and the hotter side moves', async ({
  page,
}) => {
  await page.getByRole('listitem').filter({ hasText: 'Brown soda bread' }).getByRole('link').click();
  for (const name of ['Browner side', 'Height', 'Notes', 'Who ate it'])
    await page.getByRole('button', { name }).click();
  const back = page.getByRole('group', { name: /^Browner on one side/ }).getByRole('button', { name: /^back/ });
  await back.click();
  await back.click();
  await expect(back).toContainText('much');
  await page.getByLabel('height, middle').fill('81');
  await page.getByLabel('height, middle').press('Tab');
  await page.getByRole('textbox', { name: 'Notes' }).fill('Crust like a drum');
  await page.getByRole('textbox', { name: 'Who ate it' }).fill('the bow pair');
  await page.reload();
  await expect(back).toContainText('much');
  await expect(page.getByLabel('height, middle')).toHaveValue('81');
  await expect(page.getByRole('textbox', { name: 'Notes' })).toHaveValue('Crust like a drum');
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await expect(page.getByText(/hotter than across, 6 bakes/)).toBeVisible();
});

test('a bake is left out, and the oven moves', async ({ page }) => {
  await page.getByRole('button', { name: /Every bake in it/ }).click();
  await expect(page.getByText(/from 17 bakes/)).toBeVisible();
  await page.getByRole('checkbox', { name: /Brown soda bread/ }).click();
  await expect(page.getByText(/from 16 bakes/)).toBeVisible();
});

test('two bakes are compared, and two half batches put in the Day', async ({ baker, page }) => {
  await page.getByRole('tab', { name: 'Compare' }).click();
  await expect(page.getByRole('rowheader').first()).toContainText('soda with nothing sour to meet');
  expect(await baker.faultsForReaders()).toEqual([]);
  await page
    .getByRole('button', { name: /14 Nov|24 Oct|v1: 6/ })
    .first()
    .click();
  await expect(page.getByRole('columnheader')).toHaveCount(4);
  await page.getByRole('button', { name: 'Put both in the Day' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the day' })).toHaveValue(/One change/);
  // both halves are recorded, and then read by themselves
  for (const [half, score] of [
    ['A as it is', '5'],
    ['B changed', '8'],
  ] as const) {
    await page.goto('/book/new?of=demo-pear-cardamom-loaf');
    await page.getByRole('button', { name: half }).click();
    await page
      .getByRole('group', { name: 'How good, of ten' })
      .getByRole('button', { name: score, exact: true })
      .click();
    await page.getByRole('button', { name: 'Keep this bake' }).click();
    await expect(page.getByText('The bake is in the Book')).toBeVisible();
  }
  await page.goto('/book?at=compare');
  await expect(page.getByRole('definition').filter({ hasText: 'a hint: 1 of about 5 pairs' })).toContainText('+1.5');
});

test('a season is narrowed and looked through by its months, and the address keeps it', async ({ baker, page }) => {
  await page.getByRole('combobox', { name: 'Of which formula' }).selectOption({ label: 'Pear and cardamom loaf (6)' });
  await expect(page.getByRole('listitem')).toHaveCount(6);
  await page.getByRole('combobox', { name: 'How they went' }).selectOption('in for too long');
  await expect(page.getByRole('listitem')).toHaveCount(2);
  await page.reload();
  await expect(page.getByRole('listitem')).toHaveCount(2);
  // an address that somebody mistyped shows the season all the same
  await page.goto('/book?view=calendar&on=2026-99');
  await expect(page.getByRole('cell').first()).toBeVisible();
  await page.goto('/book?on=2026-13-77');
  await expect(page.getByRole('listitem').first()).toBeVisible();
  await page.getByRole('combobox', { name: 'Of which formula' }).selectOption({ label: 'Pear and cardamom loaf (6)' });
  await page.getByRole('button', { name: 'Calendar' }).click();
  const cells = page.getByRole('cell').getByRole('link');
  await page.getByRole('button', { name: 'The month before' }).click();
  await expect(cells.first()).toBeVisible();
  expect(await baker.faultsForReaders()).toEqual([]);
  await cells.first().click();
  await expect(page.getByRole('heading', { name: 'Pear and cardamom loaf' })).toBeVisible();
});

test('a season is handed on as a table that learning reads', async ({ page }) => {
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As a table (CSV)' }).click();
  const text = await readFile(await (await download).path(), 'utf8');
  expect(text.split('\r\n')[0]).toMatch(/^date,recipe,pan,celsius,fan,predicted,out,word/);
  expect(text.trim().split('\r\n').length).toBe(19);
});

test('a photo is taken, the whole Book handed on, a bake lost and brought back with it', async ({ page }) => {
  await page.getByRole('listitem').filter({ hasText: 'Brown soda bread' }).getByRole('link').click();
  const png = await page.screenshot();
  await page.locator('orv-photo-field input').setInputFiles({ name: 'loaf.png', mimeType: 'image/png', buffer: png });
  await expect(page.getByRole('img', { name: 'Photo of this bake' })).toBeVisible();
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'The whole Book, with photos' }).click();
  const file = await readFile(await (await download).path());
  await page.getByRole('listitem').filter({ hasText: 'Brown soda bread' }).getByRole('link').click();
  await page.getByRole('button', { name: 'Take it off' }).click();
  await expect(page.getByText('17', { exact: true })).toBeVisible();
  const bring = page.locator('.bring input');
  await bring.setInputFiles({ name: 'orvin-book.zip', mimeType: 'application/zip', buffer: file });
  await expect(page.getByText(/1 new; 17 there already/)).toBeVisible();
  await page.getByRole('listitem').filter({ hasText: 'Brown soda bread' }).getByRole('link').click();
  await expect(page.getByRole('img', { name: 'Photo of this bake' })).toBeVisible();
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await bring.setInputFiles({ name: 'wrong.zip', mimeType: 'application/zip', buffer: Buffer.from('not a zip') });
  await expect(page.getByText(/This is no file of a Book/)).toBeVisible();
});
