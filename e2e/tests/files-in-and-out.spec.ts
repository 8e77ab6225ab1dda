import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from './baker';
import type { Page } from '@playwright/test';

interface Dropped {
  readonly name: string;
  readonly text: string;
}
const RECIPE = JSON.stringify({
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: 'Slipway scones',
  recipeIngredient: ['225 g self-raising flour', '55 g butter', '150 ml milk'],
  recipeInstructions: [{ '@type': 'HowToStep', text: 'Rub in, bring together, bake at 220 °C for 12 minutes.' }],
});
const FILES: readonly Dropped[] = [
  { name: 'buns.txt', text: 'Quay buns\n200 g plain flour\n100 g butter\nBake at 190C for 15 minutes' },
  {
    name: 'two.md',
    text: '# Pier muffins\n\n- 250 g plain flour\n- 2 large eggs\n\n# Jetty farls\n\n- 150 g oats\n- 50 g butter\n',
  },
  { name: 'scones.jsonld', text: RECIPE },
  {
    name: 'saved page.html',
    text: `<!doctype html><html><body><script type="application/ld+json">${RECIPE.replace('Slipway scones', 'Page scones')}</script></body></html>`,
  },
  { name: 'lines.csv', text: 'ingredient,amount,unit\nplain flour,200,g\nbutter,90,g\n' },
  { name: 'list.txt', text: 'milk\neggs\nbatteries' },
  { name: 'photo.png', text: 'not a text' },
];

async function drops(page: Page, files: readonly Dropped[]): Promise<void> {
  const transfer = await page.evaluateHandle((dropped) => {
    const data = new DataTransfer();
    for (const { name, text } of dropped) data.items.add(new File([text], name));
    return data;
  }, files);
  for (const type of ['dragover', 'drop']) await page.dispatchEvent('body', type, { dataTransfer: transfer });
}

test('files of every kind are dropped at once: each formula goes on the shelf, the rest is told', async ({
  baker,
  page,
}) => {
  await baker.opens();
  await drops(page, FILES);
  await expect(page.getByText('6 formulas are on the shelf')).toBeVisible();
  await expect(page.getByText(/One file holds no text that Orvin reads/)).toBeVisible();
  await expect(page.getByRole('list', { name: 'What did not come in' })).toContainText('list.txt');
  await expect(page.getByRole('list', { name: 'What did not come in' })).toContainText('no amounts');
  for (const title of ['Quay buns', 'Pier muffins', 'Jetty farls', 'Slipway scones', 'Page scones', 'lines'])
    await expect(page.getByRole('link', { name: title, exact: true })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('link', { name: 'Jetty farls', exact: true })).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByRole('link', { name: 'Jetty farls', exact: true })).toHaveCount(0);
  await expect(page.getByRole('row')).toHaveCount(13);
});

test('a file is held against the shelf before anything is done: what differs is asked, and one undo takes it back', async ({
  baker,
  page,
}) => {
  await baker.opens();
  await page.getByRole('button', { name: 'Hand Oat farls on as a file' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: /^Orvin’s own/ }).click(),
  ]);
  const file = readFileSync(await download.path(), 'utf8');
  const opens = (text: string) =>
    page
      .getByLabel('Files to open')
      .setInputFiles([{ name: 'farls.json', mimeType: 'application/json', buffer: Buffer.from(text) }]);
  await opens(file);
  await expect(page.getByText('One was there already, just so, and stays as it is.')).toBeVisible();
  await expect(page.getByText('on the shelf, 12')).toBeVisible();

  await opens(file.replaceAll('Oat farls', 'Quay farls'));
  const question = page.getByRole('dialog', { name: 'What these files bring' });
  await expect(question).toContainText('1 that differs from what is on the shelf');
  await question.getByRole('combobox', { name: 'What to do with Quay farls' }).click();
  await page.getByRole('option', { name: 'take the file’s' }).click();
  await question.getByRole('button', { name: 'Bring them in' }).click();
  await expect(page.getByRole('link', { name: 'Quay farls', exact: true })).toBeVisible();
  await expect(page.getByText('on the shelf, 12')).toBeVisible();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.locator('main').getByRole('link', { name: 'Oat farls', exact: true })).toBeVisible();
});

test('files are opened with the button, many with their progress', async ({ baker, page }) => {
  await baker.opens();
  const many = Array.from({ length: 40 }, (_, i) => ({
    name: `bun ${i}.txt`,
    mimeType: 'text/plain',
    buffer: Buffer.from(`Bun ${i}\n${200 + i} g plain flour\n100 g butter`),
  }));
  await page.getByLabel('Files to open').setInputFiles(many);
  await expect(page.getByText('40 formulas are on the shelf')).toBeVisible();
  await expect(page.getByText('on the shelf, 52')).toBeVisible();
  await page.getByText('22 more').scrollIntoViewIfNeeded();
  await expect(page.getByRole('row')).toHaveCount(53);
});

