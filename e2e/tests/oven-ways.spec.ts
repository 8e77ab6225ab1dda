import type { Page } from '@playwright/test';
import { expect, test, type Baker } from './baker';

/* The bake converted: other pans and shapes, lids and stages, cold batter, a mountain kitchen, this oven; and the way back. */

/** @param known its written time, which stands again once nothing is known of the oven */
async function toTheOven(baker: Baker, title = 'Pear and cardamom loaf', known = '53–62 min'): Promise<void> {
  await baker.opens();
  await baker.takesFromShelf(title);
  await baker.goesTo('Oven');
  await baker.forgetsTheOven();
  await expect(baker.window).toHaveText(known);
}
const write = async (page: Page, name: string, text: string) => {
  const field = page.getByRole('textbox', { name, exact: true });
  await field.fill(text);
  await field.press('Enter');
};
const face = (page: Page, name: string) => page.getByRole('tab', { name }).click();
/** The window once it is another than before. */
async function newWindow(baker: Baker, before: readonly [number, number]): Promise<readonly [number, number]> {
  await expect.poll(() => baker.minutesShown()).not.toEqual(before);
  await expect(baker.window.locator('..')).not.toHaveClass(/working/);
  return baker.minutesShown();
}

test('loaf to muffins: up to four ways side by side, in figures and in curves', async ({ baker, page }) => {
  await toTheOven(baker);
  await face(page, 'Compare');
  await page.getByRole('button', { name: '12-cup muffin tin' }).click();
  const cups = page.getByRole('row', { name: /^12-cup muffin tin/ });
  await expect(cups).toContainText(/\d+–\d+ min/);
  await page.getByRole('combobox', { name: 'Another way to bake it' }).fill('at 160 fan');
  await page.keyboard.press('Enter');
  const fan = page.getByRole('row', { name: /^at 160 fan/ });
  await expect(fan).toContainText('160 °C fan');
  await page.getByRole('button', { name: '8 in round x 2' }).click();
  await expect(page.getByRole('row')).toHaveCount(5);
  await expect(page.getByText('Done first: 12-cup muffin tin.')).toBeVisible();
  const chart = page.getByRole('group', { name: 'Core of each way over time' });
  await expect(chart.locator('.scatterlayer .trace')).toHaveCount(4);
  await page.getByRole('button', { name: 'Moisture' }).click();
  await expect(page.getByRole('group', { name: 'Moisture of each way over time' })).toContainText('water lost');
  // what was compared is kept with the formula
  await page.reload();
  await expect(page.getByRole('row', { name: /^at 160 fan/ })).toContainText(/\d+–\d+ min/);
  await page.getByRole('button', { name: 'Take away at 160 fan' }).click();
  await expect(page.getByRole('row', { name: /^at 160 fan/ })).toHaveCount(0);
});

test('sheet to layers: the same batter in two rounds is done sooner', async ({ baker, page }) => {
  await toTheOven(baker, 'Courgette and lime traybake', '30–35 min');
  // the traybake tin it was written for: its known 30 to 35 minutes
  await expect(page.getByText('Leans on the known 32 min.')).toBeVisible();
  await expect.poll(async () => (await baker.minutesShown())[0]).toBe(30);
  await baker.choosesPan('20 cm round x 2');
  await expect(page.getByText(/g in each pan/)).toBeVisible();
  await expect(page.getByText('Turn the pan round at').first()).toBeVisible();
  await expect.poll(async () => (await baker.minutesShown())[1]).toBeLessThan(35);
});

