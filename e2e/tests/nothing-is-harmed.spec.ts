import { expect, test } from './baker';

test.beforeEach(async ({ baker, page }) => {
  await baker.opens();
  await expect(page.getByRole('row')).toHaveCount(13);
});

const REFUSED: readonly (readonly [string, string, RegExp])[] = [
  ['nonsense', 'asdkj qwe zxc\nfoo bar baz', /No ingredient was found/],
  ['a shopping list', 'milk\neggs\nbutter\nwashing powder\nbatteries', /no amounts: this reads like a shopping list/],
  ['two hundred kilobytes', '1 cup flour and 2 eggs\n'.repeat(9000), /207 kB of text; a formula has less than 60/],
];
for (const [what, text, reason] of REFUSED) {
  test(`${what} gets a clear answer, and the text stays`, async ({ baker, page }) => {
    await baker.pastes(text);
    await expect(page.getByRole('status')).toContainText(reason);
    await expect(page.getByRole('textbox', { name: 'Paste a formula' })).toHaveValue(text);
    await expect(page.getByRole('row')).toHaveCount(13);
    expect(await page.evaluate(() => 'harmed' in globalThis)).toBe(false);
  });
}

test('a page with a script in it is read, and nothing of it is run', async ({ baker, page }) => {
  await baker.pastes(
    '<html><head><title>x</title></head><body><h1>Quay buns</h1><script>window.harmed = true</script><img src=x onerror="window.harmed = true"><ul><li>200 g plain flour</li><li onclick="window.harmed = true">100 g butter</li></ul></body></html>',
  );
  await expect(baker.name).toHaveValue('Quay buns');
  expect(await baker.written()).toEqual(['200 g plain flour', '100 g butter']);
  expect(await page.evaluate(() => 'harmed' in globalThis)).toBe(false);
});

test('a line of markup is a line like any other: shown as written, never run', async ({ baker, page }) => {
  const line = '2 tbsp <b onmouseover=alert(1)>honey';
  await page
    .getByRole('textbox', { name: 'Paste a formula' })
    .fill(`Odd loaf\n200 g plain flour\n${line}\n100 g sugar`);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(baker.line(line)).toBeVisible();
  await expect(page.locator('b[onmouseover]')).toHaveCount(0);
});

test('no text becomes markup, and no address from elsewhere a script', async ({ page, troubles }) => {
  const refused = await page.evaluate(() => {
    const names = (act: () => void) => {
      try {
        act();
        return 'done';
      } catch (error) {
        return error instanceof Error ? error.name : 'thrown';
      }
    };
    return [
      names(() => (document.createElement('p').innerHTML = '<img src=x onerror=alert(1)>')),
      names(() => new Worker('https://elsewhere.example/worker.js')),
      names(() => document.createElement('script').setAttribute('src', 'https://elsewhere.example/a.js')),
    ];
  });
  expect(refused).toEqual(['TypeError', 'TypeError', 'TypeError']);
  // the browser tells of what it refused, and of nothing else
  expect(troubles.splice(0).filter((said) => !/policy|TrustedHTML|Trusted Type/i.test(said))).toEqual([]);
});

test('a text that was refused is put right and read', async ({ baker, page }) => {
  const field = page.getByRole('textbox', { name: 'Paste a formula' });
  await field.fill('flour\nbutter');
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('status')).toContainText('no amounts');
  await field.fill('200 g flour\n100 g butter');
  await expect(page.getByRole('status')).toContainText('2 of 2 lines weighed');
  await field.press('ControlOrMeta+Enter');
  await expect(baker.lines).toHaveCount(2);
});

test('two tabs write one formula: what one writes shows in the other, and both lines stand', async ({
  baker,
  context,
  page,
}) => {
  await baker.takesFromShelf('Oat farls');
  const other = await context.newPage();
  await other.goto(page.url());
  const nameThere = other.getByRole('textbox', { name: 'Name of the formula' });
  await nameThere.fill('Farls from the other tab');
  await expect(baker.name).toHaveValue('Farls from the other tab');
  await baker.name.fill('Farls from this tab');
  await expect(nameThere).toHaveValue('Farls from this tab');
  await baker.goesTo('Shelf');
  await expect(page.locator('main').getByRole('link', { name: /^Farls from/ })).toHaveCount(1);
});

