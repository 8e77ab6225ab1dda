import { isIP } from 'node:net';
import { hostname } from 'node:os';
import { fileURLToPath } from 'node:url';
import compress from '@fastify/compress';
import helmet from '@fastify/helmet';
import fastifyStatic from '@fastify/static';
import Fastify, { type FastifyInstance, type FastifyReply } from 'fastify';
import { csp } from './csp.js';
import { registerDevices } from './devices/routes.js';

const BUILT_APPLICATION = fileURLToPath(new URL('../../dist/app', import.meta.url));
const A_YEAR = 'public, max-age=31536000, immutable';
const HASHED = /-[A-Z0-9]{8}\.(?:js|css)(?:\.br|\.gz)?$|[\\/]media[\\/]/;

/** A request that is not all there by then is given up. */
const HALF_SENT_MILLISECONDS = 30_000;
/** The headers of an answer that the server's own cannot be put on. */
const BARE_HEADERS = {
  'content-security-policy': "default-src 'none'; frame-ancestors 'none'",
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'no-referrer',
} as const;

const LOOPBACK: ReadonlySet<string> = new Set(['localhost', '127.0.0.1', '::1']);
/** Whether a request asked for this server by a name of its own; one open to others also goes by its addresses. */
export function isOwnName(host: string, openToOthers: boolean): boolean {
  const name = host.replace(/:\d+$/, '').replace(/^\[|\]$/g, '');
  return LOOPBACK.has(name) || (openToOthers && (isIP(name) !== 0 || name === hostname()));
}

/** The server of the built application: files, security headers, compression, a health check. Nothing of the baker's passes through it. */
export async function buildServer(
  root = BUILT_APPLICATION,
  openToOthers = false,
  pace?: number,
): Promise<FastifyInstance> {
  const server = Fastify({
    logger: false,
    requestTimeout: HALF_SENT_MILLISECONDS,
    http: { headersTimeout: HALF_SENT_MILLISECONDS, connectionsCheckingInterval: 2000 },
    // what is no request at all never reaches the hooks below
    frameworkErrors: (error, _request, reply: FastifyReply) => {
      void reply
        .code(error.statusCode ?? 400)
        .headers(BARE_HEADERS)
        .send({ error: 'not understood' });
    },
    clientErrorHandler(_error, socket) {
      const headers = Object.entries(BARE_HEADERS).map(([name, value]) => `${name}: ${value}`);
      if (socket.writable)
        socket.end(
          ['HTTP/1.1 400 Bad Request', ...headers, 'connection: close', 'content-length: 0', '', ''].join('\r\n'),
        );
      else socket.destroy();
    },
  });
  // a page of somebody else's whose name was made to point here must not be answered as if it were ours
  server.addHook('onRequest', async (request, reply) => {
    if (!isOwnName(request.host, openToOthers)) await reply.code(421).send({ error: 'not a name of this server' });
  });
  const directives = Object.fromEntries(Object.entries(csp).map(([name, sources]) => [name, [...sources]]));
  await server.register(helmet, {
    contentSecurityPolicy: { useDefaults: false, directives },
    hsts: false, // plain http on the baker's own machine
    crossOriginEmbedderPolicy: false,
    referrerPolicy: { policy: 'no-referrer' },
  });
  server.addHook('onSend', (_request, reply, payload, done) => {
    void reply.header('permissions-policy', 'camera=(), microphone=(), geolocation=(), payment=()');
    done(null, payload);
  });
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
    return isPage ? reply.sendFile('index.html') : reply.code(404).send({ error: 'not found' });
  });
  return server;
}