test('the pictures of a screen are taken along as files that stand alone', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf('Pear and cardamom loaf');
  const taken = async (button: string | RegExp) => {
    const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: button }).click()]); // prettier-ignore
    return { name: download.suggestedFilename(), bytes: readFileSync(await download.path()) };
  };
  await page.getByRole('button', { name: /^Pictures of this screen/ }).click();
  const { name, bytes } = await taken('SVG of Acid and soda');
  expect(name).toBe('pear-and-cardamom-loaf-acid-and-soda.svg');
  const svg = bytes.toString('utf8');
  expect(svg).toContain('<title>Acid and soda</title>');
  expect(svg).toContain('font/woff2;base64,');
  expect(svg).not.toMatch(/var\(--|class=/);
  const png = await taken('PNG of Gas while it waits');
  expect(png.bytes.subarray(1, 4).toString('latin1')).toBe('PNG');
  // drawn, not a clear sheet: a clear one of this size packs into less
  expect(png.bytes.length).toBeGreaterThan(5000);
  await page.keyboard.press('Escape');
  // a station with none says so
  await baker.goesTo('Pantry');
  await page.getByRole('button', { name: /^Pictures of this screen/ }).click();
  await expect(page.getByText('Nothing is drawn on this screen.')).toBeVisible();
});

test('handed on in every format, a formula comes back with every line and gram', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf('Parsnip and hazelnut cake, browned-butter frosting');
  const lines = await baker.written();
  const parsnip = await baker.grams('280 g parsnips, finely grated').inputValue();
  for (const [format, ending] of [
    ['Plain text', 'txt'],
    ['Markdown card', 'md'],
    ['schema.org/Recipe', 'jsonld'],
    ['Table of lines, CSV', 'csv'],
    ['Orvin’s own file', 'orvin.json'],
  ] as const) {
    await baker.goesTo('Shelf');
    await page
      .getByRole('button', { name: /^Hand Parsnip and hazelnut cake/ })
      .last()
      .click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: new RegExp(`^${format.slice(0, 9)}`) }).click(),
    ]);
    expect(file.suggestedFilename()).toBe(`parsnip-and-hazelnut-cake-browned-butter-frosting.${ending}`);
    const text = readFileSync(await file.path(), 'utf8');
    expect(text).toContain('parsnips, finely grated');
    await drops(page, [{ name: file.suggestedFilename(), text }]);
    // what comes back just as it was is not put there twice
    await expect(page.getByText(/One formula is on the shelf|One was there already, just so/)).toBeVisible();
    await page
      .getByRole('link', { name: /^Parsnip and hazelnut cake/ })
      .first()
      .click();
    await expect(baker.grams('280 g parsnips, finely grated')).toHaveValue(parsnip);
    expect(await baker.written()).toEqual(lines);
  }
});

test('the whole shelf is saved in one file, and read again', async ({ baker, page }) => {
  await baker.opens();
  await page.getByRole('button', { name: 'save all' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: /^Orvin’s own/ }).click(),
  ]);
  const saved = { name: file.suggestedFilename(), text: readFileSync(await file.path(), 'utf8') };
  await drops(page, [saved]);
  await expect(page.getByText('12 were there already, just so, and stay as they are.')).toBeVisible();
  await expect(page.getByRole('row')).toHaveCount(13);
  // what was taken off comes back, and only that
  await page.getByRole('button', { name: 'Take Oat farls off the shelf' }).click();
  await page.getByRole('button', { name: 'Take Gingerbread with dark treacle off the shelf' }).click();
  await expect(page.getByRole('row')).toHaveCount(11);
  await drops(page, [saved]);
  await expect(page.getByText('2 formulas are on the shelf')).toBeVisible();
  await expect(page.getByRole('row')).toHaveCount(13);
});

test('several formulas are chosen and taken off at once, and one undo brings them back', async ({ baker, page }) => {
  await baker.opens();
  await page.getByRole('button', { name: 'choose', exact: true }).click();
  for (const title of ['Oat farls', 'Gingerbread with dark treacle', 'Pear and cardamom loaf'])
    await page.getByRole('checkbox', { name: `Choose ${title}` }).check();
  await expect(page.getByText('3 chosen')).toBeVisible();
  await page.getByRole('button', { name: 'take them off' }).click();
  await expect(page.getByRole('row')).toHaveCount(10);
  await page.keyboard.press('ControlOrMeta+z');
  await expect(page.getByRole('row')).toHaveCount(13);
});

test('a damaged file says so, and loses nothing', async ({ baker, page }) => {
  await baker.opens();
  await drops(page, [{ name: 'broken.json', text: '{"file":' }]);
  await expect(page.getByText('This file is damaged.')).toBeVisible();
  await expect(page.getByRole('row')).toHaveCount(13);
});

test('a folder is opened with everything in it', async ({ baker, page }, info) => {
  await baker.opens();
  const folder = info.outputPath('formulas');
  mkdirSync(join(folder, 'more'), { recursive: true });
  writeFileSync(join(folder, 'buns.txt'), 'Quay buns\n200 g plain flour\n100 g butter');
  writeFileSync(join(folder, 'more', 'farls.md'), '# Jetty farls\n\n- 150 g oats\n- 50 g butter\n');
  writeFileSync(join(folder, 'more', 'picture.png'), '');
  await page.getByLabel('A folder to open').setInputFiles(folder);
  await expect(page.getByText('2 formulas are on the shelf')).toBeVisible();
  await expect(page.getByText(/One file holds no text that Orvin reads/)).toBeVisible();
});
