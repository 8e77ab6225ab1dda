import { defineConfig } from '@playwright/test';

const port = Number(process.env['E2E_PORT'] ?? 4611);

export default defineConfig({
  testDir: './tests',
  outputDir: '../test-results/e2e',
  fullyParallel: true,
  workers: 2,
  retries: 0,
  timeout: 120_000,
  expect: { timeout: 15_000 },
  forbidOnly: process.env['CI'] !== undefined,
  reporter: [['list'], ['json']],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    // it fetches everything once more beside each journey; the journey that is about it allows it
    serviceWorkers: 'block',
    browserName: 'chromium',
    launchOptions: {
      executablePath: process.env['CHROME_BIN'] ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: 'node --import tsx server/src/main.ts',
    cwd: '..',
    // a bake on the stand-ins takes a second a minute
    env: { PORT: String(port), DEVICES_PACE: '60' },
    url: `http://127.0.0.1:${port}/api/health`,
    reuseExistingServer: false,
  },
});