test('a record that cannot be read is left where it is, said, and saved as a file', async ({ page }) => {
  await page.evaluate(
    () =>
      new Promise<void>((done, fail) => {
        const open = indexedDB.open('orvin');
        open.onsuccess = () => {
          const write = open.result.transaction('formulas', 'readwrite');
          write.objectStore('formulas').put({ id: 'from-tomorrow', revision: 1, formula: { shape: 'new' } });
          write.oncomplete = () => done();
          write.onerror = () => fail(write.error ?? new Error('write failed'));
        };
      }),
  );
  await page.reload();
  await expect(page.getByText('One record could not be read.')).toBeVisible();
  await expect(page.getByRole('row')).toHaveCount(13);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('orvin-unreadable.json');
  await page.reload();
  await expect(page.getByText('One record could not be read.')).toBeVisible();
});

/** Puts damaged copies of the first row of each table beside it: every part of it, to a depth of three, is another or gone. */
function strewDamage(): Promise<number> {
  type Row = Record<string, unknown>;
  const others = [null, 'x', {}, Number.NaN, undefined];
  const damagedCopies = (row: Row): readonly Row[] => {
    const copies: Row[] = [];
    const walk = (value: unknown, path: readonly string[]) => {
      if (path.length > 2 || typeof value !== 'object' || value === null) return;
      for (const [key, part] of Object.entries(value).slice(0, 12)) {
        if (path.length === 0 && key === 'id') continue;
        for (const other of others) {
          const copy = structuredClone(row);
          const place = path.reduce<Row>((at, step) => at[step] as Row, copy);
          place[key] = structuredClone(other);
          copies.push({ ...copy, id: `odd-${copies.length}` });
        }
        walk(part, [...path, key]);
      }
    };
    walk(row, []);
    return copies;
  };
  return new Promise((done, fail) => {
    const open = indexedDB.open('orvin');
    open.onsuccess = () => {
      const tables = ['formulas', 'versions', 'plans', 'bakes', 'larder'];
      const write = open.result.transaction(tables, 'readwrite');
      let count = 0;
      for (const table of tables) {
        const first = write.objectStore(table).openCursor();
        first.onsuccess = () => {
          for (const copy of damagedCopies(first.result?.value as Row)) {
            write.objectStore(table).put(copy);
            count++;
          }
        };
      }
      write.oncomplete = () => {
        open.result.close();
        done(count);
      };
      write.onerror = () => fail(write.error ?? new Error('write failed'));
    };
  });
}
test('hundreds of records of another make take no station', async ({ baker, page }) => {
  await page.goto('/pantry');
  // the demo is on the screen before it is on the disk
  await expect.poll(() => page.evaluate(strewDamage)).toBeGreaterThan(500);
  await baker.opens('/bench/demo-pear-cardamom-loaf');
  await expect(baker.line('2 large eggs')).toBeVisible();
  await baker.opens('/batch/demo-pear-cardamom-loaf');
  await expect(page.getByRole('textbox', { name: 'What is it to give?' })).toBeVisible();
  await baker.opens('/oven/demo-pear-cardamom-loaf');
  await expect(baker.window).toBeVisible();
  await baker.opens('/day');
  await expect(
    page.getByRole('heading', { name: 'Regatta tea tent' }).or(page.getByText('Eggs out of the fridge')).first(),
  ).toBeVisible();
  await baker.opens('/bake');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await baker.opens('/book');
  await expect(page.getByRole('list', { name: 'Bakes' })).toBeVisible();
  await baker.opens('/');
  await expect(page.getByText(/\d+ records could not be read\./)).toBeVisible();
});

test('what was typed and not confirmed is there after another station and a reload', async ({ baker, page }) => {
  const paste = page.getByRole('textbox', { name: 'Paste a formula' });
  await paste.fill('200 g flour, 100 g but');
  await baker.takesFromShelf('Oat farls');
  await baker.goesTo('Batch');
  const wish = page.getByRole('textbox', { name: 'What is it to give?' });
  await wish.fill('a miracle');
  await wish.press('Enter');
  await expect(page.getByText('“a miracle” says no size.')).toBeVisible();
  await page.reload();
  await expect(wish).toHaveValue('a miracle');
  await expect(page.getByText('“a miracle” says no size.')).toBeVisible();
  await baker.goesTo('Shelf');
  await expect(paste).toHaveValue('200 g flour, 100 g but');
});
