import '@angular/localize/init';
import { DEMO_FORMULAS } from '@orvin/core/doors/samples';
import { expect, test, type Baker } from './baker';

const PEAR = 'Pear and cardamom loaf';
const face = async (baker: Baker, name: string) => {
  await baker.page.getByRole('tab', { name, exact: true }).click();
  await expect(baker.page.getByRole('tab', { name, exact: true })).toHaveAttribute('aria-selected', 'true');
};
const panel = (baker: Baker) => baker.page.getByRole('tabpanel');
const verdictOf = (baker: Baker, name: string) => panel(baker).getByRole('button', { name: new RegExp(`^${name}\\b`) });

test('the ledger opens to where its figures come from, and waiting follows the kitchen', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf(PEAR);
  await page.getByRole('button', { name: 'How the ledger is worked out' }).click();
  await expect(panel(baker).getByText('soda of all leaveners − acid of food')).toBeVisible();
  await expect(panel(baker).getByText('Weigh one level teaspoon of your soda once')).toBeVisible();

  await page.getByText('each by itself, in grams and spoons').click();
  const sources = page.getByRole('table', { name: 'Every source of acid and soda' });
  await expect(sources.getByRole('row').filter({ hasText: 'pear' })).toContainText('9.6');
  await expect(panel(baker).getByRole('heading', { name: /^Sodium/ })).toContainText('mg');

  const wait = panel(baker).getByRole('heading', { name: /^May wait/ });
  await expect(wait).toContainText('17 min');
  await page.getByRole('textbox', { name: 'this kitchen' }).fill('32');
  await page.getByRole('textbox', { name: 'this kitchen' }).press('Tab');
  await expect(wait).toContainText(/May wait\s*[5-9] min/);
  await page.getByRole('textbox', { name: 'Metres above the sea' }).fill('1500');
  await page.getByRole('textbox', { name: 'Metres above the sea' }).press('Tab');
  await expect(panel(baker).getByText('Take 21 % off soda and powder.')).toBeVisible();
  await expect(panel(baker).getByText('What pulls on the crumb')).toBeVisible();
});

test('a school is one click: soda and powder are written, and the crumb comes into its band', async ({
  baker,
  page,
}) => {
  await baker.opens();
  await baker.takesFromShelf(PEAR);
  await expect(verdictOf(baker, 'crumb pH')).toContainText('above');
  await face(baker, 'Set right');
  const schools = page.getByRole('list', { name: 'Schools' }).getByRole('listitem');
  await expect(schools).toHaveCount(4);
  await expect(schools.nth(1)).toContainText('Nothing measurable hits both');
  await page.getByRole('button', { name: 'Use it: Soda for the acid, powder for the rest' }).click();
  await expect(baker.line('3/8 tsp baking soda')).toBeVisible();
  await expect(baker.line('3/4 tsp baking powder')).toBeVisible();
  await face(baker, 'Judge');
  await expect(verdictOf(baker, 'crumb pH')).toContainText('within');
  await page.getByRole('button', { name: /^Undo/ }).first().click();
  await expect(baker.line('1 tsp baking soda')).toBeVisible();
});

test('rebalancing never moves what is held, works with what there is, and says what locks forbid', async ({
  baker,
  page,
}) => {
  await baker.opens();
  await baker.takesFromShelf('Gingerbread with dark treacle');
  await face(baker, 'Set right');
  const moves = page.getByRole('table', { name: 'Before and after' });
  await expect(moves.getByRole('row').filter({ hasText: 'soda' })).toBeVisible();
  const locks = page.getByRole('group', { name: 'Lines to hold' });
  await locks.getByRole('button', { name: /soda/ }).click();
  await expect(moves.getByRole('row').filter({ hasText: 'soda' })).toHaveCount(0);
  // hold all that could help: the least that must give is named
  const pressAll = async (to: boolean) => {
    for (const lock of await locks.getByRole('button').all())
      if ((await lock.getAttribute('aria-pressed')) === String(!to)) await lock.click();
  };
  await pressAll(true);
  await expect(panel(baker).getByText('Not with these locks.')).toBeVisible();
  await expect(panel(baker).getByText(/The least that would have to give:/)).toBeVisible();
  await pressAll(false);

  await page.getByRole('textbox', { name: 'what I have' }).fill('no marzipan');
  await expect(panel(baker).getByText('“no marzipan” is in no line.')).toBeVisible();
  await page.getByRole('textbox', { name: 'what I have' }).fill('150 g flour');
  await expect(moves.getByRole('row').filter({ hasText: 'plain flour' })).toContainText('150 g');
  await page.getByRole('button', { name: 'Take all' }).click();
  await expect(baker.line('150 g plain flour')).toBeVisible();
  await face(baker, 'Judge');
  for (const name of ['sugar', 'fat', 'water', 'salt', 'gas', 'crumb pH'])
    await expect(verdictOf(baker, name)).toContainText('within');
});

