import type { Page } from '@playwright/test';
import ical from 'ical.js';
import { readFile } from 'node:fs/promises';
import { expect, test } from './baker';

/* The regatta's Saturday: opened, moved, ticked, made late, made impossible and loosened, shopped for, handed on. */

const begins = (page: Page) => page.locator('.facts').getByText(/begin/);

test.beforeEach(async ({ baker, page }) => {
  await baker.opens();
  await page.getByRole('link', { name: 'Day', exact: true }).click();
});

test('opens as a plan: the next act is the largest thing, every bake stands in the oven, and it passes for everyone', async ({
  baker,
  page,
}) => {
  await expect(page.getByRole('textbox', { name: 'Name of the day' })).toHaveValue('Regatta tea tent');
  await expect(page.getByText(/each deadline is kept on \d+ days in 100/)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('group', { name: 'The day' }).getByText('off', { exact: false }).first()).toBeVisible();
  await expect(page.locator('.figure')).toHaveText(/^\d\d:\d\d$/);
  const figure = await page.locator('.figure').evaluate((element) => parseFloat(getComputedStyle(element).fontSize));
  const others = await page
    .locator('h1, h2, b, p')
    .evaluateAll((all) => Math.max(...all.map((element) => parseFloat(getComputedStyle(element).fontSize))));
  expect(figure).toBeGreaterThan(others);
  expect(await baker.faultsForReaders()).toEqual([]);
});

test('a task is moved by the arrows, by buttons and by dragging, stays where it was put, and undo takes it back', async ({
  page,
}) => {
  const mixing = page.getByRole('listitem', { name: /Mix: pear/ });
  await mixing.waitFor({ timeout: 60_000 });
  const timeOf = async () => (await mixing.getAttribute('aria-label'))?.slice(0, 5) ?? '';
  const before = await timeOf();
  await mixing.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(mixing).toHaveAttribute('aria-label', /held here/, { timeout: 60_000 });
  await expect.poll(timeOf, { timeout: 60_000 }).not.toBe(before);
  const chosen = page.getByRole('region', { name: 'The task chosen' });
  await chosen.getByRole('button', { name: 'Let go' }).click();
  await expect(mixing).not.toHaveAttribute('aria-label', /held here/, { timeout: 60_000 });
  await chosen.getByRole('button', { name: '5 min earlier' }).click();
  await expect(mixing).toHaveAttribute('aria-label', /held here/, { timeout: 60_000 });
  await page.keyboard.press('Control+z');
  await expect(mixing).not.toHaveAttribute('aria-label', /held here/, { timeout: 60_000 });
  await chosen.getByRole('button', { name: 'Close' }).click();
  const box = await mixing.locator('rect').boundingBox();
  if (!box) throw new Error('not drawn');
  await page.mouse.move(box.x + box.width / 2, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 40, box.y + 20, { steps: 6 });
  await page.mouse.up();
  await expect(mixing).toHaveAttribute('aria-label', /held here/, { timeout: 60_000 });
  await page.reload();
  await expect(mixing).toHaveAttribute('aria-label', /held here/, { timeout: 60_000 });
});

test('a batch said in words goes on the plan for its hour, and one that may be several is asked about', async ({
  page,
}) => {
  await page.getByRole('tab', { name: 'Batches' }).click();
  const field = page.getByRole('textbox', { name: 'A batch and its hour' });
  await field.fill('12 coconut cakes cold at 1 pm');
  await field.press('Enter');
  const row = page.getByRole('row', { name: /Coconut, passion-fruit layer cake/ });
  await expect(row.getByLabel(/^Ready at/)).toHaveValue('13:00');
  await expect(row.getByLabel(/^Eaten/)).toHaveValue('cold');
  await field.fill('two loaves by Friday night');
  await field.press('Enter');
  await expect(page.getByRole('group', { name: 'Which one?' }).getByRole('button')).toHaveCount(2);
  await field.fill('a tray of zorblax at noon');
  await field.press('Enter');
  await expect(page.getByText(/Nothing on the shelf is called so/)).toBeVisible();
  await row.getByRole('button', { name: /Take off/ }).click();
  await expect(row).toHaveCount(0);
  // of several none is planned while one is of nothing on the shelf
  await field.fill('24 rhubarb muffins and 12 zorblaxes at 3');
  await field.press('Enter');
  await expect(page.getByText(/Nothing on the shelf is called so: “12 zorblaxes at 3”/)).toBeVisible();
  await expect(field).toHaveValue('24 rhubarb muffins and 12 zorblaxes at 3');
  // several at once are one act
  const batches = page.getByRole('button', { name: /^Take off/ });
  const before = await batches.count();
  await field.fill('two pear loaves and 12 coconut cakes by 1 pm');
  await field.press('Enter');
  await expect(batches).toHaveCount(before + 2);
  await expect(row.getByLabel(/^Ready at/)).toHaveValue('13:00');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(batches).toHaveCount(before);
});

