import type { AddressInfo } from 'node:net';
import { readPack } from '@orvin/core/along/wire';
import WebSocket from 'ws';
import { buildServer } from '../app.js';
import { DeviceLine, MOST_CLIENTS, MOST_MESSAGES, type Client } from './line.js';

const listener = () => {
  const heard: string[] = [];
  const client: Client = { send: (message) => void heard.push(message) };
  return { client, heard };
};
/** A line whose clock goes on by what a spec says. */
const lineAt = (pace = 1) => {
  let now = 1_800_000_000_000;
  const line = new DeviceLine(pace, () => now);
  line.tick();
  return { line, pass: (milliseconds: number) => { for (let gone = 0; gone < milliseconds; gone += 50) { now += 50; line.tick(); } }, at: () => now };
}; // prettier-ignore

describe('the line of the stand-ins', () => {
  it('says what the instruments read, in packs that are read back, the scale ten times a second', () => {
    const { line, pass, at } = lineAt();
    const { client, heard } = listener();
    line.join(client);
    pass(2000);
    const packs = heard.map((message) => readPack(message, at()));
    expect(packs.every(({ kind }) => kind === 'readings')).toBeTrue();
    const names = packs.flatMap((pack) => (pack.kind === 'readings' ? pack.readings.map(({ name }) => name) : []));
    expect(names.filter((name) => name === 'scale:mass').length).toBeGreaterThanOrEqual(18);
    expect(names).toContain('thermometer:air');
  });
  it('pours what it is told to, and runs a minute in a second when it is to', () => {
    const { line, pass } = lineAt(60);
    const { client } = listener();
    line.join(client);
    line.hear(client, '{"do":"pour","grams":150,"rate":10}');
    line.hear(client, '{"do":"set","celsius":180}');
    pass(1000);
    expect(Math.abs((line.state().scale.grams ?? 0) - 150)).toBeLessThan(2);
    pass(20_000);
    expect(line.state().oven.air).toBeGreaterThan(165);
  });
  it('answers what is wrong with a sentence, counts it, and goes on', () => {
    const { line } = lineAt();
    const { client, heard } = listener();
    line.join(client);
    for (const message of ['garbage', '{"do":"explode"}', '{"do":"pour","grams":-3}']) line.hear(client, message);
    expect(heard.map((message) => Object.keys(JSON.parse(message) as object))).toEqual([
      ['error'],
      ['error'],
      ['error'],
    ]);
    expect(line.refused).toBe(3);
    line.hear(client, '{"do":"tare"}');
    expect(heard.length).toBe(3);
  });
  it('hears so many messages a second and no more, and has room for a hundred', () => {
    const { line } = lineAt();
    const { client, heard } = listener();
    line.join(client);
    for (let i = 0; i < MOST_MESSAGES + 5; i++) line.hear(client, '{"do":"tare"}');
    expect(heard.length).toBe(5);
    expect(heard[0]).toContain('messages a second');
    for (let i = 1; i < MOST_CLIENTS; i++) expect(line.join(listener().client)).toBeTrue();
    expect(line.join(listener().client)).toBeFalse();
    line.leave(client);
    expect(line.listening).toBe(MOST_CLIENTS - 1);
    expect(line.join(listener().client)).toBeTrue();
  });
});

describe('the socket of the stand-ins', () => {
  const withServer = async (act: (port: number) => Promise<void>) => {
    const server = await buildServer();
    await server.listen({ port: 0, host: '127.0.0.1' });
    try {
      await act((server.server.address() as AddressInfo).port);
    } finally {
      await server.close();
    }
  };
  const opened = (port: number, origin?: string) =>
    new Promise<{ readonly socket: WebSocket; readonly code: number | undefined }>((resolve, reject) => {
      const socket = new WebSocket(`ws://127.0.0.1:${port}/devices/socket`, origin === undefined ? {} : { origin });
      socket.once('message', () => resolve({ socket, code: undefined }));
      socket.once('close', (code) => resolve({ socket, code }));
      socket.once('error', reject);
    });

  it('speaks to its own pages and turns others away', async () => {
    await withServer(async (port) => {
      const own = await opened(port, `http://127.0.0.1:${port}`);
      expect(own.code).toBeUndefined();
      own.socket.close();
      expect((await opened(port, 'http://somewhere.example')).code).toBe(1008);
    });
  });
  it('has a page with the headers of every answer, and hangs up on what is too long', async () => {
    await withServer(async (port) => {
      const page = await fetch(`http://127.0.0.1:${port}/devices`);
      expect(page.headers.get('content-security-policy')).toContain("default-src 'none'");
      expect(await page.text()).toContain('Stand-ins for the kitchen');
      const { socket } = await opened(port);
      const closed = new Promise<number>((resolve) => socket.once('close', resolve));
      socket.send('x'.repeat(30_000));
      expect(await closed).toBe(1009);
    });
  });
});
