import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, test } from './baker';

/* A bake against the stand-ins, which run sixty times as fast here: a minute a second. */

/** Tells a stand-in something, on a line of its own. */
const tell = (page: Page, command: object): Promise<void> =>
  page.evaluate(
    (message) =>
      new Promise<void>((resolve, reject) => {
        const socket = new WebSocket(`ws://${location.host}/devices/socket`);
        socket.addEventListener('open', () => {
          socket.send(message);
          setTimeout(() => {
            socket.close();
            resolve();
          }, 50);
        });
        socket.addEventListener('error', reject);
      }),
    JSON.stringify(command),
  );
const place = (page: Page) => page.locator('.place');
const forward = (page: Page) => page.locator('footer .forward');
const toGo = (page: Page) => page.locator('.to-go');
const begin = async (page: Page, title: string): Promise<void> => {
  await page.getByRole('link', { name: 'Bake', exact: true }).click();
  await page.getByRole('combobox', { name: 'Another one' }).selectOption({ label: title });
  await page.getByRole('button', { name: 'Bake it along' }).click();
  await expect(forward(page)).toBeVisible();
};
/** By the space bar alone. */
const spaceUntil = async (page: Page, where: RegExp): Promise<void> => {
  await page.locator('body').click({ position: { x: 5, y: 5 } });
  await expect(async () => {
    if (!where.test(await place(page).innerText())) await page.keyboard.press('Space');
    expect(await place(page).innerText()).toMatch(where);
  }).toPass({ intervals: [150] });
};

test('from weighing to cooling: over-poured, unplugged, reloaded, a cold oven, a lost probe, and a record at the end', async ({
  baker,
  page,
}) => {
  test.setTimeout(240_000);
  await baker.opens();
  await begin(page, 'Rhubarb & ginger muffins');
  for (const command of [
    { do: 'set', celsius: 0 },
    { do: 'unload' },
    { do: 'plug', what: 'scale' },
    { do: 'thaw', what: 'probe' },
  ])
    await tell(page, command);
  await spaceUntil(page, /^weighing/);
  await expect(page.getByRole('heading', { name: 'Plain flour' })).toBeVisible();
  await page.getByRole('button', { name: 'Simulated instruments' }).click();
  await expect(page.getByText('simulated', { exact: true })).toBeVisible();

  // poured short of it, then on to it
  await expect(toGo(page)).toHaveText('260 g to go');
  await tell(page, { do: 'pour', grams: 258, rate: 60 });
  await expect(toGo(page)).toHaveText('there');
  await forward(page).click();

  // too much sugar: the cheapest answer first, and the spoon takes it out
  await expect(page.getByRole('heading', { name: 'Caster sugar' })).toBeVisible();
  await tell(page, { do: 'pour', grams: 160, rate: 60 });
  await expect(toGo(page)).toHaveText('▲ over');
  const answers = page.getByRole('group', { name: 'What to do about it' }).getByRole('button');
  // while it still pours the stream weighs some grams more: the answer that is taken is that of the bowl at rest
  await expect(answers.first()).toContainText(/^Spoon 3[234](\.\d)? g back/);
  expect(await answers.count()).toBeGreaterThan(1);
  await answers.first().click();
  await expect(toGo(page)).toHaveText('there');
  await forward(page).click();

  // the plug is pulled: hands take over
  await tell(page, { do: 'unplug', what: 'scale' });
  await expect(page.getByText(/the scale is silent/)).toBeVisible();
  const byHand = page.getByRole('textbox', { name: /^Grams of Baking powder/ });
  await byHand.fill('11,3');
  await byHand.press('Enter');
  await expect(page.getByRole('heading', { name: 'Bicarbonate of soda' })).toBeVisible();

  // a reload in the middle: the same step, and what is in the bowl is known
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Bicarbonate of soda' })).toBeVisible();
  await place(page).click();
  await expect(page.getByRole('button', { name: /Plain flour.* 25\d(\.\d)? g in/ })).toBeVisible();
  await page.getByRole('button', { name: /Into the oven/ }).click();

  // a cold oven: wait or go, with what it costs
  await tell(page, { do: 'plug', what: 'scale' });
  await tell(page, { do: 'set', celsius: 195 });
  await expect(page.locator('.check h2')).toHaveText(/^\d+ °C in it$/);
  await expect(page.locator('.check .tell')).toHaveText(/Wait about .*(min longer, and less rise|no oven yet)/);
  await expect(page.locator('.check .tell')).toHaveText('It is to be 195: ready.', { timeout: 60_000 });
  await forward(page).click();

  // the probe is followed, falls out, and is put back
  await expect(page.locator('p.says')).toHaveText(/goes as foreseen|warms like an oven/, { timeout: 60_000 });
  await tell(page, { do: 'fall' });
  await expect(page.getByRole('alert').filter({ hasText: 'The probe fell out' })).toBeVisible({ timeout: 30_000 });
  await tell(page, { do: 'place', x: 0, z: 15 });
  await page.getByRole('group', { name: 'A look at it' }).getByRole('button', { name: 'Nearly' }).click();
  await expect(page.locator('.seen')).toHaveText(/nearly at/);
  await page.getByRole('list', { name: 'What is done to it' }).getByRole('button', { name: /^Out/ }).click();

  await expect(page.getByRole('heading', { name: 'Let it cool' })).toBeVisible();
  await expect(page.locator('.timer').first()).toContainText('out of the tin');
  await forward(page).click();
  await expect(page.getByRole('heading', { name: 'Baked', exact: true })).toBeVisible();
  await expect(page.locator('.simulated')).toBeVisible();
  await expect(page.getByText('Last look')).toBeVisible();
  await page.getByRole('link', { name: 'To the bakes' }).click();
  await expect(page.getByRole('link', { name: /Rhubarb & ginger muffins.*simulated/ })).toBeVisible();

  // what the stand-ins said is taken along, and says that it is theirs
  await page.getByRole('link', { name: /Rhubarb & ginger muffins.*simulated/ }).click();
  await page.getByRole('link', { name: 'Record how it came out' }).click();
  await page.getByRole('button', { name: 'Keep this bake' }).click();
  await page.getByRole('listitem').filter({ hasText: 'Rhubarb & ginger muffins' }).first().getByRole('link').click();
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Its readings, SenML' }).click()]); // prettier-ignore
  expect(download.suggestedFilename()).toMatch(/^rhubarb-ginger-muffins-.*\.senml\.json$/);
  const records = JSON.parse(readFileSync(await download.path(), 'utf8')) as { bn?: string; n: string; u: string }[];
  expect(records[0]?.bn).toBe('simulated:');
  expect(new Set(records.map(({ n, u }) => `${n} ${u}`))).toEqual(new Set(['scale:mass kg', 'probe:core Cel', 'thermometer:air Cel'])); // prettier-ignore
});

