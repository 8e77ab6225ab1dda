// Everything that is checked without running the product: types, lint, who may import whom, tables, format.
import { install, run } from './lib.mjs';

install();
const node = process.execPath;
const CHECKS = {
  types: ['node_modules/typescript/bin/tsc', '-b', '--noEmit'],
  lint: ['node_modules/eslint/bin/eslint.js', '.', '--max-warnings=0'],
  dependencies: [
    'node_modules/dependency-cruiser/bin/dependency-cruise.mjs',
    'core/src',
    'app/src',
    'server/src',
    'e2e',
    '--config',
    '.dependency-cruiser.cjs',
  ],
  tables: ['scripts/tables.mjs', '--check'],
  schemas: ['--import', 'tsx', 'scripts/schemas.ts', '--check'],
  format: ['node_modules/prettier/bin/prettier.cjs', '--check', '--log-level=warn', '.'],
};
const failed = Object.entries(CHECKS).filter(([name, args]) => {
  const status = run(node, args);
  console.log(`== ${name}: ${status === 0 ? 'ok' : 'FAILED'}`);
  return status !== 0;
});
process.exit(failed.length > 0 ? 1 : 0);
