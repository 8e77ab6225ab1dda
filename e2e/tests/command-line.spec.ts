import '@angular/localize/init';
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, test } from '@playwright/test';
import { PASTED_FORMULAS } from '@orvin/core/doors/samples';

const root = fileURLToPath(new URL('../..', import.meta.url));
const orvin = (args: readonly string[], input = '') =>
  spawnSync('npm', ['run', '--silent', 'orvin', '--', ...args], { cwd: root, input, encoding: 'utf8' });

test('parse, audit and bake answer with JSON on standard output and nothing else', () => {
  const file = join(mkdtempSync(join(tmpdir(), 'orvin-')), 'loaf.txt');
  writeFileSync(file, PASTED_FORMULAS[0]?.text ?? '');
  for (const args of [
    ['parse', file],
    ['audit', file],
    ['bake', file, '--to', '9 in round x 2'],
  ]) {
    const { status, stdout } = orvin(args);
    expect(status).toBe(0);
    expect(JSON.parse(stdout)).toBeTruthy();
  }
});

test('every formula of the samples comes through a pipe', () => {
  for (const { text, lines } of PASTED_FORMULAS) {
    const parsed = JSON.parse(orvin(['parse', '-'], text).stdout) as { components: { lines: { text: string }[] }[] };
    expect(new Set(parsed.components.flatMap((component) => component.lines.map((line) => line.text))).size).toBe(
      lines,
    );
  }
});

test('the exit code tells refused input from wrong use, with a message and no stack', () => {
  for (const [args, input, code, message] of [
    [['parse', '-'], 'milk\neggs', 1, /line 1 .*no amounts/],
    [['bake', '-', '--to', 'banana'], PASTED_FORMULAS[0]?.text ?? '', 2, /"banana" is not a pan/],
    [['bake', '-', '--nonsense'], '', 2, /nonsense/],
    [['fly'], '', 2, /no command "fly"/],
    [[], '', 2, /usage/],
  ] as const) {
    const { status, stdout, stderr } = orvin(args, input);
    expect(status).toBe(code);
    expect(stdout).toBe('');
    expect(stderr).toMatch(message);
    expect(stderr).not.toContain('    at ');
  }
});

test('the core says in German what it says in English, of the same figures', () => {
  const soda = '200 g plain flour\n2 tsp baking soda\n150 g milk\nBake at 180 °C for 30 minutes.';
  interface Findings {
    findings: { code: string; message: string }[];
  }
  const said = (language: string) => (JSON.parse(orvin(['audit', '-', '--language', language], soda).stdout) as Findings).findings; // prettier-ignore
  const [english, german] = [said('en'), said('de')];
  expect(german.map(({ code }) => code)).toEqual(english.map(({ code }) => code));
  const about = (findings: Findings['findings']) => findings.find(({ code }) => code === 'soda-without-acid')?.message;
  expect(about(english)).toMatch(/^Nothing sour meets \d\.\d g of soda/);
  expect(about(german)).toMatch(/^Nichts Saures trifft \d,\d g Natron/);
});

test('the server says so when its port is taken, and stops cleanly when asked', async () => {
  const holder = createServer().listen(0, '127.0.0.1');
  await new Promise((ready) => holder.once('listening', ready));
  const address = holder.address();
  const port = typeof address === 'object' && address ? address.port : 0;
  const taken = spawnSync(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, PORT: String(port) },
  });
  expect(taken.status).toBe(3);
  expect(taken.stderr).toContain(`Port ${port} on 127.0.0.1 is taken`);
  await new Promise((closed) => holder.close(closed));

  const server = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
    cwd: root,
    env: { ...process.env, PORT: String(port) },
  });
  await new Promise<void>((ready) =>
    server.stdout.on('data', (text: Buffer) => {
      if (text.toString().includes('Orvin is at')) ready();
    }),
  );
  expect((await fetch(`http://127.0.0.1:${port}/api/health`)).status).toBe(200);
  server.kill('SIGTERM');
  expect(await new Promise((done) => server.on('exit', (code) => done(code)))).toBe(0);
});

test('the lock file records no download addresses', () => {
  expect(readFileSync(join(root, 'package-lock.json'), 'utf8')).not.toContain('"resolved": "http');
});