test('by the space bar alone, back without loss, and undone', async ({ baker, page }) => {
  await baker.opens();
  await begin(page, 'Marmalade and almond loaf');
  expect(await baker.faultsForReaders()).toEqual([]);
  await spaceUntil(page, /^weighing/);
  const first = await page.getByRole('heading', { level: 2 }).innerText();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 2 })).not.toHaveText(first);
  await page.keyboard.press('Backspace');
  await expect(page.getByRole('heading', { level: 2 })).toHaveText(first);
  await expect(page.locator('.figure')).toContainText('115');
  await spaceUntil(page, /^mixing/);
  await expect(page.getByText('stop here')).toBeVisible();
  expect(await baker.faultsForReaders()).toEqual([]);
  await page.getByRole('button', { name: 'Start the clock' }).click();
  await expect(page.locator('.figure')).toHaveText('0:01');
  await forward(page).click();
  await expect(place(page)).toHaveText(/weighing/);
  await page.keyboard.press('Control+z');
  await expect(place(page)).toHaveText(/mixing/);
});

test('a formula that was never kept is kept as a version when its bake begins, and its record opens just that', async ({
  baker,
  page,
}) => {
  await baker.opens();
  await baker.pastes(
    'Damson buns\n\n260 g plain flour\n2 tsp baking powder\n90 g cold butter\n70 g light brown sugar\n1 large egg\n150 ml buttermilk\n\n1. Rub in, mix, spread into a 20 cm square tin.\n2. Bake for 30 minutes at 190C.',
  );
  await expect(baker.sheet).toContainText('Damson buns');
  await begin(page, 'Damson buns');
  await spaceUntil(page, /^in the oven/);
  await forward(page).click();
  // out by the pointer from the list of what is done to it: the space bar goes on all the same
  await page.getByRole('list', { name: 'What is done to it' }).getByRole('button', { name: /^Out/ }).click();
  await expect(place(page)).toHaveText(/cooling/);
  await page.keyboard.press('Space');
  await page.getByRole('link', { name: /Record how it came out/ }).click();
  await expect(page.getByText('version 1')).toBeVisible();
  await page.getByRole('button', { name: 'Keep this bake' }).click();
  await page.getByRole('listitem').filter({ hasText: 'Damson buns' }).getByRole('link').click();
  await page.getByRole('link', { name: 'Its version and batch' }).click();
  await expect(page.getByRole('heading', { name: 'Damson buns' })).toBeVisible();
  await expect(page.getByText(/version 1/).first()).toBeVisible();
});

