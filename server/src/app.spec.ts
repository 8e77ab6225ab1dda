import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { FastifyInstance } from 'fastify';
import { buildServer } from './app.js';

describe('the server', () => {
  let server: FastifyInstance;
  beforeAll(async () => {
    const root = mkdtempSync(join(tmpdir(), 'orvin-'));
    writeFileSync(join(root, 'index.html'), '<!doctype html><title>Orvin</title>');
    writeFileSync(join(root, 'main-ABCDEFGH.js'), `// ${'x'.repeat(4000)}`);
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
    ]) {
      expect(policy).toContain(directive);
    }
    expect(policy).not.toContain('unsafe-eval');
    expect(headers['x-content-type-options']).toBe('nosniff');
    expect(headers['referrer-policy']).toBe('no-referrer');
    expect(headers['permissions-policy']).toContain('camera=()');
  });
  it('keeps hashed files for a year, asks again for the page, and compresses', async () => {
    const script = await server.inject({ url: '/main-ABCDEFGH.js', headers: { 'accept-encoding': 'br' } });
    expect(script.headers['cache-control']).toContain('immutable');
    expect(script.headers['content-encoding']).toBe('br');
    expect((await server.inject('/')).headers['cache-control']).toBe('no-cache');
  });
});
