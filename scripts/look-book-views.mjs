const toBook = async (page) => {
  await page.getByRole('link', { name: 'Book', exact: true }).click();
  await page.getByRole('list', { name: 'Bakes' }).getByRole('listitem').first().waitFor();
};
const toLoaf = async (page) => {
  await toBook(page);
  await page.getByRole('button', { name: 'Record Pear and cardamom loaf' }).click();
  await page.getByRole('group', { name: 'Top' }).waitFor();
};

/** The Book. */
export const BOOK_VIEWS = {
  book: async (page) => {
    await toBook(page);
    await page.getByText('than set').waitFor({ state: 'attached' });
    await page.locator('orv-oven-course').first().waitFor({ state: 'attached' });
  },
  'book-bakes': async (page) => {
    await toBook(page);
    const list = page.locator('orv-oven-learned .acts .quiet').last();
    await list.waitFor({ state: 'attached' });
    if (!(await list.isVisible())) await page.locator('.handle').click();
    await list.click();
  },
  'book-found': async (page) => {
    await toBook(page);
    await page.getByRole('searchbox', { name: 'Find bakes' }).fill('pear, 177');
  },
  'book-record': async (page) => {
    await toLoaf(page);
    for (const name of ['just right', 'gold', 'low dome', 'fine, even', 'nothing', '8'])
      await page.getByRole('button', { name, exact: true }).click();
    await page.getByText(/Your oven: .* becomes/).waitFor();
  },
  'book-without': async (page) => {
    await toBook(page);
    await page.getByRole('link', { name: 'A bake without Orvin' }).click();
    await page.getByPlaceholder('What was baked?').fill('Sunday loaf');
  },
  'book-calendar': async (page) => {
    await BOOK_VIEWS.book(page);
    await page.getByRole('button', { name: 'Calendar' }).click();
    await page.getByRole('table').waitFor();
  },
  'book-half': async (page) => {
    await BOOK_VIEWS['book-compare'](page);
    await page.getByRole('button', { name: 'Put both in the Day' }).click();
    await page.getByRole('textbox', { name: 'Name of the day' }).waitFor();
    await page.goto(new URL('/book/new?of=demo-pear-cardamom-loaf', page.url()).href);
    await page.getByRole('button', { name: 'B changed' }).click();
    await page.getByRole('button', { name: 'Browner side' }).click();
  },
  'book-compare': async (page) => {
    await toBook(page);
    await page.getByRole('tab', { name: 'Compare' }).click();
    await page.getByRole('button', { name: 'Put both in the Day' }).waitFor();
  },
  'book-why': async (page) => {
    await toBook(page);
    await page
      .getByRole('link', { name: /Gingerbread with dark treacle/ })
      .last()
      .click();
    await page.getByRole('link', { name: 'Why was it so?' }).click();
    await page.getByRole('list', { name: 'Causes, the likeliest first' }).waitFor();
  },
  'book-faults': async (page) => {
    await toBook(page);
    await page.getByRole('tab', { name: 'Why' }).click();
    await page.getByRole('link', { name: 'All faults, drawn' }).click();
    await page.getByText('Faults, and what makes them').waitFor();
  },
  'bench-because': async (page) => {
    await BOOK_VIEWS['book-why'](page);
    await page.getByRole('link', { name: 'Show it on the Bench' }).click();
    const keep = page.getByRole('button', { name: /Keep it as version/ });
    await page.getByText('From the Book').waitFor({ state: 'attached' });
    if (!(await keep.isVisible())) await page.locator('.handle').click();
    await keep.waitFor();
  },
  'book-keep': async (page) => {
    await toBook(page);
    await page.getByRole('tab', { name: 'Keep' }).click();
    const which = page.getByRole('combobox', { name: 'Which bake' });
    const cake = page.getByRole('option', { name: /fruit cake/ });
    await which.selectOption(await cake.getAttribute('value'));
    await page.getByRole('button', { name: 'Fed it now' }).waitFor();
  },
  'book-freezer': async (page) => {
    await toBook(page);
    await page.getByRole('tab', { name: 'Freezer' }).click();
    await page.getByRole('button', { name: 'Thaw into the Day' }).waitFor();
  },
};