test('two bakes at once: what rings for the other is named while hands are at work, and one tap away', async ({
  baker,
  page,
}) => {
  await page.clock.install({ time: new Date('2026-11-28T09:00:00') });
  await baker.opens();
  await page.clock.resume();
  await begin(page, 'Pear and cardamom loaf');
  await spaceUntil(page, /^weighing/);
  const loaf = new URL(page.url()).pathname;
  await page.goto('/bake');
  await begin(page, 'Gingerbread with dark treacle');
  await spaceUntil(page, /^weighing/);
  const gingerbread = new URL(page.url()).pathname;
  // the loaf's oven is hot by now
  await page.clock.setSystemTime(new Date('2026-11-28T09:40:00'));
  const goTo = page.getByRole('link', { name: /^Go to it: oven to .*: Pear and cardamom loaf/ });
  await expect(goTo).toBeVisible();
  expect(new URL(page.url()).pathname).toBe(gingerbread);
  expect(await baker.faultsForReaders()).toEqual([]);
  await goTo.click();
  await expect(page).toHaveURL(new RegExp(`${loaf}$`));
});

test('timers outlive the tab: an hour passes in sleep, and what rang is said', async ({ baker, page }) => {
  await page.clock.install({ time: new Date('2026-11-28T09:00:00') });
  await baker.opens();
  await page.clock.resume();
  await begin(page, 'Pear and cardamom loaf');
  await spaceUntil(page, /^weighing/);
  const timer = page.getByRole('timer', { name: /^oven to/ });
  await expect(timer).toContainText(/2[0-9]:\d\d/);
  await page.clock.setSystemTime(new Date('2026-11-28T10:30:00'));
  await page.reload();
  await expect(timer).toContainText(/\+1 h 0\d/);
  await expect(page).toHaveTitle(/^oven to .*: now/);
  await page.getByRole('button', { name: /^Stop: oven to/ }).click();
  await expect(timer).toHaveCount(0);
});

test('on a phone, with a thumb: an over-pour typed by hand is made bigger, and the lines that follow with it', async ({
  baker,
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await baker.opens();
  await begin(page, 'Pear and cardamom loaf');
  await spaceUntil(page, /^weighing/);
  await page.getByRole('textbox', { name: /^Grams of/ }).fill('240');
  const bigger = page.getByRole('button', { name: /^Make all of it 1\.15 times/ });
  await expect(bigger).toBeVisible();
  await bigger.click();
  await expect(page.locator('.tell')).toHaveText('Now 240 g, not 209 g.');
  await forward(page).click();
  await expect(page.locator('.tell')).toHaveText(/^Now 69 g, not 60 g/);
  const box = await page.locator('main').boundingBox();
  expect(box?.width).toBeLessThanOrEqual(390);
});

test('something went wrong: what was forgotten, and an oven that was off, each with what it comes to', async ({
  baker,
  page,
}) => {
  await baker.opens();
  await begin(page, 'Pear and cardamom loaf');
  await page.getByRole('button', { name: 'Something went wrong' }).click();
  await page.getByRole('button', { name: 'Something was forgotten' }).click();
  await page.getByRole('group', { name: 'Which line' }).getByRole('button', { name: 'baking soda' }).click();
  await expect(page.getByText(/^Add 4\.9 g baking soda now/)).toBeVisible();
  await page.getByRole('button', { name: 'The oven was off' }).click();
  await expect(page.getByText(/About \d+ min later/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to the bake' }).click();
  await expect(forward(page)).toBeVisible();
});
