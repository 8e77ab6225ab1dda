/*
 * The tea tent's formulas and pans as they are read, set down once: a first visit need not read them again on a phone before its screen
 * can be touched. `npm run demo-read` writes the table; `-- --check` fails where the reader reads them otherwise by now.
 */
import '@angular/localize/init';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { DEMO_FORMULAS, DEMO_PANS } from '../core/src/doors/samples/index.js';
import { parsePan } from '../core/src/kitchen/pans/index.js';
import { readFormula } from '../core/src/formula/parsing/index.js';

const FILE = 'core/src/doors/samples/demo-read.table.ts';
const quoted = (text: string) => `'${text.replaceAll('\\', '\\\\').replaceAll("'", "\\'")}'`;

const rows = DEMO_FORMULAS.map(({ id, text }) => {
  const reading = readFormula(text, 'UK');
  if (reading.kind !== 'read') throw new Error(`${id} is refused`);
  return `  ${quoted(id)}: ${quoted(JSON.stringify(reading.formula))},`;
});
const pans = DEMO_PANS.map((words) => {
  const read = parsePan(words);
  if (read.kind !== 'pan') throw new Error(`${words} is no pan`);
  return `  ${quoted(words)}: ${quoted(JSON.stringify(read.set))},`;
});
const table = `// Written by \`npm run demo-read\`: the formulas of demo-formulas.ts as the reader reads them, as JSON, by their id.
export const DEMO_READ: Readonly<Record<string, string>> = {
${rows.join('\n')}
};

/** The pans of demo-pans.ts as the reader of pans reads them, as JSON, by their words. */
export const DEMO_PANS_READ: Readonly<Record<string, string>> = {
${pans.join('\n')}
};
`;
const before = existsSync(FILE) ? readFileSync(FILE, 'utf8') : '';
if (process.argv.includes('--check')) {
  if (before !== table) {
    console.error(`${FILE} is not what the reader reads: npm run demo-read`);
    process.exit(1);
  }
} else writeFileSync(FILE, table);
