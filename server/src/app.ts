import { fileURLToPath } from 'node:url';
import compress from '@fastify/compress';
import fastifyStatic from '@fastify/static';
import type { FastifyInstance } from 'fastify';
import { registerDevices } from './devices/routes.js';
import { isOwnName, securedServer } from './secured.js';

const BUILT_APPLICATION = fileURLToPath(new URL('../../dist/app', import.meta.url));
const A_YEAR = 'public, max-age=31536000, immutable';
const HASHED = /-[\w-]{8}\.(?:js|css)(?:\.br|\.gz)?$|[\\/]media[\\/]/;

/** The server of the built application: files, security headers, compression, a health check. Nothing of the baker's passes through it. */
export async function buildServer(
  root = BUILT_APPLICATION,
  openToOthers = false,
  pace?: number,
): Promise<FastifyInstance> {
  const server = await securedServer(openToOthers);
  await server.register(compress, { encodings: ['br', 'gzip'] });

  server.get('/api/health', () => ({ ok: true }));

  await server.register(fastifyStatic, {
    root,
    cacheControl: false,
    preCompressed: true, // the build made .br and .gz beside each file
    setHeaders(reply, path) {
      void reply.header('cache-control', HASHED.test(path) ? A_YEAR : 'no-cache');
    },
  });
  await registerDevices(server, {
    isOwnName: (host) => isOwnName(host, openToOthers),
    ...(pace !== undefined && { pace }),
  });
  // every station is a route of the application; anything that looks like a file and is none is not found
  server.setNotFoundHandler((request, reply) => {
    const path = request.url.split('?')[0] ?? '';
    const isPage =
      (request.method === 'GET' || request.method === 'HEAD') &&
      !path.startsWith('/api/') &&
      !/\.[a-z0-9]+$/i.test(path);
    if (!isPage) return reply.code(404).send({ error: 'not found' });
    if (path === '/de') return reply.redirect('/de/');
    return reply.sendFile(path.startsWith('/de/') ? 'de/index.html' : 'index.html');
  });
  return server;
}