test('a staged dome under a lid has its clock: oven down, lid off, window', async ({ baker, page }) => {
  await toTheOven(baker);
  await baker.choosesPan('dome');
  await expect(page.getByText('924 g in each loaf')).toBeVisible();
  const plain = await baker.minutesShown();
  await page.getByText('Stages, lid or foil, cold batter').click();
  await write(page, 'stages', '15 minutes at 220, then 200');
  await expect(page.getByText('Turn the oven to 200 °C at 15 min.')).toBeVisible();
  await write(page, 'covered', 'lid for the first 20 minutes');
  await expect(page.getByText('Uncover it at 20 min.')).toBeVisible();
  await expect(page.getByText(/as hot as the oven, and steam comes out first/)).toBeVisible();
  expect(await baker.minutesShown()).not.toEqual(plain);
  await face(page, 'How sure');
  await expect(page.getByText('Under a heavy lid.')).toBeVisible();
  await expect(page.getByText('More than one set point.')).toBeVisible();
  // a lid past the end is refused with its reason, and the words stay
  await write(page, 'covered', 'lid 0-300');
  await expect(page.getByText(/The lid is timed to minute 300, when the bake is done at about/)).toBeVisible();
  await write(page, 'covered', 'cloth 0-10');
  await expect(page.getByText('Write a cover with its minutes')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'covered' })).toHaveValue('cloth 0-10');
});

test('glass instead of metal: a cooler oven, a warning, and the reason', async ({ baker, page }) => {
  await toTheOven(baker);
  await page.getByRole('combobox', { name: /made of/ }).click();
  await page.getByRole('option', { name: 'glass' }).click();
  await expect(page.getByText(/−10 °C for glass/)).toBeVisible();
  await expect(page.getByText('Set hot glass on a dry cloth')).toBeVisible();
  await page.getByText('Stages, lid or foil, cold batter').click();
  await write(page, 'goes in at', '4');
  await expect(page.getByText('Let the batter lose its chill before it goes into hot glass.')).toBeVisible();
});

test('a cold batter takes longer, a frozen one longest, and a cold oven needs no heating', async ({ baker, page }) => {
  await toTheOven(baker);
  await baker.choosesPan('wedge 18 cm round x 8');
  await expect(page.getByText(/in each wedge/)).toBeVisible();
  const warm = await baker.minutesShown();
  await page.getByText('Stages, lid or foil, cold batter').click();
  await write(page, 'goes in at', '4');
  const cold = await newWindow(baker, warm);
  expect(cold[1]).toBeGreaterThan(warm[1]);
  await write(page, 'goes in at', '-18');
  const frozen = await newWindow(baker, cold);
  expect(frozen[1]).toBeGreaterThan(cold[1]);
  await page.getByRole('button', { name: 'cold', exact: true }).click();
  await expect(page.getByText(/Into the cold oven/)).toBeVisible();
});

test('a mountain kitchen: the middle is done at a lower temperature', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf('Pear and cardamom loaf');
  const metres = page.getByRole('textbox', { name: 'Metres above the sea' });
  await metres.fill('1600');
  await metres.press('Enter');
  await baker.goesTo('Oven');
  await expect(baker.window).toHaveText(/min/);
  await face(page, 'Done?');
  await expect(page.getByText(/where water boils at 95 °C/)).toBeVisible();
  await expect(page.getByText(/88–93 °C/).first()).toBeVisible();
  await face(page, 'How sure');
  await expect(page.getByText('High above the sea.')).toBeVisible();
});

test('an oven thermometer read once corrects the time and narrows the window, for every formula', async ({
  baker,
  page,
}) => {
  await toTheOven(baker);
  await baker.choosesPan('20 cm square tin');
  const before = await newWindow(baker, [53, 62]);
  await page.getByRole('textbox', { name: 'reads' }).fill('171');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText('It is 8 °C cool, give or take 4.')).toBeVisible();
  await expect(page.getByRole('list', { name: 'What to do' }).getByRole('listitem').first()).toContainText(
    'Set this oven to 185 °C for 177 inside.',
  );
  const after = await newWindow(baker, before);
  expect(after[0]).toBeGreaterThan(before[0]);
  expect(after[1] / after[0]).toBeLessThan(before[1] / before[0]);
  await face(page, 'How sure');
  await expect(page.getByText(/This oven is 8 °C cool/)).toBeVisible();
  await baker.goesTo('Shelf');
  await baker.takesFromShelf('Rhubarb & ginger muffins');
  await baker.goesTo('Oven');
  await expect(page.getByText('It is 8 °C cool, give or take 4.')).toBeVisible();
});

