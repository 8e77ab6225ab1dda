import type { Page } from '@playwright/test';

const PEAR = 'demo-pear-cardamom-loaf';

/** Where it is, and what a baker would touch there first. */
export const STATIONS: Readonly<
  Record<string, { readonly path: string; readonly touch: (page: Page) => Promise<void> }>
> = {
  Shelf: {
    path: '/shelf',
    touch: async (page) => page.locator('main textarea').first().pressSequentially('2 eggs', { delay: 80 }),
  },
  Bench: {
    path: `/bench/${PEAR}`,
    touch: async (page) => {
      await page.getByRole('tab').nth(1).click();
      await page.getByRole('tab').nth(0).click();
    },
  },
  Batch: {
    path: `/batch/${PEAR}`,
    touch: async (page) => {
      const wish = page.locator('main input[type=text], main input:not([type])').first();
      await wish.click();
      await wish.press('End');
      await wish.pressSequentially(' x 2', { delay: 120 });
      await wish.press('Enter');
    },
  },
  Oven: {
    path: `/oven/${PEAR}`,
    touch: async (page) => {
      const pan = page.locator('main input[type=text], main input:not([type])').first();
      await pan.click();
      await pan.fill('20 cm round');
      await pan.press('Enter');
    },
  },
  Day: { path: '/day', touch: async (page) => page.locator('main button').first().focus() },
  Bake: { path: '/bake', touch: async (page) => page.locator('main button').first().focus() },
  Book: {
    path: '/book',
    touch: async (page) => page.getByRole('searchbox').first().pressSequentially('pear', { delay: 80 }),
  },
  Pantry: {
    path: '/pantry',
    touch: async (page) => page.getByRole('textbox').first().pressSequentially('3', { delay: 80 }),
  },
};
