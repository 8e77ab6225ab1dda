import { buildApplication, install } from './lib.mjs';

install();
buildApplication();
// in this very process, so that Ctrl-C and SIGTERM reach the server
const { register } = await import('tsx/esm/api');
register();
await import('../server/src/main.ts');