test('the way back: done by the clock, the same crust, and what it costs', async ({ baker, page }) => {
  await toTheOven(baker);
  await baker.choosesPan('12-cup muffin tin');
  await newWindow(baker, [53, 62]);
  await face(page, 'Setting');
  await expect(page.getByText(/browns it as the known bake does|comes nearest/)).toBeVisible();
  await page.getByLabel('in at', { exact: true }).fill('14:00');
  await page.getByLabel('in at', { exact: true }).blur();
  await page.getByLabel('out by', { exact: true }).fill('14:20');
  await page.getByLabel('out by', { exact: true }).blur();
  const locator = page.getByText(/for 20 min; likely 20 min/);
  await expect(locator).toBeVisible();
  await page.getByRole('button', { name: /^Set the oven to \d+ °C$/ }).click();
  await expect.poll(async () => (await baker.minutesShown())[0]).toBeLessThan(20);
  expect((await baker.minutesShown())[1]).toBeGreaterThan(20);
  await page.getByRole('textbox', { name: 'Minutes it may take' }).fill('4');
  await page.getByRole('textbox', { name: 'Minutes it may take' }).press('Enter');
  await expect(page.getByText(/Too little time: even at 230 °C/)).toBeVisible();
});

test('two bakes share the oven: one set point, when each goes in, and its cost', async ({ baker, page }) => {
  await toTheOven(baker);
  await face(page, 'Setting');
  await expect(page.getByText('Baked at 21 set points')).toBeVisible();
  await page.getByRole('combobox', { name: 'with' }).click();
  await page.getByRole('option', { name: 'Rhubarb & ginger muffins' }).click();
  await expect(page.getByText(/for both, so that they come out together|One after the other/)).toBeVisible({
    timeout: 20_000,
  });
  const lines = page.getByRole('listitem').filter({ hasText: /takes \d+ min; alone/ });
  await expect(lines).toHaveCount(2);
  await expect(page.getByText('goes in first')).toBeVisible();
});

test('the clock around the bake, and every figure opens to where it comes from', async ({ baker, page }) => {
  await toTheOven(baker);
  await expect(page.getByText(/turn out after 10 min · slice after/i)).toBeVisible();
  await expect(page.getByText(/350 °F · gas 4 · fan 155/)).toBeVisible();
  await page.getByText('Where this comes from').first().click();
  await expect(page.getByText(/Simulated: heat into the pan/)).toBeVisible();
  await expect(page.getByText(/Turning at two thirds of the likely 57 min/)).toBeVisible();
  await face(page, 'How sure');
  await expect(page.getByText('the batter in the pan')).toBeVisible();
  await expect(page.getByRole('row', { name: /^The same time/ })).toContainText('57 min');
});

test('rings, scones and silicone: every shape is drawn and has its time', async ({ baker, page }) => {
  await toTheOven(baker);
  await baker.choosesPan('10 in bundt');
  await expect(page.getByRole('img', { name: /^Section of the pan/ })).toBeVisible();
  await expect(page.getByText(/g in the pan/)).toBeVisible();
  const ring = await newWindow(baker, [53, 62]);
  await baker.choosesPan('disc 5x2.5 cm x 16');
  await expect(page.getByText(/58 g in each piece/)).toBeVisible();
  expect((await newWindow(baker, ring))[1]).toBeLessThan(ring[1]);
  await page.getByRole('button', { name: 'One piece fewer' }).click();
  await expect(page.getByText(/62 g in each piece/)).toBeVisible();
});

