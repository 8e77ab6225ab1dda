import { mkdtempSync, writeFileSync } from 'node:fs';
import { connect, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { buildServer } from './app.js';

describe('the server', () => {
  let server: FastifyInstance;
  beforeAll(async () => {
    const root = mkdtempSync(join(tmpdir(), 'orvin-'));
    writeFileSync(join(root, 'index.html'), '<!doctype html><title>Orvin</title>');
    writeFileSync(join(root, 'main-7vji0_tQ.js'), `// ${'x'.repeat(4000)}`);
    server = await buildServer(root);
  });
  afterAll(() => server.close());

  it('answers the health check', async () => {
    const response = await server.inject('/api/health');
    expect(response.json()).toEqual({ ok: true });
  });
  it('gives every station the application, and a missing file a plain 404', async () => {
    expect((await server.inject('/bench/some-id')).body).toContain('Orvin');
    expect((await server.inject('/oven')).statusCode).toBe(200);
    expect((await server.inject('/nowhere.js')).statusCode).toBe(404);
    expect((await server.inject('/api/nothing')).statusCode).toBe(404);
    expect((await server.inject('/../package.json')).body).not.toContain('workspaces');
  });
  it('allows nothing from outside: no foreign script, frame, style attribute or object', async () => {
    const { headers } = await server.inject('/');
    const policy = String(headers['content-security-policy']);
    for (const directive of [
      "default-src 'none'",
      "script-src 'self'",
      "script-src-attr 'none'",
      "style-src-attr 'none'",
      "frame-ancestors 'none'",
      "object-src 'none'",
      "connect-src 'self'",
      "require-trusted-types-for 'script'",
      'trusted-types angular angular#unsafe-bypass default',
    ]) {
      expect(policy).toContain(directive);
    }
    expect(policy).not.toContain('unsafe-eval');
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['referrer-policy']).toBe('no-referrer');
    expect(headers['permissions-policy']).toContain('camera=()');
  });
  it('puts its security headers on every answer, errors too', async () => {
    for (const [method, url] of [
      ['GET', '/nowhere.js'],
      ['GET', '/api/nothing'],
      ['POST', '/shelf'],
      ['GET', '/%zz'],
      ['DELETE', '/'],
    ] as const) {
      const { headers, statusCode } = await server.inject({ method, url });
      expect(statusCode).withContext(url).toBeGreaterThanOrEqual(400);
      expect(String(headers['content-security-policy']))
        .withContext(`${method} ${url}`)
        .toContain("default-src 'none'");
      expect(headers['x-content-type-options']).toBe('nosniff');
    }
  });
  it('answers HEAD as GET, without the page', async () => {
    for (const url of ['/', '/bench/some-id', '/main-7vji0_tQ.js']) {
      const [head, get] = await Promise.all([server.inject({ method: 'HEAD', url }), server.inject(url)]);
      expect(head.statusCode).withContext(url).toBe(get.statusCode);
      expect(head.headers['content-type']).toBe(get.headers['content-type']);
      expect(head.body).toBe('');
    }
  });
  it('goes by its own names only', async () => {
    const asked = async (host: string) => (await server.inject({ url: '/', headers: { host } })).statusCode;
    expect(await asked('localhost:4310')).toBe(200);
    expect(await asked('127.0.0.1:4310')).toBe(200);
    expect(await asked('[::1]:4310')).toBe(200);
    expect(await asked('orvin.example')).toBe(421);
    expect(await asked('192.168.1.7:4310')).toBe(421);
  });
  it('gives up a request that is only half sent, and one that is none, with its headers', async () => {
    const open = await buildServer(mkdtempSync(join(tmpdir(), 'orvin-')));
    expect(open.server.requestTimeout).toBe(30_000);
    expect(open.server.headersTimeout).toBe(30_000);
    await open.listen({ port: 0, host: '127.0.0.1' });
    const { port } = open.server.address() as AddressInfo;
    const answer = await new Promise<string>((done) => {
      const socket = connect(port, '127.0.0.1', () => socket.write('NONSENSE\r\n\r\n'));
      let text = '';
      socket.on('data', (data) => (text += data.toString()));
      socket.on('close', () => done(text));
    });
    await open.close();
    expect(answer).toMatch(/^HTTP\/1\.1 400/);
    expect(answer).toContain('nosniff');
  });
  it('keeps hashed files for a year, asks again for the page, and compresses', async () => {
    const script = await server.inject({ url: '/main-7vji0_tQ.js', headers: { 'accept-encoding': 'br' } });
    expect(script.headers['cache-control']).toContain('immutable');
    expect(script.headers['content-encoding']).toBe('br');
    expect((await server.inject('/')).headers['cache-control']).toBe('no-cache');
  });
});
