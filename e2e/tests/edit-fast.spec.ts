import { expect, test } from './baker';

const PEAR = 'Pear and cardamom loaf';

test.beforeEach(async ({ baker }) => {
  await baker.opens();
});

test('any unit goes into the amount cell, and the words of the line follow', async ({ baker }) => {
  await baker.takesFromShelf(PEAR);
  await baker.grams('2/3 cup light brown sugar, packed').fill('4 oz');
  await baker.grams('2/3 cup light brown sugar, packed').press('Enter');
  await expect(baker.line('4 oz light brown sugar, packed')).toBeVisible();
  await expect(baker.grams('4 oz light brown sugar, packed')).toHaveValue('113');
  await baker.grams('7 tbsp vegetable oil').fill('90');
  await baker.grams('7 tbsp vegetable oil').press('Enter');
  await expect(baker.grams('90 g vegetable oil')).toHaveValue('90');
});

test('ingredients are completed while typing, say what they will do, and are taken by keyboard', async ({
  baker,
  page,
}) => {
  await baker.takesFromShelf(PEAR);
  await baker.line('1/4 cup plain yogurt').fill('1/4 cup butterm');
  const list = page.getByRole('listbox', { name: 'Ingredients' });
  const buttermilk = list.getByRole('option', { name: /^cultured buttermilk/ });
  await expect(buttermilk).toContainText('1.03 g/ml');
  await expect(buttermilk).toContainText('sour');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(list).toHaveCount(0);
  await expect(baker.line('1/4 cup cultured buttermilk')).toBeFocused();
  await expect(baker.grams('1/4 cup cultured buttermilk')).toHaveValue('61');
});

test('lines are moved, regrouped into a part of their own, and all of it is undone', async ({ baker, page }) => {
  await baker.takesFromShelf(PEAR);
  const before = await baker.written();
  await baker.line('1 tsp baking soda').focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect
    .poll(async () => (await baker.written()).slice(0, 3))
    .toEqual(['1 2/3 cups all-purpose flour, spooned', '1 tsp baking soda', '1/2 cup whole wheat flour']);
  await expect(baker.line('1 tsp baking soda')).toBeFocused();
  await baker.line('1/4 cup plain yogurt').focus();
  await page.getByText('More about this line').click();
  await page.getByRole('button', { name: 'Part from here' }).click();
  const part = page.getByRole('textbox', { name: 'Name of the part New part' });
  await part.fill('Glaze');
  await expect(baker.sheet.getByText('beside the batter: weighed, not balanced')).toHaveCount(2);
  await page.getByRole('button', { name: /^Dissolve Glaze/ }).click();
  await expect(baker.sheet.getByText('beside the batter: weighed, not balanced')).toHaveCount(1);
  await page.reload();
  await expect(baker.line('1 tsp baking soda')).toBeVisible();
  for (let i = 0; i < 4; i++) await page.getByRole('button', { name: /^Undo / }).click();
  await expect.poll(() => baker.written()).toEqual(before);
});

test('lines are dragged with the mouse, within their part and into another', async ({ baker, page }) => {
  await page.setViewportSize({ width: 1280, height: 1200 });
  await baker.takesFromShelf(PEAR);
  const drags = async (text: string, onto: string) => {
    const row = baker.rowOf(text);
    await row.hover();
    const grip = await row.locator('.grip').boundingBox();
    const target = await baker.rowOf(onto).boundingBox();
    if (!grip || !target) throw new Error('no boxes');
    await page.mouse.move(grip.x + grip.width / 2, grip.y + grip.height / 2);
    await expect(page.locator('.lines.drags')).toBeVisible();
    await page.mouse.down();
    await page.mouse.move(grip.x + 8, grip.y - 20, { steps: 4 });
    await page.mouse.move(target.x + 8, target.y + 8, { steps: 8 });
    await page.mouse.up();
  };
  await drags('2 large eggs', '1 tsp baking soda');
  await expect.poll(async () => (await baker.written()).indexOf('2 large eggs')).toBe(2);
  await drags('1 tbsp demerara sugar', '7 tbsp vegetable oil');
  await expect(
    baker.sheet.getByRole('list', { name: 'Batter' }).getByRole('textbox', { name: 'Line: 1 tbsp demerara sugar' }),
  ).toBeVisible();
});

