import { expect, test } from './baker.js';

const MUFFINS = `Omas Apfel-Zimt-Muffins
Für 12 Stück
Zutaten
225 g Dinkelmehl Type 630
2 TL Weinsteinbackpulver
1 gestrichener TL Zimt
2 Eier (Gr. M)
120 g brauner Zucker
1 Pck. Bourbon-Vanillezucker
80 g zerlassene Butter
150 g Naturjoghurt
2 mittelgroße Äpfel (ca. 300 g)
Zubereitung
1. Backofen auf 180 °C Ober-/Unterhitze (160 °C Umluft) vorheizen und ein Muffinblech fetten.
2. Mehl, Backpulver und Zimt mischen.
3. Eier mit Zucker und Vanillezucker cremig rühren, Butter und Joghurt unterrühren.
4. Mehlmischung zügig unterheben, Äpfel schälen, würfeln und zugeben.
5. Im heißen Ofen 22 bis 25 Minuten goldbraun backen.`;

test('a German card is read as it stands, weighed, judged and taken to the oven', async ({ baker, page }) => {
  await baker.opens();
  await page.getByRole('textbox', { name: 'Paste a formula' }).fill(MUFFINS);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(baker.name).toHaveValue('Omas Apfel-Zimt-Muffins');
  await expect(baker.lines).toHaveCount(9);
  await expect(baker.grams('1 Pck. Bourbon-Vanillezucker')).toHaveValue('8.0');
  await expect(baker.grams('2 Eier (Gr. M)')).toHaveValue('102');
  await expect(baker.grams('2 mittelgroße Äpfel (ca. 300 g)')).toHaveValue('300');
  await baker.grams('80 g zerlassene Butter').fill('100');
  await baker.grams('80 g zerlassene Butter').press('Enter');
  await expect(baker.grams('100 g zerlassene Butter')).toHaveValue('100');
  await baker.goesTo('Oven');
  const [low, high] = await baker.minutesShown();
  expect(low).toBeGreaterThan(14);
  expect(high).toBeLessThan(35);
});

test('a formula is passed on as an address that holds it, and opened by another Orvin', async ({ baker, page, browser }) => {
  await page.context().grantPermissions(['clipboard-read', 'clipboard-write']);
  await baker.opens();
  await page.getByRole('button', { name: 'Hand Oat farls on as a file' }).click();
  await page.getByRole('button', { name: /Address that holds it/ }).click();
  await expect(page.getByText('The address is copied.')).toBeVisible();
  const link = await page.evaluate(() => navigator.clipboard.readText());
  expect(link).toMatch(/\/shelf#formula=[\w-]+$/);

  const other = await browser.newPage();
  const asked: string[] = [];
  other.on('request', (request) => asked.push(request.url()));
  await other.goto(link);
  await expect(other.getByText('A formula came with the address: Oat farls')).toBeVisible();
  expect(asked.filter((url) => url.includes('formula='))).toEqual([]);
  await other.getByRole('button', { name: 'Put it on the shelf' }).click();
  // it is on the shelf of the demo already, just so
  await expect(other.getByText('One was there already, just so, and stays as it is.')).toBeVisible();
  expect(other.url()).not.toContain('#');
  await other.goto(link.slice(0, -9));
  await other.reload();
  await expect(other.getByText(/damaged on its way|A formula came with the address/)).toBeVisible();
  await other.close();
}); // prettier-ignore

test('a folder is written by itself, and a kitchen that the browser lost comes back from it', async ({ baker, page }) => {
  // the browser's picker cannot be clicked by a test: it gives a real folder of the browser's own
  await page.addInitScript(() => {
    Object.assign(globalThis, {
      showDirectoryPicker: async () => (await navigator.storage.getDirectory()).getDirectoryHandle('Kitchen backups', { create: true }),
    });
  });
  await baker.opens();
  await baker.takesFromShelf('Oat farls');
  await baker.name.fill('Farls to be saved');
  await baker.goesTo('Pantry');
  const backups = page.getByRole('group', { name: 'Backups by themselves' });
  await backups.getByRole('button', { name: 'Choose a folder for backups' }).click();
  await expect(backups).toContainText(/Backups go into Kitchen backups.*read back and whole/s);

  // the browser evicts the database; the folder is outside of it
  const file = await page.evaluate(async () => {
    const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle('Kitchen backups');
    for await (const [name, handle] of (folder as unknown as { entries(): AsyncIterable<[string, FileSystemFileHandle]> }).entries()) {
      const bytes = new Uint8Array(await (await handle.getFile()).arrayBuffer());
      return { name, base64: btoa([...bytes].map((byte) => String.fromCharCode(byte)).join('')) };
    }
    return undefined;
  });
  expect(file?.name).toMatch(/^orvin-backup-[\d-]+\.zip$/);
  const devtools = await page.context().newCDPSession(page);
  await page.goto('/ngsw.json').catch(() => undefined);
  await devtools.send('Storage.clearDataForOrigin', { origin: new URL(page.url()).origin, storageTypes: 'indexeddb,local_storage' });
  await baker.opens('/pantry');
  await page.getByLabel('Bring a file in').setInputFiles({ name: file?.name ?? '', mimeType: 'application/zip', buffer: Buffer.from(file?.base64 ?? '', 'base64') });
  await page.getByRole('button', { name: 'And take theirs where it differs' }).click();
  await baker.goesTo('Shelf');
  await expect(page.locator('main').getByRole('link', { name: 'Farls to be saved' })).toBeVisible();
}); // prettier-ignore
