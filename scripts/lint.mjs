// Everything that is checked without running the product: types, lint, who may import whom, tables, format.
import { install, run } from './lib.mjs';

install();
const node = process.execPath;
const CHECKS = {
  // what is not for a browser or for Node knows neither; all the rest in one program. Templates are held by the two builds
  core: ['node_modules/typescript/bin/tsc', '-p', 'core/tsconfig.json', '--noEmit'],
  // every syntax tree at once is more than Node takes unasked
  'types and lint': ['--max-old-space-size=6144', 'scripts/types-and-lint.mjs'],
  dependencies: [
    'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
    'core/src',
    'app/src',
    'server/src',
    'e2e',
    '--config',
    '.dependency-cruiser.cjs',
  ],
  dead: ['node_modules/knip/bin/knip.js', '--no-progress'],
  tables: ['scripts/tables.mjs', '--check'],
  schemas: ['--import', 'tsx', 'scripts/schemas.ts', '--check'],
  demo: ['--import', 'tsx', 'scripts/demo-read.ts', '--check'],
  format: ['node_modules/prettier/bin/prettier.cjs', '--check', '--log-level=warn', '.'],
};
const failed = Object.entries(CHECKS).filter(([name, args]) => {
  const status = run(node, args);
  console.log(`== ${name}: ${status === 0 ? 'ok' : 'FAILED'}`);
  return status !== 0;
});
process.exit(failed.length > 0 ? 1 : 0);
