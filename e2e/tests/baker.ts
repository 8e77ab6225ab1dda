import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type Axe from 'axe-core';
import { expect, test as base, type Locator, type Page } from '@playwright/test';

const axeSource = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

/** A baker at the application: does what hands do, and sees what eyes see. */
export class Baker {
  constructor(readonly page: Page) {}

  async opens(path = '/'): Promise<void> {
    await this.page.goto(path);
    await expect(this.page.getByRole('link', { name: 'Shelf', exact: true })).toBeVisible();
    await expect(this.page.locator('main > :not(router-outlet, h1)')).toBeVisible();
  }
  /** Pastes into whatever has the focus, as the clipboard does. */
  async pastes(text: string): Promise<void> {
    await this.page.evaluate((pasted) => {
      const data = new DataTransfer();
      data.setData('text/plain', pasted);
      (document.activeElement ?? document.body).dispatchEvent(
        new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }),
      );
    }, text);
  }
  async takesFromShelf(title: string): Promise<void> {
    // on a phone the formula at hand is named at the foot too
    await this.page.locator('main').getByRole('link', { name: title, exact: true }).click();
    await expect(this.sheet).toBeVisible();
  }
  async goesTo(station: 'Shelf' | 'Bench' | 'Batch' | 'Oven' | 'Pantry'): Promise<void> {
    await this.page.getByRole('link', { name: station, exact: true }).click();
    if (station === 'Shelf') await expect(this.page.getByRole('textbox', { name: 'Paste a formula' })).toBeVisible();
  }
  get sheet(): Locator {
    return this.page.getByRole('region', { name: 'Formula', exact: true });
  }
  get readings(): Locator {
    return this.page.getByRole('region', { name: 'Readings' });
  }
  get lines(): Locator {
    return this.sheet.locator('orv-formula-line');
  }
  line(text: string): Locator {
    return this.sheet.getByRole('textbox', { name: `Line: ${text}`, exact: true });
  }
  /** The row of a line, with its grams and its share of the flour. */
  rowOf(text: string): Locator {
    return this.lines.filter({ has: this.page.getByRole('textbox', { name: `Line: ${text}`, exact: true }) });
  }
  /** The amount cell of a line: grams, or any unit typed into it. */
  grams(text: string): Locator {
    return this.sheet.getByRole('textbox', { name: `Amount of ${text}, grams or any unit`, exact: true });
  }
  /** The texts of all lines, in order. */
  async written(): Promise<readonly string[]> {
    return this.lines
      .getByRole('textbox', { name: /^Line: / })
      .evaluateAll((fields) => fields.map((field) => (field as HTMLTextAreaElement).value));
  }
  /** At the Oven: takes the demo's thermometer and what its season taught out of use, for an oven that nobody knows. */
  async forgetsTheOven(): Promise<void> {
    await this.page.getByRole('button', { name: 'Forget the reading of 173 °C' }).click();
    await this.page.getByRole('checkbox', { name: 'what bakes taught is used' }).uncheck();
  }
  /** Says at the Batch station what the batch is to give. */
  async wants(words: string): Promise<void> {
    const field = this.page.getByRole('textbox', { name: 'What is it to give?' });
    await field.fill(words);
    await field.press('Enter');
  }
  get name(): Locator {
    return this.page.getByRole('textbox', { name: 'Name of the formula' });
  }
  get window(): Locator {
    return this.page.locator('p.window');
  }
  async choosesPan(written: string): Promise<void> {
    const field = this.page.getByRole('combobox', { name: 'pan', exact: true });
    await field.fill(written);
    await field.press('Escape');
  }
  /** Low and high minute of the window on the screen. */
  async minutesShown(): Promise<readonly [number, number]> {
    const text = await this.window.innerText();
    const hours = /^(\d+) h(?: (\d+))? – (\d+) h(?: (\d+))?$/.exec(text);
    if (hours) return [Number(hours[1]) * 60 + Number(hours[2] ?? 0), Number(hours[3]) * 60 + Number(hours[4] ?? 0)];
    const [, low, high] = /^(\d+)–(\d+) min$/.exec(text) ?? [];
    return [Number(low), Number(high)];
  }
  /** What axe finds on the screen as it stands, by all its rules, best practices too. */
  async faultsForReaders(): Promise<readonly string[]> {
    await this.page.evaluate(axeSource);
    return this.page.evaluate(async () => {
      const { axe } = globalThis as unknown as { axe: typeof Axe };
      const result = await axe.run(document);
      return result.violations.map(
        ({ id, nodes }) => `${id}: ${nodes.map((node) => node.html.slice(0, 140)).join(' | ')}`,
      );
    });
  }
}

/** Every journey fails on an error of the page, a warning of its console, or anything its content security policy refused. */
export const test = base.extend<{ baker: Baker; troubles: string[] }>({
  troubles: [
    async ({ page }, use) => {
      const troubles: string[] = [];
      page.on('console', (message) => {
        const ours = !message.text().includes('blocked by Playwright');
        if (ours && ['error', 'warning'].includes(message.type()))
          troubles.push(`${message.type()}: ${message.text()}`);
      });
      page.on('pageerror', (error) => troubles.push(`page error: ${error.message}`));
      await page.addInitScript(() => {
        document.addEventListener('securitypolicyviolation', (event) =>
          console.error(`policy: ${event.effectiveDirective} ${event.blockedURI} ${event.sample}`),
        );
      });
      await use(troubles);
      expect(troubles).toEqual([]);
    },
    { auto: true },
  ],
  baker: async ({ page }, use) => {
    await use(new Baker(page));
  },
});
export { expect };
