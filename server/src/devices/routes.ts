import { createRequire } from 'node:module';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import fastifyStatic from '@fastify/static';
import fastifyWebsocket from '@fastify/websocket';
import type { FastifyInstance } from 'fastify';
import { DeviceLine, type Client } from './line.js';

const PAGE = fileURLToPath(new URL('../../devices-page', import.meta.url));
const FONTS = dirname(
  createRequire(import.meta.url).resolve('@fontsource-variable/atkinson-hyperlegible-next/package.json'),
);
/** A command with a whole bake in it is a few thousand characters. */
const LONGEST_MESSAGE = 20_000;
const TRY_AGAIN_LATER = 1013;
const NOT_ALLOWED = 1008;
/** A client that does not take what is sent is let go, bytes. */
const MOST_WAITING = 1_000_000;

export interface DeviceOptions {
  readonly pace?: number;
  /** Whether a name is one of this server's own: only its own pages may talk to the stand-ins. */
  readonly isOwnName: (host: string) => boolean;
}

/** The stand-ins of a kitchen: a page to play them, a socket on which they speak. Loopback only where the server is. */
export async function registerDevices(server: FastifyInstance, { pace = 1, isOwnName }: DeviceOptions): Promise<void> {
  const line = new DeviceLine(pace);
  await server.register(fastifyWebsocket, { options: { maxPayload: LONGEST_MESSAGE } });
  server.get('/devices/socket', { websocket: true }, (socket, request) => {
    const { origin } = request.headers;
    if (origin !== undefined && !isOwnOrigin(origin, isOwnName)) {
      socket.close(NOT_ALLOWED, 'not a page of this server');
      return;
    }
    const client: Client = {
      send(message) {
        if (socket.readyState !== socket.OPEN) return;
        if (socket.bufferedAmount > MOST_WAITING) socket.terminate();
        else socket.send(message);
      },
    };
    if (!line.join(client)) {
      socket.close(TRY_AGAIN_LATER, 'a hundred are listening already');
      return;
    }
    socket.on('message', (data: Buffer, isBinary: boolean) => {
      line.hear(client, isBinary ? '' : data.toString('utf8'));
    });
    const gone = () => {
      line.leave(client);
    };
    socket.on('close', gone);
    socket.on('error', gone);
  });
  server.get('/devices/state', () => line.state());
  await server.register(fastifyStatic, {
    root: PAGE,
    prefix: '/devices/page/',
    decorateReply: false,
    cacheControl: false,
  });
  server.get('/devices/font.woff2', (_request, reply) =>
    reply.sendFile('files/atkinson-hyperlegible-next-latin-wght-normal.woff2', FONTS),
  );
  server.get('/devices', (_request, reply) => reply.sendFile('devices.html', PAGE));
  server.addHook('onReady', (done) => {
    line.start();
    done();
  });
  server.addHook('onClose', (_instance, done) => {
    line.stop();
    done();
  });
}

function isOwnOrigin(origin: string, isOwnName: (host: string) => boolean): boolean {
  try {
    return isOwnName(new URL(origin).host);
  } catch {
    return false;
  }
}