test('a swap is put right, leads to a version, and any two versions can be compared, gone back to and branched', async ({
  baker,
  page,
}) => {
  await baker.opens();
  await baker.takesFromShelf('Rhubarb & ginger muffins');
  await face(baker, 'Swap');
  await page.getByRole('group', { name: 'What to swap' }).getByRole('button', { name: 'buttermilk' }).click();
  const ways = page.getByRole('list', { name: 'Ways to swap' });
  await expect(ways.getByRole('button', { name: /^Swap for/ })).not.toHaveCount(0);
  await page.getByRole('button', { name: /^Swap for whole milk and .*vinegar/ }).click();
  await expect(baker.line('Buttermilk 220ml')).toHaveCount(0);
  expect((await baker.written()).join('\n')).toMatch(/vinegar/);
  await expect(page.getByRole('textbox', { name: 'Step 2' })).toHaveValue(/Whisk the whole milk and/);

  await face(baker, 'Versions');
  const tree = page.getByRole('list', { name: 'Versions' });
  await expect(tree.getByRole('listitem')).toHaveCount(2);
  await expect(tree.getByRole('listitem').first()).toContainText('buttermilk: whole milk and');
  await page.getByRole('button', { name: 'Compare version 1' }).click();
  const lines = page.getByRole('table', { name: 'Lines that differ' });
  await expect(lines.getByRole('row').filter({ hasText: 'Buttermilk 220ml' })).toContainText('went out');
  await expect(lines.getByRole('row').filter({ hasText: 'vinegar' })).toContainText('came in');

  await page.getByRole('button', { name: 'Go on from it: version 1' }).click();
  await expect(baker.line('Buttermilk 220ml')).toBeVisible();
  await face(baker, 'Swap');
  await page.getByRole('group', { name: 'What to swap' }).getByRole('button', { name: 'caster sugar' }).click();
  await page.getByRole('button', { name: 'Swap for 20 % less' }).click();
  await face(baker, 'Versions');
  await expect(tree.getByRole('listitem')).toHaveCount(3);
  // another formula of the shelf is compared in the same place
  await page.getByRole('combobox', { name: 'To', exact: true }).click();
  await page.getByRole('option', { name: 'Oat farls' }).click();
  await expect(lines.getByRole('row').filter({ hasText: 'oatmeal' })).toContainText('came in');
  await page.reload();
  await expect(tree.getByRole('listitem')).toHaveCount(3);
});

test('the sandbox follows its knobs, asks before it answers, and changes nothing until it is told to', async ({
  baker,
  page,
}) => {
  await baker.opens();
  await baker.takesFromShelf('Coconut and passion-fruit layer cake');
  await face(baker, 'Try out');
  const sketch = panel(baker).getByRole('img', { name: /^The bake cut in half/ });
  await expect(sketch).toBeVisible();
  const before = await sketch.getAttribute('aria-label');
  const powder = page.getByRole('slider', { name: 'powder' });
  for (let i = 0; i < 60; i++) await powder.press('ArrowRight');
  await expect(sketch).not.toHaveAttribute('aria-label', before ?? '');
  await expect(panel(baker).getByText(/Outside the style: .*gas above/)).toBeVisible();
  expect((await baker.written()).join('\n')).toContain('2 1/4 tsp baking powder');

  await page.getByRole('button', { name: 'Melt the fat instead of creaming it.' }).click();
  const asked = page.getByRole('group', { name: 'Experiment' });
  await asked.getByRole('button', { name: 'Higher' }).click();
  await expect(asked.getByRole('status')).toContainText('No. Lower.');
  await page.getByRole('button', { name: 'Back to the knobs' }).click();
  await page.getByRole('button', { name: 'As the formula stands' }).click();
  await page.getByRole('slider', { name: 'sugar' }).press('ArrowLeft');
  await page.getByRole('button', { name: 'Take these amounts' }).click();
  await expect.poll(async () => (await baker.written()).join('\n')).toContain('221 g sugar');
});

test('bands can be made one’s own, as they are or as a style of a new name', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf(PEAR);
  await verdictOf(baker, 'crumb pH').click();
  await page.getByRole('textbox', { name: 'Highest crumb pH' }).fill('9');
  await page.getByRole('button', { name: 'Keep the band' }).click();
  await expect(verdictOf(baker, 'crumb pH')).toContainText('within');
  await page.getByRole('textbox', { name: 'Name of a style of your own' }).fill('Harbour loaf');
  await page.getByRole('textbox', { name: 'Lowest crumb pH' }).fill('8');
  await page.getByRole('textbox', { name: 'Usual crumb pH' }).fill('8.2');
  await page.getByRole('button', { name: 'Keep the band' }).click();
  await expect(panel(baker).getByRole('combobox', { name: 'Against' })).toContainText('Harbour loaf');
  await page.getByRole('textbox', { name: 'Usual crumb pH' }).fill('20');
  await page.getByRole('button', { name: 'Keep the band' }).click();
  await expect(panel(baker).getByText('The usual must lie between the ends')).toBeVisible();
});

