import { BAKE_VIEWS } from './look-bake-views.mjs';
import { BEYOND_VIEWS } from './look-beyond-views.mjs';
import { BOOK_VIEWS } from './look-book-views.mjs';
import { GERMAN_VIEWS } from './look-german-views.mjs';

/** The views of the application, each with the way to it from the shelf. A new view gets its row here. */
const open = (title) => async (page) => {
  await page.locator('main').getByRole('link', { name: title }).click();
  await page.getByRole('region', { name: 'Formula', exact: true }).waitFor();
};
const PEAR = 'Pear and cardamom loaf';
const toOven = async (page) => {
  await page.getByRole('link', { name: 'Oven', exact: true }).click();
  await page.locator('p.window').waitFor({ state: 'attached' });
};
const PARSNIP = 'Parsnip and hazelnut cake, browned-butter frosting';
const toBatch = async (page) => {
  await page.getByRole('link', { name: 'Batch', exact: true }).click();
  await page.getByRole('textbox', { name: 'What is it to give?' }).waitFor();
};
const wanted = async (page, said) => {
  const field = page.getByRole('textbox', { name: 'What is it to give?' });
  await field.fill(said);
  await field.press('Enter');
};
const toDay = async (page) => {
  await page.getByRole('link', { name: 'Day', exact: true }).click();
  await page.locator('.sure:not(.under)').waitFor({ state: 'attached', timeout: 60_000 });
};
const readings = async (page, size) => {
  if (size === 'phone') await page.locator('.handle').click();
};

