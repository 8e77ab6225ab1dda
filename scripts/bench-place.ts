import { spawn } from 'node:child_process';
import { chromium as playwright, type Browser, type CDPSession } from '@playwright/test';

const root = process.cwd();
const { buildApplication, chromium } = (await import(`${root}/scripts/lib.mjs`)) as {
  buildApplication: () => void;
  chromium: () => string;
};

/** The built application, served and opened in a browser, for as long as something is measured in it. */
export interface Opened {
  readonly browser: Browser;
  readonly address: string;
  readonly stop: () => Promise<void>;
}

export async function openedInChromium(): Promise<Opened> {
  buildApplication();
  const port = 4613;
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
    cwd: root,
    env: { ...process.env, PORT: String(port) },
  });
  await new Promise<void>((ready) =>
    server.stdout.on('data', (text: Buffer) => {
      if (text.toString().includes('Orvin is at')) ready();
    }),
  );
  const browser = await playwright.launch({
    executablePath: chromium(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  });
  return {
    browser,
    address: `http://127.0.0.1:${port}`,
    stop: async () => {
      await browser.close();
      server.kill('SIGTERM');
    },
  };
}

export const MEGABYTE = 1_048_576;
/** What a page holds on to once all that can go is gone, MB. */
export async function heldMegabytes(session: CDPSession): Promise<number> {
  await session.send('HeapProfiler.collectGarbage');
  const { usedSize } = await session.send('Runtime.getHeapUsage');
  return usedSize / MEGABYTE;
}
