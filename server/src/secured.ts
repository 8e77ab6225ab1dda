import { isIP } from 'node:net';
import { hostname } from 'node:os';
import helmet from '@fastify/helmet';
import Fastify, { type FastifyInstance, type FastifyReply } from 'fastify';
import { csp } from './csp.js';

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

/** What every server of ours begins with: its own names only, security headers, bare answers to what is no request. */
export async function securedServer(openToOthers: boolean): Promise<FastifyInstance> {
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
  return server;
}
