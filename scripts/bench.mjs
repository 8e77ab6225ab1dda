// `npm run bench [-- topic …]`: bundles what measures with the core, as the application does, and runs it.
import { build } from 'esbuild';
import { pathToFileURL } from 'node:url';
import { join } from 'node:path';
import { install, root } from './lib.mjs';

install();
const outfile = join(root, 'node_modules/.cache/orvin/bench.mjs');
await build({
  entryPoints: [
    join(root, `scripts/${process.argv.length > 2 && process.argv[2] !== 'cold' ? 'bench-topic' : 'bench'}.ts`),
  ],
  bundle: true,
  format: 'esm',
  platform: 'node',
  external: ['@playwright/test', 'joi'],
  outfile,
});
await import(pathToFileURL(outfile).href);
