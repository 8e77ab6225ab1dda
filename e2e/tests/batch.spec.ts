import { readFile } from 'node:fs/promises';
import type { Locator, Page } from '@playwright/test';
import { expect, test, type Baker } from './baker';

const toBatch = async (baker: Baker, title: string) => {
  await baker.opens();
  await baker.takesFromShelf(title);
  await baker.goesTo('Batch');
};
const size = (page: Page) => page.locator('p.size');
const amounts = (page: Page) => page.getByRole('table', { name: 'Amounts' });
const pans = (page: Page) => page.getByRole('list', { name: 'Pans' }).getByRole('listitem');
/** Grams of a line as they stand in the table. */
const gramsOf = async (page: Page, name: string) =>
  Number(
    (
      await amounts(page)
        .getByRole('row', { name: new RegExp(name) })
        .first()
        .locator('td.grams')
        .innerText()
    ).replace(/\s/g, ''),
  );
const gramsIn = async (where: Locator) => Number(/([\d.]+) (?=k?g)/.exec(await where.innerText())?.[1]);
const saved = async (page: Page, act: () => Promise<void>) => {
  const [file] = await Promise.all([page.waitForEvent('download'), act()]);
  return { name: file.suggestedFilename(), bytes: await readFile(await file.path()) };
};

test('a loaf becomes muffins and a small loaf, each with its grams and its time', async ({ baker, page }) => {
  await toBatch(baker, 'Pear and cardamom loaf');
  await expect(size(page)).toContainText('924 g');
  const flour = await gramsOf(page, 'all-purpose flour');
  await baker.wants('24 muffins and one small loaf');
  await expect(pans(page)).toHaveCount(2);
  await expect(pans(page).first()).toContainText('24 muffin cups');
  const [cup, loaf] = [await gramsIn(pans(page).first()), await gramsIn(pans(page).last())];
  const all = await gramsIn(size(page));
  expect(Math.abs(24 * cup + loaf - all)).toBeLessThan(24);
  // flour goes with the batter
  expect(Math.abs((await gramsOf(page, 'all-purpose flour')) / flour / (all / 924) - 1)).toBeLessThan(0.03);
  await expect(
    pans(page)
      .first()
      .getByText(/\d+–\d+ min/),
  ).toBeVisible();
  // a school: cups full to three quarters take more
  await page.getByRole('combobox', { name: 'Fill of 24 muffins' }).selectOption('full');
  await expect.poll(() => gramsIn(size(page))).toBeGreaterThan(all);
  // undo gives the fill back, and a reload keeps the batch
  await page.keyboard.press('Control+z');
  await expect.poll(() => gramsIn(size(page))).toBe(all);
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'What is it to give?' })).toHaveValue('24 muffins and one small loaf');
  // one click takes the pan and its batter to the oven
  await page.getByRole('button', { name: 'To the oven with 24 muffin cups' }).click();
  await expect(page.getByRole('combobox', { name: 'pan', exact: true })).toHaveValue('24 muffins');
  await expect(baker.window).toHaveText(/\d+–\d+ min/);
});

test('a sheet becomes layers, with frosting by their surface', async ({ baker, page }) => {
  await toBatch(baker, 'Courgette and lime traybake');
  await baker.wants('once and two 20 cm rounds');
  await page.getByRole('button', { name: 'Work it out by surface' }).click();
  const panel = page.getByRole('region', { name: /^On top and between/ });
  const before = await gramsIn(panel.locator('.big'));
  await expect(panel).toContainText('2 layers');
  await panel.getByRole('button', { name: 'sides too' }).click();
  await expect.poll(() => gramsIn(panel.locator('.big'))).toBeLessThan(before);
  const flour = await gramsOf(page, 'flour');
  await baker.wants('once and two 25 cm rounds');
  await expect.poll(() => gramsIn(panel.locator('.big'))).toBeGreaterThan(before * 0.9);
  expect(await gramsOf(page, 'flour')).toBe(flour);
});