test('a day that does not fit says what is in the way in minutes; a way out is taken as one edit', async ({ page }) => {
  await expect(begins(page)).toBeVisible({ timeout: 60_000 });
  await page.getByRole('tab', { name: 'Batches' }).click();
  await page.getByLabel('nobody before').fill('10:45');
  await page.getByLabel('nobody before').blur();
  await page.getByRole('tab', { name: 'Ways out' }).click({ timeout: 60_000 });
  await expect(page.getByRole('heading', { name: /The day is .* too short/ })).toBeVisible({ timeout: 60_000 });
  const way = page.getByRole('listitem').filter({ hasText: /Begin .* earlier/ });
  await way.getByRole('button', { name: 'Take this' }).click({ timeout: 60_000 });
  await page.getByRole('tab', { name: 'Plan', exact: true }).click();
  await expect(page.getByText(/each deadline is kept on/)).toBeVisible({ timeout: 60_000 });
  await page.keyboard.press('Control+z');
  await page.getByRole('tab', { name: 'Batches' }).click();
  await expect(page.getByLabel('nobody before')).toHaveValue('10:45');
});

test('what is impossible is refused in words and loses nothing: no hands that can be, pans that are not there', async ({
  page,
}) => {
  await page.getByRole('tab', { name: 'Batches' }).click();
  const away = page.getByRole('textbox', { name: 'away' }).first();
  await away.fill('teatime');
  await away.press('Enter');
  await expect(page.getByText('Write it like 12:00–12:30.')).toBeVisible();
  await expect(away).toHaveValue('teatime');
  await away.fill('11:00-11:30');
  await away.press('Enter');
  await expect(away).toHaveValue('11:00–11:30');
});

test('shopping: packs by aisle, less what is there, ticked on the list, saved as a table', async ({ page }) => {
  await page.getByRole('tab', { name: 'Shopping' }).click();
  const dairy = page.getByRole('region', { name: 'dairy and eggs' });
  await expect(dairy.getByRole('listitem').first()).toBeVisible();
  const flour = page.getByRole('region', { name: 'flour and sugar' }).getByRole('listitem').first();
  const count = page.locator('.count');
  const before = Number(await count.innerText());
  await flour.getByRole('checkbox').check();
  await expect(count).toHaveText(String(before - 1));
  const soda = page.getByRole('listitem').filter({ hasText: 'bicarbonate of soda' });
  await soda.getByRole('textbox').fill('200');
  await soda.getByRole('textbox').press('Enter');
  await expect(soda.getByText('enough')).toBeVisible();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'CSV' }).click();
  const table = await readFile(await (await saved).path(), 'utf8');
  expect(table.split('\r\n')[0]).toBe('aisle,buy,needed g,there g');
  expect(table).not.toContain('bicarbonate');
});

test('handed on as a calendar that another reader understands, with the same events after a change', async ({
  page,
}) => {
  await expect(begins(page)).toBeVisible({ timeout: 60_000 });
  await page.getByRole('tab', { name: 'Calendar, print' }).click();
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Calendar, every task' }).click();
  const text = await readFile(await (await saved).path(), 'utf8');
  const events = new ical.Component(ical.parse(text) as never).getAllSubcomponents('vevent');
  expect(events.length).toBeGreaterThan(40);
  const ids = events.map((event) => String(event.getFirstPropertyValue('uid')));
  expect(new Set(ids).size).toBe(ids.length);
  const out = events.find((event) => String(event.getFirstPropertyValue('summary')).startsWith('Out: '));
  expect(out?.getAllSubcomponents('valarm').length).toBe(1);
  await expect(page.getByRole('listitem').filter({ hasText: 'Mix: ' }).first()).toBeVisible();
});

test('a fruit cake fed since October: the days before are dates, and the day is copied to another', async ({
  page,
}) => {
  await page.getByRole('tab', { name: 'Days before' }).click();
  await expect(page.getByText('Feed: Cider-fed harvest fruit cake').first()).toBeVisible();
  await page.getByRole('tab', { name: 'Calendar, print' }).click();
  await page.getByRole('button', { name: 'Copy to another date' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of the day' })).toHaveValue('Regatta tea tent, again');
  await page.locator('input[type=date]').fill('2027-06-05');
  await expect(page.getByText('Saturday 5 June')).toBeVisible();
});
