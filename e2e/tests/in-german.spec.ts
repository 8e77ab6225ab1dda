import { expect, test } from './baker';
import type { Page } from '@playwright/test';

const CAKE = `Zitronenkuchen aus der Kastenform
250 g Mehl
1 TL Natron
2 TL Backpulver
180 g Zucker
3 Eier (Gr. M)
150 g weiche Butter
120 g Naturjoghurt
60 ml Zitronensaft
Zubereitung
1. Den Ofen auf 175 °C vorheizen und eine Kastenform (25 cm) fetten.
2. Butter und Zucker schaumig rühren, die Eier einzeln unterrühren.
3. Mehl, Natron und Backpulver mischen, mit Joghurt und Zitronensaft unterheben.
4. 50 bis 55 Minuten backen.`;

const ENGLISH =
  /\b(?:the|of|and|with|is|are|from|your|which|what|than|when|until|flour|batter|bake|bakes|oven|within|above|below|more|less|minutes|grams|known)\b/i;
/** Pans are written as they are read: their sizes tell them. */
const PAN = /\d ?(?:cm|lb|in|x)\b|\d-(?:hole|cup)/;

/** Everything a screen says, to eyes and to readers of screens, that holds an English word. */
async function saidInEnglish(page: Page): Promise<readonly string[]> {
  const said = await page.evaluate(() => {
    const texts: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode())
      if (!node.parentElement?.closest('script, style, noscript, [lang=en]')) texts.push(node.textContent ?? '');
    for (const name of ['aria-label', 'title', 'placeholder'])
      for (const element of document.querySelectorAll(`[${name}]:not([lang=en])`))
        texts.push(element.getAttribute(name) ?? '');
    return texts.map((text) => text.replace(/\s+/g, ' ').trim());
  });
  return [...new Set(said)].filter((text) => ENGLISH.test(text) && !PAN.test(text));
}

test('a German card goes from the shelf to the oven, and no station says anything in English', async ({ page }) => {
  await page.goto('/de/');
  await expect(page.locator('html')).toHaveAttribute('lang', 'de');
  await page.getByRole('textbox', { name: 'Ein Rezept einfügen' }).fill(CAKE);
  await page.getByRole('button', { name: 'Lesen', exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'Name des Rezepts' })).toHaveValue(
    'Zitronenkuchen aus der Kastenform',
  );
  await expect(page).toHaveTitle(/Tisch/);
  for (const face of ['Richten', 'Tauschen', 'Versuchen', 'Fassungen', 'Portion', 'Prüfen']) {
    await page.getByRole('tab', { name: face }).click();
    await expect(page.getByRole('tabpanel')).not.toBeEmpty();
    expect(await saidInEnglish(page)).toEqual([]);
  }
  await expect(page.getByText(/^\d,\d g$/).first()).toBeVisible(); // a comma before the tenths

  const stations = page.getByRole('navigation', { name: 'Stationen' });
  await stations.getByRole('link', { name: 'Menge' }).click();
  await expect(page.getByText('In den Formen, maßstäblich')).toBeVisible();
  expect((await saidInEnglish(page)).filter((text) => text !== '24 muffins and one small loaf')).toEqual([]);

  await stations.getByRole('link', { name: 'Ofen' }).click();
  await expect(page.getByText(/erster Blick nach/)).toBeVisible();
  for (const face of ['Einstellung', 'Wie sicher', 'Fertig?', 'Form']) {
    await page.getByRole('tab', { name: face }).click();
    expect((await saidInEnglish(page)).filter((text) => !/220|first 30/.test(text))).toEqual([]);
  }
});

test('the language is changed in place and remembered; the kitchen is the same in both', async ({ baker, page }) => {
  await baker.opens();
  await baker.takesFromShelf('Oat farls');
  await baker.name.fill('Oat farls of ours');
  await page.getByRole('link', { name: 'Deutsch' }).click();
  await expect(page).toHaveURL(/\/de\/bench\//);
  await expect(page.getByRole('textbox', { name: 'Name des Rezepts' })).toHaveValue('Oat farls of ours');
  await page.goto('/');
  await expect(page).toHaveURL(/\/de\//);
  await page.getByRole('link', { name: 'English' }).click();
  await expect(page).toHaveURL(/\/shelf$/);
  await expect(page.getByRole('link', { name: 'Oat farls of ours' }).first()).toBeVisible();
  await page.goto('/');
  await expect(page.locator('html')).toHaveAttribute('lang', 'en');
});