test('a portion says what it holds and costs', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf('Rhubarb & ginger muffins');
  await face(baker, 'Portion');
  const table = page.getByRole('table', { name: 'Nutrition' });
  const row = table.getByRole('row').filter({ hasText: 'energy' });
  const energy = async () => Number(/(\d+) kcal/.exec(await row.innerText())?.[1]);
  const twelve = await energy();
  expect(twelve).toBeGreaterThan(150);
  await page.getByRole('textbox', { name: 'Portions' }).fill('24');
  await page.getByRole('textbox', { name: 'Portions' }).press('Tab');
  await expect.poll(energy).toBeLessThan(0.55 * twelve);
  await page.getByRole('textbox', { name: 'Price of a pack of plain flour' }).fill('1,50');
  await page.getByRole('textbox', { name: 'Price of a pack of plain flour' }).press('Tab');
  await expect(panel(baker).getByText('in all, of what has a price')).toBeVisible();
});

test('a formula starts from a style, a size and a diet, balanced', async ({ baker, page }) => {
  await baker.opens();
  await page.getByRole('button', { name: 'Start from a style' }).click();
  const dialog = page.getByRole('dialog', { name: 'Start from a style' });
  await dialog.getByRole('button', { name: 'pieces' }).click();
  await dialog.getByRole('textbox', { name: 'How many pieces' }).fill('0');
  await expect(dialog.getByText('Write how many pieces, 1 to 2000.')).toBeVisible();
  await dialog.getByRole('textbox', { name: 'How many pieces' }).fill('18');
  await dialog.getByRole('button', { name: 'dairy-free' }).click();
  await expect(dialog.getByText('inside every band of its style')).toBeVisible();
  // diets combine, and what no amount brings back is named
  await dialog.getByRole('button', { name: 'egg-free' }).click();
  await expect(dialog.getByText('outside its style in egg')).toBeVisible();
  await dialog.getByRole('button', { name: 'egg-free' }).click();
  await dialog.getByRole('button', { name: 'To the bench' }).click();
  await expect(baker.sheet).toBeVisible();
  const written = (await baker.written()).join('\n');
  expect(written).not.toMatch(/unsalted butter|buttermilk|natural yogurt/);
  await expect(page.getByRole('textbox', { name: 'Step 5' })).toHaveValue(/^Bake at 195 °C for \d+\D+\d+ min, until/);
  for (const name of ['sugar', 'fat', 'egg', 'water', 'salt', 'gas', 'crumb pH'])
    await expect(verdictOf(baker, name)).toContainText('within');
});

for (const [half, formulas] of [DEMO_FORMULAS.slice(0, 6), DEMO_FORMULAS.slice(6)].entries())
  test(`each formula of the demo is judged, set right, adapted to two diets and versioned, part ${half + 1}`, async ({
    baker,
    page,
  }) => {
    test.setTimeout(120_000);
    await baker.opens();
    for (const { text } of formulas) {
      const title = (text.split('\n')[0] ?? '').replace(/^# /, '');
      await baker.goesTo('Shelf');
      await page
        .getByRole('link')
        .filter({ hasText: new RegExp(`^\\s*${title.slice(0, 12)}`, 'i') })
        .first()
        .click();
      await expect(baker.sheet).toBeVisible();
      await expect(panel(baker).getByRole('heading', { name: 'What pulls on the crumb' })).toBeVisible();
      await face(baker, 'Set right');
      await expect(panel(baker).getByText(/Nothing needs to move|lines? moves?\b|Not with these locks/)).toBeVisible();
      const take = page.getByRole('button', { name: 'Take all' });
      if (await take.isVisible()) {
        await take.click();
        await expect(panel(baker).getByText('Nothing needs to move.')).toBeVisible();
      }
      await face(baker, 'Swap');
      for (const diet of ['dairy-free', 'egg-free']) {
        await page.getByRole('group', { name: 'Diets' }).getByRole('button', { name: diet }).click();
        const make = page.getByRole('button', { name: `Make it ${diet}` });
        await expect(make.or(panel(baker).getByText('Nothing in it is against that.'))).toBeVisible();
        if (await make.isVisible()) {
          await make.click();
          await expect(
            panel(baker)
              .getByText('Nothing in it is against that.')
              .or(
                panel(baker)
                  .getByText(/No good swap for/)
                  .first(),
              ),
          ).toBeVisible();
        }
      }
      await face(baker, 'Versions');
      await expect(page.getByRole('list', { name: 'Versions' }).getByRole('listitem')).not.toHaveCount(0);
    }
  });
