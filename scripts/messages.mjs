// `npm run messages`: what is said in the interface and by the core, drawn out anew, and its German put beside it: what stands
// in app/src/locale/messages.de.xlf stays, what nobody says any more goes, what has no German yet is listed (and is an error with --check).
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { install, must, root } from './lib.mjs';

const FILE = join(root, 'app/src/locale/messages.de.xlf');
const UNIT = /<trans-unit id="([^"]+)"[^>]*>([\s\S]*?)<\/trans-unit>/g;
const part = (unit, name) => new RegExp(`<${name}>([\\s\\S]*?)</${name}>`).exec(unit)?.[1];

/** Every message of a file in XLIFF 1.2: its source, and its German where it has one. */
function read(file) {
  const units = readFileSync(file, 'utf8').matchAll(UNIT);
  return new Map(
    [...units].map(([, id, unit]) => [id, { source: part(unit, 'source'), target: part(unit, 'target') }]),
  );
}
/** The places that are filled in, in order of name: a translation has to have the same. */
const places = (text) => [...text.matchAll(/<x id="([^"]+)"/g)].map(([, id]) => id).sort().join(' '); // prettier-ignore

install();
const check = process.argv.includes('--check');
const folder = mkdtempSync(join(tmpdir(), 'orvin-messages-'));
must(process.execPath, ['node_modules/@angular/cli/bin/ng.js', 'extract-i18n', '--format', 'xlf', '--output-path', folder], { env: { NG_CLI_ANALYTICS: 'false' } }); // prettier-ignore
const said = read(join(folder, 'messages.xlf'));
rmSync(folder, { recursive: true });
const known = existsSync(FILE) ? read(FILE) : new Map();

const missing = [...said].filter(([id]) => known.get(id)?.target === undefined);
const crooked = [...said].filter(([id, { source }]) => places(source) !== places(known.get(id)?.target ?? source));
for (const [id, { source }] of missing) console.log(`no German yet: ${id} ${source}`);
for (const [id, { source }] of crooked) console.log(`other places are filled in: ${id} ${source}`);
if (!check) {
  const units = [...said].sort(([a], [b]) => (a < b ? -1 : 1)).map(([id, { source }]) => {
    const target = known.get(id)?.target;
    return `      <trans-unit id="${id}" datatype="html">\n        <source>${source}</source>${target === undefined ? '' : `\n        <target>${target}</target>`}\n      </trans-unit>\n`;
  }); // prettier-ignore
  writeFileSync(
    FILE,
    `<?xml version="1.0" encoding="UTF-8" ?>\n<xliff version="1.2" xmlns="urn:oasis:names:tc:xliff:document:1.2">\n  <file source-language="en-GB" target-language="de" datatype="plaintext" original="orvin">\n    <body>\n${units.join('')}    </body>\n  </file>\n</xliff>\n`,
  );
}
console.log(`${said.size} messages, ${missing.length} without German`);
process.exit(crooked.length > 0 || (check && missing.length > 0) ? 1 : 0);
