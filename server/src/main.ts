import '@angular/localize/init';
import { buildServer } from './app.js';

const DEFAULT_PORT = 4310;
const DEFAULT_HOST = '127.0.0.1';
const EXIT_WRONG_SETTING = 2;
const EXIT_PORT_TAKEN = 3;

function leave(code: number, message: string): never {
  console.error(message);
  process.exit(code);
}

const wanted = process.env['PORT'] ?? String(DEFAULT_PORT);
const port = Number(wanted);
if (!Number.isInteger(port) || port < 0 || port > 65_535) {
  leave(EXIT_WRONG_SETTING, `PORT is "${wanted}": it must be a whole number from 0 to 65535, such as PORT=4310.`);
}
const host = process.env['HOST'] ?? DEFAULT_HOST;

/** How fast the stand-ins' time runs. */
const pace = Number(process.env['DEVICES_PACE'] ?? 1);
if (!(pace >= 0.1 && pace <= 600))
  leave(EXIT_WRONG_SETTING, 'DEVICES_PACE must be from 0.1 to 600; 60 runs a minute in a second.');

const server = await buildServer(undefined, host !== DEFAULT_HOST, pace);
try {
  await server.listen({ port, host });
} catch (error) {
  const code = (error as NodeJS.ErrnoException).code;
  if (code === 'EADDRINUSE') {
    leave(
      EXIT_PORT_TAKEN,
      `Port ${port} on ${host} is taken. Stop what uses it, or choose another: PORT=${port + 1} npm start`,
    );
  }
  if (code === 'EADDRNOTAVAIL' || code === 'ENOTFOUND') {
    leave(
      EXIT_WRONG_SETTING,
      `HOST is "${host}", which is not an address of this machine. Leave it out, or use HOST=0.0.0.0 for all.`,
    );
  }
  if (code === 'EACCES')
    leave(EXIT_WRONG_SETTING, `Port ${port} needs more rights than this user has. Choose one above 1023.`);
  throw error;
}
// port 0 lets the system choose one
const [address] = server.addresses();
const boundPort = typeof address === 'object' ? address.port : port;
console.log(`Orvin is at http://${host === '0.0.0.0' ? 'localhost' : host}:${boundPort}/  (Ctrl-C stops it)`);

let stopping = false;
for (const signal of ['SIGINT', 'SIGTERM'] as const) {
  process.on(signal, () => {
    if (stopping) process.exit(0);
    stopping = true;
    void server.close().then(() => process.exit(0));
  });
}