test('a canteen’s 25 kg come down to one tin, and three tonnes ask first', async ({ baker, page }) => {
  await baker.opens();
  await page
    .getByRole('textbox', { name: 'Paste a formula' })
    .fill(
      'Canteen ginger cake\n25 kg plain flour\n375 g baking powder\n9 kg caster sugar\n6 kg butter\n120 medium eggs\n14 l milk\n250 g ground ginger\nRub the butter into the dry things, stir in eggs and milk. Bake at 180 C for 40 min.',
    );
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(baker.sheet).toBeVisible();
  await baker.goesTo('Batch');
  await expect(page.getByRole('region', { name: 'Bowl and mixer' })).toContainText(/Mix in \d+ bowls/);
  await baker.wants('one 20 cm square tin');
  await expect.poll(() => gramsIn(size(page))).toBeLessThan(1500);
  await expect(page.getByRole('button', { name: /^baking powder: .*tsp/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Bowl and mixer' })).toContainText('in one bowl');
  await baker.wants('3 t');
  await expect(page.getByRole('alert')).toContainText('is that meant?');
  await expect(amounts(page)).toBeHidden();
  await page.getByRole('button', { name: 'Yes, so much' }).click();
  await expect(amounts(page)).toBeVisible();
});

test('three bananas are the limit, and the rest of the egg is said', async ({ baker, page }) => {
  await baker.opens();
  await page
    .getByRole('textbox', { name: 'Paste a formula' })
    .fill(
      'Harbour banana loaf\n250 g plain flour\n1 tsp bicarbonate of soda\n1/2 tsp fine salt\n150 g caster sugar\n2 medium eggs\n90 g sunflower oil\n240 g mashed banana\n60 g plain yogurt\nMash, beat, fold in the dry things.\nBake in a 2 lb loaf tin at 170 C for 60 minutes.',
    );
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(baker.sheet).toBeVisible();
  await baker.goesTo('Batch');
  await baker.wants('3 bananas, 412 g mashed');
  await expect(size(page)).toContainText('1.72 of the formula');
  expect(await gramsOf(page, 'banana')).toBe(412);
  await expect(amounts(page).getByRole('row', { name: /egg/ })).toContainText(/of an egg left|eggs/);
});

test('scones are cut from a slab, scraps and all, and some are frozen raw', async ({ baker, page }) => {
  await toBatch(baker, 'Thyme and sweet-potato scones');
  await baker.wants('16 scones');
  const panel = page.getByRole('region', { name: 'Cut, not poured' });
  await expect(panel.locator('.big')).toContainText('16 pieces');
  await expect(panel).toContainText(/\d+ from the first cut\. \d+ more from scraps/);
  await expect(
    panel
      .getByRole('img', { name: /^Cutting plan/ })
      .locator('circle')
      .first(),
  ).toBeVisible();
  const dough = await gramsIn(size(page));
  // the formula names its cutter
  await expect(panel.getByRole('textbox', { name: 'cutter' })).toHaveValue('5');
  await panel.getByRole('textbox', { name: 'cutter' }).fill('4');
  await panel.getByRole('textbox', { name: 'cutter' }).press('Enter');
  await expect.poll(() => gramsIn(size(page))).toBeLessThan(dough);
  await panel.getByRole('textbox', { name: 'freeze raw' }).fill('6');
  await panel.getByRole('textbox', { name: 'freeze raw' }).press('Enter');
  await expect(panel).toContainText('Freeze 6 raw on a tray, bake 10 now.');
  await panel.getByRole('textbox', { name: 'thick' }).fill('-2');
  await panel.getByRole('textbox', { name: 'thick' }).press('Enter');
  await expect(panel.getByText('Too low: 0.2 to 6 cm.')).toBeVisible();
  await expect(panel).toContainText('Freeze 6 raw on a tray, bake 10 now.');
  await panel.getByRole('button', { name: 'wedges' }).click();
  await expect(panel).toContainText('no scraps');
});

test('an odd pan measured with water is on the shelf, in the fits and in the batch', async ({ baker, page }) => {
  await baker.opens();
  await baker.goesTo('Pantry');
  await page.getByRole('button', { name: 'Measure one' }).click();
  await page.getByRole('textbox', { name: 'across at the rim' }).fill('0.3');
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByText('Width at the rim: 3 to 75 cm.')).toBeVisible();
  await page.getByRole('textbox', { name: 'name', exact: true }).fill('Heart tin');
  await page.getByRole('textbox', { name: 'across at the rim' }).fill('22');
  await page.getByRole('textbox', { name: 'depth' }).fill('6');
  await page.getByRole('textbox', { name: 'water to the brim' }).fill('1850');
  await expect(page.getByText('1850 ml, 7.8 US cups', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByRole('list', { name: 'Own pans' })).toContainText('Heart tin');
  await baker.goesTo('Shelf');
  await baker.takesFromShelf('Pear and cardamom loaf');
  await baker.goesTo('Batch');
  await baker.wants('heart tin');
  await expect(pans(page)).toContainText('Heart tin');
  const full = (await gramsIn(pans(page).first())) / 1.05;
  expect(full).toBeGreaterThan(0.35 * 1850);
  expect(full).toBeLessThan(0.75 * 1850);
  await baker.wants('900 g');
  const fits = page.getByRole('region', { name: /^What fits your shelf/ });
  await expect(fits.getByRole('listitem').first()).toBeVisible();
  await fits.getByRole('button', { name: /^Use / }).first().click();
  await expect(size(page)).toContainText('900 g');
  await expect(page.getByRole('list', { name: 'Targets' }).getByRole('listitem')).not.toHaveCount(1);
});

test('a lining template is printed in its real size', async ({ baker, page }) => {
  await toBatch(baker, 'Marmalade and almond loaf');
  const panel = page.getByRole('region', { name: /^Paper for these pans/ });
  // whoever comes by keyboard comes into view
  await panel.getByRole('button', { name: 'Draw the paper' }).focus();
  await expect(panel.getByRole('img', { name: 'Sling' })).toBeVisible();
  await panel.getByRole('button', { name: 'one sheet' }).click();
  const svg = await saved(page, () => panel.getByRole('button', { name: 'SVG of One sheet, floor and walls' }).click());
  expect(svg.bytes.toString()).toMatch(/^<svg [^>]*width="[\d.]+mm"/);
  expect(svg.bytes.toString()).toContain('h100');
  const pdf = await saved(page, () => panel.getByRole('button', { name: /^PDF, \d+ page/ }).click());
  expect(pdf.name).toMatch(/^paper-.*\.pdf$/);
  expect(pdf.bytes.subarray(0, 5).toString()).toBe('%PDF-');
  expect(pdf.bytes.length).toBeGreaterThan(5000);
});

test('a kept batch remembers its version, and its sheet is handed on', async ({ baker, page }) => {
  await toBatch(baker, 'Parsnip and hazelnut cake, browned-butter frosting');
  await baker.wants('two 20 cm rounds');
  await page.getByRole('button', { name: 'Keep this batch' }).click();
  await expect(page.getByText('The batch is kept, from version 1.')).toBeVisible();
  // the formula goes on; the kept sheet stays with its version
  await baker.goesTo('Bench');
  await baker.line('225 g plain flour').fill('300 g plain flour');
  await baker.goesTo('Batch');
  await expect(page.getByRole('button', { name: 'Keep this batch' })).toBeVisible();
  const kept = page.getByRole('region', { name: 'Sheets to cook from' });
  await kept.getByRole('link', { name: /^2 × 20 cm round/ }).click();
  const sheet = page.getByRole('article', { name: 'Batch sheet' });
  await expect(sheet).toContainText('from version 1');
  await expect(sheet.getByRole('row', { name: /plain flour/ })).toContainText('225');
  await expect(sheet.getByText(/look at \d+ min/)).toBeVisible();
  const csv = await saved(page, () => page.getByRole('button', { name: 'CSV' }).click());
  expect(csv.bytes.toString()).toContain('plain flour');
  const markdown = await saved(page, () => page.getByRole('button', { name: 'Markdown' }).click());
  expect(markdown.bytes.toString()).toMatch(/^# Parsnip and hazelnut cake/);
  const pdf = await saved(page, () => page.getByRole('button', { name: 'PDF' }).click());
  expect(pdf.bytes.subarray(0, 5).toString()).toBe('%PDF-');
  // on paper only the sheet, and all of it on one page
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Stations' })).toBeHidden();
  const printed = await page.pdf({ format: 'A4', preferCSSPageSize: false });
  expect(printed.toString('latin1').match(/\/Type\s*\/Page\b/g)?.length).toBe(1);
});

test('an amount is traded by hand, and what it costs is shown', async ({ baker, page }) => {
  await toBatch(baker, 'Pear and cardamom loaf');
  await baker.wants('1.25 times');
  const amount = page.getByRole('button', { name: /^light brown sugar: .*trade it/ });
  // by keyboard: the focus goes to the amounts, and back where it was
  await amount.press('Enter');
  const choices = page.getByRole('group', { name: 'Other amounts of light brown sugar' });
  await expect(choices.getByRole('button', { pressed: true })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(choices).toHaveCount(0);
  await expect(amount).toBeFocused();
  await amount.click();
  await choices.getByRole('button', { name: /5\.0 %/ }).click();
  await expect(page.getByRole('img', { name: /^sugar: rounding \+[345]/ })).toBeVisible();
  await page.getByRole('combobox', { name: 'you measure with' }).click();
  await page.getByRole('option', { name: 'scale, tenths of a gram' }).click();
  await expect(page.getByRole('img', { name: /^sugar: rounding [+−]0\.0/ })).toBeVisible();
});

test('what cannot be is refused with what to write, and nothing is lost', async ({ baker, page }) => {
  await toBatch(baker, 'Pear and cardamom loaf');
  await baker.wants('two 20 cm rounds');
  for (const [said, answer] of [
    ['0 pieces', 'cannot be made'],
    ['-2 times', 'cannot be made'],
    ['3 mm pan', 'No pan of a kitchen measures'],
    ['a square tin', 'How large is'],
    ['as you like', 'says no size'],
  ] as const) {
    await baker.wants(said);
    await expect(page.getByRole('status').filter({ hasText: answer })).toBeVisible();
    await expect(page.getByRole('list', { name: 'Targets' })).toContainText('two 20 cm rounds');
  }
  expect(await baker.faultsForReaders()).toEqual([]);
});