export const VIEWS = {
  ...GERMAN_VIEWS,
  ...BEYOND_VIEWS,
  shelf: (page) => page.locator('td .bar > i').first().waitFor(),
  'shelf-refused': async (page) => {
    await page.getByRole('textbox', { name: 'Paste a formula' }).fill('milk\neggs\nbatteries');
    await page.getByRole('button', { name: 'Read it' }).click();
  },
  bench: open(PEAR),
  'bench-editing': async (page) => {
    await open(PEAR)(page);
    const line = page.getByRole('textbox', { name: 'Line: 1/4 cup plain yogurt' });
    await line.fill('1/4 cup zorblax');
  },
  'bench-mark': async (page) => {
    await open(PEAR)(page);
    const line = page.getByRole('textbox', { name: 'Line: 1/4 cup plain yogurt' });
    await line.fill('1/4 cup chopped nuts (or 3 tbsp raisins)');
    await page.getByRole('group', { name: 'Is it right?' }).waitFor();
  },
  'bench-completion': async (page) => {
    await open(PEAR)(page);
    const line = page.getByRole('textbox', { name: 'Line: 1/4 cup plain yogurt' });
    await line.fill('1/4 cup butterm');
    await page.getByRole('listbox', { name: 'Ingredients' }).waitFor();
  },
  'bench-shares': async (page) => {
    await open(PEAR)(page);
    await page.getByRole('textbox', { name: /^Line: 2\/3 cup light brown sugar/ }).focus();
    await page.getByText('More about this line').click();
    await page.getByRole('button', { name: 'Split it' }).click();
  },
  'bench-method': async (page) => {
    await open(PEAR)(page);
    await page.getByRole('list', { name: 'Method' }).scrollIntoViewIfNeeded();
    await page.getByRole('textbox', { name: 'Step 4' }).focus();
  },
  'bench-readings': async (page, size) => {
    await open('Gingerbread with dark treacle')(page);
    await readings(page, size);
  },
  ...Object.fromEntries(
    [
      ['set', 'Set right'],
      ['swap', 'Swap'],
      ['try', 'Try out'],
      ['versions', 'Versions'],
      ['portion', 'Portion'],
    ].map(([id, name]) => [
      `bench-${id}`,
      async (page, size) => {
        await open(PEAR)(page);
        await readings(page, size);
        await page.getByRole('tab', { name }).click();
        await page.getByRole('tabpanel').locator('h2, dl').first().waitFor();
        if (id === 'swap') {
          await page.getByRole('button', { name: 'dairy-free' }).click();
          await page.getByRole('list', { name: 'Ways to swap' }).waitFor();
        }
      },
    ]),
  ),
  'bench-rebalance': async (page, size) => {
    await VIEWS['bench-set'](page, size);
    await page.getByRole('textbox', { name: 'what I have' }).fill('180 g flour, no yogurt');
    await page.getByRole('textbox', { name: 'what I have' }).scrollIntoViewIfNeeded();
    await page.getByRole('heading', { name: 'Held as it is' }).scrollIntoViewIfNeeded();
  },
  'bench-crumb': async (page, size) => {
    await open('Parsnip and hazelnut cake, browned-butter frosting')(page);
    await readings(page, size);
    await page.getByText('What pulls on the crumb').scrollIntoViewIfNeeded();
    await page.getByText('water over thirst').scrollIntoViewIfNeeded();
  },
  'bench-branches': async (page, size) => {
    await open(PEAR)(page);
    await readings(page, size);
    await page.getByRole('tab', { name: 'Set right' }).click();
    await page.getByRole('button', { name: 'Use it: Soda for the acid, powder for the rest' }).click();
    await page.getByRole('tab', { name: 'Swap' }).click();
    await page.getByRole('button', { name: 'vegan' }).click();
    await page.getByRole('button', { name: 'Make it vegan' }).click();
    await page.getByRole('tab', { name: 'Versions' }).click();
    await page.getByRole('button', { name: 'Go on from it: version 1' }).click();
    await page.getByRole('tab', { name: 'Swap' }).click();
    await page.getByRole('group', { name: 'What to swap' }).getByRole('button', { name: 'vegetable oil' }).click();
    await page
      .getByRole('button', { name: /^Swap for/ })
      .first()
      .click();
    await page.getByRole('tab', { name: 'Versions' }).click();
    await page.getByRole('button', { name: 'Compare version 3' }).click();
  },
  'shelf-start': async (page) => {
    await page.getByRole('button', { name: 'Start from a style' }).click();
    await page.getByRole('list', { name: 'What it takes' }).waitFor();
  },
  'bench-many-in-one': async (page) => {
    await open('Cider-fed harvest fruit cake')(page);
    await page.getByRole('textbox', { name: /^Line: 300g sultanas/ }).focus();
  },
  'bench-keep': async (page) => {
    await open(PEAR)(page);
    await page.getByRole('textbox', { name: 'Line: 1 tsp baking soda' }).fill('1/4 tsp baking soda');
    await page.getByRole('button', { name: /^Keep version/ }).click();
    await page.getByRole('dialog').waitFor();
  },
  'bench-aside': async (page, size) => {
    await open('Pear and cardamom loaf')(page);
    await readings(page, size);
    await page
      .getByRole('button', { name: /^Set aside/ })
      .first()
      .click();
  },
  batch: async (page, size) => {
    await open(PARSNIP)(page);
    await toBatch(page);
    await wanted(page, 'two 20 cm rounds and 6 muffins');
    await readings(page, size);
    await page
      .getByRole('button', { name: /^To the oven/ })
      .first()
      .waitFor();
  },
  'batch-sheet-side': async (page) => {
    await open(PARSNIP)(page);
    await toBatch(page);
    await wanted(page, '24 muffins and a miracle');
  },
  'batch-frosting': async (page, size) => {
    await VIEWS.batch(page, size);
    await page.getByRole('button', { name: 'Work it out by surface' }).click();
    await page.getByRole('button', { name: 'levelled' }).click();
    await page.getByRole('heading', { name: /^Paper for these pans/ }).scrollIntoViewIfNeeded();
  },
  'batch-paper': async (page, size) => {
    await VIEWS.batch(page, size);
    await page.getByRole('button', { name: 'Draw the paper' }).focus();
    const marks = page.getByRole('textbox', { name: /^marks for/ }).first();
    await marks.fill('8');
    await marks.press('Enter');
    await page.getByRole('heading', { name: /^Sheets to cook from/ }).scrollIntoViewIfNeeded();
  },
  'batch-cut': async (page, size) => {
    await open('Thyme and sweet-potato scones')(page);
    await toBatch(page);
    await wanted(page, '16 scones');
    await readings(page, size);
    await page.getByRole('img', { name: /^Cutting plan/ }).waitFor();
  },
  'batch-trade': async (page) => {
    await open(PEAR)(page);
    await toBatch(page);
    await wanted(page, '1.5 times');
    await page.getByRole('button', { name: /^light brown sugar.*trade it/ }).click();
    await page.getByRole('group', { name: /^Other amounts/ }).waitFor();
  },
  sheet: async (page) => {
    await open(PARSNIP)(page);
    await toBatch(page);
    await wanted(page, 'two 20 cm rounds');
    await page.goto(`${page.url()}/sheet`);
    await page.getByRole('article', { name: 'Batch sheet' }).getByText('look at').first().waitFor();
  },
  pantry: async (page) => {
    await page.getByRole('link', { name: 'Pantry', exact: true }).click();
    await page.getByText('How much is').waitFor();
  },
  'pantry-pans': async (page, size) => {
    await page.getByRole('link', { name: 'Pantry', exact: true }).click();
    await readings(page, size);
    for (const said of ['two 20 cm rounds', '2 lb loaf tin', '25 cm fluted ring', '12-hole muffin tin x 2']) {
      await page.getByRole('textbox', { name: 'A pan that you own' }).fill(said);
      await page.getByRole('button', { name: 'Put it on', exact: true }).click();
    }
    await page.getByRole('button', { name: 'Measure one' }).click();
    if (size === 'phone') await page.locator('.handle').click();
    await page.getByRole('textbox', { name: 'name', exact: true }).fill('heart tin');
    await page.getByRole('textbox', { name: 'water to the brim' }).fill('1250');
  },
  'pantry-knows': async (page, size) => {
    await page.getByRole('link', { name: 'Pantry', exact: true }).click();
    await readings(page, size);
    await page.getByRole('textbox', { name: 'Grams it weighs' }).fill('5.2');
    await page.getByRole('button', { name: 'Keep it' }).first().click();
    await page.getByRole('textbox', { name: 'Name of the measure' }).fill('Gran’s cup');
    await page.getByRole('textbox', { name: 'Millilitres it holds' }).fill('210');
    await page.getByRole('button', { name: 'Keep it' }).nth(1).click();
  },
  'pantry-ingredient': async (page, size) => {
    await page.getByRole('link', { name: 'Pantry', exact: true }).click();
    await readings(page, size);
    await page.getByRole('button', { name: 'Add an ingredient' }).click();
    if (size === 'phone') await page.locator('.handle').click();
    await page.getByRole('combobox', { name: 'much like' }).pressSequentially('buttermilk');
    await page.getByRole('option').first().click();
    await page.getByRole('textbox', { name: 'name', exact: true }).fill('Harbour dairy buttermilk');
    await page.getByRole('textbox', { name: 'water, grams in 100' }).fill('80');
    await page.keyboard.press('Tab');
  },
  oven: async (page) => {
    await open(PEAR)(page);
    await toOven(page);
  },
  'oven-muffins': async (page, size) => {
    await open(PEAR)(page);
    await toOven(page);
    await page.getByRole('combobox', { name: 'pan' }).fill('12-cup muffin tin');
    await page.keyboard.press('Escape');
    await page.getByText(/in each cup/).waitFor({ state: size === 'phone' ? 'attached' : 'visible' });
    await readings(page, size);
  },
  ...Object.fromEntries(
    [
      ['compare', 'Compare'],
      ['setting', 'Setting'],
      ['sure', 'How sure'],
      ['done', 'Done?'],
    ].map(([id, name]) => [
      `oven-${id}`,
      async (page, size) => {
        await open(PEAR)(page);
        await toOven(page);
        await readings(page, size);
        await page.getByRole('tab', { name }).click();
        if (id === 'compare') {
          for (const way of ['12-cup muffin tin', '20 cm square tin', '8 in round x 2'])
            await page.getByRole('button', { name: way, exact: true }).click();
          await page.locator('[data-ready=true]').waitFor();
          await page.getByText(/Done first/).waitFor();
          await page.locator('.scatterlayer .trace').nth(3).waitFor();
        }
        if (id === 'setting') {
          await page.getByText(/browns it as the known bake does|comes nearest/).waitFor();
          await page.getByRole('combobox', { name: 'with' }).click();
          await page.getByRole('option', { name: 'Rhubarb & ginger muffins' }).click();
          await page.getByText('goes in first').waitFor();
          await page.getByText('goes in first').scrollIntoViewIfNeeded();
        }
        if (id === 'sure') await page.getByText('the batter in the pan').waitFor();
      },
    ]),
  ),
  'oven-ring': async (page, size) => {
    await open(PEAR)(page);
    await toOven(page);
    await page.getByRole('combobox', { name: 'pan', exact: true }).fill('10 in bundt');
    await page.locator('.p-autocomplete-overlay').waitFor();
    await page.keyboard.press('Escape');
    await page.locator('.p-autocomplete-overlay').waitFor({ state: 'detached' });
    await page.locator('p.window').filter({ hasNotText: '53–62' }).waitFor({ state: 'attached' });
    await readings(page, size);
  },
  'oven-dome': async (page, size) => {
    await open(PEAR)(page);
    await toOven(page);
    await page.getByRole('combobox', { name: 'pan', exact: true }).fill('dome');
    await page.keyboard.press('Escape');
    await page.getByText('Stages, lid or foil, cold batter').click();
    await page.getByRole('textbox', { name: 'stages' }).fill('15@220, *@200');
    await page.getByRole('textbox', { name: 'stages' }).press('Enter');
    await page.getByRole('textbox', { name: 'covered' }).fill('lid 0-20');
    await page.getByRole('textbox', { name: 'covered' }).press('Enter');
    await page.getByRole('textbox', { name: 'goes in at' }).fill('6');
    await page.getByRole('textbox', { name: 'goes in at' }).press('Enter');
    await readings(page, size);
    await page
      .getByText(/lid off/)
      .first()
      .waitFor({ state: 'attached' });
  },
  day: async (page) => {
    await toDay(page);
  },
  'day-task': async (page, size) => {
    await toDay(page);
    if (size === 'phone') await page.getByRole('button', { name: /Mix: / }).first().click();
    else await page.locator('[data-task$=":mix"]').first().click();
    await page.getByRole('region', { name: 'The task chosen' }).waitFor();
  },
  'day-batches': async (page) => {
    await toDay(page);
    await page.getByRole('tab', { name: 'Batches' }).click();
  },
  'day-ways': async (page) => {
    await toDay(page);
    await page.getByRole('tab', { name: 'Batches' }).click();
    const begin = page.getByLabel('nobody before');
    await begin.fill('10:30');
    await begin.dispatchEvent('change');
    await page.getByRole('tab', { name: 'Ways out' }).click({ timeout: 60_000 });
    await page.getByRole('button', { name: 'Take this' }).first().waitFor({ timeout: 60_000 });
    await page.getByText('Looking for more ways out').waitFor({ state: 'detached', timeout: 60_000 });
  },
  'day-shopping': async (page) => {
    await toDay(page);
    await page.getByRole('tab', { name: 'Shopping' }).click();
  },
  'day-before': async (page) => {
    await toDay(page);
    await page.getByRole('tab', { name: 'Days before' }).click();
  },
  'day-out': async (page) => {
    await toDay(page);
    await page.getByRole('tab', { name: 'Calendar, print' }).click();
  },
  'day-empty': async (page) => {
    await toDay(page);
    await page.getByRole('tab', { name: 'Calendar, print' }).click();
    await page.getByRole('button', { name: 'Take this day off' }).click();
    await page.getByRole('button', { name: 'Plan a day' }).waitFor();
  },
  pictures: async (page, size) => {
    await VIEWS['oven-compare'](page, size);
    const more = page.getByRole('button', { name: 'More', exact: true });
    if (await more.isVisible()) await more.click();
    await page
      .getByRole('button', { name: /^Pictures of this screen/ })
      .filter({ visible: true })
      .click();
    await page.getByRole('button', { name: 'PNG of Curves' }).waitFor();
  },
  keys: async (page) => {
    await page.keyboard.press('?');
    await page.getByRole('dialog').waitFor();
  },
  ...BAKE_VIEWS,
  ...BOOK_VIEWS,
};

/** The pictures that docs/screenshots keeps, and where each comes from. */
export const KEPT = {
  shelf: 'shelf-laptop-day',
  day: 'day-laptop-day',
  'day-phone': 'day-phone-day',
  bench: 'bench-laptop-day',
  'bench-versions': 'bench-branches-laptop-day',
  batch: 'batch-laptop-day',
  sheet: 'sheet-laptop-day',
  pantry: 'pantry-laptop-day',
  'bench-phone': 'bench-readings-phone-day',
  oven: 'oven-laptop-day',
  'oven-compare': 'oven-compare-laptop-day',
  book: 'book-laptop-day',
  'book-record': 'book-record-laptop-day',
  'book-compare': 'book-compare-laptop-day',
  'book-why': 'book-why-laptop-day',
  'book-keep': 'book-keep-laptop-day',
  'bake-weigh': 'bake-weigh-laptop-night',
  'bake-mix': 'bake-mix-laptop-day',
  'bake-oven': 'bake-oven-laptop-day',
};