test('an impossible oven or batter is refused clearly, and the one before stands', async ({ baker, page }) => {
  await toTheOven(baker);
  await write(page, 'set to', '700');
  await expect(page.getByText('Too high: 100 to 300 °C.')).toBeVisible();
  await expect(baker.window).toHaveText('53–62 min');
  await write(page, 'batter', '0');
  await expect(page.getByText(/Too low: 10 to 200.000 g\./)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'set to' })).toHaveValue('700');
  await expect(page.getByText('Too high: 100 to 300 °C.')).toBeVisible();
  await expect(page.getByText(/Too low: 10 to 200.000 g\./)).toBeVisible();
  await page.getByRole('textbox', { name: 'batter' }).press('Escape');
  await expect(page.getByText(/Too low: 10 to 200.000 g\./)).toHaveCount(0);
  await write(page, 'set to', '180');
  await expect(page.getByText('Too high: 100 to 300 °C.')).toHaveCount(0);
  await newWindow(baker, [53, 62]);
});

test('stages and covers are rows as well as words, and the bake follows them', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf('Pear and cardamom loaf');
  await page.getByRole('link', { name: 'Oven', exact: true }).click();
  await page.getByText('Stages, lid or foil, cold batter').click();
  await page.getByRole('button', { name: 'then another heat' }).click();
  const words = page.getByRole('textbox', { name: 'stages', exact: true });
  await expect(words).toHaveValue('15 min at 177 °C, then 157 °C');
  await page.getByRole('textbox', { name: 'Minutes of stage 1' }).fill('10');
  await page.getByRole('textbox', { name: 'Minutes of stage 1' }).press('Enter');
  await page.getByRole('textbox', { name: 'Heat of stage 1' }).fill('200');
  await page.getByRole('textbox', { name: 'Heat of stage 1' }).press('Enter');
  await expect(words).toHaveValue('10 min at 200 °C, then 157 °C');
  await page.getByRole('button', { name: 'put a lid or foil over it' }).click();
  await page.getByRole('textbox', { name: 'Cover 1 to minute' }).fill('20');
  await page.getByRole('textbox', { name: 'Cover 1 to minute' }).press('Enter');
  await page.getByRole('group', { name: 'from' }).getByText('bowl over it').click();
  await expect(page.getByRole('textbox', { name: 'covered', exact: true })).toHaveValue('bowl for the first 20 min');
  await expect(page.getByText(/Uncover it at 20 min/)).toBeVisible();
  await page.getByRole('button', { name: 'Take cover 1 away' }).click();
  await page.getByRole('button', { name: 'Take stage 2 away' }).click();
  await expect(page.getByText(/Uncover it at/)).toHaveCount(0);
});

test.describe('an American', () => {
  test.use({ locale: 'en-US' });
  test('reads and turns the dial by Fahrenheit: on the shelf, in the Oven, on the sheet', async ({ baker, page }) => {
    await baker.opens();
    await expect(page.getByRole('row', { name: /Rhubarb & ginger muffins/ })).toContainText('385 °F');
    await baker.takesFromShelf('Pear and cardamom loaf');
    await baker.goesTo('Oven');
    const heat = page.locator('.heat');
    await expect(heat).toContainText('350 °F 177 °C · gas 4 · fan 325');
    await write(page, 'set to', '325');
    await expect(heat).toContainText('325 °F 163 °C');
    await expect(page.getByLabel('set to', { exact: true })).toHaveValue('325');
    await page.getByText('Stages, lid or foil, cold batter').click();
    await expect(page.getByLabel('goes in at')).toHaveAttribute('placeholder', '70');
    const stages = page.getByRole('textbox', { name: 'stages', exact: true });
    await stages.fill('10 minutes at 400, then 325');
    await stages.press('Enter');
    await expect(stages).toHaveValue('10 min at 400 °F, then 325 °F');
    await stages.fill('');
    await stages.press('Enter');
    await write(page, 'set to', '325');
    await expect(heat).toContainText('325 °F 163 °C');
    await baker.opens('/batch/demo-pear-cardamom-loaf/sheet');
    await expect(page.locator('main')).toContainText('325 °F (163 °C)');
  });
});
