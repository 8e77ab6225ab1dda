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
  },
  'book-bakes': async (page) => {
    await toBook(page);
    const list = page.locator('orv-oven-learned .acts .quiet');
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
  'book-compare': async (page) => {
    await toBook(page);
    await page.getByRole('tab', { name: 'Compare' }).click();
    await page.getByRole('button', { name: 'Put both in the Day' }).waitFor();
  },
};