test('a line is split over steps, and the steps show so much now and the rest later', async ({ baker, page }) => {
  await baker.takesFromShelf(PEAR);
  await baker.line('2/3 cup light brown sugar, packed').focus();
  await page.getByText('More about this line').click();
  await page.getByRole('button', { name: 'Split it' }).click();
  const share = page.getByRole('textbox', { name: 'How much of it in share 1' });
  // as one reads before typing: a field that is filled anew between two keys would hold both
  await expect(share).toHaveValue('half');
  await share.fill('all but 2 tbsp');
  await share.press('Tab');
  const first = page.getByRole('list', { name: 'In step 1' });
  await expect(first.getByRole('button', { name: /light brown sugar/ })).toContainText('all but 2 tbsp');
  const rest = page.getByRole('list', { name: 'In step 2' }).getByRole('button', { name: /light brown sugar/ });
  await expect(rest).toContainText('the rest');
  await expect(rest).toContainText('28 g');
  await page.reload();
  await expect(rest).toContainText('28 g');
  await page.keyboard.press('ControlOrMeta+z');
  await expect(rest).toContainText('73 g');
});

test('steps are written, moved and removed by keyboard, and show what they say', async ({ baker, page }) => {
  await baker.takesFromShelf(PEAR);
  const steps = page.getByRole('list', { name: 'Method' }).getByRole('textbox');
  await expect(steps).toHaveCount(4);
  await page.getByRole('textbox', { name: 'Step 4' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('textbox', { name: 'Step 5' }).fill('Rest the loaf for 2 hours before slicing');
  await expect(page.getByRole('list', { name: 'In step 5' })).toContainText('2 h to rest');
  await page.keyboard.press('Alt+ArrowUp');
  await expect(page.getByRole('textbox', { name: 'Step 4' })).toHaveValue(/^Rest the loaf/);
  await page.getByRole('textbox', { name: 'Step 4' }).fill('');
  await page.keyboard.press('Backspace');
  await expect(steps).toHaveCount(4);
  await expect(page.getByRole('list', { name: 'In step 4' })).toContainText('55–60 min in the oven');
});

test('a line may be left out of the balance, and carries a note', async ({ baker, page }) => {
  await baker.takesFromShelf(PEAR);
  await baker.line('1/4 cup plain yogurt').focus();
  await page.getByText('More about this line').click();
  await page.getByRole('checkbox', { name: 'may be left out' }).check();
  await expect(page.getByText('863 g')).toBeVisible();
  await page.getByRole('textbox', { name: 'note' }).fill('from the dairy');
  await page.reload();
  await baker.line('1/4 cup plain yogurt').focus();
  await page.getByText('More about this line').click();
  await expect(page.getByRole('textbox', { name: 'note' })).toHaveValue('from the dairy');
  await expect(page.getByRole('checkbox', { name: 'may be left out' })).toBeChecked();
});

test('one formula takes from another, and never from itself', async ({ baker, page }) => {
  await baker.pastes('Tea tent spice\n2 tbsp ground cinnamon\n1 tbsp ground ginger\n1 tsp ground cloves');
  await expect(baker.name).toHaveValue('Tea tent spice');
  const spiceAddress = page.url();
  await baker.goesTo('Shelf');
  await baker.takesFromShelf('Gingerbread with dark treacle');
  await baker.line('1 tsp mixed spice').fill('10 g tea tent spice');
  await page.keyboard.press('Escape');
  await page.getByText('More about this line').click();
  await page.getByRole('combobox', { name: 'Takes from another formula' }).click();
  await page.getByRole('option', { name: 'Tea tent spice' }).click();
  await expect(baker.rowOf('10 g tea tent spice')).toContainText('cinnamon');
  await expect(baker.grams('10 g tea tent spice')).toHaveValue('10');
  await page.goto(spiceAddress);
  await baker.line('1 tsp ground cloves').focus();
  await page.getByText('More about this line').click();
  await page.getByRole('combobox', { name: 'Takes from another formula' }).click();
  const within = page.getByRole('option', { name: /^Gingerbread with dark treacle \(takes from this one\)/ });
  await expect(within).toHaveClass(/p-disabled/);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  test('a line is dragged by a finger, with the first touch', async ({ baker, page, context }) => {
    await baker.opens('/bench/demo-pear-cardamom-loaf');
    const before = await baker.written();
    const grip = await baker.rowOf('8 cardamom pods, seeds ground').locator('.grip').boundingBox();
    const target = await baker.rowOf('1 tsp baking soda').boundingBox();
    if (!grip || !target) throw new Error('no boxes');
    const finger = await context.newCDPSession(page);
    const x = grip.x + grip.width / 2;
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', y?: number) =>
      finger.send('Input.dispatchTouchEvent', { type, touchPoints: y === undefined ? [] : [{ x, y }] });
    const from = grip.y + grip.height / 2;
    await touch('touchStart', from);
    await expect(page.locator('.lines.drags')).toBeVisible();
    for (let part = 1; part <= 8; part++) await touch('touchMove', from + ((target.y + 6 - from) * part) / 8);
    await expect(page.locator('.cdk-drag-preview')).toBeVisible();
    await touch('touchEnd');
    await expect.poll(async () => (await baker.written()).indexOf('8 cardamom pods, seeds ground')).toBe(2);
    expect(before.indexOf('8 cardamom pods, seeds ground')).toBe(5);
  });
});
