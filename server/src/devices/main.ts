import '@angular/localize/init';
import fastifyStatic from '@fastify/static';
import { fileURLToPath } from 'node:url';
import { isOwnName, securedServer } from '../secured.js';
import { registerDevices } from './routes.js';

/* The stand-ins alone, for the command `orvin devices`. */

const [portWanted = '4311', paceWanted = '1'] = process.argv.slice(2);
const port = Number(portWanted);
const pace = Number(paceWanted);
const EXIT_WRONG_USE = 2;
const EXIT_PORT_TAKEN = 3;
const FASTEST = 600;

function leave(code: number, message: string): never {
  console.error(`orvin: ${message}`);
  process.exit(code);
}
if (!Number.isInteger(port) || port < 0 || port > 65_535) leave(EXIT_WRONG_USE, `--port is "${portWanted}": a whole number from 0 to 65535, such as --port 4311`); // prettier-ignore
if (!(pace >= 0.1 && pace <= FASTEST)) leave(EXIT_WRONG_USE, `--pace is "${paceWanted}": from 0.1 to ${FASTEST}; 60 runs a minute in a second`); // prettier-ignore

const server = await securedServer(false);
await server.register(fastifyStatic, { root: fileURLToPath(new URL('../../devices-page', import.meta.url)), serve: false }); // prettier-ignore
await registerDevices(server, { pace, isOwnName: (host) => isOwnName(host, false) });
try {
  await server.listen({ port, host: '127.0.0.1' });
} catch (error) {
  if ((error as NodeJS.ErrnoException).code === 'EADDRINUSE') leave(EXIT_PORT_TAKEN, `port ${port} is taken; choose another with --port`); // prettier-ignore
  throw error;
}
const [address] = server.addresses();
const bound = typeof address === 'object' ? address.port : port;
console.log(`Simulated instruments at http://127.0.0.1:${bound}/devices  (ws://127.0.0.1:${bound}/devices/socket; Ctrl-C stops them)`); // prettier-ignore
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => void server.close().then(() => process.exit(0))); // prettier-ignore
